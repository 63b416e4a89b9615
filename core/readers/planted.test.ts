import { describe, expect, test } from '@jest/globals';
import { strToU8 } from 'fflate';
import { checkFiles } from '../verbs/check.ts';
import { cleanFile } from '../verbs/clean.ts';
import { nina } from '../testing/made.ts';
import { dictOf, inParagraph, plainPicture, plantedDocx, plantedOdt, plantedPdf, savedAgain, secret, wordPart, wordRun } from '../testing/plant.ts';

/** One leak a row: where it is, and which check has to find it in which part. `cleaned` rows must be gone after cleaning. */
interface Leak { name: string; file: string; make: () => Promise<Uint8Array> | Uint8Array; check: string; part: RegExp; cleaned: boolean }
const found = async (name: string, bytes: Uint8Array): Promise<string[]> => (await checkFiles([{ name, path: name, bytes }], { details: nina, now: 0 })).files[0]!.findings.filter((f) => f.detail !== null).map((f) => `${f.check} ${f.standing} ${f.place.part}`);

const external = (kind: string, target: string): string => `<Relationships xmlns="http://schemas.openxmlformats.org/package/2006/relationships"><Relationship Id="rId9" Type="http://schemas.openxmlformats.org/officeDocument/2006/relationships/${kind}" Target="${target}" TargetMode="External"/></Relationships>`;

const pdfLeaks: Leak[] = [
  { name: 'author in the information dictionary', check: 'metadata.author', part: /^Info\/Author$/, cleaned: true, make: () => plantedPdf((pdf) => pdf.setMetaData('info:Author', secret)) },
  { name: 'author in a file whose cross-reference is a stream', check: 'metadata.author', part: /^Info\/Author$/, cleaned: true, make: () => plantedPdf((pdf) => pdf.setMetaData('info:Author', secret), { save: 'garbage=4,compress,objstms=yes' }) },
  { name: 'a key of one’s own', check: 'metadata.custom', part: /^Info\/Handler$/, cleaned: true, make: () => plantedPdf((pdf) => { const info = pdf.addObject(dictOf(pdf, { Handler: secret })); pdf.getTrailer().put('Info', info); }) },
  { name: 'creator in XMP', check: 'metadata.author', part: /^XMP\/dc:creator$/, cleaned: true, make: () => plantedPdf((pdf) => { const s = pdf.addStream(`<x:xmpmeta xmlns:x="adobe:ns:meta/"><rdf:RDF xmlns:rdf="http://www.w3.org/1999/02/22-rdf-syntax-ns#"><rdf:Description xmlns:dc="http://purl.org/dc/elements/1.1/"><dc:creator><rdf:Seq><rdf:li>${secret}</rdf:li></rdf:Seq></dc:creator></rdf:Description></rdf:RDF></x:xmpmeta>`, {}); s.put('Type', pdf.newName('Metadata')); s.put('Subtype', pdf.newName('XML')); pdf.getTrailer().get('Root').put('Metadata', s); }) },
  { name: 'author of an annotation', check: 'identity.annotation', part: /^annotation\/T$/, cleaned: true, make: () => plantedPdf((pdf) => { const page = pdf.loadPage(0), a = page.createAnnotation('Text'); a.setRect([10, 10, 30, 30]); a.setAuthor(secret); a.setContents('check this'); page.update(); page.destroy(); }) },
  { name: 'words of an annotation', check: 'identity.annotation', part: /^annotation\/Contents$/, cleaned: false, make: () => plantedPdf((pdf) => { const page = pdf.loadPage(0), a = page.createAnnotation('Text'); a.setRect([10, 10, 30, 30]); a.setContents(`ask ${secret}`); page.update(); page.destroy(); }) },
  { name: 'value of a form field', check: 'identity.form', part: /^object\/V|field/, cleaned: false, make: () => plantedPdf((pdf) => { const field = pdf.addObject(dictOf(pdf, { Type: '/Annot', Subtype: '/Widget', FT: '/Tx', T: 'owner', V: secret, Rect: [0, 0, 9, 9] as never })); const list = pdf.newArray(); list.push(field); pdf.findPage(0).put('Annots', list); }) },
  { name: 'a bookmark', check: 'identity.outline', part: /^outline$/, cleaned: false, make: () => plantedPdf((pdf) => { const item = pdf.addObject(dictOf(pdf, { Title: `Essay of ${secret}` })); const outlines = pdf.addObject(dictOf(pdf, { Type: '/Outlines', First: item as never, Last: item as never })); pdf.getTrailer().get('Root').put('Outlines', outlines); }) },
  { name: 'a script', check: 'identity.script', part: /^JavaScript$/, cleaned: true, make: () => plantedPdf((pdf) => { const action = pdf.addObject(dictOf(pdf, { S: '/JavaScript', JS: `app.alert("${secret}")` })); pdf.getTrailer().get('Root').put('OpenAction', action); }) },
  { name: 'a link into a cloud', check: 'identity.cloud-address', part: /^link$/, cleaned: false, make: () => plantedPdf((pdf) => { const page = pdf.loadPage(0); page.createLink([10, 10, 50, 20], 'https://docs.carrow.example/u/nvi204/d'); page.destroy(); }) },
  { name: 'private data of a program', check: 'metadata.private-data', part: /^PieceInfo/, cleaned: true, make: () => plantedPdf((pdf) => { const priv = dictOf(pdf, { Private: dictOf(pdf, { Path: 'C:\\Users\\nvi204\\x' }) as never, LastModified: 'D:2026' }); pdf.findPage(0).put('PieceInfo', dictOf(pdf, { Writer: priv as never }) as never); }) },
  { name: 'an earlier saved state', check: 'identity.revision', part: /^revision\/1$/, cleaned: true, make: async () => savedAgain(await plantedPdf(() => {}, { text: `By ${secret}`, save: '' }), (pdf) => { const font = pdf.findPage(0).get('Contents'); font.writeStream('BT /F 12 Tf 72 500 Td (By the author) Tj ET'); }) },
  { name: 'an object that nothing refers to', check: 'identity.orphan', part: /^orphan\/\d+$/, cleaned: true, make: () => plantedPdf((pdf) => { pdf.addObject(dictOf(pdf, { Note: secret })); }, { save: '' }) },
  { name: 'an attached text', check: 'identity.attachment', part: /^attachment\/notes\.txt/, cleaned: false, make: () => plantedPdf((pdf, mupdf) => { pdf.insertEmbeddedFile('notes.txt', pdf.addEmbeddedFile('notes.txt', 'text/plain', new mupdf.Buffer(`by ${secret}`), new Date(0), new Date(0), false)); }) },
  { name: 'the running text', check: 'identity.text', part: /^text$/, cleaned: false, make: () => plantedPdf(() => {}, { text: `By ${secret}, for the course` }) },
].map((l) => ({ ...l, file: 'paper.pdf' }));

const docxLeaks: Leak[] = [
  { name: 'author of the file', check: 'metadata.author', part: /core\.xml$/, cleaned: true, make: () => plantedDocx('', { 'docProps/core.xml': `<cp:coreProperties xmlns:cp="http://schemas.openxmlformats.org/package/2006/metadata/core-properties" xmlns:dc="http://purl.org/dc/elements/1.1/"><dc:creator>${secret}</dc:creator></cp:coreProperties>` }) },
  { name: 'a property of one’s own', check: 'metadata.custom', part: /custom\.xml$/, cleaned: true, make: () => plantedDocx('', { 'docProps/custom.xml': `<Properties xmlns="http://schemas.openxmlformats.org/officeDocument/2006/custom-properties" xmlns:vt="http://schemas.openxmlformats.org/officeDocument/2006/docPropsVTypes"><property name="Owner"><vt:lpwstr>${secret}</vt:lpwstr></property></Properties>` }) },
  { name: 'author and words of a comment', check: 'identity.comment', part: /comments\.xml$/, cleaned: true, make: () => plantedDocx('', { 'word/comments.xml': wordPart('comments', `<w:comment w:id="0" w:author="${secret}" w:initials="NVI" w:date="2026-11-20T21:05:00Z">${inParagraph(wordRun('check this'))}</w:comment>`) }) },
  { name: 'author of a tracked change', check: 'identity.tracked-change', part: /document\.xml$/, cleaned: true, make: () => plantedDocx(inParagraph(`<w:ins w:id="1" w:author="${secret}" w:date="2026-11-20T21:05:00Z">${wordRun('added')}</w:ins>`)) },
  { name: 'deleted text', check: 'identity.deleted-text', part: /document\.xml$/, cleaned: false, make: () => plantedDocx(inParagraph(`<w:del w:id="1" w:author="A"><w:r><w:delText>By ${secret}</w:delText></w:r></w:del>`)) },
  { name: 'hidden text', check: 'identity.hidden', part: /document\.xml$/, cleaned: false, make: () => plantedDocx(inParagraph(`<w:r><w:rPr><w:vanish/></w:rPr><w:t>${secret}</w:t></w:r>`)) },
  { name: 'a name cut into several runs', check: 'identity.text', part: /document\.xml$/, cleaned: false, make: () => plantedDocx(inParagraph(wordRun('By Nina Ves') + wordRun('ter') + wordRun('gaard-Imani'))) },
  { name: 'a header', check: 'identity.running-head', part: /header1\.xml$/, cleaned: false, make: () => plantedDocx('', { 'word/header1.xml': wordPart('hdr', inParagraph(wordRun(secret))) }) },
  { name: 'a footnote', check: 'identity.footnote', part: /footnotes\.xml$/, cleaned: false, make: () => plantedDocx('', { 'word/footnotes.xml': wordPart('footnotes', `<w:footnote w:id="2">${inParagraph(wordRun(`by ${secret}`))}</w:footnote>`) }) },
  { name: 'a text box', check: 'identity.textbox', part: /document\.xml$/, cleaned: false, make: () => plantedDocx(inParagraph(`<w:r><w:pict><v:shape><v:textbox><w:txbxContent>${inParagraph(wordRun(secret))}</w:txbxContent></v:textbox></v:shape></w:pict></w:r>`)) },
  { name: 'an alternative text', check: 'identity.alt-text', part: /document\.xml$/, cleaned: false, make: () => plantedDocx(inParagraph(`<w:r><w:drawing><wp:inline><wp:docPr id="1" name="x" descr="Photograph by ${secret}"/></wp:inline></w:drawing></w:r>`)) },
  { name: 'a path behind a picture', check: 'identity.path', part: /document\.xml$/, cleaned: true, make: () => plantedDocx(inParagraph('<w:r><w:drawing><wp:inline><wp:docPr id="1" name="x" descr="C:\\Users\\nvi204\\Pictures\\marsh.jpg"/></wp:inline></w:drawing></w:r>')) },
  { name: 'a field’s instruction', check: 'identity.field', part: /document\.xml$/, cleaned: false, make: () => plantedDocx(inParagraph(`<w:r><w:instrText>AUTHOR "${secret}"</w:instrText></w:r>`)) },
  { name: 'a document variable', check: 'identity.field', part: /settings\.xml$/, cleaned: true, make: () => plantedDocx('', { 'word/settings.xml': wordPart('settings', `<w:docVars><w:docVar w:name="owner" w:val="${secret}"/></w:docVars>`) }) },
  { name: 'the template’s path', check: 'metadata.template', part: /settings\.xml\.rels$/, cleaned: true, make: () => plantedDocx('', { 'word/_rels/settings.xml.rels': external('attachedTemplate', 'file:///C:/Users/nvi204/report.dotx') }) },
  { name: 'the people part', check: 'identity.comment', part: /people\.xml$/, cleaned: true, make: () => plantedDocx('', { 'word/people.xml': `<w15:people xmlns:w15="http://schemas.microsoft.com/office/word/2012/wordml"><w15:person w15:author="${secret}"/></w15:people>` }) },
  { name: 'custom XML', check: 'identity.field', part: /^customXml/, cleaned: true, make: () => plantedDocx('', { 'customXml/item1.xml': `<Cover><Author>${secret}</Author></Cover>` }) },
  { name: 'a link into a cloud', check: 'identity.cloud-address', part: /rels$/, cleaned: false, make: () => plantedDocx('', { 'word/_rels/document.xml.rels': external('hyperlink', 'https://docs.carrow.example/u/nvi204/d') }) },
  { name: 'a workbook’s author, embedded', check: 'metadata.author', part: /embeddings\/data\.xlsx/, cleaned: true, make: () => plantedDocx('', { 'word/embeddings/data.xlsx': plantedDocx('', { '[Content_Types].xml': '<Types><Override ContentType="application/vnd.openxmlformats-officedocument.spreadsheetml.sheet.main+xml"/></Types>', 'docProps/core.xml': `<cp:coreProperties xmlns:cp="x" xmlns:dc="y"><dc:creator>${secret}</dc:creator></cp:coreProperties>` }) }) },
  { name: 'printer data', check: 'identity.path', part: /printerSettings/, cleaned: true, make: () => plantedDocx('', { 'word/printerSettings/printerSettings1.bin': strToU8(`\\\\print\\nvi204`) }) },
].map((l) => ({ ...l, file: 'paper.docx' }));

const odtLeaks: Leak[] = [
  { name: 'first author', check: 'metadata.author', part: /^meta\.xml$/, cleaned: true, make: () => plantedOdt('', { 'meta.xml': `<office:document-meta NS><office:meta><meta:initial-creator>${secret}</meta:initial-creator></office:meta></office:document-meta>` }) },
  { name: 'a property of one’s own', check: 'metadata.custom', part: /^meta\.xml$/, cleaned: true, make: () => plantedOdt('', { 'meta.xml': `<office:document-meta NS><office:meta><meta:user-defined meta:name="Owner">${secret}</meta:user-defined></office:meta></office:document-meta>` }) },
  { name: 'author of an annotation', check: 'identity.comment', part: /^content\.xml$/, cleaned: true, make: () => plantedOdt(`<text:p>x<office:annotation><dc:creator>${secret}</dc:creator><dc:date>2026-11-20T21:05:00</dc:date><text:p>check</text:p></office:annotation></text:p>`) },
  { name: 'author of a change', check: 'identity.tracked-change', part: /^content\.xml$/, cleaned: true, make: () => plantedOdt(`<text:tracked-changes><text:changed-region><text:deletion><office:change-info><dc:creator>${secret}</dc:creator></office:change-info><text:p>old words</text:p></text:deletion></text:changed-region></text:tracked-changes>`) },
  { name: 'a footnote', check: 'identity.footnote', part: /^content\.xml$/, cleaned: false, make: () => plantedOdt(`<text:p>x<text:note text:note-class="footnote"><text:note-body><text:p>by ${secret}</text:p></text:note-body></text:note></text:p>`) },
  { name: 'a header', check: 'identity.running-head', part: /^styles\.xml$/, cleaned: false, make: () => plantedOdt('', { 'styles.xml': `<office:document-styles NS><office:master-styles><style:master-page><style:header><text:p>${secret}</text:p></style:header></style:master-page></office:master-styles></office:document-styles>` }) },
  { name: 'a printer’s name', check: 'metadata.paths', part: /^settings\.xml$/, cleaned: true, make: () => plantedOdt('', { 'settings.xml': '<office:document-settings NS><office:settings><config:config-item config:name="PrinterName" config:type="string">nvi204 at home</config:config-item></office:settings></office:document-settings>' }) },
  { name: 'a title of a picture', check: 'identity.alt-text', part: /^content\.xml$/, cleaned: false, make: () => plantedOdt(`<text:p><draw:frame><svg:title>Photograph by ${secret}</svg:title></draw:frame></text:p>`) },
  { name: 'a name with its parts in spans', check: 'identity.text', part: /^content\.xml$/, cleaned: false, make: () => plantedOdt('<text:p>By Nina <text:span>Vester</text:span>gaard-Imani</text:p>') },
].map((l) => ({ ...l, file: 'paper.odt' }));

describe.each([['PDF', pdfLeaks], ['DOCX', docxLeaks], ['ODT', odtLeaks]] as const)('%s', (_, leaks) => {
  test.each(leaks.map((l) => [l.name, l] as const))('%s is found, and gone where cleaning promises it', async (_name, leak) => {
    const bytes = await leak.make();
    const before = await found(leak.file, bytes);
    expect(before.filter((f) => f.startsWith(`${leak.check} stops `) && leak.part.test(f.split(' ').slice(2).join(' ')))).not.toEqual([]);
    const done = await cleanFile({ name: leak.file, path: leak.file, bytes }, { details: nina });
    const after = await found(leak.file, done.bytes);
    expect([done.proof.textSame, done.proof.pagesSame]).toEqual([true, true]);
    if (leak.cleaned) expect(after).toEqual([]); else expect(after.length).toBeGreaterThan(0);
  });
});

describe('hard negatives: nothing of the student is in them', () => {
  test.each<[string, string, () => Promise<Uint8Array> | Uint8Array]>([
    ['plain PDF', 'paper.pdf', () => plantedPdf()], ['PDF by another author', 'paper.pdf', () => plantedPdf((pdf) => pdf.setMetaData('info:Author', 'K. Brandsma'))], ['PDF that cites a namesake', 'paper.pdf', () => plantedPdf(() => {}, { text: 'imaginary vestiges of 120417733 and nvi2045' })],
    ['plain DOCX', 'paper.docx', () => plantedDocx()], ['DOCX with somebody’s comment', 'paper.docx', () => plantedDocx('', { 'word/comments.xml': wordPart('comments', `<w:comment w:id="0" w:author="Tutor">${inParagraph(wordRun('good'))}</w:comment>`) })], ['plain ODT', 'paper.odt', () => plantedOdt()],
  ])('%s', async (_, name, make) => expect(await found(name, await make())).toEqual([]));
});

test('a JPEG inside a PDF and a DOCX loses its metadata and keeps its pixels', async () => {
  const { execFileSync } = await import('node:child_process');
  const { mkdtempSync, readFileSync, writeFileSync } = await import('node:fs');
  const path = `${mkdtempSync('/tmp/jpeg-')}/a.jpg`;
  writeFileSync(path, await plainPicture('jpeg'));
  execFileSync('exiftool', ['-q', '-overwrite_original', `-Artist=${secret}`, '-GPSLatitude=51.5', '-GPSLatitudeRef=N', `-XMP-dc:Creator=${secret}`, `-IPTC:By-line=${secret}`, `-Comment=${secret}`, path]);
  const jpeg = new Uint8Array(readFileSync(path));
  const docx = plantedDocx('', { 'word/media/image1.jpg': jpeg });
  expect((await found('a.docx', docx)).length).toBeGreaterThanOrEqual(3);
  expect(await found('a.docx', (await cleanFile({ name: 'a.docx', path: 'a.docx', bytes: docx }, { details: nina })).bytes)).toEqual([]);
  const pdf = await plantedPdf((doc, mupdf) => { const image = new mupdf.Image(jpeg), objects = doc.newDictionary(); objects.put('Im', doc.addImage(image)); doc.findPage(0).getInheritable('Resources').put('XObject', objects); image.destroy(); });
  expect((await found('a.pdf', pdf)).some((f) => f.includes('image/'))).toBe(true);
  const done = await cleanFile({ name: 'a.pdf', path: 'a.pdf', bytes: pdf }, { details: nina });
  expect([await found('a.pdf', done.bytes), done.proof.maxPixelDifference]).toEqual([[], 0]);
});
