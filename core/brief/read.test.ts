import { describe, expect, test } from '@jest/globals';
import { readFileSync, readdirSync } from 'node:fs';
import { CannotDo } from '../model/outcome.ts';
import { briefTable } from '../testing/briefs/table.ts';
import { readBrief } from './read.ts';

const now = '2026-11-25T10:00:00Z';
const read = (text: string) => readBrief(text, now).brief as unknown as Record<string, unknown>;
const at = (value: unknown, path: string): unknown => path.split('.').reduce<unknown>((v, k) => (v as Record<string, unknown> | null)?.[k], value);

/** One field, one sentence: [field, wording, value]. Null: left open. */
const rows: [string, string, unknown][] = [
  ['due', 'Due: 12 March 2027, 17:00 (GMT)', '2027-03-12T17:00:00+00:00'], ['due', 'The deadline is noon on Friday 12 March 2027.', '2027-03-12T12:00:00'], ['due', 'Submit by 5pm on 12 June 2027 (UK time).', '2027-06-12T17:00:00+01:00'],
  ['due', 'Due March 12, 2027 at 11:59 PM ET', '2027-03-12T23:59:00-05:00'], ['due', 'Deadline: 2027-03-12 17:00 CET', '2027-03-12T17:00:00+01:00'], ['due', 'Deadline: 25/03/2027 at 16.00', '2027-03-25T16:00:00'], ['due', 'Deadline: 03/04/2027', null],
  ['due', 'Due Monday 13 March 2027', null], ['due', 'Due on 31 June 2027', null], ['due', 'Due on 3 May', '2027-05-03'], ['due', 'Due on 3 December', '2026-12-03'], ['due', 'Feedback will be returned by 3 May 2027.', null], ['due', 'Submit it next Friday.', null],
  ['due', 'The deadline is 3 May 2027. Correction: the deadline is now 5 May 2027.', '2027-05-05'], ['due', 'Due 3 May 2027 at 12:00. In the handbook: due 4 May 2027 at 12:00.', null], ['opens', 'Submissions open on 1 March 2027 at 9:00 (GMT).', '2027-03-01T09:00:00+00:00'],
  ['extension', 'Due 3 May 2027. You have been granted an extension until 10 May 2027.', '2027-05-10'], ['timeZone', 'All times are UK time.', 'Europe/London'], ['timeZone', 'by 17:00 UTC+2 on 3 May 2027', 'UTC+2'], ['timeZone', 'Due 3 May 2027.', null],
  ['limits.maxBytes', 'The file may not exceed 20 MB.', 20_000_000], ['limits.maxBytes', 'Maximum size: 2 MiB', 2_097_152], ['limits.maxBytes', 'at most 10 megapixels', 10_000_000], ['limits.maxBytes', 'up to 1,5 GB', 1_500_000_000], ['limits.maxBytes', 'A typical scan has 5 MB.', null],
  ['limits.maxWords', 'Word limit: 2,500', 2500], ['limits.maxWords', '2,500 words ±10%', 2750], ['limits.minWords', '2,500 words ±10%', 2250], ['limits.maxWords', 'about 2,500 words', null], ['limits.maxWords', 'max. 2500 words (10% over is allowed)', 2750], ['limits.minWords', 'max. 2500 words (10% over is allowed)', null], ['limits.minWords', 'at least 1,000 words', 1000], ['limits.maxWords', 'between 1,500 and 2,000 words', 2000],
  ['limits.maxPages', 'no more than 10 pages', 10], ['limits.maxPages', 'See page 4 of the handbook.', null], ['limits.minPages', '8–10 pages', 8], ['limits.maxPages', 'two pages maximum', 2],
  ['anonymous', 'Marking is anonymous.', true], ['anonymous', 'Work will be marked anonymously.', true], ['anonymous', 'Marking is not anonymous.', false], ['anonymous', 'This assignment is exempt from anonymous marking.', false], ['anonymous', 'Interviewees must remain anonymous.', null], ['anonymous', 'Your name must not appear anywhere in the paper.', true], ['anonymous', 'The paper is graded blind: papers are blind marked.', true], ['anonymous', 'Anonymous peer review follows in week 3.', null],
  ['similarityChecked', 'Essays are run through text-matching software.', true], ['similarityChecked', 'There is no similarity check.', false], ['similarityChecked', 'Plagiarism is a serious offence.', null], ['similarityChecked', 'Discuss the similarity between the two poems.', null],
  ['declaration', 'Tick the declaration of own work.', true], ['declaration', 'No declaration of originality is needed.', false], ['declaration', 'The Declaration of Independence is the topic.', null],
  ['due', 'Due 6 December 2026, 24:00.', '2026-12-07T00:00:00'], ['due', 'Open from 30 November 2026 09:00 to 7 December 2026 09:00.', '2026-12-07T09:00:00'], ['due', 'The paper was due on 20 November 2026, but the deadline is now 27 November 2026 at 17:00.', '2026-11-27T17:00:00'],
  ['documents.1.types', 'Please hand in two files: your report (PDF) and the raw data (CSV).', ['csv']], ['layout.fontSizePt', 'Use Times New Roman 12, double-spaced.', 12], ['layout.fontSizePt', 'Use Arial for the 12 figures.', null], ['layout.lineSpacing', 'Calibri, size 12, spacing 1.5.', 1.5],
  ['anonymous', 'Your work will be marked by your seminar tutor, who will know your name.', false], ['late.cutoffDays', 'Penalty: 10% per day late, up to three days.', 3], ['limits.maxWords', 'Word limit: 2,500 words. You may exceed this by up to 10%.', 2750], ['limits.minWords', 'Word limit 4,000 (a 10% margin either side is permitted).', 3600],
  ['attempts.allowed', 'You must not submit more than once.', 1], ['similarityChecked', 'Originality reports are generated for all submissions.', true], ['referenceStyle', 'A4, with page numbers. APA 7th.', 'APA'],
  ['naming.mustContain', 'Use your candidate number, not your name, on the title page and in the file name.', ['candidateNumber']], ['naming.mustContain', 'Save as yourstudentnumber.pdf', ['studentNumber']], ['naming.mustContain', 'File naming: <candidate number>_<module code>_CW2.', ['candidateNumber']],
  ['naming.pattern', 'Name your file StudentNumber_CourseCode.pdf.', 'StudentNumber_CourseCode.pdf'], ['naming.pattern', 'Save the file as “[Surname]-[Initials]-essay.docx”.', '[Surname]-[Initials]-essay.docx'], ['naming.mustContain', 'The file name must include your registration number and surname.', ['studentNumber', 'surname']], ['naming.mustContain', 'The file name must carry your exam number.', ['candidateNumber']], ['naming.pattern', 'The file name must be your candidate number only.', 'candidate number'], ['naming.pattern', 'The file name must include your candidate number.', null], ['naming.pattern', 'Use only your student number as file name.', 'student number'], ['naming.mustNotIdentify', 'Do not put your name in the file name.', true], ['naming.mustNotIdentify', 'Do not use spaces in the file name.', null], ['naming.mustNotIdentify', 'Put your name on the first page.', null],
  ['attempts.allowed', 'Only one attempt is allowed.', 1], ['attempts.allowed', 'You may resubmit as often as you like.', 'unlimited'], ['attempts.allowed', 'You have up to three attempts.', 3], ['attempts.allowed', 'You cannot resubmit after the deadline.', null], ['attempts.allowed', 'Submit two documents.', null], ['attempts.keeps', 'Only the latest submission will be marked.', 'latest'], ['attempts.keeps', 'All submissions are kept.', 'all'], ['attempts.keeps', 'A new file replaces the earlier one: uploads overwrite; earlier versions are deleted.', 'latest'],
  ['late.percentPerDay', '5% per day is deducted for late work.', 5], ['late.percentPerDay', 'Late work loses ten percentage points per calendar day.', 10], ['late.percentPerDay', 'A late penalty of 5% applies.', null], ['late.cutoffDays', 'Late work is not accepted.', 0], ['late.cutoffDays', 'Work more than 7 days late receives zero.', 7], ['late.cutoffDays', 'Feedback takes up to 20 days.', null],
  ['layout.pageSize', 'Use A4 paper.', 'A4'], ['layout.marginMm', 'margins of 2.5 cm', 25], ['layout.marginMm', '1-inch margins', 25.4], ['layout.fontSizePt', '12-point Times New Roman', 12], ['layout.lineSpacing', 'double-spaced', 2], ['layout.lineSpacing', 'line spacing 1.5', 1.5], ['layout.fonts', 'Arial or Calibri font', ['Arial', 'Calibri']], ['layout.pageNumbers', 'Number all pages.', true], ['layout.pageNumbers', 'no page numbers', false],
  ['referenceStyle', 'Use APA style for references.', 'APA'], ['referenceStyle', 'The Harvard campus is closed.', null], ['place', 'Submit to “GEO 3107 Report 2”.', 'GEO 3107 Report 2'], ['place', 'Submit your essay by Friday.', null],
];
describe('one field at a time', () => {
  test.each(rows)('%s: %s', (field, text, value) => expect(at(read(text), field)).toEqual(value));
});

/** Hard negatives of the rules that read these texts: what looks like the rule's own wording and is not. */
const otherwise: [string, string, unknown][] = [
  ['due', 'We ask you to hand in your essay by 12 March 2027.', '2027-03-12'], ['due', 'Let me have your essays by 12 March 2027, 17:00.', '2027-03-12T17:00:00'], ['due', 'Please inform yourself of the rules and submit by 12 March 2027.', '2027-03-12'], ['due', 'Tell us before 12 March 2027 if that is a problem.', null],
  ['due', 'The last day 31 August 2027 is the deadline.', '2027-08-31'], ['due', 'Deadline: session 12 May 2027, 10:00.', '2027-05-12T10:00:00'], ['due', 'Due in week 12, Friday 4 June 2027 at 15:00.', '2027-06-04T15:00:00'],
  ['limits.maxWords', 'Introduction to Ecology: max. 2,000 words.', 2000], ['limits.maxWords', 'The summary report must not exceed 800 words.', 800], ['limits.maxWords', 'The abstract must not exceed 200 words.', null], ['limits.maxPages', 'Essay of max. 6 pages, with an executive summary of max. 1 page.', 6],
  ['naming.pattern', 'The file name must be only your student number and the course code.', null], ['naming.pattern', 'Use only your student number as file name.', 'student number'],
  ['anonymous', 'The file name must not contain your name.', null], ['anonymous', 'The paper must not contain your name.', true],
  ['documents.0.types', 'There is no specific format for the text, but it must be submitted as a PDF.', ['pdf']], ['documents', 'No specific format but PDF preferred.', []],
  ['anonymous', 'The peer evaluation is anonymous.', null], ['anonymous', 'Anonymity: this is not anonymously marked.', false], ['anonymous', 'Anonymity: we mark by number.', true], ['anonymous', 'Put your last name in the upper right corner of each page.', false],
  ['late.cutoffDays', 'No late penalties.', null], ['late.cutoffDays', 'No late portfolios.', 0], ['late.cutoffDays', 'I stop taking late reports after three days.', 3], ['late.cutoffDays', 'I stop reading drafts after three days.', null], ['late.cutoffDays', '5 marks off per working day for the first five working days, then 0 for late work.', 5],
  ['attempts.allowed', 'You are allowed two submissions.', 2], ['attempts.allowed', 'Two submissions are asked for: a report and a form.', null], ['attempts.allowed', 'Submit it through “Assignment 1 submission”.', null], ['attempts.allowed', 'Submissions: 1', 1], ['attempts.allowed', 'Submissions: 1 March 2027', null],
  ['attempts.keeps', 'Attempts: unlimited (latest counts)', 'latest'],
  ['due', 'The deadline, previously 4 March 2027, is 11 March 2027.', '2027-03-11'], ['due', 'Instead of 8 March 2027 the essay is due on 12 March 2027.', '2027-03-12'], ['due', 'Today is 1 February 2027.', null], ['due', 'The paper is due at the beginning of class on 4 March 2027.', '2027-03-04'], ['due', 'Bring it to class on 4 March 2027.', null],
  ['due', 'Due date: the last Friday in May 2027, 12 noon.', '2027-05-28T12:00:00'], ['due', 'Due: the second Monday of March 2027.', '2027-03-08'], ['due', 'The first seminar in May 2027 is in room 3.', null], ['due', 'Due on 07/05/2027 at 13:00. Week 11 ends on 14/05/2027.', '2027-05-07T13:00:00'],
  ['due', 'Due: 17 May 2027, 23:59 AoE', '2027-05-17T23:59:00-12:00'], ['due', 'Due: 2 July 2027, 23:59 (CET/CEST)', '2027-07-02T23:59:00+02:00'], ['due', 'Due: 2 February 2027, 23:59 (CET/CEST)', '2027-02-02T23:59:00+01:00'],
  ['opens', 'Submission period: 1 July to 15 July 2027.', '2027-07-01'], ['due', 'Submission period: 1 July to 15 July 2027.', '2027-07-15'], ['opens', 'The deadline has been moved from 12 March 2027 to 15 March 2027.', null], ['opens', 'Due: 15 March 2027, 14:00. The upload point opens two weeks before the deadline.', '2027-03-01T14:00:00'],
  ['extension', 'Due 16 Feb 2027. Extension until 19 Feb 2027 for the Thursday group only.', null], ['extension', 'Due 16 Feb 2027. Your extension: until 19 Feb 2027.', '2027-02-19'],
  ['limits.maxWords', 'Each answer must be at most 800 words.', null], ['limits.maxWords', 'Each essay must be at most 800 words.', 800], ['limits.maxWords', 'The limit was increased from 2,500 to 3,000 words.', 3000], ['limits.minWords', 'The limit was increased from 2,500 to 3,000 words.', null], ['limits.minWords', 'Write from 2,500 to 3,000 words.', 2500],
  ['limits.maxWords', 'Words: up to 1,200', 1200], ['limits.minWords', 'It cannot be shorter than 600 words nor longer than 900.', 600], ['limits.maxWords', 'It cannot be shorter than 600 words nor longer than 900.', 900], ['limits.maxWords', 'An essay of 2,000 words. The word count includes footnotes. A leeway of ten per cent either way is fine.', 2200], ['limits.maxWords', 'An essay of 2,000 words. Late work loses ten per cent either way.', 2000],
  ['limits.maxWords', 'Weekly notes of at most 300 words.', null], ['limits.maxBytes', 'The file size limit is 30 MB instead of 20 MB.', 30e6], ['limits.maxBytes', 'A picture of at least 300 dpi, max 15 MB.', 15e6],
  ['layout.marginMm', 'Left margin 40 mm; other margins 20 mm.', null], ['layout.marginMm', 'All margins 20 mm.', 20], ['layout.fontSizePt', 'Set it in 11- or 12-point type.', null], ['layout.fontSizePt', 'The font must be at least 11 pt.', 11], ['layout.atLeast', 'The font must be at least 11 pt.', ['fontSizePt']], ['layout.atLeast', 'The font must be 11 pt. Write at least 900 words.', undefined], ['layout.atLeast', 'Margins of at least 2 cm.', ['marginMm']], ['layout.lineSpacing', 'Line spacing: one and a half.', 1.5],
  ['naming.pattern', 'The file name consists of your surname and your student number.', null], ['naming.pattern', 'The file name consists of your surname, an underscore and your student number.', '[surname]_[student number]'], ['naming.pattern', 'The file must be called GEO31_ followed by your registration number.', 'GEO31_[registration number]'], ['naming.pattern', 'Name the file after the candidate number and the 2027 edition.', null],
  ['naming.mustNotIdentify', 'Neither the file name nor the text may show who you are.', true], ['naming.mustContain', 'Name both files beginning with your student ID.', ['studentNumber']], ['naming.mustContain', 'Student number to be in the footer of every page.', []],
  ['place', 'Where\nFolder “Essay 1 – main cohort”.', 'Essay 1 – main cohort'], ['place', 'Not the folder “Essay 1 – visitors”.', null], ['place', 'Hand it in under Week 6 > Literature Review.', 'Week 6 > Literature Review'], ['place', 'A box “see also” stands in the text.', null],
  ['counting', 'Word count: 2,000, bibliography not counted.', { counted: [], left: ['references'] }], ['counting', 'The word count leaves out any appendix.', { counted: [], left: ['appendices'] }], ['declaration', 'You must tick the honour statement.', true], ['declaration', 'It is an honour to read a statement by Ada.', null],
  ['due', 'Open from 08:00 on 7 June 2027; it must be returned by 20:00 on the same day.', null], ['due', 'Available from 08:00 on 7 June 2027 and to be returned by 20:00 on the same day.', '2027-06-07T20:00:00'], ['due', 'Hand in from 2 November 2027 (8:00) until 13 November 2027 (18:00).', '2027-11-13T18:00:00'], ['opens', 'Hand in from 2 November 2027 (8:00) until 13 November 2027 (18:00).', '2027-11-02T08:00:00'],
  ['due', 'Due: 31 May 2027. All deadlines are at 17:00.', '2027-05-31T17:00:00'], ['due', 'Due: 31 May 2027. All seminars are at 17:00.', '2027-05-31'], ['due', 'Due: 31 May 2027. The library closes at 20:00.', '2027-05-31'], ['due', 'Due: 31 May 2027, 10:00. The page closes at 12:00.', '2027-05-31T10:00:00'], ['due', 'Due 7 June 2027, 10 am (time in Canberra).', '2027-06-07T10:00:00+10:00'],
  ['extension', 'Standard deadline: 10 May 2027. New deadline for you: 24 May 2027.', '2027-05-24'], ['due', 'Standard deadline: 10 May 2027. New deadline for you: 24 May 2027.', '2027-05-10'], ['extension', 'You may hand in on 9 March 2027 at the earliest.', null], ['extension', 'You may hand in on 9 March 2027 instead.', '2027-03-09'],
  ['anonymous', 'Markers don’t see names.', true], ['anonymous', 'The candidate’s name must not appear anywhere in the assignment.', true], ['anonymous', 'The patient’s name must not appear anywhere in the assignment.', null], ['anonymous', 'Use your student number, not your name, as file name.', null],
  ['attempts.allowed', 'If you upload twice, I read the later one.', null], ['attempts.allowed', 'You may upload it twice.', 2], ['attempts.allowed', 'Resubmission before the deadline is unrestricted.', 'unlimited'], ['attempts.allowed', 'Resubmission after failing is restricted.', null], ['attempts.keeps', 'Both versions are kept.', 'all'], ['attempts.keeps', 'Both sources are kept in the library.', null],
  ['late.cutoffDays', 'Late essays lose 3 points a day. After a week I can’t accept them anymore.', 7], ['late.cutoffDays', 'Feedback comes after a week. I cannot accept notes.', null], ['late.cutoffDays', 'Assignments cannot be handed in after the deadline.', 0], ['declaration', 'The essay needs a signed statement that it is your own work.', true], ['declaration', 'A signed photograph of the statement house.', null],
  ['limits.maxBytes', 'One PDF (max. 30 Mo).', 30e6], ['limits.maxBytes', 'Max. 30 Monday evenings.', null], ['limits.maxBytes', 'Submit one zip (<= 250 MB).', 250e6], ['limits.maxWords', 'Essays: 4,000 words. An overrun of up to 5% is tolerated.', 4200],
  ['naming.mustContain', 'Put your student number at the top and use it in the file name too.', ['studentNumber']], ['naming.pattern', 'Submit it as "PB_" + your candidate number.', 'PB_[candidate number]'], ['naming.mustContain', 'Name your script with your surname first, then the unit code.', ['surname', 'courseCode']], ['naming.mustContain', 'Name your sources by surname in the text.', []],
  ['place', 'Upload it in the folder called Policy Briefs, by Friday.', 'Policy Briefs'], ['place', 'In the “Tutorial essay 2” box, please.', 'Tutorial essay 2'], ['place', 'In the “Republic” Plato says so.', null],
  ['parts', 'M1 (topic): 15 January 2027\nM2 (paper): 29 January 2027', [{ label: 'M1 (topic)', opens: null, due: '2027-01-15' }, { label: 'M2 (paper)', opens: null, due: '2027-01-29' }]], ['parts', 'A4 paper: 15 January 2027', []],
  ['documents', 'D1. Design report. PDF. Max. 25 MB.\nD2. Configuration archive. ZIP. Max. 100 MB.', [{ label: 'Design report', types: ['pdf'], limits: { maxBytes: 25e6 } }, { label: 'Configuration archive', types: ['zip'], limits: { maxBytes: 100e6 } }]],
  ['due', 'The handbook says the essay is due on 19 March 2027. The module page says 26 March 2027.', null], ['due', 'The essay is due on 19 March 2027. The editor says 26 March 2027 was a Friday.', '2027-03-19'], ['due', 'The page says the essay is due on 19 March 2027. That is wrong. So: 26 March 2027.', '2027-03-26'],
  ['opens', 'The box will open on the 4th and close on the 18th of May 2027 at 4pm.', '2027-05-04'], ['due', 'The box will open on the 4th and close on the 18th of May 2027 at 4pm.', '2027-05-18T16:00:00'], ['opens', 'Submission window: 4-18 May 2027, 16:00', '2027-05-04'], ['due', 'Submission window: 4-18 May 2027, 16:00', '2027-05-18T16:00:00'], ['opens', 'Hand in 3 or 4 pages until 18 May 2027.', null],
  ['due', 'It must reach me by 15/3 at 18h.', '2027-03-15T18:00:00'], ['due', 'It must reach me by 4/3 at 18h.', null], ['due', 'You need 15/30 points to pass.', null], ['due', 'Hand in the essay by 2pm on the due date.\nEssay 2: due 9 December 2027.', '2027-12-09T14:00:00'], ['due', 'Date: 14:00, 6 May 2027', '2027-05-06T14:00:00'], ['due', 'Date: 6 May 2027\nThe essay is due on 9 May 2027.', '2027-05-09'],
  ['due', 'Deadline: 2 March 2027. Second attempt (resit) deadline: 9 August 2027.', '2027-03-02'], ['due', 'Your resit essay is due on 9 August 2027.', '2027-08-09'], ['extension', 'Extension requests: by 26 February 2027.', null], ['timeZone', 'Due 18 May 2027, 4pm local time (Johannesburg).', 'Africa/Johannesburg'],
  ['anonymous', 'Two examiners mark it, neither of whom will know your identity.', true], ['anonymous', 'Neither of the maps will be marked.', null], ['anonymous', 'Word format, no names.', true], ['anonymous', 'A table with no names of rivers.', null], ['anonymous', 'Leave your name out.', true], ['anonymous', 'Leave your bag outside.', null], ['anonymous', 'Work must not contain the candidate’s name.', true],
  ['attempts.allowed', 'Please don’t submit twice.', 1], ['attempts.allowed', 'You may upload up to 5 drafts.', 5], ['attempts.allowed', 'You may quote up to 5 drafts.', null], ['attempts.allowed', 'Resubmission: no', 1], ['attempts.keeps', 'The system keeps them all.', 'all'], ['attempts.keeps', 'The library keeps the books.', null],
  ['late.percentPerDay', 'Late work: -1 point (of 20) per day.', 1], ['late.percentPerDay', 'One point per day of rain is noted.', null], ['late.cutoffDays', 'Late = fail.', 0], ['late.cutoffDays', 'Arrive late = 0.5 points.', null],
  ['limits.maxWords', 'Maximum words: two thousand.', 2000], ['limits.maxWords', 'Maximum marks: two hundred.', null], ['limits.maxWords', '800 words, give or take 80.', 880], ['limits.minWords', '800 words, give or take 80.', 720], ['layout.fontSizePt', 'Font size 11 pt or 12 pt.', null],
  ['documents', 'Submit the thesis as PDF and the abstract (max. 350 words) as plain text.', [{ label: 'Thesis', types: ['pdf'] }, { label: 'Abstract', types: ['txt'], limits: { maxWords: 350 } }]], ['documents', 'It is submitted as PDF and must not be larger than 80 MB.', [{ label: null, types: ['pdf'] }]], ['documents', 'A DOCX must not be handed in; send a PDF.', [{ label: null, types: ['pdf'] }]],
  ['naming.mustContain', 'The title of your submission should be your student number.', ['studentNumber']], ['naming.mustContain', 'The file name should be the title and your student number.', ['studentNumber', 'title']],
  ['due', 'Due: 03/04/2027 12:00 (the course ends on 25/06/2027).', '2027-04-03T12:00:00'], ['limits.maxWords', 'Essays may exceed the 2,000-word limit by 10% without penalty.', 2200], ['late.cutoffDays', 'Late submissions are accepted for seven days.', 7], ['late.cutoffDays', 'Cards are accepted for seven days.', null], ['late.cutoffDays', 'Work handed in more than 5 working days late scores 0.', 5],
  ['declaration', 'By uploading you declare that the work is your own.', true], ['declaration', 'Declare that the bag is your own.', null], ['declaration', 'You don’t need to include a declaration.', false], ['naming.pattern', 'The file name must be your registration number, e.g. 20231234.pdf.', 'registration number'], ['naming.pattern', 'The file name must be your registration number and the course code.', null],
  ['counting', '1800 words, footnotes included, bibliography excluded.', { counted: ['footnotes'], left: ['references'] }], ['due', 'Deadline: 29 February 2028, 12:00.', '2028-02-29T12:00:00'], ['due', 'Deadline: 29 February 2027, 12:00.', null], ['layout.lineSpacing', 'Double-space everything, including the bibliography.', 2], ['layout.lineSpacing', 'Use a double space after stops.', null], ['place', 'Hand in at the box marked “Seminar B”, not at “Seminar A”.', 'Seminar B'],
  ['due', 'Extensions of up to seven days may be requested by 14 May 2027. Deadline: 21 May 2027.', '2027-05-21'], ['extension', 'You have been granted an extension of 7 days. Original deadline: 21 May 2027, 14:00.', '2027-05-28T14:00:00'], ['extension', 'An extension of 7 days may be granted. Deadline: 21 May 2027, 14:00.', null], ['extension', 'With your extension, the paper is due 28 May 2027 (the class deadline was 21 May 2027).', '2027-05-28'], ['due', 'With your extension, the paper is due 28 May 2027 (the class deadline was 21 May 2027).', '2027-05-21'],
  ['parts', 'Two submissions: outline by 7 May 2027 and paper by 21 May 2027.', [{ label: 'outline', opens: null, due: '2027-05-07' }, { label: 'paper', opens: null, due: '2027-05-21' }]], ['parts', 'The paper is due on 21 May 2027; bring paper on 7 May 2027.', []], ['attempts.allowed', 'After submission you cannot make changes.', 1], ['attempts.allowed', 'After the deadline you cannot make changes.', null], ['attempts.keeps', 'All of them remain visible to the marker.', 'all'],
  ['late.cutoffDays', 'Late submissions will receive a mark of zero.', 0], ['late.cutoffDays', 'Late submission without an approved extension is not possible.', 0], ['late.cutoffDays', 'Submissions are accepted up to 48 hours after the deadline.', 2], ['late.cutoffDays', 'Bookings are accepted up to 48 hours before the deadline.', null],
  ['limits.minWords', 'Maximum of 3000 words, minimum of 2500.', 2500], ['limits.minPages', 'not fewer than five and not more than seven pages', 5], ['limits.maxPages', 'Your report (max 10 pages, plus up to 5 pages of appendices).', 10], ['naming.mustContain', 'Please put your student number in the file name, but not your name.', ['studentNumber']], ['naming.mustNotIdentify', 'Save it as Report1.docx (no student names in file names).', true],
  ['anonymous', 'The essay will be blind double-marked.', true], ['anonymous', 'The essay will be double-marked.', null], ['layout.fontSizePt', 'Font: Calibri or similar, 11.', 11], ['naming.pattern', 'Name your files A_, B_, C_ followed by your student number.', null],
  ['documents', 'It is delivered in electronic form as a PDF.', [{ label: null, types: ['pdf'] }]], ['documents', 'PDF is no longer accepted; submit a Word document.', [{ label: null, types: ['docx'] }]],
  ['documents', 'Hand in a video (MP4, max. 500 MB), a script (PDF) and a bibliography (PDF). The other two are limited to 5 MB each.', [{ label: 'Video', types: ['mp4'], limits: { maxBytes: 5e8 } }, { label: 'Script', types: ['pdf'], limits: { maxBytes: 5e6 } }, { label: 'Bibliography', types: ['pdf'], limits: { maxBytes: 5e6 } }]],
];
test.each(otherwise)('%s: %s', (field, text, value) => expect(at(read(text), field)).toEqual(value));

describe('documents', () => {
  test.each<[string, unknown]>([
    ['Submit your essay as a single PDF.', [['Essay', ['pdf']]]], ['Accepted file types: PDF, DOCX', [[null, ['pdf', 'docx']]]], ['Hand in two files: the data form (DOCX) and the report (PDF).', [['Data form', ['docx']], ['Report', ['pdf']]]],
    ['Upload your report as PDF. Word documents are not accepted.', [['Report', ['pdf']]]], ['Submit it as PDF, not as DOCX.', [[null, ['pdf']]]], ['The reading is available as a PDF.', []],
  ])('%s', (text, expected) => expect((read(text).documents as { label: string | null; types: string[] }[]).map((d) => [d.label, d.types])).toEqual(expected));
  test('a limit on one of several belongs to it', () => {
    const docs = read('Hand in two files: the data form (DOCX) and the report (PDF, max. 10 pages).').documents as { limits?: { maxPages?: number } }[];
    expect(docs.map((d) => d.limits?.maxPages)).toEqual([undefined, 10]);
  });
});

test('parts with windows of their own', () => {
  const b = readBrief('Draft: due 3 May 2027 at 12:00 (UK time)\nFinal essay: opens 4 May 2027, due 17 May 2027 at 12:00 (UK time)', now).brief;
  expect(b.parts).toEqual([{ label: 'Draft', opens: null, due: '2027-05-03T12:00:00+01:00' }, { label: 'Final essay', opens: '2027-05-04', due: '2027-05-17T12:00:00+01:00' }]);
});
test('every quote stands in the wording at its place', () => {
  const text = readFileSync(new URL('../testing/briefs/mail-two-files.txt', import.meta.url), 'utf8');
  const { brief } = readBrief(text, now);
  expect(brief.evidence.length).toBeGreaterThan(8);
  for (const e of brief.evidence) expect(text.slice(e.start, e.end)).toBe(e.quote);
});
describe('whole texts', () => {
  const folder = new URL('../testing/briefs/', import.meta.url);
  test.each(readdirSync(folder).filter((f) => f.endsWith('.txt')))('%s', (name) => {
    const expected = JSON.parse(readFileSync(new URL(name.replace('.txt', '.json'), folder), 'utf8')) as Record<string, unknown>;
    const brief = readBrief(readFileSync(new URL(name, folder), 'utf8'), now).brief as unknown as Record<string, unknown>;
    const { evidence: _, ...settled } = brief;
    expect(settled).toMatchObject(expected);
  });
});
describe('varied texts', () => {
  test.each(briefTable.map((b) => [b.name, b] as const))('%s', (_, { text, expects }) => {
    const brief = read(text);
    expect(Object.fromEntries(Object.keys(expects).map((k) => [k, at(brief, k)]))).toEqual(expects);
  });
  test('there are at least forty, and every quote stands in its text', () => {
    expect(briefTable.length).toBeGreaterThanOrEqual(40);
    for (const { text } of briefTable) for (const e of readBrief(text, now).brief.evidence) expect(text.slice(e.start, e.end)).toBe(e.quote);
  });
});
test('what cannot be read is said', () => {
  expect(() => readBrief('  \n', now)).toThrow(CannotDo);
  expect(() => readBrief('x'.repeat(2_000_000), now)).toThrow(/longer/);
  const kinds = (text: string): string[] => readBrief(text, now).remarks.map((r) => r.kind);
  expect(kinds('Due on 31 June 2027')).toContain('impossibleDate');
  expect(kinds('Due on 3 May 2020 at 12:00.')).toContain('past');
  expect(kinds('Opens 5 May 2027. Due 3 May 2027.')).toContain('endBeforeStart');
  expect(kinds('The file may have at most 0 MB.')).toContain('zero');
  expect(readBrief('The file may have at most 0 MB.', now).brief.limits.maxBytes).toBeNull();
});
