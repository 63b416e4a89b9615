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
const line = 'Silt and Clay – page \u0001';

test.each([
  ['a head that no page has is told, word by word', { head: line }, {}, ['Silt', 'and', 'Clay', 'page']],
  ['one that nothing refers to is not shown anywhere', {}, {}, []],
  ['one that a page has is not', { head: line }, { head: line }, []],
  ['nor where its pieces are set apart', { head: line }, { head: 'page \u0001\t\tSilt and Clay' }, []],
  ['what is stored for first pages that are like the others is not shown', { firstHead: line }, {}, []],
  ['nor a head for later pages of a paper of one page', { head: line, firstPageDiffers: true }, {}, []],
  ['nor one of a later section, which may have no page of its own', { laterLines: [{ ...emptyPage(), head: line }] }, {}, []],
] as const)('%s', async (_, known, set, lost) => { expect(lostLines([await paper()], await laid(set), [{ ...emptyPage(), ...known } as PageDescription])).toEqual(lost); });
