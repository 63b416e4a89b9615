import { describe, expect, test } from '@jest/globals';
import { readBrief } from './read.ts';

const asked = (text: string): [string | null, string][] => readBrief(text, '2027-02-10T10:00:00Z').brief.documents.map((d) => [d.label, d.types.join()]);
/** Kinds of work that no list of the usual ones has. */
const names: [string, string][] = [['herbarium', 'ledger'], ['storyboard', 'dossier'], ['mood board', 'screenplay'], ['prototype', 'glossary'], ['codebook', 'timeline'], ['pitch deck', 'itinerary'], ['libretto', 'score'], ['inventory', 'risk assessment']];
const capital = (s: string): string => s[0]!.toUpperCase() + s.slice(1), an = (s: string): string => `${/^[aeiou]/.test(s) ? 'an' : 'a'} ${s}`;
describe.each<[string, (a: string, b: string) => string]>([
  ['items', (a, b) => `Hand in:\n1. ${capital(a)} (PDF)\n2. ${capital(b)} (Word)`], ['one sentence', (a, b) => `Hand in ${an(a)} as a PDF and ${an(b)} as a Word file.`], ['yours', (a, b) => `Upload your ${a} as PDF and your ${b} as DOCX.`],
  ['what each must be', (a, b) => `The ${a} must be a PDF. The ${b} must be a Word document.`], ['two files', (a, b) => `Two files are required: your ${a} in PDF and your ${b} in Word format.`], ['lines', (a, b) => `Files:\n${capital(a)} – PDF, max. 5 MB\n${capital(b)} – DOCX, max. 2 MB`],
  ['what each holds', (a, b) => `Submit one PDF with your ${a} and one Word file with your ${b}.`], ['rows', (a, b) => `Document | Format\n${capital(a)} | PDF\n${capital(b)} | DOCX`],
])('two documents, whatever they are called: %s', (_, says) => {
  test.each(names)('%s and %s', (a, b) => expect(asked(says(a, b))).toEqual([[capital(a), 'pdf'], [capital(b), 'docx']]));
});
// Hard negatives: one paper in either kind, a draft before it, what every file is, the same said twice.
test.each([
  ['Hand in your herbarium as a PDF or as a Word file.', 1], ['The file must be a PDF. The document must be a Word document.', 1], ['The first two must be a PDF. The final must be a Word document.', 1], ['Save your herbarium as a PDF and your herbarium as a Word file.', 1], ['Write your ledger in Word and convert it to PDF.', 1],
])('%s', (text, documents) => expect(asked(text)).toHaveLength(documents));
test('another kind of the same document stays with it', () => expect(asked('Hand in a herbarium as PDF or DOCX and a ledger as a Word file.')).toEqual([['Herbarium', 'pdf,docx'], ['Ledger', 'docx']]));
