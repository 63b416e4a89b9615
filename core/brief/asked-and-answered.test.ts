import { describe, expect, test } from '@jest/globals';
import type { Brief } from '../model/brief.ts';
import { readBrief } from './read.ts';

/** Each question with each answer that fits it. Invented; common practice, no published source. */
const read = (text: string): Brief => readBrief(text, '2026-11-30T09:00:00Z').brief;
const ends = (least: string, most: string): string[] => [`${least} to ${most}.`, `At least ${least}, and never more than ${most}.`, `Between ${least} and ${most}.`, `No fewer than ${least} and no more than ${most}.`, `A minimum of ${least} and a maximum of ${most}.`, `Somewhere between ${least} and ${most}.`, `${least} at the least, ${most} at the most.`];
const cases: { name: string; asks: string[]; answers: string[]; says: (brief: Brief) => unknown; value: unknown }[] = [
  { name: 'how large', asks: ['How big may the file be?', 'Is there a limit on file size?', 'How many MB may it be?', 'My file is huge, is that a problem?'], answers: ['25 MB.', '25 MB each.', 'At most 25 MB per file.', 'Yes, 25 MB.', 'Files over 25 MB are refused.'], says: (b) => b.limits.maxBytes, value: 25_000_000 },
  { name: 'how many pages', asks: ['How many pages?', 'What is the page limit?', 'How many pages should it have?'], answers: [...ends('ten', 'fifteen'), ...ends('10', '15'), '10-15.'], says: (b) => [b.limits.minPages, b.limits.maxPages], value: [10, 15] },
  { name: 'how many words', asks: ['How many words?', 'What is the word limit?', 'What’s the word count?'], answers: [...ends('1,800', '2,000'), '1800-2000.'], says: (b) => [b.limits.minWords, b.limits.maxWords], value: [1800, 2000] },
  { name: 'how long', asks: ['How long?', 'How many words?', 'What’s the maximum length?', 'Is there an upper limit?', 'How long should the essay be?'], answers: ['2,500 words.', 'You have 2,500 words.', 'Two and a half thousand words.', 'No more than 2,500 words.', 'Yes, 2,500 words.'], says: (b) => b.limits.maxWords, value: 2500 },
  { name: 'when', asks: ['What’s the cut-off?', 'When is it due?', 'How long do I have?', 'When exactly?', 'When do you need it?'], answers: ['Friday 11 December 2026, 5 pm.', 'On 11 December 2026 at 17:00.', 'No later than 5 pm on 11 December 2026.', 'The 11th of December 2026, at five in the afternoon.'], says: (b) => b.due, value: '2026-12-11T17:00:00' },
  { name: 'where, by what it is', asks: ['Where do I hand it in?', 'How do I submit?', 'Where does it go?'], answers: ['Via the portfolio area.', 'Use the portfolio area.', 'The portfolio area on the course page.', 'Upload it to the portfolio area.', 'Electronically, via the portfolio area.'], says: (b) => b.place, value: 'portfolio area' },
  { name: 'where, by its name', asks: ['Where do I hand it in?', 'Where should I send it?'], answers: ['Under Essay 2 on the course page.', 'Under the heading “Essay 2”.', 'In the folder “Essay 2”.'], says: (b) => b.place, value: 'Essay 2' },
];
describe.each(cases)('$name', ({ asks, answers, says, value }) => { test.each(asks.flatMap((q) => answers.map((a) => [q, a])))('%s %s', (q, a) => { expect(says(read(`${q}\n${a}`))).toEqual(value); expect(says(read(`Q: ${q}\nA: ${a}`))).toEqual(value); }); });

// Hard negatives: other things that are asked for by the same words.
test.each<[string, (brief: Brief) => unknown]>([
  ['How many photos?\nMin. 5, max. 10 files.', (b) => b.limits.maxPages], ['How many sources?\nAt least ten, and never more than fifteen.', (b) => b.limits.maxPages], ['Where do I find the slides?\nIn the lecture area.', (b) => b.place], ['Where do I hand it in?\nOn the course page.', (b) => b.place], ['How long does marking take?\nBetween ten and fifteen days.', (b) => b.limits.maxPages], ['How many words?\nAbout 2,500 words, give or take.', (b) => b.limits.maxWords],
])('%s', (text, says) => expect(says(read(text))).toBeNull());

// Without a question.
test.each<[string, number, number]>([['The report has at least ten and never more than fifteen pages.', 10, 15], ['It has ten pages at the least, fifteen at the most.', 10, 15], ['The report must have no more than fifteen and no fewer than ten pages.', 10, 15]])('%s', (text, least, most) => { const { limits } = read(text); expect([limits.minPages, limits.maxPages]).toEqual([least, most]); });

// Works that a sentence gives a length each; names whose example shows what stands between; the other limits of a length.
test.each<[string, (brief: Brief) => unknown, unknown]>([
  ['The literature review shall not exceed 2,000 words, the research proposal 3,500 words.', (b) => b.documents.map((d) => [d.label, d.limits?.maxWords]), [['Literature review', 2000], ['Research proposal', 3500]]],
  ['Submit a PDF. The essay may have up to 2,000 words and the reflection up to 500.', (b) => b.documents.map((d) => [d.label, d.types, d.limits?.maxWords]), [['Essay', ['pdf'], 2000], ['Reflection', ['pdf'], 500]]],
  ['Upload one PDF. The essay may have up to 2,000 words and the reflection up to 500.', (b) => b.documents.length, 1], ['The report must not exceed 2,000 words and the abstract 250 words.', (b) => b.limits.maxWords, 2000],
  ['Save the file as your candidate number followed by HIS2207, e.g. 48213_HIS2207.', (b) => b.naming.pattern, '[candidate number]_HIS2207'], ['File naming: GroupNo_CIV5021_a, _b, _c', (b) => b.naming.pattern, 'GroupNo_CIV5021_a or GroupNo_CIV5021_b or GroupNo_CIV5021_c'],
  ['What should I call the files?\nYour student number, an underscore and then reflection, log or poster.', (b) => b.naming.pattern, '[student number]_[reflection, log or poster]'], ['A left margin of 4 cm; all other margins are 2.5 cm.', (b) => b.layout.margins, { left: 40, right: 25, top: 25, bottom: 25 }],
  ['Pages numbered; footnotes at the bottom of the page single spaced.', (b) => b.layout.lineSpacing, null], ['Double spaced, 12pt; footnotes at the bottom of the page single spaced.', (b) => b.layout.lineSpacing, 2], ['Referencing: AGLC4', (b) => b.referenceStyle, 'AGLC'], ['Submit through: Assessment 2 portal in the CRIM302 site.', (b) => b.place, 'Assessment 2 portal'],
])('%s', (text, says, value) => expect(says(read(text))).toEqual(value));

// Days for each of several groups.
test.each<[string, string[]]>([
  ['By 17:00 on Friday 4 December for groups A-C and by 17:00 on Monday 7 December for groups D-F.', ['groups A-C 2026-12-04T17:00:00', 'groups D-F 2026-12-07T17:00:00']], ['Due 4 December 2026, 5 pm, for the Monday group and 7 December 2026, 5 pm, for the Thursday group.', ['Monday group 2026-12-04T17:00:00', 'Thursday group 2026-12-07T17:00:00']],
  ['It is due on 4 December at noon for section 1, on 5 December at noon for section 2.', ['section 1 2026-12-04T12:00:00', 'section 2 2026-12-05T12:00:00']], ['The deadline is 4 December (full-time students) and 11 December (part-time students).', ['full-time students 2026-12-04', 'part-time students 2026-12-11']], ['The essay is due on 4 December for everyone.', []],
])('%s', (text, says) => expect(read(text).parts.map((part) => `${part.label} ${part.due}`)).toEqual(says));
