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

/** Paints the colours at once, and the stitches over them as soon as these are seen, all in one. */
export function paint(canvas: HTMLCanvasElement, scene: Scene): Painting | undefined {
  const context = prepared(canvas, scene);
  if (!context) {
    return undefined;
  }
  colours(context, scene);
  const fine = new Stitches(context, scene);
  let frame = 0;
  let waiting: ReturnType<typeof setTimeout> | undefined;
  const step = () => {
    waiting = fine.go(LONGEST_MS) ? undefined : setTimeout(step);
  };
  // Not before the next frame: whoever changed something sees the colours first.
  frame = requestAnimationFrame(() => {
    waiting = setTimeout(step);
  });
  const cancel = () => {
    cancelAnimationFrame(frame);
    clearTimeout(waiting);
  };
  return {
    cancel,
    finish: () => {
      cancel();
      fine.go(Infinity);
    },
  };
}

/** The stitches of a picture, drawn away from it until all are done. */
class Stitches {
  private readonly away = document.createElement('canvas');
  private tasks: (() => void)[] | undefined;
  private fine: CanvasRenderingContext2D | undefined;

  constructor(
    private readonly context: CanvasRenderingContext2D,
    private readonly scene: Scene,
  ) {}

  /** Draws for so long; whether all are drawn. */
  go(longestMs: number): boolean {
    const begun = performance.now();
    this.fine ??= prepared(this.away, this.scene);
    const fine = this.fine;
    this.tasks ??= fine ? stitches(fine, this.scene) : [];
    while (fine && this.tasks.length > 0 && performance.now() - begun < longestMs) {
      this.tasks.shift()?.();
      // A canvas only notes what is to be drawn; reading from it draws it now and not in one lump at the end.
      fine.getImageData(0, 0, 1, 1);
      if (this.tasks.length === 0) {
        this.context.setTransform(1, 0, 0, 1, 0, 0);
        this.context.drawImage(this.away, 0, 0);
      }
    }
    return this.tasks.length === 0;
  }
}

function prepared(
  canvas: HTMLCanvasElement,
  { width, height }: Scene,
): CanvasRenderingContext2D | undefined {
  const context = canvas.getContext('2d', { willReadFrequently: true });
  const sharp = window.devicePixelRatio || 1;
  const across = Math.round(width * sharp);
  const down = Math.round(height * sharp);
  if (canvas.width === across && canvas.height === down) {
    context?.setTransform(1, 0, 0, 1, 0, 0);
    context?.clearRect(0, 0, across, down); // quicker than room for another picture
  } else {
    canvas.width = across;
    canvas.height = down;
  }
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
      joined(before, cell) &&
      // A gentle bend adds up: the whole run stays in the direction it began in.
      straight(run[0], cell)
    ) {
      run[1] = cell;
    } else {
      found.push([cell, cell]);
    }
  }
  return found;
}

/** Whether a stitch goes on where the one before it ends. */
function joined({ corners: [, b, c] }: Cell, { corners: [e, , , h] }: Cell): boolean {
  return near(b, e) && near(c, h);
}

/** Whether a stitch lies in the same direction as another one of its round, below and above. */
function straight({ corners: [a, b, c, d] }: Cell, { corners: [e, f, g, h] }: Cell): boolean {
  return parallel(a, b, e, f) && parallel(d, c, h, g);
}

function parallel(a: Point, b: Point, e: Point, f: Point): boolean {
  const bend = (b[0] - a[0]) * (f[1] - e[1]) - (b[1] - a[1]) * (f[0] - e[0]);
  const along = (b[0] - a[0]) * (f[0] - e[0]) + (b[1] - a[1]) * (f[1] - e[1]);
  return along > 0 && Math.abs(bend) < 0.01 * along;
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
