import { describe, expect, test } from '@jest/globals';
import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Package } from '../engines/zip.ts';
import { inParagraph, plainPicture, plantedDocx, plantedOdt, wordPart, wordRun } from '../testing/plant.ts';
import { convertFiles, type Converted } from '../verbs/convert.ts';
import { mapDoc } from './doc/map.ts';
import { mapDocx } from './docx/map.ts';
import { inOneFlow, pagesClose, pagesOpen, splitFlows } from './flows.ts';
import { countLaidPages, layOut } from './layout.ts';
import { mapOdt } from './odt/map.ts';
import { a4, emptyPage, oneSize, type PageSize } from './page-description.ts';
import { mapRtf } from './rtf/map.ts';
import { gatherLines, linesOn, noLines } from './running-lines.ts';
import { joinSections, usualSize, type Section } from './sections.ts';

const file = (name: string, bytes: Uint8Array) => ({ name, path: name, bytes }), utf8 = (text: string): Uint8Array => new TextEncoder().encode(text);
const across: PageSize = { widthPt: 841.89, heightPt: 595.28, marginsPt: [72, 72, 72, 72] };
const prose = (n: number): string => `Paragraph ${n}. ${'The flood tide carries silt and clay over the marsh. '.repeat(5)}`;
/** Each page's size and words with their places, by another program. Source: poppler's pdftotext. */
function pagesOf(bytes: Uint8Array): { size: string; words: { text: string; x: number; y: number }[] }[] {
  const path = join(mkdtempSync(join(tmpdir(), 'sections-')), 'a.pdf');
  writeFileSync(path, bytes);
  return execFileSync('pdftotext', ['-bbox', path, '-'], { encoding: 'utf8', maxBuffer: 1 << 26 }).split('<page ').slice(1).map((part) => {
    const [, w, h] = /width="([\d.]+)" height="([\d.]+)"/.exec(part)!;
    return { size: `${Math.round(Number(w))}x${Math.round(Number(h))}`, words: [...part.matchAll(/xMin="([\d.]+)" yMin="([\d.]+)"[^>]*>([^<]*)</g)].map((m) => ({ text: m[3]!, x: Number(m[1]), y: Number(m[2]) })) };
  });
}
const sizes = (bytes: Uint8Array): string[] => pagesOf(bytes).map((p) => p.size);
const pageWith = (bytes: Uint8Array, word: string): number => pagesOf(bytes).findIndex((p) => p.words.some((w) => w.text === word));
const whole = (done: Converted): void => { expect([done.proof.missing, done.proof.added, done.proof.moved]).toEqual([[], [], []]); expect(done.losses).not.toContain(oneSize); };

const upright = [11906, 16838] as const, wide = [16838, 11906] as const;
const properties = ([w, h]: readonly [number, number], inner = '', margin = 1440): string => `<w:sectPr>${inner}<w:pgSz w:w="${w}" w:h="${h}"/><w:pgMar w:top="${margin}" w:right="${margin}" w:bottom="${margin}" w:left="${margin}"/></w:sectPr>`;
const ends = (text: string, section: string): string => `<w:p><w:pPr>${section}</w:pPr>${wordRun(text)}</w:p>`;
const body = (inner: string): string => `${inParagraph(wordRun(prose(1)))}${ends('Before the table.', properties(upright))}${inner}${ends('Turned.', properties(wide))}${inParagraph(wordRun(prose(3)))}${inParagraph(wordRun('Upright again.'))}${properties(upright)}`;

describe('pages of a size of their own', () => {
  test('DOCX: a wide table on pages that lie across, between upright ones; notes stand at their feet and running lines in their margins', async () => {
    const cells = Array.from({ length: 9 }, (_, i) => `<w:tc>${inParagraph(wordRun(`Measurements cell${i}`))}</w:tc>`).join(''), table = `<w:tbl><w:tr>${cells}</w:tr></w:tbl>`, marked = inParagraph(`${wordRun('Marked')}<w:r><w:footnoteReference w:id="2"/></w:r>`);
    const done = await convertFiles([file('a.docx', plantedDocx(body(table + marked).replace('<w:sectPr>', '<w:sectPr><w:footerReference w:type="default" r:id="rId6"/>'), {
      'word/footnotes.xml': wordPart('footnotes', `<w:footnote w:id="2">${inParagraph(wordRun('Levelled twice.'))}</w:footnote>`), 'word/footer1.xml': wordPart('ftr', inParagraph(wordRun('Footing'))),
      'word/_rels/document.xml.rels': '<Relationships xmlns="http://schemas.openxmlformats.org/package/2006/relationships"><Relationship Id="rId6" Type="x/footer" Target="footer1.xml"/></Relationships>',
    }))]), pages = pagesOf(done.bytes);
    whole(done);
    expect(pages.map((p) => p.size)).toEqual(['595x842', '842x595', '595x842']);
    const [, middle] = pages, at = (word: string) => middle!.words.find((w) => w.text === word)!;
    // The table reaches further right than an upright page's text could; the note is in the last lines of the text, the running line below.
    expect(at('cell8').x).toBeGreaterThan(523);
    expect(at('Levelled').y).toBeGreaterThan(480); expect(at('Levelled').y).toBeLessThan(523);
    expect(at('Footing').y).toBeGreaterThan(540); expect(at('Footing').y).toBeLessThan(580);
    expect([pageWith(done.bytes, 'again.'), pages[2]!.words.find((w) => w.text === 'Footing')!.y > 790]).toEqual([2, true]);
    const path = join(mkdtempSync(join(tmpdir(), 'sections-')), 'a.pdf');
    writeFileSync(path, done.bytes);
    expect(execFileSync('pdfinfo', [path], { encoding: 'utf8' })).toMatch(/Tagged:\s+yes/);
  }, 30_000);
  test('a picture wider than an upright page keeps its size on one that lies across, and the first section may be the odd one', async () => {
    const drawing = inParagraph(`<w:r><w:drawing><wp:inline><wp:extent cx="${600 * 12_700}" cy="${200 * 12_700}"/><wp:docPr id="1" name="x"/><a:blip xmlns:a="http://schemas.openxmlformats.org/drawingml/2006/main" r:embed="rId1"/></wp:inline></w:drawing></w:r>`);
    const parts = { 'word/media/a.png': await plainPicture('png', 90, 30), 'word/_rels/document.xml.rels': '<Relationships xmlns="http://schemas.openxmlformats.org/package/2006/relationships"><Relationship Id="rId1" Type="x/image" Target="media/a.png"/></Relationships>' };
    const page = mapDocx(plantedDocx(`${drawing}${ends('Wide.', properties(wide))}${drawing}${inParagraph(wordRun(prose(1)))}${properties(upright)}`, parts));
    expect([page.widthPt, page.body.match(/<pages [^>]*>/g), page.body.match(/width:[\d.]+pt;height:[\d.]+pt/g)]).toEqual([595.3, ['<pages width="841.9" height="595.3" margins="72 72 72 72">'], ['width:600pt;height:200pt', 'width:451.3pt;height:150.43pt']]);
  });
  test('margins of their own count as well; what goes on, and a point more or less, makes no other page', async () => {
    const map = (inner: string) => mapDocx(plantedDocx(`${inner}${inParagraph(wordRun(prose(1)))}${properties(upright)}`)).body;
    expect(map(ends('Narrow.', properties(upright, '', 2880)))).toContain('<pages width="595.3" height="841.9" margins="144 144 144 144">');
    expect(map(ends('Same.', properties([11908, 16840])))).not.toContain('<pages');
    const goesOn = mapDocx(plantedDocx(`${inParagraph(wordRun(prose(1)))}${ends('First.', properties(upright))}${inParagraph(wordRun('Goes on.'))}${properties(upright, '<w:type w:val="continuous"/>', 2880)}`)).body;
    expect([goesOn.includes('<pages'), goesOn.includes('class="break"')]).toEqual([false, false]);
  });
  test('written as DOCX the sections are there again, the last one too', async () => {
    for (const last of ['', '<w:p/>']) {
      const source = plantedDocx(last ? body(inParagraph(wordRun('Middle.'))) : `${inParagraph(wordRun(prose(1)))}${ends('Upright.', properties(upright))}${inParagraph(wordRun('Across.'))}${properties(wide)}`), page = mapDocx(source), made = await convertFiles([file('a.rtf', utf8(rtfOf(last !== '')))], {}, undefined, 'docx');
      whole(made);
      const xml = new Package(made.bytes).text('word/document.xml')!, shapes = [...xml.matchAll(/<w:pgSz w:w="(\d+)"/g)].map((m) => Number(m[1]) > 14_000 ? 'across' : 'upright');
      expect(shapes).toEqual(last ? ['upright', 'across', 'upright'] : ['upright', 'across']);
      expect(xml).not.toContain('continuous');
      expect([mapDocx(made.bytes).body.match(/<pages/g)?.length, page.body.match(/<pages/g)?.length]).toEqual([1, 1]);
      expect(sizes((await convertFiles([file('b.docx', made.bytes)])).bytes)).toEqual(last ? ['595x842', '842x595', '595x842'] : ['595x842', '842x595']);
    }
  }, 30_000);
});

const rtfOf = (back: boolean): string => `{\\rtf1\\ansi\\paperw11906\\paperh16838\\margl1440\\margr1440\\margt1440\\margb1440 \\sectd ${prose(1)}\\par Before.\\par\\sect\\sectd\\lndscpsxn\\pgwsxn16838\\pghsxn11906\\marglsxn720 Across the page.\\par${back ? `\\sect\\sectd ${prose(2)} Again.\\par` : ''}}`;
test('RTF: a section says its own size and margins, the next one has those of the document again', async () => {
  const done = await convertFiles([file('a.rtf', utf8(rtfOf(true)))]), pages = pagesOf(done.bytes);
  whole(done);
  expect(pages.map((p) => p.size)).toEqual(['595x842', '842x595', '595x842']);
  expect([Math.round(pages[1]!.words[0]!.x), Math.round(pages[2]!.words[0]!.x)]).toEqual([36, 72]);
  expect(mapRtf(utf8(rtfOf(true).replaceAll(/\\lndscpsxn\\pgwsxn16838\\pghsxn11906\\marglsxn720/g, ''))).body).not.toContain('<pages');
}, 30_000);

const odtWith = (inner: string): Uint8Array => {
  const ns = ['office', 'text', 'style', 'table'].map((n) => `xmlns:${n}="urn:oasis:names:tc:opendocument:xmlns:${n}:1.0"`).join(' ') + ' xmlns:fo="urn:oasis:names:tc:opendocument:xmlns:xsl-fo-compatible:1.0"';
  const layout = (name: string, w: string, h: string): string => `<style:page-layout style:name="${name}"><style:page-layout-properties fo:page-width="${w}" fo:page-height="${h}" fo:margin="2cm"/></style:page-layout>`, begins = (name: string, master: string, family = 'paragraph'): string => `<style:style style:name="${name}" style:family="${family}" style:master-page-name="${master}"/>`;
  return plantedOdt('', {
    'styles.xml': `<office:document-styles ${ns}><office:automatic-styles>${layout('u', '21cm', '29.7cm')}${layout('a', '29.7cm', '21cm')}</office:automatic-styles><office:master-styles><style:master-page style:name="Standard" style:page-layout-name="u"/><style:master-page style:name="Landscape" style:page-layout-name="a"/></office:master-styles></office:document-styles>`,
    'content.xml': `<office:document-content ${ns}><office:automatic-styles>${begins('P1', 'Landscape')}${begins('P2', 'Standard')}${begins('T1', 'Landscape', 'table')}<style:style style:name="P3" style:family="paragraph"/></office:automatic-styles><office:body><office:text>${inner}</office:text></office:body></office:document-content>`,
  });
};
test('ODT: a paragraph or a table that names another page style begins a page of it', async () => {
  const long = `<text:p text:style-name="P3">${prose(1)}</text:p>`, cell = '<table:table-row><table:table-cell><text:p>inside</text:p></table:table-cell></table:table-row>';
  const done = await convertFiles([file('a.odt', odtWith(`${long}<text:p text:style-name="P1">Across</text:p><text:p>Also</text:p><text:p text:style-name="P2">Back</text:p>${long}`))]);
  whole(done);
  expect([sizes(done.bytes), pageWith(done.bytes, 'Also'), pageWith(done.bytes, 'Back')]).toEqual([['595x842', '842x595', '595x842'], 1, 2]);
  expect(sizes((await convertFiles([file('b.odt', odtWith(`${long}<table:table table:style-name="T1">${cell}</table:table>`))])).bytes)).toEqual(['595x842', '842x595']);
  // All of it on turned pages; one that names the style it has begins a page all the same; inside a cell nothing does.
  expect(mapOdt(odtWith(`<text:p text:style-name="P1">Across</text:p>${long}`))).toMatchObject({ widthPt: 841.89, body: expect.not.stringContaining('<pages') });
  expect(sizes((await convertFiles([file('c.odt', odtWith(`${long}<text:p text:style-name="P2">Next</text:p>`))])).bytes)).toEqual(['595x842', '595x842']);
  expect(mapOdt(odtWith(`${long}<table:table>${cell.replace('<text:p>', '<text:p text:style-name="P1">')}</table:table>`)).body).not.toContain('<pages');
}, 30_000);

describe('joining', () => {
  const part = (html: string, more: Partial<Section> = {}): Section => ({ html, size: a4, columns: 1, gapPt: 0, ruled: false, goesOn: false, lines: 0, ...more }), long = `<p>${'word '.repeat(50)}</p>`;
  test('the size with the most text is the usual one, however many sections share it', () => {
    expect(usualSize([part('<p>one two</p>'), part('<p>one two three</p>', { size: across }), part('<p>three four</p>')])).toBe(a4);
    expect(usualSize([part('<p>one</p>'), part('<p>one two three</p>', { size: across })])).toBe(across);
    // Markup is no text.
    expect(usualSize([part('<p>words enough</p>'), part(`<p style="${'x'.repeat(200)}">a</p>`, { size: across })])).toBe(a4);
    expect(usualSize([])).toBeNull();
  });
  test('neighbours of one size share an element, and begin their pages', () => {
    expect(joinSections([part('<p>a</p>', { size: across }), part('<p>b</p>', { size: across }), part('<p>c</p>', { size: across, goesOn: true, columns: 2, gapPt: 20, ruled: true }), part('', {}), part('<p>d</p>')], a4))
      .toBe(`${pagesOpen(across)}<p>a</p><div class="break"></div><p>b</p><columns count="2" gap="20" rule="1"><p>c</p></columns>${pagesClose}<p>d</p>`);
    expect(joinSections([part('<p>a</p><div class="break"></div>'), part('<p>b</p>')], a4)).toBe('<p>a</p><div class="break"></div><p>b</p>');
  });
  test('a body is split where sizes change; in one flow nothing is lost and each part begins a page', () => {
    const text = `<p>a</p>${pagesOpen(across)}<p>b</p>${pagesClose}<p>c</p>`;
    expect(splitFlows(text, a4).map((f) => [f.body, f.size.widthPt, f.newPage, Math.round(f.width)])).toEqual([['<p>a</p>', 595.28, false, 451], ['<p>b</p>', 841.89, true, 698], ['<p>c</p>', 595.28, true, 451]]);
    const one = '<div class="break"></div>';
    expect([inOneFlow(text), inOneFlow(`${pagesOpen(across)}<p>b</p>${pagesClose}`), inOneFlow(`${pagesOpen(across)}<p>a</p>${pagesClose}${pagesOpen(a4)}<p>b</p>${pagesClose}`)]).toEqual([`<p>a</p>${one}<p>b</p>${one}<p>c</p>`, '<p>b</p>', `<p>a</p>${one}<p>b</p>`]);
  });
  test('pages are counted as they are written: columns, sizes, and notes too long for a page', async () => {
    const note = (text: string): string => `<hr/><div class="note" data-note="1"><p>${text}</p></div>`, marked = '<p>x<sup data-note="1">1</sup></p>';
    for (const [text, told] of [[long, 0], [`<columns count="2" gap="20">${long.repeat(30)}</columns>`, 0], [`${long}${pagesOpen(across)}${long}${pagesClose}`, 0], [`${marked}${long.repeat(20)}${note('Short.')}`, 0], [`${pagesOpen(across)}${marked}${pagesClose}${long}${note('long '.repeat(4000))}`, 1]] as const) {
      const page = { ...emptyPage(), body: text }, pdf = await layOut({ ...page, losses: page.losses }, {});
      expect(await countLaidPages(page)).toBe(sizes(pdf).length);
      expect(page.losses.length).toBe(told);
    }
  }, 30_000);
});
test('a line stands between columns where one is asked for, and only there', async () => {
  const made = async (ruled: boolean): Promise<number> => {
    const bytes = await layOut({ ...emptyPage(), body: `<columns count="2" gap="20"${ruled ? ' rule="1"' : ''}><p>${prose(1)}</p><p>${prose(2)}</p></columns>` }, {}), path = join(mkdtempSync(join(tmpdir(), 'sections-')), 'a.pdf');
    writeFileSync(path, bytes);
    // Darkness of the strip in the middle of the page, where the text's height is.
    const pgm = execFileSync('pdftoppm', ['-r', '144', '-gray', '-x', '590', '-y', '160', '-W', '11', '-H', '60', path], { encoding: 'latin1' });
    return [...pgm.slice(-660)].filter((c) => c.charCodeAt(0) < 200).length;
  };
  expect([(await made(false)), (await made(true)) > 50]).toEqual([0, true]);
  expect(mapDocx(plantedDocx(`${inParagraph(wordRun('x'))}<w:sectPr><w:cols w:num="2" w:sep="1" w:space="400"/></w:sectPr>`)).body).toContain('<columns count="2" gap="20" rule="1">');
  expect(mapRtf(utf8('{\\rtf1\\ansi \\sectd\\cols2\\linebetcol Two\\par}')).body).toContain('rule="1"');
});

test('an old binary file: columns with a line between them, a page that lies across, an upright one again', async () => {
  // Written by LibreOffice 7.4 from a made-up text: a title, six paragraphs in two columns 30 points apart, a line below them, a section across with a left margin of half an inch, an upright one.
  const bytes = new Uint8Array(readFileSync('core/testing/old-word-sections.doc')), page = mapDoc(bytes), done = await convertFiles([file('a.doc', bytes)]), pages = pagesOf(done.bytes);
  whole(done);
  expect([page.losses, page.body.match(/<(?:columns|pages)[^>]*>/g)]).toEqual([[], ['<columns count="2" gap="30" rule="1">', '<pages width="841.9" height="595.3" margins="72 72 72 36">']]);
  expect(pages.map((p) => p.size)).toEqual(['595x842', '842x595', '595x842']);
  const starts = pages[0]!.words.filter((w) => w.text === 'Paragraph');
  expect([starts.length, new Set(starts.map((w) => Math.round(w.x))).size, Math.round(pages[1]!.words[0]!.x)]).toEqual([6, 2, 36]);
  // Hard negative: the files without sections of their own have neither.
  for (const plain of ['old-word.doc', 'old-word-looks.doc']) expect(mapDoc(new Uint8Array(readFileSync(`core/testing/${plain}`))).body).not.toMatch(/<(?:columns|pages) /);
});

describe('running lines and page numbers of sections', () => {
  /** What stands in the margins of each page: head | foot. */
  const margins = (bytes: Uint8Array): string[] => pagesOf(bytes).map(({ size, words }) => { const height = Number(size.split('x')[1]), of = (inside: (y: number) => boolean): string => words.filter((w) => inside(w.y)).map((w) => w.text).join(' '); return `${of((y) => y < 60)}|${of((y) => y > height - 62)}`; });
  const relations = (names: string[]): string => `<Relationships xmlns="http://schemas.openxmlformats.org/package/2006/relationships">${names.map((n) => `<Relationship Id="${n}" Type="x/${n.slice(0, 6)}" Target="${n}.xml"/>`).join('')}</Relationships>`;
  const field = (name: string): string => `<w:r><w:fldChar w:fldCharType="begin"/></w:r><w:r><w:instrText> ${name} </w:instrText></w:r><w:r><w:fldChar w:fldCharType="end"/></w:r>`;
  const part = (kind: 'header' | 'footer', inner: string): string => wordPart(kind === 'header' ? 'hdr' : 'ftr', inParagraph(inner)), ref = (kind: string, type: string, id: string): string => `<w:${kind}Reference w:type="${type}" r:id="${id}"/>`;
  const docx = (inner: string, settings = ''): Uint8Array => plantedDocx(inner, {
    'word/header1.xml': part('header', wordRun('Front')), 'word/header2.xml': part('header', wordRun('Body')), 'word/header3.xml': part('header', wordRun('Left')), 'word/footer1.xml': part('footer', field('PAGE')), 'word/footer2.xml': part('footer', wordRun('Opening')),
    'word/_rels/document.xml.rels': relations(['header1', 'header2', 'header3', 'footer1', 'footer2']), ...(settings ? { 'word/settings.xml': wordPart('settings', settings) } : {}),
  });
  const turn = '<w:r><w:br w:type="page"/></w:r>', two = (a: string, b: string): string => inParagraph(`${wordRun(a)}${turn}${wordRun(b)}`), number = (attributes: string): string => `<w:pgNumType ${attributes}/>`, end = (inner: string): string => `<w:p><w:pPr><w:sectPr>${inner}</w:sectPr></w:pPr></w:p>`;
  // Front matter in Roman numbers without one on its first page, then the text from 1 with another head and the same foot.
  const front = (settings = '') => docx(`${two('Abstract', 'Contents')}${inParagraph(turn)}${end(`${ref('header', 'default', 'header1')}${ref('footer', 'default', 'footer1')}${ref('footer', 'first', 'footer2')}${number('w:fmt="lowerRoman"')}<w:titlePg/>`)}${two('Introduction', 'Methods')}${inParagraph(turn)}<w:sectPr>${ref('header', 'default', 'header2')}${settings ? ref('header', 'even', 'header3') : ''}${number('w:start="1"')}</w:sectPr>`, settings);
  test('DOCX: Roman numbers before the text, figures from 1 in it; what a section does not say is as before', async () => {
    const done = await convertFiles([file('a.docx', front())]);
    whole(done);
    expect(margins(done.bytes)).toEqual(['|Opening', 'Front|ii', 'Front|iii', 'Body|1', 'Body|2', 'Body|3']);
    expect(done.losses).toEqual([]);
  }, 30_000);
  test('even pages have their own where the settings say so, and not where they do not', async () => {
    expect(margins((await convertFiles([file('a.docx', front('<w:evenAndOddHeaders/>'))])).bytes)).toEqual(['|Opening', '|', 'Front|iii', 'Body|1', 'Left|', 'Body|3']);
    expect(margins((await convertFiles([file('a.docx', front('<w:evenAndOddHeaders w:val="false"/>'))])).bytes).slice(3)).toEqual(['Body|1', 'Body|2', 'Body|3']);
  }, 30_000);
  test('notes at the end stand on pages of the last section; a section that goes on takes the lines of its page, and that is told', async () => {
    const noted = docx(`${inParagraph(`${wordRun('Marked')}<w:r><w:endnoteReference w:id="2"/></w:r>`)}${end(`${ref('header', 'default', 'header1')}`)}${inParagraph(wordRun('Later'))}<w:sectPr>${ref('header', 'default', 'header2')}</w:sectPr>`), page = mapDocx(noted);
    expect([page.head, page.laterLines.map((l) => l.head), page.body.includes('lines="1"')]).toEqual(['Front', ['Body'], true]);
    const shares = mapDocx(docx(`${inParagraph(wordRun('One'))}${end(ref('header', 'default', 'header1'))}${inParagraph(wordRun('Two'))}<w:sectPr><w:type w:val="continuous"/>${ref('header', 'default', 'header2')}</w:sectPr>`));
    expect([shares.head, shares.laterLines, shares.losses]).toEqual(['Front', [], ['running lines of a section that begins within a page are left out']]);
    expect(mapDocx(docx(`${inParagraph(wordRun('One'))}${end(ref('header', 'default', 'header1'))}${inParagraph(wordRun('Two'))}<w:sectPr><w:type w:val="continuous"/></w:sectPr>`)).losses).toEqual([]);
    const done = await convertFiles([file('a.docx', new Uint8Array(noted))]);
    expect(margins(done.bytes)).toEqual(['Front|', 'Body|']);
  }, 30_000);
  test('RTF and ODT say the same in their own ways, and DOCX written from them does again', async () => {
    const rtf = utf8(`{\\rtf1\\ansi\\paperw11906\\paperh16838\\margl1440\\margr1440\\margt1440\\margb1440 \\sectd\\pgnlcrm\\titlepg{\\header Front\\par}{\\footer {\\field{\\*\\fldinst PAGE}{\\fldrslt 1}}\\par}{\\footerf Opening\\par} Abstract\\page Contents\\par\\sect\\sectd\\pgnrestart{\\header Body\\par} Introduction\\page Methods\\par}`);
    const ns = ['office', 'text', 'style'].map((n) => `xmlns:${n}="urn:oasis:names:tc:opendocument:xmlns:${n}:1.0"`).join(' ') + ' xmlns:fo="urn:oasis:names:tc:opendocument:xmlns:xsl-fo-compatible:1.0"', p = (text: string): string => `<text:p>${text}</text:p>`, numbered = '<text:page-number>1</text:page-number>';
    const layout = (name: string, format: string): string => `<style:page-layout style:name="${name}"><style:page-layout-properties fo:page-width="21cm" fo:page-height="29.7cm" fo:margin="2.54cm" style:num-format="${format}"/></style:page-layout>`, lines = (head: string, foot: string): string => `${head ? `<style:header>${p(head)}</style:header>` : ''}<style:footer>${p(foot)}</style:footer>`;
    const style = (name: string, inner: string, attributes = ''): string => `<style:style style:name="${name}" style:family="paragraph" ${attributes}><style:paragraph-properties ${inner}/></style:style>`;
    const odt = plantedOdt('', {
      'styles.xml': `<office:document-styles ${ns}><office:automatic-styles>${layout('r', 'i')}${layout('f', '1')}</office:automatic-styles><office:master-styles><style:master-page style:name="Opening" style:page-layout-name="r" style:next-style-name="Front">${lines('', 'Opening')}</style:master-page><style:master-page style:name="Front" style:page-layout-name="r">${lines('Front', numbered)}</style:master-page><style:master-page style:name="Standard" style:page-layout-name="f">${lines('Body', numbered)}</style:master-page></office:master-styles></office:document-styles>`,
      'content.xml': `<office:document-content ${ns}><office:automatic-styles>${style('P1', '', 'style:master-page-name="Opening"')}${style('P2', 'style:page-number="1"', 'style:master-page-name="Standard"')}${style('P3', 'fo:break-before="page"')}</office:automatic-styles><office:body><office:text><text:p text:style-name="P1">Abstract</text:p><text:p text:style-name="P3">Contents</text:p><text:p text:style-name="P2">Introduction</text:p><text:p text:style-name="P3">Methods</text:p></office:text></office:body></office:document-content>`,
    });
    for (const source of [file('a.rtf', rtf), file('a.odt', odt)]) {
      const pdf = await convertFiles([source]), made = await convertFiles([source], {}, undefined, 'docx'), again = await convertFiles([file('b.docx', made.bytes)]);
      whole(pdf); whole(made);
      expect([margins(pdf.bytes), margins(again.bytes)]).toEqual([['|Opening', 'Front|ii', 'Body|1', 'Body|2'], ['|Opening', 'Front|ii', 'Body|1', 'Body|2']]);
    }
  }, 60_000);
  test('whatever sections say, lines are gathered without a repeat, and each page gets those of its number', () => {
    const base = noLines(), roman = { ...base, head: 'a', numberFormat: 'lowerRoman' as const };
    expect(gatherLines([roman, { ...roman }, { ...roman, numberFrom: 1 }, { ...roman, numberFrom: null }, base])).toEqual({ first: roman, later: [{ ...roman, numberFrom: 1 }, base], of: [0, 0, 1, 1, 2] });
    expect(gatherLines([{ ...roman, numberFrom: 5 }, roman]).of).toEqual([0, 0]);
    expect(gatherLines([]).first).toEqual(base);
    const odd = { ...base, head: 'h\u0001', foot: '\u0001/\u0002', firstPageDiffers: true, firstHead: 'first', evenPagesDiffer: true, evenFoot: 'even \u0001' };
    const said = (...on: Parameters<typeof linesOn>): { head: string; foot: string } => { const { head, foot } = linesOn(...on); return { head: head.line, foot: foot.line }; };
    expect([said(odd, 1, 9, true), said(odd, 2, 9, false), said(odd, 3, 9, false), said({ ...odd, firstPageDiffers: false }, 2, 9, true)]).toEqual([{ head: 'first', foot: '' }, { head: '', foot: 'even 2' }, { head: 'h3', foot: '3/9' }, { head: '', foot: 'even 2' }]);
    expect(linesOn({ ...base, foot: '\u0001 of \u0002', numberFormat: 'upperRoman' }, 4, 12, false).foot.line).toBe('IV of 12');
  });
});
test('several files in one DOCX: each keeps its pages, its running lines and its notes', async () => {
  const one = file('a.rtf', utf8('{\\rtf1\\ansi\\paperw11906\\paperh16838 {\\header First file\\par} One{\\footnote Note one.}\\par}')), two = file('b.rtf', utf8(rtfOf(true).replace('\\sectd ', '\\sectd{\\header Second file\\par} ').replace('Again.', 'Again{\\footnote Note two.}.'))), three = file('c.txt', utf8('Three.'));
  const made = await convertFiles([one, two, three], {}, undefined, 'docx'), pdf = await convertFiles([file('x.docx', made.bytes)]), pages = pagesOf(pdf.bytes);
  whole(made); whole(pdf);
  expect(pages.map((p) => p.size)).toEqual(['595x842', '595x842', '842x595', '595x842', '595x842']);
  expect(pages.map((p) => p.words.filter((w) => w.y < 60).map((w) => w.text).join(' '))).toEqual(['First file', 'Second file', 'Second file', 'Second file', '']);
  expect([pageWith(pdf.bytes, 'One'), pageWith(pdf.bytes, 'one.'), pageWith(pdf.bytes, 'two.'), pageWith(pdf.bytes, 'Three.')]).toEqual([0, 0, 3, 4]);
  // Hard negative: files that are alike are parted by a page break and nothing else.
  const plain = await convertFiles([file('a.txt', utf8('One.')), three], {}, undefined, 'docx');
  expect(new Package(plain.bytes).text('word/document.xml')!.match(/<w:sectPr>/g)).toHaveLength(1);
}, 30_000);
