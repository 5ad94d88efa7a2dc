import type { Lengths } from '../settings/settings';
import type { Amount, Sentence } from '../wire/types';
import { decimal, INCH_MM, lengthText, OUNCE_G, valueText, YARD_MM } from './units';

/** From here on the digits say nothing to a person. */
const BEYOND_WORDS = 1e12;

/** Of a length whose name begins so nobody measures more than inches. */
const ROUGHLY = 'about';

/** A sentence with its amounts as the reader writes them; of two ends of a range the unit is said once. */
export function said({ template, amounts }: Sentence, lengths: Lengths): string {
  const { min, max } = amounts;
  const ranged =
    min && max ? template.replace('{min} to {max}', rangeText(min, max, lengths)) : template;
  return ranged.replace(/\{(\w+)\}/g, (whole, name: string) => {
    const amount = amounts[name];
    return amount === undefined ? whole : told(name, amount, lengths);
  });
}

function told(name: string, amount: Amount, lengths: Lengths): string {
  return name.startsWith(ROUGHLY) && lengths === 'INCH'
    ? `${Math.round(amount.value / INCH_MM)} in`
    : amountText(amount, lengths);
}

function rangeText(min: Amount, max: Amount, lengths: Lengths): string {
  const most = amountText(max, lengths);
  const least = amountText(min, lengths);
  const number = /^-?(\d+\/\d+|[\d.,]+( \d+\/\d+)?)/.exec(least)?.[0];
  return `${min.unit === max.unit && number !== undefined ? number : least} to ${most}`;
}

/** An amount within a sentence: whole where that tells enough, counts short. */
export function amountText({ value, unit }: Amount, lengths: Lengths): string {
  if (!(Math.abs(value) < BEYOND_WORDS)) {
    return value > 0 ? 'far too much' : value < 0 ? 'far too little' : 'no number';
  }
  const inches = lengths === 'INCH';
  const places = Math.abs(value) < 10 ? 1 : 0;
  switch (unit) {
    case 'MILLIMETRES':
      return inches ? lengthText(value, lengths) : `${decimal(value / 10, 1)} cm`;
    case 'GRAMS':
      return inches ? `${decimal(value / OUNCE_G, 2)} oz` : `${decimal(value, places)} g`;
    case 'METRES':
      return inches
        ? `${decimal((value * 1000) / YARD_MM, places)} yd`
        : `${decimal(value, places)} m`;
    case 'STITCHES':
      return counted(decimal(value, 1), 'st');
    case 'ROUNDS':
      return counted(decimal(value, 1), 'round');
    case 'TENS':
      return counted(decimal(value, 1), 'ten');
    case 'STITCHES_PER_10CM':
      return gaugeText(value, 'sts', lengths);
    case 'ROUNDS_PER_10CM':
      return gaugeText(value, 'rounds', lengths);
    case 'TEX':
      return `${decimal(value, 1)} tex`;
    case 'PERCENT':
    case 'NUMBER':
      return valueText(value, unit, lengths);
  }
}

function counted(number: string, one: string): string {
  return `${number} ${one}${number === '1' || number === '-1' ? '' : 's'}`;
}

function gaugeText(value: number, what: string, lengths: Lengths): string {
  return lengths === 'INCH'
    ? `${decimal((value * 4 * INCH_MM) / 100, 1)} ${what} per 4 in`
    : `${decimal(value, 2)} ${what} per 10 cm`;
}
