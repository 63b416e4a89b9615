import type * as Mupdf from 'mupdf';
import type { MupdfModule } from '../engines/pdf.ts';
import { heed, type Job } from '../model/outcome.ts';
import { splitColumns } from './columns.ts';
import { fillPages, type Range, type Strip } from './paginate.ts';
import { drawSlice, extent, headingAddress, noteAddress, readSheets, stripsOf, type Sheet } from './sheets.ts';

/** Between text and notes: space, a rule of a third of the line, space. */
const rule = { above: 9, below: 5, share: 1 / 3 };

export interface NotedBody { body: string; /** by mark */ notes: Map<number, string>; headings: { level: number; title: string }[] }

/** Takes the notes that belong at the foot of pages out of a description's body, and marks their places and those of headings. Null where there are none, and nothing stands in columns: the engine breaks such pages by itself. Notes that belong at the end stay there. */
export function takeApart(body: string): NotedBody | null {
  const at = body.search(/<hr\/><div class="note"/), notes = new Map<number, string>(), headings: NotedBody['headings'] = [], stay: string[] = [];
  for (const part of at < 0 ? [] : body.slice(at + 5).split(/(?=<div class="note")/)) {
    const mark = /^<div class="note" data-note="(\d+)">/.exec(part);
    if (mark) notes.set(Number(mark[1]), part); else stay.push(part);
  }
  if (notes.size === 0 && !body.includes('<columns ')) return null;
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
  return { body: text + (stay.length > 0 ? `<hr/>${stay.join('')}` : ''), notes, headings };
}

export interface SetPages { links: { uri: string; box: [number, number, number, number] }[][]; outline: { level: number; title: string; page: number }[]; /** marks of the notes at the foot of each page */ notes: number[][] }

/** Sets text on sheets as high as it needs, cuts them into pages and columns with each note at the foot of the page its mark is on, and writes them. Null, and nothing written, where the notes of one line are more than a page can hold beside it.
 * @param toHtml - the whole of a page description around a body; @param writer - pages are written to it in order */
export function writePages(mupdf: MupdfModule, noted: NotedBody, toHtml: (body: string) => string, frame: { width: number; height: number; margins: [number, number, number, number]; size: number }, writer: Mupdf.DocumentWriter, job: Job): SetPages | null {
  const [top, right, bottom, left] = frame.margins, room = frame.height - top - bottom, line = frame.width - left - right, marks = [...noted.notes.keys()];
  const flows = splitColumns(noted.body, line).map((flow) => { const sheets = readSheets(mupdf, toHtml(flow.body), { width: left + flow.width + right, size: frame.size }, job); return { ...flow, sheets, strips: stripsOf(sheets) }; });
  const notes = readSheets(mupdf, toHtml(marks.map((m) => `${noted.notes.get(m)!}<div class="break"></div>`).join('')), frame, job);
  try {
    const noteOf = new Map(marks.map((m, i) => [m, notes[i]] as const)), gap = 2, height = (mark: number): number => { const [from, to] = extent(noteOf.get(mark)); return to > from ? to - from + gap : 0; };
    const laid = fillPages(flows, room, height, rule.above + rule.below);
    const tooMuch = ({ bands, notes: own }: typeof laid[number]): boolean => { const [band] = bands, range = band?.columns[0], strip = range && flows[band.flow]!.strips[range.from]!; return own.length > 0 && bands.length === 1 && band!.columns.length === 1 && range!.to - range!.from === 1 && strip!.bottom - strip!.top + rule.above + rule.below + own.reduce((sum, m) => sum + height(m), 0) > room; };
    if (laid.some(tooMuch)) return null;
    const links: SetPages['links'] = [], outline: SetPages['outline'] = [];
    laid.forEach((page, number) => {
      heed(job);
      const device = writer.beginPage([0, 0, frame.width, frame.height]), own: SetPages['links'][number] = [];
      const draw = (sheet: Sheet, from: number, to: number, inside: (y: number) => boolean, shift: [number, number]): void => {
        drawSlice(device, sheet, from, to, shift);
        for (const { uri, box } of sheet.links) if (inside((box[1] + box[3]) / 2)) own.push({ uri, box: [box[0] + shift[0], box[1] + shift[1], box[2] + shift[0], box[3] + shift[1]] });
      };
      for (const band of page.bands) {
        const { strips, sheets, width, gap: between } = flows[band.flow]!;
        band.columns.forEach((column, c) => {
          let y = top + band.top;
          for (const run of runsOf(strips, column)) {
            const from = strips[run.from]!, to = strips[run.to - 1]!, shift = y - (run.from === column.from ? from.top : from.start);
            draw(sheets[from.sheet]!, strips[run.from - 1]?.sheet === from.sheet ? from.start : -Infinity, strips[run.to]?.sheet === from.sheet ? to.end : Infinity, (middle) => middle >= from.start && middle < to.end, [c * (width + between), shift]);
            y += to.end - from.start;
          }
        });
      }
      if (page.notes.length > 0) {
        let at = frame.height - bottom - page.notes.reduce((sum, m) => sum + height(m), 0);
        const stroke = new mupdf.Path(), width = line * rule.share;
        stroke.moveTo(left, at - rule.below); stroke.lineTo(left + width, at - rule.below); stroke.lineTo(left + width, at - rule.below + 0.5); stroke.lineTo(left, at - rule.below + 0.5); stroke.closePath();
        device.fillPath(stroke, false, mupdf.Matrix.identity, mupdf.ColorSpace.DeviceGray, [0.47], 1);
        stroke.destroy();
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
    return { links, outline, notes: laid.map((p) => p.notes) };
  } finally { for (const sheet of [...flows.flatMap((f) => f.sheets), ...notes]) for (const piece of sheet.pieces) piece.release(); }
}
/** The stretches of a column that come from one sheet each. */
function runsOf(strips: Strip[], column: Range): Range[] {
  const runs: Range[] = [];
  for (let i = column.from; i < column.to; i++) { const last = runs[runs.length - 1]; if (last && strips[last.from]!.sheet === strips[i]!.sheet) last.to = i + 1; else runs.push({ from: i, to: i + 1 }); }
  return runs;
}
