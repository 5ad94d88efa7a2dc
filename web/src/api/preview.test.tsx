// @vitest-environment jsdom
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { renderHook, waitFor } from '@testing-library/react';
import type { ReactNode } from 'react';
import { expect, it, vi } from 'vitest';
import { plans } from '../../test/plans';
import { specAround } from '../../test/specs';
import type { Spec } from '../wire/types';
import { usePreview } from './queries';

it('while a plan is made, and where it is refused, the one that was shown last stays', async () => {
  const refuse = new Map<number, () => void>();
  vi.stubGlobal('fetch', (_: string, init?: RequestInit) => {
    const { foot } = JSON.parse(String(init?.body)) as Spec;
    const ball = foot?.ballGirthMm ?? 0;
    return ball < 300
      ? Promise.resolve(Response.json({ ...plans.usual, name: `of ${ball}` }))
      : new Promise<Response>((answer) => {
          refuse.set(ball, () =>
            answer(Response.json({ code: 'invalid', detail: 'Too wide.' }, { status: 400 })),
          );
        });
  });
  const client = new QueryClient();
  const { result, rerender } = renderHook(({ asked, keep }) => usePreview(asked, keep), {
    initialProps: { asked: specAround(230), keep: 'pair' },
    wrapper: ({ children }: { children: ReactNode }) => (
      <QueryClientProvider client={client}>{children}</QueryClientProvider>
    ),
  });
  const shown = () => result.current.plan?.madeFrom?.foot?.ballGirthMm;
  await waitFor(() => expect(shown()).toBe(230));
  rerender({ asked: specAround(240), keep: 'pair' });
  expect(shown()).toBe(230);
  expect(result.current.behind).toBe(true);
  await waitFor(() => expect(shown()).toBe(240));
  expect(result.current.behind).toBe(false);
  // As by a key that takes the last digit back: that one was made already.
  rerender({ asked: specAround(230), keep: 'pair' });
  expect(shown()).toBe(230);
  rerender({ asked: specAround(900), keep: 'pair' });
  expect(shown()).toBe(230);
  await waitFor(() => expect(refuse.has(900)).toBe(true));
  refuse.get(900)?.();
  await waitFor(() => expect(result.current.refused?.message).toBe('Too wide.'));
  expect(shown()).toBe(230);
  rerender({ asked: specAround(950), keep: 'another pair' });
  expect(result.current.plan).toBeUndefined();
});
