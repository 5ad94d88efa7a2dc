import { expect, it } from 'vitest';
import type { ColourRound, StripePlan } from '../wire/types';
import { plans } from '../../test/plans';
import { colourReading, faceOf, stretches, unsureEdges } from './colours';
import { runsOf } from './StripeRuns';

function round(band: number, changes: ColourRound['changes'] = [], unsureRounds = 0): ColourRound {
  return { stitches: 64, band, changes, nth: 1, inBand: 2, ofBand: 5, unsureRounds };
}

it.each([
  ['a whole round', round(0), [[0, 0, 1]]],
  [
    'a change on the face',
    round(0, [{ stitch: 17, band: 1 }]),
    [
      [0, 0, 0.5],
      [1, 0.5, 1],
    ],
  ],
  ['a change on the other face', round(0, [{ stitch: 40, band: 1 }]), [[0, 0, 1]]],
  ['a change in the first stitch', round(0, [{ stitch: 1, band: 1 }]), [[1, 0, 1]]],
  [
    'two changes',
    round(2, [
      { stitch: 9, band: 0 },
      { stitch: 25, band: 1 },
    ]),
    [
      [2, 0, 0.25],
      [0, 0.25, 0.75],
      [1, 0.75, 1],
    ],
  ],
] as const)('the face of %s', (_, looked, parts) => {
  expect(faceOf(looked).map(({ band, from, to }) => [band, from, to])).toEqual(parts);
});

it('rounds of one colour are one stretch, a round with a step stands alone', () => {
  const rounds = [round(0), round(0), round(0, [{ stitch: 9, band: 1 }]), round(1), round(1)];
  expect(stretches(rounds).map(({ first, last }) => [first, last])).toEqual([
    [0, 1],
    [2, 2],
    [3, 4],
  ]);
});

it('blurs an edge only where it is unsure by more than half a round, and never over its neighbours', () => {
  const rounds = [round(0, [], 0.2), round(1, [], 0.2), round(1), round(0, [], 3), round(1, [], 3)];
  const edges = unsureEdges(rounds);
  expect(edges.map(({ at }) => at)).toEqual([3, 4]);
  expect(edges.every(({ room }) => room <= 2)).toBe(true);
});

it('reads a round as a knitter would', () => {
  const stripes = plans.striped.stripes as StripePlan;
  expect(colourReading(stripes, round(1))).toBe('first woad, round 2 of 5');
  expect(colourReading(stripes, round(0, [{ stitch: 50, band: 1 }]))).toBe(
    'first madder, round 2 of 5, woad from stitch 50 on',
  );
  expect(colourReading(stripes, { ...round(0), nth: 12 })).toBe('madder 12, round 2 of 5');
  expect(colourReading(stripes, { ...round(-1), nth: 0 })).toBe('');
});

it('the runs of a sock cover it once', () => {
  const runs = runsOf(plans.striped) ?? [];
  const sock = plans.striped.stripes?.socks[0];
  for (const heel of [false, true]) {
    const mine = runs.filter((run) => run.heel === heel);
    expect(mine[0]?.from).toBe(0);
    expect(mine.at(-1)?.to).toBe((heel ? sock?.heel : sock?.tube)?.length);
    mine.slice(1).forEach((run, i) => expect(run.from).toBe(mine[i]?.to));
  }
  expect(runsOf(plans.usual)).toBeUndefined();
});
