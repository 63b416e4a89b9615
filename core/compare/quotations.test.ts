import { describe, expect, test } from '@jest/globals';
import { quotedStretches } from './quotations.ts';

/** Marks of many languages; the texts are made up. Quotation marks by language: Unicode CLDR “delimiters”, from memory; blocks: HTML 4.4.4 and 4.5.7, common practice in TeX and mail. */
const said = 'The lock keepers kept a ledger of every barge that passed', filler = 'Our sample was drawn from two archives in spring';
const isQuoted = (text: string): boolean => { const at = text.indexOf(said); return quotedStretches(text).some((s) => s.from <= at && at + said.length <= s.to); };

test.each(['“S.”', '"S."', '„S.“', '„S.”', '«S.»', '« S. »', '»S.«', '›S.‹', '‹S.›', '‘S.’', '‘The keepers’ rooms were shut, and S’ (F).', "'S.'", "'The keepers' rooms were shut, and S' (F).", "``S.''", "''S.''", '「S」', '『S』', '„S"', '"S“', '”S.”', '‟S.”', '＂S.＂', '&quot;S.&quot;', '*“S.”*', '_"S."_', '**"S."**', '“It is known: S”, she says', '“F. S.”', '“S. F.”', '“‘S’ was said.”', '“F.\n\n“S.”', '“F.\n\nS.”', '“F.\n\n“F.\n\n“S.”', '> S.', '> F.\n> S.', '<blockquote>S.</blockquote>', '<q>S</q>', '<blockquote>\n\nF.\n\nS.\n\n</blockquote>', '\\begin{quote}\nS.\n\\end{quote}'])('%s is quoted', (text) => {
  for (const whole of [text, `${filler}.\n\n${text}\n\n${filler}.`]) expect(isQuoted(whole.replaceAll('S', said).replaceAll('F', filler))).toBe(true);
});
describe('hard negatives', () => {
  test.each(['S.', '“F” S.', '‘F’ S.', '« F » S. « F »', '«F» S. «F»', '»F« S. »F«', '›F‹ S. ›F‹', '„F“ S. „F“', '”F” S. ”F”', '"F" S. "F"', "'F' S. 'F'", '&quot;F&quot; S. &quot;F&quot;', 'It is 5" wide. S. It is 6" high.', "The keepers' rooms. S. The owners' were not.", "In the '90s so. S. In the '80s not.", '‘F words’ and the keepers’ rooms, S. The owners’ were not.', '“F.\n\nF.\n\nS.', '“F”\n\nS.', 'She opened “a book.\n\nS. “F”', '- S.', '> F\n\nS.', '<q>F</q> S. <q>F</q>', '*S.*'])('%s is not', (text) => expect(isQuoted(text.replaceAll('S', said).replaceAll('F', filler))).toBe(false));
});
