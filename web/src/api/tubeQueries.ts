import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useSettings } from '../settings/settings';
import type {
  CutMade,
  CutPlan,
  Cutting,
  PutPiece,
  Tube,
  TubeFit,
  TubeWrite,
  Workings,
} from '../wire/types';
import { call } from './client';

const TUBES = ['tubes'];

export function useTubes() {
  return useQuery({ queryKey: TUBES, queryFn: () => call<Tube[]>('GET', '/api/tubes') });
}

export function useTube(id: string) {
  return useQuery({
    queryKey: [...TUBES, id],
    queryFn: () => call<Tube>('GET', `/api/tubes/${id}`),
  });
}

/** The ways to cut a tube, for the version of it that is shown. */
export function useCutting({ id, version }: Tube) {
  const { lengths } = useSettings();
  return useQuery({
    queryKey: [...TUBES, id, 'cutting', version, lengths],
    queryFn: () => call<Cutting>('GET', `/api/tubes/${id}/cutting`),
    placeholderData: keepPreviousData,
    retry: false,
  });
}

/** How the figures of the ways to cut it came about. */
export function useCuttingWorkings({ id, version }: Tube, asked: boolean) {
  const { lengths } = useSettings();
  return useQuery({
    enabled: asked,
    queryKey: [...TUBES, id, 'workings', version, lengths],
    queryFn: () => call<Workings>('GET', `/api/tubes/${id}/cutting/workings`),
  });
}

/** What comes of pieces put by hand; nothing is asked while none are. */
export function useHandCut({ id, version }: Tube, pieces: readonly PutPiece[] | undefined) {
  const { lengths } = useSettings();
  return useQuery({
    enabled: pieces !== undefined,
    queryKey: [...TUBES, id, 'hand', version, pieces, lengths],
    queryFn: () => call<CutPlan>('POST', `/api/tubes/${id}/cutting`, pieces),
    placeholderData: keepPreviousData,
    staleTime: Infinity,
    gcTime: 60_000,
    retry: false,
  });
}

/** How a tube fits everybody on the shelf of feet. */
export function useFits({ id, version }: Tube) {
  const { lengths } = useSettings();
  return useQuery({
    queryKey: [...TUBES, id, 'fits', version, lengths],
    queryFn: () => call<TubeFit[]>('GET', `/api/tubes/${id}/fits`),
  });
}

/** Writes a tube; one write at a time, in the order they were made. */
export function useWriteTube(id: string) {
  const client = useQueryClient();
  return useMutation({
    scope: { id: `tube-${id}` },
    mutationFn: (write: () => TubeWrite) => call<Tube>('PUT', `/api/tubes/${id}`, write()),
    onSuccess: (tube) => client.setQueryData([...TUBES, id], tube),
  });
}

/** The cuts were made. */
export function useCuts({ id, version }: Tube) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (pieces: readonly PutPiece[]) =>
      call<CutMade>('POST', `/api/tubes/${id}/cuts`, { version, pieces }),
    onSuccess: () => client.invalidateQueries(),
  });
}

/** The last cuts were not made after all. */
export function useUncut({ id, version }: Tube) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: () => call<Tube>('DELETE', `/api/tubes/${id}/cuts/last?version=${version}`),
    onSuccess: () => client.invalidateQueries(),
  });
}
