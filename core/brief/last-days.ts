import type { DatedRow, Reading } from './dated-rows.ts';
import type { Statement } from './statements.ts';
import { says } from '../text/patterns.ts';

/** The last days on which late work is taken, where the other dates of a wording show it. Each of these changes the rows that it is about. */

/** “Late submission: up to 14 January: −5 marks; up to 21 January: capped; after that: 0.” */
export function lateWindows(rows: DatedRow[], reading: Reading): Statement<string>[] {
  const late = rows.filter((r) => r.date.problem === 'none' && (says(r.clause.text, /^\W*late (?:submissions?|work|hand-?ins?|papers?|essays?)\s*:/i) || says(r.clause.text.slice(0, Math.max(0, r.date.start - r.clause.start) + 3), /\bafter\b[^.;]{0,30}\bbut (?:before|by)\b[^.;]{0,20}$/i) || (r.role === 'due' && /^\W*up to\b/i.test(r.clause.text) && /\blate\b/i.test((reading.clauses[reading.clauses.indexOf(r.clause) - 1]?.text ?? '')))));
  for (const r of late) r.role = 'other';
  const last = late.at(-1), next = last && reading.clauses[reading.clauses.indexOf(last.clause) + 1];
  return last && (says(`${last.clause.text} ${next?.text ?? ''}`, /\bafter that\b[^.;]{0,24}(?:\b0\b|zero|not accepted|no marks)/i) || says(next?.text ?? '', /^\W*after (?:the )?\d[^.;]{2,20}\b(?:you (?:will )?fail|(?:it is |they are )?a fail|not (?:be )?(?:accepted|marked|read|graded)|zero|nothing|no (?:marks|work|papers?|essays?))\b/i)) ? [{ value: last.date.iso, start: last.date.start, end: last.date.end }] : [];
}

/** “Due: 18 February. Available: 4 February – 20 February”: where the deadline is named apart, the end of the window is the last day for late work. */
export function besideWindow(rows: DatedRow[], { text }: Reading): Statement<string>[] {
  const named = rows.filter((r) => r.role === 'due' && r.date.problem === 'none' && says(r.clause.text, /^\W*(?:due|deadline|due date)(?:\s*[:|]| (?=\d|\w+day))/i)), ends = rows.filter((r, i) => r.role === 'due' && r.date.problem === 'none' && rows[i - 1]?.clause === r.clause && rows[i - 1]!.role === 'opens' && says(r.clause.text, /^\W*(?:available|open|accessible|visible)\s*[:|]/i) && named.length === 1 && r.date.iso > named[0]!.date.iso);
  // “Due: 29 March. Closes: 1 April.”: a list of settings that names both takes late work in between.
  const closes = named.length === 1 ? rows.filter((r) => r.role === 'due' && r.date.problem === 'none' && (says(r.clause.text, /^\W*(?:closes?|closing|locks?|cut-?off)(?: date| time)?\s*[:|]/i) || /\blate\b/i.test(text) && says(text.slice(r.clause.start, r.date.start + (/^on\s+/i.exec(text.slice(r.date.start))?.[0].length ?? 0)), /\b(?:system|box|folder|area|page|portal|link|submission point)\b[^.;]{0,14}\b(?:closes|shuts|locks|is closed)(?: finally| for good| completely)?\s*(?:on\s*)?(?:\w+day,?\s*)?$/i)) && r.date.iso > named[0]!.date.iso) : [];
  if (closes.length === 1) { closes[0]!.role = 'other'; return [{ value: closes[0]!.date.iso, start: closes[0]!.date.start, end: closes[0]!.date.end }]; }
  for (const r of ends) r.role = 'other';
  return ends.length === 1 && /\blate\b/i.test(text) ? [{ value: ends[0]!.date.iso, start: ends[0]!.date.start, end: ends[0]!.date.end }] : [];
}

/** “One week after the deadline (i.e. 19 April), the box closes for good; … from the deadline on 12 April.” */
export function besideLastDay(rows: DatedRow[], { text }: Reading): Statement<string>[] {
  const last = rows.filter((r) => r.date.problem === 'none' && says(text.slice(r.clause.start, r.date.start), /^\W*(?:\w+|\d{1,2}) (?:day|week)s? after the (?:deadline|due date)\W*(?:i\.e\.,?|that is,?|on)?\s*(?:\w+day,?\s*)?(?:the )?$/i) && says(text.slice(r.date.end), /^[^.;]{0,14}\b(?:the |it )?[\w -]{0,24}\b(?:closes|shuts|is closed|locks)\b/i));
  for (const r of last) { r.role = 'other'; for (const o of rows) if (o !== r && o.role !== 'due' && o.date.problem === 'none' && says(text.slice(o.clause.start, o.date.start + (/^on\s/i.exec(text.slice(o.date.start))?.[0].length ?? 0)), /\bfrom the (?:deadline|due date) on\s*$/i)) o.role = 'due'; }
  return last.map((r) => ({ value: r.date.iso, start: r.date.start, end: r.date.end }));
}

/** “Late means capped at 40 until 22 April”: as long as late work is taken at a price. */
export function cappedUntil(rows: DatedRow[], { text }: Reading): Statement<string>[] {
  const capped = rows.filter((r) => r.date.problem === 'none' && r.role !== 'opens' && says(text.slice(r.clause.start, r.date.start + (/^(?:until|till|up to)\s+/i.exec(text.slice(r.date.start))?.[0].length ?? 0)), /\blate\b[^.;]*\b(?:capped|penali[sz]ed|marked down|reduced|with a deduction)\b[^.;]*\b(?:until|till|up to)\s*(?:\w+day,?\s*)?(?:the )?$/i));
  if (capped.length === 0 || !rows.some((r) => r.role === 'due' && r.date.problem === 'none' && !capped.includes(r))) return [];
  for (const r of capped) r.role = 'other';
  return capped.map((r) => ({ value: r.date.iso, start: r.date.start, end: r.date.end }));
}

/** “Due: 13 March. Cut-off: 20 March.”: the second is the last day for late work; alone it is the deadline. */
export function cutOffDates(rows: DatedRow[], { text }: Reading): Statement<string>[] {
  const lateUntil = rows.filter((r) => r.date.problem === 'none' && r.role === 'due' && says(text.slice(r.clause.start, r.date.start), /^\W*late (?:until|till)\s*[:=]?\s*(?:\w+day,?\s*)?$/i));
  for (const r of lateUntil) r.role = 'other';
  const cut = rows.filter((r) => r.date.problem === 'none' && r.role === 'other' && says(text.slice(r.clause.start, r.date.start), /(?:^\W*(?:the )?|\band (?:the )?|[,;]\s*(?:the )?)(?:(?:final |late |hard |absolute )?cut[- ]?off(?: date| time)?(?: \([^()]{3,30}\))?|late (?:(?:submissions?|hand-?ins?|work|papers?) (?:deadline|until|by|date)|until|till)|available until)\s*(?:is\b)?\s*[:=–|-]?\s*(?:[\d:.]+\s?(?:[ap]m)?,?\s*)?(?:on\s+)?(?:\w+day,?\s*)?$/i)), due = rows.some((r) => r.role === 'due');
  // “I stop accepting essays on April 22.”
  if (due) for (const r of rows) if (r.date.problem === 'none' && says(text.slice(r.clause.start, r.date.start), /\b(?:stop|cease) (?:accepting|taking|grading|marking)\b[^.;]{0,30}\b(?:on|after)\s+(?:\w+day,?\s*)?$/i)) { r.role = 'other'; cut.push(r); }
  if (due) return cut.map((r) => ({ value: r.date.iso, start: r.date.start, end: r.date.end }));
  for (const r of cut) r.role = 'due';
  return [];
}
