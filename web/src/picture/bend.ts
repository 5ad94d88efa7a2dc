import type { Outline } from '../wire/types';

/** A point on the table, in millimetres. */
export type Point = readonly [number, number];

/** A sock as it lies on its side, folded at its middle, the foot to the left and the leg bent up at the ankle. */
export interface Lying {
  /** Where a point of the flat tube comes to lie: millimetres from the toe tip, and from the instep's edge down. */
  tube: (x: number, y: number, part: 'foot' | 'leg') => Point;
  /** The lips of the heel's opening, from the sole's edge over the corner to the back of the leg. */
  lips: readonly [sole: Point, corner: Point, back: Point];
  /** The tip of the heel. */
  tip: Point;
  width: number;
  height: number;
}

/** How far the leg is turned up; a sock on the table keeps an obtuse angle. */
const MOST_BEND = (62 * Math.PI) / 180;
/** Over how much of the tube the ankle bends, in halves of its width; and how much of it may be pressed together in front. */
const [LONG, PRESSED] = [1.25, 0.86];

/** How a sock of this outline lies. */
export function lying(outline: Outline): Lying {
  const { raw, lips, tip } = laid(outline);
  const { lengthMm, openingMm, widthMm } = outline;
  const corners = [
    ...[0, widthMm].flatMap((y) => [raw(0, y, 'foot'), raw(lengthMm, y, 'leg')]),
    raw(openingMm, widthMm, 'foot'),
    raw(openingMm, widthMm, 'leg'),
    tip,
  ];
  const [left, top] = [0, 1].map((i) => Math.min(...corners.map((p) => p[i] ?? 0))) as [
    number,
    number,
  ];
  const moved = ([x, y]: Point): Point => [x - left, y - top];
  return {
    tube: (x, y, part) => moved(raw(x, y, part)),
    lips: lips.map(moved) as unknown as Lying['lips'],
    tip: moved(tip),
    width: Math.max(...corners.map(([x]) => x)) - left,
    height: Math.max(...corners.map(([, y]) => y)) - top,
  };
}

/** The same with the toe tip at nought and the instep of the foot along the upper edge. */
function laid({ lengthMm, openingMm: line, widthMm, heel }: Outline) {
  const half = widthMm / 2;
  const long = Math.max(1, Math.min(LONG * half, lengthMm - line, line / 2));
  const bend = Math.min(MOST_BEND, 2 * Math.atan((PRESSED * long) / half));
  const [sin, cos] = [Math.sin(bend), Math.cos(bend)];
  const foot = (u: number, v: number): Point => [line + u, half - v];
  const leg = (u: number, v: number): Point => [line + u * cos - v * sin, half - u * sin - v * cos];
  const raw: Lying['tube'] = (x, y, part) => {
    const [u, v] = [x - line, half - y];
    if (v <= 0 || Math.abs(u) >= long) {
      return part === 'foot' ? foot(u, v) : leg(u, v);
    }
    return ankle((u + long) / (2 * long), v / half, [
      foot(-long, v),
      foot(-v * Math.tan(bend / 2), v),
      leg(long, v),
    ]);
  };
  const depth = heel.at(-1)?.depthMm ?? 0;
  const [s, c] = [Math.sin(bend / 2), Math.cos(bend / 2)];
  // From the lip to the tip the heel is as long as it is deep.
  const reach = half * c + Math.sqrt(Math.max(0, depth ** 2 - (half * s) ** 2));
  const corner = foot(0, 0);
  return {
    raw,
    lips: [foot(0, -half), corner, leg(0, -half)] as const,
    tip: [corner[0] + reach * s, corner[1] + reach * c] as Point,
  };
}

/** Round the ankle: at the side sharp, for there the heel begins; towards the instep ever softer. */
function ankle(t: number, far: number, [from, by, to]: [Point, Point, Point]): Point {
  const sharp = t < 0.5 ? between(from, by, 2 * t) : between(by, to, 2 * t - 1);
  const soft = between(between(from, by, t), between(by, to, t), t);
  return between(sharp, soft, far * far * (3 - 2 * far));
}

/** A point on the way from one to another. */
export function between([x, y]: Point, [toX, toY]: Point, share: number): Point {
  return [x + (toX - x) * share, y + (toY - y) * share];
}
