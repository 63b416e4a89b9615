import { readFileSync } from 'node:fs';
import { describe, expect, test } from '@jest/globals';
import { brokenLines } from '../testing/broken-lines.ts';
import { readBrief } from './read.ts';
import { readable } from './wording.ts';

const now = '2027-02-10T10:00:00Z';
/** Every eighth of the settled texts, as departments write them, made up. */
const texts = (JSON.parse(readFileSync(new URL('../testing/settled-briefs.json', import.meta.url), 'utf8')) as { text: string[] }[]).filter((_, i) => i % 8 === 3).map(({ text }) => text.join('\n'));

/** What a wording settles, without where it stands; blanks, dashes, quotation marks and letters in other code points are of one kind. */
function settled(text: string): string {
  const { evidence, ...brief } = readBrief(text, now).brief;
  for (const e of evidence) expect(text.slice(e.start, e.end)).toBe(e.quote);
  return JSON.stringify(brief).normalize('NFKC').replace(/[–—]/g, '-').replace(/[’‘]/g, "'").replace(/\s+/g, ' ');
}

const ordinal = (day: number): string => `${day}${day % 10 === 1 && day !== 11 ? 'st' : day % 10 === 2 && day !== 12 ? 'nd' : day % 10 === 3 && day !== 13 ? 'rd' : 'th'}`;
const months = ['January', 'February', 'March', 'April', 'May', 'June', 'July', 'August', 'September', 'October', 'November', 'December'];
const dates = new RegExp(`\\b(\\d{1,2}) (${months.join('|')}) (20\\d\\d)\\b`, 'g');
const dated = (by: (day: string, month: string, year: string) => string) => (text: string): string => text.replace(dates, (_, day: string, month: string, year: string) => by(day, month, year));

/** The same wording as other hands and programs would have written it. */
const hands: Record<string, (text: string) => string> = {
  'ends of lines of another system': (text) => text.replace(/\n/g, '\r\n'),
  'spaces that do not break': (text) => text.replace(/(\d) (?=\p{L})/gu, '$1\u00a0'),
  'names in bold': (text) => text.split('\n').map((line) => line.replace(/^([^\s:*|][^:\n*|]{2,30}):(?= )/, '**$1:**')).join('\n'),
  'other marks before items': (text) => text.replace(/^[ \t]*[-*][ \t]+/gm, '• '),
  'marks alone on their lines': (text) => text.replace(/^• /gm, '•\n'),
  'all set in': (text) => text.split('\n').map((line) => (line ? `    ${line}` : line)).join('\n'),
  'quoted as a whole': (text) => text.split('\n').map((line) => `> ${line}`).join('\n'),
  'two spaces behind a stop': (text) => text.replace(/([.!?]) (?=\p{Lu})/gu, '$1  '),
  'ligatures of a PDF': (text) => text.replace(/(?<=[a-z])fi/g, 'ﬁ'),
  'accents apart from their letters': (text) => text.normalize('NFD'),
  'ordinals set higher': (text) => text.replace(/(\d)(st|nd|rd|th)\b/g, '$1 $2'),
  'halves of the day with stops': (text) => text.replace(/(\d) ?pm\b/g, '$1 p.m.').replace(/(\d) ?am\b/g, '$1 a.m.'),
  'halves of the day in capitals': (text) => text.replace(/(\d) ?pm\b/g, '$1 PM').replace(/(\d) ?am\b/g, '$1 AM'),
  'percent spelt': (text) => text.replace(/(\d) ?%/g, '$1 percent'),
  'French quotation marks': (text) => text.replace(/"([^"\n]+)"/g, '«$1»'),
  'dates of ISO 8601': dated((day, month, year) => `${year}-${String(months.indexOf(month) + 1).padStart(2, '0')}-${day.padStart(2, '0')}`),
  'dates with hyphens': dated((day, month, year) => `${day}-${month.slice(0, 3)}-${year}`),
  'the month first': dated((day, month, year) => `${month} ${day}, ${year}`),
  'ordinals': dated((day, month, year) => `the ${ordinal(Number(day))} of ${month} ${year}`),
  'years of two figures': dated((day, month, year) => `${day} ${month} '${year.slice(2)}`),
};

describe('a wording reads alike whoever wrote it', () => {
  const plain = new Map<number, string>(), plainOf = (i: number): string => { const known = plain.get(i) ?? settled(texts[i]!); plain.set(i, known); return known; };
  /** Each hand writes a third of them, another than the hand before it. */
  const shareOf = (turn: number): [string, number][] => texts.flatMap((text, i): [string, number][] => (i % 3 === turn % 3 ? [[text, i]] : []));
  test.each(Object.keys(hands).map((hand, turn) => [hand, turn] as const))('%s', (hand, turn) => {
    let other = 0;
    shareOf(turn).forEach(([text, i]) => { const as = hands[hand]!(text); if (as === text) return; other++; expect(settled(as)).toBe(plainOf(i)); });
    expect(other).toBeGreaterThan(0);
  });
  // A line that ends where its sentence could end as well is told from a broken one by the words about it alone: a few in a hundred stay open.
  test.each([[60, 0], [72, 1], [90, 2]])('lines broken at %d letters', (width, turn) => {
    const changed = shareOf(turn).flatMap(([text, i]) => { const as = brokenLines(text, width); return as === text ? [] : [settled(as) === plainOf(i)]; });
    expect(changed.filter(Boolean).length / changed.length).toBeGreaterThan(0.92);
  });
});

describe('where the letters of a readable wording stand', () => {
  test.each([
    ['Due:\u00a012\u00a0March', 'Due: 12 March'], ['The essay is due on the 12th of March 2027, and it has to be handed in through\nthe page of the course.', 'The essay is due on 12th March 2027, and it has to be handed in through the page of the course.'],
    ['Due 2027-03-12, 16h00.', 'Due 12 March 2027, 16:00.'], ['**Length:** 2,000 words', 'Length: 2,000 words'], ['3 – 5 pages; 3–5 words', '3 – 5 pages; 3–5 words'], ['file_**x**_y', 'file_**x**_y'], ['Word count – 2,000', 'Word count: 2,000'], ['Report – 5 pages', 'Report – 5 pages'], ['12 000 words', '12 000 words'], ["12 March '27 for students' essays", "12 March 2027 for students' essays"], ["the 'Essay 2' box", 'the "Essay 2" box'], ['Module page › Essays › « Essay 2 » », »Essay 3«', 'Module page › Essays › "Essay 2" », "Essay 3"'],
  ])('%j', (original, text) => {
    const read = readable(original);
    expect(read.text).toBe(text);
    for (let i = 1; i < read.text.length; i++) expect(read.at(i)).toBeGreaterThanOrEqual(read.at(i - 1));
    expect(read.at(read.text.length - 1)).toBe(original.length - 1);
  });
  test('however much room there is, little is read', () => { expect(readable(`Due${' '.repeat(200_000)}12 March${'\n'.repeat(200_000)}Length`).text.length).toBeLessThan(100); });
});

test('sections without titles are items; days and measures at the heads of lines are not', () => {
  expect(readable('1.1 PDF\n1.2 A4\n2.1 File size\n2.2 Name').text).toBe('- PDF\n- A4\n- File size\n- Name');
  for (const text of ['12.03 Draft\n19.03 Plan\n26.03 Final\n30.03 Talk', '1.2 A\n1.1 B\n1.3 C\n1.4 D', '2.5 cm at the left\n2.6 cm at the right\n2.7 cm above\n2.8 cm below']) expect(readable(text).text).toBe(text);
});
