import { loadMupdf, withPdf, type PdfDocument } from '../engines/pdf.ts';
import { packZip } from '../engines/zip.ts';

/** Builders of small documents with one secret planted in one place; named after what they contain. */
export const secret = 'Nina Vestergaard-Imani';
const body = 'Sediment budgets of a realigned saltmarsh. Each flood tide carries silt and clay over its surface.';

type Dict = Parameters<PdfDocument['addObject']>[0];

/** A one-page PDF; `plant` may add anything before it is written. `save` are the engine's options: empty keeps unreachable objects. */
export async function plantedPdf(plant: (pdf: PdfDocument, mupdf: Awaited<ReturnType<typeof loadMupdf>>) => void = () => {}, options: { text?: string; save?: string } = {}): Promise<Uint8Array> {
  const mupdf = await loadMupdf();
  const pdf = new mupdf.PDFDocument();
  try {
    const font = new mupdf.Font('Times-Roman'), resources = pdf.newDictionary(), fonts = pdf.newDictionary();
    fonts.put('F', pdf.addSimpleFont(font, 'Latin'));
    resources.put('Font', fonts);
    pdf.insertPage(-1, pdf.addPage([0, 0, 595, 842], 0, pdf.addObject(resources), `BT /F 12 Tf 72 500 Td (${options.text ?? body}) Tj ET`));
    plant(pdf, mupdf);
    const buffer = pdf.saveToBuffer(options.save ?? 'compress');
    try { return buffer.asUint8Array().slice(); } finally { buffer.destroy(); }
  } finally { pdf.destroy(); }
}
/** Changes an existing PDF and appends the change, so that the earlier state stays inside. */
export async function savedAgain(bytes: Uint8Array, change: (pdf: PdfDocument) => void): Promise<Uint8Array> {
  return withPdf(bytes, (pdf) => { change(pdf); const buffer = pdf.saveToBuffer('incremental'); try { return buffer.asUint8Array().slice(); } finally { buffer.destroy(); } });
}
/** A dictionary from plain values: strings starting with a slash are names. */
export function dictOf(pdf: PdfDocument, values: Record<string, string | number | number[] | Dict>): Dict {
  const dict = pdf.newDictionary();
  for (const [k, v] of Object.entries(values)) dict.put(k, typeof v === 'string' ? (v.startsWith('/') ? pdf.newName(v.slice(1)) : pdf.newString(v)) : v as never);
  return dict as Dict;
}

const W = 'xmlns:w="http://schemas.openxmlformats.org/wordprocessingml/2006/main" xmlns:r="http://schemas.openxmlformats.org/officeDocument/2006/relationships" xmlns:wp="http://schemas.openxmlformats.org/drawingml/2006/wordprocessingDrawing" xmlns:w15="http://schemas.microsoft.com/office/word/2012/wordml" xmlns:mc="http://schemas.openxmlformats.org/markup-compatibility/2006" xmlns:v="urn:schemas-microsoft-com:vml"';
const wordTypes = 'application/vnd.openxmlformats-officedocument.wordprocessingml';
const paragraph = (inner: string): string => `<w:p>${inner}</w:p>`;
export const wordRun = (text: string): string => `<w:r><w:t xml:space="preserve">${text}</w:t></w:r>`;

/** A word-processor package whose body holds `inner` after a plain paragraph; `parts` are added or replaced. Pictures and objects are named by the body, unless `parts` brings relationships of its own. */
export function plantedDocx(inner = '', parts: Record<string, string | Uint8Array> = {}): Uint8Array {
  const overrides = Object.keys(parts).filter((n) => /^word\/[a-z]+\d*\.xml$/.test(n)).map((n) => `<Override PartName="/${n}" ContentType="${wordTypes}.${/([a-z]+)\d*\.xml/.exec(n)![1]}+xml"/>`).join('');
  const shown = 'word/_rels/document.xml.rels' in parts ? [] : Object.keys(parts).filter((n) => /^word\/(?:media|embeddings|charts)\//.test(n)), naming = shown.map((_, i) => paragraph(`<w:r><w:drawing><a:blip xmlns:a="http://schemas.openxmlformats.org/drawingml/2006/main" r:embed="rId${i + 50}"/></w:drawing></w:r>`)).join('');
  const kindOf = (n: string): string => (n.includes('/media/') ? 'image' : n.includes('/charts/') ? 'chart' : 'package'), relations = shown.map((n, i) => `<Relationship Id="rId${i + 50}" Type="http://schemas.openxmlformats.org/officeDocument/2006/relationships/${kindOf(n)}" Target="${n.slice(5)}"/>`).join('');
  const all: Record<string, string | Uint8Array> = {
    '[Content_Types].xml': `<Types xmlns="http://schemas.openxmlformats.org/package/2006/content-types"><Default Extension="rels" ContentType="application/vnd.openxmlformats-package.relationships+xml"/><Default Extension="xml" ContentType="application/xml"/><Default Extension="jpg" ContentType="image/jpeg"/><Override PartName="/word/document.xml" ContentType="${wordTypes}.document.main+xml"/>${overrides}</Types>`,
    '_rels/.rels': '<Relationships xmlns="http://schemas.openxmlformats.org/package/2006/relationships"><Relationship Id="rId1" Type="http://schemas.openxmlformats.org/officeDocument/2006/relationships/officeDocument" Target="word/document.xml"/></Relationships>',
    'word/document.xml': `<?xml version="1.0" encoding="UTF-8"?><w:document ${W}><w:body>${paragraph(wordRun(body))}${inner}${naming}</w:body></w:document>`,
    ...(shown.length > 0 ? { 'word/_rels/document.xml.rels': `<Relationships xmlns="http://schemas.openxmlformats.org/package/2006/relationships">${relations}</Relationships>` } : {}),
    ...parts,
  };
  return packZip(Object.entries(all).map(([name, content]) => ({ name, bytes: typeof content === 'string' ? new TextEncoder().encode(content) : content })));
}
export const wordPart = (tag: string, inner: string, attributes = ''): string => `<?xml version="1.0" encoding="UTF-8"?><w:${tag} ${W} ${attributes}>${inner}</w:${tag}>`;
export const inParagraph = paragraph;

/** An OpenDocument text with `inner` in its body. */
export function plantedOdt(inner = '', parts: Record<string, string | Uint8Array> = {}): Uint8Array {
  const ns = 'xmlns:office="urn:oasis:names:tc:opendocument:xmlns:office:1.0" xmlns:text="urn:oasis:names:tc:opendocument:xmlns:text:1.0" xmlns:dc="http://purl.org/dc/elements/1.1/" xmlns:meta="urn:oasis:names:tc:opendocument:xmlns:meta:1.0" xmlns:draw="urn:oasis:names:tc:opendocument:xmlns:drawing:1.0" xmlns:svg="urn:oasis:names:tc:opendocument:xmlns:svg-compatible:1.0" xmlns:xlink="http://www.w3.org/1999/xlink" xmlns:config="urn:oasis:names:tc:opendocument:xmlns:config:1.0" xmlns:style="urn:oasis:names:tc:opendocument:xmlns:style:1.0" xmlns:officeooo="http://openoffice.org/2009/office" xmlns:table="urn:oasis:names:tc:opendocument:xmlns:table:1.0"';
  const all: Record<string, string | Uint8Array> = {
    mimetype: 'application/vnd.oasis.opendocument.text', 'content.xml': `<office:document-content ${ns}><office:body><office:text><text:p>${body}</text:p>${inner}</office:text></office:body></office:document-content>`,
    'META-INF/manifest.xml': '<manifest:manifest xmlns:manifest="urn:oasis:names:tc:opendocument:xmlns:manifest:1.0"><manifest:file-entry manifest:full-path="/" manifest:media-type="application/vnd.oasis.opendocument.text"/><manifest:file-entry manifest:full-path="content.xml" manifest:media-type="text/xml"/></manifest:manifest>',
    ...Object.fromEntries(Object.entries(parts).map(([n, t]) => [n, typeof t === 'string' ? t.replace('NS', ns) : t])),
  };
  return packZip(Object.entries(all).map(([name, content]) => ({ name, bytes: typeof content === 'string' ? new TextEncoder().encode(content) : content, stored: name === 'mimetype' })));
}

/** A picture of one colour as JPEG or PNG. */
export async function plainPicture(kind: 'jpeg' | 'png', width = 48, height = 24): Promise<Uint8Array> {
  const mupdf = await loadMupdf();
  const pixmap = new mupdf.Pixmap(mupdf.ColorSpace.DeviceRGB, [0, 0, width, height], false);
  pixmap.clear(140);
  try { return (kind === 'jpeg' ? pixmap.asJPEG(90, false) : pixmap.asPNG()).slice(); } finally { pixmap.destroy(); }
}
