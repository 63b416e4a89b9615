import { matchesIn, ordinalWords, type Clause, type Statement } from './statements.ts';
import { says } from '../text/patterns.ts';

/** “From the fourth day on nothing is read”: taken until the day before. */
const fromDay = new RegExp(`\\b(?:from|as of|starting (?:with|from|on)|beginning (?:with|on)|by) (?:the )?(?:(${ordinalWords.join('|')})|(\\d{1,2})(?:st|nd|rd|th)) (?:calendar |working |week)?day\\b(?! (?:of|in) (?:the )?(?:term|month|week|semester|module|course|[A-Z]))`, 'gi');
const ends = /\b(?:not|no longer|n['’]t|never|nothing|none|no (?:papers?|essays?|work|marks?|credit|points?|reports?|submissions?|files?|uploads?|assignments?)|zero|0|refused?|rejected?|unread|unmarked|closed|fails?|failed)\b/i;
const late = /\b(?:late(?:ness)?|overdue|penal\w*|deduct\w*|loses?|deadline|due|read|accepted|marked|taken|minus)\b|%/i;

/** @returns the last day on which late work is taken */
export function untilNthDay(clauses: readonly Clause[]): Statement<number>[] {
  return clauses.flatMap((clause) => (says(clause.text, ends) && says(`${clause.under ?? ''} ${clause.text}`, late) ? [...matchesIn(clause, fromDay)] : []).flatMap((m): Statement<number>[] => {
    const day = m[1] ? ordinalWords.indexOf(m[1].toLowerCase()) + 1 : Number(m[2]);
    return day > 1 && day <= 31 ? [{ value: day - 1, start: m.at, end: m.to }] : [];
  }));
}
