import { DateTime } from 'luxon';
import type { Brief } from '../model/brief.ts';
import { dateOrder, isCorrection, readDates, readZone, roleOf, type DateRole, type ReadDate } from './dates.ts';
import { zoneOf } from '../time/instant.ts';
import { matchesIn, numberWords, settle, type Clause, type Statement } from './statements.ts';

export interface TimesRead { opens: Statement<string>[]; due: Statement<string>[]; extension: Statement<string>[]; zone: ReturnType<typeof settle<string>>; parts: (Brief['parts'][number] & { start: number; end: number })[]; problems: ReadDate[]; /** the last dates on which late work is taken */ lateUntil: Statement<string>[] }

/** Words that name one window of several. */
const partLabel = /\b(first draft|second draft|final draft|rough draft|draft|final (?:version|paper|essay|report|submission)|final|proposal|outline|annotated bibliography|literature review|(?:part|section|stage|task|phase|component|submission|assignment|essay|paper|report|coursework|exercise|portfolio|milestone|deliverable|window|round)\s+(?:\d+|[A-E]|one|two|three|four|five|I{1,3}|IV|V)\b|presentation slides|slides|poster|reflection|logbook|abstracts?|full papers?|peer review|revision|revised version|report|essay|paper|thesis|form|appendix|dataset|data sheet)\b/gi;

const numbered = /^(?:part|section|stage|task|phase|component|submission|assignment|window|round)\s/i;

/** Dates of a wording sorted by what they are for. */
export function readTimes(text: string, clauses: Clause[], now: DateTime): TimesRead {
  const zone = settle(readZone(clauses));
  const order = dateOrder(text, zone.value), yearsNamed = new Set([...text.matchAll(/\b(?:jan|feb|mar|apr|may|jun|jul|aug|sep|oct|nov|dec)[a-z]*\.?,?\s+(?:\d{1,2}(?:st|nd|rd|th)?,\s*)?(20\d\d)\b|\b\d{1,2}[/.]\d{1,2}[/.](20\d\d)\b|\b(20\d\d)-\d{2}-\d{2}\b/gi)].map((m) => Number(m[1] ?? m[2] ?? m[3]))), oneYear = yearsNamed.size === 1 && yearsNamed.has(now.year) ? now.year : null,
    // Only where one of them is still to come: a date of last term says nothing of this one's.
    usualYear = oneYear !== null && clauses.some((c) => c.text.includes(String(oneYear)) && readDates(c, now, zone.value, order).some((d) => d.iso.slice(0, 10) >= now.toISODate()! && text.slice(d.start, d.end).includes(String(oneYear)))) ? oneYear : null;
  const out: TimesRead = { opens: [], due: [], extension: [], zone, parts: [], problems: [], lateUntil: [] };
  const rows: { label: string | null; role: string; date: ReadDate; clause: Clause; override: boolean }[] = [];
  let label: string | null = null, carried: string | null = null, /** under a heading that announces several dates */ listing = false;
  /** what the columns of a table are for, from its head */
  let columns: (DateRole | null)[] = [];
  clauses.forEach((clause, index) => {
    const dates = readDates(clause, now, zone.value, order, usualYear).sort((a, b) => a.start - b.start);
    const labels = [...clause.text.matchAll(partLabel)].map((m) => ({ text: m[0], at: clause.start + m.index, to: clause.start + m.index + m[0].length }));
    // “Part 1:” on a line of its own labels the lines below it.
    if (dates.length === 0 && /\|.*\|/.test(clause.text)) columns = clause.text.split('|').map((c) => (/\b(?:opens?|from|available|start)/i.test(c) ? 'opens' : /\b(?:due|deadline|closes?|until|end)/i.test(c) ? 'due' : /\b(?:feedback|marks|returned)/i.test(c) ? 'other' : null));
    const columnRole = (date: ReadDate): DateRole | null => (clause.text.includes('|') ? columns[clause.text.slice(0, date.start - clause.start).split('|').length - 1] ?? null : null);
    // “Due date: 19 April 2027” and “Due time: 17:00” on lines of their own.
    const hour = dates.length === 0 ? /^\W*(?:due|deadline|closing|submission|hand-?in)?\s*time\s*[:=–-]\s*(.{3,30})$/i.exec(clause.text)?.[1] : undefined, dated = rows.at(-1);
    if (hour && dated && index > 0 && dated.clause === clauses[index - 1] && dated.date.iso.length === 10 && dated.role === 'due') {
      const whole = readDates({ text: `${text.slice(dated.date.start, dated.date.end)}, ${hour}`, start: 0, end: 0 }, now, zone.value, order)[0];
      if (whole && whole.iso.length > 10 && whole.problem === 'none') dated.date = { ...dated.date, iso: whole.iso, end: clause.end };
      return;
    }
    if (dates.length === 0) {
      if (clause.text.length < 60) { if (labels.length === 1 && !/^(?:paper|thesis)$/i.test(labels[0]!.text)) label = labels[0]!.text; listing = /\b(?:deadlines|dates|schedule|timetable|milestones|hand-?ins)\b\W*$/i.test(clause.text); } else listing = false;
      return;
    }
    // “Part 1 (draft): …” is the label as it stands; a clause after a semicolon still speaks of the same part.
    const heading = /^\W*([^:|]{3,60}):(?!\d{2}\b)/.exec(clause.text)?.[1];
    const wholeHead = heading?.replace(/\s*\([^)]*(?:\d|\bmax|\bpdf|\bdocx?|\bword\b)[^)]*\)\s*$/i, '').trim(), dueHead = wholeHead !== undefined && /^(?!essay question)[\w -]{4,40}\s(?:is\s)?due$/i.test(wholeHead) ? wholeHead.replace(/\s(?:is\s)?due$/i, '') : undefined, named = dueHead ?? wholeHead, after = heading ? clause.text.slice(clause.text.indexOf(':') + 1) : '';
    // What stands before “: due …” names a part, whatever it is called.
    // “Deadline report: …”, “Due date for the peer evaluation: …”.
    const dueOf = named === undefined ? undefined : /^(?:the )?(?:deadline|due(?: date)?|hand-?in|closing date)\s+(?:of\s+|for\s+)?(?:the\s+)?([a-z][\w -]{2,38})$/i.exec(named)?.[1], forWhat = dueOf && !/\b(?:dates?|times?|for|is|and|all|everyone|students?|changed?|extended|moved|submissions?|work)\b/i.test(dueOf) ? dueOf : undefined;
    // “M1 (topic): 15 January”.
    const isMilestone = wholeHead !== undefined && /^[A-Z]\d{1,2}\b/.test(wholeHead) && dates.length <= 2;
    const isListed = listing && wholeHead !== undefined && dates.length <= 2 && !/\b(?:feedback|marks|results|grades|return|published?|released?|opens?|term|seminar|lecture|registration|colloquium|defen[cs]e|viva|exam|presentation|approval|application|kick-?off|meeting|topic|consultation|resit)\b/i.test(wholeHead);
    const isLabel = isMilestone || isListed || (dueHead !== undefined ? !/\b(?:deadline|submission|it|this|assignment)\b/i.test(dueHead) : named !== undefined && /^\s*(?:due|deadline|opens?|closes?|hand(?:ed)? in|submit(?:ted)?|to be)\b/i.test(after) && !/\b(?:deadline|due|submission|important|note|please|update|correction|date|hand-?in|new|reminder|when)\b/i.test(named));
    const headed = forWhat ?? (named && (isLabel || new RegExp(partLabel.source, 'i').test(named)) ? named : null);
    if (!/;\s*$/.test(text.slice(0, clause.start))) carried = null;
    // A row of a table with columns for opening and closing is named by its first cell.
    const rowName = columns.some((c) => c === 'due') && /\|.*\|/.test(clause.text) ? clause.text.split('|').map((cell) => cell.trim()).find((cell) => cell !== '') : undefined, rowLabel = rowName && rowName.length <= 60 && dates.every((d) => text.slice(d.start, d.end) !== rowName) && !/\d{4}/.test(rowName) ? rowName : null;
    // “Submission window: 1 March 09:00 – 15 March 16:00”: two dates with nothing but a dash between them are a beginning and an end.
    const joint = dates.length === 2 ? text.slice(dates[0]!.end, dates[1]!.start) : '', labelledRange = headed !== null && dates.length === 2 && /^\s*(?:[-–—]|to|until)\s*$/i.test(joint) && /:\s*(?:from\s+)?(?:\w+day,?\s+)?$/i.test(text.slice(clause.start, dates[0]!.start)) && !/\b(?:feedback|marks|results|exam|reading|term)\b/i.test(headed), range = labelledRange || ( dates.length === 2 && (/^[\s(,]*(?:[-–—]|to|until|till|through)\s*$/i.test(joint) || (/^\s*and\s*$/i.test(joint) && /\bbetween\s*$/i.test(text.slice(clause.start, dates[0]!.start)))) && /\b(?:window|period|open\w*|submissions?|available|between|from|upload|hand in|submit)\b/i.test(clause.text.slice(0, dates[0]!.start - clause.start)) && !/\b(?:feedback|marks|results|exam|reading|term)\b|\b(?:moved|postponed|changed|extended|brought forward|put back|pushed back)\b/i.test(clause.text.slice(0, dates[0]!.start - clause.start)));
    dates.forEach((date, i) => {
      const lead = text.slice(clause.start, date.start);
      const lateWork = (index > 0 && /^\W*(?:(?:nothing|no \w+) (?:(?:is |are |will be )?accepted |possible )?|(?:not )?accepted )after\b/i.test(clause.text) && /\blate\b/i.test(clauses[index - 1]!.text)) || /^\s*(?:for|to take|to accept) late (?:work|submissions?|papers?|hand-ins?)\b/i.test(text.slice(date.end, date.end + 40));
      if (date.problem === 'none' && (lateWork || /\blate\b/i.test(lead)) && (lateWork || /\b(?:not (?:be )?(?:accepted|taken|marked) after|(?:accepted|taken|submitted|handed in|allowed|possible) (?:until|till|up to(?: and including)?|no later than)|(?:nothing|no (?:submissions?|work|papers?|files?|uploads?)) (?:is |are |will be )?(?:accepted |taken |possible )?after)\s*(?:\w+day,?\s*)?(?:the\s+)?$/i.test(lead))) { out.lateUntil.push({ value: date.iso, start: date.start, end: date.end, override: isCorrection(clause) }); return; }
      if (date.problem !== 'none') { out.problems.push(date); rows.push({ label: null, role: roleOf(clause, date, clauses[index - 1]), date, clause, override: isCorrection(clause) }); return; }
      const previousEnd = i > 0 ? dates[i - 1]!.end : clause.start;
      // “Part B (essay) …” is Part B.
      const nearest = (list: typeof labels): (typeof labels)[number] | undefined => list.filter((l) => numbered.test(l.text)).at(-1) ?? list.at(-1);
      const own = nearest(labels.filter((l) => l.at >= previousEnd && l.at < date.start)) ?? (dates.length === 1 ? labels[0] : i > 0 && labels.some((l) => l.at < previousEnd) ? nearest(labels.filter((l) => l.at < date.start)) : labels.find((l) => l.at >= date.end));
      const chosen: string | null = rowLabel ?? headed ?? own?.text ?? carried ?? (labels.length === 0 && clause.text.length < 90 ? label : null);
      carried = chosen;
      rows.push({ label: chosen, role: range ? (i === 0 ? 'opens' : 'due') : columnRole(date) ?? (isListed ? 'due' : roleOf(clause, date, clauses[index - 1])), date, clause, override: isCorrection(clause) });
    });
  });
  // “Late submission: up to 14 January: −5 marks; up to 21 January: capped; after that: 0.”
  const lateDates = rows.filter((r) => r.date.problem === 'none' && /^\W*late (?:submissions?|work|hand-?ins?|papers?|essays?)\s*:/i.test(r.clause.text) || r.role === 'due' && /^\W*up to\b/i.test(r.clause.text) && /\blate\b/i.test(clauses[clauses.indexOf(r.clause) - 1]?.text ?? ''));
  for (const r of lateDates) r.role = 'other';
  const latest = lateDates.at(-1), behind = latest && clauses[clauses.indexOf(latest.clause) + 1];
  if (latest && /\bafter that\b[^.;]{0,20}(?:\b0\b|zero|not accepted|no marks)/i.test(`${latest.clause.text} ${behind?.text ?? ''}`)) out.lateUntil.push({ value: latest.date.iso, start: latest.date.start, end: latest.date.end });
  // “Original deadline …; new deadline …” in a letter that grants an extension.
  if (/\b(?:grant(?:ed)?|approved?|agreed)\b[^.]{0,60}\bextension\b|\bextension\b[^.]{0,60}\b(?:granted|approved|agreed)\b/i.test(text) && /\b(?:your|you)\b/i.test(text)) {
    const original = rows.filter((r) => r.role === 'due' && /\b(?:original|standard|previous|old|initial)\s+(?:deadline|due date)/i.test(r.clause.text));
    if (original.length > 0) for (const r of rows) if (r.role === 'due' && !original.includes(r) && /\bnew (?:deadline|due date)/i.test(r.clause.text)) { r.role = 'extension'; r.override = false; for (const o of original) o.override = false; }
  }
  // A resit has its own deadline beside the common one; “Date: 14:00, 6 May” is the deadline where nothing else is.
  if (rows.some((r) => r.role === 'due' && !isResit(r, text))) for (const r of rows) if (r.role === 'due' && isResit(r, text)) r.role = 'other';
  if (!rows.some((r) => r.role === 'due' || (r.label && r.role === 'unknown'))) for (const r of rows) if (r.role === 'other' && r.date.iso.length > 10 && /^\W*date\s*[:=–-]/i.test(r.clause.text)) r.role = 'due';
  // “All milestones are due at 18:00”, “the upload closes at 23:59”: a time for every date that has none.
  const shared = clauses.flatMap((c) => (/\b(?:all|every|each|both)\b[^.;]{0,40}\b(?:due|deadlines?|closes?|end|times?|dates?|hand-?ins?)\b[^.;]{0,20}\b(?:at|is)\s|\b(?:upload|submission|hand-?in|box|page|folder|area|portal|point|it)\s+(?:page |box |point )?closes?\b[^.;]{0,20}\bat\s|\bon the (?:due date|day of the deadline|closing date)\b/i.test(c.text) && readDates(c, now, zone.value, order).length === 0 ? [...matchesIn(c, /\b(?:\d{1,2}[:.]\d{2}(?:\s?[ap]\.?m\b\.?)?|\d{1,2}\s?[ap]\.?m\b\.?|(?:12 )?noon|midnight)/gi)].slice(0, 1) : []))[0];
  if (shared) for (const r of rows) {
    if (r.date.iso.length !== 10 || r.date.problem !== 'none' || (r.role !== 'due' && !(r.label && r.role === 'unknown'))) continue;
    const whole = readDates({ text: `${text.slice(r.date.start, r.date.end)}, ${shared[0]}`, start: 0, end: 0 }, now, zone.value, order)[0];
    if (whole && whole.problem === 'none' && whole.iso.startsWith(r.date.iso)) r.date = { ...r.date, iso: whole.iso };
  }
  const named = new Map<string, { label: string; opens: string | null; due: string | null; start: number; end: number }>();
  for (const r of rows) {
    if (!r.label || (r.role !== 'due' && r.role !== 'opens' && r.role !== 'unknown') || r.date.problem !== 'none') continue;
    const key = r.label.toLowerCase();
    const part = named.get(key) ?? { label: r.label, opens: null, due: null, start: r.date.start, end: r.date.end };
    if (r.role === 'opens') part.opens ??= r.date.iso; else part.due ??= r.date.iso;
    named.set(key, part);
  }
  // “Each part opens one week before its due date.”
  const ahead = clauses.flatMap((c) => [...matchesIn(c, /\b(?:each|every|all|the) (?:part|stage|window|submission|task|phase|assignment|hand-?in|upload|one)\w*(?: (?:point|page|box|window|area|link))?\b[^.;\d]{0,20}\bopens?\b\s*(one|two|three|\d{1,2}) (hour|day|week)s? (?:before|ahead of) (?:its|their|the) (?:due|deadline|closing)\b/gi)])[0];
  const opensBefore = (due: string): string => earlier(due, numberWords[ahead![1]!.toLowerCase()] ?? Number(ahead![1]), ahead![2]!.toLowerCase() as 'hour' | 'day' | 'week', zone.value);
  if (ahead) for (const p of named.values()) if (p.opens === null && p.due !== null) p.opens = opensBefore(p.due);
  // Two or more windows with different closing times make parts; one label alone is just the paper's name.
  const parts = [...named.values()].filter((p) => p.due !== null || p.opens !== null);
  const several = parts.filter((p) => p.due !== null).length >= 2 && new Set(parts.map((p) => p.due)).size >= 2;
  if (several) out.parts = parts;
  for (const r of rows) {
    const statement = { value: r.date.problem === 'none' ? r.date.iso : `?${r.date.problem}${r.date.start}`, start: r.date.start, end: r.date.end, override: r.override };
    if (several && r.label && named.has(r.label.toLowerCase())) continue;
    if (r.role === 'due') out.due.push(statement);
    else if (r.role === 'opens') out.opens.push(statement);
    else if (r.role === 'extension') out.extension.push(statement);
  }
  // “You have been granted an extension of 7 days.”
  const granted = out.extension.length > 0 || new Set(out.due.map((d) => d.value)).size !== 1 || isUnsettledDate(out.due[0]!.value) ? undefined : clauses.flatMap((c) => [...matchesIn(c, /\b(?:you (?:have been|were|are) (?:granted|given)|your|we (?:have )?(?:granted|given) you) (?:an )?(?:extension|extra time) of (one|two|three|five|seven|ten|fourteen|\d{1,2}) (hour|day|week)s?\b/gi)])[0];
  if (granted) out.extension.push({ value: earlier(out.due[0]!.value, -(numberWords[granted[1]!.toLowerCase()] ?? Number(granted[1])), granted[2]!.toLowerCase() as 'hour' | 'day' | 'week', zone.value), start: granted.at, end: granted.to });
  if (ahead && !several && out.opens.length === 0 && out.due.length > 0 && new Set(out.due.map((d) => d.value)).size === 1 && !isUnsettledDate(out.due[0]!.value)) out.opens.push({ value: opensBefore(out.due[0]!.value), start: ahead.at, end: ahead.to });
  return out;
}
/** Whether a date is that of a second attempt. */
const isResit = (r: { date: ReadDate; clause: Clause }, text: string): boolean => /\b(?:re-?sits?|second attempt|re-?assessment|re-?take|supplementary)\b/i.test(text.slice(r.clause.start, r.date.start));
/** A time so much before another, written as that one is: a bare date stays bare, a time without an offset gets none. */
function earlier(iso: string, n: number, unit: 'hour' | 'day' | 'week', zone: string | null): string {
  const at = DateTime.fromISO(iso, zoneOf(zone) ? { zone: zoneOf(zone)! } : { setZone: true }).minus({ [unit]: n });
  if (iso.length === 10) return at.toISODate()!;
  return at.toISO({ suppressMilliseconds: true, includeOffset: /(?:Z|[+-]\d{2}:\d{2})$/.test(iso) })!.replace(/Z$/, '+00:00');
}
/** A date whose reading has a problem settles nothing. */
export const isUnsettledDate = (value: string): boolean => value.startsWith('?');
