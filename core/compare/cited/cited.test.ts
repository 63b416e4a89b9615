import { describe, expect, test } from '@jest/globals';
import { compareFiles } from '../../verbs/compare.ts';

/** Citations in every style, right and wrong. The texts are made up. */
const file = (name: string, words: string) => ({ name, path: name, bytes: new TextEncoder().encode(words) });
const said = 'The lock keepers kept a ledger of every barge that passed, and the ledger shows that coal traffic fell by half before the railway ever reached the town', going = `${said[0]!.toLowerCase()}${said.slice(1)}`;
const other = 'Tolls were lowered three times in that decade but no lowering of the tolls brought a single cargo of grain back to the water', filler = 'Our sample was drawn from two archives that were visited in spring. None of the entries was read twice by the same person.';
const signed = file('Kessler2014.txt', `Canals before the railway: a study of ledgers\nMarta Kessler\nJournal of Inland Water History, 2014\n\nAbstract. This article looks at ledgers.\n\n${said}. It was read by others later. ${other}.`);
/** Says its title and not its author. */
const titled = file('source1.txt', `Canals before the railway: a study of ledgers\n\nThis article looks at ledgers of lock keepers along two rivers.\n\n${said}. It was read by others later. ${other}.`);
const bare = file('source2.txt', `It begins at once and goes on. ${said}. It was read by others later. ${other}.`), citing = file('source3.txt', `On ledgers (Kessler, 2014) much has been written.\n\n${said}. ${other}.`);
const vancouver = `\n\nReferences\n\n1. Ab C. A title. 2001.\n2. De F. Another. 2002.\n3. Kessler M. Canals before the railway: a study of ledgers. J Inland Water Hist. 2014;3:1-9.`, square = `\n\nReferences\n\n[1] C. Ab, "A title," 2001.\n[2] F. De, "Another," 2002.\n[3] M. Kessler, "Canals before the railway," J. 2014.`;
const keyed = `\n\nReferences\n\n[Abe01] C. Abel. A title of things. 2001.\n[Kes14] M. Kessler. Canals before the railway: a study of ledgers. 2014.`;
const harvard = `\n\nReferences\n\nAbel, C. (2001). A title of things. Press.\n\nKessler, M. (2014). Canals before the railway: a study of ledgers. Journal of Inland Water History, 3, 1–9.`, two = `\n\nReferences\n\nKessler, M. (2014a). Walls of mud along the southern shore. Press.\n\nKessler, M. (2014b). Canals before the railway: a study of ledgers. Journal of Inland Water History, 3, 1–9.`;

const flags = async (paper: string, source = signed): Promise<[quoted: boolean, cited: boolean]> => { const p = (await compareFiles(file('paper.txt', `${filler} Another line that is here for the length of it.\n\n${paper}`), [source])).passages.find((f) => !f.references)!; return [p.quoted, p.cited]; };

describe('in brackets', () => {
  test.each<[string, string, boolean, boolean]>([
    ['with a page behind “S.”', `${said} (vgl. Kessler 2014, S. 3). ${filler}`, false, true], ['cf.', `${said} (cf. Kessler, 2014). ${filler}`, false, true], ['see, for a review', `${said} (see Kessler, 2014, for a review). ${filler}`, false, true], ['e.g.', `${said} (e.g., Kessler, 2014). ${filler}`, false, true],
    ['among others', `${said} (Abel, 2001; Kessler, 2014; Zorn, 2020). ${filler}`, false, true], ['others only', `${said} (Abel, 2001; Zorn, 2014). ${filler}`, false, false], ['capitals', `${said} (KESSLER, 2014). ${filler}`, false, true], ['a colon before the page', `“${said}” (Kessler 2014:3). ${filler}`, true, true], ['in square brackets', `“${said}” [Kessler, 2014, p. 3]. ${filler}`, true, true],
    ['two years', `${said} (Kessler, 2010, 2014). ${filler}`, false, true], ['a letter behind the year', `“${said}” (Kessler, 2014a). ${filler}`, true, true], ['another year', `“${said}” (Kessler, 2013). ${filler}`, true, false], ['cited in', `${said} (Abel, 2001, as cited in Kessler, 2014). ${filler}`, false, true],
    ['a name that a line’s end broke', `${said} (Kes-\nsler, 2014). ${filler}`, false, true], ['in the middle of the sentence that leads in', `It has been shown (Kessler, 2014) that ${going}. ${filler}`, false, true], ['hard negative: of the sentence before', `Ledgers have been studied (Kessler, 2014). ${said}. ${filler}`, false, false],
  ])('%s', async (_, paper, quoted, cited) => expect(await flags(paper)).toEqual([quoted, cited]));
});
describe('in the sentence', () => {
  test.each<[string, string, boolean, boolean]>([
    ['who remembers', `Kessler remembers that “${going}” (12). ${filler}`, true, true], ['by whom it is put, in the sentence before', `The matter is put clearly by Kessler (2014). ${said}. ${filler}`, false, true], ['hard negative: by whom another thing was done', `Roads were surveyed by Kessler (2014). ${said}. ${filler}`, false, false], ['how she opens', `${said}. This is how Kessler (2014) opens her study. ${filler}`, false, true], ['hard negative: a year behind a small word', `In 2014 ${going} (Zorn, 2014). ${filler}`, false, false],
    ['whose study it is', `Kessler’s (2014) study of ledgers shows this: “${said}”. ${filler}`, true, true], ['in whose words', `In the words of Marta Kessler, “${said}”. ${filler}`, true, true], ['one of two authors', `Abel and Kessler (2014) found that ${going}. ${filler}`, false, true], ['the year behind', `As Kessler has shown, ${going} (2014, p. 7). ${filler}`, false, true],
    ['of two who speak the last', `Whereas Abel (2001) speaks of roads, Kessler (2014) reports that ${going}. ${filler}`, false, true], ['hard negative: of two who speak the first', `Whereas Kessler (2014) speaks of roads, Abel (2001) reports that ${going}. ${filler}`, false, false], ['hard negative: the same without years', `Whereas Kessler speaks of roads, Abel reports that ${going}. ${filler}`, false, false],
    ['she writes', `Kessler (2014) studied ledgers. She writes that ${going}. ${filler}`, false, true], ['a page alone', `Kessler (2014) studied ledgers. She writes: “${said}” (p. 3). ${filler}`, true, true], ['the same article', `Kessler (2014) studied ledgers. The article reports that ${going}. ${filler}`, false, true],
    ['hard negative: another sentence between, and nobody speaks', `Kessler (2014) studied ledgers. Others did not. ${said}. ${filler}`, false, false], ['hard negative: she writes, and she is another', `Abel (2001) studied ledgers. She writes that ${going}. ${filler}`, false, false],
  ])('%s', async (_, paper, quoted, cited) => expect(await flags(paper)).toEqual([quoted, cited]));
});
describe('a quotation set as a block', () => {
  test.each<[string, string, boolean]>([
    ['is led in by the paragraph before', `As Kessler (2014) puts it:\n\n    ${said}.\n\n${filler}`, true], ['is followed by its citation', `${filler}\n\n    ${said} (Kessler, 2014, p. 3).\n\n${filler}`, true], ['has it behind the stop', `${filler}\n\n    ${said}. (Kessler 2014: 3)\n\n${filler}`, true], ['has its author on a line below', `${filler}\n\n    ${said}.\n\n— Marta Kessler, Canals before the railway\n\n${filler}`, true],
    ['hard negative: is led in by another', `As Abel (2001) puts it:\n\n    ${said}.\n\n${filler}`, false], ['hard negative: comes behind a paragraph that has ended', `Kessler (2014) is read by many.\n\n    ${said}.\n\n${filler}`, false], ['hard negative: has another on a line below', `${filler}\n\n    ${said}.\n\n— Cora Abel, A title of things\n\n${filler}`, false],
  ])('%s', async (_, paper, cited) => expect(await flags(paper)).toEqual([true, cited]));
});
describe('by number', () => {
  test.each<[string, string, boolean]>([
    ['raised', `${said}.³ ${filler}${vancouver}`, true], ['raised, as plain text has it', `${said}.3 ${filler}${vancouver}`, true], ['raised, another', `${said}.2 ${filler}${vancouver}`, false], ['in round brackets', `${said} (3). ${filler}${vancouver}`, true], ['in round brackets, another', `${said} (1, 2). ${filler}${vancouver}`, false],
    ['a range', `${said} [1]–[3]. ${filler}${square}`, true], ['a list', `${said} [1], [3]. ${filler}${square}`, true], ['a list in one bracket', `${said} [1, 2, 3]. ${filler}${square}`, true], ['a list without it', `${said} [1], [2]. ${filler}${square}`, false],
    ['a key', `${said} [Kes14]. ${filler}${keyed}`, true], ['a key with a page, beside another', `${said} [Abe01; Kes14, p. 3]. ${filler}${keyed}`, true], ['another key', `${said} [Abe01]. ${filler}${keyed}`, false], ['a raised number of a note that begins with one', `“${said}.”¹ ${filler}\n\n¹ M. Kessler, Canals before the railway (2014) 3.`, true], ['a raised number of a note on another', `“${said}.”¹ ${filler}\n\n¹ C. Abel, Canals today (2014) 3.`, false],
    ['a note in square brackets', `${said}.[1] ${filler}\n\n[1] Marta Kessler, ‘Canals before the railway’, Journal of Inland Water History 3 (2014), p. 3.`, true], ['a note on another', `${said}.[1] ${filler}\n\n[1] Cora Abel, ‘Canals today’, Another Journal 3 (2014), p. 3.`, false],
  ])('%s', async (_, paper, cited) => expect((await flags(paper))[1]).toBe(cited));
});
describe('through the reference list', () => {
  test.each<[string, string, typeof signed, boolean]>([
    ['a source that says its title only', `${said} (Kessler, 2014). ${filler}${harvard}`, titled, true], ['the same in the sentence', `Kessler (2014) says that ${going}. ${filler}${harvard}`, titled, true], ['the same by its page', `“${said}” (Kessler 3). ${filler}${harvard}`, titled, true], ['hard negative: another entry', `${said} (Abel, 2001). ${filler}${harvard}`, titled, false], ['hard negative: a source that says nothing of itself', `${said} (Kessler, 2014). ${filler}${harvard}`, bare, false],
    ['hard negative: the town of its press', `${said} (Quayside Council, 2014). ${filler}\n\nReferences\n\nAbel, C. (2001). A title of things. Press.\n\nKessler, M. (2014). Canals before the railway: a study of ledgers. Quayside: Press.`, signed, false],
    ['of two works of a year the right one', `${said} (Kessler, 2014b). ${filler}${two}`, signed, true], ['hard negative: of two works of a year the other', `${said} (Kessler, 2014a). ${filler}${two}`, signed, false], ['hard negative: a source that cites the work itself', `${said} (Kessler, 2014). ${filler}`, citing, false],
  ])('%s', async (_, paper, source, cited) => expect((await flags(paper, source))[1]).toBe(cited));
});
describe('however a source names itself', () => {
  const of = (name: string, head: string): typeof signed => file(name, `${head}\n\n${said}. It was read.`);
  const body = of('report.txt', 'World Lock Authority\nState of the inland waterways 2019'), four = of('m.txt', 'Traffic on water\nR. Abel, S. Corrigan, T. Duarte and U. Eklund (2012)'), talk = of('lecture 4.txt', 'HIST2041 Lecture 4: Canals\nDr Priya Raman, 12 March 2026'), page = of('ledgers.txt', 'Ledgers of the locks\nLock Heritage Trust');
  test.each<[string, typeof signed, string, boolean]>([
    ['a body', body, `${said} (World Lock Authority, 2019).`, true], ['its initials', body, `${said} (WLA, 2019).`, true], ['other initials', body, `${said} (WNA, 2019).`, false], ['four authors', four, `Abel, Corrigan, Duarte, and Eklund (2012) show that ${going}.`, true], ['and colleagues', four, `Abel and colleagues (2012) show that ${going}.`, true], ['others with others', four, `${said} (Zorn et al., 2012).`, false],
    ['their study', four, `Abel et al. (2012) looked at this. Their study shows that ${going}.`, true], ['their study, of others', four, `Zorn et al. (2012) looked at this. Their study shows that ${going}.`, false], ['the year first', four, `In 2012, Abel et al. showed that ${going}.`, true], ['another year first', four, `In 1987, Abel et al. showed that ${going}.`, false], ['op. cit.', four, `“${said}” (Abel et al., op. cit., p. 4).`, true],
    ['before the colon', four, `One study is clear (Abel et al., 2012): “${said}.”`, true], ['in the next sentence', four, `${said}. This was shown by Abel et al. (2012).`, true], ['in the next sentence, which is about something else', four, `${said}. Roads were surveyed by Abel et al. (2012).`, false], ['at the end of the paragraph, behind own sentences', four, `${said}. This matters. It always did (Abel et al., 2012).`, false],
    ['a talk', talk, `${said} (P. Raman, personal communication, 12 March 2026).`, true], ['another’s talk', talk, `${said} (P. Osei, personal communication, 12 March 2026).`, false], ['a title in marks, without a date', page, `${said} (“Ledgers of the locks”, n.d.).`, true], ['the same words in a sentence', page, `The ledgers of the locks say that ${going}.`, false],
  ])('%s', async (_, source, paper, cited) => expect((await flags(`${paper} ${filler}`, source))[1]).toBe(cited));
});
test.each(['As Smith, INTERNATIONALISATION OF UNIVERSITIES says: ', `Smith and ${'A'.repeat(60)} said that `, `Smith, ${'ABCDEFGHIJ'.repeat(8)} and others say: `])('words in capitals behind a name are read in one way: %s', async (lead) => expect(await flags(`${lead}“${said}”. ${filler}`)).toEqual([true, false]));
describe('marks of quotation', () => {
  test.each([['« … »', `« ${said} »`], ['„ … “', `„${said}“`], ['‘ … ’', `‘${said}’`], ['within others', `“She notes that ‘${said}’”`]])('%s', async (_, words) => expect(await flags(`${words} (Kessler, 2014). ${filler}`)).toEqual([true, true]));
});

describe('each word belongs to one passage', () => {
  const words = said.split(' ');
  test('of two sources that overlap the second keeps what the first leaves', async () => {
    const long = file('long.txt', `Here: ${said}.`), next = file('next.txt', `And ${words.slice(-3).join(' ')}. ${other}.`);
    const r = await compareFiles(file('paper.txt', `${filler} ${said}. ${other}. ${filler}`), [long, next]);
    expect(r.passages.map((p) => [p.source.file, p.words])).toEqual([['long.txt', words.length], ['next.txt', other.split(' ').length]]);
    expect(r.passages[0]!.paper.end).toBe(r.passages[1]!.paper.start);
    expect(r.matchedWords).toBe(words.length + other.split(' ').length);
  });
  test('of two with the very same words it is the one that is cited, or the assignment’s', async () => {
    const paper = file('paper.txt', `${filler}\n\n${said} (Kessler, 2014). ${filler}`), again = file('Abel2001.txt', `On canals\nC. Abel, 2001\n\n${said}.`), template = file('template.txt', `${said}.`);
    expect((await compareFiles(paper, [again, signed])).passages).toMatchObject([{ cited: true, source: { file: 'Kessler2014.txt' } }]);
    expect((await compareFiles(paper, [again, signed], [template])).passages).toMatchObject([{ template: true }]);
  });
});

describe('in other shapes', () => {
  const yes: string[] = [], no: string[] = [];
  for (const verb of ['established', 'reminds us', 'counted', 'makes the point', 'leaves no doubt', 'is convinced', 'was able to show', 'goes so far as to say', 'submits', 'would have it']) { yes.push(`Kessler ${verb} that G (2014, p. 3).`, `As Marta Kessler ${verb}, “G” (2014, 3).`, `Abel (2001) ${verb} that tolls mattered; Kessler, however, ${verb} that G.`); no.push(`Abel ${verb} that G (2001, p. 3).`, `Kessler (2014) ${verb} that tolls mattered, whereas Abel (2001) ${verb} that G.`, `Kessler ${verb} that tolls mattered; as Abel ${verb}, “G”.`); }
  for (const bracket of ['[M. Kessler, 2014]', '[Kessler 3]', '[Kessler, Canals 3]', '(“Canals before the railway,” 2014)', '[Canals before the railway 3]', '(Kessler. 2014)', '(kessler, 2014)', '(kessler & abel, 2014)', '(Kessler’s figures, 2014)', '[@kessler2014, p. 4]', '[see @kessler2014; @abel2001]', String.raw`\cite{kessler2014}`, String.raw`\parencite[4]{abel2001,kessler2014canals}`]) { yes.push(`S ${bracket}.`, `“S” ${bracket}.`); no.push(`S ${bracket.replace(/[Kk]essler/g, (k) => (k.startsWith('K') ? 'Zorn' : 'zorn')).replace('Canals before the railway', 'Walls of mud').replaceAll('Canals', 'Walls')}.`); }
  for (const behind of ['as Kessler notes', 'writes Kessler', 'so Kessler', 'according to Kessler', 'says Marta Kessler', 'said Kessler in 2014', 'at least in Kessler’s account', 'as Kessler’s study (2014) shows', 'concludes Kessler']) { yes.push(`S, ${behind}.`, `“S,” ${behind}.`); no.push(`S, ${behind.replace(/(?:Marta )?Kessler/, 'Abel').replace('2014', '2001')}.`); }
  for (const next of ['Kessler (2014) shows this', 'That is the conclusion of Kessler (2014)', 'These figures are from Kessler (2014)', 'So writes Kessler (2014)', 'Thus Kessler (2014)', 'I owe this to Kessler (2014)', 'Kessler (2014) was the first to say so', 'Source: Kessler (2014)']) { yes.push(`S. ${next}.`); no.push(`S. ${next.replace('Kessler', 'Abel')}.`); }
  yes.push('Kessler’s research (2014) shows that G.', 'One historian, Marta Kessler, argues that G.', 'Kessler: “G”.', 'Kessler (2014) gives the following account. S.', 'Dr Marta Kessler of the Institute of Water argues that G.', '“S” (ibid., p. 5).'.replace('“S”', '“Canals mattered” (Kessler, 2014). And “S”'), '“Canals mattered” (Kessler, 2014). And “S” (ebd., S. 5).');
  no.push('S. Kessler (2014) looks at roads.', 'Against Kessler (2014), Zorn (2014) holds that G.', 'Unlike Kessler (2014), Abel (2001) holds that G.', 'Dr Abel of the Institute of Water argues that G.', 'Nobody has read Kessler. S.', 'S, while Zorn (2014) looks at roads.', '“Roads mattered” (Abel, 2001). And “S” (ibid., p. 5).', 'S (Roads before the railway, 2014).');
  const filled = (text: string): string => `${text.replace(/\bG\b/, going).replace(/\bS\b(?!\. \d)/, said)} ${filler}`;
  test.each(yes)('cites it: %s', async (text) => expect((await flags(filled(text)))[1]).toBe(true));
  test.each(no)('does not: %s', async (text) => expect((await flags(filled(text)))[1]).toBe(false));
});
describe('by number, however it is set', () => {
  const lists: Record<string, string> = { 'square': square, 'a stop': vancouver, 'a closing bracket': vancouver.replace(/\n(\d)\./g, '\n$1)'), 'both brackets': vancouver.replace(/\n(\d)\./g, '\n($1)'), 'nothing': vancouver.replace(/\n(\d)\./g, '\n$1') };
  test.each(Object.entries(lists).flatMap(([kind, list]) => ['S [N: 4].', 'S [see N].', 'S [cf. N, p. 4].', 'S [Ref. N].', String.raw`S \[N\].`, ...(kind === 'square' ? [] : ['S (N, p. 4).', 'S (ref. N).', 'S.^N', 'S.^{N}', 'S<sup>N</sup>.', 'Kessler (N) says that G.', 'Kessler et al. (N) say that G.', 'S.³', 'S.1,N', 'Kessler³ says that G.'])].map((shape) => [kind, shape, list] as const)))('a list with %s: %s', async (_, shape, list) => {
    const text = (n: number): string => `${shape.replace(/\bG\b/, going).replace(/^S/, said).replace('N', String(n)).replace('³', '⁰¹²³'[n]!)} ${filler}${list}`;
    expect([(await flags(text(3)))[1], (await flags(text(2)))[1]]).toEqual([true, false]);
  });
  test('hard negative: a number in brackets that counts something', async () => expect((await flags(`There are two reasons, (1) and (3), and ${going} (by one half). ${filler}${vancouver}`))[1]).toBe(false));
});
describe('by a note that stands for the one before', () => {
  test.each(['Ibid., p. 5.', 'Id. at 5.', 'Idem, p. 5.', 'Ebd., S. 5.', 'Ebenda.', 'Ivi, p. 5.', 'Loc. cit.', 'Ibídem, p. 5.'].flatMap((again) => [['¹', '²', ''], ['[1]', '[2]', ''], ['[^1]', '[^2]', ':']].map((marks) => [again, ...marks] as [string, string, string, string])))('“%s” behind %s', async (again, first, second, colon) => {
    const text = (work: string): string => `They speak of “a book of boats.”${first} ${filler}\n\n“${said}.”${second} ${filler}\n\n${first}${colon} ${work}\n\n${second}${colon} ${again}`;
    expect([(await flags(text('Marta Kessler, Canals before the railway (2014), p. 1.')))[1], (await flags(text('Cora Abel, A title of things (2001), p. 1.')))[1]]).toEqual([true, false]);
  });
});
