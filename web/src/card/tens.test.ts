import { expect, it } from 'vitest';
import { tens } from './tens';

it.each([
  [58, [10, 20, 30, 40, 50, 58]],
  [40, [10, 20, 30, 40]],
  [7, [7]],
  [0, []],
])('%d rounds are ticked at %j', (rounds, boxes) => {
  expect(tens(rounds)).toEqual(boxes);
});
