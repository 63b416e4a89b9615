import type { Passage } from '../model/facts.ts';
import { countWords } from '../text/words.ts';
import { sectionStarts } from './sections.ts';

/** A page with fewer words that comes before any section is a title page. Common practice, no published source. */
export const mostOnTitlePage = 150;

/** Says of the passages before the first new page that they are the title page, where they are few and more follows. For files without fixed pages, whose readers tell where a page begins. */
export function markTitlePage(passages: Passage[]): void {
  const text = passages.filter((p) => p.place === 'text'), end = text.findIndex((p, i) => i > 0 && p.newPage);
  if (end < 0) return;
  const before = text.slice(0, end), opens = before.findIndex((p) => sectionStarts(p.text) !== null), own = opens < 0 ? before : before.slice(0, opens);
  if (before.reduce((n, p) => n + countWords(p.text), 0) < mostOnTitlePage) for (const p of own) p.section = 'titlePage';
}
