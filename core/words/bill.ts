import type { DocumentFacts } from '../model/facts.ts';
import { countWords } from '../text/words.ts';

/** A line of the bill: which part of the paper, its words, and where it begins. */
export interface BillLine { part: BillPart; words: number; pages: number[] }
export type BillPart = 'titlePage' | 'contents' | 'headings' | 'body' | 'quotations' | 'captions' | 'footnotes' | 'textBoxes' | 'references' | 'appendices';
/** Every word of the paper once, by part; `total` is their sum and what a word processor shows, notes and text boxes apart. */
export interface WordBill { lines: BillLine[]; total: number }

export const billParts: readonly { part: BillPart; line: string }[] = [
  { part: 'titlePage', line: 'Title page' }, { part: 'contents', line: 'Contents' }, { part: 'headings', line: 'Headings' }, { part: 'body', line: 'Running text' }, { part: 'quotations', line: 'Quotations set as blocks' },
  { part: 'captions', line: 'Captions' }, { part: 'footnotes', line: 'Notes' }, { part: 'textBoxes', line: 'Text boxes' }, { part: 'references', line: 'References' }, { part: 'appendices', line: 'Appendices' },
];

/** A page with fewer words that comes before any section is a title page. Common practice, no published source. */
const mostOnTitlePage = 150;
const captionStart = /^\s*(?:figure|fig\.|table|plate|map|chart|box|equation)\s+[\dIVXA-Z]+(?:[.\-–]\d+)*\s*[.:–—|]/i;
const referencesStart = /^(?:references|reference list|list of references|bibliography|works cited|literature(?: cited)?|sources)$/i;
const appendixStart = /^(?:appendix|appendices|annex)\b.{0,80}$/i;
const contentsStart = /^(?:table of )?contents$|^list of (?:figures|tables|abbreviations)$/i;
const sectionStart = /^(?:abstract|summary|executive summary|introduction|background|literature review|methods?|methodology|results|findings|discussion|conclusions?|acknowledge?ments?|limitations|recommendations)$/i;

/** Counts the words of a paper part by part. Running heads and page numbers are not words of the paper and are on no line.
 * Parts are told by the headings that papers use and by how a line begins; the rule is shown beside the bill, so that a student can see why a word was counted where. */
export function billOf(facts: DocumentFacts): WordBill | null {
  if (!facts.passages.ok) return null;
  const sums = new Map<BillPart, { words: number; pages: Set<number> }>();
  const add = (part: BillPart, text: string, page: number | null): void => {
    const words = countWords(text);
    if (words === 0) return;
    const sum = sums.get(part) ?? { words: 0, pages: new Set<number>() };
    sum.words += words;
    if (page !== null) sum.pages.add(page);
    sums.set(part, sum);
  };
  const headings = new Set((facts.headings ?? []).map((h) => h.text)), title = titlePageOf(facts);
  type Section = 'titlePage' | 'contents' | 'references' | 'appendices' | 'body';
  let section: Section = title ? 'titlePage' : 'body';
  for (const p of facts.passages.value) {
    if (p.place === 'footnote') { add('footnotes', p.text, p.page); continue; }
    if (p.place === 'textbox') { add('textBoxes', p.text, p.page); continue; }
    if (p.place !== 'text') continue;
    if (section === 'titlePage' && p.page !== null && p.page > 1) section = 'body';
    for (const line of p.text.split('\n')) {
      const bare = line.trim().replace(/^(?:\d+(?:\.\d+)*\.?|[IVX]+\.|[A-Z]\.)\s+/, '').replace(/[:.]$/, ''), heading = headings.has(line.trim());
      const starts: Section | null = appendixStart.test(bare) && (heading || bare.length < 60) ? 'appendices' : referencesStart.test(bare) ? 'references' : contentsStart.test(bare) ? 'contents' : sectionStart.test(bare) || (heading && (section as Section) !== 'appendices') ? 'body' : null;
      if (starts && !(section === 'contents' && /[.…]{3,}|\d+$/.test(line.trim()))) { section = starts; add('headings', line, p.page); continue; }
      if (heading) { add('headings', line, p.page); continue; }
      if (section === 'body' && captionStart.test(line)) { add('captions', line, p.page); continue; }
      add(section === 'body' && p.indented ? 'quotations' : section, line, p.page);
    }
  }
  const lines = billParts.flatMap(({ part }): BillLine[] => { const s = sums.get(part); return s ? [{ part, words: s.words, pages: [...s.pages].sort((a, b) => a - b) }] : []; });
  return { lines, total: lines.reduce((n, l) => n + l.words, 0) };
}

/** Whether the first page is a title page: few words, and more pages after it. */
function titlePageOf(facts: DocumentFacts): boolean {
  if (!facts.passages.ok || !facts.pages.ok || facts.pages.value.length < 2) return false;
  return countWords(facts.passages.value.filter((p) => p.place === 'text' && p.page === 1).map((p) => p.text).join(' ')) < mostOnTitlePage;
}
