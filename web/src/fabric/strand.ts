import type { GraftMove } from '../wire/types';

/** How far a graft is: the first loop that is left on each needle. */
export interface Open {
  front: number;
  back: number;
}

interface Point {
  x: number;
  y: number;
}

type Needle = GraftMove['needle'];
export type At = (needle: Needle, loop: number) => Point;

/** Where the two needles lie, as the picture has it. */
export const Y = { BACK: 52, FRONT: 132 } as const;
/** How wide a stitch is drawn. */
export const STITCH = 44;

/** The first loop that is left on each needle once these moves are made. */
export function openAt(made: readonly GraftMove[]): Open {
  const off = (needle: Needle) => made.filter((move) => move.needle === needle && move.off).length;
  return { front: off('FRONT') + 1, back: off('BACK') + 1 };
}

/** Where the strand goes through a loop: below the needle it is on, or where it lies once it is off. */
export function nodeOf(
  open: Open,
  x: (loop: number) => number,
  needle: Needle,
  loop: number,
): Point {
  if (needle === 'FRONT') {
    return { x: x(loop), y: Y.FRONT + (loop < open.front ? 26 : 14) };
  }
  return loop < open.back
    ? { x: x(loop) - STITCH / 2, y: Y.FRONT - 6 }
    : { x: x(loop), y: Y.BACK + 14 };
}

/** The strand in its three depths, and the point it was drawn out at. */
export interface StrandPaths {
  /** Behind the back piece. */
  far: string;
  /** Between the two pieces. */
  between: string;
  /** In front of both. */
  near: string;
  end: Point;
}

/**
 * The way of the strand, from the last stitch that is closed on. Through the front piece knitwise goes in and purlwise comes
 * out; the back piece shows its inside, so knitwise goes away from you there. From one piece to the other the strand goes
 * round outside, past both tips; from a loop to its neighbour it lies inside.
 */
export function strand(
  made: readonly GraftMove[],
  at: At,
  open: Open,
  x: (loop: number) => number,
  first: number,
): StrandPaths {
  const depths = { far: '', between: '', near: '' };
  let from: Point = { x: x(1) + 34, y: Y.BACK + 40 };
  let before: GraftMove | undefined;
  for (const move of made) {
    const to = at(move.needle, move.loop);
    const seen = move.loop >= Math.max(first, open.back - 1) && (before || open.back === 1);
    if (seen && !before) {
      depths[beginsIn(move)] += arc(from, to, 0);
    } else if (seen && before && before.needle !== move.needle) {
      outside(depths, { from, to, move, before, open, tip: x(open.back) });
    } else if (seen) {
      depths.between += arc(from, to, 12);
    }
    [from, before] = [to, move];
  }
  return { ...depths, end: from };
}

/** From where the first move comes: a set-up comes from inside; without one the strand waits outside. */
function beginsIn({ needle, knitwise }: GraftMove): 'far' | 'between' | 'near' {
  if (knitwise === (needle === 'BACK')) {
    return 'between';
  }
  return needle === 'BACK' ? 'far' : 'near';
}

interface Outside {
  from: Point;
  to: Point;
  move: GraftMove;
  before: GraftMove;
  open: Open;
  tip: number;
}

/** From piece to piece: round past the tips, where the back one still holds its loop. */
function outside(
  depths: { far: string; near: string },
  { from, to, move, before, open, tip }: Outside,
): void {
  const backLoop = move.needle === 'BACK' ? move.loop : before.loop;
  if (backLoop < open.back) {
    depths.near += `M${from.x},${from.y} L${to.x},${to.y} `;
    return;
  }
  const [back, front] = move.needle === 'BACK' ? [to, from] : [from, to];
  const round = { x: Math.max(tip, front.x) + 34, y: (Y.BACK + Y.FRONT) / 2 + 4 };
  depths.far += `M${back.x},${back.y} C${back.x + 22},${back.y} ${round.x},${back.y + 6} ${round.x},${round.y} `;
  depths.near += `M${round.x},${round.y} C${round.x},${front.y - 8} ${front.x + 24},${front.y} ${front.x},${front.y} `;
}

/** From a loop to its neighbour. */
function arc(from: Point, to: Point, sag: number): string {
  const y = Math.max(from.y, to.y) + sag;
  return `M${from.x},${from.y} C${from.x},${y} ${to.x},${y} ${to.x},${to.y} `;
}
