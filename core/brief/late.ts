import { clausesWith, isCorrection, matchesIn, numberOf, numberWords, type Clause, type Statement } from './statements.ts';

export interface LateRead { percentPerDay: Statement<number>[]; cutoffDays: Statement<number>[] }
/** Penalty per day and the last day still accepted; 0 where late work is not accepted at all. */
export function readLate(clauses: Clause[]): LateRead {
  const out: LateRead = { percentPerDay: [], cutoffDays: [] };
  /** “What if I am late? 5 marks a day, up to five days.” */
  const about = (c: Clause): string => `${c.under && /\b(?:late|penal\w*|miss(?:ed|ing)? the deadline)\b/i.test(c.under) ? c.under : ''} ${c.text}`;
  const small = '(\\d{1,2}|one|two|three|five|six|seven|ten|fourteen)';
  // “1 mark per hour for the first 24 hours; after that nothing is accepted”: the limit stands in the clause before.
  clauses.forEach((clause, i) => {
    const before = clauses[i - 1], end = /^(?:and |but )?(?:after (?:that|this|which)|thereafter|beyond that)\b[^.]{0,40}\b(?:zero|0|no marks?|a fail|nothing|not (?:be )?(?:accepted|marked)|no (?:submissions?|work|papers?|essays?) (?:is|are|will be) (?:accepted|marked))\b/i.exec(clause.text), spans = before ? [...before.text.matchAll(/\b(\d{1,3}|one|two|three|five|seven|ten|fourteen)\s+(?:(?:calendar|working)\s+)?(days?|hours?)\b/gi)] : [], last = spans.at(-1);
    if (!end || !before || !last || !/\b(?:late|docked|after the (?:deadline|due)|deadline|penal\w+|minus|deduct\w*|lose|capped)\b/i.test(before.text)) return;
    const n = numberWords[last[1]!.toLowerCase()] ?? Number(last[1]), days = /^h/i.test(last[2]!) ? n / 24 : n;
    if (Number.isInteger(days) && days > 0) out.cutoffDays.push({ value: days, start: before.start + last.index, end: before.start + last.index + last[0].length });
  });
  for (const clause of clausesWith(clauses, /\b(?:late|penalt|deduct|overdue|lose|days?|after|accepted|missed|capped|\/day|(?:24|48|72|96) ?h)/i)) {
    const override = isCorrection(clause);
    for (const m of matchesIn(clause, /\b(\d{1,2}(?:[.,]\d+)?|one|two|five|ten)\s?(?:%|per\s?cent(?:age points?)?|percentage points?|points?|marks?)\s*(?:\([^)]*\)\s*)?(?:of (?:the|your) (?:total |available |possible |maximum |overall |final )?(?:marks?|grade)\s*)?(?:(?:will|shall|may) be |is |are |will )?(?:applies |apply |deducted |taken off |off |lost |applied |penalty |deduction )?(?:for (?:each|every)|per|each|every|a|\/)\s?(?:calendar |working |week|late |additional |full |started |part of a |24[- ]hour )*(?:day|24[- ]hour period|24 ?h(?:ours)?(?: started)?)\b/gi)) {
      const value = numberWords[m[1]!.toLowerCase()] ?? numberOf(m[1]!);
      if (/\b(?:of the mark for|attendance|participation)\b/i.test(clause.text) || !/\b(?:late|penalt|deduct|after|overdue|deadline|lose|lost)\w*/i.test(about(clause))) continue;
      out.percentPerDay.push({ value, start: m.at, end: m.to, override });
    }
    // “Late essays: minus 5 per working day, zero after 5”.
    for (const m of matchesIn(clause, /\bminus (\d{1,2}) (?:per|a|each|every) (?:calendar |working )?day\b(?:,? (?:and )?(?:zero|0|nothing) after (\d{1,2})\b(?! ?h))?/gi)) if (/\blate\b/i.test(about(clause))) { out.percentPerDay.push({ value: Number(m[1]), start: m.at, end: m.to, override }); if (m[2]) out.cutoffDays.push({ value: Number(m[2]), start: m.at, end: m.to, override }); }
    // “Anything that comes in March costs you five points a day.”
    for (const m of matchesIn(clause, /\bcosts? (?:you )?(\d{1,2}(?:[.,]\d+)?|one|two|five|ten)\s?(?:%|per\s?cent|points?|marks?) (?:a|per|each|every) (?:calendar |working )?day\b/gi)) if (!out.percentPerDay.some((s) => s.start < m.to && m.at < s.end)) out.percentPerDay.push({ value: numberWords[m[1]!.toLowerCase()] ?? numberOf(m[1]!), start: m.at, end: m.to, override });
    for (const m of matchesIn(clause, /\blos(?:e|es|ing) (?:a|one) (?:point|mark) (?:a|per|each|every) day\b/gi)) if (/\blate\b/i.test(clause.text)) out.percentPerDay.push({ value: 1, start: m.at, end: m.to, override });
    for (const m of matchesIn(clause, /\b(?:each|every|a|per) (?:calendar |working |late |week)*day\b[^.;%\d]{0,14}\bcosts?\b[^.;%\d]{0,14}(\d{1,2}(?:[.,]\d+)?)\s?(?:%|per\s?cent|points?|marks?)/gi)) out.percentPerDay.push({ value: numberOf(m[1]!), start: m.at, end: m.to, override });
    for (const m of matchesIn(clause, /\b(?:for|per)?\s?(?:each|every)\s+(?:calendar |working |week|full |additional |started |further )*day\b[^.;%\d]{0,45}\b(\d{1,2}(?:[.,]\d+)?|one|two|five|ten)\s?(?:%|per\s?cent|percentage points?|points?|marks?)[^.;]{0,30}\b(?:deduct\w*|lost|lose|taken off|subtracted|removed|penalty)\b/gi)) if (!out.percentPerDay.some((s) => s.start >= clause.start && s.end <= clause.end)) out.percentPerDay.push({ value: numberWords[m[1]!.toLowerCase()] ?? numberOf(m[1]!), start: m.at, end: m.to, override });
    const cut = (value: number, m: { at: number; to: number }): void => { out.cutoffDays.push({ value, start: m.at, end: m.to, override }); };
    for (const m of matchesIn(clause, new RegExp(`\\baccepted for (?:up to )?${small}\\s+(?:calendar |working |week)?days\\b|\\b(?:per|each|every|a) (?:(?:\\w+ )?day|24 hours)\\b(?: \\([^)]{0,30}\\))?[^.;]{0,25}\\b(?:up to|for(?: up to)?(?: the first)?|to|at most|no more than) (?:a maximum of )?${small}\\s+(?:calendar |working |week)?days\\b|\\b(?:up to|until|within|for)\\s+${small}\\s+(?:calendar |working |week)?days\\b[^.;]{0,40}\\b(?:late|after|past|overdue)\\b|\\b(?:up to|until|for)\\s+(?:a maximum of )?${small}\\s+(?:calendar |working )?days\\b(?=[^.;]*\\b(?:penalt|deduct|accepted))|\\b(?:more than|after|over|beyond|later than)\\s+${small}\\s+(?:calendar |working )?days\\b[^.;]{0,60}\\b(?:not (?:be )?(?:accepted|marked)|(?:don['’]t|do not|won['’]t|will not|cannot|can['’]t) (?:accept|take|mark)|zero|no marks|fail|mark of 0|receive (?:a )?0|(?:is|are|gets?|scores?) 0)\\b|\\b(?:not (?:be )?(?:accepted|marked)|(?:nothing|no (?:submissions?|work|papers?|essays?|files?)|none) (?:(?:is|are|will be|can be) )?accepted|zero|no marks|mark of 0)\\b[^.;]{0,30}\\b(?:more than|after)\\s+${small}\\s+(?:calendar |working )?days\\b`, 'gi'))) {
      const word = (m[1] ?? m[2] ?? m[3] ?? m[4] ?? m[5] ?? m[6])!.toLowerCase();
      if (!/\b(?:late|after|deadline|penal\w*|past|overdue)\b/i.test(about(clause)) || /\b(?:feedback|marks? (?:will be )?(?:returned|released)|reply|respond|(?<!without (?:an? )?)extension)\b/i.test(clause.text)) continue;
      cut(numberWords[word] ?? Number(word), m);
    }
    for (const m of matchesIn(clause, new RegExp(`\\bwithin ${small} (?:calendar |working )?days\\b[^.;]{0,30}\\b(?:0|zero|nothing|no marks?|fail\\w*)\\b[^.;]{0,14}\\b(?:thereafter|after (?:that|this)|afterwards|beyond)\\b`, 'gi'))) if (/\b(?:late|after|deadline|penal\w+|capped)\b/i.test(clause.text)) cut(numberWords[m[1]!.toLowerCase()] ?? Number(m[1]), m);
    for (const m of matchesIn(clause, /\b(?:per|a|each|every) day\b[^.;]{0,20}\bup to (a|one|two) weeks?\b/gi)) if (/\blate\b/i.test(clause.text)) cut(7 * numberWords[m[1]!.toLowerCase()]!, m);
    for (const m of matchesIn(clause, /\bfor up to (one|two|three|a|\d) weeks?\b[^.;]{0,40}\bnot (?:be )?(?:accepted|marked) (?:after|beyond)\b/gi)) cut(7 * (numberWords[m[1]!.toLowerCase()] ?? Number(m[1])), m);
    for (const m of matchesIn(clause, /^\W*late \p{L}+\s*:\s*(?:not (?:accepted|marked|possible)|none)\b/giu)) cut(0, m);
    for (const m of matchesIn(clause, /\b(?:after|beyond|more than) (24|48|72|96|120|168) ?h(?:ours)?\b[^.;]{0,50}\b(?:zero|0|no marks?|not (?:be )?(?:accepted|marked)|fail\w*)\b/gi)) if (/\b(?:late|penal\w*|deadline|deduct\w*)/i.test(`${/^after\b/i.test(clause.text) ? clauses[clauses.indexOf(clause) - 2]?.text ?? '' : ''} ${clauses[clauses.indexOf(clause) - 1]?.text ?? ''} ${about(clause)}`)) cut(Number(m[1]) / 24, m);
    for (const m of matchesIn(clause, /\bmore than (?:(one|two|three|\d)|a) weeks? (?:late|after|overdue)\b[^.;]{0,60}(?:\b(?:zero|0|no marks?|not (?:be )?(?:accepted|marked|taken)|fail\w*)|n['’]t be (?:accepted|marked|taken))\b/gi)) cut(7 * (m[1] ? numberWords[m[1].toLowerCase()] ?? Number(m[1]) : 1), m);
    for (const m of matchesIn(clause, new RegExp(`(?:\\bper |/)day\\b[^.;]{0,6}\\(?max(?:imum)?\\.? (?:of )?${small} (?:calendar |working )?days\\b`, 'gi'))) if (/\b(?:late|penal\w*)/i.test(clause.text)) cut(numberWords[m[1]!.toLowerCase()] ?? Number(m[1]), m);
    for (const m of matchesIn(clause, new RegExp(`\\blate (?:submission |work )?(?:window|period)\\s*(?::|of|is|–|-)\\s*${small}\\s+(?:calendar |working )?days?\\b`, 'gi'))) cut(numberWords[m[1]!.toLowerCase()] ?? Number(m[1]), m);
    // “Late work loses 5 points for each 24-hour period, up to 120 hours, after which it receives 0”; “-10%/day late, 3 day max”.
    for (const m of matchesIn(clause, /\bup to (24|48|72|96|120|168) ?h(?:ours)?\b[^.;]{0,30}\b(?:0|zero|no marks|not (?:be )?(?:accepted|marked))\b/gi)) if (/\blate\b/i.test(about(clause))) cut(Number(m[1]) / 24, m);
    for (const m of matchesIn(clause, /(?:\bper |\/)day\b[^.;]{0,8}\b(\d{1,2}) days? max\b/gi)) if (/\blate\b/i.test(about(clause))) cut(Number(m[1]), m);
    // “Capped at the pass mark for 5 working days, then 0”.
    for (const m of matchesIn(clause, new RegExp(`\\bfor ${small} (?:calendar |working )?days?,? (?:and )?then (?:a )?(?:0|zero|nothing|no marks?|not (?:accepted|marked))\\b`, 'gi'))) if (/\b(?:late|capped|penal\w*|deduct\w*)\b/i.test(about(clause))) cut(numberWords[m[1]!.toLowerCase()] ?? Number(m[1]), m);
    // “Late : −5 marks per day; not after 14 days”.
    for (const m of matchesIn(clause, new RegExp(`^\\W*(?:but )?(?:not|nothing|never) (?:accepted )?after ${small} (?:calendar |working )?days\\b`, 'gi'))) if (/\b(?:late|penal\w*|per day|a day)\b/i.test(clauses[clauses.indexOf(clause) - 1]?.text ?? '')) cut(numberWords[m[1]!.toLowerCase()] ?? Number(m[1]), m);
    for (const m of matchesIn(clause, /^\W*(?:anything|everything|whatever is) later (?:=|is|gets|means) (?:a )?(?:0|zero|no marks|nothing|not (?:marked|accepted))\b/gi)) cut(0, m);
    for (const m of matchesIn(clause, new RegExp(`\\bcloses? ${small} (?:calendar |working )?days after the (?:due date|deadline)\\b`, 'gi'))) if (/\b(?:late|penal\w*)\b/i.test(`${clauses[clauses.indexOf(clause) - 1]?.text ?? ''} ${about(clause)}`)) cut(numberWords[m[1]!.toLowerCase()] ?? Number(m[1]), m);
    for (const m of matchesIn(clause, new RegExp(`\\b(?:stop|cease)\\s+(?:taking|accepting|marking|reading)\\b[^.;]{0,20}\\bafter ${small}\\s+(?:calendar |working )?days\\b`, 'gi'))) if (/\b(?:late|overdue)\b/i.test(clause.text)) cut(numberWords[m[1]!.toLowerCase()] ?? Number(m[1]), m);
    if (out.cutoffDays.some((s) => s.start >= clause.start && s.end <= clause.end)) continue;
    for (const m of matchesIn(clause, /^\W*after (a|one|two|three) weeks?\b[^.;]{0,40}\b(?:not|cannot|can['’]?t|won['’]t|no longer|nothing)\b[^.;]{0,20}\b(?:accept|mark)/gi)) if (/\b(?:late|penal\w*|lose|deduct\w*|docked|later)\b/i.test(clauses[clauses.indexOf(clause) - 1]?.text ?? '')) cut(7 * numberWords[m[1]!.toLowerCase()]!, m);
    for (const m of matchesIn(clause, /\b(?:assignments?|essays?|papers?|work|reports?|files?|it)\s+(?:cannot|can not|can['’]t|may not|must not)\s+be\s+(?:handed in|submitted|uploaded)\s+after\s+(?:the|this)\s+(?:deadline|due (?:date|time))\b|\bnot possible to (?:hand (?:it )?in|submit|upload)\b[^.;]{0,20}\bafter\s+(?:the|this)\s+(?:deadline|due (?:date|time))\b/gi)) cut(0, m);
    for (const m of matchesIn(clause, /\baccepted\s+(?:up to|until|for)\s+(24|48|72|96|120|168)\s+hours\s+(?:late\b|after the (?:deadline|due))/gi)) cut(Number(m[1]) / 24, m);
    for (const m of matchesIn(clause, /\b(?:zero|0|nothing|no marks?)\s+after\s+(24|48|72|96|120|168) ?h(?:ours)?\b/gi)) if (/\b(?:late\w*|penal\w*)\b/i.test(`${clauses[clauses.indexOf(clause) - 1]?.text ?? ''} ${clause.text}`)) cut(Number(m[1]) / 24, m);
    for (const m of matchesIn(clause, /^\W*later\s*:\s*not accepted\b/gi)) { const before = /\b(?:within|[-–]|to) ?(24|48|72|96|120) ?h(?:ours)?\b/i.exec(clauses[clauses.indexOf(clause) - 1]?.text ?? '')?.[1]; if (before) cut(Number(before) / 24, m); }
    for (const m of matchesIn(clause, /\b(?:papers?|work|essays?|reports?|anything|submissions?)\s+(?:delivered|handed in|submitted|received|arriving|uploaded)\s+later(?: than (?:this|that|the deadline))?\s+(?:will|are|is|can)\s*not\s+(?:be\s+)?(?:assessed|accepted|marked|graded|read)\b/gi)) cut(0, m);
    for (const m of matchesIn(clause, /\blate (?:submissions?|work|papers?)\s*:\s*(?:graded )?[^;]{0,14}\bfail(?:ed)?\b/gi)) cut(0, m);
    for (const m of matchesIn(clause, /\blate\s*=\s*(?:a )?(?:fail(?:ed)?|zero|0|not (?:handed|turned) in|not accepted)\b(?!\s*[.,]?\d)/gi)) cut(0, m);
    for (const m of matchesIn(clause, /^\W*late\W{0,3}:\W{0,3}(?:no|never|not (?:accepted|possible|allowed))\W*$/gi)) cut(0, m);
    for (const m of matchesIn(clause, /\bif the (?:deadline|due date) is missed\b[^.;]{0,40}\b(?:grade[ds]?|mark(?:ed)?|counts?|is|as)\b[^.;]{0,12}\b(?:fail(?:ed)?|5[.,]0|zero|0)\b/gi)) cut(0, m);
    for (const m of matchesIn(clause, /(?:^|[,.]\s)\W*no late (?:sets|papers?|essays?|work|submissions?|reports?|assignments?|hand-?ins?)(?=\s*,)|^\W*no late [a-z]+(?:,? please)?\W*$/gi)) if (!/\bpenalt/i.test(m[0])) cut(0, m);
    for (const m of matchesIn(clause, /\b(?:no late (?:submissions?|work|papers?)\b[^.;]{0,30}|late(?: (?:submissions?|work|papers?|essays?|assignments?|parts?|reports?|portfolios?|projects?|hand-ins?)\b|(?=\s*:))(?: without (?:an? )?(?:approved |prior |agreed )?(?:extension|permission))?[^.;]{0,25}(?:\b|(?=:))(?:(?:will|can|are|is) ?not (?:be )?(?:accepted|marked|considered|graded|assessed)|cannot be (?:accepted|marked)|not (?:accepted|allowed|permitted|possible)|:\s*(?:no|none|not (?:possible|accepted|allowed|permitted))\b|(?:will )?(?:receive|score|get)s? (?:a )?(?:mark of )?(?:zero|0|no marks?)))|\b(?:nothing|no (?:submissions?|work|papers?))\b[^.;]{0,20}\b(?:accepted|taken)\b[^.;]{0,15}\b(?:late|after (?:the|this) (?:deadline|due|time|date))\b|\b(?:do|does|will|can) ?(?:not|n['’]t)\b[^.;]{0,10}\b(?:accept|mark|take|consider)\b[^.;]{0,12}\blate\b[^.;]{0,14}|\bnothing can be (?:handed in|submitted|uploaded|accepted) (?:later|after(?:wards| that)?)\b|\b(?:submissions?|work|essays?|papers?|assignments?|files?|answers?|scripts?|anything) (?:received |handed in |made |submitted |uploaded |turned in |arriving )?after (?:the|this) (?:deadline|due (?:date|time)|time|date)\b[^.;]{0,25}\b(?:not (?:be )?(?:accepted|marked)|rejected|refused|zero)\b/gi)) {
      // “… will not be accepted after Wednesday, May 12”.
      if (/^\s*(?:after|later than|beyond)\s+(?!the\b|this\b|that\b)/i.test(clause.text.slice(m.to - clause.start)) && /accepted|marked|considered|graded|assessed|taken/i.test(m[0])) continue;
      if (/\b(?:without|unless|except)\b/i.test(clause.text.slice(m.to - clause.start, m.to - clause.start + 30)) && !/\bextension\b/i.test(clause.text)) continue;
      cut(0, m);
    }
  }
  return out;
}
