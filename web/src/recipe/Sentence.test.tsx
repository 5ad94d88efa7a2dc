// @vitest-environment jsdom
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, expect, it } from 'vitest';
import { fromWordToWord, Sentence } from './Sentence';

afterEach(cleanup);

const word = (id: string) => (
  <span role="button" tabIndex={-1} data-word={id} key={id}>
    {id}
  </span>
);

function recipe(heel: readonly string[]) {
  return (
    <p onKeyDown={fromWordToWord}>
      <Sentence name="Foot">{['foot', 'length', 'girth'].map(word)}</Sentence>
      <Sentence name="Heel">{heel.map(word)}</Sentence>
    </p>
  );
}

const at = (id: string) => screen.getByText(id);
const stops = () =>
  [...document.querySelectorAll<HTMLElement>('[tabindex="0"]')].map((each) => each.dataset.word);

it('has one stop a sentence, where one was last', () => {
  render(recipe(['wedge', 'plain']));
  expect(stops()).toEqual(['foot', 'wedge']);
  at('girth').focus();
  expect(stops()).toEqual(['girth', 'wedge']);
});

it('goes from word to word by arrow keys, over the ends of sentences', () => {
  render(recipe(['wedge', 'plain']));
  at('girth').focus();
  fireEvent.keyDown(at('girth'), { key: 'ArrowRight' });
  expect(document.activeElement).toBe(at('wedge'));
  fireEvent.keyDown(at('wedge'), { key: 'End' });
  expect(document.activeElement).toBe(at('plain'));
  fireEvent.keyDown(at('plain'), { key: 'ArrowRight' });
  expect(document.activeElement).toBe(at('plain'));
  fireEvent.keyDown(at('plain'), { key: 'Home' });
  expect(document.activeElement).toBe(at('foot'));
  fireEvent.keyDown(at('foot'), { key: 'ArrowRight', altKey: true });
  expect(document.activeElement).toBe(at('foot'));
});

it('can be come to also after its stop is gone', () => {
  const { rerender } = render(recipe(['wedge', 'plain']));
  at('plain').focus();
  rerender(recipe(['wedge', 'edge']));
  expect(stops()).toEqual(['foot', 'wedge']);
});
