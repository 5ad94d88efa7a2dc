// @vitest-environment jsdom
import { cleanup, render } from '@testing-library/react';
import { afterEach, expect, it } from 'vitest';
import { Repeat } from './Repeat';
import type { PatternRow } from '../wire/types';

afterEach(cleanup);

const ROWS: PatternRow[] = [
  { stitches: ['KNIT', 'YARN_OVER', 'SSK'], words: 'k1, yo, ssk' },
  { stitches: ['KNIT', 'KNIT', 'PURL'], words: 'k2, p1' },
  { stitches: ['PURL', 'KNIT', 'KNIT'], words: 'p1, k2' },
];

const heights = (texts: NodeListOf<SVGTextElement>) =>
  [...texts].map((text) => [text.textContent, Number(text.getAttribute('y'))] as const);

it('stands with its first round below', () => {
  const { container } = render(<Repeat rows={ROWS} leftHanded={false} />);
  const told = heights(container.querySelectorAll('text'));
  expect(told.map(([number]) => number)).toEqual(['1', '2', '3']);
  expect(told[0]?.[1]).toBeGreaterThan(told[2]?.[1] ?? Infinity);
});

it('begins a round where the hand begins it', () => {
  const hole = (left: boolean) => {
    const { container } = render(<Repeat rows={ROWS} leftHanded={left} />);
    const all = [...container.querySelectorAll('circle')];
    return Number(all[0]?.getAttribute('cx'));
  };
  expect(hole(false)).toBe(hole(true)); // the yarn over is the middle one of three
  const edge = (left: boolean) => {
    const { container } = render(<Repeat rows={ROWS} leftHanded={left} />);
    return Number(container.querySelector('text')?.getAttribute('x'));
  };
  expect(edge(false)).toBeGreaterThan(edge(true));
});

it('shows the rounds about the one that is due', () => {
  const many = Array.from({ length: 60 }, (_, i) => ROWS[i % ROWS.length] as PatternRow);
  const { container } = render(<Repeat rows={many} due={41} leftHanded={false} most={10} />);
  const numbers = [...container.querySelectorAll('text')].map((text) => Number(text.textContent));
  expect(numbers).toHaveLength(10);
  expect(numbers).toContain(41);
  expect(numbers.filter((each) => each > 41).length).toBeGreaterThan(2);
});
