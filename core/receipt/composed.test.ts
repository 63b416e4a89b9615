import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { read } from '../model/facts.ts';
import { madeBrief, madeFacts, madePassage } from '../testing/made.ts';
import { compareReceipt } from './agree.ts';
import { readFields } from './fields.ts';

/** Receipts as people and machines write them, put together from sentences, made up: what became of one paper, among what is always so. Each has one known truth. */
const name = 'Y3921847_GEO3107.pdf', now = '2027-03-12T18:00:00Z';
const paper = madeFacts({ file: { name, bytes: 3_412_345, sha256: '3f'.repeat(32) }, passages: read([madePassage('Sediment budgets of a realigned saltmarsh\nA saltmarsh lives on borrowed material.')]) });
const brief = madeBrief({ due: '2027-03-12T17:00:00+00:00', timeZone: 'Europe/London', place: 'GEO 3107 Report 2' });

const heads = ['Dear student,', 'Hello,', 'Hi there,', 'Thank you for handing in.', 'Receipt', 'Confirmation of your submission'];
const inTime = ['12 March 2027 at 16:42', 'Friday 12 March 2027, 4:42 pm', '12 Mar 2027, 16:42 GMT', '11 March 2027 at 09:05', 'Thursday, 11 March 2027, 10:15 am'], tooLate = ['12 March 2027 at 17:20', 'Friday 12 March 2027, 5:31 pm', '13 March 2027 at 09:10', '12 Mar 2027, 18:02 GMT'];
const arrivals = ['We received FILE on TIME.', 'Your file FILE arrived on TIME.', 'Your paper (FILE) was handed in on TIME.', 'On TIME you handed in the file FILE.', 'This is to confirm that FILE reached us on TIME.', 'The file FILE has been uploaded. Time: TIME.', 'Your submission of FILE was recorded on TIME.', 'We have your report: FILE, received TIME.',
  'You submitted FILE on TIME.', 'FILE – received TIME.', 'Good news: FILE is with us since TIME.', 'Thank you, FILE has come in on TIME.', 'At TIME we took in FILE.', 'Your upload (FILE) was completed on TIME.', 'We confirm receipt of FILE on TIME.', 'Received: FILE, TIME.', 'Your file was stored as FILE on TIME.', 'FILE has been handed in successfully on TIME.', 'The following file was received on TIME: FILE.'];
const timeless = ['We received FILE.', 'Your file FILE has arrived.', 'FILE was handed in.'];
const numbers = ['Your receipt number is R-55120.', 'Receipt number: R-55120.', 'Please quote R-55120 if you write to us.', 'Reference: R-55120', 'Your reference is R-55120.', 'The number of this receipt is R-55120.', 'Keep this number: R-55120.', 'Confirmation code R-55120.', 'Ref. R-55120', 'Our reference: R-55120.', 'Your submission number is R-55120.', 'It carries the number R-55120.',
  'For questions, give R-55120.', 'Receipt no. R-55120', 'This receipt has the number R-55120.', 'Reference number R-55120.', 'Submission ID R-55120.', 'It was registered under R-55120.'];
const sizes = ['Its size is 3.4 MB.', 'Size: 3,412,345 bytes', 'The file has 3,412,345 bytes.', 'We stored 3.4 MB.'], otherSizes = ['Its size is 2.1 MB.', 'Size: 3,412,999 bytes', 'The file has 1,204 bytes.', 'The file is empty (0 bytes).'];
const places = ['It was handed in for GEO 3107 Report 2.', 'Assignment: GEO 3107 Report 2', 'Task: GEO 3107 Report 2'], otherPlaces = ['It was handed in for GEO 3107 Report 1.', 'Assignment: GEO 3107 Report 1', 'Task: HIST 210 Essay'];
const otherNames = ['Y3921848_GEO3107.pdf', 'essay_draft.pdf', 'Y3921847_GEO3107_old.pdf', 'Y3921847_GEO3108.pdf'];
const undone = ['Your submission is not complete yet.', 'Status: draft, not submitted', 'The upload failed.', 'Your file was rejected.', 'Your submission has been withdrawn.', 'Please press “Send” to finish your submission.', 'This is only a draft and will not be marked.', 'Nothing has been submitted yet.', 'Your file could not be opened.', 'The file is damaged and cannot be marked.',
  'The transfer was interrupted.', 'Your hand-in has been cancelled.', 'We could not store your file.', 'This is not a confirmation of submission.', 'You still have to confirm your submission.', 'Status: waiting for confirmation', 'It has been saved as a draft.', 'Your file is too large and was not accepted.', 'The virus scan found a threat and the file was deleted.', 'The file was handed in to a practice area and does not count.'];
const alwaysSo = ['The deadline was 12 March 2027 at 17:00.', 'Deadline: 12 March 2027, 17:00', 'Marks will be released on 9 April 2027.', 'If you have questions, write to desk@carrow.example.', 'Work handed in after the deadline loses 5 marks a day.', 'You can replace your file until the deadline.', 'Late work is not accepted after 19 March 2027.', 'Please keep this message.',
  'This message was sent automatically on 12 March 2027 at 16:50.', 'Your file will be checked for similarity.', 'The office is open from 9:00 to 16:00.', 'Room 2.14, phone 555 0142', 'Do not reply to this message.', 'Your next hand-in is Report 3, due 30 April 2027.', 'Feedback on Report 1 was returned on 20 February 2027.', 'You have used 1 of 3 attempts.', 'If you did not hand this in, tell us at once.',
  'If the file shown here is not yours, contact us.', 'An earlier version is no longer kept.', 'Module leader: the geography office', 'Files larger than 20 MB are refused.', 'Extensions must be requested before 10 March 2027.', 'The first version of 10 March 2027 was deleted.', 'The marks of Report 1 are online since 1 March 2027.', 'Opening hours: Monday to Friday, 9:00 to 16:00', 'You have 2 attempts left.',
  'Uploads are checked for viruses.', 'No action is needed.', 'This e-mail address is not read.', 'The word limit is 3,000 words.', 'Only PDF files are accepted.', 'Documents that cannot be opened are treated as not submitted.', 'If your file is damaged, you will be told within two days.', 'We refuse papers without a declaration.', 'Do not delete this message: without it we cannot help you.',
  'Submissions are closed on Sundays.', 'Draft versions are deleted after a month.', 'A late penalty does not apply.', 'The next seminar is on 15 March 2027 at 10:00.', 'Your declaration was signed on 12 March 2027 at 16:30.'];
const standings = { arrived: 'confirmed', late: 'refuted', otherName: 'refuted', otherSize: 'refuted', otherPlace: 'refuted', undone: 'refuted', noNumber: 'doubtful', noTime: 'doubtful' } as const;

test('what became of the paper is read among what is always so', () => {
  const from = (list: readonly string[]): fc.Arbitrary<string> => fc.constantFrom(...list);
  const made = fc.constantFrom(...Object.keys(standings) as (keyof typeof standings)[]).chain((truth) => fc.record({
    truth: fc.constant(truth), head: from(heads), arrival: from(truth === 'noTime' ? timeless : arrivals), time: from(truth === 'late' ? tooLate : inTime), file: truth === 'otherName' ? from(otherNames) : fc.constant(name),
    number: truth === 'noNumber' ? fc.constant(null) : from(numbers), size: truth === 'otherSize' ? from(otherSizes) : fc.option(from(sizes)), place: truth === 'otherPlace' ? from(otherPlaces) : fc.option(from(places)),
    what: truth === 'undone' ? from(undone) : fc.constant(null), others: fc.uniqueArray(from(alwaysSo), { maxLength: 3 }), between: fc.constantFrom(' ', '\n', '\n\n'), order: fc.array(fc.nat(), { minLength: 8, maxLength: 8 }),
  }));
  fc.assert(fc.property(made, (m) => {
    const arrival = m.arrival.replace('FILE', m.file).replace('TIME', m.time), rest = [m.number, m.size, m.place, m.what, ...m.others].filter((s): s is string => s !== null);
    const sorted = rest.map((s, i) => [s, m.order[i]!] as const).sort((a, b) => a[1] - b[1]).map(([s]) => s), text = `${m.head}\n\n${[arrival, ...sorted].map((s) => (m.between !== ' ' || /[.!?]$/.test(s) ? s : `${s}.`)).join(m.between)}`;
    const found = readFields(text, [name], brief.timeZone, now);
    expect({ text, standing: compareReceipt(found, [paper], brief).standing, id: found.fields.id }).toEqual({ text, standing: standings[m.truth], id: m.number ? 'R-55120' : null });
  }), { seed: 12, numRuns: 600 });
});
