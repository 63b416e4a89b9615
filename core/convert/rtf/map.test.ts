import { describe, expect, test } from '@jest/globals';
import { piecesOf } from '../running-lines.ts';
import { mapRtf } from './map.ts';

/** Control words by what they do. Source: RTF Specification 1.9.1 (from memory); the texts are made up. */
const map = (text: string) => mapRtf(Uint8Array.from(`{\\rtf1\\ansi\\ansicpg1252\\deff0 ${text}}`, (c) => c.charCodeAt(0)));
const body = (text: string): string => map(text).body;
const words = (html: string): string => html.replace(/<br\/>/g, '|').replace(/<[^>]+>/g, '').replace(/&#160;/g, ' ');

describe('letters', () => {
  test.each<[string, string, string]>([
    ['a code page byte', "caf\\'e9", 'café'],
    ['the euro sign, which Latin-1 has not', "\\'80 5", '€ 5'],
    ['a Unicode character with its stand-in skipped', '\\u8217?s', '’s'],
    ['two stand-ins to skip', '{\\uc2\\u8217??s}', '’s'],
    ['no stand-in at all', '{\\uc0\\u8217 s}', '’s'],
    ['a negative code, as for the upper half', '\\u-10179?\\u-8704?', '\ud83d\ude00'],
    ['a stand-in that is a code page byte', "\\u233\\'e9t\\u233\\'e9", 'été'],
    ['braces and a backslash of the text itself', '\\{a\\}\\\\b', '{a}\\b'],
    ['a space that holds and a hyphen that holds', 'a\\~b\\_c', 'a\u00a0b\u2011c'],
    ['named signs', '\\lquote a\\rquote  \\ldblquote b\\rdblquote  c\\endash d\\emdash e', '‘a’ “b” c–d—e'],
    ['signs that HTML would take for its own', 'a < b & c', 'a &lt; b &amp; c'],
    ['a line break inside a paragraph', 'one\\line two', 'one|two'],
    ['line ends of the file, which mean nothing', 'one \r\ntwo', 'one two'],
  ])('%s', (_, rtf, expected) => { expect(words(body(rtf))).toBe(expected); });
});

describe('looks of letters', () => {
  test.each<[string, string, RegExp]>([
    ['bold and its end', '\\b a\\b0  b', /<b>a<\/b> b/],
    ['italic inside a group only', '{\\i a} b', /<i>a<\/i> b/],
    ['underlined, by any of its words', '\\uld a\\ulnone  b', /<u>a<\/u> b/],
    ['struck through', '\\strike a\\strike0  b', /<s>a<\/s> b/],
    ['raised', 'x{\\super 2}', /x<sup>2<\/sup>/],
    ['lowered', 'H{\\sub 2}O', /H<sub>2<\/sub>O/],
    ['raised and then level again', 'x\\super 2\\nosupersub  y', /x<sup>2<\/sup> y/],
    ['plain takes all of it back', '\\b\\i a\\plain  b', /<b>.*a.*<\/b> ?b|<i>.*a.*<\/i> ?b/],
    ['a size of its own, given in half points', '{\\fs36 a} b', /font-size:18pt">a<\/span>/],
    ['another face', '{\\fonttbl{\\f0 Times New Roman;}{\\f1 Arial;}}{\\f1 a} b', /font-family:sans-serif">a<\/span>/],
  ])('%s', (_, rtf, expected) => { expect(body(rtf)).toMatch(expected); });
  test('nothing of it where nothing is asked for', () => { expect(body('plain words')).not.toMatch(/<(b|i|u|s|sup|sub|span)\b/); });
  test('an absurd size is bounded', () => { expect(body('{\\fs9000 a}')).toContain('font-size:96pt'); });
});

describe('paragraphs', () => {
  test.each<[string, string, RegExp]>([
    ['centred', '\\pard\\qc a\\par', /text-align:center">a/],
    ['to the right', '\\pard\\qr a\\par', /text-align:right">a/],
    ['justified', '\\pard\\qj a\\par', /text-align:justify">a/],
    ['left again', '\\pard\\qc a\\par\\ql b\\par', /<p style="(?!.*text-align)[^"]*">b/],
    ['indented, with a first line that hangs', '\\pard\\li720\\fi-360 a\\par', /36pt;text-indent:-18pt/],
    ['letters written one by one are one stretch', String.raw`\pard\fs36 \u1578\'3f\u1602\'3f {\b \u1585\'3f\u1610\'3f}\par`, /<span style="font-size:18pt">تق <\/span><b><span style="font-size:18pt">ري<\/span><\/b>/],
    ['from right to left, until that ends', '\\pard\\rtlpar\\qr a\\par\\pard b\\par', /<p style="[^"]*text-align:right" dir="rtl">a<\/p><p style="[^"]*">b</],
    ['space before and after', '\\pard\\sb240\\sa120 a\\par', /margin:12pt 0 6pt/],
    ['double spacing', '\\pard\\sl480\\slmult1 a\\par', /line-height:2\.3/],
    ['an empty paragraph keeps its place', 'a\\par\\par b\\par', /a<\/p><p[^>]*>&#160;<\/p><p[^>]*>b/],
    ['a new page', 'a\\par\\page b\\par', /a<\/p><div class="break"><\/div><p[^>]*>b/],
    ['a heading by its outline level', '\\pard\\outlinelevel1 Methods\\par', /<h2[^>]*>Methods<\/h2>/],
    ['a heading by its style', '{\\stylesheet{\\s1\\outlinelevel0 heading 1;}{\\s0 Normal;}}\\pard\\s1 Results\\par\\pard\\s0 Text\\par', /<h1[^>]*>Results<\/h1><p[^>]*>Text/],
    ['a list label is one, not part of the words', '\\pard{\\listtext 1.\\tab}\\fi-360\\li720 first\\par', /<span class="label"[^>]*>1\.&#8194;<\/span>first/],
    ['a bullet', "\\pard{\\listtext\\'b7\\tab}first\\par", /<span class="label"[^>]*>•&#8194;<\/span>first/],
  ])('%s', (_, rtf, expected) => { expect(body(rtf)).toMatch(expected); });
});

describe('tables', () => {
  const row = (cells: string[], shapes = '\\cellx2000\\cellx4000', head = ''): string => `\\trowd${head}${shapes}${cells.map((c) => `\\pard\\intbl ${c}\\cell`).join('')}\\row `;
  test('rows and cells, and the text after them outside', () => {
    const { body: html, counts } = map(`${row(['a', 'b'])}${row(['c', 'd'])}\\pard after\\par`);
    expect(counts.tables).toBe(1);
    expect(words(html.replace(/<\/td>/g, '/').replace(/<\/tr>/g, ';'))).toBe('a/b/;c/d/;after');
    expect(html).toMatch(/<\/table><p[^>]*>after/);
  });
  test('cells joined across and down', () => {
    const html = body(`${row(['wide', ''], '\\clmgf\\cellx2000\\clmrg\\cellx4000')}${row(['tall', 'x'], '\\clvmgf\\cellx2000\\cellx4000')}${row(['', 'y'], '\\clvmrg\\cellx2000\\cellx4000')}\\pard z\\par`);
    expect(html).toMatch(/<td colspan="2">.*wide/);
    expect(html).toMatch(/<td rowspan="2">.*tall/);
    expect(words(html)).toBe('widetallxyz');
  });
  test('a row that is the head of its table', () => {
    const html = body(`${row(['Site', 'Gain'], '\\cellx2000\\cellx4000', '\\trhdr')}${row(['A', '4'])}`);
    expect(html.match(/data-head="1"/g)).toHaveLength(2);
  });
  test('words joined to a cell above are not lost', () => { expect(words(body(`${row(['a', 'b'], '\\clvmgf\\cellx2000\\cellx4000')}${row(['left over', 'c'], '\\clvmrg\\cellx2000\\cellx4000')}`))).toContain('left over'); });
});

describe('what goes around the text', () => {
  test('page, margins, language, running lines with their fields, and a first page of its own', () => {
    const page = map('\\paperw12240\\paperh15840\\margl1800\\margr1440\\margt1440\\margb720\\deflang2057\\titlepg{\\header Silt{\\field{\\*\\fldinst PAGE}{\\fldrslt 7}}}{\\footer below}{\\headerf First head}{\\footerf First foot}Text\\par');
    expect([page.widthPt, page.heightPt, page.marginsPt, page.language]).toEqual([612, 792, [72, 72, 36, 90], 'en-GB']);
    expect([page.head, page.foot, page.firstHead, page.firstFoot, page.firstPageDiffers]).toEqual(['Silt\u0001', 'below', 'First head', 'First foot', true]);
    expect(words(page.body)).toBe('Text');
  });
  test.each([['alignment', '\\pard\\qr Clay', '\t\tClay'], ['stops', '\\pard\\tqc\\tx4500\\tqr\\tx9000 Silt\\tab Sand\\tab Clay', 'Silt\tSand\tClay'], ['a tab without a stop', '\\pard Silt\\tab Clay', 'Silt   Clay']])('where a running line stands: %s', (_, head, line) => {
    expect(map(`{\\header ${head}\\par}Text\\par`).head).toBe(line);
  });
  test('without a first page of its own, its lines are none', () => {
    const page = map('{\\header All}{\\headerf Never}Text\\par');
    expect([page.head, page.firstHead]).toEqual(['All', '']);
  });
  test('a note is counted, marked and set apart', () => {
    const page = map('Clay{\\super\\chftn}{\\footnote\\pard {\\super\\chftn} From the tide tables.} settles.\\par');
    expect(page.counts.footnotes).toBe(1);
    expect(page.body).toMatch(/Clay<sup data-note="1">1<\/sup> settles\.<\/p><hr\/><div class="note" data-note="1"><p><sup>1<\/sup>.*From the tide tables\./);
  });
  test.each<[string, string, string]>([
    ['numbers of each kind, as the document sets them', '\\ftnnruc\\ftnstart4 a{\\super\\chftn}{\\footnote\\pard {\\super\\chftn} x}b{\\super\\chftn}{\\footnote\\ftnalt\\pard {\\super\\chftn} y}c{\\super\\chftn}{\\footnote\\pard {\\super\\chftn} z}\\par', 'aIVbicVIVxiyVz'],
    ['a section says otherwise', '\\ftnnar\\sectd\\sftnnalc a{\\super\\chftn}{\\footnote\\pard {\\super\\chftn} x}\\par', 'aaax'],
    ['a mark of one’s own', 'a{\\super *}{\\*\\footnote *\\pard  star}b{\\super\\chftn}{\\footnote\\pard {\\super\\chftn} z}\\par', 'a*b1*star1z'],
    ['raised words before a note that is numbered', 'a{\\super th}{\\super\\chftn}{\\footnote\\pard {\\super\\chftn} x}\\par', 'ath11x'],
  ])('notes: %s', (_, text, shown) => expect(map(text).body.replace(/<[^>]*>|\s/g, '')).toBe(shown));
  test('a link to elsewhere is one; a link inside the file, and one that runs something, are only their words', () => {
    const link = (to: string): string => body(`{\\field{\\*\\fldinst HYPERLINK "${to}"}{\\fldrslt there}} after`);
    expect(link('https://data.carrow.example/')).toContain('<a href="https://data.carrow.example/">there</a> after');
    for (const to of ['#place', 'javascript:alert(1)', 'file:///etc/passwd']) { expect(link(to)).not.toContain('<a '); expect(words(link(to))).toBe('there after'); }
  });
  test('a picture comes with its size; one of a kind that is not known is told', () => {
    const png = '89504e470d0a1a0a0000000d49484452000000010000000108060000001f15c4890000000d4944415478da63fcffff3f030005fe02fea735';
    const page = map(`{\\pict\\pngblip\\picwgoal1440\\pichgoal720 ${png}}\\par`);
    expect([page.counts.images, /width:72pt;height:36pt/.test(page.body)]).toEqual([1, true]);
    expect(map('{\\pict\\wmetafile8 0100090000037800}\\par')).toMatchObject({ counts: { images: 0 }, losses: ['a drawing of a kind that cannot be shown here is left out'] });
  });
  test('a picture in a head stands on every page, where its paragraph says, and in no text; a second head of its kind takes its place', () => {
    const png = '89504e470d0a1a0a0000000d49484452000000010000000108060000001f15c4890000000d4944415478da63fcffff3f030005fe02fea735', crest = (scale: string): string => `{\\header\\pard\\qr Coasts {\\pict\\pngblip\\picwgoal1440\\pichgoal720${scale} ${png}}\\par}`;
    const page = map(`${crest('\\picscalex50\\picscaley25')}Text\\par`), again = map(`${crest('')}${crest('')}Text\\par`);
    expect([page.pictures.head, page.body.includes('<img')]).toEqual([[expect.objectContaining({ widthPt: 36, heightPt: 9, place: 'right' })], false]);
    expect(piecesOf(page.head)).toEqual(['', '', 'Coasts']);
    expect(again.pictures.head).toHaveLength(1);
  });
  test('hidden text and comments are left out and told; what a program notes for itself is left out', () => {
    const page = map('Seen{\\v unseen}{\\*\\annotation said}{\\*\\generator Editor 1;}{\\info{\\author N. N.}}\\par');
    expect(words(page.body)).toBe('Seen');
    expect(page.losses).toEqual(['hidden text is left out', 'comments are left out']);
  });
  test('a file that breaks off inside groups gives what there is', () => { expect(words(mapRtf(new TextEncoder().encode('{\\rtf1 {\\b bold {\\i and')).body)).toBe('bold and'); });
});

describe('what is not shown, and what is shown otherwise than it is written', () => {
  test('deleted words are left out and told', () => { const page = map('kept {\\deleted gone }so'); expect([words(page.body), page.losses]).toEqual(['kept so', ['tracked deletions are left out']]); });
  test('words that are shown again in the same group', () => { expect(words(body('{\\deleted gone\\deleted0 kept}'))).toBe('kept'); });
  test('capitals', () => { expect(words(body('{\\caps tide table} for \\caps a\\caps0  b'))).toBe('TIDE TABLE for A b'); });
});

describe('drawings with text', () => {
  const shape = (text: string, result = ''): string => `{\\shp{\\*\\shpinst\\shpleft10{\\sp{\\sn shapeType}{\\sv 1}}{\\shptxt \\pard ${text}\\par}}${result}}`;
  test('their words stand behind the paragraph that holds them, and only once', () => { expect(body(`\\pard before ${shape('in the {\\b box}', '{\\shprslt{\\*\\do\\dobxcolumn{\\dptxbxtext\\pard in the box\\par}}}')}after\\par next\\par`).replace(/<p[^>]*>/g, '<p>')).toBe('<p>before after</p><p>in the <b>box</b></p><p>next</p>'); });
  test('an older drawing', () => { expect(words(body('\\pard a{\\*\\do\\dobxcolumn{\\dptxbxtext\\pard b\\par}}\\par c\\par'))).toBe('abc'); });
  test('a box at the end of a file', () => { expect(words(body(shape('b')))).toContain('b'); });
  test('in a cell', () => { expect(words(body(`\\trowd\\cellx2000\\cellx4000\\pard\\intbl a${shape('b')}\\cell c\\cell\\row`))).toBe('abc'); });
  test('hard negative: what a drawing says of itself is no text', () => { expect(words(body(`\\pard a${shape('')}\\par`))).toBe('a'); });
});

describe('pages and headings by other words', () => {
  test('a paragraph that begins a page', () => { expect(body('\\pard a\\par\\pard\\pagebb b\\par\\pard c\\par').replace(/<p[^>]*>/g, '<p>')).toBe('<p>a</p><div class="break"></div><p>b</p><p>c</p>'); });
  test('a table that begins one', () => { expect(body('\\pard a\\par\\trowd\\cellx2000\\pard\\intbl\\pagebb b\\cell\\row\\pard c\\par')).toMatch(/a<\/p><div class="break"><\/div><table>.*<\/table><p[^>]*>c/); });
  test('a heading by its style’s name', () => { expect(body('{\\stylesheet{\\s1\\b Heading 2;}{\\s2 Heading;}}\\pard\\s1 a\\par\\pard\\s2 b\\par')).toMatch(/<h2[^>]*>a<\/h2><p[^>]*>b<\/p>/); });
  test('cells of a table in a cell stay apart', () => { expect(body('\\trowd\\cellx2000\\pard\\intbl\\itap2 a\\nestcell b\\nestcell{\\*\\nesttableprops\\trowd\\cellx900\\nestrow}{\\nonesttables\\par}\\cell\\row').replace(/<p[^>]*>/g, '<p>')).toBe('<table><tr><td><p>a</p><p>b</p></td></tr></table>'); });
});
