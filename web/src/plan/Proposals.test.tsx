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
    words: { template: 'Tight at 4 plain rounds: try 6 at the heel.', amounts: {} },
    changes: [{ choice: 'heel.plainRounds', number: 6 }],
  },
  {
    noteId: 'n2',
    from: 'worn',
    on: '2026-10-19',
    said: 'foot long',
    reason: 'Three rounds fewer.',
    words: { template: 'Long at 75 rounds: knit 72.', amounts: {} },
    changes: [
      { choice: 'placing.school', name: 'ON_THE_FOOT' },
      { choice: 'placing.markedRound', number: 72 },
    ],
  },
];

/** What both come to: the second is reckoned with the first taken. */
const TOGETHER = [
  { choice: 'heel.plainRounds', number: 6 },
  { choice: 'placing.markedRound', number: 70 },
];

const asked: string[] = [];
const onChange = vi.fn<(draft: Draft) => void>();

beforeEach(() => {
  asked.length = 0;
  onChange.mockClear();
  vi.stubGlobal('fetch', (path: string, { method }: RequestInit) => {
    asked.push(`${method} ${path}`);
    const together = path.endsWith('/together');
    return Promise.resolve(
      method === 'POST'
        ? new Response(null, { status: 204 })
        : Response.json(together ? TOGETHER : proposals),
    );
  });
});

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

function shown(version: number, client: QueryClient) {
  return (
    <ChakraProvider value={system}>
      <QueryClientProvider client={client}>
        <Proposals pairId="next" version={version} draft={draft} onChange={onChange} />
      </QueryClientProvider>
    </ChakraProvider>
  );
}

async function show() {
  const client = new QueryClient();
  const { rerender } = render(shown(1, client));
  await screen.findByText('Tight at 4 plain rounds: try 6 at the heel.');
  return (version: number) => rerender(shown(version, client));
}

it('changes nothing by itself', async () => {
  await show();
  expect(onChange).not.toHaveBeenCalled();
  expect(screen.queryByText(/It deepens the heel/)).toBeNull();
  fireEvent.click(screen.getAllByText('Why?')[0] as Element);
  expect(screen.getByText(/worn, .*heel tight\. It deepens the heel\./)).toBeDefined();
});

it('puts a taken one beside the choices that are there, and shows it again once it is undone', async () => {
  const keep = await show();
  fireEvent.click(screen.getAllByText('Use this')[0] as Element);
  expect(onChange.mock.calls[0]?.[0].spec.choices).toEqual({
    heel: { school: 'WEDGE', plainRounds: 6 },
  });
  expect(screen.queryByText(/Tight at 4/)).toBeNull();
  expect(screen.getByText(/Long at 75/)).toBeDefined();
  // The plan was kept, and then it was undone: what is proposed for it as it stands is there again.
  keep(3);
  await screen.findByText(/Tight at 4/);
  expect(asked.filter((each) => each.startsWith('POST'))).toEqual([]);
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

it('takes all of them at once as the core has reckoned them together', async () => {
  await show();
  fireEvent.click(screen.getByText('Use all 2 at once'));
  await waitFor(() => expect(onChange).toHaveBeenCalledOnce());
  expect(onChange.mock.calls[0]?.[0].spec.choices).toEqual({
    heel: { school: 'WEDGE', plainRounds: 6 },
    placing: { markedRound: 70 },
  });
  await waitFor(() => expect(screen.queryByText(/Tight at 4/)).toBeNull());
});
