import react from '@vitejs/plugin-react';
import { defineConfig } from 'vitest/config';

export default defineConfig({
  plugins: [react()],
  // Straight into the jar; emptied first, so that no page of an earlier build stays behind.
  build: { outDir: 'target/classes/META-INF/resources', emptyOutDir: true },
  test: { setupFiles: ['src/browser.setup.ts'] },
  server: { proxy: { '/api': 'http://127.0.0.1:8080' } },
});
