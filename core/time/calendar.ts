import ical, { ICalAlarmType } from 'ical-generator';
import type { TimePlan } from './plan.ts';

/** The plan as a calendar (RFC 5545) with alarms: one event a moment that asks for something to be done. Times in UTC; nothing identifying in it.
 * @param key - makes the identifiers, so that importing again replaces; @param now - the stamp (DTSTAMP) */
export function calendarOf(plan: TimePlan, title: string, key: string, now: number): string {
  const calendar = ical({ name: title, prodId: { company: 'Hand Over', product: 'Time plan' } });
  const alarms: Record<string, number[]> = { due: [3600], sendBy: [86_400, 7200, 1800], draftBy: [86_400], againBy: [86_400], askBy: [7200] };
  for (const m of plan.moments) {
    if (!(m.id in alarms) || m.at <= now) continue;
    const event = calendar.createEvent({ id: `${m.id}.${key}@hand-over.example`, start: new Date(m.at), end: new Date(m.at + (m.id === 'sendBy' ? 15 * 60_000 : 0) || m.at), stamp: new Date(now), summary: `${m.label}: ${title}`, description: m.why });
    for (const seconds of alarms[m.id]!) event.createAlarm({ type: ICalAlarmType.display, trigger: seconds, description: `${m.label}: ${title}` });
  }
  return calendar.toString();
}

/** One whole day as a calendar with an alarm that morning (RFC 5545, 3.6.1: a date without a time lasts all day). @param day - ISO 8601 date */
export function dayInCalendar(day: string, summary: string, key: string, now: number): string {
  const calendar = ical({ prodId: { company: 'Hand Over', product: 'Afterwards' } });
  const event = calendar.createEvent({ id: `${key}@hand-over.example`, start: new Date(`${day}T00:00:00Z`), allDay: true, stamp: new Date(now), summary });
  event.createAlarm({ type: ICalAlarmType.display, triggerAfter: 9 * 3600, description: summary });
  return calendar.toString();
}
