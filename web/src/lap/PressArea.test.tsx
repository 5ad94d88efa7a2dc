// @vitest-environment jsdom
import { ChakraProvider } from '@chakra-ui/react';
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, expect, it, vi } from 'vitest';
import type { LapStep } from '../wire/types';
import { changeSettings } from '../settings/settings';
import { MemoryRouter } from 'react-router';
import { system } from '../theme/system';
import { seam } from './place';
import { PressArea } from './PressArea';

const ROUND = ['front off', 'front stays', 'back off', 'back stays'];

const foot: LapStep = {
  id: 'foot',
  doing: 'ROUNDS',
  paced: true,
  title: 'Foot',
  instruction: 'Knit.',
  amounts: {},
  before: 64,
  words: ['knit'],
  loops: [64],
  number: 55,
  stitchEnds: [],
  moves: [],
  forGood: false,
  mishaps: [],
  needles: [],
  pattern: [],
  sharing: 'BOTH',
  cautions: [{ title: 'Hands', text: 'Pause.' }],
};

function show(step: Partial<LapStep>, done = 0) {
  const onDone = vi.fn();
  const { container } = render(
    <MemoryRouter>
      <ChakraProvider value={system}>
        <PressArea
          place={{ step: { ...foot, ...step }, done, start: 1, index: 1 }}
          onDone={onDone}
        />
      </ChakraProvider>
    </MemoryRouter>,
  );
  return { onDone, container };
}

afterEach(() => {
  cleanup();
  changeSettings({ hand: 'right', wholeStitches: false });
});

it('is one large button with the instruction, the count and what it is of', () => {
  const { onDone } = show({}, 37);
  const area = screen.getByRole('button');
  expect(area.textContent).toContain('Knit');
  expect(screen.getByTestId('count').textContent).toBe('37');
  expect(screen.getByTestId('count-of').textContent).toBe(
    'of 55 rounds done · 32 sole + 32 instep',
  );
  fireEvent.click(area);
  expect(onDone).toHaveBeenCalledTimes(1);
});

it('says a caution before the first round, and not at every one', () => {
  show({});
  expect(screen.getByText('Pause.')).toBeDefined();
  cleanup();
  show({}, 1);
  expect(screen.queryByText('Pause.')).toBeNull();
});

it('shows the four moves of a graft in their round, whatever the set-up was', () => {
  const words = ['front stays', 'back stays', ...ROUND, ...ROUND, 'front off', 'back off'];
  const { container } = show(
    { id: 'heel-graft', doing: 'GRAFT', paced: false, words, number: 12 },
    2,
  );
  const shown = [...container.querySelectorAll('[aria-hidden] > span')].map((e) => e.textContent);
  expect(shown).toEqual(ROUND);
  expect(screen.getByTestId('count-of').textContent).toContain('of 12 moves done');
  expect(screen.getByText('next: front stays')).toBeDefined();
  expect(screen.getByText(/Finish the graft in one go/)).toBeDefined();
});

it('takes a whole stitch of a graft with a press, for whoever wants that', () => {
  const words = ['front stays', 'back stays', ...ROUND, ...ROUND, 'front off', 'back off'];
  const graft: Partial<LapStep> = {
    ...{ id: 'heel-graft', doing: 'GRAFT' as const, paced: false, words, number: 12, before: 6 },
    stitchEnds: [2, 6, 10, 12],
  };
  show(graft, 2);
  fireEvent.click(screen.getByText('Tap once a stitch'));
  expect(screen.getByTestId('count-of').textContent).toContain('of 3 stitches sewn');
  expect(screen.getByTestId('count').textContent).toBe('0');
  ROUND.forEach((move) => expect(screen.getByText(move)).toBeDefined());
  expect(screen.getByText('Tap when the stitch is done')).toBeDefined();
  expect(
    [0, 2, 6, 8, 10].map((done) => seam({ step: { ...foot, ...graft }, done, start: 0, index: 0 })),
  ).toEqual([
    { to: 2, sewn: 0, all: 3 },
    { to: 6, sewn: 0, all: 3 },
    { to: 10, sewn: 1, all: 3 },
    { to: 10, sewn: 1, all: 3 },
    { to: 12, sewn: 2, all: 3 },
  ]);
  fireEvent.click(screen.getByText('Tap for each move'));
  expect(screen.getByTestId('count').textContent).toBe('2');
});

it('draws the opening where there is one, and the cut only at the cut', () => {
  const legs = (step: string) => {
    const { container } = show({ id: step, doing: 'CUT', paced: false, number: 1 });
    const drawn = container.querySelectorAll('svg path').length;
    const lines = container.querySelectorAll('svg line').length;
    cleanup();
    return [drawn, lines];
  };
  const [below, belowNeedles] = legs('heel-pick-up-below') as [number, number];
  const [above, bothNeedles] = legs('heel-pick-up-above') as [number, number];
  expect([belowNeedles, bothNeedles]).toEqual([1, 2]);
  expect(above).toBe(below);
  const [unpicked] = legs('unpick') as [number, number];
  expect(unpicked).toBeLessThan(above);
  const [, withCut] = legs('snip') as [number, number];
  expect(withCut).toBe(3);
  expect(legs('bind-off')).toEqual([0, 0]);
});

it('draws as many rows between the needles as lie there', () => {
  const between = (rows: number) => {
    const line = { rows, waste: true, threads: 0, state: 'IN', corner: 0 } as const;
    const needles = [{ groups: [], waiting: [], yarns: [], line, closed: [], words: [] }];
    const { container } = show({
      id: 'heel-pick-up-above',
      doing: 'PICK_UP',
      paced: false,
      needles,
    });
    const legs = [...container.querySelectorAll<SVGElement>('svg path')];
    cleanup();
    return legs.filter((leg) => leg.style.fill.includes('amiss')).length;
  };
  expect(between(2)).toBe(2 * between(1));
  expect(between(1)).toBeGreaterThan(0);
});

it('says what cannot be undone', () => {
  show({ id: 'snip', doing: 'CUT', paced: false, forGood: true, number: 1, instruction: 'Snip.' });
  expect(screen.getByText('This can’t be undone. Tap once it is done.')).toBeDefined();
});
