import { look, seenText, type Draft } from './define.ts';
import { around, boxOf } from '../identity/search.ts';
import { forSmallLetters, inSmallLetters } from '../text/small-letters.ts';
import type { Passage } from '../model/facts.ts';

/** Where a text says one of some turns of phrase, in its order; of two that overlap, the first. @param patterns - global */
export function phrasesIn(text: string, patterns: RegExp | readonly RegExp[]): { index: number; words: string }[] {
  const small = inSmallLetters(text), all = [patterns].flat().flatMap((p) => (p.ignoreCase && small !== null ? placesIn(small, forSmallLetters(p)) : placesIn(text, p)))
    .map(([index, length]) => ({ index, words: text.slice(index, index + length) })).sort((a, b) => a.index - b.index || b.words.length - a.words.length);
  let end = 0;
  return all.filter((m) => { if (m.index < end) return false; end = m.index + m.words.length; return true; });
}
/** A hundred patterns go over every page: `matchAll` would make each of them anew for it. */
function placesIn(text: string, pattern: RegExp): [index: number, length: number][] {
  const places: [number, number][] = [];
  pattern.lastIndex = 0;
  for (let m = pattern.exec(text); m; m = pattern.exec(text)) { places.push([m.index, m[0].length]); if (m[0] === '') pattern.lastIndex++; }
  return places;
}
/** Somebody else's words in quotation marks are not the writer's: a mark shortly before takes a phrase out. */
const quotedBefore = /[“„«][^“”»\n]{0,60}$|["‘']$/;
export const ownPhrasesIn: typeof phrasesIn = (text, patterns) => phrasesIn(text, patterns).filter(({ index }) => !quotedBefore.test(text.slice(Math.max(0, index - 61), index)));
/** How the docket tells in how many places something stands. */
export const inPlaces = (n: number): string => (n === 0 ? 'none' : n === 1 ? '1 place' : `${n} places`);
/** Checks that look for a turn of phrase in what a reader sees share this: how many, and a draft for each with its place.
 * @param name - what the message calls the words found. @param find - how they are found: anywhere, or outside quotation marks */
export const countPhrases = (passages: Passage[], patterns: RegExp | readonly RegExp[], find = phrasesIn): string => inPlaces(seenPhrases(passages, patterns, find).reduce((sum, { phrases }) => sum + phrases.length, 0));
export const phraseDrafts = (passages: Passage[], patterns: RegExp | readonly RegExp[], key: string, name: string, find = phrasesIn): Draft[] => seenPhrases(passages, patterns, find).flatMap(({ p, phrases }) => phrases.map(({ index, words }) =>
  look(key, { [name]: words }, { part: p.part, page: p.page, box: boxOf(p, index, index + words.length), quote: around(p.text, index, index + words.length) })));

interface PhrasesOf { p: Passage; phrases: ReturnType<typeof phrasesIn> }
/** What was found in a file's passages: the docket counts what the findings tell one by one, and a long paper is searched once for both. */
const known = new WeakMap<Passage[], { patterns: RegExp | readonly RegExp[]; find: typeof phrasesIn; found: PhrasesOf[] }[]>();
function seenPhrases(passages: Passage[], patterns: RegExp | readonly RegExp[], find: typeof phrasesIn): PhrasesOf[] {
  const searches = known.get(passages) ?? [], before = searches.find((s) => s.patterns === patterns && s.find === find);
  if (before) return before.found;
  const found = seenText(passages).flatMap((p) => { const phrases = find(p.text, patterns); return phrases.length > 0 ? [{ p, phrases }] : []; });
  known.set(passages, [...searches, { patterns, find, found }]);
  return found;
}
