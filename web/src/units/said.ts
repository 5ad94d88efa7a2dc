import { KINDS, type Kind } from '../settings/kinds';
import type { Hand, Lengths, Settings } from '../settings/settings';
import type { Amount, Sentence } from '../wire/types';
import { decimal, INCH_MM, lengthText, OUNCE_G, prose, valueText, YARD_MM } from './units';
import { texts } from './texts';

/** From here on the digits say nothing to a person. */
const BEYOND_WORDS = 1e12;

/** Of a length whose name begins so nobody measures more than inches. */
const ROUGHLY = 'about';

/** What of the settings a sentence depends on. */
export type Reader = Pick<Settings, 'lengths' | 'hand' | 'kind'>;

/**
 * A sentence with its amounts as the reader writes them, its sides as her hands have them and its needles of the kind that she
 * uses; of two ends of a range the unit is said once.
 */
export function said({ template, amounts }: Sentence, { lengths, hand, kind }: Reader): string {
  const { min, max } = amounts;
  const text = prose(onKind(sided(template, hand), kind));
  const ranged = min && max ? text.replace('{min} to {max}', rangeText(min, max, lengths)) : text;
  return ranged.replace(/\{(\w+)\}/g, (whole, name: string) => {
    const amount = amounts[name];
    return amount === undefined ? whole : told(name, amount, lengths);
  });
}

/** At the needles everything is mirrored for a left-hander. */
function sided(words: string, hand: Hand): string {
  const other = hand === 'right' ? 'left' : 'right';
  return words.replaceAll('[right]', hand).replaceAll('[left]', other);
}

/** What is said otherwise for each kind of needles stands side by side: [two circulars|long|double points|short]. */
function onKind(words: string, kind: Kind): string {
  const at = KINDS.indexOf(kind);
  return words.replace(
    /\[([^[\]|]*)\|([^[\]|]*)\|([^[\]|]*)\|([^[\]|]*)\]/g,
    (whole, ...each: string[]) => each[at] ?? whole,
  );
}

function told(name: string, amount: Amount, lengths: Lengths): string {
  return name.startsWith(ROUGHLY) && lengths === 'INCH'
    ? texts.in(Math.round(amount.value / INCH_MM))
    : amountText(amount, lengths);
}

function rangeText(min: Amount, max: Amount, lengths: Lengths): string {
  const most = amountText(max, lengths);
  const least = amountText(min, lengths);
  const number = /^-?(\d+\/\d+|[\d.,]+( \d+\/\d+)?)/.exec(least)?.[0];
  return texts.to(min.unit === max.unit && number !== undefined ? number : least, most);
}

/** An amount within a sentence: whole where that tells enough, counts short. */
export function amountText({ value, unit }: Amount, lengths: Lengths): string {
  if (!(Math.abs(value) < BEYOND_WORDS)) {
    return value > 0 ? texts.farTooMuch : value < 0 ? texts.farTooLittle : texts.noNumber;
  }
  const inches = lengths === 'INCH';
  const places = Math.abs(value) < 10 ? 1 : 0;
  switch (unit) {
    case 'MILLIMETRES':
      return inches ? lengthText(value, lengths) : texts.cm(decimal(value / 10, 1));
    case 'GRAMS':
      return inches ? texts.oz2(decimal(value / OUNCE_G, 2)) : `${decimal(value, places)} g`;
    case 'METRES':
      return inches
        ? texts.yd(decimal((value * 1000) / YARD_MM, places))
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
      return texts.tex(decimal(value, 1));
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
    ? texts.per4In(decimal((value * 4 * INCH_MM) / 100, 1), what)
    : texts.per10Cm(decimal(value, 2), what);
}
