import { namedInAddition } from './additional-works.ts';
import { bothNames, zoneOf, zoneOffsets } from '../time/instant.ts';
import { DateTime, FixedOffsetZone, IANAZone } from 'luxon';
import type { Brief } from '../model/brief.ts';
import { readingOf, readRows, type DatedRow, type Reading } from './dated-rows.ts';
import { datedHeadings } from './dated-headings.ts';
import type { ReadDate } from './dates.ts';
import { addHoursBehind, byGroups, hoursBehindDate } from './hours.ts';
import { addHoursOfTheDay, addTimeBefore, addWindowOnDate, besideSome, beyondTheOthers, sameDayAgain, besideFormer, besideMistake, besidePrinted, addSameTime, addSharedTime, addStillAt, addWindowOfTheDay, besideResit, dateAsDeadline, dayOfWeek, dueAfter, grantedExtension, hoursOfEachDay, hoursOfWindow, opensBefore, saidAgain, slotOnDate, windowByDays } from './second-look.ts';
import { personalGrant } from './personal-extensions.ts';
import { senseOfLabel } from './senses/day-labels.ts';
import { besideOffered, besidePast, besideShown, labelledAlike } from './past-works.ts';
import { besideLastDay, besideWindow, cappedUntil, cutOffDates, lateWindows } from './last-days.ts';
import { happens, namedByShape } from './parts-by-shape.ts';
import { extensionOfDays, shiftOf } from './shifted-deadlines.ts';
import { seriesOfDays, timeSaidBefore } from './series-of-days.ts';
import { timeElsewhere } from './time-elsewhere.ts';
import { timeFromRelease } from './time-from-release.ts';
import { addLeadingTime, hoursOfParts } from './times-of-parts.ts';
import { daysBySense, ofNoOther, windowBySense } from './days-by-sense.ts';
import { isCorrection, isUnsettledDate, settle, type Clause, type Statement } from './statements.ts';
import { namedSource } from './two-sources.ts';
import { windowRows } from './window-rows.ts';
import { windowsOfWorks } from './windows-of-works.ts';
import { extensionElsewhere, handInElsewhere, windowElsewhere, worksElsewhere } from './works-elsewhere.ts';
import { readZone } from './zones.ts';
import { firstIn, rewritten, says } from '../text/patterns.ts';

export interface TimesRead {
  opens: Statement<string>[]; due: Statement<string>[]; extension: Statement<string>[]; zone: ReturnType<typeof settle<string>>;
  parts: (Brief['parts'][number] & { start: number; end: number })[]; problems: ReadDate[]; /** the last dates on which late work is taken */ lateUntil: Statement<string>[];
}
export type Part = TimesRead['parts'][number];

/** All dates of a wording that can be read, each taken for a day on which something is due: with the time of day that holds for all. */
export function datesIn(text: string, clauses: Clause[], now: DateTime): ReadDate[] {
  const reading = readingOf(text, clauses, now, settle(asOneZone(readZone(clauses))).value), { rows } = readRows(reading);
  for (const r of rows) if (r.role === 'other' || r.role === 'unknown') r.role = 'due';
  addSharedTime(rows, reading);
  return rows.flatMap((r) => (r.role === 'due' && r.date.problem === 'none' ? [r.date] : []));
}

/** Dates of a wording sorted by what they are for. */
export function readTimes(text: string, clauses: Clause[], now: DateTime): TimesRead {
  const zone = settle(asOneZone(readZone(clauses))), reading = readingOf(text, clauses, now, zone.value);
  const { rows, problems, lateUntil } = readRows(reading);
  if (rows.some((r) => r.role === 'due' && !says(r.clause.text, isAway))) for (const r of rows) if (says(r.clause.text, isAway) && !isCorrection(r.clause)) { r.role = 'other'; r.label = null; }
  const inRows = windowRows(rows, reading);
  const out: TimesRead = { opens: [], due: [], extension: [], zone, parts: [], problems: [], lateUntil: [...inRows, ...lateUntil, ...cappedUntil(rows, reading), ...lateWindows(rows, reading), ...cutOffDates(rows, reading), ...besideWindow(rows, reading), ...besideLastDay(rows, reading)] };
  datedHeadings(rows, reading);
  labelledAlike(rows, reading);
  besidePast(rows, reading, now);
  besideShown(rows, reading);
  saidAgain(rows, reading);
  windowByDays(rows, reading);
  grantedExtension(rows, reading);
  beyondTheOthers(rows, reading);
  sameDayAgain(rows);
  besideFormer(rows, reading);
  dayOfWeek(rows, reading);
  dueAfter(rows, reading);
  besideMistake(rows, reading);
  namedSource(rows, reading);
  besideResit(rows, reading);
  besideSome(rows, reading);
  addWindowOnDate(rows, reading);
  addHoursBehind(rows, reading);
  addHoursOfTheDay(rows, reading);
  besidePrinted(rows, reading);
  dateAsDeadline(rows, reading);
  hoursBehindDate(rows, reading);
  addSameTime(rows, reading);
  addTimeBefore(rows, reading);
  addStillAt(rows, reading);
  addSharedTime(rows, reading);
  timeElsewhere(rows, reading);
  addWindowOfTheDay(rows, reading);
  hoursOfEachDay(rows, reading);
  hoursOfWindow(rows, reading);
  slotOnDate(rows, reading);
  timeFromRelease(rows, reading);
  byGroups(rows, reading);
  seriesOfDays(rows, reading);
  timeSaidBefore(rows, reading);
  out.problems = problems.filter((p) => p.problem !== 'none');
  hoursOfParts(rows, reading);
  namedInAddition(rows, reading);
  extensionElsewhere(rows, reading);
  handInElsewhere(rows, reading);
  // “Late submissions close”, “Extensions close”: labels of days are no works.
  const labelledLate = rows.some((r) => r.date.problem === 'none' && senseOfLabel(r.clause, r.date) === 'lateUntil'), ofWorks = rows.filter((r) => !labelledLate || r.date.problem !== 'none' || !['lateUntil', 'extension'].includes(senseOfLabel(r.clause, r.date) ?? ''));
  if (windowsOfWorks(ofWorks, reading) || windowElsewhere(ofWorks, reading) || worksElsewhere(ofWorks, reading) || namedByShape(ofWorks, reading, areSeveral(partsOf(rows, reading)))) addSharedTime(rows, reading);
  besideOffered(rows, reading);
  addLeadingTime(rows, reading);
  personalGrant(rows, reading);
  out.lateUntil.push(...windowBySense(rows));
  const parts = partsOf(rows, reading);
  // Two or more windows with different closing times make parts; one label alone is just the paper's name.
  const several = areSeveral(parts);
  if (several) out.parts = parts;
  const labels = new Set(parts.map((p) => p.label.toLowerCase()));
  for (const r of rows) {
    if (several && r.label && labels.has(bareLabel(r.label).toLowerCase())) continue;
    // Another item of the same list that is due with one of them.
    if (several && !r.label && r.role === 'due' && /^[*•▪–—-]\s/.test(r.clause.text) && parts.some((p) => p.due === r.date.iso)) continue;
    // “Essay 3 will be set on 10 January.”: the next one.
    if (r.role === 'opens' && r.label && /\s\d{1,2}$/.test(r.label) && r.clause.text.includes(r.label) && !rows.some((o) => o.role === 'due' && o.label === r.label) && rows.some((o) => o.role === 'due' && o.date.problem === 'none' && o.date.iso < r.date.iso)) continue;
    const statement = { value: r.date.problem === 'none' ? r.date.iso : `?${r.date.problem}${r.date.start}`, start: r.date.start, end: r.date.end, override: r.override };
    if (r.role === 'due' || r.role === 'opens' || r.role === 'extension') out[r.role].push(statement);
  }
  // “It was set on 1 February. Hand it in on 1 March between 10 and 16”: the hours say when it opens.
  const wasSet = (s: Statement<string>): boolean => /\bset on\s*(?:\w+day,?\s*)?$/i.test(text.slice(Math.max(0, s.start - 30), s.start + 3).replace(/\bon\s*\S*$/i, 'on'));
  if (new Set(out.opens.map((s) => s.value)).size > 1 && out.opens.some((s) => !wasSet(s))) out.opens = out.opens.filter((s) => !wasSet(s));
  // “Open from 13 November to 14 December”, read in between: what opened before it closes is not a year ahead.
  const lastDue = out.due.map((d) => d.value).filter((v) => !isUnsettledDate(v)).sort().at(-1);
  if (lastDue) out.opens = out.opens.map((s) => (isUnsettledDate(s.value) || s.value.slice(0, 10) <= lastDue.slice(0, 10) || /\d{4}|\d[/.-]\d{1,2}[/.-]\d{2}/.test(text.slice(s.start, s.end)) || Number(s.value.slice(0, 4)) - 1 < now.year ? s : { ...s, value: `${Number(s.value.slice(0, 4)) - 1}${s.value.slice(4)}` }));
  out.opens = out.opens.filter((s) => { const c = reading.clauses.find((o) => o.start <= s.start && s.start < o.end); return c === undefined || !says(text.slice(c.start, s.start), elsewhereOpens); });
  // “Arrival from 14:00 on Sunday” opens nothing.
  out.opens = out.opens.filter((s) => { if (rows.some((r) => r.window && r.date.start === s.start)) return true; const c = reading.clauses.find((o) => o.start <= s.start && s.start < o.end); return c === undefined || says(`${c.under ?? ''} ${c.text}`, opening) || says(`${c.under ?? ''} ${c.text}`, handIn); });
  // “A proposal is due on 18 February. … Submit the paper by 30 April.”: what comes before the paper has a date of its own.
  const early = (s: Statement<string>): boolean => rows.some((r) => r.date.start === s.start && r.label !== null && says(r.label, /^(?:first |rough |second )?(?:proposal|draft|outline|abstract|annotated bibliography|topic|title)s?\b/i));
  if (!several && out.due.some((s) => !early(s))) out.due = out.due.filter((s) => !early(s));
  out.due = newestUpdate(ofHandIn(out.due, reading), reading);
  if (several) out.due = ofNoOther(out.due, rows); else daysBySense(out, rows, reading);
  // “The deadline (4 March) has been put back by 48 hours. It is now 6 March”: both dates and what lies between.
  if (!several && new Set(out.due.map((d) => d.value)).size === 2) { const moved = out.due.find((d) => !isUnsettledDate(d.value) && out.due.some((o) => o.value !== d.value && !isUnsettledDate(o.value) && shiftOf(d, reading, o.value)?.whose === 'everyone')); if (moved) out.due = out.due.filter((d) => d.value !== moved.value); }
  const due = new Set(out.due.map((d) => d.value)).size === 1 && !isUnsettledDate(out.due[0]!.value) ? out.due[0]!.value : null;
  const shift = due !== null && !several ? shiftOf(out.due[0]!, reading) : null;
  // “… has been extended by one week and is now 18 December”: that is everyone's.
  if (shift?.whose === 'everyone') { out.due = [shift.statement]; out.extension = out.extension.filter((e) => e.value.slice(0, 10) !== shift.statement.value.slice(0, 10)); }
  else if (shift && out.extension.length === 0) out.extension.push(shift.statement);
  if (due !== null && out.extension.length === 0) out.extension.push(...extensionOfDays(out.due[0]!, reading));
  if (due !== null && !several && out.opens.length === 0) { const before = opensBefore(reading); if (before) out.opens.push(before(due)); }
  return out;
}

const areSeveral = (parts: readonly Part[]): boolean => parts.filter((p) => p.due !== null).length >= 2 && new Set(parts.map((p) => p.due)).size >= 2;

const handIn = /\b(?:due|deadlines?|submi\w*|hand(?:s|ed|ing)?[- ]?(?:it |them |your \w+ |out and )?in|upload\w*|turn(?:ed|ing)? (?:it |them |your \w+ )?in|deliver\w*|clos(?:e|es|ed|ing)|return(?:ed)?|received|reach\w*|essays?|papers?|reports?|coursework|assignments?|assessments?|thes[ei]s|dissertations?|portfolios?|drafts?|versions?|files?|pdf|e-?mail|inbox|box|folder|portal|when|(?:must|has to|have to|needs? to|should) be (?:in|there|with us|with me)(?= (?:by|before|on|no later)))\b/i;
/** What is paid, booked and signed is not handed in here. */
const notHandedIn = /^\W*(?:please )?read (?:chapters?|pages?|pp\.?|the (?:book|article|text|chapter|novel))\b[^.;]*$|\b(?:fees?|deposit|payment|pay|rent|sign up|enrol\w*|regist(?:er|ration)|book(?:ing)?s? (?:a|your|it)|applications? (?:for|to)|RSVP)\b[^.;]*$|\b(?:librar(?:y|ies)|archives?|museum|galler(?:y|ies)|exhibition|reading room|studio|workshop|registration|enrolment|shop|(?:help|information) desk|(?<!\b(?:to|at|in) the )(?:\w+ )?office) (?:is |are |will be |re)?(?:open(?:s|ed)?|clos(?:es?|ed))\b[^.;]*$/i, opening = /\b(?:open\w*|possible|period|live|online|appear\w*|access|hand(?:ing|ed)?[- ]out|available|releas\w+|window|start\w*|begin\w*|posted|set|publish\w+|accept\w*|earliest|between|visible|handed out|not before|no earlier|active|goes live)\b/i;
/** What opens there is no box. */
const elsewhereOpens = /\b(?:librar(?:y|ies)|archives?|museum|galler(?:y|ies)|exhibition|reading room|shop|(?:help|information) desk) (?:is |are |will be |re)?open(?:s|ed)?\b[^.;]*$|\b(?:model|sample|example|specimen) (?:essays?|answers?|papers?|reports?|solutions?)\b[^.;]*\b(?:available|released|posted|published|online)\b[^.;]*$|\b(?:(?:consultation|office|advice|drop-?in|help|opening) (?:hours?|sessions?|times?)|(?:the )?(?:teaching|term|semester|classes|lectures|seminars|tutorials|exams|exam period|marking|holidays?|break|booking|registration|enrolment|strike)) (?:will )?(?:opens?|starts?|begins?|is open|are open|resumes?)\b[^.;]*$|^\W*(?!(?:the |your )?(?:(?:electronic )?submission|hand-?in|upload|uploading|handing|it)\b)(?:\w+ ){1,4}(?:takes? place|happens?|is held|are held)\b[^.;]*$/i;
/** Words before a date that may be about anything. */
const weakly = /\b(?:by|before|until|till|to|from|on)\s*(?:\w+day,?\s*)?(?:the\s+)?$/i;
/** “Pay the deposit by 1 February”, “the exams are from 10 May to 4 June”: beside dates of a hand-in, or among many others, such dates are none. */
function ofHandIn(due: Statement<string>[], { clauses, text }: Reading): Statement<string>[] {
  const clauseOf = (s: Statement<string>): Clause | undefined => clauses.find((c) => c.start <= s.start && s.start < c.end), said = due.filter((s) => { const c = clauseOf(s), before = c && clauses[clauses.indexOf(c) - 1]; return c === undefined || !says(text.slice(c.start, s.start), notHandedIn) && (!says(text.slice(c.start, s.start), weakly) && !says(text.slice(s.start), /^(?:by|before|until|till|to|from|on)\b/i) || says(`${c.under ?? ''} ${c.text}`, handIn) || (before !== undefined && before.text.length < 60 && !/[.!]$/.test(before.text) && says(before.text, handIn))); });
  if (said.length > 0) return said;
  return new Set(due.map((s) => s.value)).size > 1 || text.length > 3000 ? [] : due;
}

/** “UPDATE 2: deadline now 24 February. UPDATE 1: deadline now 22 February.”: of numbered updates the highest holds. */
function newestUpdate(due: Statement<string>[], { clauses }: Reading): Statement<string>[] {
  const number = (s: Statement<string>): number => Number(firstIn(clauses.find((c) => c.start <= s.start && s.start < c.end)?.text ?? '', /^\W*(?:update|correction|change|amendment|version)\s+(?:no\.?\s*|#)?(\d{1,2})\b/i)?.[1] ?? 0), highest = Math.max(0, ...due.map(number));
  return highest < 2 ? due : due.filter((s) => number(s) === highest || number(s) === 0).map((s) => (number(s) === highest ? { ...s, override: true } : s));
}

/** “Outline (one page)” is the outline; “Part 1 (proposal)” keeps its name. */
const bareLabel = (label: string): string => rewritten(label, [/,\s*(?:max\.? |up to )?\d[\d,.]*(?:\s?[-–]\s?\d[\d,.]*)?[ -](?:words?|pages?|pp?\.?|sides?)$/i, ''], [/(?<=^\p{L}[\p{L} -]{2,30}) (?:deadline|due date)$/iu, ''], [/^(?:due|deadline|due date)\s*\(([^()]{3,40})\)$/i, '$1'], [/^what (?:to|you) (?:hand|turn|send) in,? (?:for )?(?=\S)/i, ''], [/(?<=\S)\s*\((?:for\b|[^()]*\b(?:pages?|words|marks|sides?|optional|graded|formative|ungraded)\b|[^()]*%)[^()]*\)$/i, '']);
/** Windows by their names, each with when it opens and closes. */
function partsOf(rows: DatedRow[], reading: Reading): Part[] {
  const named = new Map<string, Part>(), before = opensBefore(reading), answered = rows.some((r) => r.role === 'due' && r.clause.answers);
  for (const r of rows) {
    // An answer above a quoted mail says what holds now.
    if (answered && !r.clause.answers) continue;
    if (!r.label || (r.role !== 'due' && r.role !== 'opens' && r.role !== 'unknown') || r.date.problem !== 'none') continue;
    // “Midterm exam 25% (March 4), research paper 45%”.
    if (r.role === 'unknown' && says(reading.text.slice(r.clause.start, r.date.start), /\b(?:exam|midterm(?! (?:essay|paper|report))|quiz|test|lecture|class)\b[^.;,]{0,20}$/i)) continue;
    // “Assignment 3”, a heading, over “I wrote this on 12 March 2026.”
    if (isAside(r, rows)) continue;
    // “Presentations: 20 April”, below a work: what happens on a day is not its hand-in.
    const ownName = r.role === 'unknown' ? /^\W*(\p{Lu}[\p{L} ]{2,40}):\s*$/u.exec(reading.text.slice(Math.max(r.clause.start, reading.text.lastIndexOf('\n', r.date.start) + 1), r.date.start))?.[1] : undefined;
    if (ownName && says(ownName, happens) && !ownName.toLowerCase().includes(r.label.toLowerCase())) continue;
    const key = (underHeading(r, rows) ?? r.label).toLowerCase(), part = named.get(key) ?? { label: bareLabel(r.label).replace(/\s*[:|]\s*$/, ''), opens: null, due: null, start: r.date.start, end: r.date.end };
    if (r.role === 'opens') part.opens ??= r.date.iso; else if (part.due === null || r.override) part.due = r.date.iso;
    named.set(key, part);
  }
  for (const p of named.values()) if (before && p.opens === null && p.due !== null) p.opens = before(p.due).value;
  return [...named.values()].filter((p) => p.due !== null || p.opens !== null);
}
/** “I will be at a conference from 1 to 5 February.” */
const isAway = /\bthe (?:building|campus|university|library|lab|laboratory|office|department|archive|site|canteen|school) (?:is|are|will be|remains?|stays?) (?:closed|shut)\b|^\W*(?:I|we|my office|the (?:office|library|department|secretary)|your tutor) (?:will be|am|are|is|shall be) (?:away|at|in|on|out|abroad|closed|travell?ing|unavailable|not available|ill|off)\b/i;
/** A whole sentence that says nothing of the part that it stands under, nor of handing in, beside one that does. */
const isAside = ({ role, label, clause, date }: DatedRow, rows: readonly DatedRow[]): boolean => role === 'unknown' && !clause.text.toLowerCase().includes(label!.toLowerCase()) && says(clause.text, /^\W*(?:the |an? |I |we |it |this |that |there |my |our )/i) && /[.!]$/.test(clause.text)
  && !says(clause.text.slice(0, date.start - clause.start), handIn) && rows.some((o) => o.role === 'due' && o.date.problem === 'none' && o.clause !== clause);
/** “Essay 2”, a heading, over “Your essay is due on …”: the only numbered one, and said above, is what the sentence is about. */
function underHeading({ label, clause }: DatedRow, rows: readonly DatedRow[]): string | null {
  const kind = label!.toLowerCase(), numbered = /^(?:\p{L}+ )*(\p{L}+) #?(?:\d{1,2}|[a-e])$/u, named = new Set(rows.flatMap((r) => (r.label && firstIn(r.label.toLowerCase(), numbered)?.[1] === kind.split(' ').at(-1) && !says(kind, numbered) ? [r.label.toLowerCase()] : [])));
  const [only] = named;
  return named.size === 1 && clause.text.toLowerCase().includes(kind) && !rows.some((r) => r.clause.text.toLowerCase().includes(only!)) ? only! : null;
}

/** What a place's clock is ahead of UTC by in winter and in summer, in minutes. */
const offsetsOf = (place: string): number[] => [1, 7].map((month) => DateTime.fromObject({ year: 2027, month }, { zone: place }).offset);

/** Irish, Indian and Israeli time are all called IST. */
const placesOfIst = ['Europe/Dublin', 'Asia/Kolkata', 'Asia/Jerusalem'];
/** What a place's clock is called all the year round: by its summer name and, where people use it so, by its standard one (“GMT” in May may mean either). */
const clocksOf = (place: string): string[] => Object.entries(bothNames).flatMap(([names, zone]) => (offsetsOf(zone).join() === offsetsOf(place).join() ? names.split('/').filter((name) => name !== 'GMT') : []));

/** “5 March (CET) … 16 April (CEST)”: a zone's name in winter and its name in summer are one clock. */
function asOneZone(statements: Statement<string>[]): Statement<string>[] {
  // “CEST (UTC+2)”, “Amsterdam time (UTC+2)”: a name and its offset.
  const offset = (value: string): string | null => (/^(?:UTC|GMT)?[+-]\d/i.test(value) ? zoneOf(value) : null), minutes = (zone: string | null): number => (zone ? IANAZone.isValidZone(zone) ? NaN : FixedOffsetZone.parseSpecifier(zone)?.offset(0) ?? NaN : NaN);
  const names = statements.filter((s) => offset(s.value) === null), ofOffsets = statements.filter((s) => offset(s.value) !== null);
  // “BST (UK time)”: a place and what its clock is called.
  const places = new Set(names.flatMap((s) => (s.value.includes('/') && IANAZone.isValidZone(s.value) ? [s.value] : []))), clocks = new Set(names.map((s) => s.value).filter((name) => !places.has(name)));
  if (ofOffsets.length === 0 && places.size === 1 && clocks.size > 0 && [...clocks].every((name) => clocksOf([...places][0]!).includes(name.toUpperCase()) || name === 'IST' && placesOfIst.includes([...places][0]!))) return statements.map((s) => ({ ...s, value: [...places][0]! }));
  if (ofOffsets.length > 0 && new Set(names.map((s) => s.value)).size === 1) {
    const name = names[0]!.value, own = zoneOffsets[name.toUpperCase()], place = zoneOf(name), inPlace = place?.includes('/') ? offsetsOf(place) : [];
    if (ofOffsets.every((s) => { const said = minutes(offset(s.value)); return own ? minutes(`UTC${own}`) === said : inPlace.includes(said); })) return statements.map((s) => ({ ...s, value: name }));
  }
  const said = new Set(statements.map((s) => s.value.toUpperCase())), pair = [...said].find((name) => name.includes('/') && bothNames[name as keyof typeof bothNames] !== undefined && [...said].every((o) => o === name || name.split('/').includes(o)));
  const both = pair ?? (said.size === 2 ? Object.keys(bothNames).find((names) => names.split('/').every((name) => said.has(name))) : undefined);
  return both ? statements.map((s) => ({ ...s, value: both })) : statements;
}
