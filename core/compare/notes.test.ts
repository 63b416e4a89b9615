import { describe, expect, test } from '@jest/globals';
import { compareFiles, type SharedPassage } from '../verbs/compare.ts';
import { convertFiles } from '../verbs/convert.ts';

/** Citations in notes, in every kind of paper. The texts are made up. */
const utf8 = (s: string): Uint8Array => new TextEncoder().encode(s), file = (name: string, bytes: Uint8Array | string) => ({ name, path: name, bytes: typeof bytes === 'string' ? utf8(bytes) : bytes });
const marsh = file('a.txt', 'The Slow Return of the Saltmarsh\nInes Brandsma and Peter Holt (2017)\n\nThe new surface is flooded longer and deeper than any mature marsh, and at first it takes in sediment greedily. A single season tells very little about a process that runs for decades and is never quite finished. Vegetation arrives in the second summer and spreads from the creeks outward over the bare mud.');
const budget = file('b.txt', 'Budgets without closure\nAdaeze Okonkwo, 2020\n\nEvery published budget should therefore state where the line runs and why it was drawn there.');
const said = ['The new surface is flooded longer and deeper than any mature marsh, and at first it takes in sediment greedily.', 'Every published budget should therefore state where the line runs and why it was drawn there.', 'A single season tells very little about a process that runs for decades and is never quite finished.', 'Vegetation arrives in the second summer and spreads from the creeks outward over the bare mud.'];
const notes = ['Brandsma and Holt, ‘The Slow Return of the Saltmarsh’, p. 45.', 'See Adaeze Okonkwo, Budgets without closure (2020).', 'Okonkwo (2020), p. 3.', 'Ibid.'];
/** The third names another source, and the fourth says the same as the third. */
const expected = [true, true, false, false];
const markdown = `# A paper\n\n${said.map((s, i) => `${s}[^n${i}] Nobody doubts that today.`).join('\n\n')}\n\n${notes.map((n, i) => `[^n${i}]: ${n}`).join('\n')}\n`;
const ordered = (passages: SharedPassage[]): SharedPassage[] => [...passages].sort((a, b) => a.paper.start - b.paper.start), cited = async (paper: ReturnType<typeof file>): Promise<boolean[]> => ordered((await compareFiles(paper, [marsh, budget])).passages).map((p) => p.cited);

describe('a note names the source that really matches', () => {
  test.each<[string, () => Promise<ReturnType<typeof file>> | ReturnType<typeof file>]>([
    ['Markdown', () => file('p.md', markdown)],
    ['DOCX', async () => file('p.docx', (await convertFiles([file('p.md', markdown)], {}, undefined, 'docx')).bytes)],
    ['PDF', async () => file('p.pdf', (await convertFiles([file('p.md', markdown)])).bytes)],
    ['RTF', () => file('p.rtf', `{\\rtf1\\ansi ${said.map((s, i) => `\\pard ${s}{\\super\\chftn}{\\footnote \\pard {\\super\\chftn} ${notes[i]!.replace(/‘|’/g, '"')}} Nobody doubts that.\\par`).join('\n')}}`)],
    ['HTML as word processors write it', () => file('p.html', `${said.map((s, i) => `<p>${s}<a name="n${i}anc" href="#n${i}sym"><sup>${i + 1}</sup></a> Nobody doubts that.</p>`).join('')}${notes.map((n, i) => `<div id="footnote${i}"><p><a name="n${i}sym" href="#n${i}anc">${i + 1}</a> ${n}</p></div>`).join('')}`)],
    ['plain text, with the notes at its end', () => file('p.txt', `${said.map((s, i) => `${s}${i + 1} Nobody doubts that today.`).join('\n\n')}\n\nNotes\n\n${notes.map((n, i) => `${i + 1} ${n}`).join('\n')}`)],
  ])('%s', async (_, made) => expect(await cited(await made())).toEqual(expected));
  test('a note of the sentence after it does not count', async () => expect(await cited(file('p.md', `${said[0]!} Nobody doubts it.[^1]\n\n[^1]: ${notes[0]!}`))).toEqual([false]));
  test('of several works in a note one is enough; another year is another work', async () => {
    const of = (note: string): Promise<boolean[]> => cited(file('p.md', `${said[0]!}[^1]\n\n[^1]: ${note}`));
    expect(await of('Hesketh, Tides (1998); Brandsma and Holt (2017), p. 45.')).toEqual([true]);
    expect(await of('Brandsma and Holt (2009), p. 45.')).toEqual([false]);
    expect(await of('The measurements are my own.')).toEqual([false]);
  });
  test('“ibid.” under the right note', async () => expect(await cited(file('p.md', `${said[0]!}[^1]\n\n${said[3]!}[^2]\n\n[^1]: ${notes[0]!}\n[^2]: Ibid., p. 50.`))).toEqual([true, true]));
  test('the words of notes are no words of the text', async () => expect((await compareFiles(file('p.md', markdown), [marsh])).words).toBe(2 + said.join(' ').match(/\p{L}+/gu)!.length + 4 * 4));
});
describe('quotations set as a block', () => {
  const filler = Array.from({ length: 4 }, () => 'Levels were taken along four transects in March of each year.');
  test.each<[string, ReturnType<typeof file>, boolean]>([
    ['moved in, in RTF', file('p.rtf', `{\\rtf1\\ansi ${filler.map((f) => `\\pard ${f}\\par`).join('')}\\pard\\li720 ${said[0]}\\par\\pard ${filler[0]}\\par}`), true], ['an item of a list in RTF', file('p.rtf', `{\\rtf1\\ansi ${filler.map((f) => `\\pard ${f}\\par`).join('')}\\pard\\ls1\\li720\\fi-360 ${said[0]}\\par}`), false],
    ['a wide margin in HTML', file('p.html', `<p>${filler[0]}</p><p style="margin-left: 0.39in">${said[0]}</p>`), true], ['a narrow margin in HTML', file('p.html', `<p>${filler[0]}</p><p style="margin-left: 0.1in">${said[0]}</p>`), false],
  ])('%s', async (_, paper, quoted) => expect((await compareFiles(paper, [marsh])).passages.map((p) => p.quoted)).toEqual([quoted]));
});
