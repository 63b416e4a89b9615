import { expect, test } from '@jest/globals';
import { looksOfOdt } from './layout.ts';
import { readOdfStyles } from '../../styles/odf.ts';
import { plantedOdt } from '../../testing/plant.ts';
import { readDocument } from '../index.ts';

const ns = 'xmlns:office="o" xmlns:style="s" xmlns:text="t" xmlns:fo="f" xmlns:svg="v"';
const sheet = `<office:document-styles ${ns}><office:font-face-decls><style:font-face style:name="TNR1" svg:font-family="'Times New Roman'"/></office:font-face-decls><office:styles>
<style:default-style style:family="paragraph"><style:paragraph-properties fo:line-height="150%"/><style:text-properties fo:font-size="12pt" style:font-name="TNR1"/></style:default-style>
<style:style style:name="Standard" style:family="paragraph"/><style:style style:name="Notes" style:family="paragraph" style:parent-style-name="Standard"><style:text-properties fo:font-size="75%"/></style:style></office:styles>
<office:automatic-styles><style:page-layout style:name="other"><style:page-layout-properties fo:page-width="10cm" fo:page-height="10cm" fo:margin="1cm"/></style:page-layout><style:page-layout style:name="pm1"><style:page-layout-properties fo:page-width="21cm" fo:page-height="29.7cm" fo:margin-top="1.25cm" fo:margin-bottom="2cm" fo:margin-left="3cm" fo:margin-right="2.54cm"/><style:header-style><style:header-footer-properties fo:min-height="1.29cm"/></style:header-style></style:page-layout></office:automatic-styles>
<office:master-styles><style:master-page style:name="Standard" style:page-layout-name="pm1"/></office:master-styles></office:document-styles>`;
const content = (inner: string): string => `<office:document-content ${ns}><office:automatic-styles><style:style style:name="P1" style:family="paragraph" style:parent-style-name="Standard"><style:paragraph-properties fo:line-height="200%"/></style:style><style:style style:name="T1" style:family="text"><style:text-properties fo:font-size="16pt"/></style:style></office:automatic-styles><office:body><office:text>${inner}</office:text></office:body></office:document-content>`;
const p = (style: string, text: string): string => `<text:p text:style-name="${style}">${text}</text:p>`;

test('size, face and spacing by the chain of styles; margins of the standard page, the header’s height counted', () => {
  expect(looksOfOdt(content(p('Standard', 'word '.repeat(200)) + p('Notes', 'note '.repeat(20))), sheet).layout).toEqual({ source: 'style', sizePt: 12, otherSizes: [9], fonts: [{ name: 'Times New Roman', share: 1 }], lineSpacing: 1.5, marginsMm: { left: 30, right: 25.4, top: 25.4, bottom: 20 }, outliers: [] });
});
test('a span’s own size counts for its characters alone; direct spacing goes before the style’s', () => {
  expect(looksOfOdt(content(p('P1', `${'word '.repeat(90)}<text:span text:style-name="T1">${'large '.repeat(30)}</text:span>`)), sheet).layout).toMatchObject({ sizePt: 12, otherSizes: [16], lineSpacing: 2 });
});
test('hard negatives: deleted text and notes do not count; a few words tell nothing', () => {
  expect(looksOfOdt(content(`<text:tracked-changes>${p('Notes', 'gone '.repeat(300))}</text:tracked-changes>${p('Standard', 'word '.repeat(100))}<text:note>${p('Notes', 'note '.repeat(200))}</text:note>`), sheet).layout).toMatchObject({ sizePt: 12, otherSizes: [] });
  expect(looksOfOdt(content(p('Standard', 'a few words')), sheet).layout).toBeNull();
});
test('a ring of styles ends', () => expect(readOdfStyles([`<x ${ns}><style:style style:name="a" style:parent-style-name="b"/><style:style style:name="b" style:parent-style-name="a"/></x>`]).resolve('a')).toEqual({}));

const looks = (styles: string, body: string, masters = '') => looksOfOdt(`<office:document-content ${ns} xmlns:draw="d" xmlns:table="b"><office:automatic-styles>${styles}</office:automatic-styles><office:body><office:text>${body}</office:text></office:body></office:document-content>`, sheet.replace('</office:styles>', '<style:default-style style:family="paragraph"><style:text-properties style:use-window-font-color="true" fo:font-size="12pt"/></style:default-style></office:styles>').replace('</office:master-styles>', `${masters}</office:master-styles>`));
const span = (text: string): string => p('Standard', `<text:span text:style-name="T9">${text}</text:span>`), t9 = (properties: string): string => `<style:style style:name="T9" style:family="text"><style:text-properties ${properties}/></style:style>`;
test.each<[string, string, string, string[]]>([
  ['white', t9('fo:color="#ffffff"'), span('unseen words'), ['background: unseen words']], ['nearly white', t9('fo:color="#fcfcfc"'), span('unseen words'), ['background: unseen words']], ['one point high', t9('fo:font-size="1pt"'), span('unseen words'), ['tiny: unseen words']],
  ['a tenth of what is around it', t9('fo:font-size="10%"'), span('unseen words'), ['tiny: unseen words']], ['the colour of its marker', t9('fo:color="#ffff00" fo:background-color="#ffff00"'), span('unseen words'), ['background: unseen words']],
  ['black on a black paragraph', `${t9('fo:color="#000000"')}<style:style style:name="P9" style:family="paragraph"><style:paragraph-properties fo:background-color="#000000"/></style:style>`, p('P9', '<text:span text:style-name="T9">unseen words</text:span>'), ['background: unseen words']],
  ['hard negative: grey', t9('fo:color="#808080"'), span('words'), []], ['hard negative: white on a dark paragraph', `${t9('fo:color="#ffffff"')}<style:style style:name="P9" style:family="paragraph"><style:paragraph-properties fo:background-color="#1f3864"/></style:style>`, p('P9', '<text:span text:style-name="T9">words</text:span>'), []],
  ['hard negative: white in a dark cell', `${t9('fo:color="#ffffff"')}<style:style style:name="C9" style:family="table-cell"><style:table-cell-properties fo:background-color="#000000"/></style:style>`, `<table:table><table:table-cell table:style-name="C9">${span('words')}</table:table-cell></table:table>`, []],
  ['hard negative: white in a box', t9('fo:color="#ffffff"'), p('Standard', `<draw:frame><draw:text-box>${span('words')}</draw:text-box></draw:frame>`), []], ['hard negative: a colour that follows its ground', t9('style:use-window-font-color="true"'), span('words'), []],
])('what is there and not seen: %s', (_, styles, body, expected) => expect(looks(styles, body).unseen.map((f) => `${f.code}: ${f.quote}`)).toEqual(expected));
test('a marker behind words is one place, however many spans it has; white behind words is none', () => {
  const yellow = t9('fo:background-color="#ffff00"');
  expect(looks(yellow, p('Standard', 'a <text:span text:style-name="T9">b</text:span><text:span text:style-name="T9">c</text:span> d <text:span text:style-name="T9">e</text:span>')).highlights).toBe(2);
  expect(looks(t9('fo:background-color="#ffffff"'), span('words')).highlights).toBe(0);
  expect(looks(t9('fo:background-color="transparent"'), span('words')).highlights).toBe(0);
});
test('a field at the head or foot of a page style that is used numbers the pages', () => {
  const foot = (inner: string, name = 'Numbered', tag = 'footer'): string => `<style:master-page style:name="${name}" style:page-layout-name="pm1"><style:${tag}><text:p>${inner}</text:p></style:${tag}></style:master-page>`, used = '<style:style style:name="P9" style:family="paragraph" style:master-page-name="Numbered"/>', number = '<text:page-number>1</text:page-number>';
  expect(looks(used, p('P9', 'words'), foot(number)).pageNumbers).toBe(true);
  expect(looks(used, p('P9', 'words'), foot('<text:page-count>9</text:page-count>')).pageNumbers).toBe(false);
  expect(looks(used, p('P9', 'words'), foot(number, 'Numbered', 'footer-first')).pageNumbers).toBe(false);
  expect(looks('', p('Standard', 'words'), foot(number)).pageNumbers).toBe(false);
});
test('words that a style hides are hidden text', async () => {
  const facts = await readDocument(plantedOdt(`<text:p>seen <text:span text:style-name="T9">hidden words</text:span> again</text:p>`, { 'styles.xml': `<office:document-styles NS xmlns:fo="f"><office:styles>${t9('text:display="none"')}</office:styles></office:document-styles>` }), 'a.odt');
  expect(facts.passages.ok && facts.passages.value.filter((x) => /hidden words|seen/.test(x.text)).map((x) => [x.place, x.text])).toEqual([['text', 'seen  again'], ['hidden', 'hidden words']]);
  expect(facts.integrity.map((f) => f.code)).toContain('vanish');
});
test('margins of the pages that the text stands on: a page style of its own, what follows a first page, and none that hold only a few words', () => {
  const masters = sheet.replace('</office:automatic-styles>', '<style:page-layout style:name="thin"><style:page-layout-properties fo:page-width="21cm" fo:page-height="29.7cm" fo:margin="1cm"/></style:page-layout></office:automatic-styles>').replace('</office:master-styles>', '<style:master-page style:name="Thin" style:page-layout-name="thin"/><style:master-page style:name="First" style:page-layout-name="pm1" style:next-style-name="Thin"/></office:master-styles>');
  const left = (master: string, before: string, after: string) => looksOfOdt(content(p('Standard', before) + p('On', after)).replace('</office:automatic-styles>', `<style:style style:name="On" style:family="paragraph" style:master-page-name="${master}"/></office:automatic-styles>`), masters).layout!.marginsMm!.left;
  expect([left('Thin', 'word '.repeat(100), 'word '.repeat(100)), left('First', '', 'word '.repeat(100)), left('Thin', 'word '.repeat(100), 'few')]).toEqual([10, 10, 30]);
});
test('a template by its address, title and day alone; a kind of data source is no path', async () => {
  const facts = await readDocument(plantedOdt(p('Standard', 'words'), {
    'meta.xml': '<office:document-meta xmlns:office="o" xmlns:meta="m" xmlns:xlink="x"><office:meta><meta:template xlink:type="simple" xlink:actuate="onRequest" xlink:title="Reed paper" xlink:href="../reed.ott"/></office:meta></office:document-meta>',
    'settings.xml': '<office:document-settings xmlns:office="o" xmlns:config="c"><office:settings><config:config-item config:name="CurrentDatabaseCommandType" config:type="int">0</config:config-item><config:config-item config:name="CurrentDatabaseDataSource" config:type="string">reeds</config:config-item></office:settings></office:document-settings>',
  }), 'a.odt');
  expect(facts.metadata.ok && facts.metadata.value.filter((m) => m.sort === 'template' || m.sort === 'paths').map((m) => `${m.key}: ${m.value}`)).toEqual(['template: ../reed.ott Reed paper', 'CurrentDatabaseDataSource: reeds']);
});
