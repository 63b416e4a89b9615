import { test } from '@jest/globals';
import { expectSettled } from '../testing/settled.ts';

/** Sentences about lateness, second tries, names and checks, as departments write them, made up, with all that they settle; read on 10 February 2027. */
const sentences: [text: string, says: Record<string, unknown>][] = [
  [`Quiz essay #2

Please note the essay cannot be shorter than 600 words nor longer than 900. It is due a week from today (today is 1 February 2027) at 9 in the morning. Save the document as rich text (RTF) if you can't produce PDF. We do not run this one through the plagiarism checker.`, { documents: [{ label: null, types: ['rtf', 'pdf'] }], 'limits.minWords': 600, 'limits.maxWords': 900, similarityChecked: false }],
  ['Task: write a report of 6 pages (no more, no less). Submit in groups of three; one upload per group. File type .pdf. Deadline: end of week 8. Late: not possible.', { documents: [{ label: null, types: ['pdf'] }], 'limits.minPages': 6, 'limits.maxPages': 6, 'late.cutoffDays': 0 }],
  [`Lab report guidelines (PHYS 1021L)
Reports are due one week after your lab session, at the start of the next session. Submit as PDF on the course page; printed copies are not accepted. Max 6 pages; use the template. Late reports: -10% per day, nothing after three days. File name: section_lastname_labN.pdf.`, { documents: [{ label: null, types: ['pdf'] }], 'limits.maxPages': 6, 'naming.pattern': 'section_lastname_labN.pdf', 'naming.mustContain': ['surname'], 'late.percentPerDay': 10, 'late.cutoffDays': 3 }],
  [`Guidance on the reflective journal

There is no word limit as such, but most good journals come to about 2,500 words. Please write in the supplied template (Journal_template.docx), and save your copy under a name of its own. We only take Word files. It is due in week 11; the exact date will be announced. Names of patients, colleagues or wards must not appear. Your own name should be on the cover sheet. It is not checked for similarity. The journal may be handed in once.`, { documents: [{ label: null, types: ['docx'] }], anonymous: false, similarityChecked: false, 'attempts.allowed': 1 }],
  [`Thesis handbook, section 7.3 Submission

(1) The thesis must be submitted in digital form (PDF/A-1b or PDF/A-2b) via the examinations portal within the period stated on the admission notice. (2) The period for working on the thesis is 20 weeks. (3) The file name consists of the student ID number, an underscore and the word "thesis". (4) The length should be between 80,000 and 120,000 characters. (5) A declaration in lieu of oath must be bound into the file as the last page. (6) The examination board may have the thesis checked by means of software for the detection of plagiarism.`, { documents: [{ label: 'Thesis', types: ['pdf'] }], 'naming.pattern': '[student ID number]_thesis', 'naming.mustContain': ['studentNumber'], similarityChecked: true, declaration: true }],
  [`ECON 210 – Problem Set 3

Please submit your solutions by 02/03/2027, 5:00 pm. Typed or handwritten and scanned, but in either case ONE PDF, ≤ 10 MB. Name: PS3_LastName_FirstName.pdf. You have one attempt. Late problem sets are not accepted; the lowest score is dropped.`, { documents: [{ label: null, types: ['pdf'] }], 'limits.maxBytes': 10000000, 'naming.pattern': 'PS3_LastName_FirstName.pdf', 'naming.mustContain': ['surname', 'givenNames'], 'attempts.allowed': 1, 'late.cutoffDays': 0 }],
  ['Multiple submissions are allowed until the due date, and all of them will remain visible to the marker.', { 'attempts.keeps': 'all' }],
  ['The standard late penalty of 10% per day applies for up to three days; work submitted later will not be marked.', { 'late.percentPerDay': 10, 'late.cutoffDays': 3 }],
  ['Submissions received up to one week after the deadline will be accepted with a 20% penalty.', { 'late.cutoffDays': 7 }],
  ['Marking is carried out blind: use only your candidate number.', { anonymous: true }],
  ['A cover sheet with declaration is not required.', { declaration: false }],
  ['Earlier submissions are archived and can be viewed by the examiner.', { 'attempts.keeps': 'all' }],
  ['You cannot change your submission after you have pressed the button.', { 'attempts.allowed': 1 }],
  ['After five days, no submissions will be graded.', { 'late.cutoffDays': 5 }],
  ['Papers are not graded blindly.', { anonymous: false }],
  ['Up to three drafts can be uploaded, and every draft remains on record.', { 'attempts.allowed': 3, 'attempts.keeps': 'all' }],
  ['5% of the maximum mark is deducted per 24 hours or part thereof, up to a maximum of 5 days.', { 'late.percentPerDay': 5, 'late.cutoffDays': 5 }],
  ['Late work: -10% (first 24 hours), -20% (second 24 hours), not accepted afterwards.', { 'late.cutoffDays': 2 }],
  ['Essays that are late will not be marked.', { 'late.cutoffDays': 0 }],
  ['The document must not contain any information that could identify you.', { anonymous: true }],
  ['A late submission will be treated as a failed attempt.', { 'late.cutoffDays': 0 }],
  ['We are unable to accept late work.', { 'late.cutoffDays': 0 }],
  ['Late work is accepted for one week only.', { 'late.cutoffDays': 7 }],
  ['Submit early: you can always submit again before the deadline and the newer version will be graded.', { 'attempts.keeps': 'latest' }],
  ['The system keeps all versions, but only the last one submitted before the deadline will be assessed.', { 'attempts.keeps': 'all' }],
  ['Editing after submission is not possible.', { 'attempts.allowed': 1 }],
  ['Student names will be visible to the examiners.', { anonymous: false }],
  ['This assignment cannot be marked anonymously as it is a presentation.', { anonymous: false }],
  ['Overdue assignments are not accepted.', { 'late.cutoffDays': 0 }],
  [`Essays are read by two examiners who do not know the candidates' names.`, { anonymous: true }],
  ['Originality is verified electronically.', { similarityChecked: true }],
  ['Sign and date the declaration on the cover sheet.', { declaration: true }],
  ['Student identity is concealed during marking.', { anonymous: true }],
  ['Submit without any reference to your identity.', { anonymous: true }],
  ['The header must show your candidate number and the page number; your name must appear nowhere.', { anonymous: true, 'layout.pageNumbers': true }],
  ['The report has to state the names of all group members.', { anonymous: false }],
  ['You may make one resubmission before the deadline.', { 'attempts.allowed': 2 }],
  ['Submissions can be withdrawn and replaced up to the closing time.', { 'attempts.keeps': 'latest' }],
  ['The number of submissions is not restricted.', { 'attempts.allowed': 'unlimited' }],
  ['If you upload a second file, the first one is lost.', { 'attempts.keeps': 'latest' }],
  ['You have 10 days from the due date to submit late work, with 3% deducted per day.', { 'late.percentPerDay': 3, 'late.cutoffDays': 10 }],
  ['Late penalties: Day 1: 5%; Day 2: 10%; Day 3: 15%; later: not accepted.', { 'late.cutoffDays': 3 }],
  ['For every 24 hours that the paper is late, the mark drops by 5.', { 'late.percentPerDay': 5 }],
  ['Late work will not receive feedback, and after one week it will not be graded.', { 'late.cutoffDays': 7 }],
  ['5 points off per day late, with no work accepted after the third day.', { 'late.percentPerDay': 5, 'late.cutoffDays': 3 }],
  ['No identifying information should be included in the document.', { anonymous: true }],
  ['Graders see only a random number.', { anonymous: true }],
  ['Marking will be done without knowledge of the author.', { anonymous: true }],
  [`Since you present your work in person, marking can't be anonymous.`, { anonymous: false }],
  ['To ensure fairness, essays are anonymised before marking.', { anonymous: true }],
  ['Do not include any author information on the title page.', { anonymous: true }],
  ['The examiners will see your name.', { anonymous: false }],
  ['You have to accept the academic integrity pledge before you can upload.', { declaration: true }],
  ['For each day late, your grade is lowered by 3%.', { 'late.percentPerDay': 3 }],
  ['Work handed in late (up to 3 days) will be penalised with 5 marks each day.', { 'late.percentPerDay': 5, 'late.cutoffDays': 3 }],
  ['We do accept late work, with a 10% penalty, within 5 days of the deadline.', { 'late.cutoffDays': 5 }],
  ['You may upload several drafts; each of them is kept.', { 'attempts.keeps': 'all' }],
  ['Names of authors must be removed from all files before submission.', { anonymous: true }],
  ['Nobody will run your text through detection software.', { similarityChecked: false }],
];
test.each(sentences)('%s', expectSettled);
