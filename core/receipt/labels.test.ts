import { beforeAll, describe, expect, test } from '@jest/globals';
import { emptyBrief } from '../model/brief.ts';
import type { DocumentFacts } from '../model/facts.ts';
import { readDocument } from '../readers/index.ts';
import { plantedPdf } from '../testing/plant.ts';
import { compareReceipt } from './agree.ts';
import { readFields } from './fields.ts';
import { receiptToText } from './to-text.ts';

/** Each of the three things that a receipt has to say, in many ordinary ways of saying it. Made up for this test. */
const ids = [
    'Submission ID: 90321', 'Submission number: 90321', 'Reference: 90321', 'Ref. no. 90321', 'Your reference is 90321.', 'Receipt no.: 90321', 'Receipt number 90321', 'Confirmation code: 90321', 'Confirmation # 90321',
    'Tracking ID: 90321', 'Transaction ID 90321', 'Case number: 90321', 'Ticket: 90321', 'Ticket #90321', 'Paper ID: 90321', 'Submission reference number: 90321', 'ID: 90321', 'Your submission (ID 90321) has been received.',
    'Confirmation number is 90321', 'Upload ID: 90321', 'Deposit number: 90321', 'Acknowledgement no. 90321', 'Record ID: 90321', 'Quote 90321 in any correspondence.', 'Please quote the reference 90321.', 'Entry no. 90321',
    'Registration of receipt: 90321', 'Your receipt: 90321', 'Identifier: 90321', 'Submission #90321', 'No. 90321', 'Document ID: 90321', 'Job ID: 90321', 'Hand-in number: 90321',
    'Your confirmation code is 90321, please keep it.', 'Code: 90321', 'Filed under 90321', 'Log number: 90321', 'Unique ID: 90321', 'Slip 90321', 'Keep this code: `90321`', 'Docket number: 90321', 'Delivery no. 90321', 'Your job number is 90321.', 'Voucher code: 90321', 'The case number of your hand-in is 90321.', 'Verification ID: 90321', 'Process number\n90321',
];
const times = [
    'Received: 15 March 2027, 16:40', 'Received on 15 March 2027 at 16:40', 'Date: 15 March 2027, 16:40', 'Submitted: 15 March 2027 16:40', 'Submitted on: 15/03/2027 16:40', 'Submission date: 15 Mar 2027 4:40 PM',
    'Time of submission: 15 March 2027, 16:40', 'Time: 16:40, 15 March 2027', 'Uploaded 15 March 2027 at 16:40', 'Arrived: 15 March 2027 16:40', 'Date received: 15 March 2027 16:40', 'Date and time: 15 March 2027, 16:40',
    'Timestamp: 2027-03-15 16:40', 'Handed in on Monday 15 March 2027 at 4:40 pm', 'Your work was received at 16:40 on 15 March 2027.', 'Date of receipt: 15 March 2027 16:40', 'Filed 15 March 2027 16:40',
    'Recorded at 16:40 on 15 March 2027', 'When: 15 March 2027 16:40', 'Submitted at 16:40 on 15 March 2027', 'Completed: 15 March 2027 16:40', 'Accepted 15 March 2027, 16:40', 'Delivered: 15 March 2027, 16:40',
    'Logged: 15 March 2027, 16:40', 'Upload time: 15 March 2027 16:40', 'Mon 15 Mar 2027 16:40', 'It reached us on 15 March 2027 at 16:40.', 'Lodged: 15 March 2027 16:40', 'Sent: 15 March 2027 16:40',
    'Deposited on 15 March 2027 at 16:40', 'Date stamp: 15 March 2027 16:40', 'We received it on 15 March 2027, 16:40.',
];
const files = [
    'File: {f}', 'File name: {f}', 'Filename: {f}', 'Document: {f}', 'Attachment: {f}', 'Attachments: {f}', 'Files: {f}', 'Uploaded file: {f}', 'Your file {f} was received.', 'Files received: {f}', '1 file: {f}',
    'Name of file: {f}', 'Paper: {f}', 'Submitted file: {f}', 'Files submitted\n- {f}', 'Documents received\n1. {f} (793 bytes)', 'You uploaded {f}.', 'We got {f}.', 'Contents: {f}', 'Item: {f}', 'File(s): {f}',
    'Original file name: {f}', 'Document name: {f}', 'Files (1)\n{f}', 'We have stored {f}.', 'Received: {f}', 'Enclosed: {f}', 'Name: {f}', '{f}, 1 page', '“{f}” has arrived.',
];
const name = 'essay_Y3921847.pdf', brief = { ...emptyBrief(), due: '2027-03-15T17:00:00+00:00', timeZone: 'Europe/London' };
let facts: DocumentFacts;
beforeAll(async () => { facts = await readDocument(await plantedPdf(), name); });
describe.each([['id', ids], ['time', times], ['file', files]] as const)('as receipts call it: %s', (what, ways) => {
  test.each(ways.map((w) => [w]))('%s', async (way) => {
    const said = { id: 'Submission ID: 90321', time: 'Received: 15 March 2027, 16:40', file: 'File: {f}', [what]: way };
    const text = await receiptToText(new TextEncoder().encode(`Receipt\n\n${said.id}\n${said.time}\n${said.file}\n`.replaceAll('{f}', name)), 'receipt.txt', 0, 'receipt'), read = readFields(text, [name], brief.timeZone, '2027-05-14T17:00:00.000Z');
    expect([read.fields.id, read.fields.receivedAt, read.fields.fileNames]).toEqual(['90321', '2027-03-15T16:40:00+00:00', [name]]);
    expect(compareReceipt(read, [facts], brief, () => [], null).standing).toBe('confirmed');
    // Hard negative: another name, a later hour.
    const other = readFields(text.replace(name, 'notes_Y3921847.pdf').replace(/16:40|4:40/, '17:40'), [name], brief.timeZone, '2027-05-14T17:00:00.000Z');
    expect(compareReceipt(other, [facts], brief, () => [], null).standing).toBe('refuted');
  });
});
/** What a line says of the hand-in besides: that it has not come to its end, or something that says nothing against it. */
const unfinished = [
    'Status: draft', 'Status: Not submitted', 'This is a draft. It has not been submitted yet.', 'Status: in progress', 'Submission failed.', 'Your submission could not be processed.', 'Status: rejected', 'Status: incomplete',
    'The upload was interrupted.', 'Size: 0 bytes', 'Submitted to: GEO 3107 Essay (resit)', 'Place: HIS 2044 Essay', 'Your file is waiting to be sent.', 'Status: withdrawn', 'Status: deleted', 'Submission cancelled',
    'You still have to press Submit.', 'Status: saved, not handed in', 'File could not be opened.', 'Status: pending submission', 'Not yet handed in', 'Status: error', 'Note: the file is empty.', 'Size: 12 MB', 'Pages: 40',
    'This submission was replaced by a later one.', 'Submission not completed', 'You tried to hand in the file.', 'It comprises 14 pages.', 'First words of your paper:\nSalt roads of the eastern fens in the thirteenth century',
];
const harmless = [
    'Status: submitted', 'Status: received', 'Status: complete', 'Status: on time', 'Similarity: pending', 'Grade: not yet available', 'Marking status: not marked', 'Status: awaiting marking', 'Place: GEO 3107 Essay', 'Late: no',
    'Size: 1 KB', 'Feedback: none yet', 'Attempts left: 2', 'You may resubmit until the deadline.', 'Drafts are not marked.', 'If your submission failed you would have got an error.', 'Status: Submitted for grading',
    'Next step: none', 'Similarity report: not yet available', 'Thank you for your submission.', 'Do not reply to this message.', 'Status: accepted', 'Status: in review', 'Visibility: hidden from markers', 'Pages: 1',
    'Keep this receipt.', 'It comprises 1 page.', 'Desk code: 8F3A-77C1-209B',
];
const standingWith = async (line: string): Promise<string> => {
  const text = await receiptToText(new TextEncoder().encode(`Receipt\n\nSubmission ID: 90321\nReceived: 15 March 2027, 16:40\nFile: ${name}\n${line}\n`), 'receipt.txt', 0, 'receipt');
  return compareReceipt(readFields(text, [name], brief.timeZone, '2027-05-14T17:00:00.000Z'), [facts], { ...brief, place: 'GEO 3107 Essay' }, () => [], null).standing;
};
test.each(unfinished.map((line) => [line]))('refuted: %s', async (line) => expect(await standingWith(line)).toBe('refuted'));
test.each(harmless.map((line) => [line]))('confirmed: %s', async (line) => expect(await standingWith(line)).toBe('confirmed'));
// Hard negatives: numbers of the student, of sheets, of a course, of bytes, days and hours name no hand-in.
test.each(['Registration number: 204417', 'Student number: 204417', 'Deposit of 12 pages', 'Upload size: 90321 bytes', 'Process time: 2027', 'Entry 3 of 12', 'Delivery: 15.03.2027', 'Case study 2', 'Log of 15 March 2027', 'Course code: GEO3107'])('no identifier: %s', async (line) => {
  const text = await receiptToText(new TextEncoder().encode(`Thank you\n\n${line}\nReceived: 15 March 2027, 16:40\nFile: ${name}\n`), 'receipt.txt', 0, 'receipt');
  expect(readFields(text, [name], brief.timeZone, '2027-05-14T17:00:00.000Z').fields.id).toBeNull();
});

/** Names with spaces that nobody expects: another paper's whole name is told, not its last word. */
describe('a name with spaces', () => {
  test.each(['File: F', 'Your file F has been received.', 'You uploaded “F”.', 'F was received.', 'We have received F.', 'We received the file F.', 'You handed in F.', 'Files\n- F', 'Files\n1. F', 'F (12 KB)', 'F ✓', '[x] F', '| File | Size |\n| F | 12 KB |', 'File          Size\nF     12 KB', 'Attached: F'])('%s', (shape) => {
    for (const other of ['Second essay.docx', 'My long essay about mud.docx', 'Tides and mud.pdf']) expect(readFields(`Receipt\n\nSubmission ID: 90321\nReceived: 15 March 2027, 16:40\n${shape.replace(/\bF\b/, other)}\n`, [name], null, '2027-05-14T17:00:00.000Z').fields.fileNames).toEqual([other]);
  });
  test.each(['Please see essay.pdf', 'Your paper is in essay.pdf', 'It was sent to us as essay.pdf', 'Handed in with essay.pdf'])('hard negative: words of a sentence are no part of it: %s', (line) => expect(readFields(`Receipt\n\n${line}\n`, [name], null, '2027-05-14T17:00:00.000Z').fields.fileNames).toEqual(['essay.pdf']));
});
test.each(['Size of file: 12345', 'Size received: 12345', 'Bytes received: 12345'])('a size without a unit behind its label: %s', (line) => expect(readFields(`Receipt\n\n${line}\nFile: ${name}\n`, [name], null, '2027-05-14T17:00:00.000Z').fields.bytes).toBe(12345));
