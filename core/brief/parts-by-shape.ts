import type { DatedRow, Reading } from './dated-rows.ts';

const word = '[\\p{L}][\\p{L}’\'-]*', joint = '(?:as|in|and|or|of|with|for|to|on|at|by|from|that|which|must|should|is|are|was|were|has|have|will|may|can|due|until|before|says|said|shows|states|lists|gives|wants|expects|needs|announces|takes|makes)';
const noun = `(${word}(?: (?!${joint}\\b)${word}){0,3})`, mark = '(?:[-*•▪–]\\s+|\\(?(?:\\d{1,2}|[a-h])[.)]\\s+)?', weekday = '(?:\\w+day,?\\s*|(?:mon|tues?|wed|thu(?:rs)?|fri|sat|sun)\\.?,?\\s+)?(?:the\\s+)?';
const due = '(?:due|deadline|hand(?:ed)? in|submit(?:ted)?|upload(?:ed)?|by|until|till|before|no later than|not later than)';
/** What stands before a date that is some work's own. Each has one group, what the work is called. */
const shapes: readonly RegExp[] = [
  // “Herbarium: 5 March”, “1. Herbarium – due 5 March”, “Herbarium (by 5 March”, “Herbarium      due 5 March”.
  new RegExp(`^\\s*${mark}(?:your |the )?${noun}\\s*(?::|[–—-]|\\(|\\s{3,}|\\|)\\s*(?:${due}\\b\\s*:?\\s*)*(?:on\\s*|at\\s*|by\\s*)?${weekday}$`, 'iu'),
  // “The herbarium is due on 5 March”, “your ledger by 19 March”, “you hand in the herbarium (5 March”.
  new RegExp(`(?:^|[,;.]|\\band|\\bthen|\\bhand in|\\bhanding in|\\bsubmit|\\bupload|\\bdeliver|\\bsend|\\bpost|\\bput|\\bturn in|\\be-?mail|\\blodge|\\bfirst)\\s*(?:an?|the|your)\\s+${noun}(?:\\s*\\([^()]{1,40}\\))?(?: (?:in|into|to|via) the [\\p{L}\\d ]{2,30}?)?\\s*(?:(?:is|are|has to be|have to be|must be|should be|will be|needs to be)\\s+)?(?:${due}\\s+)*(?:at the (?:end|start|beginning) of (?:the )?(?:term|semester|year|course|teaching),?\\s*)?\\(?(?:on\\s*|by\\s*)?${weekday}(?:(?:12 )?(?:noon|midday|midnight),?\\s*)?$`, 'iu'),
];
/** What is said of a day is no work, and what happens on it is none. */
const saidOfDay = /\b(?:opens?|opening|released?|available|issued|due|deadlines?|closes?|closing|returned?|feedback|marks?|results?|grades?|updated?|new|old|extended|extensions?|resits?|re-?sits?|late|from|by|before|until|when|where|registration|sign[ -]?up|window|period|permission|approval|cut-?off|latest|last|all|both|everything)\b/i;
const happens = /(?:^|\s)(?:open|starts?|begins?|beginning|(?<!data )set|lectures?|seminars?|class(?:es)?|sessions?|workshops?|exams?|examinations?|tests?|holidays?|breaks?|weeks?|readings?|meetings?|vivas?|talks?|presentations?|dates?|days?|term|semester|tutorials?|box|folder|link|portal|area|page|files?|submissions?|hand-?in|assignment|work|groups?|students?|office|library|application|ethics|e-?mail|mail|reminder|note|subject|sent|time|place|ones?|handbook|syllabus|guide|calendar|timetable|schedule)$/i;
const handIn = /\b(?:due|deadlines?|hand(?:ed|ing)?[- ]?in|submi\w+|upload\w*|deliver\w*|turn(?:ed)? in)\b/i;
/** That dates of hand-ins follow. */
const announces = /\b(?:deadlines?|(?:due|hand-?in|submission) dates?|dates? (?:of|for) (?:submission|hand-?in)|what (?:is due|to hand in)|due)\b[^.]{0,40}$|\b(?:hand(?:ed|ing)? in|submit(?:ted)?|upload(?:ed)?|deliver(?:ed)?)\b[^.]*:\W*$/i;
/** Longer lists are timetables. */
const most = 8;

/** “Herbarium: 5 March. Ledger: 19 March.”: dates that stand in one shape behind names of their own, whatever these are, are when each is due. */
export function namedByShape(rows: DatedRow[], { text, clauses }: Reading): void {
  const certain = rows.filter((r) => r.date.problem === 'none' && r.role !== 'extension');
  for (const shape of shapes) {
    const named = certain.flatMap((r) => {
      const before = rows.filter((o) => o.clause === r.clause && o.date.end <= r.date.start).at(-1), from = Math.max(text.lastIndexOf('\n', r.date.start - 1) + 1, before?.date.end ?? 0, r.clause.start - 8), lead = `${text.slice(from, r.date.start)}${/^(?:on|by|until|till|before)\s+/i.exec(text.slice(r.date.start))?.[0] ?? ''}`, found = r.role === 'opens' ? null : shape.exec(lead);
      return found && !saidOfDay.test(found[1]!) && !happens.test(found[1]!) ? [{ r, name: found[1]! }] : [];
    });
    const names = new Set(named.map((n) => n.name.toLowerCase()));
    if (named.length < 2 || named.length > most || names.size < named.length || new Set(named.map((n) => n.r.date.iso)).size < 2) continue;
    // A deadline apart from these is that of the whole, and these are days on the way to it.
    if (certain.some((r) => r.role === 'due' && !named.some((n) => n.r === r))) continue;
    const about = (r: DatedRow): boolean => { const i = clauses.indexOf(r.clause); return handIn.test(text.slice(r.clause.start, r.date.start)) || /\b(?:by|until|no later than|before)\b/i.test(text.slice(Math.max(r.clause.start, r.date.start - 24), r.date.start + 8)) || clauses.slice(Math.max(0, i - 4), i).some((c) => announces.test(c.text)) || handIn.test(r.clause.under ?? ''); };
    if (!named.every(({ r }) => about(r))) continue;
    for (const { r, name } of named) { r.label = name; r.role = 'due'; }
    return;
  }
}
