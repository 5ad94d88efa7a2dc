import { draw, type Depth } from './draw';
import type { Cell, Mesh, Point } from './mesh';

/** A sock on the table, in millimetres. */
export interface Laid {
  mesh: Mesh;
  x: number;
  y: number;
}

/** What is looked at, and how large. */
export interface Scene {
  socks: readonly Laid[];
  look: { x: number; y: number; perMm: number };
  /** In pixels of the page. */
  width: number;
  height: number;
  colourOf: (band: number) => string;
}

/** A picture whose stitches are still being drawn. */
export interface Painting {
  cancel: () => void;
  /** Draws what is left at once. */
  finish: () => void;
}

/** Stitches drawn in one go, and milliseconds after which the page may do something else. */
const AT_ONCE = 300;
const LONGEST_MS = 8;

/** Paints the colours at once, and the stitches over them as soon as there is time, all in one. */
export function paint(canvas: HTMLCanvasElement, scene: Scene): Painting | undefined {
  const context = prepared(canvas, scene);
  const away = document.createElement('canvas');
  const fine = context && prepared(away, scene);
  if (!context || !fine) {
    return undefined;
  }
  colours(context, scene);
  const tasks = stitches(fine, scene);
  let waiting: ReturnType<typeof setTimeout> | undefined;
  const step = (longestMs: number) => {
    const begun = performance.now();
    while (tasks.length > 0 && performance.now() - begun < longestMs) {
      tasks.shift()?.();
      // A canvas only notes what is to be drawn; reading from it draws it now and not in one lump at the end.
      fine.getImageData(0, 0, 1, 1);
    }
    if (tasks.length > 0) {
      waiting = setTimeout(() => step(LONGEST_MS));
    } else {
      context.setTransform(1, 0, 0, 1, 0, 0);
      context.drawImage(away, 0, 0);
      waiting = undefined;
    }
  };
  waiting = setTimeout(() => step(LONGEST_MS));
  return {
    cancel: () => clearTimeout(waiting),
    finish: () => {
      if (waiting !== undefined) {
        clearTimeout(waiting);
        step(Infinity);
      }
    },
  };
}

function prepared(
  canvas: HTMLCanvasElement,
  { width, height }: Scene,
): CanvasRenderingContext2D | undefined {
  const context = canvas.getContext('2d', { willReadFrequently: true });
  const sharp = window.devicePixelRatio || 1;
  canvas.width = Math.round(width * sharp);
  canvas.height = Math.round(height * sharp);
  context?.setTransform(sharp, 0, 0, sharp, 0, 0);
  return context ?? undefined;
}

/** Each stretch of one colour in a round as one shape. */
function colours(context: CanvasRenderingContext2D, { socks, look, colourOf }: Scene): void {
  for (const { mesh, x, y } of socks) {
    const paths = new Map<number, Path2D>();
    const on = ([px, py]: Point): Point => [
      (px + x - look.x) * look.perMm,
      (py + y - look.y) * look.perMm,
    ];
    for (const [first, last] of runs(mesh.cells)) {
      const path = paths.get(first.band) ?? new Path2D();
      paths.set(first.band, path);
      const [a, , , d] = first.corners;
      const [, b, c] = last.corners;
      [a, b, c, d]
        .map(on)
        .forEach(([px, py], i) => (i ? path.lineTo(px, py) : path.moveTo(px, py)));
      path.closePath();
    }
    for (const [band, path] of paths) {
      context.fillStyle = colourOf(band);
      context.fill(path);
    }
  }
}

/** Neighbours of one round that have one colour and lie in one line. */
export function runs(cells: readonly Cell[]): (readonly [Cell, Cell])[] {
  const found: [Cell, Cell][] = [];
  for (const cell of cells) {
    const run = found.at(-1);
    const before = run?.[1];
    if (
      run &&
      before &&
      before.band === cell.band &&
      before.round === cell.round &&
      joined(before, cell)
    ) {
      run[1] = cell;
    } else {
      found.push([cell, cell]);
    }
  }
  return found;
}

/** Whether a stitch goes on where the one before it ends, in the same direction. */
function joined({ corners: [a, b, c] }: Cell, { corners: [e, f, , h] }: Cell): boolean {
  const bend = (b[0] - a[0]) * (f[1] - e[1]) - (b[1] - a[1]) * (f[0] - e[0]);
  const along = (b[0] - a[0]) * (f[0] - e[0]) + (b[1] - a[1]) * (f[1] - e[1]);
  return near(b, e) && near(c, h) && along > 0 && Math.abs(bend) < 0.01 * along;
}

function near([x, y]: Point, [otherX, otherY]: Point): boolean {
  return Math.abs(x - otherX) + Math.abs(y - otherY) < 0.01;
}

/** All grounds first, then all legs, a few stitches at a time. */
function stitches(context: CanvasRenderingContext2D, scene: Scene): (() => void)[] {
  const depths: Depth[] = ['grounds', 'legs'];
  return depths.flatMap((depth) =>
    scene.socks.flatMap(({ mesh, x, y }) => {
      const look = { ...scene.look, x: scene.look.x - x, y: scene.look.y - y };
      const parts = Math.ceil(mesh.cells.length / AT_ONCE);
      return Array.from({ length: parts }, (_, i) => () => {
        const cells = mesh.cells.slice(i * AT_ONCE, (i + 1) * AT_ONCE);
        draw(context, { ...mesh, cells }, look, scene, scene.colourOf, depth);
      });
    }),
  );
}
