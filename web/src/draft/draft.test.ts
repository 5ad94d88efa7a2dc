// @vitest-environment jsdom
import { beforeEach, expect, it } from 'vitest';
import { differenceWords } from '../plan/differences';
import {
  choiceOf,
  draftOf,
  keepDraft,
  loadDraft,
  withChoice,
  withChoices,
  writeOf,
  type Draft,
} from './draft';

const draft: Draft = {
  name: 'ringing socks',
  spec: {
    foot: { lengthMm: 246, ballGirthMm: 231 },
    swatch: { stitches: [{ count: 31, spanMm: 100 }], rounds: [{ count: 43, spanMm: 100 }] },
    choices: { size: { ease: 0.12 } },
  },
  foot: { id: 'f', name: 'Marit' },
};

beforeEach(() => localStorage.clear());

it('a choice is changed and given back without touching the others', () => {
  const chosen = withChoice(draft, 'finish.cuffRounds', 20);
  expect(chosen.spec.choices).toEqual({ size: { ease: 0.12 }, finish: { cuffRounds: 20 } });
  expect(choiceOf(chosen, 'finish.cuffRounds')).toBe(20);
  const back = withChoice(chosen, 'finish.cuffRounds', undefined);
  expect(JSON.stringify(back.spec)).toBe(JSON.stringify(draft.spec));
  expect(withChoice(back, 'size.ease', undefined).spec.choices).toBeUndefined();
  expect(draft.spec.choices).toEqual({ size: { ease: 0.12 } });
});

it('a draft without a name survives a reload', () => {
  expect(loadDraft()).toBeUndefined();
  keepDraft(draft);
  expect(loadDraft()).toEqual(draft);
  keepDraft(undefined);
  expect(loadDraft()).toBeUndefined();
});

it('a draft that cannot be read is no draft', () => {
  localStorage.setItem('round-pocket.draft', '{');
  expect(loadDraft()).toBeUndefined();
});

it('what is written names where the measures came from', () => {
  expect(writeOf(draft, 3)).toMatchObject({ version: 3, name: 'ringing socks', footId: 'f' });
  const pair = {
    id: 'p',
    version: 4,
    name: 'stored',
    updatedAt: '2026-11-23T10:00:00Z',
    spec: draft.spec,
    yarn: { id: 'y', name: 'rope', colour: '#2f6f8f' },
  };
  expect(writeOf(draftOf(pair), 4)).toMatchObject({
    name: 'stored',
    yarnId: 'y',
    spec: draft.spec,
  });
});

it.each([
  ['spec.choices.tube.legMm', 'the leg'],
  ['spec.yarn.onHandG', 'the yarn'],
  ['name', 'the name'],
])('%s is called %s', (path, words) => {
  expect(differenceWords(path)).toBe(words);
});

it('several choices are changed at once, and parts that are empty again are left out', () => {
  const chosen = withChoices(draft, {
    'heel.school': 'OWN',
    'heel.phases': [{ every: 2, until: 8 }],
    'tube.way': 'CUFF_DOWN',
  });
  expect(chosen.spec.choices).toEqual({
    size: { ease: 0.12 },
    heel: { school: 'OWN', phases: [{ every: 2, until: 8 }] },
    tube: { way: 'CUFF_DOWN' },
  });
  const back = withChoices(chosen, {
    'heel.school': 'SHORT_ROWS',
    'heel.phases': undefined,
    'tube.way': undefined,
  });
  expect(back.spec.choices).toEqual({ size: { ease: 0.12 }, heel: { school: 'SHORT_ROWS' } });
  expect(choiceOf(back, 'tube.way')).toBeUndefined();
  expect(choiceOf(back, 'heel.school')).toBe('SHORT_ROWS');
});

it.each([
  ['heel.plainRounds', 0],
  ['heel.edgeStitch', false],
  ['size.ease', 0],
] as const)('%s of %s is a choice and not the usual', (path, value) => {
  const chosen = withChoices(draft, { [path]: value });
  expect(choiceOf(chosen, path)).toBe(value);
});
