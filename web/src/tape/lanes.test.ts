import { expect, it } from 'vitest';
import { plans } from '../../test/plans';
import type { AxisRound } from '../wire/types';
import { patternRuns } from './PatternMarks';
import { placingHeight, placingLane } from './PlacingMarks';
import { lastBeforeOpening, placeOf, reading } from './reading';
import { scaleFor } from './scale';

it.each([1200, 700, 360])('names of marks stand apart at %d pixels', (width) => {
  const plan = plans.usual;
  const marks = placingLane(plan, scaleFor(plan.outline, width, 14), width);
  expect(marks).toHaveLength(plan.tube.heelLine.placings.length);
  expect(marks.filter(({ own }) => own)).toHaveLength(1);
  // Each name stands to one side of its mark.
  const names = marks.map(({ row, x, left, placing }) => {
    const room = placing.school.title.length * 6;
    return { row, from: left ? x - room : x, to: left ? x : x + room };
  });
  names.forEach((one, i) => {
    names
      .filter((other, k) => k !== i && other.row === one.row)
      .forEach((other) => expect(other.from > one.to || other.to < one.from).toBe(true));
  });
  expect(placingHeight(marks)).toBeGreaterThan(16);
  expect(placingHeight([])).toBe(0);
});

it('the cursor reads every lane', () => {
  const [first, last] = [plans.usual.axis[0], plans.usual.axis[83]] as [AxisRound, AxisRound];
  expect(reading(plans.usual, 84, last, 'CM')).toBe(
    'round 64 from the start of the tube, where the toe ends, in the foot · heel line after it · 19.5 cm from the toe tip · 12.6 g left in the cake',
  );
  expect(reading(plans.usual, 1, first, 'CM')).toContain('toe round 20 of 20');
});

it('where the cake is used up the cursor says by how much it is too light', () => {
  const at = { ...(plans.usual.axis[83] as AxisRound), leftG: -5.5 };
  const read = reading(plans.usual, 84, at, 'CM');
  expect(read).toContain('5.5 g more than the cake has');
  expect(read).not.toMatch(/[-−]5/);
});

it('the pattern lies where the plan says, and the cursor reads its round', () => {
  const patterned = { ...plans.patterned, axis: plans.usual.axis };
  const onTape = patterned.pattern?.onTape ?? [];
  const runs = patternRuns(patterned);
  expect(
    runs.flatMap(({ from, to }) => Array.from({ length: to - from }, (_, i) => from + i)),
  ).toEqual(onTape.flatMap((ofRepeat, at) => (ofRepeat > 0 ? [at] : [])));
  expect(runs.map(({ onLeg }) => onLeg)).toContain(true);
  const at = onTape.findIndex((ofRepeat) => ofRepeat > 0);
  expect(reading(patterned, at + 1, patterned.axis[at] as AxisRound, 'CM')).toContain(
    `pattern round ${onTape[at]} of ${patterned.pattern?.made.height.value}`,
  );
  expect(patternRuns(plans.usual)).toEqual([]);
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
