import { expect, test } from '@jest/globals';
import { readBrief } from './read.ts';

/** Offsets: UTC +0, GMT +0, CET +1, EST −5, PST −8, AEDT +11 (IANA time zone database), AoE −12 (IEEE 802.16 “anywhere on Earth”, from memory). */
const read = (text: string) => { const { brief, remarks } = readBrief(text, '2026-11-30T09:00:00Z'); return [brief.due, brief.timeZone, remarks.map((r) => r.field)]; };
test.each([
  ['Upload by 23:59 AEDT on Sunday 13 December 2026 (that is 12:59 UTC).', '2026-12-13T23:59:00+11:00', 'AEDT'], ['Due 13 December 2026, 17:00 GMT (18:00 CET).', '2026-12-13T17:00:00+00:00', 'GMT'],
  ['Deadline: 5 pm EST / 2 pm PST on 4 December 2026.', '2026-12-04T17:00:00-05:00', 'EST'], ['Deadline: 4 December 2026, 5 pm EST (10 pm GMT)', '2026-12-04T17:00:00-05:00', 'EST'], ['Due 17:00 CET (16:00 UTC) on 4 December 2026', '2026-12-04T17:00:00+01:00', 'CET'],
  ['Due 4 December 2026 23:59 (UTC-5), which is 04:59 UTC on 5 December.', '2026-12-04T23:59:00-05:00', 'UTC-5'], ['Due at 8 am Eastern (5 am Pacific) on Friday 11 December 2026.', '2026-12-11T08:00:00-05:00', 'America/New_York'],
  ['Closes 11 December 2026, 23:59 AoE (12 December, 11:59 UTC).', '2026-12-11T23:59:00-12:00', 'AoE'], ['Deadline: noon Eastern / 9 am Pacific on Friday December 11, 2026', '2026-12-11T12:00:00-05:00', 'America/New_York'],
  ['Due June 11, 2027, 5 pm PDT (June 12, 00:00 UTC)', '2027-06-11T17:00:00-07:00', 'PDT'], ['Due: 4 December 2026, 15:00 GMT / 16:00 CET / 10:00 EST', '2026-12-04T15:00:00+00:00', 'GMT'],
])('two clocks that agree: %s', (text, due, zone) => expect(read(text)).toEqual([due, zone, []]));
test.each(['Due 4 December 2026 17:00 CET (17:00 UTC)', 'Closes 11 December 2026, 23:59 AoE (11 December, 11:59 UTC).', 'Group A: 17:00 GMT, Group B: 18:00 CET on 4 December 2026'])('two clocks that do not: %s', (text) => expect(read(text)[2]).toContain('timeZone'));
