import { defineCheck, look, stops, type CheckInput } from '../define.ts';
import type { WordPart } from '../../model/brief.ts';
import { billOf, billParts, openParts } from '../../words/bill.ts';

const limits = ({ brief, document }: CheckInput): { min: number | null; max: number | null } => ({ min: document?.limits?.minWords ?? brief.limits.minWords, max: document?.limits?.maxWords ?? brief.limits.maxWords });
/** A paper shorter than this share of the length that is asked for is told. */
const farShort = 0.75;
const show = (n: number): string => n.toLocaleString('en');
const nameOf = (part: WordPart): string => billParts.find((p) => p.part === part)!.line.toLowerCase();
const list = (names: string[]): string => (names.length < 2 ? names.join('') : `${names.slice(0, -1).join(', ')} and ${names.at(-1)!}`);

/** The words that count by the brief's own rule: all of them, and without the parts that the brief leaves open. */
function counted({ facts, brief }: CheckInput): { most: number; least: number; text: string } {
  const lines = billOf(facts)?.lines.filter((l) => !brief.counting?.left.includes(l.part)) ?? [];
  const unsettled = lines.filter((l) => openParts.includes(l.part) && !brief.counting?.counted.includes(l.part));
  const most = lines.reduce((n, l) => n + l.words, 0), least = most - unsettled.reduce((n, l) => n + l.words, 0);
  return { most, least, text: unsettled.length > 0 ? `${show(most)} words, ${show(least)} without ${list(unsettled.map((l) => nameOf(l.part)))}` : `${show(most)} words` };
}

export const wordsCount = defineCheck({
  id: 'words.count', needs: ['words', 'passages'], reference: 'the brief itself; counted between white space (common practice, no published source)',
  asked: (input) => {
    const { min, max } = limits(input), left = input.brief.counting?.left ?? [];
    if (min === null && max === null) return null;
    return `${min !== null && max !== null ? `${show(min)} to ${show(max)} words` : max !== null ? `${input.brief.lengths?.includes('maxWords') ? '' : 'at most '}${show(max)} words` : `at least ${show(min!)} words`}${left.length > 0 ? `, not counting ${list(left.map(nameOf))}` : ''}`;
  },
  found: (seen) => counted(seen).text,
  evaluate: (seen) => {
    const { min, max } = limits(seen), { most, least, text } = counted(seen);
    const inside = (n: number): boolean => (max === null || n <= max) && (min === null || n >= min);
    const data = { counted: text, max: max === null ? '' : show(max), min: min === null ? '' : show(min) };
    // “1,500 words” is a length: nobody means the half of it.
    if (max !== null && min === null && most < max * farShort && seen.brief.lengths?.includes('maxWords')) return [look('shorter', data)];
    if (inside(most) && inside(least)) return [];
    // Between the two ends a rule of the department may still hold.
    if ((max === null || least <= max) && (min === null || most >= min)) return [look('depends', data)];
    if (max !== null && least > max && seen.brief.lengths?.includes('maxWords')) return [look('longer', data)];
    return [stops(max !== null && least > max ? 'over' : 'under', data)];
  },
});
