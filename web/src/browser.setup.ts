import { vi } from 'vitest';

// The test files of a worker share what comes from packages, which is most of what takes time to load; our own
// modules, and what they kept, are new for each.
vi.resetModules();

// What jsdom lacks of a browser, and the settings ask for as soon as they are read.
if (typeof window !== 'undefined') {
  window.localStorage.clear();
  window.sessionStorage.clear();
  const matchMedia = (media: string) => ({
    matches: false,
    media,
    addEventListener: () => undefined,
    removeEventListener: () => undefined,
  });
  Object.defineProperty(window, 'matchMedia', { value: matchMedia });
  // What opens late is read in when it is opened, which on a busy machine takes longer than the usual second.
  const { configure } = await import('@testing-library/react');
  configure({ asyncUtilTimeout: 20_000 });
}
