import { describe, expect, test } from '@jest/globals';
import { readBrief } from './read.ts';

const read = (text: string) => readBrief(text, '2027-01-12T10:00:00Z').brief;
const parts = (text: string) => read(text).parts.map((p) => `${p.label}: ${p.due}`);

describe('one sort of work with several days', () => {
  test.each<[string, string[]]>([
    ['Response papers are due on 3 Feb, 17 Feb and 3 March 2027 at 9am.', ['Response paper 1: 2027-02-03T09:00:00', 'Response paper 2: 2027-02-17T09:00:00', 'Response paper 3: 2027-03-03T09:00:00']],
    ['There are four response papers. They’re due at the start of class (10:10 am) on Jan 28, Feb 18, Mar 11 and Apr 8, 2027.', ['Response paper 1: 2027-01-28T10:10:00', 'Response paper 2: 2027-02-18T10:10:00', 'Response paper 3: 2027-03-11T10:10:00', 'Response paper 4: 2027-04-08T10:10:00']],
    ['Papers are due on February 3, February 17 and March 3.', ['Paper 1: 2027-02-03', 'Paper 2: 2027-02-17', 'Paper 3: 2027-03-03']],
    ['Journal entries due: Jan 28, Feb 18, Mar 11', ['Journal entry 1: 2027-01-28', 'Journal entry 2: 2027-02-18', 'Journal entry 3: 2027-03-11']],
    ['Deadlines: 3 February, 17 February (each at 9 am)', ['Part 1: 2027-02-03T09:00:00', 'Part 2: 2027-02-17T09:00:00']],
    ['The three lab reports are due on Fridays: 5 March, 19 March and 2 April at noon.', ['Lab report 1: 2027-03-05T12:00:00', 'Lab report 2: 2027-03-19T12:00:00', 'Lab report 3: 2027-04-02T12:00:00']],
  ])('%s', (text, want) => { expect(parts(text)).toEqual(want); expect(read(text).due).toBeNull(); });
  test.each(['The essay is due on 3 February, 4 March at the latest with an extension.', 'Office hours: 3 Feb, 17 Feb.', 'Drafts are due 1 March, finals 3 April'])('“%s” is no series', (text) => { expect(parts(text)).toEqual([]); });
  test('an hour that the sentence before says', () => { expect(parts('Due one week after your lab session at 6pm. For the Wednesday section that means 17 March; for the Friday section 19 March.')).toEqual(['Wednesday section: 2027-03-17T18:00:00', 'Friday section: 2027-03-19T18:00:00']); });
});
