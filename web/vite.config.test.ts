import { expect, test } from 'vitest';
import config from './vite.config';

test('while developing the server sees the address that the page is read at', () => {
  // Else it takes every change for one that another site sends, and refuses it.
  const { server } = config({ mode: 'development', command: 'serve' });
  expect(server?.proxy?.['/api']).toMatchObject({ changeOrigin: false });
});
