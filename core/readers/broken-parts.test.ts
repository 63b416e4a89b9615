import { expect, test } from '@jest/globals';
import { Package, packZip } from '../engines/zip.ts';
import { plantedDocx, plantedOdt, wordRun } from '../testing/plant.ts';
import { readDocument } from './index.ts';

const encode = (text: string): Uint8Array => new TextEncoder().encode(text);
/** The package with one part changed, or left out. */
function changed(bytes: Uint8Array, part: string, change: (text: string) => string | Uint8Array | null): Uint8Array {
  const pack = new Package(bytes);
  return packZip(pack.names().flatMap((name) => {
    const after = name === part ? change(pack.text(name)!) : pack.part(name);
    return after === null ? [] : [{ name, bytes: typeof after === 'string' ? encode(after) : after }];
  }));
}
const docx = plantedDocx(`<w:p>${wordRun('Sediment reaches the marsh with each spring tide.')}</w:p>`), odt = plantedOdt('<text:p>Sediment reaches the marsh with each spring tide.</text:p>');
const half = (text: string): string => text.slice(0, text.length / 2);
const utf16 = (text: string): Uint8Array => { const units = Uint16Array.from(`\uFEFF${text.replace('UTF-8', 'UTF-16')}`, (c) => c.charCodeAt(0)); return new Uint8Array(units.buffer); };
const troubles = async (bytes: Uint8Array, name: string): Promise<string[]> => (await readDocument(bytes, name)).file.troubles.map((t) => `${t.code} ${t.part}`);

// XML 1.0, 2.1: a part that is not well-formed is no XML; a word processor refuses the whole file.
test.each<[string, string, Uint8Array, string]>([
  ['a document whose XML is cut short', 'a.docx', changed(docx, 'word/document.xml', half), 'damaged word/document.xml'],
  ['an empty document part', 'a.docx', changed(docx, 'word/document.xml', () => ''), 'damaged word/document.xml'],
  ['a bare ampersand', 'a.docx', changed(docx, 'word/document.xml', (x) => x.replace('marsh', 'marsh & sea')), 'damaged word/document.xml'],
  ['a character no XML may hold', 'a.docx', changed(docx, 'word/document.xml', (x) => x.replace('marsh', 'mar\u0001sh')), 'damaged word/document.xml'],
  ['styles that break off', 'a.docx', changed(plantedDocx('', { 'word/styles.xml': '<w:styles><w:style></w:styles>' }), 'x', (x) => x), 'damaged word/styles.xml'],
  ['no document part', 'a.docx', changed(docx, 'word/document.xml', () => null), 'damaged file'],
  ['no relationships', 'a.docx', changed(docx, '_rels/.rels', () => null), 'damaged file'],
  ['no content types', 'a.docx', changed(docx, '[Content_Types].xml', () => null), 'damaged file'],
  ['an ODT that is cut short', 'a.odt', changed(odt, 'content.xml', half), 'damaged content.xml'],
  ['an ODT without its document', 'a.odt', changed(odt, 'content.xml', () => null), 'damaged file'],
])('%s is damage', async (_, name, bytes, says) => { expect(await troubles(bytes, name)).toContain(says); });

test.each<[string, string, Uint8Array]>([
  ['a sound DOCX', 'a.docx', docx], ['a sound ODT', 'a.odt', odt], ['styles that a package does not carry', 'a.docx', changed(docx, 'word/styles.xml', () => null)],
  ['a document in UTF-16', 'a.docx', changed(docx, 'word/document.xml', utf16)], ['an ODT whose manifest alone says what it is', 'a.odt', changed(odt, 'mimetype', () => null)],
])('%s is none', async (_, name, bytes) => {
  const facts = await readDocument(bytes, name);
  expect(facts.file.troubles).toEqual([]);
  expect(facts.file.kind).toBe(name.slice(2));
  expect(facts.passages.ok && facts.passages.value.map((p) => p.text).join(' ')).toContain('with each spring tide');
});

test('what was read in UTF-16 says UTF-8 when it is written again', () => {
  expect(new Package(changed(docx, 'word/document.xml', utf16)).text('word/document.xml')).toMatch(/^<\?xml[^>]*encoding="UTF-8"/);
});
