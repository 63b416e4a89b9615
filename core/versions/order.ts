import type { DocumentFacts } from '../model/facts.ts';
import { seenText } from '../checks/define.ts';
import { phrasesIn } from '../checks/phrases.ts';
import { placeholders, brokenReferences } from '../tables/leftovers.ts';
import { likeness, nearlyTheSame, textOf, wordsOf, type Text } from './text.ts';
import { toldBy } from './history.ts';

/** What is known of a version besides its facts. */
export interface Version { facts: DocumentFacts; /** last change on disk, milliseconds */ fileTime?: number | null }
export type Side = 'first' | 'second';
/** One thing that speaks for one of the two being newer. `weight`: 3 certain, 2 stated by the file, 1 a hint. */
export interface Ground { newer: Side; weight: 1 | 2 | 3; why: GroundCode; first: string; second: string }
export type GroundCode = 'savedInside' | 'revisionIds' | 'changesAccepted' | 'saves' | 'editingTime' | 'modified' | 'leftovers' | 'comments' | 'textDate' | 'nameMark' | 'fileTime';
export interface Order { related: boolean; /** 0–1 */ likeness: number; sameText: boolean; newer: Side | null; certain: boolean; grounds: Ground[] }

/** Decides which of two nearly equal documents is newer and says on what that rests.
 * The weightiest kind of ground decides; where grounds of that weight contradict each other, or there is none, it cannot be told. */
export function orderOf(a: Version, b: Version, texts: [Text, Text] = [textOf(wordsOf(a.facts)), textOf(wordsOf(b.facts))]): Order {
  const alike = likeness(texts[0], texts[1]), words: [string[], string[]] = [texts[0].words, texts[1].words];
  const sameText = alike > 0.9 && words[0].length === words[1].length && words[0].length > 0 && words[0].join(' ') === words[1].join(' ');
  const inside = savedInside(a.facts, b.facts);
  if (alike < nearlyTheSame && !inside) return { related: false, likeness: alike, sameText, newer: null, certain: false, grounds: [] };
  const grounds = [inside, byRevisionIds(a.facts, b.facts), byChanges(a.facts, b.facts, alike, words), ...byCounters(a.facts, b.facts), ...byLeftovers(a.facts, b.facts, words), byName(a.facts.file.name, b.facts.file.name), byFileTime(a, b)].filter((g): g is Ground => g !== null);
  grounds.sort((x, y) => y.weight - x.weight);
  const top = grounds.filter((g) => g.weight === grounds[0]?.weight);
  const newer = top.length > 0 && top.every((g) => g.newer === top[0]!.newer) ? top[0]!.newer : null;
  return { related: true, likeness: alike, sameText, newer, certain: newer !== null && top[0]!.weight === 3, grounds };
}

const ground = (weight: Ground['weight'], why: GroundCode, first: number | null, second: number | null, show: (n: number) => string = String): Ground | null =>
  (first === null || second === null || first === second ? null : { newer: first > second ? 'first' : 'second', weight, why, first: show(first), second: show(second) });

/** A state that is still inside the other file, byte for byte, came before it (ISO 32000-1, 7.5.6: updates are appended). */
function savedInside(a: DocumentFacts, b: DocumentFacts): Ground | null {
  const has = (x: DocumentFacts, y: DocumentFacts): boolean => x.history?.earlierStates.includes(y.file.sha256) ?? false;
  if (has(a, b)) return { newer: 'first', weight: 3, why: 'savedInside', first: 'holds the other', second: 'is inside the other' };
  return has(b, a) ? { newer: 'second', weight: 3, why: 'savedInside', first: 'is inside the other', second: 'holds the other' } : null;
}

/** Each editing session leaves an id and none is taken away, so the later version has all of the earlier one's and more (ECMA-376-1, 17.15.1.72). */
function byRevisionIds(a: DocumentFacts, b: DocumentFacts): Ground | null {
  const x = new Set(a.history?.revisionIds ?? []), y = new Set(b.history?.revisionIds ?? []);
  if (x.size < 2 || y.size < 2 || x.size === y.size) return null;
  const [small, large] = x.size < y.size ? [x, y] : [y, x];
  return [...small].every((id) => large.has(id)) ? ground(3, 'revisionIds', x.size, y.size) : null;
}

/** Changes still tracked in the one and gone in the other were accepted or rejected after it. */
function byChanges(a: DocumentFacts, b: DocumentFacts, alike: number, words: [string[], string[]]): Ground | null {
  if (!a.remains.ok || !b.remains.ok || a.file.kind !== b.file.kind) return null;
  const [x, y] = [a.remains.value.trackedChanges, b.remains.value.trackedChanges];
  // Only where the words are the same, or next to it: tracking may as well have begun in the later version.
  if ((x === 0) === (y === 0) || alike < 0.98 || Math.abs(words[0].length - words[1].length) > 5 + x + y) return null;
  return ground(2, 'changesAccepted', -x, -y, (n) => String(-n));
}

function byCounters(a: DocumentFacts, b: DocumentFacts): (Ground | null)[] {
  const [x, y] = [toldBy(a), toldBy(b)];
  // Counters go on only within one file's life; a copy under a new creation time starts again.
  const oneLife = x.created !== null && x.created === y.created && a.file.kind === b.file.kind;
  const day = (n: number): string => new Date(n).toISOString().slice(0, 16).replace('T', ' ');
  return [ground(2, 'modified', x.modified, y.modified, day), oneLife ? ground(2, 'saves', x.saves, y.saves) : null, oneLife ? ground(2, 'editingTime', x.editingMinutes, y.editingMinutes, (n) => `${Math.round(n)} min`) : null];
}

/** Places to fill in, broken references and comments are worked off, not put in; a date on the first page moves on. */
function byLeftovers(a: DocumentFacts, b: DocumentFacts, words: [string[], string[]]): (Ground | null)[] {
  const open = (f: DocumentFacts): number => (f.passages.ok ? seenText(f.passages.value).reduce((n, p) => n + phrasesIn(p.text, [...placeholders, ...brokenReferences]).length, 0) : 0);
  const comments = (f: DocumentFacts): number | null => (f.remains.ok ? f.remains.value.comments : null);
  const [ca, cb] = [comments(a), comments(b)];
  return [
    ground(1, 'leftovers', -open(a), -open(b), (n) => String(-n)),
    ca !== null && cb !== null ? ground(1, 'comments', -ca, -cb, (n) => String(-n)) : null,
    ground(1, 'textDate', dateIn(words[0]), dateIn(words[1]), (n) => new Date(n).toISOString().slice(0, 10)),
  ];
}
/** A full date among the first 150 words. */
function dateIn(words: string[]): number | null {
  const head = words.slice(0, 150).join(' ');
  const m = /\b(\d{4}-\d{2}-\d{2})\b/.exec(head) ?? /\b(\d{1,2}\.? (?:January|February|March|April|May|June|July|August|September|October|November|December),? \d{4})\b/i.exec(head) ?? /\b((?:January|February|March|April|May|June|July|August|September|October|November|December) \d{1,2},? \d{4})\b/i.exec(head);
  const at = m ? Date.parse(`${m[1]!.replace('.', '')} UTC`) : NaN;
  return Number.isFinite(at) ? at : null;
}

/** Numbers and words that people put into names: v2 after v1, final after draft, a later date. */
function byName(a: string, b: string): Ground | null {
  const strip = (n: string): string => n.replace(/\.[^.]{1,5}$/, '');
  const [x, y] = [strip(a), strip(b)];
  const date = (n: string): number | null => { const m = /(20\d{2})[-_.]?(0[1-9]|1[0-2])[-_.]?([0-2]\d|3[01])/.exec(n); return m ? Number(m[1]! + m[2] + m[3]) : null; };
  const number = (n: string): number | null => { const m = /(?:^|[\s_.-])(?:v|ver|version|draft|rev|final)[\s_.-]?(\d+(?:\.\d+)?)(?=$|[\s_.()-])/i.exec(n); return m ? Number(m[1]) : null; };
  const rank = (n: string): number | null => (/(?:^|[\s_.-])(?:old|draft|backup)(?=$|[\s_.()\d-])/i.test(n) ? 1 : /(?:^|[\s_.-])final(?=$|[\s_.()\d-])/i.test(n) ? 3 : null);
  const say = (g: Ground | null): Ground | null => g && { ...g, first: a, second: b };
  return say(ground(1, 'nameMark', date(x), date(y)) ?? ground(1, 'nameMark', number(x), number(y)) ?? (rank(x) !== null || rank(y) !== null ? ground(1, 'nameMark', rank(x) ?? 2, rank(y) ?? 2) : null));
}
/** Files written within one minute were copied or unpacked together. */
const byFileTime = (a: Version, b: Version): Ground | null => (Math.abs((a.fileTime ?? 0) - (b.fileTime ?? 0)) < 60_000 ? null : ground(1, 'fileTime', a.fileTime ?? null, b.fileTime ?? null, (n) => new Date(n).toISOString().slice(0, 16).replace('T', ' ')));
