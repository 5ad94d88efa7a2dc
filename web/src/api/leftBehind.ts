import { useSyncExternalStore } from 'react';
import type { Refused } from './client';
import type { PairWrite } from '../wire/types';

/** A change that could not be stored after its page was left. */
export interface LeftBehind {
  pairId: string;
  write: PairWrite;
  refused: Refused;
}

let left: readonly LeftBehind[] = [];
const open = new Set<string>();
const listeners = new Set<() => void>();

function set(next: readonly LeftBehind[]): void {
  left = next;
  listeners.forEach((listener) => listener());
}

/** Notes that the page of a pair is open, where what goes wrong is said; gives back how to close it. */
export function pageOpened(pairId: string): () => void {
  open.add(pairId);
  return () => open.delete(pairId);
}

/** Keeps a change that was refused, unless its page is there to say so itself. */
export function leaveBehind(change: LeftBehind): void {
  if (!open.has(change.pairId)) {
    set([...left.filter(({ pairId }) => pairId !== change.pairId), change]);
  }
}

/** Lets a change go. */
export function letGo(change: LeftBehind): void {
  set(left.filter((each) => each !== change));
}

export function useLeftBehind(): readonly LeftBehind[] {
  return useSyncExternalStore(
    (listener) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    () => left,
  );
}
