import { describe, expect, it } from 'vitest';
import {
  decimal,
  decimalSign,
  figureText,
  labelText,
  lengthInput,
  lengthText,
  parseLength,
  parseNumber,
  plusMinusText,
  prose,
  valueText,
} from './units';

describe('lengths', () => {
  it.each([
    [246, '24.6 cm', '9 5/8 in'],
    [241.3, '24.1 cm', '9 1/2 in'],
    [12.7, '1.3 cm', '1/2 in'],
    [-12.7, '-1.3 cm', '-1/2 in'],
    [0, '0.0 cm', '0 in'],
  ])('%d mm are %s or %s', (mm, cm, inches) => {
    expect(lengthText(mm, 'CM')).toBe(cm);
    expect(lengthText(mm, 'INCH')).toBe(inches);
  });

  it.each([100, 123.4, 241.3, 246, 359.9])('%d mm survive being typed back', (mm) => {
    for (const lengths of ['CM', 'INCH'] as const) {
      const typed = parseLength(lengthInput(mm, lengths), lengths);
      expect(typed.ok && Math.abs(typed.value - mm) < 0.02).toBe(true);
    }
  });

  it.each([
    ['24.6', 'CM', 246],
    ['24,6', 'CM', 246],
    [' 24,6 cm ', 'INCH', 246],
    ['246 mm', 'CM', 246],
    ['9 1/2', 'INCH', 241.3],
    ['9½', 'INCH', 241.3],
    ['9-1/2', 'INCH', 241.3],
    ['9½″', 'CM', 241.3],
    ['9 1/2', 'CM', 95],
    ['9.5"', 'CM', 241.3],
    ['3/8', 'INCH', 9.525],
  ] as const)('“%s” typed by who reads %s is %d mm', (text, lengths, mm) => {
    expect(parseLength(text, lengths)).toEqual({ ok: true, value: mm });
  });
});

it.each([
  ['en-GB', '.'],
  ['de-DE', ','],
  ['de-CH', '.'],
  ['ar-EG', '.'],
])('in %s tenths stand behind a %s', (locale, sign) => {
  expect(decimalSign(locale)).toBe(sign);
});

it.each([
  ['about 1.30 for a low instep and 1.42.', 'about 1,30 for a low instep and 1,42.'],
  ['12.5 cm (JCGM 100:2008, GUM, 4.3.7)', '12,5 cm (JCGM 100:2008, GUM, 4.3.7)'],
  ['0.5 × √(3); 4.3.7. In 2.', '0,5 × √(3); 4.3.7. In 2.'],
])('“%s” is read as “%s” where a comma is written', (text, read) => {
  expect(prose(text, ',')).toBe(read);
});

describe('numbers', () => {
  it.each(['', 'abc', '2 4', '1e5', '1/0', '24.6.1', '--3'])('“%s” is refused', (text) => {
    expect(parseNumber(text).ok).toBe(false);
  });

  it('are written without what they do not need', () => {
    expect(decimal(31.0, 1)).toBe('31');
    expect(decimal(-0.0001, 1)).toBe('0');
    expect(valueText(1, 'ROUNDS', 'CM')).toBe('1 round');
    expect(valueText(31, 'STITCHES_PER_10CM', 'INCH')).toBe('31.5 stitches per 4 in');
    expect(valueText(0.1062, 'PERCENT', 'CM')).toBe('10.6 %');
    expect(valueText(100, 'METRES', 'INCH')).toBe('109 yd');
    expect(valueText(42.5, 'GRAMS', 'INCH')).toBe('1.50 oz');
    expect(labelText({ lengthM: 420, massG: 100 }, 'CM')).toBe('420 m per 100 g');
    expect(labelText({ lengthM: 420, massG: 100 }, 'INCH')).toBe('459 yd per 3.5 oz');
    expect(figureText({ value: 62.04, unit: 'GRAMS', plusMinus: 12.02 }, 'CM')).toBe('62 g');
    expect(plusMinusText(12.02, 'GRAMS', 'CM')).toBe('± 12 g');
    expect(plusMinusText(2.6, 'MILLIMETRES', 'CM')).toBe('± 3 mm');
    expect(plusMinusText(0.46, 'MILLIMETRES', 'CM')).toBe('± 0.5 mm');
    expect(plusMinusText(0, 'ROUNDS', 'CM')).toBe('');
  });
});
