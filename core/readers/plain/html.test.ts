import { expect, test } from '@jest/globals';
import { convertFiles } from '../../verbs/convert.ts';
import { readDocument } from '../index.ts';
import type { DocumentFacts } from '../../model/facts.ts';

const bytes = (text: string): Uint8Array => new TextEncoder().encode(text);
const page = (body: string): string => `<!DOCTYPE html><html><head><title>Paper</title></head><body>${body}</body></html>`;
const readPage = (body: string, name = 'a.html'): Promise<DocumentFacts> => readDocument(bytes(name.endsWith('.md') ? body : page(body)), name);
const told = (facts: DocumentFacts, place: string): string[] => (facts.passages.ok ? facts.passages.value.filter((p) => p.place === place).map((p) => p.text.trim()) : []);
const left = ({ remains }: DocumentFacts): number[] => (remains.ok ? [remains.value.comments, remains.value.trackedChanges, remains.value.highlights] : []);

// Source: HTML Living Standard, 4.7 (ins, del), 6.1 (hidden); CSS 2.2, 9.2.4 and 11.2.
test.each([
  ['a comment', '<p>Silt.</p><!-- see Ann about this -->', 'comment', ['see Ann about this'], [1, 0, 0]],
  ['what was put in, by whom', '<p>The <ins title="Ann Carrow" datetime="2027-01-02">salt</ins> marsh</p>', 'trackedChange', ['Ann Carrow', '2027-01-02'], [0, 1, 0]],
  ['what was taken out, with marks in it', '<p>The <del>salt <b>and</b> reed</del> marsh</p>', 'deletedText', ['salt and reed'], [0, 1, 0]],
  ['marked words', '<p>The <mark>salt</mark> marsh <span style="background-color:#ff0">grows</span></p>', 'comment', [], [0, 0, 2]],
  ['words out of sight', '<p>The marsh</p><div style="display: none"><p>Written by Ann</p></div><p hidden>twice</p>', 'hidden', ['Written by Ann', 'twice'], [0, 0, 0]],
  ['words out of sight by a style sheet', '<style>.h{display:none}</style><p>The marsh</p><div class="h"><p>Written by Ann</p></div><p hidden>twice</p><p class="h" style="display:block"></p>', 'hidden', ['Written by Ann', 'twice'], [0, 0, 0]],
  ['hard negative: rules for one program, struck and white grounds', '<!--[if gte mso 9]><xml/><![endif]--><!--StartFragment--><p style="background:white">The <s>salt</s> marsh</p><table><tr><td style="background:#eee">9</td></tr></table>', 'comment', [], [0, 0, 0]],
] as const)('%s', async (_, body, place, texts, counts) => {
  const facts = await readPage(body);
  expect([place === 'hidden' ? told(facts, place).filter((t) => /Ann|twice/.test(t)) : told(facts, place), left(facts)]).toEqual([[...texts], [...counts]]);
});
test('what is taken out or hidden is no text of the paper, and counts as no words', async () => {
  const facts = await readPage('<p>The <ins>salt</ins> <del>old</del> marsh<span style="visibility:hidden"> by Ann</span></p>');
  expect([told(facts, 'text'), facts.words.ok && facts.words.value, facts.integrity.map((i) => [i.code, i.quote])]).toEqual([['The salt  marsh'], 3, [['vanish', 'by Ann']]]);
});
test('hard negative: Markdown strikes words out to be seen, and a page that shows itself late is no hidden one', async () => {
  const facts = await readPage('# Marsh\n\nThe ~~salt~~ marsh', 'a.md');
  expect([left(facts), told(facts, 'text').join(' ')]).toEqual([[0, 0, 0], 'Marsh The salt marsh']);
  const late = await readDocument(bytes('<html><body style="visibility:hidden"><p>The marsh</p></body></html>'), 'a.html');
  expect([told(late, 'text'), late.integrity]).toEqual([['The marsh'], []]);
});
test('converting leaves the same out, and says so', async () => {
  const source = bytes(page('<p>The <del>old <i>salt</i></del> marsh <ins>grows</ins>.</p><div hidden><p>Written by Ann</p><table><tr><td>x</td></tr></table></div><p>End.</p>'));
  const { proof, losses } = await convertFiles([{ name: 'a.html', path: 'a.html', bytes: source }]);
  expect([proof.wordsBefore, proof.missing, proof.added, losses.slice(0, 2)]).toEqual([4, [], [], ['tracked deletions are left out', 'hidden text is left out']]);
  const kept = await convertFiles([{ name: 'a.md', path: 'a.md', bytes: bytes('The ~~salt~~ marsh') }]);
  expect([kept.proof.wordsAfter, kept.losses]).toEqual([3, []]);
});
