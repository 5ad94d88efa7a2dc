import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';

export default defineConfig({
  plugins: [react()],
  // Straight into the jar; emptied first, so that no page of an earlier build stays behind.
  build: { outDir: 'target/classes/META-INF/resources', emptyOutDir: true },
  server: { proxy: { '/api': 'http://127.0.0.1:8080' } },
});
