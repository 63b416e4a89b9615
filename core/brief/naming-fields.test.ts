import { expect, test } from '@jest/globals';
import { checkPattern } from '../naming/pattern.ts';
import { noDetails } from '../model/details.ts';
import { readBrief } from './read.ts';

/** Whatever an assignment calls a field of a file's name, it is read as that field, and a name by the rule fits what was read. Invented sentences. */
const words = {
  studentNumber: ['StudentNumber', 'student_number', 'StudentNo', 'Student ID', 'SID', 'ID', 'IDnumber', 'your student number', 'MatricNo', 'Matrikelnummer', 'RegNo', 'enrolment number', 'university ID', 'Student#'],
  candidateNumber: ['CandidateNumber', 'candidate_number', 'Candidate No.', 'ExamNo', 'examination code', 'CandNo', 'anonymous code', 'anonymous marking number'],
  surname: ['Surname', 'LastName', 'last_name', 'Family name', 'Nachname', 'yourlastname', 'student surname'], givenNames: ['FirstName', 'Given name', 'forename', 'Vorname'], username: ['username', 'user_name', 'NetID', 'login', 'university username'],
} as const;
const student = { ...noDetails(), givenNames: ['Ottilie'], surname: 'Brandvold', username: 'obr17', studentNumber: '20417733', candidateNumber: 'K4471' }, values = { studentNumber: '20417733', candidateNumber: 'K4471', surname: 'Brandvold', givenNames: 'Ottilie', username: 'obr17' };
test.each((Object.keys(words) as (keyof typeof words)[]).flatMap((field) => words[field].map((word) => [word, field] as const)))('%s', (word, field) => {
  for (const set of [(w: string) => w, (w: string) => `<${w}>`, (w: string) => `[${w}]`]) for (const [shape, name] of [['Name your file P_Essay1.pdf.', 'P_Essay1'], ['File name: P-GEO3107-Essay1', 'P-GEO3107-Essay1'], ['Your file should be called P_CW1.pdf.', 'P_CW1']] as const) {
    const put = (text: string, value: string): string => text.replace(/(?<![A-Za-z])P(?![a-z])/, () => value), { naming } = readBrief(put(shape, set(word)), '2027-02-10T10:00:00Z').brief;
    expect([put(shape, set(word)), naming.mustContain.includes(field), naming.pattern !== null && checkPattern(`${put(name, values[field])}.pdf`, naming.pattern, student).fits]).toEqual([put(shape, set(word)), true, true]);
  }
});
