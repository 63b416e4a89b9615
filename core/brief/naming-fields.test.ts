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

/** Names with blanks, round brackets, dots and commas among their signs, behind every introduction: the whole name is the rule, the student's fits it, another's does not. Invented sentences. */
const introductions = ['Name your file P.', 'The file name must be P.', 'Please name the file as follows: P', 'File name: P', 'Use the naming convention P.', 'Save your file as P.', 'Files must be named P before submission.', 'Your file should be called P.', 'Filename format: P', 'Please use the following file name: “P”'];
const spelt: [string, string[], string[]][] = [
  ['GEO3107 StudentNumber', ['GEO3107 20417733'], ['GEO3107 20417734', '20417733']], ['StudentNumber_Final Report', ['20417733_Final Report'], ['Final Report', '20417733_Report']], ['(StudentNumber)_GEO3107_CW1', ['20417733_GEO3107_CW1'], ['GEO3107_CW1', 'Brandvold_GEO3107_CW1']],
  ['student_number_Final Report', ['20417733_Final Report'], ['20417734_Final Report']], ['LastName.FirstName.Essay2', ['Brandvold.Ottilie.Essay2'], ['Ottilie.Brandvold.Essay2']], ['Surname, FirstName - Essay title', ['Brandvold, Ottilie - Tides of trade'], ['Ottilie Brandvold - Tides']],
  ['StudentNumber-GroupNumber-Report', ['20417733-7-Report', '20417733-G7-Report'], ['20417733-Report']], ['GEO3107 Surname Essay 1', ['GEO3107 Brandvold Essay 1'], ['GEO3107 Kessler Essay 1', 'GEO3107 Brandvold Essay 2']], ['Candidate number_Paper 1_Option B', ['K4471_Paper 1_Option B'], ['20417733_Paper 1_Option B']],
];
test.each(introductions.flatMap((said) => spelt.map(([name, fitting, others]) => [said.replace(/\bP\b/, () => name), fitting, others] as const)))('%s', (sentence, fitting, others) => {
  const { pattern } = readBrief(sentence, '2027-02-10T10:00:00Z').brief.naming;
  const fits = (name: string): unknown => pattern !== null && checkPattern(`${name}.pdf`, pattern, student).fits;
  expect([pattern, fitting.map(fits), others.map(fits)]).toEqual([pattern, fitting.map(() => true), others.map(() => false)]);
});
test.each(['Name your file with your surname.', 'File name: Student number', 'File name: student number and surname', 'Save your file as a PDF with your student number.', 'The file name must be short and clear.', 'Name the file after your chapter.', 'Save your file as Word or PDF.', 'The file name should not be long.', 'Proposal in one file (without special characters).', 'Call your essay what you like, StudentNumber on page 1.'])('no whole name: %s', (sentence) => {
  expect(readBrief(sentence, '2027-02-10T10:00:00Z').brief.naming.pattern).toBeNull();
});
test('a letter before the figures of an example is the number’s own', () => {
  expect(['S20417733_GEO3107.pdf', '20417733_GEO3107.pdf', 'GEO3107_S20417733.pdf', 'S20417734_GEO3107.pdf'].map((name) => checkPattern(name, 'S1234567_GEO3107', student).fits)).toEqual([true, true, false, false]);
});
test.each([
  ['the name of the file should be your group letter and your table number, eg C_14', '[group letter]_[table number]'], ['Name your file after your group letter and bench number, e.g. B_07.', '[group letter]_[bench number]'],
  ['File name: student number and surname, for example 20481234_Rivers.pdf', '[student number]_[surname]'], ['The file name should be your student number, surname and module code, e.g. 123456-Rivers-HI101.', '[student number]-[surname]-[module code]'],
  // Nothing shows what stands between, or how many pieces there are.
  ['The name of the file should be your group letter and your table number.', null], ['File name: student number and surname, for example Rivers.pdf', null],
])('an example shows what stands between the pieces of a name: %s', (sentence, pattern) => expect(readBrief(sentence, '2027-02-10T10:00:00Z').brief.naming.pattern).toBe(pattern));
test.each([
  ['File names: section, last name, "report" or "data": A_Okafor_report.pdf, A_Okafor_data.csv', '[section]_[last name]_report.pdf or [section]_[last name]_data.csv', ['surname']],
  ['Naming: surname first, then an underscore, then essay. So mine would be Lindqvist_essay.pdf', '[surname]_essay.pdf', ['surname']],
  ['The file name is your candidate number and the paper code, like 40117_LAW3.', '[candidate number]_[paper code]', ['candidateNumber', 'courseCode']],
  ['No names in the filename: use StudentNumber_NURS2210_RA.', 'StudentNumber_NURS2210_RA', ['studentNumber']],
  ['File naming: StudentID-DES2046-Figure1.jpg, StudentID-DES2046-Commentary.docx', 'StudentID-DES2046-Figure1.jpg or StudentID-DES2046-Commentary.docx', ['studentNumber']],
] as [string, string, string[]][])('pieces of a name, and names of several files: %s', (sentence, pattern, carries) => { const { naming } = readBrief(sentence, '2027-02-10T10:00:00Z').brief; expect([naming.pattern, naming.mustContain]).toEqual([pattern, carries]); });
test.each(['The file name should show where you stand: in the folder, on the page, e.g. A_B.pdf', 'Two names come up: Okafor_report.pdf and Lind_data.csv'])('hard negative: an example that does not go with the words: %s', (sentence) => expect(readBrief(sentence, '2027-02-10T10:00:00Z').brief.naming.pattern).toBeNull());

test.each(['– your name should appear neither in the file name nor in the document', ', without your name', ' (without your name)', '; your name must not be in the file name', ', and your name should not appear in the file name', ' and leave your name out'])('a name and what it is not, one after the other: “…%s”', (refusal) => {
  const { naming } = readBrief(`Call the PDF FP_<matric no>.pdf${refusal}.`, '2027-02-10T09:00:00Z').brief;
  expect(naming).toEqual({ pattern: 'FP_<matric no>.pdf', mustContain: ['studentNumber'], mustNotIdentify: true });
});
test('hard negative: a name that has to stand on the first page is not refused', () => { expect(readBrief('Name your file surname_essay.pdf and do not forget your name on the first page.', '2027-02-10T09:00:00Z').brief.naming).toEqual({ pattern: 'surname_essay.pdf', mustContain: ['surname'], mustNotIdentify: null }); });
test.each<[string, string | null, string[], boolean | null]>([
  ['The file name must carry your exam number (Y-number) and nothing that identifies you.', null, ['candidateNumber'], true], ['Name the file with your student number and no other personal details.', null, ['studentNumber'], true], ['Files must be named with the surname first, then the initial of the given name.', null, ['surname', 'initials'], null], ['Name your file Z-number_essay.', 'Z-number_essay', [], null],
  ['Déposez votre devoir en PDF avant le 12 mars 2027. Nom du fichier : NOM_Prénom_numéro d’étudiant', 'NOM_Prénom_numéro d’étudiant', ['studentNumber', 'surname', 'givenNames'], null], ['Entrega el ensayo en PDF antes del 12 de marzo de 2027. Nombre del archivo: Apellido_Nombre_número de estudiante', 'Apellido_Nombre_número de estudiante', ['studentNumber', 'surname', 'givenNames'], null],
  ['Lämna in uppsatsen som pdf senast den 12 mars 2027. Filnamn: Efternamn_Förnamn', 'Efternamn_Förnamn', ['surname', 'givenNames'], null], ['Aflever opgaven som pdf senest den 12. marts 2027. Filnavn: Efternavn_studienummer', 'Efternavn_studienummer', ['studentNumber', 'surname'], null], ['Lever oppgaven som pdf innen 12. mars 2027. Filnavn: Etternavn_kandidatnummer', 'Etternavn_kandidatnummer', ['candidateNumber', 'surname'], null],
  ['Entregue o trabalho em PDF até 12 de março de 2027. Nome do ficheiro: Apelido_número de aluno', 'Apelido_número de aluno', ['studentNumber', 'surname'], null], ['Consegna il saggio in PDF entro il 12 marzo 2027. Nome del file: Cognome_Nome_numero di matricola.', 'Cognome_Nome_numero di matricola', ['studentNumber', 'surname', 'givenNames'], null],
])('%s', (text, pattern, carries, refuses) => { const { naming } = readBrief(text, '2027-02-10T09:00:00Z').brief; expect([naming.pattern, [...naming.mustContain].sort(), naming.mustNotIdentify]).toEqual([pattern, [...carries].sort(), refuses]); });
