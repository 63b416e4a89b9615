import { describe, expect, test } from '@jest/globals';
import { convertFiles } from '../../verbs/convert.ts';
import { mapHtmlSource } from '../../convert/html/map.ts';
import { markdownToHtml } from './markdown.ts';
import { takeNotes } from './html-notes.ts';

const reference = '<note-ref data-note="n1"></note-ref>';
describe('notes are taken out of a page', () => {
  test.each<[string, string, string, string | null]>([
    ['by role (DPUB-ARIA 1.0)', '<p>a<a href="#n1" role="doc-noteref">1</a>.</p><section role="doc-endnotes"><h2>Notes</h2><ol><li id="n1"><p>B <a role="doc-backlink" href="#r1">back</a></p></li></ol></section>', `<p>a${reference}.</p>`, '<p>B </p>'],
    ['a single one by role', '<p>a<a href="#n1">1</a></p><aside id="n1" role="doc-footnote">B</aside>', `<p>a${reference}</p>`, 'B'],
    ['by class, the number raised', '<p>a<sup><a href="#n1">1</a></sup> b</p><div class="footnotes"><ol><li id="n1">B</li></ol></div>', `<p>a${reference} b</p>`, 'B'],
    ['by links that lead to each other', '<p>a<a href="#n1" name="r1"><sup>1</sup></a></p><div id="ftn1"><p><a href="#r1" name="n1">1</a> B <b>c</b></p></div>', `<p>a${reference}</p>`, '<p> B <b>c</b></p>'],
    ['hard negative: a list of contents leads to headings that lead back', '<p><a href="#h1" id="t1">One</a></p><h2><a href="#t1" id="h1">One</a></h2><p class="note">x</p>', '<p><a href="#h1" id="t1">One</a></p><h2><a href="#t1" id="h1">One</a></h2><p class="note">x</p>', null],
    ['hard negative: a link back that does not begin its block', '<p>note<a href="#b" id="a">1</a></p><p>See <a href="#a" id="b">above</a>.</p>', '<p>note<a href="#b" id="a">1</a></p><p>See <a href="#a" id="b">above</a>.</p>', null],
    ['hard negative: a list of notes that nothing refers to', '<p>a</p><section class="footnotes"><ol><li id="n1">B</li></ol></section>', '<p>a</p><section class="footnotes"><ol><li id="n1">B</li></ol></section>', null],
    ['hard negative: no notes at all', '<p>a <a href="#n1">b</a></p>', '<p>a <a href="#n1">b</a></p>', null],
  ])('%s', (_, html, rest, note) => { const taken = takeNotes(html); expect([taken.source, taken.notes.get('n1') ?? null]).toEqual([rest, note]); });
  test('damaged markup ends', () => expect(takeNotes('<section class="footnotes"><ol><li id="n1"><p>b<a href="#n1">'.repeat(50)).notes.size).toBe(0));
});
describe('Markdown', () => {
  const source = 'A claim.[^1] Two.[^long] Again.[^1]\n\n[^1]: Brandsma, *Slow*.\n[^long]: First.\n\n    Second paragraph.\n';
  test('notes in the order of their first references; a second reference repeats the number', () => {
    const page = mapHtmlSource(markdownToHtml(source));
    expect(page.counts.footnotes).toBe(2);
    expect(page.body.match(/<sup data-note="\d">\d<\/sup>|<sup>\d<\/sup>/g)).toEqual(['<sup data-note="1">1</sup>', '<sup data-note="2">2</sup>', '<sup>1</sup>', '<sup>1</sup>', '<sup>2</sup>']);
    expect(page.body).toMatch(/<div class="note" data-note="1"><p><sup>1<\/sup> Brandsma, <i>Slow<\/i>\./);
    expect(page.body).not.toMatch(/↩|Footnotes/);
  });
  test('they come into PDF and DOCX, and nothing is missing', async () => {
    for (const to of ['pdf', 'docx'] as const) {
      const made = await convertFiles([{ name: 'a.md', path: 'a.md', bytes: new TextEncoder().encode(source) }], {}, undefined, to);
      expect(made.proof).toMatchObject({ missing: [], added: [], footnotes: { before: 2, after: 2 } });
    }
  });
});
