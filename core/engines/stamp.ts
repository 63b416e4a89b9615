import { loadMupdf, type MupdfModule, type PdfDocument } from './pdf.ts';

/** One line of text set onto a page that is there already. `x`, `y`: where its baseline begins, in points from the page's top left as it is shown; `align`: which point of the line stands there. */
export interface Stamp { text: string; x: number; y: number; size: number; /** one of the standard faces by its name (ISO 32000-1, 9.6.2.2); absent: the serif */ face?: string; /** six hexadecimal digits; absent: a dark grey */ colour?: string | null; align?: 'left' | 'centre' | 'right'; /** there for machines, not for the eye (render mode 3); stretched to `width` points, running towards a point of the unit circle where it does not run across */ unseen?: { width: number; towards?: [number, number] } }

/** Sets lines onto a page in embedded faces; whatever the page's own content left behind does not touch them. */
export async function stampLines(pdf: PdfDocument, index: number, stamps: Stamp[]): Promise<void> {
  const mupdf = await loadMupdf(), object = pdf.findPage(index), faces = new Map([...new Set(stamps.map(faceOf))].map((name, i) => { const font = new mupdf.Font(name); return [name, { font, ref: pdf.addFont(font), key: `HandOverHead${i > 0 ? i : ''}` }]; }));
  const page = pdf.loadPage(index), [x0, y0] = page.getBounds(), transform = page.getTransform();
  page.destroy();
  const resources = own(pdf, object, 'Resources'), fonts = own(pdf, resources, 'Font');
  for (const { key, ref } of faces.values()) fonts.put(key, ref);
  // From the page as it is shown to its own space (ISO 32000-1, 8.3.2.3): boxes that do not begin at zero and turned pages are minded.
  const back = mupdf.Matrix.invert(transform);
  const lines = stamps.map((stamp) => {
    const { text, x, y, size, align, unseen, colour } = stamp, { font, key } = faces.get(faceOf(stamp))!;
    // Identity-H: two bytes a glyph (ISO 32000-1, 9.7.5.2).
    let hex = '', width = 0;
    for (const char of text) { const glyph = font.encodeCharacter(char.codePointAt(0)!); hex += glyph.toString(16).padStart(4, '0'); width += font.advanceGlyph(glyph, 0) * size; }
    const [dx, dy] = unseen?.towards ?? [1, 0], m = mupdf.Matrix.concat([dx, dy, dy, -dx, x0 + x - (align === 'centre' ? width / 2 : align === 'right' ? width : 0), y0 + y], back);
    const how = unseen ? `3 Tr ${((100 * unseen.width) / Math.max(0.01, width)).toFixed(2)} Tz` : colour ? `${[0, 2, 4].map((i) => (parseInt(colour.slice(i, i + 2), 16) / 255).toFixed(3)).join(' ')} rg` : '0.25 g';
    return `BT /${key} ${size} Tf ${how} ${m.map((n) => n.toFixed(3)).join(' ')} Tm <${hex}> Tj ET`;
  });
  const contents = object.get('Contents'), list = pdf.newArray();
  list.push(pdf.addStream('q', {}));
  if (contents.isArray()) for (let i = 0; i < contents.length; i++) list.push(contents.get(i)); else if (!contents.isNull()) list.push(contents);
  list.push(pdf.addStream('Q', {}));
  // Running lines are none of the text (ISO 32000-1, 14.8.2.2); what machines are to read is.
  const [opens, closes] = stamps.some((s) => s.unseen) ? ['', ''] : ['/Artifact BMC ', ' EMC'];
  list.push(pdf.addStream(`q ${opens}${lines.join(' ')}${closes} Q`, {}));
  object.put('Contents', list);
  for (const { font } of faces.values()) font.destroy();
}
const faceOf = ({ face }: Stamp): string => face ?? 'Times-Roman';

type PdfObject = ReturnType<PdfDocument['findPage']>;
/** A dictionary of the page's own: an inherited or shared one is copied first, so that other pages keep theirs. */
function own(pdf: PdfDocument, parent: PdfObject, key: string): PdfObject {
  const found = key === 'Resources' ? parent.getInheritable(key) : parent.get(key), copy = pdf.newDictionary();
  if (found.isDictionary()) found.forEach((value, name) => copy.put(String(name), value));
  parent.put(key, copy);
  return parent.get(key);
}

/** How wide a line is for a size of 1, in a face that has every letter of it; null where it has not. */
export function stampWidth(mupdf: MupdfModule, text: string, face: string): number | null {
  const font = new mupdf.Font(face);
  try { const glyphs = [...text].map((char) => font.encodeCharacter(char.codePointAt(0)!)); return glyphs.includes(0) ? null : glyphs.reduce((width, glyph) => width + font.advanceGlyph(glyph, 0), 0); } finally { font.destroy(); }
}

/** A page's picture that pages of this document can show, with its size. */
export interface PlacedForm { form: PdfObject; size: readonly [number, number, number, number] }
/** The first page of another document as a form of this one (ISO 32000-1, 8.10). */
export function formOf(pdf: PdfDocument, source: PdfDocument): PlacedForm {
  const from = source.findPage(0), size = [0, 1, 2, 3].map((i) => from.get('MediaBox').get(i).asNumber()) as [number, number, number, number], stream = from.get('Contents').readStream(), dict = pdf.newDictionary(), box = pdf.newArray();
  for (const v of size) box.push(pdf.newReal(v));
  dict.put('Type', pdf.newName('XObject')); dict.put('Subtype', pdf.newName('Form')); dict.put('BBox', box); dict.put('Resources', pdf.graftObject(from.get('Resources')));
  try { return { form: pdf.addStream(stream, dict), size }; } finally { stream.destroy(); }
}
/** Shows a form on a page, as none of its text (14.8.2.2). @param at - its upper left corner, in points of the page's own space */
export const showForm = (pdf: PdfDocument, index: number, { form, size: [x0, , , y1] }: PlacedForm, at: readonly [number, number]): void => showObject(pdf, index, form, [1, 0, 0, 1, at[0] - x0, at[1] - y1]);
/** Shows a picture on a page, as none of its text. @param box - lower left corner, width and height, in points of the page's own space */
export const showPicture = (pdf: PdfDocument, index: number, image: PdfObject, [x, y, width, height]: readonly [number, number, number, number]): void => showObject(pdf, index, image, [width, 0, 0, height, x, y]);
function showObject(pdf: PdfDocument, index: number, form: PdfObject, matrix: readonly number[]): void {
  const object = pdf.findPage(index), forms = own(pdf, own(pdf, object, 'Resources'), 'XObject'), name = `HandOverLine${form.asIndirect()}`;
  forms.put(name, form);
  const contents = object.get('Contents'), list = pdf.newArray();
  list.push(pdf.addStream('q', {}));
  if (contents.isArray()) for (let i = 0; i < contents.length; i++) list.push(contents.get(i)); else if (!contents.isNull()) list.push(contents);
  list.push(pdf.addStream('Q', {}));
  list.push(pdf.addStream(`q /Artifact BMC ${matrix.map((n) => n.toFixed(3)).join(' ')} cm /${name} Do EMC Q`, {}));
  object.put('Contents', list);
}
