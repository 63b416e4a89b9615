import { defineSetCheck } from '../define-set.ts';
import { look, stops, type Draft } from '../define.ts';
import type { Brief } from '../../model/brief.ts';
import { instantOf, showInstant, windowNow, zoneOf } from '../../time/instant.ts';
import { lastMoment, latePenalty } from '../../time/plan.ts';

export const timeWindow = defineSetCheck({
  id: 'time.window', reference: 'ISO 8601:2004; the brief itself',
  asked: ({ brief, now, zone }) => { const { opens, due, label } = windowNow(brief, now, zone); return due === null ? null : `${label === null ? '' : `${label}: `}${opens ? `from ${showInstant(opens, zone)} ` : ''}until ${showInstant(due, zone)}${brief.timeZone === null ? '' : ` (${brief.timeZone})`}`; },
  found: ({ now, zone }) => `now ${showInstant(new Date(now).toISOString(), zone)}`,
  evaluate: ({ brief, now, zone }) => {
    const { opens, due } = windowNow(brief, now, zone), start = opens ? instantOf(opens, zone, 'start') : null, end = instantOf(due!, zone, 'end');
    if (start !== null && now < start) return [stops('notYet', { opens: showInstant(opens!, zone) })];
    return end !== null && now > end ? [whenLate(brief, now, end, showInstant(due!, zone), zone)] : [];
  },
});

/** Over, unless the brief takes late work until now: then it can go, at a price that a person has to weigh. */
function whenLate(brief: Brief, now: number, end: number, due: string, zone: string | null): Draft {
  const { late, cutoff } = latePenalty(brief, end, zoneOf(zone) ?? 'UTC'), last = lastMoment(late, cutoff), row = late.find((l) => now <= l.to);
  if (last === null || now > last) return stops('over', { due });
  const until = showInstant(new Date(last).toISOString(), zone);
  return row === undefined ? look('late', { due, until }) : look(cutoff === null ? 'lateAnyDay' : 'lateAtACost', { due, until, percent: row.percent });
}
