import { timeOfDay, type DatedRow, type Reading } from './dated-rows.ts';
import type { Clause } from './statements.ts';
import { firstIn, says } from '../text/patterns.ts';

const at = String.raw`(?<time>${timeOfDay.source}(?:\s?(?:sharp|exactly|o['’]clock))?)`;
const handIn = String.raw`(?:submit(?:ted)?|upload(?:ed)?|hand(?:ed)?(?: (?:it|them|everything|your \p{L}+))? in|sen[dt](?: (?:it|them|your \p{L}+))?(?: in)?|deliver(?:ed)?|deposit(?:ed)?|lodge[d]?|put(?: it)? (?:in|into|on)|get(?: it| them| your \p{L}+)? in|be (?:in|there|here|online|uploaded|with us)|(?:is|are) in|arrives?|reach(?:es)? us)`;
const works = String.raw`(?:papers?|essays?|work|files?|reports?|submissions?|uploads?|assignments?|everything|scripts?|portfolios?|theses|thesis|dissertations?|it|they|all of (?:it|them)|both)`;
const place = String.raw`(?:box|portal|system|page|link|folder|area|window|submissions?|uploads?|site|form|hand-?in|server|platform|inbox|slot|point|gate)`;
const until = String.raw`(?:by|before|no later than|not later than|until|till|at the latest (?:by|at)|up to)`;
/** What says by which hour a paper has to be in, where the day stands elsewhere. */
const said = [
  String.raw`\b${handIn}\b[^.;:]{0,60}?\b${until}\s+(?:exactly )?${at}`,
  String.raw`\b${works}\b[^.;:]{0,24}?\b(?:due|accepted|received|taken|possible)\b[^.;:]{0,14}?\b(?:${until}|at)\s+${at}`,
  String.raw`\b${place}\b[^.;:]{0,16}?\b(?:closes?|shuts?|locks?|ends?|(?:is|are|will be) (?:closed|locked|shut)|(?:goes|go) off(?:line)?|turns? off)\b[^.;:]{0,10}?\bat\s+${at}`,
  String.raw`^\W*at\s+${at}[^.;:]{0,14}?\b${place}\b[^.;:]{0,10}?\b(?:closes?|shuts?|locks?|is closed)\b`,
  String.raw`\b(?:cut-?off|deadline|closing|due|latest|submission|hand-?in)(?: times?| hour)?\s*(?:\bis\b|:|\bat\b|=|\|)\s*(?:exactly )?(?:at )?${at}`,
  String.raw`^\W*${at} is the (?:cut-?off|deadline|latest|closing time)\b`,
  String.raw`\b(?:anything|everything|whatever|work|papers?|files?|essays?|reports?|uploads?|submissions?)\b[^.;:]{0,34}?\b(?:after|later than|past)\s+${at}[^.;:]{0,14}?\b(?:late|not (?:be )?(?:accepted|marked|read|taken)|(?:is|are|will be) refused)\b`,
  String.raw`^\W*(?:times?\s*:\s*)?(?:all|everything|each|both)(?: of (?:them|these|it)| (?:stages?|parts?|dates?|deadlines?|tasks?))?(?: (?:is|are) due)? (?:${until}|at)\s+${at}`,
  String.raw`\byou have until\s+${at}`, String.raw`\bnote the time\b\s*(?::|is)?\s*${at}`,
].map((source) => new RegExp(source, 'iu'));
/** An hour for something else, for some only, on other days, or on a condition. */
const otherHour = /\b(?:if|unless|except|(?:the )?(?:day|evening|night|week) before|drafts?|help|scores?|feedback|office|library|lectures?|seminars?|class(?:es)?|meetings?|meets?|consult\w*|questions?|answers?|film|maintenance|call|phone|ring|weekdays?|every|each (?:week|day|sunday|monday)|weekly|daily|same day|next day|following day|opens?|from|between|comments?|peer|weekends?|shop|desk|reception|printed|paper copy|hard cop\w+|quiz|sign up|register|presentations?|extensions?|requests?|apply|example|usually|normally|group [A-H\d])\b|\b(?:mon|tues|wednes|thurs|fri|satur|sun)days?\b|\bnot (?:by|at|until) /i;

/** “The essay is due on 11 December. Submit it on the course website by 5 pm.”: an hour that stands in a sentence of its own holds for the days on which something is due, where none of them has one. */
export function timeElsewhere(rows: DatedRow[], reading: Reading): void {
  const due = rows.filter((r) => r.date.problem === 'none' && (r.role === 'due' || r.role === 'unknown' && r.label !== null));
  if (due.length === 0 || due.some((r) => r.date.iso.length > 10)) return;
  const times = reading.clauses.flatMap((clause) => timeIn(clause, reading).map((time) => ({ time, clause }))), read = new Set(times.map(({ time }) => reading.withTime(due[0]!.date, time)));
  if (read.size !== 1) return;
  // “Submit the final version by 10 pm”: the draft has no hour by that.
  const named = due.filter((r) => r.label !== null && times.some(({ clause }) => clause !== r.clause && clause.text.toLowerCase().includes(r.label!.toLowerCase())));
  for (const r of named.length > 0 ? named : due) {
    const whole = reading.withTime(r.date, times[0]!.time);
    if (whole?.startsWith(r.date.iso)) r.date = { ...r.date, iso: whole };
  }
}

function timeIn(clause: Clause, { dates }: Reading): string[] {
  if (clause.asks || !/\d|\bnoon\b|\bmidnight\b/i.test(clause.text) || says(clause.text, otherHour) || (clause.text.match(new RegExp(timeOfDay.source, 'gi'))?.length ?? 0) > 2) return [];
  const m = said.map((pattern) => firstIn(clause.text, pattern)).find((found) => found !== null);
  return m && dates(clause).every((d) => d.problem !== 'none') ? [m.groups!.time!] : [];
}
