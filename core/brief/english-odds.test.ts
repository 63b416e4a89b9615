import { expect, test } from '@jest/globals';
import type { Brief } from '../model/brief.ts';
import { readBrief } from './read.ts';

/** Turns of speech of single departments, behind a paragraph that shows the language. Invented, common practice, no published source. */
const read = (text: string): Brief => readBrief(`The essay is about the town and the sources that you have read. You are to show that you have understood them and can use the method.\n\n${text}`, '2026-11-30T09:00:00Z').brief;
const cutoff = (b: Brief) => b.late.cutoffDays, tries = (b: Brief) => b.attempts.allowed, labels = (b: Brief) => b.documents.map((d) => d.label);
test.each<[string, (b: Brief) => unknown, unknown]>([
  ['You get three upload attempts per report.', tries, 3], ['Second goes? Unlimited until the deadline.', tries, 'unlimited'],
  ['A 24-hour grace period applies without penalty; after this the system closes.', cutoff, 1], ['There is a 3-day grace period, after which nothing is accepted.', cutoff, 3], ['Due Friday 29 January 2027. After that you can still submit for two working days, capped at 40 %.', cutoff, 2],
  ['A 24-hour grace period applies, then 10 % per day.', cutoff, null],
  ['Neither the files nor their names may reveal who you are.', (b) => [b.anonymous, b.naming.mustNotIdentify], [true, true]], ['[ ] My name does not appear on the essay', (b) => b.anonymous, true], ['☐ I have removed my name from the essay', (b) => b.anonymous, true], ['Names are fine on all three.', (b) => b.anonymous, false],
  ['The candidate number is on your card; name the file after it.', (b) => b.naming.mustContain, ['candidateNumber']], ['The lecture is on the course page; name the file after it.', (b) => b.naming.mustContain, []],
  ['The essay is limited to 3,500 words (excluding references), in PDF or Word.', (b) => [b.documents[0]?.types, b.limits.maxWords], [['pdf', 'docx'], 3500]],
  ['Submission: Wednesday of week 9, 25 November... no wait, that has moved: it\'s now Wednesday 2 December 2026, 12 noon (GMT).', (b) => b.due, '2026-12-02T12:00:00+00:00'],
  ['#1 due 2 Dec, #2 due 23 Dec (all 2026, all 17:00).', (b) => b.parts.map((p) => p.due), ['2026-12-02T17:00:00', '2026-12-23T17:00:00']],
  ['Submit a policy brief of at most 4 pages and, as a separate file, a one-page summary for the public. Both as PDF.', labels, ['Policy brief', 'Summary']],
  ['What to hand in\nA policy brief and, as a separate file, a summary. Both as PDF.', labels, ['Policy brief', 'Summary']],
  ['The report is max 6,000 words, the slide deck no more than 15 slides.', labels, []],
  ['Submit a PDF. Separate file: signed declaration (PDF).', labels, [null, 'Signed declaration']],
  // Kinds, with what is said behind them of other kinds.
  ...([['.doc or .docx — PDFs can\'t be annotated and will be returned.', ['doc', 'docx']], ['Word or RTF, PDFs are not accepted.', ['docx', 'rtf']], ['PDF or Word — Pages files can\'t be opened.', ['pdf', 'docx']], ['Word and RTF files are fine, PDFs aren\'t.', ['docx', 'rtf']], ['PDF, please – Word documents will not be opened.', ['pdf']], ['Photos and scans are not accepted: PDF only.', ['pdf']]] as const).map(([text, types]): [string, (b: Brief) => unknown, unknown] => [text, (b) => b.documents[0]?.types, types]),
  // Which one counts.
  ...(['Your latest one overwrites anything before it.', 'I\'ll grade whichever one is most recent.', 'Each upload takes the place of the one before.', 'New files push out old ones.', 'The last thing you send is the thing we mark.', 'The system keeps just the latest file.', 'The last in is the one marked.']).map((text): [string, (b: Brief) => unknown, unknown] => [text, (b) => b.attempts.keeps, 'latest']),
  ['New uploads are added to the old ones.', (b) => b.attempts.keeps, 'all'], ['New editions replace old ones.', (b) => b.attempts.keeps, null], ['Max. 3 uploads.', tries, 3], ['You can only send it once.', tries, 1], ['A single upload is possible.', tries, 1], ['Once sent, it stays sent.', tries, 1], ['We mark your first upload.', tries, 1],
  // Whether a name may be seen.
  ...(['The only thing that may identify you is your candidate number.', 'Your script must carry nothing but your exam number.', 'Nothing in the file may give you away.', 'Leave off your name.', 'Names off, please.', 'Instead of your name, put your exam number on the cover.', 'Keep the paper free of your name.', 'There should be no trace of your name.', 'Grading is done with names hidden.', 'Names are revealed only after marks have been agreed.', 'Student names will not be visible to markers.']).map((text): [string, (b: Brief) => unknown, unknown] => [text, (b) => b.anonymous, true]),
  ...(['Marked anonymously: N', 'With both names on top of the first page.', 'Make sure your name is on it.', 'Name, student number and group at the top right.']).map((text): [string, (b: Brief) => unknown, unknown] => [text, (b) => b.anonymous, false]),
  ...(['Give the names of the species.', 'Your name badge will be at the desk.', 'Do not name the company you worked in.']).map((text): [string, (b: Brief) => unknown, unknown] => [text, (b) => b.anonymous, null]),
  // What the file is called.
  ['Give the file your candidate number followed by the module code.', (b) => b.naming.mustContain, ['candidateNumber', 'courseCode']], ['Call the file the number on your student card.', (b) => b.naming.mustContain, ['studentNumber']], ['Files without your surname in the name cannot be matched.', (b) => b.naming.mustContain, ['surname']], ['Give the file a sensible name.', (b) => b.naming.mustContain, []],
  ['No name in the file or its name: use your seven-digit student ID, like 7654321-Task3.', (b) => [b.anonymous, b.naming.mustContain], [true, ['studentNumber']]], ['Raw data zipped and sent separately to the programme office (data@geo.example).', (b) => b.place, null],
])('%s', (text, of, value) => expect(of(read(text))).toEqual(value));
