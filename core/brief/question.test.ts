import { expect, test } from '@jest/globals';
import { madeBrief, nina } from '../testing/made.ts';
import { Matcher } from '../identity/find.ts';
import { readBrief } from './read.ts';
import { clashInName, openQuestions, questionMessage } from './question.ts';

const ask = (text: string) => { const { brief, remarks } = readBrief(text, '2026-11-25T10:00:00Z'); return openQuestions(brief, remarks); };
test('everything open is asked, once each', () => expect(ask('Write something nice.').map((q) => q.field)).toEqual(['documents', 'due', 'anonymous', 'place', 'attempts.allowed']));
test('a contradiction is asked with both quotes', () => expect(ask('Due 3 May 2027 at 12:00. Elsewhere: due 4 May 2027 at 12:00.').find((q) => q.field === 'due')!.text).toMatch(/“3 May 2027 at 12:00” and “4 May 2027 at 12:00”/));
test('a wrong weekday is asked', () => expect(ask('Due Monday 13 March 2027').find((q) => q.field === 'due')!.text).toMatch(/weekday/));
test.each([
  ['a student number is how many departments keep it anonymous', { mustContain: ['studentNumber'], mustNotIdentify: null }, false], ['unless nothing may identify', { mustContain: ['studentNumber'], mustNotIdentify: true }, true],
  ['a candidate number never clashes', { mustContain: ['candidateNumber'], mustNotIdentify: true }, false], ['a user name does', { mustContain: ['username'], mustNotIdentify: null }, true],
] as const)('a name of the file that says who: %s', (_, naming, asked) => { const brief = madeBrief({ anonymous: true, naming: { pattern: null, ...naming, mustContain: [...naming.mustContain] } }); expect([clashInName(brief).length > 0, openQuestions(brief, []).some((q) => q.field === 'naming')]).toEqual([asked, asked]); });
test('anonymity against the name rule is asked', () => expect(openQuestions(madeBrief({ anonymous: true, naming: { pattern: null, mustContain: ['surname'], mustNotIdentify: null } }), []).map((q) => q.field)).toContain('naming'));
test('a settled brief asks nothing', () => expect(ask('Submit your essay as a PDF to “HIS 210 Essay” by 17:00 on 12 March 2027 (UK time). Marking is anonymous. Only one attempt is allowed.')).toEqual([]));
test('the message holds nothing that identifies but the signature', () => {
  const message = questionMessage({ questions: ask('Write something nice.'), course: 'GEO 3107', title: 'Saltmarsh', signature: '' });
  expect(new Matcher(nina).find(message.subject + message.body)).toEqual([]);
  expect(message.body).toMatch(/^Hello,[\s\S]*1\. How many documents/);
  expect(questionMessage({ questions: ask('x'), course: '', title: '', signature: 'Candidate Y3921847' }).body).toContain('Candidate Y3921847');
});

test('what is said on many pages is quoted once', () => {
  const { brief, remarks } = readBrief(`${'The limit is 2,000 words maximum.\n\n'.repeat(30)}${'Word limit: 2,500.\n\n'.repeat(30)}`, '2027-02-10T10:00:00Z');
  expect(openQuestions(brief, remarks).find((q) => q.field === 'limits.maxWords')?.text).toMatch(/^The text says both “[^”]*2,000 words[^”]*” and “[^”]*2,500[^”]*”\. Which one holds\?$/);
});
