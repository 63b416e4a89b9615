import type { Box, HeadingFact } from '../../model/facts.ts';
import { commonest } from '../../text/commonest.ts';
import { isMonospaced } from '../layout-outliers.ts';
import { movedIn } from '../layout-tally.ts';
import { sectionStarts } from '../sections.ts';
import { plainFont } from './plain-font.ts';
import { findTables } from './tables.ts';

/** A line of a page without running heads; points from the page's top left. */
export interface PageLine { text: string; box: Box; size: number; font: string; newBlock: boolean; words: number }
/** What a line belongs to, where it is no running text. */
export type LinePart = 'heading' | 'footnote' | 'cell' | 'block' | null;

/** Tells the parts of a paper on fixed pages from how the lines are set: notes stand small at the foot and begin with their mark, tables are cut into columns, long
 * quotations are moved in as a block, headings stand alone in large or bold letters. Common practice, no published source.
 * @returns for each page, what each line belongs to */
export function partsOf(pages: PageLine[][]): LinePart[][] {
  const all = pages.flat().filter((l) => l.text.trim() !== ''), body = commonest(all.map((l) => inHalves(l.size)), all.map((l) => l.text.length)) ?? 12;
  const main = all.filter((l) => Math.abs(l.size - body) < 0.3), boldBody = commonest(main.map((l) => isBold(l.font)), main.map((l) => l.text.length)) === true;
  const edges = edgesOf(main);
  let listed = false, /** a note that the foot of the page before does not end */ goesOn = false;
  const feet = pages.map((lines) => {
    const foot = notesIn(lines, body, goesOn);
    if (lines.length > 0) goesOn = foot.length > 0 && !/[.!?…]['"’”»)\]]*\s*$/.test(lines[foot.at(-1)!]!.text);
    return new Set(foot);
  });
  // Notes at the foot do not part a table that goes on over the page.
  const cells = cellsIn(pages.map((lines, p) => lines.filter((_, i) => !feet[p]!.has(i))), edges);
  return pages.map((lines, p) => {
    const parts = lines.map((l, i): LinePart => (feet[p]!.has(i) ? 'footnote' : cells.has(l) ? 'cell' : null));
    lines.forEach((line, i) => {
      const starts = sectionStarts(line.text);
      if (starts) listed = starts === 'references';
      if (parts[i] !== null || line.text.trim() === '') return;
      if (isHeading(lines, i, body, boldBody, edges.full)) parts[i] = 'heading';
      else if (!listed && isMovedIn(lines, i, parts, edges, body)) parts[i] = 'block';
    });
    // A single line that is moved in is the first of a paragraph, or an address.
    parts.forEach((part, i) => { if (part === 'block' && parts[i - 1] !== 'block' && parts[i + 1] !== 'block') parts[i] = null; });
    for (const run of runsOf(parts, 'block')) for (const [from, to] of atOneEdge(lines, run)) if (to - from < 2 || !isQuotation(lines.slice(from, to))) parts.fill(null, from, to);
    return parts;
  });
}

const inHalves = (size: number): number => Math.round(size * 2) / 2;
const isBold = (font: string): boolean => /bold|black|heavy|semibd|demi|(?:^|\+)CM(?:BX|SSBX)|-B(?:d|\b)/i.test(font);

/** Lines that are cells of tables; a table may go on over the page. */
function cellsIn(pages: PageLine[][], { lefts }: Edges): Set<PageLine> {
  const placed = pages.flatMap((lines, page) => lines.flatMap((line) => (line.text.trim() === '' ? [] : [{ line, page, text: line.text, box: line.box, size: line.size, baseline: line.box[3] }])));
  // Lines that happen to stand level in two columns of text are no table.
  const columnOf = (l: { box: Box }): number => lefts.filter((x) => x <= l.box[0] + 4).length, isText = (rows: { box: Box; text: string }[][][]): boolean => lefts.length > 1 && rows.every((row) => row.length === 2 && !row[0]!.some((l) => row[1]!.some((r) => columnOf(l) === columnOf(r)))) && rows.flat(2).reduce((n, l) => n + l.text.trim().length, 0) > rows.flat(2).length * 18;
  return new Set(findTables(placed).filter((t) => !isText(t.rows)).flatMap((t) => t.lines.map((l) => l.line)));
}

const noteMark = /^\s*(?:(?:\d{1,3}|[ivx]{1,5}(?=[.)]|\s\p{Lu})|[a-z](?=[.)])|[*†‡§¶]{1,3}|[¹²³⁴-⁹⁰]{1,3})[.)\]]?\s*|\[(?:\d{1,3}|[ivx]{1,5})\]\s*)(?=["“”‘’«„([]?\p{L})/u;
/** Notes: lines smaller than the text with none of its own below them in their column, from the first that begins with a mark. What goes on from the page before needs none. */
function notesIn(lines: PageLine[], body: number, goesOn: boolean): number[] {
  const small = (l: PageLine): boolean => l.size < body * 0.94 && l.size >= 4 && !isMonospaced(plainFont(l.font)), beside = (a: PageLine, b: PageLine): boolean => Math.min(a.box[2], b.box[2]) - Math.max(a.box[0], b.box[0]) > 0;
  const candidates = lines.flatMap((l, i) => (small(l) && l.text.trim() !== '' && !lines.some((o) => o !== l && !small(o) && o.text.trim().length > 1 && o.box[1] > l.box[1] + 2 && beside(o, l)) ? [i] : []));
  const found: number[] = [];
  for (let at = 0; at < candidates.length;) {
    let to = at + 1;
    while (to < candidates.length && candidates[to]! - candidates[to - 1]! <= 2 && lines[candidates[to]!]!.box[1] >= lines[candidates[to - 1]!]!.box[1] - 2) to++;
    const run = candidates.slice(at, to), first = run.findIndex((i) => noteMark.test(lines[i]!.text)), above = lines.slice(0, run[0]).filter((l) => l.text.trim() !== '');
    at = to;
    // A page that is small all over, and a list of references in small type, have no notes.
    if (first < 0 && !goesOn || !above.some((l) => !small(l)) || above.slice(-1).some((l) => sectionStarts(l.text) === 'references') || run.some((i) => sectionStarts(lines[i]!.text))) continue;
    const own = goesOn ? run : run.slice(first), text = own.map((i) => lines[i]!.text).join(' ');
    if ((text.match(/\p{L}/gu) ?? []).length > text.replace(/\s/g, '').length * 0.55) found.push(...own);
  }
  return found;
}

interface Edges { lefts: number[]; full: number }
/** Left edges at which a tenth of the lines begin, one for each column, and how wide a full line is. What lines from further left run over is no column's edge. */
function edgesOf(main: PageLine[]): Edges {
  const counts = new Map<number, number>();
  for (const l of main) { const x = Math.round(l.box[0] / 4) * 4; counts.set(x, (counts.get(x) ?? 0) + 1); }
  const widths = main.map((l) => l.box[2] - l.box[0]).sort((a, b) => a - b), common = [...counts].filter(([, n]) => n >= main.length / 10).map(([x]) => x), most = commonest([...counts.keys()], [...counts.values()]);
  const isColumn = (x: number): boolean => { if (x === most) return true; const left = main.filter((l) => l.box[0] < x - 4); return left.filter((l) => l.box[2] > x + 6).length <= left.length * 0.2; };
  return { lefts: common.filter(isColumn), full: widths[Math.floor(widths.length * 0.8)] ?? 0 };
}

/** A heading stands alone: larger than the text, or bold where the text is not, and its line is not full. */
function isHeading(lines: PageLine[], i: number, body: number, boldBody: boolean, full: number): boolean {
  const line = lines[i]!, text = line.text.trim(), large = line.size > body * 1.1, bold = isBold(line.font) && !boldBody && line.size >= body * 0.92;
  if (!large && !bold || text.length > 160 || !/\p{L}{2}/u.test(text) || line.words > 22) return false;
  if (large) return !/[,;]$/.test(text) || lines[i + 1]?.size === line.size;
  const below = lines[i + 1], beside = lines.some((o) => o !== line && Math.abs(o.box[3] - line.box[3]) < line.size * 0.4 && o.text.trim() !== '');
  if (beside || /[.,;:]$/.test(text) && !/^\d+\./.test(text)) return false;
  // Bold words that open a paragraph fill their line, and the text goes on below.
  return line.box[2] - line.box[0] < full * 0.93 || below === undefined || isBold(below.font);
}

/** Moved in from the edge of its column by what a quotation is, and no item of a list. */
function isMovedIn(lines: PageLine[], i: number, parts: LinePart[], { lefts, full }: Edges, body: number): boolean {
  const line = lines[i]!, x = line.box[0], column = lefts.filter((l) => l <= x + 3).sort((a, b) => b - a)[0];
  if (column === undefined || x - column < movedIn || x - column > 120 || line.size < body * 0.7) return false;
  if (lefts.some((l) => Math.abs(l - x) < 4)) return false;
  return parts[i] === null && line.box[2] - line.box[0] < full && !itemStart.test(line.text);
}
const itemStart = /^\s*(?:[^\p{L}\p{N}\s"“”‘’'«»„(\[¿¡…]|\(?(?:\d{1,2}|[a-z]|[ivx]{1,4})[.)]\s)/u;
/** Prose, set full from its own left edge: verses, code, addresses and sums are none. */
function isQuotation(lines: PageLine[]): boolean {
  const left = Math.min(...lines.map((l) => l.box[0])), text = lines.map((l) => l.text).join(' '), widths = lines.map((l) => l.box[2] - l.box[0]);
  // Its first line may stand further in.
  return lines.every((l, i) => l.box[0] - left < (i === 0 ? 40 : 3)) && text.length > 80 && (text.match(/\p{L}/gu) ?? []).length > text.length * 0.7 && widths.slice(1, -1).every((w) => w > Math.max(...widths) * 0.75);
}
/** Lines of a run that begin at one edge, the first of them perhaps further in: behind a quotation the first line of a paragraph may be moved in as well, by its own measure. */
function* atOneEdge(lines: PageLine[], [from, to]: [number, number]): Generator<[from: number, to: number]> {
  for (let i = from; i < to;) {
    const left = lines[i + 1] && i + 1 < to && lines[i]!.box[0] - lines[i + 1]!.box[0] > 3 && lines[i]!.box[0] - lines[i + 1]!.box[0] < 40 ? lines[i + 1]!.box[0] : lines[i]!.box[0];
    let end = i + 1;
    while (end < to && Math.abs(lines[end]!.box[0] - left) < 3) end++;
    yield [i, end];
    i = end;
  }
}
function* runsOf(parts: LinePart[], part: LinePart): Generator<[from: number, to: number]> {
  for (let i = 0; i < parts.length;) { let to = i; while (parts[to] === part && to < parts.length) to++; if (to > i) yield [i, to]; i = Math.max(to, i + 1); }
}

/** The headings in the order of the pages, line by line, each with the words that follow it. Levels by how large they are set. */
export function headingsOf(pages: PageLine[][], parts: LinePart[][]): HeadingFact[] {
  const headings: HeadingFact[] = [], sizes: number[] = [];
  pages.forEach((lines, p) => lines.forEach((line, i) => {
    if (parts[p]![i] === 'heading') { headings.push({ text: line.text.trim(), level: 1, words: 0 }); sizes.push(inHalves(line.size)); }
    else if (headings.length > 0 && parts[p]![i] !== 'footnote') headings[headings.length - 1]!.words += line.words;
  }));
  const ranks = [...new Set(sizes)].sort((a, b) => b - a);
  headings.forEach((h, i) => { h.level = Math.min(6, ranks.indexOf(sizes[i]!) + 1); });
  return headings;
}
