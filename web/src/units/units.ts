import type { Figure, Unit } from '../wire/types';
import type { Lengths } from '../settings/settings';
import { texts } from './texts';

/** Millimetres in an inch, exact (international yard and pound agreement, 1959). */
export const INCH_MM = 25.4;
export const YARD_MM = 36 * INCH_MM;
/** Grams in an ounce, exact (the same agreement). */
export const OUNCE_G = 28.349523125;
const TEN_CM_MM = 100;
const FOUR_IN_MM = 4 * INCH_MM;

/** The span that a gauge is counted over, in millimetres: 10 cm or 4 in, which are not the same. */
export function gaugeSpanMm(lengths: Lengths): number {
  return lengths === 'INCH' ? FOUR_IN_MM : TEN_CM_MM;
}

export function gaugeSpanText(lengths: Lengths): string {
  return lengths === 'INCH' ? '4 in' : '10 cm';
}

export function lengthUnit(lengths: Lengths): string {
  return lengths === 'INCH' ? 'in' : 'cm';
}

/** What stands between whole and tenths where a reader is at home. */
export function decimalSign(locale?: string): string {
  return new Intl.NumberFormat(locale, { numberingSystem: 'latn' })
    .formatToParts(1.5)
    .reduce((sign, part) => (part.type === 'decimal' ? part.value : sign), '.');
}

const SIGN = decimalSign();

/** Halves go up, as they are written and as the server tells them: 5.55 are 5.6, though in binary they are a hair less. */
function rounded(value: number, places: number): string {
  const written = String(Math.abs(value));
  return written.includes('e')
    ? value.toFixed(places)
    : (
        Math.sign(value) * Number(`${Math.round(Number(`${written}e${places}`))}e-${places}`)
      ).toFixed(places);
}

/** Just so many decimal places, as the reader writes them. */
export function fixed(value: number, places: number): string {
  return rounded(value, places).replace('.', SIGN);
}

/** Decimal places of up to `places`, without trailing zeros, as the reader writes them. */
export function decimal(value: number, places: number): string {
  const text = rounded(value, places);
  const short = text.includes('.') ? text.replace(/\.?0+$/, '') : text;
  return short === '-0' ? '0' : short.replace('.', SIGN);
}

/** A text of the trade with its decimals as the reader writes them; numbers of sections, such as 4.3.7, stay. */
export function prose(text: string, sign = SIGN): string {
  // All digits and dots of a number are taken at once, so that no digit is looked at twice.
  return text.replace(/\d[\d.]*/g, (number) => number.replace(/^(\d+)\.(\d+\.?)$/, `$1${sign}$2`));
}

function eighths(inches: number): string {
  const all = Math.round(Math.abs(inches) * 8);
  const whole = Math.floor(all / 8);
  const rest = all % 8;
  const sign = inches < 0 && all > 0 ? '-' : '';
  if (rest === 0) {
    return `${sign}${whole}`;
  }
  const divisor = rest % 4 === 0 ? 4 : rest % 2 === 0 ? 2 : 1;
  const fraction = `${rest / divisor}/${8 / divisor}`;
  return `${sign}${whole === 0 ? '' : `${whole} `}${fraction}`;
}

/** A length without its unit: centimetres with one decimal, or inches to the nearest eighth. */
export function lengthNumber(mm: number, lengths: Lengths): string {
  return lengths === 'INCH' ? eighths(mm / INCH_MM) : fixed(mm / 10, 1);
}

export function lengthText(mm: number, lengths: Lengths): string {
  return `${lengthNumber(mm, lengths)} ${lengthUnit(lengths)}`;
}

/** A length for an input field: exact enough to be typed back without a change. */
export function lengthInput(mm: number, lengths: Lengths): string {
  if (lengths === 'INCH') {
    const inches = mm / INCH_MM;
    const onTheTape = Math.abs(inches * 8 - Math.round(inches * 8)) < 1e-6;
    return onTheTape ? eighths(inches) : decimal(inches, 3);
  }
  return decimal(mm / 10, 3);
}

const WORDS: Record<Unit, [one: string, many: string]> = {
  STITCHES: ['stitch', 'stitches'],
  ROUNDS: ['round', 'rounds'],
  TENS: ['ten', 'tens'],
  MILLIMETRES: ['mm', 'mm'],
  METRES: ['m', 'm'],
  GRAMS: ['g', 'g'],
  TEX: ['tex', 'tex'],
  STITCHES_PER_10CM: ['stitch', 'stitches'],
  ROUNDS_PER_10CM: ['round', 'rounds'],
  PERCENT: ['%', '%'],
  NUMBER: ['', ''],
};

/** The words of a unit as the reader wants them: with inches go yards and ounces. */
export function unitWords(unit: Unit, lengths: Lengths): readonly [one: string, many: string] {
  return (lengths === 'INCH' && IN_INCHES[unit]) || WORDS[unit];
}

const IN_INCHES: Partial<Record<Unit, readonly [one: string, many: string]>> = {
  METRES: ['yd', 'yd'],
  GRAMS: ['oz', 'oz'],
};

/** Tenths, where the value and what is unsure of it are small enough for them. */
function tenths(value: number, plusMinus: number): string {
  return fixed(value, Math.max(Math.abs(value) / 10, plusMinus) < 10 ? 1 : 0);
}

function number(value: number, unit: Unit, lengths: Lengths, plusMinus = 0): string {
  switch (unit) {
    case 'MILLIMETRES':
      return lengthNumber(value, lengths);
    case 'PERCENT':
      return decimal(value * 100, 1);
    case 'STITCHES_PER_10CM':
    case 'ROUNDS_PER_10CM':
      return decimal((value * gaugeSpanMm(lengths)) / TEN_CM_MM, 1);
    case 'GRAMS':
      return lengths === 'INCH' ? fixed(value / OUNCE_G, 2) : tenths(value, plusMinus);
    case 'METRES':
      return tenths(lengths === 'INCH' ? (value * 1000) / YARD_MM : value, plusMinus);
    case 'TEX':
      return tenths(value, plusMinus);
    case 'STITCHES':
    case 'ROUNDS':
    case 'TENS':
    case 'NUMBER':
      return decimal(value, 2);
  }
}

/**
 * A value with its unit, lengths as the reader wants them.
 *
 * @param plusMinus what is unsure of it: no more digits are shown than it leaves
 */
export function valueText(value: number, unit: Unit, lengths: Lengths, plusMinus = 0): string {
  if (unit === 'MILLIMETRES') {
    return lengthText(value, lengths);
  }
  const text = number(value, unit, lengths, plusMinus);
  const [one, many] = unitWords(unit, lengths);
  const over = unit.endsWith('_PER_10CM') ? texts.per(gaugeSpanText(lengths)) : '';
  return `${text} ${text === '1' ? one : many}${over}`.trimEnd();
}

/** What a ball band says, as the reader wants it: `400 m in 100 g`, or yards and ounces with inches. */
export function labelText({ lengthM, massG }: Label, lengths: Lengths): string {
  return lengths === 'INCH'
    ? texts.ydInOz(decimal((lengthM * 1000) / YARD_MM, 0), decimal(massG / OUNCE_G, 1))
    : texts.mInG(decimal(lengthM, 0), decimal(massG, 0));
}

interface Label {
  lengthM: number;
  massG: number;
}

const GROUPED = new Intl.NumberFormat(undefined, {
  numberingSystem: 'latn',
  maximumFractionDigits: 0,
});

/** A large whole number, its thousands apart. */
export function grouped(value: number): string {
  return GROUPED.format(value);
}

/** Grams to the gram, or ounces to the tenth. */
export function roughMass(grams: number, lengths: Lengths): string {
  return lengths === 'INCH' ? texts.oz(decimal(grams / OUNCE_G, 1)) : `${decimal(grams, 0)} g`;
}

/** The number of a figure alone, for where its unit stands beside it. */
export function figureNumber(figure: Figure, lengths: Lengths): string {
  return number(figure.value, figure.unit, lengths, figure.plusMinus);
}

export function figureText(figure: Figure, lengths: Lengths): string {
  return valueText(figure.value, figure.unit, lengths, figure.plusMinus);
}

/** A length so small that centimetres with a decimal, or eighths of an inch, would say nothing of it. */
export function smallLengthText(mm: number, lengths: Lengths): string {
  return lengths === 'INCH' ? `${fixed(mm / INCH_MM, 2)} in` : `${fixed(mm, 1)} mm`;
}

/** The ± of a value, or nothing where it is exact. Small lengths are told in millimetres or hundredths of an inch. */
export function plusMinusText(plusMinus: number, unit: Unit, lengths: Lengths): string {
  if (plusMinus === 0) {
    return '';
  }
  if (unit === 'MILLIMETRES') {
    return lengths === 'INCH'
      ? `± ${fixed(plusMinus / INCH_MM, 2)} in`
      : `± ${fixed(plusMinus, plusMinus < 2 ? 1 : 0)} mm`;
  }
  return `± ${number(plusMinus, unit, lengths, plusMinus)} ${unitWords(unit, lengths)[1]}`.trimEnd();
}

/** A figure with its ±, where it has one. */
export function surenessText(figure: Figure, lengths: Lengths): string {
  const plusMinus = plusMinusText(figure.plusMinus, figure.unit, lengths);
  return `${figureText(figure, lengths)} ${plusMinus}`.trimEnd();
}

/** What was typed, understood as a number; or why it cannot be. */
export type Parsed = { ok: true; value: number } | { ok: false; message: string };

const NUMBER = /^([+-]?\d+(?:[.,]\d+)?|[+-]?[.,]\d+)$/;
const MIXED = /^(?:(\d+)(?:\s+|\s*-\s*))?(\d+)\s*\/\s*(\d+)$/;
const GLYPHS: Record<string, string> = {
  '⅛': '1/8',
  '¼': '1/4',
  '⅜': '3/8',
  '½': '1/2',
  '⅝': '5/8',
  '¾': '3/4',
  '⅞': '7/8',
};

function plain(text: string): number | undefined {
  const spelled = text
    .replace(/[⅛¼⅜½⅝¾⅞]/g, (glyph) => ` ${GLYPHS[glyph] ?? ''}`)
    .replace('−', '-')
    .trim();
  const mixed = MIXED.exec(spelled);
  if (mixed && Number(mixed[3]) !== 0) {
    return Number(mixed[1] ?? 0) + Number(mixed[2]) / Number(mixed[3]);
  }
  return NUMBER.test(spelled) ? Number(spelled.replace(',', '.')) : undefined;
}

/** Understands 24.6, 24,6, 9 1/2, 9-1/2 and 9½. */
export function parseNumber(text: string): Parsed {
  if (text.trim() === '') {
    return { ok: false, message: texts.typeANumberHere };
  }
  const value = plain(text.trim());
  return value === undefined
    ? { ok: false, message: texts.isNotANumberType(text.trim()) }
    : { ok: true, value };
}

/** Understands a length in the reader's unit, or in the one that is typed behind it, as millimetres. */
export function parseLength(text: string, lengths: Lengths): Parsed {
  const typed = text.trimEnd();
  const unit = /(mm|cm|inches|inch|in|"|”|″|''|′′)$/i.exec(typed);
  const parsed = parseNumber(unit ? typed.slice(0, unit.index) : typed);
  if (!parsed.ok) {
    return parsed;
  }
  const name = unit?.[1]?.toLowerCase() ?? lengthUnit(lengths);
  const mm = name === 'mm' ? 1 : name === 'cm' ? 10 : INCH_MM;
  return { ok: true, value: Math.round(parsed.value * mm * 1e6) / 1e6 };
}
