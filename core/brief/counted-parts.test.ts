import { expect, test } from '@jest/globals';
import { readBrief } from './read.ts';

/** Invented sentences. */
test.each<[string, string[], string[]]>([
  ['1,800 words (tables are counted, the reference list is not).', ['tables'], ['references']], ['1,800 words. Tables count but captions do not.', ['tables'], ['captions']], ['1,800 words. Footnotes count towards the total; appendices do not.', ['footnotes'], ['appendices']],
  ['1,800 words. The abstract is included, the appendix isn’t included.', ['abstract'], ['appendices']], ['1,800 words. Captions don’t count but footnotes do.', ['footnotes'], ['captions']], ['1,800 words (footnotes yes, bibliography no).', ['footnotes'], ['references']],
  ['1,800 words. Footnotes, captions and tables count; the abstract and the bibliography don’t.', ['footnotes', 'captions', 'tables'], ['abstract', 'references']],
  ['1,800 words (footnotes count, bibliography does not)\nCover sheet: yes', ['footnotes'], ['references']], ['1,800 words. Everything counts, except tables. Footnotes are included, references aren’t.', ['footnotes'], ['references']],
  ['1,800 words. Tables are allowed, figures are not.', [], []],
])('%j', (text, counted, left) => {
  const { counting } = readBrief(text, '2026-11-30T09:00:00Z').brief;
  expect([...(counting?.counted ?? [])].sort()).toEqual([...counted].sort());
  expect([...(counting?.left ?? [])].filter((part) => part !== 'tables' || left.includes(part)).sort()).toEqual([...left].sort());
});
