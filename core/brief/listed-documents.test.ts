import { describe, expect, test } from '@jest/globals';
import { readBrief } from './read.ts';

/** Lists whose lines each ask for a document, however the lines are marked and written. Invented lists. */
const marks = ['[ ] ', '- ', '• ', '☐ ', '1. ', '1) ', '(1) ', '(a) ', 'a) ', '– ', '✓ '];
const first = ['Final report as PDF/A, 8,000 words', 'Final report as PDF, 8,000 words, everything included except the bibliography', 'Final report (PDF, 8,000 words)', 'Final report: PDF, max. 8,000 words', 'Final report – PDF – up to 8,000 words', 'A final report of no more than 8,000 words (PDF)', 'The final report, saved as a PDF, 8,000 words at most'];
const second = ['Executive summary (separate file, Word, max. 2 pages)', 'Executive summary: Word document, no more than 2 pages', 'An executive summary of up to two pages (Word)', 'Executive summary – .docx – 2 pages max', 'Executive summary, docx, maximum 2 pages, no tables'];
const third = [null, 'Slides of your presentation (PowerPoint or PDF)', 'Signed ethics form (scan, PDF or JPG)', 'Presentation slides: PDF'];
const heads = ['', 'Submission checklist\n\n', 'You need to submit:\n', 'Deliverables\n'];
const marked = (mark: string, i: number): string => mark.replace(/1/, String(i + 1)).replace(/\ba\b/, 'abc'[i]!);
const lists = Array.from({ length: 220 }, (_, i) => {
  const mark = marks[i % marks.length]!, of = third[i % third.length]!, lines = [first[i % first.length]!, second[i % second.length]!, ...(of === null ? [] : [of])];
  return [heads[Math.floor(i / 11) % heads.length]! + lines.map((line, n) => marked(mark, n) + line).join('\n'), lines.length] as const;
});
test.each(lists)('%s', (text, count) => {
  const { documents, limits } = readBrief(text, '2026-11-28T10:00:00Z').brief;
  expect([documents.length, documents.slice(0, 2).map((d) => [d.label, d.types, d.limits?.maxWords ?? null, d.limits?.maxPages ?? null]), limits.maxWords, limits.maxPages]).toEqual([count, [['Final report', ['pdf'], 8000, null], ['Executive summary', ['docx'], null, 2]], null, null]);
});
describe('hard negatives', () => {
  test.each<[string, string[][]]>([
    ['Checklist\n[ ] My essay is saved as a PDF.\n[ ] The PDF is smaller than 10 MB.\n[ ] I have read the PDF again.', [['pdf']]],
    ['- Format: PDF\n- Template: Word template on the page\n- File name: essay.pdf', [['pdf']]],
    ['[ ] Thesis saved as PDF\n[ ] Statement of originality signed, as page 2 of the PDF\n[ ] Not larger than 10 MB', [['pdf']]],
    ['1. Scan your pages.\n2. Combine them as one PDF.\n3. Call it PS5.pdf.', [['pdf']]],
  ])('%s', (text, types) => expect(readBrief(text, '2026-11-28T10:00:00Z').brief.documents.map((d) => d.types)).toEqual(types));
});
test.each<[string, [string, string[]][]]>([
  ['(a) Your field notebook. Scan every page and put them into one PDF in the order of writing. Nothing larger than 40 MB, please.\n(b) The report: a Word document (docx) of between 1,800 and 2,200 words.', [['Field notebook', ['pdf']], ['Report', ['docx']]]],
  ['1. Your essay. It is submitted as a PDF.\n2. Your data. Upload them as a csv file.', [['Essay', ['pdf']], ['Data', ['csv']]]],
  // Hard negative: what is refused is not asked for.
  ['1. Your essay. Do not hand it in as a PDF.\n2. The report: a docx file.', [['Report', ['docx']]]],
])('a work, and in the next sentence what it becomes: %s', (text, documents) => expect(readBrief(text, '2026-11-29T10:00:00Z').brief.documents.map((d) => [d.label, d.types])).toEqual(documents));
