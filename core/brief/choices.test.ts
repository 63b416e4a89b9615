import { describe, expect, test } from '@jest/globals';
import { readBrief } from './read.ts';

const layout = (text: string) => readBrief(text, '2026-11-29T12:00:00Z').brief.layout;

describe('measures of which several will do', () => {
  test.each<[string, number[], boolean]>([
    ['Font size 11 or 12.', [11, 12], false], ['Use 11 or 12 point type.', [11, 12], false], ['Text in 11- or 12-point font', [11, 12], false], ['Font size between 10 and 12.', [10, 12], true], ['The text is set in 11–12 pt.', [11, 12], true], ['Type size 11 to 12 pt', [11, 12], true], ['Arial, 10 or 11pt', [10, 11], false],
  ])('%s', (text, values, between) => { expect(layout(text)).toMatchObject({ fontSizePt: null, choices: { fontSizePt: { values, between } } }); });
  test.each<[string, number[], boolean]>([
    ['The text must be 1.5 or double spaced.', [1.5, 2], false], ['Spacing between 1.5 and 2.', [1.5, 2], true], ['Line spacing: 1.15 or 1.5', [1.15, 1.5], false], ['single or double spacing', [1, 2], false], ['One-and-a-half or double line spacing is fine.', [1.5, 2], false],
  ])('%s', (text, values, between) => { expect(layout(text)).toMatchObject({ lineSpacing: null, choices: { lineSpacing: { values, between } } }); });
  test('margins', () => { expect(layout('Margins of 2 to 2.5 cm.')).toMatchObject({ marginMm: null, choices: { marginMm: { values: [20, 25], between: true } } }); });
  test.each(['Headings in 14 or 16 pt, text in 12 pt.', 'The quiz is worth 10 or 12 points.', 'Footnotes may be 9 or 10 point.', 'Font size 12.', 'Two pages, double spaced, 11 pt', 'Deduction: 5 to 10 points per day', 'Questions 11 and 12 pt out what the essay needs.'])('“%s” leaves nothing open', (text) => { expect(layout(text).choices).toBeUndefined(); });
  test('a size that is settled elsewhere holds', () => { expect(layout('Use 11 or 12 pt.\n\nUpdate: the font size must be 12 pt.').choices).toBeUndefined(); });
});

describe('faces', () => {
  test.each<[string, string | undefined]>([['Use a sans serif font.', 'sans serif'], ['Any sans-serif typeface in 11 pt', 'sans serif'], ['12-point serif font, double-spaced', 'serif'], ['A serif or sans serif font will do.', undefined], ['Do not use a serif font.', undefined], ['Use Arial 11.', undefined], ['Headings in a sans serif font.', undefined], ['Use a sans serif font for headings.', undefined], ['A serif font for the text, a sans serif font for headings', 'serif']])('%s', (text, kind) => { expect(layout(text).faceKind).toBe(kind); });
  test.each<[string, true | undefined]>([['A legible font such as Arial', true], ['Times New Roman 12 or similar', true], ['a readable font (e.g. Arial, Calibri)', true], ['We recommend Calibri or Arial.', true], ['Use Arial or Calibri.', undefined], ['Font: Times New Roman', undefined], ['Use Arial. Tables may use a font such as Calibri.', undefined]])('%s', (text, examples) => { expect(layout(text).fontsAreExamples).toBe(examples); });
});

test.each<[string, 'fontSizePt' | 'marginMm', number]>([['Minimum font size 11pt.', 'fontSizePt', 11], ['Minimum font size: 11 pt', 'fontSizePt', 11], ['The smallest permitted type size is 11 pt.', 'fontSizePt', 11], ['Leave at least 25 mm all round.', 'marginMm', 25]])('“%s” is a least one', (text, field, value) => {
  expect(layout(text)).toMatchObject({ [field]: value, atLeast: [field] });
});

test.each<[string, 'portrait' | 'landscape' | undefined]>([['A4 portrait, 2 cm margins', 'portrait'], ['One A3 sheet, landscape orientation.', 'landscape'], ['Page orientation: portrait', 'portrait'], ['Landscape pages are not accepted.', 'portrait'], ['Wide tables may be on landscape pages.', undefined], ['An essay on the landscape of the marsh, its pages and its paper trade', undefined], ['Write about landscape history.', undefined]])('%s', (text, orientation) => { expect(layout(text).orientation).toBe(orientation); });
