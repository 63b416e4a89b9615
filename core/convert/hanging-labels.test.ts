import { expect, test } from '@jest/globals';
import { loadMupdf } from '../engines/pdf.ts';
import { hangLabels } from './hanging-labels.ts';

const page = { baseFont: 'serif', baseSizePt: 12 } as const;
const item = (label: string, css: string, words = 'Words'): string => `<p style="${css}"><span class="label" data-level="0">${label}&#8194;</span>${words}</p>`;
/** Spaces that stand after a label, in points: a quarter of the size each. Source: AFM of Times-Roman and Times-Bold, C 32 ; WX 250. */
const gap = (html: string, size: number): number => [...html.replace(/<span style="font-size:([\d.]+)pt">&#160;<\/span>/g, (_, s: string) => `[${s}]`).matchAll(/&#160;|\[([\d.]+)\]/g)].reduce((sum, m) => sum + (m[1] ? Number(m[1]) : size) / 4, 0);

// Source: AFM of the standard 14 fonts: bullet 350, one 500, zero 500, period 250 in Times-Roman; one 500 in Times-Bold; bullet 350 and space 278 in Helvetica.
test.each([
  ['a bullet', item('•', 'margin:0 0 0 18pt;text-indent:-18pt'), 18 - 0.35 * 12, 12], ['a number', item('10.', 'text-indent:-24pt'), 24 - 1.25 * 12, 12],
  ['in another size', item('1.', 'text-indent:-18pt;font-size:20pt'), 18 - 0.75 * 20, 20], ['in bold', item('1.', 'text-indent:-18pt;font-weight:bold'), 18 - 0.75 * 12, 12],
])('the words begin at the hanging indent: %s', async (_, html, expected, size) => { expect(gap(hangLabels(await loadMupdf(), html, page), size)).toBeCloseTo(expected, 1); });
test('the gap of a sans serif face is measured by its own space', async () => {
  const set = hangLabels(await loadMupdf(), item('•', 'text-indent:-18pt;font-family:sans-serif'), page);
  expect(gap(set, 12) / 0.25 * 0.278).toBeCloseTo(18 - 0.35 * 12, 1);
});
test('labels that are too wide, do not hang, or stand in no paragraph stay as they are', async () => {
  for (const html of [item('Exercise 14.', 'text-indent:-18pt'), item('1.', 'margin:0 0 0 18pt'), '<p>No label hangs here</p>']) expect(hangLabels(await loadMupdf(), html, page)).toBe(html);
});
