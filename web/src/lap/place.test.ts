import { describe, expect, it } from 'vitest';
import type { LapStep, Work } from '../wire/types';
import { glance, loopsAfter, onNeedles, placeAt, stateWords, unitOf, wordsAt } from './place';

function step(id: string, number: number, part: Partial<LapStep> = {}): LapStep {
  return {
    id,
    doing: 'ROUNDS',
    paced: true,
    title: id,
    instruction: '',
    amounts: {},
    before: 64,
    words: ['Knit.'],
    loops: [64],
    number,
    forGood: false,
    mishaps: [],
    needles: [],
    pattern: [],
    stitchEnds: [],
    moves: [],
    sharing: 'BOTH',
    cautions: [],
    ...part,
  };
}

const lap: Work = {
  steps: [
    step('begin', 1, { doing: 'BEGIN', paced: false, before: 0 }),
    step('foot', 5),
    step('heel', 3, { words: ['Knit.', 'On each side.', 'Knit.'], loops: [64, 60, 60] }),
  ],
  starts: [0, 1, 6],
  presses: 9,
  differences: [],
  stretches: [],
};

describe('a place in the work', () => {
  it.each([
    [0, 'begin', 0],
    [1, 'foot', 0],
    [5, 'foot', 4],
    [6, 'heel', 0],
    [8, 'heel', 2],
  ])('after %i presses it is %s, %i of it done', (position, id, done) => {
    const place = placeAt(lap, position);
    expect(place?.step.id).toBe(id);
    expect(place?.done).toBe(done);
  });

  it('is none once the sock is done', () => {
    expect(placeAt(lap, 9)).toBeUndefined();
  });

  it.each([
    [0, 'Knit.', 64],
    [1, 'On each side.', 64],
    [2, 'Knit.', 60],
    [3, 'Knit.', 60],
  ])('of a heel with %i rounds done says %s on %i loops', (done, words, loops) => {
    const heel = lap.steps[2] as LapStep;
    expect(wordsAt(heel, done)).toBe(words);
    expect(loopsAfter(heel, done)).toBe(loops);
  });

  it('tells what a press is called', () => {
    expect(lap.steps.map(unitOf)).toEqual([undefined, 'round', 'round']);
    expect(unitOf(step('heel', 45, { picture: 'WRAP' }))).toBe('row');
    expect(unitOf(step('heel', 20, {}))).toBe('round');
    expect(unitOf(step('heel-graft', 64, { doing: 'GRAFT', paced: false }))).toBe('move');
  });
});

describe('a few words on a sock', () => {
  it.each([
    [0, 'not started'],
    [1, 'foot, 0 of 5 rounds done'],
    [4, 'foot, 3 of 5 rounds done'],
    [8, 'heel, 2 of 3 rounds done'],
    [9, 'done'],
  ])('after %i presses it is %s', (position, words) => {
    expect(stateWords(lap, position)).toBe(words);
  });
});

describe('at a glance', () => {
  const heel = step('heel', 4, {
    doing: 'SHAPE',
    words: ['Knit.', 'On each needle.', 'Knit.', 'On each needle.'],
    loops: [64, 60, 60, 56],
  });
  it.each([
    [0, undefined, 'then a decrease round'],
    [1, undefined, 'then a plain round'],
    [1, 20, 'then a plain round · about 9 min left in this part'],
    [3, 20, 'about 3 min left in this part'],
    [3, 0.7, 'about 85 min left in this part'],
    [3, 0.5, 'about 2 h left in this part'],
    [3, 0.41, 'about 2½ h left in this part'],
  ])('after %i rounds at %s an hour: %s', (done, pace, words) => {
    expect(glance({ step: heel, done, start: 0, index: 0 }, pace)).toBe(words);
  });

  it('tells the stitches on each needle, but not of a graft', () => {
    expect(onNeedles(heel, 2)).toBe('30 + 30 sts');
    expect(onNeedles(step('graft', 3, { doing: 'GRAFT', paced: false, loops: [4] }), 1)).toBe(
      '4 sts',
    );
  });
});
