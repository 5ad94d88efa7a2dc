import type { ColourRound, Outline, Plan, SockStripes } from '../wire/types';
import { between, lying, type Lying, type Point } from './bend';

export type { Point };

type Corners = readonly [Point, Point, Point, Point];

/** One stitch: its corners from the left below, around; up is the way it was knitted. */
export interface Cell {
  band: number;
  corners: Corners;
  purl: boolean;
  where: Part;
  /** Round of its part, from 1, as the core lists them. */
  round: number;
  stitch: number;
  /** Whether it lies at the edge of what is seen. */
  edge: boolean;
}

export type Part = 'toe' | 'foot' | 'leg' | 'cuff' | 'heel';
export type View = 'side' | 'sole';

/** A sock as stitches on the table, and how much room it takes. */
export interface Mesh {
  cells: Cell[];
  width: number;
  height: number;
}

const SECTIONS = { TOE: 'toe', FOOT: 'foot', LEG: 'leg', CUFF: 'cuff' } as const;

/** The room that one sock takes on the table. */
export function roomOf({ outline }: Plan, view: View): { width: number; height: number } {
  if (view === 'side') {
    const { width, height } = lying(outline);
    return { width, height };
  }
  const depth = outline.heel.at(-1)?.depthMm ?? 0;
  return { width: outline.openingMm + depth, height: outline.widthMm };
}

/** The stitches that are seen of one sock. */
export function meshOf(plan: Plan, sock: SockStripes, view: View): Mesh {
  return view === 'side' ? sideMesh(plan, sock) : soleMesh(plan, sock);
}

interface Measures {
  outline: Outline;
  /** Millimetres of a round, and of a stitch. */
  round: number;
  stitch: number;
  depth: number;
  /** Width of the knit and of the purl ribs; none where there is no ribbing to see. */
  rib: number;
}

function measures(plan: Plan, sock: SockStripes): Measures {
  const { outline, stitchCount, cuff } = plan;
  return {
    outline,
    round: outline.lengthMm / sock.tube.length,
    stitch: outline.widthMm / stitchCount.half.value,
    depth: outline.heel.at(-1)?.depthMm ?? 0,
    rib: cuff.rib.id === 'ONE_BY_ONE' ? 1 : 2,
  };
}

function bandOf(round: ColourRound, stitch: number): number {
  return round.changes.findLast((change) => change.stitch <= stitch)?.band ?? round.band;
}

/** Stitches of a round where it begins and where it ends: half way to its neighbours. */
function widths(rounds: readonly ColourRound[], i: number): readonly number[] {
  const here = rounds[i]?.stitches ?? 0;
  const before = rounds[i - 1]?.stitches ?? here;
  const after = rounds[i + 1]?.stitches ?? here;
  return [(before + here) / 2, (here + after) / 2];
}

/** Whether a part was knitted from the cuff’s side to the toe’s. */
function towardsToe(plan: Plan, where: Part): boolean {
  return where === 'toe' ? !plan.toe.shaping.begun : plan.tube.way.id === 'CUFF_DOWN';
}

/** A round’s stitch that is seen in a column of the side, from the middle of the sole to the middle of the instep. */
function onTheSide(column: number, stitches: number): number {
  const quarter = Math.floor(stitches / 4);
  return column < quarter ? quarter - column : stitches - (column - quarter);
}

function partOf(outline: Outline, index: number): Part {
  const span = outline.spans.find(({ toRound }) => index < toRound);
  return span ? SECTIONS[span.section as keyof typeof SECTIONS] : 'cuff';
}

/** Foot to the left, the leg bent up, the heel in the corner: as a sock lies when it is folded at its middle. */
function sideMesh(plan: Plan, sock: SockStripes): Mesh {
  const size = measures(plan, sock);
  const { outline, round, stitch } = size;
  const wide = outline.widthMm;
  const lies = lying(outline);
  const cells: Cell[] = [];
  sock.tube.forEach((colours, i) => {
    const where = partOf(outline, i);
    const columns = Math.floor(colours.stitches / 2);
    const from = i * round;
    const part = from >= outline.openingMm - 0.01 ? 'leg' : 'foot';
    const quarter = Math.floor(colours.stitches / 4);
    // The columns run along the edges of sole and instep, and end where they meet: there the decreases are.
    const across = (at: number, total: number) =>
      at === quarter
        ? wide / 2
        : at < quarter
          ? (wide + total) / 2 - at * stitch
          : (wide - total) / 2 + (columns - at) * stitch;
    const [begin = 0, end = 0] = widths(sock.tube, i).map((stitches) => (stitches / 2) * stitch);
    const point = (x: number, y: number) => lies.tube(x, y, part);
    let a = point(from, across(0, begin));
    let d = point(from + round, across(0, end));
    const down = towardsToe(plan, where);
    for (let column = 0; column < columns; column++) {
      const seen = onTheSide(column, colours.stitches);
      const b = point(from, across(column + 1, begin));
      const c = point(from + round, across(column + 1, end));
      const corners: Corners = down ? [d, c, b, a] : [a, b, c, d];
      [a, d] = [b, c];
      cells.push({
        band: bandOf(colours, seen),
        corners,
        purl: where === 'cuff' && Math.floor((seen - 1) / size.rib) % 2 === 1,
        where,
        round: i + 1,
        stitch: seen,
        edge: column === 0 || column === columns - 1 || i === 0 || i === sock.tube.length - 1,
      });
    }
  });
  cells.push(...heelCells(sock, lies));
  return { cells, ...roomOf(plan, 'side') };
}

/** The heel cup between the sole and the back of the leg: rounds that meet at the line of decreases. */
function heelCells(sock: SockStripes, { lips: [sole, corner, back], tip }: Lying): Cell[] {
  const most = sock.heel[0]?.stitches ?? 1;
  const last = sock.heel.at(-1)?.stitches ?? most;
  const inner = between(corner, tip, 1 - last / most);
  const at = (u: number, v: number): Point => {
    const lip = u < 0.5 ? between(sole, corner, 2 * u) : between(corner, back, 2 * u - 1);
    const end = u < 0.5 ? between(tip, inner, 2 * u) : between(inner, tip, 2 * u - 1);
    return between(lip, end, v);
  };
  return sock.heel.flatMap((colours, i) => {
    const columns = Math.floor(colours.stitches / 2);
    const low = i / sock.heel.length;
    const high = (i + 1) / sock.heel.length;
    return Array.from({ length: columns }, (_, column): Cell => {
      const left = column / columns;
      const right = (column + 1) / columns;
      const seen = onTheSide(column, colours.stitches);
      return {
        band: bandOf(colours, seen),
        corners: [at(left, low), at(right, low), at(right, high), at(left, high)],
        purl: false,
        where: 'heel',
        round: i + 1,
        stitch: seen,
        edge: column === 0 || column === columns - 1,
      };
    });
  });
}

/** Sole up: toe at the left, the heel cup at the right; the leg lies below. */
function soleMesh(plan: Plan, sock: SockStripes): Mesh {
  const size = measures(plan, sock);
  const { outline, round, stitch, depth } = size;
  const wide = outline.widthMm;
  const foot = outline.spans[1]?.toRound ?? sock.tube.length;
  const heelRound = depth / sock.heel.length;
  const row = (
    rounds: readonly ColourRound[],
    i: number,
    from: number,
    long: number,
    where: Part,
  ): Cell[] => {
    const colours = rounds[i];
    if (!colours) {
      return [];
    }
    const columns = Math.floor(colours.stitches / 2);
    const [near, far] = widths(rounds, i).map((stitches) => (stitches / 2) * stitch);
    // The columns are straight and end at the edges, where the decreases are.
    const across = (column: number, total = 0) =>
      column === 0
        ? (wide - total) / 2
        : column === columns
          ? (wide + total) / 2
          : wide / 2 + (column - columns / 2) * stitch;
    return Array.from({ length: columns }, (_, column): Cell => {
      const upwards: Corners = [
        [from, across(column, near)],
        [from, across(column + 1, near)],
        [from + long, across(column + 1, far)],
        [from + long, across(column, far)],
      ];
      const [a, b, c, d] = upwards;
      return {
        band: bandOf(colours, column + 1),
        corners: where !== 'heel' && towardsToe(plan, where) ? [d, c, b, a] : upwards,
        purl: false,
        where,
        round: i + 1,
        stitch: column + 1,
        edge: column === 0 || column === columns - 1,
      };
    });
  };
  const cells = [
    ...sock.tube
      .slice(0, foot)
      .flatMap((_, i) => row(sock.tube, i, i * round, round, partOf(outline, i))),
    ...sock.heel.flatMap((_, i) =>
      row(sock.heel, i, outline.openingMm + i * heelRound, heelRound, 'heel'),
    ),
  ];
  return { cells, ...roomOf(plan, 'sole') };
}
