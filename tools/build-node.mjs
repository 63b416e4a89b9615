// Bundles the command line, the server, the demo builder and the bench into dist/, so that starting is quick.
import { readFileSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import { build } from 'esbuild';
import { keepCode } from './keep-code.mjs';

const common = { bundle: true, platform: 'node', target: 'node20', sourcemap: false, external: ['mupdf', 'tesseract.js', '@playwright/test'], logLevel: 'warning', minifySyntax: true };

await build({
  ...common,
  entryPoints: {
    'cli/page-helper': 'cli/page-helper.ts', 'server/main': 'server/main.ts', 'demo/build': 'demo/build.ts', 'bench/bench': 'bench/bench.ts', 'bench/screen': 'bench/screen.ts', 'bench/real': 'bench/real.ts', 'bench/real-convert': 'bench/real-convert.ts',
  },
  outdir: 'dist', splitting: true, format: 'esm', chunkNames: 'chunks/[name]-[hash]',
  // Bundled CommonJS packages still call require() for Node's own modules.
  banner: { js: "import { createRequire as __createRequire } from 'node:module'; const require = __createRequire(import.meta.url);" },
});

// V8 knows a script again by its length alone: what it kept of an earlier build must be gone before there is another.
for (const name of readdirSync('dist/cli')) if (/\.code$|^handover\.js$/.test(name)) rmSync(`dist/cli/${name}`);
// The command line is one script, since only of scripts V8 keeps what it compiled; what has to stay a module is loaded by the one who starts it.
await build({ ...common, entryPoints: { 'cli/main': 'cli/handover.ts' }, outdir: 'dist', outExtension: { '.js': '.cjs' }, format: 'iife', globalName: 'main', minifyWhitespace: true, define: { 'import.meta.url': '__url' } });
await build({ ...common, entryPoints: { 'cli/handover': 'cli/launch.ts' }, outdir: 'dist', outExtension: { '.js': '.cjs' }, format: 'cjs' });
const bundle = 'dist/cli/main.cjs', script = readFileSync(bundle, 'utf8'), modules = /(?<![\w.])import\(("(?:mupdf|tesseract\.js)")\)/g;
if (!modules.test(script)) throw new Error(`${bundle} loads no module: has esbuild changed how it writes import()?`);
writeFileSync(bundle, script.replace(modules, '__load($1)'));
await keepCode('dist/cli/handover.cjs');
