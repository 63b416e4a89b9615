import { describe, expect, test } from '@jest/globals';
import { compareFiles } from '../../verbs/compare.ts';

/** However a source names itself, and however it is cited: the right author is one, another one is none. The texts are made up. */
const file = (name: string, words: string) => ({ name, path: name, bytes: new TextEncoder().encode(words) });
const said = 'The vestry books of the drowned parishes go on counting the poor for eleven years after the last of the sea walls had been given up to the water', going = `${said[0]!.toLowerCase()}${said.slice(1)}`;
const filler = 'Our own material was gathered in two summers from three record offices. Nothing in it was copied by machine, and every figure was read twice by another pair of eyes.';
const T = 'Silt and sorrow: estuary parishes after the floods';
/** Its file name and what stands before its text. */
const heads: Record<string, [string, string]> = {
  plain: ['s1.txt', `${T}\nWilhelmina Thornbury\n2009`],
  apa: ['s1.txt', `Thornbury, W. (2009). ${T}. Coastal History Review, 12(2), 33–58.`],
  chicago: ['s1.txt', `Wilhelmina Thornbury, Silt and Sorrow: Estuary Parishes after the Floods (Reach: Mole Press, 2009), 41.`],
  fields: ['s1.txt', `Author: Wilhelmina Thornbury\nTitle: ${T}\nYear: 2009`],
  journal: ['s1.txt', `COASTAL HISTORY REVIEW 12 (2009) 33–58\n\nSILT AND SORROW: ESTUARY PARISHES AFTER THE FLOODS\n\nWILHELMINA THORNBURY\nUniversity of Carrow`],
  md: ['s1.md', `# ${T}\n\n*Wilhelmina Thornbury, 2009*`],
  html: ['s1.html', `<html><head><title>${T}</title><meta name="author" content="Wilhelmina Thornbury"><meta name="date" content="2009-05-12"></head><body><h1>${T}</h1>`],
  filename: ['Thornbury 2009.txt', ``],
  filename2: ['thornbury_2009_silt-and-sorrow.txt', ``],
  dates: ['s1.txt', `${T}\n\nWilhelmina Thornbury*\n\nReceived 3 March 2008; accepted 4 January 2009; published 12 May 2009\n*Department of History, University of Carrow`],
  two: ['s1.txt', `${T}\nWilhelmina Thornbury and Odile Farrant\nCoastal History Review 12 (2009)`],
  twoApa: ['s1.txt', `Thornbury, W., & Farrant, O. (2009). ${T}. Coastal History Review, 12(2), 33–58.`],
  by: ['s1.txt', `${T}\nBy Wilhelmina Thornbury | Published 12 May 2009`],
  bib: ['s1.txt', `@article{thornbury2009,\n  author = {Thornbury, Wilhelmina},\n  title = {${T}},\n  year = {2009}\n}`],
  caps: ['s1.txt', `Wilhelmina THORNBURY\n\n${T}\n\n2009`],
  copyright: ['s1.txt', `${T}\n\n© 2009 W. Thornbury. All rights reserved.`],
  initials: ['s1.txt', `${T}\nW. A. Thornbury, 2009`],
  noyear: ['s1.txt', `${T}\nWilhelmina Thornbury`],
  titleOnly: ['s1.txt', T],
};
const apaList = `\n\nReferences\n\nAbel, C. (2001). A title of things. Press.\n\nThornbury, W. (2009). ${T}. Coastal History Review, 12(2), 33–58.\n\nZorn, K. (2009). Roads of clay. Reach: Mole Press.`;
const mla = `\n\nWorks Cited\n\nAbel, Cora. A Title of Things. Press, 2001.\n\nThornbury, Wilhelmina. “Silt and Sorrow: Estuary Parishes after the Floods.” Coastal History Review, vol. 12, no. 2, 2009, pp. 33–58.\n\nZorn, Karla. Roads of Clay. Mole Press, 2009.`;
const num = `\n\nReferences\n\n1. Abel C. A title of things. Press; 2001.\n2. Thornbury W. ${T}. Coast Hist Rev. 2009;12(2):33–58.\n3. Zorn K. Roads of clay. Reach: Mole Press; 2009.`;
const ieee = `\n\nReferences\n\n[1] C. Abel, A Title of Things. Press, 2001.\n[2] W. Thornbury, “${T},” Coastal Hist. Rev., vol. 12, no. 2, pp. 33–58, 2009.\n[3] K. Zorn, Roads of Clay. Mole Press, 2009.`;
/** How a passage is cited: of the right author, of another, and the reference list of the paper. */
const cited: [right: string, wrong: string, list: string][] = [
  ['S (Thornbury, 2009).', 'S (Zorn, 2009).', apaList], ['S (Thornbury, 2009, p. 41).', 'S (Zorn, 2009, p. 41).', apaList], ['“S” (Thornbury 2009: 41).', '“S” (Zorn 2009: 41).', apaList], ['S (see Abel, 2001; Thornbury, 2009).', 'S (see Abel, 2001; Zorn, 2009).', apaList],
  ['Thornbury (2009) argues that G.', 'Zorn (2009) argues that G.', apaList], ['According to Thornbury (2009), G.', 'According to Zorn (2009), G.', apaList], ['As Thornbury (2009, p. 41) puts it, “G”.', 'As Zorn (2009, p. 41) puts it, “G”.', apaList], ['In her study of the parishes, Thornbury (2009) found that G.', 'In her study of the roads, Zorn (2009) found that G.', apaList],
  ['Thornbury’s (2009) work shows that G.', 'Zorn’s (2009) work shows that G.', apaList], ['S, as Thornbury (2009) has shown.', 'S, as Zorn (2009) has shown.', apaList], ['S. This is the argument of Thornbury (2009).', 'S. This is the argument of Zorn (2009).', apaList],
  ['S (Thornbury 41).', 'S (Zorn 41).', mla], ['Thornbury notes that “G” (41).', 'Zorn notes that “G” (41).', mla], ['As Wilhelmina Thornbury has it, “G” (41).', 'As Karla Zorn has it, “G” (41).', mla], ['S (Thornbury, “Silt and Sorrow” 41).', 'S (Zorn, Roads 41).', mla], ['S (“Silt and Sorrow” 41).', 'S (Roads of Clay 41).', mla],
  ['S [2].', 'S [3].', ieee], ['S [2, p. 41].', 'S [3, p. 41].', ieee], ['S [1], [2].', 'S [1], [3].', ieee], ['S.²', 'S.³', num], ['S (2).', 'S (3).', num], ['Thornbury [2] argues that G.', 'Zorn [3] argues that G.', ieee], ['S [1–2].', 'S [1], [3].', ieee], ['In [2] it is shown that G.', 'In [3] it is shown that G.', ieee], ['As [2] shows, G.', 'As [3] shows, G.', ieee],
  ['S.¹ F\n\n¹ Wilhelmina Thornbury, Silt and Sorrow (Reach: Mole Press, 2009), 41.', 'S.¹ F\n\n¹ Karla Zorn, Roads of Clay (Reach: Mole Press, 2009), 41.', ''], ['S.[1] F\n\n[1] W. Thornbury, ‘Silt and sorrow’ (2009) 12 Coastal History Review 33, 41.', 'S.[1] F\n\n[1] K. Zorn, ‘Roads of clay’ (2009) 12 Coastal History Review 33, 41.', ''], ['S.[^1] F\n\n[^1]: Thornbury, Silt and Sorrow, 41.', 'S.[^1] F\n\n[^1]: Zorn, Roads of Clay, 41.', ''],
  ['As Thornbury (2009) writes:\n\n> S\n\nF', 'As Zorn (2009) writes:\n\n> S\n\nF', apaList], ['Thornbury (2009) has looked at the vestries. She shows that G.', 'Zorn (2009) has looked at the vestries. She shows that G.', apaList], ['S (Thornbury, 2009)', 'S (Zorn, 2009)', apaList],
  ['It has been argued by Thornbury (2009) that G.', 'It has been argued by Zorn (2009) that G.', apaList], ['Recent work (Thornbury, 2009) holds that G.', 'Recent work (Zorn, 2009) holds that G.', apaList], ['For Thornbury, G (2009, p. 41).', 'For Zorn, G (2009, p. 41).', apaList],
];

/** In a sentence, with an alphabetical list. */
const sentences = [
  'Thornbury’s study of 2009 holds that G.', 'A book by Thornbury from 2009 holds that G.', '“S” – thus Thornbury in 2009.',
  'S (Thornbury 2009, cited in Abel 2001).', 'S (Thornbury 2009, as cited in Abel 2001, p. 4).', 'Thornbury and colleagues (2009) hold that G.', 'Wilhelmina Thornbury’s “Silt and Sorrow” (2009) argues that G.',
  'The historian Wilhelmina Thornbury (2009: 41) writes that G.', 'Thornbury, writing in 2009, holds that G.', 'In a 2009 article, Thornbury says that G.', 'Thornbury, in her article on estuary parishes, argues that G (41).',
  'S (Thornbury 2009; emphasis added).', 'S (Thornbury, 2009, p. 41, emphasis in original).', 'S (Thornbury [2009] 2012: 41).', 'S (Thornbury, 2009/2012).', 'S (Thornbury, W., 2009).', 'S (W. Thornbury 2009).',
  'S (Thornbury,2009).', 'S (Thornbury 2009,p.41).', 'S (thornbury 2009).', 'S [Thornbury, 2009].', 'S {Thornbury, 2009}.', 'S /Thornbury 2009/.', '“S” – Thornbury (2009).', '“S” — Thornbury, 2009, p. 41.',
  'S; see Thornbury (2009).', 'S (for this point see Thornbury, 2009).', 'S (Thornbury, 2009; see also Zorn, 2011).', 'As has been pointed out (Thornbury, 2009, p. 41), G.',
  '“S,” writes Thornbury (2009, p. 41), and nobody has said otherwise.', '“S” was Thornbury’s (2009) conclusion.', 'That G was shown by Thornbury (2009).', 'The claim that G is due to Thornbury (2009).', 'Thornbury (2009): “S”.',
  'Thornbury (2009, p. 41): S.', 'Following Thornbury (2009), we say that G.', 'Drawing on Thornbury (2009), I note that G.', 'S. (Thornbury, 2009)', 'S.(Thornbury 2009)', 'S. [Thornbury 2009]', '“S.” (Thornbury, 2009)',
  '“S” (Thornbury, 2009, para. 4).', '“S” (Thornbury, 2009, ch. 2).', '“S” (Thornbury, 2009, fig. 3).', '“S” (Thornbury 2009, pp. 41–42).', '“S” (Thornbury, 2009 p41).', '“S” (Thornbury 2009 at 41).',
  'S, a view that Thornbury (2009) holds as well.', 'Thornbury’s research shows that G (2009).', 'Thornbury (2009) calculates that G.', 'Thornbury (2009) – whose archive was the largest – thinks that G.',
  'What Thornbury (2009) found was that G.', 'It was Thornbury (2009) who first noted that G.', 'One answer is given by Thornbury (2009, p. 41): “S”.', 'On this point, see Thornbury (2009): S.',
  'S (Thornbury, personal communication, 4 May 2009).', 'S (see the work of Thornbury, 2009).', 'S (based on Thornbury, 2009).', 'S (adapted from Thornbury, 2009).', 'S (Source: Thornbury, 2009).',
  'Thornbury reports in her 2009 paper that G.', 'Thornbury’s 2009 paper reports that G.', '(Thornbury, 2009) S.', 'Thornbury, 2009, argues that G.', 'Thornbury 2009 argues that G.', 'Thornbury-2009 argues that G.',
  'As per Thornbury (2009), G.', 'Per Thornbury (2009), G.', 'To quote Thornbury (2009), “G”.', 'In Thornbury’s words, “G” (2009, p. 41).', 'Thornbury once wrote: “S”.', 'To Thornbury (2009), G.',
  'Thornbury’s answer is that G (2009, p. 41).', 'Thornbury (2009) concludes her essay with these words: “S”.', 'Both Abel (2001) and Thornbury (2009) say that G.', 'Abel (2001) and, later, Thornbury (2009) say that G.',
  'Thornbury (2009) agrees: “S”.', 'Thornbury (2009) goes further. “S,” she writes.', 'Thornbury (2009) is the exception. In her view, G.', 'Consider Thornbury (2009). G, she says.',
];
const another = (form: string): string => form.replace('Zorn, 2011', 'Abel, 2001').replace('Wilhelmina Thornbury', 'Karla Zorn').replace('W. Thornbury', 'K. Zorn').replace('Thornbury, W.', 'Zorn, K.').replaceAll('Thornbury', 'Zorn').replaceAll('thornbury', 'zorn').replace('Silt and Sorrow', 'Roads of Clay').replace('estuary parishes', 'roads');

const written = (form: string): string => form.replace(/\bF\b/, filler).replace(/(?<![\w.])S(?![\w])/, said).replace(/(?<!\w)G(?!\w)/, going);
const sourceOf = (head: string): ReturnType<typeof file> => { const [name, first] = heads[head]!; return file(name, name.endsWith('html') ? `${first}<p>${said}. It was the last time that anybody counted.</p></body></html>` : `${first}\n\n${said}. It was the last time that anybody counted.`); };
const isCited = async (head: string, form: string, list: string): Promise<boolean | undefined> => (await compareFiles(file('paper.txt', `An essay\n\n${filler}\n\n${written(form)} ${filler}${list}`), [sourceOf(head)])).passages.find((p) => !p.references)?.cited;
const through = async (names: string[], form: string, list: string): Promise<(string | boolean | undefined)[][]> => { const out = []; for (const n of names) out.push([n, await isCited(n, form, list)]); return out; };

describe('by every source', () => {
  const all = Object.keys(heads);
  test.each(cited)('%s', async (right, wrong, list) => {
    expect(await through(all, right, list)).toEqual(all.map((n) => [n, true]));
    expect(await through(all, wrong, list)).toEqual(all.map((n) => [n, false]));
  });
  const dated = all.filter((n) => n !== 'titleOnly' && n !== 'noyear');
  test.each(['S (Thornbury, 2013).', 'Thornbury (2013) argues that G.', '“S” (Thornbury 2013: 41).', 'S (see Abel, 2001; Thornbury, 2013).'])('another year: %s', async (form) => expect(await through(dated, form, apaList)).toEqual(dated.map((n) => [n, false])));
});
describe('in every sentence', () => {
  const some = ['plain', 'apa', 'journal'];
  test.each(sentences)('%s', async (form) => {
    expect(await through(some, form, apaList)).toEqual(some.map((n) => [n, true]));
    expect(await through(some, another(form), apaList)).toEqual(some.map((n) => [n, false]));
  });
});
describe('where a program numbers the list, so that no number stands in the file', () => {
  const unlabelled = (...entries: string[]): string => `\n\nReferences\n\n${entries.join('\n\n')}`, own = `Thornbury W. ${T}. Coast Hist Rev. 2009;12(2):33–58.`, mixed = unlabelled('Zorn K. Roads of clay. Reach: Mole Press; 2009.', own, 'Abel C. A title of things. Press; 2001.');
  test.each(['Roads were bad [1]. S [N].', 'Roads were bad.¹ S.N', 'Roads were bad (1). S (N).', 'Roads were bad [1]. Thornbury et al. [N] hold that G.'])('%s', async (form) => {
    const with_ = (n: number): string => form.replace('.N', `.${'⁰¹²³'[n]!}`).replace('N', String(n));
    expect([await isCited('plain', with_(2), mixed), await isCited('plain', with_(3).replace('Thornbury', 'Abel'), mixed)]).toEqual([true, false]);
  });
  test('entries of one paragraph', async () => { const list = ieee.replace(/\n(?=\[[23])/g, ' '); expect([await isCited('plain', 'S [2].', list), await isCited('plain', 'S [3].', list)]).toEqual([true, false]); });
  test('hard negative: a list by the alphabet, and a page in brackets', async () => expect(await isCited('plain', 'Zorn notes that G (2).', apaList)).toBe(false));
  test('hard negative: a list out of order, cited by author and year', async () => expect(await isCited('plain', 'Roads were bad (Zorn, 2009). Zorn notes that G (2).', unlabelled('Zorn, K. (2009). Roads of clay. Reach: Mole Press.', `Thornbury, W. (2009). ${T}. Coastal History Review.`))).toBe(false));
});
test('“(ibid.)” after a citation that the source’s own head goes on from', async () => {
  const text = (who: string): string => `An essay\n\nOur own material was gathered in two summers (${who}, 2009). ${said} (ibid.). ${filler}`;
  for (const [who, expected] of [['Thornbury', true], ['Zorn', false]] as const) expect([who, (await compareFiles(file('paper.txt', text(who)), [sourceOf('plain')])).passages[0]!.cited]).toEqual([who, expected]);
});
test('lines behind “>” in plain text are a quotation, led in by what stands before them', async () => {
  const text = (who: string): string => `An essay\n\n${filler}\n\nAs ${who} (2009) writes:\n\n> ${said.slice(0, 70)}\n> ${said.slice(70).trim()}\n\n${filler}`;
  for (const [who, expected] of [['Thornbury', true], ['Zorn', false]] as const) expect((await compareFiles(file('paper.txt', text(who)), [sourceOf('plain')])).passages).toMatchObject([{ quoted: true, cited: expected }]);
});
