import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { execFileSync } from 'node:child_process';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { dictOf, inParagraph, plainPicture, plantedDocx, plantedOdt, plantedPdf, wordPart, wordRun } from '../testing/plant.ts';
import { convertFiles } from '../verbs/convert.ts';
import { joinPdfs } from './join.ts';
import { movedPassages } from './prove.ts';
import { labelsShown, skeletonOf } from './skeleton.ts';

const folder = mkdtempSync(join(tmpdir(), 'skeleton-')), utf8 = (t: string): Uint8Array => new TextEncoder().encode(t);
const file = (name: string, bytes: Uint8Array) => ({ name, path: name, bytes });
const convert = (name: string, bytes: Uint8Array, to: 'pdf' | 'docx' = 'pdf', wish = {}) => convertFiles([file(name, bytes)], {}, undefined, to, wish);
const tool = (name: string, bytes: Uint8Array, ...words: string[]): string => { const at = join(folder, 'x.pdf'); writeFileSync(at, bytes); return execFileSync(name, [...words.map((w) => (w === '@' ? at : w))], { encoding: 'utf8' }); };
const relations = (...targets: string[]): string => `<Relationships xmlns="http://schemas.openxmlformats.org/package/2006/relationships">${targets.map((t, i) => `<Relationship Id="rId${i + 5}" Type="x/${t.startsWith('http') || t.startsWith('mailto') ? 'hyperlink' : t.replace(/\d*\.xml/, '')}" Target="${t}"${t.includes(':') ? ' TargetMode="External"' : ''}/>`).join('')}</Relationships>`;
const field = (instruction: string, shown: string): string => `<w:r><w:fldChar w:fldCharType="begin"/></w:r><w:r><w:instrText> ${instruction} </w:instrText></w:r><w:r><w:fldChar w:fldCharType="separate"/></w:r>${wordRun(shown)}<w:r><w:fldChar w:fldCharType="end"/></w:r>`;
const heading = (level: number, text: string): string => `<w:p><w:pPr><w:outlineLvl w:val="${level - 1}"/></w:pPr>${wordRun(text)}</w:p>`;
const numbering = wordPart('numbering', `<w:abstractNum w:abstractNumId="0"><w:lvl w:ilvl="0"><w:start w:val="1"/><w:numFmt w:val="upperRoman"/><w:lvlText w:val="%1."/></w:lvl><w:lvl w:ilvl="1"><w:start w:val="1"/><w:numFmt w:val="bullet"/><w:lvlText w:val="•"/></w:lvl></w:abstractNum><w:num w:numId="1"><w:abstractNumId w:val="0"/></w:num>`);
const item = (level: number, text: string): string => `<w:p><w:pPr><w:numPr><w:ilvl w:val="${level}"/><w:numId w:val="1"/></w:numPr></w:pPr>${wordRun(text)}</w:p>`;
const docx = plantedDocx([heading(1, 'Silt'), inParagraph(`${wordRun('See ')}<w:hyperlink r:id="rId5">${wordRun('the map')}</w:hyperlink>${field('HYPERLINK "https://tides.carrow.example/a?b=1&amp;c=2" \\h', 'the tides')}<w:fldSimple w:instr=" HYPERLINK &quot;mailto:desk@carrow.example&quot; ">${wordRun('the desk')}</w:fldSimple>`), heading(2, 'Clay'), item(0, 'first'), item(1, 'inner'), item(0, 'second')].join(''), { 'word/numbering.xml': numbering, 'word/_rels/document.xml.rels': relations('https://maps.carrow.example/') });

describe('what leads through a text', () => {
  test('planted: links of three makes, headings and list numbers of a DOCX are told, and all are in the PDF', async () => {
    const own = (await skeletonOf(docx, 'docx'))!;
    expect([own.headings, own.numbered, [...own.links].sort()]).toEqual([['Silt', 'Clay'], 2, ['https://maps.carrow.example', 'https://tides.carrow.example/a?b=1&c=2', 'mailto:desk@carrow.example']]);
    const { proof, losses } = await convert('a.docx', docx);
    expect([proof.links, proof.headings, proof.listNumbers, proof.moved, losses]).toEqual([{ before: 3, after: 3 }, { before: 2, after: 2 }, { before: 2, after: 2 }, [], []]);
  });
  test('and in a DOCX that is made of it, Roman numbers as real ones', async () => {
    const { proof, bytes } = await convert('a.docx', docx, 'docx'), made = (await skeletonOf(bytes, 'docx'))!;
    expect([proof.links, proof.headings, proof.listNumbers, made.numbered]).toEqual([{ before: 3, after: 3 }, { before: 2, after: 2 }, { before: 2, after: 2 }, 2]);
    expect(made.starts.filter((s) => /^I/.test(s))).toEqual(['I. first', 'II. second']);
  });
  test('hard negative: what is deleted, hidden, or leads into a drive is none', async () => {
    const own = (await skeletonOf(plantedDocx(`<w:p><w:pPr><w:outlineLvl w:val="0"/></w:pPr><w:del w:id="1" w:author="A"><w:r><w:delText>Gone</w:delText></w:r></w:del></w:p>${inParagraph(field('HYPERLINK "file:///C:/x.docx"', 'a file') + field('HYPERLINK \\l "place"', 'a place') + field('REF _Ref1', 'Figure 1'))}`), 'docx'))!;
    expect([own.headings, own.numbered, own.links.size]).toEqual([[], 0, 0]);
  });
  test.each([
    ['odt', plantedOdt('<text:h text:outline-level="1">Silt</text:h><text:list text:style-name="L1"><text:list-item><text:p>one</text:p></text:list-item><text:list-item><text:p>two</text:p></text:list-item></text:list><text:p><text:a xlink:href="https://maps.carrow.example/x">map</text:a></text:p>', { 'styles.xml': '<office:document-styles xmlns:office="o" xmlns:style="s" xmlns:text="t"><office:styles><text:list-style style:name="L1"><text:list-level-style-number text:level="1" style:num-format="1" style:num-suffix="."/></text:list-style></office:styles></office:document-styles>' })],
    ['rtf', utf8(String.raw`{\rtf1\ansi{\stylesheet{\s1\outlinelevel0 heading 1;}}\pard\s1 Silt\par\pard{\listtext 1.\tab}one\par{\listtext 2.\tab}two\par{\listtext \'b7\tab}point\par{\field{\*\fldinst HYPERLINK "https://maps.carrow.example/x"}{\fldrslt map}}\par}`)],
    ['html', utf8('<h1>Silt</h1><ol><li>one<li>two</ol><ul><li>point</ul><p><a href="https://maps.carrow.example/x">map</a> <a href="#here">here</a></p>')],
    ['markdown', utf8('# Silt\n\n1. one\n2. two\n\n- point\n\nSee [map](https://maps.carrow.example/x).\n')],
  ] as const)('%s: one heading, two numbers, one link, kept in PDF and DOCX', async (kind, bytes) => {
    const own = (await skeletonOf(bytes, kind))!;
    expect([own.headings, own.numbered, [...own.links]]).toEqual([['Silt'], 2, ['https://maps.carrow.example/x']]);
    for (const to of ['pdf', 'docx'] as const) {
      const { proof, losses } = await convert(`a.${kind === 'markdown' ? 'md' : kind}`, bytes, to);
      expect([to, proof.headings.after, proof.listNumbers.after, proof.links.after, losses]).toEqual([to, 1, 2, 1, []]);
    }
  });
  test('a list number that is not shown is missed; one that stands alone in its line is found', () => {
    expect(labelsShown(['1.', '2.', '3.'], ['1. alpha', '2.', 'beta', '4. delta'])).toBe(2);
    expect(labelsShown(['1.'], ['1.5 metres', '21. alpha'])).toBe(0);
  });
  test('what another engine writes is looked for by the same list numbers', async () => {
    // An engine that sets them, and one that loses them; both stand in for the office engine.
    const [kept, lost] = await Promise.all([docx, plantedDocx(inParagraph(wordRun('first inner second Silt Clay See')))].map((bytes) => convertFiles([file('a.docx', docx)], {}, async () => (await convert('b.docx', bytes)).bytes)));
    expect([kept!.engine, kept!.proof.listNumbers, lost!.proof.listNumbers]).toEqual(['office', { before: 2, after: 2 }, { before: 2, after: 0 }]);
    expect(lost!.losses.join()).toContain('2 of 2 list numbers were not found again');
  });
});

describe('order', () => {
  const words = (n: number, sign: string): string[] => Array.from({ length: n }, (_, i) => `${sign}${i}`);
  test('planted: a passage that stands elsewhere is told by its first words', () => {
    const [a, b, c] = [words(60, 'a'), words(20, 'b'), words(60, 'c')] as const;
    expect(movedPassages([...a, ...b, ...c], [...a, ...c, ...b])).toEqual([b.slice(0, 10).join(' ')]);
  });
  test('hard negatives: the same order, words missing or added, words that come again and again', () => {
    fc.assert(fc.property(fc.array(fc.integer({ min: 0, max: 30 }), { maxLength: 200 }), (numbers) => { const same = numbers.map((n) => `w${n}`); return movedPassages(same, same).length === 0; }));
    fc.assert(fc.property(fc.array(fc.nat(149), { maxLength: 40 }), fc.array(fc.nat(149), { maxLength: 10 }), (gone, put) => {
      const before = words(150, 'w'), after = before.flatMap((w, i) => [...(gone.includes(i) ? [] : [w]), ...(put.includes(i) ? [`added${i}`] : [])]);
      return movedPassages(before, after).length === 0;
    }));
    expect(movedPassages([...words(50, 'a'), ...words(50, 'b')], [...words(20, 'a'), ...words(50, 'b')])).toEqual([]);
  });
});

describe('title, language, first page', () => {
  // ISO 32000-1, 14.3.3 and 14.9.2; pdfinfo (poppler) reads them.
  test('the title of the text and its language are stored, and nothing else', async () => {
    const titled = plantedDocx(`<w:p><w:pPr><w:pStyle w:val="T"/></w:pPr>${wordRun('Sediment &amp; silt')}</w:p>${inParagraph(wordRun('Prose'))}`, { 'word/styles.xml': wordPart('styles', '<w:docDefaults><w:rPrDefault><w:rPr><w:lang w:val="en-GB"/></w:rPr></w:rPrDefault></w:docDefaults><w:style w:type="paragraph" w:styleId="T"><w:name w:val="Title"/></w:style>') });
    const { bytes } = await convert('a.docx', titled), info = tool('pdfinfo', bytes, '@');
    expect([/^Title: +(.*)$/m.exec(info)?.[1], /^(?:Author|Creator|Producer|CreationDate|Subject|Keywords):/m.test(info)]).toEqual(['Sediment & silt', false]);
    expect(tool('qpdf', bytes, '--json', '@')).toMatch(/"\/Lang": "u:en-GB"/);
    expect(tool('pdfinfo', (await convert('a.docx', titled, 'pdf', { untitled: true })).bytes, '@')).not.toMatch(/^Title: +\S/m);
  });
  test('a file without title or heading gets none', async () => expect(tool('pdfinfo', (await convert('a.txt', utf8('Prose alone.'))).bytes, '@')).not.toMatch(/^Title: +\S/m));
  test('the first page’s own header stands on it, the other on the rest; those of even pages stay away where no setting wants them', async () => {
    const head = (t: string): string => wordPart('hdr', inParagraph(wordRun(t))), body = `${inParagraph(`${wordRun('One')}<w:r><w:br w:type="page"/></w:r>`)}${inParagraph(wordRun('Two'))}<w:sectPr>${['default', 'first', 'even'].map((t, i) => `<w:headerReference w:type="${t}" r:id="rId${i + 5}"/>`).join('')}<w:titlePg/></w:sectPr>`;
    const { bytes, losses } = await convert('a.docx', plantedDocx(body, { 'word/header1.xml': head('Running'), 'word/header2.xml': head('Opening'), 'word/header3.xml': head('Evenly'), 'word/_rels/document.xml.rels': relations('header1.xml', 'header2.xml', 'header3.xml') }));
    const page = (n: number): string => tool('pdftotext', bytes, '-f', String(n), '-l', String(n), '@', '-');
    expect([page(1), page(2)]).toEqual([expect.stringMatching(/Opening[^]*One/), expect.stringMatching(/Running[^]*Two/)]);
    expect(page(1)).not.toContain('Running');
    expect([page(2).includes('Evenly'), losses]).toEqual([false, []]);
  });
});

describe('several PDFs as one', () => {
  const form = plantedPdf((pdf, mupdf) => {
    const page = pdf.loadPage(0), note = page.createAnnotation('FreeText');
    note.setRect([60, 300, 300, 330]); note.setContents('Declared by hand'); note.setDefaultAppearance('Helv', 12, [0, 0, 0]); note.update();
    page.createLink([50, 50, 120, 70], 'https://maps.carrow.example/').destroy();
    const font = pdf.addSimpleFont(new mupdf.Font('Helvetica')), resources = dictOf(pdf, {}), fonts = dictOf(pdf, {});
    fonts.put('Helv', font); resources.put('Font', fonts);
    const field = pdf.addObject(dictOf(pdf, { Type: '/Annot', Subtype: '/Widget', FT: '/Tx', T: 'number', V: 'Y3921847', F: 4, Rect: [60, 600, 300, 620], DA: '/Helv 12 Tf 0 g' }));
    page.getObject().get('Annots').push(field);
    const root = pdf.getTrailer().get('Root'), fields = pdf.newArray(), acro = dictOf(pdf, { DA: '/Helv 12 Tf 0 g' });
    fields.push(field); acro.put('Fields', fields); acro.put('DR', resources); root.put('AcroForm', pdf.addObject(acro));
    const at = pdf.outlineIterator(); at.insert({ title: 'Declaration', uri: '#page=1', open: true } as never); at.destroy();
    page.destroy();
  });
  test('planted: what was typed into a field or written on a page stays to be seen, links and bookmarks lead to their places', async () => {
    const bytes = await joinPdfs([await plantedPdf(), await form]), second = tool('pdftotext', bytes, '-f', '2', '-l', '2', '@', '-'), own = (await skeletonOf(bytes, 'pdf'))!;
    expect(second).toContain('Declared by hand');
    expect(second).toContain('Y3921847');
    expect([own.headings, [...own.links]]).toEqual([['Declaration'], ['https://maps.carrow.example']]);
    expect(tool('qpdf', bytes, '--check', '@')).toContain('No syntax or stream encoding errors');
  });
  test('a PDF’s bookmarks tell its headings, and a link of a few words stays on those words', async () => {
    const source = (await convert('a.md', utf8('# Silt\n\nEach tide carries clay, see [the old map](https://maps.carrow.example/x) of the shore.\n\n## Clay\n\nMore.\n'))).bytes, { proof, bytes } = await convert('a.pdf', source, 'docx');
    expect([proof.headings, proof.links]).toEqual([{ before: 2, after: 2 }, { before: 1, after: 1 }]);
    const { Package } = await import('../engines/zip.ts'), body = new Package(bytes).text('word/document.xml')!;
    expect(/<w:hyperlink[^>]*>(.*?)<\/w:hyperlink>/s.exec(body)![1]!.replace(/<[^>]+>/g, '').trim()).toBe('the old map');
  });
});

test('a picture that does not decode costs the paper only that picture, and it is told', async () => {
  const png = await plainPicture('png'), broken = png.slice();
  // The compressed pixels become noise; head and size stay as they were.
  for (let i = 41; i < broken.length - 16; i++) broken[i] = 255;
  const page = (picture: Uint8Array): Uint8Array => utf8(`<p>Before it.</p><p><img src="data:image/png;base64,${Buffer.from(picture).toString('base64')}"/></p><p>After it.</p>`);
  const [whole, damaged] = [await convert('a.html', page(png)), await convert('a.html', page(broken))];
  expect([whole.proof.images, whole.losses]).toEqual([{ before: 1, after: 1 }, []]);
  expect([damaged.proof.missing, damaged.proof.images, damaged.losses]).toEqual([[], { before: 1, after: 0 }, ['a picture is not in the result']]);
});
