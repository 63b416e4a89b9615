import { test } from '@jest/globals';
import { expectSettled } from '../testing/settled.ts';

/** Sentences about lengths, kinds, names and layout, as departments write them, made up, with all that they settle; read on 10 February 2027. */
const sentences: [text: string, says: Record<string, unknown>][] = [
  ['At least 1,200 words.', { 'limits.minWords': 1200 }],
  ['PDF preferred, Word accepted.', { documents: [{ label: null, types: ['pdf', 'docx'] }] }],
  ['Max size: 10MB per file, 30MB in total.', { 'limits.maxBytes': 10000000 }],
  ['Word limit 2,500 – you may go over by no more than 250 words.', { 'limits.maxWords': 2750 }],
  ['Minimum length 5 pages, maximum 7.', { 'limits.minPages': 5, 'limits.maxPages': 7 }],
  ['Please keep to six pages.', { 'limits.maxPages': 6 }],
  ['The dissertation is 10–12,000 words long.', { 'limits.minWords': 10000, 'limits.maxWords': 12000 }],
  [`It shouldn't be more than 6 pages including graphs.`, { 'limits.maxPages': 6 }],
  [`It can't be over 2,000 words.`, { 'limits.maxWords': 2000 }],
  ['An essay of 2,000 words. 10% leeway on the word count either way.', { 'limits.minWords': 1800, 'limits.maxWords': 2200 }],
  ['How many pages? Twelve to fifteen, plus title page and references.', { 'limits.minPages': 12, 'limits.maxPages': 15 }],
  [`It's longer, 2000 words (so anything from 1800 to 2200 is fine).`, { 'limits.minWords': 1800, 'limits.maxWords': 2200 }],
  ['Four blog posts (each 500 words ±10%), compiled into one document.', {}],
  ['Font size 11 (Arial) or 12 (Times New Roman), line spacing 1.5.', { 'layout.lineSpacing': 1.5, 'layout.fonts': ['Arial', 'Times New Roman'] }],
  ['3 cm left margin and 2 cm right margin.', { 'layout.margins.left': 30, 'layout.margins.right': 20 }],
  ['Save the file as LastName_FirstInitial_U6Final.docx.', { documents: [{ label: null, types: ['docx'] }], 'naming.pattern': 'LastName_FirstInitial_U6Final.docx', 'naming.mustContain': ['surname', 'initials'] }],
  ['The file should be renamed as Roll No_Name_HIS602 before uploading.', { 'naming.pattern': 'Roll No_Name_HIS602', 'naming.mustContain': ['studentNumber'] }],
  ['Name the attachment "Proposal_" followed by your family name.', { 'naming.pattern': 'Proposal_[family name]', 'naming.mustContain': ['surname'] }],
  ['Until last year we asked you to put your surname in the file name. This no longer applies. Files are to be named with your exam number.', { 'naming.mustContain': ['candidateNumber'] }],
  ['Submit as .docx AND as .pdf (same content).', { documents: [{ label: null, types: ['docx'] }, { label: null, types: ['pdf'] }] }],
  [`Submit BOTH in ONE Word file via 'Assignment 3 – Translation'.`, { place: 'Assignment 3 – Translation', documents: [{ label: null, types: ['docx'] }] }],
  ['Late submissions lose 5% for the first day and 10% for each day after.', {}],
  ['Submit it at the Undergraduate Office (Room 2.14) and also upload it in the "Essay 1" area.', { place: 'Essay 1' }],
  ['Place of submission: "HIS2 Essay (Group A)" if your surname begins A–K, "HIS2 Essay (Group B)" if it begins L–Z.', {}],
  ['Your submission consists of a poster (PDF, A1) and a two-page handout (PDF, A4).', { documents: [{ label: 'Poster', types: ['pdf'] }, { label: 'Handout', types: ['pdf'], limits: { maxPages: 2 } }] }],
  ['Save your document as a PDF before uploading; keep the original Word file in case we ask for it.', { documents: [{ label: null, types: ['pdf'] }] }],
  ['Rename the file so that it starts with your family name.', { 'naming.mustContain': ['surname'] }],
  ['Hand in via the link in the email you will receive on 1 March.', {}],
];
test.each(sentences)('%s', expectSettled);
