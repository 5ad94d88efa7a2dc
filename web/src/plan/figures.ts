import type { Figure, Plan, Shaping } from '../api/types';
import type { Lengths } from '../settings/settings';
import { figureText, plusMinusText } from '../units/units';

/** What a figure belongs to on the tape. */
export type Place = 'tube' | 'foot' | 'leg' | 'cuff' | 'opening' | 'heel' | 'toe' | 'yarn';

/** A figure as it stands in the list: what it is, how much, and a line about it. */
export interface Entry {
  id: string;
  place: Place;
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
  const tube = tubeEntry(plan, lengths);
  const opening = openingEntry(plan, lengths);
  const leg = legEntry(plan, lengths);
  const cuff = cuffEntry(plan, lengths);
  const pickUp = pickUpEntry(plan);
  const heel = shapingEntry('heel', 'Heel', plan.heel, lengths);
  const toe = shapingEntry('toe', 'Toe', plan.toe, lengths);
  const yarn = yarnEntry(plan, lengths);
  switch (plan.tube.way) {
    case 'TOE_UP':
      return plan.toe.begun
        ? [toe, tube, opening, leg, cuff, pickUp, heel, yarn]
        : [tube, opening, leg, cuff, pickUp, heel, toe, yarn];
    case 'CUFF_DOWN':
      return [tube, cuff, opening, leg, pickUp, heel, toe, yarn];
    case 'READY_TUBE':
      return [tube, cuff, opening, leg, pickUp, heel, toe, yarn];
  }
}

function tubeEntry({ stitchCount, tube, toe }: Plan, lengths: Lengths): Entry {
  const labels = {
    TOE_UP: toe.begun ? 'Tube, from the toe' : 'Tube, on waste yarn',
    CUFF_DOWN: 'Cast on at the cuff',
    READY_TUBE: 'The ready tube has',
  };
  const smaller = stitchCount.realEase.value >= 0;
  const ease = { ...stitchCount.realEase, value: Math.abs(stitchCount.realEase.value) };
  return {
    id: 'stitches',
    place: 'tube',
    label: labels[tube.way],
    figures: [stitchCount.stitches],
    unit: 'stitches',
    note: `${figureText(ease, lengths)} ${smaller ? 'smaller' : 'larger'} than the foot`,
  };
}

function openingEntry({ tube }: Plan, lengths: Lengths): Entry {
  const { count } = tube;
  return {
    id: 'opening',
    place: tube.way === 'TOE_UP' ? 'foot' : 'leg',
    label: tube.way === 'READY_TUBE' ? 'Count to the opening' : 'Knit to the opening',
    figures: [count.rounds],
    unit: 'rounds',
    note: `tape reads ${sure(count.length, lengths)} from ${count.title}; ${count.markers.value} markers, one every ten`,
  };
}

function legEntry({ tube }: Plan, lengths: Lengths): Entry {
  const whole = `the tube then has ${figureText(tube.tubeRounds, lengths)}, ${sure(tube.tubeLength, lengths)}`;
  const lost = tube.sacrificed.value > 0 ? '; one round of it is unpicked at the opening' : '';
  return tube.way === 'TOE_UP'
    ? {
        id: 'leg',
        place: 'leg',
        label: 'Knit on to the cuff',
        figures: [tube.legRounds],
        unit: 'rounds',
        note: whole + lost,
      }
    : {
        id: 'leg',
        place: 'foot',
        label: tube.way === 'READY_TUBE' ? 'Leave for the foot' : 'Knit on to the toe',
        figures: [tube.footRounds],
        unit: 'rounds',
        note: tube.cut
          ? `cut ${figureText(tube.cut.pieceRounds, lengths)} for each sock`
          : whole + lost,
      };
}

function cuffEntry({ choices, tube, cuff }: Plan, lengths: Lengths): Entry {
  return {
    id: 'cuff',
    place: 'cuff',
    label: 'Cuff',
    figures: [choices.cuff],
    unit: 'rounds',
    note: `${sure(tube.cuffDepth, lengths)} of ${cuff.ribTitle}, ${tube.way === 'CUFF_DOWN' ? 'cast on' : 'bound off'} loosely`,
  };
}

function pickUpEntry({ opening }: Plan): Entry {
  const stay = opening.cornerStitches;
  const what = opening.way.startsWith('WASTE') ? 'waste stitches come out' : 'stitches come out';
  const corners = stay
    ? `${stay.value} stay at each corner`
    : `${opening.live.value} loops with the corners`;
  return {
    id: 'pick-up',
    place: 'opening',
    label: 'Pick up',
    figures: [opening.below, opening.above],
    unit: 'loops',
    note: `below and above; ${opening.snip ? `snip stitch ${opening.snip.value}; ` : ''}${opening.comesOut.value} ${what}, ${corners}`,
  };
}

function shapingEntry(
  id: 'heel' | 'toe',
  label: string,
  shaping: Shaping,
  lengths: Lengths,
): Entry {
  const { plainRounds, decreaseRounds, graftLoops, close, rounds, depth } = shaping;
  const worked =
    shaping.school === 'SHORT_ROWS'
      ? `${shaping.list.filter(({ kind }) => kind === 'SHORT_ROW').length} short rows, ${figureText(depth, lengths)} deep`
      : `${plainRounds.value} plain, ${decreaseRounds.value} with ${shaping.begun ? 'increases' : 'decreases'}`;
  const end = graftLoops
    ? `${close === 'GRAFT' ? 'graft' : 'draw together'} ${graftLoops.value} and ${graftLoops.value}`
    : `begun on ${shaping.closingSide.value} a side`;
  return {
    id,
    place: id,
    label,
    figures: [rounds],
    unit: 'rounds',
    note: `${worked}; ${end}`,
  };
}

function yarnEntry({ yarn }: Plan, lengths: Lengths): Entry {
  const left = yarn.roles[0]?.left;
  const missing = left && left.left.value < 0;
  return {
    id: 'yarn',
    place: 'yarn',
    label: 'Yarn for the pair',
    figures: [yarn.pairGrams],
    unit: `g ${plusMinusText(yarn.pairGrams.plusMinus, 'GRAMS', lengths).replace(' g', '')}`,
    note: left
      ? missing
        ? `${figureText({ ...left.left, value: -left.left.value }, lengths)} too little at hand`
        : `${sure(left.left, lengths)} left of what is at hand: ${left.words}`
      : figureText(yarn.pairMetres, lengths),
  };
}
