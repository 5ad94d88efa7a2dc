import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { call } from './client';
import { eventOf, type Happening } from './happening';
import type { Lap, Mishap, Schedule, Tried } from '../wire/types';

/** The work on a pair. */
export function useLap(id: string) {
  return useQuery({
    queryKey: ['laps', id],
    queryFn: () => call<Lap>('GET', `/api/laps/${id}`),
    gcTime: 0,
    staleTime: Infinity,
  });
}

/** Everything that can go wrong at the needles. */
export function useMishaps() {
  return useQuery({
    queryKey: ['mishaps'],
    queryFn: () => call<Mishap[]>('GET', '/api/laps/mishaps'),
    staleTime: Infinity,
    gcTime: Infinity,
  });
}

/** Begins a pair. */
export function useStartLap(id: string) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (start: Pick<Lap, 'heelWhen' | 'order'>) =>
      call<Lap>('POST', `/api/laps/${id}`, start),
    onSuccess: (lap) => client.setQueryData(['laps', id], lap),
  });
}

/** Takes a start back, as long as nothing was knitted; the plan is free again. */
export function useTakeStartBack(id: string) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: () => call<undefined>('DELETE', `/api/laps/${id}`),
    onSuccess: () => client.invalidateQueries({ queryKey: ['laps'] }),
  });
}

/** What a count probably means that is not what it should be. */
export function useMiscount(
  expected: number,
  first: number | undefined,
  second: number | undefined,
) {
  const counted = first !== undefined && second !== undefined;
  return useQuery({
    queryKey: ['miscount', expected, first, second],
    queryFn: () =>
      call<string[]>(
        'GET',
        `/api/laps/miscount?expected=${expected}&first=${first}&second=${second}`,
      ),
    enabled: counted && (first !== expected || second !== expected),
    staleTime: Infinity,
  });
}

/** What a tape check, or rounds off the plan, would change; nothing is asked while there is nothing to try. */
export function useTried(id: string, happening: Happening | undefined) {
  return useQuery({
    queryKey: ['tried', id, happening],
    queryFn: () => call<Tried>('POST', `/api/laps/${id}/tried`, happening && eventOf(happening)),
    enabled: happening !== undefined,
    retry: false,
    gcTime: 0,
  });
}

/** When somebody knits. */
export interface Habit {
  minutes: number;
  days: readonly string[];
  until?: string | undefined;
}

function habitQuery({ minutes, days, until }: Habit): string {
  const query = new URLSearchParams({ minutes: String(minutes), days: days.join(',') });
  if (until) {
    query.set('until', until);
  }
  return query.toString();
}

/** When a pair will be done. */
export function useSchedule(id: string, habit: Habit) {
  return useQuery({
    queryKey: ['schedule', id, habit],
    queryFn: () => call<Schedule>('GET', `/api/laps/${id}/schedule?${habitQuery(habit)}`),
    retry: false,
    gcTime: 0,
  });
}

/** Where the schedule can be had as a calendar. */
export function calendarPath(id: string, habit: Habit): string {
  return `/api/laps/${id}/schedule.ics?${habitQuery(habit)}`;
}
