// @vitest-environment jsdom
import { ChakraProvider } from '@chakra-ui/react';
import { cleanup, render, screen } from '@testing-library/react';
import { afterEach, expect, it } from 'vitest';
import type { Tried } from '../wire/types';
import { changeSettings } from '../settings/settings';
import { system } from '../theme/system';
import { TriedTable } from './Tried';

const tried: Tried = {
  words: 'Of the foot 24 rounds are left now, not 18.',
  otherFollows: false,
  differences: [
    { label: 'Foot', unit: 'ROUNDS', before: 58, after: 64 },
    { label: 'Tube on the tape', unit: 'MILLIMETRES', before: 307, after: 321 },
    { label: 'Yarn of the pair', unit: 'GRAMS', before: 84.7, after: 89.8 },
  ],
};

function shown(state: Tried): string[] {
  render(
    <ChakraProvider value={system}>
      <TriedTable tried={state} sock={2} />
    </ChakraProvider>,
  );
  return screen.queryAllByRole('row').map((row) => row.textContent ?? '');
}

afterEach(() => {
  cleanup();
  changeSettings({ lengths: 'CM' });
});

it('sets old and new side by side, each with its unit', () => {
  expect(shown(tried)).toEqual([
    'FigurePlannedNew',
    'Foot58 rounds64 rounds',
    'Tube on the tape307 mm321 mm',
    'Yarn of the pair84.7 g89.8 g',
  ]);
  expect(screen.getByText(/The first sock is already past this/)).toBeDefined();
});

it('tells lengths in the unit of the reader', () => {
  changeSettings({ lengths: 'INCH' });
  expect(shown(tried)[2]).toMatch(/12\.\d+ in/);
});

it('says so where nothing changes', () => {
  expect(shown({ ...tried, differences: [] })).toEqual([]);
  expect(screen.getByText('Nothing changes.')).toBeDefined();
});
