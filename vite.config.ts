import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';

export default defineConfig({
  root: 'web',
  plugins: [react()],
  worker: { format: 'es' },
  optimizeDeps: { exclude: ['mupdf'] },
  build: { outDir: '../dist/web', emptyOutDir: true, target: 'esnext', chunkSizeWarningLimit: 1200 },
  server: { proxy: { '/desk': 'http://127.0.0.1:4174', '/demo': 'http://127.0.0.1:4174', '/office': 'http://127.0.0.1:4174' } },
});
