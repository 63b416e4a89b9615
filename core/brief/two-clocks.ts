import { DateTime } from 'luxon';
import { zoneOf } from '../time/instant.ts';
import type { Clause, Statement } from './statements.ts';
import { readZone } from './zones.ts';
import { eachIn, firstIn } from '../text/patterns.ts';

/** The same moment by two clocks: “17:00 GMT (18:00 CET)”, “5 pm EST / 2 pm PST”, “23:59 AoE (12 December, 11:59 UTC)”. The first is the one that counts. */

const month = String.raw`(?:jan|feb|m[aä]r|apr|ma[iy]|jun|jul|aug|sep|o[ck]t|nov|de[cz])\p{L}*\.?`;
const day = String.raw`(?:\p{L}+day,? )?(?:the )?(?:(?<dayFirst>\d{1,2})(?:st|nd|rd|th)?\.? (?:of )?${month}|${month} (?<dayLast>\d{1,2})(?!\d)(?:st|nd|rd|th)?)(?:,? \d{4})?`;
const clock = /(?<!\d)(?:(?<hour>\d{1,2})(?:[:.](?<minute>\d{2}))?\s?(?<half>[ap]\.?m\.?|h\b|hrs\b|hours\b)?|(?<word>(?:12 )?noon|midday|midnight))[\s,]*\(?$/iu;
/** What stands between the two, and before the time of the second. */
const between = new RegExp(String.raw`^(?<own>\)?(?:,? (?:on )?${day.replace(/\?<\w+>/g, '?:')})?)[)\s,;]*(?:[(/=–—-]|\bor\b|\bi\.e\.,?|\bthat is\b|\bwhich is\b|\b(?:that|this)(?:['’]s| equals)\b|\bequals\b|\bequivalent to\b|\bcorresponding to\b|\bequal to\b)[\s,=:]*(?:(?:i\.e\.,?|that is|or|at) )?(?:${day}[\s,]*(?:at )?)?$`, 'iu');
const dayBehind = new RegExp(String.raw`^,? (?:on )?(?:(?:the )?(?:same|next|following|previous) day|${day})`, 'iu'), anyDay = new RegExp(day, 'giu');
const minutesOfDay = 1440;

interface Clock { zone: Statement<string>; start: number; minutes: number }

/** @returns the clauses, with the second of two clocks that show the same moment blanked out. Clocks that do not agree are left: they contradict each other. */
export const withoutSecondClock = (clauses: Clause[]): Clause[] => clauses.map((clause) => {
  if (!/\d/.test(clause.text)) return clause;
  const clocks = readZone([clause]).flatMap((zone) => clockBefore(clause, zone)).sort((a, b) => a.start - b.start).filter((c, i, all) => c.start !== all[i - 1]?.start);
  let { text } = clause;
  clocks.forEach((second, i) => {
    const first = clocks[i - 1];
    if (!first) return;
    const from = first.zone.end - clause.start, said = firstIn(clause.text.slice(from, second.start - clause.start), between);
    if (!said) return;
    const to = second.zone.end - clause.start, lead = clause.text.slice(0, first.start - clause.start), dated = [...eachIn(lead, anyDay)].at(-1), behind = dated ? firstIn(clause.text.slice(to), dayBehind) : null;
    const ownDay = said.groups?.dayFirst ?? said.groups?.dayLast ?? behind?.groups?.dayFirst ?? behind?.groups?.dayLast, ofFirst = dated?.groups?.dayFirst ?? dated?.groups?.dayLast;
    if (!sameMoment(first, second, ownDay !== undefined && ofFirst !== undefined ? { first: Number(ofFirst), second: Number(ownDay) } : null)) return;
    const end = to + (behind?.[0].length ?? 0), start = from + said.groups!.own!.length;
    text = text.slice(0, start) + ' '.repeat(end - start) + text.slice(end);
  });
  return text === clause.text ? clause : { ...clause, text };
});

function clockBefore(clause: Clause, zone: Statement<string>): Clock[] {
  const m = firstIn(clause.text.slice(0, zone.start - clause.start), clock), g = m?.groups;
  if (!m || !g || g.word === undefined && g.minute === undefined && g.half === undefined) return [];
  const half = g.half?.toLowerCase()[0], hour = g.word !== undefined ? (/midnight/i.test(g.word) ? 0 : 12) : half === 'p' ? (Number(g.hour) % 12) + 12 : half === 'a' ? Number(g.hour) % 12 : Number(g.hour);
  return [{ zone, start: clause.start + m.index, minutes: hour * 60 + Number(g.minute ?? 0) }];
}

/** By the offsets that both have in winter, or that both have in summer. */
function sameMoment(first: Clock, second: Clock, days: { first: number; second: number } | null): boolean {
  return ['2026-01-15T12:00', '2026-07-15T12:00'].some((when) => {
    const [a, b] = [first, second].map(({ zone }) => { const name = zoneOf(zone.value); return name === null ? null : DateTime.fromISO(when, { zone: name }).offset; });
    if (typeof a !== 'number' || typeof b !== 'number' || Number.isNaN(a) || Number.isNaN(b)) return false;
    const there = first.minutes - a + b, shift = Math.floor(there / minutesOfDay), ahead = days && days.second - days.first;
    return (there - second.minutes) % minutesOfDay === 0 && (ahead === null || ahead === shift || shift === 1 && days!.second === 1 && days!.first >= 28 || shift === -1 && days!.first === 1 && days!.second >= 28);
  });
}
