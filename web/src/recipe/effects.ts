import type { VariantFigures } from '../wire/types';
import type { Lengths } from '../settings/settings';
import { lengthText, valueText } from '../units/units';
import { shared } from '../texts/shared';
import { texts } from './texts';

type Told = [name: string, text: (figures: VariantFigures, lengths: Lengths) => string];

/** What may differ between two variants, the most telling first. */
const TOLD: readonly Told[] = [
  ['stitches', ({ stitches }) => `${stitches}`],
  [shared.negativeEase, ({ ease }, lengths) => valueText(ease, 'PERCENT', lengths)],
  [texts.heelLineAfter, ({ openingRounds }) => texts.rounds(openingRounds)],
  ['tube', ({ tubeRounds }) => texts.rounds2(tubeRounds)],
  ['heel', ({ heelRounds, heelClose }) => texts.roundsToSts(heelRounds, heelClose)],
  ['toe', ({ toeRounds, toeClose }) => texts.roundsToSts2(toeRounds, toeClose)],
  ['leg', ({ legRounds }) => texts.rounds3(legRounds)],
  [shared.pickUp2, ({ pickedUp }) => `${pickedUp}`],
  [texts.heelStretch, ({ heelStretch }, lengths) => valueText(heelStretch, 'PERCENT', lengths)],
  ['foot', ({ footOutMm }, lengths) => signedLength(footOutMm, lengths)],
  ['pair', ({ pairG }, lengths) => valueText(pairG, 'GRAMS', lengths)],
  [
    texts.mainYarn,
    ({ mainG, pairG }, lengths) => (mainG === pairG ? '' : valueText(mainG, 'GRAMS', lengths)),
  ],
];

const MOST = 4;

function signedLength(mm: number, lengths: Lengths): string {
  const text = lengthText(Math.abs(mm), lengths);
  return mm > 0 ? texts.tooLong(text) : mm < 0 ? texts.tooShort(text) : texts.asLongAsWanted;
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
  return changes.length === 0 ? texts.noChange : changes.join(' · ');
}
