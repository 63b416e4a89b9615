import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { readXml } from '../../engines/xml.ts';
import { splitWords } from '../../text/words.ts';
import { emptyPage } from '../page-description.ts';
import { layOut } from '../layout.ts';
import { mapHtmlSource } from '../html/map.ts';
import { inParagraph, plantedDocx, plantedPdf, wordPart, wordRun } from '../../testing/plant.ts';
import { mapDocx } from '../docx/map.ts';
import { mapPdf } from './map.ts';

const toPdf = (html: string): Promise<Uint8Array> => layOut(mapHtmlSource(html), {}), back = async (html: string): Promise<string> => (await mapPdf(await toPdf(html))).body;
/** Elements of a body with the words inside them, in order. */
function partsOf(body: string): { name: string; text: string }[] {
  const parts: { name: string; text: string }[] = [], open: { name: string; text: string }[] = [];
  readXml(`<x>${body.replace(/&#(\d+);/g, (_, n: string) => String.fromCharCode(Number(n)))}</x>`, {
    open: (name) => { const part = { name, text: '' }; open.push(part); parts.push(part); },
    text: (text) => { for (const p of open) p.text += text; },
    close: () => { open.pop(); },
  });
  return parts.map((p) => ({ ...p, text: p.text.replace(/\s+/g, ' ').trim() }));
}
const named = (body: string, name: string): string[] => partsOf(body).filter((p) => p.name === name).map((p) => p.text);
const prose = 'The flood tide carries silt and clay over the marsh, and what settles among the stems is held by roots.';

describe('what a PDF shows comes back', () => {
  test('headings by their size, paragraphs whole, in order', async () => {
    const body = await back(`<h1>Sediment budgets</h1><p>${prose} ${prose} ${prose}</p><h2>Methods</h2><p>${prose}</p><p>Another begins here. ${prose}</p>`);
    expect(named(body, 'h1')).toEqual(['Sediment budgets']);
    expect(named(body, 'h2')).toEqual(['Methods']);
    expect(named(body, 'p')).toEqual([`${prose} ${prose} ${prose}`, prose, `Another begins here. ${prose}`]);
  });
  test('bold, italic and raised stretches, and links of a few words', async () => {
    const body = await back(`<p>Silt is <b>very fine</b> and <i>often wet</i>, as x<sup>2</sup> says; see <a href="https://data.carrow.example/">the data</a> below. ${prose}</p>`);
    expect([named(body, 'b'), named(body, 'i'), named(body, 'sup'), named(body, 'a')]).toEqual([['very fine'], ['often wet'], ['2'], ['the data']]);
    expect(body).toContain('href="https://data.carrow.example/"');
  });
  test('lists with their labels', async () => {
    const labels = (body: string): string[] => partsOf(body).filter((p) => p.name === 'span' && /^(?:\d+\.|•)$/.test(p.text)).map((p) => p.text);
    expect(labels(await back(`<p>${prose}</p><ol><li>First of all</li><li>Second of all</li></ol><ul><li>Without a number</li></ul>`))).toEqual(['1.', '2.', '•']);
  });
  test('lines far apart are one paragraph where all lines of the text are', async () => {
    const rows = ['The tide carries silt over the marsh, and as it was seen by Mrs', 'Orme in the north it leaves it among the stems that the plants of the', 'Carrow estuary hold up in winter.'], bytes = await plantedPdf((pdf) => { pdf.findPage(0).put('Contents', pdf.addStream(`BT /F 12 Tf 72 700 Td 29 TL ${rows.map((r) => `(${r}) Tj T*`).join(' ')} ET`, {})); });
    expect(named((await mapPdf(bytes)).body, 'p')).toEqual([rows.join(' ')]);
  });
  test('a title in the middle and a heading at the left are two, in the same letters', async () => {
    const bytes = await plantedPdf((pdf) => { pdf.findPage(0).put('Contents', pdf.addStream(`BT /F 18 Tf 230 760 Td (Silt and clay) Tj -158 -28 Td (Where it settles) Tj ET BT /F 11 Tf 72 700 Td 14 TL ${Array.from({ length: 6 }, () => '(The tide carries silt over the marsh and leaves it there among the stems) Tj T*').join(' ')} ET`, {})); });
    expect(named((await mapPdf(bytes)).body, 'h1')).toEqual(['Silt and clay', 'Where it settles']);
  });
  test('tables cell by cell; two lines of prose are none', async () => {
    const rows = [['Site', 'Gain', 'Loss'], ['North', '4.2', '0.3'], ['South', '5.1', '0.4'], ['West', '6.0', '0.2']], body = await back(`<p>${prose}</p><table>${rows.map((r) => `<tr>${r.map((c) => `<td>${c}</td>`).join('')}</tr>`).join('')}</table><p>${prose}</p>`);
    expect([named(body, 'table').length, named(body, 'td')]).toEqual([1, rows.flat()]);
    expect(named(await back(`<p>${prose}</p><p>${prose}</p>`), 'table')).toEqual([]);
  });
  test('a paragraph that goes on over the page’s end is one; running lines and page numbers are not text', async () => {
    const paragraphs = Array.from({ length: 14 }, (_, i) => `Paragraph ${i} begins. ${prose} ${prose} ${prose} ${prose}`), page = { ...emptyPage(), body: paragraphs.map((p) => `<p style="margin:0 0 8pt 0">${p}</p>`).join(''), head: 'Silt and clay', foot: 'Page \u0001 of \u0002' };
    const { body } = await mapPdf(await layOut(page, {}));
    expect(named(body, 'p')).toEqual(paragraphs);
  });
  test('a word broken at a line’s end is whole again; one whose own hyphen stands there keeps it', async () => {
    const lines = (rows: string[]): Promise<Uint8Array> => plantedPdf((pdf) => { pdf.findPage(0).put('Contents', pdf.addStream(`BT /F 12 Tf 72 600 Td 14 TL ${rows.map((r) => `(${r}) Tj T*`).join(' ')} ET`, {})); }), words = async (rows: string[]): Promise<string> => named((await mapPdf(await lines(rows))).body, 'p').join(' ');
    expect(await words(['The gain is measured by sedi-', 'ment traps, and the sediment is dried.'])).toContain('by sediment traps');
    expect(await words(['A well-known figure, and no less well-', 'known a place for it in the north.'])).toContain('no less well-known a place');
    // Where nothing tells, a line is taken to have broken the word.
    expect(await words(['The creeks are fed from the land-', 'ward side, and drained by the sea.'])).toContain('the landward side');
    // Seen both ways, it is broken: the plain form is the commoner one.
    expect(await words(['A re-entry and a reentry are one, as re-', 'entry is, whatever it is written like.'])).toContain('as reentry is');
  });
  test('notes at the foot of pages stay apart from the text they stand under', async () => {
    const docx = plantedDocx(`${inParagraph(`${wordRun('Marked here')}<w:r><w:footnoteReference w:id="2"/></w:r>${wordRun(' and on.')}`)}`, { 'word/footnotes.xml': wordPart('footnotes', `<w:footnote w:id="2">${inParagraph(wordRun('From the tide tables.'))}</w:footnote>`) });
    const { body } = await mapPdf(await layOut(mapDocx(docx), {}));
    expect(named(body, 'p').some((t) => /Marked here ?1? and on\.$/.test(t))).toBe(true);
    expect(named(body, 'p').some((t) => /From the tide tables\.$/.test(t) && !t.includes('Marked'))).toBe(true);
  });
  test('letters of all the scripts that the fonts have, and signs of arithmetic', async () => {
    const text = 'Žluťoučký kůň — Ελληνικά, кириллица, “quoted” ½ √2 ≤ 3 and the rest';
    expect(named(await back(`<p>${text}</p>`), 'p')).toEqual([text]);
  });
  test('a page turned on its side still reads; a page without text gives none', async () => {
    const turned = await mapPdf(await plantedPdf((pdf) => { pdf.findPage(0).put('Rotate', 90); }));
    expect(named(turned.body, 'p').join(' ')).toContain('Sediment budgets of a realigned saltmarsh');
    expect((await mapPdf(await plantedPdf((pdf) => { pdf.findPage(0).put('Contents', pdf.addStream('', {})); }))).body).toBe('');
  });
});

test('whatever the document: every word comes back as often as it stood there, headings stay headings', async () => {
  const word = fc.constantFrom('silt', 'clay', 'marsh', 'tide', 'Carrow', 'ebb', 'flood', 'core', '1936', '4.2', 'naïve', 'root’s', 'm²'), sentence = fc.array(word, { minLength: 4, maxLength: 18 }).map((w) => `${w.join(' ').replace(/^./, (c) => c.toUpperCase())}.`);
  const block = fc.oneof(fc.record({ kind: fc.constant('p' as const), text: fc.array(sentence, { minLength: 1, maxLength: 6 }).map((s) => s.join(' ')) }), fc.record({ kind: fc.constantFrom('h1' as const, 'h2' as const), text: fc.array(fc.constantFrom('Silt', 'Clay', 'Methods', 'Results'), { minLength: 1, maxLength: 3 }).map((w) => w.join(' ')) }), fc.record({ kind: fc.constant('li' as const), text: sentence }));
  await fc.assert(fc.asyncProperty(fc.array(block, { minLength: 2, maxLength: 14 }), async (blocks) => {
    const html = blocks.map((b) => (b.kind === 'li' ? `<ul><li>${b.text}</li></ul>` : `<${b.kind}>${b.text}</${b.kind}>`)).join(''), body = await back(html);
    const bag = (text: string): string[] => splitWords(text.replace(/<[^>]+>/g, ' ').replace(/&#\d+;/g, ' ')).sort();
    expect(bag(body)).toEqual(bag(html));
    const prosePages = blocks.filter((b) => b.kind === 'p').reduce((n, b) => n + b.text.length, 0) > blocks.filter((b) => b.kind !== 'p').reduce((n, b) => n + b.text.length, 0);
    // What is larger than the text is a heading; where there is less text than headings, nobody can tell which is which.
    if (prosePages) expect(partsOf(body).filter((p) => /^h\d$/.test(p.name)).map((p) => p.text).join(' ')).toBe(blocks.filter((b) => /^h\d$/.test(b.kind)).map((b) => b.text).join(' '));
  }), { numRuns: 25 });
}, 60_000);
