import type { Spec } from '../src/wire/types';

/** A specification with the little that is needed, for a foot of this girth. */
export function specAround(ballGirthMm: number): Spec {
  const per10Cm = (count: number) => [{ count, spanMm: 100 }];
  return {
    foot: { lengthMm: 246, ballGirthMm },
    swatch: { stitches: per10Cm(31), rounds: per10Cm(43) },
  };
}
