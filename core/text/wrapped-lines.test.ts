import { describe, expect, test } from '@jest/globals';
import { brokenLines } from '../testing/broken-lines.ts';
import { runningOn, withoutBreaks } from './wrapped-lines.ts';

describe('lines that run on', () => {
  test.each<[string, string[], boolean[]]>([
    ['prose', ['Hand in the essay through the page of the course, where you will find', 'a place for it, before the end of the week. Nobody may hand in later than', 'that without asking first.'], [true, true, false]],
    ['settings', ['Due: Friday 12 March 2027 at 16:00', 'Length: 2,000 words without references', 'Format: PDF'], [false, false, false]],
    ['a note without capitals', ['lab 4 report, on paper or as a pdf', 'max four pages without the title page', 'due friday at noon, nothing later', 'name the file lab4'], [false, false, false, false]],
    ['items', ['What counts as a part of the essay and therefore has to be anonymous:', '- the text and all its notes, with the list of references, and every', '  appendix that goes with it', '- the file name'], [false, true, false, false]],
    ['a table', ['Part | What it is and how long it may be at the most for everybody | Day', 'one | the plan of the essay | 3 May'], [false, false]],
    ['a path that goes on', ['Hand in through the page of the module, by noon on Friday: Module page > Coursework', '> Essay 2'], [true, false]],
    ['a quotation over two lines', ['The file is called by the name that everybody uses in this seminar, "Seminar paper', 'Surname", and nothing else.'], [true, false]],
    ['hard negative: what somebody wrote before', ['Does it have to be anonymous, and may we send it to you by mail, Dr. Ashdown-Vale?', '> Everything about that is in the handbook.'], [false, false]],
    ['a day and its month', ['The essay of at most 2,000 words has to be in our hands by Friday, 12', 'March 2027. It may be handed in once.'], [true, false]],
  ])('%s', (_, lines, runs) => { expect(runningOn(lines)).toEqual(runs); });
});

describe('a text without its breaks', () => {
  const prose = 'The keepers wrote down the wind and the height of the water every four hours for more than ninety years. Nobody asked them to; the log was anonymous, well-kept and never read.';
  test.each([40, 60, 72, 100])('%d letters wide', (width) => {
    const broken = brokenLines(prose, width);
    expect(broken).not.toBe(prose);
    expect(withoutBreaks(broken)).toBe(prose);
  });
  test('words that a hyphen broke', () => { expect(withoutBreaks('The log that they kept for so long was in the end not read by anony-\nmous readers but by a clerk who had asked for a well-\nkept book, and a well-kept one it was.')).toBe('The log that they kept for so long was in the end not read by anonymous readers but by a clerk who had asked for a well-kept book, and a well-kept one it was.'); });
  test.each(['Verse by verse\nthe river goes\nas slow as ever\nover stones', 'name,size\na.pdf,100\nb.pdf,200', 'First paragraph, which ends here.\n\nSecond paragraph.', '', 'One line.'])('%j stays', (text) => { expect(withoutBreaks(text)).toBe(text); });
  test('as many lines as a file may have', () => { expect(withoutBreaks('The water rose and fell, and the keepers wrote it down for those who\nwould come after them.\n'.repeat(60_000)).split('\n').length).toBeGreaterThan(60_000); });
});
