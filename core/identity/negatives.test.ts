import { expect, test } from '@jest/globals';
import { madePassage } from '../testing/made.ts';
import { negatives as rows } from '../testing/negatives.ts';
import { Matcher } from './find.ts';
import { searchPassages } from './search.ts';

test.each(rows.map((r) => [r[0], r] as const))('does not stop: %s', (_name, [, details, text, change]) => expect(searchPassages([madePassage(text, change)], new Matcher(details)).filter((s) => s.standing === 'stops').map((s) => `${s.detail} ${s.found}`)).toEqual([]));
test('there are at least sixty', () => expect(rows.length).toBeGreaterThanOrEqual(60));
