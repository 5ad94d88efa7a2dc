import { createSystem, defaultConfig } from '@chakra-ui/react';
import { expect, it } from 'vitest';
import { remembering } from './remembering';

const plain = createSystem(defaultConfig);
const system = remembering(plain);
const recipe = { '@layer recipes': { display: 'flex' } };

it.each([
  [{}],
  [{ p: 4 }],
  [{ p: '4' }],
  [{ zIndex: 1 }],
  [{ zIndex: '1' }],
  [{ color: 'gray.500', bg: undefined }],
  [{ p: { base: 3, md: 4 } }],
  [{ p: [3, 4] }],
  [{ _hover: { color: 'gray.500' } }],
])('what comes of styles is what the library makes of them: %j', (own) => {
  for (let again = 0; again < 2; again++) {
    expect(system.css(recipe, own)).toEqual(plain.css(recipe, own));
    expect(system.css(own)).toEqual(plain.css(own));
    expect(system.css({ display: 'grid' }, own)).toEqual(plain.css({ display: 'grid' }, own));
  }
});

it('a recipe is made once, and says what the library’s says', () => {
  const config = { base: { p: 4 }, variants: { size: { large: { p: 6 } } } };
  const made = system.cva(config);
  expect(system.cva(config)).toBe(made);
  expect(system.cva({ ...config })).not.toBe(made);
  expect(made({ size: 'large' })).toEqual(plain.cva(config)({ size: 'large' }));
  expect(made({})).toEqual(plain.cva(config)({}));
});

it('a style is told from another attribute as before', () => {
  for (const name of ['padding', 'p', '_hover', 'href', 'data-word', 'color', 'padding']) {
    expect(system.isValidProperty(name)).toBe(plain.isValidProperty(name));
  }
});
