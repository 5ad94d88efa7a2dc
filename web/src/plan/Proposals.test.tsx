// @vitest-environment jsdom
import { ChakraProvider } from '@chakra-ui/react';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { cleanup, fireEvent, render, screen, waitFor } from '@testing-library/react';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import type { Proposal } from '../wire/types';
import { system } from '../theme/system';
import type { Draft } from '../draft/draft';
import { Proposals } from './Proposals';

const draft: Draft = {
  name: 'next',
  spec: {
    foot: { lengthMm: 246, ballGirthMm: 231 },
    swatch: { stitches: [], rounds: [] },
    choices: { heel: { school: 'WEDGE' } },
  },
};

const proposals: Proposal[] = [
  {
    noteId: 'n1',
    from: 'worn',
    on: '2026-10-18',
    said: 'heel tight',
    reason: 'It deepens the heel.',
    words: 'plain rounds at the heel: 6, not 4',
    changes: [{ choice: 'heel.plainRounds', number: 6 }],
  },
  {
    noteId: 'n2',
    from: 'worn',
    on: '2026-10-19',
    said: 'foot long',
    reason: 'Three rounds fewer.',
    words: 'rounds to the heel line: 72, not 75',
    changes: [
      { choice: 'placing.school', name: 'ON_THE_FOOT' },
      { choice: 'placing.markedRound', number: 72 },
    ],
  },
];

const asked: string[] = [];
const onChange = vi.fn<(draft: Draft) => void>();

beforeEach(() => {
  asked.length = 0;
  onChange.mockClear();
  vi.stubGlobal('fetch', (path: string, { method }: RequestInit) => {
    asked.push(`${method} ${path}`);
    return Promise.resolve(
      method === 'POST' ? new Response(null, { status: 204 }) : Response.json(proposals),
    );
  });
});

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

async function show() {
  render(
    <ChakraProvider value={system}>
      <QueryClientProvider client={new QueryClient()}>
        <Proposals pairId="next" draft={draft} onChange={onChange} />
      </QueryClientProvider>
    </ChakraProvider>,
  );
  await screen.findByText('Plain rounds at the heel: 6, not 4');
}

it('changes nothing by itself', async () => {
  await show();
  expect(onChange).not.toHaveBeenCalled();
  expect(screen.queryByText(/It deepens the heel/)).toBeNull();
  fireEvent.click(screen.getAllByText('Why?')[0] as Element);
  expect(screen.getByText(/worn, .*heel tight\. It deepens the heel\./)).toBeDefined();
});

it('puts a taken one beside the choices that are there, and says that it was taken', async () => {
  await show();
  fireEvent.click(screen.getAllByText('Use this')[0] as Element);
  expect(onChange.mock.calls[0]?.[0].spec.choices).toEqual({
    heel: { school: 'WEDGE', plainRounds: 6 },
  });
  await waitFor(() => expect(asked).toContain('POST /api/pairs/next/proposals/n1?taken=true'));
});

it('makes several choices of one proposal at once', async () => {
  await show();
  fireEvent.click(screen.getAllByText('Use this')[1] as Element);
  expect(onChange.mock.calls[0]?.[0].spec.choices?.placing).toEqual({
    school: 'ON_THE_FOOT',
    markedRound: 72,
  });
});

it('leaves the plan alone where it is not taken this time', async () => {
  await show();
  fireEvent.click(screen.getAllByText('Not for this pair')[0] as Element);
  await waitFor(() => expect(asked).toContain('POST /api/pairs/next/proposals/n1?taken=false'));
  expect(onChange).not.toHaveBeenCalled();
});
