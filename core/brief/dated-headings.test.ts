import { expect, test } from '@jest/globals';
import { readBrief } from './read.ts';

/** Days as headings, and what is due on them below. Invented, common practice, no published source. */
const read = (text: string) => readBrief(text, '2026-11-30T09:00:00Z').brief;
test.each([
  'By Friday 4 December 2026:\n- Final report (PDF)\nBy Friday 11 December 2026:\n- Self-evaluation form (Word)', 'Due 4 December 2026:\n- Final report\n- Poster\nDue 11 December 2026:\n- Self-evaluation form', 'By 4 December 2026\nFinal report\n\nBy 11 December 2026\nSelf-evaluation form', 'Before 4 December 2026:\n[ ] Final report uploaded\nBefore 11 December 2026:\n[ ] Self-evaluation form uploaded',
])('%s', (text) => { const { parts, due } = read(text); expect([parts.map((p) => [p.label, p.due]), due]).toEqual([[['Final report', '2026-12-04'], ['Self-evaluation form', '2026-12-11']], null]); });
test('with an hour', () => expect(read('Before 15:00 on Friday 4 December 2026:\n- Final report\nBefore 15:00 on Friday 11 December 2026:\n- Poster').parts.map((p) => p.due)).toEqual(['2026-12-04T15:00:00', '2026-12-11T15:00:00']));
test.each(['Friday 4 December 2026\nLecture on tides\n\nFriday 11 December 2026\nSeminar on marshes'])('nothing is handed in: %s', (text) => expect(read(text).parts).toEqual([]));
