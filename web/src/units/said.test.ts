import { expect, it } from 'vitest';
import text from '../../test/sentences.json?raw';
import type { Sentence } from '../wire/types';
import type { Kind } from '../settings/kinds';
import { said } from './said';

/** As the application writes them, and as the core tells them; a test of the application keeps the file as it is. */
const told = JSON.parse(text) as readonly {
  sentence: Sentence;
  hand: 'RIGHT' | 'LEFT';
  kind: Kind;
  cm: string;
  inch: string;
}[];
const reader = { lengths: 'CM', hand: 'right', kind: 'TWO_CIRCULARS' } as const;

it('a sentence is told as the rules tell it, in either unit', () => {
  expect(told.length).toBeGreaterThan(50);
  expect(
    told.map(({ sentence, hand, kind }) =>
      (['CM', 'INCH'] as const)
        .map((lengths) =>
          said(sentence, { lengths, hand: hand === 'RIGHT' ? 'right' : 'left', kind }),
        )
        .join(' | '),
    ),
  ).toEqual(told.map(({ cm, inch }) => [cm, inch].join(' | ')));
});

it('a name without an amount stays as it is', () => {
  const mm = { value: 100, unit: 'MILLIMETRES' } as const;
  expect(said({ template: '{stray} and {min} to {max}', amounts: { min: mm } }, reader)).toBe(
    '{stray} and 10 cm to {max}',
  );
});

it('sides are told as each hand has them', () => {
  const leg = { template: 'the [right] leg, at the [left] corner', amounts: {} };
  expect(said(leg, reader)).toBe('the right leg, at the left corner');
  expect(said(leg, { ...reader, hand: 'left' })).toBe('the left leg, at the right corner');
});
