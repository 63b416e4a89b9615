import { DateTime } from 'luxon';
import { isOfMaterials } from './materials.ts';
import { daysLater } from './days-later.ts';
import { isOthersDay, refusesFrom, roleOf, type DateRole } from './date-roles.ts';
import { dateOrder, readDates, type ReadDate } from './dates.ts';
import { isCorrection, isHomework, type Clause, type Statement } from './statements.ts';
import { eachIn, firstIn, rewritten, says } from '../text/patterns.ts';

/** A date of the wording, with what it is for and the name of the part that it belongs to. */
export interface DatedRow { label: string | null; role: DateRole; date: ReadDate; clause: Clause; override: boolean; /** it stands in a row of times that says what each is */ window?: boolean }

/** The wording with what its dates are read with. */
export interface Reading {
  text: string; clauses: Clause[]; zone: string | null;
  dates: (clause: Clause) => ReadDate[];
  /** a bare date with a time of day that stands elsewhere; null where the two make none */ withTime: (date: ReadDate, time: string) => string | null; /** a date that is put together from several places */ read: (wording: string) => ReadDate | null;
}
const monthNames = 'jan|feb|mar|apr|may|jun|jul|aug|sep|oct|nov|dec';
const yearInDate = new RegExp(`\\b(?:${monthNames})[a-z]*\\.?,?\\s+(?:\\d{1,2}(?:st|nd|rd|th)?,\\s*)?(20\\d\\d)\\b|\\b\\d{1,2}[/.]\\d{1,2}[/.](20\\d\\d)\\b|\\b(20\\d\\d)-\\d{2}-\\d{2}\\b`, 'gi');

export function readingOf(text: string, clauses: Clause[], now: DateTime, zone: string | null): Reading {
  const order = dateOrder(text, zone), years = new Set([...eachIn(text, yearInDate)].map((m) => Number(m[1] ?? m[2] ?? m[3])));
  // Where all dates with a year are of this one, and one of them is still to come, a date without is of it too, even where it is past.
  const ofThisYear = years.size === 1 && years.has(now.year) && clauses.some((c) => c.text.includes(String(now.year)) && readDates(c, now, zone, order).some((d) => d.iso.slice(0, 10) >= now.toISODate()! && text.slice(d.start, d.end).includes(String(now.year))));
  const read = (wording: string): ReadDate | null => { const date = readDates({ text: wording, start: 0, end: 0 }, now, zone, order)[0]; return date?.problem === 'none' ? date : null; };
  return {
    text, clauses, zone, dates: (clause) => readDates(clause, now, zone, order, ofThisYear ? now.year : null).sort((a, b) => a.start - b.start),
    // A year that the other dates have given stays.
    withTime: (date, time) => { const day = date.iso.slice(0, 10), asSaid = read(`${text.slice(date.start, date.end)}, ${time}`), whole = asSaid?.iso.startsWith(day) ? asSaid : read(`${day}, ${time}`) ?? asSaid; return whole && whole.iso.length > 10 ? whole.iso : null; }, read,
  };
}

/** Words that name one window of several. */
const partLabel = /\b((?:entries|exercises|problems|tasks|posts|sheets|problem sets) \d{1,2}\s?(?:[–-]|to|and)\s?\d{1,2}(?=\s*(?:\([^()]*\)\s*)?(?:[:–-]|by\b|due\b|until\b|are due\b))|week \d{1,2} (?:task|exercise|quiz|essay|report|assignment|journal|post|sheet|reflection)(?=\s*(?:\([^()]*\)\s*)?[:–-]\s*(?:\w+day,?\s*)?\d)|(?:piece|sketch|portfolio (?:item|piece)|exhibit|story|episode|instal?lment) \d{1,2}(?=(?:[^.;\n]|\.(?=\d)){0,80}\d)|interim report|camera-ready(?: (?:version|copy|paper|submission)s?)?|weeks? \d{1,2}\s?[–-]\s?\d{1,2}(?: (?:reflections?|journals?|posts?|log|diary|exercises|tasks))?|(?:1st|2nd|3rd) (?:submission|hand-?in|essay|report|paper|assignment|draft)|(?:winter|summer|spring|autumn)(?: (?:term|semester))? (?:assignment|essay|paper|report|coursework)|(?:first|second|third) (?:lab |field |interim |seminar )?(?:report|essay|paper|assignment|sheet)(?=[^.;]{0,30}\b(?:due|deadline|is|by)\b)|first submission|second submission|first draft|second draft|final draft|(?:essay|paper|report|project) (?:plan|sketch)|mock-?up(?: of the \w+)?|final poster|rough draft|draft|final (?:version|paper|essay|report|submission)|final(?! (?:grades?|marks?|exams?|year))|proposal|prospectus|outline|annotated bibliography|literature review|(?:part|section|stage|step|task|phase|component|submission|assignment|assessment|essay|paper|report|coursework|exercise|portfolio|milestone|deliverable|window|round|memo|case memo|quiz|lab(?: report)?|problem (?:set|sheet)|homework|hw|(?:exercise |work ?)sheet|case study|(?:response|position) paper|(?:reading |discussion )?response|journal(?: entry)?|blog post|project|presentation|reflection|translation|draft|poster|check|entry|chapter|ch\.)\s+#?(?:\d+(?![\d.]*\s?%|\d*(?:st|nd|rd|th)?\s+(?:of\s+)?(?:jan|feb|mar|apr|may|jun|jul|aug|sep|oct|nov|dec))(?!\d*[/.]\d)(?<!\bentry \d{3,})|[A-E]|one|two|three|four|five|I{1,3}|IV|V)\b|camera-ready (?:version|copy|copies|paper)s?|presentation slides|slides|poster|reflection|logbook|abstracts?|full papers?|peer review|group\s+(?:\d{1,2}|[A-H])\b|revision|revised (?:version|essay|paper|report|draft)|report|essay|paper|thesis|dissertation|(?:plan|video|podcast|film)(?= (?:is|must|has to|should|due|by|until)\b)|form|appendix|dataset|data sheet|photographs|photos|text(?= by\b)|portfolio(?=\s*:?\s*\d{1,2}[/.]\d))\b/gi;
const numbered = /^(?:part|section|stage|step|task|phase|component|submission|assignment|window|round|milestone|deliverable)\s/i;
/** The small word before a day that the date library takes for a part of it: “from”, “until”. */
export const takenIn = (text: string, { start }: ReadDate): string => firstIn(text.slice(start, start + 12), /^(?:from|by|until|till|before|to|after|on|between|bis|vom)\s+/i)?.[0] ?? '';
/** A name with a number of its own. */
const withNumber = /\s#?(?:\d{1,2}|[A-E]|one|two|three|four|five)$/i;
/** A time of day as wordings have it. */
export const timeOfDay = /\b(?:\d{1,2}[:.]\d{2}(?:\s?[ap]\.?m\b\.?)?|\d{1,2}\s?[ap]\.?m\b\.?|(?:12 )?noon|midnight)/i;
/** What is no window for handing in. */
const noWindow = /\b(?:viva|defen[cs]e|rebuttal|(?<!\b(?:literature|book|film|article|systematic|critical|scoping|policy|source) )review(?! (?:essay|article|paper)\b)|marking|grading|consultation|feedback|marks|results|exam|reading(?! (?:response|journal|diary|log|report|notes?)\b)|term(?! paper\b))\b/i;
/** What a date begins with. */
const weekdayOrDay = `(?:(?:mon|tues?|wed(?:nes)?|thu(?:rs)?|fri|sat(?:ur)?|sun)(?:day)?\\b|\\d{1,2}(?:st|nd|rd|th)?[\\s./])`;
const noHandIn = /\b(?:notification|feedback|marks|results|grades|return|published?|released?|opens?|term|seminar|lecture|(?<!abstract )registration|colloquium|defen[cs]e|viva|exam|presentation(?! slides)|approval|application|check|grade|kick-?off|(?<!\bclass )meeting|topic(?! and (?:the )?(?:bibliography|outline|abstract|plan))|consultation|resit)\b/i;
const listHead = /\b(?:deadlines|dates|schedule|timetable|milestones|hand-?ins)\b\W*$|^\W*(?:\d+[.)]\s*)?when\W*$/i;

/** “Deadline for (a): …; for (b) and (c): …”. */
const letteredItems = (clause: Clause, date: ReadDate, text: string): string | null => firstIn(text.slice(clause.start, date.start), /\bfor ((?:(?:part|item)s? )?\([a-h1-9]\)(?:(?:,| and|, and| &) \([a-h1-9]\))*)\s*[:–-]?\s*(?:\w+day,?\s*)?$/i)?.[1] ?? null;

/** “The question appears at 9 am on Thursday. You then have until 9 pm the same day.” */
function untilSameDay(clause: Clause, before: Clause | undefined, last: DatedRow | undefined, reading: Reading): DatedRow | null {
  const m = last && last.role === 'opens' && last.clause === before && last.date.problem === 'none' ? (last.date.iso.length > 10 ? firstIn(clause.text, /\b(?:uploaded|submitted|handed in|returned|delivered)\s+(?:no later than|by|before)\s+(\d{1,2}[:.]\d{2}(?: ?[ap]m)?)(?![.:]?\d)/i) : null) ?? firstIn(clause.text, /\b(?:until|till|by|before)\s+(\d{1,2}[:.]\d{2}(?: ?[ap]m)?|\d{1,2} ?[ap]m|noon|midnight),?\s+(?:on )?(?:that|the same|this) (?:day|evening|afternoon)\b/i) : null;
  if (!m || !last) return null;
  const whole = reading.read(`${last.date.iso.slice(0, 10)}, ${m[1]!}`)?.iso;
  return whole && whole.length > 10 ? { ...last, role: 'due', clause, date: { iso: whole, start: clause.start + m.index, end: clause.start + m.index + m[0].length, problem: 'none' } } : null;
}

/** “Paper 2 – Comparative essay. 5–6 pp. Draft: Oct 26. Final: Nov 9.”: the head of the line and the word at the date. */
function stageOfPaper(date: ReadDate, text: string): string | null {
  const m = firstIn(text.slice(text.lastIndexOf('\n', date.start - 1) + 1, date.start), /^\W*((?:paper|essay|project|report|assignment|lab report|exercise|case study)\s+(?:\d{1,2}|[A-E]|one|two|three|four|five))\s*[:.–—-].*\b((?:first |rough |final )?draft|final(?: (?:version|paper|essay))?|outline|proposal|revision|plan)\s*(?::|–|-|—|\bdue\b|\bby\b)\s*(?:on\s+)?(?:\w+day,?\s*|(?:mon|tues?|wed|thu(?:rs)?|fri|sat|sun)\.?,?\s*)?$/i);
  return m ? `${m[1]!}, ${m[2]!.toLowerCase()}` : null;
}

interface Label { text: string; at: number; to: number }
/** “… excluding appendix” names no part. */
const leftOut = /\b(?:exclu\w*|inclu\w*|without|plus|not counting|excl?\.|incl?\.)\s+(?:the |any |your )?(?:[\p{L}]+(?:,| and| or) )*$/iu;
/** “Comments for peer review”, “the peer review takes place on …”, “a draft to your supervisor (optional)”: named, and nothing that is handed in. */
function isBeside(name: string, lead: string, rest: string): boolean {
  if (/^peer review$/i.test(name)) return /\bfor $/i.test(lead) || says(rest, /^s? (?:takes? place|(?:is|will be) held|happens?|will take place)\b/i);
  return says(name, /^(?:(?:first|full|rough|complete) )?draft$/i) && says(rest, /^ to (?:your |the |my |their )?(?:supervisor|adviser|advisor|tutor|mentor)s?\b[^.;]{0,4}\b(?:optional|voluntary|if you (?:like|wish|want))\b/i);
}
const labelsIn = (clause: Clause): Label[] => [...eachIn(clause.text, partLabel)].filter((m) => { const lead = clause.text.slice(0, m.index); return !says(lead, leftOut) && !isBeside(m[0], lead, clause.text.slice(m.index + m[0].length)); }).map((m) => ({ text: m[0], at: clause.start + m.index, to: clause.start + m.index + m[0].length }));

export interface RowsRead { rows: DatedRow[]; problems: ReadDate[]; lateUntil: Statement<string>[] }

/** All dates of the wording, each with its part and its role. */
export function readRows(reading: Reading): RowsRead {
  const { text, clauses } = reading, out: RowsRead = { rows: [], problems: [], lateUntil: [] };
  const runs = runsOfDates(text);
  let label: string | null = null, carried: string | null = null, /** under a heading that announces several dates */ listing = false, /** what the columns of a table are for, from its head */ columns: (DateRole | null)[] = [], /** what they are about, where its corner is empty */ subjects: string[] = [];
  clauses.forEach((clause, index) => {
    const written = withYearOfRow(reading.dates(clause), text), dates = written.length > 0 ? [...written, ...dayBehind(clause, written, reading)] : [dayOfSameMonth(clause, out.rows, reading), dayOfOpening(clause, index, reading), daysLater(clause, out.rows, reading)].find((found) => found.length > 0) ?? [], labels = labelsIn(clause);
    if (dates.length === 0) {
      if (/\|.*\|/.test(clause.text)) { const own = columnsOf(clause); if (own.some((role) => role !== null) || own.length !== columns.length) columns = own; const cells = clause.text.split('|').map((cell) => cell.trim()); if (cells[0] === '' && cells[1] === '' && cells.length >= 5) subjects = cells; }
      const closing = untilSameDay(clause, clauses[index - 1], out.rows.at(-1), reading);
      if (closing) { out.rows.push(closing); return; }
      if (addsTime(clause, clauses[index - 1], out.rows.at(-1), reading)) return;
      // “Part 1:” on a line of its own labels the lines below it.
      const short = clause.text.length < 60;
      // “Part B – Methods report (80 %)” is Part B.
      const marked = labels.filter((l) => says(l.text, numbered)), own = labels.length === 1 ? labels[0]! : marked.length === 1 && clause.text.startsWith(marked[0]!.text) ? marked[0]! : undefined;
      if (short && own && !says(clause.text, isHomework) && !/^(?:paper|thesis)$/i.test(own.text) && (says(own.text, numbered) || !label || !says(label, numbered) || !/[.;]$/.test(clause.text))) label = own.text;
      listing = short && says(clause.text, listHead);
      return;
    }
    const head = headOf(clause, dates, listing || runs.some(([from, to]) => clause.start >= from && clause.end <= to)), row = rowName(clause, dates, columns, text), isRange = isWindow(clause, dates, head.label, text);
    // A clause after a semicolon still speaks of the same part.
    if (!/;\s*$/.test(text.slice(Math.max(0, clause.start - 40), clause.start))) carried = null;
    // “Lab 1: 11 Feb / Lab 2: 25 Feb”: every date has a name of its own before it.
    const names = dates.length > 1 ? dates.map((d, k) => labels.filter((l) => l.at >= (k > 0 ? dates[k - 1]!.end : clause.start) && l.at < d.end).at(-1)?.text) : [], named = names.length > 1 && names.every((n) => n !== undefined && says(n, withNumber) && !/^group/i.test(n)) && new Set(names).size === names.length;
    const inOrder = numberedTogether(clause, dates), windows = windowsInOrder(dates, text);
    dates.forEach((date, i) => {
      const override = isCorrection(clause), push = (name: string | null, role: DateRole): void => { out.rows.push({ label: name, role, date, clause, override }); };
      if (date.problem !== 'none') { out.problems.push(date); push(null, roleOf(clause, date, clauses[index - 1], clauses[index + 1])); return; }
      if (endsLateWork(clause, date, clauses[index - 1], text)) { out.lateUntil.push({ value: says(text.slice(clause.start, date.start), onOrAfter) || date.iso.length === 10 && (fromThen(clause, date, text) || refusesFrom(clause, date)) ? dayBefore(date.iso) : date.iso, start: date.start, end: date.end, override }); return; }
      carried = letteredItems(clause, date, text) ?? stageOfPaper(date, text) ?? (named ? names[i]! : null) ?? inOrder[i] ?? row ?? head.label ?? lineLabel(date, text) ?? (i === 0 ? labelAbove(label, labels, date) : null) ?? labelFor(labels, dates, i, clause) ?? subjectOf(clause, date) ?? carried ?? (labels.length === 0 && clause.text.length < 90 ? label : null) ?? movedPart(clause, date, out.rows.at(-1), clauses[index - 1], text) ?? (/^\W*it (?:was|is|has|had)\b/i.test(clause.text) ? onlyNumbered(clauses[index - 1]) : null);
      // “| | Draft | Final |” over “| Due | 15 March | 12 April |”.
      const subject = clause.text.includes('|') ? subjects[clause.text.slice(0, date.start - clause.start).split('|').length - 1] : undefined;
      if (subject) carried = subject;
      const column = clause.text.includes('|') && subjects.length === 0 ? columns[clause.text.slice(0, date.start - clause.start).split('|').length - 1] : null;
      push(carried, isRange || windows ? (i % 2 === 0 ? 'opens' : 'due') : column ?? (head.listed && !opensAt(clause, date) && !isOthersDay(clause, date) ? 'due' : roleOfAnswer(clause, roleOfDay(clause, date, clauses[index - 1], clauses[index + 1]))));
    });
  });
  return out;
}

/** “Opens 1 Feb, closes 12 Feb 2027”: a day without a year is of the year that the next one names, or of the one before it. */
function withYearOfRow(dates: ReadDate[], text: string): ReadDate[] {
  const hasYear = (d: ReadDate): boolean => /\b20\d\d\b|[./-]\d\d$/.test(text.slice(d.start, d.end));
  return dates.map((date, i) => {
    const next = dates.slice(i + 1).find(hasYear);
    if (!next || hasYear(date) || date.problem !== 'none' || next.problem !== 'none' || date.iso.slice(0, 10) <= next.iso.slice(0, 10)) return date;
    const year = Number(next.iso.slice(0, 4)), rest = date.iso.slice(4);
    return { ...date, iso: `${rest.slice(0, 6) <= next.iso.slice(4, 10) ? year : year - 1}${rest}` };
  });
}

/** “The presentation (PDF export) is due on 3 May; the handout is due on 17 May”: what the sentence is about. */
const subjectOf = (clause: Clause, date: ReadDate): string | null => firstIn(clause.text.slice(0, date.start - clause.start + 1), /^\W*(?:and |but )?(?:the|your) (?!(?:assignment|work|submission|coursework|deadline|files?|whole|document|due|closing|final|final deadline|hand-?in|upload|task|assessment|project|exam)s?\b)((?:[a-z-]+ )?[a-z-]+)(?: \([^()]*\))?(?: (?:carries|counts(?: for)?|is worth|makes up) \d{1,3} ?(?:%|per ?cent|marks|points)(?: of [a-z ]{3,24})? and)? (?:is|are|must be|has to be|should be) (?:due|handed in|submitted|uploaded)\b/i)?.[1]!.replace(/ itself$/i, '') ?? null;

/** “Part A (proposal): opens 1 February, due 14 February”. */
const opensAt = (clause: Clause, date: ReadDate): boolean => says(clause.text.slice(0, date.start - clause.start), /\b(?:opens?|opening|available|starts?|released?)(?: (?:on|from|at))?\s*:?\s*(?:\w+day,?\s*)?$/i);

/** “Is the deadline really on a Sunday? Yes: Sunday 11 April.”: the question says what the date is for. */
const roleOfAnswer = (clause: Clause, role: DateRole): DateRole => (role === 'unknown' && clause.under !== undefined && says(clause.under, /\b(?:deadline|due|closing date|hand-?in (?:date|day)|cut-?off(?! for late)|(?:how long|until when) (?:do|have) (?:I|we)|when exactly|when (?:do|would|will) you (?:need|want|like|expect|collect) (?:it|them|the \w+|my \w+|our \w+)|when (?:do|must|should) (?:I|we) (?:be|have) (?:done|finished|it ready))\b[^?]*\?\W*$/i) ? 'due' : role);

/** “Essay 1” as a heading over “Hand in by 15 March, essay 2 by 19 April”: the first date is that of the heading. */
function labelAbove(heading: string | null, labels: Label[], date: ReadDate): string | null {
  const [next] = labels, kind = (label: string): string => label.toLowerCase().split(/\s/)[0]!;
  return heading && next && next.at >= date.end && kind(next.text) === kind(heading) && next.text.toLowerCase() !== heading.toLowerCase().replace('#', '') ? heading : null;
}

/** “I've pushed the hand-in for Problem Set 5. It was due on Thursday; it is now due on Friday.” */
const onlyNumbered = (before: Clause | undefined): string | null => { const named = before ? labelsIn(before).filter((l) => says(l.text, withNumber)) : []; return named.length === 1 && before!.text.length < 240 ? named[0]!.text : null; };
/** “The deadline for Essay 1 was 5 March. Because of the strike it has been moved to 19 March.”: still about that part. */
const movedPart = (clause: Clause, date: ReadDate, last: DatedRow | undefined, before: Clause | undefined, text: string): string | null => (last && last.clause === before && isCorrection(clause) && /\b(?:it|this|that|which)\b/i.test(text.slice(clause.start, date.start)) ? last.label : null);

/** Stretches of three lines and more that each say one name and its date: “Full paper: 15 March 2027”, “Final report – Tuesday 4 May 2027 – 40 pages max.” */
function runsOfDates(text: string): [number, number][] {
  const line = new RegExp(`^[ \\t•*-]*(?!(?:due|deadline|closing|opening|opens?|closes?|date|start|end|from|until|when|submission|release|issued|set|feedback|results|available|time|update|posted)\\b)[A-Z](?:[^:|–—\\n\\d(]|\\([^)\\n]*\\)){2,40}?(?: \\d{1,2})?(?:\\s*:|\\s+[–—-])\\s+${weekdayOrDay}[^\\n]{0,60}$`, 'i'), found: [number, number][] = [];
  let at = 0, from = -1, count = 0;
  // “Project ...... 30 April” is a name and its date as well.
  for (const one of [...text.replace(/(?<=\S) ?\.{4,} ?(?=\S)/g, (dots) => ': '.padEnd(dots.length)).split('\n'), '']) {
    if (says(one, line)) { if (count++ === 0) from = at; }
    else if (one.trim() !== '' || at >= text.length) { if (count >= 3) found.push([from, at]); count = 0; }
    at += one.length + 1;
  }
  return found;
}

const columnsOf = (clause: Clause): (DateRole | null)[] => clause.text.split('|').map((c) => (/\b(?:opens?|from|available|start)/i.test(c) ? 'opens' : says(c, /\b(?:due|deadline|closes?|until|end)|^\s*(?:by|when)\b/i) ? 'due' : /\b(?:feedback|marks|returned)/i.test(c) ? 'other' : null));
/** A row of a table with a column for closing is named by its first cell. */
function rowName(clause: Clause, dates: ReadDate[], columns: (DateRole | null)[], text: string): string | null {
  // A table without a head, too.
  const first = (columns.includes('due') || columns.length === 0 && /^\s*[^|\s][^|]*\|/.test(clause.text) && !/\d/.test(clause.text.split('|')[0]!.replace(/^\s*[A-Z]{0,2}\d{1,2}\b/, ''))) && /\|.*\|/.test(clause.text) ? clause.text.split('|').map((cell) => cell.trim()).find((cell) => cell !== '') : undefined;
  // “1 | Position paper | PDF”: a number alone is no name where one stands beside it.
  const cells = clause.text.split('|').map((cell) => cell.trim()).filter(Boolean), beside = first && /^(?:\d{1,2}|[A-H])[.)]?$/.test(first) ? cells[1]?.replace(/\s*\([^()]*\)$/, '') : undefined;
  if (beside && beside.length <= 50 && /^\p{L}[\p{L} ’'-]{3,}$/u.test(beside) && !says(beside, /^(?:pdf|docx?|word|zip|mp[34]|xlsx?|pptx?)$/i)) return beside;
  return first && first.length <= 60 && dates.every((d) => text.slice(d.start, d.end) !== first) && !/\d{4}/.test(first) ? first : null;
}

/** What a day is for; a day on which only something for the work can be had is none of its own. */
function roleOfDay(clause: Clause, date: ReadDate, previous: Clause | undefined, next?: Clause): DateRole {
  const role = roleOf(clause, date, previous, next);
  return role === 'opens' && isOfMaterials(clause, clause.text.slice(date.start - clause.start, date.end - clause.start)) ? 'other' : role;
}
/** “Friday the 11th”, “next Friday (the 11th)”. */
const dayInWeek = /\b((?:mon|tue|wed|thu|fri|sat|sun)(?:s|nes|rs|ur)?(?:day)?)\b\.?,? (?:next week,? |week )?(?:\((?:the )?(?=[^()]*\))|the )?(\d{1,2})(?:st|nd|rd|th)\b(?:\))?(?!\s+(?:of|century|floor|edition|week)\b)/i;
/** “It opens on Monday the 7th of June. Everything has to be in by 10am on Friday the 11th.”: a weekday and a number stand for the month of the date before; where there is none, for the next day that is both. */
function dayOfSameMonth(clause: Clause, rows: DatedRow[], reading: Reading): ReadDate[] {
  const m = firstIn(clause.text, dayInWeek), last = m ? rows.filter((r) => r.date.problem === 'none').at(-1) : undefined;
  if (!m) return [];
  const hour = firstIn(clause.text, timeOfDay)?.[0];
  if (!last) { const next = reading.read(`${m[1]} ${m[2]}th${hour ? `, ${hour}` : ''}`); return next ? [{ ...next, start: clause.start + m.index, end: clause.start + m.index + m[0].length }] : []; }
  const [year, month] = last.date.iso.split('-');
  const date = Number(m[2]) > Number(last.date.iso.slice(8, 10)) ? reading.read(`${m[1]} ${m[2]} ${monthNames.split('|')[Number(month) - 1]} ${year}${hour ? `, ${hour}` : ''}`) : null;
  return date ? [{ ...date, start: clause.start + m.index, end: clause.start + m.index + m[0].length }] : [];
}

/** “It can be uploaded from the 9th.”: in the month of the nearest date, before it. */
function dayOfOpening(clause: Clause, index: number, reading: Reading): ReadDate[] {
  const m = firstIn(clause.text, /\b(?:from|on|as of)(?: (?:\w+day,? )?)?the (\d{1,2})(?:st|nd|rd|th)\b(?: of (?:the|this|that) (?:same )?month)?(?! (?:of|century|floor|edition|week)\b)/i);
  if (!m || !says(clause.text, /\b(?:opens?|opening|available|accessible|goes live|is live|active|(?:is|are) (?:there|possible|open)|(?:can be|can|may be|may|you) (?:uploaded|upload|submitted|submit|handed in|hand))\b/i) || says(clause.text, /\b(?:closes?|closing|not|no longer|cancel\w*|lectures?|class|seminar|office|comments?|feedback|results?|grades?)\b/i)) return [];
  const near = [...reading.clauses.slice(Math.max(0, index - 6), index).reverse(), ...reading.clauses.slice(index + 1, index + 7)].flatMap((c) => reading.dates(c)).find((d) => d.problem === 'none'), day = near ? DateTime.fromISO(near.iso.slice(0, 10)) : null;
  if (!day?.isValid) return [];
  const month = Number(m[1]) < day.day ? day : day.minus({ months: 1 }), hour = firstIn(clause.text, timeOfDay)?.[0], date = reading.read(`${m[1]} ${month.setLocale('en').toFormat('LLLL yyyy')}${hour ? `, ${hour}` : ''}`);
  return date ? [{ ...date, start: clause.start + m.index + m[0].search(/the \d/i), end: clause.start + m.index + m[0].length }] : [];
}

/** “It opens at 9.00 on Wednesday the 14th of April and closes at 15.00 on Friday the 16th.” */
function dayBehind(clause: Clause, written: ReadDate[], reading: Reading): ReadDate[] {
  const last = written.at(-1)!, rest = last.problem === 'none' ? clause.text.slice(last.end - clause.start) : '', m = firstIn(rest, /\b(?:and|until|till|to)\b[^;]{0,40}\b((?:mon|tues|wednes|thurs|fri|satur|sun)day),? (?:the )?(\d{1,2})(?:st|nd|rd|th)\b(?!\s*(?:of\b|[A-Z]|century|floor|week))/i);
  if (!m || Number(m[2]) <= Number(last.iso.slice(8, 10))) return [];
  const [year, month] = last.iso.split('-'), hour = firstIn(m[0], timeOfDay)?.[0], date = reading.read(`${m[1]} ${m[2]} ${monthNames.split('|')[Number(month) - 1]} ${year}${hour ? `, ${hour}` : ''}`), start = last.end + m.index + m[0].indexOf(m[1]!);
  return date ? [{ ...date, start, end: last.end + m.index + m[0].length }] : [];
}

/** “Due date: 19 April 2027” and “Due time: 17:00” on lines of their own; “When: Wednesday 28 April; upload by 1:10 PM EDT”. */
function addsTime(clause: Clause, before: Clause | undefined, dated: DatedRow | undefined, reading: Reading): boolean {
  const upload = firstIn(clause.text, /^\W*(?:please )?(?:upload|submit|hand (?:it )?in|post)(?: it| your \w+)?\s+(?:by|before)\s+(?:the (?:start|beginning) of class\s*)?\(?(\d{1,2}(?:[:.]\d{2})?\s?(?:[ap]\.?m\.?)?(?:\s[A-Z]{2,4})?|noon)\)?\W*$/i)?.[1];
  // “The period of work ends on 31 August; the file must be received no later than 23:59 on that day.”
  const thatDay = firstIn(clause.text, /\b(?:by|before|until|(?:no|not) later than|at)\s+((?:\d{1,2}[:.]\d{2}(?: ?[ap]m)?|\d{1,2} ?[ap]m|noon|midnight)(?: \(?[A-Z]{2,4}\)?)?)\b\)?[^.;\d]{0,12}\bon (?:that|this|the same|the said) (?:day|date)\b/i)?.[1];
  if (thatDay && dated && dated.clause === before && dated.date.iso.length === 10 && (dated.role === 'due' || dated.role === 'unknown') && says(clause.text, /\b(?:received|submitted|handed in|uploaded|delivered|submit|hand in|upload|reach)/i)) {
    const exact = reading.withTime(dated.date, thatDay.replace(/[()]/g, ''));
    if (exact) { dated.date = { ...dated.date, iso: exact }; dated.role = 'due'; return true; }
  }
  const hour = firstIn(clause.text, /^\W*(?:due|deadline|closing|submission|hand-?in)?\s*time\s*[:=–-]\s*(.{3,30})$/i)?.[1] ?? (upload && (/[:.]|[ap]\.?m|noon/i.test(upload)) ? upload : undefined);
  if (!hour || !dated || dated.clause !== before || dated.date.iso.length !== 10 || dated.role !== 'due') return false;
  const whole = reading.withTime(dated.date, hour);
  if (whole) dated.date = { ...dated.date, iso: whole, end: clause.end };
  return true;
}

/** What stands before the colon names the part: “Part 1 (draft): …”, “Peer comments due: …”, “Deadline report: …”, “M1 (topic): …”, and each line of a list of dates. */
const opensOrCloses = /^(?:the )?(?:[\w-]+ ){0,2}(?:submissions?|uploads?|hand-?ins?|box|portal|page|folder|system|area|window|extensions?|work|late papers|late essays|penalty|deductions?)(?: \([^()]*\))? (?:opens?|opening|starts?|starting|begins?|from|open from|clos(?:es?|ing|ed)(?: from)?|ends?|ending|until|till)$/i;
function headOf(clause: Clause, dates: ReadDate[], listing: boolean): { label: string | null; listed: boolean } {
  // “b) Essay, 2,500 words - deadline 16 April 2027”.
  const item = dates.length === 1 ? firstIn(clause.text, /^\W*(?:\(?[a-h1-9]\)|[a-h1-9][.)]|[•*])\s*([A-Z][\p{L} ]{2,40}?)(?:,[^–—:]*?)?\s+[–—-]\s+(?:deadline|due|by)\b/u) : null;
  if (item && !says(item[1]!, noHandIn)) return { label: item[1]!, listed: true };
  const heading = /^\W*([^:|]{3,60}):(?!\d{2}\b)/.exec(clause.text)?.[1] ?? (listing ? new RegExp(`^\\W*((?:[^:|–—\\d(]|\\([^)]*\\)){3,60}?)(?:\\s+[–—-]\\s+|\\s{3,})(?=${weekdayOrDay})`, 'i').exec(clause.text)?.[1] : undefined);
  // “Essay (draft: 22 February; final: 8 March)”: what opens a bracket names no more than what is in it.
  if (heading === undefined || heading.split('(').length > heading.split(')').length) return { label: null, listed: false };
  // “For students with a learning plan: 4 p.m. on 9 April”.
  if (says(heading.trim(), /^for (?:all |those |any |every )?(?:students?|candidates?|those|anyone|everyone|everybody|people)\b/i)) return { label: null, listed: false };
  // “Submissions close”, “Late work ends”: what happens on the day, and no work.
  if (says(heading.trim(), opensOrCloses)) return { label: null, listed: false };
  if (says(heading.trim(), /^(?:(?:the )?(?:deadline|due date|due|hand-?in)(?: date)? for )?(?:both|all|everything|all (?:files|parts|documents))$/i)) return { label: null, listed: false };
  const whole = rewritten(heading, [/\s*\([^)]*(?:\d|\bmax|\bpdf|\bdocx?|\bword\b)[^)]*\)\s*$/i, '']).trim(), after = clause.text.slice(clause.text.indexOf(heading) + heading.length + 1), few = dates.length <= 2;
  // “Paper due dates: section A: 8 March; section B: 10 March”.
  if (/\b(?:due dates|deadlines|dates)$/i.test(whole)) return { label: null, listed: false };
  const isDue = says(whole, /^(?!essay question)[\w -]{4,40}\s(?:is\s)?due$/i), name = isDue ? whole.replace(/\s(?:is\s)?due$/i, '') : whole;
  const numberedDue = firstIn(whole, /^(?:deadline|due date|hand-?in|due) (?:\d{1,2}|[A-E])(?:\s*\(([\p{L} -]{3,30})\))?$/iu);
  if (numberedDue) return { label: numberedDue[1] ?? whole, listed: true };
  const dueOf = firstIn(name, /^(?:the )?(?:deadline|due(?: date)?|hand-?in|closing date)\s+(?:of\s+|for\s+)?(?:the\s+)?([a-z][\w -]{2,38})$/i)?.[1];
  if (dueOf && !says(dueOf, /\b(?:dates?|times?|for|is|and|all|everyone|students?|changed?|extended|moved|submissions?|work)\b/i)) return { label: dueOf, listed: false };
  const listed = listing && few && !says(whole, noHandIn), milestone = few && /^[A-Z]{1,3}\d{1,2}\b/.test(whole);
  const isName = isDue ? !says(name, /\b(?:deadline|submission|it|this|assignment)\b/i)
    : says(after, /^\s*(?:due|deadline|opens?|closes?|hand(?:ed)? in|submit(?:ted)?|to be)\b/i) && !says(name, /\b(?:deadline|due|submission|important|note|please|update|correction|date|hand-?in|new|reminder|when)\b/i);
  return { label: milestone || listed || isName || /^(?:first |rough |full )?drafts?$/i.test(name) || new RegExp(partLabel.source, 'i').test(name) ? rewritten(name, [/\s(?:submission )?(?:window|period)$|\s(?:is|are|remains?|stays?) (?:(?:un|not )changed|not affected|unaffected)$/i, '']) : null, listed };
}

/** “Submission window: 1 March 09:00 – 15 March 16:00”: two dates with nothing but a dash between them are a beginning and an end. */
/** “Essays 1, 2 and 3 are due on 1 March, 22 March and 12 April”: as many names as days, in their order. */
function numberedTogether(clause: Clause, dates: ReadDate[]): string[] {
  const m = dates.length > 1 ? firstIn(clause.text, /\b((?:assignment|essay|report|lab report|lab|paper|part|task|problem set|problem sheet|exercise|exercise sheet|quiz|portfolio|submission|milestone|phase|stage)) ?(?:s|es)\s+((?:\d{1,2}|[A-E])(?:,\s*(?:\d{1,2}|[A-E]))*,?\s*(?:and|&)\s*(?:\d{1,2}|[A-E]))\b(?=[^.;]{0,40}\b(?:due|by|on|deadlines?|submitted|handed in)\b)/i) : null;
  const marks = m && clause.start + m.index < dates[0]!.start ? m[2]!.split(/,\s*(?:and|&)?\s*|\s*(?:and|&)\s*/).filter(Boolean) : [];
  return m && marks.length === dates.length ? marks.map((mark) => `${m[1]!} ${mark}`) : [];
}
/** “The draft from 1 to 5 March, the final version from 8 to 19 March”: days that stand in pairs. */
const windowsInOrder = (dates: ReadDate[], text: string): boolean => dates.length >= 4 && dates.length % 2 === 0 && dates.every((d, i) => i % 2 === 1 || /^\s*(?:to|until|till|[–—-])\s*$/i.test(text.slice(d.end, dates[i + 1]!.start)) && /\b(?:from|between|open)\s*$/i.test(`${text.slice(0, d.start).slice(-12)}${/^from /i.exec(text.slice(d.start))?.[0].trim() ?? ''}`));

function isWindow(clause: Clause, dates: ReadDate[], head: string | null, text: string): boolean {
  if (dates.length !== 2) return false;
  // A clause has its words in English; where it was written in German or French, the wording has not.
  const [first, second] = dates as [ReadDate, ReadDate], said = clause.text.slice(0, first.start - clause.start), own = /\bwindow:\W*$/i.test(said), joint = own ? clause.text.slice(first.end - clause.start, second.start - clause.start) : text.slice(first.end, second.start), lead = own ? said : text.slice(clause.start, first.start);
  if (head !== null && /^\s*(?:[-–—]|to|until)\s*$/i.test(joint) && /:\s*(?:from\s+)?(?:\w+day,?\s+)?$/i.test(lead) && !says(head, noWindow)) return true;
  return (says(joint, /^[\s(,]*(?:[-–—]|to|until|till|through)\s*$/i) || (/^\s*\)?\s*and\s*$/i.test(joint) && /\bbetween\s*$/i.test(lead))) && says(lead, /\b(?:window|period|open\w*|submissions?|available|between|from|upload|hand[- ]in|submit)\b/i) && !says(lead, noWindow) && !says(lead, /\b(?:move[sd]|postponed|change[sd]|extended|brought forward|put back|pushed back|shift(?:s|ed))\b/i);
}

/** “Stage one: concept paper. Two pages. Hand in by 12 February.”: the head of the line names what a later sentence of it is about. */
const lineLabel = (date: ReadDate, text: string): string | null => firstIn(text.slice(text.lastIndexOf('\n', date.start) + 1, date.start), /^\W*((?:part|stage|phase|task|milestone|step|component|element|item|deliverable|piece)s?\s+(?:\d{1,2}|[A-E]|one|two|three|four|five)(?:\s*(?:[–-]|,|&|and|to)\s*(?:\d{1,2}|[A-E])(?![\p{L}\d]))*|\d{1,2}[a-h](?=:))\s*[:.–-]/iu)?.[1] ?? null;

/** What stands before the first day on which nothing is taken any more. */
const onOrAfter = /(?:\bnot|n['’]t) (?:be )?(?:accepted|taken|marked|graded|read) on or after\s*(?:\w+day,?\s*)?$/i;
/** “Nothing is accepted from 12 March on.” */
const fromThen = (clause: Clause, date: ReadDate, text: string): boolean => says(text.slice(clause.start, date.start + (/^from\s+/i.exec(text.slice(date.start))?.[0].length ?? 0)), /\b(?:nothing|no (?:late )?(?:work|submissions?|papers?|essays?|files?|reports?)|not)\b[^.;]{0,20}\b(?:accepted|taken|marked|graded|possible)\b[^.;]{0,10}\b(?:from|as of)\s*(?:\w+day,?\s*)?$/i) && /^[^.;]{0,12}\bon(?:wards?)?\b/i.test(text.slice(date.end, clause.end));
const dayBefore = (iso: string): string => DateTime.fromISO(iso.slice(0, 10)).minus({ days: 1 }).toISODate()!;

/** “Late work is not accepted after …”. */
function endsLateWork(clause: Clause, date: ReadDate, before: Clause | undefined, text: string): boolean {
  const lead = text.slice(clause.start, date.start);
  if (refusesFrom(clause, date)) return true;
  // “Essays received after the deadline but before 23:59 on 24 March will be marked out of 50.”
  if (says(`${lead}${text.slice(date.start, date.start + 12).replace(/\S*$/, '')}`, /\bafter (?:the|this) (?:deadline|due (?:date|time))[^.;]{0,12}\bbut (?:before|by|until)\b[^.;]{0,20}$/i) && says(text.slice(date.end, clause.end), /\b(?:marked|capped|penal\w*|lose|minus|out of|deduct\w*|pass mark|accepted)\b/i)) return true;
  // “There's no penalty up to Wednesday 24 March, but anything later gets nothing.”
  if (says(`${lead}${firstIn(text.slice(date.start), /^(?:until|till|up to|through|before)\s/i)?.[0] ?? ''}`, /\bno penalty (?:up to|until|till|before|through)\s*(?:\w+day\.?,?\s*)?$/i)) return true;
  // “10% off per calendar day, until Wed 26 May.”
  if (says(`${lead}${/^(?:until|till|up to|through)\s/i.exec(text.slice(date.start))?.[0] ?? ''}`, /\b\d{1,2} ?(?:%|points?|marks?)[^.;]{0,24}\b(?:per|an?|each|every) (?:\w+ )?day\b[^.;]{0,6}\b(?:until|till|up to|through)\s*(?:\w+day\.?,?\s*)?$/i)) return true;
  // “Submissions are possible until 21 April, but lose 20 %.”
  if (says(lead, /\b(?:possible|accepted|taken)\b[^.;]{0,14}(?:until|till|up to)\s*(?:\w+day,?\s*)?$/i) && says(text.slice(date.end, clause.end), /^(?:m\b)?\.?[^.;]{0,16}\bbut (?:(?:they )?(?:lose|will lose|are (?:capped|penali[sz]ed|reduced|marked down))|with an? (?:penalty|deduction))\b/i)) return true;
  // “After 5 April I don't accept them.” “After 12 April, 5 p.m. the tab is closed.”
  if (says(`${lead}${/^after\s/i.exec(text.slice(date.start))?.[0] ?? ''}`, /(?:^\W*|\b(?:and|but|so) |[,;] )after\s*(?:\w+day,?\s*)?$/i) && says(text.slice(date.end), /^,? ?(?:(?:I|we|the office|markers?) (?:(?:do not|don['’]t|won['’]t|will not|cannot|can['’]t|no longer) (?:accept|take|mark|grade|read)\b|(?:will )?(?:accept|take|mark|grade|read)s? (?:nothing|none|no)\b)|(?:nothing|no (?:work|papers?|essays?|files?|submissions?)) (?:is|are|will be|can be) (?:accepted|taken|marked|graded|read|submitted|uploaded)\b)/i) && says(text, /\b(?:late|per day|a day|every 24 hours|deduct\w*|deadline|due|hand(?:ed)? (?:it )?in|submit\w*|upload\w*)\b/i)) return true;
  if (/^\W*after\s*(?:\w+day,?\s*)?$/i.test(`${lead}${/^after\s/i.exec(text.slice(date.start))?.[0] ?? ''}`) && says(text.slice(date.end), /^,? ?the (?:tab|box|folder|link|page|area|portal|system) (?:is|will be) (?:closed|locked|gone|shut)\b/i) && /\b(?:late|per day|a day|overdue)\b/i.test(before?.text ?? '')) return true;
  // “… with a grace period until 8 March”.
  if (says(`${lead}${/^(?:until|till|to|on)\s/i.exec(text.slice(date.start))?.[0] ?? ''}`, /\bgrace (?:period|time|window|days)\b[^.;]{0,30}\b(?:until|till|to|ends?(?: on)?|ending(?: on)?|expires?(?: on)?|runs? (?:until|to))\s*(?:the end of\s*)?(?:\w+day,?\s*)?$/i)) return true;
  // “10% off if submitted by 20 February, 9pm. No credit after that.”
  if (says(`${lead}${/^(?:by|before|until)\s/i.exec(text.slice(date.start))?.[0] ?? ''}`, /\b\d{1,2} ?(?:%|points?|marks?|per ?cent) (?:off|less|deducted|deduction|penalty|taken off)\b[^.;]{0,10}\bif (?:it is |you )?(?:submit(?:ted)?|hand(?:ed)?(?: it)? in|received|upload(?:ed)?)(?: it)? (?:by|before|until)\s*(?:\w+day,?\s*)?$/i)) return true;
  // “Minus 2 % a day; hard stop on 24 April.”
  if (says(lead, /\b(?:hard|final) stop(?: is)?(?: on)?\s*:?\s*(?:\w+day,?\s*)?(?:on\s*)?$/i) && says(`${before?.text ?? ''} ${lead}`, /\b(?:late|minus|penal\w*|per day|a day)\b/i)) return true;
  // “… later than this; the last possible day is 16 May.”
  if (before && says(before.text, /\b(?:late(?:r than)?|after (?:this|that|the deadline))\b/i) && says(lead, /\b(?:the )?(?:last|final|latest) possible (?:day|date)(?: is|:)?\s*(?:\w+day,?\s*)?$/i)) return true;
  // “What if I miss it? You have until 13:00 on 12 May with a cap at 40.”
  if (/\b(?:miss|late)\b[^?]*\?/i.test(clause.under ?? '') && says(lead, /\b(?:until|till|up to)\s*(?:[\d:.]+(?: ?[ap]m)?,? on )?(?:\w+day,?\s*)?$/i) && says(text.slice(date.end, clause.end), /^[^.;]{0,20}\b(?:cap(?:ped)?|penal\w+|deduct\w*|lose|minus|with \d)\b/i)) return true;
  // “Papers will not be accepted on or after 5 May.”
  if (says(lead, onOrAfter) || fromThen(clause, date, text)) return true;
  // “The cut-off for late submissions is 19 March.”
  if (says(lead, /\bcut-?off (?:date |time )?for late (?:submissions?|work|papers?|essays?|hand-?ins?) is\s*(?:on\s*)?(?:\w+day,?\s*)?$/i)) return true;
  // “Until Monday 3 May you can still upload, but you lose a grade.”
  if (says(lead, /^\W*(?:from then )?(?:until|till|up to)\s+(?:\w+day,?\s*)?$/i) && says(text.slice(date.end, clause.end), /^[^.;]{0,40}\b(?:still|nevertheless)\b[^.;]{0,40}\b(?:but|with|lose|penal\w+|capped|minus)\b/i)) return true;
  if (says(lead, /^\W*accept(?:ed|s)? until\s*:?\s*(?:\w+day,?\s*)?$/i)) return true;
  // “Papers submitted on May 11 lose 10 points, and none will be accepted after May 11.”
  if (says(lead, /\b(?:none|nothing|no (?:submissions?|work|papers?|files?|uploads?|reports?|essays?|assignments?|projects?)) (?:will be|are|is|can be) (?:accepted|taken|marked|graded|read) after\s*(?:\w+day,?\s*)?$/i) && says(`${before?.text ?? ''} ${lead}`, /\b(?:los\w+|deduct\w*|penal\w*|minus|points|capped|\d ?%)/i)) return true;
  // “It will be accepted through Monday 7 December with a 15 % deduction.”
  if (says(lead, /\baccepted (?:through|until|till|up to|to)\s*(?:\w+day,?\s*)?$/i) && says(text.slice(date.end, clause.end), /^(?:m\.)?[^.;]{0,30}\bwith an? \d{1,2} ?(?:%|per ?cent|points?|marks?)[ -](?:deduction|penalty|reduction)/i)) return true;
  // “You may hand the essay in late (until 20 April) but will then get no more than a pass.”
  if (says(lead, /\b(?:may|can) (?:hand|submit|upload|turn)\b[^.;]{0,24}\blate\b[\s,(]*(?:but only )?(?:until|till|up to|by)\s*(?:\w+day,?\s*)?$/i)) return true;
  // “After Wednesday, 14 April, we no longer accept anything.” “After Dec 14 I cannot accept it.”
  if (says(lead.replace(/^.*[;.]\s/, ''), /^\W*(?:and |but )?after\s*(?:\w+day,?\s*|(?:mon|tues?|wed|thu(?:rs)?|fri|sat|sun)\.?,?\s*)?$/i) && says(text.slice(date.end, clause.end), /^[^.;]{0,24}\b(?:(?:I|we) (?:can(?:not|['’]t| no longer)|do(?: not|n['’]t)|will not|won['’]t|no longer) (?:accept|take|mark|grade|read)|nothing (?:is|will be) (?:accepted|taken|marked)|it (?:is|will) (?:not|no longer) (?:be )?(?:accepted|possible))\b/i)) return true;
  // “I do not accept papers after May 5.”
  if (says(lead, /\b(?:(?:do|will|can|does) ?(?:not|n['’]t)|won['’]t|cannot|can['’]t) (?:accept|take|mark|read) (?:late )?(?:papers?|work|essays?|reports?|anything|submissions?|assignments?)\s*(?:after\s*)?(?:\w+day,?\s*)?$/i)) return true;
  // “From 15 March the usual 5 marks per day apply until 21 March, after which the page is closed.”
  if (says(lead, /\b(?:marks?|points?|%|per ?cent|penalt(?:y|ies))\b[^.;]{0,30}\b(?:per|a|each|every) (?:\w+ )?day\b[^.;]{0,20}\b(?:until|till|up to)\s*(?:\w+day,?\s*)?$/i) && says(text.slice(date.end), /^[^.;]{0,20}\bafter (?:which|that)\b[^.;]{0,40}\b(?:clos\w+|shut|not|nothing|zero|no)\b/i)) return true;
  // “Handing in late is possible until 3 May.”
  if (says(lead, /\b(?:handing (?:it )?in|submitting|uploading) late is (?:still )?(?:possible|allowed|permitted) (?:until|till|up to)\s*(?:\w+day,?\s*)?$/i)) return true;
  // “Late essays: 2 marks per day, and not later than 19 March.”
  if (says(lead, /\blate \p{L}+\b[^.;]*\b(?:marks?|points?|%|per ?cent)\b[^.;]{0,20}\b(?:per|a|each) day,? (?:and|but) (?:not|no) later than\s*(?:\w+day,?\s*)?$/iu)) return true;
  // “Late sets get half marks until Friday 12 March, nothing after.”
  if (says(lead, /\blate \p{L}+ (?:get|receive|score|earn|are (?:marked|worth|capped)|lose)\b[^.;]{0,30}\b(?:until|till|up to)\s*(?:\w+day,?\s*)?$/iu) && says(text.slice(date.end), /^[^.]{0,14}[,;(]\s*(?:and )?(?:then )?(?:nothing|zero|0|none|no marks|not accepted)\b/i)) return true;
  // “Late work is capped at 50 if it's in by 29 March. After that, zero.”
  if (says(`${lead}${/^(?:by|before|until)\b\s*/i.exec(text.slice(date.start))?.[0] ?? ''}`, /\b(?:capped|penal\w+|deduct\w*|los(?:e|es|ing)|minus)\b[^.;]{0,40}\bif (?:it|they|the \w+)(?:['’]s| is|['’]re| are) (?:in|there|uploaded|submitted|received) (?:by|before|until)\s*(?:\w+day,?\s*)?$/i) && /\blate\b/i.test(lead)) return true;
  // “Mark capped at 40 % up to 21 May 2027; thereafter fail.”
  if (says(lead, /\b(?:capped|penal\w+|deduct\w*)\b[^.;]{0,24}\b(?:up to|until|till)\s*(?:\w+day,?\s*)?$/i) && says(text.slice(date.end), /^[^.]{0,24}\b(?:thereafter|after (?:that|this)|afterwards|then|later)\b[^.]{0,24}\b(?:fail\w*|zero|0|nothing|no marks|not )/i)) return true;
  // “Late submission (with penalty) until: …”, “handed in late but before 9 March”.
  if (says(lead, /^\W*late (?:submissions?|work|hand-?ins?|papers?|essays?)\b[^.;:]{0,30}\b(?:until|till|up to|no later than)\s*:?\s*(?:\w+day,?\s*)?$/i) || says(lead, /\blate\b[^.;]{0,8}\bbut(?: before)?\s*(?:\w+day,?\s*)?$/i)) return true;
  if (says(text.slice(date.end, date.end + 40), /^\s*(?:for|to take|to accept) late (?:work|submissions?|papers?|hand-ins?)\b/i)) return true;
  if (before && /^\W*late\b[^:]{0,20}:/i.test(before.text) && says(lead, /^\W*(?:and )?(?:the \w+ )?(?:closes?|shuts?|locks?|ends?)(?: for good| finally| completely)?\s*(?:on\s+|at\s+)?(?:\w+day,?\s*)?$/i)) return true;
  if (before && says(before.text, /\b(?:late|capped|penal\w+|received after|if you miss it|per day|a day)\b/i) && says(clause.text, /^\W*(?:and |but )?(?:(?:nothing|none|no \w+) (?:(?:is |are |will be )?(?:accepted|received|taken|marked) |possible )?|(?:not )?accepted )after\b/i)) return true;
  if (says(lead, /\b(?:handed in|submitted|received|uploaded|arriving|coming in|turned in|sent in|(?:that|which) (?:comes? in|arrives?|reach(?:es)? (?:us|me)))\s+after\b[^.;]{0,24}$/i) && says(text.slice(date.end, date.end + 50), /^\W*(?:at \S+ )?(?:(?:is|are|will be) given |(?:will )?(?:get|receive|score|are given)s?\s+)?(?:a )?(?:mark of )?(?:zero|0|no marks|(?:(?:is|are|will be|will) )?not (?:be )?(?:graded|marked|accepted|read|assessed|considered))\b/i)) return true;
  // “Nothing that arrives after 12 March is marked.”
  if (says(lead, /\b(?:nothing|no (?:work|papers?|essays?|reports?|files?|submissions?)) (?:(?:that|which) )?(?:comes? in|arrives?|arriving|coming in|(?:(?:is|are) )?(?:handed in|submitted|received|uploaded|sent in))\s+after\s*(?:\w+day,?\s*)?$/i) && says(text.slice(date.end, date.end + 60), /^[^.;]{0,12}\b(?:is|are|will be|gets?|can be) (?:marked|read|graded|accepted|taken|assessed|considered)\b/i)) return true;
  return /\blate\b|\bpenalty\b/i.test(lead) && says(lead, /\b(?:not (?:be )?(?:accepted|received|taken|marked)(?: at all)? after|(?:accepted|taken|submitted|handed in|allowed|possible) (?:until|till|up to(?: and including)?|no later than)|(?:not|none|nothing|closed) after|(?:nothing|no (?:submissions?|work|papers?|files?|uploads?|reports?|essays?|assignments?)) (?:is |are |will be )?(?:accepted |taken |possible )?after)\s*(?:\w+day,?\s*)?(?:the\s+)?$/i);
}

const cohorts = String.raw`(?:the )?((?:(?:(?:Mon|Tues|Wednes|Thurs|Fri|Satur|Sun)day|morning|afternoon|evening) )?(?:groups?|class(?:es)?|sections?|streams?|cohorts?|tutorials?|seminars?|labs?) (?:\d{1,2}|[A-H])(?:\s?(?:[–-]|to|and|&)\s?(?:\d{1,2}|[A-H]))?(?![\w-])|(?:(?:Mon|Tues|Wednes|Thurs|Fri|Satur|Sun)day|morning|afternoon|evening) (?:groups?|class|section|seminar|tutorial|lab)(?! work)\b|(?:full|part)-time students|(?:under|post)graduates?(?: students)?)`, atClock = String.raw`(?:at )?(?:noon|midnight|\d[\d:.]*(?: ?[ap]\.?m\.?)?)`;
/** Those for whom a day is, behind it: “for group A”, “(section 01)”. */
const forCohort = new RegExp(String.raw`^\s*(?:\([^)]*\)|,? ?${atClock}|[):])?,?\s*for ${cohorts}(?!,? (?:on|by|at|until|till|it|the|is|are|due)\b)|^[\s,@]*(?:${atClock})?,?\s*\((?:for )?${cohorts}\)`, 'i');
const itemName = /^[\s,;]*(?:(?:please )?(?:submit|hand in|upload|send|turn in|deliver) )?(?:and |then )?(?:the |your )?((?!(?:deadline|due|submission|submit|open|opens|opening|close|closes|closing|from|until|feedback|start|end|hand|window|available|release|issued|it|this|please|both|all|date|dates|the|new|old)\b)\p{L}[\p{L}-]{3,24}(?: [\p{L}-]{3,20})?)\s*(?:\([^()]*\)\s*)?(?:(?:must be |has to be |should be |to be )?(?:handed in|submitted|uploaded|fixed|chosen|agreed|settled) )?(?:by|until|due(?: by| on)?|:|–)\s*(?:\w+day,?\s*)?[^\n]{0,3}$/iu;
/** The name that a date of several goes with: the one between it and the date before it, else one nearby. “Part B (essay)” is Part B. */
function labelFor(labels: Label[], dates: ReadDate[], i: number, clause: Clause): string | null {
  const date = dates[i]!, from = i > 0 ? dates[i - 1]!.end : clause.start, nearest = (list: Label[]): Label | undefined => list.filter((l) => says(l.text, numbered)).at(-1) ?? list.at(-1);
  // “… Friday 5 March (17:00) for group A and …”; “2 March @ 5pm (section 01) / 4 March @ 5pm (section 02)”.
  const cohort = firstIn(clause.text.slice(date.end - clause.start).replace(/^\)/, ''), forCohort);
  if (cohort) return (cohort[1] ?? cohort[2])!;
  // “At mid-term (26 February) and at the end of term (23 April)”.
  // “Items 1 and 2 are uploaded by one member by 28 May. Item 3 is uploaded by every member by 31 May.”
  const items = dates.length === 1 ? firstIn(clause.text, /^\W*((?:items?|parts?|files?|pieces?) (?:\d|[a-e])(?:(?:,| and|, and| &|[–-]) ?(?:\d|[a-e]))*) (?:is|are|must|should|have|has)\b/i)?.[1] : undefined;
  if (items) return items;
  const moment = dates.length > 1 ? firstIn(clause.text.slice(from - clause.start, Math.max(0, date.start - clause.start + 3)), /\b(?:at|by) (?:the )?(mid-?term|half-?term|(?:start|middle|end) of (?:the )?(?:term|semester|year|module|course))\s*\(?\s*(?:\w+day,?\s*)?[^\n]{0,3}$/i)?.[1] : undefined;
  if (moment) return moment;
  // “19 March (draft, optional) and 23 April (final)”.
  const bracketed = dates.length > 1 ? firstIn(clause.text.slice(date.end - clause.start), /^\s*\(((?:first |final |rough |full )?(?:draft|outline|proposal|final|abstract|report|essay|paper|poster|slides))\b[^()]{0,20}\)/i)?.[1] : undefined;
  if (bracketed) return bracketed;
  // “Entries 1–5 on 12 March (formative)”.
  const purpose = dates.length === 1 && labels.length === 0 ? firstIn(clause.text.slice(date.start - clause.start), /^[^()\n]{4,34}\((formative|summative|practice|graded|ungraded|for feedback)\b[^()]{0,20}\)/i)?.[1] : undefined;
  if (purpose) return purpose;
  // “… at 23:00 for those with surnames A–M”.
  const bySurname = firstIn(clause.text.slice(date.end - clause.start), /^[^.;]{0,14}\bfor (?:those|students|everyone|anyone) (?:with|whose) ((?:surnames?|(?:last|family) names?|names?) (?:from |begins? with |starts? with |beginning (?:with )?)?[A-Z]\s?(?:–|-|to)\s?[A-Z])\b/i)?.[1];
  if (bySurname) return bySurname;
  // “Exposé (max. 3 pages) by 15 December, term paper (15–20 pages) by 28 February”: every date of the sentence with a name before it.
  if (dates.length > 1) { const names = dates.map((d, k) => firstIn(clause.text.slice((k > 0 ? dates[k - 1]!.end : clause.start) - clause.start, Math.max(0, d.start - clause.start + 3)), itemName)?.[1]); if (names.every((n) => n !== undefined) && new Set(names).size === names.length) return names[i]!; }
  // “RP1 is due 19 February, RP2 12 March, RP3 9 April”.
  if (dates.length > 1) { const codes = dates.map((d, k) => firstIn(clause.text.slice((k > 0 ? dates[k - 1]!.end : clause.start) - clause.start, d.start - clause.start), /\b([A-Z]{1,4}\d{1,2})(?: is| are)?(?: due)?(?: on| by)?:?\s*(?:\w+day,?\s*)?$/)?.[1]); if (codes.every((c) => c !== undefined) && new Set(codes).size === codes.length) return codes[i]!; }
  const own = nearest(labels.filter((l) => l.at >= from && l.at < date.start));
  if (own) return own.text;
  if (dates.length === 1) return labels[0]?.text ?? null;
  return (i > 0 && labels.some((l) => l.at < from) ? nearest(labels.filter((l) => l.at < date.start)) : labels.find((l) => l.at >= date.end))?.text ?? null;
}
