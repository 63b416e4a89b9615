import { beforeAll, describe, expect, test } from '@jest/globals';
import { emptyBrief } from '../model/brief.ts';
import type { DocumentFacts } from '../model/facts.ts';
import { readDocument } from '../readers/index.ts';
import { plantedPdf } from '../testing/plant.ts';
import { compareReceipt } from './agree.ts';
import { readFields } from './fields.ts';

/** What a receipt itself says of being late. Made up for this test. */
const name = 'essay_Y3921847.pdf', brief = { ...emptyBrief(), due: '2027-03-15T17:00:00+00:00', timeZone: 'Europe/London' };
let facts: DocumentFacts;
beforeAll(async () => { facts = await readDocument(await plantedPdf(), name); });
const standing = (received: string, line: string): string => compareReceipt(readFields(`Receipt\n\nSubmission ID: 90321\nReceived: ${received}\nFile: ${name}\n${line}\n`, [name], brief.timeZone, '2027-05-14T17:00:00.000Z'), [facts], brief, () => [], null).standing;
const late = ['This submission is late.', 'Your essay was handed in late.', 'Your paper arrived after the deadline.', 'Your work was received 3 minutes late.', 'Timeliness: late', 'In time: no', 'On time: No', 'Minutes late: 3', 'Late: yes', 'Late submission'];
const not = ['Late work loses 5 marks a day.', 'Days late: 0', 'In time: yes', 'Timeliness: on time', 'Your essay was received 0 days late.', 'If your submission is late, a penalty applies.', 'Late: no', 'This submission is not late.'];

describe('the day of the deadline, without a time of day', () => {
  test.each(late)('%s: it was late', (line) => { expect(standing('15 March 2027', line)).toBe('refuted'); });
  test.each(not)('hard negative: %s', (line) => { expect(standing('15 March 2027', line)).toBe('doubtful'); });
  test('in brackets behind the day', () => { expect(standing('15 March 2027 (LATE: 3 minutes)', '')).toBe('refuted'); });
});
describe('a time before the deadline', () => {
  test.each(late)('%s: a doubt remains', (line) => { expect(standing('15 March 2027, 16:40', line)).toBe('doubtful'); });
  test.each(not)('hard negative: %s', (line) => { expect(standing('15 March 2027, 16:40', line)).toBe('confirmed'); });
});
test('a number of pages in brackets beside the name is compared', () => {
  expect(standing('15 March 2027, 16:40', `${name} (pages: 999)`)).toBe('refuted');
  expect(standing('15 March 2027, 16:40', `${name} (page: 1 of 3 shown)`)).toBe('confirmed');
});
test.each([['Status: queued for sending', 'refuted'], ['Status: queued for marking', 'confirmed'], ['Status: on hold', 'refuted'], ['Status: scheduled for the similarity check', 'confirmed']])('%s: %s', (line, want) => { expect(standing('15 March 2027, 16:40', line)).toBe(want); });
