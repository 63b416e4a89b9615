import { expect, test } from '@jest/globals';
import { execFileSync } from 'node:child_process';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Package } from '../engines/zip.ts';
import { withPage, withPdf } from '../engines/pdf.ts';
import { inParagraph, plainPicture, plantedDocx, plantedOdt, wordPart, wordRun } from '../testing/plant.ts';
import { convertFiles, type Converted } from '../verbs/convert.ts';
import { columnsClose, columnsOpen, inOneFlow, splitFlows } from './flows.ts';
import { mapDocx } from './docx/map.ts';
import { mapOdt } from './odt/map.ts';
import { mapRtf } from './rtf/map.ts';
import { oneColumn, type PageSize } from './page-description.ts';

const file = (name: string, bytes: Uint8Array) => ({ name, path: name, bytes });
const prose = (n: number): string => `Paragraph ${n} begins here. ${'The flood tide carries silt and clay over the marsh. '.repeat(5)}`;
/** Where each word stands, by another program: page, left edge, top edge. Source: poppler's pdftotext. */
function wordsOf(bytes: Uint8Array): { page: number; x: number; y: number; word: string }[] {
  const path = join(mkdtempSync(join(tmpdir(), 'columns-')), 'a.pdf');
  writeFileSync(path, bytes);
  let page = 0;
  return execFileSync('pdftotext', ['-bbox', path, '-'], { encoding: 'utf8', maxBuffer: 1 << 26 }).split('\n').flatMap((line) => {
    if (line.includes('<page ')) page++;
    const m = /<word xMin="([\d.]+)" yMin="([\d.]+)" xMax="[\d.]+" yMax="[\d.]+">(.*)<\/word>/.exec(line);
    return m ? [{ page, x: Number(m[1]), y: Number(m[2]), word: m[3]! }] : [];
  });
}
const starts = (bytes: Uint8Array): { page: number; x: number; y: number }[] => { const words = wordsOf(bytes); return words.flatMap((w, i) => (w.word === 'Paragraph' && words[i + 2]?.word === 'begins' ? [w] : [])); };
const same = (done: Converted): void => { expect([done.proof.missing, done.proof.added, done.proof.moved]).toEqual([[], [], []]); expect(done.losses).not.toContain(oneColumn); };

const section = (inner: string, kind = 'continuous'): string => `<w:sectPr><w:type w:val="${kind}"/><w:pgSz w:w="11906" w:h="16838"/><w:pgMar w:top="1440" w:right="1440" w:bottom="1440" w:left="1440"/>${inner}</w:sectPr>`;
const ending = (text: string, inner: string): string => `<w:p><w:pPr>${section(inner)}</w:pPr>${wordRun(text)}</w:p>`, two = '<w:cols w:num="2" w:space="720"/>';
const paragraphs = (from: number, to: number): string => Array.from({ length: to - from }, (_, i) => inParagraph(wordRun(prose(from + i)))).join('');
const note = wordPart('footnotes', `<w:footnote w:id="2">${inParagraph(wordRun('A note on levels.'))}</w:footnote>`);

test('a DOCX with a title over two columns: both stand beside each other, equally high, with the note below and the end under them', async () => {
  const body = `${ending('The title of it all', '')}${paragraphs(1, 5)}${inParagraph(`${wordRun('Marked')}<w:r><w:footnoteReference w:id="2"/></w:r>`)}${ending(prose(5), two)}${inParagraph(wordRun('In full width again.'))}${section('')}`;
  const done = await convertFiles([file('a.docx', plantedDocx(body, { 'word/footnotes.xml': note }))]), words = wordsOf(done.bytes), at = starts(done.bytes);
  same(done);
  expect(done.pages).toBe(1);
  // The right column begins where half of the line and half of the gap end: 72 + (451 + 36) / 2.
  expect(new Set(at.map((w) => Math.round(w.x)))).toEqual(new Set([72, 316]));
  const left = at.filter((w) => w.x < 300), right = at.filter((w) => w.x > 300), marked = words.find((w) => w.word.startsWith('Marked'))!;
  expect([left.length, right.length].sort()).toEqual([2, 3].sort());
  // Beside each other, under the title, over what follows.
  const y = (word: string): number => words.find((w) => w.word === word)!.y;
  expect(Math.min(...right.map((w) => w.y))).toBeLessThan(Math.max(...left.map((w) => w.y)));
  expect(y('title')).toBeLessThan(Math.min(...at.map((w) => w.y)));
  expect(y('again.')).toBeGreaterThan(Math.max(...at.map((w) => w.y), marked.y));
  expect(y('levels.')).toBeGreaterThan(y('again.'));
  // The last lines of both columns end within a few lines of each other.
  const bottom = (side: (x: number) => boolean): number => Math.max(...words.filter((w) => side(w.x) && w.y < y('again.') - 2).map((w) => w.y));
  expect(Math.abs(bottom((x) => x < 300) - bottom((x) => x > 316))).toBeLessThan(45);
}, 30_000);
test('columns go on over pages, left before right; headings stay bookmarks, links stay on their words, the pages are tagged', async () => {
  const heading = (text: string): string => `<w:p><w:pPr><w:pStyle w:val="Heading1"/><w:outlineLvl w:val="0"/></w:pPr>${wordRun(text)}</w:p>`, styles = wordPart('styles', '<w:style w:type="paragraph" w:styleId="Heading1"><w:name w:val="heading 1"/><w:pPr><w:outlineLvl w:val="0"/></w:pPr></w:style>');
  const link = `<w:hyperlink r:id="rId5">${wordRun('the data')}</w:hyperlink>`, rels = '<Relationships xmlns="http://schemas.openxmlformats.org/package/2006/relationships"><Relationship Id="rId5" Type="x/hyperlink" Target="https://data.carrow.example/" TargetMode="External"/></Relationships>';
  const done = await convertFiles([file('a.docx', plantedDocx(`${heading('Introduction')}${paragraphs(1, 30)}${heading('Methods')}${inParagraph(link)}${paragraphs(30, 34)}${section(two)}`, { 'word/styles.xml': styles, 'word/_rels/document.xml.rels': rels }))]);
  same(done);
  expect([done.proof.headings, done.proof.links]).toEqual([{ before: 2, after: 2 }, { before: 1, after: 1 }]);
  const at = starts(done.bytes), key = (w: { page: number; x: number; y: number }): number => w.page * 1e6 + (w.x > 300 ? 1e5 : 0) + w.y;
  expect(at).toHaveLength(33);
  expect(done.pages).toBeGreaterThan(1);
  for (let i = 1; i < at.length; i++) expect(key(at[i]!)).toBeGreaterThan(key(at[i - 1]!));
  const path = join(mkdtempSync(join(tmpdir(), 'columns-')), 'a.pdf');
  writeFileSync(path, done.bytes);
  expect(execFileSync('pdfinfo', [path], { encoding: 'utf8' })).toMatch(/Tagged:\s+yes/);
}, 30_000);
test('a section that begins a page does; one that goes on does not', async () => {
  const pages = async (kind: string): Promise<number> => (await convertFiles([file('a.docx', plantedDocx(`${ending('First part', '')}${inParagraph(wordRun('Second part'))}${section('', kind)}`))])).pages!;
  expect([await pages('continuous'), await pages('nextPage'), await pages('oddPage')]).toEqual([1, 2, 2]);
}, 30_000);
test('a column break begins the next column', async () => {
  const done = await convertFiles([file('a.docx', plantedDocx(`${inParagraph(`${wordRun('Left side')}<w:r><w:br w:type="column"/></w:r>${wordRun('Right side')}`)}${section(two)}`))]), words = wordsOf(done.bytes);
  expect(words.find((w) => w.word === 'Right')!.x).toBeGreaterThan(300);
  expect(done.pages).toBe(1);
}, 30_000);

const odtSection = (count: number): string => `<style:style style:name="S" style:family="section"><style:section-properties><style:columns fo:column-count="${count}" fo:column-gap="1cm"/></style:section-properties></style:style>`;
const odt = (count: number): Uint8Array => {
  const ns = 'xmlns:office="urn:oasis:names:tc:opendocument:xmlns:office:1.0" xmlns:text="urn:oasis:names:tc:opendocument:xmlns:text:1.0" xmlns:style="urn:oasis:names:tc:opendocument:xmlns:style:1.0" xmlns:fo="urn:oasis:names:tc:opendocument:xmlns:xsl-fo-compatible:1.0"';
  return plantedOdt('', { 'content.xml': `<office:document-content ${ns}><office:automatic-styles>${odtSection(count)}</office:automatic-styles><office:body><office:text><text:p>Over all</text:p><text:section text:style-name="S">${Array.from({ length: 6 }, (_, i) => `<text:p>${prose(i)}</text:p>`).join('')}</text:section><text:p>Below</text:p></office:text></office:body></office:document-content>` });
};
test('an ODT with three columns, to PDF, and to DOCX where they are found again', async () => {
  const pdf = await convertFiles([file('a.odt', odt(3))]);
  same(pdf);
  expect(new Set(starts(pdf.bytes).map((w) => Math.round(w.x))).size).toBe(3);
  expect(new Set(starts((await convertFiles([file('b.odt', odt(1))])).bytes).map((w) => Math.round(w.x))).size).toBe(1);
  const docx = await convertFiles([file('a.odt', odt(3))], {}, undefined, 'docx');
  same(docx);
  // Over the columns, in them, and below them: three sections, of which the second has three columns and the later two go on.
  const xml = new Package(docx.bytes).text('word/document.xml')!;
  expect(xml.match(/<w:sectPr>/g)).toHaveLength(3);
  expect(xml.match(/<w:cols [^>]*>/g)).toEqual(['<w:cols w:num="3" w:space="568"/>']);
  expect(xml.match(/w:val="continuous"/g)).toHaveLength(2);
  expect(mapDocx(docx.bytes).body.match(/<columns[^>]*>/g)).toEqual(['<columns count="3" gap="28.4">']);
  expect(new Set(starts((await convertFiles([file('a.docx', docx.bytes)])).bytes).map((w) => Math.round(w.x))).size).toBe(3);
}, 60_000);
test('a picture wider than its column is brought down to it; one that fits stays as it is', async () => {
  const png = await plainPicture('png', 90, 60), drawing = (cx: number, cy: number): string => inParagraph(`<w:r><w:drawing><wp:inline><wp:extent cx="${cx}" cy="${cy}"/><wp:docPr id="1" name="x"/><a:blip xmlns:a="http://schemas.openxmlformats.org/drawingml/2006/main" r:embed="rId1"/></wp:inline></w:drawing></w:r>`);
  const made = async (inner: string): Promise<number[][]> => {
    const done = await convertFiles([file('a.docx', plantedDocx(`${paragraphs(1, 4)}${inner}${paragraphs(4, 8)}${section(two)}`, { 'word/media/a.png': png, 'word/_rels/document.xml.rels': '<Relationships xmlns="http://schemas.openxmlformats.org/package/2006/relationships"><Relationship Id="rId1" Type="x/image" Target="media/a.png"/></Relationships>' }))]), boxes: number[][] = [];
    await withPdf(done.bytes, (pdf) => withPage(pdf, 0, (page) => { const text = page.toStructuredText('preserve-images'); text.walk({ onImageBlock: (box) => { boxes.push(box); } }); text.destroy(); }));
    return boxes;
  };
  const [[x0, y0, x1, y1]] = (await made(drawing(5_080_000, 2_540_000))) as [number[]], [[a0, , a1]] = (await made(drawing(1_270_000, 635_000))) as [number[]];
  // A column is (451.3 - 36) / 2 points wide; the picture was asked for in 400 by 200.
  expect(x1! - x0!).toBeCloseTo(207.6, 0);
  expect((y1! - y0!) / (x1! - x0!)).toBeCloseTo(0.5, 1);
  expect(a1! - a0!).toBeCloseTo(100, 0);
}, 30_000);
test('where columns are found, and where there are none', () => {
  const docx = (inner: string): string => mapDocx(plantedDocx(`${inParagraph(wordRun('x'))}${section(inner)}`)).body;
  expect(docx('<w:cols w:space="720"/>')).not.toContain('<columns');
  expect(docx('<w:cols w:num="1"/>')).not.toContain('<columns');
  // What a section was before a tracked change does not count.
  expect(docx(`<w:cols w:space="720"/><w:sectPrChange w:id="1"><w:sectPr>${two}</w:sectPr></w:sectPrChange>`)).not.toContain('<columns');
  expect(docx(two)).toContain('<columns count="2" gap="36">');
  const rtf = (text: string): string => mapRtf(new TextEncoder().encode(`{\\rtf1\\ansi ${text}}`)).body;
  expect(rtf('\\sectd One\\par\\sect\\sectd\\sbknone\\cols2\\colsx400 Two\\par\\sect\\sectd\\sbknone Three\\par')).toMatch(/^<p[^>]*>One<\/p><columns count="2" gap="20"><p[^>]*>Two<\/p><\/columns><p[^>]*>Three<\/p>$/);
  expect(rtf('\\sectd One\\par\\sect\\sectd Two\\par')).toMatch(/One<\/p><div class="break"><\/div><p/);
  expect(rtf('\\sectd One\\par')).not.toContain('<columns');
  expect(mapOdt(odt(1)).body).not.toContain('<columns');
  // Inside a cell a section's columns are not taken out of the table they stand in.
  const inCell = odt(2), cell = new Package(inCell).text('content.xml')!.replace(/<text:section[\s\S]*<\/text:section>/, (inner) => `<table:table xmlns:table="urn:oasis:names:tc:opendocument:xmlns:table:1.0"><table:table-row><table:table-cell>${inner}</table:table-cell></table:table-row></table:table>`);
  expect(mapOdt(plantedOdt('', { 'content.xml': cell })).body).toMatch(/^(?!.*<columns).*<td>/s);
});
const wide = (line: number): PageSize => ({ widthPt: line + 100, heightPt: 800, marginsPt: [50, 50, 50, 50] });
test('a body is split where its columns begin and end; breaks at the seams become pages', () => {
  const size = wide(420);
  const body = `<p>a</p>${columnsOpen(2, 20)}<p>b</p><p>c</p>${columnsClose}<div class="break"></div><p>d</p>`;
  expect(splitFlows(body, size)).toEqual([
    { body: '<p>a</p>', size, columns: 1, width: 420, gap: 0, ruled: false, newPage: false, lines: 0 },
    { body: '<p>b</p><p>c</p>', size, columns: 2, width: 200, gap: 20, ruled: false, newPage: false, lines: 0 },
    { body: '<p>d</p>', size, columns: 1, width: 420, gap: 0, ruled: false, newPage: true, lines: 0 },
  ]);
  expect(inOneFlow(body)).toBe('<p>a</p><p>b</p><p>c</p><div class="break"></div><p>d</p>');
  // Never narrower than a word: twelve columns on a narrow line become few, and a gap never takes it all.
  expect(splitFlows(`${columnsOpen(12, 300)}<p>a</p>${columnsClose}`, wide(200))).toMatchObject([{ columns: 3 }]);
  expect(splitFlows(`${columnsOpen(2, 300)}<p>a</p>${columnsClose}`, wide(200))[0]!.width).toBeGreaterThan(60);
  expect(splitFlows('', wide(400))).toEqual([]);
});
