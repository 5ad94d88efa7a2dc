import { ChakraProvider } from '@chakra-ui/react';
import createCache from '@emotion/cache';
import { CacheProvider } from '@emotion/react';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import type { ComponentType } from 'react';
import { createBrowserRouter, RouterProvider } from 'react-router';
import { Unreachable } from '../api/client';
import { silent } from '../api/connection';
import { BasketPage } from '../basket/BasketPage';
import { LostPage } from './LostPage';
import { nonce } from '../form/PageStyle';
import { NotFoundPage, Shell } from './Shell';
import { Unfetched } from './Unfetched';
import { system } from '../theme/system';

const client = new QueryClient({
  defaultOptions: {
    queries: {
      networkMode: 'always',
      retry: (count, error) => error instanceof Unreachable && count < 2,
      retryDelay: 800,
      refetchOnWindowFocus: false,
    },
  },
});

/** A place that is fetched when it is first opened; also noticed to be silent by one who has gone on meanwhile. */
function place(load: () => Promise<ComponentType>) {
  return async () => {
    try {
      return { Component: await load() };
    } catch (failed) {
      silent();
      throw new Unfetched('place', { cause: failed });
    }
  };
}

const styles = createCache({ key: 'css', ...(nonce && { nonce }) });

const router = createBrowserRouter([
  {
    path: '/',
    element: <Shell />,
    hydrateFallbackElement: <p />,
    children: [
      {
        errorElement: <LostPage />,
        children: [
          { index: true, element: <BasketPage /> },
          {
            path: 'new',
            lazy: place(async () => (await import('../plan/NewPage')).NewPage),
          },
          {
            path: 'pairs/:id',
            lazy: place(async () => (await import('../plan/PlanPage')).PlanPage),
          },
          {
            path: 'pairs/:id/lap',
            lazy: place(async () => (await import('../lap/LapPage')).LapPage),
          },
          {
            path: 'pairs/:id/card',
            lazy: place(async () => (await import('../card/CardPage')).CardPage),
          },
          {
            path: 'pairs/:id/sole',
            lazy: place(async () => (await import('../card/SolePage')).SolePage),
          },
          {
            path: 'pairs/:id/sizes',
            lazy: place(async () => (await import('../card/SizesPage')).SizesPage),
          },
          {
            path: 'feet',
            lazy: place(async () => (await import('../feet/FeetPage')).FeetPage),
          },
          {
            path: 'feet/sheet',
            lazy: place(async () => (await import('../feet/SheetPage')).SheetPage),
          },
          {
            path: 'yarn',
            lazy: place(async () => (await import('../yarn/YarnPage')).YarnPage),
          },
          {
            path: 'tubes',
            lazy: place(async () => (await import('../tubes/TubesPage')).TubesPage),
          },
          {
            path: 'tubes/:id',
            lazy: place(async () => (await import('../tubes/TubePage')).TubePage),
          },
          {
            path: 'tubes/:id/sheet',
            lazy: place(async () => (await import('../tubes/SheetPage')).SheetPage),
          },
          {
            path: 'practice',
            lazy: place(async () => (await import('../practice/PracticePage')).PracticePage),
          },
          {
            path: 'log',
            lazy: place(async () => (await import('../log/LogPage')).LogPage),
          },
          {
            path: 'pedal',
            lazy: place(async () => (await import('../devices/PedalPage')).PedalPage),
          },
          {
            path: 'backup',
            lazy: place(async () => (await import('../home/BackupPage')).BackupPage),
          },
          {
            path: 'licences',
            lazy: place(async () => (await import('./LicencesPage')).LicencesPage),
          },
          {
            path: 'almanac',
            lazy: place(async () => (await import('../almanac/AlmanacPage')).AlmanacPage),
          },
          {
            path: 'help',
            lazy: place(async () => (await import('../almanac/HelpPage')).HelpPage),
          },
          {
            path: 'help/:page',
            lazy: place(async () => (await import('../guide/GuidePage')).GuidePage),
          },
          { path: '*', element: <NotFoundPage /> },
        ],
      },
    ],
  },
]);

export function App() {
  return (
    <CacheProvider value={styles}>
      <ChakraProvider value={system}>
        <QueryClientProvider client={client}>
          <RouterProvider router={router} />
        </QueryClientProvider>
      </ChakraProvider>
    </CacheProvider>
  );
}
