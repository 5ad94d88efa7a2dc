import { expect, it } from 'vitest';
import { addressOf, PAGES, pictureOf } from './pages';

it('has a page for every place, in the order of the list', () => {
  expect(PAGES.map(({ name }) => name)).toEqual([
    'plan',
    'stripes',
    'paper',
    'knitting',
    'log',
    'practice',
    'tubes',
    'shelves',
    'backups',
  ]);
  expect(PAGES.every(({ title, text }) => title !== '' && text.length > 100)).toBe(true);
});

it('a link leads to another page of it, or nowhere', () => {
  expect(addressOf('plan.md')).toBe('/help/plan');
  expect(addressOf('../security.md')).toBeUndefined();
});

it('every picture of a page is there', () => {
  for (const { text } of PAGES) {
    for (const [, src = ''] of text.matchAll(/!\[[^\]]*\]\(([^)]+)\)/g)) {
      expect(pictureOf(src), src).toBeDefined();
    }
  }
});
