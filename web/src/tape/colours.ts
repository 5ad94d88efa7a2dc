import type { ColourRound, Outline, Plan, StripePlan } from '../wire/types';
import { texts } from './texts';

/** A part of a round as it lies on the face that is up: one colour over some of its stitches. */
export interface FacePart {
  band: number;
  /** Where it begins and ends across the face, from 0 at its upper edge to 1. */
  from: number;
  to: number;
}

/** The colours across the face of a round; its first half is the face that is up. */
export function faceOf(round: ColourRound): FacePart[] {
  const half = Math.max(1, round.stitches / 2);
  const parts: FacePart[] = [];
  let band = round.band;
  let from = 0;
  for (const change of round.changes) {
    const to = Math.min(1, (change.stitch - 1) / half);
    if (to > from) {
      parts.push({ band, from, to });
    }
    from = Math.max(from, to);
    band = change.band;
  }
  if (from < 1) {
    parts.push({ band, from, to: 1 });
  }
  return parts;
}

/** Rounds of one colour that lie side by side, and rounds with a change in them by themselves. */
export interface Stretch {
  /** Index of its first round and of its last. */
  first: number;
  last: number;
  parts: FacePart[];
}

export function stretches(rounds: readonly ColourRound[]): Stretch[] {
  const found: Stretch[] = [];
  rounds.forEach((round, i) => {
    const parts = faceOf(round);
    const before = found.at(-1);
    const plain = parts.length === 1 && before?.parts.length === 1;
    const asBefore = plain && before.parts[0]?.band === parts[0]?.band;
    if (asBefore && rounds[i - 1]?.stitches === round.stitches) {
      before.last = i;
    } else {
      found.push({ first: i, last: i, parts });
    }
  });
  return found;
}

/** Where one colour gives way to the next along the rounds, with how unsure that is. */
export interface Edge {
  /** Rounds from the first of the list to the edge. */
  at: number;
  before: number;
  after: number;
  unsureRounds: number;
  /** Rounds to the nearest other edge, on either side. */
  room: number;
}

/** The edges that are unsure by more than half a round; a surer one is drawn as the step it is. */
export function unsureEdges(rounds: readonly ColourRound[]): Edge[] {
  const all: Edge[] = [];
  for (let i = 1; i < rounds.length; i++) {
    const before = rounds[i - 1];
    const after = rounds[i];
    if (before && after && before.band !== after.band && before.band >= 0 && after.band >= 0) {
      const unsureRounds = (before.unsureRounds + after.unsureRounds) / 2;
      all.push({ at: i, before: before.band, after: after.band, unsureRounds, room: 0 });
    }
  }
  return all
    .map((edge, i) => {
      const left = edge.at - (all[i - 1]?.at ?? 0);
      const right = (all[i + 1]?.at ?? rounds.length) - edge.at;
      return { ...edge, room: Math.min(left, right) };
    })
    .filter(({ unsureRounds }) => unsureRounds > 0.5);
}

/** The colour of a band; of what is knitted from another yarn, that yarn's. */
export function colourOf(stripes: StripePlan, band: number, other: string | undefined): string {
  return stripes.bands[band]?.colour ?? other ?? UNDYED;
}

/** Wool that nobody gave a colour. */
export const UNDYED = '#d9cdb8';

/** The rounds that stripes are drawn over: the toe shaped, the rest straight. */
export function roundMm(outline: Outline, rounds: number): number {
  return outline.lengthMm / rounds;
}

const TIMES = ['', 'first', 'second', 'third', 'fourth', 'fifth', 'sixth', 'seventh', 'eighth'];

/** How the colours of a round are read: “third blue, round 4 of 6”. */
export function colourReading(stripes: StripePlan, round: ColourRound): string {
  const main = faceMiddle(round);
  const band = stripes.bands[main];
  if (!band) {
    return '';
  }
  const times = TIMES[round.nth] ?? `${band.name} ${round.nth}`;
  const which = round.nth < TIMES.length ? `${times} ${band.name}` : times;
  const change = round.changes.at(-1);
  const next = change && stripes.bands[change.band];
  const step = next ? texts.fromStitchOn(next.name, change.stitch) : '';
  return texts.roundOf(which, round.inBand, round.ofBand, step);
}

/** The band that most of a round has. */
function faceMiddle(round: ColourRound): number {
  const middle = (round.stitches + 1) / 2;
  return round.changes.findLast(({ stitch }) => stitch <= middle)?.band ?? round.band;
}

/** The colours of the sock that is looked at. */
export function sockColours(plan: Plan, sock: number) {
  return plan.stripes?.socks[sock];
}

/** Dyes to begin another band with, far enough apart to be told at a glance. */
const DYES = [
  '#2f5fa8',
  '#b3261e',
  '#d9a521',
  '#3f7d4e',
  '#7a4a8c',
  '#c9772b',
  '#2c8c8c',
  '#4b4f56',
];

/** A colour for another band: one that no band has yet, or else not that of the band before it. */
export function anotherColour(bands: readonly { colour: string }[]): string {
  const used = bands.map(({ colour }) => colour.toLowerCase());
  return (
    DYES.find((dye) => !used.includes(dye)) ?? DYES.find((dye) => dye !== used.at(-1)) ?? UNDYED
  );
}
