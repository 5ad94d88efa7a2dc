import { describe, expect, it } from 'vitest';
import type { Step, Unit } from '../wire/types';
import { formulaText, putIn } from './putIn';

const step = (value: number, unit: Unit): Step => ({
  label: '',
  value,
  unit,
  plusMinus: 0,
  inputs: [],
});

describe('a formula with its numbers', () => {
  const rounds = 'length × gauge ÷ 100 mm';
  const inputs = [step(197.163, 'MILLIMETRES'), step(43, 'ROUNDS_PER_10CM')];

  it('has them in centimetres', () => {
    expect(formulaText(rounds, 'CM')).toBe('length × gauge ÷ 10 cm');
    expect(putIn(rounds, ['length', 'gauge'], inputs, 'CM')).toBe('19.716 cm × 43 ÷ 10 cm');
  });

  it('has them in inches, and comes to the same', () => {
    expect(formulaText(rounds, 'INCH')).toBe('length × gauge ÷ 4 in');
    const text = putIn(rounds, ['length', 'gauge'], inputs, 'INCH') ?? '';
    expect(text).toBe('7.762 in × 43.688 ÷ 4 in');
    const [length = 0, gauge = 0, over = 1] = text.match(/[\d.]+/g)?.map(Number) ?? [];
    expect((length * gauge) / over).toBeCloseTo((197.163 * 43) / 100, 1);
  });

  it('leaves what turns one unit into another as it is written', () => {
    const last = '(size + 25) × 25.4 ÷ 3 − 15 mm';
    expect(formulaText(last, 'INCH')).toBe(last);
    expect(putIn('length ÷ 1000', ['length'], [step(300, 'MILLIMETRES')], 'CM')).toBe(
      '300 mm ÷ 1000',
    );
  });

  it('keeps a length that no gauge is counted over', () => {
    expect(formulaText('√(a² + b² × 100 mm ÷ spans)', 'INCH')).toBe('√(a² + b² × 3.94 in ÷ spans)');
    expect(formulaText('the larger of 300 mm and x', 'CM')).toBe('the larger of 30 cm and x');
  });

  it('is left out where not every number has a name', () => {
    expect(putIn('sum of them all', ['part…'], [step(1, 'GRAMS')], 'CM')).toBeUndefined();
  });
});
