import { describe, expect, test } from '@jest/globals';
import { readBrief } from './read.ts';

const shown = (text: string): string[] => (readBrief(text, '2026-11-29T12:00:00Z').brief.shown ?? []).map((s) => `${s.field}@${s.where}`);

describe('details that the paper itself has to show', () => {
  test.each<[string, string[]]>([
    ['Put your candidate number in the header of every page.', ['candidateNumber@runningHead']],
    ['Write your exam number, not your name, on every page.', ['candidateNumber@runningHead']],
    ['Your student number (not your name) must be on the first page.', ['studentNumber@titlePage']],
    ['The title page must show your student ID and the word count, but not your name.', ['studentNumber@titlePage']],
    ['Footers must show your ID number; do not write your name.', ['studentNumber@runningHead']],
    ['Header: student number and page number', ['studentNumber@runningHead']],
    ['Student number in the header; leave your name off, we are marking blind.', ['studentNumber@runningHead']],
    ['Put ONLY your student ID on the paper.', ['studentNumber@text']],
    ['Not anonymous. Put your name and SID at the top of the first page.', ['studentNumber@titlePage', 'surname@titlePage', 'givenNames@titlePage']],
    ['Have your candidate number in the top right-hand corner of each page.', ['candidateNumber@runningHead']],
    ['Auf dem Deckblatt: Name, Matrikelnummer, Studiengang', ['studentNumber@titlePage', 'surname@titlePage', 'givenNames@titlePage']],
  ])('%s', (text, want) => { expect(shown(text).sort()).toEqual([...want].sort()); });
  test.each([
    'Do not put your name or student number on the title page.', 'Your name must not appear in the header.', 'Save the file under your candidate number.', 'No names on the first page.', 'We will add your candidate number to the cover sheet automatically.',
    'Use your student number in the file name.', 'Your student number is on your library card.', 'Remove your student ID from the header before you upload.', 'Number every page. The file name is your exam number.', 'The essay has a title page. Your student number is not needed.', 'Attach the signed cover sheet with your student number.',
  ])('“%s” asks for none', (text) => { expect(shown(text)).toEqual([]); });
  test('a name is not asked for where marking is anonymous', () => { expect(shown('Marking is anonymous. Your name goes on the cover sheet of the envelope only; put your candidate number on every page.')).toEqual(['candidateNumber@runningHead']); });
});

describe('a word count that the paper has to state', () => {
  const asked = (text: string) => readBrief(text, '2026-11-29T12:00:00Z').brief.statesWords;
  test.each(['State the word count on the title page.', 'Put your candidate number, not your name, in the header of every page and state the word count on the title page.', 'Put the word count at the end.', 'The word count must be stated on the first page.', 'Title page: title, candidate number, word count', 'Your essay must begin with your marking code and the word count.', 'Word count on the first page. Exceeding it costs marks.', 'Cover page: Required – student ID, word count', 'Certify the number of words at the end.'])('%s', (text) => { expect(asked(text)).toBe(true); });
  test.each(['Word count: 2,000 max.', 'The word count includes footnotes.', 'Give your sources; they are not in the word count.', 'Do not state the word count.', 'What is included in the word count?', 'There is no word count.', 'Footnotes are part of the word count.', 'The word count is 2,000 words.'])('“%s” asks for none', (text) => { expect(asked(text)).toBeUndefined(); });
});
