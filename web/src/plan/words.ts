/** Which word of the recipe stands for a field of the specification. */
const WORDS: readonly (readonly [field: string, word: string])[] = [
  ['foot.lengthMm', 'foot-length'],
  ['foot.ballGirthMm', 'foot-girth'],
  ['foot', 'foot-more'],
  ['otherFoot', 'other-foot'],
  ['planOn', 'other-foot'],
  ['swatch.fabric', 'fabric'],
  ['swatch.rounds', 'gauge-rounds'],
  ['swatch', 'gauge-stitches'],
  ['yarn', 'yarn'],
  ['contrast', 'contrast'],
  ['choices.size.ease', 'ease'],
  ['choices.size', 'stitches'],
  ['choices.tube.legMm', 'leg'],
  ['choices.tube.legRounds', 'leg'],
  ['choices.tube.legFrom', 'leg-from'],
  ['choices.tube.readyTube', 'ready-tube'],
  ['choices.tube.toeStart', 'toe-start'],
  ['choices.tube', 'direction'],
  ['choices.heel.plainRounds', 'heel-plain'],
  ['choices.heel.parity', 'heel-parity'],
  ['choices.heel', 'heel-school'],
  ['choices.toe.plainRounds', 'toe-plain'],
  ['choices.toe.parity', 'toe-parity'],
  ['choices.toe', 'toe-school'],
  ['choices.placing', 'placing'],
  ['choices.opening.corners', 'corners'],
  ['choices.opening.extraLoops', 'extra-loops'],
  ['choices.opening', 'opening'],
  ['choices.finish.cuffRounds', 'cuff'],
  ['choices.finish.rib', 'rib'],
  ['choices.finish', 'graft-set-up'],
  ['choices.pattern.rows', 'pattern-rows'],
  ['choices.pattern.width', 'pattern-width'],
  ['choices.pattern.height', 'pattern-height'],
  ['choices.pattern.swatched', 'pattern-swatched'],
  ['choices.pattern', 'pattern'],
];

/** The word that a field belongs to, if the recipe has one. */
export function wordFor(field: string): string | undefined {
  return WORDS.find(
    ([path]) => field === path || field.startsWith(`${path}.`) || field.startsWith(`${path}[`),
  )?.[1];
}

/** Which of the large figures a field is about. */
const FIGURES: readonly (readonly [field: string, figure: string])[] = [
  ['choices.size', 'stitches'],
  ['foot.ballGirthMm', 'stitches'],
  ['choices.placing', 'opening'],
  ['choices.opening', 'pick-up'],
  ['choices.heel', 'heel'],
  ['choices.toe', 'toe'],
  ['choices.tube.legMm', 'leg'],
  ['choices.tube.legRounds', 'leg'],
  ['choices.finish.cuffRounds', 'cuff'],
  ['choices.finish.rib', 'cuff'],
  ['yarn', 'yarn'],
  ['contrast', 'yarn'],
];

/** The large figure that a field is about, if there is one. */
export function figureFor(field: string): string | undefined {
  return FIGURES.find(([path]) => field === path || field.startsWith(`${path}.`))?.[1];
}

/** Goes to a word of the recipe and opens it. */
export function openWord(word: string): void {
  const button = document.querySelector<HTMLElement>(`[data-word=${word}]`);
  button?.scrollIntoView({ block: 'center' });
  button?.focus();
  button?.click();
}
