import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { defineConfig } from 'vitest/config';

export default defineConfig({
  plugins: [react(), tailwindcss()],
  server: { proxy: { '/api': 'http://127.0.0.1:8417' } },
  build: { chunkSizeWarningLimit: 900 },
  // One world for all files: each cleans up after itself, and making a new one takes longer than the tests.
  test: {
    environment: 'jsdom',
    setupFiles: 'src/test-support/setup.ts',
    testTimeout: 30_000,
    pool: 'threads',
    isolate: false,
  },
});
