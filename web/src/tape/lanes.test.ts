import { expect, it } from 'vitest';
import { plans } from '../../test/plans';
import type { AxisRound } from '../wire/types';
import { placingHeight, placingLane } from './PlacingMarks';
import { lastBeforeOpening, placeOf, reading } from './reading';
import { scaleFor } from './scale';

it.each([1200, 700, 360])('names of marks stand apart at %d pixels', (width) => {
  const plan = plans.usual;
  const marks = placingLane(plan, scaleFor(plan.outline, width, 14), width);
  expect(marks).toHaveLength(plan.tube.placings.length);
  expect(marks.filter(({ own }) => own)).toHaveLength(1);
  marks.forEach(({ row }, i) => {
    const others = marks.filter((other, k) => k !== i && other.row === row);
    others.forEach((other) => {
      const room = (marks[i]?.placing.school.title.length ?? 0) * 6;
      expect(Math.abs(other.x - (marks[i]?.x ?? 0))).toBeGreaterThan(room);
    });
  });
  expect(placingHeight(marks)).toBeGreaterThan(16);
  expect(placingHeight([])).toBe(0);
});

it('the needle reads every lane', () => {
  const [first, last] = [plans.usual.axis[0], plans.usual.axis[83]] as [AxisRound, AxisRound];
  expect(reading(plans.usual, last, 'CM')).toBe(
    'round 64 from the start of the tube, where the toe ends, in the foot · heel line after it · 19.5 cm from the toe tip · 12.6 g left in the cake',
  );
  expect(reading(plans.usual, first, 'CM')).toContain('toe round 20 of 20');
});

it('the last round before the opening lies on the side that is knitted first', () => {
  expect(lastBeforeOpening(plans.usual)).toBe(20 + 64);
  expect(lastBeforeOpening(plans.cuffDown)).toBe(24 + 60 + 1);
});

it.each([
  ['FOOT', false, false, 'foot'],
  ['FOOT', true, false, 'heel'],
  ['CUFF', true, true, 'yarn'],
] as const)('%s, below the tube %s, below the pocket %s: %s', (section, tube, pocket, place) => {
  expect(placeOf(section, tube, pocket)).toBe(place);
});
