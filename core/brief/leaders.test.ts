import { expect, test } from '@jest/globals';
import { withoutLeaders } from './leaders.ts';
import { readBrief } from './read.ts';

test('rows of dots are colons, and the rest stays in its place', () => {
  expect(withoutLeaders('format ...... pdf\nlate? ....... no\nIntroduction ........ 3\nand so on ... and on')).toBe('format:       pdf\nlate :        no\nIntroduction ........ 3\nand so on ... and on');
});
test('a list of them is read', () => {
  const { brief } = readBrief('what ........ 3000-3500 words\nformat ...... pdf\nname ........ essay_[candidate no].pdf, nothing else in the name\nlate? ....... no. (see the handbook)\nhow often ... once!!\nchecks ...... yes, everything goes through the text comparison\n', '2027-02-10T09:00:00Z');
  expect(brief).toMatchObject({ limits: { minWords: 3000, maxWords: 3500 }, documents: [{ types: ['pdf'] }], naming: { pattern: 'essay_[candidate no].pdf', mustContain: ['candidateNumber'] }, late: { cutoffDays: 0 }, attempts: { allowed: 1 }, similarityChecked: true });
  for (const e of brief.evidence) expect(e.quote.length).toBe(e.end - e.start);
});
