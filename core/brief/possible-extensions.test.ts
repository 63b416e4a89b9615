import { describe, expect, test } from '@jest/globals';
import { readBrief } from './read.ts';

const frames = ['The essay is due on Friday 5 March 2027, 12:00. {}', 'Deadline: 5 March 2027, 12:00\n{}', '{} The essay itself is due on 5 March 2027, 12:00.', 'Hand in by 5 March 2027, 12:00.\n- PDF only\n- {}'];
const read = (frame: string, said: string): unknown[] => { const { due, extension, late } = readBrief(frame.replace('{}', said.replace('X', '12 March 2027')), '2026-11-29T10:00:00Z').brief; return [due, extension?.slice(0, 10) ?? null, late.cutoffDays]; };

/** Whether more time is given is open, so its date is nobody's deadline; the wordings are ours. */
const possible = [
  'An extension until X is only granted on request.', 'Extensions to X can be granted on request.', 'You may apply for an extension until X.', 'Extension until X only with a doctor’s note.', 'An extension to X is possible in exceptional cases.', 'If you need longer, ask for an extension (X at the latest).',
  'Extensions, where granted, run to X.', 'The latest date for extensions is X.', 'Extensions (up to X at most) are available for serious reasons only.', 'In exceptional circumstances an extension to X may be granted.', 'More time (until X) is only given for medical reasons.', 'A later deadline (X) is possible only on written request.', 'We can give extensions until X for good reasons.',
];
/** The reader's own, which was given: the hard negatives. */
const given = ['You have been granted an extension until X.', 'Your extension: X.', 'An extension to X has been granted to you.', 'Your request was approved: extension until X.', 'I have given you an extension until X, as you asked.', 'Following your application you were granted an extension until X.', 'Your extension request is granted: new deadline X.'];
describe.each(frames)('%s', (frame) => {
  test.each(possible)('%s', (said) => expect(read(frame, said)).toEqual(['2027-03-05T12:00:00', null, null]));
  test.each(given)('%s', (said) => expect(read(frame, said)).toEqual(['2027-03-05T12:00:00', '2027-03-12', null]));
});
test.each(['Eine Nachfrist bis zum 12.03.2027 wird nur auf begründeten Antrag gewährt.', 'Eine Verlängerung bis zum 12.03.2027 ist nur auf Antrag möglich.', 'In begründeten Fällen kann eine Nachfrist bis 12.03.2027 gewährt werden.'])('%s', (said) => expect(read('Abgabe spätestens am 05.03.2027, 12:00 Uhr. {}', said)).toEqual(['2027-03-05T12:00:00', null, null]));
