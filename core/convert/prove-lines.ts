import type { DocumentFacts } from '../model/facts.ts';
import { splitWords } from '../text/words.ts';
import type { PageDescription } from './page-description.ts';
import type { LineSlot, RunningLines } from './running-lines.ts';

/** Letters alone: numbers of pages and dates differ from one page and day to the next. */
const letters = (text: string): string => text.normalize('NFKC').toLowerCase().replace(/[^\p{L}]/gu, '');
const wordsOf = (text: string): string[] => splitWords(text.normalize('NFKC')).filter((w) => /\p{L}/u.test(w));

/** Words of the source's heads and feet that stand on no page of the result, each once. A line counts as there where a page has all its letters in a row.
 * Nothing is said of lines that may not be shown: those that nothing refers to, those of a first or even page where there is none of its own, and those of later sections.
 * @param pages - what the sources' running lines are, as far as it is known */
export function lostLines(sources: DocumentFacts[], result: DocumentFacts, pages: readonly (RunningLines & Pick<PageDescription, 'laterLines'>)[]): string[] {
  if (!result.passages.ok) return [];
  const count = result.pages.ok ? result.pages.value.length : 0, certain = new Set(pages.flatMap((p) => shown(p, count)).flatMap(wordsOf));
  const there = letters(result.passages.value.map((p) => p.text).join('\n')), words = new Set(result.passages.value.flatMap((p) => wordsOf(p.text))), lost = new Set<string>();
  for (const source of sources) {
    if (source.file.kind === 'pdf' || !source.passages.ok) continue;
    for (const line of source.passages.value.filter((p) => p.place === 'runningHead').flatMap((p) => p.text.split(/[\n\t]/))) {
      if (there.includes(letters(line))) continue;
      for (const w of wordsOf(line)) if (!words.has(w) && !words.has(w.toUpperCase()) && certain.has(w)) lost.add(w);
    }
  }
  return [...lost];
}

/** The slots that the first page has for certain, and a second one where there is one. */
function shownSlots(lines: RunningLines, count: number): readonly LineSlot[] {
  const first: readonly LineSlot[] = lines.firstPageDiffers ? ['firstHead', 'firstFoot'] : ['head', 'foot'];
  return count < 2 || !lines.firstPageDiffers ? first : [...first, ...(lines.evenPagesDiffer ? (['evenHead', 'evenFoot'] as const) : (['head', 'foot'] as const))];
}
const shown = (p: RunningLines & Pick<PageDescription, 'laterLines'>, count: number): string[] => shownSlots(p, p.laterLines.length > 0 ? 1 : count).map((slot) => p[slot]);
