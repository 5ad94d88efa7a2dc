import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, SentFile } from './client';
import type { RestoreWrite } from '../wire/types';

const HOME = ['home'];

/** How the home is, and which backups it has. */
export function useHome() {
  return useQuery({ queryKey: HOME, queryFn: () => api.get('/api/home') });
}

/** Makes a backup now. */
export function useMakeBackup() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: () => api.post('/api/home/backups'),
    onSuccess: () => client.invalidateQueries({ queryKey: HOME }),
  });
}

/** What putting a backup back would do: one of the home's own by its name, or a file. */
export function useLook() {
  return useMutation({
    mutationFn: (which: string | Blob) =>
      typeof which === 'string'
        ? api.get('/api/home/backups/{name}/look', { path: { name: which } })
        : api.post('/api/home/incoming', { body: new SentFile('application/zip', which) }),
  });
}

/** Puts a backup back; whatever a page knew before is asked for anew. */
export function useRestore() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (write: RestoreWrite) => api.post('/api/home/restore', { body: write }),
    onSuccess: () => client.invalidateQueries(),
  });
}

/** Goes on with the empty home that took the place of a damaged one. */
export function useGoOnEmpty() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: () => api.post('/api/home/empty'),
    onSuccess: () => client.invalidateQueries(),
  });
}
