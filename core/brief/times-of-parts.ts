import { timeOfDay, type DatedRow, type Reading } from './dated-rows.ts';
import { firstIn } from '../text/patterns.ts';

const time = timeOfDay.source;
/** “All three are due at 4pm: …”, “Deadlines (4pm): …”. */
const leading = new RegExp(String.raw`^\W*(?:(?:all|each|both|every)\b[^:;.]{0,60}?\b(?:at|by)\s+(${time})|(?:deadlines?|due dates?|hand-?in dates?)\s*\((?:(?:always|all|each|at|by)\s+)*(${time})\))\s*:`, 'i');

/** “All three are due at 4pm: Essay 1 on 1 March, Essay 2 on 22 March”: a time that is said before the days holds for each of them. */
export function addLeadingTime(rows: DatedRow[], reading: Reading): void {
  for (const r of rows) {
    const m = r.date.problem === 'none' && r.date.iso.length === 10 && r.role !== 'other' ? firstIn(r.clause.text, leading) : null, whole = m ? reading.withTime(r.date, m[1] ?? m[2]!) : undefined;
    if (whole?.startsWith(r.date.iso)) r.date = { ...r.date, iso: whole };
  }
}

const work = String.raw`(?:the |your )?([\p{L}][\p{L}’'-]*(?: (?!(?:at|by|is|are|and)\b)[\p{L}][\p{L}’'-]*){0,3})`, hour = String.raw`${work}\s+(?:(?:is due|is|due)\s+)?(?:at|by)\s+(${time})`;
/** “: the essay at noon, the log at 5pm”. */
const hours = new RegExp(String.raw`^\s*[:,;–—(-]\s*${hour}(?:,|;)?\s*(?:and\s+)?${hour}`, 'iu');

/** “Both are due on 5 March: the essay at noon, the log at 5pm”: one day with an hour for each of two. */
export function hoursOfParts(rows: DatedRow[], reading: Reading): void {
  for (const r of [...rows]) {
    const from = firstIn(reading.text.slice(r.date.end), /^[^:;.]{0,20}?(?=:\s|,\s|;\s|\s[–—(-])/)?.[0].length ?? 0, day = r.date.iso.slice(0, 10);
    // The day may have been read with the first of the hours.
    const start = reading.text.slice(r.date.start, r.date.end).search(/[:,;–—(]\s*(?:the|your)\s/), m = r.date.problem !== 'none' || r.role === 'opens' || r.role === 'other' ? null : firstIn(start >= 0 ? reading.text.slice(r.date.start + start) : reading.text.slice(r.date.end + from), hours);
    if (!m) continue;
    const [one, two] = [[m[1]!, m[2]!], [m[3]!, m[4]!]].map(([label, at]) => ({ label: label!, iso: reading.read(`${day}, ${at!}`)?.iso }));
    if (!one!.iso || !two!.iso || one!.iso.length === 10 || one!.label.toLowerCase() === two!.label.toLowerCase()) continue;
    Object.assign(r, { label: one!.label, role: 'due', date: { ...r.date, iso: one!.iso } });
    rows.push({ ...r, label: two!.label, role: 'due', date: { ...r.date, iso: two!.iso } });
  }
}
