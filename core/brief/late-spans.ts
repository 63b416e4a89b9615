import type { DateTime } from 'luxon';
import { matchesIn, numberWords, type Clause, type Statement } from './statements.ts';
import { eachIn, firstIn, rewritten, says } from '../text/patterns.ts';

const span = /\b(\d{1,3}|an?|one|two|three|four|five|six|seven|ten|fourteen)(?:[\s-]|(?<=\d)(?=h))(?:(?:calendar|working|week|business|school|full|more|further|extra|late)[\s-]?)?(days?|hours?|hrs?|h|weeks?)\b/gi;
const lateness = /\b(?:late(?:ness|r)?|grace|delay(?:ed|s)?|overdue|penal\w*|deduct\w*|capped|minus|lose|(?:per|a|each|every) (?:\w+ )?day|(?:after|past|miss\w*) (?:the|this|your|our) (?:deadline|due|time))\b|%\s*(?:off|per|\/)/i;
/** What else is said with days and hours. */
const elsewhere = /\b(?:feedback|results|returned|reply|respond|e-?mail|office|extension|apply|request|notice|in advance|beforehand|before|prior|borrow|take-?home|exam|open for)\b/i;
const ends = /\b(?:zero|nought|nil|all (?:the |your )?marks|0(?!\s?%|\.?\d)|nothing|none|no (?:marks?|credit|points|late|further|more|submissions?|work|papers?|essays?|reports?|assignments?|files?|uploads?)|not after|not (?:be )?(?:accepted|marked|graded|read|taken|assessed|considered)|(?:won|can|don|will|do)['’]?t be|cannot be|stop(?:s|ped)? (?:accept|tak|mark|read)ing|(?:won|can|don)['’]t (?:accept|take|mark|read|look|open|grade)|fail(?:s|ed|ure)?|refused|rejected|closed?|shuts?|locked)\b/i;
const accepts = /\b(?:accept\w*|tak(?:e|es|en)|allow\w*|possible|permitted|(?:can|may) (?:still )?(?:be )?(?:submit\w*|hand\w*|upload\w*|turn\w*|sent)|open)\b/i;
const thereafter = /^[^.]{0,90}\b(?:after (?:which|that|this)|thereafter|afterwards|beyond that|otherwise|then|(?:later|longer) than (?:that|this)|past (?:that|this)|anything (?:later|beyond)|later (?:\w+ )?(?:gets?|receives?|scores?|is|are|will))\b/i;

/** How long late work is still taken, from any sentence on lateness that names a span of time and what comes of it: a span behind “after” with an end to it,
 * or one behind “up to” with leave for it. Nothing where the sentence speaks of several that could be meant. @param near - the sentence before
 * @param next - what goes on after a semicolon */
export function spanOfLateWork(clause: Clause, near: string, next: string): Statement<number> | null {
  const text = `${next === '' ? clause.text : clause.text.replace(/\.\s*$/, '')}; ${next}`;
  if (!says(`${near} ${text}`, lateness) || says(rewritten(text, [/\b(?:before|prior to) (?:the )?(?:deadline|due date)\b|\b(?:not (?:receive|get)|no|without) (?:\w+ )?feedback\b/gi, '']), elsewhere)) return null;
  const found = [...eachIn(text, span)].flatMap((m): Statement<number>[] => {
    const n = numberWords[m[1]!.toLowerCase()] ?? (/^an?$/i.test(m[1]!) ? 1 : Number(m[1])), days = /^w/i.test(m[2]!) ? n * 7 : /^h/i.test(m[2]!) ? n / 24 : n, lead = text.slice(0, m.index), rest = text.slice(m.index + m[0].length);
    if (m.index >= clause.text.length || !Number.isInteger(days) || days < 1 || days > 31) return [];
    const past = says(lead, /\b(?:after|more than|beyond|later than|over|past|exceeding)\s+(?:the first\s+)?$/i) && (says(rest, ends) || says(lead, ends));
    const within = says(lead, /\b(?:up to|within|until|till|for|max(?:imum)?(?: of)?|at most|no more than|first|another)\s+(?:a (?:maximum|period) of\s+|the first\s+)?$/i) && (says(rest, thereafter) && says(rest, ends) || /^ late\b/i.test(rest) && says(text, accepts) && !says(lead, ends));
    // “5 % a day, maximum 7 days”.
    const most = says(lead, /(?:%|per\s?cent|points?|pts|marks?)(?: \([^)]{0,20}\))? (?:a|per|each|every) (?:\w+ )?day(?: late)?,? \(?(?:max(?:imum)?\.?(?: of)?|at most|up to|for at most|no more than) $/i);
    // “Submitted late but within 14 days: capped at the pass mark”.
    const capped = says(lead, /\blate,? (?:but |and )?(?:still )?(?:within|up to|no more than)\s+$/i) && says(rest, /\b(?:capped|cap|pass mark|penal\w*|deduct\w*|reduc\w*|accepted)\b/i);
    // “Work handed in late (up to 3 days) will be penalised”; “we accept late work, with a penalty, within 5 days of the deadline”.
    const leave = says(lead, /\blate \((?:up to|within|max(?:imum)?\.?) $/i) && says(rest, /^\)[^.;]{0,30}\b(?:penal\w*|capped|accepted|deduct\w*|lose|minus)\b/i) || /\baccept late\b[^.;]{0,40}\bwithin $/i.test(lead) && says(rest, /^ (?:of|after) the (?:deadline|due date)\b/i) && !/\b(?:not|n['’]t|never)\b/i.test(lead);
    // “Can we be late? 24 hours, at a cost of 15 points.”
    const priced = says(rest, /^,? (?:at a (?:cost|penalty)|at minus|minus|with an? (?:penalty|deduction)|for an? penalty)\b/i) && says(near, lateness);
    // “10 per cent per day, Sundays included, for seven days”.
    const during = says(lead, /(?:%|per\s?cent|points?|pts|marks?)[^.;]{0,60}\b(?:per|a|each|every) (?:\w+ )?day\b[^.;]{0,60}\bfor (?:up to |at most |the first )?$/i);
    // “24h grace with no penalty, after that not accepted”.
    const grace = /^ (?:of )?grace\b/i.test(rest) && says(rest, thereafter) && says(rest, ends);
    const passed = /\b(?:until|once|when)\s+$/i.test(lead) && /^ (?:have|has) passed\b/i.test(rest) && says(rest, ends);
    return past || within || most || capped || priced || during || grace || leave || passed ? [{ value: days, start: clause.start + m.index, end: clause.start + m.index + m[0].length }] : [];
  });
  // “-10 % (first 24 hours), -20 % (second 24 hours), not accepted afterwards”: as many days as are named.
  const ordinals = ['first', 'second', 'third', 'fourth', 'fifth'], steps = [...eachIn(text, /\b(first|second|third|fourth|fifth) (?:24 hours|24-hour period|24 ?hrs?|24 ?h)\b/gi)], step = steps.length > 1 ? steps.at(-1)! : undefined;
  if (step && step.index < clause.text.length && says(text.slice(step.index), thereafter) && says(text.slice(step.index), ends)) return { value: ordinals.indexOf(step[1]!.toLowerCase()) + 1, start: clause.start + step.index, end: clause.start + step.index + step[0].length };
  // “10 % for the first day, 20 % for the second, zero after that”.
  const days = /\b(?:first|1st) day\b/i.test(text) ? [...eachIn(text, /\b(first|second|third|fourth|fifth)\b(?: day\b)?/gi)].at(-1) : undefined, upTo = days && says(text.slice(days.index), thereafter) && says(text.slice(days.index), ends) ? ['first', 'second', 'third', 'fourth', 'fifth'].indexOf(days[1]!.toLowerCase()) + 1 : 0;
  if (days && upTo > 0 && days.index < clause.text.length) found.push({ value: upTo, start: clause.start + days.index, end: clause.start + days.index + days[0].length });
  return found.sort((a, b) => b.value - a.value)[0] ?? null;
}

/** “I won't take any after the 15th”: the day of the month of a deadline that is known. @param due - its day */
export function daysToDate(clauses: Clause[], due: DateTime): Statement<number>[] {
  const last = /\b(?:after|past|beyond|later than)\s+(?:(?:\d{1,2}(?:[:.]\d{2})?\s?(?:[ap]\.?m\.?)?|noon|midnight)\s+on\s+)?(?:\w+day,? )?the (\d{1,2})(?:st|nd|rd|th)\b(?!\s*(?:of\s+)?(?:jan|feb|mar|apr|may|jun|jul|aug|sep|oct|nov|dec|week|day|page|hour))/gi;
  // “Accepted until 9.00 on the Tuesday with a deduction, and not at all thereafter.”
  const weekday = clauses.flatMap((clause) => [...matchesIn(clause, /\b(?:accepted|taken|handed in|submitted|uploaded|possible)\s+(?:until|till|by|up to)\s+(?:(?:\d{1,2}(?:[:.]\d{2})?\s?(?:[ap]\.?m\.?)?|noon|midnight)\s+on\s+)?the (?:following |next )?(mon|tues|wednes|thurs|fri|satur|sun)day\b(?! (?:after|of|group))/gi)].flatMap((m): Statement<number>[] => {
    const day = ['mon', 'tues', 'wednes', 'thurs', 'fri', 'satur', 'sun'].indexOf(m[1]!.toLowerCase()) + 1;
    return says(clause.text, lateness) || /\bdeduct\w*|\bafter \d/i.test(clause.text) ? [{ value: (day - due.weekday + 6) % 7 + 1, start: m.at, end: m.to }] : [];
  }));
  // “If you miss Sunday, Monday until noon is fine with a deduction of 2 points.”
  weekday.push(...clauses.flatMap((clause) => [...matchesIn(clause, /\b(mon|tues|wednes|thurs|fri|satur|sun)day (?:until|till|by|before|up to) (?:noon|midnight|\d{1,2}(?:[:.]\d{2})? ?(?:[ap]\.?m\.?)?|the (?:morning|evening)) (?:is|would be|will be|will do|works)(?: also| still)? (?:fine|ok(?:ay)?|accepted|possible|enough|all right)?\b(?=[^.;]{0,30}\b(?:deduct\w*|minus|penalty|lose|points? (?:off|less)))/gi)].map((m): Statement<number> => ({ value: (['mon', 'tues', 'wednes', 'thurs', 'fri', 'satur', 'sun'].indexOf(m[1]!.toLowerCase()) + 1 - due.weekday + 6) % 7 + 1, start: m.at, end: m.to }))));
  // “Essays sent in after Monday will not be corrected.”
  const behind = clauses.flatMap((clause) => [...matchesIn(clause, /\b(?:handed in|submitted|uploaded|received|arriving|delivered|sent(?: in)?|turned in) after (?:the )?(mon|tues|wednes|thurs|fri|satur|sun)day\b(?=[^;.]{0,20}\b(?:not|n['’]t|zero|0|no marks|fail)\b)/gi)].map((m): Statement<number> => ({ value: (['mon', 'tues', 'wednes', 'thurs', 'fri', 'satur', 'sun'].indexOf(m[1]!.toLowerCase()) + 1 - due.weekday + 7) % 7, start: m.at, end: m.to })));
  // “10 percent off for each day, and nothing after Thursday.” “… is not accepted after Friday of that week.”
  behind.push(...clauses.flatMap((clause) => [...matchesIn(clause, /\b(?:(?:nothing|none|no (?:late )?(?:work|reports?|papers?|essays?|submissions?|files?|hand-?ins?))(?: (?:is|are|will be|can be|gets?) (?:accepted|taken|marked|read|graded))?|(?:not|never|no longer|n['’]t)(?: be)? (?:accept(?:ed)?|taken?|mark(?:ed)?|read|graded?)(?: (?:it|them|anything|late work))?) after (?:the )?(mon|tues|wednes|thurs|fri|satur|sun)day\b(?!,? (?:the )?\d|,? \p{Lu}\p{L}+ \d| of (?:week|the))/giu)].map((m): Statement<number> => ({ value: (['mon', 'tues', 'wednes', 'thurs', 'fri', 'satur', 'sun'].indexOf(m[1]!.toLowerCase()) + 1 - due.weekday + 7) % 7, start: m.at, end: m.to }))));
  // “Late reports: -20% up to 12:00 on Friday, zero thereafter.”
  const upTo = clauses.flatMap((clause) => [...matchesIn(clause, /\b(?:\d{1,2} ?%|marks?|points?|capped[^.;]{0,20}) (?:off |deducted )?(?:up to|until|till) (?:\d{1,2}[:.]\d{2}(?: ?[ap]m)?|\d{1,2} ?[ap]m|noon) on (?:the )?(mon|tues|wednes|thurs|fri|satur|sun)day\b(?=[^.]{0,14}\b(?:zero|0|nothing|no marks|not accepted)\b)/gi)].flatMap((m): Statement<number>[] => (/\blate\b/i.test(clause.text) ? [{ value: (['mon', 'tues', 'wednes', 'thurs', 'fri', 'satur', 'sun'].indexOf(m[1]!.toLowerCase()) + 1 - due.weekday + 7) % 7, start: m.at, end: m.to }] : [])));
  // “Papers handed in on Friday lose a third of a grade, after that I don't accept them.”
  const named = clauses.flatMap((clause, at) => [...matchesIn(clause, /\b(?:handed in|submitted|uploaded|received|arriving|delivered) on (?:the )?(mon|tues|wednes|thurs|fri|satur|sun)day\b(?=[^;]{0,60}\b(?:los\w+|penal\w*|minus|deduct\w*|capped)\b)/gi)].flatMap((m): Statement<number>[] => {
    const day = ['mon', 'tues', 'wednes', 'thurs', 'fri', 'satur', 'sun'].indexOf(m[1]!.toLowerCase()) + 1, rest = `${clause.text.slice(m.to - clause.start)} ${clauses[at + 1]?.text ?? ''}`;
    return says(rest, /\b(?:after (?:that|which|this)|thereafter|later)\b/i) && says(rest, ends) ? [{ value: (day - due.weekday + 6) % 7 + 1, start: m.at, end: m.to }] : [];
  }));
  return [...weekday, ...behind, ...upTo, ...named, ...clauses.flatMap((clause) => [...matchesIn(clause, last)].flatMap((m): Statement<number>[] => {
    const day = Number(m[1]), days = day > due.day ? day - due.day : day + due.daysInMonth! - due.day;
    return day < 1 || day > 31 || day === due.day || !says(clause.text, ends) || says(clause.text, elsewhere) ? [] : [{ value: days, start: m.at, end: m.to }];
  }))];
}

/** “Within 24 hours 5 marks, within 48 hours 10 marks”: as much for the second day as for the first. */
export function penaltyBySteps(clause: Clause, next: string): Statement<number> | null {
  const m = firstIn(`${clause.text}, ${next}`, /\bwithin (?:24 hours|one day|a day)\b[^.;]{0,40}?\b(\d{1,2})\s?(?:%|per\s?cent|points?|marks?)[^.]{0,60}?\b(?:within )?(?:48 hours|two days)\b[^.;]{0,40}?\b(\d{1,2})\s?(?:%|per\s?cent|points?|marks?)/i);
  // “Up to 24 hours after that time reduced by ten percentage points; up to 48 hours by twenty”.
  const inWords: Record<string, number> = { two: 2, five: 5, ten: 10, four: 4, twenty: 20 }, reduced = firstIn(`${clause.text} ${next}`, /\bup to 24 hours\b[^;]{0,40}\b(?:by|lose|loses|minus) (\d{1,2}|two|five|ten)\s?(?:%|per\s?cent|percentage points?|points?|marks?)[^.]{0,20}\bup to 48 hours\b[^.;]{0,40}\b(?:by|lose|loses|minus) (\d{1,2}|four|ten|twenty)\b/i), step = (word: string): number => inWords[word.toLowerCase()] ?? Number(word);
  if (reduced && reduced.index < clause.text.length && step(reduced[2]!) === 2 * step(reduced[1]!)) return { value: step(reduced[1]!), start: clause.start + reduced.index, end: clause.end };
  // “10 marks in the first 24 hours; 20 marks in the second 24 hours”; “up to 24 hours late, 10 %; each further 24 hours, 10 %”.
  const stepped = firstIn(clause.text, /\bfirst 24 ?h(?:ours|rs)?\.? (\d{1,2})\s?(?:%|marks?|points?)[^\d]{0,12}\beach further 24 ?h(?:ours|rs)? (?:another |a further )?(\d{1,2})\s?(?:%|marks?|points?)/i) ?? firstIn(`${clause.text} ${next}`, /\b(\d{1,2})\s?(?:%|marks?|points?) (?:in|for|during) the first 24 hours\b[^.\d]{0,10}(\d{1,2})\s?(?:%|marks?|points?) (?:in|for|during) the second 24 hours\b/i) ?? firstIn(clause.text, /\b(\d{1,2}) ?(?:%|marks?|points?) \((?:the )?first day\),? (?:and )?(\d{1,2}) ?(?:%|marks?|points?) \((?:the )?second day\)/i) ?? firstIn(`${clause.text} ${next}`, /\bup to (?:24 hours|one day|a day) late,? (?:minus |lose )?(\d{1,2})\s?(?:%|marks?|points?)[^\d]{0,24}\b(?:each|every|per) (?:further|additional|started) (?:24 hours|day),? (?:another |a further )?(\d{1,2})\s?(?:%|marks?|points?)/i);
  if (stepped && stepped.index < clause.text.length && (/second|second day/i.test(stepped[0]) ? Number(stepped[2]) === 2 * Number(stepped[1]) : stepped[1] === stepped[2])) return { value: Number(stepped[1]), start: clause.start + stepped.index, end: Math.min(clause.end, clause.start + stepped.index + stepped[0].length) };
  // “10 percentage points for submissions up to 24 hours late, a further 10 for each additional 24 hours”.
  const further = firstIn(clause.text, /\b(\d{1,2}) ?(?:%|per ?cent|percentage points|points|marks)[^.;]{0,40}\bup to (?:24 hours|(?:a|one) day) late,? (?:and )?(?:a )?further (\d{1,2})(?: ?(?:%|per ?cent|percentage points|points|marks))? for (?:each|every) (?:additional|further|subsequent) (?:24 hours|day)\b/i);
  if (further && further[1] === further[2]) return { value: Number(further[1]), start: clause.start + further.index, end: clause.start + further.index + further[0].length };
  // “Up to 24 h late: 5 % off. 24–48 h late: 10 % off.”
  // “Five per cent for a day's delay and ten per cent for two.”
  const two = firstIn(clause.text, /\b(\d{1,2}|two|three|five|ten)\s?(?:%|per\s?cent|points|marks)[^.;]{0,40}? for (?:a|one) day(?:['’]s)?(?: delay| late)?,? (?:and )?(\d{1,2}|four|six|ten|twenty)\s?(?:%|per\s?cent|points|marks) for two\b/i), inFigures = (word: string): number => ({ four: 4, six: 6, twenty: 20 } as Record<string, number>)[word.toLowerCase()] ?? numberWords[word.toLowerCase()] ?? Number(word);
  if (two && inFigures(two[2]!) === 2 * inFigures(two[1]!)) return { value: inFigures(two[1]!), start: clause.start + two.index, end: clause.start + two.index + two[0].length };
  // “10 percentage points up to 24 hours, a further 10 up to 48 hours”.
  const again = firstIn(clause.text, /\b(\d{1,2}) ?(?:%|per ?cent|percentage points|points|marks)[^.;]{0,20}\b(?:up to|within|for) 24 ?(?:h|hrs?|hours)\b[^.;]{0,8}?,? (?:and )?(?:a further|another) (\d{1,2})\b[^.;]{0,20}?\b(?:up to|within|for) 48 ?(?:h|hrs?|hours)\b/i);
  if (again && again[1] === again[2]) return { value: Number(again[1]), start: clause.start + again.index, end: clause.start + again.index + again[0].length };
  // “10 percentage points off up to 24 hours late, 20 up to 48 hours”.
  const off = firstIn(clause.text, /\b(\d{1,2}) ?(?:%|per ?cent|percentage points|points|marks)[^.;]{0,20}\b(?:up to|within|for) 24 ?(?:h|hrs?|hours)\b[^.;]{0,14}?\b(\d{1,2})\b[^.;]{0,20}?\b(?:up to|within|for) 48 ?(?:h|hrs?|hours)\b/i);
  if (off && Number(off[2]) === 2 * Number(off[1])) return { value: Number(off[1]), start: clause.start + off.index, end: clause.start + off.index + off[0].length };
  const n = firstIn(`${clause.text} ${next}`, /\b(?:up to|within|first|0\s?[–-]) ?24 ?(?:h|hrs?|hours)(?: late)?\s*:?\s*[-–−]?(\d{1,2})\s?(?:%|points?|marks?)[^.]{0,30}?(?:\b24\s?(?:[–-]|to) ?48 ?(?:h|hrs?|hours)|\bup to 48 ?(?:h|hrs?|hours))(?: late)?\s*:?\s*[-–−]?(\d{1,2})\s?(?:%|points?|marks?)/i);
  if (n && n.index < clause.text.length && Number(n[2]) === 2 * Number(n[1])) return { value: Number(n[1]), start: clause.start + n.index, end: clause.end };
  return m && m.index < clause.text.length && Number(m[2]) === 2 * Number(m[1]) ? { value: Number(m[1]), start: clause.start + m.index, end: Math.min(clause.end, clause.start + m.index + m[0].length) } : null;
}

/** A penalty per day in whatever words: one number of per cent or points, and a day, in a sentence on lateness that speaks of no hours or weeks. @param near - the sentence before */
export function penaltyOfDay(clause: Clause, near: string): Statement<number> | null {
  const text = rewritten(clause.text, [/\b(?:out )?of (?:the )?(?:100|total)\s?%?/gi, (s) => ' '.repeat(s.length)]);
  if (!says(`${near} ${text}`, /\b(?:late\w*|overdue|penal\w*|deadline|due|after|delay\w*|miss(?:ed|ing)?)\b/i) || says(text, /\b(?:absen\w+|attend\w*|participat\w+|library|meetings?|classes)\b/i) || says(text, /\b(?:per|an|each|every) (?:hour|week|half)\b|\/ ?(?:h|hour|week)\b|\bup to a maximum of \d+\s?%/i)) return null;
  // “10 % (once, not per day)”.
  if (/\bnot per day\b/i.test(text)) return null;
  // “You lose 10 marks straight away and a further 2 per day”: not the same for each.
  if (says(text, /\b(?:straight away|immediately|at once)\b/i)) return null;
  // What is late already: “if you have not handed it in yet, …”.
  if (says(near + text, /\bif you (?:have not|haven['’]t) (?:yet )?(?:handed|submitted|uploaded)/i)) return null;
  const amounts = [...eachIn(text, /(?<![\d.,])(\d{1,2}(?:[.,]5)?|one|two|three|five|ten)[\s-]?(?:%|per\s?cent\b|percent(?:age)?\b|points?\b|pts\b|marks?\b)/gi)], day = firstIn(text, /\b(?:per|an?|each|every|for each|for every) (?:(?:\w+|calendar|working|24-hour) )?(?:day|24 hours)\b|\/ ?(?:day|d|24 ?h)\b|\bdaily\b/i);
  if (amounts.length !== 1 || !day || Math.abs(amounts[0]!.index - day.index) > 70 || /[.;]\s/.test(text.slice(Math.min(amounts[0]!.index, day.index), Math.max(amounts[0]!.index, day.index)))) return null;
  // “Worth 10 % of the course”, “capped at 40 %”.
  if (says(text.slice(0, amounts[0]!.index), /\b(?:worth|weigh\w*|counts?|cap(?:ped)?|pass mark|maximum|minimum|at least|below|above|than)\b[^.;,]{0,14}$/i) || !says(text, /\b(?:los\w+|lost|deduct\w*|penal\w*|minus|off|reduc\w*|reduction|taken|drop\w*|subtract\w*|dock\w*|cost\w*|remov\w*|lower\w*|less|fine|charge\w*|down)\b|[-–−]\s?\d/i)) return null;
  const [from, to] = [Math.min(amounts[0]!.index, day.index), Math.max(amounts[0]!.index + amounts[0]![0].length, day.index + day[0].length)];
  return { value: numberWords[amounts[0]![1]!.toLowerCase()] ?? Number(amounts[0]![1]!.replace(',', '.')), start: clause.start + from, end: clause.start + to };
}
