import { conceptReader, type ConceptRule } from '../concepts.ts';
import { numberWords, type Clause, type Statement } from '../statements.ts';
import { conceptWords, type EnglishConcept } from './concept-words.ts';
import { anonymity, compared, declared, inFileName, namelessFile, newestCounts, nothingLate, partPerDay, takenLate, timesAllowed } from './concept-rules.ts';
import { otherThings } from './senses.ts';
import { firstIn, rewritten, says } from '../../text/patterns.ts';

const { fulfilled } = conceptReader<EnglishConcept>(conceptWords);

/** The first rule that a sentence fulfils. @param about - sentences about these are passed over */
function ruled<T>(clauses: readonly Clause[], rules: readonly ConceptRule<EnglishConcept, T>[], about: RegExp | null = otherThings): (Statement<T> & { words: string[] })[] {
  return clauses.flatMap((clause) => {
    const said = clause.text.replace(/’/g, "'");
    if (about?.test(said)) return [];
    for (const rule of rules) {
      const at = fulfilled(said, rule);
      if (at) return [{ value: rule.value, start: clause.start + at.start, end: clause.start + at.end, words: at.words }];
    }
    return [];
  });
}
const one = <T>({ value, start, end }: Statement<T>): Statement<T> => ({ value, start, end });

const days = /\b(?:\d+|an?|a few|some|several|a couple of|one|two|three|four|five|six|seven|eight|nine|ten|twelve|fourteen|twenty-four|forty-eight) (?:calendar |working |full |more |further |extra )*(?:days?|weeks?|hours?|minutes?)\b|\bfortnight\b|%|per ?cent/i;
const blank = (words: string): string => ' '.repeat(words.length);
const fractions: Readonly<Record<string, number>> = { half: 50, quarter: 25, fifth: 20, tenth: 10, twentieth: 5, hundredth: 1 };
/** “Five marks”, “a tenth”, in per cent. */
function shareOf(part: string): number | null {
  const fraction = fractions[/\w+$/.exec(part)?.[0].toLowerCase() ?? ''], [count] = /^[\d.,]+|^\w+/.exec(part)!;
  return fraction ?? numberWords[count.toLowerCase()] ?? { fifteen: 15, twenty: 20 }[count.toLowerCase()] ?? (/^\d/.test(count) ? Number(count.replace(',', '.')) : null);
}
/** “Even a minute late” is late. */
const evenOne = /\b(?:even )?(?:only )?(?:an?|one|a single) (?:second|minute) /i;
const ordinals: Readonly<Record<string, number>> = { second: 2, third: 3, fourth: 4, fifth: 5, sixth: 6, tenth: 10 };

/** “Third upload”, “limited to three”. */
const countIn = (said: string): number => { const word = said.toLowerCase().split(' ').find((w) => w in ordinals || w in numberWords && w !== 'a' || /^\d/.test(w))!; return ordinals[word] ?? numberWords[word] ?? Number(word); };

/** What English sentences settle by the concepts in them. @param clauses - without those that ask something or hold under a condition only */
export const byConcepts = {
  nothingLate: (clauses: readonly Clause[]): Statement<number>[] => ruled(clauses.filter((c) => !says(c.text.replace(evenOne, ''), days)), nothingLate).map(one),
  keeps: (clauses: readonly Clause[]): Statement<'latest' | 'all'>[] => ruled(clauses, newestCounts).map(one),
  allowed: (clauses: readonly Clause[]): Statement<number | 'unlimited'>[] => ruled(clauses, timesAllowed).map(({ value, start, end, words }) => ({ value: value === 'nth' ? countIn(words[0]!) : value, start, end })),
  anonymous: (clauses: readonly Clause[]): Statement<boolean>[] => ruled(clauses, anonymity).map(one),
  similarityChecked: (clauses: readonly Clause[]): Statement<boolean>[] => ruled(clauses, compared).map(one),
  declaration: (clauses: readonly Clause[]): Statement<boolean>[] => ruled(clauses, declared).map(one),
  percentPerDay: (clauses: readonly Clause[]): Statement<number>[] => ruled(clauses, partPerDay).flatMap(({ start, end, words: [part] }) => { const value = shareOf(part!); return value === null ? [] : [{ value, start, end }]; }),
  /** @param daysOf - reads a count and its unit as days */
  cutoffDays: (clauses: readonly Clause[], daysOf: (said: string[]) => number | null): Statement<number>[] => ruled(clauses, takenLate).flatMap(({ start, end, words: [span] }) => { const [, count, unit] = firstIn(span!, /^([\w-]+)\b.*?\b(days?|weeks?|hours?|hrs?|fortnight)\b/i)!, value = daysOf([count!, unit!]); return value === null ? [] : [{ value, start, end }]; }),
  /** @param detailsIn - finds a student's details in a clause */
  inFileName: <F>(clauses: readonly Clause[], detailsIn: (clause: Clause) => Statement<F>[]): Statement<F>[] => clauses.flatMap((clause) => {
    // “Files go by candidate number, not by name.” “So no names: call the file by your candidate number.”
    const text = rewritten(clause.text, [/,? (?:and |but )?\(?(?:not|never|rather than|instead of|no)(?: by| with| after| under)? (?:your |the )?(?:own )?(?:names?|you)\b\)?/gi, blank], [/^\W*(?:so |and )?no names?(?: please)?\s*[:;,–-]/i, blank]);
    return ruled([{ ...clause, text }], inFileName, null).length > 0 ? detailsIn({ ...clause, text }) : [];
  }),
  nameless: (clauses: readonly Clause[]): Statement<boolean>[] => ruled(clauses, namelessFile, null).map(one),
};
