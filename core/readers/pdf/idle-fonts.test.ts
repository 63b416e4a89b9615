import { expect, test } from '@jest/globals';
import { plantedPdf, dictOf } from '../../testing/plant.ts';
import { readDocument } from '../index.ts';

type Plant = NonNullable<Parameters<typeof plantedPdf>[0]>;
type Pdf = Parameters<Plant>[0];
/** A second font beside the one that the page is written in; neither is embedded. */
const listed = (pdf: Pdf) => { const font = pdf.addObject(dictOf(pdf, { Type: '/Font', Subtype: '/Type1', BaseFont: '/Courier' })); pdf.findPage(0).getInheritable('Resources').get('Font').put('G 2', font); return font; };
const more = (pdf: Pdf, content: string): void => { const page = pdf.findPage(0), list = pdf.newArray(), now = page.get('Contents'); if (now.isArray()) now.forEach((c) => list.push(c)); else list.push(now); list.push(pdf.addStream(content, {})); page.put('Contents', list); };
const form = (pdf: Pdf, content: string, own: Record<string, unknown> = {}) => { const stream = pdf.addStream(content, { Type: 'XObject', Subtype: 'Form', BBox: [0, 0, 300, 300], ...own }), objects = pdf.newDictionary(); objects.put('Fo', stream); pdf.findPage(0).getInheritable('Resources').put('XObject', objects); return stream; };
/** Of the second font: true where nothing is shown in it. */
const idle = async (plant: Plant): Promise<boolean> => {
  const facts = await readDocument(await plantedPdf(plant), 'a.pdf'), fonts = facts.fonts.ok ? facts.fonts.value : [];
  expect(fonts.find((f) => f.name === 'Times-Roman')?.idle).toBeUndefined();
  return fonts.find((f) => f.name === 'Courier')!.idle === true;
};

test.each<[string, Plant]>([
  ['listed', (pdf) => { listed(pdf); }],
  ['chosen, and nothing shown', (pdf) => { listed(pdf); more(pdf, 'BT /G#202 12 Tf 14 TL ET'); }],
  ['an empty string shown', (pdf) => { listed(pdf); more(pdf, 'BT /G#202 12 Tf () Tj ET'); }],
  ['chosen and put back', (pdf) => { listed(pdf); more(pdf, 'BT /F 12 Tf q /G#202 12 Tf Q (words) Tj ET'); }],
  ['its name within words only', (pdf) => { listed(pdf); more(pdf, 'BT /F 12 Tf (a /G#202 12 Tf b) Tj ET'); }],
])('a font that is %s is idle', async (_, plant) => expect(await idle(plant)).toBe(true));

test.each<[string, Plant]>([
  ['words', (pdf) => { listed(pdf); more(pdf, 'BT /G#202 12 Tf 72 300 Td (words) Tj ET'); }],
  ['words by number', (pdf) => { listed(pdf); more(pdf, 'BT /G#202 12 Tf 72 300 Td [<776f> -20 <7264>] TJ ET'); }],
  ['words after an inner choice was undone', (pdf) => { listed(pdf); more(pdf, 'BT /G#202 12 Tf q /F 9 Tf (small) Tj Q (words) Tj ET'); }],
  ['words in the next stream', (pdf) => { listed(pdf); more(pdf, 'BT /G#202 12 Tf'); more(pdf, '(words) Tj ET'); }],
  ['words of a form without resources of its own', (pdf) => { listed(pdf); form(pdf, 'BT /G#202 12 Tf (words) Tj ET'); }],
  ['words of a form that names it otherwise', (pdf) => { const font = listed(pdf), own = pdf.newDictionary(), fonts = pdf.newDictionary(); fonts.put('X', font); own.put('Font', fonts); form(pdf, 'BT /X 12 Tf (words) Tj ET').put('Resources', own); }],
  ['a field of the form', (pdf) => { const font = listed(pdf), fields = pdf.newDictionary(), own = pdf.newDictionary(), fonts = pdf.newDictionary(); fonts.put('Co', font); own.put('Font', fonts); fields.put('DR', own); fields.put('Fields', pdf.newArray()); pdf.getTrailer().get('Root').put('AcroForm', fields); }],
])('a font that shows %s is used', async (_, plant) => expect(await idle(plant)).toBe(false));
