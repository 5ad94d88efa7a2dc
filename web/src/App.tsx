import { ChakraProvider } from '@chakra-ui/react';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { createBrowserRouter, RouterProvider } from 'react-router';
import { Unreachable } from './api/client';
import { BasketPage } from './basket/BasketPage';
import { LostPage } from './layout/LostPage';
import { NotFoundPage, Shell } from './layout/Shell';
import { system } from './theme/system';

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
            lazy: async () => ({ Component: (await import('./plan/NewPage')).NewPage }),
          },
          {
            path: 'pairs/:id',
            lazy: async () => ({ Component: (await import('./plan/PlanPage')).PlanPage }),
          },
          {
            path: 'pairs/:id/lap',
            lazy: async () => ({ Component: (await import('./lap/LapPage')).LapPage }),
          },
          {
            path: 'pairs/:id/card',
            lazy: async () => ({ Component: (await import('./card/CardPage')).CardPage }),
          },
          {
            path: 'feet',
            lazy: async () => ({ Component: (await import('./feet/FeetPage')).FeetPage }),
          },
          {
            path: 'feet/sheet',
            lazy: async () => ({ Component: (await import('./feet/SheetPage')).SheetPage }),
          },
          {
            path: 'yarn',
            lazy: async () => ({ Component: (await import('./yarn/YarnPage')).YarnPage }),
          },
          {
            path: 'practice',
            lazy: async () => ({
              Component: (await import('./practice/PracticePage')).PracticePage,
            }),
          },
          {
            path: 'log',
            lazy: async () => ({ Component: (await import('./log/LogPage')).LogPage }),
          },
          {
            path: 'pedal',
            lazy: async () => ({ Component: (await import('./devices/PedalPage')).PedalPage }),
          },
          {
            path: 'backup',
            lazy: async () => ({ Component: (await import('./home/BackupPage')).BackupPage }),
          },
          {
            path: 'almanac',
            lazy: async () => ({ Component: (await import('./almanac/AlmanacPage')).AlmanacPage }),
          },
          { path: '*', element: <NotFoundPage /> },
        ],
      },
    ],
  },
]);

export function App() {
  return (
    <ChakraProvider value={system}>
      <QueryClientProvider client={client}>
        <RouterProvider router={router} />
      </QueryClientProvider>
    </ChakraProvider>
  );
}
