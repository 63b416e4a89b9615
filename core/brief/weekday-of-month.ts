import { DateTime } from 'luxon';
import { matchesIn, type Clause } from './statements.ts';
import { firstIn } from '../text/patterns.ts';

const said = /\b(?<which>first|second|third|fourth|last)\s+(?<weekday>mon|tues|wednes|thurs|fri|satur|sun)day\s+(?:in|of)\s+(?<month>january|february|march|april|may|june|july|august|september|october|november|december)(?:,?\s+(?<year>20\d\d))?\b/gi;

/** A weekday by its place in a month. */
export interface WeekdayOfMonth { date: DateTime; /** in the wording */ at: number; to: number }

/** “The last Friday in May 2027”, “the second Monday of March”. Without a year the next such day after `now`. */
export function weekdaysOfMonth(clause: Clause, now: DateTime): WeekdayOfMonth[] {
  return [...matchesIn(clause, said)].map((m) => {
    const of = m.groups!, month = DateTime.fromFormat(of['month']!, 'LLLL', { locale: 'en' }).month, weekday = DateTime.fromFormat(of['weekday']!.slice(0, 3), 'ccc', { locale: 'en' }).weekday, which = of['which']!.toLowerCase();
    const inYear = (year: number): DateTime => {
      if (which === 'last') { const end = DateTime.fromObject({ year, month }).endOf('month').startOf('day'); return end.minus({ days: (end.weekday - weekday + 7) % 7 }); }
      const start = DateTime.fromObject({ year, month, day: 1 });
      return start.plus({ days: (weekday - start.weekday + 7) % 7 + 7 * ['first', 'second', 'third', 'fourth'].indexOf(which) });
    };
    const thisYear = inYear(now.year), date = of['year'] ? inYear(Number(of['year'])) : thisYear.endOf('day') >= now ? thisYear : inYear(now.year + 1);
    return { date, at: m.at, to: m.to };
  });
}

/** “4/12/2026 (the first Friday in December), 14:00”: where the day beside it is the same, that one says it. Lengths are kept. */
export function besideItsDate(clause: Clause, now: DateTime): Clause {
  if (!/\d/.test(clause.text)) return clause;
  for (const { date, at, to } of weekdaysOfMonth(clause, now)) {
    const { day, month, year } = date, short = `(?:${year}|${String(year).slice(2)})`, name = date.setLocale('en').toFormat('LLL');
    const same = new RegExp(`(?<![\\d/.-])(?:0?${day}[/.-]0?${month}|0?${month}[/.-]0?${day})(?:[/.-]${short})?(?![\\d/])|(?<!\\d)${day}(?:st|nd|rd|th)?(?: of)? ${name}[a-z]*|${name}[a-z]* ${day}(?!\\d)`, 'i').exec(clause.text);
    if (!same) continue;
    const before = clause.text.slice(0, at - clause.start), behind = clause.text.slice(to - clause.start);
    // With the brackets or commas around it, and those around the date.
    const lead = firstIn(before, /(?:\s*[(,–-]\s*)?(?:(?:that is|i\.e\.|namely|which is|being),?\s*)?(?:an?\s+|the\s+)?$/i)![0].length, tail = firstIn(behind, /^(?:\s*\)|,?\s*(?:\(|that is,?|i\.e\.,?|namely,?|which is)(?=\s*\d)|,(?=\s))?/i)![0].length, from = before.length - lead, end = to - clause.start + tail;
    clause = { ...clause, text: `${clause.text.slice(0, from)}${' '.repeat(end - from)}${clause.text.slice(end).replace(/^(\s*[\d/.-]+)\)/, '$1 ')}` };
  }
  return clause;
}
