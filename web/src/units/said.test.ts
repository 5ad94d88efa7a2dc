import { expect, it } from 'vitest';
import text from '../../test/sentences.json?raw';
import type { Sentence } from '../wire/types';
import { said } from './said';

/** As the application writes them, and as the core tells them; a test of the application keeps the file as it is. */
const told = JSON.parse(text) as readonly { sentence: Sentence; cm: string; inch: string }[];

it('a sentence is told as the rules tell it, in either unit', () => {
  expect(told.length).toBeGreaterThan(50);
  expect(
    told.map(({ sentence }) =>
      [said(sentence, 'CM', 'right'), said(sentence, 'INCH', 'right')].join(' | '),
    ),
  ).toEqual(told.map(({ cm, inch }) => [cm, inch].join(' | ')));
});

it('a name without an amount stays as it is', () => {
  const mm = { value: 100, unit: 'MILLIMETRES' } as const;
  expect(
    said({ template: '{stray} and {min} to {max}', amounts: { min: mm } }, 'CM', 'right'),
  ).toBe('{stray} and 10 cm to {max}');
});

it('sides are told as each hand has them', () => {
  const leg = { template: 'the [right] leg, at the [left] corner', amounts: {} };
  expect(said(leg, 'CM', 'right')).toBe('the right leg, at the left corner');
  expect(said(leg, 'CM', 'left')).toBe('the left leg, at the right corner');
});
