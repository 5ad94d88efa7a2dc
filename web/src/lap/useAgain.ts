import { useState } from 'react';

/** What was taken back, and from which place each time; and where one has to be for it to be made again. */
interface TakenBack {
  of: string;
  at: number;
  from: readonly number[];
}

/**
 * The way forward after undo: a jump that was taken back by a slip is made again by one press. Forgotten once the work goes on
 * in any other way, or another sock is shown.
 *
 * @param of whose place it is
 * @param position the place
 */
export function useAgain(of: string, position: number) {
  const [taken, setTaken] = useState<TakenBack>({ of, at: position, from: [] });
  const [asked, setAsked] = useState(false);
  if (taken.of !== of) {
    setTaken({ of, at: position, from: [] });
  } else if (taken.at !== position) {
    setTaken(after(taken, position, asked));
    setAsked(false);
  }
  return {
    to: taken.from.at(-1),
    tookBack: () => setAsked(true),
    wentOn: () => setAsked(false),
  };
}

/** What can be made again once the place has changed. */
export function after({ of, at, from }: TakenBack, position: number, undone: boolean): TakenBack {
  if (undone) {
    return { of, at: position, from: [...from, at] };
  }
  return { of, at: position, from: position === from.at(-1) ? from.slice(0, -1) : [] };
}
