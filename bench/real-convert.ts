import { spawnSync } from 'node:child_process';
import { existsSync, mkdirSync, mkdtempSync, readFileSync, readdirSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { basename, join } from 'node:path';
import { convertFiles } from '../core/verbs/convert.ts';
import { CannotDo } from '../core/model/outcome.ts';
import { splitWords } from '../core/text/words.ts';
import { useFaces } from '../cli/faces.ts';
import { hasOffice } from '../office/engine.ts';

/** Conversions of word-processor files of others, against other programs: `npm run test:real-convert -- FOLDER…`. Ends with 1 where something disagrees.
 * Without folders, files that the sources of some Debian packages carry as tests are fetched first. Every result has to pass `qpdf --check`, carry all its fonts (`pdffonts`),
 * and hold at least 99.5 % of the words that LibreOffice's text export gives, or say what it left out. The export shows deletions and hidden text too, works fields out anew,
 * and writes a note's mark to the word before it: two words, and words that are there without their spaces, are let pass. */
const packages = ['pandoc', 'abiword', 'unrtf', 'docx2txt', 'wv', 'catdoc'], least = 0.995, slowMs = 20_000;
const work = mkdtempSync(join(tmpdir(), 'real-convert-')), folders = process.argv.slice(2);
if (folders.length === 0) folders.push(fetchSources());
const tool = (name: string, ...words: string[]): { status: number | null; stdout: string } => spawnSync(name, words, { encoding: 'utf8', maxBuffer: 1 << 28 });
const filesIn = (folder: string): string[] => { try { return readdirSync(folder, { withFileTypes: true }).flatMap((d) => (d.isDirectory() ? filesIn(join(folder, d.name)) : /\.(docx|odt|rtf|doc)$/i.test(d.name) ? [join(folder, d.name)] : [])); } catch { return []; } };

/** Sources of packages, unpacked. */
function fetchSources(): string {
  const lists = join(work, 'lists'), parts = join(work, 'parts'), at = join(work, 'sources');
  for (const d of [join(lists, 'partial'), parts, at]) mkdirSync(d, { recursive: true });
  const known = readdirSync('/etc/apt/sources.list.d').find((f) => f.endsWith('.sources') && /debian/.test(readFileSync(join('/etc/apt/sources.list.d', f), 'utf8')));
  if (known) writeFileSync(join(parts, 'src.sources'), readFileSync(join('/etc/apt/sources.list.d', known), 'utf8').replace(/^Types: deb$/gm, 'Types: deb-src'));
  else writeFileSync(join(parts, 'src.list'), readFileSync('/etc/apt/sources.list', 'utf8').replace(/^deb /gm, 'deb-src '));
  const apt = (...words: string[]): void => { spawnSync('apt-get', ['-o', 'Dir::Etc::SourceList=/dev/null', '-o', `Dir::Etc::SourceParts=${parts}`, '-o', `Dir::State::lists=${lists}`, '-o', 'APT::Sandbox::User=root', '-qq', ...words], { cwd: at }); };
  apt('update');
  for (const p of packages) apt('source', '--download-only', p);
  for (const f of readdirSync(at).filter((n) => /\.orig\.tar\.[a-z0-9]+$/.test(n))) spawnSync('tar', ['xf', f], { cwd: at });
  return at;
}

/** Words of two letters or more, as many times as they stand there. */
function bag(text: string): Map<string, number> {
  const m = new Map<string, number>();
  for (const w of splitWords(text.normalize('NFKC').replace(/[\u00ad\u200b-\u200f\u2060\ufeff]/g, '').replace(/\u2019/g, "'"))) { const k = w.toLowerCase(); if (/[\p{L}\p{N}]{2}/u.test(k)) m.set(k, (m.get(k) ?? 0) + 1); }
  return m;
}
/** What a program that has the file open as text would give. */
function officeText(files: string[]): Map<string, string> {
  const texts = new Map<string, string>();
  if (!hasOffice()) return texts;
  const out = join(work, 'txt'), inside = join(work, 'in');
  for (const d of [out, inside]) mkdirSync(d, { recursive: true });
  const named = files.map((f, i) => { const at = join(inside, `${i}.${f.split('.').pop()!}`); writeFileSync(at, readFileSync(f)); return at; });
  for (let i = 0; i < named.length; i += 20) spawnSync('soffice', [`-env:UserInstallation=file://${work}/profile`, '--headless', '--convert-to', 'txt:Text (encoded):UTF8', '--outdir', out, ...named.slice(i, i + 20)], { timeout: 180_000 });
  files.forEach((f, i) => { const at = join(out, `${i}.txt`); if (existsSync(at)) texts.set(f, readFileSync(at, 'utf8')); });
  return texts;
}

useFaces();
const files = folders.flatMap(filesIn).sort(), texts = officeText(files);
let failures = 0, done = 0, refused = 0, compared = 0;
const complain = (file: string, what: string): void => { failures++; process.stdout.write(`  ${basename(file)}: ${what}\n`); };
for (const file of files) {
  const started = performance.now();
  try {
    const bytes = new Uint8Array(readFileSync(file)), result = await convertFiles([{ name: basename(file), path: file, bytes }]), ms = performance.now() - started, at = join(work, 'out.pdf');
    done++;
    writeFileSync(at, result.bytes);
    if (ms > slowMs) complain(file, `${(ms / 1000).toFixed(1)} s for ${result.pages} pages`);
    if (tool('qpdf', '--check', at).status !== 0) complain(file, 'qpdf finds errors in the result');
    for (const line of tool('pdffonts', at).stdout.split('\n').slice(2).filter(Boolean)) if (!/ yes (?:yes|no) +(?:yes|no) +\d/.test(line)) complain(file, `font not inside: ${line.slice(0, 36).trim()}`);
    for (const k of ['links', 'headings', 'listNumbers'] as const) if (result.proof[k].after < result.proof[k].before) complain(file, `${k}: ${result.proof[k].before} before, ${result.proof[k].after} after`);
    for (const m of result.proof.moved) complain(file, `stands elsewhere: ${m}`);
    const text = texts.get(file);
    if (text === undefined) continue;
    compared++;
    // A hyphen at a line's end may be the word's own or the line's: either reading will do.
    const shown = tool('pdftotext', at, '-').stdout, theirs = bag(text), ours = bag(shown.replace(/[-\u2010]\n/g, ''));
    for (const [w, n] of bag(shown.replace(/([-\u2010])\n/g, '$1'))) ours.set(w, Math.max(n, ours.get(w) ?? 0));
    let total = 0, missing = 0;
    const lost: string[] = [];
    const whole = [...ours.keys()].join('');
    for (const [w, n] of theirs) { total += n; if (!ours.has(w) && w.length > 2 && whole.includes(w)) continue; const less = Math.max(0, n - (ours.get(w) ?? 0)); missing += less; if (less > 0) lost.push(w); }
    const told = result.losses.some((l) => /deletions|hidden/.test(l)) ? total : result.proof.missing.length;
    if (missing > Math.max(2, total * (1 - least)) && missing > told) complain(file, `${missing} of ${total} words of the text export are not in the result, ${told} told: ${lost.slice(0, 12).join(' ')}`);
    if (result.proof.missing.length > 0 || result.proof.added.length > 0) process.stdout.write(`  (${basename(file)}: tells ${result.proof.missing.length} missing ${result.proof.missing.slice(0, 8).join(' ')}, ${result.proof.added.length} added ${result.proof.added.slice(0, 8).join(' ')})\n`);
  } catch (error) {
    if (error instanceof CannotDo) { refused++; process.stdout.write(`  (${basename(file)}: ${error.message})\n`); } else complain(file, `broke off: ${error instanceof Error ? error.stack?.split('\n').slice(0, 3).join(' ') : String(error)}`);
  }
}
process.stdout.write(`${files.length} files, ${done} converted, ${refused} refused with a reason, ${compared} compared with a text export, ${failures} disagreements\n`);
process.exitCode = failures > 0 ? 1 : 0;
