import type { DatedRow, Reading } from './dated-rows.ts';
import { firstIn } from '../text/patterns.ts';

const source = String.raw`(?:the|our|my|your) ((?:[a-z-]+ ){0,2}(?:handbook|guide|outline|syllabus|reader|handout|sheet|brief|booklet|timetable|calendar|schedule|page|site|website|portal|system|box|folder|e-?mail|mail|slides?|notice|board|plan|programme|link|document|instructions))`;
/** Where a sentence, or a part of it, begins: “everything else in the handbook is right” is not about the handbook. */
const subject = String.raw`(?:^\W*|[,;:–]\s*|\b(?:and|but|so|that|because|as|since) )`;
/** What says a day, in front of it (“the reader says …”, and for a second one “…, the portal 14 March”) or behind it (“according to the handbook”). */
const inFront = new RegExp(String.raw`\b${source}(?: (?:still |now |itself )?(?:says?|said|has|had|gives?|gave|lists?|listed|shows?|showed|states?|stated|mentions?|puts?|tells?)\b(?:(?!\b(?:the|our|my|your) (?:[a-z-]+ ){0,2}(?:page|guide|handbook|site|portal)\b)[^.;])*|\s*(?:\w+day,?\s*)?)$`, 'i');
const behind = new RegExp(String.raw`^[^.;,\d]{0,12}\b(?:according to|in|on) ${source}\b`, 'i');
/** Which of them holds, or does not. */
const holds = new RegExp(String.raw`${subject}${source} (?:is|was|are|has|have) (?:the )?(?:right|correct|it right|up to date|one that (?:counts|holds)|valid|binding)\b|${subject}${source} (?:holds|counts|applies|prevails|wins)\b|\b(?:go by|trust|follow|use|rely on|believe|stick to) ${source}\b`, 'i');
const fails = new RegExp(String.raw`${subject}${source} (?:is|was|are|has|have) (?:wrong|incorrect|it wrong|old|outdated|out of date|mistaken|not (?:right|correct|up to date)|a (?:mistake|misprint)|an error)\b|\b(?:ignore|disregard|forget|don['’]t trust|do not trust) ${source}\b`, 'i');
const named = (pattern: RegExp, words: string): string | undefined => firstIn(words, pattern)?.slice(1).find((name) => name !== undefined)?.toLowerCase();
const isSame = (a: string, b: string): boolean => a === b || a.endsWith(` ${b}`) || b.endsWith(` ${a}`);

/** “The handbook says 11 March, the course page 12 March. The course page is right.”: of two sources with a day each, the one that is said to be right holds. */
export function namedSource(rows: DatedRow[], { text, clauses }: Reading): void {
  const said = rows.flatMap((r, i) => {
    const from = Math.max(r.clause.start, rows[i - 1]?.date.end ?? 0), name = named(inFront, text.slice(from, r.date.start).trimEnd()) ?? named(behind, text.slice(r.date.end, Math.min(r.clause.end, rows[i + 1]?.date.start ?? r.clause.end)));
    return name && r.date.problem === 'none' && r.role !== 'opens' && r.role !== 'extension' ? [{ r, name }] : [];
  });
  const [one, two] = said;
  if (said.length !== 2 || one!.r.date.iso === two!.r.date.iso || isSame(one!.name, two!.name)) return;
  const last = clauses.indexOf(two!.r.clause), verdicts = clauses.slice(last, last + 3);
  for (const clause of verdicts) {
    // Of the clause that names the days only what stands behind them.
    const words = clause === two!.r.clause ? text.slice(two!.r.date.end, clause.end) : clause.text, right = named(holds, words), wrong = named(fails, words);
    const isRight = (s: typeof one): boolean => (right !== undefined ? isSame(s!.name, right) : wrong !== undefined && !isSame(s!.name, wrong));
    if (isRight(one) === isRight(two)) continue;
    const [valid, void_] = isRight(one) ? [one!.r, two!.r] : [two!.r, one!.r], again = rows.find((r) => r.clause === clause && r !== valid && r !== void_ && r.date.iso.slice(0, 10) === valid.date.iso.slice(0, 10));
    void_.role = 'other';
    valid.role = 'due';
    // The day that is said once more has the hour.
    if (again) again.role = 'due';
    return;
  }
}
