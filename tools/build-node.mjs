// Bundles the command line, the server, the demo builder and the bench into dist/, so that starting is quick.
import { build } from 'esbuild';

await build({
  entryPoints: {
    'cli/handover': 'cli/handover.ts', 'cli/page-helper': 'cli/page-helper.ts', 'server/main': 'server/main.ts', 'demo/build': 'demo/build.ts', 'bench/bench': 'bench/bench.ts', 'bench/screen': 'bench/screen.ts', 'bench/real': 'bench/real.ts', 'bench/real-convert': 'bench/real-convert.ts',
  },
  outdir: 'dist', bundle: true, splitting: true, format: 'esm', platform: 'node', target: 'node20', sourcemap: false,
  chunkNames: 'chunks/[name]-[hash]', external: ['mupdf', 'tesseract.js', '@playwright/test'], logLevel: 'warning', minifySyntax: true,
  // Bundled CommonJS packages still call require() for Node's own modules.
  banner: { js: "import { createRequire as __createRequire } from 'node:module'; const require = __createRequire(import.meta.url);" },
});
