import type { Limits } from '../model/brief.ts';
import type { LimitStatement } from './limits.ts';
import { number, spoken, units } from './limit-numbers.ts';
import { isCorrection, numberOf, numberWords, type Clause } from './statements.ts';
import { firstIn, says } from '../text/patterns.ts';

type Field = keyof Limits;
/** “Word limit? 3500 +/-10 %”, “Is there a size limit? Yes – 40MB.” */
const limitAsked = /^\W*(?:Q?\d*\s*[:.]\s*)?(?:(?:what|is there|how|any|and|my file|our file)\b.*)?\b(words?(?: limit| count)?|size|big|large|huge|MB|megabytes)\b[^?]*\?\W*$/i;
export function shortAnswer(clause: Clause): LimitStatement[] {
  const asked = clause.under ? firstIn(clause.under, limitAsked)?.[1]?.toLowerCase() : undefined, m = asked ? new RegExp(`^\\W*(?:A(?:nswer)?\\s*[:.]\\s*)?(?:yes\\b\\W*)?(?:(?:at most|max(?:imum)?\\.?|up to|no more than)\\s+)?(${number})\\s?([KMG]i?B\\b|(?:kilo|mega|giga)bytes?\\b)?(?:\\s?(?:±|\\+\\s?/?\\s?[-–−])\\s?(\\d{1,2})\\s?%)?(?!\\d|\\s?(?:%|words|pages|[–-]\\s?\\d|(?<![KMG]i?B )[a-z]{2}))`, 'i').exec(clause.text) : null;
  if (!m) return [];
  const value = numberOf(m[1]!), give = Number(m[3] ?? 0) / 100, of = (field: Field, n: number): LimitStatement => ({ field, value: Math.round(n), start: clause.start + m.index + m[0].indexOf(m[1]!), end: clause.start + m.index + m[0].length, clause, override: isCorrection(clause) });
  if (m[2]) return says(asked!, /^(?:size|big|large|huge|mb|megabytes)$/) ? [of('maxBytes', value * (units[m[2].toLowerCase().replace(/bytes$/, 'byte')] ?? 1))] : [];
  return asked!.startsWith('word') && value >= 20 ? [...(give > 0 ? [of('minWords', Math.ceil(value * (1 - give) - 1e-9))] : []), of('maxWords', Math.floor(value * (1 + give) + 1e-9))] : [];
}

const howLong = /^\W*(?:Q\s*[:.]\s*)?(?:(?:and )?how (?:long|many (?:words|pages))(?:\W*$|\b.*\b(?:may|can|should|must|be|write|want|need|have|expect|is (?:it|the (?:essay|paper|report|work|assignment)))\b)|(?:is there|what(?:['’]s| is)) (?:an? |the )?(?:(?:page|word|length|upper|maximum) (?:limit|count|range|length)|(?:required |maximum )?(?:word count|length|number of (?:words|pages)))\b)/i;
const bareAnswer = new RegExp(`^\\W*(?:A(?:nswer)?\\s*[:.]\\s*)?(?:yes\\b\\W*)?(?:(?:at most|max(?:imum)?\\.?|up to|no more than|you(?:['’]ve| have| get)(?: got)?|you are allowed|aim for|we (?:want|ask for|expect)|I (?:want|ask for|expect))\\s+)?(${number}|one|two|three|four|five|six|seven|eight|nine|ten|twelve)\\s+(words?|pages?|sides?)\\b(?!\\s*(?:min|or more|at least|each|per|give or take|or so|or thereabouts|roughly))`, 'i');
/** “How many pages? Twelve to fifteen.” “What is the word limit? 1,800–2,000.” */
export function rangeAnswer(clause: Clause): LimitStatement[] {
  const asked = clause.under ? firstIn(clause.under, /^\W*(?:Q\s*[:.]\s*)?how (?:many (words|pages)|long)\b/i) ?? firstIn(clause.under, /\b(word|page) (?:limit|count|range|length|requirement)s?\b[^?]*\?/i) ?? /\bnumber of (words|pages)\b[^?]*\?/i.exec(clause.under) ?? firstIn(clause.under, /^\W*(?:Q\s*[:.]\s*)?(?:is|are|would|can I (?:write|have)) [\d.,]+ (words|pages)\b[^?]*\?/i) : null, spelt = `${number}|${Object.keys(numberWords).filter((w) => w.length > 2).join('|')}|${spoken}`;
  const m = asked ? new RegExp(`^\\W*(?:A(?:nswer)?\\s*[:.]\\s*)?(?:(?:the )?(?:range|limits?|length) (?:is|are|goes) )?(?:between |from )?(${spelt})\\s?(?:-|–|to|and)\\s?(${spelt})(?:\\s+(words|pages))?(?=\\W|$)(?!\\s?(?:%|[kmg]b|cm|mm))`, 'i').exec(clause.text) : null, unit = (m?.[3] ?? asked?.[1])?.toLowerCase();
  if (!m || !unit) return [];
  const value = (word: string): number => numberWords[word.toLowerCase()] ?? numberOf(word), [least, most] = [value(m[1]!), value(m[2]!)], kind = unit.startsWith('word') ? 'Words' : 'Pages', at = { start: clause.start + m.index, end: clause.start + m.index + m[0].length, clause, override: isCorrection(clause) };
  return least < most ? [{ field: `min${kind}`, value: least, ...at }, { field: `max${kind}`, value: most, ...at }] : [];
}
/** “How long may the report be? Ten pages, excluding references.” Which document is meant stands in the question. */
export function spokenAnswer(clause: Clause): LimitStatement | null {
  const asked = clause.under && says(clause.under, howLong) ? clause.under : null, m = asked ? firstIn(clause.text, bareAnswer) : null;
  if (!asked || !m) return null;
  const value = numberWords[m[1]!.toLowerCase()] ?? numberOf(m[1]!);
  return { field: /^w/i.test(m[2]!) ? 'maxWords' : 'maxPages', value, start: clause.start + m[0].indexOf(m[1]!), end: clause.start + m[0].length, clause: { ...clause, text: `${asked} ${clause.text}`, start: clause.start - asked.length - 1 } };
}
