import { describe, expect, test } from '@jest/globals';
import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Package } from '../engines/zip.ts';
import { linearMath } from '../readers/mathml.ts';
import { plainPicture, plantedOdt } from '../testing/plant.ts';
import { convertFiles } from '../verbs/convert.ts';
import { mapHtmlSource } from './html/map.ts';
import { mapRtf } from './rtf/map.ts';

const utf8 = (text: string): Uint8Array => new TextEncoder().encode(text);
const file = (name: string, content: string | Uint8Array) => ({ name, path: name, bytes: typeof content === 'string' ? utf8(content) : content });
const toDocx = async (name: string, content: string | Uint8Array) => { const done = await convertFiles([file(name, content)], {}, undefined, 'docx'); return { ...done, body: new Package(done.bytes).text('word/document.xml')!, pack: new Package(done.bytes) }; };

const rtf = String.raw`{\rtf1\ansi\ansicpg1252{\fonttbl{\f0 Times New Roman;}}{\stylesheet{\s1\outlinelevel0 heading 1;}}{\info{\author Nina}}
\paperw11906\paperh16838{\header Running head \chpgn\par}
\pard\s1\b\fs32 Sediment budgets\par
\pard\plain\fs24\qj Each {\i flood} tide\'92s silt \u8212? and clay{\super\chftn}{\*\footnote \pard\plain {\super\chftn} A note on clay.} stays.\par
{\listtext 1.\tab}\pard\li360\fi-360 First item\par
{\listtext 2.\tab}Second item\par
\trowd\cellx2000\clmrg\cellx4000\pard\intbl Wide\cell\cell\row
\trowd\cellx2000\cellx4000\pard\intbl A\cell 3.1\cell\row
\pard After {\field{\*\fldinst HYPERLINK "https://maps.carrow.example/"}{\fldrslt the map}}.\par
}`;
const markdown = '---\ntitle: Sediment\nauthor: Nina Vestergaard-Imani\n---\n# Sediment budgets\n\nEach *flood* tide carries **silt**, see [the map](https://maps.carrow.example/x).\n\n- first\n- second\n  1. inner\n\n| Site | Rate |\n| --- | --- |\n| A | 3.1 |\n';

describe('to a word-processor file', () => {
  test('a blank that does not break stays between its words; a line of one says nothing', async () => {
    const { body } = await toDocx('a.html', '<!DOCTYPE html><p>No.&nbsp;4 of<b>&nbsp;</b>5</p><p>&nbsp;</p><p>end</p>');
    expect(body.split('</w:p>').map((p) => p.replace(/<[^>]*>/g, '').trim()).filter(Boolean)).toEqual(['No.\u00a04 of\u00a05', 'end']);
  });
  test('several blanks of an OpenDocument text', async () => {
    const { body, proof } = await toDocx('a.odt', plantedOdt('<text:p>Tide<text:s text:c="2"/>table</text:p>'));
    expect([body.replace(/<[^>]*>/g, '').includes('Tide\u00a0\u00a0table'), proof.wordsAfter]).toEqual([true, proof.wordsBefore]);
  });
  test('rich text: heading, note, list, merged cells, link, running line, nothing of the author', async () => {
    const { body, pack, proof } = await toDocx('a.rtf', rtf);
    expect(proof).toMatchObject({ missing: [], added: [], tables: { before: 1, after: 1 }, footnotes: { before: 1, after: 1 } });
    expect(body).toContain('w:val="Heading1"');
    expect(body).toContain('tide’s silt — and clay');
    expect(body).toContain('<w:footnoteReference w:id="2"/>');
    expect(body.match(/<w:numId w:val="1"\/>/g)).toHaveLength(2);
    expect(body).toContain('<w:gridSpan w:val="2"/>');
    expect(pack.text('word/header1.xml')).toContain('PAGE');
    expect(pack.text('word/header1.xml')).not.toContain('<w:tabs>');
    expect(pack.text('word/_rels/document.xml.rels')).toContain('https://maps.carrow.example/');
    expect(pack.names().some((n) => n.startsWith('docProps/'))).toBe(false);
    expect(pack.names().map((n) => pack.text(n)).join('')).not.toContain('Nina');
  });
  test('Markdown: its head is metadata, its table a table, its lists lists', async () => {
    const { body, proof } = await toDocx('a.md', markdown);
    expect(proof).toMatchObject({ missing: [], added: [], tables: { before: 1, after: 1 } });
    expect(body).not.toContain('Vestergaard');
    expect(body).toContain('w:ilvl w:val="1"');
  });
  test('OpenDocument: note, list, equation', async () => {
    const odt = plantedOdt('<text:h text:outline-level="2">A heading</text:h><text:p>Clay<text:note text:note-class="footnote"><text:note-citation>1</text:note-citation><text:note-body><text:p>of the note</text:p></text:note-body></text:note> stays.</text:p><text:list><text:list-item><text:p>one</text:p></text:list-item></text:list>');
    const { body, proof } = await toDocx('a.odt', odt);
    expect(proof).toMatchObject({ missing: [], added: [], footnotes: { before: 1, after: 1 } });
    expect(body).toContain('w:val="Heading2"');
  });
  test('a PDF gives its text with headings, lists and tables as recognised', async () => {
    const html = `<h1>Tides</h1><p>${'Each flood tide carries silt and clay over the surface of the marsh. '.repeat(6)}</p><ol><li>first of the items</li><li>second of the items</li></ol><table><tr><td>Site</td><td>Mean</td><td>Largest</td></tr><tr><td>A</td><td>3.1</td><td>9</td></tr><tr><td>B</td><td>4.2</td><td>8</td></tr></table><p>The end of it.</p>`;
    const pdf = await convertFiles([file('a.html', html)]);
    const { body, proof, losses } = await toDocx('a.pdf', pdf.bytes);
    expect(proof.missing).toEqual([]);
    expect(proof.added).toEqual([]);
    expect(body).toContain('w:val="Heading1"');
    expect(body.match(/<w:tr>/g)).toHaveLength(3);
    expect(body.match(/<w:numPr>/g)).toHaveLength(2);
    expect(losses[0]).toMatch(/layout is not carried over/);
  });
  // Source: ECMA-376-1, 17.3.1.6 (bidi), 17.3.1.13 (jc: left and right mean the beginning and the end).
  test('from right to left: the indent stands at the beginning, left means the end', async () => {
    const { body } = await toDocx('a.html', '<div dir="rtl"><blockquote>a</blockquote><p align="left">b</p><p align="right">c</p></div><p align="right">d</p>');
    expect([...body.matchAll(/<w:p>[\s\S]*?<\/w:p>/g)].map(([p]) => ['<w:bidi/>', 'w:left="560"', 'w:jc w:val="right"'].filter((x) => p.includes(x)))).toEqual([['<w:bidi/>', 'w:left="560"'], ['<w:bidi/>', 'w:jc w:val="right"'], ['<w:bidi/>'], ['w:jc w:val="right"']]);
  });
  test('pictures come along; several files follow each other on new pages', async () => {
    const done = await convertFiles([file('a.txt', 'First text.'), file('b.png', await plainPicture('png'))], {}, undefined, 'docx');
    const pack = new Package(done.bytes);
    expect(pack.names()).toContain('word/media/image1.png');
    expect(done.proof.images).toEqual({ before: 1, after: 1 });
  });
  // Oracle: LibreOffice opens the result and reads the same words.
  test('LibreOffice reads the same words', async () => {
    let office = true;
    try { execFileSync('soffice', ['--version'], { stdio: 'ignore' }); } catch { office = false; }
    if (!office) { expect(office).toBe(false); return; }
    const folder = mkdtempSync(join(tmpdir(), 'docx-')), { bytes } = await toDocx('a.md', markdown);
    writeFileSync(join(folder, 'a.docx'), bytes);
    execFileSync('soffice', [`-env:UserInstallation=file://${folder}/profile`, '--headless', '--convert-to', 'txt:Text', '--outdir', folder, join(folder, 'a.docx')], { stdio: 'ignore', timeout: 60_000 });
    const words = readFileSync(join(folder, 'a.txt'), 'utf8').replace(/^\uFEFF/, '').match(/\S+/g)!;
    expect(words.filter((w) => /[a-z]/i.test(w))).toEqual(['Sediment', 'budgets', 'Each', 'flood', 'tide', 'carries', 'silt,', 'see', 'the', 'map.', 'first', 'second', 'inner', 'Site', 'Rate', 'A']);
  }, 90_000);
});

describe('a web page is never passed on as it is', () => {
  test.each([
    ['a script', '<p>a<script>alert(1)</script>b</p>', /script|alert/], ['a handler', '<p onclick="x()">a</p>', /onclick/], ['a script address', '<a href="javascript:x()">a</a>', /javascript/],
    ['a frame', '<iframe src="https://carrow.example"></iframe>a', /iframe/], ['a picture from elsewhere', '<img src="https://carrow.example/x.png">', /carrow/], ['a style', '<style>@import url(x)</style><p style="background:url(x)">a</p>', /url\(/],
  ])('%s', (_, html, never) => expect(mapHtmlSource(html).body).not.toMatch(never));
  test('marks that overlap are closed in order', () => expect(mapHtmlSource('<p>a <b>b <i>c</b> d</i></p>').body).toContain('a <b>b <i>c</i></b> d'));
  test('nested lists, spans of cells, a quotation', () => {
    const { body, counts } = mapHtmlSource('<ol start="3"><li>x<ul><li>y</li></ul></li></ol><table><tr><td rowspan="2">A</td><td>B</td></tr><tr><td>C</td></tr></table><blockquote><p>q</p></blockquote>');
    expect(body).toContain('data-level="0">3.');
    expect(body).toContain('data-level="1">•');
    expect(body).toContain('<td rowspan="2">');
    expect(counts.tables).toBe(1);
  });
});

// MathML 3.0, 3.1 and 3.3: the quadratic formula is its own example.
test('equations on one line', () => {
  expect(linearMath('<math><mi>x</mi><mo>=</mo><mfrac><mrow><mo>−</mo><mi>b</mi><mo>±</mo><msqrt><msup><mi>b</mi><mn>2</mn></msup></msqrt></mrow><mrow><mn>2</mn><mi>a</mi></mrow></mfrac></math>')).toBe('x = (−b ± √(b^2))/(2a)');
  expect(linearMath('<p>none</p>')).toBe('');
});
test('damaged rich text gives what can be read', () => {
  expect(mapRtf(utf8('{\\rtf1 {\\b open and never closed')).body).toContain('open and never closed');
  expect(mapRtf(utf8('{\\rtf1 }}}} after')).body).toContain('after');
});
// ECMA-376-1, 17.3.1.37: a stop in the middle and one at the right end of the line, in twentieths of a point.
test('a running line keeps what stands in the middle and at the right', async () => {
  const { bytes } = await toDocx('a.rtf', String.raw`{\rtf1\ansi\paperw11906\paperh16838\margl1440\margr1440{\header\pard\tqc\tx4513\tqr\tx9026 Silt\tab Sand\tab \chpgn\par}Text\par}`), header = new Package(bytes).text('word/header1.xml')!;
  expect(header).toContain('<w:tabs><w:tab w:val="center" w:pos="4513"/><w:tab w:val="right" w:pos="9026"/></w:tabs>');
  expect(header.match(/<w:tab\/>/g)).toHaveLength(2);
});
