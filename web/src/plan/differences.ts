/** What differs, in the words of the recipe; the longest path that fits comes first. */
const WORDS: readonly (readonly [string, string])[] = [
  ['spec.foot.lengthMm', 'length of the foot'],
  ['spec.foot.ballGirthMm', 'around the ball'],
  ['spec.foot', 'the foot’s other measures'],
  ['spec.otherFoot', 'the other foot'],
  ['spec.planOn', 'which foot it is planned on'],
  ['spec.swatch.stitches', 'stitches of the swatch'],
  ['spec.swatch.rounds', 'rounds of the swatch'],
  ['spec.swatch', 'the swatch'],
  ['spec.tubeReading', 'what was measured on the tube'],
  ['spec.yarn', 'the yarn'],
  ['spec.contrast', 'the second yarn'],
  ['spec.weighIns', 'what was weighed'],
  ['spec.choices.size.stitches', 'stitches in the tube'],
  ['spec.choices.size', 'negative ease'],
  ['spec.choices.tube.legMm', 'the leg'],
  ['spec.choices.tube', 'how the tube is made'],
  ['spec.choices.heel.plainRounds', 'plain rounds at the heel'],
  ['spec.choices.heel', 'the heel'],
  ['spec.choices.toe.plainRounds', 'plain rounds at the toe'],
  ['spec.choices.toe', 'the toe'],
  ['spec.choices.placing', 'where the heel goes'],
  ['spec.choices.opening', 'how the heel is opened'],
  ['spec.choices.finish.cuffRounds', 'the cuff'],
  ['spec.choices.finish', 'the finish'],
  ['spec', 'what it is planned from'],
  ['name', 'the name'],
  ['foot', 'whose feet'],
  ['swatch', 'the swatch on the shelf'],
  ['yarn', 'the yarn on the shelf'],
];

/** A path of what is stored in the words of the recipe. */
export function differenceWords(path: string): string {
  return WORDS.find(([prefix]) => path === prefix || path.startsWith(`${prefix}.`))?.[1] ?? path;
}
