import { endOfLateWork, speaksOfLateWork, withThoseBehind } from './late-ladder.ts';
import { isCorrection, numberWords, type Clause, type Statement } from './statements.ts';
import { eachIn, firstIn } from '../text/patterns.ts';

/** What each day of lateness costs, told by steps or by a rate, in any order of words. Common practice of handbooks, no published source. */

export interface RateRead { percentPerDay: Statement<number> | null; cutoffDays: Statement<number> | null }

const number = String.raw`(?:\d{1,2}|one|two|three|four|five|six|seven|ten|fifteen|twenty)`, ordinals = ['first', 'second', 'third', 'fourth', 'fifth', 'sixth', 'seventh'];
const points = String.raw`(?:%|per ?cent|percentage points?|points?|marks?|pts?\b)`;
const valueOf = (said: string): number => numberWords[said.toLowerCase()] ?? ({ fifteen: 15, twenty: 20 } as Record<string, number>)[said.toLowerCase()] ?? Number(said);
/** A day of lateness, or what it costs. */
const step = new RegExp([
  String.raw`(?:\d{1,2}\s?(?:–|-|to)\s?)(?<range>24|48|72|96|120) ?(?:hours?|hrs?|h)(?![\p{L}])`, String.raw`(?<![\d–-])(?<hours>24|48|72|96|120) ?(?:hours?|hrs?|h)(?![\p{L}])`,
  String.raw`(?<![\p{L}\d])(?<nth>${ordinals.join('|')}|[1-7](?:st|nd|rd|th)) (?:(?:calendar |working )?day|24[- ]hours?(?: period)?)(?![\p{L}])`, String.raw`(?<![\p{L}\d–-])(?:day (?<day>[1-7])|(?<days>[1-7]|one|two|three|four|five|six|seven) (?:calendar |working )?days?)(?![\p{L}])`,
  String.raw`(?<![\p{L}\d.,])(?<points>${number})(?: ?${points}(?! (?:per|a|each|every) )|(?= for (?:up to |the )?\d{2,3} ?h(?:ours?|rs?)?\b))`,
].join('|'), 'giu');

/** How far steps may reach behind the clause that speaks of late work. */
const clausesBehind = 7;

/** A clause on late work with what stands behind it. */
function* stretches(clauses: Clause[]): Generator<{ clause: Clause; text: string }> {
  for (const [i, clause] of clauses.entries()) {
    if (!speaksOfLateWork(clause) && !speaksOfLateWork({ ...clause, text: clauses[i + 1]?.text ?? '' })) continue;
    yield { clause, text: withThoseBehind(clauses, i, clausesBehind) };
  }
}

/** “Up to 24 hours late: 5 points off; up to 48 hours: 10; after that zero”, “1 day late: −10 %, 2 days late: −20 %”: days and what they cost, by turns. */
export function stepsOfLateWork(clauses: Clause[]): RateRead {
  for (const { clause, text } of stretches(clauses)) {
    const end = endOfLateWork(text), told = end ? text.slice(0, end.index) : text, found: { day?: number; points?: number; at: number; to: number }[] = [];
    for (const m of eachIn(told, step)) {
      const g = m.groups!, hours = g.range ?? g.hours, day = hours ? Number(hours) / 24 : g.nth ? (ordinals.indexOf(g.nth.toLowerCase()) + 1 || Number(g.nth[0])) : g.day ? Number(g.day) : g.days ? valueOf(g.days) : undefined;
      found.push({ ...(day === undefined ? { points: valueOf(g.points!) } : { day }), at: m.index, to: m.index + m[0].length });
    }
    // Days and costs by turns from the beginning, as long as they go on.
    const pairs: { day: number; points: number; to: number }[] = [];
    for (let i = 0; i + 1 < found.length; i += 2) {
      const [a, b] = [found[i]!, found[i + 1]!], day = a.day ?? b.day, cost = a.points ?? b.points;
      if (day === undefined || cost === undefined || day !== pairs.length + 1 || b.at - a.to > 60 || (pairs.length > 0 && a.at - pairs.at(-1)!.to > 60)) break;
      pairs.push({ day, points: cost, to: b.to });
    }
    if (pairs.length < 2 || pairs.length * 2 < found.length) continue;
    const at = { start: clause.start + found[0]!.at, end: clause.start + pairs.at(-1)!.to, override: isCorrection(clause) };
    return {
      percentPerDay: pairs.every((p) => p.points === p.day * pairs[0]!.points) ? { value: pairs[0]!.points, ...at } : null,
      cutoffDays: end && end.index - pairs.at(-1)!.to < 60 ? { value: pairs.length, ...at } : null,
    };
  }
  return { percentPerDay: null, cutoffDays: null };
}

const rate = new RegExp(String.raw`(?:(?<sign>[-–−]|\b(?:minus|lose|loses|losing|deduct|deduction of|penalty(?: of)?|costs?))\s?|(?<=\blate[^:;.]{0,16}:\s?|[(,;]\s?|^\s*))(?<n>${number})\s?(?<unit>${points})?\s?(?:(?:off|deducted|lost|less|penalty|down)\s)?(?:(?:\/|per|a|each|every|for each|for every)\s?(?:calendar |working |late |started |additional |full )*(?:day|d|24 ?(?:hours?|hrs?|h))|daily)(?![\p{L}])`, 'iu');
const longest = new RegExp(String.raw`^[^.;\n]{0,24}?[,;(\s]\s*(?:(?:for|up to|max(?:imum)?\.?(?: of)?|at most|no more than|over)\s+(?<n>${number})\s?(?:calendar |working )?(?:days?|d)(?![\p{L}])|(?<m>${number})\s?(?:calendar |working )?(?:days?|d) (?:max(?:imum)?|at (?:the )?most|limit|only)(?![\p{L}]))`, 'iu');

/** “−5/day, 5 days max”, “5 % daily, five days at most”: what each day costs, and for how many. */
export function rateOfLateWork(clauses: Clause[]): RateRead {
  for (const [i, clause] of clauses.entries()) {
    if (!speaksOfLateWork(clause)) continue;
    const m = firstIn(clause.text, rate), goesOn = clauses[i + 1] && /^[(a-z\d]|^max/i.test(clauses[i + 1]!.text) && clauses[i + 1]!.start - clause.end < 3 && /;\s*$/.test(clause.text) ? ` ${clauses[i + 1]!.text}` : '';
    if (!m || !m.groups!.unit && !m.groups!.sign && !/\blate[^:;.]{0,16}:\s?$/i.test(clause.text.slice(0, m.index))) continue;
    const span = firstIn(`${clause.text.slice(m.index + m[0].length)}${goesOn}`, longest), at = { start: clause.start + m.index, end: clause.start + m.index + m[0].length, override: isCorrection(clause) };
    return { percentPerDay: { value: valueOf(m.groups!.n!), ...at }, cutoffDays: span ? { value: valueOf((span.groups!.n ?? span.groups!.m)!), ...at } : null };
  }
  return { percentPerDay: null, cutoffDays: null };
}
