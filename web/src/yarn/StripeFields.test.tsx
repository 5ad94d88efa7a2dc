// @vitest-environment jsdom
import { ChakraProvider } from '@chakra-ui/react';
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, expect, it, vi } from 'vitest';
import type { Stripe } from '../wire/types';
import { system } from '../theme/system';
import { StripeFields } from './StripeFields';

const change = vi.fn();

const MEASURED: Stripe[] = [
  { name: 'madder', colour: '#a13d4b', lengthM: 5 },
  { name: 'fleece', colour: '#efe6d2', lengthM: 4 },
];
const COUNTED: Stripe[] = [{ name: 'woad', colour: '#3b5b7e', rounds: 6, stitches: 60 }];

function show(stripes: Stripe[], problems: Record<string, string> = {}) {
  render(
    <ChakraProvider value={system}>
      <StripeFields
        stripes={stripes}
        startM={undefined}
        change={change}
        problemAt={(field) => problems[field]}
      />
    </ChakraProvider>,
  );
}

const inWhat = () => screen.getByLabelText<HTMLSelectElement>('How long the bands are');
const type = (field: HTMLElement, value: string) => fireEvent.change(field, { target: { value } });

afterEach(() => {
  cleanup();
  change.mockReset();
});

it('asks for metres where they were measured, for rounds where they were counted', () => {
  show(MEASURED);
  expect(inWhat().value).toBe('metres');
  expect(screen.getAllByLabelText('Yarn in it')).toHaveLength(2);
  expect(screen.queryByLabelText('Rounds in it')).toBeNull();
  cleanup();
  show(COUNTED);
  expect(inWhat().value).toBe('rounds');
  expect(screen.queryByLabelText('Yarn in it')).toBeNull();
  expect(screen.getByLabelText<HTMLInputElement>('counted on').value).toBe('60');
});

it('lets go of the metres where rounds are counted instead', () => {
  show(MEASURED);
  type(inWhat(), 'rounds');
  expect(change).toHaveBeenCalledWith({
    stripes: MEASURED.map(({ name, colour }) => ({ name, colour })),
  });
});

it('counts rounds on the stitches that were said', () => {
  show(COUNTED);
  type(screen.getByLabelText('Rounds in it'), '7');
  expect(change).toHaveBeenLastCalledWith({ stripes: [{ ...COUNTED[0], rounds: 7 }] });
  type(screen.getByLabelText('counted on'), '72');
  expect(change).toHaveBeenLastCalledWith({ stripes: [{ ...COUNTED[0], stitches: 72 }] });
});

it('changes one band, takes one away, and adds one in a colour of its own', () => {
  show(MEASURED);
  const [, fleece] = MEASURED as [Stripe, Stripe];
  type(screen.getAllByLabelText('Yarn in it')[0] as HTMLElement, '5,5');
  expect(change).toHaveBeenLastCalledWith({ stripes: [{ ...MEASURED[0], lengthM: 5.5 }, fleece] });
  fireEvent.click(screen.getByLabelText('Remove band 1'));
  expect(change).toHaveBeenLastCalledWith({ stripes: [fleece] });
  fireEvent.click(screen.getByText('Add a band'));
  expect(change).toHaveBeenLastCalledWith({ stripes: [...MEASURED, { colour: '#2f5fa8' }] });
});

it('is a yarn of one colour again once its last band is gone', () => {
  show(COUNTED);
  fireEvent.click(screen.getByLabelText('Remove band 1'));
  expect(change).toHaveBeenCalledWith({ stripes: undefined });
});

it('says at its field what is wrong with a band', () => {
  show(MEASURED, { 'cake.stripes[1].lengthM': 'Too long.' });
  const fields = screen.getAllByLabelText('Yarn in it');
  fireEvent.blur(fields[1] as HTMLElement);
  expect(screen.getByText('Too long.')).toBeDefined();
});
