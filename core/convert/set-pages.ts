import type * as Mupdf from 'mupdf';
import type { MupdfModule } from '../engines/pdf.ts';
import { heed, type Job } from '../model/outcome.ts';
import { hasFlows, lineOf, pagesClose, splitFlows, type BodyFlow } from './flows.ts';
import type { PageDescription, PageSize } from './page-description.ts';
import { fillPages, type LaidPage, type Range, type Strip } from './paginate.ts';
import { drawSlice, extent, headingAddress, noteAddress, readSheets, stripsOf, type Sheet } from './sheets.ts';

/** Between text and notes: space, a rule of a third of the line, space. */
const rule = { above: 9, below: 5, share: 1 / 3 };

export interface NotedBody { body: string; /** by mark */ notes: Map<number, string>; headings: { level: number; title: string }[] }

/** Takes the notes that belong at the foot of pages out of a description's body, and marks their places and those of headings. Null where there are none, and nothing stands in columns or on pages of another size: the engine breaks such pages by itself. Notes that belong at the end stay there. */
export function takeApart(body: string): NotedBody | null {
  const at = body.search(/<hr\/><div class="note"/), notes = new Map<number, string>(), headings: NotedBody['headings'] = [], stay: string[] = [];
  for (const part of at < 0 ? [] : body.slice(at + 5).split(/(?=<div class="note")/)) {
    const mark = /^<div class="note" data-note="(\d+)">/.exec(part);
    if (mark) notes.set(Number(mark[1]), part); else stay.push(part);
  }
  if (notes.size === 0 && !hasFlows(body)) return null;
  let text = (at < 0 ? body : body.slice(0, at)).replace(/<sup data-note="(\d+)">([^<]*)<\/sup>/g, (whole, mark: string, shown: string) => (notes.has(Number(mark)) ? `<sup><a class="place" href="${noteAddress}${mark}">${shown}</a></sup>` : whole));
  text = text.replace(/<h([1-6])([^>]*)>([\s\S]*?)<\/h\1>/g, (whole, level: string, attributes: string, inner: string) => {
    // A link inside a heading gives way to the heading's own mark; links do not nest.
    const plain = inner.replace(/<a [^>]*href="(?!note:)[^>]*>([\s\S]*?)<\/a>/g, '$1'), title = plain.replace(/<sup>[\s\S]*?<\/sup>/g, '').replace(/<[^>]+>/g, '').replace(/\s+/g, ' ').trim();
    // The mark covers the words before the first note's; a note's own mark cannot lie inside it.
    const first = plain.split(/(?=<sup><a )/)[0]!, balanced = (first.match(/<\w/g) ?? []).length === (first.match(/<\//g) ?? []).length + (first.match(/\/>/g) ?? []).length;
    if (!title || !first.replace(/<[^>]+>/g, '').trim() || !balanced) return whole;
    headings.push({ level: Number(level), title });
    return `<h${level}${attributes}><a class="place" href="${headingAddress}${headings.length - 1}">${first}</a>${plain.slice(first.length)}</h${level}>`;
  });
  // Notes at the end stand on the last section's pages.
  const ended = stay.length > 0 ? `<hr/>${stay.join('')}` : '', inside = text.endsWith(pagesClose) ? text.length - pagesClose.length : text.length;
  return { body: text.slice(0, inside) + ended + text.slice(inside), notes, headings };
}

export interface SetPages { links: { uri: string; box: [number, number, number, number] }[][]; outline: { level: number; title: string; page: number }[]; /** marks of the notes at the foot of each page */ notes: number[][]; sheets: SheetOf[] }
/** What a page is like: its size, and which running lines it has. */
export interface SheetOf { size: PageSize; lines: number }

type ToHtml = (body: string, size: PageSize) => string;
interface SetFlow extends BodyFlow { sheets: Sheet[]; strips: Strip[]; room: number }
interface SetText { flows: SetFlow[]; noteOf: Map<number, Sheet>; laid: LaidPage[]; noteHeight: (mark: number) => number; release: () => void }
const betweenNotes = 2;

/** Sets text on sheets as high as it needs and finds where they are cut into pages and columns, with each note at the foot of the page its mark is on. Null where the notes of one line are more than a page can hold beside it. */
function setText(mupdf: MupdfModule, noted: NotedBody, toHtml: ToHtml, page: PageDescription, job: Job): SetText | null {
  const base: PageSize = { widthPt: page.widthPt, heightPt: page.heightPt, marginsPt: page.marginsPt };
  const flows = splitFlows(noted.body, base).map((flow): SetFlow => {
    const { size: { heightPt, marginsPt: [top, right, bottom, left] } } = flow, sheets = readSheets(mupdf, toHtml(flow.body, flow.size), { width: left + flow.width + right, size: page.baseSizePt, top }, job);
    return { ...flow, sheets, strips: stripsOf(sheets), room: heightPt - top - bottom };
  });
  const noteOf = layNotes(noted, flows, (body, size) => readSheets(mupdf, toHtml(body, size), { width: size.widthPt, size: page.baseSizePt, top: size.marginsPt[0] }, job));
  const noteHeight = (mark: number): number => { const [from, to] = extent(noteOf.get(mark)); return to > from ? to - from + betweenNotes : 0; }, laid = fillPages(flows, noteHeight, rule.above + rule.below);
  const release = (): void => { for (const sheet of [...flows.flatMap((f) => f.sheets), ...noteOf.values()]) for (const piece of sheet.pieces) piece.release(); };
  const tooMuch = ({ bands, notes }: LaidPage): boolean => {
    const [band] = bands, range = band?.columns[0], flow = flows[band?.flow ?? 0], strip = range && flow!.strips[range.from]!;
    return notes.length > 0 && bands.length === 1 && band!.columns.length === 1 && range!.to - range!.from === 1 && strip!.bottom - strip!.top + rule.above + rule.below + notes.reduce((sum, m) => sum + noteHeight(m), 0) > flow!.room;
  };
  if (laid.some(tooMuch)) { release(); return null; }
  return { flows, noteOf, laid, noteHeight, release };
}
/** How many pages that are; null as for {@link writePages}. */
export function countPages(mupdf: MupdfModule, noted: NotedBody, toHtml: ToHtml, page: PageDescription): number | null {
  const text = setText(mupdf, noted, toHtml, page, {});
  text?.release();
  return text && text.laid.length;
}

/** Sets text with its notes, columns and pages of several sizes, and writes the pages. Null, and nothing written, where notes are too long for that.
 * @param toHtml - the whole of a page description around a body, on pages of a size; @param page - says what size pages have that ask for none; @param writer - pages are written to it in order */
export function writePages(mupdf: MupdfModule, noted: NotedBody, toHtml: ToHtml, page: PageDescription, writer: Mupdf.DocumentWriter, job: Job): SetPages | null {
  const text = setText(mupdf, noted, toHtml, page, job);
  if (!text) return null;
  const { flows, noteOf, laid, noteHeight: height } = text;
  try {
    const sheets = laid.map((p): SheetOf => flows[p.bands[0]!.flow]!);
    const links: SetPages['links'] = [], outline: SetPages['outline'] = [];
    laid.forEach((page, number) => {
      heed(job);
      const { size } = sheets[number]!, [top, , bottom, left] = size.marginsPt, device = writer.beginPage([0, 0, size.widthPt, size.heightPt]), own: SetPages['links'][number] = [];
      const draw = (sheet: Sheet, from: number, to: number, inside: (y: number) => boolean, shift: [number, number]): void => {
        drawSlice(device, sheet, from, to, shift);
        for (const { uri, box } of sheet.links) if (inside((box[1] + box[3]) / 2)) own.push({ uri, box: [box[0] + shift[0], box[1] + shift[1], box[2] + shift[0], box[3] + shift[1]] });
      };
      for (const band of page.bands) {
        const { strips, sheets, width, gap: between, ruled } = flows[band.flow]!;
        let lowest = 0;
        band.columns.forEach((column, c) => {
          let y = top + band.top;
          for (const run of runsOf(strips, column)) {
            const from = strips[run.from]!, to = strips[run.to - 1]!, shift = y - (run.from === column.from ? from.top : from.start);
            draw(sheets[from.sheet]!, strips[run.from - 1]?.sheet === from.sheet ? from.start : -Infinity, strips[run.to]?.sheet === from.sheet ? to.end : Infinity, (middle) => middle >= from.start && middle < to.end, [c * (width + between), shift]);
            y += to.end - from.start;
          }
          lowest = Math.max(lowest, y);
        });
        if (ruled) for (let c = 1; c < band.columns.length; c++) fillBox(mupdf, device, [left + c * (width + between) - between / 2 - 0.25, top + band.top, left + c * (width + between) - between / 2 + 0.25, lowest]);
      }
      if (page.notes.length > 0) {
        let at = size.heightPt - bottom - page.notes.reduce((sum, m) => sum + height(m), 0);
        fillBox(mupdf, device, [left, at - rule.below, left + lineOf(size) * rule.share, at - rule.below + 0.5]);
        for (const mark of page.notes) {
          const sheet = noteOf.get(mark), [from] = extent(sheet);
          if (!sheet || height(mark) === 0) continue;
          draw(sheet, -Infinity, Infinity, () => true, [0, at - from]);
          at += height(mark);
        }
      }
      writer.endPage();
      for (const link of own) if (link.uri.startsWith(headingAddress)) { const i = Number(link.uri.slice(headingAddress.length)), heading = noted.headings[i]; if (heading && !outline.some((o) => o.title === heading.title && o.page === number)) outline.push({ ...heading, page: number }); }
      links.push(own.filter((l) => !l.uri.startsWith(headingAddress) && !l.uri.startsWith(noteAddress)));
      job.progress?.(number + 1, laid.length, 'pages');
    });
    const pageOf = placesIn(flows, laid);
    return { links: links.map((own) => own.flatMap((l) => { const page = l.uri.startsWith('#') ? pageOf.get(l.uri.slice(1)) : undefined; return page !== undefined ? [{ ...l, uri: `#page=${page + 1}` }] : l.uri.startsWith('#') ? [] : [l]; })), outline, notes: laid.map((p) => p.notes), sheets };
  } finally { text.release(); }
}
/** On which page, from 0, each place has come to stand. */
function placesIn(flows: SetFlow[], laid: LaidPage[]): Map<string, number> {
  const found = new Map<string, number>();
  flows.forEach(({ sheets, strips }, flow) => sheets.forEach(({ places }, s) => {
    for (const { id, y } of places) {
      // A place stands at the foot of the line it marks.
      const at = strips.findIndex((strip) => strip.sheet === s && strip.bottom > y - 2), page = laid.findIndex((p) => p.bands.some((b) => b.flow === flow && b.columns.some((c) => at >= c.from && at < c.to)));
      if (at >= 0 && page >= 0) found.set(id, page);
    }
  }));
  return found;
}
/** Each note by its mark, as wide as the lines of the page on which its mark is. */
function layNotes({ notes }: NotedBody, flows: { body: string; size: PageSize }[], lay: (body: string, size: PageSize) => Sheet[]): Map<number, Sheet> {
  const bySize = new Map<PageSize, number[]>(), laid = new Map<number, Sheet>();
  for (const { body, size } of flows) for (const m of body.matchAll(marks)) { const mark = Number(m[1]); if (notes.has(mark)) bySize.set(size, [...(bySize.get(size) ?? []), mark]); }
  for (const [size, own] of bySize) lay(own.map((m) => `${notes.get(m)!}<div class="break"></div>`).join(''), size).forEach((sheet, i) => { if (own[i] !== undefined) laid.set(own[i]!, sheet); else for (const piece of sheet.pieces) piece.release(); });
  return laid;
}
const marks = new RegExp(`href="${noteAddress}(\\d+)"`, 'g');
function fillBox(mupdf: MupdfModule, device: Mupdf.Device, [x0, y0, x1, y1]: [number, number, number, number]): void {
  const path = new mupdf.Path();
  path.moveTo(x0, y0); path.lineTo(x1, y0); path.lineTo(x1, y1); path.lineTo(x0, y1); path.closePath();
  device.fillPath(path, false, mupdf.Matrix.identity, mupdf.ColorSpace.DeviceGray, [0.47], 1);
  path.destroy();
}
/** The stretches of a column that come from one sheet each. */
function runsOf(strips: Strip[], column: Range): Range[] {
  const runs: Range[] = [];
  for (let i = column.from; i < column.to; i++) { const last = runs[runs.length - 1]; if (last && strips[last.from]!.sheet === strips[i]!.sheet) last.to = i + 1; else runs.push({ from: i, to: i + 1 }); }
  return runs;
}
