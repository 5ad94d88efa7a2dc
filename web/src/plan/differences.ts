const WORDS: Record<string, string> = {
  name: 'the name',
  'spec.foot.lengthMm': 'length of the foot',
  'spec.foot.ballGirthMm': 'round the ball',
  'spec.swatch.stitches': 'stitches of the swatch',
  'spec.swatch.rounds': 'rounds of the swatch',
  'spec.yarn': 'the yarn',
  'spec.choices.size.ease': 'how much smaller than the foot',
  'spec.choices.size.stitches': 'stitches in the tube',
  'spec.choices.tube.legMm': 'the leg',
  'spec.choices.heel.plainRounds': 'plain rounds at the heel',
  'spec.choices.toe.plainRounds': 'plain rounds at the toe',
  'spec.choices.finish.cuffRounds': 'the cuff',
};

/** A path of the specification in the words of the recipe. */
export function differenceWords(path: string): string {
  return WORDS[path] ?? (path.startsWith('spec.yarn') ? 'the yarn' : path);
}
