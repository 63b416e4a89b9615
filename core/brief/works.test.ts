import { describe, expect, test } from '@jest/globals';
import type { Brief } from '../model/brief.ts';
import { readBrief } from './read.ts';

const read = (text: string): Brief => readBrief(text, '2027-02-10T10:00:00Z').brief;
const works = ['essay', 'report', 'thesis', 'portfolio', 'protocol', 'homework'];
/** One rule in several wordings, of any kind of work. */
describe.each<[string, (brief: Brief) => unknown, unknown, string[]]>([
  ['late work comes to nothing', (b) => b.late.cutoffDays, 0, ['Late {w}s are not accepted.', 'A late {w} gets zero.', 'A {w} handed in late will not be marked.', 'If the {w} is late it will not be marked.', 'Your {w} will receive zero marks if it is late.']],
  ['so much a day', (b) => b.late.percentPerDay, 5, ['If your {w} is late, 5% is deducted per day.', 'For every day your {w} is late you lose 5 points.', '5% off for each day the {w} is late.', 'Each day late costs the {w} 5 marks.']],
  ['taken for so long', (b) => b.late.cutoffDays, 5, ['Late {w}s are accepted for up to 5 days.', 'After five days a late {w} gets zero.', 'A {w} that is more than five days late is not accepted.']],
  ['once', (b) => b.attempts.allowed, 1, ['You can submit your {w} only once.', 'The {w} may not be resubmitted.', 'Once submitted, the {w} cannot be changed.', 'You have one attempt to submit the {w}.']],
  ['as often as one likes', (b) => b.attempts.allowed, 'unlimited', ['You can submit your {w} as often as you like before the deadline.', 'The {w} can be submitted an unlimited number of times.', 'There is no limit to how often you can upload the {w}.']],
  ['the newest counts', (b) => b.attempts.keeps, 'latest', ['Only the last version of your {w} will be marked.', 'The most recent {w} counts.', 'If you upload the {w} again, the old one is overwritten.', 'We mark the last {w} you submit.']],
  ['anonymous', (b) => b.anonymous, true, ['Your {w} is marked anonymously.', 'Do not put your name on the {w}.', 'The marker of your {w} will not know who you are.', 'Make sure that your {w} does not show your name.']],
  ['by name', (b) => b.anonymous, false, ['The {w} is not marked anonymously.', 'Put your name on the {w}.', 'Your name must be on the {w}.', 'Write your name on the first page of the {w}.']],
  ['similarity checked', (b) => b.similarityChecked, true, ['Your {w} will be checked for similarity.', 'The {w} is run through text-matching software.', 'We check every {w} for text overlap.']],
])('%s', (_, field, value, wordings) => {
  test.each(works.flatMap((w) => wordings.map((said) => [said.replace('{w}', w)])))('%s', (text) => expect(field(read(text))).toBe(value));
});
// Hard negatives: what is late elsewhere, what may be, whose name is where.
test.each<[string, (brief: Brief) => unknown]>([
  ['If your bus is late, tell the driver.', (b) => b.late.cutoffDays], ['A late paper may be marked if there is a reason.', (b) => b.late.cutoffDays], ['The library book may not be lent again.', (b) => b.attempts.allowed], ['The most recent film counts among her best.', (b) => b.attempts.keeps], ['Write your name on the attendance list.', (b) => b.anonymous], ['Put your name on the sign-up sheet.', (b) => b.anonymous],
])('%s', (text, field) => expect(field(read(text))).toBeNull());
