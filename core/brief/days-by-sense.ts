import { daysAbroad } from './abroad/days.ts';
import type { DatedRow, Reading } from './dated-rows.ts';
import { isOfMaterials } from './materials.ts';
import { senseOfLabel } from './senses/day-labels.ts';
import { isDueDay, senseOfDay } from './senses/days.ts';
import type { DaySense } from './senses/senses-of-days.ts';
import { isUnsettledDate, type Clause, type Statement } from './statements.ts';
import type { TimesRead } from './times.ts';
import { says } from '../text/patterns.ts';

/** Days that their forms leave open, sorted by what the words around them mean. */

type Rows = readonly DatedRow[];
const settled = ({ date }: DatedRow): boolean => date.problem === 'none';
const stated = ({ date }: DatedRow): Statement<string> => ({ value: date.iso, start: date.start, end: date.end });
const daysOf = (values: readonly string[]): Set<string> => new Set(values.map((v) => v.slice(0, 10)));
/** What opens does so before the deadline; an extension and the last day for late work are after it. */
const isInOrder = (sense: DaySense | null, day: string, due: string): boolean => sense === 'opens' ? day < due : sense === 'extension' || sense === 'lateUntil' ? day > due : false;

/** What a sentence calls by its own name is a work of its own; under a heading it is what the heading says. */
const hasOwnName = ({ label, clause }: DatedRow): boolean => label !== null && clause.text.toLowerCase().includes(label.toLowerCase());
/** “The film is shown on 2 March”, which “Draft for peer feedback: 2 March” is not. */
const isTold = ({ clause, date }: DatedRow): boolean => says(clause.text.slice(0, date.start - clause.start), /\b(?:is|are|was|were|will be|takes? place|happens?)\b/i);

/** “Essay 2”, over a deadline and “the hand-in area will be available as of 4 March”: where the words leave one day on which something is due, the others are its window and no parts. */
export function windowBySense(rows: DatedRow[]): Statement<string>[] {
  const dates = rows.map((r) => r.date), isLate = (r: DatedRow): boolean => senseOfDay(r.clause, r.date, dates) === 'lateUntil';
  const open = rows.filter((r) => settled(r) && (r.role === 'due' || r.role === 'unknown' && r.label !== null || r.role === 'opens' && !r.window && isLate(r)));
  if (daysOf(open.map((r) => r.date.iso)).size < 2 || open.some((r) => r.override)) return [];
  const senseOf = (r: DatedRow): DaySense | null => {
    // Two days in one sentence are its own.
    if (rows.some((o) => o !== r && o.clause === r.clause)) return null;
    const sense = senseOfDay(r.clause, r.date, dates), isOwn = hasOwnName(r);
    // “Late papers” and “your new deadline” name no work of their own; “Report 2” does.
    if (sense === 'lateUntil' || sense === 'extension') return isOwn && /\d$/.test(r.label!) ? null : sense;
    if (sense === 'other') return r.role === 'unknown' && isTold(r) || !isOwn && r.label !== null ? sense : null;
    return isOwn ? null : sense;
  };
  const senses = new Map(open.map((r) => [r, senseOf(r)] as const)), left = open.filter((r) => r.role === 'due' && senses.get(r) === null);
  if (daysOf(left.map((r) => r.date.iso)).size !== 1) return [];
  const others = open.filter((r) => senses.get(r) !== null);
  if (others.some((r) => senses.get(r) !== 'other' && !isInOrder(senses.get(r)!, r.date.iso, left[0]!.date.iso))) return [];
  for (const r of others) { const sense = senses.get(r)!; r.role = sense === 'lateUntil' ? 'other' : sense; r.label = null; }
  return others.filter((r) => senses.get(r) === 'lateUntil').map(stated);
}

/** What is left when all readers have sorted the days: several that may each be the deadline, or days that no reader took. */
export function daysBySense(out: TimesRead, rows: Rows, reading: Reading): void {
  const { clauses } = reading;
  let abroad: ReturnType<typeof daysAbroad> | null = null;
  const there = (): ReturnType<typeof daysAbroad> => (abroad ??= daysAbroad(reading));
  const dates = rows.map((r) => r.date), clauseOf = (s: { start: number }): Clause | undefined => clauses.find((c) => c.start <= s.start && s.start < c.end);
  const senseOf = (s: { start: number }): DaySense | null => { const clause = clauseOf(s), date = dates.find((o) => o.start === s.start); return (clause && date ? senseOfDay(clause, date, dates) : null) ?? (date && there().opens.some((o) => o.start < date.end && date.start < o.end) ? 'opens' : null); };
  if (out.due.length + out.opens.length + out.extension.length + out.lateUntil.length === 0) {
    // Days on which something for the work can be had are none on which it is due.
    const own = rows.filter(({ clause, date }) => !isOfMaterials(clause, clause.text.slice(date.start - clause.start, date.end - clause.start))), [only] = own;
    if (own.length === 1 && settled(only!) && isDueDay(only!.clause, only!.date)) out.due.push(stated(only!));
    if (out.due.length === 0 && rows.every(settled) && daysOf(there().due.map((d) => d.value)).size === 1) { out.due.push(...there().due); out.opens.push(...there().opens.filter((s) => isInOrder('opens', s.value, there().due[0]!.value))); }
    return;
  }
  if (out.due.some((d) => d.override || isUnsettledDate(d.value))) return;
  const sense = new Map(daysOf(out.due.map((d) => d.value)).size > 1 ? out.due.map((d) => [d, senseOf(d)] as const) : []), left = out.due.filter((d) => (sense.get(d) ?? null) === null);
  if (daysOf(left.map((d) => d.value)).size !== 1) return;
  const due = left[0]!.value, taken = new Set([...out.due, ...out.opens, ...out.extension, ...out.lateUntil].map((s) => s.start));
  const spare = rows.filter((r) => settled(r) && !taken.has(r.date.start) && (r.role === 'unknown' || r.role === 'other')).map((r) => ({ row: r, sense: senseOf(r.date) }));
  const of = (what: DaySense, isAlso: (row: DatedRow) => boolean): Statement<string>[] => [...out.due.filter((d) => sense.get(d) === what), ...spare.flatMap((s) => (s.sense === what && isAlso(s.row) ? [stated(s.row)] : []))].filter((s) => isInOrder(what, s.value, due));
  if (out.opens.length === 0) out.opens.push(...of('opens', () => true));
  if (out.opens.length === 0) out.opens.push(...there().opens.filter((s) => isInOrder('opens', s.value, due)));
  // “Given your circumstances we can accept it until 5 March”: of no other role, and after the deadline.
  if (out.extension.length === 0) out.extension.push(...of('extension', ({ clause, date }) => senseOfLabel(clause, date) === 'extension' || out.lateUntil.length === 0 && says(clause.text, /\b(?:given|because of|in view of|owing to|considering) your\b|\byour (?:new|extended|personal|individual|own) (?:date|deadline|due date)\b/i)));
  if (out.lateUntil.length === 0) out.lateUntil.push(...of('lateUntil', () => true));
  out.due = left;
}

/** “Choose your topic by 27 November”, beside works that have their days: no deadline of them all. */
export const ofNoOther = (due: readonly Statement<string>[], rows: Rows): Statement<string>[] => due.filter((d) => { const row = rows.find((r) => r.date.start === d.start); return row === undefined || senseOfDay(row.clause, row.date, rows.map((r) => r.date)) !== 'other'; });
