import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { call } from './client';
import type { LogEntry, LogNote, LogNoteWrite, NoteChoices, Proposal, Repair } from './types';

/** Every finished pair, the latest first. */
export function useLog() {
  return useQuery({ queryKey: ['log'], queryFn: () => call<LogEntry[]>('GET', '/api/log') });
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
    onSuccess: () => client.invalidateQueries({ queryKey: ['log'], exact: true }),
  });
}

/** Takes a note away. */
export function useRemoveNote() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (id: string) => call<undefined>('DELETE', `/api/log/notes/${id}`),
    onSuccess: () => client.invalidateQueries({ queryKey: ['log'], exact: true }),
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

/** Answers a proposal. */
export function useAnswerProposal(pairId: string) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: ({ noteId, taken }: { noteId: string; taken: boolean }) =>
      call<undefined>('POST', `/api/pairs/${pairId}/proposals/${noteId}?taken=${taken}`),
    onSuccess: () => client.invalidateQueries({ queryKey: ['proposals', pairId] }),
  });
}
