import { expect, test } from '@jest/globals';
import { madeFacts } from '../../testing/made.ts';
import { inParagraph, plantedDocx, plantedOdt, wordRun } from '../../testing/plant.ts';
import { readDocument } from '../../readers/index.ts';
import { testCheck } from '../../testing/test-check.ts';
import { remainsEmptySection } from './empty-section.ts';

const headings = (...list: [string, number, number][]) => ({ facts: madeFacts({ file: { kind: 'docx' }, headings: list.map(([text, level, words]) => ({ text, level, words })) }) });
testCheck(remainsEmptySection, {
  met: [{ name: 'all filled', given: headings(['1 Introduction', 1, 200], ['2 Methods', 1, 300]) }, { name: 'a heading whose first words stand under its first part', given: headings(['2 Methods', 1, 0], ['2.1 Cores', 2, 80]) }, { name: 'a title alone', given: headings(['Sediment budgets', 1, 0]) }],
  look: [{ name: 'nothing before the next heading', given: headings(['1 Introduction', 1, 200], ['2 Methods', 1, 0], ['3 Results', 1, 90]), says: ['empty'] }, { name: 'nothing at the end', given: headings(['1 Introduction', 1, 200], ['Appendix', 1, 0]), says: ['empty'] }],
  notAsked: [{ name: 'no headings marked' }],
});
test('headings are read from word-processor files; a table or picture fills a section', async () => {
  const heading = (text: string, n: number): string => inParagraph(`<w:pPr><w:pStyle w:val="Heading${n}"/></w:pPr>${wordRun(text)}`);
  const docx = await readDocument(plantedDocx(`${heading('Methods', 1)}${heading('Cores', 2)}${inParagraph(wordRun('Five cores were taken'))}${heading('Results', 1)}<w:tbl><w:tr><w:tc><w:p/></w:tc></w:tr></w:tbl>${heading('Discussion', 1)}`), 'p.docx');
  expect(docx.headings).toEqual([{ text: 'Methods', level: 1, words: 0 }, { text: 'Cores', level: 2, words: 4 }, { text: 'Results', level: 1, words: 1 }, { text: 'Discussion', level: 1, words: 0 }]);
  const odt = await readDocument(plantedOdt('<text:h text:outline-level="1">Methods</text:h><text:p>Five cores</text:p><text:h text:outline-level="1">Results</text:h>'), 'p.odt');
  expect(odt.headings).toEqual([{ text: 'Methods', level: 1, words: 2 }, { text: 'Results', level: 1, words: 0 }]);
});
