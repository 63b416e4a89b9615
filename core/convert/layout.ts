import { readyFaces } from '../engines/faces.ts';
import type * as Mupdf from 'mupdf';
import { loadMupdf, reason, saveWhole, withPdf, type MupdfModule, type PDFObject, type PdfDocument } from '../engines/pdf.ts';
import { writeOutline, type Bookmark } from '../engines/outline.ts';
import { formOf, showForm, showPicture, stampLines, stampWidth, type PlacedForm } from '../engines/stamp.ts';
import { readUnicodeMap, withoutShapes, writeUnicodeMap } from '../engines/unicode-map.ts';
import { escapeXml, unescapeXml } from '../engines/xml.ts';
import { CannotDo, heed, type Job } from '../model/outcome.ts';
import { fromBase64, latin1 } from '../text/bytes.ts';
import { inOneFlow } from './flows.ts';
import { hangLabels } from './hanging-labels.ts';
import { formatNumber } from '../styles/number-formats.ts';
import { holdBack, putBack, type HeldBack } from './own-compression.ts';
import { lineKey, linesOn, piecesOf, type LineLook, type LineOn, type LinePicture, type LinePlace } from './running-lines.ts';
import { countPages, takeApart, writePages, type NotedBody, type SheetOf } from './set-pages.ts';
import { tagPages } from './tags/tag.ts';
import { familyOf, oneColumn, oneSize, type FontFamily, type PageDescription } from './page-description.ts';

/** The engine's faces have no glyphs for the wide spaces of Unicode (2000 to 200A): they would come out as no character at all. */
const wideSpaces = /&#819[2-9];|[\u2000-\u200a\u202f]/g;

/** A word longer than a line, as keys and addresses are, may break anywhere; the engine is slow to find that out by itself. Only text is touched, never what stands inside a tag. */
const breakable = (body: string): string => body.replace(/>[^<]{200,}(?=<)/g, (text) => text.replace(/[^\s&;]{200,}/g, (word) => word.replace(/.{80}/gu, '$&\u200b')));

/** The engine takes right for the end of a line that runs from right to left, and left for its beginning. */
const turned = (body: string): string => (body.includes(' dir="rtl"') ? body.replace(/(<(?:p|h[1-6])\b[^>]*?text-align:)(left|right)(?=[^>]* dir="rtl")/g, (_, head: string, side: string) => head + (side === 'left' ? 'right' : 'left')) : body);

function toHtml(mupdf: MupdfModule, page: PageDescription): string {
  const [top, right, bottom, left] = page.marginsPt;
  return `<html${page.language ? ` lang="${escapeXml(page.language)}"` : ''}><head><style>
@page{margin:${top}pt ${right}pt ${bottom}pt ${left}pt} body{margin:0;font-family:${page.baseFont};font-size:${page.baseSizePt}pt;line-height:1.15}
p{margin:0} h1,h2,h3,h4,h5,h6{font-size:1em;font-weight:normal;page-break-after:avoid} table{border-collapse:collapse;margin:4pt 0 8pt 0} td{border:0.5pt solid #555;padding:2pt 4pt}
a{color:#1a4a7a} a.place{color:inherit;text-decoration:none} .break{page-break-after:always} .note{font-size:0.85em;margin-top:3pt} hr{border-bottom:0.5pt solid #777;margin:12pt 0 4pt 0}
</style></head><body>${breakable(hangLabels(mupdf, turned(inOneFlow(page.body)), page)).replace(wideSpaces, '&#160;&#160;')}</body></html>`;
}

/** The engine tells letters of Arabic, and Latin ones that are set as one, by the shapes they take; whoever searches or copies needs the letters. */
function tellLetters(pdf: PdfDocument): void {
  for (let i = 1, count = pdf.countObjects(); i < count; i++) {
    const object = pdf.newIndirect(i), map = object.isDictionary() && object.get('Type').isName() && object.get('Type').asName() === 'Font' ? object.get('ToUnicode') : null;
    if (!map?.isStream()) continue;
    const stream = map.readStream(), letters = withoutShapes(readUnicodeMap(latin1(stream.asUint8Array())));
    stream.destroy();
    if (letters) map.writeStream(new TextEncoder().encode(writeUnicodeMap(letters)));
  }
}

/** How many pages a description takes as this engine lays it out; nothing is written. */
export async function countLaidPages(page: PageDescription): Promise<number> {
  const mupdf = await loadMupdf();
  await readyFaces(`${page.body}${JSON.stringify([page, ...page.laterLines].map((l) => [l.head, l.foot, l.firstHead, l.firstFoot, l.evenHead, l.evenFoot]))}`);
  const noted = takeApart(page.body), own = noted ? countPages(mupdf, noted, (body, size) => toHtml(mupdf, { ...page, ...size, body }), page) : null;
  if (own !== null) return own;
  const doc = mupdf.Document.openDocument(new TextEncoder().encode(toHtml(mupdf, page)), 'text/html');
  try { doc.layout(page.widthPt, page.heightPt, page.baseSizePt); return doc.countPages(); } finally { doc.destroy(); }
}

/** Sets each page's head and foot; numbers go on from page to page where no section begins them anew. */
async function stampRunningLines(pdf: PdfDocument, page: PageDescription, sheets: SheetOf[]): Promise<void> {
  const count = pdf.countPages(), mupdf = await loadMupdf(), forms = new Map<string, PlacedForm>(), images = new Map<string, PDFObject>(), once = new Set<string>();
  let pictures = 0;
  let number = 0, before = -1;
  for (let i = 0; i < count; i++) {
    const { size: { widthPt, heightPt, marginsPt: [top, right, bottom, left] }, lines: index } = sheets[i] ?? { size: page, lines: 0 }, lines = index > 0 ? page.laterLines[index - 1] ?? page : page, first = index !== before;
    number = first && lines.numberFrom !== null && (index > 0 || i === 0) ? lines.numberFrom : number + 1;
    before = index;
    const { head, foot } = linesOn(lines, number, count, first && (index > 0 || i === 0));
    for (const { slot } of [head, foot]) page.linesShown.add(lineKey(index, slot));
    if (lines.numberFormat !== 'decimal') page.generated.push(formatNumber(number, lines.numberFormat));
    for (const [slot, on] of [['head', head], ['foot', foot]] as const) on.pictures.forEach((picture, k) => { pictures++; once.add(`${index} ${slot} ${k} ${picture.source.length}`); });
    const ends = [['left', left], ['centre', (left + widthPt - right) / 2], ['right', widthPt - right]] as const, width = widthPt - left - right;
    const stamps = [[head, top * 0.55], [foot, heightPt - bottom * 0.45]].flatMap(([one, y]) => {
      const { line, look, pictures } = one as LineOn, pieces = piecesOf(line), set = setAs(look, page), beside = showPictures(pdf, mupdf, i, pictures, images, { atHead: one === head, margin: one === head ? top : bottom, left, width, heightPt }), widths = pieces.map((text) => (text ? stampWidth(mupdf, text, set.face) : 0));
      // A line that would run over its ends is set smaller.
      const wide = widths.reduce<number>((sum, w) => sum + (w ?? 0), 0) * set.size + 12 * (pieces.filter(Boolean).length - 1), size = Math.max(6, Math.floor(20 * set.size * Math.min(1, width / Math.max(1, wide))) / 20);
      return pieces.flatMap((text, k) => (text ? [{ text, x: ends[k]![1] + (k === 0 ? beside.left : k === 2 ? -beside.right : 0), y: y as number, ...set, size, align: ends[k]![0], plain: widths[k] !== null }] : []));
    });
    const plain = stamps.filter((s) => s.plain);
    if (plain.length > 0) await stampLines(pdf, i, plain);
    for (const stamp of stamps.filter((s) => !s.plain)) {
      const key = `${stamp.align} ${width} ${stamp.size} ${stamp.face} ${stamp.colour} ${stamp.text}`, form = forms.get(key) ?? await withPdf(setLine(mupdf, stamp, width, page.language), (line) => { line.subsetFonts(); return formOf(pdf, line); });
      forms.set(key, form);
      showForm(pdf, i, form, [left, heightPt - stamp.y + stamp.size * aboveBaseline]);
    }
  }
  page.repeatedPictures = pictures - once.size;
}

/** Puts the pictures of a head or foot within the margin, no larger than it bears. @returns the room that they take at the left and at the right */
function showPictures(pdf: PdfDocument, mupdf: MupdfModule, index: number, pictures: LinePicture[], images: Map<string, PDFObject>, { atHead, margin, left, width, heightPt }: { atHead: boolean; margin: number; left: number; width: number; heightPt: number }): { left: number; right: number } {
  const taken = { left: 0, centre: 0, right: 0 };
  for (const { source, widthPt, heightPt: high, place } of pictures) {
    let object = images.get(source);
    if (!object) { const image = new mupdf.Image(fromBase64(source.slice(source.indexOf(',') + 1))); try { images.set(source, object = pdf.addImage(image)); } finally { image.destroy(); } }
    const scale = Math.min(1, (margin - 10) / high, width / widthPt);
    if (scale <= 0.05) continue;
    const [w, h] = [widthPt * scale, high * scale], gap = Math.max(4, Math.min(36, margin - h - 6)), x = left + (place === 'left' ? taken.left : place === 'right' ? width - w - taken.right : (width - w) / 2);
    showPicture(pdf, index, object, [x, atHead ? heightPt - gap - h : gap, w, h]);
    taken[place] += w + 6;
  }
  return taken;
}
/** How a line is set: as it says, or else as the text; no smaller and no larger than the margins bear. */
function setAs(look: LineLook | null, page: PageDescription): { face: string; size: number; colour: string; family: FontFamily } {
  const family = look?.font ? familyOf(look.font) : page.baseFont, [plain, bold, italic, both] = standardFaces[family];
  return { face: look?.bold ? (look.italic ? both : bold) : look?.italic ? italic : plain, size: Math.min(18, Math.max(6, look?.sizePt ?? page.baseSizePt)), colour: look?.colour ?? '000000', family };
}
/** Upright, bold, italic, and both (ISO 32000-1, 9.6.2.2). */
const standardFaces: Readonly<Record<FontFamily, readonly [string, string, string, string]>> = {
  serif: ['Times-Roman', 'Times-Bold', 'Times-Italic', 'Times-BoldItalic'], 'sans-serif': ['Helvetica', 'Helvetica-Bold', 'Helvetica-Oblique', 'Helvetica-BoldOblique'], monospace: ['Courier', 'Courier-Bold', 'Courier-Oblique', 'Courier-BoldOblique'],
};
/** Of a line's size, from its top to its baseline. */
const aboveBaseline = 0.9;
/** A running line in letters that the stamping face lacks, set by the engine as one page as wide as the text: it joins letters, turns them, and finds their faces. */
function setLine(mupdf: MupdfModule, { text, align, size, face, colour, family }: { text: string; align: LinePlace; size: number; face: string; colour: string; family: FontFamily }, width: number, language: string | null): Uint8Array {
  const html = `<html${language ? ` lang="${escapeXml(language)}"` : ''}><head><style>@page{margin:0} body{margin:0;font-family:${family};font-size:${size}pt;line-height:1.2;color:#${colour}${/Bold/.test(face) ? ';font-weight:bold' : ''}${/Italic|Oblique/.test(face) ? ';font-style:italic' : ''}} p{margin:0;text-align:${align === 'centre' ? 'center' : align}}</style></head><body><p>${escapeXml(text)}</p></body></html>`;
  const doc = mupdf.Document.openDocument(new TextEncoder().encode(html), 'text/html'), buffer = new mupdf.Buffer(), writer = new mupdf.DocumentWriter(buffer, 'pdf', '');
  try {
    doc.layout(width, 72, size);
    const one = doc.loadPage(0), device = writer.beginPage(one.getBounds());
    one.run(device, mupdf.Matrix.identity);
    writer.endPage(); one.destroy(); writer.close();
    return buffer.asUint8Array().slice();
  } finally { doc.destroy(); buffer.destroy(); }
}

interface LaidOut { links: { uri: string; box: [number, number, number, number] }[][]; outline: Bookmark[]; /** notes at the foot of each page, by their marks; none where all stand at the end */ notes: number[][]; /** by page; none where all are alike */ sheets: SheetOf[] }
/** Pages as the engine breaks them. */
function plainPages(mupdf: MupdfModule, page: PageDescription, writer: Mupdf.DocumentWriter, job: Job): LaidOut {
  const doc = mupdf.Document.openDocument(new TextEncoder().encode(toHtml(mupdf, page)), 'text/html'), links: LaidOut['links'] = [];
  try {
    doc.layout(page.widthPt, page.heightPt, page.baseSizePt);
    const outline = doc.loadOutline() ?? [], count = doc.countPages();
    for (let i = 0; i < count; i++) {
      heed(job);
      const one = doc.loadPage(i);
      const device = writer.beginPage(one.getBounds());
      one.run(device, mupdf.Matrix.identity);
      writer.endPage();
      links.push(one.getLinks().flatMap((l) => { const box = l.getBounds() as [number, number, number, number], page = l.isExternal() ? -1 : doc.resolveLink(l); return l.isExternal() ? [{ uri: l.getURI(), box }] : page >= 0 ? [{ uri: `#page=${page + 1}`, box }] : []; }));
      one.destroy();
      job.progress?.(i + 1, count, 'pages');
    }
    return { links, outline, notes: [], sheets: [] };
  } finally { doc.destroy(); }
}
/** Pages with their columns and sizes, and their notes at the foot; of one size, in one column and with the notes at the end where these are too long for that. */
function ownPages(mupdf: MupdfModule, page: PageDescription, noted: NotedBody, writer: Mupdf.DocumentWriter, job: Job): LaidOut {
  const laid = writePages(mupdf, noted, (body, size) => toHtml(mupdf, { ...page, ...size, body }), page, writer, job);
  if (!laid) { if (page.body.includes('<columns ')) page.losses.push(oneColumn); if (page.body.includes('<pages ')) page.losses.push(oneSize); return plainPages(mupdf, page, writer, job); }
  const nested: Bookmark[] = [], open: { level: number; down: Bookmark[] }[] = [{ level: 0, down: nested }];
  for (const { level, title, page: at } of laid.outline) {
    while (open[open.length - 1]!.level >= level) open.pop();
    const heading = { title, page: at, down: [] };
    open[open.length - 1]!.down.push(heading);
    open.push({ level, down: heading.down });
  }
  return { links: laid.links, outline: nested, notes: laid.notes, sheets: laid.sheets };
}

/** What a document says of itself: its title, shown in the window's bar, and its language. Source: ISO 32000-1, 14.3.3 (Title), 12.2 (DisplayDocTitle), 14.9.2 (Lang). */
export function introduce(pdf: PdfDocument, about: { title: string | null; language: string | null }): void {
  const root = pdf.getTrailer().get('Root');
  if (about.language) root.put('Lang', pdf.newString(about.language));
  if (!about.title) return;
  const info = pdf.newDictionary(), shown = pdf.newDictionary();
  info.put('Title', pdf.newString(about.title));
  pdf.getTrailer().put('Info', pdf.addObject(info));
  shown.put('DisplayDocTitle', pdf.newBoolean(true));
  root.put('ViewerPreferences', shown);
}
/** The title that a description gives, or else its first main heading; null where there is neither. */
export function titleOf(page: PageDescription): string | null {
  const first = page.title || (/<h1\b[^>]*>([\s\S]*?)<\/h1>/.exec(page.body)?.[1] ?? '').replace(/<span class="label"[^>]*>[\s\S]*?<\/span>|<sup\b[\s\S]*?<\/sup>/g, '').replace(/<br\/>/g, ' ').replace(/<[^>]+>/g, ''), text = unescapeXml(first).replace(/[\s\u00a0\u2002\u2003]+/g, ' ').trim();
  return text === '' ? null : text.slice(0, 300);
}

/** Lays a page description out and writes it as PDF with all fonts embedded and subset, links kept, running lines stamped, no metadata but its title, where that is wanted, and its language. */
export async function layOut(page: PageDescription, job: Job, titled = true): Promise<Uint8Array> {
  try { return await layOnce(page, job, titled); } catch (error) {
    if (error instanceof CannotDo) throw error;
    // The engine breaks off at a picture that cannot be decoded: without it the text still gets its pages.
    const sound = await withoutBrokenPictures(page.body);
    if (sound === null) throw new CannotDo('unreadable', `The pages could not be set (${reason(error)}).`, 'Save it again from the program it was written in.');
    const broken = 'a damaged picture is left out';
    if (!page.losses.includes(broken)) page.losses.push(broken);
    const rest = { ...page, body: sound };
    try { return await layOnce(rest, job, titled); } finally { page.repeatedPictures = rest.repeatedPictures; }
  }
}
/** A body without the pictures that do not decode; null where all of them do. */
async function withoutBrokenPictures(body: string): Promise<string | null> {
  const mupdf = await loadMupdf(), decodes = (source: string): boolean => {
    try { const image = new mupdf.Image(fromBase64(source.slice(source.indexOf(',') + 1))); try { image.toPixmap().destroy(); return true; } finally { image.destroy(); } } catch { return false; }
  };
  const sound = body.replace(/<img src="(data:[^"]+)"[^>]*\/>/g, (whole, source: string) => (decodes(source) ? whole : ''));
  return sound === body ? null : sound;
}
async function layOnce(whole: PageDescription, job: Job, titled: boolean): Promise<Uint8Array> {
  const mupdf = await loadMupdf(), held = holdBack(mupdf, whole.body), page = { ...whole, body: held.body };
  try { return await layPages(mupdf, page, held, job, titled); } finally { whole.repeatedPictures = page.repeatedPictures; }
}
async function layPages(mupdf: MupdfModule, page: PageDescription, held: HeldBack, job: Job, titled: boolean): Promise<Uint8Array> {
  await readyFaces(`${page.body}${JSON.stringify([page, ...page.laterLines].map((l) => [l.head, l.foot, l.firstHead, l.firstFoot, l.evenHead, l.evenFoot]))}`);
  const buffer = new mupdf.Buffer(), noted = takeApart(page.body);
  const writer = new mupdf.DocumentWriter(buffer, 'pdf', '');
  const { links, outline, notes, sheets } = noted ? ownPages(mupdf, page, noted, writer, job) : plainPages(mupdf, page, writer, job);
  writer.close();
  const written = buffer.asUint8Array().slice();
  buffer.destroy();
  return withPdf(written, async (pdf) => {
    links.forEach((row, i) => {
      if (row.length === 0) return;
      const one = pdf.loadPage(i);
      for (const link of row) one.createLink(link.box, link.uri).destroy();
      one.destroy();
    });
    if (noted && notes.length > 0) tagPages(pdf, noted.body, notes, noted.notes, job); else tagPages(pdf, page.body, [], new Map(), job);
    if (outline.length > 0) writeOutline(pdf, outline);
    putBack(pdf, held);
    await stampRunningLines(pdf, page, sheets);
    pdf.subsetFonts();
    tellLetters(pdf);
    pdf.addObject(pdf.newDictionary()).destroy();
    const root = pdf.getTrailer().get('Root');
    root.delete('Info');
    pdf.getTrailer().delete('Info');
    pdf.getTrailer().delete('ID');
    introduce(pdf, { title: titled ? titleOf(page) : null, language: page.language });
    // Nothing here is written twice but in short files' fonts; comparing thousands of structure elements with each other takes longer than setting their pages.
    return saveWhole(pdf, pdf.countObjects() > 2000 ? 'garbage=2,compress' : 'garbage=4,compress');
  });
}
