// @vitest-environment jsdom
import { expect, it } from 'vitest';
import { FieldProblem } from '../api/client';
import { standing } from './standing';

const sent = { name: '', yarn: { lengthM: 0 }, bands: [{ lengthM: 5 }, { lengthM: 9000 }] };
const problem = (field: string) => new FieldProblem(field, 'c', { template: field, amounts: {} });
const errors = ['name', 'yarn.lengthM', 'bands[1].lengthM', 'yarn.massG'].map(problem);

it.each([
  ['nothing was changed', sent, ['name', 'yarn.lengthM', 'bands[1].lengthM', 'yarn.massG']],
  [
    'the name was entered',
    { ...sent, name: 'a' },
    ['yarn.lengthM', 'bands[1].lengthM', 'yarn.massG'],
  ],
  [
    'the other band was',
    { ...sent, bands: [{ lengthM: 4 }, { lengthM: 9000 }] },
    errors.map((e) => e.field),
  ],
  [
    'the band that was refused was',
    { ...sent, bands: [{ lengthM: 5 }, { lengthM: 9 }] },
    ['name', 'yarn.lengthM', 'yarn.massG'],
  ],
  [
    'what was missing is there',
    { ...sent, yarn: { lengthM: 0, massG: 100 } },
    ['name', 'yarn.lengthM', 'bands[1].lengthM'],
  ],
] as const)('a refusal stands as long as what was refused does: %s', (_, now, left) => {
  expect(standing(errors, sent, now).map(({ field }) => field)).toEqual(left);
});

it('what is said of the whole stands until anything is changed', () => {
  const whole = [problem('')];
  expect(standing(whole, sent, sent)).toHaveLength(1);
  expect(standing(whole, sent, { ...sent, name: 'b' })).toEqual([]);
});
