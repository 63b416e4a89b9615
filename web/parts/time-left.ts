import { DateTime } from 'luxon';
import { instantOf, type Brief } from '../../core/index.ts';
import { windowNow, zoneOf, zoneOfTimes } from '../../core/time/instant.ts';
import { lastMoment, latePenalty } from '../../core/time/plan.ts';
import { clock } from '../store/clock.ts';

const marginMinutes = 30;

/** `over`: the due time is past. `there`: what the receiver's clock says then, where it differs from the student's; `part`: what is due then, where parts have times of their own */
export interface DueFacts { due: number; sendBy: number; dueText: string; sendByText: string; leftText: string; there: string | null; over: boolean; /** the last moment at which late work is still taken, where it is over and the brief says so */ lateUntilText: string | null; part: string | null }

/** The due time as the screens tell it: when to have sent it, and how long that is, all by the student's own clock. Null where none is settled. */
export function dueFacts(brief: Brief, now: number): DueFacts | null {
  const zone = zoneOf(zoneOfTimes(brief, clock)) ?? clock, { due: iso, label: part } = windowNow(brief, now, zone);
  const due = iso ? instantOf(iso, zone, 'end') : null;
  if (!iso || due === null) return null;
  const { late, cutoff } = latePenalty(brief, due, zone), last = lastMoment(late, cutoff), takenUntil = now > due && last !== null && now <= last ? last : null;
  const sendBy = due - marginMinutes * 60_000, here = DateTime.fromMillis(due), there = here.setZone(zone), day = here.setLocale('en-GB').toFormat('ccc d LLL yyyy');
  return {
    due, sendBy, part, leftText: takenUntil === null ? left(due - now) : 'late work is still taken', over: now > due,
    lateUntilText: takenUntil === null ? null : near(takenUntil, now) ?? DateTime.fromMillis(takenUntil).setLocale('en-GB').toFormat('ccc d LLL yyyy, HH:mm'),
    dueText: near(due, now) ?? (iso.length === 10 ? day : `${day}, ${here.toFormat('HH:mm')}`),
    sendByText: DateTime.fromMillis(sendBy).setLocale('en-GB').toFormat(DateTime.fromMillis(sendBy).hasSame(DateTime.fromMillis(now), 'day') ? 'HH:mm' : sendBy - now < 6.5 * 86_400_000 ? 'ccc HH:mm' : 'ccc d LLL, HH:mm'),
    there: there.offset === here.offset ? null : `${there.setLocale('en-GB').toFormat(there.hasSame(here.setZone(zone, { keepLocalTime: true }), 'day') ? 'HH:mm' : 'ccc HH:mm')} ${zoneName(brief.timeZone ?? zone)}`,
  };
}
/** “London” of “Europe/London”; abbreviations and offsets as they are. */
const zoneName = (zone: string): string => (zone.includes('/') && !/^[A-Z]{3,4}\//.test(zone) ? `in ${zone.split('/').pop()!.replace(/_/g, ' ')}` : zone);
/** “today 17:00”, “tomorrow 12:00”, “Fri 09:00”; null beyond a week. */
function near(at: number, now: number): string | null {
  const d = DateTime.fromMillis(at), days = Math.round(d.startOf('day').diff(DateTime.fromMillis(now).startOf('day'), 'days').days);
  if (days === 0) return `today ${d.toFormat('HH:mm')}`;
  if (days === 1) return `tomorrow ${d.toFormat('HH:mm')}`;
  return days > 1 && days < 7 ? d.setLocale('en-GB').toFormat('ccc HH:mm') : null;
}
function left(ms: number): string {
  if (ms < 0) return 'closed';
  const minutes = Math.floor(ms / 60_000), hours = Math.floor(minutes / 60);
  if (hours >= 48) return `${Math.floor(hours / 24)} days left`;
  return hours > 0 ? `${hours} h ${minutes % 60} min left` : `${minutes} min left`;
}
