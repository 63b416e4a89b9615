import { isCorrection, numberWords, type Clause, type Statement } from './statements.ts';
import { eachIn, firstIn, says } from '../text/patterns.ts';

/** Late work at a price for so long, and for nothing after it, in any order of words: a bound, what it costs, and an end. Common practice of handbooks, no published source. */

const number = String.raw`(?:\d{1,3}|an?|one|two|three|four|five|six|seven|ten|fourteen)`, unit = String.raw`(?:(?:full |working |calendar |week ?|business )?days?|hours?|hrs?|h|weeks?)`;
const span = String.raw`(?:(?<n>${number})[ -]?(?<u>${unit})|(?<one>week|day))(?![\p{L}\d])`, anySpan = String.raw`(?:${number}[ -]?${unit}|(?:the )?(?:first )?(?:week|day))(?![\p{L}\d])`;
const behindSpan = String.raw`(?: (?:late|overdue|(?:of|after|past|from|following) (?:the |your )?(?:deadline|due date|due time|closing (?:date|time))))?`;
/** “up to 7 days late”, “within a week of the deadline”, “late by a week or less”. */
const bounds = [
  String.raw`(?<!\b(?:not|n['’]t)\s(?:[a-z]+ )?)(?:up to|within|until|till|less than|fewer than|under|no more than|not more than|at most|max(?:imum)?\.?(?: of)?|by no more than|≤|<=|<|(?:in|for|during) the first|the first|(?<=[:;,(|–—-]\s?)first|(?:1|one|day 1)\s?(?:–|-|to)|for)\s?(?:a maximum of |the first |a )?${span}${behindSpan}`,
  String.raw`(?:late by )?${span} or (?:less|fewer|under)(?: late)?`, String.raw`${span} late or less`,
];
const bound = new RegExp(bounds.map((b, i) => `(?:${b.replace(/\?<(n|u|one)>/g, `?<$1${i}>`)})`).join('|'), 'giu');
/** What it costs. */
const cost = /\b(?:cap(?:ped)?|max(?:imum)?(?: (?:possible|available))? (?:mark|grade|score)|at best|at most (?:a )?(?:pass|\d)|off\b|minus|penalt\w+|penali[sz]\w+|deduct\w*|los(?:e|es|ing|t)|reduc\w+|(?:pass|passing|threshold) (?:mark|grade)|(?:marks?|points?|%) (?:less|lower|down))|[-–−]\s?\d{1,2}\s?(?:%|marks?|points?|pts)?(?![\d\p{L}])|\d{1,2} ?(?:%|marks?|points?)(?: (?:per|a|each) day)?/iu;
const nothing = String.raw`(?:zero|nought|nil|0(?!\s?[.,]?\d|\s?%\s*(?:off|deduct|penal|reduc))|nothing(?: is)?|no (?:marks?|credit|points|grade)|fail(?:s|ed|ure)?|an? (?:F|fail|zero|0)(?![\p{L}])|(?:not|never|no longer|n['’]t)(?: be)? (?:accepted|marked|read|graded|considered|taken|assessed|looked at)|refused|rejected|returned unmarked|closed|missing|absent|(?:not|never) (?:handed in|submitted|delivered|received|done))`;
const passed = String.raw`(?:after (?:that|this|which|then)|beyond (?:that|this)|later(?: than (?:that|this))?|thereafter|afterwards|then|(?:anything|everything|whatever(?: is)?|work|all)(?: that (?:is|comes|arrives))? (?:later|beyond (?:that|this)|after (?:that|this))|(?:(?:late )?by )?(?:more than|over|beyond|after|longer than|>) ?${anySpan}(?: late)?|\d or more (?:\w+ )?days(?: late)?)`;
/** “later: 0”, “after that it is a zero”, “not marked after that”. */
const end = new RegExp(String.raw`(?<![\p{L}])${passed}(?:\s|[:=,–—|-]|\b(?:it|that|they|you|your|the|work|essays?|papers?|mark|is|are|will|be|scores?|gets?|receives?|means|counts? as|treated as|regarded as|considered|worth|a|an|of|and|given|awarded|shall|recorded)\b){0,12}?${nothing}|${nothing}[ ,]{1,2}(?:at all )?(?:after (?:that|this|then)|beyond that|thereafter|afterwards|later(?: than that)?)(?![\p{L}])`, 'iu');
const late = /\b(?:late(?:ness)?\b(?! (?:antiqu|antique|medieval|modern|victorian|roman|19|20|nineteenth|twentieth|stage|night|nineteen))|overdue\b|(?:after|past|miss(?:ed|es)?) (?:the |your )?(?:deadline|due date))/i;

/** Whether a clause, or the heading above it, is about late work. */
export const speaksOfLateWork = (clause: Clause): boolean => says(clause.text, late) || clause.under !== undefined && clause.under.length < 80 && says(clause.under, late);
/** Where late work comes to nothing. */
export const endOfLateWork = (text: string): RegExpExecArray | null => firstIn(text, end);

/** A clause with those behind it, each where it stands in the wording, as long as nothing stands between them. @param most - how many may follow */
export function withThoseBehind(clauses: Clause[], i: number, most: number): string {
  let text = clauses[i]!.text;
  for (let k = i + 1; k < clauses.length && k <= i + most && clauses[k]!.start - clauses[k - 1]!.end < 12; k++) text += ' '.repeat(Math.max(0, clauses[k]!.start - clauses[k - 1]!.end)) + clauses[k]!.text;
  return text;
}

/** How far a ladder may reach behind the clause that speaks of late work, and how many letters may stand between a bound and the end. */
const clausesBehind = 4, between = 110;

/** “Late work: up to a week – capped at 40; later: 0.” “Late: −5 up to 24 hours, −10 up to 48 hours, then zero.”: the last bound before the end. @returns whole days */
export function ladderOfLateWork(clauses: Clause[]): Statement<number> | null {
  for (const [i, clause] of clauses.entries()) {
    if (!speaksOfLateWork(clause)) continue;
    const text = withThoseBehind(clauses, i, clausesBehind), from = firstIn(clause.text, late)?.index ?? 0, limit = firstIn(text.slice(from), end);
    if (!limit) continue;
    // Bounds that stand before the end, not in it, and what it costs beside them.
    const at = from + limit.index, last = [...eachIn(text.slice(0, at), bound)].filter((m) => m.index >= from - 40 && at - m.index - m[0].length <= between).at(-1);
    if (!last || !says(text.slice(Math.max(0, last.index - 60), last.index), cost) && !says(text.slice(last.index + last[0].length, at), cost) || /[.!?]\s+\p{Lu}[^]*[.!?]\s+\p{Lu}/u.test(text.slice(last.index, at)) || says(text.slice(Math.max(from, last.index - 40), at), /\b(?:feedback|extension|results?|marks? (?:back|released)|returned within|reply|answer)\b/i)) continue;
    const g = last.groups!, [n, u, one] = ['n', 'u', 'one'].map((k) => g[`${k}0`] ?? g[`${k}1`] ?? g[`${k}2`]), count = one ? 1 : numberWords[n!.toLowerCase()] ?? Number(n), days = /^w(?!ork)/i.test((one ?? u)!) && !/day/i.test((one ?? u)!) ? count * 7 : /^h/i.test((one ?? u)!) ? count / 24 : count;
    if (Number.isInteger(days) && days > 0 && days <= 31) return { value: days, start: clause.start + last.index, end: clause.start + last.index + last[0].length, override: isCorrection(clause) };
  }
  return null;
}
