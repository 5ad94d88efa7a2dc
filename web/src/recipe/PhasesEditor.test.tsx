// @vitest-environment jsdom
import { ChakraProvider } from '@chakra-ui/react';
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, expect, it, vi } from 'vitest';
import type { Phase, Spec } from '../wire/types';
import { choiceOf, withChoices, type Draft } from '../draft/draft';
import { system } from '../theme/system';
import { PhasesEditor } from './PhasesEditor';
import type { WordsProps } from './props';

const onChange = vi.fn<(draft: Draft) => void>();

function show(phases: Phase[], problems: Record<string, string> = {}) {
  const draft = withChoices({ name: 'own', spec: {} as Spec }, { 'heel.phases': phases });
  const words = { draft, onChange, problemAt: (field: string) => problems[field] };
  render(
    <ChakraProvider value={system}>
      <PhasesEditor {...(words as unknown as WordsProps)} name="heel" />
    </ChakraProvider>,
  );
}

function taken(): unknown {
  const draft = onChange.mock.lastCall?.[0];
  return draft && choiceOf(draft, 'heel.phases');
}

const type = (label: string, value: string) =>
  fireEvent.change(screen.getByLabelText(label), { target: { value } });

afterEach(() => {
  cleanup();
  onChange.mockReset();
});

it('changes how often and how far', () => {
  show([{ every: 2, until: 8 }]);
  type('Decrease every', '3');
  expect(taken()).toEqual([{ every: 3, until: 8 }]);
  type('down to', '10');
  expect(taken()).toEqual([{ every: 2, until: 10 }]);
});

it('says how often instead of how far, and back', () => {
  show([{ every: 2, until: 8 }]);
  fireEvent.click(screen.getByText('say how often instead'));
  expect(taken()).toEqual([{ every: 2, times: 3 }]);
  cleanup();
  show([{ every: 2, times: 3 }]);
  type('in all', '5');
  expect(taken()).toEqual([{ every: 2, times: 5 }]);
  fireEvent.click(screen.getByText('say how far instead'));
  expect(taken()).toEqual([{ every: 2, until: 8 }]);
});

it('adds a phase, and leaves out any but the only one', () => {
  show([{ every: 2, until: 8 }]);
  expect(screen.queryByText('leave this phase out')).toBeNull();
  fireEvent.click(screen.getByText('Another phase'));
  expect(taken()).toEqual([
    { every: 2, until: 8 },
    { every: 1, until: 8 },
  ]);
  cleanup();
  show([
    { every: 2, times: 3 },
    { every: 1, until: 8 },
  ]);
  fireEvent.click(screen.getAllByText('leave this phase out')[0] as HTMLElement);
  expect(taken()).toEqual([{ every: 1, until: 8 }]);
});

it('says at its field what is wrong with a phase', () => {
  show([{ every: 0, until: 8 }], { 'choices.heel.phases[0].every': 'At least 1.' });
  fireEvent.blur(screen.getByLabelText('Decrease every'));
  expect(screen.getByText('At least 1.')).toBeDefined();
});
