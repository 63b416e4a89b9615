import { describe, expect, test } from '@jest/globals';
import { execFileSync } from 'node:child_process';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { deflateRawSync } from 'node:zlib';
import { packZip } from '../engines/zip.ts';
import { sniffKind } from './kind.ts';
import { readDocument } from './index.ts';
import { withPdf, loadMupdf, saveWhole } from '../engines/pdf.ts';

const bytes = (text: string): Uint8Array => new TextEncoder().encode(text);
const zip = (...names: [string, string][]): Uint8Array => packZip(names.map(([name, text]) => ({ name, bytes: bytes(text) })));
const types = (main: string): string => `<Types><Override PartName="/x" ContentType="application/vnd.openxmlformats-officedocument.${main}.main+xml"/></Types>`;
const docx = zip(['[Content_Types].xml', types('wordprocessingml.document')], ['word/document.xml', '<w:document/>']);

describe('kind by content', () => {
  test.each<[string, string, Uint8Array, string, string[]]>([
    ['an archive with a PDF that is not packed', 'a.zip', packZip([{ name: 'essay.pdf', bytes: bytes('%PDF-1.7\n1 0 obj\nstartxref\n0\n%%EOF'), stored: true }]), 'zip', ['archive']], ['a PDF behind lines of another program', 'a.pdf', bytes('HTTP/1.1 200 OK\r\n\r\n%PDF-1.7\n1 0 obj\nstartxref\n0\n%%EOF'), 'pdf', []], ['a text about PDF', 'a.txt', bytes('The header %PDF-1.7 names the version that a file was written for, at length and in prose.'), 'txt', []],
    ['a PDF with something after its end', 'a.pdf', bytes(`%PDF-1.7\n1 0 obj\nstartxref\n0\n%%EOF\n${'x'.repeat(9000)}`), 'pdf', []], ['a PDF whose last update was cut short', 'a.pdf', bytes(`%PDF-1.7\n1 0 obj\nstartxref\n0\n%%EOF\n2 0 obj\n${'x'.repeat(9000)}`), 'pdf', ['truncated']],
    ['PDF', 'a.docx', bytes('%PDF-1.7\n1 0 obj\nstartxref\n0\n%%EOF'), 'pdf', []], ['PDF cut short', 'a.pdf', bytes(`%PDF-1.7\n${'x'.repeat(4000)}`), 'pdf', ['truncated']], ['DOCX', 'a.pdf', docx, 'docx', []],
    ['DOCX with macros', 'a.docx', zip(['[Content_Types].xml', types('wordprocessingml.document')], ['word/document.xml', '<x/>'], ['word/vbaProject.bin', 'x']), 'docm', []], ['DOCX cut short', 'a.docx', docx.slice(0, docx.length - 40), 'docx', ['truncated']],
    ['ODT', 'a.odt', zip(['mimetype', 'application/vnd.oasis.opendocument.text'], ['content.xml', '<x/>']), 'odt', []], ['spreadsheet', 'a.docx', zip(['[Content_Types].xml', types('spreadsheetml.sheet')]), 'xlsx', []], ['package of one program', 'a.pages', zip(['Index/Document.iwa', 'x'], ['preview.jpg', 'x']), 'vendor', ['vendor']],
    ['plain archive', 'a.zip', zip(['essay.pdf', 'x']), 'zip', ['archive']], ['archive that climbs out', 'a.zip', zip(['../../etc/x', 'x']), 'zip', ['unsafePath', 'archive']], ['RTF', 'a.doc', bytes('{\\rtf1 Hello}'), 'rtf', []], ['HTML', 'a.txt', bytes('<!DOCTYPE html><p>x'), 'html', []], ['Markdown', 'a.md', bytes('# Title\n\ntext'), 'markdown', []],
    ['a notebook', 'a.ipynb', bytes('{"cells": [{"cell_type": "markdown", "source": ["# Tides"]}], "metadata": {}, "nbformat": 4, "nbformat_minor": 5}'), 'ipynb', []], ['data with cells, and no notebook', 'a.json', bytes('{"cells": [1, 2]}'), 'json', []],
    ['a sound recording', 'a.wav', bytes('RIFF\x24\0\0\0WAVEfmt \x10\0\0\0'), 'wav', []], ['what only speaks of waves', 'a.txt', bytes('Tides: WAVE and current.'), 'txt', []],
    ['text', 'a.txt', bytes('Sediment budgets\nof a marsh, at length and in prose.'), 'txt', []], ['a link file in binary', 'a.webloc', bytes('bplist00\xd1\x01SURL_\x10\x1ehttps://docs.carrow.example/d/1'), 'link', ['link']],
    ['a page that sends on', 'a.html', bytes('<html><head><title>Essay</title><meta http-equiv="refresh" content="0; url=https://docs.carrow.example/d/1"></head><body>One moment</body></html>'), 'link', ['link']],
    ['a paper as a page that loads itself again', 'a.html', bytes(`<html><head><meta http-equiv="refresh" content="30; url=https://docs.carrow.example/d/1"></head><body>${'Sediment budgets of a marsh. '.repeat(9)}</body></html>`), 'html', []],
    ['a link file', 'a.url', bytes('[InternetShortcut]\nURL=https://docs.carrow.example/d/1'), 'link', ['link']], ['a desktop link', 'a.desktop', bytes('[Desktop Entry]\nType=Link\nURL=https://docs.carrow.example/d/1'), 'link', ['link']], ['a bare address', 'essay.docx', bytes('https://docs.carrow.example/d/1\n'), 'link', ['link']], ['a cloud document’s stub', 'essay.txt', bytes('{"url":"https://docs.carrow.example/d/1","doc_id":"1"}'), 'link', ['link']],
    ['text that mentions an address', 'a.txt', bytes(`See https://docs.carrow.example/d/1 for the data. ${'More words. '.repeat(20)}`), 'txt', []], ['owner file', '~$say.docx', bytes('\u0006nvi204'), 'lock', ['lock']], ['lock file', '.~lock.essay.odt#', bytes(',nvi204,host,25.11.2026'), 'lock', ['lock']], ['half a download', 'essay.pdf.part', bytes('%PDF-1.7'), 'partial', ['partial']], ['nothing', 'a.pdf', new Uint8Array(), 'empty', ['empty']],
    ['JPEG without end', 'a.jpg', Uint8Array.of(0xff, 0xd8, 0xff, 0xe0, 0, 4, 0, 0), 'jpeg', ['truncated']], ['unknown', 'a.bin', Uint8Array.of(1, 2, 3, 0, 5, 6), 'unknown', []],
  ])('%s', (_, name, content, kind, troubles) => { const v = sniffKind(content, name); expect([v.kind, v.troubles.map((t) => t.code)]).toEqual([kind, troubles]); });

  // Oracle: libmagic, on kinds that are plain to it.
  test.each<[string, Uint8Array, string]>([['a.pdf', bytes('%PDF-1.7\n%%EOF'), 'application/pdf'], ['a.rtf', bytes('{\\rtf1 Hello}'), 'text/rtf'], ['a.html', bytes('<!DOCTYPE html><html><p>x</html>'), 'text/html'], ['a.zip', zip(['essay.txt', 'x']), 'application/zip']])('libmagic agrees on %s', (name, content, mime) => {
    const path = join(mkdtempSync(join(tmpdir(), 'kind-')), name);
    writeFileSync(path, content);
    expect(execFileSync('file', ['--brief', '--mime-type', path], { encoding: 'utf8' }).trim()).toBe(mime);
  });
});

/** An archive by hand (APPNOTE 6.3, 4.3.6 to 4.3.16), packed by node: the product's own packing takes half a minute for 300 MB. Without sums, which nothing gets to check here. */
function archive(...files: [name: string, content: Uint8Array][]): Uint8Array {
  const locals: Buffer[] = [], directory: Buffer[] = [];
  for (const [name, content] of files) {
    const packed = deflateRawSync(content), common = Buffer.alloc(26), rest = Buffer.alloc(14);
    common.writeUInt16LE(20, 0); common.writeUInt16LE(8, 4); common.writeUInt32LE(packed.length, 14); common.writeUInt32LE(content.length, 18); common.writeUInt16LE(name.length, 22);
    rest.writeUInt32LE(locals.reduce((sum, b) => sum + b.length, 0), 10);
    directory.push(Buffer.from('PK\x01\x02\x14\0', 'latin1'), common, rest, Buffer.from(name));
    locals.push(Buffer.from('PK\x03\x04', 'latin1'), common, Buffer.from(name), packed);
  }
  const end = Buffer.alloc(18), size = (list: Buffer[]): number => list.reduce((sum, b) => sum + b.length, 0);
  end.writeUInt16LE(files.length, 4); end.writeUInt16LE(files.length, 6); end.writeUInt32LE(size(directory), 8); end.writeUInt32LE(size(locals), 12);
  return new Uint8Array(Buffer.concat([...locals, ...directory, Buffer.from('PK\x05\x06', 'latin1'), end]));
}
test('an archive made by hand is read as one', async () => {
  const facts = await readDocument(archive(['[Content_Types].xml', bytes(types('wordprocessingml.document'))], ['word/document.xml', bytes('<w:document xmlns:w="http://schemas.openxmlformats.org/wordprocessingml/2006/main"><w:body><w:p><w:r><w:t>Sediment budgets</w:t></w:r></w:p></w:body></w:document>')]), 'plain.docx');
  expect(facts.file.troubles.map((t) => t.code)).not.toContain('bomb');
  expect(facts.passages.ok && facts.passages.value.map((p) => p.text)).toContain('Sediment budgets');
});
test('an archive bomb is refused before it is unpacked', async () => {
  const bomb = archive(['[Content_Types].xml', bytes(types('wordprocessingml.document'))], ['word/document.xml', new Uint8Array(300 << 20)]);
  const facts = await readDocument(bomb, 'bomb.docx');
  expect(facts.file.troubles.map((t) => t.code)).toContain('bomb');
  expect(facts.passages.ok).toBe(false);
});
test('XML entities are never expanded', async () => {
  const evil = zip(['[Content_Types].xml', types('wordprocessingml.document')], ['word/document.xml', '<!DOCTYPE x [<!ENTITY a "aaaaaaaaaa"><!ENTITY b "&a;&a;&a;&a;">]><w:document><w:body><w:p><w:r><w:t>&b; end</w:t></w:r></w:p></w:body></w:document>']);
  const facts = await readDocument(evil, 'evil.docx');
  expect(facts.passages.ok && facts.passages.value.map((p) => p.text).join('')).not.toContain('aaaa');
});
test('damaged PDFs get a verdict, never a crash', async () => {
  const mupdf = await loadMupdf();
  const pdf = new mupdf.PDFDocument();
  pdf.insertPage(-1, pdf.addPage([0, 0, 595, 842], 0, pdf.newDictionary(), 'BT ET'));
  const whole = await saveWhole(pdf);
  let seed = 7;
  const random = (n: number): number => { seed = (seed * 1103515245 + 12345) % 2147483648; return seed % n; };
  for (let i = 0; i < 40; i++) {
    const broken = i % 2 === 0 ? whole.slice(0, random(whole.length)) : whole.map((b) => (random(60) === 0 ? random(256) : b));
    const facts = await readDocument(broken, 'x.pdf');
    expect(facts.file.bytes).toBe(broken.length);
    if (!facts.pages.ok) expect(facts.file.troubles.length + (facts.file.kind === 'pdf' ? 0 : 1)).toBeGreaterThan(0);
  }
  await withPdf(whole, (d) => expect(d.countPages()).toBe(1));
});
