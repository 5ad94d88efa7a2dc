import type { Cell, Mesh, Point } from './mesh';

/** The part of the table that is looked at, in millimetres from its corner, and how large a millimetre is drawn. */
export interface Look {
  x: number;
  y: number;
  perMm: number;
}

/** Draws one shape after the other: on a canvas, or as the words of a path. */
export interface Pen {
  shape: (points: readonly Point[], closed: boolean) => void;
}

/** What is drawn of a mesh in one colour. */
export interface Inking<P extends Pen> {
  band: number;
  /** Whole stitches, for the ground. */
  ground: P;
  /** The two legs of each stitch; of a small one, both in one line. */
  left: P;
  right: P;
  /** The bumps of purl stitches. */
  bumps: P;
  /** The stitches at the edge, to be drawn around. */
  edge: P;
  /** Whether the stitches are so small that their legs are lines. */
  fine: boolean;
}

/** Pixels of a stitch below which its legs are a line each. */
export const FINE = 7;

/** From the left below of a stitch: along its foot, and up. */
type Along = (x: number, y: number) => Point;

function along({ corners: [a, b, c, d] }: Cell): Along {
  return (x, y) => [
    (a[0] * (1 - x) + b[0] * x) * (1 - y) + (d[0] * (1 - x) + c[0] * x) * y,
    (a[1] * (1 - x) + b[1] * x) * (1 - y) + (d[1] * (1 - x) + c[1] * x) * y,
  ];
}

/** One leg of a knit stitch, as a leaf that leans outwards and reaches into the stitch above; the other mirrors it. */
const LEG: readonly Point[] = leaf(9);

function leaf(points: number): Point[] {
  const [from, to] = [
    [0.47, -0.2],
    [0.17, 1.16],
  ] as const;
  const side = (sign: number) =>
    Array.from({ length: points }, (_, i): Point => {
      const t = i / (points - 1);
      const wide = 0.22 * Math.sin(Math.PI * t) ** 0.55;
      return [from[0] + (to[0] - from[0]) * t + sign * wide, from[1] + (to[1] - from[1]) * t];
    });
  return [...side(-1), ...side(1).reverse()];
}

/** The legs of a small stitch, and the bump of a small purl stitch. */
const VEE: readonly Point[] = [
  [0.08, 0.95],
  [0.5, 0.1],
  [0.92, 0.95],
];
const LINE: readonly Point[] = [
  [0.1, 0.5],
  [0.9, 0.5],
];
const BUMP: readonly Point[] = [
  [0.06, 0.3],
  [0.3, 0.12],
  [0.7, 0.12],
  [0.94, 0.3],
  [0.94, 0.72],
  [0.7, 0.9],
  [0.3, 0.9],
  [0.06, 0.72],
];

/** The middle of the left leg, or of the bump: there a stitch shows its colour and nothing else. */
export function heart(cell: Cell): Point {
  return along(cell)(cell.purl ? 0.5 : 0.27, 0.5);
}

/** Everything that is to be drawn of what is looked at, by colour. */
export function inkings<P extends Pen>(
  mesh: Mesh,
  look: Look,
  width: number,
  height: number,
  pen: () => P,
): Inking<P>[] {
  const found = new Map<number, Inking<P>>();
  const right = look.x + width / look.perMm + MARGIN;
  const below = look.y + height / look.perMm + MARGIN;
  const fine = size(mesh) * look.perMm < FINE;
  for (const cell of mesh.cells) {
    const [a, , c] = cell.corners;
    const seen =
      Math.max(a[0], c[0]) > look.x - MARGIN &&
      Math.min(a[0], c[0]) < right &&
      Math.max(a[1], c[1]) > look.y - MARGIN &&
      Math.min(a[1], c[1]) < below;
    if (seen) {
      let inking = found.get(cell.band);
      if (!inking) {
        inking = {
          band: cell.band,
          ground: pen(),
          left: pen(),
          right: pen(),
          bumps: pen(),
          edge: pen(),
          fine,
        };
        found.set(cell.band, inking);
      }
      add(inking, cell, look);
    }
  }
  return [...found.values()];
}

/** Millimetres around what is looked at that may still reach into it. */
const MARGIN = 6;

/** Millimetres across a stitch of the foot. */
function size(mesh: Mesh): number {
  const [a, b] = mesh.cells[0]?.corners ?? [[0, 0] as const, [1, 0] as const];
  return Math.hypot(b[0] - a[0], b[1] - a[1]);
}

function add(inking: Inking<Pen>, cell: Cell, look: Look): void {
  const at = along(cell);
  const on = ([x, y]: Point): Point => [(x - look.x) * look.perMm, (y - look.y) * look.perMm];
  inking.ground.shape(cell.corners.map(on), true);
  if (cell.edge) {
    inking.edge.shape(cell.corners.map(on), true);
  }
  const shape = (points: readonly Point[], mirrored = false) =>
    points.map(([x, y]) => on(at(mirrored ? 1 - x : x, y)));
  if (cell.purl) {
    inking.bumps.shape(shape(inking.fine ? LINE : BUMP), !inking.fine);
  } else if (inking.fine) {
    inking.left.shape(shape(VEE), false);
  } else {
    inking.left.shape(shape(LEG), true);
    inking.right.shape(shape(LEG, true), true);
  }
}

/** The stitch at a point on the table; the last one drawn lies on top. */
export function stitchAt(mesh: Mesh, [x, y]: Point): Cell | undefined {
  return mesh.cells.findLast((cell) => inside(cell.corners, x, y));
}

function inside(corners: readonly Point[], x: number, y: number): boolean {
  let within = false;
  for (let i = 0, j = corners.length - 1; i < corners.length; j = i++) {
    const [xi, yi] = corners[i] ?? [0, 0];
    const [xj, yj] = corners[j] ?? [0, 0];
    if (yi > y !== yj > y && x < ((xj - xi) * (y - yi)) / (yj - yi) + xi) {
      within = !within;
    }
  }
  return within;
}

/** A colour so much darker, or where it is dark already so much lighter: what lies in the shade of a stitch. */
export function shade(colour: string, by: number): string {
  const channels = [1, 3, 5].map((at) => parseInt(colour.slice(at, at + 2), 16));
  const light = channels.reduce((sum, each) => sum + each, 0) / 3;
  const shaded = channels.map((each) =>
    Math.round(light > 60 ? each * (1 - by) : each + (255 - each) * by * 0.6),
  );
  return `#${shaded.map((each) => each.toString(16).padStart(2, '0')).join('')}`;
}
