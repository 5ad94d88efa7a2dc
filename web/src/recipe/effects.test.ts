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
  [{}, 'no change'],
  [
    { heelRounds: 24, openingRounds: 62 },
    'heel line after 62 rounds · heel 24 rounds to 16 + 16 sts',
  ],
  [{ pairG: 54.22, mainG: 54.22 }, 'no change'],
  [{ footOutMm: -10.16 }, 'foot 1.0 cm too short'],
  [
    { stitches: 60, ease: 0.16, heelClose: 14, toeClose: 14, pickedUp: 60 },
    'stitches 60 · negative ease 16 % · heel 20 rounds to 14 + 14 sts · toe 20 rounds to 14 + 14 sts',
  ],
])('%j is told as “%s”', (change, words) => {
  expect(effectWords(now, { ...now, ...change }, 'CM')).toBe(words);
});
