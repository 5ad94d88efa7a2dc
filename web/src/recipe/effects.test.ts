import { expect, it } from 'vitest';
import type { VariantFigures } from '../wire/types';
import { effectWords } from './effects';

const now: VariantFigures = {
  stitches: 64,
  ease: 0.1062,
  openingRounds: 66,
  openingMm: 153.5,
  tubeRounds: 105,
  heelRounds: 20,
  heelClose: 16,
  toeRounds: 20,
  toeClose: 16,
  legRounds: 39,
  footOutMm: 0.4,
  heelStretch: 0.19,
  passing: 1.52,
  pickedUp: 64,
  pairG: 54.21,
  mainG: 54.21,
};

it.each([
  [{}, 'nothing in the figures changes'],
  [{ heelRounds: 24, openingRounds: 62 }, 'opening after 62 rounds · heel 24 rounds to 16 a side'],
  [{ pairG: 54.22, mainG: 54.22 }, 'nothing in the figures changes'],
  [{ footOutMm: -10.16 }, 'foot out by 1.0 cm shorter'],
  [
    { stitches: 60, ease: 0.16, heelClose: 14, toeClose: 14, pickedUp: 60 },
    'stitches 60 · smaller by 16 % · heel 20 rounds to 14 a side · toe 20 rounds to 14 a side',
  ],
])('%j is told as “%s”', (change, words) => {
  expect(effectWords(now, { ...now, ...change }, 'CM')).toBe(words);
});
