import { describe, expect, test } from '@jest/globals';
import { plantedPdf } from '../../testing/plant.ts';
import { readDocument } from '../index.ts';
import { inkSigns, isMarker } from './inks.ts';

/** Pages with one stream more. Operators by ISO 32000-1, 8.4.4 (gs, q, Q), 8.5.2 and 8.5.3 (paths), 8.6.8 (colours), 9.4 (text). */
const factsOf = async (content: string) => readDocument(await plantedPdf((pdf) => {
  const page = pdf.findPage(0), list = pdf.newArray(), states = pdf.newDictionary();
  states.put('Gone', { ca: 0 }); states.put('Half', { ca: 0.5 });
  page.getInheritable('Resources').put('ExtGState', states);
  list.push(page.get('Contents'));
  list.push(pdf.addStream(content, {}));
  page.put('Contents', list);
}), 'a.pdf');
const words = 'BT /F 12 Tf 72 300 Td (nine letters) Tj ET', unseen = async (content: string): Promise<string[]> => (await factsOf(content)).integrity.map((i) => i.code), marks = async (content: string): Promise<number> => { const { remains } = await factsOf(content); return remains.ok ? remains.value.highlights : -1; };

test.each<[string, string, string[]]>([
  ['wholly transparent', `q /Gone gs ${words} Q`, ['background']], ['half transparent can be seen', `q /Half gs ${words} Q`, []],
  ['black on black', `q 0 g 60 290 300 30 re f ${words} Q`, ['background']], ['on four corners', `q 0.2 0.4 0.6 rg 60 290 m 360 290 l 360 320 l 60 320 l h f ${words} Q`, ['background']],
  ['in ink on the same ink', `q 0 1 1 0 k 60 290 300 30 re f 1 0 0 rg ${words} Q`, ['background']], ['beside the black area', `q 0 g 60 560 300 30 re f ${words} Q`, []], ['on a thin rule', `q 0 g 60 300 300 1 re f ${words} Q`, []],
  ['white over the black takes it away', `q 0 g 60 290 300 30 re f 1 g 60 290 300 30 re f 0 g ${words} Q`, []],
])('letters in the colour of an area: %s', async (_, content, expected) => expect(await unseen(content)).toEqual(expected));

test.each<[string, string, string[]]>([
  ['letters that only clip', `q BT /F 12 Tf 7 Tr 72 300 Td (nine letters) Tj ET Q`, ['invisible']], ['the same without saving the state', `BT /F 12 Tf 7 Tr 72 300 Td (nine letters) Tj ET`, ['invisible']], ['an outline in white', `q BT /F 12 Tf 1 Tr 1 G 72 300 Td (nine letters) Tj ET Q`, ['background']], ['filled and outlined in white', `q BT /F 12 Tf 2 Tr 1 g 1 G 72 300 Td (nine letters) Tj ET Q`, ['background']],
  ['hard negative: a colour is painted through them', `q BT /F 12 Tf 7 Tr 72 300 Td (nine letters) Tj ET 1 0 0 rg 60 290 300 30 re f Q`, []], ['hard negative: a clip around other letters', `q 60 290 300 30 re W n ${words} Q`, []], ['hard negative: filled, and clips too', `q BT /F 12 Tf 4 Tr 72 300 Td (nine letters) Tj ET Q`, []], ['hard negative: white with a black outline', `q BT /F 12 Tf 2 Tr 1 g 0 G 72 300 Td (nine letters) Tj ET Q`, []], ['hard negative: a black outline', `q BT /F 12 Tf 1 Tr 1 G 0 G 72 300 Td (nine letters) Tj ET Q`, []],
])('render modes (ISO 32000-1, table 106): %s', async (_, content, expected) => expect(await unseen(content)).toEqual(expected));

// Helvetica or Times: “nine letters” in 12 points is about 58 points wide.
const marker = (colour: string, area = '71 297 62 13'): string => `q ${colour} ${area} re f 0 g ${words} Q`;
test.each<[string, string, number]>([
  ['yellow', marker('1 1 0 rg'), 1], ['green', marker('0 1 0 rg'), 1], ['pale yellow', marker('1 0.95 0.5 rg'), 1], ['in ink', marker('0 0 1 0 k'), 1], ['two stretches', `${marker('1 1 0 rg')} q 1 1 0 rg 71 197 62 13 re f 0 g BT /F 12 Tf 72 200 Td (nine letters) Tj ET Q`, 2],
  ['grey is shading', marker('0.85 g'), 0], ['a cell with room around its words', marker('1 1 0 rg', '60 290 180 26'), 0], ['a bar under a heading', marker('1 1 0 rg', '71 296 400 14'), 0], ['a box over several lines', marker('1 1 0 rg', '71 250 62 90'), 0], ['a mark without words', 'q 1 1 0 rg 300 600 62 13 re f Q', 0], ['red', marker('1 0 0 rg'), 0], ['dark blue', marker('0 0 0.6 rg'), 0],
])('a marker’s stroke: %s', async (_, content, expected) => expect(await marks(content)).toBe(expected));

describe('signs in the stream', () => {
  test.each<[string, { sameInk: boolean; marker: boolean }]>([
    ['0 g (a) Tj', { sameInk: false, marker: false }], ['0 g 10 10 50 20 re f 1 0 0 rg (a) Tj', { sameInk: false, marker: false }], ['0 g 10 10 50 20 re f (a) Tj', { sameInk: true, marker: false }],
    ['q 1 1 0 rg 10 10 50 20 re f Q (a) Tj', { sameInk: false, marker: true }], ['q 0.5 g 10 10 50 20 re f Q 0.5 g (a) Tj', { sameInk: true, marker: false }], ['0 g 10 10 50 0.5 re f (a) Tj', { sameInk: false, marker: false }], ['1 g 10 10 50 20 re f (a) Tj', { sameInk: false, marker: false }],
  ])('%s', (content, expected) => expect(inkSigns(content)).toEqual(expected));
  test('markers are light and bright', () => expect([[1, 1, 0], [0, 1, 0], [0, 1, 1], [1, 0, 1], [1, 1, 0.6]].map((c) => isMarker(c as [number, number, number]))).toEqual([true, true, true, true, true]));
  test('hard negatives: white, grey, red, blue, skin and sky', () => expect([[1, 1, 1], [0.9, 0.9, 0.9], [1, 0, 0], [0, 0, 1], [0.95, 0.8, 0.7], [0.8, 0.9, 1]].map((c) => isMarker(c as [number, number, number]))).toEqual([false, false, false, false, false, false]));
});
