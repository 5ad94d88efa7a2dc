// @vitest-environment jsdom
import { ChakraProvider } from '@chakra-ui/react';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { cleanup, fireEvent, render, screen, waitFor } from '@testing-library/react';
import { useState } from 'react';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { useFeet } from '../api/queries';
import { system } from '../theme/system';
import { ShelfItem } from './ShelfItem';

interface Kept {
  id: string;
  version: number;
  name: string;
}

/** How often the shelf was read: one thing stands on it, and its list is answered only once. */
let reads = 0;

afterEach(cleanup);

beforeEach(() => {
  reads = 0;
  const shelf: Kept[] = [{ id: 'a', version: 1, name: 'Ane' }];
  vi.stubGlobal('fetch', (_: string, init?: RequestInit) => {
    if (init?.method === undefined || init.method === 'get' || init.method === 'GET') {
      reads += 1;
      return reads === 1 ? Promise.resolve(Response.json(shelf)) : new Promise(() => undefined);
    }
    const { name } = JSON.parse(String(init.body)) as Kept;
    return Promise.resolve(
      Response.json({ id: init.method.toLowerCase() === 'put' ? 'a' : 'b', version: 2, name }),
    );
  });
});

function Item({ kept, onDone }: { kept?: Kept; onDone?: () => void }) {
  return (
    <ShelfItem
      shelf="feet"
      kept={kept}
      nameLabel="Whose feet"
      value={{}}
      write={() => ({})}
      fields={() => null}
      {...(onDone && { onDone })}
    />
  );
}

function Shelf() {
  const [adding, setAdding] = useState(false);
  const { data } = useFeet();
  return (
    <>
      <button onClick={() => setAdding(true)}>Add</button>
      {adding && <Item onDone={() => setAdding(false)} />}
      {data?.map((kept) => (
        <Item key={kept.id} kept={kept} />
      ))}
    </>
  );
}

function open() {
  render(
    <ChakraProvider value={system}>
      <QueryClientProvider client={new QueryClient()}>
        <Shelf />
      </QueryClientProvider>
    </ChakraProvider>,
  );
}

function save(name: string) {
  const field = screen.getByLabelText('Whose feet');
  expect(document.activeElement).toBe(field);
  fireEvent.change(field, { target: { value: name } });
  fireEvent.click(screen.getByRole('button', { name: 'Save' }));
}

it('what was changed is shown and closed without waiting for the lists that are read anew', async () => {
  open();
  fireEvent.click(await screen.findByRole('button', { name: 'Edit Ane' }));
  save('Ane the tall');
  const edit = await screen.findByRole('button', { name: 'Edit Ane the tall' });
  expect(document.activeElement).toBe(edit);
  expect(screen.queryByLabelText('Whose feet')).toBeNull();
  await waitFor(() => expect(reads).toBe(2));
});

it('what is added stands on the shelf once its form is closed, the last of all', async () => {
  open();
  await screen.findByRole('button', { name: 'Edit Ane' });
  const add = screen.getByRole('button', { name: 'Add' });
  add.focus();
  fireEvent.click(add);
  save('Bo');
  await screen.findByRole('button', { name: 'Edit Bo' });
  expect(screen.queryByLabelText('Whose feet')).toBeNull();
  expect(document.activeElement).toBe(add);
  expect(screen.getAllByRole('button', { name: /^Edit/ }).map((b) => b.ariaLabel)).toEqual([
    'Edit Ane',
    'Edit Bo',
  ]);
});

it('after Cancel the focus is where it was', async () => {
  open();
  fireEvent.click(await screen.findByRole('button', { name: 'Edit Ane' }));
  fireEvent.click(screen.getByRole('button', { name: 'Cancel' }));
  expect(document.activeElement).toBe(screen.getByRole('button', { name: 'Edit Ane' }));
});
