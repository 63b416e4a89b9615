import { matchesIn, numberOf, numberWords, type Clause, type Statement } from './statements.ts';
import { firstGroup } from './wordings/any-of.ts';
import * as said from './wordings/plain-words.ts';
import { firstIn, says } from '../text/patterns.ts';

/** What a wording says in plain words, field by field: for what nothing else has settled. */
export interface PlainWords {
  cutoffDays: Statement<number>[]; percentPerDay: Statement<number>[]; allowed: Statement<number | 'unlimited'>[]; keeps: Statement<'latest' | 'all'>[];
  anonymous: Statement<boolean>[]; similarityChecked: Statement<boolean>[]; minWords: Statement<number>[]; maxWords: Statement<number>[]; maxPages: Statement<number>[]; maxBytes: Statement<number>[];
}

const valueOf = (word: string): number => (word.toLowerCase() === 'a' ? 1 : numberWords[word.toLowerCase()] ?? numberOf(word));
const bytes = (n: string, unit: string): number => numberOf(n) * ({ K: 1e3, M: 1e6, G: 1e9 } as Record<string, number>)[unit.toUpperCase()]!;
/** What applies only under a condition, or to something else, settles nothing. */
const conditional = /\b(?:may (?:be (?:checked|screened|run|compared|accepted|marked|refused|penali[sz]ed|lowered|deducted|rejected|reduced|asked)|check|run|compare|lose|deduct|refuse|reject|not)|might|could|sometimes|ask(?:ed)? (?:whether|if)|in some (?:courses|modules)|other (?:courses|modules)|usually|normally)\b/i;

/** Sentences that ask nothing and hold under no condition. */
export const plainClauses = (clauses: Clause[]): Clause[] => clauses.filter((c) => !c.asks && !says(c.text, conditional));

/** @param clauses - of the wording, questions that are answered with yes among them */
export function readPlainWords(clauses: Clause[]): PlainWords {
  const plain = plainClauses(clauses), before = plain.filter((c) => !says(c.text, /^\W*(?:after|once) (?:the (?:deadline|due date)|that)\b/i));
  const every = <T>(pattern: RegExp, value: (m: RegExpMatchArray) => T, among = plain): Statement<T>[] => among.flatMap((c) => [...matchesIn(c, pattern)].map((m) => ({ value: value(m), start: m.at, end: m.to })));
  // What limits a piece of the paper limits not the paper.
  const ofWhole = plain.filter((c) => !says(c.text, /\b(?:append(?:ix|ices)|abstracts?|summary|introduction|conclusion|paragraphs?|answers?|responses?|chapters?|sections?|titles?|captions?|quotations?|drafts?|each|per|every)\b/i));
  const days = (m: RegExpMatchArray): number => { const groups = m.slice(1).filter((g): g is string => g !== undefined); return valueOf(groups[0]!) * (/^w/i.test(groups[1] ?? '') ? 7 : 1); };
  const until = clauses.flatMap((c, i) => [...matchesIn(c, said.lateUpTo)].filter((m) => says(c.text.slice(m.to - c.start), said.laterIsNothing) || says(clauses[i + 1]?.text ?? '', said.laterIsNothing)).map((m) => ({ value: days(m), start: m.at, end: m.to })));
  const asked = <T>(question: RegExp, answer: RegExp, value: (m: RegExpMatchArray) => T): Statement<T>[] => clauses.flatMap((c) => { const m = c.under !== undefined && says(c.under, question) ? firstIn(c.text, answer) : null; return m ? [{ value: value(m), start: c.start + m.index, end: c.start + m.index + m[0].length }] : []; });
  const taken = [...every(said.lateTakenFor, days), ...every(said.oneDayOnly, () => 1), ...until, ...asked(said.askedHowLate, said.soLate, days)], first = (m: RegExpMatchArray): number => valueOf(firstGroup(m));
  const no = every(said.noMachineCompares, () => false);
  return {
    cutoffDays: taken.length > 0 ? taken : [...every(said.lateIsNothing, () => 0), ...asked(said.askedWhenLate, said.comesToNothing, () => 0)], percentPerDay: every(said.lostPerDay, first),
    allowed: [...every(said.onceAndNoMore, () => 1, before), ...asked(said.askedHowOften, said.onlyOnce, () => 1), ...every(said.soOften, first), ...every(said.asOften, () => 'unlimited' as const, before)], keeps: [...every(said.newestCounts, () => 'latest' as const, before), ...asked(said.askedWhich, said.theNewest, () => 'latest' as const), ...every(said.everyOneIsKept, () => 'all' as const)],
    anonymous: [...every(said.markedUnseen, () => true), ...every(said.markedByName, () => false)], similarityChecked: no.length > 0 ? no : every(said.machineCompares, () => true),
    minWords: every(said.leastWords, first, ofWhole), maxWords: every(said.mostWords, first, ofWhole), maxPages: [...every(said.mostPages, first, ofWhole), ...every(said.onePageAtMost, () => 1, ofWhole), ...asked(said.askedHowMany('pages'), said.soMany('pages'), first)], maxBytes: [...every(said.mostBytes, (m) => { const [n, unit] = m.slice(1).filter((g) => g !== undefined); return bytes(n!, unit!); }), ...every(said.sizeInUnit, (m) => bytes(m[2]!, m[1]!))],
  };
}
