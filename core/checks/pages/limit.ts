import { defineCheck, atFile, look, stops } from '../define.ts';
import type { CheckInput } from '../define.ts';

const limits = ({ brief, document }: CheckInput): { min: number | null; max: number | null } => ({ min: document?.limits?.minPages ?? brief.limits.minPages, max: document?.limits?.maxPages ?? brief.limits.maxPages });
/** Where similarity is checked a document must have fewer pages than this. Common practice, no published source. */
const mostForSimilarity = 800;

export const pagesLimit = defineCheck({
  id: 'pages.limit', needs: [], reference: 'the brief itself; common practice for the 800 pages',
  asked: (input) => {
    const { min, max } = limits(input);
    if (min === null && max === null) return input.brief.similarityChecked ? `fewer than ${mostForSimilarity} pages` : null;
    return min !== null && max !== null ? `${min} to ${max} pages` : max !== null ? `at most ${max} pages` : `at least ${min} pages`;
  },
  found: ({ facts }) => (facts.pages.ok ? `${facts.pages.value.length} pages` : facts.statedPages !== null ? `${facts.statedPages} pages, by its own account` : 'pages are set by the program that opens it'),
  evaluate: (input) => {
    const { min, max } = limits(input), { facts, brief } = input;
    // Without fixed pages the number depends on the program that lays them out.
    if (!facts.pages.ok) return facts.statedPages !== null && ((max !== null && facts.statedPages > max) || (min !== null && facts.statedPages < min)) ? [look('stated', { pages: facts.statedPages, max: max ?? '', min: min ?? '' })] : min !== null || max !== null ? [look('unfixed', {})] : [];
    const pages = facts.pages.value.length;
    if (max !== null && pages > max) return [stops('over', { pages, max }, { ...atFile, part: 'text', page: max + 1 })];
    if (min !== null && pages < min) return [stops('under', { pages, min })];
    return brief.similarityChecked && pages >= mostForSimilarity ? [stops('overSimilarity', { pages, max: mostForSimilarity })] : [];
  },
});
