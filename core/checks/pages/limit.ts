import { defineCheck, atFile, look, stops } from '../define.ts';
import type { CheckInput } from '../define.ts';
import type { DocumentFacts } from '../../model/facts.ts';

const limits = ({ brief, document }: CheckInput): { min: number | null; max: number | null } => ({ min: document?.limits?.minPages ?? brief.limits.minPages, max: document?.limits?.maxPages ?? brief.limits.maxPages });
/** Where similarity is checked a document must have fewer pages than this. Common practice, no published source. */
const mostForSimilarity = 800;
/** So few words never fill so many pages: 125 on each. */
export const farFewerWords = 100_000;
const pagesOf = (n: number): string => `${n} ${n === 1 ? 'page' : 'pages'}`;
const inWords = (min: number | null, max: number | null, most = 'at most '): string => (min !== null && max !== null ? (min === max ? `exactly ${pagesOf(max)}` : `${min} to ${pagesOf(max)}`) : max !== null ? `${most}${pagesOf(max)}` : `at least ${pagesOf(min ?? 0)}`);
/** How many pages a file without fixed ones says it has, and how many it takes here; empty where neither is known. */
const accounts = ({ statedPages: stated, laidPages: laid }: DocumentFacts): string => [stated !== null ? `${pagesOf(stated)} by its own account` : '', laid ? `about ${laid}${stated === null ? ` ${laid === 1 ? 'page' : 'pages'}` : ''} as laid out here` : ''].filter(Boolean).join(', ');
/** Another program may break lines and pages a little differently. */
const leeway = 0.1;

export const pagesLimit = defineCheck({
  id: 'pages.limit', needs: [], reference: 'the brief itself; common practice for the 800 pages',
  asked: (input) => {
    const { min, max } = limits(input);
    if (min === null && max === null) return input.brief.similarityChecked ? `fewer than ${mostForSimilarity} pages` : null;
    return inWords(min, max, input.brief.lengths?.includes('maxPages') ? '' : 'at most ');
  },
  found: (input) => {
    const { facts } = input, { min, max } = limits(input);
    if (facts.pages.ok) return pagesOf(facts.pages.value.length);
    return accounts(facts) || (min === null && max === null && facts.words.ok && facts.words.value <= farFewerWords ? `${facts.words.value.toLocaleString('en')} words, so far fewer` : 'pages are set by the program that opens it');
  },
  evaluate: (input) => {
    const { min, max } = limits(input), { facts, brief } = input;
    // Without fixed pages the number depends on the program that lays them out: what the file says of itself, and what this engine needs.
    if (!facts.pages.ok) {
      const { statedPages: stated, laidPages: laid } = facts, outside = (n: number): boolean => (max !== null && n > max) || (min !== null && n < min), told = { accounts: accounts(facts), limit: inWords(min, max) };
      if (stated !== null && outside(stated)) return [look('stated', told)];
      if (laid && outside(laid)) return [look('laid', told)];
      if (min === null && max === null) return (laid ?? stated ?? 0) >= mostForSimilarity ? [look('stated', { ...told, limit: `fewer than ${pagesOf(mostForSimilarity)}` })] : [];
      return !laid || outside(laid * (1 + leeway)) || outside(laid * (1 - leeway)) ? [look('unfixed', {})] : [];
    }
    const pages = facts.pages.value.length;
    if (max !== null && pages > max && brief.lengths?.includes('maxPages')) return [look('longer', { pages, max })];
    if (max !== null && pages > max) return [stops('over', { pages, max }, { ...atFile, part: 'text', page: max + 1 })];
    if (min !== null && pages < min) return [stops('under', { pages, min })];
    return brief.similarityChecked && pages >= mostForSimilarity ? [stops('overSimilarity', { pages, max: mostForSimilarity })] : [];
  },
});
