import { defineCheck, atFile, look, stops, type CheckInput } from '../define.ts';
import { billOf } from '../../words/bill.ts';

/** What a paper says of its own length: “Word count: 2,345”, “2 345 words” on a line of its own. */
const stated = /(?:\b(?:total |final )?word ?count\b|\bnumber of words\b|\bwords\b\s*[:=])[^\d\n]{0,24}(\d{1,3}(?:[,. \u00a0\u202f]\d{3})+|\d{2,6})\b|^\W*(\d{1,3}(?:[,. \u00a0\u202f]\d{3})+|\d{2,6})\s+words\W*$/im;
/** A count may be rounded, and programs count a little differently. */
const rounding = 0.03;
const show = (n: number): string => n.toLocaleString('en');

/** The paper states its word count where the brief asks for that, and the figure fits. */
export const wordsStated = defineCheck({
  id: 'words.stated', needs: ['words', 'passages'], kinds: ['pdf', 'docx', 'docm', 'odt', 'rtf', 'doc'], reference: 'the brief itself',
  asked: ({ brief }) => (brief.statesWords ? 'word count stated in the paper' : null),
  found: (seen) => { const n = statedIn(seen); return n === null ? 'none' : `${show(n)} words stated`; },
  evaluate: (seen) => {
    const n = statedIn(seen);
    if (n === null) return [(seen.brief.documents.length > 1 ? look : stops)('missing', {}, atFile)];
    // With or without each part that a rule may leave out: a figure between the body alone and everything can be right.
    const lines = billOf(seen.facts)?.lines ?? [], all = lines.reduce((sum, l) => sum + l.words, 0), body = lines.find((l) => l.part === 'body')?.words ?? 0;
    return n < body * (1 - rounding) || n > all * (1 + rounding) ? [look('differs', { stated: show(n), least: show(body), most: show(all) }, atFile)] : [];
  },
});

function statedIn({ facts }: CheckInput): number | null {
  for (const p of facts.passages.ok ? facts.passages.value : []) if (['text', 'runningHead', 'textbox'].includes(p.place)) {
    const m = stated.exec(p.text);
    if (m) return Number((m[1] ?? m[2]!).replace(/\D/g, ''));
  }
  return null;
}
