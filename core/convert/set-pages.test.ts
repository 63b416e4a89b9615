import { expect, test } from '@jest/globals';
import { execFileSync } from 'node:child_process';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { withPage, withPdf } from '../engines/pdf.ts';
import { inParagraph, plantedDocx, plantedOdt, wordPart, wordRun } from '../testing/plant.ts';
import { convertFiles } from '../verbs/convert.ts';
import { takeApart } from './set-pages.ts';

const file = (name: string, bytes: Uint8Array) => ({ name, path: name, bytes });
const filler = (n: number): string => inParagraph(wordRun(`Paragraph ${n}. ${'The flood tide carries silt and clay over the marsh. '.repeat(6)}`));
const ref = (id: number): string => `<w:r><w:footnoteReference w:id="${id}"/></w:r>`, endRef = (id: number): string => `<w:r><w:endnoteReference w:id="${id}"/></w:r>`;
const heading = (text: string): string => `<w:p><w:pPr><w:pStyle w:val="Heading1"/><w:outlineLvl w:val="0"/></w:pPr>${wordRun(text)}</w:p>`;
const styles = wordPart('styles', '<w:style w:type="paragraph" w:styleId="Heading1"><w:name w:val="heading 1"/><w:pPr><w:outlineLvl w:val="0"/></w:pPr></w:style>');
const notes = (texts: string[], kind = 'footnote', sort = 'footnotes'): string => wordPart(sort, texts.map((t, i) => `<w:${kind} w:id="${i + 2}">${inParagraph(wordRun(t))}</w:${kind}>`).join(''));
/** The text of each page and the lines from its foot, as another program reads them. */
function pagesOf(bytes: Uint8Array): string[] {
  const path = join(mkdtempSync(join(tmpdir(), 'notes-')), 'a.pdf');
  writeFileSync(path, bytes);
  return execFileSync('pdftotext', ['-layout', path, '-'], { encoding: 'utf8' }).split('\f').slice(0, -1);
}

test('each note stands at the foot of the page of its mark, after the text; every word is there', async () => {
  const texts = ['First note, on the tide tables.', 'Second note, on levels.', 'Third note, on cores.'], at = [3, 25, 41];
  const body = Array.from({ length: 48 }, (_, i) => { const n = at.indexOf(i); return n < 0 ? filler(i) : inParagraph(`${wordRun(`Marked place ${n + 1}`)}${ref(n + 2)}${wordRun(' and what follows.')}`); }).join('');
  const done = await convertFiles([file('a.docx', plantedDocx(body, { 'word/footnotes.xml': notes(texts) }))]);
  expect([done.proof.missing, done.proof.added, done.proof.footnotes]).toEqual([[], [], { before: 3, after: 3 }]);
  const pages = pagesOf(done.bytes);
  expect(pages.length).toBeGreaterThan(3);
  texts.forEach((text, n) => {
    const page = pages.findIndex((p) => p.includes(`Marked place ${n + 1}`));
    expect(pages.findIndex((p) => p.includes(text))).toBe(page);
    expect(pages[page]!.trimEnd().split('\n').at(-1)).toContain(text);
  });
  // Not all on one page: the test would hold for notes at the end as well.
  expect(new Set(texts.map((t) => pages.findIndex((p) => p.includes(t)))).size).toBe(3);
  // Nothing lies outside the margins.
  await withPdf(done.bytes, (pdf) => { for (let i = 0; i < pdf.countPages(); i++) withPage(pdf, i, (page) => { const text = page.toStructuredText('preserve-whitespace'), [, , , height] = page.getBounds(); text.walk({ beginLine: (box: number[]) => { expect(box[1]).toBeGreaterThan(66); expect(box[3]).toBeLessThan(height - 66); } } as never); text.destroy(); }); });
}, 30_000);
test('headings stay bookmarks with their pages, links stay where their words are, tables keep their rules', async () => {
  const link = `<w:hyperlink r:id="rId5">${wordRun('the data')}</w:hyperlink>`, table = `<w:tbl><w:tblGrid><w:gridCol w:w="2000"/></w:tblGrid>${Array.from({ length: 60 }, (_, i) => `<w:tr><w:tc>${inParagraph(wordRun(`row ${i}`))}</w:tc></w:tr>`).join('')}</w:tbl>`;
  const body = `${heading('Introduction')}${inParagraph(`${wordRun('See')}${ref(2)}`)}${Array.from({ length: 20 }, (_, i) => filler(i)).join('')}${heading('Methods')}${inParagraph(link)}${table}`;
  const done = await convertFiles([file('a.docx', plantedDocx(body, { 'word/styles.xml': styles, 'word/footnotes.xml': notes(['A note.']), 'word/_rels/document.xml.rels': '<Relationships xmlns="http://schemas.openxmlformats.org/package/2006/relationships"><Relationship Id="rId5" Type="x/hyperlink" Target="https://data.carrow.example/" TargetMode="External"/></Relationships>' }))]);
  expect([done.proof.missing, done.proof.added]).toEqual([[], []]);
  const pages = pagesOf(done.bytes);
  await withPdf(done.bytes, (pdf) => {
    const outline = pdf.loadOutline()!.map((o) => [o.title, o.page]);
    expect(outline).toEqual([['Introduction', 0], ['Methods', pages.findIndex((p) => /^\s*Methods/m.test(p))]]);
    // A heading is never the last line of a page.
    for (const p of pages) expect(p.trimEnd().split('\n').at(-1)).not.toMatch(/^\s*(?:Introduction|Methods)$/);
    const index = pages.findIndex((p) => p.includes('the data'));
    withPage(pdf, index, (page) => {
      const [one] = page.getLinks(), [found] = page.search('the data', {} as never) as number[][][];
      expect(one!.getURI()).toBe('https://data.carrow.example/');
      expect(Math.abs(one!.getBounds()[1]! - found![0]![1]!)).toBeLessThan(4);
    });
    // Rows go over the page's end whole: each is found once, on one page.
    for (let i = 0; i < 60; i++) expect(pages.filter((p) => new RegExp(`row ${i}\\b`).test(p))).toHaveLength(1);
  });
}, 30_000);
test('endnotes stay at the end; notes too long for a page’s foot go there too', async () => {
  const many = Array.from({ length: 25 }, (_, i) => filler(i)).join('');
  const ended = await convertFiles([file('a.docx', plantedDocx(`${inParagraph(`${wordRun('Marked')}${endRef(2)}`)}${many}`, { 'word/endnotes.xml': notes(['Said at the end.'], 'endnote', 'endnotes') }))]), last = pagesOf(ended.bytes);
  expect(last.findIndex((p) => p.includes('Said at the end.'))).toBe(last.length - 1);
  const long = `Endless. ${'It goes on about the tide. '.repeat(400)}`, done = await convertFiles([file('b.docx', plantedDocx(`${inParagraph(`${wordRun('Marked')}${ref(2)}`)}${many}`, { 'word/footnotes.xml': notes([long]) }))]);
  expect([done.proof.missing, done.proof.added]).toEqual([[], []]);
  const odt = await convertFiles([file('c.odt', plantedOdt(`<text:p>Clay<text:note text:note-class="endnote"><text:note-citation>1</text:note-citation><text:note-body><text:p>of the end</text:p></text:note-body></text:note></text:p>${'<text:p>The flood tide carries silt and clay over the marsh.</text:p>'.repeat(80)}`))]), pages = pagesOf(odt.bytes);
  expect(pages.findIndex((p) => p.includes('of the end'))).toBe(pages.length - 1);
}, 60_000);
test('two notes on one line stand in the order of their marks', async () => {
  const done = await convertFiles([file('a.docx', plantedDocx(inParagraph(`${wordRun('Alpha')}${ref(2)}${wordRun(' beta')}${ref(3)}`), { 'word/footnotes.xml': notes(['The first note.', 'The second note.']) }))]), text = pagesOf(done.bytes).join(' ');
  expect(text.indexOf('The first note.')).toBeGreaterThan(0);
  expect(text.indexOf('The second note.')).toBeGreaterThan(text.indexOf('The first note.'));
  expect([done.proof.missing, done.proof.added]).toEqual([[], []]);
});
test('what is taken apart: marks become places, notes of both sorts are told apart, no notes give nothing', () => {
  expect(takeApart('<p>no notes</p>')).toBeNull();
  expect(takeApart('<p>x<sup data-note="1">1</sup></p><hr/><div class="note" data-note="1" data-end="1"><p>end</p></div>')).toBeNull();
  const both = takeApart('<h2 style="x">A <b>head</b><sup data-note="1">1</sup></h2><p>x<sup data-note="2">2</sup></p><hr/><div class="note" data-note="1"><p>foot</p></div><div class="note" data-note="2" data-end="1"><p>end</p></div>')!;
  expect([...both.notes.keys()]).toEqual([1]);
  expect(both.body).toContain('<sup data-note="2">2</sup></p><hr/><div class="note" data-note="2" data-end="1"><p>end</p></div>');
  expect(both.body).toContain('<a class="place" href="note:1">1</a>');
  expect([both.headings, /<a class="place" href="heading:0">A <b>head<\/b><\/a><sup>/.test(both.body)]).toEqual([[{ level: 2, title: 'A head' }], true]);
});
