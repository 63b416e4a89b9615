import { DateTime } from 'luxon';
import type { DatedRow, Reading } from './dated-rows.ts';
import type { ReadDate } from './dates.ts';
import { numberWords, type Clause } from './statements.ts';
import { firstIn, says } from '../text/patterns.ts';

/** “Part 2 is due two weeks later, same time.” “Final version: a fortnight after that.” */
const later = /\b(?:(an?|one|two|three|four|five|six|seven|eight|ten|\d{1,2}) (day|week|month)s?|(a fortnight)) (?:later|after (?:that|this|the (?:first|draft|outline|proposal|plan|sketch|previous one)|(?:part|piece|stage|draft|chapter|task|essay|report|assignment) (?:\d{1,2}|one|two|three|[A-E])))\b/i;
/** What else comes some days after a deadline, and is no work. */
const follows = /\b(?:feedback|marks?|grades?|results?|return(?:ed|s)?|released?|publish(?:ed)?|late(?!r)|penalt\w*|closes?|solutions?|discuss\w*|meet(?:ing)?|extension|accepted|viva|defen[cs]e|presentations?|resits?|cut-?off|approv(?:al|ed)|registr(?:ation|ered)|answers|keys?|recordings?|slides|templates?|may|can|could|if|unless|ill|support plan|those|some)\b/i;
const handsIn = /\b(?:due|deadline|submit\w*|submission|hand(?:s|ed|ing)?[ -]in|upload\w*|deliver\w*|expected|follows?)\b|^\W*[\w -]{3,40}:/i;

/** @returns the day that so much later is than the deadline said right before; none where the clause is about something else */
export function daysLater(clause: Clause, rows: readonly DatedRow[], { clauses, read }: Reading): ReadDate[] {
  const m = firstIn(clause.text, later), last = rows.at(-1);
  if (!m || !last || last.date.problem !== 'none' || last.role !== 'due' && last.label === null || clauses.indexOf(clause) - clauses.indexOf(last.clause) > 2 || says(clause.text, follows) || !says(clause.text, handsIn)) return [];
  const count = m[3] ? 2 : numberWords[m[1]!.toLowerCase()] ?? (/^an?$/i.test(m[1]!) ? 1 : Number(m[1])), unit = m[3] ? 'week' : m[2]!.toLowerCase() as 'day' | 'week' | 'month', hour = /T(\d\d:\d\d)/.exec(last.date.iso)?.[1];
  const date = read(`${DateTime.fromISO(last.date.iso.slice(0, 10)).plus({ [unit]: count }).toFormat('d MMMM yyyy')}${hour ? `, ${hour}` : ''}`);
  return date ? [{ ...date, start: clause.start + m.index, end: clause.start + m.index + m[0].length }] : [];
}
