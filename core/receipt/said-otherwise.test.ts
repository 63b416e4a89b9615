import { readFileSync } from 'node:fs';
import { describe, expect, test } from '@jest/globals';
import { emptyBrief } from '../model/brief.ts';
import { readDocument } from '../readers/index.ts';
import { plantedPdf } from '../testing/plant.ts';
import { compareReceipt } from './agree.ts';
import { readFields } from './fields.ts';
import { receiptToText } from './to-text.ts';

const fieldsSaid = ['id', 'receivedAt', 'files', 'bytes', 'title', 'extract', 'sha256', 'status'] as const;
/** Lines as receipts have them, made up: each behind what the others tell, with what it says of one field (nothing, where it only looks like it); and whole receipts with the standing they come to. */
const said = JSON.parse(readFileSync(new URL('../testing/receipts-said.json', import.meta.url), 'utf8')) as Record<(typeof fieldsSaid)[number], [unknown, string][]> & { standing: [string, string][] };
const name = 'essay_final.pdf', others = { id: 'Receipt number: HX-20391', receivedAt: 'Received: 12 April 2027 15:42', files: `File: ${name}` };
const read = async (text: string, zone: string | null): Promise<ReturnType<typeof readFields>> => readFields(await receiptToText(new TextEncoder().encode(text), 'receipt.txt', 0, 'receipt'), [name], zone, '2027-05-01T10:00:00.000Z');

describe.each(fieldsSaid)('what a line says of %s', (field) => {
  test.each(said[field])('%j: %s', async (want, line) => {
    const text = ['Receipt of work handed in', '', ...Object.entries(others).flatMap(([of, other]) => (of === field ? [] : [other])), line].join('\n');
    const { fields, status } = await read(text, null);
    expect(field === 'status' ? status : fields[field === 'files' ? 'fileNames' : field]).toEqual(want);
  });
});

test.each(said.standing)('%s: %s', async (want, text) => {
  const paper = await readDocument(await plantedPdf(() => {}, { text: ['Sediment budgets of small alpine catchments', 'The sediment budget of a catchment is the balance of what is eroded,', 'stored and carried away in a year. I compare two valleys.'].join(') Tj 0 -16 Td (') }), name);
  const brief = { ...emptyBrief(), place: 'GEOG2040 Essay 2', due: '2027-04-12T16:00:00+01:00', timeZone: 'Europe/London', anonymous: true };
  expect(compareReceipt(await read(text.replace('1.6 kB', `${(paper.file.bytes / 1000).toFixed(1)} kB`).replace(/b5fbfdb[0-9a-f]+/, paper.file.sha256), brief.timeZone), [paper], brief, () => [], null).standing).toBe(want);
});
