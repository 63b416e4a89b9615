import type { WordPart } from '../model/brief.ts';
import type { DocumentFacts, Passage } from '../model/facts.ts';
import { sectionNamed } from '../tables/section-names.ts';
import { mostOnTitlePage } from '../readers/title-page.ts';
import { countWords } from '../text/words.ts';

/** A line of the bill: which part of the paper, its words, and where it stands. */
export interface BillLine { part: WordPart; words: number; pages: number[] }
/** Every word of the paper once, by part; `total` is their sum and what a word processor shows, notes and text boxes apart. */
export interface WordBill { lines: BillLine[]; total: number }

export const billParts: readonly { part: WordPart; line: string }[] = [
  { part: 'titlePage', line: 'Title page' }, { part: 'contents', line: 'Contents' }, { part: 'abstract', line: 'Abstract' }, { part: 'headings', line: 'Headings' }, { part: 'body', line: 'Running text' }, { part: 'tables', line: 'Tables' }, { part: 'quotations', line: 'Quotations set as blocks' },
  { part: 'captions', line: 'Captions' }, { part: 'footnotes', line: 'Notes' }, { part: 'textBoxes', line: 'Text boxes' }, { part: 'references', line: 'References' }, { part: 'appendices', line: 'Appendices' },
];

/** Whether these count is seldom said. Common practice, no published source. */
export const openParts: readonly WordPart[] = ['references', 'appendices', 'footnotes'];

/** Parts that fill pages of their own, which a number of pages may leave out. Common practice, no published source. */
export const partsWithPages: readonly WordPart[] = ['titlePage', 'contents', 'abstract', 'references', 'appendices'];

const mostLinesOfCaption = 4;
const captionStart = /^\s*(?:[Ff]ig(?:ure|\.)|FIGURE|[Tt]able|TABLE|Plate|Map|Chart|Box|Equation|Abb(?:ildung|\.)|Tab(?:elle|leau|ella|la|\.)|Figura|Afbeelding)\s+(?:[A-Z]?\d+|[IVX]+|[A-Z])(?:[.\-–]\d+)*\s*(?:[.:–—|]|$)/;

/** Counts the words of a paper part by part. Running heads and page numbers are not words of the paper and are on no line.
 * Parts are told by the headings that papers use and by how a line begins; the rule is shown beside the bill, so that a student can see why a word was counted where. */
export function billOf(facts: DocumentFacts): WordBill | null {
  if (!facts.passages.ok) return null;
  const sums = new Map<WordPart, { words: number; pages: Set<number> }>();
  const add = (part: WordPart, text: string, page: number | null): void => {
    const words = countWords(text);
    if (words === 0) return;
    const sum = sums.get(part) ?? { words: 0, pages: new Set<number>() };
    sum.words += words;
    if (page !== null) sum.pages.add(page);
    sums.set(part, sum);
  };
  const headings = new Set((facts.headings ?? []).map((h) => h.text)), title = titlePageOf(facts);
  let section = (title ? 'titlePage' : 'body') as WordPart;
  for (const p of facts.passages.value) {
    if (p.place === 'footnote') { add('footnotes', p.lines ? withoutMarks(p.text) : p.text, p.page); continue; }
    if (p.place === 'textbox') { add('textBoxes', p.text, p.page); continue; }
    if (p.place !== 'text') continue;
    const onTitlePage = section === 'titlePage' && (p.page === null ? p.section === 'titlePage' : p.page === 1);
    if (section === 'titlePage' && !onTitlePage) section = 'body';
    let caption = 0, full: boolean[] | null = null;
    const rows = p.text.split('\n');
    for (const [i, line] of rows.entries()) {
      // Without marked headings nobody knows where an abstract ends, so it counts as running text.
      const heading = headings.has(line.trim());
      const named = sectionNamed(line, heading ? 80 : 0) ?? appendixWithName(line), starts: WordPart | null = named ? (named.part === 'abstract' && headings.size === 0 ? 'body' : named.part) : heading && section !== 'appendices' && !onTitlePage ? 'body' : null;
      if (starts && !(section === 'contents' && /[.…]{3,}|\d+$/.test(line.trim()))) { section = starts; add('headings', line, p.page); continue; }
      // Where no heading says that the contents are over, running text does.
      if (section === 'contents' && isRunning(line, rows[i + 1])) section = 'body';
      // A heading below the one that opens the appendices belongs to them.
      if (heading) { add(section === 'appendices' ? section : 'headings', line, p.page); continue; }
      // On fixed pages a caption goes on over its next lines, up to the space below it; a line that the one before runs on into is none.
      const runsOn = (): boolean => (full ??= fullLines(p))[i - 1] === true;
      caption = captionStart.test(line) && (!runsOn() || /[.!?]["”’)\]]*\s*$/.test(rows[i - 1]!)) ? 1 : caption > 0 && caption < mostLinesOfCaption && runsOn() && line.trim() !== '' ? caption + 1 : 0;
      if (section === 'body' && caption > 0) { add('captions', line, p.page); continue; }
      add(section === 'body' && p.inTable ? 'tables' : section === 'body' && p.indented ? 'quotations' : section, line, p.page);
    }
  }
  const lines = billParts.flatMap(({ part }): BillLine[] => { const s = sums.get(part); return s ? [{ part, words: s.words, pages: [...s.pages].sort((a, b) => a - b) }] : []; });
  return { lines, total: lines.reduce((n, l) => n + l.words, 0) };
}

/** An entry of a table of contents may run over its line, and its last line has the number of a page; running text goes on without one. */
function isRunning(line: string, next: string | undefined): boolean {
  const isText = (row: string | undefined, least: number): boolean => row !== undefined && countWords(row) >= least && !/[.…]{3,}|\d\s*$/.test(row);
  return isText(line, paragraphOfText) || isText(line, lineOfText) && isText(next, lineOfText);
}
const paragraphOfText = 30, lineOfText = 7;

/** “Appendix A: Raw data” is a heading wherever it stands alone on a short line. */
const appendixWithName = (line: string): ReturnType<typeof sectionNamed> => { const named = sectionNamed(line, 50); return named?.part === 'appendices' ? named : null; };

/** Whether the first page is a title page: few words, and more pages after it. */
function titlePageOf(facts: DocumentFacts): boolean {
  if (!facts.passages.ok) return false;
  if (!facts.pages.ok) return facts.passages.value.find((p) => p.place === 'text')?.section === 'titlePage';
  if (facts.pages.value.length < 2) return false;
  return countWords(facts.passages.value.filter((p) => p.place === 'text' && p.page === 1).map((p) => p.text).join(' ')) < mostOnTitlePage;
}

/** On fixed pages: for each row of the text, whether its line goes to the right edge, so that what it says may go on below. None elsewhere. */
function fullLines({ text, lines = [] }: Passage): boolean[] {
  const edge = lines.reduce((x, l) => Math.max(x, l.box[2]), 0), left = lines.reduce((x, l) => Math.min(x, l.box[0]), edge), placed = new Map(lines.map((l) => [l.start, l]));
  let start = 0;
  return text.split('\n').map((row) => { const line = placed.get(start); start += row.length + 1; return line !== undefined && line.box[2] > edge - (edge - left) * roomForWord && line.box[0] < (left + edge) / 2; });
}
/** A line that leaves so much of the width free has room for the next word. */
const roomForWord = 0.2;
/** Notes of a page without the numbers that they begin with, which no word processor counts. */
function withoutMarks(text: string): string {
  let last: number | null = null;
  return text.replace(/^\s*(?:(\d{1,3})|[*†‡§¶]{1,3})[.)\]]?\s+(?=\S)/gm, (mark, n?: string) => { if (n === undefined) return ''; if (last !== null && Number(n) !== last + 1) return mark; last = Number(n); return ''; });
}
