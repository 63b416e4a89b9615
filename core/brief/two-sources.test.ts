import { expect, test } from '@jest/globals';
import { readBrief } from './read.ts';

const due = (text: string): string | null => readBrief(text, '2026-11-30T09:00:00Z').brief.due;

test.each([
  ['is right', 'The timetable says the essay is due on 11 March, the module guide says 12 March. The module guide is right.', '2027-03-12'],
  ['is right, and says the hour', 'The reader says the essay is due on 27 November while the course page says 4 December. The course page is right: Friday 4 December, 18:00.', '2026-12-04T18:00:00'],
  ['is to be gone by', 'The handbook says 11 March 2027, the web page says 12 March 2027. Go by the web page.', '2027-03-12'],
  ['is not the one that is wrong', 'The essay is due on 11 March according to the handbook and on 12 March according to the web page. The handbook is wrong.', '2027-03-12'],
  ['is to be trusted', 'The syllabus says due Friday March 12 but the site has March 14. Trust the site.', '2027-03-14'],
  ['says it without a verb', 'The syllabus lists 12 March, the portal 14 March. The portal is right.', '2027-03-14'],
])('of two sources the one holds that %s', (_, text, day) => { expect(due(text)).toBe(day); });

test.each([
  ['nobody says which', 'The handbook says 11 March 2027, the web page says 12 March 2027. Ask me if in doubt.'],
  ['something else in it is right', 'The handbook says 11 March 2027, the web page says 12 March 2027. Everything else in the handbook is right.'],
])('where %s, neither does', (_, text) => { expect(due(text)).toBeNull(); });
