import { expect, test } from '@jest/globals';
import * as chrono from 'chrono-node/en';
import { dateParsers } from './date-parsers.ts';

/** What the library reads with all of its parsers is what is read with those alone that can find something. */
const reference = { instant: new Date('2026-11-30T09:00:00Z'), timezone: 0 };
test.each([
  'Due 12 March 2027 at 5 pm', 'by Friday, December 11, noon', '3/12/2026 17:00', 'two weeks ago', 'three days later', 'within five days', 'in 2 hours', 'next Friday at 4', 'tomorrow evening', 'from 2 to 4 May 2027', 'at the end of the month', '2027-04-01T12:00', '5 days before 12 March', 'last week', 'half an hour from now', 'nothing of the kind', '',
])('%s', (text) => {
  for (const [own, whole] of [[dateParsers.american, chrono.casual], [dateParsers.british, chrono.GB]] as const) {
    const read = (parser: typeof whole) => parser.parse(text, reference, { forwardDate: true }).map((r) => [r.index, r.text, r.start.date().toISOString(), r.end?.date().toISOString()]);
    expect(read(own)).toEqual(read(whole));
  }
});
