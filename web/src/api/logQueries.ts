import {
  keepPreviousData,
  useMutation,
  useQuery,
  useQueryClient,
  type QueryClient,
} from '@tanstack/react-query';
import { call } from './client';
import type {
  KnownYarn,
  Again,
  Lesson,
  Log,
  LogNote,
  LogNoteWrite,
  NoteChoices,
  Proposal,
  Repair,
  Tallies,
} from '../wire/types';

/** The finished pairs, the latest first: so many of those in whose names the words are. */
export function useLog(most: number, words: string) {
  return useQuery({
    queryKey: ['log', 'entries', most, words],
    queryFn: () => call<Log>('GET', `/api/log?most=${most}&words=${encodeURIComponent(words)}`),
    placeholderData: keepPreviousData,
  });
}

/** All finished pairs together. */
export function useTallies() {
  return useQuery({
    queryKey: ['log', 'tallies'],
    queryFn: () => call<Tallies>('GET', '/api/log/tallies'),
  });
}

/** What is known of the yarns that were knitted with. */
export function useKnownYarns() {
  return useQuery({
    queryKey: ['log', 'yarns'],
    queryFn: () => call<KnownYarn[]>('GET', '/api/yarns/known'),
  });
}

/** What a note changes of what is shown. */
function noted(client: QueryClient) {
  return Promise.all([
    client.invalidateQueries({ queryKey: ['log', 'entries'] }),
    client.invalidateQueries({ queryKey: ['log', 'tallies'] }),
  ]);
}

/** What can be noted on a worn pair. */
export function useNoteChoices() {
  return useQuery({
    queryKey: ['log', 'choices'],
    queryFn: () => call<NoteChoices>('GET', '/api/log/choices'),
    staleTime: Infinity,
  });
}

/** Notes something on a worn pair. */
export function useAddNote(pairId: string) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (note: LogNoteWrite) => call<LogNote>('POST', `/api/log/${pairId}/notes`, note),
    onSuccess: () => noted(client),
  });
}

/** Takes a note away. */
export function useRemoveNote() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (id: string) => call<undefined>('DELETE', `/api/log/notes/${id}`),
    onSuccess: () => noted(client),
  });
}

/** How the heel of a finished pair is knitted new. */
export function useNewHeel(pairId: string) {
  return useQuery({
    queryKey: ['log', pairId, 'new-heel'],
    queryFn: () => call<Repair>('GET', `/api/log/${pairId}/new-heel`),
  });
}

/** What worn pairs propose for this one. */
export function useProposals(pairId: string) {
  return useQuery({
    queryKey: ['proposals', pairId],
    queryFn: () => call<Proposal[]>('GET', `/api/pairs/${pairId}/proposals`),
    gcTime: 0,
  });
}

/** What other pairs in its yarn or for its foot taught for this one, as it stands. */
export function useLessons(pairId: string, version: number) {
  return useQuery({
    queryKey: ['lessons', pairId, version],
    queryFn: () => call<Lesson[]>('GET', `/api/pairs/${pairId}/lessons`),
    placeholderData: keepPreviousData,
    gcTime: 0,
  });
}

/** Leaves what a pair taught, for this one and for good, or proposes it again. */
export function useLeaveLesson(pairId: string) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: ({ lesson, left }: { lesson: Lesson; left: boolean }) =>
      call<undefined>(
        left ? 'POST' : 'DELETE',
        `/api/pairs/${pairId}/lessons/left?from=${lesson.fromId}&kind=${lesson.kind}`,
      ),
    onSuccess: () => client.invalidateQueries({ queryKey: ['lessons', pairId] }),
  });
}

/** What a knitted pair is knitted again from. */
export function askAgain(pairId: string): Promise<Again> {
  return call<Again>('GET', `/api/pairs/${pairId}/again`);
}

/** Answers a proposal. */
export function useAnswerProposal(pairId: string) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: ({ noteId, taken }: { noteId: string; taken: boolean }) =>
      call<undefined>('POST', `/api/pairs/${pairId}/proposals/${noteId}?taken=${taken}`),
    onSuccess: () => client.invalidateQueries({ queryKey: ['proposals', pairId] }),
  });
}
