import type { Draft } from '../draft/draft';
import type { Foot, Spec } from '../wire/types';

/** What is measured before there is a plan. */
export interface Measures {
  lengthMm?: number | undefined;
  shoe?: Foot['shoe'];
  ballGirthMm?: number | undefined;
  stitches?: number | undefined;
  rounds?: number | undefined;
  /** What the swatch was counted over: it stays what it was when other units are shown. */
  spanMm: number;
}

/** What was taken from the shelves. */
export interface Taken {
  foot?: Draft['foot'];
  feet?: Pick<Spec, 'foot' | 'otherFoot'> | undefined;
  swatch?: Draft['swatch'];
  swatchSpec?: Spec['swatch'] | undefined;
  /** A yarn that was knitted before, with what was weighed of it. */
  yarn?: Draft['yarn'];
  yarnSpec?: Pick<Spec, 'yarn' | 'striping' | 'weighIns'>;
}

/** What the readings come to over a span, as the plan takes them: all counts over all spans. */
export function overSpan(
  readings: readonly { count: number; spanMm: number }[],
  span: number,
): number {
  const counted = readings.reduce((sum, { count }) => sum + count, 0);
  const spans = readings.reduce((sum, { spanMm }) => sum + spanMm, 0);
  return Math.round((counted / spans) * span * 100) / 100;
}

export function specOf(
  measures: Measures,
  { feet, swatchSpec, yarnSpec }: Taken,
): Spec | undefined {
  const { lengthMm, shoe, ballGirthMm, stitches, rounds, spanMm } = measures;
  const long = lengthMm ?? shoe;
  // Only a foot that nobody can measure has no ball: one whose length is the shoe's.
  const round = ballGirthMm ?? (lengthMm === undefined ? shoe : undefined);
  if (long === undefined || round === undefined || stitches === undefined || rounds === undefined) {
    return undefined;
  }
  return {
    ...feet,
    ...yarnSpec,
    foot: { ...feet?.foot, lengthMm, shoe, ballGirthMm },
    swatch: swatchSpec ?? {
      stitches: [{ count: stitches, spanMm }],
      rounds: [{ count: rounds, spanMm }],
    },
  };
}

/** What was taken, but for somebody's feet: another name is another person. */
export function withoutFoot(taken: Taken): Taken {
  const rest = { ...taken };
  delete rest.foot;
  delete rest.feet;
  return rest;
}
