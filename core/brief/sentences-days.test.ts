import { test } from '@jest/globals';
import { expectSettled } from '../testing/settled.ts';

/** More sentences about when: days under a condition, days for others, days that no longer hold; made up, with all that they settle; read on 10 February 2027. */
const sentences: [text: string, says: Record<string, unknown>][] = [
  [`Please note that the deadline is a Sunday (13 June 2027) and it's 10 pm, not midnight.`, { due: '2027-06-13T22:00:00' }],
  ['The due date, Friday the 18th of June 2027, is firm.', { due: '2027-06-18' }],
  ['Part 1 by end of February 2027, Part 2 by end of March 2027.', { parts: [{ label: 'Part 1', opens: null, due: '2027-02-28' }, { label: 'Part 2', opens: null, due: '2027-03-31' }] }],
  ['Deadline: Friday (week 10) 19 March 2027 - 13:00.', { due: '2027-03-19T13:00:00' }],
  ['Hand-in day: 30 April 2027 (any time).', { due: '2027-04-30' }],
  ['Papers are due on the day of the final, May 14, 2027, at the beginning of the exam (1 p.m.).', { due: '2027-05-14T13:00:00' }],
  ['Coursework 1: 50%: due date 05/03/2027 16:00; Coursework 2: 50%: due date 23/04/2027 16:00.', { parts: [{ label: 'Coursework 1', opens: null, due: '2027-03-05T16:00:00' }, { label: 'Coursework 2', opens: null, due: '2027-04-23T16:00:00' }] }],
  ['Extensions past 1 May 2027 are impossible. The deadline is 24 April 2027.', { due: '2027-04-24' }],
  ['The new semester starts on 1 October 2027. Term papers from the current one: 30 September 2027 at the latest.', { due: '2027-09-30' }],
  ['Late essays after that: 2 marks per day, and not later than 19 March 2027. Due 12 March 2027.', { due: '2027-03-12', 'late.percentPerDay': 2, 'late.cutoffDays': 7 }],
  ['Submission is made by way of the portal (Business report June 2027), which is accessible from 1 June 2027, 08:00, to 15 June 2027, 23:55.', { place: 'Business report June 2027', opens: '2027-06-01T08:00:00', due: '2027-06-15T23:55:00' }],
  ['For the practical on 15 March 2027 the deadline is therefore 29 March 2027, 18:00.', { due: '2027-03-29T18:00:00' }],
  ['It goes up on the page "Reading journal" before class starts on 22 April 2027 (class is at 10:15).', { place: 'Reading journal', due: '2027-04-22T10:15:00' }],
  ['Full papers (6 to 8 pages in our template, PDF, fonts embedded, max 5MB) must be uploaded by 31 March 2027, anywhere on Earth.', { documents: [{ label: 'Full papers', types: ['pdf'] }], 'limits.maxBytes': 5000000, 'limits.minPages': 6, 'limits.maxPages': 8, due: '2027-03-31', timeZone: 'AoE' }],
  ['The deadline is 12 noon on the date published on the module site. For SS2007 the date is Thursday 6 May 2027.', { due: '2027-05-06T12:00:00' }],
  ['Zip everything and submit the zip file by 6 p.m. on 14 April 2027.', { documents: [{ label: null, types: ['zip'] }], due: '2027-04-14T18:00:00' }],
  ['Submit the zip by 6 p.m. on 14 April 2027. Submissions are possible until 21 April 2027, 6 p.m., but lose 20% flat.', { documents: [{ label: null, types: ['zip'] }], due: '2027-04-14T18:00:00', 'late.cutoffDays': 7 }],
  ['Closes: Tue 2 Mar 2027 17:00. Late until: Tue 9 Mar 2027 17:00 (-10 marks per day).', { due: '2027-03-02T17:00:00', 'late.percentPerDay': 10, 'late.cutoffDays': 7 }],
  ['The resit box "HIS2010 Resit" opens on 21 June.', { place: 'HIS2010 Resit', opens: '2027-06-21' }],
  ['The dissertation is due on Thursday, 22 April 2027 at 15:00 hours. Extensions can only be granted by the board; the application must reach us by 15 April.', { due: '2027-04-22T15:00:00' }],
  [`Post it as a PDF in the forum thread "Reviews" before Monday's screening, 8 March 2027, 7 pm.`, { place: 'Reviews', documents: [{ label: null, types: ['pdf'] }], due: '2027-03-08T19:00:00' }],
  ['The essay is due on 22 April 2027 at 15:00. Applications for an extension must reach us by 15 April.', { due: '2027-04-22T15:00:00' }],
  ['Due date Apr 6, 2027, 11:59 p.m. (Atlantic).', { due: '2027-04-06T23:59:00-03:00', timeZone: 'America/Halifax' }],
  ['Submit by e-mail to Prof. Harrow (harrow@geo.kelburn.example) no later than 8 a.m. on 22 March 2027.', { place: 'harrow@geo.kelburn.example', due: '2027-03-22T08:00:00' }],
];
test.each(sentences)('%s', expectSettled);
