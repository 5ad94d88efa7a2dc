import type { Lengths } from '../settings/settings';
import type { Step } from '../wire/types';
import { decimal, INCH_MM, prose } from '../units/units';

/** Metric lengths inside a formula, as it is written. */
const IN_MM = /(² × )?(\d+(?:\.\d+)?) mm/g;
/** Numbers from which on a formula turns one unit into another, so that it holds in its own alone. */
const TURNS = 10;

/** Whether a formula is as true in the reader's unit: no number in it turns millimetres into anything else. */
function holds(formula: string): boolean {
  const bare = formula.replace(IN_MM, '');
  return [...bare.matchAll(/\d+(?:\.\d+)?/g)].every(([number]) => Number(number) < TURNS);
}

function length(mm: number, lengths: Lengths, places: number): string {
  return lengths === 'INCH'
    ? `${decimal(mm / INCH_MM, places)} in`
    : `${decimal(mm / 10, places)} cm`;
}

/** A formula with its lengths as the reader has them: 100 mm is what a gauge is counted over, 10 cm or 4 in. */
export function formulaText(formula: string, lengths: Lengths): string {
  return holds(formula)
    ? formula.replace(IN_MM, (_, squared: string | undefined, mm: string) =>
        lengths === 'INCH' && !squared && mm === '100'
          ? '4 in'
          : `${squared ?? ''}${length(Number(mm), lengths, 2)}`,
      )
    : formula;
}

/** A value that is put into a formula, to its third place. */
function value({ value: number, unit }: Step, lengths: Lengths, inTheirs: boolean): string {
  if (unit === 'MILLIMETRES') {
    return inTheirs ? length(number, lengths, 3) : `${decimal(number, 3)} mm`;
  }
  const gauge = unit === 'STITCHES_PER_10CM' || unit === 'ROUNDS_PER_10CM';
  return decimal(
    gauge && inTheirs && lengths === 'INCH' ? (number * 4 * INCH_MM) / 100 : number,
    3,
  );
}

/** The formula with the numbers put in, as the reader has them; empty where it has no names for them all. */
export function putIn(
  formula: string,
  symbols: readonly string[],
  inputs: readonly (Step | undefined)[],
  lengths: Lengths,
): string | undefined {
  if (symbols.length === 0 || symbols.some((symbol) => symbol.endsWith('…'))) {
    return undefined;
  }
  const inTheirs = holds(formula);
  const values = new Map(
    symbols.map((symbol, i) => {
      const input = inputs[i];
      return [symbol, input ? value(input, lengths, inTheirs) : symbol];
    }),
  );
  return prose(
    // Names first: what is put in has letters of its own.
    formulaText(formula, lengths).replace(/[A-Za-z_]+/g, (word) =>
      values.has(word) ? `{${word}}` : word,
    ),
  ).replace(/\{(\w+)\}/g, (whole, word: string) => values.get(word) ?? whole);
}
