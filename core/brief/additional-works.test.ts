import { describe, expect, test } from '@jest/globals';
import { readBrief } from './read.ts';

const read = (text: string) => readBrief(text, '2027-02-10T10:00:00Z').brief;
describe('a work that comes on top of another', () => {
  const adds = ['In addition, everybody uploads a contribution statement by 26 March, noon.', 'Everybody also uploads a contribution statement by 26 March, noon.', 'Each member also submits a contribution statement (1 page) by 26 March, noon.', 'In addition, each student hands in a contribution statement by Friday, 26 March, noon.'];
  test.each(['The report is due on 25 March at noon.', 'Deadline for the report: 25 March, noon.', 'Hand in the group report. Deadline: noon on Thursday, 25 March.'].flatMap((first) => adds.map((second) => `${first} ${second}`)))('%s', (text) => {
    const { due, parts } = read(text);
    expect([due, parts.map((p) => p.due)]).toEqual([null, ['2027-03-25T12:00:00', '2027-03-26T12:00:00']]);
    expect(parts[1]!.label).toMatch(/contribution statement$/);
  });
  test('hard negative: what the office does later is no work', () => expect(read('The report is due on 25 March at noon. In addition, the office uploads the results by 26 April.')).toMatchObject({ due: '2027-03-25T12:00:00', parts: [] }));
});
describe('days that are not the reader’s', () => {
  test.each(["Supervisor's comments: 12 April 2027. Final submission: 10 May 2027.", 'Final submission: 10 May 2027. A revised version may be submitted once, up to 14 May 2027, if the readers ask for it.', 'Due 10 May 2027. There is another box for the draft; it closes on 5 May 2027.', 'Extended deadline (approved cases): 17 May 2027. Submission date: 10 May 2027.', 'Due 10 May 2027. Extension holders: 17 May 2027.'])('%s', (text) => expect(read(text)).toMatchObject({ due: '2027-05-10', extension: null, parts: [] }));
  test('“your extension” is', () => expect(read('Due 10 May 2027. Your extension runs until 17 May 2027.').extension).toBe('2027-05-17'));
});
describe('the first day on which nothing is taken', () => {
  test.each(["Due 25 March 2027. After the weekend (i.e. from Monday 29 March) we don't accept anything.", 'Due 25 March 2027. From 29 March on no late work is accepted.', 'Due 25 March 2027. From 29 March nothing is accepted.'])('%s', (text) => expect(read(text)).toMatchObject({ due: '2027-03-25', opens: null, late: { cutoffDays: 3 } }));
  test('hard negative: a day from which it is open', () => expect(read('From 1 March 2027 you can hand in; it is due on 25 March 2027.')).toMatchObject({ opens: '2027-03-01', due: '2027-03-25' }));
});
describe('a draft that nobody has to show', () => {
  test.each(['You may submit a draft by 28 March.', 'A draft may be submitted for feedback by 28 March.', 'Drafts can be handed in until 28 March for comments.', 'I am happy to read drafts until 28 March.', 'If you would like feedback on a draft, send it to me by 28 March.'])('%s', (text) => expect(read(`The essay (3,000 words) is due on 25 April 2027. ${text}`)).toMatchObject({ due: '2027-04-25', parts: [], limits: { maxWords: 3000 } }));
  test('hard negative: one that is asked for', () => expect(read('A draft must be submitted by 28 March 2027. The essay is due on 25 April 2027.').parts.map((p) => p.due)).toEqual(['2027-03-28', '2027-04-25']));
});
