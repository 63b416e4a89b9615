import { DateTime } from 'luxon';
import { effectiveDue, instantOf, showInstant, type Brief } from '../../core/index.ts';

const marginMinutes = 30;
export interface DueFacts { due: number; sendBy: number; dueText: string; sendByText: string; leftText: string; over: boolean }

/** The due time as the screens tell it: when to have sent it, and how long that is. Null where none is settled. */
export function dueFacts(brief: Brief, now: number): DueFacts | null {
  const iso = effectiveDue(brief);
  const due = iso ? instantOf(iso, brief.timeZone, 'end') : null;
  if (!iso || due === null) return null;
  const sendBy = due - marginMinutes * 60_000;
  return { due, sendBy, dueText: near(due, now) ?? showInstant(iso, brief.timeZone), sendByText: DateTime.fromMillis(sendBy).setLocale('en-GB').toFormat(DateTime.fromMillis(sendBy).hasSame(DateTime.fromMillis(now), 'day') ? 'HH:mm' : 'ccc HH:mm'), leftText: left(due - now), over: now > due };
}
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
