import { inkings, shade, type Inking, type Look, type Pen } from './knit';
import type { Mesh, Point } from './mesh';

/** How far the ground between two stitches lies in the shade, and their right legs and purl bumps. */
const DEEP = 0.3;
const TURNED = 0.07;
const BUMPED = 0.16;

/** From the line around the sock to the purl bumps. */
const LAYERS = 5;

class CanvasPen implements Pen {
  readonly path = new Path2D();

  shape(points: readonly Point[], closed: boolean): void {
    points.forEach(([x, y], i) => (i === 0 ? this.path.moveTo(x, y) : this.path.lineTo(x, y)));
    if (closed) {
      this.path.closePath();
    }
  }
}

class WordPen implements Pen {
  private readonly words: string[] = [];

  shape(points: readonly Point[], closed: boolean): void {
    const each = points.map(([x, y]) => `${x.toFixed(1)} ${y.toFixed(1)}`);
    this.words.push(`M${each.join('L')}${closed ? 'Z' : ''}`);
  }

  get d(): string {
    return this.words.join('');
  }
}

/** One shape of the picture: filled, or drawn as lines. */
interface Stroke<P> {
  pen: P;
  colour: string;
  /** Width of the lines; none where it is filled. */
  line?: number;
}

/** What is drawn of one colour, from below. */
function strokes<P extends Pen>(inking: Inking<P>, colour: string): Stroke<P>[] {
  const { ground, left, right, bumps, edge, fine } = inking;
  const around = { pen: edge, colour: shade(colour, 0.45), line: 1.6 };
  return fine
    ? [
        around,
        { pen: ground, colour },
        { pen: left, colour: shade(colour, DEEP * 0.7), line: 0.8 },
        { pen: bumps, colour: shade(colour, DEEP), line: 1.2 },
      ]
    : [
        around,
        { pen: ground, colour: shade(colour, DEEP) },
        { pen: right, colour: shade(colour, TURNED) },
        { pen: left, colour },
        { pen: bumps, colour: shade(colour, BUMPED) },
      ];
}

/** The grounds of the stitches, and what lies on them: no ground may cover the legs of a neighbour. */
export type Depth = 'grounds' | 'legs';
const LAYERS_OF: Record<Depth, readonly [number, number]> = { grounds: [0, 2], legs: [2, LAYERS] };

/** Draws stitches of a mesh on a canvas of so many pixels. */
export function draw(
  context: CanvasRenderingContext2D,
  mesh: Mesh,
  look: Look,
  size: { width: number; height: number },
  colourOf: (band: number) => string,
  depth: Depth,
): void {
  const found = inkings(mesh, look, size.width, size.height, () => new CanvasPen());
  const each = found.map((inking) => strokes(inking, colourOf(inking.band)));
  const [from, to] = LAYERS_OF[depth];
  for (let layer = from; layer < to; layer++) {
    for (const list of each) {
      const stroke = list[layer];
      if (stroke?.line !== undefined) {
        context.strokeStyle = stroke.colour;
        context.lineWidth = stroke.line;
        context.stroke(stroke.pen.path);
      } else if (stroke) {
        context.fillStyle = stroke.colour;
        context.fill(stroke.pen.path);
      }
    }
  }
}

/** The same as a drawing to take away. */
export function svgOf(
  meshes: readonly { mesh: Mesh; x: number; y: number }[],
  perMm: number,
  size: { width: number; height: number },
  colourOf: (band: number) => string,
  title: string,
): string {
  const shapes = meshes.flatMap(({ mesh, x, y }) => {
    const found = inkings(
      mesh,
      { x: -x, y: -y, perMm },
      size.width,
      size.height,
      () => new WordPen(),
    );
    const each = found.map((inking) => strokes(inking, colourOf(inking.band)));
    return Array.from({ length: LAYERS }, (_, i) => i).flatMap((layer) =>
      each.flatMap((list) => {
        const stroke = list[layer];
        return stroke?.pen.d ? [pathOf(stroke)] : [];
      }),
    );
  });
  const box = `0 0 ${size.width.toFixed(0)} ${size.height.toFixed(0)}`;
  return `<svg xmlns="http://www.w3.org/2000/svg" viewBox="${box}" width="${size.width.toFixed(0)}" height="${size.height.toFixed(0)}"><title>${escaped(title)}</title>${shapes.join('')}</svg>`;
}

function pathOf({ pen, colour, line }: Stroke<WordPen>): string {
  return line === undefined
    ? `<path d="${pen.d}" fill="${colour}"/>`
    : `<path d="${pen.d}" fill="none" stroke="${colour}" stroke-width="${line}"/>`;
}

function escaped(text: string): string {
  return text.replaceAll('&', '&amp;').replaceAll('<', '&lt;').replaceAll('>', '&gt;');
}
