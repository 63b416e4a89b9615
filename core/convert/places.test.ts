import { describe, expect, test } from '@jest/globals';
import { readFileSync } from 'node:fs';
import { withPdf, withPage } from '../engines/pdf.ts';
import { inParagraph, plantedDocx, plantedOdt, wordPart, wordRun } from '../testing/plant.ts';
import { convertFiles } from '../verbs/convert.ts';
import { readMarks } from '../readers/doc/marks.ts';
import { openCompound, readStories } from '../readers/doc/text.ts';
import { mapDoc } from './doc/map.ts';
import { mapDocx } from './docx/map.ts';
import { mapHtmlSource } from './html/map.ts';
import { placeIds, placesOf } from './places.ts';

const file = (name: string, bytes: Uint8Array) => ({ name, path: name, bytes }), utf8 = (text: string): Uint8Array => new TextEncoder().encode(text);
/** Links inside a PDF: on which page each stands, and on which page the words are to which it leads. */
const linksIn = (bytes: Uint8Array): Promise<[number, number][]> => withPdf(bytes, (pdf) => Array.from({ length: pdf.countPages() }, (_, i) => withPage(pdf, i, (page) => page.getLinks().filter((l) => !l.isExternal()).sort((a, b) => a.getBounds()[1] - b.getBounds()[1]).map((l): [number, number] => [i, pdf.resolveLink(l)]))).flat());
const pageWith = (bytes: Uint8Array, words: string): Promise<number> => withPdf(bytes, (pdf) => Array.from({ length: pdf.countPages() }, (_, i) => i).findIndex((i) => withPage(pdf, i, (page) => page.search(words, {} as never).length > 0)));

const prose = (n: number): string => inParagraph(wordRun(`Paragraph ${n}. ${'The flood tide carries silt and clay over the marsh. '.repeat(6)}`)), many = Array.from({ length: 40 }, (_, i) => prose(i)).join('');
const bookmark = (name: string, text: string): string => `<w:p><w:bookmarkStart w:id="1" w:name="${name}"/>${wordRun(text)}<w:bookmarkEnd w:id="1"/></w:p>`, entry = (name: string, text: string): string => inParagraph(`<w:hyperlink w:anchor="${name}">${wordRun(text)}</w:hyperlink>`);
const field = (instruction: string, shown: string): string => `<w:r><w:fldChar w:fldCharType="begin"/></w:r><w:r><w:instrText> ${instruction} </w:instrText></w:r><w:r><w:fldChar w:fldCharType="separate"/></w:r>${wordRun(shown)}<w:r><w:fldChar w:fldCharType="end"/></w:r>`;

describe('links inside a text lead to the page on which their place has come to stand', () => {
  const body = `${entry('_Toc1', 'To the methods')}${inParagraph(`${wordRun('see ')}${field('REF _Ref2 \\h', 'Figure 3')}`)}${entry('nowhere', 'To nothing')}${many}${bookmark('_Toc1', 'Methods come here')}${many}${bookmark('_Ref2', 'Figure three is here')}`;
  test.each([
    ['as the engine breaks pages', body, {}],
    ['with notes at the foot', body.replace('Methods come here</w:t></w:r>', 'Methods come here</w:t></w:r><w:r><w:footnoteReference w:id="2"/></w:r>'), { 'word/footnotes.xml': wordPart('footnotes', `<w:footnote w:id="2">${inParagraph(wordRun('Beneath'))}</w:footnote>`) }],
    ['in columns', `${body}<w:sectPr><w:cols w:num="2"/></w:sectPr>`, {}],
  ])('DOCX, %s', async (_, inner, parts) => {
    const { bytes, proof } = await convertFiles([file('a.docx', plantedDocx(inner, parts))]), [methods, figure] = [await pageWith(bytes, 'Methods come here'), await pageWith(bytes, 'Figure three is here')];
    expect([proof.missing, proof.added]).toEqual([[], []]);
    expect(figure).toBeGreaterThan(methods);
    expect(methods).toBeGreaterThan(0);
    expect(await linksIn(bytes)).toEqual([[0, methods], [0, figure]]);
  }, 30_000);
  test('HTML and ODT, to PDF and by way of DOCX; joined behind other pages they lead on', async () => {
    const text = (tag: (n: number) => string): string => Array.from({ length: 60 }, (_, i) => tag(i)).join(''), sentence = 'The flood tide carries silt and clay over the marsh, and what it leaves there is measured each spring.';
    const html = utf8(`<p><a href="#m">To the methods</a></p>${text(() => `<p>${sentence}</p>`)}<div id="m"><h2>Methods come here</h2></div>`), odt = plantedOdt(`<text:p><text:a xmlns:xlink="http://www.w3.org/1999/xlink" xlink:href="#m">To the methods</text:a></text:p>${text(() => `<text:p>${sentence}</text:p>`)}<text:p><text:bookmark text:name="m"/>Methods come here</text:p>`);
    for (const source of [file('a.html', html), file('a.odt', odt)]) {
      const pdf = await convertFiles([source]), docx = await convertFiles([source], {}, undefined, 'docx'), again = await convertFiles([file('b.docx', docx.bytes)]), joined = await convertFiles([file('c.txt', utf8('In front.')), source]);
      for (const done of [pdf, again, joined]) { const at = await pageWith(done.bytes, 'Methods come here'); expect(at).toBeGreaterThan(0); expect(await linksIn(done.bytes)).toEqual([[done === joined ? 1 : 0, at]]); }
    }
  }, 60_000);
});
test('RTF, also from a field in a field', async () => {
  const rtf = String.raw`{\rtf1\ansi\pard See {\field{\*\fldinst HYPERLINK \\l "m"}{\fldrslt the methods}}, {\field{\*\fldinst HYPERLINK "https://uni.example/"}{\fldrslt the site}} and {\field{\*\fldinst HYPERLINK \\l "nowhere"}{\fldrslt nothing}}.\par\page\pard {\*\bkmkstart m}Methods come here{\*\bkmkend m}.\par\pard Again {\field{\*\fldinst { HYPERLINK  \\l "m" }}{\fldrslt {the methods}}}.\par}`;
  const done = await convertFiles([file('a.rtf', utf8(rtf))]);
  expect([done.proof.missing, done.proof.added, await linksIn(done.bytes)]).toEqual([[], [], [[0, 1], [1, 1]]]);
});
// Written by LibreOffice 7.4 from a made-up text with two text boxes, a link to the second page and one to nowhere.
test('old word-processor files, with text boxes behind the paragraphs that they belong to', async () => {
  const bytes = new Uint8Array(readFileSync('core/testing/old-word-places.doc')), page = mapDoc(bytes), done = await convertFiles([file('a.doc', bytes)]);
  expect(page.body.replace(/<div class="break"><\/div>/g, '|').replace(/<\/p>/g, '/').replace(/<[^>]+>|&#160;/g, '').replace(/\/+/g, '/')).toMatch(/^See the results and nothing\.\/Before the box\. The anchor paragraph\.\/A box of the first paragraph\/second line\/Between\.\/Second anchor\.\/Another box that is longer\/second line\/.*\|?.*Results stand here\./);
  expect([page.losses, done.proof.missing, done.proof.added, await linksIn(done.bytes)]).toEqual([[], [], [], [[0, 1]]]);
  const stories = readStories(openCompound(bytes))!, { bookmarks, boxes } = stories.marks();
  expect([bookmarks.map((b) => b.name), boxes.map((b) => stories.boxes.slice(b.from, b.to).trim().split('\r')[0]).filter(Boolean)]).toEqual([['results'], ['A box of the first paragraph', 'Another box that is longer']]);
});
// Written by LibreOffice 7.4 from a made-up text: an endnote before three footnotes, which begin at C; one of them has a mark of its own.
test('notes of old word-processor files: each with its words, whichever kind comes first', async () => {
  const bytes = new Uint8Array(readFileSync('core/testing/old-word-notes.doc')), page = mapDoc(bytes), done = await convertFiles([file('a.doc', bytes)]);
  expect(page.body.replace(/<[^>]+>/g, '').replace(/\s+/g, ' ')).toBe('Clayi siltC peat* sandDi of the fieldsC of the channel** of the bogD of the dunes');
  expect([page.generated, page.counts.footnotes, done.proof.missing, done.proof.added, done.proof.footnotes]).toEqual([['i', 'i', 'C', 'C', 'D', 'D'], 4, [], [], { before: 4, after: 4 }]);
});
test('damaged tables of places are none', () => {
  const table = new Uint8Array(64).fill(0xff);
  expect(readMarks(table, () => [0, 64])).toMatchObject({ boxes: [] });
  expect(readMarks(table, () => [60, 600])).toEqual({ bookmarks: [], boxes: [], notes: [], numbering: { footnotes: { format: 0, start: 1 }, endnotes: { format: 2, start: 1 } } });
});
test('only places to which a link leads are marked, once each; links that lead nowhere stay words', () => {
  const places = placesOf(['a', 'b', 'a'], ['b', 'c', 'a', 'a']);
  expect([places.mark('a'), places.mark('a'), places.mark('c'), places.open('b'), places.open('c'), places.open('x')]).toEqual(['<span id="place2"></span>', '', '', '<a class="place" href="#place1">', null, null]);
  expect(placeIds('<span id="place2"></span>x<span id="other"></span>')).toEqual(['place2']);
  expect(mapDocx(plantedDocx(`${entry('x', 'To nothing')}${bookmark('y', 'Not sought')}`)).body).not.toMatch(/<a |<span id/);
  // A source cannot bring names of its own into the dialect.
  expect(mapHtmlSource('<p><a href="#&quot;&gt;&lt;script">x</a></p><p id="&quot;&gt;&lt;script">y</p><p id=\'q"z\'><a href=\'#q"z\'>z</a></p>').body).not.toMatch(/script|q"z/);
});
