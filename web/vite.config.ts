import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';

export default defineConfig({
  root: import.meta.dirname,
  plugins: [react()],
  resolve: { conditions: ['source', 'browser', 'module', 'import', 'default'] },
  build: { target: 'es2022', sourcemap: false, chunkSizeWarningLimit: 2200 },
  server: { proxy: { '/api': `http://localhost:${process.env['GLEDDO_PORT'] ?? 3000}` } },
});
