import { expect, it } from 'vitest';
import { placeOf } from './placeOf';

it('a figure is found where it stands, by itself and not by its value', () => {
  const figure = { value: 64, unit: 'ROUNDS', plusMinus: 0 } as const;
  const other = { ...figure };
  expect(placeOf(figure, { a: [1, { 'b/c': other }, { 'b~c': figure }] })).toBe('/a/2/b~0c');
  expect(placeOf(other, { a: [1, { 'b/c': other }] })).toBe('/a/1/b~1c');
  expect(placeOf(figure, { a: other })).toBeUndefined();
});
