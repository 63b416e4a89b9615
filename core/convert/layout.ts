import { readyFaces } from '../engines/faces.ts';
import type * as Mupdf from 'mupdf';
import { loadMupdf, saveWhole, withPdf, type MupdfModule, type PdfDocument } from '../engines/pdf.ts';
import { stampLines } from '../engines/stamp.ts';
import { escapeXml } from '../engines/xml.ts';
import { heed, type Job } from '../model/outcome.ts';
import { takeFootNotes, writeWithNotes, type NotedBody } from './foot-notes.ts';
import type { PageDescription } from './page-description.ts';

/** The engine's faces have no glyphs for the wide spaces of Unicode (2000 to 200A): they would come out as no character at all. */
const wideSpaces = /&#819[2-9];|[\u2000-\u200a\u202f]/g;

/** A word longer than a line, as keys and addresses are, may break anywhere; the engine is slow to find that out by itself. Only text is touched, never what stands inside a tag. */
const breakable = (body: string): string => body.replace(/>[^<]{200,}(?=<)/g, (text) => text.replace(/[^\s&;]{200,}/g, (word) => word.replace(/.{80}/gu, '$&\u200b')));

function toHtml(page: PageDescription): string {
  const [top, right, bottom, left] = page.marginsPt;
  return `<html${page.language ? ` lang="${escapeXml(page.language)}"` : ''}><head><style>
@page{margin:${top}pt ${right}pt ${bottom}pt ${left}pt} body{margin:0;font-family:${page.baseFont};font-size:${page.baseSizePt}pt;line-height:1.15}
p{margin:0} h1,h2,h3,h4,h5,h6{font-size:1em;font-weight:normal;page-break-after:avoid} table{border-collapse:collapse;margin:4pt 0 8pt 0} td{border:0.5pt solid #555;padding:2pt 4pt}
a{color:#1a4a7a} a.place{color:inherit;text-decoration:none} .break{page-break-after:always} .note{font-size:0.85em;margin-top:3pt} hr{border-bottom:0.5pt solid #777;margin:12pt 0 4pt 0}
</style></head><body>${breakable(page.body).replace(wideSpaces, '&#160;&#160;')}</body></html>`;
}

/** How many pages a description takes as this engine lays it out; nothing is written. */
export async function countLaidPages(page: PageDescription): Promise<number> {
  const mupdf = await loadMupdf();
  await readyFaces(`${page.body}${page.head}${page.foot}`);
  const doc = mupdf.Document.openDocument(new TextEncoder().encode(toHtml(page)), 'text/html');
  try { doc.layout(page.widthPt, page.heightPt, page.baseSizePt); return doc.countPages(); } finally { doc.destroy(); }
}

interface LaidOut { links: { uri: string; box: [number, number, number, number] }[][]; outline: Heading[] }
/** Pages as the engine breaks them. */
function plainPages(mupdf: MupdfModule, page: PageDescription, writer: Mupdf.DocumentWriter, job: Job): LaidOut {
  const doc = mupdf.Document.openDocument(new TextEncoder().encode(toHtml(page)), 'text/html'), links: LaidOut['links'] = [];
  try {
    doc.layout(page.widthPt, page.heightPt, page.baseSizePt);
    const outline = doc.loadOutline() ?? [], count = doc.countPages();
    for (let i = 0; i < count; i++) {
      heed(job);
      const one = doc.loadPage(i);
      const device = writer.beginPage(one.getBounds());
      one.run(device, mupdf.Matrix.identity);
      writer.endPage();
      links.push(one.getLinks().filter((l) => l.isExternal()).map((l) => ({ uri: l.getURI(), box: l.getBounds() as [number, number, number, number] })));
      one.destroy();
      job.progress?.(i + 1, count, 'pages');
    }
    return { links, outline };
  } finally { doc.destroy(); }
}
/** Pages with their notes at the foot; at the end where they are too long for that. */
function notedPages(mupdf: MupdfModule, page: PageDescription, noted: NotedBody, writer: Mupdf.DocumentWriter, job: Job): LaidOut {
  const laid = writeWithNotes(mupdf, noted, (body) => toHtml({ ...page, body }), { width: page.widthPt, height: page.heightPt, margins: page.marginsPt, size: page.baseSizePt }, writer, job);
  if (!laid) return plainPages(mupdf, page, writer, job);
  const nested: Heading[] = [], open: { level: number; down: Heading[] }[] = [{ level: 0, down: nested }];
  for (const { level, title, page: at } of laid.outline) {
    while (open[open.length - 1]!.level >= level) open.pop();
    const heading = { title, page: at, down: [] };
    open[open.length - 1]!.down.push(heading);
    open.push({ level, down: heading.down });
  }
  return { links: laid.links, outline: nested };
}

/** Lays a page description out and writes it as PDF with all fonts embedded and subset, links kept, running lines stamped, no metadata. */
export async function layOut(page: PageDescription, job: Job): Promise<Uint8Array> {
  const mupdf = await loadMupdf();
  await readyFaces(`${page.body}${page.head}${page.foot}`);
  const [top, , bottom, left] = page.marginsPt, buffer = new mupdf.Buffer(), noted = takeFootNotes(page.body);
  const writer = new mupdf.DocumentWriter(buffer, 'pdf', '');
  const { links, outline } = noted ? notedPages(mupdf, page, noted, writer, job) : plainPages(mupdf, page, writer, job);
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
    if (outline.length > 0) { const at = pdf.outlineIterator(); writeOutline(pdf, at, outline); at.destroy(); }
    const count = pdf.countPages();
    for (let i = 0; i < count; i++) {
      if (i === 0 && page.firstPageDiffers) continue;
      const fill = (line: string): string => line.replace(/\u0001/g, String(i + 1)).replace(/\u0002/g, String(count));
      const lines = [...(page.head ? [{ text: fill(page.head), x: left, y: top * 0.55, size: 9.5 }] : []), ...(page.foot ? [{ text: fill(page.foot), x: left, y: page.heightPt - bottom * 0.45, size: 9.5 }] : [])];
      if (lines.length > 0) await stampLines(pdf, i, lines);
    }
    pdf.subsetFonts();
    pdf.addObject(pdf.newDictionary()).destroy();
    const root = pdf.getTrailer().get('Root');
    root.delete('Info');
    if (page.language) pdf.setLanguage(page.language.slice(0, 2).toLowerCase() as never);
    pdf.getTrailer().delete('Info');
    pdf.getTrailer().delete('ID');
    return saveWhole(pdf, 'garbage=4,compress');
  });
}

interface Heading { title?: string; page?: number; down?: Heading[] }
/** Headings as bookmarks, level by level (ISO 32000-1, 12.3.3). Only what stands on a page of its own number is kept. */
function writeOutline(pdf: PdfDocument, at: ReturnType<PdfDocument['outlineIterator']>, headings: Heading[]): void {
  for (const { title, page, down } of headings) {
    at.insert({ title: (title ?? '').replace(/\s+/g, ' ').trim(), uri: `#page=${(page ?? 0) + 1}`, open: true } as never);
    if (!down || down.length === 0) continue;
    at.prev(); at.down();
    writeOutline(pdf, at, down);
    at.up(); at.next();
  }
}
