import { describe, expect, it } from 'vitest';
import type { LapEvent, LapSock, LapStep, Work } from '../wire/types';
import { pairState, turnOf } from './pair';
import { placeAt } from './place';

const socks: readonly LapSock[] = [
  { sock: 1, position: 4, trail: [2, 3], devices: 1 },
  { sock: 2, position: 3, trail: [2], devices: 1 },
];
type Press = readonly ['DONE' | 'UNDONE' | 'JUMPED', number?, number?, boolean?];
const waiting = (presses: readonly Press[]) =>
  presses.map(([kind, to = 0, sock = 1, both]): LapEvent => {
    const said = { id: '', sock, device: '', at: '', ...(both && { both }) };
    return kind === 'JUMPED' ? { ...said, kind, to } : { ...said, kind };
  });

describe('what waits to be heard', () => {
  it.each([
    [[], 4, true],
    [[['DONE']], 5, true],
    [[['DONE'], ['DONE'], ['UNDONE']], 5, true],
    [[['UNDONE'], ['UNDONE']], 2, false],
    [[['UNDONE'], ['UNDONE'], ['UNDONE']], 2, false],
    [[['JUMPED', 8], ['DONE'], ['DONE']], 9, true],
    [[['JUMPED', 8], ['UNDONE']], 4, true],
    [[['JUMPED', 40]], 4, true],
    [[['DONE', 0, 2]], 4, true],
  ] as const)('%j leads to %i', (presses, position, canUndo) => {
    const state = pairState(socks, [1, 2, 1], waiting(presses), [9, 9]);
    expect(state.socks[0]).toEqual({ position, canUndo });
  });

  it.each([
    [[['DONE', 0, 1, true]], [5, 4], [1, 2, 1, 0]],
    [
      [
        ['DONE', 0, 1, true],
        ['UNDONE', 0, 1, true],
      ],
      [4, 3],
      [1, 2, 1],
    ],
    [
      [
        ['UNDONE', 0, 1, true],
        ['UNDONE', 0, 1, true],
      ],
      [3, 2],
      [1],
    ],
    [
      [
        ['DONE', 0, 1, true],
        ['UNDONE', 0, 2],
      ],
      [5, 3],
      [1, 2, 1, 1],
    ],
    [
      [
        ['JUMPED', 7, 1, true],
        ['DONE', 0, 2],
      ],
      [7, 8],
      [1, 2, 1, 0, 2],
    ],
    [
      [
        ['JUMPED', 9, 1],
        ['DONE', 0, 1, true],
      ],
      [9, 4],
      [1, 2, 1, 1, 2],
    ],
  ] as const)('of both socks %j leads to %j', (presses, positions, pressed) => {
    const state = pairState(socks, [1, 2, 1], waiting(presses), [9, 9]);
    expect(state.socks.map(({ position }) => position)).toEqual(positions);
    expect(state.pressed).toEqual(pressed);
  });
});

function step(id: string, number: number, sharing: LapStep['sharing']): LapStep {
  return { id, number, sharing, title: id } as LapStep;
}

function work(...steps: LapStep[]): Work {
  const starts = steps.map((_, i) => steps.slice(0, i).reduce((sum, each) => sum + each.number, 0));
  const presses = steps.reduce((sum, each) => sum + each.number, 0);
  return { steps, starts, presses } as unknown as Work;
}

describe('whose turn it is', () => {
  const lap = work(
    step('leg', 3, 'BOTH'),
    step('bind-off', 1, 'EACH'),
    step('heel-pick-up', 1, 'HEEL_THROUGH'),
    step('heel', 2, 'HEEL_THROUGH'),
    step('toe-pick-up', 1, 'TOE_THROUGH'),
    step('toe', 2, 'TOE_THROUGH'),
    step('ends', 1, 'EACH'),
  );

  it('leads both socks to their ends, each press once, heels and toes one after the other', () => {
    const at: [number, number] = [0, 0];
    const done: string[] = [];
    for (let i = 0; i < 40 && (at[0] < lap.presses || at[1] < lap.presses); i++) {
      const turn = turnOf([lap, lap], at);
      const { step: here } = placeAt(lap, at[turn.sock === 1 ? 0 : 1]) ?? {};
      done.push(`${turn.both ? 'both' : turn.sock} ${here?.id}`);
      (turn.both ? [0, 1] : [turn.sock - 1]).forEach((sock) => (at[sock as 0 | 1] += 1));
    }
    expect(at).toEqual([lap.presses, lap.presses]);
    const heels = ['heel-pick-up', 'heel', 'heel'];
    const toes = ['toe-pick-up', 'toe', 'toe'];
    const of = (sock: number, ids: string[]) => ids.map((id) => `${sock} ${id}`);
    expect(done).toEqual([
      'both leg',
      'both leg',
      'both leg',
      '1 bind-off',
      '2 bind-off',
      ...of(1, heels),
      ...of(2, heels),
      ...of(1, toes),
      ...of(2, toes),
      '1 ends',
      '2 ends',
    ]);
  });

  it('lets the sock that is behind catch up', () => {
    expect(turnOf([lap, lap], [0, 2])).toEqual({ sock: 1, both: false });
    expect(turnOf([lap, lap], [3, 2])).toEqual({ sock: 2, both: false });
    // In the middle of the second one’s heel the first one’s waits.
    expect(turnOf([lap, lap], [4, 6])).toEqual({ sock: 2, both: false });
  });
});
