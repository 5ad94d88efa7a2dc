import { describe, expect, it } from 'vitest';
import type { CutPlan } from '../wire/types';
import { cutNumber, cutsOf, madeAlike, moved, piecesOf, unlikeLegs } from './pieces';

type Kind = CutPlan['along'][number]['stretch']['kind']['id'];

/** A tube of stretches: their kinds and rounds, and for pieces the sock. */
function plan(...stretches: readonly (readonly [Kind, number, number?])[]): CutPlan {
  let at = 0;
  const along = stretches.map(([id, rounds, sock]) => {
    const from = at;
    at += rounds;
    return {
      stretch: {
        kind: { id, title: id },
        from,
        to: at,
        wish: id === 'PIECE' ? 0 : -1,
        sock: sock ?? 0,
      },
      fromMm: from,
      toMm: at,
      band: -1,
    };
  });
  const figure = (value: number) => ({ value, unit: 'ROUNDS' as const, plusMinus: 0 });
  const pairs = [
    { wish: 0, leg: figure(35), piece: figure(91), legAbove: figure(0), matched: true },
  ];
  return { along, pairs } as unknown as CutPlan;
}

const WITH_REMNANT = plan(
  ['PIECE', 91, 0],
  ['SPARE', 2],
  ['CUT', 1],
  ['REMNANT', 40],
  ['CUT', 1],
  ['SPARE', 2],
  ['PIECE', 91, 1],
);
const BESIDE = plan(
  ['PIECE', 91, 0],
  ['SPARE', 2],
  ['CUT', 1],
  ['GIVEN_UP', 3],
  ['SPARE', 2],
  ['PIECE', 91, 1],
);

describe('the pieces of a cut', () => {
  it('are told by where they begin and how long their leg is', () => {
    expect(piecesOf(BESIDE)).toEqual([
      { wish: 0, sock: 0, fromRound: 0, legRounds: 35 },
      { wish: 0, sock: 1, fromRound: 99, legRounds: 35 },
    ]);
  });

  it('lie on both sides of a cut between them, and on one side of a cut beside a remnant', () => {
    expect(cutsOf(BESIDE)).toEqual([{ round: 93, before: 0, after: 1 }]);
    expect(cutsOf(WITH_REMNANT)).toEqual([
      { round: 93, before: 0, after: undefined },
      { round: 134, before: undefined, after: 1 },
    ]);
  });

  it('trade rounds when the cut between them moves', () => {
    const [cut] = cutsOf(BESIDE);
    expect(cut && moved(piecesOf(BESIDE), cut, 4)).toEqual([
      { wish: 0, sock: 0, fromRound: 0, legRounds: 39 },
      { wish: 0, sock: 1, fromRound: 103, legRounds: 31 },
    ]);
  });

  it('number the cuts from the toes’ end', () => {
    expect([cutNumber(WITH_REMNANT, 2), cutNumber(WITH_REMNANT, 4)]).toEqual([1, 2]);
  });
});

it('a cut that is moved leaves unequal legs, which are made alike by the shorter one', () => {
  const pieces = piecesOf(BESIDE);
  expect(unlikeLegs(pieces)).toEqual([]);
  const [cut] = cutsOf(BESIDE);
  const put = moved(pieces, cut as NonNullable<typeof cut>, -3);
  const [unlike] = unlikeLegs(put);
  expect(unlike).toEqual({ wish: 0, longer: 38, shorter: 32 });
  const alike = madeAlike(put, unlike as NonNullable<typeof unlike>);
  expect(alike.map(({ legRounds }) => legRounds)).toEqual([32, 32]);
  expect(alike.map(({ fromRound }) => fromRound)).toEqual(put.map(({ fromRound }) => fromRound));
});
