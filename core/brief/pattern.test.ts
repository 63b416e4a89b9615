import { expect, test } from '@jest/globals';
import { madeBrief } from '../testing/made.ts';
import { parseBrief, parsePattern } from './schema.ts';
import { toPattern } from './pattern.ts';

const brief = madeBrief({ due: '2027-03-12T17:00:00+00:00', extension: '2027-03-19T17:00:00+00:00', anonymous: true, documents: [{ label: 'Report', types: ['pdf'] }], evidence: [{ field: 'due', quote: 'x', start: 0, end: 1 }] });
test('rules stay, dates and the personal extension go', () => expect(toPattern(brief, 'GEO 3107').brief).toMatchObject({ due: null, extension: null, evidence: [], anonymous: true, documents: [{ label: 'Report', types: ['pdf'] }] }));
test('what is exported can be imported', () => { const p = toPattern(brief, 'GEO 3107'); expect(parsePattern(JSON.parse(JSON.stringify(p)))).toEqual(p); });
test('a bare brief is taken as well', () => expect(parsePattern(JSON.parse(JSON.stringify(brief))).brief.anonymous).toBe(true));
test.each<[string, unknown, RegExp]>([
  ['a kind that does not exist', { ...brief, documents: [{ label: null, types: ['papyrus'] }] }, /documents\[0\]\.types\[0\]/], ['a date in words', { ...brief, due: 'next week' }, /due/], ['a negative limit', { ...brief, limits: { ...brief.limits, maxWords: -3 } }, /limits\.maxWords/], ['a list', [], /not an object/], ['two wrong fields', { ...brief, anonymous: 'perhaps', late: { percentPerDay: 'much', cutoffDays: null } }, /anonymous.*late\.percentPerDay/],
])('an import that is wrong names the field: %s', (_, value, words) => expect(() => parseBrief(value)).toThrow(words));
