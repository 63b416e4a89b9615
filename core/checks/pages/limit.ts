import { defineCheck, atFile, look, stops } from '../define.ts';
import type { CheckInput } from '../define.ts';
import type { WordPart } from '../../model/brief.ts';
import type { DocumentFacts } from '../../model/facts.ts';
import { billOf, billParts } from '../../words/bill.ts';

const limits = ({ brief, document }: CheckInput): { min: number | null; max: number | null } => ({ min: document?.limits?.minPages ?? brief.limits.minPages, max: document?.limits?.maxPages ?? brief.limits.maxPages });
/** Where similarity is checked a document must have fewer pages than this. Common practice, no published source. */
const mostForSimilarity = 800;
/** So few words never fill so many pages: 125 on each. */
export const farFewerWords = 100_000;
const pagesOf = (n: number): string => `${n} ${n === 1 ? 'page' : 'pages'}`;
const inWords = (min: number | null, max: number | null, most = 'at most '): string => (min !== null && max !== null ? (min === max ? `exactly ${pagesOf(max)}` : `${min} to ${pagesOf(max)}`) : max !== null ? `${most}${pagesOf(max)}` : `at least ${pagesOf(min ?? 0)}`);
const nameOf = (part: WordPart): string => billParts.find((p) => p.part === part)!.line.toLowerCase();
const inAList = (names: string[]): string => (names.length < 2 ? names.join('') : `${names.slice(0, -1).join(', ')} and ${names.at(-1)!}`);
const leftOut = (input: CheckInput): WordPart[] => input.brief.counting?.pagesLeft ?? [];
const without = (parts: WordPart[]): string => (parts.length > 0 ? `, without ${inAList(parts.map(nameOf))}` : '');

/** How many of the fixed pages count. A page is left out where nothing stands on it but parts that the wording leaves out; one without words goes with the page before it, as a figure of an appendix does.
 * @returns the pages that count, and the parts that were found on the others */
export function pagesThatCount(facts: DocumentFacts, left: readonly WordPart[]): { pages: number; parts: WordPart[] } {
  const total = facts.pages.ok ? facts.pages.value.length : 0, lines = left.length > 0 ? billOf(facts)?.lines ?? [] : [], found = new Set<WordPart>();
  let counted = 0, before = false;
  for (let page = 1; page <= total; page++) {
    // Headings and notes belong to what else is on the page.
    const on = lines.filter((l) => l.pages.includes(page) && l.part !== 'headings' && l.part !== 'footnotes').map((l) => l.part), isLeft: boolean = on.length > 0 ? on.every((part) => left.includes(part)) : before && page > 1;
    if (isLeft) for (const part of on) found.add(part); else counted++;
    before = isLeft;
  }
  return { pages: counted, parts: left.filter((part) => found.has(part)) };
}

/** About how many of so many pages the parts fill that the wording leaves out, where pages are not fixed: a title page and contents one each, the rest by their words. */
function pagesSpared(facts: DocumentFacts, left: readonly WordPart[], total: number): number {
  const lines = left.length > 0 ? billOf(facts)?.lines ?? [] : [], ownPage = (part: WordPart): boolean => part === 'titlePage' || part === 'contents', own = lines.filter((l) => ownPage(l.part)).length;
  const words = (of: typeof lines): number => of.reduce((n, l) => n + (ownPage(l.part) ? 0 : l.words), 0), all = words(lines), spared = words(lines.filter((l) => left.includes(l.part)));
  return lines.filter((l) => ownPage(l.part) && left.includes(l.part)).length + (all > 0 ? Math.round(Math.max(0, total - own) * spared / all) : 0);
}
/** How many pages a file without fixed ones says it has, and how many it takes here; empty where neither is known. */
const accounts = ({ statedPages: stated, laidPages: laid }: DocumentFacts): string => [stated !== null ? `${pagesOf(stated)} by its own account` : '', laid ? `about ${laid}${stated === null ? ` ${laid === 1 ? 'page' : 'pages'}` : ''} as laid out here` : ''].filter(Boolean).join(', ');
/** Another program may break lines and pages a little differently. */
const leeway = 0.1;

export const pagesLimit = defineCheck({
  id: 'pages.limit', needs: [], reference: 'the brief itself; common practice for the 800 pages',
  asked: (input) => {
    const { min, max } = limits(input);
    if (min === null && max === null) return input.brief.similarityChecked ? `fewer than ${mostForSimilarity} pages` : null;
    return `${inWords(min, max, input.brief.lengths?.includes('maxPages') ? '' : 'at most ')}${without(leftOut(input))}`;
  },
  found: (input) => {
    const { facts } = input, { min, max } = limits(input);
    if (facts.pages.ok) {
      const total = facts.pages.value.length, { pages, parts } = pagesThatCount(facts, min === null && max === null ? [] : leftOut(input));
      return pages === total ? pagesOf(total) : `${pagesOf(pages)} of ${total}${without(parts)}`;
    }
    return accounts(facts) || (min === null && max === null && facts.words.ok && facts.words.value <= farFewerWords ? `${facts.words.value.toLocaleString('en')} words, so far fewer` : 'pages are set by the program that opens it');
  },
  evaluate: (input) => {
    const { min, max } = limits(input), { facts, brief } = input;
    // Without fixed pages the number depends on the program that lays them out: what the file says of itself, and what this engine needs.
    if (!facts.pages.ok) {
      const { statedPages: stated, laidPages: laid } = facts, outside = (all: number): boolean => { const n = all - pagesSpared(facts, leftOut(input), all); return (max !== null && n > max) || (min !== null && n < min); }, told = { accounts: accounts(facts), limit: inWords(min, max) };
      if (stated !== null && outside(stated)) return [look('stated', told)];
      if (laid && outside(laid)) return [look('laid', told)];
      if (min === null && max === null) return (laid ?? stated ?? 0) >= mostForSimilarity ? [look('stated', { ...told, limit: `fewer than ${pagesOf(mostForSimilarity)}` })] : [];
      return !laid || outside(laid * (1 + leeway)) || outside(laid * (1 - leeway)) ? [look('unfixed', {})] : [];
    }
    const total = facts.pages.value.length, { pages } = pagesThatCount(facts, min === null && max === null ? [] : leftOut(input));
    if (max !== null && pages > max && brief.lengths?.includes('maxPages')) return [look('longer', { pages, max })];
    if (max !== null && pages > max) return [stops('over', { pages, max }, { ...atFile, part: 'text', page: max + 1 })];
    if (min !== null && pages < min) return [stops('under', { pages, min })];
    return brief.similarityChecked && total >= mostForSimilarity ? [stops('overSimilarity', { pages: total, max: mostForSimilarity })] : [];
  },
});
