import type { Outline } from '../wire/types';

/** How millimetres of the sock become pixels of the drawing, the same along and across. */
export interface Scale {
  /** Pixels in a millimetre. */
  perMm: number;
  /** Pixel of a distance from the tip of the toe. */
  x: (mm: number) => number;
}

/** The most pixels of a millimetre: somewhat more than life size, so that a child's sock does not fill a wall. */
const MOST_PER_MM = 6;

export function scaleFor(outline: Outline, width: number, margin: number): Scale {
  const perMm = Math.min(MOST_PER_MM, (width - 2 * margin) / outline.lengthMm);
  return { perMm, x: (mm) => margin + mm * perMm };
}

/** A polygon's points for SVG. */
export function points(list: readonly (readonly [number, number])[]): string {
  return list.map(([x, y]) => `${x.toFixed(2)},${y.toFixed(2)}`).join(' ');
}
