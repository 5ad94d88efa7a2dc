import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { call, SentFile } from './client';
import type { Backup, Home, Look, RestoreWrite, Restored } from '../wire/types';

const HOME = ['home'];

/** How the home is, and which backups it has. */
export function useHome() {
  return useQuery({ queryKey: HOME, queryFn: () => call<Home>('GET', '/api/home') });
}

/** Makes a backup now. */
export function useMakeBackup() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: () => call<Backup>('POST', '/api/home/backups'),
    onSuccess: () => client.invalidateQueries({ queryKey: HOME }),
  });
}

/** What putting a backup back would do: one of the home's own by its name, or a file. */
export function useLook() {
  return useMutation({
    mutationFn: (which: string | Blob) =>
      typeof which === 'string'
        ? call<Look>('GET', `/api/home/backups/${encodeURIComponent(which)}/look`)
        : call<Look>('POST', '/api/home/incoming', new SentFile('application/zip', which)),
  });
}

/** Puts a backup back; whatever a page knew before is asked for anew. */
export function useRestore() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (write: RestoreWrite) => call<Restored>('POST', '/api/home/restore', write),
    onSuccess: () => client.invalidateQueries(),
  });
}

/** Goes on with the empty home that took the place of a damaged one. */
export function useGoOnEmpty() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: () => call<undefined>('POST', '/api/home/empty'),
    onSuccess: () => client.invalidateQueries(),
  });
}
