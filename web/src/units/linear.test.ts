import { expect, it } from 'vitest';
import { hasWords } from '../almanac/matches';
import { parseLength, parseNumber, prose } from './units';

/** What makes a pattern with two stars beside each other try everything twice over: here it would be hours. */
const MUCH = 400_000;
const WORST = [
  ' '.repeat(MUCH) + 'x',
  '1' + ' '.repeat(MUCH) + 'x',
  '1'.repeat(MUCH) + 'x',
  '1'.repeat(MUCH) + '.' + '1'.repeat(MUCH) + '.x',
  '.'.repeat(MUCH) + 'x',
  '1 '.repeat(MUCH) + 'x',
  '1/'.repeat(MUCH),
  '-'.repeat(MUCH),
  'mm'.repeat(MUCH) + ' x',
];

it('looks at every sign of what is typed a few times at most', () => {
  for (const text of WORST) {
    expect(parseNumber(text).ok).toBe(false);
    expect(parseLength(text, 'CM').ok).toBe(false);
    expect(prose(text)).toHaveLength(text.length);
    expect(hasWords('gauge', text)).toBe(false);
  }
});
