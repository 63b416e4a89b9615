import { describe, expect, test } from '@jest/globals';
import { madeFacts } from '../testing/made.ts';
import { compareReceipt } from './agree.ts';
import { namesBeside } from './beside.ts';
import { readFields } from './fields.ts';

const sums = ['3f'.repeat(32), 'ab'.repeat(32)] as const;
const files = [madeFacts({ file: { name: 'report.pdf', bytes: 136_251, sha256: sums[0] } }), madeFacts({ file: { name: 'data-form.docx', bytes: 5_029, sha256: sums[1] } })];
const judge = (lines: string): ReturnType<typeof compareReceipt> => compareReceipt(readFields(`Receipt: H3-2281\nReceived: 11 March 2027, 09:14 GMT\n${lines}`, files.map((f) => f.file.name), null, '2027-03-12T18:00:00Z'), files, null);

describe('sizes and sums beside the names of several files', () => {
  test.each([
    'report.pdf   136,251 bytes\ndata-form.docx   5,029 bytes', 'report.pdf (133 KB), data-form.docx (5 KB)', 'File: report.pdf\nSize: 136,251 bytes\nFile: data-form.docx\nSize: 5,029 bytes', '136,251 bytes  report.pdf\n5,029 bytes  data-form.docx',
    'Files: report.pdf, data-form.docx\nSizes: 136,251 bytes, 5,029 bytes', `report.pdf ${sums[0]}\ndata-form.docx ${sums[1]}`, `${sums[0]}  report.pdf\n${sums[1]}  data-form.docx`, `File: report.pdf\nSHA-256: ${sums[0]}\n\nFile: data-form.docx\nSHA-256: ${sums[1]}`,
    'report.pdf\ndata-form.docx\nTotal size: 141,280 bytes', 'report.pdf, 136,251 bytes\ndata-form.docx', 'Size: 136,251 bytes\nName: report.pdf\nSize: 5,029 bytes\nName: data-form.docx',
  ])('in their places: %s', (lines) => expect(judge(lines).standing).toBe('confirmed'));
  test.each([
    'report.pdf   5,029 bytes\ndata-form.docx   136,251 bytes', 'File: report.pdf\nSize: 5,029 bytes\nFile: data-form.docx\nSize: 136,251 bytes', '5,029 bytes  report.pdf\n136,251 bytes  data-form.docx',
    `report.pdf ${sums[1]}\ndata-form.docx ${sums[0]}`, `${sums[1]}  report.pdf\n${sums[0]}  data-form.docx`, `File: report.pdf\nSHA-256: ${sums[1]}\n\nFile: data-form.docx\nSHA-256: ${sums[0]}`, 'report.pdf, 5,029 bytes\ndata-form.docx',
  ])('changed places: %s', (lines) => expect(judge(lines).standing).toBe('refuted'));
});
test('a layout that keeps names and sizes apart says nothing of whose they are', () => {
  const text = 'a.pdf and b.pdf\n10 bytes\n20 bytes';
  expect(namesBeside(text, ['a.pdf', 'b.pdf'], [text.indexOf('10'), text.indexOf('20')])).toEqual([null, null]);
  expect(namesBeside('a.pdf: 10 bytes', ['a.pdf'], [7])).toEqual([null]);
});
test('a name within another is not taken for it', () => {
  const text = 'a.pdf 10\nlong a.pdf 20';
  expect(namesBeside(text, ['a.pdf', 'long a.pdf'], [text.indexOf('10'), text.indexOf('20')])).toEqual(['a.pdf', 'long a.pdf']);
});
