// @vitest-environment jsdom
import { ChakraProvider } from '@chakra-ui/react';
import { act, cleanup, fireEvent, render, renderHook, screen } from '@testing-library/react';
import { afterEach, expect, it, vi } from 'vitest';
import type { LapStep, Needles } from '../wire/types';
import { system } from '../theme/system';
import { NeedlesNow } from './NeedlesNow';
import { useTwice } from './Twice';

const OPEN: Needles = {
  groups: [
    {
      edge: 'HEEL',
      first: true,
      name: 'lower [needle|half|half|half]',
      loops: 32,
      doubles: [16, 16],
      round: false,
    },
    {
      edge: 'HEEL',
      first: false,
      name: 'upper [needle|half|half|half]',
      loops: 32,
      doubles: [16, 16],
      round: false,
    },
  ],
  waiting: [{ name: 'toe’s end', by: 'WASTE', loops: 64 }],
  yarns: [
    {
      role: { id: 'MAIN', title: 'main yarn' },
      edge: 'HEEL',
      at: 'START',
      place: 'where the lower needle begins',
    },
  ],
  line: { rows: 1, waste: true, threads: 0, state: 'COUNTED', corner: 0 },
  closed: ['CUFF_END'],
  words: ['On the needles: lower needle 32, upper needle 32.', 'On waste yarn: toe’s end 64.'],
};

const step: LapStep = {
  id: 'corners',
  doing: 'CORNERS',
  paced: false,
  title: 'Corners',
  instruction: 'Look.',
  amounts: {},
  before: 64,
  words: ['64 sts are live'],
  loops: [64],
  number: 1,
  forGood: false,
  mishaps: [],
  needles: [OPEN],
  pattern: [],
  stitchEnds: [],
  moves: [],
  sharing: 'EACH',
  cautions: [],
};

function show(change: Partial<LapStep>, done = 0, then?: Needles) {
  render(
    <ChakraProvider value={system}>
      <NeedlesNow place={{ step: { ...step, ...change }, done, start: 1, index: 1 }} then={then} />
    </ChakraProvider>,
  );
}

afterEach(cleanup);

it('is drawn where more than plain knitting is done, with the same in words', () => {
  show({});
  expect(screen.getByText('lower needle: 32 sts')).toBeDefined();
  expect(screen.getByText('toe’s end, 64 sts on waste yarn')).toBeDefined();
  expect(screen.getByText('On waste yarn: toe’s end 64.')).toBeDefined();
});

it('shows the needles as the step leaves them', () => {
  const then = {
    ...OPEN,
    groups: [
      {
        edge: 'HEEL' as const,
        first: true,
        name: 'lower needle',
        loops: 33,
        doubles: [17, 16],
        round: false,
      },
    ],
  };
  show({}, 0, then);
  fireEvent.click(screen.getByText('Show it after this step'));
  expect(screen.getByText('lower needle: 33 sts')).toBeDefined();
  fireEvent.click(screen.getByText('Show it before this step'));
  expect(screen.getByText('lower needle: 32 sts')).toBeDefined();
});

it('says how the sts lie on the needles that are in use', () => {
  show({});
  const other = () => fireEvent.click(screen.getByTitle(/Another kind of needles/));
  other();
  expect(screen.getByText('lower half: 32 sts')).toBeDefined();
  other();
  expect(screen.getByText('lower half: 16 + 16 sts')).toBeDefined();
  other();
  expect(screen.getByText('On a short circular needle')).toBeDefined();
  expect(screen.getByText('lower half: 16 + 16 sts')).toBeDefined();
  other();
  expect(screen.getByText('lower needle: 32 sts')).toBeDefined();
});

it('is one key away from plain rounds', () => {
  show({ doing: 'ROUNDS', paced: true });
  expect(screen.queryByTestId('needles')).toBeNull();
  fireEvent.keyDown(window, { key: 'm' });
  expect(screen.getByTestId('needles')).toBeDefined();
  fireEvent.click(screen.getByRole('button', { name: 'Needles' }));
  expect(screen.queryByTestId('needles')).toBeNull();
});

it('says nothing while a graft is sewn: its moves tell', () => {
  show({ doing: 'GRAFT' }, 3);
  expect(screen.queryByRole('button')).toBeNull();
});

it('asks about two rounds in two seconds, and not about two steps or two slow rounds', () => {
  vi.useFakeTimers();
  const { result, rerender } = renderHook(({ position }) => useTwice(position), {
    initialProps: { position: 10 },
  });
  const press = (position: number, after: number, paced = true) => {
    act(() => {
      vi.advanceTimersByTime(after);
      result.current.pressed(paced);
    });
    rerender({ position });
  };
  press(11, 0);
  expect(result.current.asked).toBe(false);
  press(12, 500);
  expect(result.current.asked).toBe(true);
  act(() => {
    result.current.settled();
  });
  expect(result.current.asked).toBe(false);
  press(13, 30_000);
  expect(result.current.asked).toBe(false);
  press(14, 500, false);
  expect(result.current.asked).toBe(false);
  vi.useRealTimers();
});
