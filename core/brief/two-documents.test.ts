import { describe, expect, test } from '@jest/globals';
import { readBrief } from './read.ts';

/** Sentences that ask for two documents, each with what the two may be called and their kinds. Invented; common practice, no published source. */
const pairs = [['report', 'ethics form'], ['essay', 'cover sheet'], ['dissertation', 'data file'], ['poster', 'reflective commentary'], ['case study', 'source list'], ['lab report', 'logbook'], ['film', 'artist’s statement']] as const;
const read = (text: string): string => readBrief(text, '2027-02-10T09:00:00Z').brief.documents.map((d) => `${(d.label ?? 'unnamed').toLowerCase()}: ${d.types.join(' or ')}`).join(', ');
const capital = (s: string): string => s[0]!.toUpperCase() + s.slice(1);
/** The shape with the names in the places of ONE and TWO; a name that begins a line begins with a capital. */
const fill = (shape: string, one: string, two: string, kinds: readonly [string, string] = ['', '']): string => [['ONE', one], ['TWO', two]].reduce((text, [mark, name]) => text.replace(new RegExp(`(^|\\n|- |• |[|] )${mark}\\b`, 'g'), (_, head: string) => head + capital(name!)).replace(new RegExp(`\\ban? ${mark}\\b`, 'g'), `${/^[aeiou]/.test(name!) ? 'an' : 'a'} ${name!}`).replaceAll(mark!, name!), shape).replaceAll('K1', kinds[0]).replaceAll('K2', kinds[1]);

describe.each([
  'Submit the ONE (K1) and the TWO (K2).', 'Submit your ONE as a K1 and your TWO as a K2.', 'Submit your ONE in K1 format and your TWO in K2 format.', 'The ONE must be a K1 file; the TWO must be a K2 file.', 'The ONE should be in K1, the TWO in K2.',
  'Submit your ONE as a K1 file. Also submit your TWO as a K2 file.', 'Please submit the ONE (K1 format) together with the TWO (K2 format).', 'Two files are required: the ONE in K1 and the TWO in K2.', 'What to submit:\n1. ONE – K1\n2. TWO – K2', 'What to submit\n- ONE (K1)\n- TWO (K2)',
  'Submit a K1 ONE and a K2 TWO.', 'Along with your ONE (K1), submit your TWO (K2).', 'In addition to the ONE, which must be a K1 file, you have to upload the TWO as a K2 file.', 'Your ONE is to be uploaded as a K1 document and your TWO as a K2 document.', 'ONE: K1\nTWO: K2\nDeadline: 5 March 2027',
  'The ONE has to be submitted as a K1. The TWO has to be submitted as a K2.', 'The ONE is submitted as a K1. The TWO is submitted as a K2.', 'Submission format: ONE as K1, TWO as K2.', 'Students must hand in the ONE as a K1 file and the TWO as a K2 file by 5 March 2027.', 'Upload both the ONE (as a K1) and the TWO (as a K2).',
  'The submission consists of a ONE (K1) and a TWO (K2).', 'Your submission consists of two parts: a) the ONE as K1, b) the TWO as K2.', 'We need two things from you: your ONE (as K1) and your TWO (as K2).', 'The ONE goes in as a K1, the TWO as a K2.', 'Save the ONE as K1 and the TWO as K2 before you upload them.', 'Accepted formats: ONE – K1; TWO – K2.',
  '| Document | Format |\n|---|---|\n| ONE | K1 |\n| TWO | K2 |', 'Your ONE must be a K1 and must be accompanied by a TWO (K2).', 'Submit the following:\n• ONE in K1 format\n• TWO in K2 format', 'Submit the following: (a) ONE in K1 format; (b) TWO in K2 format.',
])('kinds of two documents: %s', (shape) => {
  test.each(pairs)('%s and %s', (one, two) => { for (const kinds of [['PDF', '.docx'], ['.docx', 'PDF']] as const) expect(read(fill(shape, one, two, kinds))).toBe(`${one}: ${kinds[0].replace('.', '').toLowerCase()}, ${two}: ${kinds[1].replace('.', '').toLowerCase()}`); });
});

describe.each([
  'Submit ONE and TWO, both as PDF.', 'Submit your ONE and your TWO as PDFs.', 'Submit the ONE and the TWO as PDF files.', 'Please upload a ONE and a TWO (both PDF).', 'Submit two files: a ONE and a TWO, both as PDF.', 'The ONE and the TWO must both be PDF.', 'The ONE and the TWO must be in PDF format.', 'Both the ONE and the TWO must be submitted as PDF.',
  'The ONE and the TWO are due on Friday 5 March 2027, both in PDF format.', 'Hand in ONE plus TWO, each as a PDF.', 'Submit your ONE and the TWO as two separate PDFs.', 'Upload the ONE (4 pages) together with the TWO (1 page) – both as .pdf files – by 5 March 2027.', 'Submit ONE and TWO. Both must be PDF.',
])('one kind for two documents: %s', (shape) => {
  test.each(pairs)('%s and %s', (one, two) => { expect(read(fill(shape, one, two))).toBe(`${one}: pdf, ${two}: pdf`); });
});

test.each([
  ['Upload the proposal, the budget and the timeline, all as Word documents.', 'proposal: docx, budget: docx, timeline: docx'], ['Submit the report and the poster, both as PDF or Word, and the data as CSV.', 'report: pdf or docx, poster: pdf or docx, data: csv'], ['Submit the essay and the declaration of originality, both as PDF.', 'essay: pdf, declaration of originality: pdf'],
])('%s', (text, documents) => { expect(read(text)).toBe(documents); });

test.each([
  ['Submit the report and the poster as one PDF.', 'unnamed: pdf'], ['Your report and poster should be combined as a PDF.', 'unnamed: pdf'], ['Submit the report and poster in PDF format.', 'unnamed: pdf'], ['Submit your essay as a PDF.', 'essay: pdf'], ['Tables and figures, both as PDF, belong in the appendix.', ''],
])('is not two documents: %s', (text, documents) => { expect(read(text)).toBe(documents); });

test.each([
  ['Read the article (PDF) and write an essay. Submit the essay as a Word document.', 'essay: docx'], ['Download the template (Word), fill it in and upload it as a PDF.', 'unnamed: pdf'], ['Download the risk form (DOCX), fill it in and submit it with your proposal (PDF).', 'risk form: docx, proposal: pdf'],
  ['The paper must be a PDF; the source files (LaTeX) must be submitted as a ZIP.', 'paper: pdf, source files: zip'], ['The main document must be a PDF. Appendices may be Word or Excel files.', 'unnamed: pdf, appendices: docx or xlsx'],
])('what is handed out and what is handed in: %s', (text, documents) => { expect(read(text)).toBe(documents); });

test('a limit on one of two documents whose kind is said once stays with it', () => {
  const { documents, limits } = readBrief('Submit report and poster, both as PDF. The report must be 3 pages at most.', '2027-02-10T09:00:00Z').brief;
  expect([documents.map((d) => d.limits?.maxPages ?? null), limits.maxPages]).toEqual([[3, null], null]);
});

test.each([
  ['Hand in as one zip file containing\n a) the report (PDF, no more than 20 pages),\n b) the data (CSV),\n c) a video (MP4).', 'unnamed: zip'], ['Submit one zip archive with the following contents:\n1. Report (PDF)\n2. Code', 'unnamed: zip'], ['Submit a zip file containing:\n- report.pdf\n- data.csv\n\nDue 5 March 2027.', 'unnamed: zip'],
  // What is asked for beside it stays, also as the next item of the same list.
  ['What to submit:\n- one zip file with your code\n- a report (PDF)', 'code: zip, report: pdf'], ['Submit:\n1. A zip file containing the source files\n2. The report as a PDF', 'source files: zip, report: pdf'], ['Submit:\n- A zip file containing\n  - report.pdf\n  - data.csv\n- A poster (PDF)', 'unnamed: zip, poster: pdf'],
  ['Submit a zip file with your code. Also submit:\n- Report (PDF)\n- Log (DOCX)', 'code: zip, report: pdf, log: docx'],
])('what goes into one package: %s', (text, documents) => { expect(read(text)).toBe(documents); expect(readBrief(text, '2027-02-10T09:00:00Z').brief.limits.maxPages).toBeNull(); });

test('a copy is called after what it is a copy of', () => {
  expect(read('You must submit (i) an electronic copy of your dissertation as a single PDF, and (ii) a signed declaration as a separate PDF.')).toBe('dissertation: pdf, signed declaration: pdf');
});
test('pages in words', () => {
  expect(readBrief('Submit a report (PDF, ten pages) and a map (PDF, one page).', '2027-02-10T09:00:00Z').brief.documents.map((d) => d.limits?.maxPages)).toEqual([10, 1]);
  expect(readBrief('Upload the CV (max. two pages) as a PDF.', '2027-02-10T09:00:00Z').brief.limits.maxPages).toBe(2);
});
