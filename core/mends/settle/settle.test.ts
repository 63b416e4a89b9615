import { expect, test } from '@jest/globals';
import { withPdf } from '../../engines/pdf.ts';
import { Package } from '../../engines/zip.ts';
import { proveSame } from '../prove.ts';
import { readDocument } from '../../readers/index.ts';
import { settleFile } from '../../verbs/settle.ts';
import { dictOf, inParagraph, plantedDocx, plantedOdt, plantedPdf, secret, wordPart, wordRun } from '../../testing/plant.ts';
import { settleXml } from './ooxml.ts';
import { keepAll, type Settlement } from './settlement.ts';

const named = (name: string, bytes: Uint8Array) => ({ path: name, name, bytes });
const wish = (change: Partial<Settlement>): Settlement => ({ ...keepAll, ...change });
const a = `w:id="1" w:author="${secret}" w:date="2027-03-01T10:00:00Z"`;
const shown = async (bytes: Uint8Array, name: string): Promise<string> => { const f = await readDocument(bytes, name); return f.passages.ok ? f.passages.value.filter((p) => p.place === 'text').map((p) => p.text).join('\n') : ''; };

const tracked = inParagraph(`${wordRun('The marsh ')}<w:del ${a}><w:r><w:delText>sank</w:delText></w:r></w:del><w:ins ${a}>${wordRun('rose')}</w:ins>${wordRun(' last year.')}`)
  + `<w:p><w:pPr><w:rPr><w:ins ${a}/></w:rPr></w:pPr><w:ins ${a}>${wordRun('A new paragraph.')}</w:ins></w:p>`
  + `<w:p><w:pPr><w:rPr><w:del ${a}/></w:rPr></w:pPr><w:del ${a}><w:r><w:delText>An old paragraph.</w:delText></w:r></w:del></w:p>`
  + inParagraph(`<w:r><w:rPr><w:b/><w:rPrChange ${a}><w:rPr><w:i/></w:rPr></w:rPrChange></w:rPr><w:t>slanted once</w:t></w:r>`);

test('accepting keeps what was added and drops what was deleted; rejecting brings the old back', async () => {
  const bytes = plantedDocx(tracked), accepted = await settleFile(named('p.docx', bytes), wish({ changes: 'accept' })), rejected = await settleFile(named('p.docx', bytes), wish({ changes: 'reject' }));
  const [yes, no] = [await shown(accepted.bytes, 'p.docx'), await shown(rejected.bytes, 'p.docx')];
  expect(yes).toMatch(/The marsh rose last year\./); expect(yes).toContain('A new paragraph.'); expect(yes).not.toMatch(/sank|old paragraph/);
  expect(no).toMatch(/The marsh sank last year\./); expect(no).toContain('An old paragraph.'); expect(no).not.toMatch(/rose|new paragraph/);
  const xml = (b: Uint8Array): string => new Package(b).text('word/document.xml')!;
  for (const b of [accepted.bytes, rejected.bytes]) expect(xml(b)).not.toMatch(/w:author|w:ins\b|w:del\b|delText|Change\b|Vestergaard/);
  expect(xml(accepted.bytes)).toContain('<w:rPr><w:b/></w:rPr>'); expect(xml(rejected.bytes)).toContain('<w:rPr><w:i/></w:rPr>');
  expect(accepted.proof.words.added).toEqual([]);
  expect(rejected.proof.words).toMatchObject({ added: expect.arrayContaining(['sank']), removed: expect.arrayContaining(['rose']) });
});
test('moves, deleted rows and added rows', () => {
  const row = (mark: string, words: string): string => `<w:tr><w:trPr>${mark}</w:trPr><w:tc><w:p>${wordRun(words)}</w:p></w:tc></w:tr>`;
  const xml = `<w:body><w:moveFromRangeStart ${a}/><w:p><w:moveFrom ${a}>${wordRun('here')}</w:moveFrom></w:p><w:moveFromRangeEnd ${a}/><w:p><w:moveTo ${a}>${wordRun('there')}</w:moveTo></w:p><w:tbl>${row('', 'stays')}${row(`<w:del ${a}/>`, 'leaves')}${row(`<w:ins ${a}/>`, 'comes')}</w:tbl></w:body>`;
  const words = (x: string): string[] => [...x.matchAll(/<w:t(?: [^>]*)?>([^<]*)/g)].map((m) => m[1]!);
  expect(words(settleXml(xml, wish({ changes: 'accept' })))).toEqual(['there', 'stays', 'comes']);
  expect(words(settleXml(xml, wish({ changes: 'reject' })))).toEqual(['here', 'stays', 'leaves']);
  expect(settleXml(xml, keepAll)).toBe(xml);
});
test('comments go with their part, marks and references; changes stay when only comments are to go', async () => {
  const bytes = plantedDocx(`${inParagraph(`<w:commentRangeStart w:id="0"/>${wordRun('Look here')}<w:commentRangeEnd w:id="0"/><w:r><w:commentReference w:id="0"/></w:r>`)}${tracked}`, { 'word/comments.xml': wordPart('comments', `<w:comment w:id="0" w:author="${secret}"><w:p>${wordRun('Is that so?')}</w:p></w:comment>`) });
  const done = await settleFile(named('p.docx', bytes), wish({ comments: 'remove' })), pack = new Package(done.bytes);
  expect(pack.names()).not.toContain('word/comments.xml');
  expect(pack.text('[Content_Types].xml')).not.toContain('comments');
  expect(pack.text('word/document.xml')).not.toMatch(/comment(Range|Reference)/);
  expect(pack.text('word/document.xml')).toContain('<w:del ');
  expect(done.proof).toMatchObject({ left: { comments: 0, changes: 0, attachments: 0, layers: 0 }, words: { added: [], removed: [] } });
});
test('OpenDocument: accepting drops what lies apart; rejecting brings it back where its mark stands', async () => {
  const bytes = plantedOdt(`<text:tracked-changes><text:changed-region text:id="c1"><text:deletion><office:change-info><dc:creator>${secret}</dc:creator></office:change-info><text:p>sank</text:p></text:deletion></text:changed-region></text:tracked-changes><text:p>The marsh <text:change text:change-id="c1"/>rose<office:annotation><dc:creator>${secret}</dc:creator><text:p>Sure?</text:p></office:annotation>.</text:p>`);
  const done = await settleFile(named('p.odt', bytes), wish({ changes: 'accept', comments: 'remove' }));
  expect(new Package(done.bytes).text('content.xml')).not.toMatch(/sank|Sure|Vestergaard|tracked/);
  expect(await shown(done.bytes, 'p.odt')).toContain('The marsh rose.');
  const back = await settleFile(named('p.odt', bytes), wish({ changes: 'reject', comments: 'remove' }));
  expect(await shown(back.bytes, 'p.odt')).toContain('The marsh sankrose.');
  expect(new Package(back.bytes).text('content.xml')).not.toMatch(/tracked|change|Vestergaard/);
});
const regions = (...r: string[]): string => `<text:tracked-changes>${r.map((inner, i) => `<text:changed-region text:id="c${i}">${inner}</text:changed-region>`).join('')}</text:tracked-changes>`;
const info = `<office:change-info><dc:creator>${secret}</dc:creator></office:change-info>`, insertion = `<text:insertion>${info}</text:insertion>`, deletion = (inner: string): string => `<text:deletion>${info}${inner}</text:deletion>`;
const paragraphs = (bytes: Uint8Array): string[] => [...new Package(bytes).text('content.xml')!.matchAll(/<text:p[^>]*>(.*?)<\/text:p>/gs)].map((m) => m[1]!.replace(/<[^>]*>/g, '')).slice(-3);
// ODF 1.2-1, 5.5.4 and 5.5.7: what an insertion covers, and what a deletion over a paragraph's end holds.
test.each([
  ['an insertion within a line', `${regions(insertion)}<text:p>one</text:p><text:p>stays <text:change-start text:change-id="c0"/>goes <text:change-end text:change-id="c0"/>here</text:p><text:p>end</text:p>`, ['one', 'stays here', 'end']],
  ['an insertion that split a paragraph', `${regions(insertion)}<text:p>zero</text:p><text:p>first <text:change-start text:change-id="c0"/>new</text:p><text:p>newer</text:p><text:p>new <text:change-end text:change-id="c0"/>second</text:p><text:p>end</text:p>`, ['zero', 'first second', 'end']],
  ['a deletion over the end of a paragraph', `${regions(deletion('<text:p>old end</text:p><text:p>old begin </text:p>'))}<text:p>first <text:change text:change-id="c0"/>second</text:p><text:p>end</text:p>`, ['first old end', 'old begin second', 'end']],
  ['both, in a span', `${regions(insertion, deletion('<text:p>old</text:p>'))}<text:p>one</text:p><text:p><text:span>a <text:change text:change-id="c1"/><text:change-start text:change-id="c0"/>new<text:change-end text:change-id="c0"/> b</text:span></text:p><text:p>end</text:p>`, ['one', 'a old b', 'end']],
])('OpenDocument, rejecting: %s', async (_, inner, read) => expect(paragraphs((await settleFile(named('p.odt', plantedOdt(inner)), wish({ changes: 'reject' }))).bytes)).toEqual(read));
test('PDF: notes and attachments go, links stay; a field’s value becomes part of the page', async () => {
  const bytes = await plantedPdf((pdf) => {
    const page = pdf.findPage(0), list = pdf.newArray();
    const note = dictOf(pdf, { Type: '/Annot', Subtype: '/Text', Rect: [10, 10, 30, 30], Contents: `Ask ${secret}` }), link = dictOf(pdf, { Type: '/Annot', Subtype: '/Link', Rect: [72, 500, 200, 512] });
    list.push(pdf.addObject(note)); list.push(pdf.addObject(link));
    page.put('Annots', list);
    const stream = pdf.addStream('attached words', dictOf(pdf, { Type: '/EmbeddedFile' })), files = pdf.newDictionary(), spec = dictOf(pdf, { Type: '/Filespec', F: 'notes.txt' });
    files.put('F', stream); spec.put('EF', files);
    const names = pdf.newDictionary(), embedded = pdf.newDictionary(), array = pdf.newArray();
    array.push(pdf.newString('notes.txt')); array.push(pdf.addObject(spec)); embedded.put('Names', array); names.put('EmbeddedFiles', embedded);
    pdf.getTrailer().get('Root').put('Names', names);
  });
  const before = await readDocument(bytes, 'p.pdf');
  expect([before.remains.ok && before.remains.value.comments, before.file.troubles.some((t) => t.code === 'attachment')]).toEqual([1, true]);
  const done = await settleFile(named('p.pdf', bytes), wish({ comments: 'remove', attachments: 'remove', forms: 'flatten' })), raw = new TextDecoder('latin1').decode(done.bytes);
  expect(raw).toContain('/Link'); expect(raw).not.toMatch(/EmbeddedFile|Vestergaard/);
  expect(done.proof).toMatchObject({ pagesSame: true, left: { comments: 0, attachments: 0 }, words: { added: [], removed: [] } });
});
test('PDF: what a hidden layer holds goes from pages, forms and notes; what is shown stays, pixel for pixel', async () => {
  const make = (off: boolean) => plantedPdf((pdf) => {
    const page = pdf.findPage(0), layers = ['hidden', 'shown'].map((n) => pdf.addObject(dictOf(pdf, { Type: '/OCG', Name: n }))), list = (items: Parameters<typeof pdf.addObject>[0][]) => { const a = pdf.newArray(); for (const i of items) a.push(i); return a; };
    page.get('Resources').put('Properties', dictOf(pdf, { H: layers[0]! as never, S: layers[1]! as never }));
    const form = pdf.addStream('/OC /H BDC BT /F 12 Tf 0 0 Td (inside the form) Tj ET EMC', dictOf(pdf, { Type: '/XObject', Subtype: '/Form', BBox: [0, 0, 300, 20] })), stamp = pdf.addStream('BT /F 12 Tf 0 0 Td (a whole form) Tj ET', dictOf(pdf, { Type: '/XObject', Subtype: '/Form', BBox: [0, 0, 300, 20], OC: layers[0]! as never }));
    page.get('Resources').put('XObject', dictOf(pdf, { A: form as never, B: stamp as never }));
    pdf.getTrailer().get('Root').put('OCProperties', dictOf(pdf, { OCGs: list(layers) as never, D: dictOf(pdf, { OFF: list(off ? [layers[0]!] : []) as never }) as never }));
    const source = page.get('Contents').readStream().asString();
    // The stretch begins in one stream and ends in the next; a string holds what looks like its end.
    page.put('Contents', list([pdf.addStream(source, {}), pdf.addStream('/OC /S BDC BT /F 12 Tf 72 400 Td (seen EMC) Tj ET EMC /OC /H BDC BT /F 12 Tf 72 300 Td (Only for EMC the tutor) Tj', {}), pdf.addStream('ET EMC q 1 0 0 1 72 200 cm /A Do Q q 1 0 0 1 72 180 cm /B Do Q BT /F 12 Tf 72 100 Td (last) Tj ET', {})]));
    page.put('Annots', list([pdf.addObject(dictOf(pdf, { Type: '/Annot', Subtype: '/Text', Rect: [10, 10, 30, 30], Contents: 'a hidden note', OC: layers[0]! as never }))]));
  });
  const before = await make(true), done = await settleFile(named('p.pdf', before), wish({ layers: 'remove' })), raw = await withPdf(done.bytes, (pdf) => { const out: string[] = []; for (let n = 1; n < pdf.countObjects(); n++) { const o = pdf.newIndirect(n); if (o.isStream()) out.push(o.readStream().asString()); else out.push(o.resolve().toString()); } return out.join('\n'); });
  expect(raw).not.toMatch(/tutor|inside the form|whole form|hidden/);
  expect(await shown(done.bytes, 'p.pdf')).toMatch(/seen EMC[\s\S]*last/);
  const [a, b] = await Promise.all([before, done.bytes].map(async (bytes) => ({ bytes, facts: await readDocument(bytes, 'p.pdf') })));
  expect((await proveSame(a!, b!, {})).maxPixelDifference).toBe(0);
  // Hard negative: a layer that is switched on is part of the paper.
  expect(await shown((await settleFile(named('p.pdf', await make(false)), wish({ layers: 'remove' }))).bytes, 'p.pdf')).toMatch(/tutor[\s\S]*inside the form/);
});
