import type { Figure, Plan, ShapedPart, Shaping, ShapingRound } from '../wire/types';
import type { Lengths } from '../settings/settings';
import { figureText, plusMinusText, unitWords } from '../units/units';
import { shared } from '../texts/shared';
import { texts } from './texts';

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
  const heel = shapingEntry('heel', shared.heel, plan.heel, lengths);
  const toe = shapingEntry('toe', shared.toe, plan.toe, lengths);
  const yarn = yarnEntry(plan, lengths);
  switch (plan.tube.way.id) {
    case 'TOE_UP':
      return plan.toe.shaping.begun
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
    TOE_UP: toe.shaping.begun ? texts.tubeFromTheToe : texts.castOnWasteYarn,
    CUFF_DOWN: texts.castOnAtTheCuff,
    READY_TUBE: texts.theReadyTubeHas,
  };
  const smaller = stitchCount.realEase.value >= 0;
  const ease = { ...stitchCount.realEase, value: Math.abs(stitchCount.realEase.value) };
  return {
    id: 'stitches',
    place: 'tube',
    label: labels[tube.way.id],
    figures: [stitchCount.stitches],
    unit: 'stitches',
    note: texts.thanTheFoot(figureText(ease, lengths), smaller),
  };
}

function openingEntry({ tube }: Plan, lengths: Lengths): Entry {
  // Top-down the cuff was told already: what is knitted from there on is counted from there.
  const count =
    (tube.way.id === 'CUFF_DOWN' &&
      tube.heelLine.counts.find(({ from }) => from.id === 'START_OF_LEG')) ||
    tube.heelLine.count;
  const markers = count.markers.value;
  const marked = markers > 0 ? texts.oneEvery10Rounds(markers) : '';
  return {
    id: 'opening',
    place: tube.way.id === 'TOE_UP' ? 'foot' : 'leg',
    label: tube.way.id === 'READY_TUBE' ? texts.countToTheHeelLine : texts.knitToTheHeelLine,
    figures: [count.rounds],
    unit: 'rounds',
    note: texts.from(sure(count.length, lengths), count.from.title, marked),
  };
}

function legEntry({ tube }: Plan, lengths: Lengths): Entry {
  const whole = texts.theTubeThenHas(
    figureText(tube.rounds.tube, lengths),
    sure(tube.lengths.tube, lengths),
  );
  const lost = tube.rounds.sacrificed.value > 0 ? texts.oneRoundOfItIs : '';
  return tube.way.id === 'TOE_UP'
    ? {
        id: 'leg',
        place: 'leg',
        label: texts.thenKnitToTheCuff,
        figures: [tube.rounds.leg],
        unit: 'rounds',
        note: whole + lost,
      }
    : {
        id: 'leg',
        place: 'foot',
        label: tube.way.id === 'READY_TUBE' ? texts.leaveForTheFoot : texts.thenKnitToTheToe,
        figures: [tube.rounds.foot],
        unit: 'rounds',
        note: tube.cut
          ? tube.cut.cut.id === 'PIECES'
            ? texts.eachPieceHas(figureText(tube.cut.pieceRounds, lengths))
            : texts.cutForEachSock(figureText(tube.cut.pieceRounds, lengths))
          : whole + lost,
      };
}

function cuffEntry({ tube, cuff }: Plan, lengths: Lengths): Entry {
  return {
    id: 'cuff',
    place: 'cuff',
    label: shared.cuff,
    figures: [cuff.rounds],
    unit: 'rounds',
    note: texts.ofLoosely(
      sure(tube.lengths.cuff, lengths),
      cuff.rib.title,
      tube.way.id === 'CUFF_DOWN',
    ),
  };
}

function pickUpEntry({ opening }: Plan): Entry {
  const { below, above, snip, comesOut, live, cornerStitches: stay } = opening;
  const what = opening.way.id.startsWith('WASTE') ? texts.wasteYarnStsComeOut : texts.stsComeOut;
  const corners = stay
    ? texts.stayAtEachCorner(stay.value)
    : opening.corners.id === 'CLOSE_LATER'
      ? texts.theCornersAreClosedWith
      : texts.stsWithTheCorners(live.value);
  return {
    id: 'pick-up',
    place: 'opening',
    label: shared.pickUp,
    figures: [below, above],
    unit: 'sts',
    note: `${snip ? texts.snipSt(snip.value) : ''}${comesOut.value} ${what}, ${corners}`,
  };
}

/** Rounds as they are worked: plain ones, those at the corners, and how often they are shaped. */
function workedWords(
  { plainRounds, phases, begun, school, depth }: Shaping,
  list: readonly ShapingRound[],
  lengths: Lengths,
): string {
  if (school.id === 'SHORT_ROWS') {
    const rows = list.filter(({ round }) => round.kind === 'SHORT_ROW').length;
    return texts.shortRowsDeep(rows, figureText(depth, lengths));
  }
  const corners = list.filter(({ round }) => round.kind === 'CORNERS').length;
  const plain = plainRounds.value;
  const shaped = phases
    .filter(({ decreases }) => decreases.value > 0)
    .map(({ every, decreases }, i) => {
      const verb = i > 0 ? '' : begun ? texts.increase : texts.decrease;
      return `${verb}${everyWords(every.value)} ${timesWords(decreases.value)}`;
    });
  // The corner stitches go in rounds that would else be plain.
  const gone = corners === 0 ? '' : texts.cornerStsGoneIn(corners, `${corners}`);
  const first =
    plain > 0
      ? texts.plain(plain, gone && ` (${gone})`)
      : gone && `${gone} ${corners === 1 ? 'round' : 'rounds'}`;
  return [first, ...shaped].filter(Boolean).join(', then ');
}

function everyWords(every: number): string {
  return every === 1
    ? texts.everyRound
    : every === 2
      ? texts.every2ndRound
      : texts.everyRound2(every);
}

function timesWords(times: number): string {
  return times === 1 ? 'once' : times === 2 ? 'twice' : texts.times(times);
}

function shapingEntry(
  id: 'heel' | 'toe',
  label: string,
  { shaping, worked: list }: ShapedPart,
  lengths: Lengths,
): Entry {
  const { graftLoops, close, rounds, closingSide } = shaping;
  const end = graftLoops
    ? texts.sts(close.id === 'GRAFT', graftLoops.value)
    : texts.castOnSts(closingSide.value);
  return {
    id,
    place: id,
    label,
    figures: [rounds],
    unit: shaping.school.id === 'SHORT_ROWS' ? texts.roundsDeep : 'rounds',
    note: `${workedWords(shaping, list, lengths)}; ${end}`,
  };
}

function yarnEntry({ yarn }: Plan, lengths: Lengths): Entry {
  const left = yarn.roles[0]?.left;
  const missing = left && left.left.value < 0;
  return {
    id: 'yarn',
    place: 'yarn',
    label: texts.yarnForThePair,
    figures: [yarn.pairGrams],
    unit: [
      unitWords('GRAMS', lengths)[1],
      plusMinusText(yarn.pairGrams.plusMinus, 'GRAMS', lengths).replace(/ (g|oz)$/, ''),
    ].join(' '),
    note: left
      ? missing
        ? texts.short(figureText({ ...left.left, value: -left.left.value }, lengths))
        : texts.leftOver(sure(left.left, lengths), left.enough.title)
      : figureText(yarn.pairMetres, lengths),
  };
}
