import { describe, expect, test } from '@jest/globals';
import { readBrief } from './read.ts';

/** What a file's name must carry, or must not, whichever detail it is. Invented; which field a detail is: the conventions of `brief`. */
const naming = (text: string): { mustContain: string[]; mustNotIdentify: boolean | null } => readBrief(text, '2027-02-10T09:00:00Z').brief.naming;
const details = [
  ['student number', 'studentNumber'], ['student ID', 'studentNumber'], ['registration number', 'studentNumber'], ['matriculation number', 'studentNumber'], ['roll number', 'studentNumber'], ['candidate number', 'candidateNumber'], ['exam number', 'candidateNumber'], ['surname', 'surname'], ['last name', 'surname'], ['family name', 'surname'],
] as const;
/** As one writes it within a name. */
const joined = (detail: string): string => detail.replace(/(?:^| )(\p{L})/gu, (_, c: string) => c.toUpperCase());

describe.each([
  'Name your file with your DETAIL and the module code.', 'The file name must contain your DETAIL.', 'Use your DETAIL as the file name.', 'Your DETAIL must appear in the file name.', 'Include your DETAIL in the name of the file.', 'Please name the file [DETAIL]_essay.pdf.', 'The name of the file should begin with your DETAIL.', 'File name: DETAIL and assignment title',
  'Rename your file to <DETAIL>_Essay1 before you upload it.', 'Label your file with your DETAIL.', 'The title of the file should be your DETAIL followed by the module code.', 'Put your DETAIL in the filename.', 'Name the document using your DETAIL only.', 'Start the file name with your DETAIL.', 'Save your file as JOINED_GEO3107.', 'Files must be named: JOINED_title.', 'Submit your file under the name JOINED-Essay.', 'Call the file JOINED.pdf.', 'Naming convention: JOINED_ModuleCode',
])('must carry it: %s', (shape) => {
  test.each(details)('%s', (detail, field) => { expect(naming(shape.replace('DETAIL', detail).replace('JOINED', joined(detail))).mustContain).toContain(field); });
});
describe.each([
  'Do not put your DETAIL in the file name.', 'The file name must not contain your DETAIL.', 'Your DETAIL must not appear in the file name.', 'Do not use your DETAIL anywhere, including the file name.', 'File names must not include your DETAIL.',
])('must not carry it: %s', (shape) => {
  test.each(details.map(([detail]) => detail))('%s', (detail) => { expect(naming(shape.replace('DETAIL', detail))).toMatchObject({ mustContain: [], mustNotIdentify: true }); });
});
test('one detail instead of another', () => {
  expect(naming('Do not use your name in the file name but your candidate number.')).toMatchObject({ mustContain: ['candidateNumber'], mustNotIdentify: true });
  expect(naming('The file name must not contain your name; use your student number instead.')).toMatchObject({ mustContain: ['studentNumber'] });
});
