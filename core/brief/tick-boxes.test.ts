import { expect, test } from '@jest/globals';
import { readBrief } from './read.ts';
import { onlyTicked } from './tick-boxes.ts';

test.each([
  ['what is ticked stays', 'Types: [x] PDF  [ ] Word  [x] JPG', 'Types: PDF JPG'], ['boxes as signs', 'Anonymous: ☐ yes ☒ no', 'Anonymous: no'], ['round ones', 'Anonymous: ( ) yes (x) no', 'Anonymous: no'], ['what follows in another column stays', 'Group: [ ] yes [x] no    Size: 5 MB', 'Group: no Size: 5 MB'],
  // Hard negatives: a list to tick off, brackets that are none, a reference.
  ['nothing is ticked', '☐ one PDF\n☐ no names', '☐ one PDF ☐ no names'], ['a letter in brackets', 'Question (x) is hard', 'Question (x) is hard'], ['a number in brackets', 'As in [1] and [2]', 'As in [1] and [2]'],
])('%s', (_, form, left) => {
  const text = onlyTicked(form);
  expect([text.replace(/\s+/g, ' ').trim(), text.length]).toEqual([left, form.length]);
});
test.each([
  ['answers below a question', 'Is marking anonymous?\n[ ] yes\n[x] no', { anonymous: false }], ['round ones', 'Marking:\n( ) anonymous\n(x) with names', { anonymous: false }], ['several that hold', 'Accepted file types:\n☑ PDF\n☐ Word\n☒ RTF', { documents: [{ label: null, types: ['pdf', 'rtf'] }] }],
  // Hard negative: of what is to be done before handing in, all holds, whatever is ticked already.
  ['a list to tick off', 'Before you submit:\n[x] one PDF\n[ ] no names anywhere in the paper', { anonymous: true }],
])('boxes below each other: %s', (_, form, says) => { expect(onlyTicked(form)).toHaveLength(form.length); expect(readBrief(form, '2027-02-10T10:00:00Z').brief).toMatchObject(says); });
test('a form that is filled in settles what it says, word for word', () => {
  const form = 'File types:  [ ] PDF   [x] DOCX\nAnonymous marking: [ ] yes  [x] no\nAttempts: [x] one  [ ] unlimited', { brief } = readBrief(form, '2027-02-10T10:00:00Z');
  expect([brief.documents[0]!.types, brief.anonymous, brief.attempts.allowed]).toEqual([['docx'], false, 1]);
  for (const e of brief.evidence) expect(form.slice(e.start, e.end)).toBe(e.quote);
});
