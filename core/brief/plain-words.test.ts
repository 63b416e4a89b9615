import { describe, expect, test } from '@jest/globals';
import type { DocumentDemand } from '../model/brief.ts';
import { settledBy } from '../testing/settled.ts';
import { readBrief } from './read.ts';

/** One demand a sentence, in many ordinary ways of saying it: a field, its value, and who says so. `kinds` are those of all documents. Made up for this test. */
const said: readonly [field: string, value: unknown, sentences: readonly string[]][] = [
  ['late.cutoffDays', 0, [
    'Nothing is accepted after the deadline.', 'The box locks at 5 pm and I will not open it again.', 'Late work gets a zero.', 'If you miss the deadline, you fail.', 'After the deadline the link is gone and so is your chance.',
    'We cannot mark work that arrives late.', 'There is a zero-tolerance policy on lateness: late papers are not read.', 'Please note that late submission is not possible.',
    'Lateness is not tolerated; anything that comes in late is binned.', 'Unfortunately I can’t take late essays.', 'Missing the deadline means a mark of 0.', 'No late work, no exceptions.',
    'Essays which are not uploaded by the deadline will not be considered.', 'Late = 0.', 'Work received after 16:00 will be awarded zero marks.', 'The deadline is final: late submissions will be discarded.',
  ]],
  ['late.cutoffDays', undefined, [
    'Q: What happens if I am late?\nA: You get 5% off per day.', 'What if I miss the deadline? Then you have until Friday.',
  ]],
  ['late.cutoffDays', 7, [
    'Work more than a week late gets zero.', 'Late essays are accepted for one week.', 'You can hand in up to seven days late, with a penalty.', 'After seven days late work is no longer accepted.',
    'Late submissions are accepted until one week after the deadline.', 'Anything later than 7 days after the deadline will not be marked.', 'The late box stays open for seven days.',
    'No work is accepted beyond one week after the due date.', 'Submissions over 7 days late receive 0.', 'Up to a week late: capped at 40. Later than that: 0.',
  ]],
  ['late.percentPerDay', 5, [
    '5% per day late.', 'You lose five marks a day.', 'Late work is docked 5 percentage points for every day.', 'For each day of delay 5 % is subtracted from the mark.', 'Minus 5 points per day.',
    'A penalty of 5% will be imposed for each day or part of a day that the work is late.', 'Every day late costs you 5%.', 'There is a 5% reduction per 24 hours.', 'We take off five percent per late day.',
    'Late penalty: 5 marks/day.', 'Each calendar day of lateness reduces the mark by 5 percentage points.', 'Five marks will be lost for every day that it is overdue.',
    'Late submission (5% per day) is possible for up to five days.', 'Being late costs 5 % of the mark a day.', 'The mark goes down by 5 points with each day of lateness.', 'Marks are deducted at a rate of 5% per day.',
  ]],
  ['attempts.allowed', 1, [
    'You can only submit once.', 'One submission per student.', 'You have a single attempt.', 'Only one upload is possible.', 'There is no possibility to resubmit.', 'Once you have uploaded your file you cannot change it.',
    'Please be careful: you can’t take it back or upload another version.', 'Multiple submissions are not allowed.', 'You get one shot at this.', 'Resubmission is not allowed.', 'Attempts: 1',
    'A submitted file cannot be replaced.', 'You are only allowed one upload, so check it first.', 'No resubmissions.', 'The first file you submit is final.', 'It is not possible to submit again.',
    'The system will accept only one file from you, and only once.',
  ]],
  ['attempts.allowed', 'unlimited', [
    'You may resubmit as often as you like.', 'Unlimited attempts.', 'There is no limit to the number of uploads before the deadline.', 'You can upload as many versions as you want.', 'Submit as many times as you wish.',
    'Any number of submissions is allowed until the deadline.', 'Attempts: unlimited', 'You can keep re-uploading until the deadline as often as you need.', 'The number of attempts is unlimited.',
    'Feel free to hand in as many drafts as you like before the deadline.',
  ]],
  ['attempts.keeps', 'latest', [
    'Only the last version is marked.', 'If you upload twice, the second file replaces the first.', 'Your most recent submission will be graded.', 'A new upload overwrites the old one.', 'We mark whatever was uploaded last.',
    'Earlier versions are deleted.', 'The newest version counts.', 'We only look at the final version.', 'Your previous submission will be overwritten.', 'The last file you upload before the deadline is the one we will mark.',
    'Only your latest upload is kept.', 'Each upload replaces the previous one.', 'What you uploaded last counts.', 'If you submit more than once, we will assess the latest submission.', 'The system keeps only the newest file.',
  ]],
  ['attempts.keeps', 'all', [
    'All versions are kept.', 'Earlier submissions remain stored.', 'We keep every version you upload.', 'Every submission is archived.', 'Previous uploads are not deleted.', 'The system stores all attempts.',
    'A new upload does not delete the old one; both are kept.', 'Nothing you upload is ever removed: each version stays on file.',
  ]],
  ['anonymous', true, [
    'Marking is anonymous.', 'Essays are marked blind.', 'Please do not put your name on the essay.', 'Your name must not appear anywhere.', 'The marker will not know who you are.', 'We use anonymous grading in this course.',
    'Make sure your work is anonymous.', 'Your work will be identified by candidate number only.', 'Only use your exam number; never your name.', 'Remove all identifying information before uploading.',
    'This is an anonymously marked assignment.', 'Markers do not see names.', 'Write your candidate number, not your name, on the title page.', 'Submissions must be anonymised.',
    'Please keep your identity hidden from the marker.', 'Because we mark blind, your name shouldn’t be on it.', 'Names are hidden during grading.', 'It is blind-marked.',
  ]],
  ['anonymous', false, [
    'Marking is not anonymous.', 'This assignment is not marked anonymously.', 'Put your full name on the first page.', 'Your name should be on every page.', 'The essay is not anonymous, so please put your name on it.',
    'Essays are not blind-marked.', 'Anonymous marking does not apply to this piece of work.', 'Anonymous marking: no', 'Your tutor marks it and knows who you are.', 'Do write your name on the cover page.',
  ]],
  ['similarityChecked', true, [
    'Your essay will be checked for similarity.', 'All work is run through plagiarism detection software.', 'We use text-matching software.', 'Submissions are screened for plagiarism by software.',
    'The system will compare your text with other texts.', 'A report on similarity will be made.', 'Your file goes through a similarity check automatically.', 'Essays are automatically scanned for copied text.',
    'Your text is matched against a database of sources.', 'An originality check is carried out on all submissions.', 'Plagiarism check: yes', 'The program checks every paper for overlap with other papers.',
    'Similarity checking is turned on.', 'Expect a similarity score within half an hour.', 'Every submission is compared to a database of student papers.',
  ]],
  ['similarityChecked', false, [
    'There is no similarity check for this assignment.', 'Submissions are not checked for similarity.', 'Plagiarism check: no', 'Similarity check: off', 'We do not use text-matching software for this task.',
    'Your work won’t be run through plagiarism software.', 'Similarity checking is turned off for this box.',
  ]],
  ['declaration', true, [
    'You must sign a declaration of originality.', 'Please include a signed declaration that this is your own work.', 'Tick the box to confirm that the work is your own.', 'A statement of authorship has to be attached.',
    'Include the plagiarism declaration as the first page.', 'You will have to confirm that it is all your own work.', 'An honesty statement must be signed and included.', 'Add the signed declaration form to your PDF.',
    'You are required to declare that the essay is your own work.', 'Your submission must contain a declaration of academic integrity.',
  ]],
  ['limits.maxBytes', 20000000, [
    'The file must not exceed 20 MB.', 'Maximum file size 20MB.', 'Files larger than 20 MB are rejected.', 'Keep it under 20 megabytes.', 'Your PDF can be up to 20 MB.', 'File size: max. 20 MB',
    'The system can’t handle more than 20 MB.', 'No file over 20 MB.', 'Upload limit 20 MB.', 'Please compress your file to less than 20 MB.', 'We cannot accept anything bigger than 20 MB.', 'There is a limit of 20 MB per file.',
    'Size limit: 20 MB', '20 MB max.', 'It should be smaller than 20 MB.', 'The upload fails if the file is more than 20 MB.',
  ]],
  ['limits.maxWords', 2000, [
    'Maximum 2,000 words.', 'Your essay must not be longer than 2000 words.', 'No more than 2000 words, please.', 'Word limit: 2000', 'Up to 2,000 words.', 'The limit is 2,000 words.', 'Do not exceed 2,000 words.',
    'Write at most 2000 words.', 'Anything beyond 2,000 words will not be read.', 'Essays over 2,000 words will be returned.', 'The word count is capped at 2,000.', '2,000 words maximum.', 'We stop reading after 2,000 words.',
    'Keep it to 2,000 words.', 'The maximum length is 2000 words.', 'You have 2,000 words at your disposal and not one more.', 'Stay within 2,000 words.',
  ]],
  ['limits.maxPages', 10, [
    'Maximum 10 pages.', 'No longer than ten pages.', 'Up to 10 pages.', 'Your report must not exceed 10 pages.', 'Page limit: 10', 'At most ten pages.', 'The report is limited to 10 pages.', 'Ten pages max.',
    'Reports of more than ten pages will be returned.', 'Keep it within 10 pages.', 'The page limit is ten.', 'Only the first ten pages will be read.',
  ]],
  ['kinds', ['pdf'], [
    'PDF only.', 'Please upload a PDF.', 'Submit as PDF.', 'The file must be a PDF.', 'Only PDF files are accepted.', 'Convert your essay to PDF before uploading.', 'Format: PDF', 'Upload it as a single PDF.',
    'We accept nothing but PDF.', 'Your submission has to be in PDF format.', 'Make it a PDF, please.', 'Save as PDF and upload.', 'Hand in one PDF.', 'Word files will be rejected; PDF only.', 'Files have to be PDFs.',
  ]],
  ['kinds', ['docx', 'pdf'], [
    'Word or PDF.', 'Submit a Word document or a PDF.', 'Accepted formats: .docx, .pdf', 'You can upload either a Word file or a PDF.', 'Please use Word or PDF format.', 'File types: docx, pdf', 'Either PDF or Word is fine.',
    'We accept Word documents and PDFs.', 'The file may be in Word or PDF format.', 'Upload your essay (Word/PDF).',
  ]],
  ['due', '2027-03-12T17:00:00', [
    'Due 12 March 2027, 5 pm.', 'The deadline is 5pm on Friday 12 March.', 'Please hand in by Friday 12 March at 17:00.', 'It has to be in by five o’clock in the afternoon on 12 March.',
    'Deadline: 12/03/2027, 17:00 (day/month/year)', 'You have until 17:00 on Friday, 12 March 2027.', 'Hand-in: Fri 12 Mar, 5pm', 'Submit no later than 12 March 2027, 17.00.', 'Essays must reach us by 5.00 p.m. on 12 March 2027.',
    'The last possible time to upload is 12 March at 5 pm.', 'We expect your essay on 12 March by 17:00.', 'The box closes on 12 March 2027 at 17:00.', 'Closing date: 12 March 2027, 5 pm',
    'Your essay is wanted by 5 p.m. on the 12th of March.', 'Uploads are possible until Friday 12 March, 17h00.', 'Make sure you have submitted before 5 pm on March 12.',
    'The submission deadline has been set for 12 March 2027 at 17:00 hrs.', 'On 12 March at 17:00 the link disappears.', 'Time and date of submission: 17:00, 12 March 2027', 'Get it to us by 1700 on 12 March 2027.',
    'due fri march 12 5pm', 'Must be uploaded by 12-Mar-2027 17:00.', 'Submission by: 2027-03-12 17:00', 'I need your essay on Friday, 12 March, 5 pm at the latest.',
  ]],
  ['due', '2027-03-12', [
    'Due 12 March 2027.', 'Hand in on Friday 12 March.', 'The essay is due on March 12, 2027.', 'Deadline: Friday, March 12th', 'Submit by the end of 12 March 2027.', 'Please submit your work by 12 March.',
    'To be handed in on the 12th of March, 2027.', 'Your paper is due Friday, 12 March.', 'Submission date: 12 March 2027',
  ]],
  ['due', '2027-03-12T23:59:00', [
    'Due 12 March 2027 at 11:59 pm.', 'Deadline: one minute to midnight on 12 March.', 'Submit before 23:59 on Friday 12 March 2027.', 'Due Mar 12 by 11:59pm', 'Upload by 12 March, 23.59h.',
  ]],
  ['due', '2027-03-12T12:00:00', [
    'Due at noon on 12 March 2027.', 'Deadline: 12 March, 12 noon', 'By midday on Friday 12 March.', 'Submit by 12pm (noon) on 12 March 2027.', 'Hand in by 12:00 noon, 12 March.', 'Deadline 12.00 hrs on 12 March 2027',
  ]],
  ['opens', '2027-03-01T09:00:00', [
    'The box opens on 1 March 2027 at 9:00.', 'You can upload from 9 am on Monday 1 March.', 'Submission is possible from 1 March 2027, 09:00.', 'Uploads are accepted as of 1 March, 9:00.', 'Opens: 1 March 2027 09:00',
    'Available from 1 March 2027, 9 am', 'The link will go live on 1 March at 9 am.', 'You cannot upload before 9:00 on 1 March 2027.', 'The submission window starts on 1 March 2027 at 9:00.', 'Open from Mon 1 Mar, 9am',
    'From 9.00 on 1 March 2027 you can hand in.', 'Hand-in opens 1 March 09:00',
  ]],
  ['naming.mustContain', ['studentNumber'], [
    'Put your student number in the file name.', 'The file name must contain your student number.', 'Name your file with your student number.', 'File name: your student number', 'Use your student ID as the file name.',
    'Please save the file as your student number.', 'Your student number must be part of the file name.', 'Include your student ID in the name of the file.', 'The name of the file should be your registration number.',
    'Call the file by your student number.', 'Files without a student number in their name will be returned.', 'Rename the file to your student number before uploading.',
    'The title of the file has to include your matriculation number.', 'Label the file with your student ID number.', 'Don’t forget to include your student number in the filename.',
  ]],
  ['naming.mustContain', ['candidateNumber'], [
    'Name the file with your candidate number.', 'Put your exam number in the file name.', 'The file must be named by your candidate number.', 'Use your examination number as file name.', 'Filename = candidate number',
    'The file name should consist of your candidate number only.', 'Save your essay under your exam number.', 'Use your anonymous exam code in the file name, please.',
  ]],
  ['naming.mustContain', ['surname'], [
    'Put your surname in the file name.', 'The file name must start with your surname.', 'Name the file with your last name.', 'Begin the file name with your family name.', 'Include your last name in the name of the file.',
    'The file should be named after your surname.',
  ]],
  ['naming.mustNotIdentify', true, [
    'Do not put your name in the file name.', 'Your name must not appear in the file name.', 'The file name must not identify you.', 'Keep your name out of the file name.', 'No names in the file name, please.',
    'Make sure that the file name does not contain your name.', 'The name of the file must not reveal who you are.', 'Don’t use your name in the filename.', 'File names must be anonymous.',
    'Choose a file name that does not give away your identity.', 'Please avoid using your name in the file name.',
  ]],
  ['layout.fontSizePt', 12, [
    '12-point font.', 'Font size 12.', 'Use 12 pt type.', 'The text must be in 12pt.', 'Times New Roman, 12', 'Font: Arial 12', 'Set your text in 12-point type.', 'Typeface: 12 pt Calibri', 'The font size should be 12 points.',
    'Size 12 font, please.',
  ]],
  ['layout.lineSpacing', 1.5, [
    '1.5 line spacing.', 'Line spacing 1.5.', 'One and a half spacing.', 'Use one-and-a-half line spacing.', 'Text should be 1.5 spaced.', 'Lines 1.5 apart.', 'Spacing: 1.5', 'Set the line spacing to 1.5.',
    'Please use 1.5-spacing.', '1½ line spacing.',
  ]],
  ['layout.lineSpacing', 2, [
    'Double spaced.', 'Use double spacing.', 'Essays must be double-spaced.', 'Line spacing: double', 'The text should be double spaced throughout.', 'Please double-space your essay.', '2.0 line spacing',
  ]],
  ['layout.marginMm', 25, [
    '2.5 cm margins.', 'Margins of 2.5 cm on all sides.', 'Leave a margin of 25 mm all round.', 'Margins: 2.5cm', 'All margins should be 2.5 cm.', 'Set the margins to 2.5 cm.', '25mm margins', 'Page margins of 2.5 centimetres.',
  ]],
  ['layout.pageNumbers', true, [
    'Number your pages.', 'Pages must be numbered.', 'Include page numbers.', 'Add page numbers.', 'All pages should have page numbers.', 'Page numbers: yes', 'Please paginate your essay.', 'Every page needs a number.',
    'Use page numbers in the footer.', 'Numbered pages.',
  ]],
  ['layout.pageSize', 'A4', [
    'A4 paper.', 'Use A4.', 'Page size: A4', 'The report must be in A4 format.', 'Set the page to A4.', 'Format A4, portrait.', 'Pages are to be A4 size.',
  ]],
  ['referenceStyle', 'APA', [
    'Use APA style.', 'References in APA.', 'Follow APA 7th edition.', 'Cite according to APA.', 'Referencing style: APA', 'All sources must be cited in APA format.', 'The reference list should be in APA style.',
    'APA referencing, please.', 'We use APA (7th ed.).', 'Citations follow the APA guidelines.', 'Reference your sources using APA.',
  ]],
  ['referenceStyle', 'Harvard', [
    'Use Harvard referencing.', 'Harvard style references.', 'Referencing: Harvard', 'Please reference using the Harvard system.', 'Cite in Harvard style.', 'The Harvard style of referencing is to be used.',
  ]],
  ['timeZone', 'Europe/London', [
    'Due 12 March 2027, 5 pm UK time.', 'Deadline 17:00 London time on 12 March 2027.', 'Due 12 March 2027 at 17:00 (British time).', 'All times are UK times. Due 12 March 2027, 17:00.', 'Due 12 March 2027 17:00 Europe/London',
  ]],
  ['timeZone', 'CET', [
    'Due 12 March 2027, 17:00 CET.', 'Deadline: 17:00 (CET), 12 March 2027', 'By 5 pm CET on 12 March 2027.',
  ]],
  ['place', 'Essay 1', [
    'Upload it to the folder “Essay 1”.', 'Submit via the “Essay 1” link.', 'Hand in at “Essay 1”.', 'Use the box called “Essay 1”.', 'Please submit through “Essay 1” on the module page.', 'Hand-in point: Essay 1',
    'The essay goes into the “Essay 1” box.', 'You’ll find the upload link under “Essay 1”.', 'Where: Essay 1', 'Drop your file in the “Essay 1” folder.', 'Upload to: Essay 1', 'Place of submission: “Essay 1”',
    'Your essay must be uploaded in the section “Essay 1”.', 'Choose “Essay 1” and upload your file.',
  ]],
  ['extension', '2027-03-19T17:00:00', [
    'Your extension has been granted until 19 March 2027, 17:00.', 'You have been given an extension to 5 pm on 19 March 2027.', 'We have approved your extension; your new deadline is 19 March 2027 at 17:00.',
    'Extension approved: 19 March 2027, 17:00', 'Your personal deadline is 19 March 2027, 17:00.', 'Extended deadline for you: 19 March 2027, 17:00', 'An extension until Friday 19 March 2027, 5 pm has been agreed for you.',
    'I’m happy to give you an extension until 19 March, 5 pm.', 'Your new individual due date is 19 March 2027, 17:00.',
  ]],
  ['late.cutoffDays', 0, [
    'Late policy: none accepted', 'Late submissions: no', 'Late work: not accepted under any circumstances', 'Can I submit late? No.', 'Q: What happens if I am late?\nA: You get zero.', 'Late hand-in: impossible',
    'Late submission | not permitted', 'Lateness policy: zero marks', 'What if I miss the deadline? Then you fail the assignment.', 'Allow late submissions: No',
  ]],
  ['late.cutoffDays', 3, [
    'Late submissions: accepted for 3 days', 'Late work: up to 3 days', 'Late (max. 3 days): -10%/day', 'Maximum lateness: 3 days', 'Late window: three days', 'Late submissions accepted: yes, up to 3 days',
    'How late can I be? Three days at most.', 'Late work is accepted up to 72 hours after the deadline.', 'Late policy: 10% per day, not accepted after 3 days', 'You may be at most three days late.',
    'Late submission is possible within three days of the deadline.',
  ]],
  ['late.percentPerDay', 10, [
    'Late penalty: 10% per day', 'Late: -10%/day', 'Late work: 10 points per day', 'Penalty for lateness: 10 % per calendar day', 'Late policy: minus 10% each day', 'Late submissions lose 10% of the total mark for each day.',
    'Deduction for late work: 10 marks per day', 'Lateness: 10% off for every day', 'Late fee: ten percent per day', 'What does being late cost? Ten points a day.', 'Late submissions: 10% penalty daily',
    'Late work is penalised at 10% a day.',
  ]],
  ['attempts.allowed', 1, [
    'Attempts allowed: 1', 'Number of attempts: one', 'Resubmission: no', 'Resubmissions: not allowed', 'Submissions: one only', 'Can I resubmit? No.', 'Q: Can I upload a new version?\nA: No, one upload only.',
    'Max. attempts | 1', 'Multiple attempts: no', 'Re-uploading: not possible', 'Uploads permitted: 1', 'Allow resubmission: No',
  ]],
  ['attempts.allowed', 3, [
    'Attempts allowed: 3', 'You have three attempts.', 'Maximum number of attempts: 3', 'Up to three submissions are possible.', 'You may submit up to 3 times.', 'Three uploads are allowed.', 'Number of submissions: max. 3',
    'Attempts | 3', 'How often can I submit? Three times.', 'You can hand in three times at most.',
  ]],
  ['attempts.keeps', 'latest', [
    'Graded attempt: last', 'Which attempt counts? The last one.', 'Attempts: unlimited, last one counts', 'Resubmission: yes, until the deadline; the last version counts', 'Which version is marked? The newest.',
    'Scoring: last attempt', 'Grading: most recent submission', 'Keep: newest only',
  ]],
  ['anonymous', true, [
    'Anonymous marking: yes', 'Anonymous: Yes', 'Marking: anonymous', 'Blind marking: on', 'Anonymity: required', 'Anonymous grading | enabled', 'Marked anonymously? Yes',
    'Q: Should my name be on it?\nA: No, marking is anonymous.', 'Name on essay: no', 'Type of marking: blind', 'Student identities: hidden', 'Anonymised: yes',
  ]],
  ['anonymous', false, [
    'Anonymous marking: no', 'Anonymous: No', 'Anonymous grading: off', 'Marked anonymously? No', 'Blind marking: no', 'Anonymous marking | disabled', 'Is it marked anonymously? No, please put your name on it.',
  ]],
  ['similarityChecked', true, [
    'Similarity check: yes', 'Similarity check | on', 'Plagiarism detection: enabled', 'Text matching: yes', 'Originality check: on', 'Plagiarism software: used', 'Is it checked for plagiarism? Yes.',
    'Similarity checked: yes, visible to students',
  ]],
  ['similarityChecked', false, [
    'Similarity check: no', 'Plagiarism detection: disabled', 'Text matching: off', 'Is my essay checked for similarity? No.', 'Originality check: none',
  ]],
  ['declaration', true, [
    'Declaration of own work: required', 'Declaration: must be signed', 'Statement of originality: required', 'Own-work declaration: yes', 'Honesty declaration: tick the box on upload', 'Declaration of authorship: to be attached',
    'Plagiarism declaration: needed',
  ]],
  ['limits.maxBytes', 10000000, [
    'Max size: 10 MB', 'Maximum upload size: 10MB', 'Size: up to 10 MB', 'File size limit | 10 MB', 'Max. 10 MB', 'File: PDF, max. 10 MB', 'Size (max.): 10 MB', 'Is there a size limit? Yes, 10 MB.',
    'How big can the file be? At most 10 MB.', 'Maximum file size (MB): 10', 'Upload max 10 megabytes', 'Size ≤ 10 MB', 'File size < 10 MB',
  ]],
  ['limits.maxWords', 1500, [
    'Word count: 1500 max', 'Words: max. 1,500', 'Length: up to 1,500 words', 'Word limit | 1500', 'Max words: 1500', 'Length: 1,500 words maximum', 'How long should it be? No more than 1,500 words.', 'Maximum word count: 1500',
    'Words (maximum): 1,500', 'Length limit: 1500 words', 'Word limit (strict): 1500', 'Extent: max. 1500 words', '≤ 1500 words', 'Word ceiling: 1500',
  ]],
  ['limits.maxPages', 8, [
    'Pages: max. 8', 'Length: up to 8 pages', 'Page limit | 8', 'Max. pages: 8', 'Length: 8 pages maximum', 'How many pages? At most eight.', 'Extent: max. 8 pages', 'Page maximum: 8', 'Page count: no more than 8', '≤ 8 pages',
  ]],
  ['kinds', ['pdf'], [
    'File type: PDF', 'File types: .pdf', 'Format: PDF only', 'Accepted file types | pdf', 'Allowed formats: PDF', 'Which format? PDF.', 'What format should I use? Please use PDF.', 'File format (only): PDF',
    'Submission format: one PDF file', 'Submit: 1 PDF', 'Filetype: pdf', 'Document type: PDF',
  ]],
  ['opens', '2027-03-01T09:00:00', [
    'Opens: 1 March 2027, 09:00', 'Open from: 1 March 2027 09:00', 'Start date: 1 March 2027, 9 am', 'Available from: 1 March 2027 at 9:00', 'Submission opens: 1 March 2027 09:00', 'Opening date: 1 March 2027, 9:00',
    'When does the box open? 1 March 2027 at 9:00.', 'Release: 1 March 2027, 9:00', 'Upload possible from: 1 March 2027, 09:00',
  ]],
  ['due', '2027-03-12T17:00:00', [
    'Due: 12 March 2027, 17:00', 'Due date: 12 March 2027 at 5 pm', 'Deadline | 12 March 2027 | 17:00', 'Hand-in date: 12 March 2027, 17:00', 'Closes: 12 March 2027 17:00', 'End date: 12 March 2027, 17:00',
    'When is it due? 12 March 2027, 5 pm.', 'Q: When is the deadline?\nA: 12 March 2027, 17:00', 'Date due: 12 March 2027 17:00', 'Submission: 12 March 2027, 17:00', 'To be submitted: 12 March 2027, 17:00',
    'Cut-off: 12 March 2027, 17:00', 'Due on/before: 12 March 2027 17:00', 'Deadline (date and time): 12 March 2027, 17:00', 'Final date for submission: 12 March 2027, 17:00', 'Latest submission: 12 March 2027, 17:00',
  ]],
  ['naming.mustContain', ['studentNumber'], [
    'File name: student number', 'Filename: must include student ID', 'File naming: your student number', 'Name of file: student number', 'What should I call the file? Your student number.', 'File name | StudentNumber.pdf',
    'Naming: <student number>.pdf', 'Name your file: [student ID].pdf', 'File name format: studentnumber.pdf',
  ]],
  ['naming.pattern', 'Surname_Essay1.pdf', [
    'File name: Surname_Essay1.pdf', 'Save as Surname_Essay1.pdf', 'Name the file Surname_Essay1.pdf.', 'The file must be called “Surname_Essay1.pdf”.', 'Naming convention: Surname_Essay1.pdf',
    'Please use the file name Surname_Essay1.pdf.', 'Your file should be named as follows: Surname_Essay1.pdf', 'Filename format: Surname_Essay1.pdf', 'Use this naming scheme: Surname_Essay1.pdf', 'Call it Surname_Essay1.pdf',
  ]],
  ['referenceStyle', 'MLA', [
    'Citation style: MLA', 'References: MLA', 'Style: MLA', 'Referencing | MLA', 'Bibliography: MLA style', 'Which citation style? MLA.', 'Documentation: MLA', 'Citations: MLA 9th edition', 'Reference style (required): MLA',
  ]],
  ['layout.lineSpacing', 1.5, [
    'Line spacing: 1.5', 'Spacing | 1.5', 'Line spacing: one and a half', 'Spacing: 1.5 lines', 'Lines: 1.5 spaced', 'Line height: 1.5',
  ]],
  ['layout.marginMm', 25, [
    'Margins: 2.5 cm', 'Margin | 25 mm', 'Margins (all): 2.5 cm', 'Page margins: 2.5 cm', 'Margins: 2.5 cm all round', 'Margins – 25mm',
  ]],
  ['place', 'Essay 1', [
    'Submit to: Essay 1', 'Submission link: Essay 1', 'Hand in: “Essay 1”', 'Upload area: Essay 1', 'Place: Essay 1', 'Where do I hand in? In the “Essay 1” box.', 'Submission box: Essay 1', 'Folder: Essay 1',
    'Submit via: Essay 1', 'Drop box: “Essay 1”',
  ]],
];
/** Hard negatives: what sounds like such a demand and is none. */
const notSaid: readonly [field: string, sentences: readonly string[]][] = [
  ['late', [
    'Late work may be accepted in exceptional cases.', 'What happens if I am late? You get less feedback.', 'Latecomers to the lecture must wait outside.', 'The library closes late.', 'We may not be able to mark late work quickly.', 'If you expect to be late, talk to me first.',
    'The later chapters are not examined.', 'You lose five marks for each missing figure.', 'Participation: 5 points per day of the workshop.', 'It takes about five days to mark an essay.',
    'Feedback is given within 7 days after the deadline.', 'No marks are given for the cover page.', 'After one week the slides are taken down.',
  ]],
  ['attempts', [
    'Read the question twice.', 'This is your second essay in this module.', 'Keep a copy of your latest version.', 'The first version of the theory was wrong.', 'Submit only one essay, not both.',
    'You cannot change your topic after week 5.', 'The most recent edition of the textbook should be used.', 'Upload one file.', 'Draft and final version are both marked.', 'All submissions must be in PDF.',
  ]],
  ['anonymous', [
    'Interviewees must remain anonymous.', 'Use pseudonyms for the schools you describe.', 'Peer review is anonymous.', 'Two anonymous reviewers read the article.', 'Name the theory that you use.',
    'State the name of the author of each source.', 'Do not name patients.', 'The blind spot of the theory should be discussed.', 'Give the name of the course on the first page.', 'Anonymous sources are not acceptable.',
  ]],
  ['similarityChecked', [
    'Plagiarism is a serious offence.', 'Do not copy from other students.', 'Discuss the similarity of the two poems.', 'Compare your results with those in the literature.', 'Check your work for spelling mistakes.',
    'Copying from the internet leads to a fail.', 'Match the pictures to the texts.', 'Familiarise yourself with the rules on plagiarism.', 'The two plays are compared in chapter 4.',
  ]],
  ['declaration', [
    'Declare all variables at the top of the program.', 'The Declaration of Independence is one possible topic.', 'Sign up for a slot by Friday.', 'The form must be signed by your supervisor.',
    'State which statistical test you used.', 'Originality of thought is one of the criteria.',
  ]],
  ['limits', [
    'The lecture theatre holds 200 people.', 'An appendix of more than ten pages is ignored.', 'Keep the abstract to 150 words.', 'We read only the first two pages of each draft.', 'Read pages 20 to 45.', 'The abstract must not exceed 200 words.', 'Each answer should be about 300 words.', 'The article has 8,000 words.', 'Chapter 3 has 10 pages.',
    'Your computer needs 8 GB of memory.', 'The data set is 500 MB.', 'The exam lasts 90 minutes.', 'Use at least ten sources.', 'The average essay last year had 2,100 words.', 'Titles should have no more than 12 words.',
  ]],
  ['due', [
    'The lecture on 12 March is cancelled.', 'Feedback will be given on 12 March 2027.', 'The treaty was signed on 12 March 1938.', 'Office hours: 12 March, 14:00.', 'The exam takes place on 12 March 2027 at 9:00.',
    'Topics are assigned on 12 March.', 'Extensions must be requested by 12 March.', 'The reading list was updated on 2 February 2027.', 'We meet on 12 March at 17:00.', 'The results are published on 12 March.',
  ]],
  ['naming', [
    'Name three causes of the war.', 'The file of the case was lost.', 'Put your name on the attendance list.', 'Give each figure a number and a title.', 'Your student number is on your card.', 'Name your sources.',
    'The name of the module is History 2.',
  ]],
  ['layout', [
    'The margin of error is 2.5 %.', 'The profit margin was 25 mm.', 'Use a double espresso.', 'Question 12 is optional.', 'The A4 road runs west.', 'Discuss 1.5 degrees of warming.', 'Read page 12.',
  ]],
  ['referenceStyle', [
    'Harvard University was founded in 1636.', 'The Chicago school of economics is treated in week 3.', 'The Vancouver games were held in 2010.', 'References are available on request.', 'We visit the Oxford campus.',
  ]],
  ['place', [
    'Read “Essay 1” by Bacon.', 'See the folder “Readings” for the texts.', 'The essay “On Tides” is in the library.', 'Discuss the poem “Sea Fever”.', 'The lecture takes place in Room 12.',
  ]],
  ['opens', [
    'The exhibition opens on 1 March.', 'The shop opens at 9:00.', 'Registration opens on 1 March 2027.', 'The play opens with a storm.', 'Slides are available from 1 March.',
  ]],
];
const settles = (sentence: string): Record<string, unknown> => { const { brief } = readBrief(sentence, '2027-02-10T10:00:00Z'); return { ...settledBy(brief), kinds: brief.documents.flatMap((d: DocumentDemand) => d.types).sort() }; };
describe.each(said)('%s is %j', (field, value, sentences) => {
  test.each(sentences.map((s) => [s]))('%s', (sentence) => expect(settles(sentence)[field]).toEqual(value));
});
describe.each(notSaid)('no word on %s', (field, sentences) => {
  test.each(sentences.map((s) => [s]))('%s', (sentence) => expect(Object.keys(settles(sentence)).filter((k) => k === field || k.startsWith(`${field}.`))).toEqual([]));
});
