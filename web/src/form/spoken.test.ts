import { expect, it } from 'vitest';
import { spoken } from './spoken';

it('a name that lacks the words one sees begins with them', () => {
  expect(spoken('Rescue', 'Something is wrong')).toBe('Rescue: Something is wrong');
  expect(spoken('measure', 'Measure the tube')).toBe('Measure the tube');
});
