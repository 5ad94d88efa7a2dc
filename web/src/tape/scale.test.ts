import { expect, it } from 'vitest';
import type { Outline } from '../wire/types';
import { points, scaleFor } from './scale';

const outline: Outline = {
  lengthMm: 300,
  widthMm: 100,
  openingMm: 200,
  spans: [],
  toe: [],
  heel: [],
};

it('the drawing is to scale from margin to margin', () => {
  const scale = scaleFor(outline, 620, 10);
  expect(scale.perMm).toBe(2);
  expect(scale.x(0)).toBe(10);
  expect(scale.x(300)).toBe(610);
  expect(scale.x(200) - scale.x(100)).toBe(200);
});

it('twice the width is twice the sock, along and across alike', () => {
  const small = scaleFor(outline, 310, 5);
  const large = scaleFor(outline, 620, 10);
  expect(large.perMm / small.perMm).toBeCloseTo(2);
});

it('a small sock on a wide screen is not drawn larger than somewhat above life size', () => {
  const scale = scaleFor({ ...outline, lengthMm: 120 }, 1500, 10);
  expect(scale.perMm).toBe(6);
  expect(scale.x(120)).toBe(730);
});

it('points are written for SVG', () => {
  expect(
    points([
      [1, 2],
      [3.456, 7],
    ]),
  ).toBe('1.00,2.00 3.46,7.00');
});
