// @vitest-environment jsdom
import { ChakraProvider } from '@chakra-ui/react';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, expect, it, vi } from 'vitest';
import type { Lap } from '../wire/types';
import { system } from '../theme/system';
import { Beside } from './Beside';
import type { Queue } from './queue';

const press = vi.fn(() => Promise.resolve({ id: '', counted: true }));

const lap: Lap = {
  pairId: 'pair',
  name: 'pair',
  heelWhen: 'LAST',
  order: 'ONE_AFTER_OTHER',
  orders: [],
  pressed: [],
  heelChoices: [],
  planChanged: false,
  earlierRules: false,
  contrast: false,
  works: [1, 2].map(() => ({
    steps: [],
    starts: [],
    presses: 0,
    differences: [],
    stretches: [],
  })),
  half: 32,
  socks: [],
  weighings: [],
  cakes: [],
  notes: [
    { id: 'n1', sock: 1, at: '2026-11-20T19:00:00Z', words: 'the earlier one' },
    { id: 'n2', sock: 2, at: '2026-11-21T19:00:00Z', words: 'the later one' },
  ],
  revision: 2,
};

function show() {
  const queue = { press, waiting: [], socks: [] } as unknown as Queue;
  render(
    <ChakraProvider value={system}>
      <QueryClientProvider client={new QueryClient()}>
        <input aria-label="elsewhere" />
        <Beside lap={lap} sock={1} queue={queue} />
      </QueryClientProvider>
    </ChakraProvider>,
  );
}

afterEach(() => {
  cleanup();
  press.mockClear();
});

it.each([
  ['t', 'Measure the tube'],
  ['w', 'Weigh the yarn'],
  ['n', 'Notes'],
])('the key %s opens %s', async (key, title) => {
  show();
  fireEvent.keyDown(window, { key });
  expect(await screen.findByRole('dialog', { name: title })).toBeDefined();
});

it('leaves letters alone that are typed, and shortcuts of the browser', () => {
  show();
  fireEvent.keyDown(screen.getByLabelText('elsewhere'), { key: 't' });
  fireEvent.keyDown(window, { key: 'w', ctrlKey: true });
  fireEvent.keyDown(window, { key: 'x' });
  expect(screen.queryByRole('dialog')).toBeNull();
});

it('keeps a note, and shows the latest first', async () => {
  show();
  fireEvent.keyDown(window, { key: 'n' });
  const field = await screen.findByLabelText('A note');
  const notes = screen.getAllByRole('listitem').map((item) => item.textContent);
  expect(notes[0]).toContain('the later one');
  expect(notes[1]).toContain('the earlier one');
  fireEvent.change(field, { target: { value: '  a knot  ' } });
  fireEvent.click(screen.getByRole('button', { name: 'Save note' }));
  expect(press).toHaveBeenCalledWith({ sock: 1, kind: 'NOTED', words: 'a knot' });
  fireEvent.click(screen.getAllByRole('button', { name: 'Delete the note' })[1] as Element);
  expect(press).toHaveBeenCalledWith({ sock: 1, kind: 'WITHDRAWN', takenBack: 'n1' });
});
