import { expect, test } from '@jest/globals';
import { madeFacts } from '../../testing/made.ts';
import { testCheck } from '../../testing/test-check.ts';
import { plantedPdf } from '../../testing/plant.ts';
import { readDocument } from '../../readers/index.ts';
import { loadMupdf } from '../../engines/pdf.ts';
import { textBackground } from './background.ts';

const fact = { code: 'background' as const, part: 'text', page: 1, box: null, quote: 'unseen words', count: 1 };
testCheck(textBackground, { met: [{ name: 'tiny text is another check’s', given: { facts: madeFacts({ integrity: [{ ...fact, code: 'tiny' }] }) } }], look: [{ name: 'white on white', given: { facts: madeFacts({ integrity: [fact] }) }, says: ['blends'] }] });

const codes = async (content: string, picture = false): Promise<string[]> => {
  const pdf = await plantedPdf((doc, mupdf) => {
    const page = doc.findPage(0), list = doc.newArray();
    list.push(page.get('Contents'));
    if (picture) { const pixmap = new mupdf.Pixmap(mupdf.ColorSpace.DeviceGray, [0, 0, 40, 40], false); pixmap.clear(200); const image = new mupdf.Image(pixmap), objects = doc.newDictionary(); objects.put('Im', doc.addImage(image)); page.getInheritable('Resources').put('XObject', objects); }
    list.push(doc.addStream(content, {}));
    page.put('Contents', list);
  });
  return (await readDocument(pdf, 'a.pdf')).integrity.map((i) => `${i.code}: ${i.quote}`);
};
test.each<[string, string, string[]]>([
  ['white words on the white sheet', 'q 1 g BT /F 12 Tf 72 300 Td (unseen words here) Tj ET Q', ['background: unseen words here']], ['nearly white', 'q 0.98 g BT /F 12 Tf 72 300 Td (unseen words here) Tj ET Q', ['background: unseen words here']],
  ['white words on a dark bar are a heading', 'q 0.1 g 60 290 300 30 re f 1 g BT /F 12 Tf 72 300 Td (a heading) Tj ET Q', []], ['dark words on a dark bar', 'q 0 g 60 290 300 30 re f 1 g 0 0 1 1 re f 0 g BT /F 12 Tf 72 300 Td (unseen words) Tj ET Q', ['background: unseen words']],
  ['nearly white, in red, green and blue', 'q .985 .99 .99 rg BT /F 12 Tf 72 300 Td (unseen words here) Tj ET Q', ['background: unseen words here']], ['nearly white, in ink', 'q 0 0 0.02 0 k BT /F 12 Tf 72 300 Td (unseen words here) Tj ET Q', ['background: unseen words here']],
  ['light grey can be seen', 'q 0.8 g BT /F 12 Tf 72 300 Td (a faint mark) Tj ET Q', []], ['pale yellow can be seen', 'q 1 1 0.6 rg BT /F 12 Tf 72 300 Td (a pale mark) Tj ET Q', []],
  ['red on green of the same lightness can be seen', 'q 0 0.508 0 rg 60 290 300 30 re f 1 0 0 rg BT /F 12 Tf 72 300 Td (a warning) Tj ET Q', []], ['blue on the same blue', 'q 0 0.2 0.6 rg 60 290 300 30 re f BT /F 12 Tf 72 300 Td (unseen words) Tj ET Q', ['background: unseen words']],
  ['render mode 3', 'q BT /F 12 Tf 3 Tr 72 300 Td (invisible words) Tj ET Q', ['invisible: invisible words']], ['under 4 pt', 'q BT /F 2 Tf 72 300 Td (tiny words) Tj ET Q', ['tiny: tiny words']], ['outside the page', 'q BT /F 12 Tf 72 -300 Td (far away) Tj ET Q', ['offPage: far away']],
  ['plain', 'q BT /F 12 Tf 72 300 Td (plain words) Tj ET Q', []],
])('%s', async (_, content, expected) => expect(await codes(content)).toEqual(expected));
test('an ink of its own at full strength is no paper white', async () => {
  const pdf = await plantedPdf((doc) => {
    const page = doc.findPage(0), list = doc.newArray(), spaces = doc.newDictionary(), space = doc.newArray(), tint = doc.addObject({ FunctionType: 2, Domain: [0, 1], C0: [0, 0, 0, 0], C1: [0, 0, 0, 1], N: 1 });
    for (const part of [doc.newName('Separation'), doc.newName('Black'), doc.newName('DeviceCMYK'), tint]) space.push(part);
    spaces.put('Cs', space); page.getInheritable('Resources').put('ColorSpace', spaces);
    list.push(page.get('Contents'));
    list.push(doc.addStream('q /Cs cs 1 scn BT /F 12 Tf 72 300 Td (black words) Tj ET 0 scn BT /F 12 Tf 72 200 Td (unseen words) Tj ET 1 g Q', {}));
    page.put('Contents', list);
  });
  expect((await readDocument(pdf, 'a.pdf')).integrity.map((i) => `${i.code}: ${i.quote}`)).toEqual(['background: unseen words']);
});
test('a layer of invisible words under a scan is what it should be', async () => { await loadMupdf(); expect(await codes('q 595 0 0 842 0 0 cm /Im Do Q q BT /F 12 Tf 3 Tr 72 300 Td (words of the scan) Tj ET Q', true)).toEqual([]); });
