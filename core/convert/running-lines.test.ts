import { expect, test } from '@jest/globals';
import { readFileSync } from 'node:fs';
import { provideFaces } from '../engines/faces.ts';
import { withPage, withPdf } from '../engines/pdf.ts';
import { readDocument } from '../readers/index.ts';
import { readRunningLines } from './odt/running-lines.ts';
import { inParagraph, plainPicture, plantedDocx, plantedOdt, wordPart } from '../testing/plant.ts';
import { convertFiles } from '../verbs/convert.ts';
import { layOut } from './layout.ts';
import { emptyPage } from './page-description.ts';
import { oneLine, piecesOf, placedLine } from './running-lines.ts';

provideFaces(async (file) => new Uint8Array(readFileSync(`node_modules/${file.startsWith('DejaVu') ? 'dejavu-fonts-ttf/ttf/' : ''}${file}`)));
test.each([
  ['plain', 'Silt', 'left', [], ['Silt', '', '']],
  ['three pieces', 'Silt\tSand\tClay', 'left', ['centre', 'right'], ['Silt', 'Sand', 'Clay']],
  ['nothing at the left', '\tSand', 'left', ['centre', 'right'], ['', 'Sand', '']],
  ['more tabs than stops', 'Silt\tSand\tClay\tPeat', 'left', ['centre', 'right'], ['Silt', 'Sand', 'Clay   Peat']],
  ['a centred line keeps together', 'Silt\tSand', 'centre', ['right'], ['', 'Silt   Sand', '']],
  ['a stop goes never back', 'a\tb\tc', 'left', ['right', 'left'], ['a', '', 'b   c']],
] as const)('a line at its places: %s', (_, text, align, stops, pieces) => { expect(piecesOf(placedLine(text, align, stops))).toEqual(pieces); });
test('several lines stand side by side at each place', () => { expect(oneLine(['Silt\t\tClay', 'Peat', '\tSand'])).toBe('Silt   Peat\tSand\tClay'); expect(oneLine([])).toBe(''); });

// ODF 1.2-1, 20.216 (fo:text-align), 17.8 (style:tab-stop); a style without stops of its own has those of its parent (16.2).
test('OpenDocument: alignment and stops, also those of a parent style', () => {
  const lines = readRunningLines(`<d xmlns:style="s" xmlns:text="t" xmlns:fo="f"><style:style style:name="Header" style:family="paragraph"><style:paragraph-properties><style:tab-stops><style:tab-stop style:position="17cm" style:type="right"/><style:tab-stop style:position="8.5cm" style:type="center"/></style:tab-stops></style:paragraph-properties></style:style><style:style style:name="MP1" style:family="paragraph" style:parent-style-name="Header"/><style:style style:name="MP2" style:family="paragraph"><style:paragraph-properties fo:text-align="end"/></style:style>
    <style:master-page style:name="Standard" style:page-layout-name="x"><style:header><text:p text:style-name="MP1">Silt<text:tab/>Sand<text:tab/>Clay</text:p></style:header><style:footer><text:p text:style-name="MP2">Page <text:page-number>7</text:page-number></text:p></style:footer></style:master-page></d>`)('');
  expect([lines.head, lines.foot]).toEqual(['Silt\tSand\tClay', '\t\tPage \u0001']);
});

test('on the page each piece stands where it belongs: from the left margin, about the middle, up to the right margin', async () => {
  const page = { ...emptyPage(), body: '<p>Text</p>', head: 'Silt\tSand\tClay', foot: '\t\t\u0001 of \u0002' }, bytes = await layOut(page, {});
  const words = await withPdf(bytes, (pdf) => withPage(pdf, 0, (p) => { const text = p.toStructuredText('preserve-whitespace'), found: Record<string, [number, number]> = {}; try { for (const b of (JSON.parse(text.asJSON()) as { blocks: { lines?: { text: string; bbox: { x: number; w: number } }[] }[] }).blocks) for (const l of b.lines ?? []) found[l.text.trim()] = [l.bbox.x, l.bbox.x + l.bbox.w]; return found; } finally { text.destroy(); } }));
  const [, right, , left] = page.marginsPt, middle = (left + page.widthPt - right) / 2;
  // The engine tells boxes in whole points.
  const off = [words.Silt![0] - left, (words.Sand![0] + words.Sand![1]) / 2 - middle, words.Clay![1] - (page.widthPt - right), words['1 of 1']![1] - (page.widthPt - right)];
  expect(Math.max(...off.map(Math.abs))).toBeLessThan(2);
});

test('a running line in letters that the serif lacks is set like the text, joined and in order, and its words can be read', async () => {
  const page = { ...emptyPage(), body: '<p>One</p><div class="break"></div><p>Two</p>', head: '沿岸过程\t\t第\u0001页', foot: 'عمليات ساحلية' }, bytes = await layOut(page, {}), { passages } = await readDocument(bytes, 'a.pdf');
  const text = passages.ok ? passages.value.map((p) => p.text).join('\n') : '';
  for (const words of ['沿岸过程', '第1页', '第2页', 'عمليات ساحلية']) expect(text).toContain(words);
});

// ISO 32000-1, 9.6.2.2 (the standard faces); what the engine tells of each letter is what the page says.
test('a running line is set as it says, and otherwise as the text; one too long for its margins is set smaller', async () => {
  const long = 'A very long line about silt, sand, clay and peat that would run over the margin of a page if it were set as large as the text itself is set';
  const page = { ...emptyPage(), baseFont: 'sans-serif' as const, baseSizePt: 11, body: '<p>Text</p>', head: 'Silt\t\tClay', foot: long, looks: { head: { sizePt: 8, font: 'Georgia', bold: false, italic: true, colour: '336699' } } };
  const letters = await withPdf(await layOut(page, {}), (pdf) => withPage(pdf, 0, (p) => {
    const found: { char: string; face: string; size: number; colour: number[]; x: number }[] = [], text = p.toStructuredText('preserve-whitespace');
    try { text.walk({ onChar: (char: string, _origin: unknown, font: { getName(): string }, size: number, quad: number[], colour: number[]) => { found.push({ char, face: font.getName(), size, colour, x: quad[2]! }); } } as never); } finally { text.destroy(); }
    return found;
  }));
  const head = letters.find((l) => l.char === 'S')!, foot = letters.filter((l) => l.size < 11 && l !== head && !/Italic/.test(l.face));
  expect([head.face.replace(/^.*\+/, ''), head.size, head.colour.map((c) => Math.round(c * 255))]).toEqual([expect.stringMatching(/Italic/), 8, [0x33, 0x66, 0x99]]);
  expect(foot.map((l) => l.char).join('').trim()).toContain('silt, sand');
  expect([new Set(foot.map((l) => /Sans|Helvetica/.test(l.face))), Math.max(...foot.map((l) => l.x)) <= page.widthPt - page.marginsPt[1] + 1]).toEqual([new Set([true]), true]);
});
test.each([
  ['docx', () => plantedDocx(`<w:sectPr xmlns:r="http://schemas.openxmlformats.org/officeDocument/2006/relationships"><w:headerReference w:type="default" r:id="rId9"/></w:sectPr>`, { 'word/header1.xml': wordPart('hdr', inParagraph('<w:r><w:rPr><w:rFonts w:ascii="Courier New"/><w:b/><w:sz w:val="16"/></w:rPr><w:t>Silt</w:t></w:r>')), 'word/_rels/document.xml.rels': '<Relationships xmlns="http://schemas.openxmlformats.org/package/2006/relationships"><Relationship Id="rId9" Type="http://schemas.openxmlformats.org/officeDocument/2006/relationships/header" Target="header1.xml"/></Relationships>' }), 'a.docx'],
  ['rtf', () => new TextEncoder().encode(String.raw`{\rtf1\ansi{\fonttbl{\f0 Times New Roman;}{\f1 Courier New;}}{\header\pard\f1\b\fs16 Silt\par}\f0\fs24 Text of the paper.\par}`), 'a.rtf'],
] as const)('%s: the first letters say how a line is set', async (_, make, name) => {
  const { bytes } = await convertFiles([{ name, path: name, bytes: await make() }]);
  const head = await withPdf(bytes, (pdf) => withPage(pdf, 0, (p) => {
    const found: [string, number][] = [], text = p.toStructuredText('preserve-whitespace');
    try { text.walk({ onChar: (char: string, _origin: unknown, font: { getName(): string }, size: number) => { if (char === 'l' && size === 8) found.push([font.getName().replace(/^.*\+/, ''), size]); } } as never); } finally { text.destroy(); }
    return found[0];
  }));
  expect(head).toEqual([expect.stringMatching(/(?:Mono|Courier).*Bold/), 8]);
});

test('a picture in a head and one in a foot are on every page, each once in the file, within the margins, and counted once', async () => {
  const picture = await plainPicture('png');
  const drawing = (align: string): string => inParagraph(`${align ? `<w:pPr><w:jc w:val="${align}"/></w:pPr>` : ''}<w:r><w:drawing><wp:inline xmlns:a="http://schemas.openxmlformats.org/drawingml/2006/main" xmlns:pic="http://schemas.openxmlformats.org/drawingml/2006/picture"><wp:extent cx="1270000" cy="1905000"/><a:graphic><a:graphicData><pic:pic><pic:blipFill><a:blip r:embed="rId1"/></pic:blipFill></pic:pic></a:graphicData></a:graphic></wp:inline></w:drawing></w:r>`);
  const own = '<Relationships xmlns="http://schemas.openxmlformats.org/package/2006/relationships"><Relationship Id="rId1" Type="http://schemas.openxmlformats.org/officeDocument/2006/relationships/image" Target="media/image1.png"/></Relationships>', rel = (id: string, kind: string): string => `<Relationship Id="${id}" Type="http://schemas.openxmlformats.org/officeDocument/2006/relationships/${kind}" Target="${kind}1.xml"/>`;
  const docx = plantedDocx(`${inParagraph('<w:r><w:br w:type="page"/></w:r>')}${inParagraph('<w:r><w:t>Second page</w:t></w:r>')}<w:sectPr><w:headerReference w:type="default" r:id="rId8"/><w:footerReference w:type="default" r:id="rId9"/></w:sectPr>`, {
    'word/header1.xml': wordPart('hdr', drawing('')), 'word/footer1.xml': wordPart('ftr', drawing('right')), 'word/media/image1.png': picture, 'word/_rels/header1.xml.rels': own, 'word/_rels/footer1.xml.rels': own,
    'word/_rels/document.xml.rels': `<Relationships xmlns="http://schemas.openxmlformats.org/package/2006/relationships">${rel('rId8', 'header')}${rel('rId9', 'footer')}</Relationships>`,
  });
  const done = await convertFiles([{ name: 'a.docx', path: 'a.docx', bytes: docx }]);
  expect([done.pages, done.proof.images]).toEqual([2, { before: 2, after: 2 }]);
  const boxes = await withPdf(done.bytes, (pdf, mupdf) => [0, 1].map((i) => withPage(pdf, i, (page) => {
    const found: number[][] = [], device = new mupdf.Device({ fillImage: (_: unknown, m: number[]) => { found.push([m[4]!, m[5]!, m[4]! + m[0]!, m[5]! + m[3]!].map(Math.round)); } } as never);
    page.run(device, mupdf.Matrix.identity); device.destroy();
    return found;
  })));
  expect(boxes[0]).toEqual(boxes[1]);
  const [head, foot] = boxes[0]!.sort((a, b) => Math.min(a[1]!, a[3]!) - Math.min(b[1]!, b[3]!)) as [number[], number[]];
  // Drawn no higher than the margin, at the left margin and at the right one.
  expect([Math.max(head[1]!, head[3]!) <= 72, Math.min(foot[1]!, foot[3]!) >= 842 - 72, head[0], foot[2]]).toEqual([true, true, 72, 523]);
});

test('OpenDocument: a picture in a head is on every page', async () => {
  const odt = plantedOdt('<text:p>More</text:p>', { 'Pictures/a.png': await plainPicture('png'), 'styles.xml': '<office:document-styles NS><office:automatic-styles><style:style style:name="R" style:family="paragraph"><style:paragraph-properties xmlns:fo="urn:oasis:names:tc:opendocument:xmlns:xsl-fo-compatible:1.0" fo:text-align="end"/></style:style></office:automatic-styles><office:master-styles><style:master-page style:name="Standard" style:page-layout-name="x"><style:header><text:p text:style-name="R"><draw:frame svg:width="3cm" svg:height="1cm"><draw:image xlink:href="Pictures/a.png"/></draw:frame></text:p></style:header></style:master-page></office:master-styles></office:document-styles>' });
  const done = await convertFiles([{ name: 'a.odt', path: 'a.odt', bytes: odt }]);
  expect(done.proof.images).toEqual({ before: 1, after: 1 });
  const right = await withPdf(done.bytes, (pdf, mupdf) => withPage(pdf, 0, (page) => {
    let edge = 0;
    const device = new mupdf.Device({ fillImage: (_: unknown, m: number[]) => { edge = m[4]! + m[0]!; } } as never);
    page.run(device, mupdf.Matrix.identity); device.destroy();
    return edge;
  }));
  expect(Math.round(right)).toBe(523);
});
