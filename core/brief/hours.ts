import type { DatedRow, Reading } from './dated-rows.ts';
import { firstIn, says } from '../text/patterns.ts';

/** The hours of a day that stand behind it or apart from it. Each of these changes the rows that it is about. */

/** Makes a window of a day of a row: it opens at the first time and is due at the second. */
export function asWindow(rows: DatedRow[], row: DatedRow, day: DatedRow['date'], [from, to]: [string, string], reading: Reading): void {
  const [opens, closes] = [reading.withTime(day, from), reading.withTime(day, to)];
  if (!opens || !closes) return;
  rows.push({ ...row, role: 'opens', date: { ...row.date, iso: opens } });
  row.date = { ...row.date, iso: closes };
  row.role = 'due';
}

/** “It is handed in on 18 June between 08.00 and 16.00.” */
export function addHoursBehind(rows: DatedRow[], reading: Reading): void {
  // “28 May   final version uploaded by 4 pm”: the day begins the line and its hour ends it.
  for (const r of rows) {
    const rest = reading.text.slice(r.date.end, r.clause.end), hour = r.date.problem === 'none' && r.date.iso.length === 10 && r.date.start - r.clause.start < 6 && rows.filter((o) => o.clause === r.clause).length === 1 ? firstIn(rest, /^[^.;]{3,80}\bby (\d{1,2}(?:[:.]\d{2})?\s?[ap]\.?m\.?|\d{1,2}[:.]\d{2}|noon|midnight)\W*$/i)?.[1] : undefined, whole = hour ? reading.withTime(r.date, hour) : null;
    if (whole?.startsWith(r.date.iso)) r.date = { ...r.date, iso: whole };
  }
  for (const r of [...rows]) {
    const m = r.date.problem === 'none' && firstIn(r.clause.text, /(?:\b(?:submit\w*|submission(?=\s*:)|hand(?:ed)? in|upload\w*|deliver\w*)|^\W*when\s*[:|])[^;]*\bbetween (\d{1,2}[:.]\d{2}|\d{1,2}\s?[ap]\.?m\.?|noon) and (\d{1,2}[:.]\d{2}|\d{1,2}\s?[ap]\.?m\.?|noon)/i), at = m ? r.clause.start + m.index + m[0].lastIndexOf('between') : 0;
    // The date stands right before the hours; it may have taken the first of them for its own.
    if (!m || rows.filter((o) => o.clause === r.clause).length > 1 || r.date.start > at || at - Math.min(r.date.end, at) > 4) continue;
    asWindow(rows, r, { ...r.date, iso: r.date.iso.slice(0, 10), end: Math.min(r.date.end, at) }, [m[1]!, m[2]!], reading);
  }
}

/** “On Thursday 25 March between 9 and 5 pm”: the half of the day that is said of the second hour holds for the first where that is the earlier one. */
export function hoursBehindDate(rows: DatedRow[], reading: Reading): void {
  for (const r of [...rows]) {
    const m = r.role === 'due' && r.date.problem === 'none' && rows.filter((o) => o.clause === r.clause).length === 1 ? firstIn(r.clause.text, /\b(?:between|from) (\d{1,2}(?:[:.]\d{2})?) (?:and|to|until|till) (\d{1,2})((?:[:.]\d{2})?) ?([ap])\.?m\b/i) : null;
    if (!m || !says(reading.text.slice(Math.min(r.date.end, r.clause.start + m.index), r.clause.start + m.index), /^[\s,]*(?:any ?time |at any time |only )?$/i) && r.date.end < r.clause.start + m.index) continue;
    const first = Number.parseInt(m[1]!, 10) % 12, second = Number(m[2]) % 12, half = m[4]!.toLowerCase(), other = half === 'p' && first >= second ? 'a' : half;
    asWindow(rows, r, { ...r.date, iso: r.date.iso.slice(0, 10), end: Math.min(r.date.end, r.clause.start + m.index) }, [`${m[1]!} ${other}m`, `${m[2]!}${m[3]!} ${half}m`], reading);
  }
}

/** “Groups 1–12 hand in on 9 March, groups 13–24 on 11 March”: each has a day of its own. */
const weekdays = 'monday|tuesday|wednesday|thursday|friday|saturday|sunday', wochentage = 'montag|dienstag|mittwoch|donnerstag|freitag|samstag|sonnabend|sonntag', sort = '(?:groups?|sections?|class(?:es)?|cohorts?|labs?|seminars?|tutorials?)';
/** “Group A”, “the Monday group”, “die Donnerstagsgruppe”, “second section” before a day. */
const groupName = new RegExp(`(?<![\\p{L}\\d])((?:groups?|sections?|cohorts?|gruppen?) (?:(?:\\d{1,2}(?![.:/]?\\d|\\.? (?:jan|feb|m[aä]r|apr|ma[yi]|jun|jul|aug|sep|o[ck]t|nov|de[cz]))|[A-H](?![\\p{L}]))(?:\\s?(?:[–-]|to|and|&|und)\\s?(?:\\d{1,2}|[A-H])(?![\\p{L}\\d]))?|${weekdays}|${wochentage})|(?:${weekdays}|mon|tues?|wed|thu(?:rs?)?|fri|sat|sun|morning|afternoon|evening|first|second|third|fourth) ${sort}(?! (?:reports?|essays?|papers?|assignments?|exercises?|sheets?|tasks?|sessions?|books?|work|notes?|presentations?))|(?:${wochentage})s?-?(?:gruppe|kurs|seminar|termin)|(?:erste|zweite|dritte|vierte)[nr]? gruppe)(?![\\p{L}\\d])[^.;]{0,40}$`, 'iu');
export function byGroups(rows: DatedRow[], { text, clauses }: Reading): void {
  const group = (r: DatedRow, i: number): string | null => { const before = rows[i - 1], from = before && before.clause === r.clause ? before.date.end : r.clause.start; return r.date.problem === 'none' && (!/\b(?:group|section|cohort)s?\b/i.test(r.label ?? '') || new RegExp(`^group ${Number(r.date.iso.slice(8, 10))}$`, 'i').test(r.label ?? '')) ? firstIn(text.slice(from, r.date.start), groupName)?.[1] ?? null : null; };
  const named = rows.map((r, i) => ({ r, name: group(r, i) })).filter((x): x is { r: DatedRow; name: string } => x.name !== null);
  for (const { r, name } of named) if (named.some((o) => o.r !== r && o.name.toLowerCase() !== name.toLowerCase() && (o.r.clause === r.clause || Math.abs(clauses.indexOf(o.r.clause) - clauses.indexOf(r.clause)) === 1) && o.r.date.iso !== r.date.iso)) { r.label = name; r.role = 'due'; }
}
