import { expect, test } from '@jest/globals';
import { withoutAsides } from '../engines/xml.ts';
import { madePassage } from '../testing/made.ts';
import { besides } from './besides.ts';

const rest = (xml: string, told = ''): string[] => besides(`<x>${xml}</x>`, 'word/document.xml', told ? [madePassage(told)] : []).flatMap((p) => p.text.split('\n'));

test('what somebody typed is told, once, and marked as markup', () => {
  expect(rest('<w:div w:name="Draft by Nina"/><w:div w:name="Draft by Nina"/><!-- for Imani --><?keeper nvi204?>')).toEqual(['Draft by Nina', 'for Imani', 'nvi204']);
  expect(besides('<x a="Nina I."/>', 'p', [])[0]!.markup).toBe(true);
});
test.each([
  ['words that the vocabulary lists', '<w:jc w:val="center"/><w:type w:val="nextColumn"/>'], ['numbers and colours', '<w:sz w:val="20417733"/><w:color w:val="FFAA00"/><s h="1.25cm"/>'],
  ['fonts', '<w:rFonts w:ascii="Garamond Black" w:hAnsi="Garamond Black"/>'], ['editing sessions', '<w:p w:rsidR="00AB12CD" w14:paraId="4F2A9C11"/>'],
])('machinery is not: %s', (_, xml) => expect(rest(xml)).toEqual([]));
test('text that no rule reads is told, and machinery in it is not', () => {
  const told = new Set(['w:t']), said = (xml: string): string[] => besides(`<x>${xml}</x>`, 'word/document.xml', [], told).flatMap((p) => p.text.split('\n'));
  expect(said('<w:t>Nina in the text</w:t><x:note>kept by Nina</x:note><wp:posOffset>20417733</wp:posOffset><wp:align>center</wp:align>')).toEqual(['kept by Nina']);
});
test('what a rule has read is not told twice', () => { expect(rest('<wp:docPr name="Map of Nina"/>', 'Map of Nina')).toEqual([]); });
test('asides go and CDATA stays', () => { expect(withoutAsides('<?xml version="1.0"?><a><!-- x --><![CDATA[<!-- kept -->]]><?k v?></a>')).toBe('<?xml version="1.0"?><a><![CDATA[<!-- kept -->]]></a>'); });
