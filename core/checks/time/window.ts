import { defineSetCheck } from '../define-set.ts';
import { stops } from '../define.ts';
import { effectiveDue, instantOf, showInstant } from '../../time/instant.ts';

export const timeWindow = defineSetCheck({
  id: 'time.window', reference: 'ISO 8601:2004; the brief itself',
  asked: ({ brief, zone }) => { const due = effectiveDue(brief); return due === null ? null : `${brief.opens ? `from ${showInstant(brief.opens, zone)} ` : ''}until ${showInstant(due, zone)}${brief.timeZone === null ? '' : ` (${brief.timeZone})`}`; },
  found: ({ now, zone }) => `now ${showInstant(new Date(now).toISOString(), zone)}`,
  evaluate: ({ brief, now, zone }) => {
    const due = effectiveDue(brief)!;
    const opens = brief.opens ? instantOf(brief.opens, zone, 'start') : null;
    if (opens !== null && now < opens) return [stops('notYet', { opens: showInstant(brief.opens!, zone) })];
    const end = instantOf(due, zone, 'end');
    return end !== null && now > end ? [stops('over', { due: showInstant(due, zone) })] : [];
  },
});
