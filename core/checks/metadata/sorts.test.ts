import { describe, expect, test } from '@jest/globals';
import { madeFacts, madeInput, nina } from '../../testing/made.ts';
import { runCheck } from '../../docket/run.ts';
import { readDocument } from '../../readers/index.ts';
import { plantedPdf } from '../../testing/plant.ts';
import { cleanFile } from '../../verbs/clean.ts';
import { read, type MetadataSort } from '../../model/facts.ts';
import type { Finding } from '../../model/finding.ts';
import { metadataChecks, metadataSorts } from './sorts.ts';

const run = (sort: MetadataSort, value: string | null, other: MetadataSort = 'statistics') => {
  const found: Finding[] = [];
  const facts = madeFacts({ metadata: read(value === null ? [] : [{ part: 'Info/X', key: 'X', value, sort }, { part: 'Info/Pages', key: 'Pages', value: '4', sort: other }]) });
  return { line: runCheck({ ...metadataChecks.find((c) => c.id === `metadata.${sort}`)!, asked: () => 'nothing' }, madeInput({ facts, details: nina }), found), found };
};
describe.each(metadataSorts.map((s) => s.sort))('metadata.%s', (sort) => {
  test('planted: a value that names the student stops, with its address', () => {
    const { line, found } = run(sort, 'C:\\Users\\nvi204\\Nína Vestergaard-Imani');
    expect([line.standing, found[0]!.place.part, found[0]!.detail === null]).toEqual(['notMet', 'Info/X', false]);
  });
  test('another value is for the eye', () => expect(run(sort, 'Carrow Writer 4').line.standing).toBe('look'));
  test('hard negative: nothing of the sort', () => expect(run(sort, null).line.standing).toBe('met'));
});
test('a date without a date is no finding', () => expect(run('dates', '1980-01-01T00:00:00').line.standing).toBe('met'));
test('a small picture that a page keeps of itself is told, and goes with the rest', async () => {
  const pdf = await plantedPdf((doc) => { doc.findPage(0).put('Thumb', doc.addStream(new Uint8Array(300), { Width: 10, Height: 10, ColorSpace: 'DeviceRGB', BitsPerComponent: 8 })); });
  const kept = async (bytes: Uint8Array) => { const { metadata } = await readDocument(bytes, 'a.pdf'); return metadata.ok ? metadata.value.filter((m) => m.sort === 'thumbnail').map((m) => m.value) : null; };
  expect(await kept(pdf)).toEqual(['small pictures of 1 page']);
  expect(await kept((await cleanFile({ name: 'a.pdf', path: 'a.pdf', bytes: pdf }, {})).bytes)).toEqual([]);
});
