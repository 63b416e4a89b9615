import { expect, test } from '@jest/globals';
import { readDocument } from '../readers/index.ts';
import { checkFiles } from '../verbs/check.ts';
import { emptyBrief } from '../model/brief.ts';
import { nina } from '../testing/made.ts';
import { plantedPdf } from '../testing/plant.ts';
import { reasonKeyOf, reportData, reportPdf, type ReportInput } from './report.ts';

test('the report tells the verdict, every finding with its reason, the words, and escapes what is not its own', async () => {
  const bytes = await plantedPdf(() => {}, { text: 'Written by Vestergaard-Imani about mud.' });
  const { files, docket } = await checkFiles([{ path: 'a.pdf', name: 'mud <b>&.pdf', bytes }], { details: nina, brief: { ...emptyBrief(), anonymous: true }, now: 0 });
  const known = files[0]!.findings.find((f) => f.check.startsWith('identity.'))!;
  const input: ReportInput = { title: 'Mud & silt <i>', course: 'GEO3107', place: null, due: '2027-03-12', at: '2027-03-11T10:00:00Z', files, docket, reasons: { [reasonKeyOf(known)]: 'it is the street' } };
  const read = await readDocument(await reportPdf(input), 'report.pdf');
  expect(read.pages.ok && read.pages.value.length).toBeGreaterThan(0);
  const text = read.passages.ok ? read.passages.value.map((p) => p.text).join(' ').replace(/\s+/g, ' ') : '';
  for (const part of ['Mud & silt <i>', 'mud <b>&.pdf', 'it is the street', 'Vestergaard-Imani', 'Words', files[0]!.sha256.slice(0, 20)]) expect(text.replace(/\s/g, '')).toContain(part.replace(/\s/g, ''));
  expect(read.fonts.ok && read.fonts.value.every((f) => f.embedded)).toBe(true);
  const data = JSON.parse(JSON.stringify(reportData(input))) as { files: { findings: { reason: string | null }[] }[]; verdict: string };
  expect(data.files[0]!.findings.filter((f) => f.reason === 'it is the street')).toHaveLength(1);
  expect(data.verdict.length).toBeGreaterThan(10);
});
