import { DateTime } from 'luxon';
import type { Brief } from '../model/brief.ts';
import { instantOf, windowNow, zoneOf, zoneOfTimes } from './instant.ts';

/** Common practice, no published source: minutes to leave before the deadline; waiting times for a similarity score. */
export const practice = { marginMinutes: 30, firstScoreMinutes: [10, 30], laterScoreHours: [24, 48] } as const;

/** When somebody answers questions: weekdays 1 (Monday) to 7, hours of the day in the receiver's zone. */
export interface OfficeHours { days: number[]; fromHour: number; toHour: number }
export const usualOfficeHours: OfficeHours = { days: [1, 2, 3, 4, 5], fromHour: 9, toHour: 17 };

export interface PlanInput { brief: Brief; now: number; /** size of the set */ bytes: number; /** measured or entered; null: not known */ bytesPerSecond: number | null; localZone: string; office?: OfficeHours }
export type MomentId = 'opens' | 'due' | 'commonDue' | 'sendBy' | 'draftBy' | 'againBy' | 'askBy';
/** One point in time with what it rests on. `at` in milliseconds. */
export interface Moment { id: MomentId; at: number; label: string; why: string }
export interface Window { label: string; from: number | null; to: number | null }
export interface LateRow { from: number; to: number; percent: number }
export interface TimePlan {
  moments: Moment[]; windows: Window[]; late: LateRow[]; /** after this nothing is accepted; null: not settled */ cutoff: number | null;
  due: number | null; sendBy: number | null; sendSeconds: number | null; zone: string; localZone: string; /** hours by which the receiver's clock is ahead at the due time */ zoneDifferenceHours: number; /** the clocks change between now and the due time */ clockChange: number | null;
  nextOffice: { from: number; to: number } | null; state: 'noDue' | 'notOpen' | 'open' | 'short' | 'late' | 'closed'; problems: string[];
}

/** Plans backwards from the due time that holds. Everything is computed in the receiver's zone, so that a change of clocks in between is minded.
 * @returns moments in order of time; `problems` are sentences about the brief itself (an end before its beginning) */
export function planTime(input: PlanInput): TimePlan {
  const { brief, now, localZone } = input, office = input.office ?? usualOfficeHours;
  const zone = zoneOf(zoneOfTimes(brief, localZone)) ?? localZone;
  const { opens: from, due: iso, label: part } = windowNow(brief, now, zone), due = iso === null ? null : instantOf(iso, zone, 'end');
  const opens = from === null ? null : instantOf(from, zone, 'start');
  const sendSeconds = input.bytesPerSecond && input.bytesPerSecond > 0 ? Math.ceil(input.bytes / input.bytesPerSecond) : null;
  const problems: string[] = [];
  const moments: Moment[] = [], add = (id: MomentId, at: number | null, label: string, why: string): void => { if (at !== null) moments.push({ id, at, label, why }); };
  const windows = brief.parts.map((p): Window => ({ label: p.label, from: p.opens === null ? null : instantOf(p.opens, zone, 'start'), to: p.due === null ? null : instantOf(p.due, zone, 'end') }));
  if (windows.length === 0 && due !== null) windows.push({ label: 'open', from: opens, to: due });
  for (const w of windows) if (w.from !== null && w.to !== null && w.from >= w.to) problems.push(`“${w.label}” would close before it opens.`);
  add('opens', opens, 'Opens', 'stated in the assignment');
  let sendBy: number | null = null;
  if (due !== null) {
    const common = brief.extension !== null && brief.due !== null ? instantOf(brief.due, zone, 'end') : null;
    if (common !== null && common !== due) add('commonDue', common, 'Due for everyone', 'your extension replaces it');
    add('due', due, brief.extension !== null ? 'Due, with your extension' : part !== null ? `${part} due` : 'Due', iso!.length === 10 ? 'no time of day is given, so the end of the day' : 'stated in the assignment');
    sendBy = due - practice.marginMinutes * 60_000 - (sendSeconds ?? 0) * 1000;
    add('sendBy', sendBy, 'Send by', `${practice.marginMinutes} minutes’ margin (common practice)${sendSeconds === null ? '' : ` and ${showSeconds(sendSeconds)} for sending`}`);
    if (brief.similarityChecked) {
      const againBy = due - practice.laterScoreHours[1] * 3_600_000;
      add('againBy', againBy, 'Hand in again by', `a score after handing in again takes up to ${practice.laterScoreHours[1]} hours (common practice)`);
      add('draftBy', againBy - practice.firstScoreMinutes[1] * 60_000 - 2 * 3_600_000, 'Draft in by', `its first score takes up to ${practice.firstScoreMinutes[1]} minutes; two hours are left to revise before handing in again`);
    }
    add('askBy', lastOfficeMoment(sendBy, zone, office), 'Ask by', 'the last office hour before it has to go');
  }
  const { late, cutoff } = latePenalty(brief, due, zone);
  const last = lastMoment(late, cutoff) ?? due;
  return {
    moments: moments.sort((a, b) => a.at - b.at), windows, late, cutoff, due, sendBy, sendSeconds, zone, localZone,
    zoneDifferenceHours: due === null ? 0 : (DateTime.fromMillis(due, { zone }).offset - DateTime.fromMillis(due, { zone: localZone }).offset) / 60,
    clockChange: due === null ? null : clockChange(now, due, zone), nextOffice: nextOffice(now, zone, office), problems,
    state: due === null ? 'noDue' : opens !== null && now < opens ? 'notOpen' : now <= sendBy! ? 'open' : now <= due ? 'short' : last !== null && now <= last ? 'late' : 'closed',
  };
}

export const showSeconds = (s: number): string => (s < 90 ? `${s} s` : s < 5400 ? `${Math.round(s / 60)} min` : `${(s / 3600).toFixed(1)} h`);

/** The last moment at which something late is still taken: the cut-off, else the day on which nothing of the mark would be left. Null: late work is not spoken of. */
export const lastMoment = (late: readonly LateRow[], cutoff: number | null): number | null => cutoff ?? late.at(-1)?.to ?? null;
/** One row a started day; days are calendar days, so that a day with a change of clocks is 23 or 25 hours long. */
export function latePenalty(brief: Brief, due: number | null, zone: string): { late: LateRow[]; cutoff: number | null } {
  const { percentPerDay, cutoffDays } = brief.late;
  if (due === null) return { late: [], cutoff: null };
  const after = (days: number): number => DateTime.fromMillis(due, { zone }).plus({ days }).toMillis();
  const cutoff = cutoffDays === null ? null : after(cutoffDays);
  if (percentPerDay === null) return { late: [], cutoff };
  const days = Math.min(cutoffDays ?? Math.ceil(100 / Math.max(1, percentPerDay)), 14);
  return { late: Array.from({ length: days }, (_, i) => ({ from: after(i), to: after(i + 1), percent: Math.min(100, percentPerDay * (i + 1)) })), cutoff };
}

/** The instant of the first change of offset between two instants, to the minute; null where there is none. */
function clockChange(from: number, to: number, zone: string): number | null {
  const offset = (at: number): number => DateTime.fromMillis(at, { zone }).offset;
  let [a, b] = [from, to];
  if (b <= a) return null;
  // The day with the change first, then halving within it.
  while (b - a > 86_400_000 && offset(a + 86_400_000) === offset(from)) a += 86_400_000;
  b = Math.min(b, a + 86_400_000);
  if (offset(a) === offset(b)) return null;
  while (b - a > 60_000) { const middle = Math.floor((a + b) / 2); if (offset(middle) === offset(a)) a = middle; else b = middle; }
  return Math.round(b / 60_000) * 60_000;
}

/** The office hours that are running or come next. */
export function nextOffice(now: number, zone: string, office: OfficeHours = usualOfficeHours): { from: number; to: number } | null {
  let day = DateTime.fromMillis(now, { zone }).startOf('day');
  for (let i = 0; i < 15; i++, day = day.plus({ days: 1 })) {
    const from = day.set({ hour: office.fromHour }), to = day.set({ hour: office.toHour });
    if (office.days.includes(day.weekday) && now < to.toMillis()) return { from: Math.max(now, from.toMillis()), to: to.toMillis() };
  }
  return null;
}
function lastOfficeMoment(before: number, zone: string, office: OfficeHours): number | null {
  let day = DateTime.fromMillis(before, { zone }).startOf('day');
  for (let i = 0; i < 15; i++, day = day.minus({ days: 1 })) {
    const from = day.set({ hour: office.fromHour }).toMillis(), to = Math.min(before, day.set({ hour: office.toHour }).toMillis());
    if (office.days.includes(day.weekday) && to > from) return to;
  }
  return null;
}
