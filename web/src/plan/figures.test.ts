import { expect, it } from 'vitest';
import type { Figure, Plan, Unit } from '../api/types';
import { entries } from './figures';

function figure(value: number, unit: Unit, plusMinus = 0): Figure {
  return { value, unit, plusMinus, step: 0 };
}

const rounds = (value: number) => figure(value, 'ROUNDS');
const stitches = (value: number) => figure(value, 'STITCHES');
const mm = (value: number, plusMinus = 0) => figure(value, 'MILLIMETRES', plusMinus);

const shaping = {
  school: 'WEDGE',
  begun: false,
  close: 'GRAFT',
  plainRounds: rounds(4),
  decreaseRounds: rounds(8),
  graftLoops: stitches(16),
  closingSide: stitches(16),
  rounds: rounds(20),
  depth: mm(46.5),
  list: [],
  phases: [{ every: rounds(2), decreases: figure(8, 'NUMBER') }],
};

/** As much of a plan as the list of figures looks at: the usual sock of 64 stitches. */
const usual = {
  stitchCount: { stitches: stitches(64), realEase: figure(0.1062, 'PERCENT') },
  choices: { cuff: rounds(15) },
  cuff: { ribTitle: '2×2 rib' },
  tube: {
    way: 'TOE_UP',
    count: {
      rounds: rounds(66),
      length: mm(153.5, 2),
      title: 'the start of the tube',
      markers: figure(6, 'TENS'),
    },
    footRounds: rounds(66),
    legRounds: rounds(39),
    counts: [],
    tubeRounds: rounds(105),
    tubeLength: mm(244.2, 3),
    cuffDepth: mm(34.9, 0.5),
    sacrificed: rounds(0),
  },
  opening: {
    way: 'WASTE_ONE_LINE',
    below: stitches(32),
    above: stitches(32),
    live: stitches(64),
    comesOut: stitches(28),
    cornerStitches: stitches(2),
  },
  heel: shaping,
  toe: shaping,
  yarn: {
    pairGrams: figure(54.2, 'GRAMS', 10.6),
    pairMetres: figure(228, 'METRES'),
    roles: [{ left: undefined }],
  },
};

function planned(change: (plan: typeof usual) => object): Plan {
  return { ...usual, ...change(usual) } as unknown as Plan;
}

const told = (plan: Plan, id: string) => entries(plan, 'CM').find((entry) => entry.id === id);

it.each([
  ['TOE_UP', false, ['stitches', 'opening', 'leg', 'cuff', 'pick-up', 'heel', 'toe', 'yarn']],
  ['TOE_UP', true, ['toe', 'stitches', 'opening', 'leg', 'cuff', 'pick-up', 'heel', 'yarn']],
  ['CUFF_DOWN', false, ['stitches', 'cuff', 'opening', 'leg', 'pick-up', 'heel', 'toe', 'yarn']],
  ['READY_TUBE', false, ['stitches', 'cuff', 'opening', 'leg', 'pick-up', 'heel', 'toe', 'yarn']],
])('%s with a toe begun first: %s is told in the order of its work', (way, begun, order) => {
  const plan = planned(({ tube, toe }) => ({ tube: { ...tube, way }, toe: { ...toe, begun } }));
  expect(entries(plan, 'CM').map(({ id }) => id)).toEqual(order);
});

it('the usual sock is told as it is knitted', () => {
  const plan = planned(() => ({}));
  expect(told(plan, 'opening')?.note).toBe(
    '15.3 cm ± 2 mm from the start of the tube; 6 markers, one every 10 rounds',
  );
  expect(told(plan, 'pick-up')?.note).toBe('28 waste-yarn sts come out, 2 stay at each corner');
  expect(told(plan, 'heel')?.note).toBe(
    '4 plain rounds, then decrease every 2nd round 8 times; graft 16 + 16 sts',
  );
  expect(told(plan, 'yarn')?.note).toBe('228 m');
});

it('a snipped opening names its stitch and the round that is lost', () => {
  const plan = planned(({ tube, opening }) => ({
    tube: { ...tube, sacrificed: rounds(1) },
    opening: { ...opening, way: 'SNIP', snip: stitches(16), cornerStitches: undefined },
  }));
  expect(told(plan, 'pick-up')?.note).toContain('snip st 16; 28 sts come out');
  expect(told(plan, 'leg')?.note).toContain('one round of it is unpicked at the heel line');
});

it('a toe begun at its tip and a heel of short rows are told as such', () => {
  const rows = [{ kind: 'SHORT_ROW' }, { kind: 'SHORT_ROW' }];
  const plan = planned(({ heel, toe }) => ({
    toe: { ...toe, begun: true, graftLoops: undefined },
    heel: { ...heel, school: 'SHORT_ROWS', list: rows, graftLoops: stitches(32) },
  }));
  expect(told(plan, 'toe')?.note).toBe(
    '4 plain rounds, then increase every 2nd round 8 times; begun on 16 a side',
  );
  expect(told(plan, 'heel')?.note).toBe('2 short rows, 4.7 cm deep; graft 32 + 32 sts');
});

it.each([
  [38.02, 'sure', '38 g ± 11 g left over: sure'],
  [-4.2, 'not enough', '4 g too little at hand'],
])('%d g left is told as “%s”', (grams, words, note) => {
  const left = { left: figure(grams, 'GRAMS', 10.6), words };
  const plan = planned(({ yarn }) => ({ yarn: { ...yarn, roles: [{ left }] } }));
  expect(told(plan, 'yarn')?.note).toBe(note);
});

it('a tube larger than the foot is not called smaller', () => {
  const plan = planned(({ stitchCount }) => ({
    stitchCount: { ...stitchCount, realEase: figure(-0.02, 'PERCENT') },
  }));
  expect(told(plan, 'stitches')?.note).toBe('2 % larger than the foot');
});

it('top-down, what is knitted to the heel line is told without the cuff that was told before it', () => {
  const counts = [
    { ...usual.tube.count, from: 'CUFF_EDGE', rounds: rounds(64) },
    {
      ...usual.tube.count,
      from: 'START_OF_LEG',
      rounds: rounds(49),
      title: 'the start of the leg',
    },
  ];
  const plan = planned(({ tube }) => ({
    tube: { ...tube, way: 'CUFF_DOWN', count: counts[0], counts },
  }));
  expect(told(plan, 'opening')?.figures[0]?.value).toBe(49);
  expect(told(plan, 'cuff')?.figures[0]?.value).toBe(15);
});

it('rounds for the corners and phases are told one after the other', () => {
  const plan = planned(({ heel }) => ({
    heel: {
      ...heel,
      list: [{ kind: 'CORNERS' }, { kind: 'PLAIN' }],
      phases: [
        { every: rounds(3), decreases: figure(1, 'NUMBER') },
        { every: rounds(1), decreases: figure(2, 'NUMBER') },
      ],
    },
  }));
  expect(told(plan, 'heel')?.note).toBe(
    '4 plain rounds (corner sts gone in the first), then decrease every 3rd round once, then every round twice; graft 16 + 16 sts',
  );
});
