import { skipToken, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, type Asked } from './client';
import { eventOf, type KnitEvent } from './knitEvent';

/** The work on a pair. */
export function useLap(id: string) {
  return useQuery({
    queryKey: ['laps', id],
    queryFn: () => api.get('/api/laps/{pairId}', { path: { pairId: id } }),
    gcTime: 0,
    staleTime: Infinity,
  });
}

/** Everything that can go wrong at the needles. */
export function useMishaps() {
  return useQuery({
    queryKey: ['mishaps'],
    queryFn: () => api.get('/api/laps/mishaps'),
    staleTime: Infinity,
    gcTime: Infinity,
  });
}

/** Begins a pair. */
export function useStartLap(id: string) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: () => api.post('/api/laps/{pairId}', { path: { pairId: id }, body: {} }),
    onSuccess: (lap) => client.setQueryData(['laps', id], lap),
  });
}

/** Takes a start back, as long as nothing was knitted; the plan is free again. */
export function useTakeStartBack(id: string) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: () => api.delete('/api/laps/{pairId}', { path: { pairId: id } }),
    onSuccess: () => client.invalidateQueries({ queryKey: ['laps'] }),
  });
}

/** What a count probably means that is not what it should be. */
export function useMiscount(
  expected: number,
  first: number | undefined,
  second: number | undefined,
  live: boolean,
) {
  const counted = first !== undefined && second !== undefined;
  return useQuery({
    queryKey: ['miscount', expected, first, second, live],
    queryFn:
      counted && (first !== expected || second !== expected)
        ? () => api.get('/api/laps/miscount', { query: { expected, first, second, live } })
        : skipToken,
    staleTime: Infinity,
  });
}

/** What a tape check, or rounds off the plan, would change; nothing is asked while there is nothing to try. */
export function useTried(id: string, knitEvent: KnitEvent | undefined) {
  return useQuery({
    queryKey: ['tried', id, knitEvent],
    queryFn: knitEvent
      ? () =>
          api.post('/api/laps/{pairId}/tried', {
            path: { pairId: id },
            body: eventOf(knitEvent),
          })
      : skipToken,
    retry: false,
    gcTime: 0,
  });
}

type Day = Asked<'get', '/api/laps/{pairId}/schedule'>['query']['days'][number];

/** When somebody knits. */
export interface Habit {
  minutes: number;
  days: readonly Day[];
  until?: string | undefined;
  /** Whether the calendar announces each time. */
  alarm?: boolean | undefined;
}

function asked({ minutes, days, until }: Habit) {
  return { minutes, days: [...days], ...(until && { until }) };
}

function habitQuery(habit: Habit): string {
  return new URLSearchParams(
    Object.entries({ ...asked(habit), ...(habit.alarm && { alarm: true }) }).map(
      ([name, value]) => [name, String(value)],
    ),
  ).toString();
}

/** When a pair will be done. */
export function useSchedule(id: string, habit: Habit) {
  return useQuery({
    queryKey: ['schedule', id, habit],
    queryFn: () =>
      api.get('/api/laps/{pairId}/schedule', { path: { pairId: id }, query: asked(habit) }),
    retry: false,
    gcTime: 0,
  });
}

/** Where the schedule can be had as a calendar. */
export function calendarPath(id: string, habit: Habit): string {
  return `/api/laps/${id}/schedule.ics?${habitQuery(habit)}`;
}
