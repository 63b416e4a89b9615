import type { Box, LayoutOutlier, PageFacts } from '../../model/facts.ts';
import { fewestOfPassage, isMonospaced, sameSpacing } from '../layout-outliers.ts';
import { movedIn } from '../layout-tally.ts';
import { sectionStarts } from '../sections.ts';
import type { MeasuredLine } from './layout.ts';
import { plainFont } from './plain-font.ts';

/** What the most of the text has, and how a distance of lines is told as a spacing. */
export interface MostOfText { sizePt: number; face: string; lineSpacing: number | null; spacing(step: number, size: number, face: string): number }
const fewestLines = 3, atMost = 40, longestQuote = 80;
const sizeOf = (line: MeasuredLine): number => Math.round(line.size * 2) / 2;

/** Passages on fixed pages that are set in another size or face, or closer, than the most of the text. Left out, since they are set otherwise by custom: rows of a
 * table, what is moved in (quotations, lists), notes at the foot of a page, reference lists, code. @param body - the lines of each page without running heads */
export function passagesSetOtherwise(body: MeasuredLine[][], most: MostOfText): LayoutOutlier[] {
  const edges = commonEdges(body, most.sizePt), outliers: LayoutOutlier[] = [];
  const notesKnown = body.some((page) => page.slice(footStart(page, most.sizePt)).some((l) => noteStart.test(l.text)));
  let listed = false;
  body.forEach((page, p) => {
    const foot = footStart(page, most.sizePt), rows = inRows(page);
    const usable = page.map((line, i) => {
      const starts = sectionStarts(line.text);
      if (starts) listed = starts === 'references';
      return !listed && !rows.has(line) && !notRunning.test(line.text) && !(notesKnown && i >= foot) && edges.some((x) => Math.abs(line.box[0] - x) < movedIn);
    });
    const tell = (kind: LayoutOutlier['kind'], valueOf: (i: number) => string | number | null, other: (value: string | number) => boolean): void => {
      for (const run of runsOf(page, usable, valueOf)) {
        if (run.value === null || !other(run.value) || run.lines.length < fewestLines || run.lines.reduce((n, l) => n + l.text.length, 0) < fewestOfPassage) continue;
        outliers.push({ kind, found: run.value, part: 'text', page: p + 1, quote: firstWords(run.lines), box: around(run.lines) });
      }
    };
    tell('size', (i) => (isMonospaced(plainFont(page[i]!.font)) ? null : sizeOf(page[i]!)), (v) => Math.abs(Number(v) - most.sizePt) > 0.3);
    tell('face', (i) => plainFont(page[i]!.font), (v) => familyOf(String(v)) !== familyOf(most.face) && !isMonospaced(String(v)) && !nameless.test(String(v)));
    if (most.lineSpacing !== null) outliers.push(...setCloser(page, p + 1, usable, most, most.lineSpacing));
  });
  return outliers.slice(0, atMost);
}

const firstWords = (lines: MeasuredLine[]): string => lines.slice(0, 2).map((l) => l.text).join(' ').slice(0, longestQuote).trim();
const around = (lines: MeasuredLine[]): Box => [Math.min(...lines.map((l) => l.box[0])), Math.min(...lines.map((l) => l.box[1])), Math.max(...lines.map((l) => l.box[2])), Math.max(...lines.map((l) => l.box[3]))];

/** Lines of the text's own size that follow each other closer than the rest do. */
function setCloser(page: MeasuredLine[], number: number, usable: boolean[], most: MostOfText, lineSpacing: number): LayoutOutlier[] {
  const isMain = (i: number): boolean => usable[i]! && Math.abs(page[i]!.size - most.sizePt) < 0.3, found: LayoutOutlier[] = [];
  let from = 0;
  const end = (to: number): void => {
    const lines = page.slice(from, to), steps = lines.slice(1).map((l, i) => l.box[3] - lines[i]!.box[3]);
    if (lines.length <= fewestLines) return;
    const mean = steps.reduce((n, s) => n + s, 0) / steps.length, spacing = most.spacing(mean, most.sizePt, most.face);
    if (spacing < lineSpacing - sameSpacing) found.push({ kind: 'spacing', found: spacing, part: 'text', page: number, quote: firstWords(lines), box: around(lines) });
  };
  const stepAt = (i: number): number => page[i]!.box[3] - page[i - 1]!.box[3];
  for (let i = 1; i <= page.length; i++) {
    const goesOn = i < page.length && isMain(i) && isMain(i - 1) && stepAt(i) > most.sizePt * 0.8 && stepAt(i) < most.sizePt * 4 && (i - 1 === from || Math.abs(stepAt(i) - stepAt(i - 1)) <= wholePoints);
    if (goesOn) continue;
    end(i);
    // The line that ends one run of equal steps begins the next.
    from = i < page.length && isMain(i) && isMain(i - 1) && stepAt(i) > 0 && i - 1 > from ? i - 1 : i;
  }
  return found;
}
/** Some programs set lines on whole points or pixels. */
const wholePoints = 1.05;

/** Pages of which several lines begin or end further out than on the others, where those are few; a single long line is no margin, and short words at the edge belong to a figure. */
export function pagesSetWider(body: MeasuredLine[][], pages: PageFacts[]): LayoutOutlier[] {
  const mm = (pt: number): number => Math.round((pt * 254) / 72) / 10;
  return (['left', 'right'] as const).flatMap((side): LayoutOutlier[] => {
    const edges = body.flatMap((page, p) => {
      const rows = inRows(page), edge = (l: MeasuredLine): number => (side === 'left' ? l.box[0] : pages[p]!.width - l.box[2]);
      const far = page.filter((l) => !rows.has(l) && l.text.length >= longLine).sort((a, b) => edge(a) - edge(b));
      return far.length < fewestLines ? [] : [{ page: p + 1, lines: far.map((line) => ({ line, at: mm(edge(line)) })) }];
    });
    const third = (e: (typeof edges)[number]): number => e.lines[fewestLines - 1]!.at, usual = edges.map(third).sort((a, b) => a - b)[Math.floor(edges.length / 2)] ?? 0, wide = edges.filter((e) => third(e) < usual - further);
    if (wide.length > edges.length / 3) return [];
    return wide.map((e) => { const out = e.lines.filter((l) => l.at < usual - further).map((l) => l.line); return { kind: 'margin', side, found: third(e), part: 'text', page: e.page, box: around(out), quote: firstWords([...out].sort((a, b) => a.box[1] - b.box[1])) }; });
  }).slice(0, atMost);
}
/** Millimetres; characters. */
const further = 3, longLine = 20;

/** Left edges at which a tenth of the lines of the text's own size begin: one for each column. */
function commonEdges(body: MeasuredLine[][], sizePt: number): number[] {
  const counts = new Map<number, number>();
  let all = 0;
  for (const page of body) for (const l of page) if (Math.abs(l.size - sizePt) < 0.3) { all++; const x = Math.round(l.box[0] / 6) * 6; counts.set(x, (counts.get(x) ?? 0) + 1); }
  return [...counts].filter(([, n]) => n >= all / 10).map(([x]) => x);
}

/** The roman, slanted and bold faces of one design have names of their own in TeX's fonts; its sans serif and typewriter are other designs. */
const familyOf = (face: string): string => (/^CM(?!TT|SS)[A-Z]+\d+$/.test(face) ? 'CM' : face);
/** Faces that are numbered only. */
const nameless = /^[A-Z]{0,2}\d+$|^Type ?3/;
/** An item behind a bullet, which may be set in a face of its own; a line of a table of contents. */
const notRunning = /^\s*[^\p{L}\p{N}\s"“”‘’'«»(\[¿¡]|(?:\. ?){4,}/u;
const noteStart = /^\s*(?:\d{1,3}|[*†‡§¶])[\s.)]?\s*\S/;
/** The first line of what stands small below the last line of the text's own size; the number of lines where nothing does, or the whole page is small. */
function footStart(page: MeasuredLine[], sizePt: number): number {
  const last = page.findLastIndex((l) => l.size > sizePt - 0.3);
  return last >= 0 && last > page.length / 4 ? last + 1 : page.length;
}
/** Lines that stand beside two others or more. */
function inRows(page: MeasuredLine[]): Set<MeasuredLine> {
  const beside = new Map<number, number>(), rowOf = (l: MeasuredLine): number => Math.round(l.box[3] / 3);
  for (const l of page) beside.set(rowOf(l), (beside.get(rowOf(l)) ?? 0) + 1);
  return new Set(page.filter((l) => beside.get(rowOf(l))! > 2));
}
function* runsOf(page: MeasuredLine[], usable: boolean[], valueOf: (i: number) => string | number | null): Generator<{ value: string | number | null; lines: MeasuredLine[] }> {
  let value: string | number | null = null, lines: MeasuredLine[] = [];
  for (let i = 0; i <= page.length; i++) {
    const own = i < page.length && usable[i] ? valueOf(i) : null;
    if (own !== value) { if (lines.length > 0) yield { value, lines }; value = own; lines = []; }
    if (i < page.length && own !== null) lines.push(page[i]!);
  }
}
