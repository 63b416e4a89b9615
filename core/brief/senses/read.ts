import { firstOf, matchesIn, numberOf as countOf, numberWords, type Clause, type Statement } from '../statements.ts';
import { byConcepts } from './by-concepts.ts';
import { allowedSenses, anonymousSenses, declarationSenses, keptSenses, lateUntilSenses, noLateSenses, otherThings, namelessFileSenses, perDaySenses, similaritySenses, type Sense } from './senses.ts';
import { lengthSenses } from './senses-of-lengths.ts';
import { deniedBefore, signsOf, template } from './template.ts';
import { firstIn, says } from '../../text/patterns.ts';

interface Found<V> { value: V; groups: string[]; start: number; end: number }

interface Way { signs: string[][]; denies: boolean; pattern: () => RegExp }
const made = new Map<Sense<unknown>, Way[]>();
function waysOf(sense: Sense<unknown>): Way[] {
  const known = made.get(sense) ?? sense.says.map((wording): Way => { let pattern: RegExp | null = null; return { signs: signsOf(wording), denies: says(wording, denies), pattern: () => (pattern ??= template(wording)) }; });
  made.set(sense, known);
  return known;
}
/** A template that speaks of a denial itself is not looked at for another before it. */
const denies = /^(?:at_no|@cannot|@needless|not|no|never|nothing|none|nobody|without|impossible|disregard|only|miss)/;

/** What sentences mean for one field, by the words in them. Of several senses the first that a sentence has. @param about - sentences about these are passed over */
export function sensed<V>(clauses: readonly Clause[], senses: readonly Sense<V>[], about: RegExp | null = otherThings): Found<V>[] {
  return clauses.flatMap((clause): Found<V>[] => {
    if (about?.test(clause.text)) return [];
    const even = { ...clause, text: clause.text.replace(/’/g, "'").replace(/[()–—“”"]/g, ' ') }, small = even.text.toLowerCase();
    for (const sense of senses) {
      const ways = waysOf(sense).filter(({ signs }) => signs.every((some) => some.some((sign) => small.includes(sign))));
      if (ways.length === 0 || sense.unless?.test(even.text) || sense.about?.test(even.text) === false || sense.under?.test(clause.under ?? '') === false) continue;
      for (const way of ways) for (const m of matchesIn(even, way.pattern())) {
        if (!way.denies && says(even.text.slice(0, m.at - clause.start), deniedBefore)) continue;
        return [{ value: sense.value, groups: m.slice(1).filter((g): g is string => g !== undefined), start: m.at, end: m.to }];
      }
    }
    return [];
  });
}

const numberOf = (word: string): number => numberWords[word.toLowerCase()] ?? { thrice: 3, fifteen: 15, twenty: 20, thirty: 30 }[word.toLowerCase()] ?? Number(word.replace(',', '.'));
/** “Four times”, “twice”. */
const timesOf = (words: string): number => numberOf(words.replace(/ times$/i, ''));
const one = <V>({ value, start, end }: Found<V>): Statement<V> => ({ value, start, end });

/** The last that is asked, where a sentence has none of the forms that the readers of a field know. @param clauses - without those that ask something or hold under a condition only */
export const sensesOf = {
  keeps: (clauses: readonly Clause[]): Statement<'latest' | 'all'>[] => firstOf(sensed(clauses, keptSenses).map(one), byConcepts.keeps(clauses)),
  allowed: (clauses: readonly Clause[]): Statement<number | 'unlimited'>[] => firstOf(sensed(clauses, allowedSenses).map((f): Statement<number | 'unlimited'> => ({ start: f.start, end: f.end, value: f.value === 'times' ? timesOf(f.groups[0]!) : f.value === 'again' ? 2 : f.value === 'number' ? numberOf(f.groups[0]!) : f.value })), byConcepts.allowed(clauses)),
  /** @param none - where it is said in other words that nothing is taken late: a span of days goes before it; @param due - when it is due, where that is known */
  cutoffDays: (clauses: readonly Clause[], none: readonly Statement<number>[] = [], due: string | null = null): Statement<number>[] => {
    const until = sensed(clauses, lateUntilSenses).flatMap((f) => { const days = daysOf(f.groups); return days === null ? [] : [{ value: days, start: f.start, end: f.end }]; });
    const last = until.length > 0 ? until : byConcepts.cutoffDays(clauses, daysOf);
    if (last.length > 0 || none.length > 0) return last.length > 0 ? last : [...none];
    const own = clauses.filter((c, i) => !says(c.text, pointsBack) || !says(clauses[i - 1]?.text ?? '', spanBefore));
    return firstOf<number>(sensed(own, noLateSenses).filter((f) => atThatTime(clauses, f, due)).map(one), byConcepts.nothingLate(own));
  },
  percentPerDay: (clauses: readonly Clause[]): Statement<number>[] => {
    const late = /\b(?:late|lateness|delay(?:ed)?|overdue|outstanding|missing|deadline|penalt\w+|past)\b/i;
    const own = clauses.filter((c, i) => says(`${clauses[i - 1]?.text ?? ''} ${c.text}`, late) || says(c.text, ofMarks));
    return firstOf(sensed(own, perDaySenses).map((f) => ({ value: numberOf(f.groups[0]!), start: f.start, end: f.end })), byConcepts.percentPerDay(own));
  },
  anonymous: (clauses: readonly Clause[]): Statement<boolean>[] => firstOf(sensed(clauses, anonymousSenses).map(one), byConcepts.anonymous(clauses)),
  similarityChecked: (clauses: readonly Clause[]): Statement<boolean>[] => firstOf(sensed(clauses, similaritySenses).map(one), byConcepts.similarityChecked(clauses)),
  nameless: (clauses: readonly Clause[]): Statement<boolean>[] => firstOf<boolean>(sensed(clauses, namelessFileSenses, null).map(one), byConcepts.nameless(clauses)),
  length: (field: keyof typeof lengthSenses, clauses: readonly Clause[]): Statement<number>[] => sensed(clauses, lengthSenses[field]).map((f) => ({ value: field === 'maxBytes' ? bytesOf(f.groups[0]!) : numberWords[f.groups[0]!.toLowerCase()] ?? countOf(f.groups[0]!), start: f.start, end: f.end })),
  declaration: (clauses: readonly Clause[]): Statement<boolean>[] => firstOf(sensed(clauses, declarationSenses).map(one), byConcepts.declaration(clauses)),
};

/** Who takes something off, or what it is taken off. */
const ofMarks = /\b(?:marks?|grades?|scores?) (?:is|are|will be|goes|go|drops?|falls?|sinks?|shrinks?) |\b(?:we|I|examiners?|(?:the )?markers?) (?:will )?(?:take|deduct|dock|knock|subtract)\b|\byour (?:marks?|grade|score)\b|\byou (?:will )?lose\b/i;
/** “No script is accepted after 17:45”, where the deadline is 17:30: the last of some minutes of grace. “Nothing after Sunday” is about a deadline on a Sunday. */
function atThatTime(clauses: readonly Clause[], found: Found<unknown>, due: string | null): boolean {
  const clause = clauses.find((c) => c.start <= found.start && found.start < c.end)!, words = clause.text.slice(found.start - clause.start, found.end - clause.start);
  const day = firstIn(words, /\b(?:after|past|than) (mon|tues|wednes|thurs|fri|satur|sun)day\b/i)?.[1]!.toLowerCase();
  if (day) return due !== null && weekdays[new Date(`${due.slice(0, 10)}T12:00:00Z`).getUTCDay()] === day;
  const said = /\b(\d{1,2})[:.](\d\d)\b(?! ?[ap]\.?m)/.exec(words), hour = /T(\d\d:\d\d)/.exec(due ?? '')?.[1];
  return !said || !hour || `${said[1]!.padStart(2, '0')}:${said[2]}` === hour;
}
const weekdays = ['sun', 'mon', 'tues', 'wednes', 'thurs', 'fri', 'satur'];
/** “After that” is after what was said before: a deadline, or some days of grace. */
const pointsBack = /\b(?:after (?:that|this|which)|afterwards|thereafter|later|then)\b/i, spanBefore = /\b(?:days?|weeks?|hours?|grace)\b|%|per ?cent/i;

/** “15 MB” in bytes, by the strict reading. */
const bytesOf = (said: string): number => countOf(/^[\d.,]+/.exec(said)![0]) * ({ k: 1e3, m: 1e6, g: 1e9 } as Record<string, number>)[/[kmg]/i.exec(said)![0].toLowerCase()]!;
/** A count and its unit as days; hours that make no whole days are none. */
function daysOf([count, unit]: string[]): number | null {
  if (count === undefined) return 14;
  const n = numberOf(count), of = (unit ?? '').toLowerCase(), days = /^w/.test(of) ? n * 7 : /^fort/.test(of) ? n * 14 : /^h/.test(of) ? n / 24 : n;
  return Number.isInteger(days) && days > 0 ? days : null;
}
