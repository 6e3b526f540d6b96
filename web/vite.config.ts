import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { defineConfig } from 'vitest/config';

export default defineConfig({
  plugins: [react(), tailwindcss()],
  server: { proxy: { '/api': 'http://127.0.0.1:8417' } },
  build: { chunkSizeWarningLimit: 900 },
  test: { environment: 'jsdom', setupFiles: 'src/test-support/setup.ts', testTimeout: 30_000 },
});
