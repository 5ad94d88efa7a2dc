import { expect, it } from 'vitest';
import type { AxisRound, Plan } from '../api/types';
import { placingHeight, placingLane } from './PlacingMarks';
import { lastBeforeOpening, placeOf, reading } from './reading';
import { scaleFor } from './scale';

const titles = ['by your own heel', 'two inches short', 'five centimetres short', 'three quarters'];

function planOf(way: string): Plan {
  const placings = titles.map((title, i) => ({
    school: title,
    title,
    distance: { value: 180 + 2 * i, unit: 'MILLIMETRES', plusMinus: 0, step: 0 },
  }));
  return {
    outline: { lengthMm: 320 },
    toe: { begun: false, rounds: { value: 20 } },
    tube: {
      way,
      placings,
      placing: placings[0],
      openingRound: { value: 86 },
      openingFromToe: { value: 180, unit: 'MILLIMETRES', plusMinus: 0, step: 0 },
      count: { title: 'the start of the tube' },
    },
    yarn: { roles: [{}], leg: { cake: { value: 50 } } },
  } as unknown as Plan;
}

it.each([1200, 700, 360])('names of marks stand apart at %d pixels', (width) => {
  const plan = planOf('TOE_UP');
  const marks = placingLane(plan, scaleFor(plan.outline, width, 14), width);
  expect(marks).toHaveLength(titles.length);
  expect(marks.filter(({ own }) => own)).toHaveLength(1);
  marks.forEach(({ row }, i) => {
    const others = marks.filter((other, k) => k !== i && other.row === row);
    others.forEach((other) => {
      const room = (marks[i]?.placing.title.length ?? 0) * 6;
      expect(Math.abs(other.x - (marks[i]?.x ?? 0))).toBeGreaterThan(room);
    });
  });
  expect(placingHeight(marks)).toBeGreaterThan(16);
  expect(placingHeight([])).toBe(0);
});

const at: AxisRound = {
  round: 86,
  counted: 66,
  section: 'FOOT',
  mmFromToe: 200,
  usedG: 12.3,
  leftG: 37.7,
};

it('the needle reads every lane', () => {
  expect(reading(planOf('TOE_UP'), at, 'CM')).toBe(
    'round 66 from the start of the tube, in the foot · the heel opens after it · 20.0 cm from the toe tip · 37.7 g left in the cake',
  );
  const toe = { ...at, round: 1, counted: 20, section: 'TOE' as const };
  expect(reading(planOf('TOE_UP'), toe, 'CM')).toContain('toe round 20 of 20');
});

it('the last round before the opening lies on the side that is knitted first', () => {
  expect(lastBeforeOpening(planOf('TOE_UP'))).toBe(86);
  expect(lastBeforeOpening(planOf('CUFF_DOWN'))).toBe(87);
});

it.each([
  ['FOOT', false, false, 'foot'],
  ['FOOT', true, false, 'heel'],
  ['CUFF', true, true, 'yarn'],
] as const)('%s, below the tube %s, below the pocket %s: %s', (section, tube, pocket, place) => {
  expect(placeOf(section, tube, pocket)).toBe(place);
});
