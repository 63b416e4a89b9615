import type { DateTime } from 'luxon';
import type { DatedRow, Reading } from './dated-rows.ts';
import { firstIn, rewritten, says } from '../text/patterns.ts';

/** Works that were due before. */
const wasDue = /\b(?:was|were|had been)(?: already)? (?:due|handed in|submitted|to be (?:handed in|submitted))(?: in)?(?: back)?\s*(?:on|by|at|in)?\s*(?:\w+day,?\s*)?(?:the )?$/i;

/** “Lab report 1” and “Lab report 2” are of one series. */
const series = (label: string | null): string | null => (label !== null && /\d/.test(label) ? label.toLowerCase().replace(/\d+/g, '') : null);

/** “Lab report 2 is due on 7 December. Lab report 1 was due on 16 November”: what has been handed in is no window beside the next of its series. Stages of one paper are. Changes the rows that it is about.
 * @param now - when the wording is read */
export function besidePast(rows: DatedRow[], { text }: Reading, now: DateTime): void {
  const today = now.toISODate()!, due = rows.filter((r) => r.role === 'due' && r.date.problem === 'none');
  const past = due.filter((r) => r.label !== null && r.date.iso.slice(0, 10) < today && says(text.slice(r.clause.start, r.date.start + (/^(?:on|by|at|in)\s+/i.exec(text.slice(r.date.start))?.[0].length ?? 0)), wasDue));
  if (past.length === 0 || !due.some((r) => !past.includes(r) && r.date.iso.slice(0, 10) >= today && past.every((p) => series(p.label) !== null && series(p.label) === series(r.label) && p.label !== r.label))) return;
  for (const r of past) { r.role = 'other'; r.label = null; }
}

/** “A draft of your chapter is due to your adviser by e-mail on 4 December. The chapter itself has to be on the course site by 18 December”: what one person is shown before is not what is handed in. */
const shownBefore = /\b(?:drafts?|outlines?|plans?|versions?)\b[^.;]{0,40}\b(?:due|goes?|go|sent|submitted|handed in|send|e-?mail(?:ed)?)\b[^.;]{0,12}\bto (?:your |the |a )?(?:advis[eo]r|supervisor|tutor|mentor|peer|partner|reader|classmate)s?\b[^.;]*$/i;
/** Changes the rows that it is about. */
export function besideShown(rows: DatedRow[], { text }: Reading): void {
  const certain = rows.filter((r) => r.date.problem === 'none'), shown = certain.filter((r) => r.role === 'due' && !/draft|outline|plan/i.test(r.label ?? '') && says(text.slice(r.clause.start, r.date.start), shownBefore));
  for (const r of shown) if (certain.some((o) => (o.role === 'due' || o.role === 'unknown') && o.clause !== r.clause && o.date.iso > r.date.iso)) { r.role = 'other'; r.label = null; }
}

const early = /\b(?:drafts?|outlines?|plans?|(?:first|early|earlier|trial|preliminary|rough) (?:version|attempt|try)s?|versions?|revis(?:e|ion)s?|rewrites?|Entw(?:urf|ürfe)|Exposés?|Gliederung|brouillons?|borrador|bozza)\b/i;
const offered = /\b(?:optional(?:ly)?|voluntar(?:y|ily)|(?:if|should|in case|when) you (?:want|wish|would like|like|need|care|choose|prefer|hand|send|submit)|you(?:['’]d| would) like|(?:can|may|could|might) (?:also )?(?:be |get )?(?:hand(?:ed)?|submit(?:ted)?|sen[dt]|show|shown|upload(?:ed)?|revise[ds]?|rewrite|rewritten)|welcome to|free to|happy to (?:read|look at|comment on)|gets? (?:comments|feedback)|(?:for|with) (?:comments|feedback)|(?:allowed|possible|offered|permitted) (?:if|where|when|provided)|wer (?:möchte|will|mag)|freiwillig\w*|facultati\w+|voluntari\w+|opcional\w*|those who (?:want|wish|hand|send|submit))\b/i;
const bound = /\b(?:must|required?|compulsory|mandatory|obligatory|graded|marked|have to|has to|worth)\b|\d ?(?:%|per ?cent|marks|points)/i;
/** “Draft: by 2 December – you get comments” is a row like the others. “The paper is due on 18 December. One revision is allowed if the first version is in by 11 December”: what nobody has to hand in is no window beside the one thing that everybody has to; among several it is one of them. Changes the rows that it is about. */
export function besideOffered(rows: DatedRow[], { text }: Reading): void {
  const due = rows.filter((r) => r.date.problem === 'none' && (r.role === 'due' || r.role === 'unknown'));
  const free = due.filter((r) => { const whole = text.slice(r.clause.start, r.clause.end), said = /^\W*\p{Lu}[^:.;\n]{2,40}:/u.test(whole) ? rewritten(whole, [/\byou (?:will )?gets? (?:comments|feedback)/gi, ' ']) : whole; return says(said, early) && says(said, offered) && !says(said, bound) && !due.some((o) => o !== r && o.clause === r.clause); });
  const [one, ...others] = due.filter((r) => r.role === 'due' && !free.includes(r));
  for (const r of free) if (one && others.length === 0 && one.date.iso > r.date.iso) { r.role = 'other'; r.label = null; }
}

const ofRow = /^\W*(\p{Lu}[\p{L}’'-]*(?: [\p{L}’'-]+){0,3}) ?:(?! ?\d{1,2}[.:]\d\d)/u, setting = /\b(?:by|what|who|deadlines?|due|dates?|submissions?|submit|hand(?:ed|ing)?|uploads?|deliver\w*|clos\w+|opens?|opening|late(?:ness|st)?|penalt\w+|extensions?|feedback|returns?|marks|resits?|final|when|where|how|until|from|note|important|attention|reminder|update|correction|format|length|place|week|day|group|time)\b/i;
/** “Proposal: 1,500 words, due 8 December / Checklist: PDF, due 11 December”: among rows that begin with the name of a work, one that begins the same way names another. Changes the rows that it is about. */
export function labelledAlike(rows: DatedRow[], { text }: Reading): void {
  const due = rows.filter((r) => r.role === 'due' && r.date.problem === 'none'), nameOf = (r: DatedRow): string | null => { const name = firstIn(text.slice(r.clause.start, r.date.start), ofRow)?.[1] ?? null; return name !== null && !says(name, setting) ? name : null; };
  if (!due.some((r) => r.label !== null && nameOf(r)?.toLowerCase() === r.label.toLowerCase())) return;
  for (const r of due) if (r.label === null) r.label = nameOf(r);
}
