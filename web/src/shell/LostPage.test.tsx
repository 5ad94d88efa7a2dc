// @vitest-environment jsdom
import { ChakraProvider } from '@chakra-ui/react';
import { cleanup, render, screen } from '@testing-library/react';
import { createMemoryRouter, RouterProvider } from 'react-router';
import { afterEach, expect, it, vi } from 'vitest';
import { system } from '../theme/system';
import { LostPage } from './LostPage';
import { Unfetched } from './Unfetched';

afterEach(() => {
  cleanup();
  vi.restoreAllMocks();
});

function show(error: Error) {
  vi.spyOn(console, 'error').mockImplementation(() => undefined);
  const Broken = () => {
    throw error;
  };
  const router = createMemoryRouter([
    { path: '/', element: <Broken />, errorElement: <LostPage /> },
  ]);
  render(
    <ChakraProvider value={system}>
      <RouterProvider router={router} />
    </ChakraProvider>,
  );
}

it('a fault of the page is said, and nothing is tried again by itself', () => {
  show(new Error('a fault'));
  expect(screen.getByRole('heading').textContent).toBe('Something went wrong on this page');
  expect(screen.getByRole('link', { name: 'To the basket' })).toBeDefined();
});

it('a place that was not fetched waits for the server', () => {
  show(new Unfetched('place'));
  expect(screen.getByRole('heading').textContent).toBe('This page couldn’t load');
});
