import { expect, test } from '@jest/globals';
import { execFileSync } from 'node:child_process';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { convertFiles } from '../verbs/convert.ts';
import { inParagraph, plantedDocx, plantedPdf, wordRun } from '../testing/plant.ts';

const folder = mkdtempSync(join(tmpdir(), 'join-'));
const file = (name: string, bytes: Uint8Array) => ({ name, path: name, bytes });
/** Words with their places as another program reads them: page, text, middle of the word, foot. */
function wordsOf(bytes: Uint8Array): { page: number; text: string; x: number; y: number }[] {
  writeFileSync(`${folder}/a.pdf`, bytes);
  let page = 0;
  return execFileSync('pdftotext', ['-bbox', `${folder}/a.pdf`, '-'], { encoding: 'utf8' }).split('\n').flatMap((l) => {
    if (l.includes('<page ')) page++;
    const m = /xMin="([\d.]+)" yMin="[\d.-]+" xMax="([\d.]+)" yMax="([\d.]+)">(.*?)</.exec(l);
    return m ? [{ page, text: m[4]!, x: (Number(m[1]) + Number(m[2])) / 2, y: Number(m[3]) }] : [];
  });
}
const turned = plantedPdf((pdf) => { const page = pdf.findPage(0); page.put('Rotate', 90); });
const shifted = plantedPdf((pdf) => { const page = pdf.findPage(0), box = pdf.newArray(); for (const n of [100, 200, 695, 1042]) box.push(n); page.put('MediaBox', box); }, { text: 'Shifted sheet' });

test('several files in order, numbered at the foot of every page, also on turned and shifted ones', async () => {
  const docx = plantedDocx(inParagraph(wordRun('The second part')));
  const done = await convertFiles([file('a.pdf', await plantedPdf()), file('b.docx', docx), file('c.pdf', await turned), file('d.pdf', await shifted)], {}, undefined, 'pdf', { pageNumbers: true });
  expect([done.pages, done.proof.missing, done.proof.added]).toEqual([4, [], []]);
  const numbers = wordsOf(done.bytes).filter((w) => /^\d$/.test(w.text));
  expect(numbers.map((n) => [n.page, n.text])).toEqual([[1, '1'], [2, '2'], [3, '3'], [4, '4']]);
  // In the middle of the foot as the page is shown: A4 upright, and on its side.
  for (const [n, [w, h]] of [[numbers[0]!, [595, 842]], [numbers[2]!, [842, 595]], [numbers[3]!, [595, 842]]] as const) { expect(Math.abs(n.x - w / 2)).toBeLessThan(3); expect(h - n.y).toBeGreaterThan(10); expect(h - n.y).toBeLessThan(40); }
  expect(done.fonts.every((f) => f.embedded)).toBe(true);
});
test('a cover sheet stands in front without a number; its words are told apart from the paper’s', async () => {
  const done = await convertFiles([file('a.pdf', await plantedPdf())], {}, undefined, 'pdf', { cover: ['Sediment & silt', 'GEO 3107', ''], pageNumbers: true });
  const words = wordsOf(done.bytes);
  expect(words.filter((w) => w.page === 1).map((w) => w.text)).toEqual(['Sediment', '&amp;', 'silt', 'GEO', '3107']);
  expect(words.filter((w) => w.page === 2 && w.text === '1')).toHaveLength(1);
  expect([done.proof.missing, done.proof.added]).toEqual([[], []]);
});
test('hard negative: nothing is added where nothing is wished', async () => {
  const bytes = await plantedPdf(), done = await convertFiles([file('a.pdf', bytes), file('b.pdf', bytes)]);
  expect(wordsOf(done.bytes).filter((w) => w.page === 2).map((w) => w.text)).toEqual(wordsOf(bytes).map((w) => w.text));
});

/** The structure as another program reads it (poppler), a line an element or text. */
const treeOf = (bytes: Uint8Array): string[] => { writeFileSync(`${folder}/t.pdf`, bytes); return execFileSync('pdfinfo', ['-struct-text', `${folder}/t.pdf`], { encoding: 'utf8' }).split('\n').map((l) => l.replace(/(?: <.*>)? \((?:block|inline)\).*$/, '').replace(/:$/, '').replace(/\s+/g, ' ').trim()).filter((l) => /^(?:[A-Z]\w*|".*")$/.test(l)); };
const markdown = (text: string) => new TextEncoder().encode(text), isTagged = (bytes: Uint8Array): boolean => { writeFileSync(`${folder}/t.pdf`, bytes); return /Tagged: +yes/.test(execFileSync('pdfinfo', [`${folder}/t.pdf`], { encoding: 'utf8' })); };
test('structure is joined: each file’s headings, lists and cells with their own words', async () => {
  const one = await convertFiles([file('a.md', markdown(`# Silt\n\n${Array.from({ length: 120 }, (_, i) => `Line ${i} of the first.`).join('\n\n')}\n\n- item\n`))]), two = await convertFiles([file('b.md', markdown('# Clay\n\n| Site | Rate |\n| --- | --- |\n| A | 3.1 |\n'))]), done = await convertFiles([file('a.pdf', one.bytes), file('b.pdf', two.bytes)], {}, undefined, 'pdf', { cover: ['Two parts'], pageNumbers: true });
  const [first, second] = [treeOf(one.bytes), treeOf(two.bytes)];
  expect(first.length).toBeGreaterThan(240);
  expect(treeOf(done.bytes)).toEqual(['Document', 'Document', 'P', '"Two parts"', ...first, ...second]);
  expect(isTagged(done.bytes)).toBe(true);
  expect(execFileSync('qpdf', ['--check', `${folder}/t.pdf`], { encoding: 'utf8' })).toContain('No syntax or stream encoding errors');
  // The head of a column keeps what it says of itself.
  expect(execFileSync('qpdf', ['--json', `${folder}/t.pdf`], { encoding: 'utf8', maxBuffer: 1 << 26 })).toContain('"/Scope": "/Column"');
});
test('a part without structure leaves the others theirs, and the whole is not called tagged', async () => {
  const tagged = await convertFiles([file('a.md', markdown('# Silt\n\nWords.\n'))]), done = await convertFiles([file('a.pdf', tagged.bytes), file('b.pdf', await plantedPdf())]);
  expect(treeOf(done.bytes)).toEqual(['Document', ...treeOf(tagged.bytes)]);
  expect(isTagged(done.bytes)).toBe(false);
  expect(treeOf((await convertFiles([file('a.pdf', await plantedPdf()), file('b.pdf', await plantedPdf())])).bytes)).toEqual([]);
});
test('a structure that goes in circles or names pages that are not there is joined as far as it is sound; roles, names and heads of cells stay together', async () => {
  const odd = await plantedPdf((pdf) => {
    const tree = pdf.addObject(pdf.newDictionary()), element = pdf.addObject(pdf.newDictionary()), stray = pdf.addObject(pdf.newDictionary()), kids = pdf.newArray(), inner = pdf.newArray(), roles = pdf.newDictionary(), cell = pdf.newDictionary(), heads = pdf.newArray(), mark = pdf.newDictionary();
    heads.push(pdf.newString('h1')); cell.put('O', pdf.newName('Table')); cell.put('Headers', heads);
    stray.put('S', pdf.newName('P')); stray.put('Pg', tree); stray.put('K', pdf.newInteger(3));
    mark.put('Type', pdf.newName('MCR')); mark.put('Pg', pdf.findPage(0)); mark.put('MCID', pdf.newInteger(0));
    inner.push(element); inner.push(stray); inner.push(mark); inner.push(pdf.newInteger(-1));
    element.put('S', pdf.newName('Chapter')); element.put('ID', pdf.newString('h1')); element.put('A', cell); element.put('K', inner);
    kids.push(element); roles.put('Chapter', pdf.newName('Sect'));
    tree.put('Type', pdf.newName('StructTreeRoot')); tree.put('K', kids); tree.put('RoleMap', roles);
    pdf.getTrailer().get('Root').put('StructTreeRoot', tree);
  });
  const done = await convertFiles([file('a.pdf', odd), file('b.pdf', odd)]);
  writeFileSync(`${folder}/t.pdf`, done.bytes);
  const json = execFileSync('qpdf', ['--json', `${folder}/t.pdf`], { encoding: 'utf8', maxBuffer: 1 << 26 });
  expect([json.match(/"\/S": "\/Chapter"/g)?.length, json.includes('"/Chapter": "/Sect"'), [...json.matchAll(/"\/ID": "u:([^"]*)"/g)].map((m) => m[1]), [...json.matchAll(/"\/Headers": \[\s*"u:([^"]*)"/g)].map((m) => m[1])]).toEqual([2, true, ['1 h1', '2 h1'], ['1 h1', '2 h1']]);
  expect(isTagged(done.bytes)).toBe(false);
});
