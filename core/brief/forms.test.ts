import { describe, expect, test } from '@jest/globals';
import { readBrief } from './read.ts';

/** One rule said in many ways, as departments write it in headings, tables and sentences. Invented for this table; what each comes to follows the conventions of the command line. `null`: it settles nothing. */
const forms: readonly [expected: Record<string, unknown>, ways: readonly string[]][] = [
  [{ 'limits.minWords': null, 'limits.maxWords': 2000 }, ['Word limit: 2,000', 'Word count: max 2000', 'Maximum length 2000 words', '2000 words (maximum)', 'Length: up to 2000 words', 'Your essay should not be longer than 2,000 words.', 'Length: 2000 words max.', 'Do not go over 2000 words.', 'The word limit is 2000.', '2,000 word limit', 'The essay has a limit of 2000 words', 'No more than 2000 words, please.', 'Words: ≤ 2000', 'Essays exceeding 2000 words will be penalised.', 'It must be 2000 words or fewer.', 'Anything beyond 2,000 words is not marked.', 'The essay must be under 2001 words.', 'Maximum word count: 2000', 'Max words: 2000', '2000-word maximum', 'Keep it to 2000 words at most', 'The report is limited to 2000 words.', 'Upper limit: 2000 words']],
  [{ 'limits.minWords': 1800, 'limits.maxWords': 2200 }, ['2000 words ±10%', '2,000 words +/-10%', '2000 words (plus or minus 10%)', 'Word count: 2000 (+/- 10 per cent)', '2000 words, with a 10% margin either side', '1800-2200 words', 'between 1,800 and 2,200 words', 'from 1800 to 2200 words', 'Length: 1,800–2,200 words']],
  [{ 'limits.minWords': 1500, 'limits.maxWords': null }, ['at least 1500 words', 'Minimum 1500 words', 'no fewer than 1,500 words', '1500 words minimum', '1500 words or more', 'a minimum of 1500 words']],
  [{ 'limits.minWords': null, 'limits.maxWords': null }, ['about 2000 words', 'approx. 2000 words', 'around 2,000 words', 'Each answer should have 200 words.', 'A 2000-word essay.', 'Write roughly 2000 words']],
  [{ 'limits.minWords': null, 'limits.maxWords': 2200 }, ['2000 words; you may exceed this by up to 10% without penalty', '2000 words max, 10% over allowed']],
  [{ 'limits.maxBytes': 20_000_000 }, ['Max file size: 20MB', 'Files up to 20 MB', 'Upload limit 20 MB', 'maximum 20 megabytes', 'No file may exceed 20MB', 'File size limit: 20 MB', '20 MB max', 'Not more than 20 MB', 'The system rejects files larger than 20MB.', 'Size: 20 MB or less', 'less than or equal to 20MB', 'Max 20Mb']],
  [{ 'limits.maxBytes': 500_000 }, ['max 500 KB', '500 KB limit', 'no bigger than 500kb']],
  [{ 'limits.minPages': null, 'limits.maxPages': 6 }, ['Maximum 6 pages', '6 pages max', 'no more than six pages', 'Page limit: 6', 'up to 6 A4 pages', 'The report must not exceed 6 pages including references.', '6-page limit', 'not longer than 6 sides', 'at most 6 pages', 'Limit: 6 pages']],
  [{ 'limits.minPages': 4, 'limits.maxPages': 6 }, ['4-6 pages', 'between four and six pages', '4 to 6 pages long']],
  [{ types: ['pdf'] }, ['File type: PDF', 'Submit as PDF.', 'PDF only', 'Upload a pdf file.', 'Only PDFs are accepted.', 'Save your work as a PDF and upload it.', 'Format: .pdf', 'Please convert to PDF before uploading', 'We accept PDF; Word files will be rejected.', 'Submit in PDF format, not Word.', 'Acceptable formats: PDF', 'The file must be a PDF (not a scan).', 'Export your notebook to PDF']],
  [{ types: ['docx', 'pdf'] }, ['PDF or Word', 'Word or PDF document', 'Accepted file types: .docx, .pdf', 'Formats: DOCX/PDF', 'either a Word document or a PDF', 'Upload a Word (.docx) or PDF file.', 'File formats allowed: pdf, docx']],
  [{ types: ['docx'] }, ['Submit a Word document.', 'Word format only', 'MS Word file (.docx)', 'Submit as .docx (no PDFs)', 'Please use Microsoft Word format, so that comments can be added.']],
  [{ types: ['doc', 'docx'] }, ['Accepted: .doc, .docx', 'Word document (.doc or .docx)']],
  [{ types: ['jpeg', 'png'] }, ['Upload as JPG or PNG', 'Pictures as .jpg/.png']],
  [{ types: ['odt'] }, ['OpenDocument (.odt)']],
  [{ anonymous: true }, ['Marking is anonymous.', 'This essay is marked anonymously.', 'Do not include your name in your essay.', 'Your name must not appear anywhere.', 'Anonymous submission.', 'Please ensure your work is anonymous', 'The marker will not know who you are.', 'We use anonymous marking.', 'Anonymity: yes', 'Papers are graded blind.', 'Submit anonymously', 'Your identity should not be revealed in the document.', 'Don\'t put your name on it.', 'Remove your name from the document before submitting.', 'Make sure that no personal information is in the file; it is marked anonymously.', 'Names must not be shown on the paper.']],
  [{ anonymous: false }, ['Marking is not anonymous.', 'Put your name on the first page.', 'Anonymous marking does not apply.', 'This is a non-anonymous assessment.', 'Your name and number must be on the cover.', 'Anonymity: no', 'This assignment will not be marked anonymously']],
  [{ anonymous: null }, ['Interviewees must be anonymous.', 'Put your name in the file name.', 'Peer review is anonymous.', 'Anonymise all patients.']],
  [{ similarityChecked: true }, ['All work is checked for similarity.', 'A similarity report will be generated.', 'Your text is compared with other papers by software.', 'Submissions are screened for plagiarism.', 'Text-matching software is used.', 'An originality report is produced', 'Your essay will be run through plagiarism detection software.', 'Similarity check: yes', 'Work is submitted to a text comparison service.']],
  [{ similarityChecked: false }, ['No similarity check is made.', 'Similarity check: no', 'This assignment is not checked for similarity.', 'Plagiarism detection software is not used']],
  [{ similarityChecked: null }, ['Plagiarism is a serious offence.', 'Compare the similarities between the two poems.', 'Do not plagiarise.']],
  [{ 'attempts.allowed': 1, 'attempts.keeps': null }, ['You can only submit once.', 'One submission only.', 'Attempts: 1', 'Only one attempt is allowed.', 'Single submission', 'No resubmissions.', 'Number of attempts allowed: 1', 'You get one attempt.', 'Resubmission is not possible.', 'You may submit one time only.', 'You will not be able to resubmit.', 'Multiple attempts are not allowed.']],
  [{ 'attempts.allowed': 'unlimited', 'attempts.keeps': null }, ['Unlimited attempts.', 'Resubmit as many times as you like.', 'Number of attempts: unlimited', 'You can resubmit as often as you need until the deadline.', 'Any number of submissions is allowed.', 'There is no limit on the number of submissions.', 'Attempts allowed: unlimited']],
  [{ 'attempts.allowed': 3, 'attempts.keeps': null }, ['Up to three attempts', '3 attempts allowed', 'Attempts allowed: 3', 'You may submit up to 3 times.', 'Maximum attempts: 3', 'A maximum of three submissions is possible.']],
  [{ 'attempts.allowed': null, 'attempts.keeps': 'latest' }, ['Only the last submission counts.', 'The most recent version will be marked.', 'A new upload overwrites the old one.', 'We mark your final submission.', 'Your latest attempt is the one graded.', 'Each submission replaces the one before.', 'Later submissions replace earlier ones']],
  [{ 'attempts.allowed': null, 'attempts.keeps': 'all' }, ['All attempts are kept.', 'Every version is stored.', 'Earlier submissions are retained']],
  [{ 'late.percentPerDay': 5, 'late.cutoffDays': null }, ['5% per day late', 'Late penalty: 5% per day.', '5 marks are deducted for each day late.', 'Late work loses 5% a day.', 'A penalty of 5 percentage points per day applies to late work.', 'Late submissions: minus 5% per calendar day', 'For every day late, 5% is deducted.', '-5% per day after the deadline', 'you lose 5 points for every 24 hours past the deadline']],
  [{ 'late.percentPerDay': null, 'late.cutoffDays': 0 }, ['Late submissions are not accepted.', 'No late work.', 'No late submissions accepted', 'Nothing is accepted after the deadline.', 'Late work gets zero.', 'Work submitted after the deadline will not be marked.', 'We do not accept late work.', 'Late submission: not allowed']],
  [{ 'late.percentPerDay': null, 'late.cutoffDays': 7 }, ['Late work accepted up to 7 days after the deadline.', 'Work more than seven days late gets zero.', 'After 7 days late work is not accepted.', 'No submissions will be accepted more than 7 days after the deadline.', 'Late window: 7 days']],
  [{ declaration: true }, ['You must sign a declaration of own work.', 'Include the plagiarism declaration.', 'Tick the box to declare it is your own work.', 'Attach a signed statement of originality.', 'A declaration of authorship is required.', 'Complete the academic integrity statement.']],
  [{ declaration: null }, ['Do your own work.', 'No need to worry about references.']],
  [{ declaration: false }, ['No declaration is needed.', 'A declaration of own work is not required.']],
  [{ due: '2027-03-15T09:00:00' }, ['Due date: 15 Mar 2027, 09:00.', 'Assignment due date: 15 March 2027 at 9am']],
  [{ due: '2027-03-15T12:00:00' }, ['Deadline for submission: 15 March 2027, 12 noon']],
  [{ due: '2027-03-15T23:59:00' }, ['Closing date and time: 15/03/2027 at 23:59']],
  [{ due: '2027-03-15' }, ['Final date for submission: 15 March 2027', 'To be submitted: 15 March 2027', 'Last date: 15 March 2027', 'Date of submission: 15 March 2027', 'Date due: 15.03.2027']],
  [{ due: '2027-03-15T17:00:00' }, ['Hand-in: 15 March 2027, 5pm', 'DUE DATE\n15 March 2027 by 5pm', 'This is due in on the 15th of March 2027 by 5 in the afternoon']],
  [{ due: '2027-03-15T16:00:00' }, ['Submit electronically by 1600h on Mon 15 March 2027.', 'Submit by 1600 hrs on 15 March 2027.', 'Essays received after 4pm on 15 March 2027 are late.', 'Submission window: 1 March 2027 09:00 – 15 March 2027 16:00']],
  [{ due: '2027-03-11T17:00:00' }, ['Update 20 Jan: deadline moved to 5pm 11 March 2027. It was due 5pm 4 March 2027.']],
  [{ due: '2027-03-29T20:00:00+01:00' }, ['Due 20:00 BST on 29 March 2027.']],
  [{ due: '2027-03-01T10:00:00+00:00' }, ['Due 1 March 2027 at 10am (Dublin).']],
  [{ due: '2027-03-12T17:00:00+11:00' }, ['Submissions close 17:00 AEDT, Friday 12 March 2027. Students with an approved adjustment have until 17:00 AEDT Friday 19 March.']],
  [{ due: null }, ['Published: 15 March 2027', 'Date: 15 March 2027', 'Marks are returned after 15 March 2027.']],
];

const at = (value: unknown, path: string): unknown => (path === 'types' ? (value as { documents: { types: string[] }[] }).documents[0]?.types.slice().sort() ?? null : path.split('.').reduce<unknown>((v, k) => (v as Record<string, unknown> | null)?.[k], value));
describe.each(forms.map(([expected, ways]) => [Object.entries(expected).map(([k, v]) => `${k} ${JSON.stringify(v)}`).join(', '), expected, ways] as const))('%s', (_, expected, ways) => {
  test.each(ways.map((w) => [w]))('%s', (text) => {
    const { brief } = readBrief(text, '2027-02-01T09:00:00Z');
    expect(Object.fromEntries(Object.keys(expected).map((k) => [k, at(brief, k)]))).toEqual(expected);
    for (const e of brief.evidence) expect(text.slice(e.start, e.end)).toBe(e.quote);
  });
});
