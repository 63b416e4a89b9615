import { describe, expect, test } from '@jest/globals';
import { readBrief } from './read.ts';

/** Two works with a length each, by how a sentence names them and by how it says that they are files of one kind. Invented, common practice, no published source. */
const read = (text: string) => readBrief(`${text} The deadline is 12 December 2026.`, '2026-11-30T09:00:00Z').brief;
const pairs = [['report', 'reflective log'], ['case study', 'reflection'], ['short story', 'critical essay'], ['policy brief', 'annotated bibliography'], ['research proposal', 'literature review'], ['lab report', 'lay summary']] as const;
const shapes = [
  'Hand in the ONE of 3,000 words and the TWO of 500 words', 'Submit a ONE (3,000 words) and a TWO (500 words)', 'You hand in a ONE (max. 3,000 words) and a TWO (max. 500 words)', 'The ONE is 3,000 words and the TWO 500 words', 'Submit a 3,000-word ONE and a 500-word TWO', 'Write a ONE of up to 3,000 words and a TWO of up to 500 words',
  'To hand in: ONE – 3,000 words; TWO – 500 words', 'The ONE should be 3,000 words. The TWO should be 500 words', 'Word limits: ONE 3,000, TWO 500', 'What to hand in:\n- a ONE of 3,000 words\n- a TWO of 500 words\n', 'You will submit\n1. ONE (3,000 words)\n2. TWO (500 words)\n',
];
const kinds = [['. Both as PDF.', ['pdf']], ['. PDF for both.', ['pdf']], ['. Rich text or Word for both.', ['rtf', 'docx']], ['. Upload each as a PDF.', ['pdf']], ['. Save both as .docx.', ['docx']], ['. Upload them as two separate PDFs.', ['pdf']], ['. Please hand them in as two files.', []]] as const;
describe.each(shapes)('%s', (shape) => {
  test.each(kinds)('…%s', (tail, types) => {
    for (const [one, two] of pairs) {
      const { documents, limits } = read(shape.replace('ONE', one).replace('TWO', two) + (shape.endsWith('\n') ? tail.slice(2) : tail));
      expect(documents.map((d) => [d.label?.toLowerCase(), d.types, d.limits?.maxWords])).toEqual([[one, types, 3000], [two, types, 500]]);
      expect(limits.maxWords).toBeNull();
    }
  });
});
test.each([
  ['one file', 'Submit a report of 3,000 words and a reflection of 500 words. Put both into one PDF.'], ['a part of the paper', 'Submit a 3,000-word paper with a 200-word abstract. PDF.'], ['what is read', 'For this assignment read a paper of 20 pages and a report of 30 pages, then write an essay of 1,500 words. PDF.'],
  ['a choice', 'Write either a 3,000-word essay or a 2,000-word report. PDF.'], ['not two files', 'You will submit a short story of 2,500 words together with a self-assessment of 500 words. Put the self-assessment at the end of the story file; I do not want two files. PDF.'],
])('no two documents: %s', (_, text) => expect(read(text).documents).toHaveLength(1));
test('what is handed in on days of its own is no set', () => {
  const { documents, parts } = readBrief('Critical review of 1,500 words: 18 December 2026\nEssay of 3,000 words: 15 January 2027\nPDF only.', '2026-11-30T09:00:00Z').brief;
  expect([documents.length, parts.map((p) => [p.label, p.due])]).toEqual([1, [['Critical review', '2026-12-18'], ['Essay', '2027-01-15']]]);
});
test('a novel of 300 pages limits no essay', () => expect(read('Write an essay of 2,000 words on a novel of 300 pages.').limits).toMatchObject({ maxWords: 2000, maxPages: null }));
test('three works, of pages, and least lengths', () => {
  expect(read('Submit a report (max. 10 pages), a poster (1 page) and a log (2 pages), all as PDF.').documents.map((d) => d.limits?.maxPages)).toEqual([10, 1, 2]);
  expect(read('You need an essay of 2,000–2,500 words and a diary of at least 500 words. Both Word.').documents.map((d) => [d.limits?.minWords, d.limits?.maxWords])).toEqual([[2000, 2500], [500, undefined]]);
});
