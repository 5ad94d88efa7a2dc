import { expect, it } from 'vitest';
import { differenceWords } from './differences';

it.each([
  ['name', 'the name'],
  ['spec.choices.tube.legMm', 'the leg'],
  ['spec.choices.tube.way', 'how the tube is made'],
  ['spec.choices.heel.plainRounds', 'plain rounds at the heel'],
  ['spec.choices.heel.school', 'the heel'],
  ['spec.foot.heelDiagonalMm', 'the foot’s other measures'],
  ['spec.yarn.onHandG', 'the yarn'],
  ['spec.weighIns', 'what was weighed'],
  ['yarn', 'the yarn on the shelf'],
  ['spec.somethingNew', 'what it is planned from'],
  ['unheard', 'unheard'],
])('%s is told as %s', (path, words) => {
  expect(differenceWords(path)).toBe(words);
});
