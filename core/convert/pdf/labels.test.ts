import { expect, test } from '@jest/globals';
import { countedLabels, joinLabels, partTightLabels } from './labels.ts';
import type { PdfLine } from './map.ts';

const line = (text: string, x: number, baseline: number, width = text.length * 6): PdfLine => ({ page: 0, box: [x, baseline - 10, x + width, baseline + 2], runs: [{ text, bold: false, italic: false, size: 12, raised: false }], text, size: 12, bold: false, font: 'Times', baseline });
const texts = (lines: PdfLine[]): string[] => joinLabels(lines).map((l) => l.text);

test.each([['•'], ['\uf0b7'], ['o'], ['12.'], ['a)'], ['(iv)'], ['2.1.'], ['–']])('a label that stands apart goes with its words: %s', (label) => {
  const [joined, next] = joinLabels([line(label, 72, 100), line('Silt is carried in', 110, 100.4), line('and out again', 110, 114)]);
  expect(joined).toMatchObject({ text: `${label} Silt is carried in`, label, box: [72, 90, 218, 102.4] });
  expect(joined!.runs.map((r) => r.text).join('')).toBe(`${label} Silt is carried in`);
  expect(next!.label).toBeUndefined();
});
test('labels that the file writes before all their words find them by their height', () => {
  expect(texts([line('•', 72, 100), line('•', 72, 130), line('First', 90, 100), line('goes on', 90, 115), line('Second', 90, 130)])).toEqual(['• First', 'goes on', '• Second']);
});
test.each([
  ['the first column of a table', [line('1.', 72, 100), line('North', 100, 100), line('4.2', 200, 100)]], ['words far away', [line('1.', 72, 100), line('North', 300, 100)]],
  ['words of another line', [line('1.', 72, 100), line('North', 90, 112)]], ['words, not a label', [line('Note', 72, 100), line('North', 110, 100)]], ['two labels', [line('1.', 72, 100), line('2.', 90, 100)]],
])('others stay as they are: %s', (_, lines) => { expect(joinLabels(lines)).toEqual(lines); });
test('a number that touches its words is a label where the number before it stands further up', () => {
  const lines = [line('9. Silt', 72, 100), line('10.Clay', 72, 114), line('3.Mud', 72, 128), line('11.5 mm of it', 72, 142)];
  partTightLabels(lines);
  expect(lines.map((l) => [l.text, l.runs[0]!.text])).toEqual([['9. Silt', '9. Silt'], ['10. Clay', '10. Clay'], ['3.Mud', '3.Mud'], ['11.5 mm of it', '11.5 mm of it']]);
});
test('bare numbers are labels where the next one stands in their place, over the page too', () => {
  const lines = [line('1', 72, 780), line('Silt is carried in', 110, 780), { ...line('2', 72, 80), page: 1 }, { ...line('Clay stays', 110, 80), page: 1 }], counted = countedLabels(lines);
  expect(joinLabels(lines.slice(0, 2), counted).map((l) => l.text)).toEqual(['1 Silt is carried in']);
  expect(joinLabels(lines.slice(2), counted).map((l) => l.text)).toEqual(['2 Clay stays']);
  expect(countedLabels([line('3', 72, 100), line('Silt', 110, 100), line('7', 72, 114), line('Clay', 110, 114)]).size).toBe(0);
});
test('a bullet in larger letters than its words belongs to them', () => { expect(texts([{ ...line('•', 72, 103), size: 14 }, line('Silt is carried in', 110, 100)])).toEqual(['• Silt is carried in']); });
