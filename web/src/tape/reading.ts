import type { AxisRound, Plan, Section } from '../wire/types';
import type { Place } from './figures';
import type { Lengths } from '../settings/settings';
import { lengthText, valueText } from '../units/units';
import { colourReading } from './colours';
import { texts } from './texts';

export const SECTION_NAMES: Record<Section, string> = {
  TOE: 'toe',
  FOOT: 'foot',
  LEG: 'leg',
  CUFF: 'cuff',
  HEEL: 'heel',
  ENDS: '',
  CONTRAST_ENDS: '',
};

/** What the needle points at: the pocket below the tube, the yarn below that, or a section. */
export function placeOf(section: Section, belowTube: boolean, belowPocket: boolean): Place {
  if (belowPocket) {
    return 'yarn';
  }
  return belowTube ? 'heel' : (SECTION_NAMES[section] as Place);
}

/** The round on the tape that is knitted last before the heel opens; cuff-down it lies on the leg's side. */
export function lastBeforeOpening({ tube }: Plan): number {
  return tube.heelLine.round.value + (tube.way.id === 'TOE_UP' ? 0 : 1);
}

/** What the cursor reads in every lane, at a round from the tip of the toe. */
export function reading(plan: Plan, round: number, at: AxisRound, lengths: Lengths): string {
  const pickedUp = at.section === 'TOE' && !plan.toe.shaping.begun;
  const here = pickedUp
    ? texts.toeRoundOf(at.counted, plan.toe.shaping.rounds.value)
    : texts.roundFromInThe(
        at.counted,
        plan.tube.heelLine.count.from.title,
        SECTION_NAMES[at.section],
      );
  const opening = round === lastBeforeOpening(plan) ? texts.heelLineAfterIt : '';
  const { leg } = plan.yarn;
  const yarn =
    leg && plan.yarn.roles.length === 1
      ? at.leftG < 0
        ? texts.moreThanTheCakeHas(valueText(-at.leftG, 'GRAMS', lengths))
        : texts.leftInTheCake(valueText(at.leftG, 'GRAMS', lengths))
      : texts.ofYarnUsedByThen(valueText(at.usedG, 'GRAMS', lengths));
  const { stripes } = plan;
  const worked = stripes?.socks[0]?.tube[round - 1];
  const colours = stripes && worked && colourReading(stripes, worked);
  const colour = colours ? ` · ${colours}` : '';
  const { pattern } = plan;
  const ofRepeat = pattern?.onTape[round - 1];
  const patterned =
    pattern && ofRepeat ? texts.patternRoundOf(ofRepeat, pattern.made.height.value) : '';
  return texts.fromTheToeTip(
    here,
    opening,
    patterned,
    lengthText(at.mmFromToe, lengths),
    yarn,
    colour,
  );
}
