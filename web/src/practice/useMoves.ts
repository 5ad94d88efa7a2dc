import { useState } from 'react';

interface Moves {
  at: number;
  /** Whether the moves that were missed come again. */
  again: boolean;
  /** Moves that were missed and have not come again yet. */
  missed: readonly number[];
}

const START: Moves = { at: 0, again: false, missed: [] };

/** Which move is asked for: all in their order, and then those that were missed, until each was right at once. */
export function useMoves() {
  const [moves, setMoves] = useState(START);
  const { at, again } = moves;
  return {
    at,
    again,
    over: (all: number) => at >= all,
    missed: () =>
      setMoves((now) => ({
        ...now,
        missed: [...now.missed.filter((each) => each !== now.at), now.at],
      })),
    right: (all: number) => setMoves((now) => after(now, all)),
    reset: () => setMoves(START),
  };
}

/** The next of the moves; of those that come again the one that waited longest. */
export function after({ at, again, missed }: Moves, all: number): Moves {
  if (!again && at + 1 < all) {
    return { at: at + 1, again, missed };
  }
  const [next = all, ...rest] = missed;
  return { at: next, again: true, missed: rest };
}
