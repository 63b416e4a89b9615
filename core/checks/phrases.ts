import { look, seenText, type Draft } from './define.ts';
import { around, boxOf } from '../identity/search.ts';
import type { Passage } from '../model/facts.ts';

/** Checks that look for a turn of phrase in what a reader sees share this: how many, and a draft for each with its place.
 * @param pattern - global; @param name - what the message calls the words found */
export const countPhrases = (passages: Passage[], pattern: RegExp): string => {
  const n = seenText(passages).reduce((sum, p) => sum + [...p.text.matchAll(pattern)].length, 0);
  return n === 0 ? 'none' : n === 1 ? '1 place' : `${n} places`;
};
export const phraseDrafts = (passages: Passage[], pattern: RegExp, key: string, name: string): Draft[] => seenText(passages).flatMap((p) => [...p.text.matchAll(pattern)].map((m) =>
  look(key, { [name]: m[0] }, { part: p.part, page: p.page, box: boxOf(p, m.index, m.index + m[0].length), quote: around(p.text, m.index, m.index + m[0].length) })));
