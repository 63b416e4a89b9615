import { defineSetCheck } from '../define-set.ts';
import { stops } from '../define.ts';
import { effectiveDue, instantOf, showInstant } from '../../time/instant.ts';

export const timeWindow = defineSetCheck({
  id: 'time.window', reference: 'ISO 8601:2004; the brief itself',
  asked: ({ brief }) => { const due = effectiveDue(brief); return due === null ? null : `${brief.opens ? `from ${showInstant(brief.opens, brief.timeZone)} ` : ''}until ${showInstant(due, brief.timeZone)}`; },
  found: ({ now, brief }) => `now ${showInstant(new Date(now).toISOString(), brief.timeZone)}`,
  evaluate: ({ brief, now }) => {
    const due = effectiveDue(brief)!;
    const opens = brief.opens ? instantOf(brief.opens, brief.timeZone, 'start') : null;
    if (opens !== null && now < opens) return [stops('notYet', { opens: showInstant(brief.opens!, brief.timeZone) })];
    const end = instantOf(due, brief.timeZone, 'end');
    return end !== null && now > end ? [stops('over', { due: showInstant(due, brief.timeZone) })] : [];
  },
});
