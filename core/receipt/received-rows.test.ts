import { describe, expect, test } from '@jest/globals';
import { readFields } from './fields.ts';
import { plainReceipt } from './plain.ts';

/** A day and an hour in rows of their own. Invented, common practice, no published source. */
const read = (rows: string) => readFields(plainReceipt(`Receipt\nReference: AB-1207\n${rows}\nFile: essay.pdf`), ['essay.pdf'], 'Europe/London', '2026-12-09T17:00:00Z').fields;
const verbs = ['deposited', 'received', 'submitted', 'handed in', 'lodged', 'uploaded', 'logged', 'delivered', 'accepted', 'filed', 'registered', 'recorded', 'acknowledged'];
const cap = (s: string): string => s[0]!.toUpperCase() + s.slice(1);
describe.each(verbs)('%s', (verb) => {
  test.each(['16:41 UK time', '16:41', '4:41 pm (London time)', '16:41:00 GMT'])('at %s', (hour) => {
    for (const rows of [`Date ${verb}: Wed, 09 Dec 2026\nTime ${verb}: ${hour}`, `${cap(verb)} on: 9 December 2026\n${cap(verb)} at: ${hour}`, `${cap(verb)} date: 9 December 2026\n${cap(verb)} time: ${hour}`, `Date of receipt: 9 December 2026\nTime of receipt: ${hour}`]) expect(read(rows).receivedAt).toBe('2026-12-09T16:41:00+00:00');
  });
});
test('the day something is due and the hour a page was printed are not when it came in', () => expect(read('Due date: 9 December 2026\nPrinted at: 16:41').receivedAt).toBeNull());
describe('an extract over several lines', () => {
  const extract = (text: string) => readFields(plainReceipt(text), ['essay.pdf'], 'Europe/London', '2026-12-09T17:00:00Z').fields.extract;
  test('ends with its line where there was room for more', () => expect(extract('We received the following at 16:41 on 9 December 2026:\n  essay.pdf\n  Opening words: Saltmarshes build up where the tide drops\nKeep this message.')).toBe('Saltmarshes build up where the tide drops'));
  test('goes on where the line was full', () => expect(extract('Reference: AB-1207, received 9 Dec 2026 16:41\nExtract: Saltmarshes build up where the tide drops\nwhat it carries, and rivers bring more of it\nFile: essay.pdf')).toContain('what it carries'));
  test('goes on while its quotation is open', () => expect(extract('Receipt for your paper, which has been received today at the office of the department\nExtract: “Saltmarshes build up\nwhere the tide drops what it carries”\nKeep this message.')).toBe('Saltmarshes build up where the tide drops what it carries'));
});

describe('its number', () => {
  const id = (text: string) => readFields(plainReceipt(`Report 2\nYour file essay.pdf was received on 9 December 2026 at 16:41.\n${text}`), ['essay.pdf'], 'Europe/London', '2026-12-09T17:00:00Z').fields.id;
  test.each(['We have filed it under 884213.', 'This submission is known to us as 884213.', 'No. 884213', 'The submission has been assigned ID 884213.', 'If you write to us, mention 884213.', 'Log entry: 884213', 'Voucher = 884213'])('%s', (text) => expect(id(text)).toBe('884213'));
  test.each(['It was assigned 30 pages of comments.', 'We have filed it under 12 December 2026.', 'If you write to us, give 14 days for an answer.', 'No. 3 of your module has been marked.'])('none: %s', (text) => expect(id(text)).toBeNull());
});
