import { spawnSync } from 'node:child_process';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Package, packZip } from '../core/engines/zip.ts';
import { hasOffice, officeEngine } from '../office/engine.ts';
import { readBrief } from '../core/brief/read.ts';
import { changesBetween } from '../core/versions/changes.ts';
import { joinPdfs } from '../core/convert/join.ts';
import { convertFiles, pagesForView } from '../core/verbs/convert.ts';
import { buildPapers, paperNames } from '../demo/papers.ts';
import { student } from '../demo/student.ts';
import { assignments } from '../demo/scenario.ts';

/** Speeds side by side, as ratios; nothing here passes or fails. `npm run bench` after a build. */
const folder = mkdtempSync(join(tmpdir(), 'bench-')), rows: string[] = [];
const clock = (work: () => void, rounds = 3): number => { const times = Array.from({ length: rounds }, () => { const t = performance.now(); work(); return performance.now() - t; }); return Math.min(...times); };
const run = (command: string, ...words: string[]): void => { const r = spawnSync(command, words, { maxBuffer: 1 << 28, stdio: ['ignore', 'pipe', 'ignore'] }); if (r.error) throw r.error; };
const row = (what: string, ours: number, theirs: number | null, than: string): void => { rows.push(`${what.padEnd(58)} ${ours.toFixed(0).padStart(7)} ms${theirs === null ? '' : ` ${theirs.toFixed(0).padStart(7)} ms ${(ours / theirs).toFixed(2).padStart(6)}  ${than}`}`); };

const papers = await buildPapers();
// Some hundred pages: the troubled paper over and over.
const large = join(folder, 'large.pdf'), bytes = await joinPdfs(Array.from({ length: 36 }, () => papers[paperNames.troubledPdf]!));
writeFileSync(large, bytes);
writeFileSync(join(folder, 'details.json'), JSON.stringify(student));
const tools = clock(() => { run('pdfinfo', large); run('pdffonts', large); run('pdftotext', large, '-'); run('exiftool', large); });
row('check, 324 pages, whole process', clock(() => run('node', 'dist/cli/handover.cjs', 'check', large)), tools, 'of pdfinfo + pdffonts + pdftotext + exiftool');
row('check with a search for the student’s details', clock(() => run('node', 'dist/cli/handover.cjs', 'check', large, '--details', join(folder, 'details.json'))), tools, 'of the same');
row('clean, 324 pages, with its proof', clock(() => run('node', 'dist/cli/handover.cjs', 'clean', large, '--out', join(folder, 'c.pdf')), 1), clock(() => run('qpdf', large, join(folder, 'q.pdf'))), 'of qpdf rewriting it');
// The same paper, and one of twenty pages, by both engines.
const short = { name: 'paper.docx', path: 'paper.docx', bytes: papers[paperNames.troubledDocx]! }, pack = new Package(short.bytes), body = /<w:body>([\s\S]*?)(?:<w:sectPr|<\/w:body>)/.exec(pack.text('word/document.xml')!)![1]!;
const long = { ...short, bytes: packZip(pack.names().map((name) => ({ name, bytes: name === 'word/document.xml' ? new TextEncoder().encode(pack.text(name)!.replace('<w:body>', `<w:body>${body}`)) : pack.part(name)! }))) };
for (const docx of [short, long]) {
  await convertFiles([docx]);
  const began = performance.now();
  await pagesForView(docx);
  const alone = performance.now() - began, started = performance.now(), done = await convertFiles([docx]), ours = performance.now() - started, engine = hasOffice() ? await officeEngine() : null, begun = performance.now();
  if (engine) await convertFiles([docx], {}, engine);
  row(`convert DOCX to PDF, ${done.pages} pages, the pages alone`, alone, null, '');
  row(`convert DOCX to PDF, ${done.pages} pages, with its proof`, ours, engine ? performance.now() - begun : null, 'of the office engine with the same proof');
}
// A handbook of 5,000 words with the three assignments in it, and the same length of nothing but rules.
const prose = 'The module introduces the physical processes that shape coasts. Students attend lectures and two field days, and read widely. ';
const rules = assignments.map((a) => a.wording('23:59 on Wednesday 25 November 2026')).join('\n');
const wording = prose.repeat(245) + rules, dense = `${rules}\n`.repeat(19);
readBrief(wording, '2026-11-25T10:00:00Z');
for (const [what, text] of [['a handbook', wording], ['nothing but rules', dense]] as const) row(`read ${what}, ${text.split(/\s+/).length.toLocaleString('en')} words`, clock(() => { readBrief(text, '2026-11-25T10:00:00Z'); }), null, '');
writeFileSync(join(folder, 'wording.txt'), assignments[0]!.wording('23:59 on Wednesday 25 November 2026'));
row('read one assignment, whole process', clock(() => run('node', 'dist/cli/handover.cjs', 'brief', join(folder, 'wording.txt'))), clock(() => run('node', '-e', '0')), 'of starting node alone');
// Two versions of a paper of 10,000 words, thirty places changed.
const before = Array.from({ length: 10_000 }, (_, i) => `word${(i * 7919) % 3001}${i % 17 === 16 ? '.' : ''}`), after = before.flatMap((w, i) => (i % 331 === 7 ? ['another', 'word'] : i % 977 === 5 ? [] : [w]));
row('what changed between two versions, 10,000 words', clock(() => { changesBetween(before, after); }), null, '');
row('… and rewritten throughout', clock(() => { changesBetween(before, before.map((w, i) => (i % 3 === 0 ? `x${w}` : w))); }), null, '');
process.stdout.write(`${rows.join('\n')}\n`);
