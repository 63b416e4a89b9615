import type { LimitStatement } from './limits.ts';
import { number } from './limit-numbers.ts';
import { matchesIn, numberOf, type Clause } from './statements.ts';
import { firstIn, says } from '../text/patterns.ts';

/** How far a paper may be from the length that is asked for, where a sentence of its own says so: “2,000 words. … You may go over or under by 10 %.”
 * Such a sentence has a share or a number of words, which way, and either that it is allowed or what happens beyond. */
interface Tolerance { /** of the length, 0–1; null where it is a number of words */ share: number | null; words: number | null; both: boolean | null; start: number; end: number }

const written: Record<string, number> = { five: 5, ten: 10, fifteen: 15, twenty: 20 };
const share = String.raw`(?<share>\d{1,2}|five|ten|fifteen|twenty) ?(?:%|per ?cent)`, amount = String.raw`(?:${share}|(?<words>\d{2,4}) words?)`, ofOther = '(?! (?:of the|off the|per|a day|for each|from)\\b)';
const over = 'over|above|beyond|longer|more|on top|upwards?|too long|in excess', under = 'under|below|shorter|less|fewer|downwards?|too short', either = String.raw`(?:either|each|both) (?:way|side|direction)s?|in (?:either|both) directions?|on (?:either|each) side|up (?:or|and|and/or) down|off|more or less|plus or minus`;
const way = String.raw`(?:(?<both>${either}|(?:${over}) ?(?:or|and|and/or|/) ?(?:${under})|(?:${under}) ?(?:or|and|and/or|/) ?(?:${over}))|(?<over>${over})(?! than (?!that|this|it\b)))\b(?! (?:the age|and beyond))`;
const theLength = String.raw`(?:(?:the |this |that )?(?:(?:stated |set |given |target |word |page )*(?:limit|count|length|target|number|figure|allowance)|this|it|that|which))`;
const byHow = String.raw`(?:(?<beyond>more than)|up to|at most|no more than|a maximum of|as much as)? ?`;
const named = '(?:leeway|tolerance|margin|allowance|variation|deviation|latitude|slack|divergence|overrun)s?', rule = '(?:word (?:count |limit )?)?rule';

/** Each way to say how far and which way; what is allowed and what is forbidden beyond is looked at afterwards. */
const shapes: readonly RegExp[] = [
  // “10 % over or under”, “more than 10 % over”, “200 words either way”.
  new RegExp(String.raw`(?:\b(?<beyond>more than|over) )?(?<![\d.,])${amount}${ofOther}(?: (?:too|words?))? ${way}`, 'gi'),
  // “over or under by 10 %”, “exceed or fall short of this by 10 %”, “be over by more than 10 %”; “above 15 %” alone is how much of something.
  new RegExp(String.raw`\b(?:(?<both>(?:${over}) (?:or|and) (?:${under})|(?:${under}) (?:or|and) (?:${over})|(?:exceed\w*|overshoot|go over) (?:or|and) (?:fall|falls|falling) (?:short|below)(?: of)?|(?:deviat|differ|var|depart|stray|diverge)\w*)|(?<over>over|above|beyond|longer|exceed\w*|overshoot\w*|overrun\w*))\b(?: from)?(?:(?: ${theLength})?,? by| ${theLength}) ${byHow}${amount}${ofOther}`, 'gi'),
  // “a deviation of up to 10 %”, “10 % leeway in both directions”, “the usual 10 % margin”.
  new RegExp(String.raw`\b${named} ?(?:of|is|:) ?${byHow}${amount}${ofOther}(?:,? ${way})?`, 'gi'), new RegExp(String.raw`(?<![\d.,])${amount} (?:${named}|${rule})\b(?:[^.;%]{0,28} ${way})?`, 'gi'),
  // “within 10 % of that”, “plus or minus ten per cent”.
  new RegExp(String.raw`\bwithin ${amount}(?<both> of ${theLength}| either way)?(?=\W|$)`, 'gi'), new RegExp(String.raw`(?<both>±|\+ ?/ ?[-–−]|\bplus (?:or|/) minus|\bgive or take) ?${amount}`, 'gi'),
];
const allowed = /\b(?:may|can|could|allow|allows|allowed|permits?|permitted|accept(?:s|ed|able)?|fine|ok|okay|tolerated?|tolerates|all right|alright|acceptable|no problem|appl(?:y|ies)|granted|given|have|won['’]t (?:matter|hurt|be penali[sz]ed)|will not (?:matter|hurt|be penali[sz]ed)|(?:not|never|n['’]t) (?:be )?(?:penali[sz]ed?|marked down|punish(?:ed)?)|(?:no|without) penalt(?:y|ies)|should|must|stay|keep|remain|need|aim|penalty-free|usual|standard|customary|nobody (?:minds|complains)|i (?:do not|don['’]t|won['’]t) mind)\b/i;
const forbidden = /\b(?:not|never|n['’]t|no|nor|cannot|lose|loses|lost|penal\w+|deduct\w*|returned|rejected|refused|capped|fail|fails|marked down|costs?|ignored|unread|sent back|reduced)\b/i;
const denied = new RegExp(String.raw`\b(?:no|without|neither|nor)\b[^.;]{0,24}(?:%|per ?cent|${named})|\b(?:not|n['’]t|never)\b[^.;]{0,24}\b(?:allowed|permitted|accepted|granted|given|apply|exist|tolerated)\b`, 'i');

/** What else is counted in shares. */
const otherShare = /\b(?:similarity|similarities|match(?:es|ing|ed)?|overlap|plagiari\w+|originality|attendance|weight\w*|worth|marks? (?:for|is|are)|grade|quotations?|quoted|participation|late|days?|hours?|bibliography|ai)\b/i;

/** What varies, where a verb says that something does. */
const varies = /^(?:deviat(?!ion)|differ|var(?:y|ies)|depart|stray|diverg(?!ence))/i, ofLength = /\b(?:length|words?|count|limit|it|this|that|you|essays?|papers?|reports?|work)\b/i;

/** @returns how far and which way, where a clause that names no length of its own says it */
export function toleranceOf(clause: Clause): Tolerance | null {
  if (!/\d|\bten\b|\bfive\b|\bfifteen\b/i.test(clause.text) || says(clause.text, otherShare)) return null;
  const asked = clause.under ?? '', aboutLength = says(asked, /\b(?:words?|length|long|over|under|leeway|tolerance|margin|limit)\b/i);
  for (const shape of shapes) for (const m of matchesIn(clause, shape)) {
    const { share: part, words, both, over: above, beyond } = m.groups ?? {}, said = `${clause.text.slice(0, m.at - clause.start)} ${clause.text.slice(m.to - clause.start)}`;
    if (beyond !== undefined ? !says(said, forbidden) : says(clause.text, denied) || !says(said, allowed) && !aboutLength && both === undefined) continue;
    // “The interest rate may vary by 10 %.”
    if (says(m[0], varies) && !says(clause.text.slice(0, m.at - clause.start), ofLength)) continue;
    return { share: part === undefined ? null : percent(part) / 100, words: words === undefined ? null : Number(words), both: both !== undefined || above === undefined && /(?:devi|vari|diverg)\w+/i.test(m[0]) ? true : above !== undefined || /overrun/i.test(m[0]) ? false : null, start: m.at, end: m.to };
  }
  // “Can I go over? By 10 % at most.” “Is there leeway? 10 %.”
  const answer = aboutLength ? new RegExp(String.raw`^\W*(?:A(?:nswer)?\W+)?(?:yes\W+)?(?:by |only )?(?:up to |at most )?${amount}(?= at most|\W*$)`, 'i').exec(clause.text) : null;
  if (!answer || !says(asked, /\b(?:over|exceed|longer|above|leeway|tolerance|margin|flexib\w+|allowance)\b/i)) return null;
  const { share: part, words } = answer.groups!, up = /\b(?:over|exceed|longer|above)\b/i.test(asked);
  return { share: part === undefined ? null : percent(part) / 100, words: words === undefined ? null : Number(words), both: up ? /\b(?:under|below|shorter)\b/i.test(asked) : null, start: clause.start + answer.index, end: clause.start + answer.index + answer[0].length };
}
const percent = (text: string): number => written[text.toLowerCase()] ?? Number(text);

const isLimit = /\b(?:max\w*|limit(?:ed)?|up to|at most|no(?:t)? more than|exceed\w*|over|above|upwards?|beyond|ceiling|no (?:\d{1,2} ?% |\w+ )?(?:tolerance|leeway|margin))\b/i;
const byName = /\d[\s\u00a0]{0,8}(?:[a-zåäöøæ]{2,9})?(?: long| in length)?[\s\u00a0]{0,8},?[\s\u00a0]{0,8}\(?(?:with )?(?:an? |the )?(?:usual )?(?:tolerance|leeway|margin)(?: of| is|\s*:)?\s*(?:up to )?(\d{1,2}|five|ten|fifteen|twenty)\s?(?:%|per\s?cent)(?! of (?:the )?(?:mark|grade))/i;
/** “2,000 words (tolerance of 10 %)”: both ways of what is only a length, the share in the first group; null beside a limit, above which alone it is then. */
export const toleranceByName = (text: string): RegExpExecArray | null => (says(text, isLimit) ? null : firstIn(text, byName));

/** Of pages it is what is said right behind them: elsewhere a share of the length is one of words. */
const nearby = 120;

/** “A report of 2,000 words. … 10 % leeway either way.”: said apart, it is about the one length there is.
 * Without a word on the direction it is above and below what is only a length, and above what is a limit. */
export function withTolerance(found: LimitStatement[], clauses: readonly Clause[]): LimitStatement[] {
  const said = clauses.flatMap((clause) => {
    const own = found.filter((s) => s.field !== 'maxBytes' && s.start >= clause.start && s.end <= clause.end), t = own.length > 0 ? toleranceBeside(clause, own) : null;
    if (t) return [t];
    const other = toleranceOf(clause);
    return other && !own.some((s) => other.words === null || s.end <= other.start || s.start >= other.end) ? [other] : [];
  }), [tolerance] = said;
  if (!tolerance || new Set(said.map((t) => `${t.share} ${t.words} ${t.both}`)).size > 1) return found;
  // “200 words over” is no length.
  const others = found.filter((s) => !(s.start < tolerance.end && s.end > tolerance.start)), most = tolerance.words === null && !others.some((s) => s.field === 'maxWords') && others.some((s) => s.field === 'maxPages') ? 'maxPages' : 'maxWords', least = most === 'maxWords' ? 'minWords' : 'minPages';
  const named = others.filter((s) => s.field === most && !s.part), lengths = named.length > 0 || others.some((s) => /Words|Pages/.test(s.field)) ? named : bareLength(clauses, tolerance), values = new Set(lengths.map((s) => s.value));
  if (values.size !== 1) return found;
  const [first] = lengths as [LimitStatement], { given: _, reach: __, ...limit } = first, range = others.some((s) => s.field === least);
  // Where the sentence of the length has taken it in already, it is not what is written there. Of a range only the upper end is moved.
  if (numbersIn(first, clauses).every((n) => n !== first.value) || range && tolerance.both !== false) return found;
  const more = tolerance.share === null ? tolerance.words! : first.value * tolerance.share, both = !range && (tolerance.both ?? lengths.every((s) => s.given));
  if (more >= first.value || most === 'maxPages' && tolerance.start - first.end > nearby) return found;
  return [...others.filter((s) => !lengths.includes(s)), { ...limit, value: Math.floor(first.value + more + 1e-9) }, ...(both ? [{ ...limit, field: least as LimitStatement['field'], value: Math.ceil(first.value - more - 1e-9) }] : [])];
}
/** “2,000 words (the usual 10 % margin applies)”, “2,000 words, with a margin of 10 %”: right behind the length. */
function toleranceBeside(clause: Clause, lengths: LimitStatement[]): Tolerance | null {
  const end = Math.max(...lengths.map((s) => s.end)), behind = firstIn(clause.text.slice(end - clause.start), /^(?: words?| pages?)?(?: long| in length)?(?:[ \t]*\([^()]{4,60}\)|,? (?:with|within|allowing|plus) [^.;()]{4,40}(?=\W*$))/i);
  return behind && lengths.every((s) => s.field === lengths[0]!.field) ? toleranceOf({ ...clause, under: 'length', start: end, end: end + behind[0].length, text: behind[0] }) : null;
}
/** “The target is 2,000 words”, right before: with how far one may be from it, it is a limit. */
function bareLength(clauses: readonly Clause[], tolerance: Tolerance): LimitStatement[] {
  const at = clauses.findIndex((c) => c.start <= tolerance.start && tolerance.end <= c.end), before = clauses[at - 1];
  const said = before && !before.asks ? [...matchesIn(before, new RegExp(`(?<![\\d,.–-])(${number})[ -]words?\\b`, 'gi'))] : [], [only] = said;
  return before && only && said.length === 1 && !says(before.text, /\b(?:each|per|at least|minimum|about \w+ each|abstract|summary)\b/i) ? [{ field: 'maxWords', value: numberOf(only[1]!), start: only.at, end: only.to, clause: before, override: false, given: true }] : [];
}
function numbersIn(statement: LimitStatement, clauses: readonly Clause[]): number[] {
  const clause = clauses.find((c) => c.start <= statement.start && statement.end <= c.end) ?? statement.clause, text = clause.text.slice(Math.max(0, statement.start - clause.start), statement.end - clause.start);
  const figures = [...text.matchAll(/\d{1,3}(?:[,. ]\d{3})+|\d+/g)].map((m) => numberOf(m[0]));
  // Spelled out: what the reader made of it is believed.
  return figures.length > 0 ? figures : [statement.value];
}
