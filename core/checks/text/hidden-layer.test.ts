import { expect, test } from '@jest/globals';
import { madeFacts } from '../../testing/made.ts';
import { plantedPdf } from '../../testing/plant.ts';
import { readDocument } from '../../readers/index.ts';
import { testCheck } from '../../testing/test-check.ts';
import { textHiddenLayer } from './hidden-layer.ts';

testCheck(textHiddenLayer, { met: [{ name: 'no layers' }], look: [{ name: 'a note in a layer that is off', given: { facts: madeFacts({ integrity: [{ code: 'hiddenLayer', part: 'layer', page: 1, box: [1, 2, 3, 4], quote: 'Draft', count: 1 }] }) }, says: ['hidden'] }] });

test.each([['off', ['Only for the tutor']], ['on', []]] as const)('a layer that is %s', async (state, quotes) => {
  const bytes = await plantedPdf((pdf) => {
    const page = pdf.findPage(0), layer = pdf.newDictionary(), properties = pdf.newDictionary(), all = pdf.newArray(), off = pdf.newArray(), config = pdf.newDictionary(), catalog = pdf.newDictionary();
    layer.put('Type', pdf.newName('OCG')); layer.put('Name', pdf.newString('notes'));
    const ref = pdf.addObject(layer);
    properties.put('L', ref); page.get('Resources').put('Properties', properties);
    all.push(ref); if (state === 'off') off.push(ref);
    config.put('OFF', off); catalog.put('OCGs', all); catalog.put('D', config);
    pdf.getTrailer().get('Root').put('OCProperties', catalog);
    const buffer = page.get('Contents').readStream(), before = buffer.asString();
    buffer.destroy();
    page.get('Contents').writeStream(`${before}\n/OC /L BDC BT /F 12 Tf 72 300 Td (Only for the tutor) Tj ET EMC`);
  });
  const facts = await readDocument(bytes, 'p.pdf');
  expect(facts.integrity.filter((i) => i.code === 'hiddenLayer').map((i) => i.quote)).toEqual(quotes);
  expect(facts.passages.ok && facts.passages.value.filter((p) => p.part === 'layer').map((p) => p.text)).toEqual(quotes);
});
