import { expect, it } from 'vitest';
import text from '../../test/folds.json?raw';
import type { LapEvent, LapStep, Work } from '../wire/types';
import { pairState, turnOf } from './pair';

interface State {
  at: [number, number];
  trails: [number[], number[]];
  pressed: number[];
}

type Said = readonly [LapEvent['kind'], number, boolean, number?];

/** What the core makes of thousands of sequences of presses; a test of the application keeps the file as it is. */
const { pairs, cases } = JSON.parse(text) as {
  pairs: { presses: number; starts: number[]; steps: [string, string, number][] }[][];
  cases: {
    pair: number;
    heard: State;
    waiting: Said[];
    then: State;
    next: [1 | 2, boolean] | [];
  }[];
};

const works = pairs.map((pair) =>
  pair.map(({ steps, ...work }) => ({
    ...work,
    steps: steps.map(([id, sharing, number]) => ({ id, sharing, number }) as unknown as LapStep),
  })),
) as unknown as [Work, Work][];

const event = ([kind, sock, both, to]: Said) =>
  ({ id: '', device: '', at: '', kind, sock, both, to }) as unknown as LapEvent;

it('what the page predicts while the server is away is what the core makes of it', () => {
  expect(cases).toHaveLength(2000);
  const other = cases.filter(({ pair, heard, waiting, then, next }) => {
    const both = works[pair] as [Work, Work];
    const state = pairState(
      heard.at.map((position, i) => ({
        sock: i + 1,
        position,
        trail: heard.trails[i] ?? [],
        devices: 1,
      })),
      heard.pressed,
      waiting.map(event),
      both.map(({ presses }) => presses),
    );
    const at = state.socks.map(({ position }) => position) as [number, number];
    const turn = turnOf(both, at);
    return (
      JSON.stringify(at) !== JSON.stringify(then.at) ||
      JSON.stringify(state.socks.map(({ canUndo }) => canUndo)) !==
        JSON.stringify(then.trails.map((trail) => trail.length > 0)) ||
      JSON.stringify(state.pressed) !== JSON.stringify(then.pressed) ||
      (next.length > 0 && JSON.stringify([turn.sock, turn.both]) !== JSON.stringify(next))
    );
  });
  expect(other.slice(0, 3)).toEqual([]);
  expect(other).toHaveLength(0);
});
