import { loadMupdf, type PdfDocument } from './pdf.ts';

/** One line of text set onto a page that is there already. `x`, `y`: where its baseline begins, in points from the page's top left as it is shown; `align`: which point of the line stands there. */
export interface Stamp { text: string; x: number; y: number; size: number; align?: 'left' | 'centre' | 'right'; /** there for machines, not for the eye (render mode 3); stretched to `width` points, running towards a point of the unit circle where it does not run across */ unseen?: { width: number; towards?: [number, number] } }

/** Sets lines onto a page in an embedded serif; whatever the page's own content left behind does not touch them. */
export async function stampLines(pdf: PdfDocument, index: number, stamps: Stamp[]): Promise<void> {
  const mupdf = await loadMupdf(), font = new mupdf.Font('Times-Roman'), object = pdf.findPage(index), ref = pdf.addFont(font);
  const page = pdf.loadPage(index), [x0, y0] = page.getBounds(), transform = page.getTransform();
  page.destroy();
  const resources = own(pdf, object, 'Resources'), fonts = own(pdf, resources, 'Font');
  fonts.put('HandOverHead', ref);
  // From the page as it is shown to its own space (ISO 32000-1, 8.3.2.3): boxes that do not begin at zero and turned pages are minded.
  const back = mupdf.Matrix.invert(transform);
  const lines = stamps.map(({ text, x, y, size, align, unseen }) => {
    // Identity-H: two bytes a glyph (ISO 32000-1, 9.7.5.2).
    let hex = '', width = 0;
    for (const char of text) { const glyph = font.encodeCharacter(char.codePointAt(0)!); hex += glyph.toString(16).padStart(4, '0'); width += font.advanceGlyph(glyph, 0) * size; }
    const [dx, dy] = unseen?.towards ?? [1, 0], m = mupdf.Matrix.concat([dx, dy, dy, -dx, x0 + x - (align === 'centre' ? width / 2 : align === 'right' ? width : 0), y0 + y], back);
    const how = unseen ? `3 Tr ${((100 * unseen.width) / Math.max(0.01, width)).toFixed(2)} Tz` : '0.25 g';
    return `BT /HandOverHead ${size} Tf ${how} ${m.map((n) => n.toFixed(3)).join(' ')} Tm <${hex}> Tj ET`;
  });
  const contents = object.get('Contents'), list = pdf.newArray();
  list.push(pdf.addStream('q', {}));
  if (contents.isArray()) for (let i = 0; i < contents.length; i++) list.push(contents.get(i)); else if (!contents.isNull()) list.push(contents);
  list.push(pdf.addStream('Q', {}));
  // Running lines are none of the text (ISO 32000-1, 14.8.2.2); what machines are to read is.
  const [opens, closes] = stamps.some((s) => s.unseen) ? ['', ''] : ['/Artifact BMC ', ' EMC'];
  list.push(pdf.addStream(`q ${opens}${lines.join(' ')}${closes} Q`, {}));
  object.put('Contents', list);
  font.destroy();
}

type PdfObject = ReturnType<PdfDocument['findPage']>;
/** A dictionary of the page's own: an inherited or shared one is copied first, so that other pages keep theirs. */
function own(pdf: PdfDocument, parent: PdfObject, key: string): PdfObject {
  const found = key === 'Resources' ? parent.getInheritable(key) : parent.get(key), copy = pdf.newDictionary();
  if (found.isDictionary()) found.forEach((value, name) => copy.put(String(name), value));
  parent.put(key, copy);
  return parent.get(key);
}
