import { tablesWithin } from './table-widths.ts';
import type { PageSize } from './page-description.ts';

/** Text that stands in columns, inside a page description's body: `<columns count="2" gap="36">…</columns>`, never nested. @param ruled - a line stands between the columns */
export const columnsOpen = (count: number, gapPt: number, ruled = false): string => `<columns count="${Math.min(mostColumns, count)}" gap="${Math.max(0, Math.round(gapPt * 10) / 10)}"${ruled ? ' rule="1"' : ''}>`, columnsClose = '</columns>';
/** A column narrower than a word helps nobody. */
const mostColumns = 6, narrowest = 60;
/** Text on pages of a size of its own, as wide tables have: `<pages width="842" height="595" margins="72 72 72 72">…</pages>`, never nested; columns may stand inside. It begins a page, and so does what follows it. @param lines - which running lines it has, 0 for those of the whole */
export const pagesOpen = ({ widthPt, heightPt, marginsPt }: PageSize, lines = 0): string => `<pages width="${short(widthPt)}" height="${short(heightPt)}" margins="${marginsPt.map(short).join(' ')}"${lines > 0 ? ` lines="${lines}"` : ''}>`, pagesClose = '</pages>';
const short = (n: number): string => String(Math.round(n * 100) / 100);
const pagesElement = /<pages width="([\d.]+)" height="([\d.]+)" margins="([\d.]+) ([\d.]+) ([\d.]+) ([\d.]+)"(?: lines="(\d+)")?>([\s\S]*?)<\/pages>/g;
/** A body whose text stands on pages of its own throughout, so that it can follow another: what asked for no others is on pages of `base`. @param shift - added to the number of each stretch's running lines; those of the whole become number `shift` */
export function onOwnPages(body: string, base: PageSize, shift: number): string {
  const wrap = (part: string): string => (part === '' || part === breaks ? '' : `${pagesOpen(base, shift)}${part}${pagesClose}`);
  let out = '', at = 0;
  for (const m of body.matchAll(pagesElement)) {
    out += wrap(body.slice(at, m.index)) + m[0].replace(/^<pages ([^>]*?)(?: lines="(\d+)")?>/, (_, size: string, lines: string | undefined) => `<pages ${size} lines="${Number(lines ?? 0) + shift}">`);
    at = m.index + m[0].length;
  }
  return out + wrap(body.slice(at));
}
/** Whether a body needs pages that this engine sets by itself. */
export const hasFlows = (body: string): boolean => /<(?:columns|pages) /.test(body);
/** For whoever sets all text in one column and on pages of one size. */
export const inOneFlow = (body: string): string => body.replace(/<\/?columns\b[^>]*>/g, '').replace(/(?:<\/?pages\b[^>]*>)+/g, (_, at: number) => (at === 0 ? '' : breaks)).replace(new RegExp(`${breaks}$`), '');

/** Sizes that are told apart by nobody: a point is a third of a millimetre. */
export const samePages = (a: PageSize, b: PageSize): boolean => [a.widthPt - b.widthPt, a.heightPt - b.heightPt, ...a.marginsPt.map((m, i) => m - b.marginsPt[i]!)].every((d) => Math.abs(d) <= 2);
/** Between the margins, in points. */
export const lineOf = ({ widthPt, marginsPt: [, right, , left] }: PageSize): number => widthPt - left - right;

export interface BodyFlow { body: string; size: PageSize; columns: number; /** of one column, in points */ width: number; /** between two */ gap: number; ruled: boolean; newPage: boolean; /** which running lines its pages have */ lines: number }
interface Around { size: PageSize; lines: number }
const breaks = '<div class="break"></div>';

/** A body as flows that follow each other down the pages. @param base - pages of text that does not ask for others */
export function splitFlows(body: string, base: PageSize): BodyFlow[] {
  const flows: BodyFlow[] = [];
  let newPage = false;
  const add = (part: string, { size, lines }: Around, count: number, wanted: number, ruled: boolean): void => {
    let text = part;
    while (text.startsWith(breaks)) { text = text.slice(breaks.length); newPage = true; }
    const ended = text.endsWith(breaks);
    while (text.endsWith(breaks)) text = text.slice(0, -breaks.length);
    if (text !== '') {
      const line = lineOf(size), columns = Math.max(1, Math.min(count, Math.floor(line / narrowest))), gap = columns > 1 ? Math.min(wanted, line / columns / 3) : 0, last = flows.at(-1);
      const width = (line - gap * (columns - 1)) / columns;
      flows.push({ body: columns > 1 ? withinLine(text, width) : text, size, columns, width, gap, ruled: ruled && columns > 1, newPage: last !== undefined && (newPage || last.size !== size), lines });
      newPage = false;
    }
    newPage ||= ended;
  };
  const addColumns = (part: string, around: Around): void => {
    let at = 0;
    for (const m of part.matchAll(/<columns count="(\d+)" gap="([\d.]+)"( rule="1")?>([\s\S]*?)<\/columns>/g)) {
      add(part.slice(at, m.index), around, 1, 0, false);
      add(m[4]!, around, Number(m[1]), Number(m[2]), m[3] !== undefined);
      at = m.index + m[0].length;
    }
    add(part.slice(at), around, 1, 0, false);
  };
  let at = 0;
  for (const m of body.matchAll(pagesElement)) {
    addColumns(body.slice(at, m.index), { size: base, lines: 0 });
    addColumns(m[8]!, { size: { widthPt: Number(m[1]), heightPt: Number(m[2]), marginsPt: [Number(m[3]), Number(m[4]), Number(m[5]), Number(m[6])] }, lines: Number(m[7] ?? 0) });
    at = m.index + m[0].length;
  }
  addColumns(body.slice(at), { size: base, lines: 0 });
  return flows;
}

/** Brings pictures that are wider than their line down to it, and the columns of tables; what is wider than a column would lie over the next. */
export const withinLine = (body: string, width: number): string => tablesWithin(body, width).replace(/(<img\b[^>]*?style="width:)([\d.]+)pt;height:([\d.]+)pt"/g, (whole, head: string, w: string, h: string) => {
  const scale = width / Number(w);
  return scale < 1 ? `${head}${short(width)}pt;height:${short(Number(h) * scale)}pt"` : whole;
});
