import {
  keepPreviousData,
  replaceEqualDeep,
  useMutation,
  useQuery,
  useQueryClient,
  type QueryClient,
} from '@tanstack/react-query';
import { leaveBehind } from './leftBehind';
import { useSettings, type Settings } from '../settings/settings';
import { call, Refused, SentFile, Unreachable } from './client';
import type {
  Stash,
  AlmanacEntry,
  Basket,
  BasketPair,
  CsvRead,
  KeptFoot,
  KeptSwatch,
  KeptYarn,
  Pair,
  PairChange,
  PairWrite,
  Plan,
  Spec,
  Variant,
  Workings,
  YarnUse,
} from '../wire/types';

const PAIRS = ['pairs'];
const BASKET = ['basket'];

export function usePairs() {
  return useQuery({ queryKey: PAIRS, queryFn: () => call<Pair[]>('GET', '/api/pairs') });
}

/** The pairs to knit, or those that are finished, in short: so many of them. */
export function useBasket(finished: boolean, most: number) {
  return useQuery({
    queryKey: [...BASKET, finished, most],
    queryFn: () => call<Basket>('GET', `/api/basket?finished=${finished}&most=${most}`),
    placeholderData: keepPreviousData,
  });
}

export function usePair(id: string) {
  return useQuery({
    queryKey: [...PAIRS, id],
    queryFn: () => call<Pair>('GET', `/api/pairs/${id}`),
    // Never from a memory that may be older than what is stored: it is the ground of the next write.
    gcTime: 0,
    staleTime: Infinity,
  });
}

/** What a pair was before its changes, the latest first, as it was when the page was opened. */
export function usePairHistory(id: string) {
  return useQuery({
    queryKey: ['history', id],
    queryFn: () => call<PairChange[]>('GET', `/api/pairs/${id}/history`),
    gcTime: 0,
    staleTime: Infinity,
  });
}

export function useFeet() {
  return useQuery({ queryKey: ['feet'], queryFn: () => call<KeptFoot[]>('GET', '/api/feet') });
}

export function useSwatches() {
  return useQuery({
    queryKey: ['swatches'],
    queryFn: () => call<KeptSwatch[]>('GET', '/api/swatches'),
  });
}

export function useYarns() {
  return useQuery({ queryKey: ['yarns'], queryFn: () => call<KeptYarn[]>('GET', '/api/yarns') });
}

/** What each pair takes of a yarn, and what is left then. */
export function useYarnUses(id: string) {
  return useQuery({
    queryKey: ['yarns', id, 'uses'],
    queryFn: () => call<YarnUse[]>('GET', `/api/yarns/${id}/uses`),
  });
}

/** What can be knitted from the yarn that is there; asked for, since every pair of it is planned. */
export function useStash(asked: boolean) {
  return useQuery({
    queryKey: ['stash'],
    queryFn: () => call<Stash>('GET', '/api/stash'),
    enabled: asked,
  });
}

/** A pair as it is kept now. */
export function askPair(id: string): Promise<Pair> {
  return call<Pair>('GET', `/api/pairs/${id}`);
}

/** Keeps a new pair; what was measured for it goes on the shelves with it. */
export function useCreatePair() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (write: PairWrite) => call<Pair>('POST', '/api/pairs', write),
    onSuccess: (pair) => {
      client.setQueryData([...PAIRS, pair.id], pair);
      return client.invalidateQueries();
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
    mutationFn: (write: () => PairWrite) => call<Pair>('PUT', `/api/pairs/${id}`, write()),
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
      call<undefined>('DELETE', `/api/pairs/${pair.id}?version=${pair.version}`),
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
    queryFn: () => call<string[]>('GET', `/api/pairs/${id}/goes`),
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
        ? call<T>('PUT', `/api/${shelf}/${kept.id}`, { ...write, version: kept.version })
        : call<T>('POST', `/api/${shelf}`, write),
    onSuccess: () => client.invalidateQueries(),
  });
}

/** Reads a CSV file onto a shelf; with a wrong line nothing, unless the right ones are asked for. */
export function useReadCsv(shelf: 'feet' | 'yarns' | 'tubes') {
  const client = useQueryClient();
  return useMutation({
    mutationFn: ({ text, onlyRight }: { text: string; onlyRight: boolean }) =>
      call<CsvRead>(
        'POST',
        `/api/files/${shelf}.csv?onlyRight=${onlyRight}`,
        new SentFile('text/csv;charset=UTF-8', text),
      ),
    onSuccess: () => client.invalidateQueries(),
  });
}

/** Throws something on a shelf away. */
export function useThrowAway(shelf: ShelfName) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (kept: Keepable) =>
      call<undefined>('DELETE', `/api/${shelf}/${kept.id}?version=${kept.version}`),
    onSettled: () => client.invalidateQueries(),
  });
}

/** Every rule, school, constant and caution; it does not change while the page is open. */
export function useAlmanac() {
  return useQuery({
    queryKey: ['almanac'],
    queryFn: () => call<AlmanacEntry[]>('GET', '/api/almanac'),
    staleTime: Infinity,
    gcTime: Infinity,
  });
}

/** The few figures of several variants, in their order. */
export function useVariants(specs: readonly Spec[]) {
  const { lengths } = useSettings();
  return useQuery({
    queryKey: ['variants', specs, lengths],
    queryFn: () => call<Variant[]>('POST', '/api/plans/variants', specs),
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

function previewOf(
  client: QueryClient,
  spec: Spec | undefined,
  keep: string,
  lengths: Settings['lengths'],
) {
  return {
    queryKey: ['preview', spec, lengths],
    queryFn: async () => {
      const made = {
        ...(await call<Omit<Plan, 'madeFrom'>>('POST', '/api/plans/preview', spec)),
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
  const { lengths } = useSettings();
  return useQuery({
    enabled: madeFrom !== undefined,
    queryKey: ['workings', madeFrom, lengths],
    queryFn: () => call<Workings>('POST', '/api/plans/workings', madeFrom),
    staleTime: Infinity,
    gcTime: 60_000,
  });
}

/** Asks for a plan at the key itself, before the page is drawn anew for it; {@link usePreview} takes it from there. */
export function usePreviewAhead(keep: string): (spec: Spec) => void {
  const client = useQueryClient();
  const { lengths } = useSettings();
  return (spec) => void client.prefetchQuery(previewOf(client, spec, keep, lengths));
}

/** The same for a specification that may not be there yet: without one nothing is asked. */
export function usePreviewWhen(spec: Spec | undefined, keep: string): Preview {
  const client = useQueryClient();
  const { lengths } = useSettings();
  const lastGood = ['last-good', keep];
  const preview = useQuery({
    ...previewOf(client, spec, keep, lengths),
    enabled: spec !== undefined,
  });
  const last = useQuery<Plan>({
    queryKey: lastGood,
    enabled: false,
    staleTime: Infinity,
    structuralSharing: false,
  });
  return {
    plan: preview.data ?? last.data,
    behind: preview.data === undefined,
    madeAt: last.dataUpdatedAt,
    refused: preview.error instanceof Refused ? preview.error : undefined,
    unreachable: preview.failureReason instanceof Unreachable,
  };
}
