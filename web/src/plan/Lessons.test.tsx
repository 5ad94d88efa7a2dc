// @vitest-environment jsdom
import { ChakraProvider } from '@chakra-ui/react';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { cleanup, fireEvent, render, screen, waitFor } from '@testing-library/react';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { system } from '../theme/system';
import type { Lesson } from '../wire/types';
import { Lessons } from './Lessons';

const lesson: Lesson = {
  id: 'LEG worn',
  kind: 'LEG',
  fromId: 'worn',
  from: 'Worn',
  said: {
    template: 'Plan the leg at {then}, not {now}.',
    amounts: {
      then: { value: 120, unit: 'MILLIMETRES' },
      now: { value: 140, unit: 'MILLIMETRES' },
    },
  },
  reason: 'It was ended there.',
  effect: [],
  rounds: [],
  weighIns: [],
  changes: [{ choice: 'tube.legMm', number: 120 }],
};
const left = '/api/pairs/next/lessons/left?from=worn&kind=LEG';

const asked: string[] = [];
let kept: Lesson[] = [];

beforeEach(() => {
  asked.length = 0;
  kept = [lesson];
  vi.stubGlobal('fetch', (path: string, { method = 'GET' }: RequestInit) => {
    asked.push(`${method} ${path}`);
    if (method === 'GET') {
      return Promise.resolve(Response.json(kept));
    }
    kept = method === 'POST' ? [] : [lesson];
    return Promise.resolve(new Response(null, { status: 204 }));
  });
});

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

it('leaves a lesson for good, and brings it back where that was a slip', async () => {
  const onChange = vi.fn();
  const spec = { foot: { lengthMm: 246, ballGirthMm: 231 }, swatch: { stitches: [], rounds: [] } };
  render(
    <ChakraProvider value={system}>
      <QueryClientProvider client={new QueryClient()}>
        <Lessons pairId="next" version={1} draft={{ name: 'next', spec }} onChange={onChange} />
      </QueryClientProvider>
    </ChakraProvider>,
  );
  fireEvent.click(await screen.findByText('Not for this pair'));
  await waitFor(() => expect(asked).toContain(`POST ${left}`));
  expect(screen.getByRole('status').textContent).toContain('Left out for this pair');
  expect(screen.queryByText('Use this')).toBeNull();
  fireEvent.click(screen.getByText('Undo'));
  await waitFor(() => expect(asked).toContain(`DELETE ${left}`));
  expect(await screen.findByText('Use this')).toBeDefined();
  expect(onChange).not.toHaveBeenCalled();
});
