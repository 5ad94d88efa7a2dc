// @vitest-environment jsdom
import { ChakraProvider } from '@chakra-ui/react';
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, expect, it, vi } from 'vitest';
import type { Work } from '../wire/types';
import { system } from '../theme/system';
import { BandLine, type ToldColour } from './BandLine';
import type { Queue } from './queue';

type Colours = NonNullable<Work['colours']>;

const BANDS = [
  { name: 'madder', colour: '#a13d4b' },
  { name: 'fleece', colour: '#efe6d2' },
  { name: 'woad', colour: '#3b5b7e' },
];
const STRETCHES = [
  { from: 10, to: 20, band: 0, nth: 0, unsureRounds: 0, lost: false },
  { from: 20, to: 30, band: 1, nth: 1, unsureRounds: 2.2, lost: false },
];

const press = vi.fn(() => new Promise<never>(() => {}));
const note = vi.fn<ToldColour['note']>();

interface Setting {
  position: number;
  seen?: Colours['seen'];
  refused?: string;
  quiet?: boolean;
  knots?: Colours['knots'];
  lost?: boolean;
}

function show({ position, seen = [], refused, quiet = false, knots = [], lost = false }: Setting) {
  const stretches = STRETCHES.map((stretch) => ({ ...stretch, lost }));
  const colours: Colours = { bands: BANDS, stretches, knots, windings: [], seen };
  render(
    <ChakraProvider value={system}>
      <BandLine
        work={{ colours } as Work}
        sock={1}
        position={position}
        queue={{ press } as unknown as Queue}
        windOff={{ template: 'Wind off {much}.', amounts: { much: { value: 3, unit: 'METRES' } } }}
        told={{ refused, note }}
        quiet={quiet}
      />
    </ChakraProvider>,
  );
}

const seenAt = (position: number, more = {}): Colours['seen'] => [
  { id: 'seen', sock: 1, position, band: 1, knot: false, ...more } as Colours['seen'][number],
];
const button = (name: string) => screen.getByRole('button', { name });

afterEach(() => {
  cleanup();
  press.mockClear();
  note.mockClear();
});

it('says which round of the band is on the needles and when the next comes', () => {
  show({ position: 14 });
  expect(screen.getByTestId('band-line').textContent).toContain('madder, round 5 of about 10');
  expect(screen.getByTestId('band-line').textContent).toContain('fleece in 6');
  fireEvent.click(button('New colour begins'));
  expect(note).toHaveBeenCalledWith();
});

it('says what to wind off before the first round, and what comes next after it', () => {
  show({ position: 0 });
  expect(screen.getByText('Wind off 3 m.')).toBeDefined();
  cleanup();
  show({ position: 4 });
  expect(screen.getByText('Next comes madder.')).toBeDefined();
  expect(screen.queryByRole('button')).toBeNull();
});

it('asks which band comes behind a knot, and notes that one', () => {
  show({ position: 14 });
  fireEvent.click(button('There is a knot'));
  expect(screen.getByText('Behind the knot comes')).toBeDefined();
  fireEvent.click(button('woad'));
  expect(note).toHaveBeenCalledWith({ band: 3, knot: true });
  expect(screen.queryByText('Behind the knot comes')).toBeNull();
});

it('takes a colour back that was another, before it notes that one', () => {
  show({ position: 14, seen: seenAt(13) });
  expect(screen.getByText('Fleece begins in this round.')).toBeDefined();
  fireEvent.click(button('It’s a different colour'));
  fireEvent.click(button('woad'));
  expect(press).toHaveBeenCalledWith({ sock: 1, kind: 'WITHDRAWN', takenBack: 'seen' });
  expect(note).toHaveBeenCalledWith({ band: 3, sure: true });
});

it('offers to undo only what was noted in this round or the one before', () => {
  const instead = { template: 'Wind off {much}.', amounts: { much: { value: 4, unit: 'METRES' } } };
  show({ position: 14, seen: seenAt(14, { knot: true, instead }) });
  expect(screen.getByText('Knot noted; fleece comes next.')).toBeDefined();
  expect(screen.getByText('Wind off 4 m.')).toBeDefined();
  fireEvent.click(button('Undo'));
  expect(press).toHaveBeenCalledWith({ sock: 1, kind: 'WITHDRAWN', takenBack: 'seen' });
  cleanup();
  show({ position: 14, seen: seenAt(12) });
  expect(screen.queryByRole('button', { name: 'Undo' })).toBeNull();
});

it('says why a colour was refused, and lets the knitter be sure or have a knot', () => {
  show({ position: 14, refused: 'Too early.' });
  expect(screen.getByRole('alert').textContent).toContain('Too early.');
  expect(screen.getAllByRole('button', { name: 'There is a knot' })).toHaveLength(1);
  fireEvent.click(button('Yes, it starts here'));
  expect(note).toHaveBeenCalledWith({ sure: true });
});

it('leaves the large button out where a new colour is noted elsewhere', () => {
  show({ position: 14, quiet: true });
  expect(screen.queryByRole('button', { name: 'New colour begins' })).toBeNull();
  expect(button('There is a knot')).toBeDefined();
});

it('tells of a knot shortly before it comes, and how sure that is', () => {
  const line = () => screen.getByTestId('band-line').textContent;
  const knots = [{ position: 28, unsureRounds: 2.4 }];
  show({ position: 15, knots });
  expect(line()).not.toContain('knot comes');
  cleanup();
  show({ position: 16, knots });
  expect(line()).toContain('A knot comes in 12 rounds, give or take 2.');
  cleanup();
  show({ position: 28, knots });
  expect(line()).toContain('A knot comes in about this round, give or take 2.');
  cleanup();
  show({ position: 29, knots });
  expect(line()).not.toContain('knot comes');
});

it('asks for the colour behind a knot that nobody looked behind, and names none', () => {
  show({ position: 14, lost: true });
  expect(screen.getByTestId('band-line').textContent).not.toContain('madder');
  expect(screen.getByText(/Behind the knot: note the colour that begins/)).toBeDefined();
  fireEvent.click(button('New colour begins'));
  expect(note).not.toHaveBeenCalled();
  fireEvent.click(button('woad'));
  expect(note).toHaveBeenCalledWith({ band: 3, sure: true });
  cleanup();
  show({ position: 14, lost: true, refused: 'Not known.' });
  expect(screen.queryByRole('button', { name: 'Yes, it starts here' })).toBeNull();
  expect(button('fleece')).toBeDefined();
});
