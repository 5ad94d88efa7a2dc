import type { Figure, Plan } from '../api/types';
import type { Lengths } from '../settings/settings';
import { figureText, plusMinusText } from '../units/units';

/** A figure as it stands in the list: what it is, how much, and a line about it. */
export interface Entry {
  id: string;
  label: string;
  figures: readonly Figure[];
  unit: string;
  note: string;
}

function sure(figure: Figure, lengths: Lengths): string {
  return [figureText(figure, lengths), plusMinusText(figure.plusMinus, figure.unit, lengths)]
    .filter(Boolean)
    .join(' ');
}

/** The handful that matters while knitting, in the order of the work. */
export function entries(plan: Plan, lengths: Lengths): Entry[] {
  const { stitchCount, tube, opening, heel, toe, yarn, choices } = plan;
  const left = yarn.roles[0]?.left?.left;
  return [
    {
      id: 'stitches',
      label: 'Tube, on waste yarn',
      figures: [stitchCount.stitches],
      unit: 'stitches',
      note: `${figureText(stitchCount.realEase, lengths)} smaller than the foot`,
    },
    {
      id: 'opening',
      label: 'Knit to the opening',
      figures: [tube.footRounds],
      unit: 'rounds',
      note: `tape reads ${sure(tube.count.length, lengths)}; ${tube.count.markers.value} markers, one every ten`,
    },
    {
      id: 'leg',
      label: 'Knit on to the cuff',
      figures: [tube.legRounds],
      unit: 'rounds',
      note: `the tube then has ${figureText(tube.tubeRounds, lengths)}, ${sure(tube.tubeLength, lengths)}`,
    },
    {
      id: 'cuff',
      label: 'Cuff',
      figures: [choices.cuff],
      unit: 'rounds',
      note: `${sure(tube.cuffDepth, lengths)} of rib, bound off loosely`,
    },
    {
      id: 'pick-up',
      label: 'Pick up',
      figures: [opening.below, opening.above],
      unit: 'loops',
      note: `below and above; ${opening.comesOut.value} waste stitches come out, ${opening.cornerStitches?.value ?? 0} stay at each corner`,
    },
    {
      id: 'heel',
      label: 'Heel',
      figures: [heel.rounds],
      unit: 'rounds',
      note: `${heel.plainRounds.value} plain, ${heel.decreaseRounds.value} with decreases; graft ${heel.closingSide.value} and ${heel.closingSide.value}`,
    },
    {
      id: 'toe',
      label: 'Toe',
      figures: [toe.rounds],
      unit: 'rounds',
      note: `${toe.plainRounds.value} plain, ${toe.decreaseRounds.value} with decreases; graft ${toe.closingSide.value} and ${toe.closingSide.value}`,
    },
    {
      id: 'yarn',
      label: 'Yarn for the pair',
      figures: [yarn.pairGrams],
      unit: `g ${plusMinusText(yarn.pairGrams.plusMinus, 'GRAMS', lengths).replace(' g', '')}`,
      note: left
        ? left.value < 0
          ? `${figureText({ ...left, value: -left.value }, lengths)} too little at hand`
          : `${sure(left, lengths)} left of what is at hand`
        : figureText(yarn.pairMetres, lengths),
    },
  ];
}
