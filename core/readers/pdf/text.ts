import type { PdfDocument } from '../../engines/pdf.ts';
import { withPage, type MupdfModule } from '../../engines/pdf.ts';
import { engineMemory } from '../../engines/memory.ts';
import { isOutlinedText, type Box, type Gap, type HeadingFact, type IntegrityFact, type LayoutFacts, type PageFacts, type Passage } from '../../model/facts.ts';
import { measureLayout } from './layout.ts';
import { contentOf } from '../../engines/content.ts';
import { eachCharacter, textBlocks, type TextBlock, type TextLine } from '../../engines/structured-text.ts';
import { saidBeside, toldInstead } from './content-words.ts';
import { findDrawings } from './drawings.ts';
import { findUnseen } from './paint.ts';
import { heed, type Job } from '../../model/outcome.ts';
import { countWords } from '../../text/words.ts';
import { commonest } from '../../text/commonest.ts';
import { sectionStarts } from '../sections.ts';
import { headingsOf, partsOf, type LinePart } from './parts.ts';
import { asRead, hasLooseAccent, hasRightToLeft, withAccents, type Placed } from './line-text.ts';

interface Line { text: string; words: number; box: Box; size: number; font: string; newBlock: boolean; /** outside the visible page */ off: boolean }

const maxPages = 20_000;

/** What was read of some pages, from `from` (0 is the first); whole pages, so that batches can be put together in any order of reading. */
export interface PageBatch { from: number; pages: PageFacts[]; lines: Line[][]; gaps: Gap[]; integrity: IntegrityFact[]; /** words that draw nothing */ beside: Passage[] }
export const pageCount = (pdf: PdfDocument): number => Math.min(pdf.countPages(), maxPages);

/** Reads pages `from` up to but not including `to`. @param mupdf - given where text that is painted and not seen is to be found as well */
export function readPageRange(pdf: PdfDocument, mupdf: MupdfModule | null, from: number, to: number, forms = new Map<number, string>()): PageBatch {
  const batch: PageBatch = { from, pages: [], lines: [], gaps: [], integrity: [], beside: [] };
  for (let index = from; index < to; index++) {
    try {
      const one = withPage(pdf, index, (page) => {
        const own = readPage(page, index + 1);
        const content = contentOf(pdf, index);
        // Earlier states are searched for names only; what is unseen is asked of the present one.
        const painted = mupdf ? findUnseen(content, mupdf, page, index, own.facts.imageShare, forms) : null;
        if (painted) batch.integrity.push(...painted.unseen);
        if (painted && painted.marked > 0) own.facts.marked = painted.marked;
        if (mupdf && isEmptyInside(own)) own.facts.drawings = findDrawings(mupdf, page);
        batch.beside.push(...besideOf(content, index + 1));
        return own;
      });
      batch.pages.push(one.facts);
      batch.lines.push(one.lines);
      if (one.facts.words === 0 && one.facts.images > 0 || isOutlinedText(one.facts.drawings)) batch.gaps.push({ part: 'text', page: index + 1, why: 'picture' });
    } catch (error) {
      if (error instanceof Error && error.name === 'CannotDo') throw error;
      batch.pages.push({ number: index + 1, width: 0, height: 0, rotation: 0, words: 0, images: 0, imageShare: 0, sizes: {} });
      batch.lines.push([]);
      batch.gaps.push({ part: 'text', page: index + 1, why: 'unreadable' });
    }
  }
  return batch;
}

/** No line but where a running head may stand. */
const isEmptyInside = ({ facts, lines }: { facts: PageFacts; lines: Line[] }): boolean => lines.every((l) => l.off || l.words === 0 || inBand(l, facts.height));

function besideOf(content: string, page: number): Passage[] {
  const said = saidBeside(content).map((s) => s.text).filter((t) => /[\p{L}\p{N}]/u.test(t)).join('\n'), told = toldInstead(content).join('\n');
  return [...(said ? [{ part: 'content', place: 'hidden' as const, page, text: said }] : []), ...(told ? [{ part: 'content', place: 'altText' as const, page, text: told }] : [])];
}

export interface ReadPages { pages: PageFacts[]; passages: Passage[]; /** in the text itself, running heads apart */ words: number; gaps: Gap[]; layout: LayoutFacts | null; integrity: IntegrityFact[]; headings: HeadingFact[] }
/** Page sizes, words and text with the place of every line, from batches in the order of their pages. */
export function joinBatches(batches: PageBatch[]): ReadPages {
  const sorted = [...batches].sort((a, b) => a.from - b.from), pages = sorted.flatMap((b) => b.pages), lines = sorted.flatMap((b) => b.lines), isHead = findRunningHeads(lines, pages);
  const parts = partsOfLines(lines, isHead);
  lines.forEach((own, p) => { if (own.some((l) => l.words > 0) && own.every((line, i) => line.off || line.words === 0 || isHead(p, i) || isNumberAtEdge(line, pages[p]!.height))) pages[p]!.headOnly = true; });
  return {
    pages, passages: [...toPassages(lines, isHead, parts), ...sorted.flatMap((b) => b.beside)], words: lines.reduce((n, own, p) => n + own.reduce((m, line, i) => m + (line.off || isHead(p, i) ? 0 : line.words), 0), 0), gaps: sorted.flatMap((b) => b.gaps),
    layout: measureLayout(lines.map((l, p) => l.map((line, i) => ({ ...line, head: line.off || isHead(p, i), small: ['footnote', 'cell'].includes(parts[p]![i] ?? '') }))), pages), integrity: [...sorted.flatMap((b) => b.integrity), ...findMisplaced(lines)],
    headings: headingsOf(lines, parts),
  };
}
/** All pages, one after the other, in this thread. */
export function readPages(pdf: PdfDocument, job: Job, mupdf: MupdfModule | null = null): ReadPages {
  const count = pageCount(pdf), batches: PageBatch[] = [], forms = new Map<number, string>();
  for (let from = 0; from < count; from += step) {
    heed(job);
    const to = Math.min(count, from + step);
    const batch = readPageRange(pdf, mupdf, from, to, forms);
    batches.push(batch);
    // The engine keeps what it unpacked: of pages of pictures the next ones need nothing, and memory that is used again is quicker than more of it.
    if (batch.pages.every((p) => p.imageShare > mostlyPicture)) engineMemory()._wasm_empty_store();
    job.progress?.(to, count, 'pages');
  }
  return joinBatches(batches);
}
/** Pages between two looks at whether to stop. */
const step = 8, mostlyPicture = 0.25;

/** Lines too small to read, and lines outside the visible page. */
function findMisplaced(lines: Line[][]): IntegrityFact[] {
  return lines.flatMap((own, p) => own.flatMap((line): IntegrityFact[] => {
    if (!/[\p{L}\p{N}]{2}/u.test(line.text)) return [];
    const place = { part: 'text', page: p + 1, box: line.box, quote: line.text.slice(0, 80), count: 1 };
    if (line.off) return [{ code: 'offPage', ...place }];
    return line.size < 4 && line.size > 0 ? [{ code: 'tiny', ...place }] : [];
  }));
}

function readPage(page: ReturnType<PdfDocument['loadPage']>, number: number): { facts: PageFacts; lines: Line[] } {
  const [x0, y0, x1, y1] = page.getBounds();
  const stext = page.toStructuredText('preserve-whitespace,preserve-images,clip=no');
  let blocks: TextBlock[];
  try {
    blocks = textBlocks(stext);
    const shown = blocks.flatMap((b) => b.lines);
    for (const line of shown) mendLetters(line);
    if (mayHoldLargeMarks(shown, y1 - y0)) for (const line of shown) mendSize(line);
  } finally { stext.destroy(); }
  const area = Math.max(1, (x1 - x0) * (y1 - y0));
  const lines: Line[] = [], sizes: Record<string, number> = {};
  let images = 0, imageArea = 0, words = 0;
  for (const block of blocks) {
    if (block.picture) { images++; imageArea += Math.min(area, (block.box[2] - block.box[0]) * (block.box[3] - block.box[1])); }
    block.lines.forEach(({ text, box: [left, top, right, bottom], font, size: exact }, i) => {
      const size = Math.round(exact * 10) / 10, off = right < x0 || bottom < y0 || left > x1 || top > y1;
      const own = countWords(text);
      lines.push({ text, words: own, box: [round(left - x0), round(top - y0), round(right - x0), round(bottom - y0)], size, font, newBlock: i === 0, off });
      if (off) return;
      const near = String(Math.round(size * 2) / 2);
      sizes[near] = (sizes[near] ?? 0) + text.length;
      words += own;
    });
  }
  // A page's /Rotate shows in its bounds already; the box alone tells the orientation.
  const sideways = lines.filter((l) => !l.off && l.text.trim().length > 9 && l.box[3] - l.box[1] > 3 * (l.box[2] - l.box[0])).length;
  const facts = { number, ...(sideways > 0 ? { sidewaysLines: sideways / lines.length } : {}), width: round(x1 - x0), height: round(y1 - y0), rotation: 0, words, images, imageShare: Math.min(1, imageArea / area), sizes };
  return { facts, lines };
}
/** Right-to-left words in the order in which they are read, and letters together with accents that are set over them. */
function mendLetters(line: TextLine): void {
  const rightToLeft = hasRightToLeft(line.text), loose = hasLooseAccent(line.text);
  if (!rightToLeft && !loose) return;
  const placed: Placed[] = [];
  eachCharacter(line, (char, _size, x, to) => { placed.push({ char, x, to }); });
  const accented = loose ? withAccents(placed) : placed;
  if (rightToLeft) line.text = asRead(accented); else if (accented.length !== placed.length) line.text = accented.map((c) => c.char).join('');
}
/** The engine tells of a line the size of its first character. Some programs set the mark of a note larger than its words: these are asked for one by one where a line in the lower
 * part of a page may be such a note. @param height - of the page in points */
function mayHoldLargeMarks(lines: TextLine[], height: number): boolean {
  const low = lines.filter((l) => l.box[1] > height * 0.4 && largeMark.test(l.text));
  if (low.length === 0 || lines.reduce((n, l) => n + l.text.length, 0) > mostLooked) return false;
  const usual = commonest(lines.map((l) => hundredth(l.size)), lines.map((l) => l.text.length)) ?? 0;
  return low.some((l) => hundredth(l.size) >= usual);
}
/** A page with more characters is no page of a paper. */
const mostLooked = 50_000;
const largeMark = /^(?:\d{1,3}|[*†‡])\s+\S/;
function mendSize(line: TextLine): void {
  const sizes: number[] = [];
  eachCharacter(line, (char, size) => { if (char !== ' ') sizes.push(hundredth(size)); });
  line.size = commonest(sizes, sizes.map(() => 1)) ?? line.size;
}
/** Sizes that are one differ in their last digits. */
const hundredth = (size: number): number => Math.round(size * 100) / 100;
const round = (n: number): number => Math.round(n * 100) / 100;

/** What each line belongs to; running heads and what lies outside the page take no part. */
function partsOfLines(lines: Line[][], isHead: (page: number, line: number) => boolean): LinePart[][] {
  const kept = lines.map((own, p) => own.flatMap((line, i) => (line.off || isHead(p, i) ? [] : [i]))), told = partsOf(kept.map((own, p) => own.map((i) => lines[p]![i]!)));
  return lines.map((own, p) => { const parts: LinePart[] = own.map(() => null); kept[p]!.forEach((i, k) => { parts[i] = told[p]![k]!; }); return parts; });
}

/** Lines to passages: running heads, notes, tables, quotations set as blocks and the reference list apart, the rest a passage a page. */
function toPassages(lines: Line[][], isHead: (page: number, line: number) => boolean, parts: LinePart[][]): Passage[] {
  const passages: Passage[] = [];
  let section: Passage['section'];
  lines.forEach((pageLines, index) => {
    const page = index + 1;
    let open: Passage | null = null, kind: LinePart = null;
    pageLines.forEach((line, i) => {
      // What nobody sees is still searched for names.
      if (line.off) { passages.push({ part: 'text', place: 'hidden', page, text: line.text, lines: [{ start: 0, box: line.box }] }); return; }
      if (isHead(index, i)) {
        passages.push({ part: 'text', place: 'runningHead', page, text: line.text, lines: [{ start: 0, box: line.box }] });
        return;
      }
      const starts = sectionStarts(line.text);
      if (starts) { section = starts === 'other' ? undefined : starts; open = null; }
      const part = parts[index]![i] === 'heading' ? null : parts[index]![i]!;
      if (!open || part !== kind) {
        // A note that stands small in a list of references is weighed as a note.
        open = { part: 'text', place: part === 'footnote' ? 'footnote' : 'text', page, text: '', lines: [], section: part === 'footnote' ? undefined : section ?? (index === 0 ? 'titlePage' : undefined), ...(part === 'cell' ? { inTable: true } : {}), ...(part === 'block' ? { indented: true } : {}) };
        passages.push(open);
        kind = part;
      }
      if (open.text) open.text += line.newBlock ? '\n\n' : '\n';
      open.lines!.push({ start: open.text.length, box: line.box });
      open.text += line.text;
    });
  });
  return passages;
}

const inBand = (line: Line, height: number): boolean => !line.off && (line.box[3] < height * 0.1 || line.box[1] > height * 0.9);
/** Alone on its page, a number there is the page's, whatever the others say. */
const isNumberAtEdge = (line: Line, height: number): boolean => inBand(line, height) && /^[^\p{L}]{1,12}$/u.test(line.text.trim());
/** A running head repeats near the top or bottom edge from page to page: its words the same, its number the same or running on with the pages.
 * A number alone is a page number only where it runs on: a table's figure at the edge of a page is text. */
function findRunningHeads(lines: Line[][], pages: PageFacts[]): (page: number, line: number) => boolean {
  const seen = new Map<string, number>();
  lines.forEach((pageLines, p) => {
    const here = new Set(pageLines.filter((l) => inBand(l, pages[p]!.height)).flatMap((l) => headKeys(l.text, p)));
    for (const k of here) seen.set(k, (seen.get(k) ?? 0) + 1);
  });
  return (p, i) => {
    const line = lines[p]![i]!, height = pages[p]!.height;
    if (!inBand(line, height) || line.text.trim() === '') return false;
    if (headKeys(line.text, p).some((k) => (seen.get(k) ?? 0) >= 2)) return true;
    // One page only: what stands alone in the outer 8 %, clear of the text, is set as a head.
    const outer = line.box[3] < height * 0.08 ? 'top' : line.box[1] > height * 0.92 ? 'foot' : null;
    if (pages.length >= 3 || outer === null || line.text.length >= 120) return false;
    const size = line.box[3] - line.box[1], gaps = lines[p]!.flatMap((other) => { const gap = outer === 'top' ? other.box[1] - line.box[3] : line.box[1] - other.box[3]; return other !== line && other.text.trim() !== '' && gap > -size / 2 ? [gap] : []; });
    return gaps.length === 0 || Math.min(...gaps) > size * 1.2;
  };
}
const romanDigits: Record<string, number> = { i: 1, v: 5, x: 10, l: 50, c: 100 };
const valueOf = (number: string): number => (/^\d/.test(number) ? Number(number) : [...number.toLowerCase()].reduce((sum, d, i, all) => { const v = romanDigits[d]!, next = romanDigits[all[i + 1] ?? ''] ?? 0; return sum + (v < next ? -v : v); }, 0));
/** What a line is on every page it repeats on: each of its first numbers either as it stands, or by how far it is ahead of the page. */
function headKeys(text: string, page: number): string[] {
  const numbers = /(?<![a-z])[ivxlc]+(?=\s*$|\s*(?:of|\/))|\d+/gi, plain = text.replace(/\s+/g, ' ').trim().toLowerCase(), found = [...plain.matchAll(numbers)].slice(0, 3);
  return Array.from({ length: 1 << found.length }, (_, choice) => {
    let n = 0;
    return plain.replace(numbers, (number) => { const at = n++; return at >= found.length ? '#' : choice >> at & 1 ? `#${valueOf(number) - page}` : number; });
  }).filter((key) => key.includes('#') || /\p{L}/u.test(key.replace(numbers, '')));
}
