import { expect, test } from 'vitest';
import { after } from './useMoves';

test('moves come in their order', () => {
  expect(after({ at: 0, again: false, missed: [] }, 3)).toEqual({
    at: 1,
    again: false,
    missed: [],
  });
});

test('after the last one what was missed comes again, and then it is over', () => {
  const again = after({ at: 2, again: false, missed: [0, 1] }, 3);
  expect(again).toEqual({ at: 0, again: true, missed: [1] });
  const next = after(again, 3);
  expect(next).toEqual({ at: 1, again: true, missed: [] });
  expect(after(next, 3).at).toBe(3);
});

test('a graft without a mistake is over after its last move', () => {
  expect(after({ at: 2, again: false, missed: [] }, 3).at).toBe(3);
});
