import { expect, test } from '@jest/globals';
import { layoutOfOdt } from './layout.ts';
import { readOdfStyles } from '../../styles/odf.ts';

const ns = 'xmlns:office="o" xmlns:style="s" xmlns:text="t" xmlns:fo="f" xmlns:svg="v"';
const sheet = `<office:document-styles ${ns}><office:font-face-decls><style:font-face style:name="TNR1" svg:font-family="'Times New Roman'"/></office:font-face-decls><office:styles>
<style:default-style style:family="paragraph"><style:paragraph-properties fo:line-height="150%"/><style:text-properties fo:font-size="12pt" style:font-name="TNR1"/></style:default-style>
<style:style style:name="Standard" style:family="paragraph"/><style:style style:name="Notes" style:family="paragraph" style:parent-style-name="Standard"><style:text-properties fo:font-size="75%"/></style:style></office:styles>
<office:automatic-styles><style:page-layout style:name="other"><style:page-layout-properties fo:page-width="10cm" fo:page-height="10cm" fo:margin="1cm"/></style:page-layout><style:page-layout style:name="pm1"><style:page-layout-properties fo:page-width="21cm" fo:page-height="29.7cm" fo:margin-top="1.25cm" fo:margin-bottom="2cm" fo:margin-left="3cm" fo:margin-right="2.54cm"/><style:header-style><style:header-footer-properties fo:min-height="1.29cm"/></style:header-style></style:page-layout></office:automatic-styles>
<office:master-styles><style:master-page style:name="Standard" style:page-layout-name="pm1"/></office:master-styles></office:document-styles>`;
const content = (inner: string): string => `<office:document-content ${ns}><office:automatic-styles><style:style style:name="P1" style:family="paragraph" style:parent-style-name="Standard"><style:paragraph-properties fo:line-height="200%"/></style:style><style:style style:name="T1" style:family="text"><style:text-properties fo:font-size="16pt"/></style:style></office:automatic-styles><office:body><office:text>${inner}</office:text></office:body></office:document-content>`;
const p = (style: string, text: string): string => `<text:p text:style-name="${style}">${text}</text:p>`;

test('size, face and spacing by the chain of styles; margins of the standard page, the header’s height counted', () => {
  expect(layoutOfOdt(content(p('Standard', 'word '.repeat(200)) + p('Notes', 'note '.repeat(20))), sheet)).toEqual({ source: 'style', sizePt: 12, otherSizes: [9], fonts: [{ name: 'Times New Roman', share: 1 }], lineSpacing: 1.5, marginsMm: { left: 30, right: 25.4, top: 25.4, bottom: 20 } });
});
test('a span’s own size counts for its characters alone; direct spacing goes before the style’s', () => {
  expect(layoutOfOdt(content(p('P1', `${'word '.repeat(90)}<text:span text:style-name="T1">${'large '.repeat(30)}</text:span>`)), sheet)).toMatchObject({ sizePt: 12, otherSizes: [16], lineSpacing: 2 });
});
test('hard negatives: deleted text and notes do not count; a few words tell nothing', () => {
  expect(layoutOfOdt(content(`<text:tracked-changes>${p('Notes', 'gone '.repeat(300))}</text:tracked-changes>${p('Standard', 'word '.repeat(100))}<text:note>${p('Notes', 'note '.repeat(200))}</text:note>`), sheet)).toMatchObject({ sizePt: 12, otherSizes: [] });
  expect(layoutOfOdt(content(p('Standard', 'a few words')), sheet)).toBeNull();
});
test('a ring of styles ends', () => expect(readOdfStyles([`<x ${ns}><style:style style:name="a" style:parent-style-name="b"/><style:style style:name="b" style:parent-style-name="a"/></x>`]).resolve('a')).toEqual({}));
