import { expect, test } from '@jest/globals';
import { Package } from '../../engines/zip.ts';
import { readDocument } from '../../readers/index.ts';
import { nina } from '../../testing/made.ts';
import { inParagraph, plantedDocx, plantedOdt, secret, wordPart, wordRun } from '../../testing/plant.ts';
import { redactFile } from '../../verbs/redact.ts';

const named = (name: string, bytes: Uint8Array) => ({ path: name, name, bytes });
const textOf = async (bytes: Uint8Array, name: string): Promise<string> => { const f = await readDocument(bytes, name); return f.passages.ok ? f.passages.value.filter((p) => ['text', 'runningHead', 'footnote'].includes(p.place)).map((p) => p.text).join('\n') : ''; };
const bold = (text: string): string => `<w:r><w:rPr><w:b/></w:rPr><w:t xml:space="preserve">${text}</w:t></w:r>`;

test('a name cut into runs is replaced once; every run keeps its formatting and the words around stay', async () => {
  const bytes = plantedDocx(inParagraph(`${wordRun('Written by Nina Vest')}${bold('ergaard-')}${wordRun('Imani &amp; read by nobody else, in haste')}`), { 'word/header1.xml': wordPart('hdr', inParagraph(wordRun('Candidate Y3921847, page'))) });
  const done = await redactFile(named('p.docx', bytes), nina, {}, 'Author');
  const text = await textOf(done.bytes, 'p.docx'), xml = new Package(done.bytes).text('word/document.xml')!;
  expect(text).toContain('Written by Author & read by nobody else, in haste');
  expect(text).toContain('Candidate Author, page');
  expect(text).not.toMatch(/Vest|Imani|Y3921847/);
  expect(xml).toContain('<w:rPr><w:b/></w:rPr>');
  expect(done.taken.map((t) => t.text)).toEqual(expect.arrayContaining([secret, 'Y3921847']));
  expect(done.proof).toEqual({ pagesSame: true, lost: [], left: 0 });
  expect(new Package(bytes).text('word/document.xml')).toContain('Nina Vest');
});
test('OpenDocument text: in spans, notes and headings; what is not the student’s stays', async () => {
  const bytes = plantedOdt(`<text:h text:outline-level="1">By Nina <text:span>Vestergaard</text:span>-Imani</text:h><text:p>Thanks<text:s/>to Nina’s aunt; number<text:s text:c="2"/>2041 7733.</text:p><text:p>The vestergaards of old are another matter.</text:p>`);
  const done = await redactFile(named('p.odt', bytes), nina, {}, '[name removed]');
  const text = await textOf(done.bytes, 'p.odt');
  expect(text).toContain('By [name removed]');
  expect(text).not.toContain('7733');
  expect(text).toContain('The vestergaards of old are another matter.');
  expect(new Package(done.bytes).names()[0]).toBe('mimetype');
});
test('nothing to take out: nothing changes; other kinds are refused with a way on', async () => {
  const bytes = plantedDocx(), done = await redactFile(named('p.docx', bytes), nina);
  expect(done.taken).toEqual([]);
  expect(await textOf(done.bytes, 'p.docx')).toBe(await textOf(bytes, 'p.docx'));
  await expect(redactFile(named('p.txt', new TextEncoder().encode(`by ${secret}, who wrote all of this`)), nina)).rejects.toMatchObject({ code: 'unsupported', file: 'p.txt' });
});
