import { describe, expect, test } from '@jest/globals';
import { madeBrief, madeFacts, madePassage } from '../testing/made.ts';
import { read } from '../model/facts.ts';
import { compareReceipt } from './agree.ts';
import { readFields } from './fields.ts';
import { receiptToText } from './to-text.ts';

const sum = '3f'.repeat(32), now = '2027-03-12T18:00:00Z';
const paper = madeFacts({ file: { name: 'Y3921847_GEO3107.pdf', bytes: 3_412_345, sha256: sum }, passages: read([madePassage('Sediment budgets of a realigned saltmarsh\nA saltmarsh lives on borrowed material. Each flood tide carries silt and clay over its surface, some of which settles among the stems.')]) });
const form = madeFacts({ file: { name: 'data-form.docx', bytes: 20_480, sha256: 'ab'.repeat(32) }, passages: read([madePassage('Data form: observations at Carrow Quay')]) });
const brief = madeBrief({ due: '2027-03-12T17:00:00+00:00', timeZone: 'Europe/London', place: 'GEO 3107 Report 2' });
const bytes = (text: string): Uint8Array => new TextEncoder().encode(text);
const judge = async (text: string, name = 'receipt.txt', files = [paper], b = brief) => {
  const fields = readFields(await receiptToText(bytes(text), name), files.map((f) => f.file.name), b.timeZone, now);
  return { ...compareReceipt(fields, files, b), fields: fields.fields };
};

const plain = `Receipt number: CS-48213F
Received at: 12 March 2027, 16:42 GMT
Submitted to: GEO 3107 Report 2
File name: Y3921847_GEO3107.pdf
Size: 3.4 MB
Text begins: A saltmarsh lives on borrowed material. Each flood tide carries silt`;

describe('confirmed, in many forms', () => {
  test.each<[string, string, string]>([
    ['text', plain, 'r.txt'],
    ['prose', 'Thank you. Your submission CS-48213F was received on Friday 12 March 2027 at 16:42 GMT. We stored the file “Y3921847_GEO3107.pdf” (3,412,345 bytes).', 'r.txt'],
    ['JSON', JSON.stringify({ receiptId: 'CS-48213F', receivedAt: '2027-03-12T16:42:07Z', files: [{ fileName: 'Y3921847_GEO3107.pdf', bytes: 3412345, sha256: sum }] }), 'r.json'],
    ['CSV', 'submission_id,submitted_at,file_name,size_bytes\nCS-48213F,2027-03-12T16:42:07+00:00,Y3921847_GEO3107.pdf,3412345\n', 'r.csv'],
    ['HTML table', '<!doctype html><table><tr><th>Confirmation no.</th><td>CS-48213F</td></tr><tr><th>Submitted on</th><td>12/03/2027 16:42</td></tr><tr><th>File</th><td>Y3921847_GEO3107.pdf</td></tr><tr><th>Size</th><td>3332 KB</td></tr></table>', 'r.html'],
    ['mail', `From: Desk <desk@carrow.example>\r\nTo: a@carrow.example\r\nDate: Mon, 15 Mar 2027 09:00:00 +0000\r\nSubject: Your submission\r\nMIME-Version: 1.0\r\nMessage-ID: <1@carrow.example>\r\nContent-Type: text/plain; charset=utf-8\r\n\r\n${plain}\r\n`, 'r.eml'],
    ['a shortened name', plain.replace('Y3921847_GEO3107.pdf', 'Y3921…107.pdf'), 'r.txt'],
    ['size in binary units, cut off', plain.replace('3.4 MB', '3.2 MiB'), 'r.txt'],
    ['the printing time says nothing', `${plain}\nPrinted: 14 March 2027, 09:00`, 'r.txt'],
    ['exactly at the due time', plain.replace('16:42 GMT', '17:00 GMT'), 'r.txt'],
    ['another zone, the same instant', plain.replace('16:42 GMT', '17:42 CET'), 'r.txt'],
    ['seconds since 1970', JSON.stringify({ submission: { id: 'CS-48213F', timestamp: Date.parse('2027-03-12T16:42:07Z') / 1000, document: { name: 'Y3921847_GEO3107.pdf', length: 3412345 } } }), 'r.json'], ['an offset in four figures', plain.replace('16:42 GMT', '18:12 (UTC+0130)'), 'r.txt'], ['the number in brackets, in prose', 'We received your submission (ID: CS-48213F) at 16:41:07 on 12 March 2027 (GMT).\nFile: Y3921847_GEO3107.pdf', 'r.txt'],
    ['the place as a heading, another date in it', `GEO 3107 Report 2\nReceipt CS-48213F\nDate 12 Mar 2027 16:42 GMT\nFile: Y3921847_GEO3107.pdf`, 'r.txt'], ['a heading that says less than the place', `GEO 3107 Report, 12 March 2027\n${plain.replace('Submitted to: GEO 3107 Report 2\n', '')}`, 'r.txt'],
    ['checksum', `${plain}\nSHA-256: ${sum.toUpperCase()}`, 'r.txt'],
  ])('%s', async (_, text, name) => {
    const r = await judge(text, name);
    expect(r.agreement.filter((a) => a.standing === 'differs')).toEqual([]);
    expect(r.standing).toBe('confirmed');
    expect(r.fields.id).toBe('CS-48213F');
  });
});

test('a name without its ending, where no name has one, is the expected one; another is none', async () => {
  const bare = (stem: string): string => plain.replace('File name: Y3921847_GEO3107.pdf', `Your work “${stem}” is here.`);
  expect((await judge(bare('Y3921847_GEO3107'))).standing).toBe('confirmed');
  expect((await judge(bare('Y3921848_GEO3107'))).standing).toBe('doubtful');
});
describe('refuted by what is stated', () => {
  test.each<[string, string, string]>([
    ['another file', plain.replace('Y3921847', 'Y3921848'), 'fileNames'], ['an earlier version of the text', plain.replace('A saltmarsh lives on borrowed material', 'A marsh is built from what the sea lends'), 'extract'], ['cut short', plain.replace('3.4 MB', '1.2 MB'), 'bytes'],
    ['it says that nothing was received', `We have NOT received your submission.\n${plain}`, 'status'], ['another place as a heading', `GEO 3107 Report 1\n${plain.replace('Submitted to: GEO 3107 Report 2\n', '')}`, 'place'], ['a date without a colon, too late', plain.replace('Received at: 12 March 2027, 16:42 GMT', 'Date 13 Mar 2027 00:03 GMT'), 'receivedAt'],
    ['an extract of which the last word is another', plain.replace('A saltmarsh lives on borrowed material', 'A saltmarsh lives on borrowed money'), 'extract'], ['zero bytes', plain.replace('3.4 MB', '0 bytes'), 'bytes'], ['late', plain.replace('16:42', '17:01'), 'receivedAt'], ['another zone makes it late', plain.replace('16:42 GMT', '16:42 EST'), 'receivedAt'], ['another checksum', `${plain}\nSHA-256: ${'00'.repeat(32)}`, 'sha256'],
    ['still a draft', `${plain}\nStatus: draft, not submitted`, 'status'], ['another place', plain.replace('GEO 3107 Report 2', 'GEO 3107 Report 1'), 'place'],
  ])('%s', async (_, text, field) => {
    const r = await judge(text);
    expect(r.standing).toBe('refuted');
    expect(r.agreement.filter((a) => a.standing === 'differs').map((a) => a.field)).toContain(field);
  });
  test('one of two documents is missing', async () => expect((await judge(plain, 'r.txt', [paper, form])).standing).toBe('refuted'));
});

describe('doubtful by what is missing', () => {
  test.each<[string, string]>([['no identifier', plain.replace(/Receipt number.*\n/, '')], ['no time', plain.replace(/Received at.*\n/, '')], ['no name', plain.replace(/File name.*\n/, '')], ['nothing at all', 'Thank you for your interest in the course.']])('%s', async (_, text) => expect((await judge(text)).standing).toBe('doubtful'));
});

test('two documents, both there', async () => {
  const r = await judge('Receipt CS-1 99\nSubmission ID: 77120934\nReceived: 2027-03-12 16:00 UTC\nFiles:\n1. Y3921847_GEO3107.pdf (3.4 MB)\n2. data-form.docx (20 KB)\n', 'r.txt', [paper, form]);
  expect(r.agreement.filter((a) => a.standing === 'differs')).toEqual([]);
  expect([r.standing, r.fields.fileNames.length]).toEqual(['confirmed', 2]);
});
test('an extension granted counts', async () => expect((await judge(plain.replace('12 March', '15 March'), 'r.txt', [paper], { ...brief, extension: '2027-03-19T17:00:00+00:00' })).standing).toBe('confirmed'));
test('nothing is invented', async () => expect((await judge('Hello.')).fields).toEqual({ id: null, receivedAt: null, fileNames: [], bytes: null, title: null, extract: null, sha256: [] }));

describe('a place as the wording names it and as the receipt does', () => {
  const at = async (asked: string, shown: string): Promise<string> => (await judge(plain.replace('GEO 3107 Report 2', shown), 'r.txt', [paper], { ...brief, place: asked })).agreement.find((a) => a.field === 'place')!.standing;
  test.each([
    ['GEO 3107 – Report 2 (main)', 'GEO 3107 – Report 2 (draft)'], ['GEO 3107 Report 2', 'GEO 3107 Report 2 (practice)'], ['Essay 1, group A', 'Essay 1, group B'], ['GEO 3107 Report 2', 'HIS 3107 Report 2'], ['Essay box', 'Late essay box'], ['Essay 1', 'Essay 1: resit'],
  ])('another one: %s, %s', async (asked, shown) => { expect(await at(asked, shown)).toBe('differs'); });
  test.each([
    ['GEO 3107 – Report 2 (main)', 'GEO 3107 Report 2'], ['GEO 3107 Report 2', 'GEO 3107: Report 2 submission page'], ['Essay 1 (final)', 'Essay 1 (Final)'], ['Box “Essay A”', 'Essay A'], ['Report 2', 'GEO 3107 > Assessment > Report 2'],
  ])('the same: %s, %s', async (asked, shown) => { expect(await at(asked, shown)).toBe('agrees'); });
});
test('a name in small letters is the same one where a checksum agrees, and another one where none is shown', async () => {
  const small = plain.replace('Y3921847_GEO3107.pdf', 'y3921847_geo3107.pdf');
  expect([(await judge(`${small}\nSHA-256: ${sum}`)).standing, (await judge(small)).standing]).toEqual(['confirmed', 'refuted']);
});
test('sizes in octets, as French writes them', async () => expect((await judge(plain.replace('3.4 MB', '3,4 Mo'))).agreement.find((a) => a.field === 'bytes')).toMatchObject({ standing: 'agrees' }));
