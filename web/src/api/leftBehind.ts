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
/** What was refused while its page is open, and nobody has decided on. */
const undecided = new Map<string, LeftBehind>();

/** Notes that the page of a pair is open, where what goes wrong is said; gives back how to close it. */
export function pageOpened(pairId: string): () => void {
  open.add(pairId);
  return () => {
    open.delete(pairId);
    const change = undecided.get(pairId);
    if (change) {
      // It may have been refused so late that the page never said so.
      decided(pairId);
      leaveBehind(change);
    }
  };
}

/** Notes that what was refused of a pair is decided on, or written anew. */
export function decided(pairId: string): void {
  undecided.delete(pairId);
}

/** Keeps a change that was refused, unless its page is there to say so itself. */
export function leaveBehind(change: LeftBehind): void {
  if (open.has(change.pairId)) {
    undecided.set(change.pairId, change);
  } else {
    left.set([...left.get().filter(({ pairId }) => pairId !== change.pairId), change]);
  }
}

/** Lets a change go. */
export function letGo(change: LeftBehind): void {
  left.set(left.get().filter((each) => each !== change));
}

export const useLeftBehind = left.use;
