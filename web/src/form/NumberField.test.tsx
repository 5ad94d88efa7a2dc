// @vitest-environment jsdom
import { ChakraProvider } from '@chakra-ui/react';
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { useState } from 'react';
import { afterEach, expect, it, vi } from 'vitest';
import { system } from '../theme/system';
import { NumberField, type NumberKind } from './NumberField';

interface Setting {
  kind: NumberKind;
  start?: number;
  mayBeEmpty?: boolean;
  usual?: string;
}

const heard = vi.fn();

function Held({ kind, start, mayBeEmpty, usual }: Setting) {
  const [value, setValue] = useState(start);
  return (
    <ChakraProvider value={system}>
      <NumberField
        label="a number"
        kind={kind}
        value={value}
        mayBeEmpty={mayBeEmpty ?? false}
        usual={usual}
        onChange={(next) => {
          heard(next);
          setValue(next);
        }}
      />
      <button type="button" onClick={() => setValue(160)}>
        elsewhere
      </button>
    </ChakraProvider>
  );
}

function type(text: string): HTMLInputElement {
  const field = screen.getByLabelText<HTMLInputElement>('a number');
  fireEvent.change(field, { target: { value: text } });
  return field;
}

afterEach(() => {
  cleanup();
  heard.mockReset();
});

it.each([
  ['length', '24,6', 246],
  ['length', '9 1/2 in', 241.3],
  ['percent', '12.5', 0.125],
  ['percent', '12.5 %', 0.125],
  ['number', '31.5', 31.5],
  ['whole', '15', 15],
] as const)('a %s typed as “%s” is %d', (kind, text, value) => {
  render(<Held kind={kind} />);
  expect(type(text).value).toBe(text);
  expect(heard).toHaveBeenLastCalledWith(value);
});

it.each([
  ['length', 'long', 'is not a number'],
  ['whole', '15.5', 'is not a whole number'],
] as const)(
  'a %s typed as “%s” is said to be none and changes nothing',
  async (kind, text, words) => {
    render(<Held kind={kind} start={100} />);
    const field = type(text);
    expect(screen.queryByText(new RegExp(words)), 'it is still being typed').toBeNull();
    fireEvent.blur(field);
    expect(await screen.findByText(new RegExp(words))).toBeTruthy();
    expect(heard).not.toHaveBeenCalled();
  },
);

it('a separator that was just typed is no mistake yet', () => {
  render(<Held kind="length" start={100} />);
  expect(type('24.').value).toBe('24.');
  expect(heard).toHaveBeenLastCalledWith(240);
});

it('an emptied field changes nothing unless it may be empty', () => {
  render(<Held kind="length" start={100} />);
  expect(type('').value).toBe('');
  expect(heard).not.toHaveBeenCalled();
  cleanup();
  render(<Held kind="length" start={100} mayBeEmpty />);
  type('');
  expect(heard).toHaveBeenLastCalledWith(undefined);
});

it('a value that changed elsewhere replaces what was typed', () => {
  render(<Held kind="length" start={100} />);
  const field = type('14');
  fireEvent.click(screen.getByText('elsewhere'));
  expect(field.value).toBe('16');
});

it('one press goes back to the usual', () => {
  render(<Held kind="whole" start={7} mayBeEmpty usual="4 rounds" />);
  fireEvent.click(screen.getByText('Back to the usual: 4 rounds'));
  expect(heard).toHaveBeenLastCalledWith(undefined);
  expect(screen.queryByText(/Back to the usual/)).toBeNull();
});
