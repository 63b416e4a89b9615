import type { Kind } from '../model/kinds.ts';
import { loadMupdf, withPdf } from '../engines/pdf.ts';
import { packZip } from '../engines/zip.ts';
import { plainPicture, plantedDocx, plantedOdt, plantedPdf } from './plant.ts';

/** A file as students bring it, what it is, and which checks have to speak (none: it is sound). `magic`: what libmagic calls it, where that is plain. */
export interface Trap { say: string; name: string; bytes: Uint8Array; kind: Kind; checks: string[]; magic?: RegExp }

const utf8 = (text: string): Uint8Array => new TextEncoder().encode(text);
const zip = (parts: Record<string, string | Uint8Array>): Uint8Array => packZip(Object.entries(parts).map(([name, c]) => ({ name, bytes: typeof c === 'string' ? utf8(c) : c })));
const types = (main: string): string => `<Types><Override PartName="/x" ContentType="application/vnd.openxmlformats-officedocument.${main}.main+xml"/></Types>`;
const wide = (text: string): string => [...text].map((c) => `${c}\0`).join('');
/** A compound file as far as its signature and the names in its directory. */
const compound = (...streams: string[]): Uint8Array => { const b = new Uint8Array(4096); b.set([0xd0, 0xcf, 0x11, 0xe0, 0xa1, 0xb1, 0x1a, 0xe1]); b.set(Uint8Array.from(streams.map(wide).join('\0\0'), (c) => c.charCodeAt(0)), 1024); return b; };
const withSize = (entry: Uint8Array, size: number): Uint8Array => {
  // The central directory's stated size is what counts before anything is unpacked.
  const out = entry.slice(), view = new DataView(out.buffer);
  for (let at = 0; at < out.length - 46; at++) if (view.getUint32(at, true) === 0x02014b50) view.setUint32(at + 24, size, true);
  return out;
};
async function locked(password: string): Promise<Uint8Array> {
  return withPdf(await plantedPdf(), (pdf) => { const b = pdf.saveToBuffer(`encrypt=aes-256,user-password=${password},owner-password=owner,permissions=0`); try { return b.asUint8Array().slice(); } finally { b.destroy(); } });
}
async function tiff(): Promise<Uint8Array> {
  // The smallest bilevel TIFF (TIFF 6.0, section 3): one strip of eight pixels.
  const b = new Uint8Array(8 + 2 + 8 * 12 + 4 + 1), v = new DataView(b.buffer);
  b.set([0x49, 0x49, 0x2a, 0]); v.setUint32(4, 8, true); v.setUint16(8, 8, true);
  [[256, 8], [257, 1], [258, 1], [259, 1], [262, 0], [273, 110], [278, 1], [279, 1]].forEach(([tag, value], i) => { const at = 10 + i * 12; v.setUint16(at, tag!, true); v.setUint16(at + 2, 4, true); v.setUint32(at + 4, 1, true); v.setUint32(at + 8, value!, true); });
  return b;
}

/** Every trap of the catalogue under file and name, beside sound files of every kind. A PDF or a word-processor file is what is asked for. */
export async function traps(): Promise<Trap[]> {
  await loadMupdf();
  const pdf = await plantedPdf(), docx = plantedDocx(), odt = plantedOdt(), jpeg = await plainPicture('jpeg'), png = await plainPicture('png');
  const macros = zip({ '[Content_Types].xml': types('wordprocessingml.document'), 'word/document.xml': '<w:document/>', 'word/vbaProject.bin': 'x' });
  const rows: [string, string, Uint8Array, Kind, string[], RegExp?][] = [
    // Sound files.
    ['a sound PDF', 'sediment.pdf', pdf, 'pdf', [], /pdf/], ['a sound DOCX', 'sediment.docx', docx, 'docx', [], /officedocument|zip/], ['a PDF behind a few stray bytes', 'sediment.pdf', Uint8Array.from([...utf8('\n\n'), ...pdf]), 'pdf', []],
    ['a name with spaces', 'Sediment budgets of a marsh.pdf', pdf, 'pdf', []], ['a name with a full stop in it', 'chapter 2.1 budgets.docx', docx, 'docx', []], ['a capital ending', 'SEDIMENT.PDF', pdf, 'pdf', []],
    ['a word that ends like a mark', 'Renewal of marshes.pdf', pdf, 'pdf', []], ['a number in the title', 'Directive 2000-60.pdf', pdf, 'pdf', []],
    // Kinds that are not asked for.
    ['an ODT', 'sediment.odt', odt, 'odt', ['file.type'], /opendocument/], ['an RTF', 'sediment.rtf', utf8('{\\rtf1\\ansi Sediment}'), 'rtf', ['file.type'], /rtf/], ['an old DOC', 'sediment.doc', compound('WordDocument'), 'doc', ['file.type']],
    ['plain text', 'sediment.txt', utf8('Sediment budgets of a marsh, at length and in prose.'), 'txt', ['file.type'], /text\/plain/], ['a web page', 'sediment.html', utf8('<!DOCTYPE html><html><p>Sediment</p></html>'), 'html', ['file.type'], /html/],
    ['Markdown', 'sediment.md', utf8('# Sediment\n\nEach *flood* tide carries silt.'), 'markdown', ['file.type']], ['TeX source', 'sediment.tex', utf8('\\documentclass{article}\n\\begin{document}x\\end{document}'), 'tex', ['file.type']],
    ['a JPEG', 'page1.jpg', jpeg, 'jpeg', ['file.type'], /jpeg/], ['a PNG', 'page1.png', png, 'png', ['file.type'], /png/], ['a TIFF', 'page1.tif', await tiff(), 'tiff', ['file.type'], /tiff/],
    ['a HEIC', 'page1.heic', Uint8Array.from([0, 0, 0, 24, ...utf8('ftypheic'), 0, 0, 0, 0, ...utf8('mif1heic')]), 'heic', ['file.type'], /hei[cf]/], ['a GIF', 'page1.gif', utf8('GIF89a\u0001\0\u0001\0'), 'gif', ['file.type'], /gif/],
    ['a WebP', 'page1.webp', Uint8Array.from([...utf8('RIFF'), 20, 0, 0, 0, ...utf8('WEBPVP8 '), ...new Array<number>(16).fill(0)]), 'webp', ['file.type'], /webp/], ['a spreadsheet', 'data.xlsx', zip({ '[Content_Types].xml': types('spreadsheetml.sheet') }), 'xlsx', ['file.type']],
    ['slides', 'talk.pptx', zip({ '[Content_Types].xml': types('presentationml.presentation') }), 'pptx', ['file.type']], ['an old spreadsheet', 'data.xls', compound('Workbook'), 'xls', ['file.type']], ['an EPUB', 'book.epub', packZip([{ name: 'mimetype', bytes: utf8('application/epub+zip'), stored: true }]), 'epub', ['file.type'], /epub/],
    ['a mail', 'paper.eml', utf8('From: a@carrow.example\nSubject: my paper\nDate: Wed, 25 Nov 2026 10:00:00 +0000\nMIME-Version: 1.0\n\nattached'), 'eml', ['file.type']], ['JSON', 'notes.json', utf8('{"notes": ["silt", "clay"], "n": 2}'), 'json', ['file.type'], /json/],
    ['a template', 'report.dotx', zip({ '[Content_Types].xml': types('wordprocessingml.template'), 'word/document.xml': '<x/>' }), 'dotx', ['file.type']],
    // Archives.
    ['an archive with the paper in it', 'paper.zip', zip({ 'paper.pdf': pdf, 'form.docx': docx }), 'zip', ['file.type'], /zip/], ['an archive whose paths climb out', 'paper.zip', zip({ '../../paper.pdf': pdf }), 'zip', ['file.type']], ['a gzip', 'paper.pdf.gz', Uint8Array.from([0x1f, 0x8b, 8, 0, 0, 0, 0, 0, 0, 3, 3, 0, 0, 0, 0, 0, 0, 0, 0, 0]), 'gz', ['file.type'], /gzip/],
    ['a RAR', 'paper.rar', Uint8Array.from([...utf8('Rar!'), 0x1a, 7, 0, 0, 0, 0]), 'rar', ['file.type'], /rar/], ['a 7z', 'paper.7z', Uint8Array.from([0x37, 0x7a, 0xbc, 0xaf, 0x27, 0x1c, 0, 4, 0, 0, 0, 0]), '7z', ['file.type'], /7z/],
    ['an archive bomb called a document', 'paper.docx', withSize(zip({ '[Content_Types].xml': types('wordprocessingml.document'), 'word/document.xml': 'x'.repeat(9) }), 900 << 20), 'docx', ['file.truncated']],
    // Renamed endings.
    ['a PDF called DOCX', 'sediment.docx', pdf, 'pdf', ['file.extension'], /pdf/], ['a DOCX called PDF', 'sediment.pdf', docx, 'docx', ['file.extension']], ['an ODT called DOCX', 'sediment.docx', odt, 'odt', ['file.type', 'file.extension']], ['an RTF called DOC', 'sediment.doc', utf8('{\\rtf1\\ansi Sediment}'), 'rtf', ['file.type', 'file.extension']],
    ['a web page called DOC', 'sediment.doc', utf8('<html><body>Sediment</body></html>'), 'html', ['file.type', 'file.extension']], ['a PNG called JPG', 'sediment.jpg', png, 'png', ['file.type', 'file.extension']], ['a PDF without ending', 'sediment', pdf, 'pdf', ['file.extension']], ['a text called PDF', 'sediment.pdf', utf8('Sediment budgets of a marsh, typed into an editor.'), 'txt', ['file.type', 'file.extension']],
    // Empty, cut short, damaged.
    ['an empty PDF', 'sediment.pdf', new Uint8Array(), 'empty', ['file.empty'], /empty/], ['a PDF cut short', 'sediment.pdf', Uint8Array.from([...pdf.slice(0, pdf.length * 0.6)]), 'pdf', ['file.truncated']], ['a DOCX cut short', 'sediment.docx', docx.slice(0, docx.length * 0.6), 'docx', ['file.truncated']],
    ['an ODT cut short', 'sediment.odt', odt.slice(0, odt.length * 0.6), 'odt', ['file.type', 'file.truncated']], ['a JPEG cut short', 'page1.jpg', jpeg.slice(0, jpeg.length - 8), 'jpeg', ['file.type', 'file.truncated']], ['a PNG cut short', 'page1.png', png.slice(0, png.length - 14), 'png', ['file.type', 'file.truncated']],
    ['a PDF whose table of objects is wrong', 'sediment.pdf', utf8(new TextDecoder('latin1').decode(pdf).replace(/startxref\s+\d+/, 'startxref\n7')), 'pdf', ['file.repaired']],
    // Locked.
    ['a PDF that asks for a password', 'sediment.pdf', await locked('tide'), 'pdf', ['file.encrypted']], ['a PDF locked against changes', 'sediment.pdf', await locked(''), 'pdf', ['file.encrypted']], ['a DOCX with a password', 'sediment.docx', compound('EncryptedPackage', 'EncryptionInfo'), 'docx', ['file.encrypted']],
    // Not the document at all.
    ['an address in a shortcut', 'My paper.url', utf8('[InternetShortcut]\r\nURL=https://docs.carrow.example/d/1\r\n'), 'link', ['file.link']], ['an address in a property list', 'My paper.webloc', utf8('<?xml version="1.0"?><plist><dict><key>URL</key><string>https://docs.carrow.example/d/1</string></dict></plist>'), 'link', ['file.link']],
    ['an address in a desktop entry', 'paper.desktop', utf8('[Desktop Entry]\nType=Link\nURL=https://docs.carrow.example/d/1\n'), 'link', ['file.link']], ['a shell link', 'paper.lnk', Uint8Array.from([0x4c, 0, 0, 0, 1, 0x14, 2, 0, ...new Array<number>(80).fill(0)]), 'link', ['file.link']],
    ['a cloud link file', 'paper.gdoc', utf8('{"url":"https://docs.carrow.example/d/1","doc_id":"1","email":"x@carrow.example"}'), 'link', ['file.link']], ['a text that holds only an address', 'paper.txt', utf8('https://docs.carrow.example/d/1\n'), 'link', ['file.link']], ['a text called DOCX that holds only an address', 'paper.docx', utf8('My paper is here: https://docs.carrow.example/d/1'), 'link', ['file.link']],
    ['an owner file', '~$diment.docx', Uint8Array.from([6, ...utf8('nvi204'), ...new Array<number>(150).fill(32)]), 'lock', ['file.lock']], ['a lock file', '.~lock.sediment.odt#', utf8(',nvi204,host,25.11.2026 10:00,file:///home/nvi204;'), 'lock', ['file.lock']],
    ['half a download', 'sediment.pdf.crdownload', pdf.slice(0, 200), 'partial', ['file.partial']], ['half a download of another kind', 'sediment.docx.part', docx.slice(0, 100), 'partial', ['file.partial']],
    ['a package of one program', 'sediment.pages', zip({ 'Index/Document.iwa': 'x', 'preview.jpg': jpeg }), 'vendor', ['file.vendor']], ['an older package of one program', 'sediment.pages', zip({ 'index.xml.gz': 'x', 'QuickLook/Thumbnail.jpg': jpeg }), 'vendor', ['file.vendor']],
    // Active content.
    ['a DOCX with macros', 'sediment.docm', macros, 'docm', ['file.type', 'file.active']], ['a PDF with a script', 'sediment.pdf', await plantedPdf((d) => { const action = d.newDictionary(); action.put('S', d.newName('JavaScript')); action.put('JS', d.newString('app.alert(1)')); d.getTrailer().get('Root').put('OpenAction', d.addObject(action)); }), 'pdf', ['file.active']],
    ['a PDF with a file inside', 'sediment.pdf', await plantedPdf((d, m) => { d.insertEmbeddedFile('n.txt', d.addEmbeddedFile('n.txt', 'text/plain', new m.Buffer('notes'), new Date(0), new Date(0), false)); }), 'pdf', ['file.attachments']],
    // Names.
    ['a refused character', 'What is silt?.pdf', pdf, 'pdf', ['name.characters']], ['a control character', 'sediment\u0007.pdf', pdf, 'pdf', ['name.characters']], ['a name of 300 characters', `${'sediment '.repeat(33)}.pdf`, pdf, 'pdf', ['name.length']], ['a name of 120 characters', `${'sediment-'.repeat(13)}.pdf`, pdf, 'pdf', ['name.length']],
    ['a device name', 'aux.pdf', pdf, 'pdf', ['name.characters']], ['a leading space', ' sediment.pdf', pdf, 'pdf', ['name.characters']], ['letters beyond ASCII', 'Überflutung.pdf', pdf, 'pdf', ['name.characters']],
    ['a copy', 'sediment (1).pdf', pdf, 'pdf', ['name.version-marks']], ['final final', 'sediment final final.pdf', pdf, 'pdf', ['name.version-marks']], ['a numbered version', 'sediment_v2.docx', docx, 'docx', ['name.version-marks']], ['a copy in words', 'Copy of sediment.docx', docx, 'docx', ['name.version-marks']],
  ];
  return rows.map(([say, name, bytes, kind, checks, magic]) => ({ say, name, bytes, kind, checks, magic }));
}
