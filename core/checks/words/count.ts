import { defineCheck, look, stops } from '../define.ts';
import type { CheckInput } from '../define.ts';
import { countWords } from '../../text/words.ts';

const limits = ({ brief, document }: CheckInput): { min: number | null; max: number | null } => ({ min: document?.limits?.minWords ?? brief.limits.minWords, max: document?.limits?.maxWords ?? brief.limits.maxWords });
const show = (n: number): string => n.toLocaleString('en');

export const wordsCount = defineCheck({
  id: 'words.count', needs: ['words', 'passages'], reference: 'the brief itself; counted between white space (common practice, no published source)',
  asked: (input) => {
    const { min, max } = limits(input);
    return min === null && max === null ? null : min !== null && max !== null ? `${show(min)} to ${show(max)} words` : max !== null ? `at most ${show(max)} words` : `at least ${show(min!)} words`;
  },
  found: ({ words, passages }) => { const references = inReferences(passages); return references > 0 ? `${show(words)}, ${show(words - references)} without references` : show(words); },
  evaluate: (seen) => {
    const { min, max } = limits(seen), { words, passages } = seen;
    const without = words - inReferences(passages);
    const inside = (n: number): boolean => (max === null || n <= max) && (min === null || n >= min);
    if (inside(words) && inside(without)) return [];
    const data = { words: show(words), without: show(without), max: max === null ? '' : show(max), min: min === null ? '' : show(min) };
    // Whether references count is seldom said; where it decides, a person has to.
    if (inside(words) || inside(without)) return [look('depends', data)];
    return [stops(max !== null && without > max ? 'over' : 'under', data)];
  },
});
const inReferences = (passages: { place: string; section?: string; text: string }[]): number => countWords(passages.filter((p) => p.place === 'text' && p.section === 'references').map((p) => p.text).join('\n'));
