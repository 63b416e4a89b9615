import { describe, expect, test } from '@jest/globals';
import { readBrief } from './read.ts';

const read = (text: string): ReturnType<typeof readBrief>['brief'] => readBrief(text, '2027-02-10T10:00:00Z').brief;
const capital = (s: string): string => s[0]!.toUpperCase() + s.slice(1), one = '5 March 2027, 16:00', two = '19 March 2027, 16:00';
/** Kinds of work that no list of the usual ones has. */
const names: [string, string][] = [['herbarium', 'ledger'], ['storyboard', 'screenplay'], ['prototype', 'glossary'], ['reading journal', 'term paper'], ['data set', 'map'], ['concept paper', 'seminar paper']];
describe.each<[string, (a: string, b: string) => string]>([
  ['sentences', (a, b) => `The ${a} is due on ${one}. The ${b} is due on ${two}.`], ['one sentence', (a, b) => `Hand in the ${a} by ${one}, and the ${b} by ${two}.`], ['items', (a, b) => `Deadlines:\n- ${capital(a)}: ${one}\n- ${capital(b)}: ${two}`], ['numbered', (a, b) => `1. ${capital(a)} (due ${one})\n2. ${capital(b)} (due ${two})`],
  ['rows', (a, b) => `What | Deadline\n${capital(a)} | ${one}\n${capital(b)} | ${two}`], ['columns', (a, b) => `${capital(a)}      due ${one}\n${capital(b)}      due ${two}`], ['first and then', (a, b) => `First, you hand in the ${a} (${one}). Then you hand in the ${b} (${two}).`],
])('parts, whatever they are called: %s', (_, says) => {
  test.each(names)('%s and %s', (a, b) => {
    const { parts, due } = read(says(a, b));
    expect([parts.map((p) => p.due), due]).toEqual([['2027-03-05T16:00:00', '2027-03-19T16:00:00'], null]);
    expect(parts.map((p) => p.label.toLowerCase().split(' ').at(-1))).toEqual([a, b].map((name) => name.split(' ').at(-1)));
  });
});
test('days of classes below a sentence about an essay are no parts', () => expect(read('You will submit an essay at the end of term.\nSalt roads: 5 March 2027\nTide mills: 12 March 2027').parts).toEqual([]));
// Hard negatives: a deadline of the whole beside days on the way, days of classes, what is said wrongly, a resit.
test.each([
  ['The essay is due on 26 March 2027, 16:00.\nTimetable of the seminar:\nSalt roads: 5 March 2027\nTide mills: 12 March 2027', '2027-03-26T16:00:00'], ['Hand in by 26 March 2027, 16:00. Lecture: 5 March 2027. Workshop: 12 March 2027.', '2027-03-26T16:00:00'],
  ['The deadline in the handbook (5 March 2027) is wrong. The right one is 12 March 2027, 17:00.', '2027-03-12T17:00:00'], ['Upload a revised version by 2 August 2027, 12:00. The original submission date was 3 May 2027.', '2027-08-02T12:00:00'],
])('%s', (text, due) => { const brief = read(text); expect([brief.parts, brief.due]).toEqual([[], due]); });
test.each(['Post', 'Hand in', 'Lodge', 'E-mail'])('%s a work, with its length and its place, before the day; the other at the end of term', (verb) => {
  const { parts } = read(`${verb} your finished story (2,000 to 3,500 words) in the Workshop folder no later than Tuesday noon, 23 February 2027. The portfolio is due at the end of term, 2 April 2027 at 5 p.m.`);
  expect(parts.map((p) => [p.label, p.due])).toEqual([['finished story', '2027-02-23T12:00:00'], ['portfolio', '2027-04-02T17:00:00']]);
});

describe('a list of pieces of work, whatever they are and however its rows are written', () => {
  const pieces = [['Topic proposal', 'Annotated bibliography', 'Methods memo', 'Draft for peer review', 'Final paper'], ['Sketch and plan', 'Elevation drawing', 'Model of the stair', 'Report on materials'], ['Problem set', 'Code notebook', 'Poster'], ['Reading log', 'Slide deck', 'Letter to a curator']];
  const days: [string, string][] = [['Friday, January 22', '2027-01-22'], ['Friday, February 5', '2027-02-05'], ['Friday, February 26', '2027-02-26'], ['Friday, March 19', '2027-03-19'], ['Friday, April 9', '2027-04-09']], notes = ['300 words', '8 sources', '5 pages', '2 sheets', '2500 words'];
  const heads = ['The portfolio is built up in N pieces:', 'There are N parts:', 'The course asks for N assignments this term:', 'What is due and when:'], counts = ['', '', 'two', 'three', 'four', 'five'];
  const rows = ['#. @L (@S) – @D', '#. @L (@S): @D', '- @L: @D', '#) @L – @D (@S)', '• @L (@S), due @D', '@L | @S | @D', '#. @L, due @D', '#. @D: @L (@S)'];
  test.each(heads.flatMap((head) => rows.map((row) => [head, row] as const)))('%s %s', (head, row) => {
    for (const works of pieces) {
      const list = works.map((work, i) => row.replace('#', String(i + 1)).replace('@L', work).replace('@S', notes[i]!).replace('@D', days[i]![0]));
      const { parts } = readBrief(`${head.replace('N', counts[works.length]!)}\n\n${list.join('\n')}\n\nAll are due at 11:59 p.m. through the class page.`, '2026-11-29T10:00:00Z').brief;
      expect(parts.map((p) => p.due)).toEqual(works.map((_, i) => `${days[i]![1]}T23:59:00`));
      expect(works.filter((work, i) => work.includes(parts[i]!.label))).toEqual(works);
    }
  });
  // Hard negatives: what a course consists of, and a list that names what happens as well.
  test.each(['The course has three parts:\n1. Tides: 11 March\n2. Currents: 8 April\n3. Waves: 8 May', 'The project has four stages:\n1. Kick-off: 22 March\n2. Survey design: 5 April\n3. Site visit: 26 April\n4. Report: 9 May'])('%s', (text) => expect(read(text).parts).toEqual([]));
});

describe.each<[string, string]>([
  ['rows', 'Report: DAY1\nWORK: DAY2'], ['items', '- Report: DAY1\n- WORK: DAY2'], ['a table', '| Part | Deadline |\n|---|---|\n| Report | DAY1 |\n| WORK | DAY2 |'], ['short sentences', 'Report due DAY1. WORK due DAY2.'], ['deadlines', 'The deadline for the report is DAY1; the deadline for the work is DAY2.'], ['first and then', 'First the report (DAY1), then the work (DAY2).'],
  ['one heading', 'Deadlines: report DAY1, work DAY2.'], ['one after the other', 'The report must be submitted by DAY1, followed by the work by DAY2.'], ['the day first', 'By DAY1 submit your report. By DAY2 submit your work.'], ['in brackets', 'Report (due DAY1) and work (due DAY2)'], ['days for works', 'Two deadlines: DAY1 for the report and DAY2 for the work.'],
  ['days and works in brackets', 'The deadlines are DAY1 (report) and DAY2 (work).'], ['no later than', 'The report is to be uploaded no later than DAY1. The work is to be uploaded no later than DAY2.'],
])('a known work beside one that no list has: %s', (_, shape) => {
  test.each(['source list', 'learning log', 'cover letter', 'critique', 'response paper', 'CV', 'questionnaire', 'interview guide', 'self-assessment', 'feedback form', 'consent form', 'podcast', 'article', 'case study', 'dissertation', 'reflective commentary', 'first draft'])('%s', (work) => {
    const { parts, due } = read(shape.replaceAll('WORK', capital(work)).replaceAll('work', work).replaceAll('DAY1', '5 March 2027').replaceAll('DAY2', '19 March 2027'));
    expect([parts.map((p) => [p.label.toLowerCase(), p.due]), due]).toEqual([[['report', '2027-03-05'], [work.toLowerCase(), '2027-03-19']], null]);
  });
});
// Hard negatives: what happens on a day, and what is said of the text itself.
test.each(['Report: 5 March 2027\nPresentation: 19 March 2027', 'Report: 5 March 2027\nPublished: 1 February 2027', 'Version: 1 February 2027\nReport: 5 March 2027', 'Report: 5 March 2027\nFeedback: 19 March 2027', 'Read the article (5 March 2027) and the report (19 March 2027) before class.'])('%s', (text) => { expect(read(text).parts).toEqual([]); });
