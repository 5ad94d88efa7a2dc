import { watched } from '../settings/store';
import type { Refused } from './client';
import type { PairWrite } from '../wire/types';

/** A change that could not be stored after its page was left. */
export interface LeftBehind {
  pairId: string;
  write: PairWrite;
  refused: Refused;
}

const left = watched<readonly LeftBehind[]>([]);
const open = new Set<string>();

/** Notes that the page of a pair is open, where what goes wrong is said; gives back how to close it. */
export function pageOpened(pairId: string): () => void {
  open.add(pairId);
  return () => open.delete(pairId);
}

/** Keeps a change that was refused, unless its page is there to say so itself. */
export function leaveBehind(change: LeftBehind): void {
  if (!open.has(change.pairId)) {
    left.set([...left.get().filter(({ pairId }) => pairId !== change.pairId), change]);
  }
}

/** Lets a change go. */
export function letGo(change: LeftBehind): void {
  left.set(left.get().filter((each) => each !== change));
}

export const useLeftBehind = left.use;
