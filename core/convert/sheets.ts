import type * as Mupdf from 'mupdf';
import type { MupdfModule } from '../engines/pdf.ts';
import { heed, type Job } from '../model/outcome.ts';
import type { Strip } from './paginate.ts';
import { placeIds } from './places.ts';

/** Marks of places in the text: links with addresses of our own, read back where the engine has put them. */
export const noteAddress = 'note:', headingAddress = 'heading:';
/** So high is a sheet on which text is set before it is cut into pages; beyond this the engine's numbers grow coarse. */
const sheetHeight = 40_000;

/** A drawn thing with its place, to be drawn again elsewhere. */
interface Piece { top: number; bottom: number; draw: (device: Mupdf.Device, moved: (ctm: Mupdf.Matrix) => Mupdf.Matrix) => void; release: () => void }
export interface Sheet { pieces: Piece[]; strips: Omit<Strip, 'forced' | 'sheet' | 'paragraph'>[]; paragraphs: number[]; links: { uri: string; box: [number, number, number, number] }[]; /** heights of the places that links inside the text lead to */ places: { id: string; y: number }[] }

/** Where a sheet's text begins and ends. */
export const extent = (sheet: Sheet | undefined): [number, number] => [Math.min(...(sheet?.strips ?? []).map((s) => s.top), Infinity), Math.max(...(sheet?.strips ?? []).map((s) => s.bottom), -Infinity)];
/** The strips of all sheets of one text, in order. */
export function stripsOf(sheets: Sheet[]): Strip[] {
  let paragraph = 0;
  return sheets.flatMap((sheet, s): Strip[] => {
    // A sheet that is full goes on over to the next; one that is not was ended by a page break.
    const before = sheets[s - 1], full = before ? extent(before)[1] > sheetHeight - 200 : false, first = paragraph;
    paragraph += Math.max(0, ...sheet.paragraphs) + 1;
    return sheet.strips.map((strip, i) => ({ ...strip, sheet: s, paragraph: first + sheet.paragraphs[i]!, forced: i === 0 && s > 0 && !full }));
  });
}
/** Draws what has its middle between two heights of a sheet, moved to its place. @param shift - in points, to the right and down */
export function drawSlice(device: Mupdf.Device, sheet: Sheet, from: number, to: number, shift: readonly [number, number]): void {
  for (const piece of sheet.pieces) { const middle = (piece.top + piece.bottom) / 2; if (middle >= from && middle < to) piece.draw(device, (m) => [m[0], m[1], m[2], m[3], m[4] + shift[0], m[5] + shift[1]]); }
}

/** Lays HTML out on high sheets and takes them apart: what is drawn, line by line, and where it may be cut. */
export function readSheets(mupdf: MupdfModule, html: string, frame: { width: number; size: number; /** margin above the text */ top: number }, job: Job): Sheet[] {
  const doc = mupdf.Document.openDocument(new TextEncoder().encode(html), 'text/html');
  try {
    doc.layout(frame.width, sheetHeight, frame.size);
    // The engine counts heights from the margin's end.
    const places = placeIds(html).map((id) => ({ id, at: doc.resolveLinkDestination(`#${id}`) }));
    return Array.from({ length: doc.countPages() }, (_, i) => { heed(job); const page = doc.loadPage(i); try { return { ...readSheet(mupdf, page), places: places.filter((p) => p.at.page === i).map((p) => ({ id: p.id, y: p.at.y + frame.top })) }; } finally { page.destroy(); } });
  } finally { doc.destroy(); }
}

interface Interval { top: number; bottom: number; inkTop: number; inkBottom: number; /** where its text ends */ right: number }
function readSheet(mupdf: MupdfModule, page: Mupdf.Page): Omit<Sheet, 'places'> {
  const pieces = drawnPieces(mupdf, page), links = page.getLinks().map((l) => ({ uri: l.getURI(), box: l.getBounds() as [number, number, number, number] })), found: Interval[] = [];
  const stext = page.toStructuredText('preserve-images');
  try {
    stext.walk({
      // The boxes of lines reach into each other; their middles do not.
      beginLine: (box: Mupdf.Rect) => { const h = box[3] - box[1]; found.push({ top: box[1] + h * 0.3, bottom: box[3] - h * 0.3, inkTop: box[1], inkBottom: box[3], right: box[2] }); },
      onImageBlock: (box: Mupdf.Rect) => { found.push({ top: box[1], bottom: box[3], inkTop: box[1], inkBottom: box[3], right: 0 }); },
    } as never);
  } finally { stext.destroy(); }
  // Upright rules are the sides of a table's cells: what lies between them stays together, as long as a page can hold it.
  for (const p of pieces) if (p.upright && p.bottom - p.top < 300) found.push({ top: p.top + 0.6, bottom: p.bottom - 0.6, inkTop: p.top, inkBottom: p.bottom, right: 0 });
  found.sort((a, b) => a.top - b.top);
  const joined: Interval[] = [];
  for (const one of found) {
    const last = joined[joined.length - 1];
    if (last && one.top < last.bottom) { last.bottom = Math.max(last.bottom, one.bottom); last.inkTop = Math.min(last.inkTop, one.inkTop); last.inkBottom = Math.max(last.inkBottom, one.inkBottom); last.right = Math.max(last.right, one.right); } else joined.push({ ...one });
  }
  return {
    pieces, links, paragraphs: paragraphsOf(joined),
    strips: joined.map((j, i) => {
      const between = (a: Interval | undefined, b: Interval | undefined): number | null => (a && b ? (a.bottom + b.top) / 2 : null), start = between(joined[i - 1], j) ?? j.inkTop, end = between(j, joined[i + 1]) ?? j.inkBottom;
      const here = links.filter((l) => { const middle = (l.box[1] + l.box[3]) / 2; return middle >= start && middle < end; });
      return { start, end, top: j.inkTop, bottom: j.inkBottom, notes: here.filter((l) => l.uri.startsWith(noteAddress)).map((l) => Number(l.uri.slice(noteAddress.length))).sort((a, b) => a - b), keep: here.some((l) => l.uri.startsWith(headingAddress)) };
    }),
  };
}

/** Which paragraph each strip belongs to: one ends where its last line stops short, and where the next line is further away than lines usually are. */
function paragraphsOf(strips: Interval[]): number[] {
  const steps = strips.slice(1).map((s, i) => s.inkTop - strips[i]!.inkTop).sort((a, b) => a - b), usual = steps[steps.length >> 1] ?? 0, widest = Math.max(0, ...strips.map((s) => s.right));
  let paragraph = 0;
  return strips.map((s, i) => { const before = strips[i - 1]; if (before && (before.right < widest * 0.9 || s.inkTop - before.inkTop > usual * 1.08)) paragraph++; return paragraph; });
}

/** Everything a page draws, text cut into its lines. */
function drawnPieces(mupdf: MupdfModule, page: Mupdf.Page): (Piece & { upright: boolean })[] {
  const pieces: (Piece & { upright: boolean })[] = [];
  const add = (box: Mupdf.Rect, draw: Piece['draw'], ...kept: { destroy(): void }[]): void => { pieces.push({ top: box[1], bottom: box[3], upright: box[2] - box[0] < 2 && box[3] - box[1] > 4, draw, release: () => { for (const k of kept) k.destroy(); } }); };
  const device = new mupdf.Device({
    fillText: (text: Mupdf.Text, ctm: Mupdf.Matrix, space: Mupdf.ColorSpace, colour: number[], alpha: number) => {
      const lines: { base: number; size: number; line: Mupdf.Text }[] = [];
      text.walk({ showGlyph: (font: Mupdf.Font, trm: Mupdf.Matrix, glyph: number, unicode: number, mode: number) => {
        const base = ctm[1] * trm[4] + ctm[3] * trm[5] + ctm[5], size = Math.hypot(trm[2], trm[3]) * Math.hypot(ctm[2], ctm[3]);
        let own = lines[lines.length - 1];
        // Raised and lowered signs stay where they are read, between the letters beside them.
        if (!own || Math.abs(base - own.base) > 0.6 * Math.max(size, own.size)) lines.push(own = { base, size, line: new mupdf.Text() });
        own.line.showGlyph(font, trm, glyph, unicode, mode);
      } } as never);
      text.destroy();
      for (const { base, line } of lines) {
        const box = line.getBounds(null as never, ctm);
        // Spaces alone have no box; they lie on their line.
        add(box[3] > box[1] ? box : [0, base - 6, 1, base], (to, moved) => to.fillText(line, moved(ctm), space, colour as Mupdf.Color, alpha), line);
      }
    },
    fillPath: (path: Mupdf.Path, evenOdd: boolean, ctm: Mupdf.Matrix, space: Mupdf.ColorSpace, colour: number[], alpha: number) => add(path.getBounds(null as never, ctm), (to, moved) => to.fillPath(path, evenOdd, moved(ctm), space, colour as Mupdf.Color, alpha), path),
    strokePath: (path: Mupdf.Path, stroke: Mupdf.StrokeState, ctm: Mupdf.Matrix, space: Mupdf.ColorSpace, colour: number[], alpha: number) => add(path.getBounds(stroke, ctm), (to, moved) => to.strokePath(path, stroke, moved(ctm), space, colour as Mupdf.Color, alpha), path, stroke),
    fillImage: (image: Mupdf.Image, ctm: Mupdf.Matrix, alpha: number) => add(mupdf.Rect.transform([0, 0, 1, 1], ctm), (to, moved) => to.fillImage(image, moved(ctm), alpha), image),
    fillImageMask: (image: Mupdf.Image, ctm: Mupdf.Matrix, space: Mupdf.ColorSpace, colour: number[], alpha: number) => add(mupdf.Rect.transform([0, 0, 1, 1], ctm), (to, moved) => to.fillImageMask(image, moved(ctm), space, colour as Mupdf.Color, alpha), image),
  } as never);
  try { page.run(device, mupdf.Matrix.identity); device.close(); } finally { device.destroy(); }
  return pieces;
}
