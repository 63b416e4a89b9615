import { beforeAll, describe, expect, test } from '@jest/globals';
import { emptyBrief } from '../model/brief.ts';
import { receiptForms } from '../testing/receipt-forms.ts';
import { plainReceipt } from './plain.ts';
import { compareReceipt } from './agree.ts';
import { readFields } from './fields.ts';
import { receiptToText } from './to-text.ts';
import { plantedPdf } from '../testing/plant.ts';
import { readDocument } from '../readers/index.ts';
import type { DocumentFacts } from '../model/facts.ts';

test.each([
  ['Received:\u00a015 March 2027', 'Received: 15 March 2027'], ['**Receipt no.:** 5512', 'Receipt no.: 5512'], ['• File: essay.pdf', 'File: essay.pdf'], ['> Receipt 5512\n> File: essay.pdf', 'Receipt 5512\nFile: essay.pdf'],
  ['15-Mar-2027, 16:12 GMT', '15 Mar 2027, 16:12 GMT'], ['16:12 on 15 March 2027', '15 March 2027, 16:12'], ['15 March 2027, 16.12', '15 March 2027, 16:12'], ['Monday, 15 March 2027, 4.12 p.m.', '15 March 2027, 4:12 pm'], ['15 March \'27 4:12PM', '15 March 2027 4:12 pm'],
  ['Printed 17 March 2027 09:30\nReceipt 5512', '\nReceipt 5512'],
  // Names of files, sizes and numbers stay.
  ['notes_4PM.pdf', 'notes_4PM.pdf'], ['essay 15-Mar-2027.pdf', 'essay 15-Mar-2027.pdf'], ['15 March 2027, 16.12 MB', '15 March 2027, 16.12 MB'], ['report_**final**.pdf', 'report_**final**.pdf'], ['a\n> b', 'a\n> b'], ['Reference 12.30.44', 'Reference 12.30.44'],
  ['We received the essay that you handed in through the page of the course on the\n15 March 2027 at 16:12, and it counts.\nessay.pdf', 'We received the essay that you handed in through the page of the course on the 15 March 2027 at 16:12, and it counts.\nessay.pdf'],
])('%j', (text, plain) => { expect(plainReceipt(text)).toBe(plain); });

/** The same receipt as another program would have passed it on. */
const hands: Record<string, (text: string) => string> = {
  'quoted as a whole': (text) => text.split('\n').map((line) => `> ${line}`).join('\n'),
  'ends of lines of another system': (text) => text.replace(/\n/g, '\r\n'),
  'spaces that do not break': (text) => text.replace(/(\d) (?=\p{L})/gu, '$1\u00a0'),
  'all set in': (text) => (/^(?:Subject|Date|From):/m.test(text) ? text : text.split('\n').map((line) => `    ${line}`).join('\n')),
  'years of two figures': (text) => text.replace(/\b15 March 2027\b/g, "15 March '27"),
  'dates with hyphens': (text) => text.replace(/\b(\d\d) March 2027\b/g, '$1-Mar-2027'),
  'ordinals': (text) => text.replace(/\b15 March 2027\b/g, '15th March 2027'),
  'weekdays before dates': (text) => text.replace(/(?<!\p{L},? )\b15 March 2027\b/gu, 'Mon, 15 March 2027'),
};
describe('a receipt proves the same whichever way it came', () => {
  const file = 'essay_Y3921847.pdf', brief = { ...emptyBrief(), due: '2027-03-15T17:00:00+00:00', timeZone: 'Europe/London', place: 'GEO 3107 Essay' };
  let facts: DocumentFacts;
  beforeAll(async () => { facts = await readDocument(await plantedPdf(), file); });
  const texts = receiptForms.filter(([, text]) => !/\{(?!file\})/.test(text)).map(([, text]) => text.replaceAll('{file}', file));
  const proved = async (text: string): Promise<string> => {
    const read = readFields(await receiptToText(new TextEncoder().encode(text), 'receipt.txt'), [file], brief.timeZone, '2027-05-14T17:00:00Z');
    return JSON.stringify([compareReceipt(read, [facts], brief).standing, read.fields.id, read.fields.receivedAt === null ? null : Date.parse(read.fields.receivedAt), read.fields.fileNames]);
  };
  test.each(Object.keys(hands))('%s', async (hand) => {
    let other = 0;
    for (const text of texts) { const as = hands[hand]!(text); if (as === text) continue; other++; expect(`${text}\n${await proved(as)}`).toBe(`${text}\n${await proved(text)}`); }
    expect(other).toBeGreaterThan(20);
  });
});
