import { shared } from '../texts/shared';
import { texts } from './texts';

/** What differs, in the words of the recipe; the longest path that fits comes first. */
const WORDS: readonly (readonly [string, string])[] = [
  ['spec.foot.lengthMm', texts.lengthOfTheFoot],
  ['spec.foot.ballGirthMm', texts.aroundTheBall],
  ['spec.foot', texts.theFootsOtherMeasures],
  ['spec.otherFoot', texts.theOtherFoot],
  ['spec.planOn', texts.whichFootItIsPlanned],
  ['spec.swatch.stitches', texts.stitchesOfTheSwatch],
  ['spec.swatch.rounds', texts.roundsOfTheSwatch],
  ['spec.swatch', texts.theSwatch2],
  ['spec.tubeReading', texts.whatWasMeasuredOnThe],
  ['spec.yarn', shared.theYarn],
  ['spec.contrast', texts.theSecondYarn],
  ['spec.weighIns', texts.whatWasWeighed],
  ['spec.choices.size.stitches', texts.stitchesInTheTube],
  ['spec.choices.size', shared.negativeEase],
  ['spec.choices.tube.legMm', texts.theLeg],
  ['spec.choices.tube', texts.howTheTubeIsMade],
  ['spec.choices.heel.plainRounds', texts.plainRoundsAtTheHeel],
  ['spec.choices.heel', texts.theHeel],
  ['spec.choices.toe.plainRounds', texts.plainRoundsAtTheToe],
  ['spec.choices.toe', texts.theToe],
  ['spec.choices.placing', texts.whereTheHeelGoes],
  ['spec.choices.opening', texts.howTheHeelIsOpened],
  ['spec.choices.finish.cuffRounds', texts.theCuff],
  ['spec.choices.finish', texts.theFinish],
  ['spec', texts.whatItIsPlannedFrom],
  ['name', texts.theName],
  ['foot', texts.whoseFeet],
  ['swatch', texts.theSwatchOnTheShelf],
  ['yarn', texts.theYarnOnTheShelf],
];

/** A path of what is stored in the words of the recipe. */
export function differenceWords(path: string): string {
  return WORDS.find(([prefix]) => path === prefix || path.startsWith(`${prefix}.`))?.[1] ?? path;
}
