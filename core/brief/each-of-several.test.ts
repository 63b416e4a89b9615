import { describe, expect, test } from '@jest/globals';
import { readBrief } from './read.ts';

/** Invented sentences: how long each of several pieces may be that make one file, and how long a file of its own may be. */
const pagesOf = (text: string): (number | null)[] => { const { limits, documents } = readBrief(text, '2026-11-30T09:00:00Z').brief; return [limits.maxPages, ...documents.map((d) => d.limits?.maxPages ?? null)].filter((n) => n !== null); };
const works = [['lab reports', 'lab report'], ['essays', 'essay'], ['case studies', 'case study'], ['reflections', 'reflection']] as const;
const pieces = [
  '3 W, each max. 4 pages, merged into a single PDF', 'Hand in three W of at most 4 pages each, combined in one PDF.', 'Submit one PDF with your three W (max. 4 pages each).', 'The portfolio is one PDF: three W, each no longer than 4 pages.',
  '4 W; max 4 pages per O; all in one file', 'Upload a single PDF containing all four W. Each O may have up to 4 pages.', 'Three W (4 pages each at most), as one PDF', 'Each O should not exceed 4 pages. Combine all W into one PDF file.',
  'Collate the five W into a single document. Length: no more than 4 pages per O.', '- five W\n- each: 4 pages max\n- one PDF for all of them',
];
const alone = ['Each O should not exceed 4 pages.', 'Each O: 4 pages max.', 'One PDF per O, at most 4 pages.', 'Each O is a separate PDF of no more than 4 pages.', 'Word files are allowed, or put it in a PDF. Each O: 4 pages max.', 'Merge your O into a single PDF of no more than 4 pages.', 'Put everything into one PDF. The O may have up to 4 pages.'];
const filled = (sentence: string, [many, one]: readonly [string, string]): string => sentence.replace(/W\b/g, many).replace(/\bO\b/g, one);
describe('how long each piece may be says nothing of the file', () => { test.each(pieces.flatMap((s) => works.map((w) => filled(s, w))))('%s', (text) => { expect(pagesOf(text)).toEqual([]); }); });
describe('a file of its own has the limit', () => { test.each(alone.flatMap((s) => works.map((w) => filled(s, w))))('%s', (text) => { expect(new Set(pagesOf(text))).toEqual(new Set([4])); }); });
