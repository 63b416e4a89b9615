import { expect, test } from '@jest/globals';
import { Package, packZip } from '../../engines/zip.ts';
import { inParagraph, plainPicture, plantedDocx, plantedOdt, wordPart, wordRun } from '../../testing/plant.ts';
import { cleanFile } from '../../verbs/clean.ts';

test('revision ids go from every part: settings, styles, paragraphs, runs, rows (ECMA-376-1, 17.15.1.72, 17.7.4.16, 17.3.1)', async () => {
  const body = `<w:p w:rsidR="00A11111" w:rsidRDefault="00A22222"><w:r w:rsidRPr="00A33333"><w:t>word</w:t></w:r></w:p><w:tbl><w:tr w:rsidTr="00A44444"><w:tc>${inParagraph(wordRun('cell'))}</w:tc></w:tr></w:tbl>`;
  const bytes = plantedDocx(body, {
    'word/settings.xml': wordPart('settings', '<w:rsids><w:rsidRoot w:val="00A55555"/><w:rsid w:val="00A66666"/></w:rsids><w:zoom w:percent="90"/>'),
    'word/styles.xml': wordPart('styles', '<w:style w:type="paragraph" w:styleId="Quiet"><w:name w:val="Quiet"/><w:rsid w:val="00A77777"/><w:pPr/></w:style>'),
  });
  const cleaned = await cleanFile({ name: 'a.docx', path: 'a.docx', bytes }, {}), pack = new Package(cleaned.bytes), all = pack.names().map((n) => pack.text(n) ?? '').join('');
  expect(all).not.toMatch(/00A\d{5}|rsid/);
  // Its neighbours stay.
  expect(all).toContain('<w:zoom w:percent="90"/>');
  expect(all).toContain('<w:name w:val="Quiet"/>');
  expect(cleaned.left.filter((f) => f.check === 'metadata.revision-ids')).toEqual([]);
  expect(cleaned.removed.map((r) => r.check)).toContain('metadata.revision-ids');
});

// Relationships by ECMA-376-2, 6.5; explicit ones by ECMA-376-1, 9.2.
test('pictures and objects that were deleted go from the package with what names them; what is shown stays', async () => {
  const picture = await plainPicture('jpeg'), type = 'http://schemas.openxmlformats.org/officeDocument/2006/relationships';
  const relation = (id: string, kind: string, to: string): string => `<Relationship Id="${id}" Type="${type}/${kind}" Target="${to}"/>`;
  const bytes = plantedDocx('<w:p><w:r><w:drawing><a:blip xmlns:a="urn:a" r:embed="rId7"/></w:drawing></w:r></w:p>', {
    'word/media/shown.jpg': picture, 'word/media/deleted.jpg': picture, 'word/media/stray.jpg': picture, 'word/embeddings/stray.bin': new Uint8Array([1, 2, 3]), 'word/diagrams/drawing1.xml': '<d/>',
    'word/settings.xml': wordPart('settings', '<w:zoom w:percent="90"/>'), 'word/footnotes.xml': wordPart('footnotes', `<w:footnote w:id="2">${inParagraph(wordRun('a note'))}</w:footnote>`),
    'word/_rels/document.xml.rels': `<Relationships xmlns="http://schemas.openxmlformats.org/package/2006/relationships">${relation('rId7', 'image', 'Media/Shown.jpg')}${relation('rId8', 'image', 'media/deleted.jpg')}${relation('rId9', 'settings', 'settings.xml')}${relation('rId10', 'diagramDrawing', 'diagrams/drawing1.xml')}</Relationships>`,
  });
  const { bytes: cleaned, proof } = await cleanFile({ name: 'a.docx', path: 'a.docx', bytes }, {}), pack = new Package(cleaned);
  expect(pack.names().filter((n) => /media|embeddings|diagrams|settings|footnotes/.test(n)).sort()).toEqual(['word/diagrams/drawing1.xml', 'word/footnotes.xml', 'word/media/shown.jpg', 'word/settings.xml']);
  expect(pack.text('word/_rels/document.xml.rels')).not.toMatch(/rId8|deleted/);
  expect(proof.textSame).toBe(true);
});
test('an OpenDocument package keeps the pictures that it shows, and no others', async () => {
  const picture = await plainPicture('jpeg'), inner = '<text:p><draw:frame><draw:image xlink:href="Pictures/a%20b.jpg"/></draw:frame></text:p>';
  const pack = new Package((await cleanFile({ name: 'a.odt', path: 'a.odt', bytes: plantedOdt(inner, { 'Pictures/a b.jpg': picture, 'Pictures/old.jpg': picture }) }, {})).bytes);
  expect(pack.names().filter((n) => n.startsWith('Pictures/'))).toEqual(['Pictures/a b.jpg']);
});
test('a copy of a damaged file is never called clean: what cannot be read may be anybody’s name', async () => {
  const whole = plantedDocx('<w:p><w:r><w:t>Tides and marshes.</w:t></w:r></w:p>'), pack = new Package(whole);
  const broken = packZip(pack.names().map((name) => ({ name, bytes: name === 'word/document.xml' ? new TextEncoder().encode(pack.text(name)!.replace('</w:body>', '')) : pack.part(name)! })));
  const left = async (bytes: Uint8Array): Promise<string[]> => (await cleanFile({ name: 'a.docx', path: 'a.docx', bytes }, {})).left.map((f) => `${f.check} ${f.standing}`);
  expect(await left(broken)).toContain('file.truncated stops');
  expect(await left(whole)).not.toContain('file.truncated stops');
});

// [MS-OFFMACRO2] 1.3.6 (parts of a macro project), from memory.
test('macros go with their data and what leads to them; the text stays', async () => {
  const relations = (type: string, target: string): string => `<Relationships xmlns="http://schemas.openxmlformats.org/package/2006/relationships"><Relationship Id="rId9" Type="http://schemas.microsoft.com/office/2006/relationships/${type}" Target="${target}"/></Relationships>`;
  const bytes = plantedDocx('', { 'word/vbaProject.bin': new TextEncoder().encode('Attribute VB_Name'), 'word/vbaData.xml': '<wne:vbaSuppData xmlns:wne="urn:w"/>', 'word/_rels/vbaProject.bin.rels': relations('wordVbaData', 'vbaData.xml'), 'word/_rels/document.xml.rels': relations('vbaProject', 'vbaProject.bin') });
  const { bytes: cleaned, proof, removed } = await cleanFile({ name: 'a.docm', path: 'a.docm', bytes }, {}), pack = new Package(cleaned);
  expect(pack.names().filter((n) => /vba/i.test(n))).toEqual([]);
  expect(pack.text('word/_rels/document.xml.rels')).not.toMatch(/vbaProject/);
  expect([proof.textSame, removed.some((r) => r.check === 'file.active')]).toEqual([true, true]);
});
