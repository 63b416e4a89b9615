import { beforeAll, describe, expect, test } from '@jest/globals';
import { Package, packZip } from '../../engines/zip.ts';
import { inParagraph, plainPicture, plantedDocx, wordPart, wordRun } from '../../testing/plant.ts';
import { mapDocx } from './map.ts';

/** Elements and properties by what they do. Source: ECMA-376-1, 17.3 (paragraphs and runs), 17.4 (tables), 17.6 (sections), 17.7 (styles), 17.11 (notes), 17.13 (changes), 17.16 (fields), 20.4 (pictures), 22.1 (equations); the texts are made up. */
const opening = '<p style="margin:0pt 0pt 0pt 0pt">Sediment budgets of a realigned saltmarsh. Each flood tide carries silt and clay over its surface.</p>';
const map = (inner: string, parts: Record<string, string | Uint8Array> = {}) => { const page = mapDocx(plantedDocx(inner, parts)); return { ...page, body: page.body.replace(/^<p style="[^"]*">Sediment budgets[^<]*<\/p>/, '') }; };
const run = (text: string, properties = ''): string => `<w:r>${properties ? `<w:rPr>${properties}</w:rPr>` : ''}<w:t xml:space="preserve">${text}</w:t></w:r>`, p = (inner: string, properties = ''): string => `<w:p>${properties ? `<w:pPr>${properties}</w:pPr>` : ''}${inner}</w:p>`;
const words = (html: string): string => html.replace(/<br\/>/g, '|').replace(/<[^>]+>/g, '').replace(/&#8195;/g, '\t').replace(/&#8194;/g, ' ');
const relations = (rows: string): string => `<Relationships xmlns="http://schemas.openxmlformats.org/package/2006/relationships">${rows}</Relationships>`, relation = (id: string, to: string, external = false): string => `<Relationship Id="${id}" Type="x/any" Target="${to}"${external ? ' TargetMode="External"' : ''}/>`;
const style = (id: string, inner: string, more = ''): string => `<w:style w:type="paragraph" w:styleId="${id}"${more}><w:name w:val="${id}"/>${inner}</w:style>`;
let png: Uint8Array;
beforeAll(async () => { png = await plainPicture('png'); expect(mapDocx(plantedDocx()).body).toBe(opening); });

describe('letters', () => {
  test.each<[string, string, string]>([
    ['what stands over a word', p('<w:r><w:t>a</w:t></w:r><w:r><w:ruby><w:rt><w:r><w:t>c</w:t></w:r></w:rt><w:rubyBase><w:r><w:t>b</w:t></w:r></w:rubyBase></w:ruby></w:r>'), 'ab (c)'],
    ['a tab, a line break, a hyphen that holds', p('<w:r><w:t>a</w:t><w:tab/><w:t>b</w:t><w:br/><w:t>c</w:t><w:noBreakHyphen/><w:t>d</w:t></w:r>'), 'a\tb|c‑d'],
    ['what HTML would take for its own', p(run('a &lt; b &amp; c')), 'a &lt; b &amp; c'],
    ['signs of the symbol font', p('<w:r><w:sym w:font="Symbol" w:char="F061"/><w:sym w:font="Symbol" w:char="F0B1"/></w:r>'), 'α±'],
    ['capitals, and signs that stay what they are', p(run('silt &amp; clay', '<w:caps/>')), 'SILT &amp; CLAY'],
    ['insertions count, deletions do not', p(`<w:ins w:id="1">${run('kept')}</w:ins><w:del w:id="2"><w:r><w:delText>gone</w:delText></w:r></w:del>`), 'kept'],
    ['what was moved stands once, where it is now', p(`<w:moveFrom w:id="1">${run('moved')}</w:moveFrom>${run('x ')}<w:moveTo w:id="2">${run('moved')}</w:moveTo>`), 'x moved'],
    ['a field shows its result and not its instruction', p(`<w:r><w:fldChar w:fldCharType="begin"/></w:r><w:r><w:instrText> REF silt </w:instrText></w:r><w:r><w:fldChar w:fldCharType="separate"/></w:r>${run('Table 2')}<w:r><w:fldChar w:fldCharType="end"/></w:r>`), 'Table 2'],
    ['a field without a result shows nothing', p(`a<w:r><w:fldChar w:fldCharType="begin"/></w:r><w:r><w:instrText> XE "silt" </w:instrText></w:r><w:r><w:fldChar w:fldCharType="end"/></w:r>${run('b')}`), 'b'],
    ['one of two forms of the same drawing', p(`<w:r><mc:AlternateContent xmlns:mc="http://schemas.openxmlformats.org/markup-compatibility/2006"><mc:Choice Requires="wps"><w:t>once</w:t></mc:Choice><mc:Fallback><w:t>once</w:t></mc:Fallback></mc:AlternateContent></w:r>`), 'once'],
    ['text in a box stands behind the paragraph that holds it', p(`${run('outside')}<w:r><w:pict><v:textbox xmlns:v="urn:schemas-microsoft-com:vml"><w:txbxContent>${p(run('inside'))}</w:txbxContent></v:textbox></w:pict></w:r>`), 'outsideinside'],
    ['a large first letter belongs to its word', `${p(run('T'), '<w:framePr w:dropCap="drop"/>')}${p(run('he tide'))}`, 'The tide'],
  ])('%s', (_, inner, expected) => { expect(words(map(inner).body)).toBe(expected); });
  test('what is left out is told', () => {
    expect(map(p(run('unseen', '<w:vanish/>'))).losses).toEqual(['hidden text is left out']);
    expect(map(p('<w:del w:id="2"><w:r><w:delText>gone</w:delText></w:r></w:del>')).losses).toEqual(['tracked deletions are left out']);
    expect(map(p('<w:r><w:commentReference w:id="0"/></w:r>')).losses).toEqual(['comments are left out']);
    expect(map(p(run('plain'))).losses).toEqual([]);
  });
});

describe('looks of letters', () => {
  test.each<[string, string, RegExp]>([
    ['bold', '<w:b/>', /<b>a<\/b>/], ['italic', '<w:i/>', /<i>a<\/i>/], ['underlined', '<w:u w:val="single"/>', /<u>a<\/u>/], ['struck through twice', '<w:dstrike/>', /<s>a<\/s>/],
    ['raised', '<w:vertAlign w:val="superscript"/>', /<sup>a<\/sup>/], ['lowered', '<w:vertAlign w:val="subscript"/>', /<sub>a<\/sub>/],
    ['a colour', '<w:color w:val="9A3A2A"/>', /color:#9A3A2A">a/], ['a size in half points', '<w:sz w:val="36"/>', /font-size:18pt">a/], ['another face', '<w:rFonts w:ascii="Arial"/>', /font-family:sans-serif">a/],
  ])('%s', (_, properties, expected) => { expect(map(p(`${run('x')}${run('a', properties)}`)).body).toMatch(expected); });
  test.each(['<w:b w:val="0"/>', '<w:u w:val="none"/>', '<w:color w:val="auto"/>', '<w:vertAlign w:val="baseline"/>', '<w:i w:val="false"/>'])('%s is nothing', (properties) => { expect(map(p(run('a', properties))).body).toMatch(/^<p[^>]*>a<\/p>$/); });
  test('a style’s bold and italics are taken back by a run that says so', () => {
    const styles = wordPart('styles', style('Loud', '<w:rPr><w:b/><w:i/></w:rPr>')), html = map(p(`${run('loud')}${run('plain', '<w:b w:val="0"/><w:i w:val="0"/>')}`, '<w:pStyle w:val="Loud"/>'), { 'word/styles.xml': styles }).body;
    expect(html).toMatch(/^<p style="[^"]*font-weight:bold;font-style:italic[^"]*">loud<span style="font-weight:normal;font-style:normal">plain<\/span><\/p>$/);
  });
  test('a character style is looked up', () => {
    const styles = wordPart('styles', '<w:style w:type="character" w:styleId="Strong"><w:name w:val="Strong"/><w:rPr><w:b/></w:rPr></w:style>');
    expect(map(p(run('a', '<w:rStyle w:val="Strong"/>')), { 'word/styles.xml': styles }).body).toContain('<b>a</b>');
  });
});

test('a face that is named by the theme', () => {
  const theme = '<a:theme xmlns:a="a"><a:fontScheme><a:majorFont><a:latin typeface="Calibri Light"/></a:majorFont><a:minorFont><a:latin typeface="Calibri"/></a:minorFont></a:fontScheme></a:theme>', styles = wordPart('styles', '<w:docDefaults><w:rPrDefault><w:rPr><w:rFonts w:asciiTheme="minorHAnsi" w:hAnsiTheme="minorHAnsi"/></w:rPr></w:rPrDefault></w:docDefaults>');
  const page = map(p(run('a')), { 'word/styles.xml': styles, 'word/theme/theme1.xml': theme });
  expect([page.baseFont, page.substituted.map((s) => s.asked)]).toEqual(['sans-serif', ['Calibri']]);
  expect(map(p(run('a')), { 'word/styles.xml': styles }).baseFont).toBe('serif');
});
describe('paragraphs', () => {
  test.each<[string, string, RegExp]>([
    ['centred', '<w:jc w:val="center"/>', /text-align:center/], ['justified', '<w:jc w:val="both"/>', /text-align:justify/], ['at the end of the line', '<w:jc w:val="end"/>', /text-align:right/],
    ['space and indents', '<w:spacing w:before="240" w:after="120"/><w:ind w:left="720" w:right="360" w:hanging="360"/>', /margin:12pt 18pt 6pt 36pt;text-indent:-18pt/], ['a first line', '<w:ind w:firstLine="284"/>', /text-indent:14\.2pt/],
    ['double spacing', '<w:spacing w:line="480"/>', /line-height:2\.3/], ['lines that are so many points apart', '<w:spacing w:line="480" w:lineRule="exact"/>', /line-height:24pt/], ['at least so many, where the letters need more', '<w:spacing w:line="160" w:lineRule="atLeast"/>', /line-height:1[23](?:\.\d+)?pt/], ['a page of its own', '<w:pageBreakBefore/>', /<div class="break"><\/div><p/], ['kept with the next', '<w:keepNext/>', /page-break-after:avoid/], ['from right to left', '<w:bidi/>', /<p [^>]*dir="rtl"/], ['there right means the end of the line, and the indent stands at its beginning', '<w:bidi/><w:ind w:left="360"/><w:jc w:val="right"/>', /margin:\S+ 18pt \S+ 0pt;text-align:left" dir="rtl"/], ['an outline level', '<w:outlineLvl w:val="2"/>', /<h3/],
  ])('%s', (_, properties, expected) => { expect(map(p(run('a'), properties)).body).toMatch(expected); });
  test('a chain of styles: the nearest word holds; a heading is one by its style’s name', () => {
    const styles = wordPart('styles', `${style('Base', '<w:pPr><w:jc w:val="center"/><w:spacing w:before="100"/></w:pPr>')}${style('Near', '<w:basedOn w:val="Base"/><w:pPr><w:spacing w:before="200"/></w:pPr>')}<w:style w:type="paragraph" w:styleId="H"><w:name w:val="heading 2"/></w:style>${style('Title', '')}`);
    const page = map(`${p(run('Silt'), '<w:pStyle w:val="Title"/>')}${p(run('a'), '<w:pStyle w:val="Near"/>')}${p(run('b'), '<w:pStyle w:val="H"/>')}`, { 'word/styles.xml': styles });
    expect(page.body).toMatch(/margin:10pt[^"]*text-align:center">a<\/p><h2[^>]*>b<\/h2>/);
    expect(page.title).toBe('Silt');
  });
  test('a page break inside a paragraph parts it', () => { expect(map(p(`${run('one')}<w:r><w:br w:type="page"/></w:r>${run('two')}`)).body).toMatch(/one<\/p><div class="break"><\/div><p[^>]*>two/); });
  test('numbers of lists count on, by their format and level', () => {
    const numbering = wordPart('numbering', '<w:abstractNum w:abstractNumId="0"><w:lvl w:ilvl="0"><w:start w:val="3"/><w:numFmt w:val="decimal"/><w:lvlText w:val="%1."/></w:lvl><w:lvl w:ilvl="1"><w:start w:val="1"/><w:numFmt w:val="lowerLetter"/><w:lvlText w:val="%1.%2)"/></w:lvl></w:abstractNum><w:num w:numId="1"><w:abstractNumId w:val="0"/></w:num>');
    const item = (text: string, level: number): string => p(run(text), `<w:numPr><w:ilvl w:val="${level}"/><w:numId w:val="1"/></w:numPr>`);
    expect([...map(`${item('a', 0)}${item('b', 1)}${item('c', 1)}${item('d', 0)}${p(run('e'), '<w:numPr><w:numId w:val="0"/></w:numPr>')}`, { 'word/numbering.xml': numbering }).body.matchAll(/data-level="(\d)">([^&]*)/g)].map((m) => `${m[1]}:${m[2]}`)).toEqual(['0:3.', '1:3.a)', '1:3.b)', '0:4.']);
  });
  // ECMA-376-1, 17.9.10 (lvlRestart), 17.9.4 (isLgl), 17.9.21 and 17.9.27 (numStyleLink, styleLink).
  test.each<[string, string, string[]]>([
    ['a level begins anew behind the one above', '', ['I.', 'I.1', 'II.', 'II.1']],
    ['one that never does', '<w:lvlRestart w:val="0"/>', ['I.', 'I.1', 'II.', 'II.2']],
    ['all in Arabic figures', '<w:isLgl/>', ['I.', '1.1', 'II.', '2.1']],
    ['hard negative: not in Arabic figures', '<w:isLgl w:val="0"/>', ['I.', 'I.1', 'II.', 'II.1']],
  ])('%s', (_, own, labels) => {
    const levels = `<w:lvl w:ilvl="0"><w:start w:val="1"/><w:numFmt w:val="upperRoman"/><w:lvlText w:val="%1."/></w:lvl><w:lvl w:ilvl="1"><w:start w:val="1"/><w:numFmt w:val="decimal"/>${own}<w:lvlText w:val="%1.%2"/></w:lvl>`;
    const told = (numbering: string): string[] => [...map([0, 1, 0, 1].map((level) => p(run('a'), `<w:numPr><w:ilvl w:val="${level}"/><w:numId w:val="1"/></w:numPr>`)).join(''), { 'word/numbering.xml': wordPart('numbering', numbering) }).body.matchAll(/data-level="\d">([^&]*)/g)].map((m) => m[1]!);
    expect(told(`<w:abstractNum w:abstractNumId="0">${levels}</w:abstractNum><w:num w:numId="1"><w:abstractNumId w:val="0"/></w:num>`)).toEqual(labels);
    expect(told(`<w:abstractNum w:abstractNumId="0"><w:numStyleLink w:val="Rules"/></w:abstractNum><w:abstractNum w:abstractNumId="1"><w:styleLink w:val="Rules"/>${levels}</w:abstractNum><w:num w:numId="1"><w:abstractNumId w:val="0"/></w:num>`)).toEqual(labels);
  });
  test.each(['lowerLetter', 'upperRoman'])('a list that is said to begin at two thousand million is numbered in figures: %s', (format) => {
    const numbering = wordPart('numbering', `<w:abstractNum w:abstractNumId="0"><w:lvl w:ilvl="0"><w:start w:val="2000000000"/><w:numFmt w:val="${format}"/><w:lvlText w:val="%1."/></w:lvl></w:abstractNum><w:num w:numId="1"><w:abstractNumId w:val="0"/></w:num>`);
    expect(/data-level="0">([^&]*)/.exec(map(p(run('a'), '<w:numPr><w:ilvl w:val="0"/><w:numId w:val="1"/></w:numPr>'), { 'word/numbering.xml': numbering }).body)?.[1]).toBe('2000000000.');
  });
  test('a list may have a level of its own (17.9.8)', () => {
    const numbering = wordPart('numbering', '<w:abstractNum w:abstractNumId="0"><w:lvl w:ilvl="0"><w:numFmt w:val="decimal"/><w:lvlText w:val="%1."/></w:lvl></w:abstractNum><w:num w:numId="1"><w:abstractNumId w:val="0"/><w:lvlOverride w:ilvl="0"><w:lvl w:ilvl="0"><w:start w:val="4"/><w:numFmt w:val="upperLetter"/><w:lvlText w:val="(%1)"/></w:lvl></w:lvlOverride></w:num>');
    expect(/data-level="0">([^&]*)/.exec(map(p(run('a'), '<w:numPr><w:ilvl w:val="0"/><w:numId w:val="1"/></w:numPr>'), { 'word/numbering.xml': numbering }).body)?.[1]).toBe('(D)');
  });
  test.each([['–', '–'], ['\uf0b7', '•'], ['\uf0a7', '▪'], ['o', '◦'], ['', '•'], ['*', '*'], ['\uf0ff', '•']])('a bullet that the file calls %j is %s', (text, sign) => {
    const numbering = wordPart('numbering', `<w:abstractNum w:abstractNumId="0"><w:lvl w:ilvl="0"><w:numFmt w:val="bullet"/><w:lvlText w:val="${text}"/></w:lvl></w:abstractNum><w:num w:numId="1"><w:abstractNumId w:val="0"/></w:num>`);
    expect(/data-level="0">([^&]*)/.exec(map(p(run('a'), '<w:numPr><w:ilvl w:val="0"/><w:numId w:val="1"/></w:numPr>'), { 'word/numbering.xml': numbering }).body)?.[1]).toBe(sign);
  });
  test('words of a paragraph whose style hides them are left out and told, but for those that are shown all the same', () => {
    const page = map(`${p(run('gone'), '<w:pStyle w:val="H"/>')}${p('<w:r><w:rPr><w:vanish w:val="0"/></w:rPr><w:t>shown</w:t></w:r>', '<w:pStyle w:val="H"/>')}`, { 'word/styles.xml': wordPart('styles', style('H', '<w:rPr><w:vanish/></w:rPr>')) });
    expect([page.body.replace(/<[^>]+>|&#160;/g, ''), page.losses]).toEqual(['shown', ['hidden text is left out']]);
  });
  test('a formula behind words that are hidden or set in capitals is neither', () => {
    const formula = '<m:oMath xmlns:m="http://schemas.openxmlformats.org/officeDocument/2006/math"><m:r><m:t>a+b</m:t></m:r></m:oMath>';
    for (const look of ['<w:caps/>', '<w:vanish/>']) expect(map(`<w:p><w:r><w:rPr>${look}</w:rPr><w:t>x</w:t></w:r>${formula}</w:p>`).body).toContain('<span class="math">a+b</span>');
  });
});

describe('what neighbours and tables do to a paragraph', () => {
  const sheet = wordPart('styles', `<w:docDefaults><w:pPrDefault><w:pPr><w:spacing w:after="200"/></w:pPr></w:pPrDefault></w:docDefaults>${style('Item', '<w:pPr><w:spacing w:before="100"/><w:contextualSpacing/></w:pPr>')}${style('Plain', '')}
    ${style('Lined', '<w:pPr><w:pBdr><w:bottom w:val="single" w:sz="8" w:color="4F81BD"/><w:top w:val="nil"/></w:pBdr></w:pPr>')}<w:style w:type="table" w:styleId="Grid"><w:name w:val="Grid"/><w:pPr><w:spacing w:after="0"/></w:pPr><w:tblPr><w:tblBorders><w:bottom w:val="single" w:sz="4"/></w:tblBorders></w:tblPr><w:tblStylePr w:type="firstRow"><w:rPr><w:b/></w:rPr></w:tblStylePr></w:style>`);
  const margins = (inner: string): string[] => [...map(inner, { 'word/styles.xml': sheet }).body.matchAll(/margin:(\S+) \S+ (\S+) /g)].map((m) => `${m[1]} ${m[2]}`), item = (text: string): string => p(run(text), '<w:pStyle w:val="Item"/>');
  test('neighbours of one style that keep close have no space between them, and keep it towards others', () => {
    expect(margins(`${p(run('before'))}${item('a')}${item('b')}${item('c')}${p(run('after'))}`)).toEqual(['0pt 10pt', '5pt 0pt', '0pt 0pt', '0pt 10pt', '0pt 10pt']);
    expect(margins(`${item('a')}${p(run('x'), '<w:pStyle w:val="Plain"/>')}${item('b')}`)).toEqual(['5pt 10pt', '0pt 10pt', '5pt 10pt']);
    expect(margins(`${p(run('a'), '<w:pStyle w:val="Plain"/>')}${p(run('b'), '<w:pStyle w:val="Plain"/>')}`)).toEqual(['0pt 10pt', '0pt 10pt']);
  });
  test('a table’s style sets the paragraphs in it, but not as it sets its first row; outside it says nothing', () => {
    const table = (properties: string): string => `<w:tbl><w:tblPr><w:tblStyle w:val="Grid"/></w:tblPr><w:tr><w:tc>${p(run('cell'), properties)}</w:tc></w:tr></w:tbl>`, html = map(`${table('')}${p(run('outside'))}`, { 'word/styles.xml': sheet }).body;
    expect(margins(`${table('')}${p(run('outside'))}`)).toEqual(['0pt 0pt', '0pt 10pt']);
    expect(html).not.toMatch(/font-weight:bold|<b>|border/);
    expect(margins(table('<w:spacing w:after="60"/>'))).toEqual(['0pt 3pt']);
  });
  test('a line below a paragraph; none where it says none, nor from a table’s lines', () => {
    expect(map(p(run('a'), '<w:pStyle w:val="Lined"/>'), { 'word/styles.xml': sheet }).body).toMatch(/border-bottom:1pt solid #4F81BD;padding-bottom:1pt/);
    expect(map(p(run('a'), '<w:pStyle w:val="Lined"/>'), { 'word/styles.xml': sheet }).body).not.toMatch(/border-top/);
    expect(map(p(run('a'), '<w:pStyle w:val="Lined"/><w:pBdr><w:bottom w:val="none"/></w:pBdr>'), { 'word/styles.xml': sheet }).body).not.toMatch(/border/);
  });
});
describe('tables, pictures, equations, notes, links', () => {
  const cell = (text: string, properties = ''): string => `<w:tc>${properties ? `<w:tcPr>${properties}</w:tcPr>` : ''}${p(run(text))}</w:tc>`, row = (cells: string, properties = ''): string => `<w:tr>${properties ? `<w:trPr>${properties}</w:trPr>` : ''}${cells}</w:tr>`;
  test('cells joined across and down, a head row, a table in a cell', () => {
    const inner = `<w:tbl>${row(cell('deep'))}</w:tbl>`, page = map(`<w:tbl>${row(`${cell('Site', '<w:gridSpan w:val="2"/>')}${cell('Gain')}`, '<w:tblHeader/>')}${row(`${cell('tall', '<w:vMerge w:val="restart"/>')}${cell('x')}${cell('y')}`)}${row(`${cell('', '<w:vMerge/>')}<w:tc>${inner}${p('')}</w:tc>${cell('z')}`)}</w:tbl>`);
    expect(page.counts.tables).toBe(2);
    expect(page.body.match(/data-head="1"/g)).toHaveLength(2);
    expect(page.body).toMatch(/<td data-head="1" colspan="2">.*Site/);
    expect(page.body).toMatch(/<td rowspan="2">.*tall/);
    expect(page.body).toMatch(/<td><table><tr><td>.*deep.*<\/td><\/tr><\/table>/);
  });
  const drawing = (id: string, cx: number): string => p(`<w:r><w:drawing><wp:inline><wp:extent cx="${cx}" cy="635000"/><wp:docPr id="1" name="x" descr="A core"/><a:blip xmlns:a="http://schemas.openxmlformats.org/drawingml/2006/main" r:embed="${id}"/></wp:inline></w:drawing></w:r>`);
  test('a picture with its size and what it shows, never wider than the line; one that is missing or elsewhere is told', () => {
    const parts = { 'word/media/a.png': png, 'word/_rels/document.xml.rels': relations(`${relation('rId1', 'media/a.png')}${relation('rId2', 'https://x.example/a.png', true)}`) }, page = map(drawing('rId1', 1_270_000), parts);
    expect([page.counts.images, /alt="A core" style="width:100pt;height:50pt"/.test(page.body)]).toEqual([1, true]);
    expect(Number(/width:([\d.]+)pt/.exec(map(drawing('rId1', 90_000_000), parts).body)![1])).toBeLessThanOrEqual(page.widthPt - page.marginsPt[1] - page.marginsPt[3] + 0.01);
    expect(map(drawing('rId9', 1), parts).losses).toEqual(['a picture is missing']);
    expect(map(drawing('rId2', 1), parts).losses).toEqual(['a picture is outside the file and is missing']);
  });
  test('an equation is readable: powers, fractions, roots', () => {
    const r = (t: string): string => `<m:r><m:t>${t}</m:t></m:r>`, page = map(p(`<m:oMath xmlns:m="http://schemas.openxmlformats.org/officeDocument/2006/math"><m:sSup><m:e>${r('x')}</m:e><m:sup>${r('2')}</m:sup></m:sSup><m:f><m:num>${r('a')}</m:num><m:den>${r('b')}</m:den></m:f><m:rad><m:e>${r('c')}</m:e></m:rad></m:oMath>`));
    expect(page.counts.equations).toBe(1);
    expect(page.body).toMatch(/<span class="math">.*x.*<sup>.*2.*<\/sup>.*a.*\/.*b.*√\(.*c.*\).*<\/span>/);
  });
  test.each<[string, string, string, string]>([
    ['figures and small Roman ones', '', '', 'a1b2ci1x2yiz'], ['as the settings say', '<w:footnotePr><w:numFmt w:val="upperLetter"/></w:footnotePr><w:endnotePr><w:numFmt w:val="decimal"/></w:endnotePr>', '', 'aAbBc1AxBy1z'],
    ['as the section says', '<w:footnotePr><w:numFmt w:val="upperLetter"/></w:footnotePr>', '<w:footnotePr><w:numFmt w:val="chicago"/><w:numStart w:val="2"/></w:footnotePr>', 'a†b‡ci†x‡yiz'],
  ])('notes are numbered by their kind: %s', (_, settings, section, shown) => {
    const note = (kind: string, texts: string[]): string => wordPart(`${kind}s`, texts.map((text, i) => `<w:${kind} w:id="${i + 2}">${p(run(text))}</w:${kind}>`).join('')), to = (kind: string, id: number): string => `<w:r><w:${kind}Reference w:id="${id}"/></w:r>`;
    const page = map(`${p(`${run('a')}${to('footnote', 2)}${run('b')}${to('footnote', 3)}${run('c')}${to('endnote', 2)}`)}<w:sectPr>${section}</w:sectPr>`, { 'word/footnotes.xml': note('footnote', ['x', 'y']), 'word/endnotes.xml': note('endnote', ['z']), 'word/settings.xml': wordPart('settings', settings) });
    expect(page.body.replace(/<[^>]*>|\s/g, '')).toBe(shown);
  });
  test('a note’s own mark is text, and does not count', () => {
    const page = map(p(`${run('a')}<w:r><w:footnoteReference w:id="2" w:customMarkFollows="1"/><w:t>*</w:t></w:r>${run('b')}<w:r><w:footnoteReference w:id="3"/></w:r>`), { 'word/footnotes.xml': wordPart('footnotes', `<w:footnote w:id="2">${p(run('* star'))}</w:footnote><w:footnote w:id="3">${p(run('plain'))}</w:footnote>`) });
    expect(page.body.replace(/<[^>]*>|\s/g, '')).toBe('a*b1*star1plain');
    expect([page.counts.footnotes, page.generated]).toEqual([2, ['1', '1']]);
  });
  test('a paragraph that was deleted with its end, or is hidden, is not there: the first does not count in its list', () => {
    const item = (text: string, mark = ''): string => `<w:p><w:pPr><w:numPr><w:ilvl w:val="0"/><w:numId w:val="1"/></w:numPr><w:rPr>${mark}</w:rPr></w:pPr>${text}</w:p>`, numbering = wordPart('numbering', '<w:abstractNum w:abstractNumId="1"><w:lvl w:ilvl="0"><w:start w:val="1"/><w:numFmt w:val="decimal"/><w:lvlText w:val="%1."/></w:lvl></w:abstractNum><w:num w:numId="1"><w:abstractNumId w:val="1"/></w:num>');
    const shown = (middle: string): string => map(`${item(run('A'))}${middle}${item(run('C'))}`, { 'word/numbering.xml': numbering }).body.replace(/<[^>]*>|&#\d+;|\s/g, '');
    expect(shown(item('<w:del w:id="2"><w:r><w:delText>B</w:delText></w:r></w:del>', '<w:del w:id="1"/>'))).toBe('1.A2.C');
    expect(shown(item('<w:r><w:rPr><w:vanish/></w:rPr><w:t>B</w:t></w:r>', '<w:vanish/>'))).toBe('1.A3.C');
    expect(shown(item('<w:r><w:t>B</w:t></w:r>', '<w:del w:id="1"/>'))).toBe('1.A2.B3.C');
    expect(shown(item(''))).toBe('1.A2.3.C');
  });
  test('notes in the order of their marks, those at the end told apart', () => {
    const notes = (kind: string, text: string): string => wordPart(`${kind}s`, `<w:${kind} w:type="separator" w:id="0">${p(run('never'))}</w:${kind}><w:${kind} w:id="2">${p(run(text))}</w:${kind}>`), page = map(p(`${run('a')}<w:r><w:endnoteReference w:id="2"/></w:r>${run('b')}<w:r><w:footnoteReference w:id="2"/></w:r>`), { 'word/footnotes.xml': notes('footnote', 'below'), 'word/endnotes.xml': notes('endnote', 'behind') });
    expect(words(page.body)).toBe('aib1i behind1 below');
    expect(page.body).toContain('<div class="note" data-note="1" data-end="1">');
    expect(page.counts.footnotes).toBe(2);
  });
  test('links by relation and by field; what would run something is only its words', () => {
    const parts = { 'word/_rels/document.xml.rels': relations(`${relation('rId1', 'https://data.carrow.example/', true)}${relation('rId2', 'javascript:alert(1)', true)}`) };
    expect(map(p(`<w:hyperlink r:id="rId1">${run('there')}</w:hyperlink>`), parts).body).toContain('<a href="https://data.carrow.example/">there</a>');
    expect(map(p(`<w:fldSimple w:instr=' HYPERLINK "https://x.example/" '>${run('here')}</w:fldSimple>`)).body).toContain('<a href="https://x.example/">here</a>');
    for (const inner of [`<w:hyperlink r:id="rId2">${run('run')}</w:hyperlink>`, `<w:hyperlink w:anchor="place">${run('run')}</w:hyperlink>`, `<w:fldSimple w:instr=' HYPERLINK "file:///etc" '>${run('run')}</w:fldSimple>`]) expect(map(p(inner), parts).body).toMatch(/^<p[^>]*>run<\/p>$/);
  });
});

describe('what goes around the text', () => {
  const head = (text: string): string => wordPart('hdr', inParagraph(text)), section = (inner: string): string => `<w:sectPr>${inner}<w:pgSz w:w="12240" w:h="15840"/><w:pgMar w:top="1440" w:right="1080" w:bottom="720" w:left="1800"/></w:sectPr>`, to = (id: string, kind = 'header', type = 'default'): string => `<w:${kind}Reference w:type="${type}" r:id="${id}"/>`;
  const field = (name: string): string => `<w:r><w:fldChar w:fldCharType="begin"/></w:r><w:r><w:instrText> ${name} </w:instrText></w:r><w:r><w:fldChar w:fldCharType="separate"/></w:r>${wordRun('7')}<w:r><w:fldChar w:fldCharType="end"/></w:r>`;
  const parts = { 'word/header1.xml': head(`${wordRun('Silt')}<w:r><w:tab/></w:r>${field('PAGE')}${wordRun(' of ')}<w:fldSimple w:instr=" NUMPAGES ">${wordRun('9')}</w:fldSimple>`), 'word/header2.xml': head(wordRun('Cover')), 'word/header3.xml': head(wordRun('Even')), 'word/_rels/document.xml.rels': relations(`${relation('rId1', 'header1.xml')}${relation('rId2', '/word/header2.xml')}${relation('rId3', 'header3.xml')}`) };
  test('page, margins, running lines with their fields', () => {
    const page = map(section(to('rId1')), parts);
    expect([page.widthPt, page.heightPt, page.marginsPt, page.head.replace(/\s+/g, ' '), page.foot]).toEqual([612, 792, [72, 54, 36, 90], 'Silt \u0001 of \u0002', '']);
  });
  // ECMA-376-1, 17.3.1.13 (jc), 17.3.1.37 (tab), 17.3.3.23 (ptab), 17.3.1.11 (framePr).
  test.each([
    ['a tab without a stop is a gap', 'Silt\tSand', '', 'Silt   Sand'],
    ['stops in the middle and at the right', 'Silt\tSand\tClay', '<w:tabs><w:tab w:val="right" w:pos="9000"/><w:tab w:val="center" w:pos="4500"/></w:tabs>', 'Silt\tSand\tClay'],
    ['a stop at the right alone', 'Silt\tClay', '<w:tabs><w:tab w:val="right" w:pos="9000"/></w:tabs>', 'Silt\t\tClay'],
    ['a stop that is cleared leads nowhere', 'Silt\tClay', '<w:pStyle w:val="Head"/><w:tabs><w:tab w:val="clear" w:pos="4500"/></w:tabs>', 'Silt\t\tClay'],
    ['the stops of a style', '\tSand\tClay', '<w:pStyle w:val="Head"/>', '\tSand\tClay'],
    ['a centred line', 'Sand', '<w:jc w:val="center"/>', '\tSand'],
    ['a line at the right keeps its tabs as gaps', 'Sand\tClay', '<w:pStyle w:val="Head"/><w:jc w:val="right"/>', '\t\tSand   Clay'],
    ['a tab that says itself where it leads', 'Silt\vClay', '', 'Silt\t\tClay'],
    ['a frame at the right', 'Clay', '<w:framePr w:hAnchor="margin" w:xAlign="right"/>', '\t\tClay'],
  ])('where a running line stands: %s', (_, text, properties, line) => {
    const runs = text.split(/(\t|\v)/).map((t) => (t === '\t' ? '<w:r><w:tab/></w:r>' : t === '\v' ? '<w:r><w:ptab w:relativeTo="margin" w:alignment="right" w:leader="none"/></w:r>' : t ? wordRun(t) : '')).join('');
    const page = map(section(to('rId1')), { ...parts, 'word/header1.xml': wordPart('hdr', `<w:p><w:pPr>${properties}</w:pPr>${runs}</w:p>`), 'word/styles.xml': wordPart('styles', '<w:style w:type="paragraph" w:styleId="Head"><w:pPr><w:tabs><w:tab w:val="center" w:pos="4500"/><w:tab w:val="right" w:pos="9000"/></w:tabs></w:pPr></w:style>') });
    expect(page.head).toBe(line);
  });
  test('the lines of several paragraphs stand side by side, each at its place', () => {
    const page = map(section(to('rId1')), { ...parts, 'word/header1.xml': wordPart('hdr', `<w:p>${wordRun('Silt')}</w:p><w:p><w:pPr><w:jc w:val="right"/></w:pPr>${wordRun('Clay')}</w:p><w:p>${wordRun('Peat')}</w:p>`) });
    expect(page.head).toBe('Silt   Peat\t\tClay');
  });
  test('where sections differ in size, the size with the most text is that of the pages', () => {
    const sheet = (w: number, h: number): string => `<w:sectPr><w:pgSz w:w="${w}" w:h="${h}"/><w:pgMar w:top="1000" w:right="1000" w:bottom="1000" w:left="1000"/></w:sectPr>`;
    const page = map(`${p(run('Long text. '.repeat(40)), sheet(11906, 16838))}${p(run('A wide table'), sheet(16838, 11906))}${p(run('x'))}${sheet(11906, 16838)}`);
    expect([page.widthPt, page.heightPt, page.marginsPt, page.losses]).toEqual([595.3, 841.9, [50, 50, 50, 50], []]);
    expect(map(`${p(run('Short'), sheet(11906, 16838))}${p(run('Long text. '.repeat(40)))}${sheet(16838, 11906)}`)).toMatchObject({ widthPt: 841.9 });
  });
  test('a first page of its own only where the section says so; lines of even pages only where the settings do', () => {
    expect(map(section(`${to('rId1')}${to('rId2', 'header', 'first')}<w:titlePg/>`), parts)).toMatchObject({ firstPageDiffers: true, firstHead: 'Cover' });
    expect(map(section(`${to('rId1')}${to('rId2', 'header', 'first')}`), parts)).toMatchObject({ firstPageDiffers: false, firstHead: '' });
    expect(map(section(`${to('rId1')}${to('rId3', 'header', 'even')}`), parts)).toMatchObject({ evenPagesDiffer: false, evenHead: '', losses: [] });
    expect(map(section(`${to('rId1')}${to('rId3', 'header', 'even')}`), { ...parts, 'word/settings.xml': wordPart('settings', '<w:evenAndOddHeaders/>') })).toMatchObject({ evenPagesDiffer: true, evenHead: 'Even', losses: [] });
  });
  test('a main part of another name is found', () => { 
    const pack = new Package(plantedDocx()), renamed = packZip(pack.names().map((name) => ({ name: name.replace('document.xml', 'document2.xml'), bytes: pack.part(name)! })));
    expect(mapDocx(renamed).body).toBe(opening);
  });
});
