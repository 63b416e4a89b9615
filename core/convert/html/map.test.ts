import { beforeAll, describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { plainPicture } from '../../testing/plant.ts';
import { mapHtmlSource } from './map.ts';

/** Elements by what they do. Source: HTML Living Standard, 4 (elements), 13.2 (parsing); the texts are made up. */
const body = (html: string): string => mapHtmlSource(html).body, words = (html: string): string => html.replace(/<br\/>/g, '|').replace(/<[^>]+>/g, '').replace(/&#8194;/g, ' ').replace(/&#160;/g, ' ');
let png: string;
beforeAll(async () => { png = `data:image/png;base64,${Buffer.from(await plainPicture('png')).toString('base64')}`; });

describe('text', () => {
  test.each<[string, string, string]>([
    ['white space is one space', '<p>a \n\t b</p>', 'a b'], ['entities are characters', '<p>caf&eacute; &amp; &lt;b&gt; &#8211; &nbsp;x</p>', 'café &amp; &lt;b&gt; – \u00a0x'],
    ['a line break', '<p>one<br>two</p>', 'one|two'], ['quoted words get their marks', '<p>a <q>b</q></p>', 'a “b”'],
    ['lines and spaces that count', '<pre>a  b\nc</pre>', 'a  b|c'], ['unknown elements give their text', '<p><x-note>a</x-note> <blink>b</blink></p>', 'a b'],
    ['text outside any paragraph', 'loose', 'loose'], ['a paragraph that is not ended', '<p>one<p>two', 'onetwo'],
    ['scripts, styles, forms and what is embedded give nothing', '<title>t</title><style>p{}</style><script>alert(1)</script><p>a<select><option>x</option></select><button>y</button><noscript>z</noscript></p>', 'a'],
    ['comments give nothing', '<p>a<!-- <p>b</p> --></p>', 'a'], ['descriptions and their terms', '<dl><dt>Silt</dt><dd>fine</dd></dl>', 'Siltfine'],
  ])('%s', (_, html, expected) => { expect(words(body(html))).toBe(expected); });
  test('two paragraphs are two', () => { expect(body('<p>one<p>two').match(/<p /g)).toHaveLength(2); });
});

describe('looks and structure', () => {
  test.each<[string, string, RegExp]>([
    ['bold, by any of its names', '<p><strong>a</strong> <b>b</b></p>', /<b>a<\/b> <b>b<\/b>/], ['italic', '<p><em>a</em> <cite>b</cite></p>', /<i>a<\/i> <i>b<\/i>/], ['raised and lowered', '<p>x<sup>2</sup> H<sub>2</sub>O</p>', /x<sup>2<\/sup> H<sub>2<\/sub>O/],
    ['struck through and put in', '<p><s>a</s><ins>b</ins></p>', /<s>a<\/s><u>b<\/u>/], ['code', '<p><code>a</code> b</p>', /<span style="font-family:monospace">a<\/span> b/],
    ['marks that overlap are closed in order', '<p><b>a<i>b</b>c</i>d</p>', /<b>a<i>b<\/i><\/b>.*c.*d/], ['a mark that goes on in the next paragraph', '<b><p>a</p><p>b</p></b>c', /<b>a<\/b><\/p>.*<b>b<\/b><\/p>/],
    ['headings', '<h1>A</h1><h4>B</h4>', /<h1[^>]*>A<\/h1><h4[^>]*>B<\/h4>/], ['centred by style, by attribute, by element', '<p style="text-align: center">a</p><p align="right">b</p><center>c</center>', /center;">a<.*right;">b<.*center;">c</],
    ['what an element says holds for those inside it, but not inside a table', '<div align="right" dir="rtl"><p>a</p><ul><li>b</ul><table><tr><td>c</td></tr></table><p dir="ltr" style="text-align:left">d</p></div><p>e</p>', /right;" dir="rtl">a<.*margin-right:18pt;[^>]*dir="rtl">.*b<.*<td><p style="" dir="rtl">c<.*left;">d<.*<p style="margin-bottom:8pt;">e</],
    ['looks that a style says', '<p>a <span style="font-weight:700;font-style:italic">b</span> <span style="vertical-align: super">c</span></p>', /a <b><i>b<\/i><\/b> <sup>c<\/sup>/], ['looks that a style sheet says', '<style>.h{font-weight:bold}.m{text-align:center}</style><p class="m">a <span class="h">b</span></p>', /text-align:center;">a <b>b<\/b>/],
    ['all of a page in a b that is not bold', '<b style="font-weight:normal"><p>a <b>b</b></p></b>', /<p [^>]*>a <b>b<\/b><\/p>/], ['a paragraph that is bold, and the next one', '<p style="font-weight:bold">a</p><p>b</p>', /<b>a<\/b><\/p><p [^>]*>b<\/p>/],
    ['paragraphs of an item: its mark stands before the first', '<ul><li><p>a</p><p>b</p></li><li></li></ul>', /<p [^>]*text-indent:-14pt;"><span class="label"[^>]*>•&#8194;<\/span>a<\/p><p style="margin-bottom:8pt;margin-left:18pt;">b<\/p><p [^>]*><span class="label"[^>]*>•&#8194;<\/span><\/p>/],
    ['an item that begins with a list keeps its own mark', '<ol><li><ol><li>a</li></ol></li></ol>', /data-level="0">1\.&#8194;<\/span><\/p>.*data-level="1">1\.&#8194;<\/span>a/], ['boxes', '<ul><li><input type="checkbox" checked> a</li><li><input type="checkbox"> b</li></ul>', /☑ +a.*☐ +b/],
    ['a quotation is indented', '<blockquote><p>a</p></blockquote><p>b</p>', /margin-left:28pt;">a<.*<p style="margin-bottom:8pt;">b/],
    ['a link', '<p><a href="https://x.example/?a=1&amp;b=2">a</a></p>', /<a href="https:\/\/x\.example\/\?a=1&amp;b=2">a<\/a>/],
    ['a table with joined cells and its head', '<table><tr><th colspan="2">a</th></tr><tr><td rowspan="2">b</td><td>c</td></tr></table>', /<td data-head="1" colspan="2">.*a.*<td rowspan="2">.*b/],
    ['an absurd span is bounded', '<table><tr><td colspan="99999">a</td></tr></table>', /colspan="100"/],
  ])('%s', (_, html, expected) => { expect(body(html)).toMatch(expected); });
  const labels = (html: string): string[] => [...body(html).matchAll(/data-level="(\d)">([^&]*)/g)].map((m) => `${m[1]}:${m[2]}`);
  test.each<[string, string, string[]]>([
    ['numbers and bullets, level by level', '<ol><li>a<ul><li>b</ul><li>c</ol>', ['0:1.', '1:•', '0:2.']], ['a start and a kind', '<ol start="3" type="a"><li>a<li>b</ol>', ['0:c.', '0:d.']], ['Roman numbers', '<ol type="I" start="4"><li>a</ol>', ['0:IV.']],
    ['a number of its own, from which the next count on', '<ol><li>a<li value="7">b<li>c</ol>', ['0:1.', '0:7.', '0:8.']], ['counting down', '<ol reversed><li>a<li>b<li>c</ol>', ['0:3.', '0:2.', '0:1.']], ['counting down from a number', '<ol reversed start="10"><li>a<li>b</ol>', ['0:10.', '0:9.']],
  ])('lists: %s', (_, html, expected) => { expect(labels(html)).toEqual(expected); });
  test('an equation is readable and counted', () => { const page = mapHtmlSource('<p>so <math><msup><mi>x</mi><mn>2</mn></msup></math> holds</p>'); expect([page.counts.equations, /so <span class="math">x[^<]*2[^<]*<\/span> holds/.test(page.body)]).toEqual([1, true]); });
  test('the language of the document', () => { expect([mapHtmlSource('<html lang="de"><p>a</p></html>').language, mapHtmlSource('<p>a</p>').language]).toEqual(['de', null]); });
});

describe('pictures, and what lies elsewhere', () => {
  test('a picture in the file comes along with its size and words', () => {
    const page = mapHtmlSource(`<p><img src="${png}" width="40" height="20" alt="A &lt;core&gt;"></p>`);
    expect([page.counts.images, /alt="A &lt;core&gt;" style="width:30pt;height:15pt"/.test(page.body)]).toEqual([1, true]);
    expect(mapHtmlSource(`<img src="${png}" width="4000" height="2000">`).body).toMatch(/width:451\.28pt;height:225\.64/);
  });
  test.each(['https://x.example/a.png', 'a.png', 'data:image/svg+xml;base64,PHN2Zy8+', 'data:image/png;base64,AAAA', 'data:image/png;base64,A', ''])('a picture from %j is told', (src) => { expect(mapHtmlSource(`<p>a<img src="${src}"></p>`)).toMatchObject({ counts: { images: 0 }, losses: ['a picture lies outside the file and does not come along'] }); });
  test('what is embedded from elsewhere is told', () => { expect(mapHtmlSource('<p>a</p><iframe src="https://x.example/"></iframe>').losses).toEqual(['what is embedded from elsewhere is left out']); });
});

/** Only known elements with values made here come out, whatever goes in. */
const known = /^(?:<(?:p|h[1-6]|td) (?:style="[a-z0-9:;.\- ]*"|data-head="1"|colspan="\d+"|rowspan="\d+"| )+>|<(?:td|table|tr|b|i|u|s|sup|sub|span)>|<span class="(?:label" data-level="\d+|math)">|<span style="font-family:monospace">|<a href="(?:https?|mailto):[^"<>]*">|<\/(?:p|h[1-6]|td|table|tr|b|i|u|s|sup|sub|span|a)>|<br\/>|<hr\/>|<img src="data:image\/[a-z]+;base64,[^"<>]*"[^<>]*\/>|[^<>]+)*$/;
test.each(['<p onclick="x()">a</p>', '<a href="javascript:alert(1)">a</a>', '<a href=" https://x.example&quot; onclick=&quot;y">a</a>', '<img src=x onerror=alert(1)>', '<svg onload=alert(1)><p>a</p></svg>', '<p style="background:url(javascript:1)">a</p>', '<scr<script>ipt>alert(1)</script>', '<math><script>alert(1)</script></math>', '<td colspan="1&quot; onclick=&quot;x">a</td>', '<h1 style="text-align:center;x:expression(1)">a</h1>'])('nothing that acts comes through: %s', (html) => {
  const out = body(html);
  expect(out).toMatch(known);
  expect(out).not.toMatch(/<[^>]*(?:onclick|onerror|onload|javascript:|expression|script)/i);
});
test('whatever comes in, what comes out is the dialect', () => {
  const piece = fc.oneof(fc.constantFrom(...['p', 'b', 'i', 'a href="https://x.example"', 'a href="javascript:1"', 'ul', 'ol reversed', 'li value=3', 'table', 'tr', 'td colspan=2', 'th', 'pre', 'blockquote', 'math', 'mi', 'code', 'br', 'hr', 'svg', 'script', 'q', 'h2', 'sup'].flatMap((t) => [`<${t}>`, `</${t.split(' ')[0]}>`])), fc.string({ maxLength: 8 }));
  fc.assert(fc.property(fc.array(piece, { maxLength: 25 }), (pieces) => { expect(body(pieces.join(''))).toMatch(known); }), { numRuns: 500 });
});
