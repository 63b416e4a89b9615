import { timeOfDay, type DatedRow, type Reading } from './dated-rows.ts';
import { firstIn, rewritten, says } from '../text/patterns.ts';

const time = timeOfDay.source, word = String.raw`(?!(?:are|is|will|must|have|fall)\b)[\p{L}][\p{L}’'-]*`;
/** “Response papers are due (at noon) on”, “they're due at the start of class (10:10 am) on”, “Journal entries due:”. */
const isDue = new RegExp(String.raw`(?:^|[.;,:]\s|\b(?:the|your|all|these|four|three|five|two|six|both)\s)((?:${word} ){0,2}${word})(?:\s+(?:are|is|will be|must be handed in|have to be handed in|fall)|['’]re)?\s+(?:all |each )?due\b[^.;\d]{0,40}(?:\(?\d[^.;()]{0,14}\)?\s*)?(?:on|by|:)?\s*$`, 'iu');
const headed = /^\W*(?:deadlines?|due dates?|due|hand-?in dates?|submission dates?)\s*(?:are\s*)?:?\s*$/i, pronoun = /^(?:they(?:['’]re)?|these|those|all|it|each|which|both|there)$/i;
/** “There are four response papers.” */
const counted = new RegExp(String.raw`\b(?:two|three|four|five|six|seven|eight|\d)\s+((?:${word} ){0,2}${word}s)\b`, 'iu');
/** Only a comma or “and” stands between two days of one series. */
const joined = /^\s*(?:,|;|,? and|&|,? then)?\s*(?:on )?(?:\w+day,? )?$/i;

/** “Response papers are due on 3 Feb, 17 Feb and 3 March at 9 am”: one sort of work with several days, and a time said once. Each becomes a part with a number. */
export function seriesOfDays(rows: DatedRow[], reading: Reading): void {
  for (const clause of new Set(rows.map((r) => r.clause))) {
    const here = rows.filter((r) => r.clause === clause).sort((a, b) => a.date.start - b.date.start), first = here[0];
    if (here.length < 2 || new Set(here.map((r) => r.label)).size > 1 || here.some((r) => r.date.problem !== 'none' || r.role !== 'due' && r.role !== 'other') || new Set(here.map((r) => r.date.iso.slice(0, 10))).size !== here.length) continue;
    if (here.some((r, i) => i > 0 && (!says(reading.text.slice(here[i - 1]!.date.end, r.date.start), joined) || r.date.iso.slice(0, 10) < here[i - 1]!.date.iso.slice(0, 10)))) continue;
    const lead = reading.text.slice(clause.start, first!.date.start).replace(/\((?=[^()]*$)/, ' '), m = firstIn(lead, isDue), before = reading.clauses[reading.clauses.indexOf(clause) - 1];
    if (!m && !says(lead, headed)) continue;
    const plural = first!.label ?? (m && !says(m[1]!.split(' ').at(-1)!, pronoun) ? m[1]! : firstIn(before?.text ?? '', counted)?.[1]);
    if (plural !== undefined && !/s$/i.test(plural)) continue;
    const name = plural ? rewritten(plural, [/^(?:the|your|all|these|their|our|two|three|four|five|six)\s+/i, ''], [/ies$/i, 'y'], [/(?<!s)s$/i, '']) : 'Part', hour = timesOf(here)[0] ?? new RegExp(time, 'i').exec(reading.text.slice(first!.date.start, clause.end))?.[0];
    here.forEach((r, i) => Object.assign(r, { role: 'due', label: `${name[0]!.toUpperCase()}${name.slice(1)} ${i + 1}`, date: { ...r.date, iso: (r.date.iso.length > 10 ? null : hour && reading.withTime(r.date, hour)) ?? r.date.iso } }));
  }
}
const timesOf = (rows: DatedRow[]): string[] => rows.flatMap((r) => (r.date.iso.length > 10 ? [r.date.iso.slice(11, 16)] : []));

/** “Due a week after your lab at 6pm. For the Wednesday section that means 17 March; …”: a time that the sentence before says holds for the days of the next one. */
export function timeSaidBefore(rows: DatedRow[], reading: Reading): void {
  /** the time goes on from one clause of days to the next */
  const held = new Map<unknown, string>();
  for (const clause of new Set(rows.filter((r) => r.label !== null && r.role === 'due').map((r) => r.clause))) {
    const here = rows.filter((r) => r.clause === clause && r.label !== null), before = reading.clauses[reading.clauses.indexOf(clause) - 1];
    const hour = held.get(before) ?? (before && !rows.some((r) => r.clause === before) ? new RegExp(String.raw`\b(?:due|hand(?:ed)? in|submit(?:ted)?|upload(?:ed)?)\b[^.;]*\b(?:at|by)\s+(${time})\W*$`, 'i').exec(before.text)?.[1] : undefined);
    if (!hour || !here.every((r) => r.date.iso.length === 10)) continue;
    held.set(clause, hour);
    for (const r of here) r.date = { ...r.date, iso: reading.withTime(r.date, hour) ?? r.date.iso };
  }
}
