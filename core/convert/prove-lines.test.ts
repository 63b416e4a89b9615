import { expect, test } from '@jest/globals';
import { plantedDocx, wordPart } from '../testing/plant.ts';
import type { DocumentFacts } from '../model/facts.ts';
import { readDocument } from '../readers/index.ts';
import { layOut } from './layout.ts';
import { emptyPage, type PageDescription } from './page-description.ts';
import { lostLines } from './prove-lines.ts';

/** A paper whose head says “Silt and Clay” with the page's number. */
const paper = (): Promise<DocumentFacts> => readDocument(plantedDocx('', { 'word/header1.xml': wordPart('hdr', '<w:p><w:r><w:t>Silt and Clay – page </w:t></w:r><w:r><w:fldChar w:fldCharType="begin"/></w:r><w:r><w:instrText>PAGE</w:instrText></w:r><w:r><w:fldChar w:fldCharType="separate"/></w:r><w:r><w:t>7</w:t></w:r><w:r><w:fldChar w:fldCharType="end"/></w:r></w:p>') }), 'paper.docx');
const laid = async (page: Partial<PageDescription>): Promise<DocumentFacts> => readDocument(await layOut({ ...emptyPage(), body: '<p>The marsh grows.</p>', ...page }, {}), 'result.pdf');
const laterPage = '<pages width="595" height="842" margins="72 72 72 72" lines="1"><p>More.</p></pages>', line = 'Silt and Clay – page \u0001';

test('setting the pages tells which lines they have', async () => {
  const page: PageDescription = { ...emptyPage(), body: `<p>One.</p><div class="break"></div><p>Two.</p>${laterPage}`, head: 'a', evenHead: 'b', evenPagesDiffer: true, laterLines: [{ ...emptyPage(), head: 'c' }] };
  await layOut(page, {});
  expect([...page.linesShown].sort()).toEqual(['0 evenFoot', '0 evenHead', '0 foot', '0 head', '1 foot', '1 head']);
});
test.each([
  ['a head that no page has is told, word by word', { head: line }, {}, ['Silt', 'and', 'Clay', 'page']],
  ['one that nothing refers to is not shown anywhere', {}, {}, []],
  ['one that a page has is not', { head: line }, { head: line }, []],
  ['nor where its pieces are set apart', { head: line }, { head: 'page \u0001\t\tSilt and Clay' }, []],
  ['what is stored for first pages that are like the others is not shown', { firstHead: line }, {}, []],
  ['nor a head for later pages of a paper of one page', { head: line, firstPageDiffers: true }, {}, []],
  ['nor one of a later section, which may have no page of its own', { laterLines: [{ ...emptyPage(), head: line }] }, {}, []],
  ['where a later section has pages, its first head is shown', { laterLines: [{ ...emptyPage(), head: line }], body: laterPage }, {}, ['Silt', 'and', 'Clay', 'page']],
  ['unless its first page has none, and there may be no second', { laterLines: [{ ...emptyPage(), head: line, firstPageDiffers: true }], body: laterPage }, {}, []],
  ['or that page may have an even number', { laterLines: [{ ...emptyPage(), head: line, evenPagesDiffer: true }], body: laterPage }, {}, []],
  ['a head of even pages is not shown on a page alone', { evenHead: line, evenPagesDiffer: true }, {}, []],
  ['where our own engine has set the pages, it knows which lines they have', { evenHead: line, evenPagesDiffer: true, linesShown: new Set(['0 head', '0 evenHead']) }, {}, ['Silt', 'and', 'Clay', 'page']],
  ['and which they have not', { head: line, linesShown: new Set(['0 firstHead']) }, {}, []],
] as const)('%s', async (_, known, set, lost) => { expect(lostLines([await paper()], await laid(set), [{ ...emptyPage(), ...known } as PageDescription])).toEqual(lost); });
