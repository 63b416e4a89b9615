import { beforeAll, describe, expect, test } from '@jest/globals';
import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { faceFiles } from '../../engines/face-files.ts';
import { provideFaces } from '../../engines/faces.ts';
import { withPdf } from '../../engines/pdf.ts';
import { operationsOf, wideGlyphs } from '../../engines/content.ts';
import { readUnicodeMap } from '../../engines/unicode-map.ts';
import { inParagraph, plainPicture, plantedDocx, wordPart, wordRun } from '../../testing/plant.ts';
import { convertFiles } from '../../verbs/convert.ts';
import { structureOf, type Element } from './blocks.ts';
import { tagPages } from './tag.ts';

const at = join(mkdtempSync(join(tmpdir(), 'tags-')), 'x.pdf'), utf8 = (t: string): Uint8Array => new TextEncoder().encode(t);
const toPdf = async (name: string, bytes: Uint8Array): Promise<Uint8Array> => (await convertFiles([{ name, path: name, bytes }])).bytes;
/** The structure as another program reads it (poppler), a line an element or text. */
const treeOf = (bytes: Uint8Array): string[] => { writeFileSync(at, bytes); return execFileSync('pdfinfo', ['-struct-text', at], { encoding: 'utf8' }).split('\n').map((l) => l.replace(/(?: <.*>)? \((?:block|inline)\).*$/, '').replace(/:$/, '').normalize('NFKC').replace(/\s+/g, ' ').trim()).filter((l) => /^(?:[A-Z]\w*|".*")$/.test(l)); };
const outline = (e: Element): unknown => (e.kids.length > 0 ? [e.type, ...e.kids.map(outline)] : e.text ? `${e.type} ${e.text}` : e.type);

describe('structure of a body', () => {
  test('headings, paragraphs, lists inside lists, cells, pictures and notes', () => {
    const label = (level: number, sign: string): string => `<span class="label" data-level="${level}">${sign}&#8194;</span>`;
    const { root, leaves, pictures } = structureOf(`<h1>One <b>two</b></h1><p>${label(0, '1.')}a</p><p>${label(1, '•')}b</p><p>${label(0, '2.')}c</p><p>after</p><table><tr><td data-head="1"><p>h</p></td></tr><tr><td colspan="2"><p>x</p><p>y</p></td></tr></table><p><img src="s" alt="A map"/></p><hr/><div class="note" data-note="1"><p><sup>1</sup> n</p></div>`);
    expect(outline(root)).toEqual(['Document', 'H1 Onetwo', ['L', ['LI', ['LBody', 'P 1.a', ['L', ['LI', ['LBody', 'P •b']]]]], ['LI', ['LBody', 'P 2.c']]], 'P after', ['Table', ['TR', ['TH', 'P h']], ['TR', ['TD', 'P x', 'P y']]], 'P', 'Figure', ['Note', 'P 1n']]);
    expect([leaves.map((l) => l.text).filter(Boolean), pictures.map((p) => p.alt)]).toEqual([['Onetwo', '1.a', '•b', '2.c', 'after', 'h', 'x', 'y', '1n'], ['A map']]);
  });
});

  test('where a leaf has space, and which of its letters are a link', () => {
    const [leaf] = structureOf('<p>See <a href="https://tides.example/a">the <b>tables</b></a>, or<br/>ask.<a href="note:1">1</a></p>').leaves, { text, gaps, links } = leaf!;
    expect([text, [...gaps!], links!.map((l) => [text.slice(l.from, l.to), l.element.type, l.element.uri])]).toEqual(['Seethetables,orask.1', [3, 6, 13, 15], [['thetables', 'Link', 'https://tides.example/a']]]);
  });

// Lexical rules of ISO 32000-1, 7.2 and 7.8.2.
describe('operations of a content stream', () => {
  const cut = (content: string): string[] => operationsOf(content).map((o) => content.slice(o.start, o.end));
  test.each([
    ['q 1 0 0 1 72 75.0 cm\nBT /F0 18 Tf [<0034>-11<0045>]TJ ET Q', ['q', '1 0 0 1 72 75.0 cm', 'BT', '/F0 18 Tf', '[<0034>-11<0045>]TJ', 'ET', 'Q']],
    ['(a \\) (b) Tj) Tj % Tj\n/P <</MCID 0>> BDC EMC', ['(a \\) (b) Tj) Tj', '/P <</MCID 0>> BDC', 'EMC']],
    ['BI /W 1 /H 1 ID \u0001EI\u0002 EI f*', ['BI /W 1 /H 1 ID \u0001EI\u0002 EI', 'f*']],
    ['', []],
  ])('%j', (content, expected) => expect(cut(content)).toEqual(expected));
  test('codes are told apart where they have two bytes, and nowhere else', () => expect([wideGlyphs('[<00340045>-11<0046>]TJ'), wideGlyphs('<00 34> Tj'), wideGlyphs('(ab) Tj'), wideGlyphs('<0034f> Tj')]).toEqual([['0034', '0045', '0046'], ['0034'], null, null]));
});

// Example of ISO 32000-1, 9.10.3: two ranges, an array for ligatures, a pair of surrogates.
test('characters by code, as a ToUnicode map says', () => {
  const map = readUnicodeMap('2 beginbfrange <0000> <005E> <0020> <005F> <0061> [<00660066> <00660069> <00660066006C>] endbfrange 1 beginbfchar <3A51> <D840DC3E> endbfchar');
  expect([map.get('0000'), map.get('005e'), map.get('005f'), map.get('0061'), map.get('3a51'), map.get('0062'), map.size]).toEqual([' ', '~', 'ff', 'ffl', '\u{2003E}', undefined, 99]);
  expect(readUnicodeMap('no map').size).toBe(0);
});

// Unicode 15, 12.1: vowel signs stand before the consonant that they follow in writing, and consonants join into shapes that have no code.
describe('scripts whose signs are joined and reordered can be read back', () => {
  beforeAll(() => provideFaces((name) => Promise.resolve(new Uint8Array(readFileSync(`node_modules/${faceFiles[name]!}`)))));
  const plain = (text: string): string => text.normalize('NFKC').replace(/\s+/g, ' ').replace(/([(]) | ([).,।])/g, '$1$2').trim();
  const said = 'The word क्षेत्र means field, and विश्वविद्यालय (हिन्दी में) is a university. प्रत्येक व्यक्ति को शिक्षा का अधिकार है। यह वाक्य इतना लम्बा लिखा गया है कि एक पंक्ति में नहीं आता और दूसरी पंक्ति में जाता है.';
  test('by another program word for word (poppler), over lines’ ends and beside Latin signs', async () => {
    writeFileSync(at, await toPdf('a.md', utf8(`# शिक्षा\n\n${said}\n`)));
    expect(plain(execFileSync('pdftotext', [at, '-'], { encoding: 'utf8' }))).toBe(plain(`शिक्षा ${said}`));
    expect(execFileSync('pdfinfo', [at], { encoding: 'utf8' })).toMatch(/Tagged: +yes/);
  });
  test('and by the proof: no word is missing', async () => {
    const { proof } = await convertFiles([{ name: 'a.md', path: 'a.md', bytes: utf8(`${said}\n`) }]);
    expect([proof.missing, proof.added]).toEqual([[], []]);
  });
  test('Thai marks that have shapes of their own', async () => {
    writeFileSync(at, await toPdf('a.md', utf8('ภาษาไทยเป็นภาษาที่สวยงาม\n')));
    expect(plain(execFileSync('pdftotext', [at, '-'], { encoding: 'utf8' }))).toBe(plain('ภาษาไทยเป็นภาษาที่สวยงาม'));
  });
  test('hard negative: letters that no face has are not told either, since nobody sees them', async () => {
    const pdf = await toPdf('a.md', utf8('ᚠᚢᚦᚨᚱᚲ ꯃꯩꯇꯩ and ဗမာစာ here\n'));
    writeFileSync(at, pdf);
    const text = execFileSync('pdftotext', [at, '-'], { encoding: 'utf8' });
    expect([/[\u16a0-\u16ff]/.test(text), /[\u1000-\u109f]/.test(text), text.includes('here')]).toEqual([false, false, true]);
  });
  test('plain text is not told twice', async () => {
    const pdf = await toPdf('a.md', utf8('Each tide carries clay.\n'));
    writeFileSync(at, pdf);
    expect(execFileSync('qpdf', ['--qdf', '--object-streams=disable', at, '-'], { encoding: 'latin1', maxBuffer: 1e8 })).not.toContain('ActualText');
  });
});

describe('a PDF made here carries its structure (read by poppler)', () => {
  test('each word of the text stands in its element, notes and table heads too', async () => {
    const pdf = await toPdf('a.md', utf8('# Silt\n\nEach tide carries clay.\n\n- first\n- second\n\n| Site | Rate |\n| --- | --- |\n| A | 3.1 |\n'));
    expect(treeOf(pdf)).toEqual(['Document', 'H1', '"Silt"', 'P', '"Each tide carries clay."', 'L', 'LI', 'LBody', 'P', '"• first"', 'LI', 'LBody', 'P', '"• second"', 'Table', 'TR', 'TH', 'P', '"Site"', 'TH', 'P', '"Rate"', 'TR', 'TD', 'P', '"A"', 'TD', 'P', '"3.1"']);
    expect(execFileSync('pdfinfo', [at], { encoding: 'utf8' })).toMatch(/Tagged: +yes/);
    expect(execFileSync('qpdf', ['--check', at], { encoding: 'utf8' })).toContain('No syntax or stream encoding errors');
  });
  test('a paragraph over two pages with notes at their feet, a running line, and a picture with its description', async () => {
    const prose = Array.from({ length: 700 }, (_, i) => `word${i}`).join(' '), png = await plainPicture('png');
    const drawing = '<w:r><w:drawing><wp:inline><wp:extent cx="600000" cy="300000"/><wp:docPr id="1" name="P" descr="The breach"/><a:graphic><a:graphicData><pic:pic><pic:blipFill><a:blip r:embed="rId7"/></pic:blipFill></pic:pic></a:graphicData></a:graphic></wp:inline></w:drawing></w:r>';
    const pdf = await toPdf('a.docx', plantedDocx(`${inParagraph(`${wordRun(prose)}<w:r><w:footnoteReference w:id="2"/></w:r>`)}${inParagraph(drawing)}<w:sectPr><w:headerReference w:type="default" r:id="rId6"/></w:sectPr>`, {
      'word/footnotes.xml': wordPart('footnotes', `<w:footnote w:id="2">${inParagraph(wordRun('Beneath'))}</w:footnote>`), 'word/header1.xml': wordPart('hdr', inParagraph(wordRun('Running line'))), 'word/media/p.png': png,
      'word/_rels/document.xml.rels': '<Relationships xmlns="http://schemas.openxmlformats.org/package/2006/relationships"><Relationship Id="rId6" Type="x/header" Target="header1.xml"/><Relationship Id="rId7" Type="x/image" Target="media/p.png"/></Relationships>',
    }));
    const tree = treeOf(pdf), text = tree.filter((l) => l.startsWith('"')).join(' ').replace(/["\s]/g, '');
    expect(tree.filter((l) => /^(?:P|Note|Figure)/.test(l)).map((l) => l.split(' ')[0])).toEqual(['P', 'P', 'Figure', 'Note', 'P']);
    expect(text.endsWith(`${prose.replace(/ /g, '')}11Beneath`)).toBe(true);
    expect(execFileSync('qpdf', ['--json', at], { encoding: 'utf8', maxBuffer: 1 << 26 })).toContain('"/Alt": "u:The breach"');
  });
  test('a link is an element between the words around it and leads to its annotation; lines that end leave their words apart', async () => {
    const pdf = await toPdf('a.md', utf8('Each tide carries clay over the marsh and leaves it there when the water turns, as [the tide tables](https://tides.example/a) say, and [others](https://tides.example/b), and the creeks bring more of it *in summer* than in winter when storms.\n'));
    // The link's words go over the line's end, which swallowed the space between them.
    expect(treeOf(pdf).map((l) => l.replace(/"/g, ''))).toEqual(['Document', 'P', 'Each tide carries clay over the marsh and leaves it there when the water turns, as ', 'Link', 'the tide tables', ' say, and ', 'Link', 'others', ', and the creeks bring more of it in summer than in winter when storms.']);
    const json = JSON.parse(execFileSync('qpdf', ['--json=1', at], { encoding: 'utf8', maxBuffer: 1 << 26 })) as { objects: Record<string, Record<string, unknown>> }, objects = Object.entries(json.objects);
    const annotations = objects.filter(([, o]) => o?.['/Subtype'] === '/Link'), elements = objects.filter(([, o]) => o?.['/S'] === '/Link'), nums = objects.map(([, o]) => o?.['/Nums']).find((n) => Array.isArray(n)) as unknown[];
    expect(elements).toHaveLength(2);
    for (const [name, annotation] of annotations) {
      const key = annotation['/StructParent'] as number, element = nums[nums.indexOf(key) + 1];
      expect((json.objects[String(element)]!['/K'] as unknown[]).some((k) => (k as Record<string, unknown>)['/Obj'] === name)).toBe(true);
    }
    // The same link twice: each has its own place.
    const twice = await toPdf('b.md', utf8('One [a](https://t.example/) and two [b](https://t.example/) here.\n'));
    writeFileSync(at, twice);
    const kids = Object.values((JSON.parse(execFileSync('qpdf', ['--json=1', at], { encoding: 'utf8' })) as typeof json).objects).filter((o) => o?.['/S'] === '/Link').map((o) => (o['/K'] as unknown[]).filter((k) => typeof k === 'object').length);
    expect(kids).toEqual([1, 1]);
  });
  test('text from right to left in the order in which it is read', async () => {
    provideFaces((name) => Promise.resolve(new Uint8Array(readFileSync(`node_modules/${faceFiles[name]!}`))));
    expect(treeOf(await toPdf('a.html', utf8('<p dir="rtl">رواسب السبخة في المد</p><p>Latin</p>')))).toEqual(['Document', 'P', '"رواسب السبخة في المد"', 'P', '"Latin"']);
    // Letters, not the shapes they take within words: whoever searches finds them.
    const long = 'تقرير عن مصب النهر والمد والجزر في الخليج الشمالي.';
    writeFileSync(at, await toPdf('b.html', utf8(`<p dir="rtl">${long}</p><p dir="rtl">${long} ${long} ${long}</p>`)));
    expect(execFileSync('pdftotext', [at, '-'], { encoding: 'utf8' })).toContain('عن مصب النهر والمد والجزر في الخليج');
  });
  test('hard negative: pages that show another text get no structure rather than a wrong one', async () => {
    const bytes = await toPdf('a.txt', utf8('Each tide carries clay.'));
    await withPdf(bytes, (pdf) => {
      expect(tagPages(pdf, '<p>Each tide carries silt.</p>', [], new Map())).toBe(false);
      expect(tagPages(pdf, '<p>Each tide carries clay. And more.</p>', [], new Map())).toBe(false);
      expect(tagPages(pdf, '<p>Each tide carries clay.</p><p><img src="x"/></p>', [], new Map())).toBe(false);
      expect(pdf.getTrailer().get('Root').get('MarkInfo').get('Marked').toString()).toBe('true');
    });
  });
});
