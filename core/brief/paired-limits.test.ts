import { describe, expect, test } from '@jest/globals';
import { readBrief } from './read.ts';

/** Lengths of two documents in one text. Invented; common practice, no published source. */
const pairs = [['report', 'poster'], ['essay', 'reflection'], ['case study', 'cover letter'], ['dissertation', 'executive summary']] as const;
const capital = (s: string): string => s[0]!.toUpperCase() + s.slice(1);
const fill = (shape: string, one: string, two: string, [most, fewer]: readonly [string, string], unit: string): string => [['ONE', one], ['TWO', two]].reduce((text, [mark, name]) => text.replace(new RegExp(`(^|\\n|- |\\d\\. |[|] |\\. )${mark}\\b`, 'g'), (_, head: string) => head + capital(name!)).replace(new RegExp(`\\ba ${mark}\\b`, 'g'), `${/^[aeiou]/.test(name!) ? 'an' : 'a'} ${name!}`).replaceAll(mark!, name!), shape).replaceAll('N', most).replaceAll('M', fewer).replaceAll('words', unit).replaceAll('-word', `-${unit.slice(0, -1)}`);
const lengths = (text: string, unit: 'Words' | 'Pages'): unknown[] => { const { documents, limits } = readBrief(text, '2027-02-10T09:00:00Z').brief; return [...documents.map((d) => `${(d.label ?? 'unnamed').toLowerCase()} ${d.limits?.[`max${unit}`] ?? 'open'}`), limits[`max${unit}`]]; };

describe.each([
  'Submit a ONE (pdf, max. N words) and a TWO (pdf, max. M words).', 'Submit a N-word ONE (pdf) and a M-word TWO (pdf).', 'Submit the ONE and the TWO as pdfs. The ONE may have up to N words, the TWO up to M words.', 'ONE: pdf, maximum N words\nTWO: docx, maximum M words', 'The ONE (pdf) must not exceed N words and the TWO (pdf) must not exceed M words.',
  'ONE: N words, pdf. TWO: M words, docx.', 'Submit two files, a ONE of at most N words (pdf) and a TWO of at most M words (docx).', '- ONE (pdf): N words\n- TWO (pdf): M words', '1. ONE, N words max, pdf\n2. TWO, M words max, pdf', '| Document | Format | Length |\n|---|---|---|\n| ONE | pdf | N words |\n| TWO | docx | M words |',
  'Submit the ONE as a pdf (N words) and the TWO as a Word document (M words).', 'Your ONE (N words) and your TWO (M words) must both be pdf.', 'Upload the ONE (pdf) and the TWO (pdf). Length: N words for the ONE, M words for the TWO.', 'The word limit is N words for the ONE (pdf) and M words for the TWO (pdf).', 'Submit a ONE (pdf) and a TWO (pdf). The maximum length of the ONE is N words; that of the TWO is M words.',
  'ONE (pdf): N words. TWO (pdf): max. M words.', 'ONE (pdf): at most N words. TWO (pdf): M words.', 'Submit a ONE (pdf) and a TWO (pdf). The ONE is N words long. The TWO has a maximum of M words.',
])('%s', (shape) => {
  test.each(pairs)('%s and %s', (one, two) => {
    if (!shape.startsWith('The word limit')) expect(lengths(fill(shape, one, two, ['20', '5'], 'pages'), 'Pages')).toEqual([`${one} 20`, `${two} 5`, null]);
    expect(lengths(fill(shape, one, two, ['2,000', '500'], 'words'), 'Words')).toEqual([`${one} 2000`, `${two} 500`, null]);
  });
});

test.each([
  ['numbers behind a heading', 'Upload a report (PDF) and a poster (PDF). Word limits: report 2,000, poster 500.', ['report 2000', 'poster 500', null]], ['a column of words', 'Document\tFormat\tWords\nReport\tPDF\t2,000\nPoster\tDOCX\t500', ['report 2000', 'poster 500', null]],
  ['about so many', 'Upload a report (PDF) and a poster (PDF). The report has about 2,000 words, the poster about 500 words.', ['report open', 'poster open', null]],
] as const)('%s', (_, text, says) => { expect(lengths(text, 'Words')).toEqual(says); });

test('a range for each', () => {
  const { documents } = readBrief('Upload the essay and the log as PDFs. Length: 1,500–2,000 words for the essay, 300 to 500 words for the log.', '2027-02-10T09:00:00Z').brief;
  expect(documents.map((d) => [d.limits?.minWords, d.limits?.maxWords])).toEqual([[1500, 2000], [300, 500]]);
});

const sizes = (text: string): unknown[] => { const { documents, limits } = readBrief(text, '2027-02-10T09:00:00Z').brief; return [...documents.map((d) => d.limits?.maxBytes ?? null), limits.maxBytes]; };
test.each<[string, unknown[]]>([
  ['The size limit is 5 MB for the report (PDF) and 20 MB for the poster (PDF).', [5e6, 20e6, null]], ['File sizes: report 5 MB, poster 20 MB. The report and the poster must be PDF.', [5e6, 20e6, null]], ['Upload the report (PDF, 5 MB) and the video (MP4, 200 MB).', [5e6, 200e6, null]], ['- Report (PDF, 5 MB)\n- Video (MP4, 200 MB)', [5e6, 200e6, null]],
  ['Submit a PDF (10MB) by 5 March 2027.', [null, 10e6]], ['Submit the report and the poster, both as PDF, no more than 10 MB each.', [null, null, 10e6]],
  // How large a file is that is handed out is no limit.
  ['Read the brief (PDF, 2 MB) and submit your essay as a Word document.', [null, null]], ['Assessment brief (PDF, 2 MB). Submit your essay as a PDF.', [null, null]],
])('sizes: %s', (text, says) => { expect(sizes(text)).toEqual(says); });

describe('what each may take, in so many words', () => {
  const sizes = (text: string): unknown[] => { const { documents, limits } = readBrief(text, '2027-02-10T09:00:00Z').brief; return [...documents.map((d) => d.limits?.maxBytes ?? null), limits.maxBytes]; };
  test.each(['must be under % MB', 'can be as large as % MB', 'may be as big as % MB', 'must stay below % MB', 'has to fit in % MB', 'must be kept to % MB', 'cannot be over % MB'])('%s', (says) => {
    const of = (mb: number): string => says.replace('%', String(mb));
    for (const link of ['; the', ', the', '. The', ' and the']) expect(sizes(`Hand in a report (PDF) and a poster (PNG). The report ${of(8)}${link} poster ${of(50)}.`)).toEqual([8e6, 5e7, null]);
  });
  test('a document by its kind', () => { expect(sizes('Send (1) your report, one PDF; (2) a zip with your code. The report must be under 8 MB, the zip can be as large as 50 MB.')).toEqual([8e6, 5e7, null]); });
  test('“under” is one less', () => { expect(lengths('Hand in a report (PDF) and a poster (PDF). The report must be under 2,000 words, the poster must be under 300 words.', 'Words')).toEqual(['report 1999', 'poster 299', null]); });
});
describe('rows of columns, each with a day, a kind and a length of its own', () => {
  const rows = (sep: string): string => [['Site report', 'PDF', '2,000 words', '2 Nov 2027, 10:00'], ['Field diary', 'DOCX', 'max 4 pages', '30 Nov 2027, 10:00']].map((r) => r.join(sep)).join('\n');
  test.each(['   ', '\t', ' | '])('parted by %j', (sep) => {
    const { documents, limits, parts } = readBrief(`Assignments\n\n${rows(sep)}\n`, '2027-02-10T09:00:00Z').brief;
    expect([documents, Object.values(limits).some((v) => v !== null), parts.map((p) => p.due)]).toEqual([[{ label: 'Site report', types: ['pdf'], limits: { maxWords: 2000 } }, { label: 'Field diary', types: ['docx'], limits: { maxPages: 4 } }], false, ['2027-11-02T10:00:00', '2027-11-30T10:00:00']]);
  });
});
