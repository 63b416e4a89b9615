import type { Limits } from '../model/brief.ts';
import { bothEnds } from './both-ends.ts';
import { rangeAnswer, shortAnswer, spokenAnswer } from './limit-answers.ts';
import { number, spoken, units } from './limit-numbers.ts';
import { withoutPieces } from './each-of-several.ts';
import { toleranceByName, withTolerance } from './tolerance.ts';
import { isCorrection, largeNumbers, matchesIn, numberOf, numberWords, spokenThousands, type Clause, type Statement } from './statements.ts';
import { firstIn, rewritten, says } from '../text/patterns.ts';

type Field = keyof Limits;
export interface LimitStatement extends Statement<number> { field: Field; clause: Clause; remark?: string; /** how far the marker reads: a limit only where no other is named */ reach?: true; /** a length that is asked for, without a word that makes it a limit */ given?: true; /** the part of a paper that it limits, unless that is a document of its own: “abstract” */ part?: string }
/** A percentage in figures or words. */
const percentOf = (written: string | undefined): number => ({ five: 5, ten: 10, fifteen: 15, twenty: 20 })[written?.toLowerCase() ?? ''] ?? Number(written);
const inWords = (word: string): number => numberWords[word.toLowerCase()] ?? largeNumbers[word.toLowerCase()] ?? 0;
const each = /^\s*(?:each|apiece)\b/i;
/** A limit has a unit, and a number in figures or words. */
const hasNumber = new RegExp(`\\d|\\b(?:one|two|three|four|five|six|seven|eight|nine|ten|${spoken})\\b`, 'i'), hasUnit = /words?\b|wds|\d\s?w\b|pages?\b|p[áa]ginas?\b|\bpgs?\b|sides?\b|(?<![a-z])pp\b|[kmg]i?b\b|\d\s?[kmg]o\b|byte|pixel|\bmp\b|megs?\b/i;

const small = 'two|three|four|five|six|seven|eight|nine|ten|twelve|fifteen|twenty';
const works = 'account|essay|paper|report|assignment|coursework|review|dissertation|thesis|reflection|proposal|case study|journal|portfolio|commentary|analysis|brief|summary|article|(?:blog )?post|op-ed|piece|statement|diary|critique|memo|letter|plan|script';
/** “An essay of 2,000 words”, “Length: 2,000 words”, “a 2,000-word essay”: a length of the work itself, not of something that it has or reads. */
function isLength(before: string, own: string, after: string): boolean {
  // “It’s 4,000 words in total.”
  if (says(before, /\b(?:it['’]s|it is|that is|that['’]s|you have)\s+$/i) && /^\s*in total\b/i.test(after)) return true;
  // “An essay of 2,000 words on a novel of 300 pages.”
  if (says(before, /\b(?:novel|book|play|film|article|chapter|reader|poem|text|source|archive|diary|epic|screenplay)s?\s+(?:of|with|that has)\s+$/i) && says(before, /\b(?:on|about|of|from|read|discuss\w*|with) (?:the |an? |one )?(?:\p{L}+ )?(?:novel|book|play|film|article|chapter|reader|poem|text|source|archive|diary|epic|screenplay)s?\s+(?:of|with|that has)\s+$/iu)) return false;
  if (says(before, /\b(?:first|last|opening|next|another|every|each|per|than|after|contains?|read|reading|chapter|source|sources|quotations?|transcript|handbook|for|from|on|see|extra|further|these|those|\d)\s*$/i) || says(`${before.slice(-60)} ${after.slice(0, 60)}`, /\b(?:read|reading|source|summari[sz]e)\b/i) || says(after, /^\s*(?:each|per|apiece|from|on (?:the )?page|a (?:day|week)|of (?!text\b|prose\b|writing\b)|or (?:more|less|so)|per)\b/i)) return false;
  if (/-(?:word|page)s?$|\d word$/i.test(own.trim())) return new RegExp(`^\\s+(?:[a-z-]+ ){0,2}(?:${works})\\b`, 'i').test(after);
  if (new RegExp(`\\b(?:${works})s?\\b[^.;:]{0,40}\\b(?:of|in)\\s+(?:a length of |length )?$|\\b(?:length|extent|word ?count|words|pages)(?: of the [a-z ]{3,20})?\\s*(?:is(?: still)?|stays(?: at)?|remains(?: at)?|[:=–-])\\s*$|\\b(?:word ?count|length)\\s+$|\\b(?:write|writing|written in)\\s+(?:an? [a-z -]{3,30} of\\s+)?$`, 'i').test(before) || says(own, /^(?:words?|pages?|word ?count|length)\b/i)) return true;
  if (new RegExp(`\\b(?:${works})s?\\b[^.;]{0,30}\\b(?:(?:should|must|shall|is to|has to|will) be|is)\\s+$`, 'i').test(before)) return true;
  return new RegExp(`(?:^\\W*|[:,;(–-]\\s*)(?:[a-z-]+ ){0,3}(?:(?:${works})\\b[^.;:,]{0,20})?[:,(–-]?\\s*$`, 'i').test(before) && (before.length < 60 || before.split('(').length > before.split(')').length) && says(after, /^\s*(?:long\b|in length\b|\(|,|\.|;|\)|–|-|$|exclud|exclusive|includ|inclusive|incl\.?|excl\.?|without\b|not (?:count|includ)|counting|net of|less\b|minus|leaving|plus|and\b)/i) && (before.trim() === '' || /[:,(–-]\s*$/.test(before));
}

/** “… instead of 20 MB”, “(previously 2,000 words)”: a limit that no longer holds. */
const replaced = (before: string): boolean => says(before, /\(not\s+$|\b(?:instead of|previously|formerly|rather than|no longer|originally)\s*(?:the\s+|a\s+)?(?:limit of\s+)?$/i);

/** “15–20 pages (without appendices), at least 5,000 words”: what a bracket leaves out is no part with a limit of its own. */
const leftOutInBrackets = /\((?:without|excl(?:\.|uding|usive of)?|not (?:counting|including)) [^()\d]{3,80}\)/gi;
/** “The text, including notes but excluding the abstract, bibliography and appendices, shall not exceed 12,000 words”. */
const leftOutInCommas = /,\s(?:including [^,;.]{2,40}? (?:but|and) )?(?:excluding|exclusive of|not (?:counting|including)|without|apart from|except(?: for)?)\b[^;.()\d]{3,160}?,(?=\s(?:shall|must|should|may|is|are|has|have|can|will|cannot)\b)/gi;
const withoutExclusions = (clause: Clause): Clause => { const text = clause.text.replace(leftOutInBrackets, (s) => `(${' '.repeat(s.length - 2)})`).replace(leftOutInCommas, (s) => ' '.repeat(s.length)); return text === clause.text ? clause : { ...clause, text }; };

/** Limits of size, words and pages with the words they came from. “About N” and a bare length settle nothing. */
export function readLimits(said: Clause[]): LimitStatement[] {
  // “The maximum for the whole script is therefore 3,000 words.”
  const clauses = said.map(withoutExclusions).map((c) => (says(c.text, /\b(?:therefore|thus|hence|accordingly|consequently)\b/i) ? { ...c, text: rewritten(c.text, [/(?<=\b(?:is|are|may be|be)) (?:therefore|thus|hence|accordingly|consequently)(?= )/gi, (s) => ' '.repeat(s.length)]) } : c));
  const found = clauses.flatMap((clause, i): LimitStatement[] => {
    // “Up to 10 % over is permitted.” as a sentence of its own speaks of the limit before it.
    // “The maximum is 12,000 words; the minimum is 8,000.”
    const bare = i > 0 ? new RegExp(`^\\W*(?:and |but )?(?:the )?(min|max)imum(?: length)?(?: is|:| =|) (${number})\\W*$`, 'i').exec(clause.text) : null, unit = bare && /\b(word|page)s?\b/i.exec(clauses[i - 1]!.text)?.[1]?.toLowerCase();
    // “We recommend 2,500 words. The limit, however, is 3,000.” “2,000 words is the target; up to 2,200 is fine, beyond that I stop.” “15 pages or so; under no circumstances more than 18.”
    const further = i > 0 ? new RegExp(`^\\W*(?:(?:but )?the )?(?:(?:hard |absolute |upper )?(?:limit|cut-?off|ceiling)(?:,? however,?)?(?: is|:)?|(?:but )?up to|(?:but )?under no circumstances more than|(?:but )?(?:certainly |definitely )?(?:no|not) more than|(?:but )?you (?:can|may) (?:also )?(?:go|stretch|run|write)(?: up)? to) (${number})(?=\\W*$| (?:is|will be) (?:fine|ok(?:ay)?|tolerated|accepted|allowed)\\b)`, 'i').exec(clause.text) : null, furtherUnit = further && (/\b(word|page)s?\b/i.exec(clauses[i - 1]!.text) ?? (/^\W*[\d.,]+\W*$/.test(clauses[i - 1]!.text) ? /\b(word|page)s?\b/i.exec(clause.under ?? '') : null))?.[1]?.toLowerCase();
    if (further && furtherUnit) return [{ field: furtherUnit === 'word' ? 'maxWords' : 'maxPages', value: numberOf(further[1]!), start: clause.start + further.index, end: clause.start + further.index + further[0].length, clause, override: isCorrection(clause) || /\byou (?:can|may)\b/i.test(further[0]) }];
    // “2,000 or 2,500 words? 2,500 is the maximum.”
    const isMost = new RegExp(`^\\W*(?:A(?:nswer)?\\s*[:.]\\s*)?(${number}) is the (?:(?:hard|absolute|upper) )?(?:maximum|limit|ceiling|most)\\b`, 'i').exec(clause.text), mostUnit = isMost && (/\b(word|page)s?\b/i.exec(clauses[i - 1]?.text ?? '') ?? /\b(word|page)s?\b/i.exec(clause.under ?? ''))?.[1]?.toLowerCase();
    if (isMost && mostUnit) return [{ field: mostUnit === 'word' ? 'maxWords' : 'maxPages', value: numberOf(isMost[1]!), start: clause.start, end: clause.start + isMost[0].length, clause, override: isCorrection(clause) }];
    // “About 1,500 words is right; nothing over 2,000 will be read.”
    const over = i > 0 ? new RegExp(`^\\W*(?:but |and )?(?:nothing|anything|everything) (?:over|beyond|above|longer than) (${number})\\s+(?:will|is|gets)\\b(?:[^.;]{0,20}\\b(?:not (?:be )?read|ignored|unread|returned|cut)|(?<=\\bnothing\\b.*) (?:be )?(?:read|marked|accepted)\\b)`, 'i').exec(clause.text) : null, before = over && /\b(word|page)s?\b/i.exec(clauses[i - 1]!.text)?.[1]?.toLowerCase();
    if (over && before) return [{ field: before === 'word' ? 'maxWords' : 'maxPages', value: numberOf(over[1]!), start: clause.start, end: clause.end, clause, override: isCorrection(clause) }];
    if (bare && unit) return [{ field: `${bare[1]!.toLowerCase()}${unit === 'word' ? 'Words' : 'Pages'}` as Field, value: numberOf(bare[2]!), start: clause.start, end: clause.end, clause, override: isCorrection(clause) }];
    // “Word count required: 1,500 (tolerance 10% either way)”.
    const labelled = new RegExp(`^\\W*(?:word ?(?:count|length)|number of words)(?: (?:required|expected|asked|wanted))?\\s*[:=]\\s*(${number})\\s*\\((?:tolerance|leeway|margin)?:?\\s*(?:of |±|\\+/-)?\\s*(\\d{1,2})\\s?%(?: (?:either way|tolerance|leeway|margin|either side))?\\)\\W*$`, 'i').exec(clause.text);
    if (labelled && says(labelled[0], /tolerance|leeway|margin|either|±|\+\//i)) { const value = numberOf(labelled[1]!), give = Number(labelled[2]) / 100, of = (field: Field, n: number): LimitStatement => ({ field, value: n, start: clause.start, end: clause.end, clause, override: isCorrection(clause) }); return [of('minWords', Math.ceil(value * (1 - give) - 1e-9)), of('maxWords', Math.floor(value * (1 + give) + 1e-9))]; }
    // “Word allowance: 3000 (plus 10%)”.
    const allowance = new RegExp(`^\\W*word (?:allowance|limit|count|length)\\s*[:=|]\\s*(${number})\\s*\\((?:plus|\\+)\\s*(\\d{1,2})\\s?%[^)]{0,20}\\)`, 'i').exec(clause.text);
    if (allowance && !/[-–−]|minus|either/i.test(allowance[0].slice(allowance[0].indexOf('(')))) return [{ field: 'maxWords', value: Math.floor(numberOf(allowance[1]!) * (1 + Number(allowance[2]) / 100) + 1e-9), start: clause.start, end: clause.start + allowance.index + allowance[0].length, clause, override: isCorrection(clause) }];
    // “The word limit (1,800) stays”.
    const inBrackets = new RegExp(`\\b(word|page) limit \\((${number})(?: (?:words|pages))?\\)`, 'i').exec(clause.text);
    if (inBrackets && numberOf(inBrackets[2]!) >= 2) return [{ field: /^w/i.test(inBrackets[1]!) ? 'maxWords' : 'maxPages', value: numberOf(inBrackets[2]!), start: clause.start + inBrackets.index, end: clause.start + inBrackets.index + inBrackets[0].length, clause, override: isCorrection(clause) }];
    // “10–12,000 words”; “minimum length 5 pages, maximum 7”; “please keep to six pages”; “word limit 2,500 – you may go over by no more than 250 words”.
    const shortened = firstIn(clause.text, /(?<![\w.,-])(\d{1,2})\s?(?:–|-|to)\s?(\d{1,2}),000 words\b/i), both = new RegExp(`\\bmin(?:imum)?\\.?(?: length)?:? (${number}) (pages|words),? (?:and )?max(?:imum)?\\.?(?: length)?:? (${number})(?: (?:pages|words))?(?![\\d.,]*\\d|\\s?(?:%|[kmg]i?b\\b|per))`, 'i').exec(clause.text), kept = new RegExp(`\\bkeep to (?:a (?:maximum|limit) of )?(${number}|three|four|five|six|seven|eight|nine|ten|twelve) (pages|words)\\b`, 'i').exec(clause.text), by = new RegExp(`\\b(word|page) limit(?: is|:)? (${number})(?: (?:words|pages))?\\b[^.;]{0,4}\\s?(?:you )?(?:may|can) (?:go over|exceed it|be over) by (?:no more than|up to|at most) (${number})(?: (?:words|pages))?(?![\\d.,]*\\d|\\s?%)`, 'i').exec(clause.text);
    const where = (m: RegExpExecArray): { start: number; end: number; clause: Clause; override: boolean } => ({ start: clause.start + m.index, end: clause.start + m.index + m[0].length, clause, override: isCorrection(clause) });
    if (shortened && Number(shortened[1]) < Number(shortened[2]) && !says(clause.text.slice(0, shortened.index), /\b(?:about|around|approximately|roughly)\s*$/i)) return [...readSizes(clause, clauses[i - 1]), { field: 'minWords', value: 1000 * Number(shortened[1]), ...where(shortened) }, { field: 'maxWords', value: 1000 * Number(shortened[2]), ...where(shortened) }];
    if (both && numberOf(both[1]!) < numberOf(both[3]!)) { const kind = /^w/i.test(both[2]!) ? 'Words' : 'Pages'; return [...readSizes(clause, clauses[i - 1]), { field: `min${kind}`, value: numberOf(both[1]!), ...where(both) }, { field: `max${kind}`, value: numberOf(both[3]!), ...where(both) }]; }
    if (by) return [...readSizes(clause, clauses[i - 1]), { field: /^w/i.test(by[1]!) ? 'maxWords' : 'maxPages', value: numberOf(by[2]!) + numberOf(by[3]!), ...where(by) }];
    if (kept) return [...readSizes(clause, clauses[i - 1]), { field: /^w/i.test(kept[2]!) ? 'maxWords' : 'maxPages', value: numberWords[kept[1]!.toLowerCase()] ?? numberOf(kept[1]!), ...where(kept) }];
    // “10–12k words”.
    const thousandsRange = firstIn(clause.text, /(?<![\w.,])(\d{1,2}(?:[.,]\d)?)k?\s?(?:-|–|to)\s?(\d{1,2}(?:[.,]\d)?)k\s?words?\b/i);
    if (thousandsRange && !says(clause.text.slice(0, thousandsRange.index), /\b(?:about|around|approximately|roughly)\s*$/i)) return [...readSizes(clause, clauses[i - 1]), ...[1, 2].map((n): LimitStatement => ({ field: n === 1 ? 'minWords' : 'maxWords', value: Math.round(1000 * Number(thousandsRange[n]!.replace(',', '.'))), start: clause.start + thousandsRange.index, end: clause.start + thousandsRange.index + thousandsRange[0].length, clause, override: isCorrection(clause) }))];
    // “For “2,000 words” read “2,500 words””.
    const erratum = new RegExp(`\\bfor [“"‘']?(?:${number})\\s?(words|pages)[”"’']?,? read [“"‘']?(${number})\\s?(?:words|pages)`, 'i').exec(clause.text);
    if (erratum) return [{ field: /^w/i.test(erratum[1]!) ? 'maxWords' : 'maxPages', value: numberOf(erratum[2]!), start: clause.start + erratum.index, end: clause.start + erratum.index + erratum[0].length, clause, override: true }];
    // “Typical length: 40 pages, max. 50.”
    const usual = new RegExp(`^\\W*(?:typical|usual|normal|average|expected|recommended) length\\s*[:=]?\\s*(?:is )?(?:${number})\\s?(words?|pages?),? (?:\\(?(?:max(?:imum)?\\.?|at most|up to|no more than))\\s+(${number})(?![\\d.,]*\\d|\\s?%)`, 'i').exec(clause.text);
    if (usual) return [{ field: /^w/i.test(usual[1]!) ? 'maxWords' : 'maxPages', value: numberOf(usual[2]!), start: clause.start + usual.index, end: clause.start + usual.index + usual[0].length, clause, override: isCorrection(clause) }];
    // “Word count (max): 2,000”.
    const bracketedMost = new RegExp(`^\\W*(word|page) ?(?:count|limit|length) ?\\((?:max(?:imum)?\\.?|upper limit|limit)\\)\\s*[:=|]\\s*(${number})(?![\\d.,]*\\d|\\s?%)`, 'i').exec(clause.text);
    if (bracketedMost) return [{ field: /^w/i.test(bracketedMost[1]!) ? 'maxWords' : 'maxPages', value: numberOf(bracketedMost[2]!), start: clause.start, end: clause.start + bracketedMost.index + bracketedMost[0].length, clause, override: isCorrection(clause) }];
    // “Three elements: Element 1, a CV (2 pages max); Element 2, a cover letter (1 page) … combine them in a single PDF”: each limits its own.
    if (says(clauses.slice(Math.max(0, i - 3), i + 4).filter((c) => Math.abs(c.start - clause.start) < 400).map((c) => c.text).join(' '), /\b(element|component|part|item|section) (?:1|one|A)\b[^.]*\b\1 (?:2|two|B)\b/i) && says(clause.text, /^\W*(?:and )?(?:[^.;]{0,80}:\s*)?(?:element|component|part|item|section) (?:\d|one|two|three|[A-C])\b/i) && clauses.some((c) => Math.abs(c.start - clause.start) < 600 && says(c.text, /\b(?:combine|merge|join|put|place)\b[^.;]{0,30}\b(?:all|both|the|them|everything)\b[^.;]{0,30}\b(?:single|one)\b/i))) return readSizes(clause, clauses[i - 1]);
    // “2,500 words (minimum 2,000, maximum 2,750)”.
    // “2,000 ±200 words”, “1,800 words at least, 2,200 at most”, “anything from 1,800 to 2,200 is accepted”.
    const spread = new RegExp(`(?<![\\d,.])(${number})\\s?(?:±|\\+\\/-|\\+\\/−)\\s?(${number})\\s?(words?|pages?)\\b`, 'i').exec(clause.text), ends = new RegExp(`(?<![\\d,.])(${number}) (words?|pages?) (?:at least|minimum|min\\.?),? (?:and )?(${number})(?: words?| pages?)? (?:at most|maximum|max\\.?)(?![\\w])`, 'i').exec(clause.text), taken = i > 0 ? new RegExp(`^\\W*anything (?:from|between) (${number}) (?:to|and) (${number}) (?:is|will be) (?:accepted|fine|ok(?:ay)?|allowed|acceptable|taken)\\b`, 'i').exec(clause.text) : null;
    const twoEnds = (kind: string, least: number, most: number): LimitStatement[] => ([['min', least], ['max', most]] as const).map(([end, value]) => ({ field: `${end}${/^w/i.test(kind) ? 'Words' : 'Pages'}` as Field, value, start: clause.start, end: clause.end, clause, override: isCorrection(clause) }));
    if (spread && numberOf(spread[2]!) < numberOf(spread[1]!)) return twoEnds(spread[3]!, numberOf(spread[1]!) - numberOf(spread[2]!), numberOf(spread[1]!) + numberOf(spread[2]!));
    if (ends) return twoEnds(ends[2]!, numberOf(ends[1]!), numberOf(ends[3]!));
    const ofBoth = bothEnds(clause, clauses[i - 1]);
    if (ofBoth) return twoEnds(...ofBoth);
    const counted = taken && /\b(word|page)s?\b/i.exec(clauses[i - 1]!.text)?.[1];
    if (taken && counted) return twoEnds(counted, numberOf(taken[1]!), numberOf(taken[2]!));
    // “Around 5,500 words (excluding notes), at least 5,000 and at most 6,000”.
    const aboutThenBoth = new RegExp(`(?<![\\d,.])(?:${number})[\\s-]?(words?|pages?)(?:\\s*\\([^()]*\\))?,\\s*(?:but )?(?:min(?:imum)?\\.?|at least|not (?:less|fewer) than|no (?:less|fewer) than) (${number})(?: words| pages)?,? (?:and |but )?(?:at most|max(?:imum)?\\.?|no more than|not more than) (${number})(?![\\d.,]*\\s?(?:%|[kmg]b))`, 'i').exec(clause.text);
    if (aboutThenBoth) { const kind = /^w/i.test(aboutThenBoth[1]!) ? 'Words' : 'Pages', of = (field: Field, n: number): LimitStatement => ({ field, value: n, start: clause.start + aboutThenBoth.index, end: clause.start + aboutThenBoth.index + aboutThenBoth[0].length, clause, override: isCorrection(clause) }); return [of(`min${kind}` as Field, numberOf(aboutThenBoth[2]!)), of(`max${kind}` as Field, numberOf(aboutThenBoth[3]!))]; }
    const bothInBrackets = new RegExp(`(?<![\\d,.])(?:${number})[\\s-]?(words?|pages?)\\s*\\((?:min(?:imum)?\\.?|at least)\\s+(${number})(?: words| pages)?,?\\s*(?:and )?(?:max(?:imum)?\\.?|at most)\\s+(${number})(?: words| pages)?\\)`, 'i').exec(clause.text);
    if (bothInBrackets) { const kind = /^w/i.test(bothInBrackets[1]!) ? 'Words' : 'Pages', at = { start: clause.start + bothInBrackets.index, end: clause.start + bothInBrackets.index + bothInBrackets[0].length, clause, override: isCorrection(clause) }; return [...readSizes(clause, clauses[i - 1]), { field: `min${kind}`, value: numberOf(bothInBrackets[2]!), ...at }, { field: `max${kind}`, value: numberOf(bothInBrackets[3]!), ...at }]; }
    // “An essay shorter than 1,800 words fails; one that's longer than 2,200 loses marks.”
    const least = new RegExp(`\\b(?:shorter|less|fewer) than (${number}) (words|pages) (?:fails?|is (?:not accepted|returned|failed)|loses? marks|will (?:fail|lose|not)|are (?:failed|returned))`, 'i').exec(clause.text), greatest = new RegExp(`\\b(?:one|those|anything|essays?|papers?)?(?: that(?:['’]s| is| are)?)? ?(?:longer|more) than (${number})(?: words| pages)? (?:fails?|is (?:not accepted|returned|failed)|loses? marks|lose marks|will (?:fail|lose|not)|are (?:failed|returned))`, 'i'), after = least ? firstIn(clause.text, greatest) ?? firstIn(clauses[i + 1]?.text ?? '', greatest) : null;
    if (least && after) { const kind = /^w/i.test(least[2]!) ? 'Words' : 'Pages', at = { start: clause.start + least.index, end: clause.start + least.index + least[0].length, clause, override: isCorrection(clause) }; return [{ field: `min${kind}`, value: numberOf(least[1]!), ...at }, { field: `max${kind}`, value: numberOf(after[1]!), ...at }]; }
    // “A length of 4,000 words (a deviation of 10% is acceptable)”.
    const deviation = new RegExp(`(${number})\\s?(words|pages)\\s*\\((?:an? )?(?:deviation|variation|difference|tolerance|margin) of (?:up to )?(\\d{1,2}) ?(?:%|per ?cent) (?:is|will be|are)? ?(?:acceptable|accepted|allowed|permitted|tolerated|fine|ok(?:ay)?)\\)`, 'i').exec(clause.text);
    if (deviation) { const value = numberOf(deviation[1]!), give = Number(deviation[3]) / 100, kind = /^w/i.test(deviation[2]!) ? 'Words' : 'Pages', at = { start: clause.start + deviation.index, end: clause.start + deviation.index + deviation[0].length, clause, override: isCorrection(clause) }; return [{ field: `min${kind}`, value: Math.ceil(value * (1 - give) - 1e-9), ...at }, { field: `max${kind}`, value: Math.floor(value * (1 + give) + 1e-9), ...at }]; }
    // “2000 words (so anything from 1800 to 2200 is fine)”.
    const anything = new RegExp(`(?:${number})\\s?(words|pages)\\b[^.;]{0,12}\\b(?:anything|everything) (?:from|between) (${number}) (?:to|and) (${number})(?: words| pages)? (?:is|will be) (?:fine|ok(?:ay)?|accepted|acceptable|good)`, 'i').exec(clause.text);
    if (anything) { const kind = /^w/i.test(anything[1]!) ? 'Words' : 'Pages', at = { start: clause.start + anything.index, end: clause.start + anything.index + anything[0].length, clause, override: isCorrection(clause) }; return [{ field: `min${kind}`, value: numberOf(anything[2]!), ...at }, { field: `max${kind}`, value: numberOf(anything[3]!), ...at }]; }
    // “Keep within ten per cent of 2,000 words.”
    const within = new RegExp(`\\bwithin (\\d{1,2}|five|ten|fifteen|twenty) ?(?:%|per ?cent) of (?:the )?(?:limit of |target of )?(${number})[\\s-]?(words?|pages?)`, 'i').exec(clause.text) ?? withinCount(clause.text);
    if (within) { const value = numberOf(within[2]!), give = percentOf(within[1]) / 100, kind = /^w/i.test(within[3]!) ? 'Words' : 'Pages', at = { start: clause.start + within.index, end: clause.start + within.index + within[0].length, clause, override: isCorrection(clause) }; return [{ field: `min${kind}`, value: Math.ceil(value * (1 - give) - 1e-9), ...at }, { field: `max${kind}`, value: Math.floor(value * (1 + give) + 1e-9), ...at }]; }
    // “The main text shouldn't be shorter than 35 or longer than 45 pages.” “Not under 1,000 and not over 1,250 words.”
    const neither = new RegExp(`(?:\\bnot|n['’]t) (?:be )?(?:shorter|less|fewer|under|below) (?:than )?(${number})(?: words| pages)?,? (?:or|and|nor) (?:be )?(?:not )?(?:longer|more|over|above) (?:than )?(${number}) (words|pages)`, 'i').exec(clause.text);
    if (neither) { const kind = /^w/i.test(neither[3]!) ? 'Words' : 'Pages', at = { start: clause.start + neither.index, end: clause.start + neither.index + neither[0].length, clause, override: isCorrection(clause) }; return [{ field: `min${kind}`, value: numberOf(neither[1]!), ...at }, { field: `max${kind}`, value: numberOf(neither[2]!), ...at }]; }
    // “500–750 words for the summary, 2000–2500 words for the analysis; both in one document.”
    if (says(clause.text, /\bwords? for (?:the|your) \p{L}+\b[^.]*\bwords? for (?:the|your) \p{L}+/iu) && says(`${clause.text} ${clauses[i + 1]?.text ?? ''}`, /\b(?:both|all|everything)\b[^.;]{0,20}\b(?:one|a single|the same) (?:document|file|pdf)\b/i)) return readSizes(clause, clauses[i - 1]);
    // “Four pages is the sweet spot, five the maximum.” “About 12 pages, but I won't accept anything over 15.” “We stop reading after page 10.” “No more than 3,500 for everything else.”
    const sweet = firstIn(clause.text, /\b(words|pages)\b[^.;]*,\s+(?:and )?(?:with )?(\d{1,5}|two|three|four|five|six|seven|eight|nine|ten|twelve|fifteen|twenty) (?:is |as )?the (?:absolute |very )?(?:maximum|limit|most|ceiling)\b/i), anythingOver = new RegExp(`\\b(words|pages)\\b[^.;]*\\b(?:won['’]t|will not|can['’]t|cannot|don['’]t|do not|never) (?:accept|read|take|mark|grade) (?:anything|more|one|any) (?:over|above|beyond|longer than|than) (${number})(?!\\s?(?:%|[KMG]B|[a-z]))`, 'i').exec(clause.text), untilPage = firstIn(clause.text, /\bstop (?:reading|marking) after page (\d{1,3})\b/i), rest = i > 0 ? new RegExp(`^\\W*(?:and |but )?(?:no more than|at most|up to|max(?:imum)?\\.?) (${number}) for (?:everything else|the rest|the main text|the (?:essay|paper|report) itself)\\b`, 'i').exec(clause.text) : null, restUnit = rest && /\b(word|page)s?\b/i.exec(clauses[i - 1]!.text)?.[1];
    const worded = (word: string): number => inWords(word) || numberOf(word), single = sweet ? [sweet[1]!, worded(sweet[2]!), sweet] as const : anythingOver ? [anythingOver[1]!, numberOf(anythingOver[2]!), anythingOver] as const : untilPage ? ['pages', Number(untilPage[1]), untilPage] as const : rest && restUnit ? [restUnit, numberOf(rest[1]!), rest] as const : null;
    if (single) return [{ field: /^w/i.test(single[0]) ? 'maxWords' : 'maxPages', value: single[1], start: clause.start + single[2].index, end: clause.start + single[2].index + single[2][0].length, clause, override: isCorrection(clause) }];
    // “4 pages overall”.
    const overall = new RegExp(`\\b(?:no more than|at most|up to|max(?:imum)?\\.?)\\b[^.;]*\\b(?:and|but) (${number}) (words|pages) (?:overall|altogether|in total|in all)\\b`, 'i').exec(clause.text);
    if (overall) return [{ field: /^w/i.test(overall[2]!) ? 'maxWords' : 'maxPages', value: numberOf(overall[1]!), start: clause.start + overall.index, end: clause.start + overall.index + overall[0].length, clause, override: isCorrection(clause) }];
    // “The limit is 3k words, hard.”
    const thousands = firstIn(clause.text, /\b(?:limit|max(?:imum)?|up to|at most|no more than|length)\b[^.;\d]{0,20}(\d{1,2}(?:[.,]\d)?)k\s?(?:words?\b|w\b)|\b(\d{1,2}(?:[.,]\d)?)k\s?words?\b[^.;]{0,12}\b(?:max(?:imum)?|limit|hard)\b/i);
    if (thousands) return [{ field: 'maxWords', value: Math.round(1000 * Number((thousands[1] ?? thousands[2])!.replace(',', '.'))), start: clause.start + thousands.index, end: clause.start + thousands.index + thousands[0].length, clause, override: isCorrection(clause) }];
    // “Two pages, no more”; “three sides, tops”.
    const notMore = new RegExp(`(?<![\\d,.–-])(?<!\\b(?:to|and|about|around|between|of|every|per|least|minimum|first|last|over|than|under) )(${number}|${small})\\s?(words?|pages?|sides?),? (?:and )?(?:no more|not more|(?:at )?the (?:outside|very most)|at the (?:outside|very most)|tops|not a (?:word|line|page) (?:more|longer)|(?:an )?absolute max(?:imum)?|and that is it|and that['’]s it)(?=\\s*(?:[.,;:!)]|$|(?:and|as|in) ))`, 'i').exec(clause.text) ?? new RegExp(`^\\W*(?:[\\p{L} ]{2,24}: )?(${number}|${small})\\s?(words?|pages?|sides?), (?:max(?:imum)?\\.?|at (?:the )?most|at the outside)(?=\\s*(?:[.,;:!)]|$|(?:and|as|in) ))`, 'iu').exec(clause.text);
    if (notMore) return [{ field: /^w/i.test(notMore[2]!) ? 'maxWords' : 'maxPages', value: inWords(notMore[1]!) || numberOf(notMore[1]!), start: clause.start + notMore.index, end: clause.start + notMore.index + notMore[0].length, clause, override: isCorrection(clause) }];
    const range = rangeAnswer(clause);
    if (range.length > 0) return range;
    const bareLimit = shortAnswer(clause);
    // “800 words (max 880)”.
    const most = new RegExp(`(?<![\\d,.])(?:${number})\\s+(words?|pages?)\\s*\\((?:(?:hard|absolute|strict|upper) )?(?:max(?:imum)?\\.?|at most|up to|no more than)\\s+(${number})(?:\\s+(?:words?|pages?))?\\)`, 'i').exec(clause.text);
    if (most) return [{ field: /^w/i.test(most[1]!) ? 'maxWords' : 'maxPages', value: numberOf(most[2]!), start: clause.start + most.index, end: clause.start + most.index + most[0].length, clause, override: isCorrection(clause) }];
    // “Approximately 2,000 words and no longer than 2,200”.
    const capped = new RegExp(`\\b(?:about|around|approximately|roughly|ca?\\.)\\s+(?:${number})\\s+(words?|pages?)\\b[^.;]{0,12}\\b(?:and|but)\\s+(?:no|not) longer than\\s+(${number})(?!\\s?(?:%|[a-z]))`, 'i').exec(clause.text);
    if (capped) return [{ field: /^w/i.test(capped[1]!) ? 'maxWords' : 'maxPages', value: numberOf(capped[2]!), start: clause.start + capped.index, end: clause.start + capped.index + capped[0].length, clause, override: isCorrection(clause) }];
    if (bareLimit.length > 0) {
      // “1,800. You can go over by 180 without penalty.”
      const words = firstIn(clauses[i + 1]?.text ?? '', /\bgo(?:ing)? over (?:it |this |that )?by (?:up to |at most )?(\d{2,4})(?: words)?(?! ?%)\b[^.;]{0,14}\b(?:without (?:a )?penalty|fine|ok(?:ay)?|allowed|permitted|accepted)\b/i);
      if (words && bareLimit.length === 1 && bareLimit[0]!.field === 'maxWords') return [{ ...bareLimit[0]!, value: bareLimit[0]!.value + Number(words[1]), end: clauses[i + 1]!.start + words.index + words[0].length }];
      // “2,500. Being up to 10% over is fine.”
      const leeway = firstIn(clauses[i + 1]?.text ?? '', /\b(\d{1,2})\s?% over\b[^.;]{0,20}\b(?:fine|ok(?:ay)?|allowed|permitted|accepted|tolerated)\b|\bgoing over (?:it |this |that )?by (?:up to |at most )?(\d{1,2})\s?%[^.;]{0,14}\b(?:fine|ok(?:ay)?|allowed|permitted|accepted|tolerated)\b/i), give = leeway?.[1] ?? leeway?.[2];
      return give && bareLimit.length === 1 && bareLimit[0]!.field === 'maxWords' ? [{ ...bareLimit[0]!, value: Math.floor(bareLimit[0]!.value * (1 + Number(give) / 100) + 1e-9) }] : bareLimit;
    }
    // “Word limit: 2000. Students may exceed this by up to 200 words.”
    const base = new RegExp(`^\\W*word ?(?:limit|count|length)\\s*[:=]\\s*(${number})(?: words)?\\W*$`, 'i').exec(clause.text), extra = base ? new RegExp(`\\b(?:may|can) exceed (?:this|it|the limit) by (?:up to |at most )?(${number})(?: words)?(?![\\d.,]*\\d|\\s?(?:%|per))`, 'i').exec(clauses[i + 1]?.text ?? '') : null;
    if (base && extra) return [{ field: 'maxWords', value: numberOf(base[1]!) + numberOf(extra[1]!), start: clause.start, end: clause.end, clause, override: isCorrection(clause) }];
    // “Word count: 2,000 (max. 2,200)”.
    const topped = new RegExp(`^\\W*(?:word|page) ?(?:count|length|limit)\\s*[:=|]?\\s*(?:${number})(?: words| pages)?\\s*\\((?:absolute |hard )?(?:max(?:imum)?\\.?|at most|up to|no more than|limit:?)\\s*(${number})(?: words| pages)?\\)`, 'i').exec(clause.text);
    if (topped) return [{ field: /^\W*w/i.test(topped[0]) ? 'maxWords' : 'maxPages', value: numberOf(topped[1]!), start: clause.start + topped.index, end: clause.start + topped.index + topped[0].length, clause, override: isCorrection(clause) }];
    // “Aim for 2,000 words. Under no circumstances go past 2,400.”
    const past = new RegExp(`^\\W*(?:but )?(?:(?:under no circumstances|never|do not|don['’]t)(?: ever)? (?:go|write|run) (?:past|over|beyond|above)|(?:in|on) no (?:case|account|event) more than|it must not exceed)\\s+(${number})(?![\\d.,]*\\d|\\s?(?:%|[a-z]))`, 'i').exec(clause.text);
    if (past && /\bwords?\b/i.test(clauses[i - 1]?.text ?? '')) return [{ field: 'maxWords', value: numberOf(past[1]!), start: clause.start + past.index, end: clause.start + past.index + past[0].length, clause, override: isCorrection(clause) }];
    // “Instead of 2,000 words you may now write up to 2,500.”
    const instead = new RegExp(`\\binstead of (?:${number}) (words|pages),? [^.;\\d]{0,40}\\b(?:up to|at most|no more than|limit is(?: now)?|now)\\s+(${number})(?![\\d.,]*\\d|\\s?(?:%|[KMG]B))`, 'i').exec(clause.text);
    if (instead) return [{ field: /^w/i.test(instead[1]!) ? 'maxWords' : 'maxPages', value: numberOf(instead[2]!), start: clause.start + instead.index, end: clause.start + instead.index + instead[0].length, clause, override: true }];
    if (!says(clause.text, hasNumber) || !says(clause.text, hasUnit)) return [];
    const counts = [...readCounts(clause, 'words'), ...readCounts(clause, 'pages')], answer = counts.length === 0 ? spokenAnswer(clause) : null;
    // “2,000 words; please don't exceed this by more than 200.”
    const more = new RegExp(`(?:\\bnot|n['’]t) exceed (?:this|it|that|the (?:word )?(?:limit|length|number)) by more than (${number})(?! ?(?:%|per))`, 'i').exec(`${clause.text} ${clauses[i + 1]?.text ?? ''}`);
    if (more) for (const c of counts) if (c.field === 'maxWords' || c.field === 'maxPages') { c.value += numberOf(more[1]!); delete c.reach; }
    return [...readSizes(clause, clauses[i - 1]), ...counts, ...(answer ? [answer] : [])];
  });
  // “How long is the abstract? Between 250 and 300 words.”
  for (const s of found) if (s.clause.under && says(s.clause.under, /^\W*(?:Q\s*[:.]\s*)?how (?:long|many|big|large)\b/i) && !s.clause.text.startsWith(s.clause.under)) s.clause = { ...s.clause, text: `${s.clause.under} ${s.clause.text}`, start: s.clause.start - s.clause.under.length - 1 };
  return withTolerance(withoutPieces(found, clauses), clauses).filter((s, _, all) => !s.reach || !all.some((o) => o !== s && o.field === s.field && !o.reach));
}

/** “The word count should be within ten per cent of 2,000.” “The length must not differ from 2,000 words by more than 10 %.”: as the whole, how far, how much, of what. */
function withinCount(text: string): RegExpExecArray | null {
  const counted = new RegExp(`\\b(?:word|page) (?:count|length|limit)\\b[^.;]{0,30}\\bwithin (\\d{1,2}|five|ten|fifteen|twenty) ?(?:%|per ?cent) of (${number})(?!\\s?\\p{L})`, 'iu').exec(text);
  if (counted) return Object.assign(counted, [counted[0], counted[1], counted[2], /\bpage/i.test(counted[0]) ? 'pages' : 'words']);
  const differs = new RegExp(`\\b(?:not|n['’]t) (?:differ|deviate|depart|vary)(?: from)?(?: by more than (\\d{1,2}|five|ten) ?(?:%|per ?cent))?(?: from)? ?(?:the )?(${number})?\\s?(words|pages)?(?: by more than (\\d{1,2}|five|ten) ?(?:%|per ?cent))?`, 'i').exec(text), far = differs?.[1] ?? differs?.[4];
  return differs?.[2] !== undefined && differs[3] !== undefined && far !== undefined ? Object.assign(differs, [differs[0], far, differs[2], differs[3]]) : null;
}
/** “Five megabytes” in figures, with the length kept: what stands for the number is but the last letters of the word. */
const inFigures = (clause: Clause): Clause => ({ ...clause, text: rewritten(clause.text, [/\b(one|two|three|four|five|six|seven|eight|nine|ten|twelve|fifteen|twenty|fifty)(?= (?:mega|kilo|giga)bytes?\b)/gi, (word) => String(numberWords[word.toLowerCase()] ?? largeNumbers[word.toLowerCase()]).padStart(word.length)]) });
function readSizes(spelt: Clause, previous: Clause | undefined): LimitStatement[] {
  const clause = inFigures(spelt);
  const found: LimitStatement[] = [];
  for (const m of matchesIn(clause, new RegExp(`(${number})\\s?(kilobytes?|megabytes?|gigabytes?|mebibytes?|kibibytes?|megapixels?|megs?|[KMG]bytes?|[kmg]i?b|[KMG]o|MP|bytes?)\\b`, 'gi'))) {
    const value = numberOf(m[1]!) * (units[m[2]!.toLowerCase().replace(/s$/, '')] ?? 1);
    const before = clause.text.slice(0, m.at - clause.start), after = clause.text.slice(m.to - clause.start);
    const limiting = says(before, /\b(?:max(?:imum)?\.?|up to|no (?:larger|bigger|heavier|more|greater) than|not (?:exceed|be (?:larger|bigger|heavier|more|over|greater)(?: than)?|(?:larger|bigger|heavier|more|greater|over) than|over)|at most|(?:not|cannot|can['’]t|n['’]t) [a-z ]{0,16}more than|limit(?:ed|s)?|under|less than|smaller than|below|within|(?:can|may|must|should) be as (?:large|big|heavy) as|fit (?:in|into)|(?:kept|held|confined) to|exceed(?:s|ing|ed)?|larger than|bigger than|over|cap(?:ped)?|≤|<=?)(?:\b|(?<=\.))[^.;]*$|[≤<]=?\s*$/i) || says(before, /\b(?:refuses?|rejects?|blocks?|won['’]t (?:take|accept)|does(?: not|n['’]t) (?:take|accept)|cannot (?:take|handle)|chokes on) (?:any )?(?:files|uploads|documents|pdfs?|anything) (?:above|over|beyond|larger than|bigger than|of more than|exceeding)\s*$/i) || /\bmore than\s*$/i.test(before) && says(after, /^[^.;]{0,30}\b(?:rejected|refused|returned|not (?:be )?(?:accepted|opened|taken)|blocked|fails?)\b/i) || says(after, /^[^.;,]{0,30}\b(?:max(?:imum)?|limit|or (?:less|smaller|under)|at most|tops|is the (?:limit|most)|total)\b/i) || says(before, /\b(?:file )?size\b[^.;]{0,25}$|\b(?:total|combined) (?:upload|size|files?)\s*[:=]\s*$/i) || /\|\s*$/.test(before) && /^\s*(?:\||$)/.test(after) || /(?:,|\s[–·•|/-])\s*$/.test(before) && /^\s*[.;]?\s*$/.test(after) && says(before, /\b(?:pdf|docx?|word|odt|zip|mp[34]|jpe?g|png|pptx|xlsx)\b/i);
    // “PDF limits: 10 pages; 10 MB”.
    const listedLimit = /^\W*$/.test(before) && /^\W*$/.test(after) && /\blimits?\s*[:|][^.]*;$/i.test(previous?.text ?? '') && previous!.end >= clause.start - 1;
    // “2. code.zip – all source files, 5 MB”: a file in a list, with what it may take.
    const ofNamedFile = /^\W*$/.test(after) && says(before, /^\W*(?:\d{1,2}[.)]\s*|\([a-z\d]\)\s*)?[\w<>#-]{2,40}\.(?:pdf|docx?|odt|rtf|zip|xlsx|csv|pptx|txt|mp[34])\b[^.;]*$/i);
    // “10 MB per file, 30 MB in total”: what one file may have is the limit of a file.
    if (says(after, /^\s*(?:in total|altogether|together|overall|for (?:all|everything))\b/i) && says(before, /\d\s?[KMG]i?B\s+(?:per|a|each|for each) (?:file|document)\b|\beach\b/i)) continue;
    // “No data sets larger than 1 MB”: what the file may hold. “Your account holds up to 500 MB”: what a place may.
    if (says(before, /\b(?:account|drive|disk|stick|storage|cloud|locker|quota)s?\b (?:holds?|has|stores?|offers?|gives? you|comes with|is|can hold|takes) [^.;]{0,12}$/i) && !/\b(?:upload|submi|hand)/i.test(before) || says(before, /\bno (?!(?:[a-z]+ )?(?:files?|documents?|uploads?|submissions?|pdfs?|attachments?)\b)(?:[a-z-]+ ){1,3}(?:larger|bigger|heavier|greater|over|above|exceeding)(?: than)? $/i)) continue;
    // “The maximum is 20 MB, but please stay under 10 MB if you can.”
    if (says(after, /^[^.;]{0,10}\b(?:if you can|if possible|if at all possible|ideally|preferably)\b/i) || says(before, /\b(?:ideally|preferably)\b[^.;,]{0,20}$/i)) continue;
    // “Attachments: up to 5 files, each max. 500 MB” limits what goes beside the paper.
    if (says(clause.text, /^\W*(?:attachments?|supplement\w*|appendices|enclosures?)\b[^.;:]{0,20}:/i) && !/\b(?:pdf|docx?|zip|odt)\b/i.test(clause.text)) continue;
    if (!limiting && !listedLimit && !ofNamedFile || value <= 0 || says(before, /\b(?:at least|minimum|min\.)\s[^.;,]{0,12}$/i) || says(before.slice(-40).replace(/^.*(?:[,;]|\bbut\b)/i, ''), /\b(?:resolution|camera|dpi)\b(?!.*\b(?:file|pdf|document)\b)/i)) continue;
    // “Reduced from 100 MB to 40 MB”.
    if (/\bfrom\s+$/i.test(before) && says(after, /^\s*(?:to|→|->)\s*(?:only |just )?\d+\s?[KMG]i?B\b/i)) continue;
    if (replaced(before) || found.length > 0 && /,\s*(?:and )?not\s+$/i.test(before)) continue;
    found.push({ field: 'maxBytes', value: Math.round(value), start: m.at, end: m.to, clause, override: isCorrection(clause), remark: /pixel|^mp$/i.test(m[2]!) ? 'megapixels' : undefined });
  }
  return found;
}

function readCounts(clause: Clause, what: 'words' | 'pages'): LimitStatement[] {
  // “Upload limit of the page: 2 MB”.
  clause = { ...clause, text: rewritten(clause.text, [/\b(pages?|words?)(\s*[:=]\s*\d[\d.,]*)(?=\s?[KMG]i?B\b)/gi, (_, unit: string, rest: string) => unit + ' '.repeat(rest.length)], [/^(\W*(?:word|page) ?(?:count|limit)) (?=\d)/i, '$1:']) };
  const unit = what === 'words' ? '(?:words?|wds|w(?=[,.;)]|$| max\\b| limit\\b))' : '(?:(?:A4|typed|printed|double-spaced|single-spaced|numbered|standard|normal|full)\\s+)*(?:pages?|pgs?\\b|sides?(?: of A4)?|pp\\b|p[áa]ginas?)';
  const [min, max]: [Field, Field] = what === 'words' ? ['minWords', 'maxWords'] : ['minPages', 'maxPages'];
  const found: LimitStatement[] = [];
  const override = isCorrection(clause);
  const push = (field: Field, value: number, m: { at: number; to: number }): void => { const part = ofPart(m); if (value > 0) found.push({ field, value: Math.round(value), start: m.at, end: m.to, clause, override, ...(part ? { part } : {}) }); };
  // How much a page holds is no limit of a page: “5–7 pages, 2,400 characters per page”.
  const text = rewritten(clause.text, [/\b[\d,.]+ (?:characters|keystrokes|signs|lines)(?:,? \(?(?:incl(?:uding|\.)?|with|counting) (?:spaces|blanks)\)?)? (?:per|a|to the) page\b/gi, (s) => ' '.repeat(s.length)]);
  // “At most 800 words per answer (2,400 words in total)”.
  if (says(text, /\bper (?:question|answer|entry|section)\b/i)) for (const m of matchesIn(clause, new RegExp(`(${number})\\s?${unit} in total\\b|\\bin total,? (?:at most |up to |no more than )?(${number})\\s?${unit}`, 'gi'))) found.push({ field: max, value: numberOf((m[1] ?? m[2])!), start: m.at, end: m.to, clause, override });
  if (found.length > 0) return found;
  // “No page limit, but most people need 8 to 12 pages.”
  if (new RegExp(`\\bno (?:fixed |strict )?${what === 'pages' ? 'page' : 'word'} limit\\b`, 'i').test(text)) return found;
  if (says(text, /^\W*(?:each|every) (?:answer|question|response|entry|source|annotation|reference|quotation|caption|section|memorial|post)\b/i) && !/\bin total\b/i.test(text)) return found;
  if (says(text, /\b(?:two|three|four|five|six|\d) (?:short )?(?:translations|texts|answers|essays|posts|entries|reviews|pieces|stories|summaries|reports|memos),? (?:each|every one)(?: one)? (?:of|with|having|between|at most|up to|from)\b/i) && !/\bin total\b/i.test(text)) return found;
  // “About 5,000 words for a dissertation; for an artefact, at least 1,000 words”: what holds for one kind of work alone.
  if (says(text, /^\W*for an? [\w-]+(?: [\w-]+)?,? (?:at least|at most|up to|no more than|a minimum of|a maximum of) \d/i)) return found;
  // “Exceeding the limit: 1–100 words over: −2 marks; more than 200: −10”: what it costs.
  if (says(text, /^\W*(?:exceeding|penalt(?:y|ies) for exceeding|going over|over) the (?:word |page )?(?:limit|count|length)\s*:/i)) return found;
  // “Four blog posts (each 500 words ±10 %)”.
  if (says(text, /\(each (?:of |with )?(?:about |around |max\.? )?\d[\d.,]*\s?(?:words|pages)/i) && says(text, /\b(?:two|three|four|five|six|\d) [\p{L} -]{3,30}s \(each/iu)) return found;
  if (says(text, /\b(?:for|in) (?:each|every) (?:answer|question|response|entry|section)\b/i) && !/\bin total\b/i.test(text)) return found;
  // “5 cases, 300 words max each”.
  if (says(text, /\b(?:two|three|four|five|six|ten|\d{1,2}) (?:short )?(?:cases|entries|answers|posts|captions|examples|sections|vignettes|annotations|notes|paragraphs),? [^.;]{0,20}?\d[\d,.]*\s?words (?:max(?:imum)?\.? |at most )?each\b/i) && text.match(/\bwords\b/gi)!.length === 1) return found;
  if (says(text, /\bper (?:question|answer|day|entry|section|week|page|paragraph|slide|post)\b(?<!\b(?:references|sources|citations|quotations|figures|tables|lines|marks|points) per \w+)|\b(?:each|every) week\b|\bweekly\b/i) || (what === 'pages' && says(text, /\b(?:see|read|on|handbook|reading|chapter)\s+pages?\b/i) && !says(text, /\b(?:max|most|limit|exceed|more than|up to)/i))) return found;
  const eitherWay = new RegExp(`(?:\\+\\s?/?\\s?[-–−]|[-–−]\\s?/\\s?\\+|±|plus or minus|give or take|plus\\s?/\\s?minus|\\+ or -)[\\s\\u00a0]{0,20}(\\d{1,2}|five|ten|fifteen|twenty)\\s?(?:%|per\\s?cent)|(\\d{1,2}|five|ten|fifteen|twenty)\\s?(?:%|per\\s?cent)\\s+(?:(?:margin|tolerance|leeway|variation)\\s+)?(?:on )?(?:either (?:side|way)|in (?:either|both) directions?|above (?:or|and) below|over (?:or|and) under|more or less|(?:longer or shorter|shorter or longer))|\\(\\s*(\\d{1,2})\\s?(?:%|per\\s?cent) tolerance\\s*\\)`, 'i').exec(text);
  const tolerance = eitherWay ?? toleranceByName(text);
  const over = firstIn(text, /\b(\d{1,2}|five|ten|fifteen|twenty)\s?(?:%|per\s?cent)\s+(?:over|above|more|leeway over)\b|\bgo over by up to (\d{1,2}|five|ten)\s?(?:%|per\s?cent)|\b(?:over|above|exceed)\w*\s+(?:(?:this|it|that|the (?:[\d,.]+[- ]?words? |word |page )?(?:limit|count|length|maximum))\s+)?(?:by\s+)?(?:up to\s+|at most\s+|no more than\s+)?(\d{1,2}|five|ten|fifteen|twenty)\s?(?:%|per\s?cent)|\+\s?(\d{1,2})\s?%|(?<=,\s*)plus (?:up to )?(\d{1,2})\s?(?:%|per\s?cent)(?! of\b)|\boverruns?\s+(?:of\s+)?(?:up to\s+|at most\s+)?(\d{1,2})\s?(?:%|per\s?cent)|\b(\d{1,2})\s?(?:%|per\s?cent) (?:(?:overrun|leeway)(?! (?:either|both|in|up and))|allowance (?:above|over|on top of)\b)|\b(\d{1,2})\s?(?:%|per\s?cent) (?:tolerance|margin|leeway|allowance) (?:applies |is (?:allowed|permitted|given|granted) )?(?:above|over|upwards)\b|(?<!\bno )\b(?:tolerance|leeway)(?: of|\s*:)?\s+(?:up to\s+)?(\d{1,2})\s?(?:%|per\s?cent)/i);
  // “Work exceeding the limit by more than 10% will be penalised”: up to then it is not.
  const beyond = firstIn(text, /\b(?:exceed\w*|over|longer)\b[^.;%]{0,30}\bby more than (\d{1,2}|five|ten|fifteen|twenty)\s?(?:%|per\s?cent)[^.;]{0,50}\b(?:penali|deduct|not (?:be )?(?:read|marked|accepted)|lose|returned|costs?\b)/i);
  // “A penalty applies where the limit is exceeded by more than 10 %.”
  const penalised = firstIn(text, /\bmore than (\d{1,2}|ten|five) ?(?:%|per ?cent) over the (?:word |page )?(?:limit|count|length)\b[^.;]{0,50}\b(?:penali|lose|returned|not (?:be )?(?:read|marked|accepted))/i) ?? firstIn(text, /\b(?:penalt(?:y|ies)|marks? (?:is|are|will be) (?:lost|deducted))\b[^.;]{0,50}\bexceed\w*\s+by more than (\d{1,2}|five|ten|fifteen|twenty)\s?(?:%|per\s?cent)/i);
  const overAllowed = over && !tolerance && says(text, /\b(?:allow|permit|accept|may|can|tolera|without penalty|not (?:be )?(?:penali[sz]ed|marked down)|plus \d|plus up to|no penalty|penalty-free|leeway|allowance above|tolerance|fine\b|ok(?:ay)?\b)\w*|\+\s?\d/i) && !says(text, /\bnot (?:allowed|permitted|accepted)\b|\b(?:does|do) not (?:apply|exist|hold)\b|\b(?:doesn|don)['’]t (?:apply|exist|hold)\b|\bno\s+(?:additional\s+)?(?:\+\s?)?\d{1,2}\s?%\s*(?:rule|leeway|tolerance|margin|allowance|overrun)?/i);
  const leeway = (overAllowed ? percentOf(over.slice(1).find((part) => part !== undefined)) : (beyond ?? penalised) && !tolerance ? percentOf((beyond ?? penalised)![1]) : 0) / 100;
  // “An abstract of at most 200 words” limits a part of the paper.
  const ofPart = (m: { at: number; to: number }): string | null => /* “artist statement (max 400 words) as page 2 of the PDF” */ (says(text.slice(m.to - clause.start), /^(?: ?words| ?pages?)?\)?,? (?:(?:goes|stands|comes|is|placed) )?(?:as|on|at) (?:the )?(?:(?:first|second|last|next|front|cover|title) page|page (?:\d{1,2}|one|two)|(?:very )?(?:beginning|start|end|front|back))\b/i) ? firstIn(text.slice(0, m.at - clause.start), /((?:[a-z]+ )?[a-z]+)\s*(?:\(|of |with |,\s*)(?:max(?:imum)?\.?|up to|at most|no more than|not more than)?\s*(?:of )?$/i)?.[1]?.toLowerCase() : undefined) ?? firstIn(text.slice(0, m.at - clause.start), /\b(?:add|include|append|attach|plus|with|and)\s+an? (?:short |brief |critical |written )?(reflection|commentary|rationale|afterword|preface|glossary|self-reflection|note|cover(?:ing)? (?:statement|note|letter))\s+(?:of|with|\()\s*(?:(?:not|no) more than|at most|up to|max(?:imum)?\.?|about|around)?(?: of)?\s*$/i)?.[1]?.toLowerCase() ?? /^[\s-]*(appendix)\b/i.exec(text.slice(m.to - clause.start))?.[1]?.toLowerCase() ?? firstIn(text.slice(0, m.at - clause.start), /\b(summary|abstract|appendix|appendices)\b[^.;()]{0,24}\((?:max(?:imum)?\.?|up to|at most|no more than)\s*$/i)?.[1]?.toLowerCase() ?? firstIn(text.slice(m.to - clause.start), /^\s*(?:words? |pages? )?for (?:the|your|an?) (abstract|(?:executive )?summary|cover letter|introduction|conclusion|biography|title page|reflective statement)\b/i)?.[1]?.toLowerCase() ?? firstIn(text.slice(0, m.at - clause.start), /\b(?:an?|the|your) (?:short |brief )?(abstract|(?:executive )?summary|self-assessment|cover letter|biography|blurb) (?:\(|of |with )?(?:at most|no more than|up to|max(?:imum)?\.?|not more than)(?: of)?\s*$/i)?.[1]?.toLowerCase() ?? (says(text, /\bfrom (?:the )?introduction to (?:the )?conclusion\b|\b(?:pdf|docx?|odt|rtf|files?)\b/i) ? null : (firstIn(text.slice(0, m.at - clause.start), /\b(abstract(?=s?\b)|(?:executive )?summary(?! (?:report|essay|paper))|cover (?:letter|page|sheet)|introduction(?! to\b)|conclusion|(?<!\b(?:in|see|of|from) )appendi(?:x|ces)|title page|(?:short |brief |author['’]?s? |one-paragraph )biography|captions?|paragraphs?|(?:reflective|artist['’]?s?|personal) statement|cover note|blurb|self-assessment|self-evaluation)s?\b(?:[^.;]|\b(?:max|min|approx)\.){0,24}$/i) ?? firstIn(text.slice(m.to - clause.start), /^[\s-]*(?:word |page )?(abstract|(?:executive )?summary|cover letter|biography|reflective statement)\b/i) ?? firstIn(text, /^\W*(?:an? |the )?(abstract|(?:executive )?summary|cover letter|biography|reflective statement)\b(?=[^;]*\band\b)/i))?.[1]?.toLowerCase() ?? null);
  // “The portfolio comprises (a) an account of 2,500 words, (b) a record and (c) a plan of one page”: each limits its part.
  if (says(text, /\b(?:comprises?|consists? of|is made up of|is composed of)\b/i) && (text.match(/\((?:[a-e]|i{1,3}|iv|[1-5])\)/g)?.length ?? 0) >= 2 && !says(text, /\b(?:pdf|docx?|zip|mp[34]|pptx?|xlsx?|odt|files?|documents?)\b/i)) return found;
  // “Each answer at most 800 words” limits the answers.
  const ofEach = (m: { at: number }): boolean => !says(text, /\beach part\b[^.;]*\b(?:pdf|docx?|file|document)\b/i) && says(text.slice(0, m.at - clause.start), /\b(?:each|every) (?:answer|question|response|entry|section|chapter|paragraph|part|post|slide|item|task|student(?! (?:then )?(?:writes|submits|hands|uploads|produces|prepares))|member)\b[^.;]{0,40}$|\b(?:sources|entries|references|articles|quotations|images|figures|questions|items|terms), each (?:with|having|followed by|has|needs) (?:an? )?$/i);
  const n = `(${number})`;
  // “2,500 words (the acceptable range is 2,250–2,750)”.
  for (const m of matchesIn(clause, new RegExp(`${unit}\\s*\\(?,?\\s*(?:with )?(?:the |an? )?(?:acceptable|permitted|allowed|accepted) range(?: is| being| of|:)?\\s*(?:from |between )?${n}\\s?(?:-|–|to|and)\\s?${n}`, 'gi'))) { push(min, numberOf(m[1]!), m); push(max, numberOf(m[2]!), m); return found; }
  // “The word count (max. 3,000) includes footnotes.”
  for (const m of matchesIn(clause, new RegExp(`\\b(?:${what === 'words' ? 'word (?:count|limit)|words|length in words' : 'page (?:count|limit)|number of pages'})\\s*\\((?:max(?:imum)?\\.?|up to|at most|no more than|limit:?)\\s*${n}\\)`, 'gi'))) { push(max, numberOf(m[1]!), m); return found; }
  // “Word count: min. 1500, max. 2000”.
  for (const m of matchesIn(clause, new RegExp(`\\b(?:${what === 'words' ? 'word (?:count|limit|length)|words' : 'page (?:count|limit)|pages'})\\s*[:(=]\\s*min(?:imum|\\.)?\\s*${n}\\s*[,;/–-]\\s*max(?:imum|\\.)?\\s*${n}`, 'gi'))) { push(min, numberOf(m[1]!), m); push(max, numberOf(m[2]!), m); return found; }
  // “At least 1,500 but not exceed 2,000 words.”
  for (const m of matchesIn(clause, new RegExp(`\\b(?:at least|(?:a )?min(?:imum)?\\.?(?: of)?)\\s+${n}\\s?(?:${unit}\\s*)?,?\\s*(?:and|but)\\s+(?:(?:must|should|may) )?not (?:to )?exceed\\s+${n}\\s?${unit}`, 'gi'))) { push(min, numberOf(m[1]!), m); push(max, numberOf(m[2]!), m); return found; }
  // “1,250 words, tolerance 100 words.”
  for (const m of matchesIn(clause, new RegExp(`${n}\\s?${unit}\\b(?:\\s*\\([^)]*\\))?,?\\s*(?:with )?(?:a )?tolerance(?: of|:)?\\s*(?:±\\s*)?${n}(?!\\s?(?:%|per))(?:\\s?${unit}| (?:either (?:way|side)|in either direction|up or down|more or less)\\b)`, 'gi'))) { push(min, numberOf(m[1]!) - numberOf(m[2]!), m); push(max, numberOf(m[1]!) + numberOf(m[2]!), m); return found; }
  // What is suggested is no limit.
  if (says(text, /^\W*(?:suggested|recommended|indicative|approximate|target|guide(?:line)?) (?:length|word (?:count|length)|number of (?:words|pages)|page count)\b/i) && !says(text, /\b(?:max|limit|at most|no more|exceed)/i)) return found;
  // “Word count: 800–1,000.”
  for (const m of matchesIn(clause, new RegExp(`^\\W*${what === 'words' ? '(?:word (?:count|limit|length|range)|words|length in words|no\\.? of words|number of words)' : '(?:page (?:count|limit|range)|pages|no\\.? of pages|number of pages)'}\\s*(?::|=|\\||is)\\s*(?:between |from )?${n}\\s?(?:-|–|to|and)\\s?${n}(?![\\d.,]*\\s?(?:%|[kmg]b))`, 'gi'))) { const [a, b] = [numberOf(m[1]!), numberOf(m[2]!)]; if (a < b) { push(min, a, m); push(max, b, m); return found; } }
  const ranged: { at: number; to: number }[] = [];
  for (const m of matchesIn(clause, new RegExp(`\\b(?:at least|(?:a )?min(?:imum)?\\.?(?: of)?|(?:no(?:t)?|never|cannot be|not be) (?:less|fewer|shorter) than)\\s+${n}\\s?(?:${unit}\\s*)?,?\\s*(?:and|but|or|nor)?\\s*(?:at most|(?:a )?max(?:imum)?\\.?(?: of)?|no(?:t)? (?:more|longer) than|(?:more|longer) than|up to)\\s+${n}(?![\\d.,]*\\s?(?:[kmg]i?b\\b|mega|kilo|giga|${what === 'words' ? 'pages?|sides?' : 'words?'}))(?:[\\s-]?${unit}\\b)?`, 'gi'))) { if (!new RegExp(unit, 'i').test(m[0])) continue; ranged.push(m); push(min, numberOf(m[1]!), m); push(max, numberOf(m[2]!), m); }
  for (const m of matchesIn(clause, new RegExp(`\\b(?:between\\s+)?${n}\\s?(?:${unit}\\s+)?(?:-|–|—|to|and)\\s{0,2}${n}[\\s-]?${unit}\\b`, 'gi'))) {
    // “15 to 25 pages are usual”: nothing that is asked for.
    if (says(text.slice(m.to - clause.start), /^\s*(?:is|are) (?:usual|typical|common|normal|customary|about right|a good length)\b/i)) continue;
    const [a, b] = [numberOf(m[1]!), numberOf(m[2]!)];
    // “Increased from 2,500 to 3,000 words” names the old limit and the new one.
    if (/\b(?:from|of)\s+$/i.test(text.slice(0, m.at - clause.start)) && says(text.slice(0, m.at - clause.start), /\b(?:increas|rais|reduc|lower|cut|chang|extend|mov)\w*\b[^.;]{0,20}$/i) && /\d\s*(?:words?|pages?)?\s+to\s/i.test(m[0])) { ranged.push(m); push(max, b, m); continue; }
    // “Essay 1 — 1200 words”.
    if (what === 'words' && a < 20) continue;
    // “About 12–15 pages” settles neither.
    if (says(text.slice(0, m.at - clause.start), /\b(?:about|around|approximately|approx\.?|roughly|circa|c\.|ca\.)\s*$/i)) { ranged.push(m); continue; }
    if (a >= b || ofEach(m) || says(text.slice(m.to - clause.start), each) || says(text.slice(0, m.at - clause.start), /\b(?:about|around|approximately|approx\.?|roughly|circa|c\.)\s*$/i)) continue;
    ranged.push(m);
    push(min, a, m);
    // “Between 2,000 and 2,500 words; you may exceed the limit by 10 %.”
    push(max, overAllowed ? Math.floor(b * (1 + leeway) + 1e-9) : b, m);
  }
  // “A two-page memo.”
  if (what === 'pages') for (const m of matchesIn(clause, /\b(?:an?|one|your) (two|three|four|five|six|eight|ten)-page (?:\w+ )?(?:memo|report|essay|paper|proposal|letter|reflection|review|brief|response|statement|analysis)\b/gi)) if (!ofEach(m) && !says(text.slice(0, m.at - clause.start), /\b(?:with|plus|and|include|including|attach|abstract|summary)\s+(?:\w+ )?$/i)) push(max, numberWords[m[1]!.toLowerCase()]!, m);
  for (const m of matchesIn(clause, new RegExp(`${n}\\)?[\\s-]?${unit}\\b|${unit}\\s*(?:count|limit|length|max(?:imum)?)?\\s*(?:limit|maximum)?(?: (?:for|of) (?:this|the|your) (?:(?:whole|entire|final|written|main|research|group|individual|seminar|term) )?(?:module|essay|paper|report|assignment|assessment|coursework|course|dissertation|thesis|project|portfolio|review|reflection|proposal|case study|text|piece))?\\s*(?:is(?: still| now| set at| set to| fixed at)?|stands at|stays|stays at|remains|remains at|of|:|=|–|-)?\\s*(?:(?<=[:=–-]\\s*|\\bis\\s|\\bof\\s|\\bremains\\s|\\bstays\\s|\\b(?:stays|remains|stands|set|fixed) at\\s|\\bset to\\s|\\bis (?:still|now)\\s)(?:(?:max(?:imum)?\\.?|up to|at most|no more than)\\s*)?|[≤<]=?\\s*)${n}(?![\\d,.]*\\s?(?:%|characters|keystrokes|signs|strokes))|${unit}\\s*(?:count\\s*)?(?:limit|max(?:imum)?)\\s+${n}(?!\\s?%)`, 'gi'))) {
    if (ranged.some((r) => r.at < m.to && m.at < r.to)) continue;
    const raw = m[1] ?? m[2] ?? m[3];
    if (!raw) continue;
    const value = numberOf(raw);
    // “1 standard page = 2,400 characters” says what a page is.
    if (says(text.slice(m.to - clause.start), /^\s*(?:=|is|means|equals|has|of)\s*[\d.,]+\s?(?:characters|keystrokes|signs|strokes|words)/i)) continue;
    if ((what === 'words' && value < 20) || ofEach(m) || replaced(text.slice(0, m.at - clause.start))) continue;
    const at = m.at - clause.start, before = text.slice(0, at), after = text.slice(m.to - clause.start);
    const near = before.slice(-60), own = m[0];
    const about = says(near, /\b(?:about|around|approximately|approx\.?|roughly|circa|c\.|some|in the region of|~)\s*$|~\s*$/i) || says(after, /^\s*(?:or so\b|approximately\b|approx\b|,\s*(?:roughly|approximately|more or less|or thereabouts)\b(?! \d))/i);
    // “Both should be not more than 1,500 words each” limits every file.
    if (says(after, each) && !says(before, /\b(?:both|all three|all four) (?:must|should|are|have|need|may|files|documents|essays|papers|reports|parts)\b|\b(?:as|in) (?:its|their) own (?:pdf|file|document)s?\b|\bseparate (?:pdf|file|document)s?\b/i)) continue;
    if (tolerance && !about && !says(tolerance.index > at ? text.slice(m.to - clause.start, tolerance.index).replace(new RegExp(`\\d\\s?${unit}`, 'gi'), '') : '', /(?:\)\s*[,;]|;|\(\d\)|\band (?:an?|the)\b|\w\.\w{3,4}\b)[^]*\d\s?(?:words?|pages?|[KMG]i?B)\b/i)) { const share = percentOf(tolerance[1] ?? tolerance[2] ?? tolerance[3]) / 100; if (share === 0) { push(max, value, m); continue; } const here = tolerance.index < text.length, span = here ? { at: Math.min(m.at, clause.start + tolerance.index), to: Math.max(m.to, clause.start + tolerance.index + tolerance[0].length) } : m; push(min, Math.ceil(value * (1 - share) - 1e-9), span); push(max, Math.floor(value * (1 + share) + 1e-9), span); continue; }
    if (about) continue;
    // “2 students max. 40 pages, 3 students max. 50”: by the size of a group.
    if (says(near, /\b(?:\d|two|three|four|five) (?:students|members|people|persons|authors)\s*(?::|–|-|=)?\s*(?:max\.?|up to|at most)?\s*$/i) && says(after, /\b(?:\d|two|three|four|five) (?:students|members|people|persons|authors)\b/i)) continue;
    // “A deviation of up to 140 words in either direction”, “… exceed this by up to 200 words”.
    if (says(near, /\bexceed\w* (?:this|it|that|the (?:word )?limit) by (?:up to |at most |no more than |more than )?$/i) || says(near, /\b(?:deviation|variation|difference|tolerance|leeway|margin) of (?:up to |at most )?$/i)) continue;
    // “One zip, containing report.pdf (<= 6 pages) and the src folder”: what is in it has a limit of its own.
    if (says(before, /\bcontaining\b[^;]*(?:\.\w{2,4} \(\s*(?:<=?|≤)|\(\w+\.\w{2,4}, (?:max(?:imum)?\.?|up to|at most))\s*$/i) || says(before, /\b(?:zip|archive)\b[^;]*\b(?:containing|holding|with|comprising)\b[^;]*\((?:PDF|DOCX|Word),\s*$/i)) continue;
    // “Not counting quotes, which may add up to 500 words”.
    if (says(near, /\b(?:may|can|might) add (?:up to|at most|another)\s*$/i)) continue;
    // “Essays over the limit lose one mark per 100 words”.
    if (says(near, /\bper\s+(?:every |each )?$|\bfor (?:every|each)\s+$/i) && !/\b(?:max|limit|at most|up to)\b/i.test(near.slice(-12))) continue;
    // “Okonjo, Salt Roads (2014), 312 pages”.
    if (/\((?:1[5-9]|20)\d\d\),?\s*$/.test(near) || says(near, /\b\d{1,2}(?:st|nd|rd|th) ed(?:\.|n\b|ition\b)[^;]{0,20}$/i) || says(before, /^\W*(?:(?:core|set|key|essential|further|recommended|required) )?(?:texts?|reading|textbooks?|books?)\s*:/i)) continue;
    if (/\bform\b[^.;]{0,14}$/i.test(near)) continue;
    // “A one-page proposal” comes before the paper.
    if (says(after, /^-?(?:page|word)?\s+(?:proposal|outline|topic form)\b/i) && !/\bmax|\bat most|\bup to|\blimit/i.test(near)) continue;
    // “Max 25 pages + appendices max 10 pages”.
    if (says(near, /(?:\+|\bplus)\s+(?:an? |the )?appendi(?:x|ces)\b[^.;,]{0,16}$/i)) continue;
    // “Plus up to 5 pages of appendices”.
    if (says(after, /^\s*(?:of|for)\s+(?:the |your )?(?:appendi|exhibits?\b|references|bibliograph|notes\b|figures|annex|tables)/i)) continue;
    // “exactly 6 pages”, “6 pages (no more, no less)”.
    if (/\b(?:exactly|precisely)\s*$/i.test(near) || says(after, /^\s*[(,–-]*\s*(?:no more,? (?:and )?no less|exactly|neither more nor less)\b/i)) { push(min, value, m); push(max, value, m); continue; }
    // “3,000 words long (I'll accept anything between 2,700 and 3,300)”.
    const anything = new RegExp(`^[^.;(]{0,16}\\((?:I['’]ll|I|we(?:['’]ll)?|(?:will )?) ?(?:will )?(?:accept|take|allow)s? (?:anything )?(?:between|from) (${number}) (?:and|to) (${number})`, 'i').exec(after);
    if (anything) { push(min, numberOf(anything[1]!), m); push(max, numberOf(anything[2]!), m); continue; }
    // “1,000 words (you may go 100 over or under)”.
    const leewayOf = firstIn(after, /^\s*\(?,?\s*(?:(?:you (?:may|can) (?:go|be) |with |(?:an? )?(?:deviation|variation|tolerance|leeway|margin|difference) of )?(?:up to )?(\d{1,4})(?: words| pages?)? (?:over or under|more or less|above or below|either (?:way|side)|in either direction))/i);
    if (leewayOf && Number(leewayOf[1]) < value) { push(min, value - Number(leewayOf[1]), m); push(max, value + Number(leewayOf[1]), m); continue; }
    // “1,000 words, plus or minus 50”.
    const give = firstIn(after, /^\s*\(?,?\s*(?:plus or minus|plus[ \/]minus|give or take|\+\s?\/\s?[-–−]|±)\s?((?!0\b)\d{1,4}|(?:an?|one|two|three) hundred|fifty|ten|one|two|three)(?!\s?(?:%|per\s?cent|\d))/i), said = give?.[1]!.toLowerCase(), by = said ? spokenThousands(said.replace(/^an? /, 'one ')) ?? { fifty: 50 }[said] ?? numberWords[said] ?? Number(said) : 0;
    if (give) { push(min, value - by, m); push(max, value + by, m); continue; }
    // “I stop reading after 20 pages”; “2,000 words is the ceiling”.
    if (says(near, /\bstop(?:s|ped)? (?:reading|marking)\b[^.;]{0,12}\b(?:after|at|beyond)\s*(?:the first\s+)?$/i)) { push(max, value, m); found[found.length - 1]!.reach = true; continue; }
    if (says(after, /^\s*(?:is|are) (?:the|an?|your) (?:(?:absolute|hard|strict|very|upper|firm) )?(?:ceiling|upper limit|limit|maximum|most|cap)\b/i)) { push(max, value, m); continue; }
    // “Not under 1,000 words”; “essays of less than 1,000 words will not be marked”.
    if (says(near, /(?:\b(?:not|never|nor)\b|n['’]t\b)[^.;]{0,14}\b(?:under|below|(?:less|fewer|shorter) than)\s*$/i) || says(near, /\b(?:under|below|(?:less|fewer|shorter) than)\s*(?:the\s+)?$/i) && says(after, /^[^.;]{0,24}\b(?:not (?:be )?(?:read|marked|considered|graded|assessed|accepted)|sent back|ignored|disregarded|penali[sz]ed|returned|refused|rejected|fail|loses? (?:marks|points))\b/i)) { push(min, value, m); continue; }
    // “15 to 25 pages are usual”: nothing that is asked for.
    if (says(after, /^\s*(?:is|are) (?:usual|typical|common|normal|customary|about right|a good length)\b/i)) continue;
    const denied = says(near, /(?:\b(?:not|no|never|nor|cannot)\b|n['’]t\b)[^.;]{0,14}\b(?:more than|over|beyond|above|past)\s*$/i);
    const least = !denied && says(near, /\b(?:at least|min(?:imum)?\.?(?: of| (?:length|word ?count|number of (?:words|pages))(?: of| is)?)?|no (?:fewer|less|shorter) than|not (?:be )?(?:fewer|less|shorter) than|more than|over)\s*(?:of\s*|[:=–-]\s*)?$/i);
    const most = denied || says(near, /\b(?:max(?:imum)?\.?|up to|no more than|(?:not|n['’]t) (?:exceed|(?:be|run to|take up|fill) (?:longer|more)(?: than)?|(?:run|go) (?:over|beyond))|at most|must not exceed|limit(?:ed)?(?: to| of| is)?|at the (?:very )?most|(?:has to|must|should) fit (?:on|into|in|within)|limit your (?:answer|essay|paper|text|report|response|work) to|no longer than|not longer than|never longer than|fewer than|less than|under|(?:stays?|staying|kept|keep|remains?|be|is|are|comes?) below|(?:kept|held|confined) to|within|exceed(?:ing)?|cap(?:ped)?(?: at)?|not more than)(?:\b|(?<=\.))[^.;,]{0,25}$|n['’]t (?:exceed|be (?:longer|more) than|(?:run|go) (?:over|beyond))(?:\b)[^.;,]{0,25}$|(?:[≤]|<=?)\s*$/i) || says(after, /^[^.;,]{0,14}\b(?:max(?:imum)?|limit|or (?:less|fewer)|at (?:the )?(?:very )?(?:most|longest)|tops)\b/i) || says(after, /^\s*\([^()]*\) at (?:the )?(?:very )?most\b/i) || says(own, /limit|max|[≤<]|up to|at most|no more than/i) || /^\s*(?:word|page)?\s*limit\b/i.test(after);
    // “Anything over 2,400 words will not be read.”
    if (says(near, /\b(?:over|beyond|above|after|past|in excess of|(?:longer|more) than|exceed(?:s|ing)?)\s*(?:the\s+)?$/i) && says(after.replace(/\([^()]*\)/g, ' '), /^[^.;]{0,60}\b(?:not (?:be )?(?:read|marked|considered|graded|counted|assessed|accepted)|sent back|ignored|disregarded|discarded|penali[sz]ed|unread|returned|refused|rejected|cut off|loses? (?:marks|points))\b/i)) { push(max, value, m); continue; }
    if (least && !/limit/i.test(own)) { push(min, /more than\s*$|over\s*$/i.test(near) ? value + 1 : value, m); continue; }
    if (says(after, /^\s*(?:min(?:imum)?|or more|at least)\b/i)) { push(min, value, m); continue; }
    if (most) { const below = says(near, /\b(?:fewer than|less than|under|below)\s*$/i); push(max, Math.floor((below ? value - 1 : value) * (1 + leeway) + 1e-9), m); continue; }
    // A cell of a table that is a length and nothing else.
    if ((/\|\s*$/.test(before) && /^\s*(?:\||$)/.test(after) && text.split('|').length > 3 || /(?: {2,}|\t)$/.test(before) && /^(?: {2,}|\t|\s*$)/.test(after) && (text.trim().match(/ {2,}|\t/g)?.length ?? 0) > 1) && leeway === 0) { push(max, value, m); continue; }
    if (leeway === 0 && isLength(text.slice(0, at), own, after)) { found.push({ field: max, value: Math.round(value), start: m.at, end: m.to, clause, given: true, ...(ofPart(m) ? { part: ofPart(m)! } : {}) }); continue; }
    if (leeway > 0) push(max, Math.floor(value * (1 + leeway) + 1e-9), m);
  }
  // “The essay is limited to 2,000 words, the portfolio to 20 pages.”
  for (const m of matchesIn(clause, new RegExp(`\\b(?:limited|restricted) to\\b[^.;]{3,40},? (?:and )?the [\\p{L} ]{3,30}? to\\s+${n}\\s?${unit}`, 'giu'))) if (!found.some((f) => f.end === m.to)) push(max, numberOf(m[1]!), { at: m.to - 12, to: m.to });
  // “A word count between 900 and 1100 is expected.”
  for (const m of matchesIn(clause, new RegExp(`\\b(?:${what === 'words' ? 'word ?(?:count|length)|length in words' : 'page count|number of pages'})\\s+(?:of |is |should be |must be )?(?:between|from)\\s+${n}\\s?(?:and|to|-|–)\\s?${n}(?![\\d.,]*\\s?(?:%|[kmg]b))`, 'gi'))) if (!found.some((f) => f.start < m.to && m.at < f.end) && numberOf(m[1]!) < numberOf(m[2]!)) { push(min, numberOf(m[1]!), m); push(max, numberOf(m[2]!), m); }
  // “The syllabus says 5 pages; the assignment page states 6 pages.”
  for (const m of matchesIn(clause, new RegExp(`\\b(?:page|sheet|brief|handbook|syllabus|guide|site|website|document|form|calendar) (?:states|says|gives|has|lists|shows)(?: (?:a limit of|that it is|it is))?\\s+${n}\\s?${unit}\\b(?!\\s+(?:are|is|should|will|would|may|can))`, 'gi'))) if (!found.some((f) => f.start < m.to && m.at < f.end)) push(max, numberOf(m[1]!), m);
  // “No more than 5,000 and no fewer than 4,500 words.”
  for (const m of matchesIn(clause, new RegExp(`\\bno more than\\s+${n}\\s?(?:${unit}\\s+)?(?:and|but|nor|or) (?:no|not) (?:fewer|less) than\\s+${n}\\s?${unit}`, 'gi'))) if (!found.some((f) => f.field === max)) push(max, numberOf(m[1]!), m);
  // “The minimum is 1,800 words; there is no maximum.”
  for (const m of matchesIn(clause, new RegExp(`\\b(?:the )?(?:lower limit|minimum) (?:is|being)\\s+${n}\\s?${unit}`, 'gi'))) if (!found.some((f) => f.field === min)) push(min, numberOf(m[1]!), m);
  // “Papers of fewer than 8 or more than 12 pages will not be graded.”
  for (const m of matchesIn(clause, new RegExp(`\\b(?:fewer|less|shorter) than\\s+${n}\\s?(?:${unit}\\s+)?or\\s+(?:more|longer) than\\s+${n}[\\s-]?${unit}\\b[^.;]{0,30}\\b(?:not (?:be )?(?:graded|marked|accepted|read)|penali|returned|rejected|refused)`, 'gi'))) { for (let i = found.length - 1; i >= 0; i--) if (found[i]!.start >= m.at && found[i]!.end <= m.to) found.splice(i, 1); push(min, numberOf(m[1]!), m); push(max, numberOf(m[2]!), m); }
  // “The upper limit is 5000 words and the lower limit 4000.”
  for (const m of matchesIn(clause, new RegExp(`\\b(?:upper limit|maximum)\\b[^.;\\d]{0,12}${n}\\s?${unit}\\b[^.;\\d]{0,12}\\b(?:lower limit|minimum)\\b[^.;\\d]{0,8}${n}(?!\\s?%)`, 'gi'))) push(min, numberOf(m[2]!), m);
  // “Essays of more than 3,300 words or fewer than 2,700 words are returned.”
  for (const m of matchesIn(clause, new RegExp(`\\b(?:more|longer) than\\s+${n}\\s?(?:${unit}\\s+)?or\\s+(?:fewer|less|shorter) than\\s+${n}[\\s-]?${unit}\\b[^.;]{0,30}\\b(?:not (?:be )?(?:graded|marked|accepted|read)|penali|returned|rejected|refused)`, 'gi'))) { for (let i = found.length - 1; i >= 0; i--) if (found[i]!.start >= m.at && found[i]!.end <= m.to) found.splice(i, 1); push(min, numberOf(m[2]!), m); push(max, numberOf(m[1]!), m); }
  // “Words: 1.800 to 2.200”.
  for (const m of matchesIn(clause, new RegExp(`^\\W*(?:number of )?${unit}\\s*[:=]\\s*(?:between |from )?${n}\\s?(?:-|–|—|to|and)\\s?${n}(?=\\W*$|,?\\s*(?:\\(|without|excluding|excl|including|incl|not counting|plus))`, 'gi'))) { const [a, b] = [numberOf(m[1]!), numberOf(m[2]!)]; if (a < b) { found.splice(0, found.length); push(min, a, m); push(max, b, m); } }
  // “About 400 words; no more than 450”.
  for (const m of matchesIn(clause, new RegExp(`\\b(?:about|around|approximately|roughly|c\\.|ca\\.)\\s+${n}[\\s-]?${unit}\\b[^.;]{0,20}[;,(]?\\s*(?:and |but )?(?:no(?:t)? more than|at most|max(?:imum)?\\.?|up to)\\s+${n}(?!\\s?(?:%|\\w))`, 'gi'))) push(max, numberOf(m[2]!), m);
  // “(approx. 3000 words; 3500 at most)”.
  if (what === 'words' && found.length === 0) for (const m of matchesIn(clause, new RegExp(`\\bwords?\\b[;,]? (?:but |and )?${n} (?:at (?:the )?(?:very )?most|max(?:imum)?|tops)\\b`, 'gi'))) push(max, numberOf(m[1]!), m);
  // “Word count (8,000–10,000, everything included)”.
  if (what === 'words' && found.length === 0) for (const m of matchesIn(clause, new RegExp(`\\bword (?:count|length|limit)\\s*[(:]\\s*(${number})\\s*(?:-|–|to)\\s*(${number})(?=\\s*[,;)])`, 'gi'))) if (numberOf(m[1]!) < numberOf(m[2]!)) { push(min, numberOf(m[1]!), m); push(max, numberOf(m[2]!), m); }
  // “Word count at the end of the text (limit 4000, footnotes included)”.
  if (what === 'words' && /\bword (?:count|length)\b/i.test(text)) for (const m of matchesIn(clause, new RegExp(`[(,;:]\\s*(?:limit|max(?:imum)?)\\.?:? (${number})(?=\\s*[,;)])`, 'gi'))) if (!found.some((f) => f.field === max)) push(max, numberOf(m[1]!), m);
  // “Everything after word 2500 is ignored.”
  if (what === 'words') for (const m of matchesIn(clause, new RegExp(`\\b(?:after|beyond|past) word (${number})\\b[^.;]{0,30}\\b(?:not (?:be )?(?:read|marked|counted)|ignored|disregarded|cut off|unread)\\b`, 'gi'))) push(max, numberOf(m[1]!), m);
  // “The maximum number of pages is twelve.”
  if (what === 'pages') for (const m of matchesIn(clause, /\bmaximum number of pages\s*(?:is|:|=)\s*(\d{1,3}|two|three|four|five|six|seven|eight|nine|ten|twelve|fifteen|twenty)\b/gi)) push(max, numberWords[m[1]!.toLowerCase()] ?? largeNumbers[m[1]!.toLowerCase()] ?? Number(m[1]), m);
  // “Maximum words: two thousand”.
  if (what === 'words') for (const m of matchesIn(clause, /\b(?:max(?:imum)?\.?|up to|at most|no(?:t)? more than|limit(?:ed)? (?:of|to|is)|(?:word )?limit(?=:))(?: (?:word count|words?|length))?\s*(?:of|is|:)?\s*((?:one|two|three|four|five|six|seven|eight|nine|ten|twelve|fifteen|twenty)(?: and a half)? (?:thousand(?:,? (?:and )?(?:one|two|three|four|five|six|seven|eight|nine) hundred)?|hundred))\b(?: words)?/gi)) { const value = spokenThousands(m[1]!); if (value && /\bwords?\b/i.test(m[0]) && !ofEach(m)) push(max, value, m); }
  // “Maximum 5 pages (excluding references), at least 3”.
  if (!found.some((f) => f.field === min)) for (const m of matchesIn(clause, new RegExp(`\\b(?:max(?:imum)?\\.?|at most|up to|no more than)\\s+(?:of\\s+)?${n}\\s?${unit}(?:\\s*\\([^()]*\\))?,?\\s*(?:but |and )?(?:at least|min(?:imum)?\\.?)\\s+${n}(?=\\s*(?:[.,;)]|$))`, 'gi'))) if (numberOf(m[2]!) < numberOf(m[1]!)) push(min, numberOf(m[2]!), m);
  // “Maximum of 3000 words, minimum of 2500”; “not fewer than five and not more than seven pages”.
  for (const m of matchesIn(clause, new RegExp(`${unit}\\s*,?\\s*(?:and|but|with)?\\s*(?:a )?min(?:imum)?\\.?(?: of)?\\s+${n}(?!\\s?%)`, 'gi'))) push(min, numberOf(m[1]!), m);
  if (what === 'pages') for (const m of matchesIn(clause, /\b(?:no|not) (?:fewer|less) than (two|three|four|five|six|seven|eight|nine|ten)(?: pages?| sides?)?,? (?:and|but|nor|or) (?:no|not) more than (three|four|five|six|seven|eight|nine|ten|twelve)\s+(?:pages?|sides?)\b/gi)) push(min, numberWords[m[1]!.toLowerCase()]!, m);
  // “Eight pages, plus or minus one.”
  if (what === 'pages' && found.length === 0) for (const m of matchesIn(clause, /\b(four|five|six|seven|eight|nine|ten|twelve|fifteen|twenty) pages,? (?:\(?plus or minus|give or take) (one|two|three)\b(?!\s?%)/gi)) { const length = inWords(m[1]!), by = inWords(m[2]!); push(min, length - by, m); push(max, length + by, m); }
  // “between four and six pages”.
  if (what === 'pages') for (const m of matchesIn(clause, /\b(one|two|three|four|five|six|seven|eight|nine|ten|twelve|fifteen|eighteen|twenty)\s*(?:-|–|to|and|or)\s*(two|three|four|five|six|seven|eight|nine|ten|twelve|fifteen|eighteen|twenty|twenty-five|thirty)\s+(?:(?:A4|full)\s+)?(?:pages?|sides?)\b/gi)) { const [a, b] = [inWords(m[1]!), inWords(m[2]!)]; if (a < b && !says(text.slice(0, m.at - clause.start), /\b(?:about|around|approximately|roughly)\s*$/i)) { push(min, a, m); push(max, b, m); } }
  // “one page maximum”, “a single page”.
  if (what === 'pages') for (const m of matchesIn(clause, /\b(?:max(?:imum)?\.?(?: length)?(?: of| is|:)?|no(?:t)? (?:more|longer) than|up to|at most|(?:must|should|has to|have to|needs? to|will) fit (?:on(?:to)?|in(?:to)?|within)(?! one\b)|keep (?:it|this|them) (?:to|within)|limit(?:ed)?(?: (?:it|this|your \w+))? to|max(?:imum)? length (?:is|of)|(?:must|should|may|can) ?not exceed|not (?:be |run to |go beyond |take up )?(?:longer|more) than)\s+(one|two|three|four|five|six|seven|eight|nine|ten|twelve)\s+(?:(?:A4|typed|single-spaced|double-spaced|full|printed)\s+)*(?:pages?|sides?)\b|\b(one|two|three|four|five|six|seven|eight|nine|ten)\s+(?:A4\s+)?(?:pages?|sides?)\s+(?:max(?:imum)?|at (?:the )?(?:very )?(?:most|longest)|tops|or (?:less|fewer))\b/gi)) push(max, numberWords[(m[1] ?? m[2])!.toLowerCase()] ?? 0, m);
  return found;
}
