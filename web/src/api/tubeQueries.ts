import {
  keepPreviousData,
  skipToken,
  useMutation,
  useQuery,
  useQueryClient,
} from '@tanstack/react-query';
import type { PutPiece, Tube, TubeWrite } from '../wire/types';
import { api } from './client';

const TUBES = ['tubes'];

/** What of the tubes refers to a yarn or to feet, in words. */
export function useTouched(by: string) {
  return useQuery({
    queryKey: ['tubes', 'touched', by],
    queryFn: () => api.get('/api/tubes/touched', { query: { by } }),
  });
}

export function useTubes() {
  return useQuery({ queryKey: TUBES, queryFn: () => api.get('/api/tubes') });
}

export function useTube(id: string) {
  return useQuery({
    queryKey: [...TUBES, id],
    queryFn: () => api.get('/api/tubes/{id}', { path: { id } }),
  });
}

/** The ways to cut a tube, for the version of it that is shown. */
export function useCutting({ id, version }: Tube) {
  return useQuery({
    queryKey: [...TUBES, id, 'cutting', version],
    queryFn: () => api.get('/api/tubes/{id}/cutting', { path: { id } }),
    placeholderData: keepPreviousData,
    retry: false,
  });
}

/** How the figures of the ways to cut it came about. */
export function useCuttingWorkings({ id, version }: Tube, asked: boolean) {
  return useQuery({
    enabled: asked,
    queryKey: [...TUBES, id, 'workings', version],
    queryFn: () => api.get('/api/tubes/{id}/cutting/workings', { path: { id } }),
  });
}

/** What comes of pieces put by hand; nothing is asked while none are. */
export function useHandCut({ id, version }: Tube, pieces: readonly PutPiece[] | undefined) {
  return useQuery({
    queryKey: [...TUBES, id, 'hand', version, pieces],
    queryFn: pieces
      ? () => api.post('/api/tubes/{id}/cutting', { path: { id }, body: pieces })
      : skipToken,
    placeholderData: keepPreviousData,
    staleTime: Infinity,
    gcTime: 60_000,
    retry: false,
  });
}

/** How a tube fits everybody on the shelf of feet. */
export function useFits({ id, version }: Tube) {
  return useQuery({
    queryKey: [...TUBES, id, 'fits', version],
    queryFn: () => api.get('/api/tubes/{id}/fits', { path: { id } }),
  });
}

/** Writes a tube; one write at a time, in the order they were made. */
export function useWriteTube(id: string) {
  const client = useQueryClient();
  return useMutation({
    scope: { id: `tube-${id}` },
    mutationFn: (write: () => TubeWrite) =>
      api.put('/api/tubes/{id}', { path: { id }, body: write() }),
    onSuccess: (tube) => client.setQueryData([...TUBES, id], tube),
  });
}

/** The cuts were made. */
export function useCuts({ id, version }: Tube) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (pieces: readonly PutPiece[]) =>
      api.post('/api/tubes/{id}/cuts', { path: { id }, body: { version, pieces: [...pieces] } }),
    onSuccess: () => client.invalidateQueries(),
  });
}

/** The last cuts were not made after all. */
export function useUncut({ id, version }: Tube) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: () => api.delete('/api/tubes/{id}/cuts/last', { path: { id }, query: { version } }),
    onSuccess: () => client.invalidateQueries(),
  });
}
