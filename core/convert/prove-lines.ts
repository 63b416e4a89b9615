import type { DocumentFacts } from '../model/facts.ts';
import { splitWords } from '../text/words.ts';
import type { PageDescription } from './page-description.ts';
import { lineKey, lineSlots, type LineSlot, type RunningLines } from './running-lines.ts';

/** Letters alone: numbers of pages and dates differ from one page and day to the next. */
const letters = (text: string): string => text.normalize('NFKC').toLowerCase().replace(/[^\p{L}]/gu, '');
const wordsOf = (text: string): string[] => splitWords(text.normalize('NFKC')).filter((w) => /\p{L}/u.test(w));

/** What is known of a source's running lines and of the pages that have them. */
type Lined = RunningLines & Pick<PageDescription, 'laterLines' | 'linesShown' | 'body'>;

/** Words of the source's heads and feet that stand on no page of the result, each once. A line counts as there where a page has all its letters in a row.
 * Nothing is said of lines that may not be shown: those that nothing refers to, and, where another engine sets the pages, those of even or later pages that there may not be.
 * @param pages - what the sources' running lines are, as far as it is known */
export function lostLines(sources: DocumentFacts[], result: DocumentFacts, pages: readonly Lined[]): string[] {
  if (!result.passages.ok) return [];
  const lines = sources.flatMap((s) => (s.file.kind === 'pdf' || !s.passages.ok ? [] : s.passages.value.filter((p) => p.place === 'runningHead').flatMap((p) => p.text.split(/[\n\t]/))));
  if (lines.length === 0) return [];
  const there = letters(result.passages.value.map((p) => p.text).join('\n')), missed = lines.filter((line) => !there.includes(letters(line)));
  if (missed.length === 0) return [];
  const count = result.pages.ok ? result.pages.value.length : 0, certain = new Set(pages.flatMap((p) => shown(p, count)).flatMap(wordsOf)), words = new Set(result.passages.value.flatMap((p) => wordsOf(p.text)));
  return [...new Set(missed.flatMap(wordsOf).filter((w) => !words.has(w) && !words.has(w.toUpperCase()) && certain.has(w)))];
}

/** The lines that some page has for certain: as our own engine set the pages, or as the source says. */
function shown(page: Lined, count: number): string[] {
  const sections: readonly RunningLines[] = [page, ...page.laterLines];
  if (page.linesShown.size > 0) return sections.flatMap((lines, i) => lineSlots.filter((slot) => page.linesShown.has(lineKey(i, slot))).map((slot) => lines[slot]));
  const own = sections.filter((_, i) => i === 0 || page.body.includes(` lines="${i}"`));
  return own.flatMap((lines, i) => shownSlots(lines, i === 0 && (lines.numberFrom ?? 1) % 2 === 1, i === 0 && own.length === 1 ? count : 1).map((slot) => lines[slot]));
}
/** The slots that the first page of a section has for certain, and a second one where there is one. @param odd - the first page has an odd number; of others that is not known */
function shownSlots(lines: RunningLines, odd: boolean, count: number): readonly LineSlot[] {
  const others: readonly LineSlot[] = ['head', 'foot'], even: readonly LineSlot[] = ['evenHead', 'evenFoot'];
  const first: readonly LineSlot[] = lines.firstPageDiffers ? ['firstHead', 'firstFoot'] : odd || !lines.evenPagesDiffer ? others : [];
  return count < 2 ? first : [...first, ...(!lines.evenPagesDiffer ? others : odd ? even : [])];
}
