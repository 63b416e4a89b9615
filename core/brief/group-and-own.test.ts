import { expect, test } from '@jest/globals';
import { readBrief } from './read.ts';

/** What a group hands in, and what each of its members hands in besides; limits beside the windows of two groups; details that are refused in a list. All made up. */
const read = (text: string) => readBrief(text, '2027-01-20T09:00:00Z').brief;

test.each([
  ['Each group hands in one set of files by 5pm on 1 April 2027. Each student submits a reflection by 5pm on 8 April 2027.', ['group work', 'reflection']],
  ['Each group hands in everything by 5pm on 1 April 2027. Each student also submits a reflection by 5pm on 8 April 2027.', ['group work', 'reflection']],
  ['Each group hands in a report by 5pm on 1 April 2027. Each student submits a reflection by 5pm on 8 April 2027.', ['report', 'reflection']],
])('%s', (text, labels) => expect(read(text).parts.map((p) => [p.label, p.due])).toEqual([[labels[0], '2027-04-01T17:00:00'], [labels[1], '2027-04-08T17:00:00']]));

test('a topic that is set on a day is no work of a group', () => {
  const brief = read('The topic is set on 1 April 2027. Each student submits a reflection by 5pm on 8 April 2027.');
  expect([brief.parts, brief.due]).toEqual([[], '2027-04-08T17:00:00']);
});

test('the size of a file holds for both groups, the length of a piece for none of them', () => {
  expect(read('Nothing above 8 MB please.\nDeadline: noon on 11 March for Group A, Monday 15 March for group B.').limits.maxBytes).toBe(8_000_000);
  expect(read('Piece A: a book review, 600-800 words, due 12 February\nPiece B: a map, 1 page, due 5 March').limits.minWords).toBeNull();
});

test.each([
  ['Do not include your name, student ID or supervisor\'s name anywhere in the work', []],
  ['Do not write your name, write your student number in the header of each page.', ['studentNumber']],
  ['Do not forget to write your name, student number and course on the first page.', ['studentNumber', 'surname', 'givenNames']],
])('%s', (text, fields) => expect((read(text).shown ?? []).map((s) => s.field)).toEqual(fields));
