import { spawnSync } from 'node:child_process';
import { readFileSync, readdirSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { gunzipSync } from 'node:zlib';
import { readDocument } from '../core/readers/index.ts';
import { splitWords } from '../core/text/words.ts';
import { buildPapers } from '../demo/papers.ts';

/** Long runs against documents of others, and against damaged ones: `npm run test:real [-- FOLDER…]`. Ends with 1 where something disagrees.
 * Documents are those that Debian's documentation packages put on the machine; where root can, some packages are fetched first. */
const packages = ['gnuplot-doc', 'r-doc-pdf', 'c++-annotations-pdf', 'gri-pdf-doc', 'docbook-xsl-doc-pdf', 'auto-multiple-choice-doc-pdf', 'live-manual-pdf', 'octave-doc', 'libfftw3-doc'];
const mostBytes = 12 << 20, slowMs = 10_000;
const folders = process.argv.slice(2);
if (folders.length === 0) {
  folders.push('/usr/share/doc', '/usr/share/R/doc');
  if (process.getuid?.() === 0) spawnSync('apt-get', ['install', '-y', '-qq', '--no-install-recommends', ...packages], { env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' } });
}
const filesIn = (folder: string): string[] => { try { return readdirSync(folder, { withFileTypes: true }).flatMap((d) => (d.isDirectory() ? filesIn(join(folder, d.name)) : /\.pdf(\.gz)?$/.test(d.name) && d.isFile() ? [join(folder, d.name)] : [])); } catch { return []; } };
const tool = (name: string, bytes: Uint8Array, words: string[]): string => spawnSync(name, words, { input: bytes, encoding: 'utf8', maxBuffer: 1 << 28 }).stdout ?? '';
/** Words of two letters or more: the letters of formulas are strung together as each reader pleases. */
const bag = (text: string): Map<string, number> => { const m = new Map<string, number>(); for (const w of splitWords(text.normalize('NFKC').replace(/\u00ad/g, '').replace(/[-\u2010]\s*/g, ''))) { const k = w.toLowerCase(); if (k.length > 1) m.set(k, (m.get(k) ?? 0) + 1); } return m; };

let failures = 0, looked = 0;
const complain = (name: string, what: string): void => { failures++; process.stdout.write(`  ${name}: ${what}\n`); };
for (const path of folders.flatMap(filesIn).sort()) {
  if (statSync(path).size > mostBytes) continue;
  const bytes = path.endsWith('.gz') ? gunzipSync(readFileSync(path)) : readFileSync(path), name = path.split('/').pop()!;
  looked++;
  const started = performance.now(), facts = await readDocument(bytes, name.replace(/\.gz$/, '')), ms = performance.now() - started;
  const info = tool('pdfinfo', bytes, ['-']), pages = Number(/^Pages:\s+(\d+)/m.exec(info)?.[1] ?? 0);
  if (pages === 0) continue;
  if (!facts.pages.ok || facts.pages.value.length !== pages) { complain(name, `pages: ${facts.pages.ok ? facts.pages.value.length : facts.pages.code}, pdfinfo ${pages}`); continue; }
  const theirs = new Map(tool('pdffonts', bytes, ['-']).split('\n').slice(2).filter(Boolean).map((l) => [`${l.slice(0, 36).trim()}`, l.slice(72, 75).trim() === 'yes']));
  const ours = new Map((facts.fonts.ok ? facts.fonts.value : []).map((f) => [f.name === 'unnamed' ? '[none]' : f.name.slice(0, 36), f.embedded]));
  for (const [font, embedded] of theirs) if (font !== '[none]' && ours.get(font) !== embedded) complain(name, `font ${font}: embedded ${ours.get(font)}, pdffonts ${embedded}`);
  const a = bag((facts.passages.ok ? facts.passages.value : []).filter((p) => ['text', 'runningHead'].includes(p.place)).map((p) => p.text).join('\n')), b = bag(tool('pdftotext', bytes, ['-enc', 'UTF-8', '-', '-']));
  let missing = 0, total = 0;
  for (const [w, n] of b) { total += n; missing += Math.max(0, n - (a.get(w) ?? 0)); }
  const covered = facts.integrity.filter((i) => i.code === 'covered').length;
  // Within a hundredth, as many words and the same ones.
  const own = [...a.values()].reduce((x, y) => x + y, 0);
  if (total > 200 && (Math.abs(own - total) > total * 0.01 || missing > total * 0.01)) complain(name, `${own} words against ${total} of pdftotext, ${missing} missing`);
  process.stdout.write(`${name.slice(0, 44).padEnd(44)} ${String(pages).padStart(5)} p ${ms.toFixed(0).padStart(6)} ms, words ${(100 - (100 * missing) / Math.max(1, total)).toFixed(2)} %${covered ? `, covered ${covered}` : ''}\n`);
}
process.stdout.write(`${looked} documents of others\n`);

// Damage of every kind, from a fixed seed: a verdict or a clear error, and soon.
let seed = 20_270_312;
const random = (n: number): number => { seed = (Math.imul(seed, 1664525) + 1013904223) >>> 0; return seed % n; };
const papers = await buildPapers(), damages = Number(process.env.DAMAGES ?? 40);
let damaged = 0, slowest = 0;
for (const [name, whole] of Object.entries(papers)) for (let i = 0; i < damages; i++) {
  let bytes = whole.slice();
  const way = i % 4;
  if (way === 0) for (let k = 0; k < 1 + random(40); k++) bytes[random(bytes.length)] = random(256);
  else if (way === 1) bytes = bytes.subarray(0, random(bytes.length));
  else if (way === 2) { const at = random(bytes.length), to = Math.min(bytes.length, at + random(4000)); bytes = new Uint8Array([...bytes.subarray(0, at), ...bytes.subarray(to)]); } else bytes.copyWithin(random(bytes.length), random(bytes.length), random(bytes.length));
  damaged++;
  const started = performance.now();
  try { await readDocument(bytes, name); } catch (error) { complain(`${name}, damage ${i}`, `${error instanceof Error ? `${error.message}\n${error.stack?.split('\n').slice(1, 4).join('\n')}` : String(error)}`); }
  const ms = performance.now() - started;
  slowest = Math.max(slowest, ms);
  if (ms > slowMs) complain(`${name}, damage ${i}`, `took ${ms.toFixed(0)} ms`);
}
process.stdout.write(`${damaged} damaged files, the slowest read in ${slowest.toFixed(0)} ms\n${failures} disagreements\n`);
process.exitCode = failures > 0 ? 1 : 0;
