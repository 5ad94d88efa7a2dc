// @vitest-environment jsdom
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { act, cleanup, renderHook, waitFor } from '@testing-library/react';
import type { ReactNode } from 'react';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import type { HeardAll, LapEvent, Sentence } from '../wire/types';
import { allAside } from '../api/waiting';
import { useQueue } from './queue';

type Answer = 'heard' | 'silent' | 'gone' | 'refused';

const KEY = 'round-pocket.lap.pair';
const TOO_HEAVY = { template: 'too heavy', amounts: {} };
const sent: LapEvent[][] = [];
let answers: Answer[] = [];
let revision = 0;

function heardAll(events: readonly LapEvent[]): HeardAll {
  return {
    heard: events.map(({ id, kind }) =>
      kind === 'WEIGHED'
        ? { id, counted: false, said: [TOO_HEAVY] }
        : { id, counted: true, said: [] },
    ),
    socks: [
      { sock: 1, position: sent.flat().length, trail: [], devices: 1 },
      { sock: 2, position: 0, trail: [], devices: 0 },
    ],
    pressed: [],
    revision,
  };
}

beforeEach(() => {
  sent.length = 0;
  answers = [];
  revision = 0;
  vi.stubGlobal('fetch', (_: string, init: RequestInit) => {
    const events = JSON.parse(String(init.body)) as LapEvent[];
    const answer = answers.shift() ?? 'heard';
    if (answer === 'silent') {
      return Promise.reject(new TypeError('no network'));
    }
    sent.push(events);
    if (answer === 'heard') {
      return Promise.resolve(Response.json(heardAll(events)));
    }
    const status = answer === 'gone' ? 404 : 422;
    return Promise.resolve(Response.json({ code: 'x', detail: `refused ${status}` }, { status }));
  });
});

afterEach(() => {
  cleanup();
  localStorage.clear();
  vi.unstubAllGlobals();
});

function queue() {
  const client = new QueryClient();
  const refetch = vi.spyOn(client, 'refetchQueries');
  const wrapper = ({ children }: { children: ReactNode }) => (
    <QueryClientProvider client={client}>{children}</QueryClientProvider>
  );
  const socks = [{ sock: 1, position: 0, trail: [], devices: 0 }];
  return { ...renderHook(() => useQueue('pair', { socks, pressed: [] }, 0), { wrapper }), refetch };
}

it('sends presses in their order, each with an id and a device of its own', async () => {
  const { result } = queue();
  await act(async () => {
    void result.current.press({ sock: 1, kind: 'DONE' });
    void result.current.press({ sock: 1, kind: 'UNDONE' });
    await Promise.resolve();
  });
  await waitFor(() => expect(result.current.waiting).toEqual([]));
  const all = sent.flat();
  expect(all.map(({ kind }) => kind)).toEqual(['DONE', 'UNDONE']);
  expect(new Set(all.map(({ id }) => id)).size).toBe(2);
  expect(all.every(({ device }) => device.length > 0)).toBe(true);
  expect(Object.keys(localStorage).filter((name) => name.startsWith(KEY))).toEqual([]);
});

it('keeps what is not heard, also for the next visit', async () => {
  answers = ['silent', 'silent'];
  const first = queue();
  await act(async () => {
    void first.result.current.press({ sock: 1, kind: 'DONE' });
    await Promise.resolve();
  });
  await waitFor(() => expect(first.result.current.silent).toBe(true));
  expect(first.result.current.waiting).toHaveLength(1);
  first.unmount();
  const second = queue();
  await waitFor(() => expect(second.result.current.waiting).toEqual([]));
  expect(sent.flat()).toHaveLength(1);
});

it('is no longer silent once another tab was heard with what waited here', async () => {
  answers = Array.from({ length: 12 }, () => 'silent');
  const { result } = queue();
  await act(async () => {
    void result.current.press({ sock: 1, kind: 'DONE' });
    await Promise.resolve();
  });
  await waitFor(() => expect(result.current.silent).toBe(true));
  const [name] = Object.keys(localStorage).filter((each) => each.startsWith(KEY));
  localStorage.removeItem(name ?? '');
  act(() => {
    window.dispatchEvent(new StorageEvent('storage', { key: name ?? null, newValue: null }));
  });
  expect(result.current.waiting).toEqual([]);
  expect(result.current.silent).toBe(false);
});

it('loses nothing of two tabs that press while nobody answers', async () => {
  answers = Array.from({ length: 12 }, () => 'silent');
  const tabs = [queue(), queue()];
  for (const { result } of [...tabs, ...tabs, ...tabs]) {
    await act(async () => {
      void result.current.press({ sock: 1, kind: 'DONE' });
      await Promise.resolve();
    });
  }
  answers = [];
  tabs.forEach(({ unmount }) => unmount());
  const { result } = queue();
  await waitFor(() => expect(result.current.waiting).toEqual([]));
  expect(new Set(sent.flat().map(({ id }) => id)).size).toBe(6);
});

it('tells whoever pressed what became of it', async () => {
  const { result } = queue();
  let said: readonly Sentence[] = [];
  await act(async () => {
    ({ said } = await result.current.press({ sock: 1, kind: 'WEIGHED', grams: 9 }));
  });
  expect(said).toEqual([TOO_HEAVY]);
  expect(result.current.refused).toBe('too heavy');
});

it('lets go of what nobody will ever take, and only of that', async () => {
  answers = ['refused', 'gone', 'heard'];
  localStorage.setItem(
    KEY,
    JSON.stringify(
      ['a', 'b'].map((id) => ({
        id,
        sock: 1,
        kind: 'DONE',
        device: 'd',
        at: '2026-11-23T19:00:00Z',
      })),
    ),
  );
  vi.useFakeTimers();
  const { result } = queue();
  await act(async () => vi.advanceTimersByTimeAsync(5000));
  vi.useRealTimers();
  expect(result.current.waiting).toEqual([]);
  expect(allAside().flatMap(({ all }) => all.map(({ event, why }) => [event.id, why]))).toEqual([
    ['a', 'refused 404'],
  ]);
  // both at once, then one by one
  expect(sent.map((events) => events.map(({ id }) => id))).toEqual([['a', 'b'], ['a'], ['b']]);
});

it('asks for the work anew once more than the count has changed', async () => {
  const { result, refetch } = queue();
  await act(async () => {
    await result.current.press({ sock: 1, kind: 'DONE' });
  });
  expect(refetch).not.toHaveBeenCalledWith({ queryKey: ['laps', 'pair'], exact: true });
  revision = 1;
  await act(async () => {
    await result.current.press({ sock: 1, kind: 'WORKED', section: 'FOOT', rounds: 58 });
  });
  expect(refetch).toHaveBeenCalledWith({ queryKey: ['laps', 'pair'], exact: true });
});
