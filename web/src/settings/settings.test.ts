// @vitest-environment jsdom
import { afterEach, expect, it, vi } from 'vitest';

/** The page in a light that was chosen, on a system that is dark or not and forces its colours or not. */
async function shown(light: string, dark: boolean, forced: boolean): Promise<boolean> {
  vi.resetModules();
  localStorage.setItem('round-pocket.settings', JSON.stringify({ light }));
  vi.stubGlobal('matchMedia', (media: string) => ({
    matches: media.includes('forced') ? forced : dark,
    addEventListener: () => undefined,
  }));
  (await import('./settings')).applyLight();
  return document.documentElement.classList.contains('dark');
}

afterEach(() => {
  vi.unstubAllGlobals();
  localStorage.clear();
});

it.each([
  ['lamp', false, false, true],
  ['day', true, false, false],
  ['system', true, false, true],
  ['system', false, false, false],
  ['lamp', false, true, false],
  ['day', true, true, true],
])('%s on a system dark %s, forcing %s, is dark: %s', async (light, dark, forced, expected) => {
  expect(await shown(light, dark, forced)).toBe(expected);
});
