import { expect, test } from '@jest/globals';
import { madeBrief, madeFacts, madePage } from '../../testing/made.ts';
import { testCheck } from '../../testing/test-check.ts';
import { read, unread } from '../../model/facts.ts';
import { sheetSizes } from '../../tables/sheets.ts';
import { nameSheet, pagesSize } from './size.ts';

// ISO 216:2007, table 1: A3 297 × 420, A4 210 × 297, A5 148 × 210, B5 176 × 250 mm; one point is 25.4 / 72 mm.
test.each([['A3', 297, 420], ['A4', 210, 297], ['A5', 148, 210], ['B5', 176, 250]])('%s is %d × %d mm', (name, w, h) => {
  expect(sheetSizes[name]![0]).toBeCloseTo((w * 72) / 25.4, 1);
  expect(sheetSizes[name]![1]).toBeCloseTo((h * 72) / 25.4, 1);
});
const brief = madeBrief({ layout: { ...madeBrief().layout, pageSize: 'A4' } });
testCheck(pagesSize, {
  met: [{ name: 'sections set up as A4', given: { brief, facts: madeFacts({ pages: unread('noFixedPages'), sheets: [{ page: null, width: 595.3, height: 841.9 }, { page: null, width: 841.9, height: 595.3 }] }) } }, { name: 'A4, also across', given: { brief, facts: madeFacts({ pages: read([madePage(), madePage({ width: 842, height: 595 })]) }) } }],
  unread: [{ name: 'a text without sheets', given: { brief, facts: madeFacts({ pages: unread('noFixedPages') }) } }],
  notMet: [{ name: 'a section set up as Letter', given: { brief, facts: madeFacts({ pages: unread('noFixedPages'), sheets: [{ page: null, width: 595.3, height: 841.9 }, { page: null, width: 612, height: 792 }, { page: null, width: 612, height: 792 }] }) }, says: ['otherSheet'] }, { name: 'Letter', given: { brief, facts: madeFacts({ pages: read([madePage({ width: 612, height: 792 })]) }) }, says: ['other'] }],
  notAsked: [{ name: 'no sheet is named' }],
});
test.each([[612, 792, 'Letter'], [841.9, 595.3, 'A4'], [1224, 792, 'Tabloid'], [400, 400, '141 × 141 mm']])('a sheet of %d by %d points is called %s', (width, height, name) => expect(nameSheet(width, height)).toBe(name));
