import { isOptionalDraft } from './date-roles.ts';
import { noun as document } from './document-names.ts';
import type { DatedRow, Reading } from './dated-rows.ts';
import type { Clause } from './statements.ts';
import { firstIn, says } from '../text/patterns.ts';

const word = '[\\p{L}][\\p{L}’\'-]*', joint = '(?:as|in|and|or|of|with|for|to|on|at|by|from|that|which|must|should|is|are|was|were|has|have|will|may|can|due|until|before|says|said|shows|states|lists|gives|wants|expects|needs|announces|takes|makes)';
const noun = `(${word}(?: (?!${joint}\\b)${word}){0,3})`, /** what a row begins with, and what is said of it in brackets */ rowNoun = `(${word}(?: (?:(?:for|of|on|and|with|to|in) )?(?:(?:an?|the) )?(?!${joint}\\b)${word}){0,4})(?:\\s*\\([^()]{1,40}\\))?`, mark = '(?:[-*•▪–]\\s+|\\(?(?:\\d{1,2}|[a-h])[.)]\\s+)?', weekday = '(?:\\w+day,?\\s*|(?:mon|tues?|wed|thu(?:rs)?|fri|sat|sun)\\.?,?\\s+)?(?:the\\s+)?';
const due = '(?:due|deadline|hand(?:ed)? in|submit(?:ted)?|upload(?:ed)?|by|until|till|before|no later than|not later than)';
/** What stands before a date that is some work's own. Each has one group, what the work is called. */
const leads: readonly RegExp[] = [
  // “Herbarium: 5 March”, “1. Herbarium (12 plants) – due 5 March”, “Herbarium (by 5 March”, “Herbarium      due 5 March”.
  new RegExp(`^\\s*\\|?\\s*${mark}(?:your |the )?${rowNoun}\\s*(?::|,(?=\\s*${due}\\b)|[–—-]|\\(|\\s{3,}|\\|)\\s*(?:${due}\\b\\s*:?\\s*)*(?:on\\s*|at\\s*|by\\s*)?${weekday}$`, 'iu'),
  // “The herbarium is due on 5 March”, “your ledger by 19 March”, “you hand in the herbarium (5 March”.
  new RegExp(`(?:^|[,;.]|\\band|\\bthen|\\bhands? in|\\bhanding in|\\bsubmits?|\\buploads?|\\bdelivers?|\\bsends?|\\bposts?|\\bputs?|\\bturns? in|\\be-?mails?|\\blodges?|\\bgives? in|\\bfirst|\\bfollowed by)\\s*(?:an?|the|your)\\s+${noun}(?:\\s*\\([^()]{1,40}\\))?(?: (?:in|into|to|via) the [\\p{L}\\d ]{2,30}?)?\\s*(?:(?:is|are|has to be|have to be|must be|should be|will be|needs to be|is to be|are to be)\\s+)?(?:${due}\\s+)*(?:in week \\d{1,2},?\\s*)?(?:at the (?:end|start|beginning) of (?:the )?(?:term|semester|year|course|teaching),?\\s*)?\\(?(?:on\\s*|by\\s*)?${weekday}(?:(?:12 )?(?:noon|midday|midnight),?\\s*)?$`, 'iu'),
];
/** “Herbarium due 5 March.” “The deadline for the ledger is 19 March.” “First the herbarium (5 March), then the ledger (19 March).” “5 March for the herbarium” is read from behind. */
const own = noun.replace('(', '((?!(?:then|next|later|first|finally|lastly|the|an?|your|and|read|see|watch|bring|study|prepare|discuss|visit|note|attend|meet)\\b)'), saidOfOne = [
  new RegExp(`(?:^|[;,.]|\\band)\\s*${mark}(?:(?:an?|the|your)\\s+)?${own}\\s+(?:is |are )?(?:also )?(?:due|deadline)(?: (?:on|by|at|date|in|before))*\\s*:?\\s*${weekday}$`, 'iu'),
  new RegExp(`\\b(?:deadline|due date|hand-?in date|submission date|last day)s?\\s+(?:for|of)\\s+(?:submitting |handing in )?(?:(?:an?|the|your)\\s+)?${own}\\s*(?:is|:|=|[–—-]|will be|falls on)\\s*(?:on\\s*)?${weekday}$`, 'iu'),
  new RegExp(`(?:^\\W*|(?:\\b(?:first|then|next|later|finally|lastly|followed by|and)|[,:;])\\s+)(?:(?:an?|the|your)\\s+)?${own}\\s*\\(\\s*(?:${due}\\s*:?\\s*)*(?:on\\s*|by\\s*)?${weekday}$`, 'iu'),
];
const inRow = new RegExp(`(?:^\\W*(?:the )?(?:deadlines?|due dates?|submission dates?|hand-?in dates?)\\s*:|[,;])\\s*(?:and )?(?:(?:an?|the|your)\\s+)?${own}\\s+(?:(?:on|by)\\s+)?${weekday}$`, 'iu');
const forIt = new RegExp(`^\\s*(?:\\([^()]*\\)\\s*)?(?:at \\S+ )?for (?:an?|the|your)\\s+${noun}(?=\\s*(?:[,.;]|$|\\band\\b))|^(?:,? (?:at |by )?(?:\\d{1,2}(?:[:.]\\d{2})? ?(?:[ap]\\.?m\\.?)?|noon|midnight))?\\s*\\(\\s*(?:for )?(?:an? |the |your )?${noun}\\s*\\)`, 'iu');
/** “By 5 March submit your herbarium.” */
const dayFirst = /(?:^|[.;]\s)\W*(?:(?:by|until|before|on|and|then)\s+)*(?:\w+day,?\s*)?(?:the\s+)?$/i, askedBehind = new RegExp(`^(?:,? (?:at |by )?(?:\\d{1,2}(?:[:.]\\d{2})? ?(?:[ap]\\.?m\\.?)?|noon|midnight))?,?\\s*(?:please |you |students )*(?:must |should )?(?:submit|hand in|upload|send|deliver|turn in)s? (?:(?:an?|the|your)\\s+)${own}(?=\\s*(?:[,.;(]|$|\\band\\b|\\bas\\b|\\bto\\b|\\bin\\b))`, 'iu');
/** “1. 5 March: Herbarium (12 plants)”: the row begins with its date. */
const rowOfDate = new RegExp(`^\\s*${mark}(?:due |by )?${weekday}$`, 'iu'), nameBehind = new RegExp(`^(?:,? (?:at |by )?(?:\\d{1,2}(?:[:.]\\d{2})? ?(?:[ap]\\.?m\\.?)?|noon|midnight))?\\s*(?::|[–—-]|\\||\\s{3,})\\s*(?:your |the )?${rowNoun}\\s*(?:[,;.(|][^\\n]*)?(?:\\n|$)`, 'iu');
/** What a work is called, by what stands in its row before and behind its date; by shapes that all works of a text share. */
const shapes: readonly ((lead: string, behind: string) => string | undefined)[] = [
  ...leads.map((shape) => (lead: string) => firstIn(lead, shape)?.[1]),
  ...saidOfOne.map((shape) => (lead: string) => firstIn(lead, shape)?.[1]),
  (_, behind) => { const m = firstIn(behind, forIt); return m?.[1] ?? m?.[2]; },
  (lead) => firstIn(lead, inRow)?.[1],
  (lead, behind) => (says(lead, dayFirst) ? firstIn(behind, askedBehind)?.[1] : undefined),
  (lead, behind) => (says(lead, rowOfDate) ? firstIn(behind, nameBehind)?.[1] : undefined),
];
const rowShapes = new Set([shapes[0], shapes[leads.length + 2], shapes.at(-1)]), knownWork = new RegExp(`(?:^|[ -])${document}s?$`, 'i');
/** Words that say something of a day or a work, and are no name of one. */
const noName = /^(?:is|are|was|were|be|been|has|have|had|now|it|this|that|these|those|they|which|who|so|but|not|no|still|already|also|only|once|as|if|when|whose|he|she|we|you|I|in|to)\b|^\p{L}+ly$/iu;
/** What is said of a day is no work, and what happens on it is none. */
const saidOfDay = /\b(?:opens?|opening|(?<!press )released?|available|issued|due|deadlines?|closes?|closing|returned?|feedback(?! form)|marks?|results?|grades?|updated?|new|old|extended|extensions?|resits?|re-?sits?|late|from|by|before|until|when|where|registration|sign[ -]?up|window|period|permission|approval|cut-?off|latest|last|all|both|everything|posted|published|printed|modified|created|edition|(?<!\w )version$)\b/i;
export const happens = /(?:^|\s)(?:open|starts?|begins?|beginning|(?<!\b(?:data|problem|exercise|question|photo) )set|kick-?off|(?:field )?trips?|visits?|excursions?|interviews?|rehearsals?|performances?|openings?|lunch|fieldwork|revision|consultations?|hours?|lectures?|seminars?|class(?:es)?|sessions?|workshops?|exams?|examinations?|tests?|holidays?|breaks?|weeks?|readings?|meetings?|vivas?|talks?|presentations?|dates?|days?|term|semester|tutorials?|box|folder|link|portal|area|page|files?|submissions?|hand-?in|assignment|work|groups?|students?|office|library|application|ethics|e-?mail|mail|reminder|note|subject|sent|time|place|ones?|handbook|syllabus|(?<!interview |topic )guide|calendar|timetable|schedule|checks?)$/i;
const handIn = /\b(?:due|deadlines?|hand(?:ed|ing)?[- ]?in|submi\w+|upload\w*|deliver\w*|turn(?:ed)? in)\b/i;
/** That dates of hand-ins follow. */
const announces = /^(?!\W*(?:the|this|our) (?:course|module|class|seminar|unit|lecture\w*|term) (?:has|is divided|is made|consists|comes|falls|contains)\b).*\b(?:two|three|four|five|six|seven|eight|[2-8]) (?:\w+ )?(?:pieces|parts|stages|steps|items|milestones|assignments|papers|tasks|components|elements|deliverables|instal+ments)\b[^.]{0,24}:\W*$|\b(?:deadlines?|(?:due|hand-?in|submission) dates?|dates? (?:of|for) (?:submission|hand-?in)|what (?:is due|to hand in)|due)\b[^.]{0,40}$|\b(?:hand(?:ed|ing)? in|submit(?:ted)?|upload(?:ed)?|deliver(?:ed)?)\b[^.]*:\W*$/i;
const announcedBefore = (clauses: readonly Clause[], r: DatedRow): boolean => { const i = clauses.indexOf(r.clause); return clauses.slice(Math.max(0, i - 4), i).some((c) => says(c.text, announces)); };
/** Longer lists are timetables. */
const most = 8;

/** “Herbarium: 5 March. Ledger: 19 March.”: dates that stand in one shape behind names of their own, whatever these are, are when each is due.
 * @param several - whether some are known to be due by names that are read everywhere
 * @returns whether any was named */
export function namedByShape(rows: DatedRow[], { text, clauses }: Reading, several: boolean): boolean {
  const certain = rows.filter((r) => r.date.problem === 'none' && r.role !== 'extension' && !isOptionalDraft(r.clause, r.date));
  for (const shape of shapes) {
    const named = certain.flatMap((r) => {
      const before = rows.filter((o) => o.clause === r.clause && o.date.end <= r.date.start).at(-1), from = Math.max(text.lastIndexOf('\n', r.date.start - 1) + 1, before?.date.end ?? 0, r.clause.start - 8), lead = `${text.slice(from, r.date.start)}${/^(?:on|by|until|till|before)\s+/i.exec(text.slice(r.date.start))?.[0] ?? ''}`, name = r.role === 'opens' ? undefined : shape(lead, text.slice(r.date.end, r.date.end + 160));
      return name && !says(name, noName) && !says(name, saidOfDay) && !says(name, happens) ? [{ r, name }] : [];
    });
    const names = new Set(named.map((n) => n.name.toLowerCase()));
    if (named.length < 2 || named.length > most || names.size < named.length || new Set(named.map((n) => n.r.date.iso)).size < 2) continue;
    // Where some have their names already, only for others of their list.
    if (several && named.every(({ r }) => r.label !== null)) { if (shape !== shapes.at(-1)) for (const { r, name } of named) if (name.toLowerCase().endsWith(` ${r.label!.toLowerCase()}`) && !says(name, /\b(?:your|the|an?|each|every|uploads?|submits?|hands?|sends?)\b/i)) r.label = name; continue; }
    // A deadline apart from these is that of the whole, and these are days on the way to it.
    if (certain.some((r) => r.role === 'due' && !named.some((n) => n.r === r))) continue;
    const about = (r: DatedRow): boolean => says(text.slice(r.clause.start, r.date.start), handIn) || says(text.slice(Math.max(r.clause.start, r.date.start - 24), r.date.start + 8), /\b(?:by|until|no later than|before)\b/i) || announcedBefore(clauses, r) || says(r.clause.under ?? '', handIn);
    // What announces a list stands before its first row; one that names what happens as well is a timetable.
    const announced = shape !== shapes[1] && announcedBefore(clauses, named[0]!.r) && !certain.some((r) => r.role === 'unknown' && r.date.start > named[0]!.r.date.start && r.date.start < named.at(-1)!.r.date.start && !named.some((n) => n.r === r));
    // “Report: 5 March. Learning log: 19 March.”: works among them say what the others are.
    const works = rowShapes.has(shape) && named.filter(({ r, name }) => r.label !== null && name.toLowerCase().includes(r.label.toLowerCase()) || says(name, knownWork)).length * 2 >= named.length && certain.every((r) => r.role !== 'unknown' || named.some((n) => n.r === r));
    if (!announced && !works && !named.every(({ r }) => about(r))) continue;
    for (const { r, name } of named) { r.label = name.replace(/ (?:by|on|until|before|at)$/i, ''); r.role = 'due'; }
    return true;
  }
  return false;
}
