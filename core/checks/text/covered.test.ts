import { expect, test } from '@jest/globals';
import { madeFacts } from '../../testing/made.ts';
import { plainPicture, plantedPdf } from '../../testing/plant.ts';
import { readDocument } from '../../readers/index.ts';
import { testCheck } from '../../testing/test-check.ts';
import { textCovered } from './covered.ts';

const hidden = (code: 'covered' | 'tiny') => ({ facts: madeFacts({ integrity: [{ code, part: 'text', page: 1, box: [1, 2, 3, 4] as [number, number, number, number], quote: 'Nobody sees this', count: 1 }] }) });
testCheck(textCovered, { met: [{ name: 'all in the open' }, { name: 'small print is another matter', given: hidden('tiny') }], look: [{ name: 'a line under a box', given: hidden('covered'), says: ['covered'] }] });

/** One page with its own content after the usual line, which stands at 72, 500 in 12 point. */
const quotesOf = async (content: string, picture?: Uint8Array): Promise<string[]> => {
  const bytes = await plantedPdf((pdf, mupdf) => {
    const page = pdf.findPage(0), buffer = page.get('Contents').readStream(), before = buffer.asString();
    buffer.destroy();
    page.get('Contents').writeStream(`${before}\n${content}`);
    if (picture) { const objects = pdf.newDictionary(); objects.put('Im', pdf.addImage(new mupdf.Image(picture))); page.get('Resources').put('XObject', objects); }
  });
  return (await readDocument(bytes, 'p.pdf')).integrity.filter((i) => i.code === 'covered').map((i) => i.quote);
};
const drawn = async (content: string, picture?: Uint8Array): Promise<string[]> => (await quotesOf(content, picture)).map((quote) => quote.slice(0, 15));
test('two bars, one over the other, hide the same words once', async () => { const bar = '0 g 60 490 100 24 re f', [once] = await quotesOf(bar); expect(once).toMatch(/^Sediment budget/); expect(await quotesOf(`${bar} ${bar}`)).toEqual([once]); });
test.each<[string, string, string[]]>([
  ['a black bar over the line', '0 g 60 490 500 24 re f', ['Sediment budget']],
  ['a white patch over the line', '1 g 60 490 500 24 re f', ['Sediment budget']],
  ['a patch over the line, and the line again over the patch', '1 g 60 490 500 24 re f 0 g BT /F 12 Tf 72 500 Td (Sediment budgets of a realigned saltmarsh. Each flood tide carries silt and clay over its surface.) Tj ET', []],
  ['a bar beside it', '0 g 60 300 500 24 re f', []],
  ['a bar over some words of it', '0 g 60 490 100 24 re f', ['Sediment budget']],
  ['a bar over one letter of it', '0 g 60 490 16 24 re f', []],
  ['a rule under it', '0 g 60 497 500 0.5 re f', []],
  ['a frame around it that is not filled', '0 G 60 490 500 24 re S', []],
  ['a round shape that touches it', '0 g 60 490 m 300 700 560 700 560 490 c h f', []],
])('what lies over the text: %s', async (_, content, quotes) => { expect(await drawn(content)).toEqual(quotes); });
test('a picture over the line hides it, one beside it does not', async () => {
  const picture = await plainPicture('jpeg');
  expect(await drawn('q 520 0 0 40 60 480 cm /Im Do Q', picture)).toEqual(['Sediment budget']);
  expect(await drawn('q 520 0 0 40 60 200 cm /Im Do Q', picture)).toEqual([]);
  // Under the picture of the whole page lies the layer that a scan's reader wrote.
  expect(await drawn('q 595 0 0 842 0 0 cm /Im Do Q', picture)).toEqual([]);
});
