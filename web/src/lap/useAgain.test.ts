import { expect, test } from 'vitest';
import { after } from './useAgain';

const START = { of: 'a', at: 40, from: [] };

test('what was taken back can be made again, the last first', () => {
  const once = after(START, 12, true);
  expect(once).toEqual({ of: 'a', at: 12, from: [40] });
  const twice = after(once, 11, true);
  expect(twice.from).toEqual([40, 12]);
  const again = after(twice, 12, false);
  expect(again.from).toEqual([40]);
  expect(after(again, 40, false).from).toEqual([]);
});

test('it is forgotten once the work goes on otherwise', () => {
  expect(after(after(START, 12, true), 13, false).from).toEqual([]);
});
