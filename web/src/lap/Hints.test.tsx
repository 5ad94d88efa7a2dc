// @vitest-environment jsdom
import { ChakraProvider } from '@chakra-ui/react';
import { cleanup, render } from '@testing-library/react';
import { afterEach, expect, it } from 'vitest';
import type { CakeState, Lap, Work } from '../wire/types';
import { system } from '../theme/system';
import { LegEndsSooner, MeasureNow, SideBySide } from './Hints';

const measured: Work = {
  steps: [],
  starts: [],
  presses: 0,
  differences: [],
  stretches: [{ section: 'LEG', title: 'leg', done: 0, all: 54 }],
};
const work: Work = { ...measured, measureAt: 26 };
const cake: CakeState = {
  role: 'MAIN',
  sock: 1,
  words: '',
  enough: 'GAMBLE',
  figures: [],
  workings: { figures: {}, steps: [], rules: [] },
};
const lap = (part: Partial<Lap>): Lap => ({
  pairId: '',
  name: '',
  heelWhen: 'LAST',
  order: 'IN_TURN',
  orders: [],
  pressed: [],
  heelChoices: [],
  planChanged: false,
  earlierRules: false,
  contrast: false,
  works: [work, work],
  half: 32,
  socks: [],
  weighings: [],
  cakes: [],
  notes: [],
  revision: 0,
  ...part,
});

function words(hint: React.ReactElement): string {
  const { container } = render(<ChakraProvider value={system}>{hint}</ChakraProvider>);
  return container.textContent;
}

afterEach(cleanup);

it.each([
  [25, false],
  [26, true],
  [35, true],
  [36, false],
])('after %i presses it is time to measure: %s', (position, time) => {
  expect(words(<MeasureNow work={work} position={position} />).length > 0).toBe(time);
});

it('does not ask for what was measured', () => {
  expect(words(<MeasureNow work={measured} position={30} />)).toBe('');
});

it('says where the leg ends by the last weighing, and nothing where the cake will do', () => {
  const light = lap({ cakes: [{ ...cake, stopAt: 24 }] });
  expect(words(<LegEndsSooner lap={light} work={work} />)).toMatch(/24 leg rounds, not 54/);
  cleanup();
  expect(words(<LegEndsSooner lap={lap({ cakes: [cake] })} work={work} />)).toBe('');
});

it.each([
  ['behind, side by side', true, 3, 9, true],
  ['as far', true, 9, 9, false],
  ['one after the other', false, 3, 9, false],
  ['nothing done', true, 0, 0, false],
])('turns to the other sock where it is %s: %s', (_, together, other, position, turns) => {
  const shown = words(
    <SideBySide
      lap={lap({ order: together ? 'IN_TURN' : 'ONE_AFTER_OTHER' })}
      work={work}
      position={position}
      other={other}
      which={2}
      onTurn={() => undefined}
    />,
  );
  expect(shown.includes('Switch to the second')).toBe(turns);
});
