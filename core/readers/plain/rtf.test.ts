import { describe, expect, test } from '@jest/globals';
import type { DocumentFacts } from '../../model/facts.ts';
import { readDocument } from '../index.ts';

/** Control words by what they do. Source: RTF Specification 1.9.1, from memory; the texts are made up. */
const head = '{\\fonttbl{\\f0\\froman\\fcharset0 Times New Roman{\\*\\falt Times};}{\\f1\\fswiss Arial;}}{\\colortbl;\\red255\\green255\\blue255;\\red0\\green0\\blue0;\\red255\\green255\\blue0;\\red128\\green128\\blue128;}';
const facts = (body: string, more = ''): Promise<DocumentFacts> => readDocument(new TextEncoder().encode(`{\\rtf1\\ansi\\deff0${head}${more} ${body}}`), 'a.rtf');
const said = async (body: string): Promise<string[]> => { const { passages } = await facts(body); return passages.ok ? passages.value.filter((p) => !/Arial|^Times$|^1$/.test(p.text)).map((p) => `${p.place}: ${p.text.trim()}`) : []; };

describe('what stands apart from the text', () => {
  test.each<[string, string, string[]]>([
    ['a comment with its author', 'Hello{\\*\\atnid NVI}{\\*\\atnauthor Nina}\\chatn{\\*\\annotation{\\*\\atnref 1}\\pard\\plain look here}', ['text: Hello', 'comment: NVI', 'comment: Nina', 'comment: look here']],
    ['who changed something', '{\\*\\revtbl{Unknown;}{Nina Vestergaard;}}Hello', ['text: Hello', 'trackedChange: Nina Vestergaard']],
    ['deleted words', 'Hello {\\deleted\\revauthdel1 by {\\b Nina}}world', ['text: Hello world', 'deletedText: by Nina']],
    ['hidden words, and words that are seen again in the same group', 'Hello {\\v unseen\\v0  seen}', ['text: Hello  seen', 'hidden: unseen']],
    ['a head that is cut in two by its bold part', '{\\header\\pard Vester{\\b gaard}\\par}Hello', ['text: Hello', 'runningHead: Vestergaard']],
    ['a link', '{\\field{\\*\\fldinst{HYPERLINK "mailto:nvi204@student.carrow.example"}}{\\fldrslt{write}}}', ['text: write', 'link: mailto:nvi204@student.carrow.example']],
    ['words in a drawing, once', 'Hello {\\shp{\\*\\shpinst{\\shptxt \\pard Tide table\\par}}{\\shprslt{\\*\\do{\\dptxbxtext Tide table}}}}world', ['text: Hello world', 'textbox: Tide table', 'hidden: Tide table']],
    ['a bookmark', '{\\*\\bkmkstart nvi204}Hello{\\*\\bkmkend nvi204}', ['text: Hello', 'outline: nvi204', 'hidden: nvi204']],
  ])('%s', async (_, body, expected) => expect((await said(body)).sort()).toEqual([...expected].sort()));
  test('the template and the program are metadata', async () => {
    const { metadata } = await facts('{\\*\\template C:\\\\Users\\\\nvi204\\\\t.dot}{\\*\\generator Editor 4.1;}{\\info{\\author Nina}{\\title Tides}}Hello');
    expect(metadata.ok && metadata.value.map((m) => `${m.part} ${m.sort}: ${m.value}`).sort()).toEqual(['info/author author: Nina', 'info/title title: Tides', 'rtf/generator software: Editor 4.1', 'rtf/template template: C:\\Users\\nvi204\\t.dot']);
  });
  test('comments, changes and marked stretches are counted; a white ground is no mark', async () => {
    const { remains } = await facts('a{\\*\\annotation one}b{\\*\\annotation two}{\\revised new}{\\deleted old}{\\highlight3 marked} and {\\highlight3 marked}{\\chcbpat1 plain}');
    expect(remains.ok && remains.value).toEqual({ comments: 2, trackedChanges: 2, highlights: 2, revisions: 0 });
    const plain = await facts('plain');
    expect(plain.remains.ok && plain.remains.value).toEqual({ comments: 0, trackedChanges: 0, highlights: 0, revisions: 0 });
  });
});

const long = 'Each flood tide carries silt and clay over the surface of the marsh. '.repeat(6);
describe('how the text is set', () => {
  test('size, face, spacing, margins and sheet', async () => {
    const { layout, sheets } = await facts(`\\paperw11906\\paperh16838\\margl1440\\margr1134\\margt1440\\margb1440\\pard\\plain\\sl480\\slmult1\\f1\\fs22 ${long}`);
    expect(layout.ok && layout.value).toEqual({ source: 'style', sizePt: 11, otherSizes: [], fonts: [{ name: 'Arial', share: 1 }], lineSpacing: 2, marginsMm: { left: 25.4, right: 20, top: 25.4, bottom: 25.4 }, outliers: [] });
    expect(sheets).toEqual([{ page: null, width: 595.3, height: 841.9 }]);
  });
  test('sections: their own sheets and margins, the file’s where they say none; the narrowest margin of one with more than a little text', async () => {
    const { layout, sheets } = await facts(`\\paperw11906\\paperh16838\\margl1440\\margr1440\\margt1440\\margb720\\sectd\\margbsxn1440 ${long}\\sect\\sectd\\lndscpsxn\\pgwsxn16838\\pghsxn11906\\marglsxn720 ${long.slice(0, 200)}\\sect\\sectd\\margrsxn200 few`);
    expect(sheets).toEqual([{ page: null, width: 595.3, height: 841.9 }, { page: null, width: 841.9, height: 595.3 }, { page: null, width: 595.3, height: 841.9 }]);
    expect(layout.ok && layout.value.marginsMm).toEqual({ left: 12.7, right: 25.4, top: 25.4, bottom: 12.7 });
    const one = await facts(`\\margb720\\sectd\\margbsxn1440 ${long}\\par`);
    expect([one.sheets!.length, one.layout.ok && one.layout.value.marginsMm!.bottom]).toEqual([1, 25.4]);
  });
  test('what is usual where nothing is said; a few words tell nothing', async () => {
    const { layout, sheets } = await facts(long);
    expect([layout.ok && layout.value.sizePt, layout.ok && layout.value.fonts[0]!.name, sheets]).toEqual([12, 'Times New Roman', [{ page: null, width: 612, height: 792 }]]);
    expect((await facts('a few words')).layout.ok).toBe(false);
  });
  test.each<[string, string, boolean]>([['a page number in the foot', '{\\footer\\pard\\chpgn\\par}', true], ['a field in the head', '{\\header\\pard{\\field{\\*\\fldinst{ PAGE }}{\\fldrslt 1}}\\par}', true], ['on the first page only', '{\\footerf\\pard\\chpgn\\par}', false], ['how many there are', '{\\footer{\\field{\\*\\fldinst{ NUMPAGES }}{\\fldrslt 9}}}', false], ['a field in the text', '{\\field{\\*\\fldinst{ PAGE }}{\\fldrslt 1}}', false]])('page numbers: %s', async (_, body, expected) => expect((await facts(`${body}Hello`)).pageNumbers).toBe(expected));
  test('a picture in a head is no word of it, and one that is written twice is one', async () => {
    const head = '{\\header\\pard Coasts {\\pict\\pngblip 89504e47abcdef}\\par}', read = await facts(`${head}${head}words`);
    expect(read.passages.ok && read.passages.value.filter((p) => p.place === 'runningHead').map((p) => p.text)).toEqual(['Coasts', 'Coasts']);
    expect(read.structure?.images).toBe(1);
  });
  test.each<[string, string, string[]]>([
    ['white', '{\\cf1 unseen words}', ['background: unseen words']], ['the colour of its mark', '{\\cf3\\highlight3 unseen words}', ['background: unseen words']], ['one point high', '{\\fs2 unseen words}', ['tiny: unseen words']], ['black on a black paragraph', '\\pard\\cbpat2{\\cf2 unseen words}', ['background: unseen words']],
    ['hard negative: grey', '{\\cf4 words}', []], ['hard negative: white on a black paragraph', '\\pard\\cbpat2{\\cf1 words}\\par', []], ['hard negative: white in a table, whose cells have colours of their own', '\\trowd\\cellx3000\\pard\\intbl{\\cf1 words}\\cell\\row', []], ['hard negative: the colour that follows its ground', '{\\cf0 words}', []], ['hard negative: plain again', '{\\cf1\\plain words}', []],
  ])('unseen: %s', async (_, body, expected) => expect((await facts(body)).integrity.map((f) => `${f.code}: ${f.quote}`)).toEqual(expected));
});

test('headings by the outline level of their styles or their own, by a style’s name, and how many words stand below each', async () => {
  const styles = '{\\stylesheet{\\s0 Normal;}{\\s1\\outlinelevel0\\b Title of mine;}{\\s2 heading 2;}{\\cs4 Heading 1 Char;}{\\s3\\outlinelevel9 Body Text;}}';
  const body = ['\\pard\\s1 Methods\\par', '\\pard\\s2 Cores\\par', '\\pard\\s3 Four cores{\\footnote a note} were taken.\\par', '\\pard\\outlinelevel0 Results\\par', '\\pard\\s3 Heading 3 is only a word here.\\par', '\\pard\\s1 Discussion'].join('');
  expect((await facts(body, styles)).headings).toEqual([{ text: 'Methods', level: 1, words: 0 }, { text: 'Cores', level: 2, words: 4 }, { text: 'Results', level: 1, words: 7 }, { text: 'Discussion', level: 1, words: 0 }]);
  expect((await facts('\\pard Methods\\par Four cores were taken.')).headings).toEqual([]);
});
test('what stands in a table or is a picture fills a section', async () => {
  const styles = '{\\stylesheet{\\s1\\outlinelevel0 Head;}}', picture = '{\\pict\\pngblip 89504e47}';
  expect((await facts(`\\pard\\s1 Map\\par\\pard ${picture}\\par\\pard\\s1 Table\\par\\trowd\\pard\\intbl a\\cell\\row\\pard\\s1 Nothing\\par`, styles)).headings!.map((h) => h.words > 0)).toEqual([true, true, false]);
});
