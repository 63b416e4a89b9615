import { expect, test } from '@jest/globals';
import { readReceipt } from '../verbs/receipt.ts';

/** “Today” in a mail is the day on which it was sent (RFC 5322, 3.6.1); the time of receipt is the one that its words tell. The mails are made up. */
const bytes = new TextEncoder().encode('The quiet harbour. Small harbours are not empty, they are only quiet, and the sheds were emptied within a single winter.');
const receivedAt = async (date: string, said: string): Promise<string | null> => (await readReceipt({ name: 'mail.eml', path: 'mail.eml', bytes: new TextEncoder().encode(`From: Desk <desk@uni.example>\r\nTo: student@uni.example\r\nDate: ${date}\r\nSubject: Received [#A7731]\r\n\r\n${said}\r\n\r\nFile: essay.txt\r\nTracking number: A7731\r\n`) }, [{ name: 'essay.txt', path: 'essay.txt', bytes }], null, '2026-12-04T09:00:00Z')).fields.receivedAt;

test.each([
  ['Thu, 3 Dec 2026 16:50:00 +0000', 'Your file was received today at 4.42 pm.', '2026-12-03T16:42:00+00:00'],
  ['Thu, 3 Dec 2026 17:50:00 +0100', 'Your file was received today at 17:42.', '2026-12-03T17:42:00+01:00'],
  ['Thu, 3 Dec 2026 16:50:00 GMT', 'Your file was received at 16:42 GMT today.', '2026-12-03T16:42:00+00:00'],
])('%s: %s', async (date, said, at) => expect(Date.parse((await receivedAt(date, said))!)).toBe(Date.parse(at)));
test('hard negative: nothing is said of today, and the mail’s own time is none', async () => expect(await receivedAt('Thu, 3 Dec 2026 16:50:00 +0000', 'Your file was received.')).toBeNull());
