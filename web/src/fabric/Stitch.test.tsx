// @vitest-environment jsdom
import { cleanup, render } from '@testing-library/react';
import { afterEach, expect, it } from 'vitest';
import { Leg, Loop, Purl, Stitch } from './Stitch';

afterEach(cleanup);

function numbers(element: React.ReactElement): number[][] {
  const { container } = render(<svg>{element}</svg>);
  return [...container.querySelectorAll('path')].map((path) =>
    ((path.getAttribute('d') ?? '').match(/-?\d+(\.\d+)?/g) ?? []).map(Number),
  );
}

const cell = { x: 40, y: 10, w: 20, h: 15 };

it('has two legs, the one the mirror of the other about its middle', () => {
  const [left = [], right = []] = numbers(<Stitch {...cell} />);
  const middle = cell.x + cell.w / 2;
  left.forEach((value, i) => {
    const there = right[i] ?? NaN;
    expect(there).toBeCloseTo(i % 2 === 0 ? 2 * middle - value : value, 1);
  });
});

it('stays within its cell at the shoulders and stands on the stitch below', () => {
  const [leg = []] = numbers(<Leg {...cell} left />);
  const down = leg.filter((_, i) => i % 2 === 1);
  expect(Math.max(...down)).toBeGreaterThan(cell.y + cell.h);
  expect(Math.min(...leg.filter((_, i) => i % 2 === 0))).toBeGreaterThanOrEqual(cell.x - 2);
});

it('leans where it decreases', () => {
  const [plain = []] = numbers(<Leg {...cell} left />);
  const [leaning = []] = numbers(<Leg {...cell} left lean={0.5} />);
  const foot = plain.indexOf(Math.max(...plain.filter((_, i) => i % 2 === 1))) - 1;
  expect(leaning[foot] ?? 0).toBeGreaterThan((plain[foot] ?? 0) + 5);
});

it('hangs down from the piece above', () => {
  const [up = []] = numbers(<Loop {...cell} fill="ink" />);
  const [down = []] = numbers(<Loop {...cell} fill="ink" down />);
  const heights = (values: number[]) => values.filter((_, i) => i % 2 === 1);
  expect(Math.max(...heights(up))).toBe(cell.y + cell.h);
  expect(Math.min(...heights(down))).toBe(cell.y - cell.h);
});

it('shows one head across from its other side, the same to either hand', () => {
  const [head = []] = numbers(<Purl {...cell} />);
  const middle = cell.x + cell.w / 2;
  const across = head.filter((_, i) => i % 2 === 0);
  expect(Math.max(...across) - middle).toBeCloseTo(middle - Math.min(...across), 1);
});
