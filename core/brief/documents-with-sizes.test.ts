import { describe, expect, test } from '@jest/globals';
import { readBrief } from './read.ts';

/** Two documents with a kind and a size limit each. Invented, common practice, no published source. */
const read = (text: string) => readBrief(`${text}\nDue 12 December 2026.`, '2026-11-30T09:00:00Z').brief;
const pairs = [['report', 'data set', 'PDF', 'CSV'], ['essay', 'slides', 'Word', 'PDF'], ['poster', 'abstract', 'PDF', 'Word'], ['thesis', 'source files', 'PDF', 'ZIP'], ['video', 'script', 'MP4', 'Word']] as const;
const kindOf = (said: string): string => (said === 'Word' ? 'docx' : said.toLowerCase()), capital = (s: string): string => s[0]!.toUpperCase() + s.slice(1);
describe.each([
  'Submit the ONE (K1, max. 10 MB) and the TWO (K2, max. 50 MB).', 'Submit the ONE as K1 and the TWO as K2. The ONE may be up to 10 MB, the TWO up to 50 MB.', 'Submit your ONE as K1 (10 MB at most), your TWO as K2 (50 MB at most).', 'Your ONE goes in as K1 (10 MB at most), your TWO as K2 (50 MB at most).', 'What to hand in:\n- ONE: K1, no larger than 10 MB\n- TWO: K2, no larger than 50 MB',
  'Hand in the ONE in K1 format and the TWO in K2 format. Size limits: ONE 10 MB, TWO 50 MB.', 'We need the ONE (K1) and the TWO (K2). For the ONE the limit is 10 MB, for the TWO it is 50 MB.', '^ONE\nFormat: K1\nMaximum size: 10 MB\n\n^TWO\nFormat: K2\nMaximum size: 50 MB', 'Document 1: ^ONE\nFormat: K1\nMaximum size: 10 MB\n\nDocument 2: ^TWO\nFormat: K2\nMaximum size: 50 MB',
])('%s', (shape) => {
  test.each(pairs)('%s and %s', (one, two, k1, k2) => {
    const { documents, limits } = read(shape.replaceAll('^ONE', capital(one)).replaceAll('^TWO', capital(two)).replaceAll('ONE', one).replaceAll('TWO', two).replaceAll('K1', k1).replaceAll('K2', k2));
    expect(documents.map((d) => [d.label?.toLowerCase(), d.types.join(), d.limits?.maxBytes])).toEqual([[one, kindOf(k1), 10_000_000], [two, kindOf(k2), 50_000_000]]);
    expect(limits.maxBytes).toBeNull();
  });
});
test('headings over other rules are no documents', () => expect(read('Submission\nFormat: PDF\nLength: 2,000 words\n\nStyle\nFont: Arial').documents).toEqual([{ label: null, types: ['pdf'] }]));
