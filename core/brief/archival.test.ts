import { expect, test } from '@jest/globals';
import { readBrief } from './read.ts';

test.each<[string, string | undefined]>([
  ['Submit the thesis as PDF/A.', 'PDF/A'],
  ['The dissertation must be uploaded as a single PDF/A-2b file of at most 20 MB.', 'PDF/A-2b'],
  ['File format: PDF/A-1b. Name: Surname_Title.pdf', 'PDF/A-1b'],
  ['Hand in one PDF / A 3 u file. PDF/A is required because the library keeps it.', 'PDF/A-3u'],
  ['Please deposit your thesis in PDF/A, not in DOCX.', 'PDF/A'],
  ['Submit a PDF, preferably PDF/A.', undefined],
  ['Submit a PDF; PDF/A is welcome but not required.', undefined],
  ['Submit your essay as PDF or PDF/A.', undefined],
  ['You need not use PDF/A. A plain PDF will do.', undefined],
  ['Submit as PDF/A4 pages.', undefined],
  ['Submit one PDF, A4, double spaced.', undefined],
])('%s', (text, archival) => {
  const { brief } = readBrief(text, '2026-11-25T10:00:00Z');
  expect(brief.archival).toBe(archival);
  expect(brief.documents[0]?.types).toContain('pdf');
  for (const e of brief.evidence.filter((x) => x.field === 'archival')) expect(text.slice(e.start, e.end)).toBe(e.quote);
});
