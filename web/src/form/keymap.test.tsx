// @vitest-environment jsdom
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { changeSettings } from '../settings/settings';
import { NOTHING, useKeymap } from './keymap';

const done = vi.fn();
const undo = vi.fn();
const turn = vi.fn();
const colour = vi.fn();

function Page() {
  useKeymap({ done, takeBack: undo, turn, colour });
  return (
    <main tabIndex={-1}>
      <button type="button" data-press>
        press
      </button>
      <button type="button">other</button>
      <input aria-label="count" />
      <textarea aria-label="note" />
    </main>
  );
}

beforeEach(() => {
  vi.clearAllMocks();
  render(<Page />);
});
afterEach(cleanup);

it.each([
  [' ', done],
  ['Enter', done],
  ['Backspace', undo],
  ['[', turn],
  [']', turn],
  ['c', colour],
] as const)('the key %j does one thing', (key, does) => {
  fireEvent.keyDown(document.body, { key });
  const calls = [done, undo, turn, colour].map(({ mock }) => mock.calls.length);
  expect(calls.reduce((sum, each) => sum + each)).toBe(1);
  expect(does).toHaveBeenCalledTimes(1);
});

it('letters and marks are no keys where they are switched off; the counting keys stay', () => {
  changeSettings({ singleKeys: false });
  for (const key of ['c', '[', ']', ' ', 'Enter', 'Backspace']) {
    fireEvent.keyDown(document.body, { key });
  }
  changeSettings({ singleKeys: true });
  expect([colour, turn, done, undo].map(({ mock }) => mock.calls.length)).toEqual([0, 0, 2, 1]);
});

it('a key that is held down counts once', () => {
  fireEvent.keyDown(document.body, { key: ' ' });
  fireEvent.keyDown(document.body, { key: ' ', repeat: true });
  expect(done).toHaveBeenCalledTimes(1);
});

it('typing stays typing', () => {
  for (const field of [screen.getByLabelText('count'), screen.getByLabelText('note')]) {
    for (const key of [' ', 'Enter', 'Backspace', '[']) {
      fireEvent.keyDown(field, { key });
    }
  }
  expect(done).not.toHaveBeenCalled();
  expect(undo).not.toHaveBeenCalled();
  expect(turn).not.toHaveBeenCalled();
});

it('space on a button that Tab led to is that button’s, on the press area it is a round', () => {
  fireEvent.keyDown(document.body, { key: 'Tab' });
  screen.getByText('other').focus();
  fireEvent.keyDown(screen.getByText('other'), { key: ' ' });
  expect(done).not.toHaveBeenCalled();
  fireEvent.keyDown(screen.getByText('press'), { key: ' ' });
  expect(done).toHaveBeenCalledTimes(1);
});

it('space on a button that was clicked is a round, and the focus leaves it', () => {
  const other = screen.getByText('other');
  fireEvent.keyDown(document.body, { key: 'Tab' });
  fireEvent.pointerDown(other);
  other.focus();
  for (const key of [' ', 'Enter']) {
    other.focus();
    fireEvent.keyDown(other, { key });
    expect(document.activeElement).toBe(document.body);
  }
  expect(done).toHaveBeenCalledTimes(2);
});

it('where no key counts, the press area that was clicked does not either, and other buttons are their own', () => {
  cleanup();
  function Cut() {
    useKeymap({ done: NOTHING });
    return (
      <main>
        <button type="button" data-press>
          cut
        </button>
        <button type="button">continue</button>
      </main>
    );
  }
  render(<Cut />);
  screen.getByText('cut').focus();
  expect(fireEvent.keyDown(screen.getByText('cut'), { key: ' ' })).toBe(false);
  expect(document.activeElement).toBe(document.body);
  screen.getByText('continue').focus();
  expect(fireEvent.keyDown(screen.getByText('continue'), { key: 'Enter' })).toBe(true);
  fireEvent.keyDown(document.body, { key: 'Tab' });
  screen.getByText('cut').focus();
  expect(fireEvent.keyDown(screen.getByText('cut'), { key: ' ' })).toBe(true);
});
