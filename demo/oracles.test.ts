import { beforeAll, describe, expect, test } from '@jest/globals';
import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { checkFiles } from '../core/verbs/check.ts';
import { cleanFile } from '../core/verbs/clean.ts';
import { convertFiles } from '../core/verbs/convert.ts';
import { redactFile } from '../core/verbs/redact.ts';
import { readDocument } from '../core/readers/index.ts';
import { readArchive } from '../core/readers/pdf/archive.ts';
import { hasOffice } from '../office/engine.ts';
import { emptyBrief } from '../core/model/brief.ts';
import { buildPapers, paperNames } from './papers.ts';
import { student } from './student.ts';

/** General-purpose tools as oracles: poppler, qpdf, exiftool, unzip. Their answers are compared with ours on the demonstration papers. */
const folder = mkdtempSync(join(tmpdir(), 'oracle-'));
const tool = (command: string, ...words: string[]): string => execFileSync(command, words, { encoding: 'latin1', maxBuffer: 1 << 26 });
const keep = (name: string, bytes: Uint8Array): string => { const path = join(folder, name.replace(/\s/g, '_')); writeFileSync(path, bytes); return path; };
const source = (name: string, bytes: Uint8Array) => ({ name, path: name, bytes });
const pdfs = [paperNames.troubledPdf, paperNames.cleanPdf, paperNames.report, paperNames.foreshore];
const secrets = [/vestergaard/i, /imani/i, /nvi204/i, /20417733/, /n.na v/i];
let papers: Record<string, Uint8Array>;
beforeAll(async () => { papers = await buildPapers(); });

describe.each(pdfs)('%s', (name) => {
  test('fonts as pdffonts lists them', async () => {
    const facts = await readDocument(papers[name]!, name);
    const theirs = tool('pdffonts', keep(name, papers[name]!)).split('\n').slice(2).filter(Boolean).map((l) => ({ name: l.slice(0, 36).trim(), type: l.slice(37, 54).trim(), embedded: l.slice(72, 75).trim() === 'yes', subset: l.slice(76, 79).trim() === 'yes', uni: l.slice(80, 83).trim() === 'yes' }));
    const ours = facts.fonts.ok ? facts.fonts.value.map((f) => ({ name: f.name.slice(0, 36), type: f.type, embedded: f.embedded, subset: f.subset, uni: f.toUnicode })) : [];
    const order = (a: { name: string }, b: { name: string }): number => a.name.localeCompare(b.name);
    expect(ours.sort(order)).toEqual(theirs.sort(order));
  });
  test('pages as pdfinfo, words within 1 % of pdftotext', async () => {
    const facts = await readDocument(papers[name]!, name), path = keep(name, papers[name]!);
    const info = tool('pdfinfo', path);
    expect(facts.pages.ok && facts.pages.value.length).toBe(Number(/Pages:\s+(\d+)/.exec(info)![1]));
    const [, w, h] = /Page size:\s+([\d.]+) x ([\d.]+)/.exec(info)!;
    expect(facts.pages.ok && [facts.pages.value[0]!.width, facts.pages.value[0]!.height].map((n) => Math.round(n))).toEqual([Math.round(Number(w)), Math.round(Number(h))]);
    const theirs = tool('pdftotext', path, '-').split(/\s+/).filter((t) => /[\p{L}\p{N}]/u.test(t)).length;
    const ours = facts.pages.ok ? facts.pages.value.reduce((n, p) => n + p.words, 0) : 0;
    expect(Math.abs(ours - theirs)).toBeLessThanOrEqual(Math.ceil(theirs * 0.01));
  });
});

test('PDF metadata as exiftool reads it', async () => {
  const facts = await readDocument(papers[paperNames.troubledPdf]!, 'x.pdf');
  const theirs = JSON.parse(execFileSync('exiftool', ['-j', '-G1', '-PDF:all', '-XMP:all', keep('x.pdf', papers[paperNames.troubledPdf]!)], { encoding: 'utf8' })) as Record<string, string>[];
  const ours = facts.metadata.ok ? facts.metadata.value : [];
  for (const key of ['Author', 'Title', 'Creator', 'Producer']) expect(ours.find((m) => m.part === `Info/${key}`)?.value).toBe(theirs[0]![`PDF:${key}`]);
  expect(ours.find((m) => m.part === 'XMP/dc:creator')?.value).toBe(theirs[0]!['XMP-dc:Creator']);
});

test('DOCX metadata as exiftool reads it', async () => {
  const facts = await readDocument(papers[paperNames.troubledDocx]!, 'x.docx');
  const theirs = (JSON.parse(execFileSync('exiftool', ['-j', keep('x.docx', papers[paperNames.troubledDocx]!)], { encoding: 'utf8' })) as Record<string, string>[])[0]!;
  const value = (key: string): string | undefined => (facts.metadata.ok ? facts.metadata.value.find((m) => m.key === key)?.value : undefined);
  expect(value('creator')).toBe(theirs.Creator);
  expect(value('lastModifiedBy')).toBe(theirs.LastModifiedBy);
  expect(value('Company')).toBe(theirs.Company);
  expect(value('Template')).toBe(theirs.Template);
});

describe('cleaning', () => {
  test('a PDF keeps text, pages and pixels, and holds nothing any more', async () => {
    const done = await cleanFile(source('x.pdf', papers[paperNames.troubledPdf]!), { details: student });
    expect([done.proof.textSame, done.proof.pagesSame, done.proof.maxPixelDifference]).toEqual([true, true, 0]);
    const path = keep('clean.pdf', done.bytes);
    tool('qpdf', '--check', path);
    expect(tool('exiftool', '-a', '-G1', '-PDF:all', '-XMP:all', path)).not.toMatch(/Author|Creat|Producer|Date|Title/);
    expect(tool('pdftotext', path, '-')).toBe(tool('pdftotext', keep('x.pdf', papers[paperNames.troubledPdf]!), '-'));
    expect(done.removed.map((r) => r.part)).toEqual(expect.arrayContaining(['Info/Author', 'XMP/dc:creator', 'Info/Producer']));
  });
  test('a DOCX keeps its text, and no part holds a detail but the running head', async () => {
    const done = await cleanFile(source('x.docx', papers[paperNames.troubledDocx]!), { details: student });
    expect([done.proof.textSame, done.proof.pagesSame]).toEqual([true, true]);
    const path = keep('clean.docx', done.bytes);
    for (const part of tool('unzip', '-Z1', path).split('\n').filter((n) => /\.(xml|rels)$/.test(n))) {
      const text = tool('unzip', '-p', path, part.replace('[', '\\['));
      if (part !== 'word/header1.xml') for (const secret of secrets) expect(`${part}: ${text.match(secret)?.[0] ?? ''}`).toBe(`${part}: `);
      expect(text).not.toMatch(/w:rsid|w:date=|2026-1/);
    }
    expect(done.left.map((l) => [l.check, l.place.part])).toContainEqual(['identity.running-head', 'word/header1.xml']);
  });
  test('the original bytes are untouched', async () => {
    const before = papers[paperNames.troubledPdf]!.slice();
    await cleanFile(source('x.pdf', papers[paperNames.troubledPdf]!), {});
    expect(papers[paperNames.troubledPdf]).toEqual(before);
  });
});

test('converting keeps every word, embeds every font and passes qpdf', async () => {
  const done = await convertFiles([source('x.docx', papers[paperNames.troubledDocx]!)]);
  expect([done.proof.missing, done.proof.added]).toEqual([[], []]);
  for (const pair of [done.proof.images, done.proof.tables, done.proof.footnotes]) expect(pair.after).toBe(pair.before);
  expect(done.proof.tables.before).toBe(2);
  const path = keep('converted.pdf', done.bytes);
  tool('qpdf', '--check', path);
  expect(tool('pdffonts', path).split('\n').slice(2).filter(Boolean).every((l) => l.slice(72, 75).trim() === 'yes')).toBe(true);
  expect(tool('exiftool', '-a', '-G1', '-PDF:all', path)).not.toMatch(/Producer|Author|Date/);
});

test('redaction removes the glyphs and nothing else', async () => {
  const before = tool('pdftotext', keep('r.pdf', papers[paperNames.troubledPdf]!), '-');
  const done = await redactFile(source('x.pdf', papers[paperNames.troubledPdf]!), student);
  const path = keep('redacted.pdf', done.bytes), after = tool('pdftotext', path, '-');
  expect(before).toMatch(/Vestergaard-Imani · Saltmarsh|Vestergaard-Imani/);
  expect(after).not.toMatch(/Vestergaard/);
  const words = (t: string): number => t.split(/\s+/).filter(Boolean).length;
  expect(words(before) - words(after)).toBe(done.taken.length);
  expect(done.proof.lost).toEqual([]);
  tool('qpdf', '--check', path);
});

test('the clean paper meets every line of its brief', async () => {
  const brief = { ...emptyBrief(), documents: [{ label: 'Report', types: ['pdf' as const] }], anonymous: true, similarityChecked: true, naming: { pattern: 'CandidateNumber_GEO3107.pdf', mustContain: [], mustNotIdentify: true } };
  const checked = await checkFiles([source(paperNames.cleanPdf, papers[paperNames.cleanPdf]!)], { brief, details: student, now: 0 });
  expect(checked.docket.filter((l) => l.standing === 'notMet')).toEqual([]);
  const troubled = await checkFiles([source(paperNames.troubledPdf, papers[paperNames.troubledPdf]!)], { brief, details: student, now: 0 });
  expect(troubled.docket.filter((l) => l.standing === 'notMet').map((l) => l.id)).toEqual(expect.arrayContaining(['name.pattern', 'name.identity', 'fonts.embedded', 'identity.running-head', 'metadata.author']));
});
test('the demonstration is the same each time', async () => expect(Object.entries(await buildPapers()).every(([name, bytes]) => Buffer.compare(Buffer.from(bytes), Buffer.from(papers[name]!)) === 0)).toBe(true));
(hasOffice() ? test : test.skip)('a file for long keeping by LibreOffice keeps the rules that are looked at here; its ordinary PDF does not', async () => {
  const docx = keep(paperNames.form, papers[paperNames.form]!), profile = `-env:UserInstallation=file://${folder}/profile`;
  for (const [version, claim, rules] of [['2', '2b', []], ['0', null, ['claim', 'intent', 'metadata']]] as const) {
    tool('soffice', profile, '--headless', '--convert-to', `pdf:writer_pdf_Export:{"SelectPdfVersion":{"type":"long","value":"${version}"}}`, '--outdir', join(folder, version), docx);
    const stands = await readArchive(readFileSync(join(folder, version, paperNames.form.replace(/docx$/, 'pdf').replace(/\s/g, '_'))));
    expect(stands.claim).toBe(claim);
    expect(stands.broken.map((b) => b.rule).sort()).toEqual(rules);
  }
}, 120_000);
