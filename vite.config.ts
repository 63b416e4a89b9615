import react from '@vitejs/plugin-react';
import { readFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { defineConfig, type Plugin } from 'vite';
import { faceFiles } from './core/engines/face-files.ts';


const ocrFiles = ['tesseract.js/dist/worker.min.js', ...['relaxedsimd-lstm', 'simd-lstm', 'lstm'].map((k) => `tesseract.js-core/tesseract-core-${k}.wasm.js`), '@tesseract.js-data/eng/4.0.0_best_int/eng.traineddata.gz'];
/** The reader of pictures starts its own worker, which wants its parts at known addresses: they ship beside the application. */
const shipOcr: Plugin = { name: 'ship-ocr', apply: 'build', generateBundle() { for (const file of ocrFiles) this.emitFile({ type: 'asset', fileName: `ocr/${file.split('/').pop()}`, source: readFileSync(`node_modules/${file}`) }); } };
/** Faces for other scripts, fetched when a paper needs them. */
const shipFaces: Plugin = { name: 'ship-faces', apply: 'build', generateBundle() { for (const [name, path] of Object.entries(faceFiles)) this.emitFile({ type: 'asset', fileName: `faces/${name}`, source: readFileSync(`node_modules/${path}`) }); } };

export default defineConfig({
  root: 'web',
  plugins: [react(), shipOcr, shipFaces],
  resolve: { alias: { 'tesseract.js': fileURLToPath(new URL('node_modules/tesseract.js/dist/tesseract.esm.min.js', import.meta.url)) } },
  worker: { format: 'es' },
  optimizeDeps: { exclude: ['mupdf'] },
  build: { outDir: '../dist/web', emptyOutDir: true, target: 'esnext', chunkSizeWarningLimit: 1200 },
  server: { proxy: { '/desk': 'http://127.0.0.1:4174', '/demo': 'http://127.0.0.1:4174', '/office': 'http://127.0.0.1:4174' } },
});
