import { expect, test } from '@jest/globals';
import { zlibSync } from 'fflate';
import { loadMupdf, withPdf, type PdfDocument } from '../engines/pdf.ts';
import { Package } from '../engines/zip.ts';
import { nina } from '../testing/made.ts';
import { dictOf, inParagraph, plainPicture, plantedDocx, plantedOdt, plantedPdf, secret as S, wordPart, wordRun } from '../testing/plant.ts';
import { checkFiles } from '../verbs/check.ts';
import { cleanFile } from '../verbs/clean.ts';

/** More leaks, one a row: file, place, the check that has to stop it, and whether cleaning has to take it out of every byte (else it is what the paper shows
 * or says, and cleaning tells that it is left). Beside those of planted.test.ts and the spellings of find.test.ts. */
type Row = [string, string, string, boolean, () => Promise<Uint8Array> | Uint8Array];
const enc = (s: string): Uint8Array => new TextEncoder().encode(s);
const rel = (kind: string, target: string): string => `<Relationships xmlns="http://schemas.openxmlformats.org/package/2006/relationships"><Relationship Id="rId9" Type="http://schemas.openxmlformats.org/officeDocument/2006/relationships/${kind}" Target="${target}" TargetMode="External"/></Relationships>`;
/** Adds to the content of the first page. */
function content(pdf: PdfDocument, add: string): void { const c = pdf.findPage(0).get('Contents'), b = c.readStream(), t = b.asString(); b.destroy(); c.writeStream(`${t}\n${add}`); }
const rows: Row[] = [
  ['p.pdf', 'page label prefix', 'identity.outline', false, () => plantedPdf((p) => { const nums = p.newArray(); nums.push(0); nums.push(dictOf(p, { S: '/D', P: S })); const d = p.newDictionary(); d.put('Nums', nums); p.getTrailer().get('Root').put('PageLabels', d); })],
  ['p.pdf', 'struct alt', 'identity.alt-text', false, () => plantedPdf((p) => { const e = p.addObject(dictOf(p, { Type: '/StructElem', S: '/Figure', Alt: `Photo by ${S}` })); const r = p.addObject(dictOf(p, { Type: '/StructTreeRoot' })); r.put('K', e); p.getTrailer().get('Root').put('StructTreeRoot', r); })],
  ['p.pdf', 'struct actualtext', 'identity.alt-text', false, () => plantedPdf((p) => { const e = p.addObject(dictOf(p, { Type: '/StructElem', S: '/Span', ActualText: S })); const r = p.addObject(dictOf(p, { Type: '/StructTreeRoot' })); r.put('K', e); p.getTrailer().get('Root').put('StructTreeRoot', r); })],
  ['p.pdf', 'marked ActualText', 'identity.text', false, () => plantedPdf((p) => content(p, `/Span <</ActualText (${S})>> BDC BT /F 12 Tf 72 400 Td (xyz) Tj ET EMC`))],
  ['p.pdf', 'signature', 'identity.signature', false, () => plantedPdf((p) => { const v = p.addObject(dictOf(p, { Type: '/Sig', Filter: '/Adobe.PPKLite', Name: S, Reason: 'mine' })); const f = p.addObject(dictOf(p, { FT: '/Sig', T: 's1', Type: '/Annot', Subtype: '/Widget', Rect: [0,0,0,0] })); f.put('V', v); const a = p.newArray(); a.push(f); const d = p.newDictionary(); d.put('Fields', a); p.getTrailer().get('Root').put('AcroForm', d); })],
  ['p.pdf', 'XFA', 'identity.form', false, () => plantedPdf((p) => { const s = p.addStream(`<xdp><data><name>${S}</name></data></xdp>`, p.newDictionary()); const d = p.newDictionary(); d.put('Fields', p.newArray()); d.put('XFA', s); p.getTrailer().get('Root').put('AcroForm', d); })],
  ['p.pdf', 'named destination', 'identity.outline', false, () => plantedPdf((p) => { const d = p.newDictionary(); d.put('NinaVestergaardImani_start', p.newArray()); p.getTrailer().get('Root').put('Dests', d); })],
  ['p.pdf', 'layer name', 'identity.hidden', false, () => plantedPdf((p) => { const l = p.addObject(dictOf(p, { Type: '/OCG', Name: `Notes of ${S}` })); const a = p.newArray(); a.push(l); const oc = p.newDictionary(); oc.put('OCGs', a); oc.put('D', p.newDictionary()); p.getTrailer().get('Root').put('OCProperties', oc); })],
  ['p.pdf', 'filespec path', 'identity.attachment', false, () => plantedPdf((p) => { const st = p.addStream('x y', dictOf(p, { Type: '/EmbeddedFile' })); const ef = p.newDictionary(); ef.put('F', st); const spec = dictOf(p, { Type: '/Filespec', F: 'C:\\Users\\nvi204\\n.txt', Desc: `from ${S}` }); spec.put('EF', ef); const arr = p.newArray(); arr.push(p.newString('n')); arr.push(p.addObject(spec)); const e = p.newDictionary(); e.put('Names', arr); const n = p.newDictionary(); n.put('EmbeddedFiles', e); p.getTrailer().get('Root').put('Names', n); })],
  ['p.pdf', 'pdf in pdf author', 'metadata.author', true, async () => { const inner = await plantedPdf((p) => p.setMetaData('info:Author', S)); return plantedPdf((p, m) => p.insertEmbeddedFile('inner.pdf', p.addEmbeddedFile('inner.pdf', 'application/pdf', new m.Buffer(inner), new Date(0), new Date(0)))); }],
  ['p.pdf', 'docx in pdf comment', 'identity.attachment', true, async () => plantedPdf((p, m) => p.insertEmbeddedFile('i.docx', p.addEmbeddedFile('i.docx', 'application/zip', new m.Buffer(plantedDocx('', { 'word/comments.xml': wordPart('comments', `<w:comment w:id="0" w:author="${S}">${inParagraph(wordRun('x'))}</w:comment>`) })), new Date(0), new Date(0))))],
  ['p.pdf', 'mailto link', 'identity.link', false, () => plantedPdf((p) => { const page = p.loadPage(0); page.createLink([10, 10, 50, 20], 'mailto:nvi204@student.carrow.example'); page.destroy(); })],
  ['p.pdf', 'GoToR path', 'identity.path', false, () => plantedPdf((p) => { const an = dictOf(p, { Type: '/Annot', Subtype: '/Link', Rect: [0,0,9,9] }); an.put('A', dictOf(p, { S: '/GoToR', F: 'C:/Users/nvi204/other.pdf' })); const l = p.newArray(); l.push(p.addObject(an)); p.findPage(0).put('Annots', l); })],
  ['p.pdf', 'field TU', 'identity.form', false, () => plantedPdf((p) => { const f = p.addObject(dictOf(p, { FT: '/Tx', T: 'a', TU: `Name of ${S}`, Type: '/Annot', Subtype: '/Widget', Rect: [0,0,9,9] })); const a = p.newArray(); a.push(f); const d = p.newDictionary(); d.put('Fields', a); p.getTrailer().get('Root').put('AcroForm', d); })],
  ['p.pdf', 'annot RC', 'identity.annotation', false, () => plantedPdf((p) => { const an = dictOf(p, { Type: '/Annot', Subtype: '/FreeText', Rect: [0,0,90,90], RC: `<body><p>by ${S}</p></body>` }); const l = p.newArray(); l.push(p.addObject(an)); p.findPage(0).put('Annots', l); })],
  ['p.pdf', 'annot appearance', 'identity.annotation', false, () => plantedPdf((p) => { const res = p.newDictionary(), fonts = p.newDictionary(); fonts.put('F', p.findPage(0).get('Resources').get('Font').get('F')); res.put('Font', fonts); const ap = dictOf(p, { Type: '/XObject', Subtype: '/Form', BBox: [0,0,300,50] }); ap.put('Resources', res); const st = p.addStream(`BT /F 12 Tf 5 5 Td (${S}) Tj ET`, ap); const n = p.newDictionary(); n.put('N', st); const an = dictOf(p, { Type: '/Annot', Subtype: '/Stamp', Rect: [50,50,350,100] }); an.put('AP', n); const l = p.newArray(); l.push(p.addObject(an)); p.findPage(0).put('Annots', l); })],
  ['p.pdf', 'form xobject text', 'identity.running-head', false, () => plantedPdf((p) => { const res = p.newDictionary(), fonts = p.newDictionary(); fonts.put('F', p.findPage(0).get('Resources').get('Font').get('F')); res.put('Font', fonts); const ap = dictOf(p, { Type: '/XObject', Subtype: '/Form', BBox: [0,0,300,50] }); ap.put('Resources', res); const st = p.addStream(`BT /F 12 Tf 5 5 Td (${S}) Tj ET`, ap); const xo = p.newDictionary(); xo.put('X', st); p.findPage(0).get('Resources').put('XObject', xo); content(p, '/X Do'); })],
  ['p.pdf', 'unused form xobject', 'identity.hidden', false, () => plantedPdf((p) => { const st = p.addStream(`BT /F 12 Tf 5 5 Td (${S}) Tj ET`, dictOf(p, { Type: '/XObject', Subtype: '/Form', BBox: [0,0,300,50] })); const xo = p.newDictionary(); xo.put('X', st); p.findPage(0).get('Resources').put('XObject', xo); })],
  ['p.pdf', 'XMP derivedFrom path', 'metadata.history', true, () => plantedPdf((p) => { const s = p.addStream(`<x:xmpmeta xmlns:x="adobe:ns:meta/"><rdf:RDF xmlns:rdf="http://www.w3.org/1999/02/22-rdf-syntax-ns#"><rdf:Description xmlns:xmpMM="http://ns.adobe.com/xap/1.0/mm/" xmlns:stRef="http://ns.adobe.com/xap/1.0/sType/ResourceRef#"><xmpMM:DerivedFrom stRef:filePath="/Users/nvi204/Desktop/a.indd"/></rdf:Description></rdf:RDF></x:xmpmeta>`, dictOf(p, { Type: '/Metadata', Subtype: '/XML' })); p.getTrailer().get('Root').put('Metadata', s); })],
  ['p.pdf', 'comment between objects', 'identity.orphan', true, async () => { const b = await plantedPdf(() => {}, { save: '' }); return new Uint8Array([...b.subarray(0, 9), ...enc(`% written by ${S}\n`), ...b.subarray(9)]); }],
  ['p.pdf', 'after EOF', 'identity.orphan', true, async () => new Uint8Array([...(await plantedPdf()), ...enc(`\n% ${S}\n`)])],
  ['p.pdf', 'encrypted author', 'metadata.author', true, async () => { const m = await import('mupdf'); const d = m.Document.openDocument(await plantedPdf((p) => p.setMetaData('info:Author', S)), 'application/pdf') as unknown as { saveToBuffer(o: string): { asUint8Array(): Uint8Array } }; return d.saveToBuffer('encrypt=aes-256,owner-password=x').asUint8Array().slice(); }],
  ['p.pdf', 'invisible text', 'identity.text', false, () => plantedPdf((p) => content(p, `BT 3 Tr /F 12 Tf 72 400 Td (${S}) Tj ET`))],
  ['p.pdf', 'off page', 'identity.hidden', false, () => plantedPdf((p) => content(p, `BT /F 12 Tf 72 -400 Td (${S}) Tj ET`))],
  ['p.pdf', 'TJ kerning', 'identity.text', true, () => plantedPdf((p) => content(p, `BT /F 12 Tf 72 400 Td [${[...S].map((c) => `(${c}) -20`).join(' ')}] TJ ET`))],
  ['p.pdf', 'output intent info', 'identity.hidden', true, () => plantedPdf((p) => { const o = dictOf(p, { Type: '/OutputIntent', S: '/GTS_PDFA1', Info: `profile of ${S}` }); const a = p.newArray(); a.push(p.addObject(o)); p.getTrailer().get('Root').put('OutputIntents', a); })],
  ['p.pdf', 'article thread info', 'metadata.author', true, () => plantedPdf((p) => { const t = p.addObject(dictOf(p, { Type: '/Thread' })); t.put('I', dictOf(p, { Title: 'x', Author: S })); const a = p.newArray(); a.push(t); p.getTrailer().get('Root').put('Threads', a); })],
  ['p.pdf', 'utf16 author hex', 'metadata.author', true, () => plantedPdf((p) => { const info = p.newDictionary(); info.put('Author', p.newString('Nína Vestergaard-Imani')); p.getTrailer().put('Info', p.addObject(info)); })],
  ['p.docx', 'endnote', 'identity.footnote', false, () => plantedDocx('', { 'word/endnotes.xml': wordPart('endnotes', `<w:endnote w:id="2">${inParagraph(wordRun(`by ${S}`))}</w:endnote>`) })],
  ['p.docx', 'glossary', 'identity.hidden', false, () => plantedDocx('', { 'word/glossary/document.xml': wordPart('glossaryDocument', `<w:docParts><w:docPart><w:docPartBody>${inParagraph(wordRun(S))}</w:docPartBody></w:docPart></w:docParts>`) })],
  ['p.docx', 'sdt alias', 'identity.field', false, () => plantedDocx(`<w:sdt><w:sdtPr><w:alias w:val="${S}"/><w:tag w:val="x"/></w:sdtPr><w:sdtContent>${inParagraph(wordRun('x'))}</w:sdtContent></w:sdt>`)],
  ['p.docx', 'bookmark name', 'identity.outline', false, () => plantedDocx(inParagraph('<w:bookmarkStart w:id="0" w:name="NinaVestergaardImani"/><w:bookmarkEnd w:id="0"/>'))],
  ['p.docx', 'hyperlink tooltip', 'identity.link', false, () => plantedDocx(inParagraph(`<w:hyperlink w:tooltip="page of ${S}">${wordRun('x')}</w:hyperlink>`))],
  ['p.docx', 'fldSimple', 'identity.field', false, () => plantedDocx(inParagraph(`<w:fldSimple w:instr=' USERNAME "${S}" '>${wordRun('x')}</w:fldSimple>`))],
  ['p.docx', 'vml watermark', 'identity.running-head', false, () => plantedDocx('', { 'word/header1.xml': wordPart('hdr', inParagraph(`<w:r><w:pict><v:shape><v:textpath string="${S}"/></v:shape></w:pict></w:r>`)) })],
  ['p.docx', 'chart cache', 'identity.field', false, () => plantedDocx('', { 'word/charts/chart1.xml': `<c:chartSpace xmlns:c="c"><c:v>${S}</c:v></c:chartSpace>` })],
  ['p.docx', 'chart external path', 'identity.path', true, () => plantedDocx('', { 'word/charts/_rels/chart1.xml.rels': rel('oleObject', 'file:///C:\\Users\\nvi204\\data.xlsx') })],
  ['p.docx', 'altChunk html', 'identity.hidden', false, () => plantedDocx('', { 'word/afchunk.html': enc(`<html><head><meta name="author" content="${S}"></head><body><p>x</p></body></html>`) })],
  ['p.docx', 'mailmerge', 'metadata.paths', true, () => plantedDocx('', { 'word/settings.xml': wordPart('settings', `<w:mailMerge><w:connectString w:val="Data Source=C:\\Users\\nvi204\\l.mdb"/></w:mailMerge>`) })],
  ['p.docx', 'app manager', 'metadata.author', true, () => plantedDocx('', { 'docProps/app.xml': `<Properties xmlns="http://schemas.openxmlformats.org/officeDocument/2006/extended-properties"><Manager>${S}</Manager></Properties>` })],
  ['p.docx', 'hyperlink base', 'metadata.paths', true, () => plantedDocx('', { 'docProps/app.xml': `<Properties xmlns="http://schemas.openxmlformats.org/officeDocument/2006/extended-properties"><HyperlinkBase>C:\\Users\\nvi204\\</HyperlinkBase></Properties>` })],
  ['p.docx', 'style name', 'identity.hidden', false, () => plantedDocx('', { 'word/styles.xml': wordPart('styles', `<w:style w:styleId="x"><w:name w:val="Style of ${S}"/></w:style>`) })],
  ['p.docx', 'numbering text', 'identity.hidden', false, () => plantedDocx('', { 'word/numbering.xml': wordPart('numbering', `<w:abstractNum><w:lvl><w:lvlText w:val="${S} %1"/></w:lvl></w:abstractNum>`) })],
  ['p.docx', 'media name', 'identity.path', false, () => plantedDocx('', { 'word/media/nvi204_photo.bin': enc('xx') })],
  ['p.docx', 'vba binary', 'identity.hidden', false, () => plantedDocx('', { 'word/vbaProject.bin': enc(`\0\0 Attribute VB_Name ' by ${S} \0`) })],
  ['p.docx', 'webextension', 'identity.hidden', false, () => plantedDocx('', { 'word/webextensions/webextension1.xml': `<we:webextension xmlns:we="w"><we:property name="user" value="nvi204@student.carrow.example"/></we:webextension>` })],
  ['p.docx', 'rsid author move', 'identity.tracked-change', true, () => plantedDocx(inParagraph(`<w:moveFrom w:id="1" w:author="${S}">${wordRun('m')}</w:moveFrom>`))],
  ['p.docx', 'pPrChange author', 'identity.tracked-change', true, () => plantedDocx(`<w:p><w:pPr><w:pPrChange w:id="1" w:author="${S}"><w:pPr/></w:pPrChange></w:pPr></w:p>`)],
  ['p.docx', 'docPr title', 'identity.alt-text', false, () => plantedDocx(inParagraph(`<w:r><w:drawing><wp:inline><wp:docPr id="1" name="x" title="${S}"/></wp:inline></w:drawing></w:r>`))],
  ['p.docx', 'linked image path', 'identity.path', true, () => plantedDocx('', { 'word/_rels/document.xml.rels': rel('image', 'file:///home/nvi204/p.png') })],
  ['p.docx', 'custom props part', 'identity.field', true, () => plantedDocx('', { 'customXml/itemProps1.xml': `<x owner="${S}"/>` })],
  ['p.docx', 'docx in docx', 'metadata.author', true, () => plantedDocx('', { 'word/embeddings/a.docx': plantedDocx('', { 'docProps/core.xml': `<cp:coreProperties xmlns:cp="http://schemas.openxmlformats.org/package/2006/metadata/core-properties" xmlns:dc="http://purl.org/dc/elements/1.1/"><dc:creator>${S}</dc:creator></cp:coreProperties>` }) })],
  ['p.docx', 'zip comment', 'identity.hidden', true, () => { const b = plantedDocx(), c = enc(S), o = new Uint8Array(b.length + c.length); o.set(b); o.set(c, b.length); o[b.length - 2] = c.length; return o; }],
  ['p.docx', 'unknown part', 'identity.hidden', true, () => plantedDocx('', { 'docMetadata/LabelInfo.xml': `<x name="${S}"/>` })],
  ['p.docx', 'write protection', 'identity.hidden', true, () => plantedDocx('', { 'word/settings.xml': wordPart('settings', `<w15:presenceInfo xmlns:w15="w" w15:userId="nvi204@student.carrow.example"/>`) })],
  ['p.odt', 'sender field', 'identity.text', false, () => plantedOdt(`<text:p><text:sender-firstname>Nina Vestergaard-Imani</text:sender-firstname></text:p>`)],
  ['p.odt', 'user field decl', 'identity.field', false, () => plantedOdt(`<text:user-field-decls><text:user-field-decl text:name="n" office:string-value="${S}"/></text:user-field-decls>`)],
  ['p.odt', 'bookmark', 'identity.outline', false, () => plantedOdt(`<text:p><text:bookmark text:name="NinaVestergaardImani"/>x</text:p>`)],
  ['p.odt', 'href path', 'identity.path', true, () => plantedOdt(`<text:p><draw:frame><draw:image xlink:href="file:///home/nvi204/p.png"/></draw:frame></text:p>`)],
  ['p.odt', 'chart object', 'identity.attachment', false, () => plantedOdt('', { 'Object 1/content.xml': `<office:document-content NS><office:body><text:p>${S}</text:p></office:body></office:document-content>` })],
  ['p.odt', 'object meta', 'metadata.author', true, () => plantedOdt('', { 'Object 1/meta.xml': `<office:document-meta NS><office:meta><dc:creator>${S}</dc:creator></office:meta></office:document-meta>` })],
  ['p.odt', 'basic script', 'identity.hidden', false, () => plantedOdt('', { 'Basic/Standard/Module1.xml': `<script:module xmlns:script="s">' by ${S}</script:module>` })],
  ['p.odt', 'config', 'identity.hidden', false, () => plantedOdt('', { 'Configurations2/x.xml': `<x name="${S}"/>` })],
  ['p.odt', 'hidden paragraph', 'identity.hidden', false, () => plantedOdt(`<text:p><text:hidden-text text:string-value="${S}"/></text:p>`)],
  ['p.odt', 'change comment', 'identity.deleted-text', false, () => plantedOdt(`<text:tracked-changes><text:changed-region><text:insertion><office:change-info><dc:creator>A</dc:creator><text:p>by ${S}</text:p></office:change-info></text:insertion></text:changed-region></text:tracked-changes>`)],
  ['p.png', 'zTXt', 'metadata.author', true, async () => { const png = await plainPicture('png'), data = new Uint8Array([...enc('Author'), 0, 0, ...zlibSync(enc(S))]); return chunk(png, 'zTXt', data); }],
  ['p.png', 'iTXt compressed', 'metadata.author', true, async () => chunk(await plainPicture('png'), 'iTXt', new Uint8Array([...enc('Author'), 0, 1, 0, 0, 0, ...zlibSync(enc(S))]))],
  ['p.png', 'after IEND', 'identity.image-metadata', true, async () => new Uint8Array([...(await plainPicture('png')), ...enc(S)])],
  ['p.jpg', 'after EOI', 'identity.image-metadata', true, async () => new Uint8Array([...(await plainPicture('jpeg')), ...enc(S)])],
  ['p.jpg', 'app segment unknown', 'identity.image-metadata', true, async () => { const j = await plainPicture('jpeg'), d = enc(`XYZ ${S}`); return new Uint8Array([0xff, 0xd8, 0xff, 0xe7, 0, d.length + 2, ...d, ...j.subarray(2)]); }],
  ['p.rtf', 'rtf author', 'metadata.author', false, () => enc(`{\\rtf1{\\info{\\author ${S}}{\\operator x}}Hello there}`)],
  ['p.rtf', 'rtf text', 'identity.text', false, () => enc(`{\\rtf1 By Nina Vester\\-gaard-Imani, essay}`)],
  ['p.rtf', 'rtf template path', 'identity.hidden', false, () => enc(`{\\rtf1{\\*\\template C:\\\\Users\\\\nvi204\\\\t.dot}Hello there}`)],
  ['p.rtf', 'rtf annotation', 'identity.hidden', false, () => enc(`{\\rtf1 Hello{\\*\\atnid NVI}{\\*\\atnauthor ${S}}{\\*\\annotation look}}`)],
  ['p.html', 'html meta', 'metadata.author', false, () => enc(`<!doctype html><html><head><meta name="author" content="${S}"></head><body><p>Hello there reader</p></body></html>`)],
  ['p.html', 'html comment', 'identity.hidden', false, () => enc(`<!doctype html><html><body><!-- by ${S} --><p>Hello there reader</p></body></html>`)],
  ['p.html', 'html attr', 'identity.hidden', false, () => enc(`<!doctype html><html><body><p data-owner="nvi204" title="by ${S}">Hello there reader</p></body></html>`)],
  ['p.md', 'front matter', 'metadata.author', false, () => enc(`---\nauthor: ${S}\n---\n\n# Hello\n\nText here.\n`)],
  ['p.txt', 'text', 'identity.text', false, () => enc(`Hello there. By ${S}.`)],
];
/** CRC-32 and chunks of a PNG. Source: PNG (W3C), 5.3 and annex D. */
function crc(b: Uint8Array): number { let c = ~0; for (const x of b) { c ^= x; for (let k = 0; k < 8; k++) c = (c >>> 1) ^ (0xedb88320 & -(c & 1)); } return ~c >>> 0; }
function chunk(png: Uint8Array, type: string, data: Uint8Array): Uint8Array { const body = new Uint8Array([...enc(type), ...data]), v = new DataView(new ArrayBuffer(8)); v.setUint32(0, data.length); v.setUint32(4, crc(body)); const head = new Uint8Array(v.buffer); return new Uint8Array([...png.subarray(0, 33), ...head.subarray(0, 4), ...body, ...head.subarray(4), ...png.subarray(33)]); }

/** Everything that is in a file, raw and unpacked. */
async function everyByte(name: string, bytes: Uint8Array): Promise<string> {
  const latin = (b: Uint8Array): string => new TextDecoder('latin1').decode(b);
  let all = latin(bytes);
  if (/docx|odt/.test(name)) { const pack = new Package(bytes); for (const n of pack.names()) all += n + latin(pack.part(n)!); }
  if (/pdf/.test(name)) all += await withPdf(bytes, (pdf) => { const b = pdf.saveToBuffer('decompress,ascii=no'); try { return latin(b.asUint8Array()); } finally { b.destroy(); } });
  return all;
}

test.each(rows)('%s: %s stops as %s', async (name, _, check, gone, make) => {
  await loadMupdf();
  const bytes = await make(), found = (await checkFiles([{ name, path: name, bytes }], { details: nina, now: 0 })).files[0]!.findings.filter((f) => f.detail !== null && f.standing === 'stops');
  expect(found.map((f) => f.check)).toContain(check);
  if (/rtf|html|md|txt/.test(name)) return;
  const done = await cleanFile({ name, path: name, bytes }, { details: nina });
  expect(done.proof.textSame).toBe(true);
  if (gone) expect(await everyByte(name, done.bytes)).not.toMatch(/Vestergaard|nvi204/);
  else expect(done.left.some((f) => f.standing === 'stops')).toBe(true);
});
test('there are enough of them', () => expect(rows.length).toBeGreaterThanOrEqual(75));
