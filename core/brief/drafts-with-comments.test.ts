import { expect, test } from '@jest/globals';
import { readBrief } from './read.ts';

/** A draft on which one gets comments, as a row of its own and as an offer; the texts are made up. */
const parts = (text: string): (string | null)[] => readBrief(text, '2026-11-30T09:00:00Z').brief.parts.map((p) => p.due);
test('a row of its own', () => expect(parts('Draft: by 2 December – you get comments within a week.\nFinal report: by 14 December.')).toEqual(['2026-12-02', '2026-12-14']));
test('hard negative: an offer is no part', () => expect(parts('Hand in a draft by 2 December and you get comments. The paper is due on 14 December.')).toEqual([]));
