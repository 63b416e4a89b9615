import { describe, expect, test } from '@jest/globals';
import { readBlocks } from './blocks.ts';
import { readBrief } from './read.ts';

const said = (text: string): string[] => readBlocks(text).map((b) => `${b.label} / ${b.title ?? '–'} / ${text.slice(b.start, b.end).trim().split('\n').length} lines`);
test.each<[string, string, string[]]>([
  ['headings over bullets, with what follows them left out', 'Component A – Memo (60 %)\n• 1,500 words, PDF\n• due 12 April\nComponent B – Reflection (40 %)\n• 600 words, Word\nBoth are marked by two readers.', ['Component A / Memo / 3 lines', 'Component B / Reflection / 2 lines']],
  ['headings over labels, the last up to an empty line', 'Part 1: Report\nFormat: PDF\n\nPart 2: Log\nFormat: Word\n\nGeneral rules\nBe kind.', ['Part 1 / Report / 2 lines', 'Part 2 / Log / 2 lines']],
  ['headings without a name', 'Task 1 (40 marks)\nA poster.\nTask 2 (60 marks)\nA commentary.', ['Task 1 / – / 2 lines', 'Task 2 / – / 2 lines']],
  ['a marked-up text', '## What\n\n### 1. Code\nA zip.\n\n### 2. Report\nA PDF.', ['Code / Code / 2 lines', 'Report / Report / 2 lines']],
  ['a line each', 'Milestone 1: Charter, 2 pages – 5 March\nMilestone 2: Talk, slides – 7 April', ['Milestone 1 / Charter / 1 lines', 'Milestone 2 / Talk / 1 lines']],
  ['hard negative: one heading', 'Part 1: Report\nFormat: PDF', []], ['hard negative: parts named in a sentence', 'Part 1 is a report. Part 2 is a log.', []], ['hard negative: the same heading twice', 'Part 1: Report\nPDF\nPart 1: Report\nWord', []],
  ['hard negative: a handbook', `Part 1: Report\nPDF\nPart 2: Log\nWord\n${'Silt settles. '.repeat(5000)}`, []],
])('%s', (_, text, expected) => expect(said(text)).toEqual(expected));

test('each block has its own kind, limits and dates; what is said for all dates holds in each, and one without a hand-in has none', () => {
  const { brief } = readBrief('Task 1: Plan (20 %)\n- 500 words max, Word\n- 5 March 2027\nTask 2: Report (80 %)\n- 2,000 words, PDF\n- 7 May 2027\nTask 3: Viva\n- week of 17 May 2027, no submission\n\nAlways 6pm.', '2027-02-01T10:00:00Z');
  expect(brief.documents).toEqual([{ label: 'Plan', types: ['docx'], limits: { maxWords: 500 } }, { label: 'Report', types: ['pdf'], limits: { maxWords: 2000 } }]);
  expect(brief.parts.map((p) => `${p.label} ${p.due}`)).toEqual(['Task 1 2027-03-05T18:00:00', 'Task 2 2027-05-07T18:00:00']);
  expect(brief.limits.maxWords).toBeNull();
});
describe.each<[string, (cells: string[]) => string]>([['bars', (c) => `| ${c.join(' | ')} |`], ['tabs', (c) => c.join('\t')]])('the rows of a table between %s', (_, row) => {
  test.each([['Item', 'Format', 'Length', 'Due'], ['What', 'As', 'How long', 'When'], ['Deliverable', 'File type', 'Extent', 'Deadline'], ['Document', 'Type', 'Pages', 'Due date'], ['Element', 'Submit as', 'Limit', 'Deadline']])('%s', (...head) => {
    const { documents, parts } = readBrief([row(head), row(['Inception report', 'PDF', 'max. 5 pages', '12 February 2027, 17:00']), row(['Poster', 'PowerPoint', '1 page', '5 March 2027, 17:00']), row(['Final report (60 %)', 'Word', '20 pages', '26 March 2027, 17:00'])].join('\n'), '2027-01-10T10:00:00Z').brief;
    expect(documents).toEqual([{ label: 'Inception report', types: ['pdf'], limits: { maxPages: 5 } }, { label: 'Poster', types: ['pptx'], limits: { maxPages: 1 } }, { label: 'Final report', types: ['docx'], limits: { maxPages: 20 } }]);
    expect(parts.map((p) => p.due)).toEqual(['2027-02-12T17:00:00', '2027-03-05T17:00:00', '2027-03-26T17:00:00']);
  });
});
test('a table in which something is handed in on paper, or that has no column for kinds, is read line by line', () => {
  for (const text of ['| Item | Format | Due |\n|---|---|---|\n| Essay | PDF | 5 March 2027 |\n| Log | on paper | 12 March 2027 |', '| Item | Weight | Due |\n|---|---|---|\n| Essay | 60 % | 5 March 2027 |\n| Log | 40 % | 12 March 2027 |']) expect(readBrief(text, '2027-01-10T10:00:00Z').brief.documents.length).toBeLessThan(2);
});
