import { describe, expect, test } from '@jest/globals';
import { plantedOdt } from '../testing/plant.ts';
import { brokenLines } from '../testing/broken-lines.ts';
import { compareFiles } from '../verbs/compare.ts';

const text = (name: string, words: string) => ({ name, path: name, bytes: new TextEncoder().encode(words) });
const filler = 'Levels were taken along four transects in March of each year at low water with the same staff and benchmarks as before.';
const copied = 'a realigned marsh is flooded longer and deeper than any mature marsh and at first it takes in sediment greedily from the flood';
const source = text('Ekwall_2020.txt', `Wave height over lowering flats\nS. Ekwall (2020)\n\nIt is well known that ${copied}, which was shown elsewhere.`);
const compare = (paper: string, sources = [source]) => compareFiles(text('paper.txt', paper), sources);

describe('passages', () => {
  test('a copied passage is found with its words and both places', async () => {
    const r = await compare(`${filler}\n\nSo ${copied}. ${filler}`);
    expect(r.passages).toHaveLength(1);
    expect(r.passages[0]).toMatchObject({ words: 23, quoted: false, cited: false, source: { file: 'Ekwall_2020.txt' } });
    expect([r.passages[0]!.paper.quote, r.passages[0]!.source.quote]).toEqual([copied, copied]);
    expect(r.share).toBeCloseTo(23 / r.words, 3);
  });
  test('eleven words are a common phrase, twelve a passage', async () => {
    const words = copied.split(' ');
    expect((await compare(`We say ${words.slice(0, 11).join(' ')} here.`)).passages).toHaveLength(0);
    expect((await compare(`We say ${words.slice(0, 12).join(' ')} here.`)).passages).toHaveLength(1);
  });
  test('case, accents and a changed word do not hide it', async () => {
    const r = await compare(`So ${copied.replace('mature', 'old').toUpperCase()}.`);
    expect(r.passages.map((p) => p.words)).toEqual([22]);
  });
  // Plain text as editors and mail programs break it: a quotation and its citation go over lines.
  test.each([50, 66, 72, 90])('a paper whose lines were broken at %d letters', async (width) => {
    const r = await compare([`${filler} As one reads, “${copied}” (Ekwall, 2020). ${filler}`, `${filler} ${filler}`].map((prose) => brokenLines(prose, width)).join('\n\n'));
    expect(r.passages.map(({ words, quoted, cited }) => [words, quoted, cited])).toEqual([[23, true, true]]);
  });
  test('what goes from a quotation into words that are not quoted is two passages, each with its own standing', async () => {
    const more = 'the surface rises by a hair with each flood and what is lost beneath it is made good by the next spring tide', whole = text('Ekwall_2020.txt', `Wave height over lowering flats\nS. Ekwall (2020)\n\n${copied}. Then ${more}.`);
    expect((await compare(`It is said: “${copied}.” (Ekwall, 2020) Then ${more}.`, [whole])).passages.map(({ words, quoted }) => [words, quoted])).toEqual([[23, true], [24, false]]);
    expect((await compare(`So ${copied}. “Then ${more}” (Ekwall, 2020).`, [whole])).passages.map(({ words, quoted, cited }) => [words, quoted, cited])).toEqual([[23, false, false], [24, true, true]]);
    // Some words in marks within a copied stretch part nothing.
    expect((await compare(`So ${copied}. Then ${more.replace('the next spring tide', '“the next spring tide”')}.`, [whole])).passages.map(({ words, quoted }) => [words, quoted])).toEqual([[47, false]]);
  });
  test('nothing shared, nothing found', async () => expect(await compare(filler)).toMatchObject({ matchedWords: 0, share: 0, passages: [] }));
  test('a stretch belongs to one source, the longest', async () => expect((await compare(`So ${copied}.`, [text('short.txt', copied.split(' ').slice(0, 14).join(' ')), source])).passages.map((p) => p.source.file)).toEqual(['Ekwall_2020.txt']));
});

describe('quotations set as a block', () => {
  const prose = Array.from({ length: 4 }, () => filler), quote = `${copied}.`, utf8 = (t: string): Uint8Array => new TextEncoder().encode(t), odt = (style: string): Uint8Array => plantedOdt(`<text:p>${filler}</text:p><text:p text:style-name="${style}">${quote}</text:p>`, { 'styles.xml': '<office:document-styles xmlns:office="o" xmlns:style="s" xmlns:fo="f"><office:styles><style:style style:name="Quotations" style:family="paragraph"/><style:style style:name="Wide" style:family="paragraph"><style:paragraph-properties fo:margin-left="1cm"/></style:style><style:style style:name="Plain" style:family="paragraph"/></office:styles></office:document-styles>' });
  test.each<[string, string, Uint8Array, boolean]>([
    ['indented in plain text', 'a.txt', utf8([...prose, `    ${quote}`, filler].join('\n\n')), true], ['an angle bracket in Markdown', 'a.md', utf8([...prose, `> ${quote}`, filler].join('\n\n')), true], ['blockquote in HTML', 'a.html', utf8(`<p>${filler}</p><blockquote><p>${quote}</p></blockquote>`), true],
    ['a style of that name in ODT', 'a.odt', odt('Quotations'), true], ['a style with a margin in ODT', 'a.odt', odt('Wide'), true],
    ['hard negative: every paragraph begins with a space', 'a.txt', utf8([...prose, quote, filler].map((l) => `    ${l}`).join('\n\n')), false], ['hard negative: a paragraph in HTML', 'a.html', utf8(`<blockquote></blockquote><p>${quote}</p>`), false], ['hard negative: a plain style in ODT', 'a.odt', odt('Plain'), false],
  ])('%s', async (_, name, bytes, quoted) => expect((await compareFiles({ name, path: name, bytes }, [source])).passages.map((p) => p.quoted)).toEqual([quoted]));
});

describe('quoted and cited', () => {
  test.each<[string, string, boolean, boolean]>([
    ['in whose view', `In Ekwall’s view, ${copied} (2020, p. 3).`, false, true], ['in another’s view', `In Hesketh’s view, ${copied}.`, false, false], ['without a date', `So ${copied} (Ekwall, n.d.).`, false, true], ['tells us', `Ekwall tells us that “${copied}” (14).`, true, true], ['author, title and page', `So ${copied} (Ekwall, Shores and Walls, 14).`, false, true], ['another author, title and page', `So ${copied} (Hesketh, Shores and Walls, 14).`, false, false], ['an endnote in roman figures', `So “${copied}”.[i]\n\n[i] Ekwall, Shores, p. 3.`, true, true], ['an endnote on another', `So “${copied}”.[i]\n\n[i] Hesketh, Shores, p. 3.`, true, false],
    ['straight single marks', `The book says: '${copied[0]!.toUpperCase()}${copied.slice(1)}' (Ekwall, 2020).`, true, true], ['marks of angles', `<<${copied}>> (Ekwall, 2020).`, true, true], ['marks as typesetters type them', `So \`\`${copied}'' (Ekwall, 2020).`, true, true], ['apostrophes on either side are none', `The students' notes say ${copied} of the authors' own.`, false, false], ['initials behind the name', `So ${copied} (Ekwall M, 2020).`, false, true],
    ['neither', `So ${copied}.`, false, false], ['quoted and cited after it', `As one reads, “${copied}” (Ekwall, 2020).`, true, true], ['narrative', `Ekwall (2020) writes that ${copied}.`, false, true], ['with and others', `So ${copied} (Ekwall et al., 2020).`, false, true],
    ['cited, but another source', `So ${copied} (Hesketh, 1998).`, false, false], ['the right name, another year', `So ${copied} (Ekwall, 2011).`, false, false], ['straight quotation marks', `It says "${copied}".`, true, false], ['the author leads in, the year follows', `Ekwall argues that ${copied} (2020, 14).`, false, true], ['the author leads in, another year follows', `Ekwall argues that ${copied} (1998, 14).`, false, false], ['according to its author', `According to Ekwall, ${copied}.`, false, true], ['according to another', `According to Hesketh, ${copied}.`, false, false],
    ['the author with others leads in', `Ekwall and her colleagues have shown that ${copied}.`, false, true], ['cited behind a longer quotation, of which only the beginning was found', `It is said: “${copied} though nobody had ever measured that before the wall was built” (Ekwall, 2020).`, true, true],
    ['by the beginning of its title and a page', `So “${copied}” (Wave Height 14).`, true, true], ['by its title in marks', `So “${copied}” (“Wave Height,” 14–15).`, true, true], ['by another title', `So “${copied}” (Lowering Flats 14).`, true, false], ['words of its title that are none', `So “${copied}” (wave height 14).`, true, false],
    ['by author and page', `So “${copied}” (Ekwall 14).`, true, true], ['by author alone', `So “${copied}” (Ekwall).`, true, true], ['another author and page', `So “${copied}” (Hesketh 14).`, true, false], ['a word in brackets that the source holds', `So ${copied} (wave).`, false, false],
    ['the citation of the paragraph before', `Waves are another matter (Ekwall, 2020)\n\nSo ${copied}.`, false, false], ['the same as before', `Waves are another matter (Ekwall, 2020). So ${copied} (ibid.).`, false, true], ['the same as before, which was another', `Waves (Ekwall, 2020) are like tides (Hesketh, 1998). So ${copied} (ibid.).`, false, false],
    ['the citation of the next sentence', `So ${copied}. Waves are another matter (Ekwall, 2020).`, false, false],
  ])('%s', async (_, paper, quoted, cited) => expect((await compare(`${filler}\n\n${paper} ${filler}`)).passages[0]).toMatchObject({ quoted, cited }));
  test('by number through the reference list', async () => {
    const paper = (entry: string) => `So ${copied} [2].\n\nReferences\n\n[1] Hesketh, M. The farthest corner.\n\n[2] ${entry}`;
    expect((await compare(paper('Ekwall, S. Wave height over lowering flats.'))).passages[0]!.cited).toBe(true);
    expect((await compare(paper('Pellow, R. Mud on the move.'))).passages[0]!.cited).toBe(false);
    expect((await compare(paper('Ekwall, S. Wave height over lowering flats.').replace('[2].', '[2, p. 14].'))).passages[0]!.cited).toBe(true);
  });
});

test('matches in the reference list and with a template do not count', async () => {
  const entry = 'Brandsma, T., Oyelaran, K. and Voss, I. (2017) Closing the balance: sediment exchange of three realigned sites. Transactions of the Northern Estuaries Society, 41.';
  const r = await compareFiles(text('paper.txt', `Describe in your own words how the surface of the marsh has changed since the wall was opened.\n\n${filler}\n\nReferences\n\n${entry}`), [text('a.txt', entry)], [text('task.txt', 'Describe in your own words how the surface of the marsh has changed since the wall was opened.')]);
  expect(r.passages.map((p) => [p.references ?? false, p.template ?? false])).toEqual([[false, true], [true, false]]);
  expect(r.share).toBe(0);
});
test.each([
  ['the assignment’s wording, by what it says', 'week5.txt', `Coursework 2\n\n${copied}.\n\nSubmit your essay by 17:00 on Friday. Word limit: 2,000 words. It carries 40 marks.`, true],
  ['a template, by its name', 'report-template.txt', `${copied}.`, true], ['a task, by its name and its first word', 'task.txt', `Discuss this: ${copied}.`, true],
  ['a fellow student’s paper named after the assignment', 'assignment2.txt', `${copied}. ${filler}`, false], ['a study that speaks of marks and words', 'study.txt', `${copied}. The marks on the wall and 200 words on it.`, false],
])('%s is told from a source', async (_, name, source, template) => { const r = await compareFiles(text('paper.txt', `So ${copied}. ${filler}`), [text(name, source)]); expect([r.passages[0]!.template ?? false, r.share === 0]).toEqual([template, template]); });
test('a quotation shortened by dots is one passage; dots alone bring nothing together', async () => {
  const words = copied.split(' '), parts = [words.slice(0, 9), words.slice(13)], short = [...parts[0]!, '…', ...parts[1]!].join(' ');
  expect((await compare(`So “${short}”.`)).passages.map((p) => p.words)).toEqual([words.length - 4]);
  expect((await compare(`So ${parts.flat().join(' ')}.`)).passages).toEqual([]);
});
test('ten thousand words against ten thousand are compared at once', async () => {
  const long = Array.from({ length: 10_000 }, (_, i) => `w${(i * 7919) % 3001}`).join(' ');
  const r = await compareFiles(text('a.txt', long), [text('b.txt', long)]);
  expect(r.share).toBe(1);
});
