import { describe, expect, test } from '@jest/globals';
import { readBrief } from './read.ts';

/** Invented sentences: what students are given for the work can be had on a day, and what they hand it in to opens on one. */
const timesOf = (text: string): (string | null)[] => { const { opens, due } = readBrief(text, '2026-11-30T09:00:00Z').brief; return [opens, due]; };
const given = ['template', 'sample essay', 'data set', 'reading list', 'slides', 'lecture notes', 'film', 'marking criteria', 'rubric', 'past papers', 'cover sheet', 'model answer', 'source pack'], many = /s$|criteria/;
const had = ['The X are available from 7 December.', 'The X can be downloaded from 7 December.', 'The X will be online from 7 December.', 'The X are on the course page from 7 December.', 'You will find the X online from 7 December.', 'You can download the X from 7 December.', 'The X will be posted on 7 December.', 'The X can be found on the course page from 7 December.', 'The X will be released on 7 December.'];
const opens = ['The folder is available from 7 December.', 'The upload link will be online from 7 December.', 'Submission is possible from 7 December.', 'You can upload from 7 December.', 'The task will be released on 7 December.', 'The assignment brief is available from 7 December.', 'The hand-in area can be found on the course page from 7 December.', 'From 7 December the submission link will be available.'];
const deadlines = ['The essay is due 9 December.', 'Hand in your essay by 9 December.'];
describe('when something for the work can be had', () => { test.each(given.flatMap((g, i) => had.map((h, k) => `${h.replace('X', g).replace(' are ', many.test(g) ? ' are ' : ' is ')} ${deadlines[(i + k) % 2]!}`)))('%s', (text) => { expect(timesOf(text)).toEqual([null, '2026-12-09']); }); });
test('the only other day is the deadline', () => { expect(timesOf('The cut-off is still next Friday (11th) at 23:59. The template is available from 3 December.')).toEqual([null, '2026-12-11T23:59:00']); });
describe('when it may be handed in', () => { test.each(opens.flatMap((o) => deadlines.map((d) => `${o} ${d}`)))('%s', (text) => { expect(timesOf(text)).toEqual(['2026-12-07', '2026-12-09']); }); });
