import react from '@vitejs/plugin-react';
import { loadEnv } from 'vite';
import { defineConfig } from 'vitest/config';

export default defineConfig(({ mode }) => ({
  plugins: [react()],
  // Straight into the jar; emptied first, so that no page of an earlier build stays behind.
  build: {
    outDir: 'target/classes/META-INF/resources',
    emptyOutDir: true,
    // Named with those of the server's libraries, on the page of licences.
    license: { fileName: 'licences.json' },
  },
  // Machines are shared: a test that is done in a second may take a minute beside other work; the limit is for a hang.
  test: {
    setupFiles: ['src/browser.setup.ts'],
    testTimeout: 300_000,
    pool: 'threads',
    isolate: false,
  },
  server: {
    proxy: {
      '/api': {
        target: loadEnv(mode, '.', 'POCKET_').POCKET_SERVER ?? 'http://127.0.0.1:8080',
        // The server lets only its own pages write: it has to see the address that the page is read at.
        changeOrigin: false,
      },
    },
  },
}));
