import { describe, expect, test } from '@jest/globals';
import { readBrief } from './read.ts';

test.each<[string, { counted: string[]; left: string[] } | undefined]>([
  ['The essay has 2,000 words excluding the reference list, tables and appendices.', { counted: [], left: ['references', 'tables', 'appendices'] }],
  ['Word limit: 2,500 words (including footnotes but excluding bibliography).', { counted: ['footnotes'], left: ['references'] }],
  ['References are not included in the word count.', { counted: [], left: ['references'] }],
  ['The title page and the appendices do not count towards the word limit.', { counted: [], left: ['titlePage', 'appendices'] }],
  ['Footnotes are included in the word count; the abstract is excluded from the word count.', { counted: ['footnotes'], left: ['abstract'] }],
  ['The word count includes headings and quotations.', { counted: ['headings', 'quotations'], left: [] }],
  ['All words count except the bibliography.', { counted: [], left: ['references'] }],
  ['The essay of 2,000 words must include an abstract and a reference list.', undefined],
  ['Write 2,000 words. References follow the author-date style.', undefined],
  ['2,000 words excluding references. References are included in the word count.', { counted: [], left: [] }],
])('%s', (text, rule) => {
  const { brief } = readBrief(text, '2026-11-25T10:00:00Z');
  const empty = rule && rule.counted.length + rule.left.length === 0;
  expect(brief.counting).toEqual(empty ? undefined : rule);
  for (const e of brief.evidence.filter((x) => x.field === 'counting')) expect(text.slice(e.start, e.end)).toBe(e.quote);
});

describe('however it is said', () => {
  const out = ['2,000 words excluding P.', '2,000 words, not including P.', '2,000 words without counting P.', '2,000 words exclusive of P.', '2,000 words (P not included).', '2,000 words. P do not count.', '2,000 words. P do not count towards the length.', '2,000 words. P are not counted.', '2,000 words. P are excluded.', '2,000 words. P are extra.', '2,000 words; P come on top.', '2,000 words. We do not count P.', "2,000 words. I don't count P.", '2,000 words. Not included: P.', '2,000 words. Excluded from the word count are P.', '2,000 words. Everything counts except P.', 'Word limit: 2,000. P are outside the limit.', '2,000 words plus P.', '2,000 words net of P.'];
  const inside = ['2,000 words including P.', '2,000 words, inclusive of P.', '2,000 words, P included.', '2,000 words. P count.', '2,000 words. P count towards the limit.', '2,000 words. P are counted.', '2,000 words. P are part of the word count.', '2,000 words. We count P.', '2,000 words. The count includes P.', '2,000 words. Stills do not count, P do.'];
  const parts: [string, string][] = [['appendices', 'appendices'], ['footnotes', 'footnotes'], ['block quotations', 'quotations'], ['references', 'references'], ['tables', 'tables']];
  const each = (sentences: string[]): [string, string][] => sentences.flatMap((s) => parts.map(([words, part]): [string, string] => [s.replace(/\bP\b/, words).replace(/(?<=\. )\p{Ll}/u, (c) => c.toUpperCase()), part]));
  test.each(each(out))('%s', (text, part) => { const { brief } = readBrief(text, '2026-11-25T10:00:00Z'); expect([brief.counting?.left, brief.counting?.counted, brief.limits.maxWords]).toEqual([[part], [], 2000]); });
  test.each(each(inside))('%s', (text, part) => { const { brief } = readBrief(text, '2026-11-25T10:00:00Z'); expect([brief.counting?.left, brief.counting?.counted, brief.limits.maxWords]).toEqual([[], [part], 2000]); });
  test.each(['2,000 words. Add appendices where they help.', '2,000 words. Number your tables.', 'The report may have 20 pages including tables, excluding the appendix. The reflection has 500 words.'])('hard negative: %s', (text) => expect(readBrief(text, '2026-11-25T10:00:00Z').brief.counting).toBeUndefined());
});
