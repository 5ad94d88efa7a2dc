// @vitest-environment jsdom
import { render } from '@testing-library/react';
import { expect, it } from 'vitest';
import { ink, Rect, Text } from './svg';

it.each([
  ['ink', 'var(--chakra-colors-ink)'],
  ['onTape', 'var(--chakra-colors-on-tape)'],
  ['none', 'none'],
  ['transparent', 'transparent'],
  ['#aa3311', '#aa3311'],
  ['url(#a)', 'url(#a)'],
  [undefined, undefined],
])('%s is drawn as %s', (colour, drawn) => {
  expect(ink(colour)).toBe(drawn);
});

it('a piece keeps its place and takes its colour from the theme', () => {
  const { container } = render(
    <svg>
      <Rect x={3} width={10} fill="tape" stroke="#000000" />
      <Text fontSize="11px" fill="ink">
        words
      </Text>
    </svg>,
  );
  const rect = container.querySelector('rect');
  expect(rect?.getAttribute('x')).toBe('3');
  expect(rect?.getAttribute('style')).toContain('fill: var(--chakra-colors-tape)');
  expect(container.querySelector('text')?.getAttribute('style')).toContain('font-size: 11px');
});
