// @vitest-environment jsdom
import { ChakraProvider } from '@chakra-ui/react';
import { cleanup, fireEvent, render, screen, waitFor } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { system } from '../theme/system';
import { Word } from './Word';

beforeEach(() => {
  vi.stubGlobal(
    'ResizeObserver',
    class {
      observe() {}
      unobserve() {}
      disconnect() {}
    },
  );
  render(
    <ChakraProvider value={system}>
      <Word id="ease" title="Ease" text="10 % smaller" state="usual">
        <input aria-label="How much" />
        <button type="button">15 %</button>
      </Word>
      <Word id="rib" title="The ribbing" text="2×2 rib" state="own">
        <button type="button" aria-pressed="false">
          1×1
        </button>
        <button type="button" aria-pressed="true">
          2×2
        </button>
      </Word>
    </ChakraProvider>,
  );
});
afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

const word = (text: RegExp) => screen.getByRole('button', { name: text });

describe('the panel of a word', () => {
  it('takes the keys where something is typed', async () => {
    fireEvent.click(word(/10 % smaller/));
    await waitFor(() => expect(document.activeElement).toBe(screen.getByLabelText('How much')));
  });

  it('takes them at the choice that is taken, where one chooses', async () => {
    fireEvent.click(word(/2×2 rib/));
    await waitFor(() => expect(document.activeElement).toBe(screen.getByText('2×2')));
  });

  it('keeps Tab inside, either way round', async () => {
    fireEvent.click(word(/10 % smaller/));
    const first = await screen.findByLabelText('How much');
    const last = screen.getByLabelText('Close Ease');
    last.focus();
    fireEvent.keyDown(last, { key: 'Tab' });
    expect(document.activeElement).toBe(first);
    fireEvent.keyDown(first, { key: 'Tab', shiftKey: true });
    expect(document.activeElement).toBe(last);
  });

  it.each(['Escape', 'the close button'])('gives them back to the word by %s', async (how) => {
    word(/10 % smaller/).focus();
    fireEvent.click(word(/10 % smaller/));
    const field = await screen.findByLabelText('How much');
    await waitFor(() => expect(document.activeElement).toBe(field));
    if (how === 'Escape') {
      fireEvent.keyDown(field, { key: 'Escape' });
    } else {
      fireEvent.click(screen.getByLabelText('Close Ease'));
    }
    await waitFor(() => expect(screen.queryByLabelText('How much')).toBeNull());
    await waitFor(() => expect(document.activeElement).toBe(word(/10 % smaller/)));
  });
});
