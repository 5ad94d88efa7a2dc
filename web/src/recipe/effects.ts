import type { VariantFigures } from '../wire/types';
import type { Lengths } from '../settings/settings';
import { lengthText, valueText } from '../units/units';

type Told = [name: string, text: (figures: VariantFigures, lengths: Lengths) => string];

/** What may differ between two variants, the most telling first. */
const TOLD: readonly Told[] = [
  ['stitches', ({ stitches }) => `${stitches}`],
  ['negative ease', ({ ease }, lengths) => valueText(ease, 'PERCENT', lengths)],
  ['heel line after', ({ openingRounds }) => `${openingRounds} rounds`],
  ['tube', ({ tubeRounds }) => `${tubeRounds} rounds`],
  [
    'heel',
    ({ heelRounds, heelClose }) => `${heelRounds} rounds to ${heelClose} + ${heelClose} sts`,
  ],
  ['toe', ({ toeRounds, toeClose }) => `${toeRounds} rounds to ${toeClose} + ${toeClose} sts`],
  ['leg', ({ legRounds }) => `${legRounds} rounds`],
  ['pick up', ({ pickedUp }) => `${pickedUp}`],
  ['heel stretch', ({ heelStretch }, lengths) => valueText(heelStretch, 'PERCENT', lengths)],
  ['foot', ({ footOutMm }, lengths) => signedLength(footOutMm, lengths)],
  ['pair', ({ pairG }, lengths) => valueText(pairG, 'GRAMS', lengths)],
  [
    'main yarn',
    ({ mainG, pairG }, lengths) => (mainG === pairG ? '' : valueText(mainG, 'GRAMS', lengths)),
  ],
];

const MOST = 4;

function signedLength(mm: number, lengths: Lengths): string {
  const text = lengthText(Math.abs(mm), lengths);
  return mm > 0 ? `${text} too long` : mm < 0 ? `${text} too short` : 'as long as wanted';
}

/** The figures in which two variants differ, each told for both. */
export function differences(
  one: VariantFigures,
  other: VariantFigures,
  lengths: Lengths,
): readonly (readonly [name: string, one: string, other: string])[] {
  return TOLD.map(
    ([name, text]) => [name, text(one, lengths), text(other, lengths)] as const,
  ).filter(([, before, after]) => before !== after);
}

/** What a variant does to this sock, beside what it is now; the few figures that change most of all. */
export function effectWords(now: VariantFigures, then: VariantFigures, lengths: Lengths): string {
  const changes = TOLD.map(
    ([name, text]) => [name, text(now, lengths), text(then, lengths)] as const,
  )
    .filter(([, before, after]) => before !== after)
    .slice(0, MOST)
    .map(([name, , after]) => `${name} ${after}`);
  return changes.length === 0 ? 'no change' : changes.join(' · ');
}
