import {
  keepPreviousData,
  useMutation,
  useQuery,
  useQueryClient,
  type QueryClient,
} from '@tanstack/react-query';
import { api } from './client';
import type { Again, Lesson, LogNoteWrite } from '../wire/types';

/** The finished pairs, the latest first: so many of those in whose names the words are. */
export function useLog(most: number, words: string) {
  return useQuery({
    queryKey: ['log', 'entries', most, words],
    queryFn: () => api.get('/api/log', { query: { most, words } }),
    placeholderData: keepPreviousData,
  });
}

/** All finished pairs together. */
export function useTallies() {
  return useQuery({
    queryKey: ['log', 'tallies'],
    queryFn: () => api.get('/api/log/tallies'),
  });
}

/** What is known of the yarns that were knitted with. */
export function useKnownYarns() {
  return useQuery({
    queryKey: ['log', 'yarns'],
    queryFn: () => api.get('/api/yarns/known'),
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
    queryFn: () => api.get('/api/log/choices'),
    staleTime: Infinity,
  });
}

/** Notes something on a worn pair. */
export function useAddNote(pairId: string) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (note: LogNoteWrite) =>
      api.post('/api/log/{pairId}/notes', { path: { pairId }, body: note }),
    onSuccess: () => void noted(client),
  });
}

/** Takes a note away. */
export function useRemoveNote() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (id: string) => api.delete('/api/log/notes/{noteId}', { path: { noteId: id } }),
    onSuccess: () => noted(client),
  });
}

/** How the heel of a finished pair is knitted new. */
export function useNewHeel(pairId: string) {
  return useQuery({
    queryKey: ['log', pairId, 'new-heel'],
    queryFn: () => api.get('/api/log/{pairId}/new-heel', { path: { pairId } }),
  });
}

/** What worn pairs propose for this one. */
export function useProposals(pairId: string, version: number) {
  return useQuery({
    queryKey: ['proposals', pairId, version],
    queryFn: () => api.get('/api/pairs/{pairId}/proposals', { path: { pairId } }),
    placeholderData: keepPreviousData,
    gcTime: 0,
  });
}

/** The changes that all proposals for a pair come to, reckoned one after the other. */
export function askTogether(pairId: string) {
  return api.get('/api/pairs/{pairId}/proposals/together', { path: { pairId } });
}

/** What other pairs in its yarn or for its foot taught for this one, as it stands. */
export function useLessons(pairId: string, version: number) {
  return useQuery({
    queryKey: ['lessons', pairId, version],
    queryFn: () => api.get('/api/pairs/{pairId}/lessons', { path: { pairId } }),
    placeholderData: keepPreviousData,
    gcTime: 0,
  });
}

/** Leaves what a pair taught, for this one and for good, or proposes it again. */
export function useLeaveLesson(pairId: string) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: ({ lesson, left }: { lesson: Lesson; left: boolean }) =>
      (left ? api.post : api.delete)('/api/pairs/{pairId}/lessons/left', {
        path: { pairId },
        query: { from: lesson.fromId, kind: lesson.kind },
      }),
    onSuccess: () => client.invalidateQueries({ queryKey: ['lessons', pairId] }),
  });
}

/** What a knitted pair is knitted again from. */
export function askAgain(pairId: string): Promise<Again> {
  return api.get('/api/pairs/{pairId}/again', { path: { pairId } });
}

/** Leaves a proposal out for a pair, for good. */
export function useLeaveProposal(pairId: string) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (noteId: string) =>
      api.post('/api/pairs/{pairId}/proposals/{noteId}', {
        path: { pairId, noteId },
        query: { taken: false },
      }),
    onSuccess: () => client.invalidateQueries({ queryKey: ['proposals', pairId] }),
  });
}
