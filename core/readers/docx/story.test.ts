import { describe, expect, test } from '@jest/globals';
import { wordPart } from '../../testing/plant.ts';
import { readStory } from './story.ts';

const story = (inner: string) => readStory(wordPart('document', `<w:body>${inner}</w:body>`, 'xmlns:mc="http://schemas.openxmlformats.org/markup-compatibility/2006" xmlns:m="http://schemas.openxmlformats.org/officeDocument/2006/math"'), 'word/document.xml', 'text');
const run = (text: string, look = '') => `<w:r><w:rPr>${look}</w:rPr><w:t>${text}</w:t></w:r>`, box = (text: string) => `<w:txbxContent><w:p>${run(text)}</w:p></w:txbxContent>`;
const told = (inner: string): string[] => story(inner).passages.map((p) => `${p.place}: ${p.text}`);

// ECMA-376-3, 9.3 (alternate content): the choice is what is seen.
describe('a drawing in two forms', () => {
  const drawing = (choice: string, fallback: string): string => `<w:p>${run('Silt')}<w:r><mc:AlternateContent><mc:Choice Requires="wps">${box(choice)}</mc:Choice><mc:Fallback>${box(fallback)}</mc:Fallback></mc:AlternateContent></w:r></w:p>`;
  test('says the same once', () => expect(told(drawing('Tide table', 'Tide table'))).toEqual(['textbox: Tide table', 'text: Silt']));
  test('what only the second form says is not seen, and is searched', () => expect(told(drawing('Tide table', 'By Nina'))).toEqual(['textbox: Tide table', 'hidden: By Nina', 'text: Silt']));
  test('hard negative: two boxes that say the same are two', () => expect(told(`${drawing('Tide table', 'Tide table')}<w:p><w:r>${box('Tide table')}</w:r></w:p>`).filter((t) => t === 'textbox: Tide table')).toHaveLength(2));
});
// ECMA-376-1, 22.1.2.87: a run of a formula has a look of its own.
test('a formula behind hidden words is not hidden; one that is hidden itself is', () => {
  expect(told(`<w:p>${run('gone', '<w:vanish/>')}<m:oMath><m:r><m:t>a+b</m:t></m:r></m:oMath></w:p>`)).toEqual(['text: a+b', 'hidden: gone']);
  expect(told(`<w:p>${run('Silt')}<m:oMath><m:r><w:rPr><w:vanish/></w:rPr><m:t>a+b</m:t></m:r></m:oMath></w:p>`)).toEqual(['text: Silt', 'hidden: a+b']);
});

// ECMA-376-1, 17.16.2: a field is as long as its two ends say, whatever stands between two of them.
test('two fields in a paragraph are two instructions', () => {
  const field = (code: string): string => `<w:fldChar w:fldCharType="begin"/><w:instrText>${code}</w:instrText><w:fldChar w:fldCharType="separate"/><w:t>1</w:t><w:fldChar w:fldCharType="end"/>`;
  expect(told(`<w:p><w:r><w:t>Page </w:t>${field('PAGE')}<w:t> of </w:t>${field('NUMPAGES')}</w:r></w:p>`)).toEqual(['text: Page 1 of 1', 'field: PAGE\nNUMPAGES']);
});
