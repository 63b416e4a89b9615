import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { noDetails, type Details } from '../model/details.ts';
import { madeBrief, nina } from '../testing/made.ts';
import { checkPattern, hasField, parsePattern, proposeName } from './pattern.ts';

const propose = (pattern: string | null, present = 'saltmarsh_final2_nvi204.docx', anonymous = true) => proposeName({ brief: madeBrief({ anonymous, naming: { pattern, mustContain: [], mustNotIdentify: null } }), details: nina, present, extension: 'pdf', title: 'Sediment budgets of a realigned saltmarsh', courseCode: 'GEO 3107', label: null, anonymous });

test.each<[string, (string | { f: string })[]]>([
  ['StudentNumber_CourseCode', [{ f: 'studentNumber' }, '_', { f: 'courseCode' }]], ['[Surname]-[Initials]-essay', [{ f: 'surname' }, '-', { f: 'initials' }, '-', { f: 'title' }]], ['{candidate number}_GEO3107', [{ f: 'candidateNumber' }, '_GEO3107']], ['student number and surname', [{ f: 'studentNumber' }, ' and ', { f: 'surname' }]],
])('%s', (pattern, expected) => expect(parsePattern(pattern).map((t) => ('field' in t ? { f: t.field } : t.literal))).toEqual(expected));

describe('names held against a pattern', () => {
  test.each<[string, string, boolean]>([
    ['Surname_Essay1.pdf', 'Vestergaard-Imani_Essay1.pdf', true], ['Surname_Essay1.pdf', 'VestergaardImani_Essay1.pdf', true], ['Surname_Essay1.pdf', 'Essay1_Vestergaard-Imani.pdf', false], ['Surname_Essay1.pdf', 'Imani_Essay1.pdf', false],
    ['StudentID_ModuleCode.pdf', '20417733_GEO3107.pdf', true], ['StudentID_ModuleCode.pdf', '20417734_GEO3107.pdf', false], ['StudentID_ModuleCode.pdf', '20417733-GEO3107.pdf', false],
    ['GEO3107_candidate number_Report2.pdf', 'GEO3107_Y3921847_Report2.pdf', true], ['GEO3107_candidate number_Report2.pdf', 'GEO3107_20417733_Report2.pdf', false],
    ['ID number + Essay 1', '20417733 Essay 1.pdf', true], ['ID number + Essay 1', '20417733_Essay_1.pdf', true], ['ID number + Essay 1', 'Essay 1 20417733.pdf', false],
    ['YYYYMMDD_Surname.pdf', '20270315_Vestergaard-Imani.pdf', true], ['YYYYMMDD_Surname.pdf', '15032027_Vestergaard-Imani.pdf', false], ['DD-MM-YYYY Surname', '15-03-2027 VestergaardImani.pdf', true],
    ['YYYY-MM-DD_Surname.docx', '2027-03-12_Vestergaard-Imani.docx', true], ['YYYY-MM-DD_Surname.docx', '12-03-2027_Vestergaard-Imani.docx', false], ['YYYY_Surname.docx', '2027_Vestergaard-Imani.docx', true], ['NOM_Prénom_numéro d’étudiant', 'VESTERGAARD-IMANI_Nina_20417733.pdf', true], ['NOM_Prénom_numéro d’étudiant', 'Nina_VESTERGAARD-IMANI_20417733.pdf', false], ['Efternavn_studienummer', 'VestergaardImani_20417733.pdf', true], ['Cognome_Nome_numero di matricola', 'VestergaardImani_Nina_20417733.pdf', true],
    ['candidate number', 'Y3921847.pdf', true], ['candidate number', 'Y3921847_essay.pdf', false], ['Last_First_HW1.docx', 'VestergaardImani_Nina_HW1.docx', true], ['Last_First_HW1.docx', 'Last_First_HW1.docx', false], ['Nachname_Vorname_HW1.pdf', 'VestergaardImani_Nina_HW1.pdf', true],
    ['Surname_Firstname_Assignment2.pdf', 'VestergaardImani_Nina_Assignment2.pdf', true], ['Surname_Firstname_Assignment2.pdf', 'Nina_VestergaardImani_Assignment2.pdf', false],
  ])('%s: %s', (pattern, name, fits) => expect(checkPattern(name, pattern, nina).fits).toBe(fits));
});
describe('proposed names', () => {
  test('by the pattern', () => expect(propose('CandidateNumber_GEO3107.pdf')).toBe('Y3921847_GEO3107.pdf'));
  test('without a rule, nothing of mine and no marks of versions', () => expect(propose(null)).toBe('GEO3107_Sediment-budgets-of-a-realigned.pdf'));
  test('accents become plain letters', () => expect(propose('GivenName_Surname')).toBe('Nina_Vestergaard-Imani.pdf'));
  test('not anonymous: the present name without its marks', () => expect(propose(null, 'Tide report (1) v2.docx', false)).toBe('Tide-report.pdf'));
});
test('a proposed name always keeps its own pattern and is plain', () => {
  const field = fc.constantFrom('StudentNumber', 'CandidateNumber', 'Surname', 'Username'), sign = fc.constantFrom('_', '-');
  fc.assert(fc.property(field, sign, field, fc.stringMatching(/^[A-Z]{2,4}\d{2,4}$/), (a, s, b, code) => {
    fc.pre(a !== b);
    const pattern = `${a}${s}${b}${s}${code}`, name = propose(pattern);
    return checkPattern(name, pattern, nina).fits === true && /^[\x21-\x7e]+\.pdf$/.test(name);
  }));
});
test('a field is found with whatever stands between its signs', () => fc.assert(fc.property(fc.array(fc.constantFrom('', '-', '_', ' '), { minLength: 7, maxLength: 7 }), (gaps) => hasField(`x_${[...nina.studentNumber].map((d, i) => d + (gaps[i] ?? '')).join('')}`, 'studentNumber', nina) === true)));
test('a dash in the title leaves one hyphen in the name', () => {
  const name = (mustContain: ('studentNumber')[], anonymous: boolean): string => proposeName({ brief: madeBrief({ anonymous, naming: { pattern: null, mustContain, mustNotIdentify: null } }), details: nina, present: 'a.doc', extension: 'pdf', title: 'Rivers – Portfolio', courseCode: 'GEOG 2114', label: null, anonymous });
  expect(name([], true)).toBe('GEOG2114_Rivers-Portfolio.pdf');
  expect(name(['studentNumber'], false)).toMatch(/_Rivers-Portfolio\.pdf$/);
});

/** Every word for a field, in every bracket that sets it apart, at every place of a name. The student and the words are made up. */
const ottilie: Details = { ...noDetails(), givenNames: ['Ottilie', 'Mae'], surname: 'Brandvold', username: 'obr17', studentNumber: '20417733', candidateNumber: 'K4471' };
describe('whatever a rule calls a field', () => {
  const words: Record<string, string[]> = {
    '20417733': ['StudentNumber', 'student_number', 'STUDENTNUMBER', 'StudentNo', 'Student ID', 'student-id', 'SID', 'ID', 'IDnumber', 'your student number', 'matriculation number', 'MatricNo', 'Matrikelnummer', 'RegNo', 'RollNo', 'enrolment number', 'university ID', 'Student#', '12345678', 'XXXXXXXX', '########', 'Matr.-Nr.'],
    K4471: ['CandidateNumber', 'candidate_number', 'Candidate No.', 'exam number', 'ExamNo', 'examination code', 'CandNo', 'anonymous code', 'anonymous marking number'],
    Brandvold: ['Surname', 'SURNAME', 'LastName', 'last_name', 'Family name', 'Nachname', 'yourlastname', 'Name', 'student surname'], Ottilie: ['FirstName', 'first_name', 'Given name', 'forename', 'Vorname', 'YourFirstName'], obr17: ['username', 'user_name', 'UserID', 'NetID', 'login', 'your username', 'university username'],
  };
  test.each(Object.entries(words).flatMap(([value, list]) => list.map((word) => [word, value] as const)))('%s', (word, value) => {
    for (const set of [(w: string) => w, (w: string) => `<${w}>`, (w: string) => `[${w}]`, (w: string) => `{${w}}`, (w: string) => `(${w})`, (w: string) => `*${w}*`]) for (const shape of ['P_Essay1', 'GEO3107_P', 'P-GEO3107-Essay 1', 'Essay1_P_final']) {
      const put = (v: string): string => shape.replace(/(?<![A-Za-z])P(?![a-z])/, () => v), pattern = `${put(set(word))}.pdf`;
      expect([pattern, checkPattern(`${put(value)}.pdf`, pattern, ottilie).fits, checkPattern(`${put('Zz99')}.pdf`, pattern, ottilie).fits]).toEqual([pattern, true, false]);
    }
  });
});
describe('rules in words', () => {
  test.each<[string, string[], string[]]>([
    ['student number and surname', ['20417733_Brandvold.pdf', '20417733 Brandvold.docx'], ['Brandvold.pdf', '20417733.pdf']], ['Surname, first name, module code', ['Brandvold_Ottilie_GEO3107.pdf'], ['Ottilie.pdf']], ['your surname followed by your student number', ['Brandvold_20417733.pdf', 'Brandvold20417733.pdf'], ['Brandvold.pdf']],
    ['Name_Essay1', ['Brandvold_Essay1.pdf', 'OttilieBrandvold_Essay1.pdf', 'Brandvold_Ottilie_Essay1.pdf'], ['Essay1.pdf', 'Kessler_Essay1.pdf']], ['module code - student number', ['GEO3107-20417733.pdf'], ['20417733.pdf']], ['GEO3107 Essay 2 <student number>', ['GEO3107_Essay_2_20417733.pdf'], ['GEO3107 Essay 1 20417733.pdf']], ['<Surname>_<Initial>_HW3', ['Brandvold_O_HW3.pdf', 'Brandvold_OM_HW3.pdf'], ['Brandvold_X_HW3.pdf']],
    ['<module>_<candidate number>_<word count>', ['GEO3107_K4471_2950.pdf'], ['GEO3107_2950.pdf']], ['candidate number only', ['K4471.pdf'], ['K4472.pdf', 'Brandvold.pdf']], ['“Essay 2 - candidate number”', ['Essay 2 - K4471.pdf'], ['K4471.pdf']], ['first initial and surname', ['OBrandvold.pdf', 'O_Brandvold.pdf'], ['Brandvold.pdf']], ['P_12345678_essay', ['P_20417733_essay.pdf', 'P_K4471_essay.pdf'], ['P_99999999_essay.pdf']],
  ])('%s', (pattern, fitting, others) => { for (const name of fitting) expect([name, checkPattern(name, pattern, ottilie).fits]).toEqual([name, true]); for (const name of others) expect([name, checkPattern(name, pattern, ottilie).fits]).toEqual([name, false]); });
});

/** What stands for something that only the reader knows; made up. */
test.each<[string, string[], string[]]>([
  ['TeamXX_Report.pdf or TeamXX_Code.zip', ['Team04_Report.pdf', 'Team12_Code.zip'], ['Report_Team04.pdf', 'Team04_Slides.pdf']], ['report_teamN.pdf', ['report_team4.pdf'], ['report.pdf']], ['G<number>_minutes.pdf', ['G5_minutes.pdf', 'G12_minutes.docx'], ['minutes.pdf']],
  ['[group letter]_[table number]', ['B_14.pdf'], ['B14.pdf']], ['APxx_summary.docx', ['AP07_summary.docx'], ['summary_AP07.docx']], ['HW#_Last.pdf', ['HW3_Brandvold.pdf'], ['HW3_Kessler.pdf']], ['Lastname_Firstname_Year.pdf', ['Brandvold_Ottilie_2027.pdf'], ['Brandvold_Ottilie_next.pdf']],
  ['sheet05_name1_name2.pdf', ['sheet05_Brandvold_Kessler.pdf', 'sheet05_Kessler_Brandvold.pdf'], ['sheet05.pdf']], ['LastFirst_Poster.pdf', ['BrandvoldOttilie_Poster.pdf'], ['OttilieBrandvold_Poster.pdf']], ['LastnameStudentID_AT2.docx', ['Brandvold20417733_AT2.docx'], ['20417733_AT2.docx']],
  ['surname_01.jpg or surname_02.jpg', ['Brandvold_01.jpg', 'Brandvold_07.jpg'], ['Brandvold_x.jpg']], ['B-number_DISS', ['20417733_DISS.pdf'], ['DISS.pdf']], ['NOM_Prenom_Dossier.pdf', ['Brandvold_Ottilie_Dossier.pdf'], ['Ottilie_Brandvold_Dossier.pdf']],
  // A word for a title that is part of a longer one says itself.
  ['FinalEssay_Surname', ['FinalEssay_Brandvold.pdf'], ['FinalReport_Brandvold.pdf']], ['TitlePage_[surname].docx', ['TitlePage_Brandvold.docx'], ['FrontPage_Brandvold.docx']],
])('%s', (pattern, fitting, others) => { for (const name of fitting) expect([name, checkPattern(name, pattern, ottilie).fits]).toEqual([name, true]); for (const name of others) expect([name, checkPattern(name, pattern, ottilie).fits]).toEqual([name, false]); });
test('a name for each file goes by its ending', () => {
  const of = (extension: string): string => proposeName({ brief: madeBrief({ naming: { pattern: 'Surname_VE.mp4 or Surname_Statement.pdf', mustContain: [], mustNotIdentify: null } }), details: ottilie, present: 'x', extension, title: 'A title', courseCode: 'FILM260', label: null, anonymous: false });
  expect([of('pdf'), of('mp4'), of('docx')]).toEqual(['Brandvold_Statement.pdf', 'Brandvold_VE.mp4', 'Brandvold_VE.docx']);
});
test.each<[string, boolean | 'unknown']>([['VestergaardImaniN.pdf', true], ['VestergaardImani_N.pdf', true], ['N_report.pdf', true], ['Vestergaard.pdf', false], ['VestergaardNotes.pdf', false]])('initials in %s: %p', (name, has) => expect(hasField(name, 'initials', nina)).toBe(has));
