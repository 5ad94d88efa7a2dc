import {
  keepPreviousData,
  skipToken,
  replaceEqualDeep,
  useMutation,
  useQuery,
  useQueryClient,
  type QueryClient,
} from '@tanstack/react-query';
import { useEffect } from 'react';
import { leaveBehind } from './leftBehind';
import { api, call, Refused, SentFile, Unreachable } from './client';
import type { BasketPair, CsvRead, Pair, PairWrite, Plan, Spec } from '../wire/types';

const PAIRS = ['pairs'];
const BASKET = ['basket'];

export function usePairs() {
  return useQuery({ queryKey: PAIRS, queryFn: () => api.get('/api/pairs') });
}

/** The pairs to knit, or those that are finished, in short: so many of them. */
export function useBasket(finished: boolean, most: number, words = '') {
  return useQuery({
    queryKey: [...BASKET, finished, most, words],
    queryFn: () => api.get('/api/basket', { query: { finished, most, words } }),
    placeholderData: keepPreviousData,
  });
}

export function usePair(id: string) {
  return useQuery({
    queryKey: [...PAIRS, id],
    queryFn: () => api.get('/api/pairs/{id}', { path: { id } }),
    // Never from a memory that may be older than what is stored: it is the ground of the next write.
    gcTime: 0,
    staleTime: Infinity,
  });
}

/** What a pair was before its changes, the latest first, as it was when the page was opened. */
export function usePairHistory(id: string) {
  return useQuery({
    queryKey: ['history', id],
    queryFn: () => api.get('/api/pairs/{id}/history', { path: { id } }),
    gcTime: 0,
    // What the pair was before this visit; read again, it would hold the steps of the visit too.
    staleTime: 'static',
  });
}

export function useFeet() {
  return useQuery({ queryKey: ['feet'], queryFn: () => api.get('/api/feet') });
}

export function useSwatches() {
  return useQuery({
    queryKey: ['swatches'],
    queryFn: () => api.get('/api/swatches'),
  });
}

export function useYarns() {
  return useQuery({ queryKey: ['yarns'], queryFn: () => api.get('/api/yarns') });
}

/** What each pair takes of a yarn, and what is left then. */
export function useYarnUses(id: string) {
  return useQuery({
    queryKey: ['yarns', id, 'uses'],
    queryFn: () => api.get('/api/yarns/{id}/uses', { path: { id } }),
  });
}

/** What can be knitted from the yarn that is there; asked for, since every pair of it is planned. */
export function useStash(asked: boolean) {
  return useQuery({
    queryKey: ['stash'],
    queryFn: () => api.get('/api/stash'),
    enabled: asked,
  });
}

/** A pair as it is kept now. */
export function askPair(id: string): Promise<Pair> {
  return api.get('/api/pairs/{id}', { path: { id } });
}

/** Keeps a new pair; what was measured for it goes on the shelves with it. */
export function useCreatePair() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (write: PairWrite) => api.post('/api/pairs', { body: write }),
    onSuccess: (pair) => {
      client.setQueryData([...PAIRS, pair.id], pair);
      void client.invalidateQueries();
    },
  });
}

/**
 * Writes a pair; one write at a time, in the order they were made. Each that was stored is told, also where another waits
 * behind it: a mutation’s own callbacks are left out then.
 */
export function useUpdatePair(id: string, onStored: (pair: Pair) => void) {
  const client = useQueryClient();
  return useMutation({
    scope: { id: `pair-${id}` },
    networkMode: 'always',
    retry: (_, error) => error instanceof Unreachable,
    retryDelay: 2000,
    // Made only when its turn comes, so that it carries the version that the write before it gave.
    mutationFn: (write: () => PairWrite) =>
      api.put('/api/pairs/{id}', { path: { id }, body: write() }),
    onSuccess: (pair) => {
      onStored(pair);
      client.setQueryData([...PAIRS, id], pair);
      return client.invalidateQueries({ queryKey: PAIRS, exact: true });
    },
    onError: (error, write) => {
      if (error instanceof Refused) {
        leaveBehind({ pairId: id, write: write(), refused: error });
      }
    },
  });
}

export function useDeletePair() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (pair: BasketPair) =>
      api.delete('/api/pairs/{id}', { path: { id: pair.id }, query: { version: pair.version } }),
    onSettled: async () => {
      await client.invalidateQueries({ queryKey: PAIRS, exact: true });
      await client.invalidateQueries({ queryKey: BASKET });
    },
  });
}

/** What goes with a pair that is deleted, in words. */
export function usePairGoes(id: string) {
  return useQuery({
    queryKey: ['goes', id],
    queryFn: () => api.get('/api/pairs/{pairId}/goes', { path: { pairId: id } }),
    gcTime: 0,
  });
}

/** The shelves that are kept beside the pairs. */
export type ShelfName = 'feet' | 'swatches' | 'yarns' | 'tubes';

interface Keepable {
  id: string;
  version: number;
}

/** Keeps something on a shelf: new where it has no id, else against the version that was read. */
export function useKeep<T extends Keepable>(shelf: ShelfName) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: ({ kept, write }: { kept: Keepable | undefined; write: object }) =>
      kept
        ? call<T>('put', `/api/${shelf}/{id}`, {
            path: { id: kept.id },
            body: { ...write, version: kept.version },
          })
        : call<T>('post', `/api/${shelf}`, { body: write }),
    // On its shelf at once, in the order the shelf has: whoever saved need not wait for all that is read anew.
    onSuccess: (stored) => {
      client.setQueryData<readonly T[]>([shelf], (list) =>
        list?.some(({ id }) => id === stored.id)
          ? list.map((each) => (each.id === stored.id ? stored : each))
          : list && [...list, stored],
      );
      void client.invalidateQueries();
    },
  });
}

/** Reads a CSV file onto a shelf; with a wrong line nothing, unless the right ones are asked for. */
export function useReadCsv(shelf: 'feet' | 'yarns' | 'tubes') {
  const client = useQueryClient();
  return useMutation({
    mutationFn: ({ text, onlyRight }: { text: string; onlyRight: boolean }) =>
      call<CsvRead>('post', `/api/files/${shelf}.csv`, {
        query: { onlyRight },
        body: new SentFile('text/csv;charset=UTF-8', text),
      }),
    onSuccess: () => client.invalidateQueries(),
  });
}

/** Throws something on a shelf away. */
export function useThrowAway(shelf: ShelfName) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (kept: Keepable) =>
      call<undefined>('delete', `/api/${shelf}/{id}`, {
        path: { id: kept.id },
        query: { version: kept.version },
      }),
    onSettled: () => client.invalidateQueries(),
  });
}

/** Every rule, school, constant and caution; it does not change while the page is open. */
export function useAlmanac() {
  return useQuery({
    queryKey: ['almanac'],
    queryFn: () => api.get('/api/almanac'),
    staleTime: Infinity,
    gcTime: Infinity,
  });
}

/** The few figures of several variants, in their order. */
export function useVariants(specs: readonly Spec[]) {
  return useQuery({
    queryKey: ['variants', specs],
    queryFn: () => api.post('/api/plans/variants', { body: specs }),
    placeholderData: (before) => (before?.length === specs.length ? before : undefined),
    staleTime: Infinity,
    gcTime: 60_000,
  });
}

/** What is known of the plan of a specification. */
export interface Preview {
  /** The plan of this specification, or the last one that could be made. */
  plan: Plan | undefined;
  /** Whether the plan is of an earlier specification. */
  behind: boolean;
  /** When that plan was made, as milliseconds. */
  madeAt: number;
  refused: Refused | undefined;
  unreachable: boolean;
}

/**
 * The plan of a specification, computed by the server. While a value cannot be used, or the server does not answer, the
 * last good plan stays.
 *
 * @param keep names whose last good plan is meant, so that one pair never shows another's
 */
export function usePreview(spec: Spec, keep: string): Preview {
  return usePreviewWhen(spec, keep);
}

function previewOf(client: QueryClient, spec: Spec | undefined, keep: string) {
  return {
    queryKey: ['preview', spec],
    queryFn: async () => {
      const made = {
        ...(await api.post('/api/plans/preview', { body: spec as Spec })),
        madeFrom: spec,
      };
      // What is as it was in the plan before stays the same object, so that it is not drawn anew.
      const plan = replaceEqualDeep(client.getQueryData<Plan>(['last-good', keep]), made);
      client.setQueryData(['last-good', keep], plan);
      return plan;
    },
    structuralSharing: false,
    staleTime: Infinity,
    gcTime: 60_000,
    networkMode: 'always' as const,
    retry: (_: number, error: Error) => error instanceof Unreachable,
    retryDelay: 1500,
  };
}

/** How the figures of a plan came about. */
export function useWorkings({ madeFrom }: Plan) {
  return useQuery({
    queryKey: ['workings', madeFrom],
    queryFn: madeFrom ? () => api.post('/api/plans/workings', { body: madeFrom }) : skipToken,
    staleTime: Infinity,
    gcTime: 60_000,
  });
}

/** Asks for a plan at the key itself, before the page is drawn anew for it; {@link usePreview} takes it from there. */
export function usePreviewAhead(keep: string): (spec: Spec) => void {
  const client = useQueryClient();
  return (spec) => void client.prefetchQuery(previewOf(client, spec, keep));
}

/** The same for a specification that may not be there yet: without one nothing is asked. */
export function usePreviewWhen(spec: Spec | undefined, keep: string): Preview {
  const client = useQueryClient();
  const asked = previewOf(client, spec, keep);
  const preview = useQuery({ ...asked, queryFn: spec ? asked.queryFn : skipToken });
  const made = preview.data;
  const last = useQuery<Plan>({
    queryKey: ['last-good', keep],
    // It is put there by every preview that is made or shown again, never asked for.
    queryFn: skipToken,
    staleTime: Infinity,
    structuralSharing: false,
  });
  useEffect(() => {
    // One that was made before and is shown again is the last good one too.
    if (made && client.getQueryData(['last-good', keep]) !== made) {
      client.setQueryData(['last-good', keep], made);
    }
  }, [client, keep, made]);
  return {
    plan: made ?? last.data,
    behind: made === undefined,
    madeAt: last.dataUpdatedAt,
    refused: preview.error instanceof Refused ? preview.error : undefined,
    unreachable: preview.failureReason instanceof Unreachable,
  };
}
