import { expect, test } from 'vitest';
import type { GraftMove } from '../wire/types';
import { nodeOf, openAt, strand, Y } from './strand';

const move = (
  needle: GraftMove['needle'],
  loop: number,
  knitwise: boolean,
  off: boolean,
): GraftMove => ({ needle, loop, knitwise, off });

/** The set-up and the first stitch, as a graft begins whose yarn waits at the back: common practice. */
const BEGUN = [
  move('FRONT', 1, false, false),
  move('BACK', 1, true, false),
  move('FRONT', 1, true, true),
  move('FRONT', 2, false, false),
  move('BACK', 1, false, true),
  move('BACK', 2, true, false),
];
const x = (loop: number) => 300 - loop * 44;

function drawn(done: number) {
  const made = BEGUN.slice(0, done);
  const open = openAt(made);
  return strand(made, (needle, loop) => nodeOf(open, x, needle, loop), open, x, 1);
}

test('the first loops are open until each came off', () => {
  expect([2, 3, 5].map((done) => openAt(BEGUN.slice(0, done)))).toEqual([
    { front: 1, back: 1 },
    { front: 2, back: 1 },
    { front: 2, back: 2 },
  ]);
});

test('from needle to needle the strand goes round outside, past both tips', () => {
  const { far, near, between } = drawn(2);
  expect(far).not.toBe('');
  expect(near).not.toBe('');
  // Only the first move comes from inside.
  expect(between.match(/M/g)).toHaveLength(1);
});

test('from a loop to its neighbour it lies inside', () => {
  expect(drawn(4).between.match(/M/g)).toHaveLength(2);
  expect(drawn(4).near).toBe(drawn(3).near);
});

test('it ends where it was last drawn out', () => {
  expect(drawn(4).end).toEqual({ x: x(2), y: Y.FRONT + 14 });
  expect(drawn(6).end).toEqual({ x: x(2), y: Y.BACK + 14 });
});

test('a closed stitch holds the strand half a stitch beside its column', () => {
  const open = openAt(BEGUN);
  expect(nodeOf(open, x, 'BACK', 1).x).toBe(x(1) - 22);
  expect(nodeOf(open, x, 'FRONT', 1).x).toBe(x(1));
});

test('a set-up comes from inside, a graft without one from outside', () => {
  const first = (made: GraftMove) => {
    const open = openAt([made]);
    return strand([made], (needle, loop) => nodeOf(open, x, needle, loop), open, x, 1);
  };
  const without = first(move('FRONT', 1, true, true));
  expect([without.near === '', without.between]).toEqual([false, '']);
  const withOne = first(move('FRONT', 1, false, false));
  expect([withOne.near, withOne.between === '']).toEqual(['', false]);
  expect(first(move('BACK', 1, true, false)).far).toBe('');
});
