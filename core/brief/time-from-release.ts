import type { DatedRow, Reading } from './dated-rows.ts';
import { shiftedTime } from './shifted-deadlines.ts';
import { matchesIn, numberWords, type Clause } from './statements.ts';
import { says } from '../text/patterns.ts';

const span = String.raw`(?<n>\d{1,3}|an?|one|two|three|four|five|six|seven|ten|fourteen|twenty-four|forty-eight|seventy-two)[ -](?:full |exactly |clear |calendar )?(?<unit>hour|hr|day|week)s?`;
/** What a time runs from. “Within 24 hours of receiving your feedback” runs from something else. */
const release = String.raw`(?:(?:the |its |their |this )?(?:(?:exam(?:ination)?|question|task|assignment|test)(?: paper| sheet)?(?:'s|’s)? |paper(?:'s|’s)? )?(?:release(?: time)?|opening(?: time)?|publication|issue|start(?: time)?)|that(?: time| moment| point)?|then|(?:it|they|the (?:questions?|paper|exam|task|box|window|assignment)) (?:is|are|was|has been|have been|being|opens?|appears?|goes live|go live|starts?|begins?)(?: (?:released|published|made available|posted|out|set|issued|handed out))?|(?:it|they|the (?:questions?|paper|exam|task|assignment)) (?:being )?(?:released|published|posted|appearing))`;
const handIn = String.raw`(?:return(?:ed)?|due(?: back)?|back|hand(?:ed)?(?: (?:it|them|your \w+))? (?:it |them )?in|hand-?in|submi(?:t|tted|ssion)|upload(?:ed)?|sen[dt](?: (?:it|them))? ?(?:back|in)?|complet(?:e|ed)|deliver(?:ed)?|scripts? (?:in|back|due)|answers? (?:in|back|due)|deadline|closes?|clos(?:ed|ing)|shuts?|ends?|be in|is in)`;
/** Ways to say how long there is time. */
const said = [
  String.raw`\b${handIn}\b[^.;]{0,40}?\b(?:(?:with)?in|no (?:later|more) than|at most|not later than) ${span} (?:of|after|from|following) ${release}\b`,
  String.raw`\b${handIn}\b[^.;\d]{0,24}?(?:[:–—-] ?|\b)(?:exactly |is |at the latest |at most |no later than |by )?${span} (?:after|from|following) ${release}\b`,
  String.raw`\b${handIn}\b[^.;\d]{0,24}?\b(?:exactly |precisely )?${span} later\b`,
  String.raw`\b(?:(?:must|has to|have to|is to|are to|should|needs? to) be (?:returned|submitted|handed in|uploaded|completed|sent back|back|sent in) (?:with)?in) ${span}(?! (?:of|after|before|from))\b`,
  String.raw`\byou(?: will| then|’ll|'ll)* (?:have|get|are given) (?:exactly |just |only |precisely )?${span}(?:,? (?:from (?:then|that (?:time|moment|point)|release|the (?:release|opening|start)))?(?: ?(?:to|in which to|for) (?:submit|hand|upload|return|send|complete|write|answer|finish|do|handing|submitting|completing)\b[^.;]{0,40})?)?(?=\s*(?:[.;,!)]|$|and\b|until\b))`,
  String.raw`\b(?:stays?|remains?|is|are|be|open) (?:open|available|accessible|live|up) for ${span}(?=\s*(?:[.;,!)]|$|and\b|from\b|only\b|(?:after|from) (?:that|then)\b))`,
  String.raw`\b(?:the )?(?:submission |hand-?in |exam(?:ination)? )?(?:window|period)(?: for (?:submission|submitting|handing in|uploading|answering))? (?:is|lasts|runs for|of|:)? ?(?:for )?${span}(?: long)?(?=\s*(?:[.;,!)]|$|and\b|starting\b|beginning\b|from\b))`,
  String.raw`^\W*(?:time allowed|time limit|duration|time to (?:submit|hand in|complete)|window)\s*[:=–—-]\s*${span}(?: from release| after release)?(?=\s*(?:[.;,!)]|$))`,
].map((source) => new RegExp(source, 'giu'));
/** A time that runs for each from when they open it, that is for others, or that is asked or doubted. */
const otherTime = /\b(?:once you|when you|from (?:the (?:time|moment) )?(?:you|when you)|as soon as you|after you|each (?:student|candidate)|you (?:open|start|begin|download)|late|deadline has|penalt\w*|feedback|marks?|grades?|results?|score|extensions?|extra time|tutors?|lecturers?|staff|we (?:answer|reply|respond)|questions? (?:are|will be) answered|peer|review|reply|respond|appeal|ask|apply)\b/iu;

/** “Released at 10:00 on 14 December; to be returned within 48 hours of release.” “It opens at 9.00 on 12 April and you have 48 hours.”: when the time is up that runs from the opening. */
export function timeFromRelease(rows: DatedRow[], { clauses, zone }: Reading): void {
  const good = rows.filter((r) => r.date.problem === 'none'), opens = good.find((r) => r.role === 'opens') ?? (good.length === 1 && says(good[0]!.clause.text, startsThen) ? good[0] : undefined);
  if (!opens || good.some((r) => r !== opens && (r.role === 'due' || r.role === 'opens' && r.date.iso !== opens.date.iso))) return;
  const first = clauses.indexOf(opens.clause), spans = clauses.slice(Math.max(0, first - 1), first + 5).flatMap((clause) => spansIn(clause)), timed = opens.date.iso.length > 10;
  const usable = spans.filter((s) => timed || s.unit !== 'hour'), [one] = usable;
  if (!one || usable.some((s) => s.hours !== one.hours)) return;
  opens.role = 'opens';
  rows.push({ ...opens, role: 'due', clause: one.clause, date: { ...opens.date, iso: shiftedTime(opens.date.iso, one.count, one.unit, false, zone), start: one.start, end: one.end } });
}
/** “The window is 24 hours, starting at 10 am on 14 December”, “paper out: 14 December, 9.00”. */
const startsThen = /\b(?:starting|beginning|starts|begins|opens?|opening|from|released?|out|available|live|appears?)\b/i;

function spansIn(clause: Clause): { count: number; unit: string; hours: number; start: number; end: number; clause: Clause }[] {
  if (clause.asks || !/\b(?:hours?|hrs?|days?|weeks?)\b/i.test(clause.text)) return [];
  return said.flatMap((pattern) => [...matchesIn(clause, pattern)].map((m) => {
    const word = m.groups!.n!.toLowerCase(), count = /^an?$/.test(word) ? 1 : inWords[word] ?? numberWords[word] ?? Number(word), unit = /^h/i.test(m.groups!.unit!) ? 'hour' : m.groups!.unit!.toLowerCase();
    return { count, unit, hours: count * (unit === 'hour' ? 1 : unit === 'day' ? 24 : 168), start: m.at, end: m.to, clause };
  })).filter((s) => s.count > 0 && !says(clause.text.slice(0, s.end - clause.start + 20), otherTime));
}
const inWords: Readonly<Record<string, number>> = { 'twenty-four': 24, 'forty-eight': 48, 'seventy-two': 72 };
