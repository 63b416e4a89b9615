import { defineSetCheck } from '../define-set.ts';
import { stops } from '../define.ts';
import { instantOf, showInstant, windowNow } from '../../time/instant.ts';

export const timeWindow = defineSetCheck({
  id: 'time.window', reference: 'ISO 8601:2004; the brief itself',
  asked: ({ brief, now, zone }) => { const { opens, due, label } = windowNow(brief, now, zone); return due === null ? null : `${label === null ? '' : `${label}: `}${opens ? `from ${showInstant(opens, zone)} ` : ''}until ${showInstant(due, zone)}${brief.timeZone === null ? '' : ` (${brief.timeZone})`}`; },
  found: ({ now, zone }) => `now ${showInstant(new Date(now).toISOString(), zone)}`,
  evaluate: ({ brief, now, zone }) => {
    const { opens, due } = windowNow(brief, now, zone), start = opens ? instantOf(opens, zone, 'start') : null, end = instantOf(due!, zone, 'end');
    if (start !== null && now < start) return [stops('notYet', { opens: showInstant(opens!, zone) })];
    return end !== null && now > end ? [stops('over', { due: showInstant(due!, zone) })] : [];
  },
});
