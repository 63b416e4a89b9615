import { describe, expect, test } from '@jest/globals';
import { headingsByLook, headingsOfDocx, headingsOfOdt } from './headings.ts';
import { readWords } from './index.ts';
import { htmlToText } from './plain/html.ts';

const w = 'xmlns:w="http://schemas.openxmlformats.org/wordprocessingml/2006/main"', words = 'The tide came over the sill and left its silt behind on the marsh.';
const run = (text: string, look = ''): string => `<w:r>${look ? `<w:rPr>${look}</w:rPr>` : ''}<w:t xml:space="preserve">${text}</w:t></w:r>`, p = (...runs: string[]): string => `<w:p><w:pPr><w:rPr><w:b/></w:rPr></w:pPr>${runs.join('')}</w:p>`;
const docx = (body: string, styles = ''): string[] => headingsOfDocx(`<w:document ${w}><w:body>${body}</w:body></w:document>`, `<w:styles ${w}>${styles}</w:styles>`).map((h) => `${h.text}${h.byLook ? ' ~' : ''} ${h.words}`);
const section = (heading: string, look: string): string => p(run(heading, look)) + p(run(words));

describe('headings by their look, where no style marks any', () => {
  test.each([['bold', '<w:b/>'], ['underlined', '<w:u w:val="single"/>'], ['larger', '<w:sz w:val="28"/>']])('%s lines above plain words', (_, look) => expect(docx(section('Methods', look) + section('Results', look))).toEqual(['Methods ~ 14', 'Results ~ 14']));
  test.each<[string, string]>([
    ['one alone is none', section('Methods', '<w:b/>')], ['a sentence', section('We went there in the second summer of the study.', '<w:b/>') + section('It rained on all of the days.', '<w:b/>')], ['bold words within a line', p(run('Note: ', '<w:b/>'), run(words)) + p(run('Aim: ', '<w:b/>'), run(words))],
    ['cells of a table', `<w:tbl><w:tr><w:tc>${section('Site', '<w:b/>')}</w:tc><w:tc>${section('Mean', '<w:b/>')}</w:tc></w:tr></w:tbl>`], ['bold that is taken back', section('Methods', '<w:b w:val="0"/>') + section('Results', '<w:b w:val="false"/>')], ['lines of a title above each other', p(run('Tides', '<w:b/>')) + p(run('Y3921847', '<w:b/>')) + p(run('March', '<w:b/>'))],
  ])('hard negative: %s', (_, body) => expect(docx(body)).toEqual([]));
  test('where all text is bold, bold says nothing', () => expect(docx(section('Methods', '<w:b/>') + section('Results', '<w:b/>'), '<w:style w:type="paragraph" w:default="1" w:styleId="N"><w:rPr><w:b/></w:rPr></w:style>')).toEqual([]));
  test('a style of any name that is bold, or based on one', () => {
    const styles = '<w:style w:type="paragraph" w:styleId="A"><w:rPr><w:b/></w:rPr></w:style><w:style w:type="paragraph" w:styleId="B"><w:basedOn w:val="A"/></w:style><w:style w:type="paragraph" w:styleId="C"><w:basedOn w:val="A"/><w:rPr><w:b w:val="0"/></w:rPr></w:style>', by = (style: string, text: string): string => `<w:p><w:pPr><w:pStyle w:val="${style}"/></w:pPr>${run(text)}</w:p>${p(run(words))}`;
    expect(docx(by('A', 'Methods') + by('B', 'Results') + by('C', 'Aims'), styles)).toEqual(['Methods ~ 14', 'Results ~ 29']);
  });
  test('marked headings are the headings', () => expect(docx(`<w:p><w:pPr><w:outlineLvl w:val="0"/></w:pPr>${run('Methods')}</w:p>${p(run(words))}${section('Results', '<w:b/>')}`)).toEqual(['Methods 29']));
  test('OpenDocument: by the style of the paragraph or of its words', () => {
    const style = (name: string, weight: string): string => `<style:style style:name="${name}"><style:text-properties fo:font-weight="${weight}"/></style:style>`, para = (text: string, name: string): string => `<text:p text:style-name="${name}">${text}</text:p>`;
    const read = (body: string): string[] => headingsOfOdt(`<office:document-content xmlns:office="o" xmlns:text="t" xmlns:style="s" xmlns:fo="f" xmlns:table="b"><office:automatic-styles>${style('B', 'bold')}${style('N', 'normal')}</office:automatic-styles><office:body>${body}</office:body></office:document-content>`).map((h) => h.text);
    expect(read(para('Methods', 'B') + para(words, 'N') + para('<text:span text:style-name="B">Results</text:span>', 'N') + para(words, 'N'))).toEqual(['Methods', 'Results']);
    expect(read(para('Note <text:span text:style-name="B">well</text:span>', 'N') + para(words, 'N') + para('<text:span text:style-name="N">Results</text:span>', 'B') + para(words, 'N'))).toEqual([]);
  });
  test('rich text, also in groups and with bold taken back', async () => {
    const read = async (body: string): Promise<string[]> => { const facts = await readWords(new TextEncoder().encode(`{\\rtf1\\ansi ${body}}`), 'a.rtf'); return (facts.headings ?? []).map((h) => `${h.text} ${h.words}`); };
    expect(await read(`{\\b Methods}\\par ${words}\\par\\pard\\b Results\\b0\\par ${words}\\par \\ul Ends\\ulnone\\par ${words}`)).toEqual(['Methods 14', 'Results 14', 'Ends 14']);
    expect(await read(`{\\b Note:} well\\par ${words}\\par {\\b Aim:} ill\\par ${words}`)).toEqual([]);
  });
  test('what follows has to be words of some length', () => expect(headingsByLook([{ text: 'One', stands: true }, { text: 'two', stands: false }, { text: 'Three', stands: true }, { text: 'four', stands: false }])).toEqual([]));
});
test('web pages: by their elements, with the words below each', () => {
  expect(htmlToText(`<h1>Tides</h1><p>one two</p><h2>On <i>silt</i></h2><p>three</p><h3> </h3>`, { marked: true }).headings).toEqual([{ text: 'Tides', level: 1, words: 2 }, { text: 'On silt', level: 2, words: 1 }]);
});
