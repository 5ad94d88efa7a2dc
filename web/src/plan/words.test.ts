import { expect, it } from 'vitest';
import { wordFor } from './words';

it.each([
  ['foot.lengthMm', 'foot-length'],
  ['foot.heelDiagonalMm', 'foot-more'],
  ['swatch.rounds[1].count', 'gauge-rounds'],
  ['swatch', 'gauge-stitches'],
  ['yarn.onHandG', 'yarn'],
  ['choices.size.stitches', 'stitches'],
  ['choices.heel.plainRounds', 'heel-plain'],
  ['choices.heel.phases[0].every', 'heel-school'],
  ['choices.tube.readyTube.rounds', 'ready-tube'],
  ['weighIns[0].usedG', undefined],
])('%s is cured at %s', (field, word) => {
  expect(wordFor(field)).toBe(word);
});
