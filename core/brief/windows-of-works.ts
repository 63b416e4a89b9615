import { noun as document } from './document-names.ts';
import { takenIn, timeOfDay, type DatedRow, type Reading } from './dated-rows.ts';
import { happens } from './parts-by-shape.ts';
import { firstIn, says } from '../text/patterns.ts';

/** “The report opens on 1 March and is due on 12 March; the log opens on 8 March and is due on 19 March”: windows of several works, whatever these are called. */

const stop = '(?:opens?|opened|opening|is|are|was|be|due|clos(?:es?|ing|ed)|from|between|until|till|by|on|at|and|or|to|of|for|in|not|must|can|cannot|may|should|will|has|have|had|available|deadlines?|window|box|folder|link|portal|hand|handed|submit|submitted|submissions?|upload|uploaded|it|its|this|that|these|they|which|you|we|then|the|an?|your|before|after|starts?|runs?|dates?|both|all|each|every|only|no|times?|jan\\w*|feb\\w*|mar(?:ch)?|apr\\w*|may|june?|july?|aug\\w*|sep\\w*|oct\\w*|nov\\w*|dec\\w*|\\w+day|noon|midnight)';
const word = `(?!${stop}(?![\\p{L}\\d’'-]))[\\p{L}\\d][\\p{L}\\d’'-]*`, name = `(?:the |your |an? )?(?<name>(?=\\p{L})${word}(?: (?:of (?:the )?)?${word}){0,3}(?: [a-h](?![\\p{L}\\d’'-]))?)(?:\\s*\\([^()\\d]{1,40}\\))?`;
const weekday = '(?:\\w+day,?\\s*)?', clock = `(?:at |by )?(?:${timeOfDay.source})`, after = `^(?:,?\\s*\\(?${clock}\\)?)?`;
const thing = '(?:(?:submission|hand-?in|upload|drop-?off|drop) )?(?:window|box|folder|link|portal|inbox|slot|period|area|system|page|submissions?|hand-?in|upload)s?';
const opens = `(?:(?:is|are|will be|goes|becomes) )?(?:opens?|opening|open|starts?|starting|available|live|accepted|possible|released)(?: (?:from|on|at|date|for (?:submissions?|uploads?|hand-?in)))*\\s*:?`;
const begin = '(?:^|[.;:,\\n]|\\b(?:and|while|but|whereas)\\b)\\s*(?:[-*•▪–]\\s+|\\(?(?:\\d{1,2}|[a-h])[.)]\\s+)?', sign = '\\s*(?:[:,–—|(-]|\\s{3,})?\\s*';
const pattern = (source: string): RegExp => new RegExp(source, 'iu');
/** What leads to the day on which a work's window opens; `range`: only where the day it closes stands right behind. */
const leads: readonly { of: RegExp; range?: boolean }[] = [
  { of: pattern(`\\bfor ${name},?\\s*(?:(?:the|its|it|this)\\s+)?(?:${thing} )?${opens}\\s*${weekday}$`) },
  { of: pattern(`\\b${thing} (?:for|of) ${name}${sign}(?:(?:${opens}|lasts|runs)\\s*)?(?:(?:from|between)\\s*)?${weekday}$`) },
  { of: pattern(`${begin}${name}${sign}(?:(?:the|its) )?(?:${thing} )?${opens}\\s*${weekday}$`) },
  { of: pattern(`\\b(?:hand(?:s|ed|ing)? in|submit\\w*|upload\\w*|deliver\\w*|send(?: in)?) ${name}(?: (?:at )?any ?time)? (?:between|from)\\s*${weekday}$`) },
  { of: pattern(`${begin}${name} (?:(?:can|may|must|should) (?:only )?be (?:handed in|submitted|uploaded) )?(?:between|from)\\s*${weekday}$`), range: true },
  { of: pattern(`${begin}${name} (?:cannot|may not|must not) be (?:handed in|submitted|uploaded) before\\s*${weekday}$`) },
  { of: pattern(`(?:^|\\n)\\W*${name}\\s*(?::|[–—|-]|\\()\\s*(?:open )?(?:(?:from|between)\\s*)?${weekday}$`), range: true },
];
const ranges = pattern(`${after}\\s*(?:[–—-]|to|until|till|and|through|up to)\\s*${weekday}$`);
const closes = `(?:(?:is|are|must be|has to be|have to be|can be|will be) )?(?:not )?(?:due|clos(?:es?|ing|ed)|shuts?|deadline|ends?|after|no later than|not later than|until|till|handed in|submitted)(?:\\s+(?:is|on|at|by|before|date|no later than|${clock}))*\\s*:?\\s*${weekday}$`;
const closing = pattern(`${after}[\\s,;.(–—|-]*(?:and |but |then )*(?:(?:it|which|this) )?${closes}`), closingOf = pattern(`${after}[\\s,;.]*(?:\\n\\W*)${name}\\s*(?:[:–—|-]\\s*)?${closes}`);
/** What leads to a day on which a work is due, and what may stand between it and the day on which its window opened. */
const dueLead = pattern(`${begin}${name}${sign}(?:(?:is|are|must be|has to be|have to be) )?(?:due|deadline|clos(?:es?|ing)|handed in|submitted)(?:\\s+(?:date|is|on|by|at|before|no later than|${clock}))*\\s*:?\\s*${weekday}$`);
const thenOpens = pattern(`${after}[\\s,;.(–—|-]*(?:and )?(?:(?:the|its|it|this) )?(?:${thing} )?${opens}\\s*${weekday}$`);
/** What opens and closes, and nobody hands in. */
const noWork = /\b(?:registration|enrol\w*|bookings?|sign-?up|surveys?|questionnaires?|polls?|vot\w+|librar(?:y|ies)|archives?|offices?|desk|shops?|exhibitions?|museums?|galler(?:y|ies)|terms?|semesters?|trimesters?|quarters?|seasons?|holidays?|vacations?|breaks?|weeks?|exams?|examinations?|periods?|fieldwork|placements?|clinics?|applications?|ballots?|conferences?|events?|buildings?|campus|courses?|class(?:es)?|lectures?|feedback|marking|grading|consultations?|forums?|quiz(?:zes)?|tests?|extensions?|writing up)\b/i;
const aboutHandIn = /\b(?:due|deadlines?|hand(?:ed|ing)?[- ]?in|submi\w+|upload\w*|deliver\w*|box|folder)\b/i, knownWork = new RegExp(`(?:^|[ -])${document}s?(?: \\d{1,2}| [A-E])?$|^(?:part|task|assignment|essay|report|stage|phase|draft|final) `, 'i');

interface Window { name: string; opens: DatedRow | null; due: DatedRow }

/** Names the windows of a wording that has nothing but windows of works and days on which works are due. @returns whether it has */
export function windowsOfWorks(all: DatedRow[], { text }: Reading): boolean {
  const rows = all.filter((r) => r.date.problem === 'none').sort((a, b) => a.date.start - b.date.start), found: Window[] = [];
  if (rows.length < 3 || rows.length > 16 || rows.some((r) => r.role === 'extension')) return false;
  const own = (r: DatedRow): string => takenIn(text, r.date);
  const leadOf = (i: number): string => `${text.slice(Math.max(i > 0 ? rows[i - 1]!.date.end : 0, rows[i]!.date.start - 160), rows[i]!.date.start)}${own(rows[i]!)}`.replace(new RegExp(`^(?:,?\\s*\\(?${clock}\\)?)`, 'i'), '');
  for (let i = 0; i < rows.length; i++) {
    const r = rows[i]!, next = rows[i + 1], lead = leadOf(i), between = next ? `${text.slice(r.date.end, next.date.start)}${own(next)}` : '';
    const forward = next && r.date.iso.slice(0, 10) <= next.date.iso.slice(0, 10), back = next && next.date.iso.slice(0, 10) <= r.date.iso.slice(0, 10);
    const range = forward && says(between, ranges), shut = forward && (says(between, closing) || says(between, closingOf)), called = range || shut ? leads.map((l) => (l.range && !range ? undefined : firstIn(lead, l.of)?.groups!.name)).find((n) => n !== undefined) : undefined;
    const again = firstIn(between, closingOf)?.groups!.name;
    if (called && (says(between, closing) || range || again?.toLowerCase() === called.toLowerCase())) { found.push({ name: called, opens: r, due: next! }); i++; continue; }
    const due = firstIn(lead, dueLead)?.groups!.name;
    if (due && back && says(between, thenOpens)) { found.push({ name: due, opens: next!, due: r }); i++; continue; }
    if (due) { found.push({ name: due, opens: null, due: r }); continue; }
    if (r.role === 'due' || r.role === 'opens') return false;
  }
  const names = found.map((w) => w.name.toLowerCase());
  if (found.length < 2 || new Set(names).size < names.length || found.every((w) => w.opens === null) || names.some((n) => says(n, happens) || !says(n, knownWork) && says(n, noWork))) return false;
  if (names.filter((n) => says(n, knownWork)).length * 2 < names.length && !found.every((w) => says(text.slice(w.due.clause.start, w.due.date.start), aboutHandIn))) return false;
  for (const w of found) {
    // “Part A (planning)” has more of its name already.
    const label = [w.due.label, w.opens?.label].find((l) => l?.toLowerCase().startsWith(`${w.name.toLowerCase()} (`)) ?? w.name;
    Object.assign(w.due, { label, role: 'due' });
    if (w.opens) Object.assign(w.opens, { label, role: 'opens' });
  }
  return true;
}
