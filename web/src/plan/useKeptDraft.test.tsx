// @vitest-environment jsdom
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { act, renderHook, waitFor } from '@testing-library/react';
import type { ReactNode } from 'react';
import { expect, it, vi } from 'vitest';
import { specAround } from '../../test/specs';
import { useLeftBehind } from '../api/leftBehind';
import type { Pair } from '../wire/types';
import { useKeptDraft } from './useKeptDraft';

const spec = specAround(231);
const pair = { id: 'a', version: 7, name: 'Pair', updatedAt: '', spec } as Pair;

function keptDraft() {
  const client = new QueryClient();
  return renderHook(() => useKeptDraft(pair), {
    wrapper: ({ children }: { children: ReactNode }) => (
      <QueryClientProvider client={client}>{children}</QueryClientProvider>
    ),
  });
}

it('a change made while the one before it is on its way carries the version that one gave', async () => {
  const versions: (number | undefined)[] = [];
  const answers: (() => void)[] = [];
  vi.stubGlobal('fetch', (_: string, init?: RequestInit) => {
    if (init?.method !== 'PUT') {
      return Promise.resolve(Response.json([]));
    }
    const sent = JSON.parse(String(init.body)) as { version: number; name: string };
    versions.push(sent.version);
    return new Promise<Response>((answer) => {
      answers.push(() =>
        answer(Response.json({ ...pair, name: sent.name, version: sent.version + 1 })),
      );
    });
  });
  const { result } = keptDraft();
  act(() => result.current.change({ ...result.current.draft, name: 'One' }));
  await waitFor(() => expect(versions).toEqual([7]));
  act(() => result.current.change({ ...result.current.draft, name: 'Two' }));
  await new Promise((wait) => setTimeout(wait, 1500));
  act(() => answers[0]?.());
  await waitFor(() => expect(versions).toEqual([7, 8]));
  act(() => answers[1]?.());
  await waitFor(() => expect(result.current.kept.state).toBe('stored'));
});

it('a change put right while its page is left is not said to be refused', async () => {
  vi.stubGlobal('fetch', (_: string, init?: RequestInit) => {
    if (init?.method !== 'PUT') {
      return Promise.resolve(Response.json([]));
    }
    const { name } = JSON.parse(String(init.body)) as { name: string };
    return Promise.resolve(
      name === 'Wrong'
        ? Response.json({ code: 'invalid', detail: 'Too long.' }, { status: 400 })
        : Response.json({ ...pair, name, version: 8 }),
    );
  });
  const left = renderHook(() => useLeftBehind()).result;
  for (const [second, expected] of [
    ['Right', 0],
    ['Wrong', 1],
  ] as const) {
    const { result, unmount } = keptDraft();
    act(() => result.current.change({ ...result.current.draft, name: 'Wrong' }));
    await waitFor(() => expect(result.current.kept.state).toBe('refused'));
    act(() => result.current.change({ ...result.current.draft, name: second }));
    unmount();
    await act(() => new Promise((wait) => setTimeout(wait, 200)));
    expect(left.current).toHaveLength(expected);
  }
});

it('taking back passes over what changed nothing, down to the days before', async () => {
  const before = { id: 'b', name: 'Days before', at: '', spec };
  const same = { id: 'c', name: pair.name, at: '', spec };
  vi.stubGlobal('fetch', (_: string, init?: RequestInit) =>
    Promise.resolve(Response.json(init?.method === 'PUT' ? pair : [same, before])),
  );
  const { result } = keptDraft();
  const name = () => result.current.draft.name;
  await waitFor(() => expect(result.current.undo).toBeDefined());
  act(() => result.current.change({ ...result.current.draft, name: 'Changed' }));
  await new Promise((wait) => setTimeout(wait, 800));
  act(() => result.current.change({ ...result.current.draft, name: pair.name }));
  act(() => result.current.undo?.());
  expect(name()).toBe('Changed');
  act(() => result.current.undo?.());
  expect(name()).toBe(pair.name);
  act(() => result.current.undo?.());
  expect(name()).toBe('Days before');
  expect(result.current.undo).toBeUndefined();
  act(() => result.current.redo?.());
  expect(name()).toBe(pair.name);
  act(() => result.current.redo?.());
  expect(name()).toBe('Changed');
});
