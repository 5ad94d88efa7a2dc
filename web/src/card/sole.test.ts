import { expect, it } from 'vitest';
import { plans } from '../../test/plans';
import { pathOf, soleOf } from './sole';

it('the sole goes from the tip of the toe to the end of the heel, as wide as the tube between', () => {
  const { outline, tube } = plans.usual;
  const sole = soleOf(outline);
  const places = sole.map(([at]) => at);
  expect(places).toEqual([...places].sort((a, b) => a - b));
  expect(places[0]).toBe(0);
  expect(Math.abs((places.at(-1) ?? 0) - tube.lengths.foot.value)).toBeLessThan(0.2);
  expect(Math.max(...sole.map(([, width]) => width))).toBeCloseTo(outline.widthMm, 1);
  expect(pathOf(sole, 95, 1.1)).toMatch(/^M[\d. L]+Z$/);
});
