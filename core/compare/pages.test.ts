import { expect, test } from '@jest/globals';
import { read } from '../model/facts.ts';
import { madeFacts, madePassage } from '../testing/made.ts';
import { plantedDocx } from '../testing/plant.ts';
import { streamOf } from './words.ts';
import { compareFiles } from '../verbs/compare.ts';
import { convertFiles } from '../verbs/convert.ts';

/** The same paper as working file and on fixed pages. The texts are made up. */
const utf8 = (s: string): Uint8Array => new TextEncoder().encode(s), file = (name: string, bytes: Uint8Array | string) => ({ name, path: name, bytes: typeof bytes === 'string' ? utf8(bytes) : bytes });
/** Sentences that no other of them shares five words with. */
const sentence = (n: number): string => Array.from({ length: 18 }, (_, i) => `${'mud creek tide wall silt reed ebb flood pool marsh'.split(' ')[(n * 7 + i * 3) % 10]}${String.fromCharCode(97 + ((n * 5 + i * 11) % 26))}${String.fromCharCode(97 + ((n * 3 + i * 7) % 26))}`).join(' ').replace(/^./, (c) => c.toUpperCase());
const planted = [3, 9, 14, 20, 26, 33, 38, 44], source = file('Okonkwo2020.txt', `Budgets without closure\nAdaeze Okonkwo, 2020\n\n${planted.map((n) => `${sentence(n)}.`).join('\n\n')}`);
const paper = Array.from({ length: 48 }, (_, n) => `${sentence(n)}${planted.includes(n) ? (planted.indexOf(n) % 2 ? ' (Okonkwo, 2020)' : '[^a]'.replace('a', String(n))) : ''}.${n % 6 === 5 ? '\n\n' : ' '}`).join(''), notes = planted.filter((_, i) => i % 2 === 0).map((n) => `[^${n}]: Okonkwo, Budgets without closure, p. ${n}, and what was said of it in the survey of the year before.`).join('\n');

test('sentences that lines, pages and notes cut in two are found whole, with their citations', async () => {
  const md = file('p.md', `${paper}\n\n${notes}\n`), docx = file('p.docx', (await convertFiles([md], {}, undefined, 'docx')).bytes), pdf = file('p.pdf', (await convertFiles([docx])).bytes);
  const told = async (p: typeof md) => (await compareFiles(p, [source])).passages.map((s) => [s.words, s.quoted, s.cited]);
  expect(await told(docx)).toEqual(planted.map(() => [18, false, true]));
  expect(await told(pdf)).toEqual(await told(docx));
});

test('a style that moves its paragraphs in sets a quotation', async () => {
  const style = (id: string, properties: string): string => `<w:style w:type="paragraph" w:styleId="${id}"><w:name w:val="${id}"/><w:pPr>${properties}</w:pPr></w:style>`, sheet = `<w:styles xmlns:w="http://schemas.openxmlformats.org/wordprocessingml/2006/main">${style('Extract', '<w:ind w:left="720"/>')}${style('Hanging', '<w:ind w:left="720" w:hanging="720"/>')}${style('ListParagraph', '<w:ind w:left="720"/>')}</w:styles>`;
  const quoted = async (id: string): Promise<boolean[]> => (await compareFiles(file('p.docx', plantedDocx(`<w:p><w:r><w:t>${sentence(1)}.</w:t></w:r></w:p><w:p><w:pPr><w:pStyle w:val="${id}"/></w:pPr><w:r><w:t>${sentence(3)}.</w:t></w:r></w:p>`, { 'word/styles.xml': sheet })), [source])).passages.map((p) => p.quoted);
  expect(await quoted('Extract')).toEqual([true]);
  expect(await quoted('Hanging')).toEqual([false]);
  expect(await quoted('ListParagraph')).toEqual([false]);
});

test('a word that a page’s end broke is one word', () => {
  const page = (n: number, text: string) => madePassage(text, { page: n, lines: [{ start: 0, box: [72, 100, 520, 112] }] });
  const { text, words } = streamOf(madeFacts({ passages: read([page(1, 'The creek fills from be-'), page(2, 'low while the tide is rising.'), page(3, 'Nothing else.')]) }));
  expect(text).toBe('The creek fills from below while the tide is rising.\n\nNothing else.');
  expect(words.map((w) => text.slice(w.start, w.end))).toEqual(['The', 'creek', 'fills', 'from', 'below', 'while', 'the', 'tide', 'is', 'rising', 'Nothing', 'else']);
});
