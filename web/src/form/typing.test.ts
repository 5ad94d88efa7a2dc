// @vitest-environment jsdom
import { afterEach, describe, expect, it } from 'vitest';
import { covered, typing } from './typing';

function placed(html: string): Element {
  document.body.innerHTML = html;
  const place = document.body.querySelector('[data-here]');
  if (!place) {
    throw new Error('nothing marked');
  }
  return place;
}

afterEach(() => {
  document.body.innerHTML = '';
});

describe('who has the keys', () => {
  it.each([
    '<input data-here>',
    '<textarea data-here></textarea>',
    '<select data-here><option>one</option></select>',
    '<div contenteditable="true"><b data-here>bold</b></div>',
    '<div role="textbox" data-here></div>',
  ])('is the field %s', (html) => {
    expect(typing({ target: placed(html) })).toBe(true);
  });

  it.each(['<button data-here>Done</button>', '<main data-here></main>', '<p data-here>words</p>'])(
    'is the page at %s',
    (html) => {
      expect(typing({ target: placed(html) })).toBe(false);
    },
  );

  it('is nobody in the page while a sheet is open', () => {
    expect(covered()).toBe(false);
    placed('<div role="dialog" data-state="open" data-here></div>');
    expect(covered()).toBe(true);
  });
});
