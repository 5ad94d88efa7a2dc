// What jsdom lacks of a browser, and the settings ask for as soon as they are read.
if (typeof window !== 'undefined') {
  const matchMedia = (media: string) => ({
    matches: false,
    media,
    addEventListener: () => undefined,
    removeEventListener: () => undefined,
  });
  Object.defineProperty(window, 'matchMedia', { value: matchMedia });
}
