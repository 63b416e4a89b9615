import { beforeAll, expect, test } from '@jest/globals';
import { spawnSync } from 'node:child_process';
import { copyFileSync, lstatSync, mkdtempSync, readdirSync, readFileSync, symlinkSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { buildPapers, paperNames } from '../demo/papers.ts';
import { student } from '../demo/student.ts';

const folder = mkdtempSync(join(tmpdir(), 'cli-')), at = (name: string): string => join(folder, name);
const run = (...words: string[]) => { const r = spawnSync('npm', ['run', '--silent', 'handover', '--', ...words], { encoding: 'utf8', maxBuffer: 1 << 26 }); return { status: r.status, out: r.stdout, err: r.stderr, json: () => JSON.parse(r.stdout) as Record<string, unknown> }; };
beforeAll(async () => {
  for (const [name, bytes] of Object.entries(await buildPapers())) writeFileSync(at(name), bytes);
  writeFileSync(at('details.json'), JSON.stringify(student));
  writeFileSync(at('brief.txt'), 'Submit your report as one PDF by 12 March 2027, 17:00 GMT. Marking is anonymous. Name your file CandidateNumber_GEO3107.pdf.');
});

test('brief, then check: the clean paper passes, the troubled one does not', () => {
  const brief = run('brief', at('brief.txt'), '--now', '2026-11-25T10:00:00Z');
  expect([brief.status, brief.json().due]).toEqual([0, '2027-03-12T17:00:00+00:00']);
  writeFileSync(at('brief.json'), brief.out);
  const clean = run('check', at(paperNames.cleanPdf), '--brief', at('brief.json'), '--details', at('details.json'), '--now', '2027-03-01T10:00:00Z');
  expect([clean.status, clean.err]).toEqual([0, '']);
  const troubled = run('check', at(paperNames.troubledDocx), '--brief', at('brief.json'), '--details', at('details.json'), '--now', '2027-03-01T10:00:00Z');
  expect(troubled.status).toBe(1);
  const [file] = troubled.json().files as { type: string; findings: { check: string; standing: string; detail: string | null; place: { part: string } }[] }[];
  expect(file!.type).toBe('docx');
  expect(file!.findings.map((f) => `${f.check} ${f.standing} ${f.detail} ${f.place.part}`)).toEqual(expect.arrayContaining(['metadata.author stops surname docProps/core.xml', 'identity.running-head stops surname word/header1.xml', 'file.type stops null file']));
});
test('check holds a paper against the template that was supplied', () => {
  writeFileSync(at('form.txt'), 'Describe what happened on the placement. Say what you learned from it, and name two readings.');
  writeFileSync(at('report.txt'), 'Describe what happened on the placement. Say what you learned from it, and name two readings. The tide came in early, so the survey stopped; I learned to read the tables first.');
  const standing = (file: string) => (run('check', at(file), '--template', at('form.txt')).json().docket as { id: string; standing: string }[]).find((l) => l.id === 'set.template-unchanged')!.standing;
  expect([standing('form.txt'), standing('report.txt')]).toEqual(['notMet', 'met']);
});
test('clean writes a copy, never over the original', () => {
  const done = run('clean', at(paperNames.troubledPdf), '--out', at('c.pdf'), '--details', at('details.json'));
  expect(done.json().proof).toEqual({ textSame: true, pagesSame: true, maxPixelDifference: 0 });
  expect(readFileSync(at('c.pdf')).includes('Vestergaard')).toBe(false);
  // A copy of before is replaced, a link is written through, and nothing is left beside either.
  const first = readFileSync(at('c.pdf'));
  writeFileSync(at('c.pdf'), 'older');
  symlinkSync(at('c.pdf'), at('link.pdf'));
  for (const out of ['c.pdf', 'link.pdf']) { run('clean', at(paperNames.troubledPdf), '--out', at(out), '--details', at('details.json')); expect(readFileSync(at('c.pdf'))).toEqual(first); }
  expect([lstatSync(at('link.pdf')).isSymbolicLink(), readdirSync(folder).filter((name) => name.endsWith('.part'))]).toEqual([true, []]);
  expect(run('clean', at(paperNames.troubledPdf), '--out', at('nowhere/c.pdf')).err).toBe(`handover: cannot write ${at('nowhere/c.pdf')}: ENOENT (check the folder)\n`);
  const over = run('clean', at(paperNames.troubledPdf), '--out', at(paperNames.troubledPdf));
  expect([over.status, over.out]).toEqual([2, '']);
});
test('convert prints its proof', () => {
  const done = run('convert', at(paperNames.form), '--to', 'pdf', '--out', at('f.pdf'));
  expect([done.status, done.json().engine, done.json().proof]).toEqual([0, 'builtin', expect.objectContaining({ missing: [], added: [], tables: { before: 1, after: 1 } })]);
});
test('receipt: confirmed exits 0, refuted 1', () => {
  writeFileSync(at('r.txt'), `Receipt number: CS-1234\nReceived: 12 March 2027 16:00 GMT\nFile name: ${paperNames.cleanPdf}\n`);
  expect(run('receipt', at('r.txt'), '--files', at(paperNames.cleanPdf), '--brief', at('brief.json')).status).toBe(0);
  const other = run('receipt', at('r.txt'), '--files', at(paperNames.form));
  expect([other.status, other.json().standing]).toEqual([1, 'refuted']);
});
test.each<[string, string[]]>([['no verb', []], ['unknown verb', ['weave']], ['missing file', ['check', '/nowhere/x.pdf']], ['a folder', ['check', folder]], ['unknown option', ['check', 'x', '--colour', 'red']], ['no output', ['clean', 'x.pdf']], ['details that are no JSON', ['check', at('brief.txt'), '--details', at('brief.txt')]]])('wrong calls end with 2 and one line: %s', (_, words) => {
  const r = run(...words);
  expect([r.status, r.out, r.err.trim().split('\n').length]).toEqual([2, '', 1]);
  expect(r.err).not.toMatch(/\bat .*\.js:\d+|internal/);
});
test('a damaged file gets a verdict', () => {
  writeFileSync(at('cut.pdf'), readFileSync(at(paperNames.cleanPdf)).subarray(0, 5000));
  expect(run('check', at('cut.pdf')).status).toBe(1);
});
test('what V8 kept of the command line is of no account where it does not fit', () => {
  const built = join(process.cwd(), 'dist/cli'), moved = mkdtempSync(join(tmpdir(), 'moved-')), said = (cli: string): string => spawnSync('node', [cli, 'brief', at('wording.txt'), '--now', '2027-03-01T09:00:00+00:00'], { encoding: 'utf8' }).stdout;
  writeFileSync(at('wording.txt'), 'Hand in your report as one PDF by 17:00 on Friday 12 March 2027 (UK time).');
  for (const name of ['handover.cjs', 'brief.cjs']) copyFileSync(join(built, name), join(moved, name));
  const without = said(join(moved, 'handover.cjs'));
  expect(JSON.parse(without)).toMatchObject({ due: '2027-03-12T17:00:00+00:00' });
  writeFileSync(join(moved, 'brief.code'), readFileSync(join(built, 'brief.code')).subarray(0, 40_000).fill(7, 0, 64));
  expect([said(join(moved, 'handover.cjs')), said(join(built, 'handover.cjs'))]).toEqual([without, without]);
});
