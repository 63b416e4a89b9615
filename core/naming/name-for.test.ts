import { expect, test } from '@jest/globals';
import { madeBrief, nina } from '../testing/made.ts';
import { checkPattern, eachName, nameFor, proposeName } from './pattern.ts';

/** Rules that name each of several files. Made up for this test. */
const three = 'Surname_StudentNumber_thesis.pdf or Surname_StudentNumber_declaration.pdf or Surname_StudentNumber_summary.docx';

test.each<[string, string | null, string]>([
  [three, 'Thesis', 'Surname_StudentNumber_thesis.pdf'], [three, 'Plagiarism declaration', 'Surname_StudentNumber_declaration.pdf'], [three, 'One-page summary', 'Surname_StudentNumber_summary.docx'],
  ['G<Gruppennummer>_Doku.pdf or G<Gruppennummer>_Code.zip', 'Dokumentation', 'G<Gruppennummer>_Doku.pdf'], ['G<Gruppennummer>_Doku.pdf or G<Gruppennummer>_Code.zip', 'Quellcode', 'G<Gruppennummer>_Code.zip'],
  ['T3_Poster_[group letter].pdf or T3_Note_[group letter]', 'Note', 'T3_Note_[group letter]'],
  // Nothing in the names tells of the document: all of them hold.
  [three, 'Poster', three], [three, null, three], ['StudentNumber_RA or StudentNumber_Hours', 'Form', 'StudentNumber_RA or StudentNumber_Hours'], ['Surname_Essay.pdf', 'Thesis', 'Surname_Essay.pdf'],
  // What all of them say tells none from the others.
  ['Report_main.pdf or Report_data.csv', 'Report', 'Report_main.pdf or Report_data.csv'],
])('of “%s” for %s', (pattern, label, name) => { expect(nameFor(pattern, label)).toBe(name); });

test('names of which only some have an ending are names each', () => {
  expect(eachName('T3_Poster_[group letter].pdf or T3_Note_[group letter]')).toHaveLength(2);
  expect(checkPattern('T3_Note_B.docx', 'T3_Poster_[group letter].pdf or T3_Note_[group letter]', null).fits).toBe(true);
  expect(checkPattern('T3_Map_B.docx', 'T3_Poster_[group letter].pdf or T3_Note_[group letter]', null).fits).toBe(false);
});
test('a proposed name is that of its document', () => {
  const propose = (label: string | null): string => proposeName({ brief: madeBrief({ naming: { pattern: three, mustContain: [], mustNotIdentify: null } }), details: nina, present: 'a.pdf', extension: 'pdf', title: 'A title', courseCode: 'GEO 3107', label, anonymous: false });
  expect(propose('Plagiarism declaration')).toMatch(/_declaration\.pdf$/);
  expect(propose(null)).toMatch(/_thesis\.pdf$/);
});
