import { describe, expect, test } from '@jest/globals';
import { readFields } from './fields.ts';
import { receiptToText } from './to-text.ts';

const file = '20418833_BIO318.docx', read = (text: string) => readFields(text, [file], null, '2027-02-05T10:00:00Z').fields;

describe('an entry of a log, whatever order its cells have and whatever its number is called', () => {
  const orders = ['T S F S V S L', 'F S T S V S L', 'V S F S T S L', 'F S V S L S T', 'L S F S V S T', 'T S V S F S L'], between = ['   ', ' | ', ', ', '\t', ' – ', '; '];
  const called = ['ref. ', 'ref ', 'reference ', 'receipt ', 'receipt no. ', 'no. ', 'id ', 'ID ', 'code ', '#', 'Ref: ', 'number '], ids = ['K-5512-A', '90321', 'R7-20418', 'QX5512'], became = ['received', 'accepted', 'stored', 'received in full', 'ok'];
  test.each(orders.flatMap((order) => between.map((sign) => [order, sign] as const)))('%s %j', (order, sign) => {
    called.forEach((label, k) => ids.forEach((id, i) => {
      const cells: Record<string, string> = { T: '4 Feb 2027 11:41 UTC', F: file, V: became[(k + i) % became.length]!, L: label + id };
      const { id: found, receivedAt } = read(`Hand-in log for BIO318 Report box\n\n${order.split(' S ').map((cell) => cells[cell]!).join(sign)}\n`);
      expect([label, found, receivedAt]).toEqual([label, id, '2027-02-04T11:41:00+00:00']);
    }));
  });
  test.each<[string, string, string | null]>([
    ['an entry that was replaced', `10:02  old_${file}  replaced  ref. K-5511-A\n11:41  ${file}  received  ref. K-5512-A\n\nAll times on 4 February 2027, UTC.`, 'K-5512-A'],
    // Hard negatives: the writer's own number, the number of the place in a list, two entries that both count.
    ['the writer’s own number', `4 Feb 2027 11:41  ${file}  received  id 20418833`, null], ['a short number', `4 Feb 2027 11:41  ${file}  received  no. 3`, null], ['two of them', `4 Feb 2027 11:41  ${file}  received  ref. K-1201\n4 Feb 2027 11:42  data.csv  received  ref. K-1202`, null],
  ])('%s', (_why, text, id) => expect(read(text).id).toBe(id));
});

describe('a zone that is named once for all times', () => {
  const bodies = [`11:41  ${file}   received   ref. K-5512-A\n\nDate: 4 February 2027\n`, `Received: 4 February 2027, 11:41\nFile: ${file}\nReceipt: K-5512-A\n`];
  const remarks: [string, string][] = [['All times are UTC.', '+00:00'], ['Times in UTC.', '+00:00'], ['(times in UTC)', '+00:00'], ['All times: UTC+2', '+02:00'], ['Times shown are Europe/Athens.', '+02:00'], ['All times CET', '+01:00'], ['Time zone: Europe/London', '+00:00'], ['The clock of this page runs on UTC.', '+00:00'], ['Alle Zeiten in MEZ', '+01:00'], ['Les heures sont en CET.', '+01:00']];
  test.each(remarks.flatMap(([said, offset]) => bodies.map((body) => [said, body, offset] as const)))('%s', (said, body, offset) => expect(read(body + said).receivedAt).toBe(`2027-02-04T11:41:00${offset}`));
  // Hard negatives: the zone of another time, two zones, and a time that brings its own.
  test.each<[string, string]>([['The deadline was 12:00 UTC.', '2027-02-04T11:41:00'], ['Times are UTC or CET.', '2027-02-04T11:41:00']])('%s', (said, at) => expect(read(bodies[1]! + said).receivedAt).toBe(at));
  test('its own zone holds', () => expect(read(`Received: 4 February 2027, 11:41 CET\nFile: ${file}\nReceipt: K-5512-A\nAll other times are UTC.`).receivedAt).toBe('2027-02-04T11:41:00+01:00'));
});

describe('a table of cells below other lines', () => {
  const read = async (text: string) => readFields(await receiptToText(new TextEncoder().encode(text), 'receipt.txt'), [file], null, '2027-02-05T10:00:00Z').fields;
  test.each([';', ',', '\t'])('cells between %j', async (sign) => {
    const fields = await read(`RECEIPT | id 99312 | 2027-02-04T11:41:00Z\n${['file', 'bytes', 'sha256'].join(sign)}\n${[file, '31655', 'ab'.repeat(32)].join(sign)}\nKeep this.\n`);
    expect([fields.id, fields.fileNames, fields.bytes, fields.sha256]).toEqual(['99312', [file], 31655, ['ab'.repeat(32)]]);
  });
  // A hard negative: sentences have commas too.
  test('sentences are no table', async () => {
    expect((await read(`Receipt no.: 99312\nReceived: 4 February 2027, 11:41 UTC\nDear student, file name, thanks\nWe hold ${file}, 4 pages, complete\n`)).fileNames).toEqual([file]);
  });
});
test.each(['Upload complete!\nID: A-1029\nat 11:41 on 4 February 2027 (UTC)\nName of file: FILE', 'Upload complete at 11:41 on 4 February 2027 (UTC).\nID: A-1029\nFILE', 'The transfer was completed at 11:41 on 4 February 2027 (UTC).\nID: A-1029\nFILE'])('when it was complete: %s', (text) => {
  expect(read(text.replace('FILE', file)).receivedAt).toBe('2027-02-04T11:41:00+00:00');
});
