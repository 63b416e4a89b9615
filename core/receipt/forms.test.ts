import { beforeAll, describe, expect, test } from '@jest/globals';
import { emptyBrief } from '../model/brief.ts';
import { plantedPdf } from '../testing/plant.ts';
import { readDocument } from '../readers/index.ts';
import { receiptForms as forms } from '../testing/receipt-forms.ts';
import { readReceipt } from '../verbs/receipt.ts';
import { sha256 } from '../engines/hash.ts';
import { sumOf } from './sums.ts';

const file = 'essay_Y3921847.pdf', brief = { ...emptyBrief(), due: '2027-03-15T17:00:00+00:00', timeZone: 'Europe/London', place: 'GEO 3107 Essay' };
let bytes: Uint8Array, said: (text: string) => string;
beforeAll(async () => {
  bytes = await plantedPdf();
  const { pages } = await readDocument(bytes, file);
  const n = bytes.length, sum = await sha256(bytes), words: Record<string, string> = { file, cut: file.slice(0, 12), bytes: String(n), total: String(n + 8), grouped: n.toLocaleString('en'), kb: (n / 1000).toFixed(1), mb: (n / 1e6).toFixed(4), kib: (n / 1024).toFixed(2), sha: sum, md5: sumOf('md5', bytes), shaBut: (sum[0] === '0' ? '1' : '0') + sum.slice(1), pages: String(pages.ok ? pages.value.length : 0), shaGrouped: sum.replace(/.{8}(?=.)/g, '$& '), shaButGrouped: ((sum[0] === '0' ? '1' : '0') + sum.slice(1)).replace(/.{8}(?=.)/g, '$& ') };
  said = (text) => text.replace(/\{(\w+)\}/g, (_, k: string) => words[k]!);
});
/** The same for two documents, “Report final.pdf” and “data table.csv”. */
const ofTwo: readonly [standing: 'confirmed' | 'doubtful' | 'refuted', name: string, text: string, fields?: Record<string, unknown>][] = [
  ['confirmed', 'a.txt', 'Receipt HX-20\nReceived: 15 March 2027, 16:05 (GMT)\nDocuments (2):\nReport final.pdf        {grouped} bytes\ndata table.csv          8 bytes', { fileNames: ['Report final.pdf', 'data table.csv'] }],
  ['confirmed', 'a.html', '<p>Receipt HX-21</p><table><tr><th>Name</th><th>Size</th><th>Received</th></tr><tr><td>Report final.pdf</td><td>{kb} kB</td><td>15 Mar 2027 16:05:10 GMT</td></tr><tr><td>data table.csv</td><td>8 B</td><td>15 Mar 2027 16:05:12 GMT</td></tr></table>', { receivedAt: '2027-03-15T16:05:12+00:00' }],
  ['refuted', 'a.html', '<p>Receipt HX-21</p><table><tr><th>Name</th><th>Size</th><th>Received</th></tr><tr><td>Report final.pdf</td><td>{kb} kB</td><td>15 Mar 2027 16:59:10 GMT</td></tr><tr><td>data table.csv</td><td>8 B</td><td>15 Mar 2027 17:05:12 GMT</td></tr></table>', { receivedAt: '2027-03-15T17:05:12+00:00' }],
  ['refuted', 'a.txt', 'Receipt HX-22\nReceived: 15 March 2027, 16:05 (GMT)\nDocuments (1):\nReport final.pdf        {grouped} bytes'], ['refuted', 'a.txt', 'Receipt HX-23\nReceived: 15 March 2027, 16:05 (GMT)\nReport final.pdf {grouped} bytes\ndata table.csv 0 bytes'],
  ['confirmed', 'a.json', '{"id":"7c9","status":"submitted","submittedAt":"2027-03-15T17:05:00+01:00","attachments":[{"filename":"Report final.pdf","bytes":{bytes}},{"filename":"data table.csv","bytes":8}]}', { id: '7c9' }],
  ['confirmed', 'a.csv', 'receipt,time,file,size\nHX-24,2027-03-15 16:05:10 GMT,Report final.pdf,{bytes}\nHX-24,2027-03-15 16:05:12 GMT,data table.csv,8'],
  ['refuted', 'a.txt', 'Receipt HX-25\nReceived: 15 March 2027, 16:05 (GMT)\nReport final.pdf sha256: {sha}\ndata table.csv sha256: {shaBut}'],
  ['confirmed', 'a.txt', 'Receipt HX-26\nReceived: 15 March 2027, 16:05 (GMT)\n- Report fin….pdf ({kb} kB)\n- data ta….csv (8 bytes)', { fileNames: ['Report fin….pdf', 'data ta….csv'] }],
  ['refuted', 'a.txt', 'Receipt HX-26\nReceived: 15 March 2027, 16:05 (GMT)\n- Report dra….pdf ({kb} kB)\n- data ta….csv (8 bytes)'],
  ['refuted', 'a.txt', 'Receipt 71-22\nReport final.pdf     {kb} kB    received 15 Mar 2027 16:40:01 GMT\ndata table.csv     8 B    received 15 Mar 2027 17:00:17 GMT', { receivedAt: '2027-03-15T17:00:17+00:00' }],
  ['confirmed', 'a.txt', 'Receipt 71-22\nReport final.pdf     {kb} kB    received 15 Mar 2027 16:40:01 GMT\ndata table.csv     8 B    received 15 Mar 2027 16:41:17 GMT', { receivedAt: '2027-03-15T16:41:17+00:00' }],
  ['refuted', 'a.txt', 'Receipt 71-22\nReport final.pdf     {kb} kB    received 15 Mar 2027 16:40:01 GMT\ndata table.csv     8 B    rejected: wrong type'],
  ['refuted', 'a.txt', 'One of your two files has been received.\nReceipt no. 998-1 | Report final.pdf | 15 Mar 2027 16:10 GMT\nStill missing: data table.csv'],
  ['refuted', 'a.json', '{"type":"submission.rejected","data":{"uid":"01HRZ7Q8J4","submitted":"2027-03-15T16:40:22+00:00","documents":[{"originalName":"Report final.pdf"},{"originalName":"data table.csv"}]}}', { id: '01HRZ7Q8J4' }],
  ['confirmed', 'a.txt', 'Receipt 71-23\nReceived 15 Mar 2027 16:40 GMT\nReport final.pdf {bytes} bytes\ndata table.csv 8 bytes\nTotal {total} bytes', { id: '71-23' }],
  ['refuted', 'a.txt', 'Receipt HX-27\nReceived: 15 March 2027, 16:05 (GMT)\n- Report final.pdf ({kb} kB)\n- Report final.pdf ({kb} kB)'], ['doubtful', 'a.txt', 'Receipt HX-28\nReceived: 15 March 2027 (GMT)\n- Report final.pdf\n- data table.csv', { receivedAt: null }],
  ['confirmed', 'a.txt', 'Date: Mon, 15 Mar 2027 18:06:00 +0000\nFrom: hand-in desk <desk@uni.example>\nSubject: Receipt HX-30 for GEO 3107 Essay\n\nWe hold two files from you, handed in on 15 March 2027 at 5.05 pm Brussels time:\nReport final.pdf\ndata table.csv', { id: 'HX-30', receivedAt: '2027-03-15T17:05:00+01:00' }],
  ['confirmed', 'a.txt', 'We received the following on 15 March 2027:\n 16:42:08  Report final.pdf  {bytes} bytes  OK\n 16:42:31  data table.csv  8 bytes  OK\nReference for both: 7F3A9921\nAll times in UTC.', { id: '7F3A9921', receivedAt: '2027-03-15T16:42:31+00:00' }],
  ['refuted', 'a.txt', 'You handed in 1 of 2 files:\n[x] Report final.pdf\n[ ] data table.csv\nReference 7F3A9921\n15 March 2027 16:42', { fileNames: ['Report final.pdf'] }], ['confirmed', 'a.txt', 'You handed in 2 of 2 files:\n[x] Report final.pdf\n[x] data table.csv\nReference 7F3A9921\n15 March 2027 16:42', { fileNames: ['Report final.pdf', 'data table.csv'] }],
];
describe.each(ofTwo.map(([standing, name, text, fields], i) => [i + 1, standing, name, text, fields] as const))('receipt of two documents %i, %s, %s', (_, standing, name, text, fields) => {
  test(text.split('\n')[0]!.slice(0, 70), async () => {
    const result = await readReceipt({ name, path: name, bytes: new TextEncoder().encode(said(text)) }, [{ name: 'Report final.pdf', path: 'Report final.pdf', bytes }, { name: 'data table.csv', path: 'data table.csv', bytes: new TextEncoder().encode('a,b\n1,2\n') }], brief, '2027-03-15T18:00:00Z');
    expect([result.standing, ...Object.keys(fields ?? {}).map((k) => result.fields[k as keyof typeof result.fields])]).toEqual([standing, ...Object.values(fields ?? {})]);
  });
});
/** Where it went, wherever the words say so; the brief asks for “GEO 3107 Report 2”. */
const places: typeof forms = [
  ['refuted', 'Receipt no. 55-A-19\nFiled in: GEO 3107 Report 2 – outline\n15 March 2027, 16:15 GMT\n{file}, {kib} KiB', { id: '55-A-19' }],
  ['refuted', 'Hello Y3921847\nYour file "{file}" has been uploaded to GEO 3107 Report 1 at 16:02 on 15 March 2027. Your submission id is 5509123.', { id: '5509123' }],
  ['confirmed', 'Hello Y3921847\nYour file "{file}" has been uploaded to GEO 3107 Report 2 at 16:02 on 15 March 2027. Your submission id is 5509123.', { id: '5509123' }],
  ['refuted', 'Receipt 100-22: {file}, received 15 March 2027 16:02, GEO 3107 Report 2 (practice area)'],
  ['refuted', 'Submission 4471-22 | GEO 3107 Report 3 | {file} | 15/03/2027 16:12 GMT | OK'],
  ['confirmed', 'Submission 4471-22 | GEO 3107 Report 2 | {file} | 15/03/2027 16:12 GMT | OK'],
  ['refuted', 'Module: GEO 3109\nReceipt: RP-1177\nFile: {file}\nReceived: 15 March 2027 16:12 GMT'],
  ['confirmed', 'Course: GEO 3107\nAssignment: Report 2\nReceipt: RP-1178\nFile: {file}\nReceived: 15 March 2027 16:12 GMT'],
  ['refuted', 'Course: GEO 3107\nAssignment: Report 1\nReceipt: RP-1178\nFile: {file}\nReceived: 15 March 2027 16:12 GMT'],
  ['confirmed', 'Course: GEO 3107\nAssignment: Coursework\nReceipt: RP-1178\nFile: {file}\nReceived: 15 March 2027 16:12 GMT'],
  ['confirmed', 'Module: Coastal processes\nReceipt: RP-1177\nFile: {file}\nReceived: 15 March 2027 16:12 GMT'],
];
const asked = [...forms.map((form) => ({ form, place: brief.place })), ...places.map((form) => ({ form, place: 'GEO 3107 Report 2' }))];
describe.each(asked.map(({ form: [standing, text, fields], place }, i) => [i + 1, standing, text, fields, place] as const))('receipt %i, %s', (_, standing, text, fields, place) => {
  test(text.split('\n')[0]!.slice(0, 70), async () => {
    const result = await readReceipt({ name: 'receipt.txt', path: 'receipt.txt', bytes: new TextEncoder().encode(said(text)) }, [{ name: file, path: file, bytes }], { ...brief, place }, '2027-03-15T18:00:00Z');
    expect([result.standing, ...Object.keys(fields ?? {}).map((k) => result.fields[k as keyof typeof result.fields])]).toEqual([standing, ...Object.values(fields ?? {})]);
  });
});
// A due time whose zone nobody says is one of the student's clock; 21:10 UTC on 15 March 2027 is 17:10 in New York (IANA tz database).
test.each([['confirmed', '20:59'], ['refuted', '21:10']] as const)('a due time without a zone, in New York: %s at %s UTC', async (standing, hour) => {
  const receipt = new TextEncoder().encode(said(`Receipt RN-5\nReceived: 15 March 2027 ${hour} UTC\nFile: {file}`));
  expect((await readReceipt({ name: 'r.txt', path: 'r.txt', bytes: receipt }, [{ name: file, path: file, bytes }], { ...emptyBrief(), due: '2027-03-15T17:00:00' }, '2027-03-15T22:00:00Z', {}, 'America/New_York')).standing).toBe(standing);
});
// A machine’s “CET” is one hour ahead of UTC in July, too; a wording’s is what the clock shows there (read.test.ts).
test('an abbreviation on a receipt means its own offset', async () => {
  const receipt = new TextEncoder().encode(said('Receipt RN-6\nReceived: 12 July 2027 17:30 CET\nFile: {file}'));
  expect((await readReceipt({ name: 'r.txt', path: 'r.txt', bytes: receipt }, [{ name: file, path: file, bytes }], { ...emptyBrief(), due: '2027-07-12T18:00:00+02:00', timeZone: 'CET' }, '2027-07-13T10:00:00Z'))).toMatchObject({ fields: { receivedAt: '2027-07-12T17:30:00+01:00' }, standing: 'refuted' });
});
