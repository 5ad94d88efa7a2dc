import { expect, it } from 'vitest';
import type { SockStripes } from '../wire/types';
import { plans } from '../../test/plans';
import { svgOf } from './draw';
import { heart, inkings, shade, stitchAt, type Pen } from './knit';
import { meshOf, type Point } from './mesh';
import { runs } from './paint';

const plan = plans.striped;
const [sock, other] = (plan.stripes?.socks ?? []) as [SockStripes, SockStripes];
const BLANK = (): Pen => ({ shape: () => undefined });

it.each(['side', 'sole'] as const)('from the %s every stitch is found where it lies', (view) => {
  const mesh = meshOf(plan, sock, view);
  const seen = new Set(mesh.cells.map(({ where }) => where));
  expect([...seen].sort()).toEqual(
    view === 'side' ? ['cuff', 'foot', 'heel', 'leg', 'toe'] : ['foot', 'heel', 'toe'],
  );
  let found = 0;
  for (const cell of mesh.cells) {
    const at = stitchAt(mesh, heart(cell));
    expect(at).toBeDefined();
    found += at === cell ? 1 : 0;
  }
  // Along the crease one stitch lies over another.
  expect(found / mesh.cells.length).toBeGreaterThan(0.93);
});

it.each(['side', 'sole'] as const)('from the %s nothing lies beyond its room', (view) => {
  const mesh = meshOf(plan, sock, view);
  for (const { corners } of mesh.cells) {
    for (const [x, y] of corners) {
      expect(x).toBeGreaterThanOrEqual(-1e-6);
      expect(x).toBeLessThanOrEqual(mesh.width + 1e-6);
      expect(y).toBeGreaterThanOrEqual(-1e-6);
      expect(y).toBeLessThanOrEqual(mesh.height + 1e-6);
    }
  }
});

it('a stitch has the band that the core gave it', () => {
  for (const cell of meshOf(plan, other, 'side').cells) {
    const rounds = cell.where === 'heel' ? other.heel : other.tube;
    const round = rounds[cell.round - 1];
    const band =
      round?.changes.findLast(({ stitch }) => stitch <= cell.stitch)?.band ?? round?.band;
    expect(cell.band).toBe(band);
    expect(cell.stitch).toBeGreaterThan(0);
    expect(cell.stitch).toBeLessThanOrEqual(round?.stitches ?? 0);
  }
});

it('draws only what is looked at', () => {
  const mesh = meshOf(plan, sock, 'side');
  const far = inkings(mesh, { x: 5000, y: 0, perMm: 2 }, 400, 300, BLANK);
  expect(far).toHaveLength(0);
  expect(inkings(mesh, { x: 0, y: 0, perMm: 2 }, 900, 500, BLANK)).toHaveLength(2);
});

it('the drawing to take away names itself and holds both colours', () => {
  const mesh = meshOf(plan, sock, 'sole');
  const colour = (band: number) => plan.stripes?.bands[band]?.colour ?? '#000000';
  const svg = svgOf(
    [{ mesh, x: 0, y: 0 }],
    6,
    { width: 900, height: 300 },
    colour,
    'Tom & Åse <1>',
  );
  expect(svg).toContain('<title>Tom &amp; Åse &lt;1&gt;</title>');
  expect(svg).toContain('#a13d4b');
  expect(svg).toContain('#2b4a6f');
});

it.each([
  ['#ffffff', 0.5, '#808080'],
  ['#101010', 0.5, '#585858'],
])('shade of %s', (colour, by, shaded) => {
  expect(shade(colour, by)).toBe(shaded);
});

function area(corners: readonly Point[]): number {
  const twice = corners.reduce((sum, [x, y], i) => {
    const [nextX, nextY] = corners[(i + 1) % corners.length] ?? [0, 0];
    return sum + x * nextY - nextX * y;
  }, 0);
  return Math.abs(twice) / 2;
}

it.each(['side', 'sole'] as const)(
  'from the %s the quick picture has as much of each colour',
  (view) => {
    const { cells } = meshOf(plan, sock, view);
    const quick = runs(cells);
    expect(quick.length).toBeLessThan(cells.length / 4);
    const all = new Map<number, number>();
    const add = (band: number, much: number) => all.set(band, (all.get(band) ?? 0) + much);
    cells.forEach(({ band, corners }) => add(band, area(corners)));
    quick.forEach(([first, last]) => {
      const [a, , , d] = first.corners;
      const [, b, c] = last.corners;
      add(first.band, -area([a, b, c, d]));
    });
    for (const rest of all.values()) {
      expect(Math.abs(rest)).toBeLessThan(5);
    }
  },
);
