import { beforeAll, describe, expect, test } from '@jest/globals';
import { plainPicture, plantedOdt } from '../../testing/plant.ts';
import { mapOdt } from './map.ts';

/** Elements and styles by what they do. Source: OASIS ODF 1.2-1, 5 (text), 9 (tables), 10.4 (frames), 16 (styles), 20 (properties); the texts are made up. */
const ns = ['office', 'text', 'style', 'table', 'drawing', 'meta'].map((n) => `xmlns:${n === 'drawing' ? 'draw' : n}="urn:oasis:names:tc:opendocument:xmlns:${n}:1.0"`).join(' ') + ' xmlns:fo="urn:oasis:names:tc:opendocument:xmlns:xsl-fo-compatible:1.0" xmlns:svg="urn:oasis:names:tc:opendocument:xmlns:svg-compatible:1.0" xmlns:xlink="http://www.w3.org/1999/xlink" xmlns:dc="http://purl.org/dc/elements/1.1/"';
const map = (text: string, automatic = '', parts: Record<string, string | Uint8Array> = {}) => mapOdt(plantedOdt('', { 'content.xml': `<office:document-content ${ns}><office:automatic-styles>${automatic}</office:automatic-styles><office:body><office:text>${text}</office:text></office:body></office:document-content>`, ...parts }));
const style = (name: string, family: string, properties: string, more = ''): string => `<style:style style:name="${name}" style:family="${family}"${more}><style:${family}-properties ${properties}/></style:style>`;
const p = (inner: string, name = ''): string => `<text:p${name ? ` text:style-name="${name}"` : ''}>${inner}</text:p>`, span = (inner: string, name: string): string => `<text:span text:style-name="${name}">${inner}</text:span>`;
const words = (html: string): string => html.replace(/<br\/>/g, '|').replace(/<[^>]+>/g, '').replace(/&#160;/g, ' ').replace(/&#8195;/g, '\t');
let png: Uint8Array;
beforeAll(async () => { png = await plainPicture('png'); });

describe('text', () => {
  test.each<[string, string, string]>([
    ['several spaces in one element', p('a<text:s text:c="3"/>b'), 'a   b'],
    ['one space where no number is given', p('a<text:s/>b'), 'a b'],
    ['a tab and a line break', p('a<text:tab/>b<text:line-break/>c'), 'a\tb|c'],
    ['what stands over a word', p('a<text:ruby><text:ruby-base>b</text:ruby-base><text:ruby-text>c</text:ruby-text></text:ruby>d'), 'ab (c)d'],
    ['white space of the file, which means one space', p('a\n\t  b'), 'a b'],
    ['a field shows its value', p('page <text:page-number>4</text:page-number>'), 'page 4'],
    ['what HTML would take for its own', p('a &lt; b &amp; c'), 'a &lt; b &amp; c'],
    ['text in a section without columns', `<text:section text:style-name="none">${p('inside')}</text:section>`, 'inside'],
    ['nothing of a form, of declarations, of a picture’s title', `<office:forms><text:p>form</text:p></office:forms><text:sequence-decls><text:p>x</text:p></text:sequence-decls>${p('<draw:frame><svg:title>titled</svg:title><svg:desc>described</svg:desc></draw:frame>seen')}`, 'seen'],
    ['nothing of a comment', p('said<office:annotation><dc:creator>N. N.</dc:creator><text:p>why?</text:p></office:annotation> so'), 'said so'],
  ])('%s', (_, text, expected) => { expect(words(map(text).body)).toBe(expected); });
  // 20.360 (text:display), 5.4 (sections), 7.7.4 and 7.7.5 (hidden text); 20.216 (fo:text-transform).
  test.each<[string, string, string]>([
    ['hidden words', p(`a ${span('gone', 'T')}b`), 'a b'], ['a hidden paragraph', `${p('a')}${p('gone', 'P')}${p('b')}`, 'ab'], ['words inside hidden ones', p(span(`gone ${span('too', 'U')}`, 'T')), ''],
    ['a field that hides its paragraph', `${p('a')}${p('gone <text:hidden-paragraph text:is-hidden="true"/>too')}${p('b')}`, 'ab'], ['a field that would hide its paragraph', p('a <text:hidden-paragraph text:is-hidden="false"/>b'), 'a b'], ['a section that is not shown', `${p('a')}<text:section text:display="none">${p('gone')}</text:section>${p('b')}`, 'ab'],
    ['a script, the bytes of a picture and the title of a table', `${p('a<text:script>var b</text:script><draw:frame><draw:image><office:binary-data>aGVsbG8=</office:binary-data></draw:image></draw:frame>')}<table:table><table:title>gone</table:title></table:table>`, 'a'],
    ['a field that hides words', p('a<text:hidden-text text:string-value="x">gone</text:hidden-text>'), 'a'], ['capitals, and words within them', p(span(`tide ${span('table', 'B')}`, 'U')), 'TIDE TABLE'], ['a style that takes them back', p(span(`tide ${span('table', 'N')}`, 'U')), 'TIDE table'],
  ])('%s', (_, text, expected) => { expect(words(map(text, `${style('T', 'text', 'text:display="none"')}<style:style style:name="P" style:family="paragraph"><style:text-properties text:display="none"/></style:style>${style('U', 'text', 'fo:text-transform="uppercase"')}${style('B', 'text', 'fo:font-weight="bold"')}${style('N', 'text', 'fo:text-transform="none"')}`).body)).toBe(expected); });
  test('hidden words are told', () => { expect(map(p(span('gone', 'T')), style('T', 'text', 'text:display="none"')).losses).toEqual(['hidden text is left out']); });
  test('tracked deletions are left out and told; insertions are text', () => {
    const page = map(`<text:tracked-changes><text:changed-region><text:deletion><text:p>gone</text:p></text:deletion></text:changed-region></text:tracked-changes>${p('stays')}`);
    expect([words(page.body), page.losses]).toEqual(['stays', ['tracked deletions are left out']]);
  });
});

describe('looks', () => {
  test.each<[string, string, string, RegExp]>([
    ['bold', 'fo:font-weight="bold"', 'a', /<b>a<\/b>/], ['italic', 'fo:font-style="italic"', 'a', /<i>a<\/i>/],
    ['underlined', 'style:text-underline-style="solid"', 'a', /<u>a<\/u>/], ['struck through', 'style:text-line-through-style="solid"', 'a', /<s>a<\/s>/],
    ['raised', 'style:text-position="super 58%"', '2', /<sup>2<\/sup>/], ['lowered', 'style:text-position="sub 58%"', '2', /<sub>2<\/sub>/],
    ['a colour', 'fo:color="#9a3a2a"', 'a', /color:#9a3a2a">a/], ['a size in points', 'fo:font-size="18pt"', 'a', /font-size:18pt">a/], ['a size in per cent', 'fo:font-size="80%"', 'a', /font-size:0\.8em">a/],
    ['another face', 'style:font-name="Arial"', 'a', /font-family:sans-serif">a/],
  ])('%s', (_, properties, text, expected) => { expect(map(p(`x ${span(text, 'T')}`), style('T', 'text', properties)).body).toMatch(expected); });
  test.each<[string, string]>([['black', 'fo:color="#000000"'], ['an underline of the kind none', 'style:text-underline-style="none"'], ['a weight that is normal', 'fo:font-weight="normal"']])('nothing is written for %s', (_, properties) => { expect(map(p(span('a', 'T')), style('T', 'text', properties)).body).not.toMatch(/<(b|u|span)\b/); });
  test.each<[string, string, RegExp]>([
    ['centred', 'fo:text-align="center"', /text-align:center/], ['at the end of the line', 'fo:text-align="end"', /text-align:right/], ['from right to left', 'style:writing-mode="rl-tb"', /<p [^>]*dir="rtl">a/], ['a first line', 'fo:text-indent="1cm"', /text-indent:28\.35pt/],
    ['margins', 'fo:margin-top="10pt" fo:margin-bottom="5pt" fo:margin-left="1in"', /margin:10pt 0pt 5pt 72pt/], ['double spacing', 'fo:line-height="200%"', /line-height:2\.3/], ['lines of a fixed height', 'fo:line-height="24pt"', /line-height:24pt/], ['a line below', 'fo:border-bottom="1pt solid #4f81bd"', /border-bottom:1pt solid #4f81bd/], ['a page of its own', 'fo:break-before="page"', /<div class="break"><\/div><p/],
  ])('a paragraph: %s', (_, properties, expected) => { expect(map(p('a', 'P'), style('P', 'paragraph', properties)).body).toMatch(expected); });
  test('a paragraph’s bold and italics are taken back by a text style that says so', () => {
    const automatic = `<style:style style:name="P" style:family="paragraph"><style:text-properties fo:font-weight="bold" fo:font-style="italic"/></style:style>${style('T', 'text', 'fo:font-weight="normal" fo:font-style="normal"')}`;
    expect(map(p(`loud ${span('plain', 'T')}`, 'P'), automatic).body).toMatch(/font-weight:bold;font-style:italic">loud <span style="font-weight:normal;font-style:normal">plain<\/span>/);
  });
  test('what a parent style says holds, what the own one says outweighs it, a size in per cent is one of the parent’s', () => {
    const styles = `<office:document-styles ${ns}><office:styles>${style('Base', 'paragraph', 'fo:text-align="center" fo:margin-top="4pt"')}<style:style style:name="Small" style:family="paragraph" style:parent-style-name="Sized"><style:text-properties fo:font-size="50%"/></style:style><style:style style:name="Sized" style:family="paragraph"><style:text-properties fo:font-size="20pt"/></style:style></office:styles></office:document-styles>`;
    const html = map(`${p('a', 'P')}${p('b', 'Small')}`, style('P', 'paragraph', 'fo:margin-top="8pt"', ' style:parent-style-name="Base"'), { 'styles.xml': styles }).body;
    expect(html).toMatch(/margin:8pt[^"]*text-align:center">a/);
    expect(html).toMatch(/font-size:10pt">b/);
  });
});

test('neighbours of one style that keep close have no space between them, and keep it towards others', () => {
  const close = style('Item', 'paragraph', 'fo:margin-top="5pt" fo:margin-bottom="10pt" style:contextual-spacing="true"') + style('Other', 'paragraph', 'fo:margin-bottom="3pt"');
  const margins = (text: string): string[] => [...map(text, close).body.matchAll(/margin:(\S+) \S+ (\S+) /g)].map((m) => `${m[1]} ${m[2]}`);
  expect(margins(p('a', 'Item') + p('b', 'Item') + p('c', 'Other') + p('d', 'Other'))).toEqual(['5pt 0pt', '0pt 10pt', '0pt 3pt', '0pt 3pt']);
  expect(margins(p('a', 'Item') + p('c', 'Other') + p('b', 'Item'))).toEqual(['5pt 10pt', '0pt 3pt', '5pt 10pt']);
});
test('columns as wide as their style says', () => {
  const columns = style('C1', 'table-column', 'style:column-width="2in"') + style('C2', 'table-column', 'style:column-width="1in"'), row = (cells: string): string => `<table:table-row>${cells}</table:table-row>`, cell = (text: string, more = ''): string => `<table:table-cell${more}>${p(text)}</table:table-cell>`;
  const html = map(`<table:table><table:table-column table:style-name="C1"/><table:table-column table:style-name="C2" table:number-columns-repeated="2"/>${row(cell('a') + cell('b') + cell('c'))}${row(`${cell('d', ' table:number-columns-spanned="2"')}<table:covered-table-cell/>${cell('e')}`)}</table:table>`, columns).body;
  expect([...html.matchAll(/data-width="([\d.]+)\/([\d.]+)"/g)].map((m) => `${m[1]} of ${m[2]}`)).toEqual(['144 of 288', '72 of 288', '72 of 288', '216 of 288', '72 of 288']);
});
describe('structure', () => {
  test.each<[string, string, RegExp]>([
    ['a heading by its level', '<text:h text:outline-level="3">Cores</text:h>', /<h3[^>]*>Cores<\/h3>/], ['a heading deeper than six', '<text:h text:outline-level="9">Deep</text:h>', /<h6[^>]*>Deep<\/h6>/],
    ['a link to elsewhere', p('<text:a xlink:href="https://data.carrow.example/">there</text:a>'), /<a href="https:\/\/data\.carrow\.example\/">there<\/a>/],
    ['cells joined across and down', `<table:table><table:table-row><table:table-cell table:number-columns-spanned="2" table:number-rows-spanned="3">${p('a')}</table:table-cell></table:table-row></table:table>`, /<td colspan="2" rowspan="3">/],
    ['rows that are the head of their table', `<table:table><table:table-header-rows><table:table-row><table:table-cell>${p('Site')}</table:table-cell></table:table-row></table:table-header-rows><table:table-row><table:table-cell>${p('A')}</table:table-cell></table:table-row></table:table>`, /<td data-head="1"><p[^>]*>Site<\/p><\/td><\/tr><tr><td><p/],
  ])('%s', (_, text, expected) => { expect(map(text).body).toMatch(expected); });
  test.each(['#place', 'javascript:alert(1)', '../other.odt'])('a link to %s is only its words', (to) => { const html = map(p(`<text:a xlink:href="${to}">there</text:a>`)).body; expect([html.includes('<a '), words(html)]).toEqual([false, 'there']); });
  test('footnotes and endnotes are marked, counted and told apart', () => {
    const note = (kind: string, text: string): string => `<text:note text:note-class="${kind}"><text:note-citation>9</text:note-citation><text:note-body>${p(text)}</text:note-body></text:note>`, page = map(p(`a${note('footnote', 'below')} b${note('endnote', 'behind')}`));
    expect(page.counts.footnotes).toBe(2);
    expect(words(page.body.split('<hr/>')[0]!)).toBe('a1 b1');
    expect(page.body).toMatch(/<div class="note" data-note="1"><p><sup>1<\/sup> below<\/p><\/div><div class="note" data-note="2" data-end="1"><p><sup>1<\/sup> behind/);
  });
  test('notes are numbered as the document sets them, and have labels of their own', () => {
    const note = (kind: string, text: string, label = ''): string => `<text:note text:note-class="${kind}"><text:note-citation${label}>9</text:note-citation><text:note-body>${p(text)}</text:note-body></text:note>`, set = '<text:notes-configuration text:note-class="footnote" style:num-format="A" text:start-value="2"/><text:notes-configuration text:note-class="endnote" style:num-format="i" style:num-suffix=")"/>';
    const page = map(p(`a${note('footnote', 'x')}b${note('footnote', 'y', ' text:label="*"')}c${note('endnote', 'z')}d${note('footnote', 'w')}`), '', { 'styles.xml': `<office:document-styles xmlns:office="o" xmlns:text="t" xmlns:style="s"><office:styles>${set}</office:styles></office:document-styles>` });
    expect(page.body.replace(/<[^>]*>|\s/g, '')).toBe('aCb*ci)dDCx*yi)zDw');
    expect(page.generated).toEqual(['C', 'C', '*', '*', 'i)', 'i)', 'D', 'D']);
  });
  test('numbers and bullets of lists, level by level, and an item that goes on', () => {
    const level = (n: number, format: string): string => `<text:list-level-style-number text:level="${n}" style:num-format="${format}" style:num-suffix="."/>`, automatic = `<text:list-style style:name="L">${level(1, '1')}${level(2, 'a')}</text:list-style>`, item = (inner: string): string => `<text:list-item>${inner}</text:list-item>`;
    const html = map(`<text:list text:style-name="L">${item(p('one'))}${item(`${p('two')}<text:list>${item(p('inner'))}</text:list>${p('goes on')}`)}</text:list>`, automatic).body;
    expect([...html.matchAll(/<span class="label" data-level="(\d)">([^<&]*)/g)].map((m) => `${m[1]}:${m[2]}`)).toEqual(['0:1.', '0:2.', '1:a.']);
    expect(html).toMatch(/<p[^>]*>goes on/);
  });
  test('a picture with its size, never wider than the line; one that is missing is told', () => {
    const frame = (to: string, width: string): string => p(`<draw:frame svg:width="${width}" svg:height="2cm"><draw:image xlink:href="${to}"/></draw:frame>`);
    const page = map(frame('Pictures/a.png', '4cm'), '', { 'Pictures/a.png': png });
    expect([page.counts.images, /width:113\.39pt;height:56\.69pt/.test(page.body)]).toEqual([1, true]);
    const wide = /width:([\d.]+)pt/.exec(map(frame('Pictures/a.png', '90cm'), '', { 'Pictures/a.png': png }).body)!;
    expect(Number(wide[1])).toBeLessThanOrEqual(page.widthPt - page.marginsPt[1] - page.marginsPt[3] + 0.01);
    expect(map(frame('Pictures/none.png', '4cm'))).toMatchObject({ counts: { images: 0 }, losses: ['a picture is missing or of a kind that cannot be shown here'] });
  });
  test('a formula is readable and counted', () => {
    const page = map(p('<draw:frame><draw:object xlink:href="./Object 1"/></draw:frame>'), '', { 'Object 1/content.xml': '<math xmlns="http://www.w3.org/1998/Math/MathML"><mfrac><mi>a</mi><mi>b</mi></mfrac></math>' });
    expect([page.counts.equations, /<span class="math">[^<]*a[^<]*\/[^<]*b/.test(page.body)]).toEqual([1, true]);
  });
  test('page, margins, language, face and size of the document itself', () => {
    const styles = `<office:document-styles ${ns}><office:styles><style:style style:name="Standard" style:family="paragraph"><style:text-properties fo:font-size="11pt" style:font-name="Arial" fo:language="de" fo:country="CH"/></style:style></office:styles><office:automatic-styles><style:page-layout style:name="pm1"><style:page-layout-properties fo:page-width="8.5in" fo:page-height="11in" fo:margin-top="1in" fo:margin-right="0.5in" fo:margin-bottom="1in" fo:margin-left="2cm"/></style:page-layout></office:automatic-styles><office:master-styles><style:master-page style:name="Standard" style:page-layout-name="pm1"/></office:master-styles></office:document-styles>`;
    expect(map(p('a'), '', { 'styles.xml': styles })).toMatchObject({ widthPt: 612, heightPt: 792, marginsPt: [72, 36, 72, 56.69], language: 'de-CH', baseSizePt: 11, baseFont: 'sans-serif' });
  });
  test('the title is what the paragraph of that style says', () => {
    const styles = `<office:document-styles ${ns}><office:styles>${style('Title', 'paragraph', 'fo:text-align="center"')}</office:styles></office:document-styles>`;
    expect(map(`${p('Silt', 'Title')}${p('Text')}`, '', { 'styles.xml': styles }).title).toBe('Silt');
    expect(map(`${p('Silt')}${p('Text')}`, '', { 'styles.xml': styles }).title).toBe('');
  });
});
