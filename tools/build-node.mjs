// Bundles the command line, the server, the demo builder and the bench into dist/, so that starting is quick.
import { readdirSync, rmSync, writeFileSync } from 'node:fs';
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
for (const name of readdirSync('dist/cli')) if (name !== 'page-helper.js') rmSync(`dist/cli/${name}`);
// Each verb is one script, since only of scripts V8 keeps what it compiled; what has to stay a module is loaded by the one who starts it.
const verbs = ['brief', 'check', 'clean', 'compare', 'convert', 'shrink', 'scan', 'receipt'], modules = /(?<![\w.])import\(("(?:mupdf|tesseract\.js)")\)/g;
await Promise.all(verbs.map(async (verb) => {
  const contents = `export { ${verb} as verb } from './${verb}.ts'; export { answer } from './answer.ts';`;
  const { outputFiles: [script] } = await build({ ...common, stdin: { contents, resolveDir: 'cli', loader: 'ts' }, write: false, format: 'iife', globalName: 'main', minifyWhitespace: true, define: { 'import.meta.url': '__url' } });
  // In the form in which V8 holds text with letters beyond Latin-1: nothing is left to be decoded at a start.
  const text = script.text.replace(modules, '__load($1)');
  if (verb === 'check' && text === script.text) throw new Error('check loads no module: has esbuild changed how it writes import()?');
  writeFileSync(`dist/cli/${verb}.cjs`, text, 'utf16le');
}));
await build({ ...common, entryPoints: { 'cli/handover': 'cli/handover.ts' }, outdir: 'dist', outExtension: { '.js': '.cjs' }, format: 'cjs', define: { __verbs: JSON.stringify(verbs) } });
await keepCode('dist/cli/handover.cjs');
