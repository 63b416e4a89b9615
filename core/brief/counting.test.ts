import { expect, test } from '@jest/globals';
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
