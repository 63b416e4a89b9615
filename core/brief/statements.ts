import { narrowedTo } from '../text/narrowed.ts';
import { germanAsEnglish } from './german.ts';
import { romanceAsEnglish } from './romance.ts';
import { otherTonguesAsEnglish } from './tongues.ts';
import { onlyTicked } from './tick-boxes.ts';
import { eachIn, firstIn, rewritten, says } from '../text/patterns.ts';

/** A value that the wording states, with the words it came from. `override` marks a correction that says it holds. */
export interface Statement<T> { value: T; start: number; end: number; override?: boolean }
/** The statements of the first reader that found some. */
export const firstOf = <T>(...found: Statement<T>[][]): Statement<T>[] => found.find((s) => s.length > 0) ?? [];
/** A stretch of the wording that reads as one sentence or line. */
export interface Clause { text: string; start: number; end: number; /** stands in an answer above or below what it quotes, and so holds against it */ answers?: true; /** the heading or question that it stands under */ under?: string; /** a question, with the answer behind it; `open`: neither yes nor no */ asks?: 'yes' | 'no' | 'open' }

const longestClause = 3000;
/** A table's row of two cells says what a label and its value say: “| Attempts | 1 |” as “Attempts : 1”. Lengths stay, since places are counted in the wording. */
const asLabelled = (row: string): string => rewritten(row, [/^(\s*)\|([^|\n]*[^|\s-][^|\n]*)\|([^|\n]*[^|\s-][^|\n]*)(\|?)(\s*)$/, (_, lead: string, label: string, value: string, end: string, tail: string) => `${lead} ${label}:${value}${end && ' '}${tail}`]);

/** A table without lines, of labels with wide gaps behind them: “Due      6 May 2027” as “Due:     6 May 2027”. Lengths stay. Two such rows and more make one. */
function asTable(wording: string): string {
  // “Final report ........ 23 April” is a label with its value, “… .... 23 April .... PDF” a row of more.
  const leader = /(?<=\S) ?\.{4,} ?(?=\S)/g, text = withBars(wording.replace(/^.*\.{4}.*$/gm, (line) => { const one = (line.match(leader) ?? []).length === 1; return line.replace(leader, (dots) => (one ? ': '.padEnd(dots.length) : '| '.padStart(dots.length))); }));
  const row = /^([ \t]*\p{Lu}[\p{L}\p{N}_/-]*(?: [\p{L}\p{N}_’'/-]+){0,3}\??)(?: {3,}|[ \t]*\t[ \t]*)(?=[^\s:=|])(?!.*\S {3,}\S)/gmu;
  return [...eachIn(text, row)].length < 3 ? text : text.replace(row, (whole, label: string) => `${label}:${' '.repeat(whole.length - label.length - 1)}`);
}

/** A table whose cells lie between tabs or wide gaps, with bars in their place; every letter stays where it is. */
export const withBars = (text: string): string => barred(tabbed(text));

/** Lines below each other that have two tabs and more are a table of several columns as well. */
function tabbed(text: string): string {
  const lines = text.split('\n'), columns = (line: string): number => [...line.trim().matchAll(/\t+/g)].length;
  return lines.map((line, i) => (!line.includes('|') && columns(line) >= 2 && (columns(lines[i - 1] ?? '') >= 2 || columns(lines[i + 1] ?? '') >= 2) ? line.replace(/(?<=\S)([ \t]*)\t(?=[ \t]*\S)/g, (gap) => '|'.padStart(gap.length)) : line)).join('\n');
}

/** Lines below each other that have two wide gaps and more are a table of several columns: each gap gets a bar. */
function barred(text: string): string {
  const lines = text.split('\n'), columns = (line: string): number => (/^\s{0,3}\S/.test(line) ? [...line.trimEnd().matchAll(/\S {3,}(?=\S)/g)].length : 0);
  return lines.map((line, i) => (!line.includes('|') && columns(line) >= 2 && (columns(lines[i - 1] ?? '') >= 2 || columns(lines[i + 1] ?? '') >= 2) ? line.replace(/(?<=\S) {3,}(?=\S)/g, (gap) => `${' '.repeat(gap.length - 2)}| `) : line)).join('\n');
}

/** Splits wording into sentences and lines. Stops inside numbers, abbreviations and file names do not end a sentence. @param written - the wording before any of it was put into English */
export function splitClauses(wording: string, written = wording): Clause[] {
  // What is struck through does not hold.
  // Dashes of either length say the same.
  // When somebody wrote in a thread is no date of the assignment; the number of a week between a date and its time is neither.
  const text = asTable(rewritten(germanAsEnglish(otherTonguesAsEnglish(romanceAsEnglish(onlyTicked(wording), written), written), written), [/~~[^~\n]{1,300}~~/g, (s) => ' '.repeat(s.length)], [/(?<=\?)\*\*(?=\s)/g, '  '], [/(?<=\b(?:one|two|three|four|five|six|seven|eight|nine|ten) )\(\d{1,2}\) /gi, (s) => '\u00a0'.repeat(s.length)], [/^[ \t]*\[[^\]\n]{2,30}\][ \t]+\d{1,2}[./ ][\w]{2,9}[./ ]\d{2,4},?[ \t]+\d{1,2}:\d{2}(?: ?[ap]m)?[ \t]*:/gim, (s) => ' '.repeat(s.length)], [/[ \t]\((?:teaching |term )?(?:week|wk)\.? ?\d{1,2}\)(?=[ ,;]|$)/gim, (s) => ' '.repeat(s.length)], [/—/g, '–'])).replace(/\p{Extended_Pictographic}(?<!\d)/gu, (s) => ' '.repeat(s.length)).replace(/[\ufe0f\u20e3]/g, ' ');
  const clauses: Clause[] = [];
  let from = 0;
  const push = (to: number): void => {
    const raw = asLabelled(text.slice(from, to)), lead = raw.length - raw.trimStart().length;
    const whole = raw.trim(), start = from + lead;
    // Marks alone say nothing.
    if (whole.length < 40 && !/[\p{L}\p{N}|?]/u.test(whole)) { from = to; return; }
    // A clause of thousands of characters is no sentence; in pieces it stays quick to search.
    for (let at = 0; at < whole.length;) {
      let end = Math.min(whole.length, at + longestClause);
      if (end < whole.length) { const space = whole.lastIndexOf(' ', end); if (space > at) end = space; }
      clauses.push({ text: whole.slice(at, end), start: start + at, end: start + end });
      at = end;
    }
    from = to;
  };
  // A line break inside a wrapped sentence is no end; a blank line, a list item or a short label line is.
  for (const m of inOrder(eachIn(text, /\r?\n[ \t]*(?=\r?\n|[-–—*+•▪·‣▸►➢✓→☐☑☒□]\s|[-=]>\s|\d+[.)]\s|\(?[a-h]\)\s|[a-h]\.\s+[A-Z]|[A-Z][^\n]{0,60}:|[a-z][a-z\u00a0 ]{2,20}:\s|\|)|\r?\n(?=\s*[A-Z\d[(“"‘'>])|(?<=\.(?:pdf|docx?|odt|zip))\r?\n|(?<!(?:^|\n)[ \t]*[A-HQa-h]|\b(?:e\.g|kl|bzw|ggf|inkl|ch|chs|Ch|vol|Vol|i\.e|etc|approx|Approx|no|nos|max|Max|min|Min|vs|cf|ca|Dr|Prof|Mr|Mrs|Ms|St|p|pp|incl|Incl|excl|Excl|a\.m|p\.m|Jan|Feb|Mar|Apr|Jun|Jul|Aug|Sept?|Oct|Nov|Dec|Mon|Tue|Wed|Thu|Fri|Sat|Sun))[.!?](?=\s+(?:[A-Z“"‘'(\d]|[-–−+]\d))(?<!\b[ap]m\.(?=\s+\())|\?[”"]?(?=\s+[–-]\s+[A-Z])|[.!?](?=\s*\r?\n)|;(?=\s)/g), isCasual(text) ? eachIn(text, smallSentence) : [], isNote(text) ? text.matchAll(/\r?\n(?=[^\n])/g) : [])) {
    const isBreak = /^\r?\n/.test(m[0]), since = text.slice(from, m.index);
    // Inside brackets a semicolon parts what is said of one thing.
    if (m.index < from) continue;
    if (m[0] === ';' && since.length < 400 && since.split('(').length > since.split(')').length && text.slice(m.index, m.index + 200).includes(')')) continue;
    push(m.index + (isBreak ? 0 : m[0].length));
  }
  push(text.length);
  // “Is it anonymous? No.” says that it is not.
  clauses.forEach((c, i) => { const short = firstIn(c.text, /\?\s*(?:(?:->|=>|→|:)\s*(yes|no)|([YN]))\b\W*$/), spelt = (short?.[1] ?? { Y: 'yes', N: 'no' }[short?.[2] ?? ''])?.toLowerCase() ?? firstIn(c.text, /^[^?]*\?\s*(?:->|=>|→)?\s*(yes|no)\b\W*$/i)?.[1]?.toLowerCase(), inline = spelt as 'yes' | 'no' | undefined; if (inline) c.asks = inline; else if (/\?\W*$/.test(c.text) && !/\|.*\|.*\|/.test(c.text) && !says(c.text, /^\W*(?:(?:so|and|please),? )?(?:could|can|would|will) (?:you|everybody|everyone|all of you|each of you|you all)(?: all)?,? (?:please )?(?:put|upload|submit|send|hand|save|name|use|make sure|give|add|convert)\b/i)) c.asks = (/ or /i.test(c.text) && says(clauses[i + 1]?.text ?? '', /^\W*(?:A(?:nswer)?\d*\s*[:.]\s*)?(?:either|both|any of (?:them|these|those)|whichever)\b/i) ? 'yes' : undefined) ?? (firstIn(clauses[i + 1]?.text ?? '', /^\W*(?:A(?:nswer)?\d*\s*[:.]\s*)?(?:(?:sorry|unfortunately|I['’]m afraid),? )?(yes|no)\b/i)?.[1]?.toLowerCase() as 'yes' | 'no' | undefined) ?? spokenAnswer(clauses[i + 1]?.text ?? '') ?? ({ Y: 'yes', N: 'no' } as const)[/^\W*([YN])(?=\W*$|\s+[–-]\s)/.exec(clauses[i + 1]?.text ?? '')?.[1] as 'Y' | 'N'] ?? 'open'; });
  // In a list to tick off before handing in, what is asked is what is wanted: “Is it one PDF, no more than 18 pages?” One question follows the other there; elsewhere answers stand between.
  if (says(text.slice(0, 400), /\bcheck-?\s?list\b|\bbefore you (?:upload|submit|hand (?:it )?in)\b/i)) clauses.forEach((c, i) => { const besides = (step: 1 | -1): Clause | undefined => clauses[/^\W*\d{1,2}[.)]?\W*$/.test(clauses[i + step]?.text ?? '') ? i + 2 * step : i + step]; if (c.asks === 'open' && (besides(-1)?.asks || besides(1)?.asks || [-3, -2, 2, 3].some((step) => clauses[i + step]?.asks)) && says(c.text, /^\W*(?:\d{1,2}[.)]\W*)?(?:is|are|does|have|has)\s+(?:it|its|the|your|you|all|each|every|everything|both)\b/i)) c.asks = 'yes'; });
  let under: string | undefined;
  for (const c of clauses) {
    const heading = c.text.length < 70 && (c.asks !== undefined && says(c.text, /^\W*(?:and |so |but )?(?:is|are|would|will|can|may)\b[^?]*\b(?:words|pages)\b[^?]*\?/i) || !/\d/.test(rewritten(c.text, [/^(?:\d{1,2}(?:\.\d{1,2})*\.?\s+|Q\d{1,2}\s*[:.])/, '']))) && (c.asks !== undefined || isHeading(c, text));
    if (heading) under = c.text; else if (under !== undefined) c.under = under;
  }
  // Lines that begin with “>” are an earlier mail.
  const quoted = (c: Clause): boolean => /^[ \t]*>/.test(text.slice(text.lastIndexOf('\n', c.start) + 1, c.start + 1));
  if (/^[ \t]*>/m.test(text)) { const own = clauses.filter((c) => !quoted(c)); if (own.length < clauses.length) for (const c of own) c.answers = true; }
  return clauses;
}

/** “Of course.” “Certainly not.” */
const spokenAnswer = (text: string): 'yes' | 'no' | undefined => {
  // “First marker yes, second marker yes.”
  const each = firstIn(text, /^\W*(?:A(?:nswer)?\d*\s*[:.]\s*)?[\p{L} ]{3,30},? (yes|no)(?:,| and|;) [\p{L} ]{3,30},? \1\W*$/iu);
  if (each) return each[1]!.toLowerCase() as 'yes' | 'no';
  const m = firstIn(text, /^\W*(?:A(?:nswer)?\d*\s*[:.]\s*)?(?:of course|certainly|definitely|absolutely)( not)?\b/i); return m ? (m[1] ? 'no' : 'yes') : undefined; };

/** Some write without capitals: “pdf is fine. call it report.pdf. i won't take any later”. */
const smallSentence = /(?<=[\w)”’"'])(?<!\b(?:e\.g|i\.e|etc|approx|no|nos|max|min|vs|cf|ca|dr|prof|mr|mrs|ms|st|p|pp|incl|excl|a\.m|p\.m|jan|feb|mar|apr|jun|jul|aug|sept?|oct|nov|dec|mon|tues?|wed|thu|fri|sat|sun|resp|fig|figs|ed|eds|vol|dept|req|min|hrs?|ext|tel|ref|refs|abs))[.!?](?=\s+[a-z]{2,}\b|\s+i\b)/g;
const isCasual = (text: string): boolean => says(text, /(?:^|[.!?,\s(])i(?:['’](?:m|ll|ve|d)\b| (?:will|won['’]?t|do|don['’]?t|just|can|can['’]?t|cannot|mark|read|look|take|have|want|need|am|would|know|think|only|also|said|say|give|put|accept)\b)/) || [...eachIn(text, smallSentence)].length >= (/^\W*[a-z]/.test(text) && !/[.!?]\s+[A-Z]/.test(text) ? 1 : 3);
/** A note of short lines that mostly begin small: each of them is one. */
function isNote(text: string): boolean {
  const lines = text.split('\n').filter((l) => l.trim());
  return lines.length >= 4 && lines.filter((l) => /^\s*[a-z]/.test(l)).length * 2 >= lines.length && (lines.every((l) => l.length < 90) || unwrappedLines(lines)) && !lines.some((l) => /[>|]\s/.test(l)) && lines.filter((l) => /:\s/.test(l)).length * 5 <= lines.length && lines.filter((l) => /[,a-z]$/.test(l.trim())).length >= lines.length / 4 && !says(text, /[a-z,]\n(?:and|or|of|in|to|the|by|with|for|on|is|are|that|which)\b/);
}
/** Lines of which some are far longer than the others were not broken for want of room. */
function unwrappedLines(lines: string[]): boolean {
  const longest = Math.max(...lines.map((l) => l.trim().length)), ends = lines.slice(0, -1).filter((l) => l.trim().length < longest);
  return longest > 110 && ends.length >= 3 && ends.every((l) => l.trim().length < longest * 0.8);
}
const inOrder = (...lists: Iterable<RegExpExecArray>[]): RegExpExecArray[] => lists.flatMap((l) => [...l]).sort((x, y) => x.index - y.index);

/** Parts of a handbook that are not about handing in. */
const asides = /^\W*(?:\d[\d.]*\s+)?(?:the )?(?:prizes?|awards?|field ?(?:trips?|work|week)|excursions?|scholarships?|bursaries|welcome|terms?(?: dates)?(?: and weeks)?|calendar|contacts?(?: and support)?|support|student support|library|societies|health and safety|careers|placements?|exam(?:ination)?s?|quiz(?:zes)?|about (?:the|this) (?:module|course)|teaching|reading list)\W*$/i;
/** Clauses without those that stand under the heading of such a part. Where nothing else is left, all. */
export function withoutAsides(clauses: Clause[]): Clause[] { const kept = clauses.filter((c) => c.under === undefined || !says(c.under, asides) || says(c.text, /\b(?:submit(?:ted)?|hand(?:ed)? (?:it |them )?in|hand-?in|turn(?:ed)? in|upload(?:ed)?|deadline|due)\b/i)); return kept.length > 0 ? kept : clauses; }

/** A line of its own with a few words, without a stop at its end, and something below it. */
const isHeading = (c: Clause, text: string): boolean => says(text.slice(Math.max(0, c.start - 12), c.start), /(?:^|\n)[ \t]*(?:#{1,6} |\*\*)?(?:\d{1,2}(?:\.\d{1,2})*[.)]?[ \t]+)?$/) && /^(?:\*\*)?[ \t]*(?:\r?\n|$)/.test(text.slice(c.end)) && !/[.,;!]$/.test(c.text) && !says(c.text, /\w_\w|\.(?:pdf|docx?|odt|zip|csv|xlsx)\b/i) && !/^[-–—*•]\s|^[\s|:–-]+$/.test(c.text) && c.text.split(/\s+/).length <= 6;

/** All matches of a pattern in a clause, with offsets into the whole wording. */
export function* matchesIn(clause: Clause, pattern: RegExp): Generator<RegExpMatchArray & { at: number; to: number }> {
  const narrowed = narrowedTo(clause.text, pattern);
  if (narrowed) for (const m of eachIn(clause.text, narrowed)) yield Object.assign(m, { at: clause.start + m.index, to: clause.start + m.index + m[0].length });
}

export interface Settled<T> { value: T | null; evidence: Statement<T>[]; contradiction: Statement<T>[] }
/** One value from several statements: equal ones agree; different ones settle nothing unless exactly one says that it holds. */
export function settle<T>(statements: Statement<T>[], same: (a: T, b: T) => boolean = (a, b) => JSON.stringify(a) === JSON.stringify(b)): Settled<T> {
  if (statements.length === 0) return { value: null, evidence: [], contradiction: [] };
  const holding = statements.filter((s) => s.override);
  const counted = holding.length > 0 ? holding : statements;
  const first = counted[0]!;
  if (counted.every((s) => same(s.value, first.value))) return { value: first.value, evidence: counted, contradiction: [] };
  return { value: null, evidence: [], contradiction: counted };
}

/** A date whose reading has a problem settles nothing. */
export const isUnsettledDate = (value: string): boolean => value.startsWith('?');
/** “Read chapter 3 before you start.” “Watch the film.”: work on the way to a paper; it names no part, and says nothing of days in the sentences behind it. */
export const isHomework = /^\W*(?:please )?(?:read|re-?read|watch|listen to|revise|study|look at|look over|see|consult|review) (?:chapters?|pages?|pp\.?|units?|sections?|the|your|any|all|at least)\b/i;
/** Words that say a statement replaces an earlier one. */
const correction = /\b(?:edit(?=:)|correct(?:ion|ed)|updat(?:e|ed)|amend(?:ed|ment)|revised|has (?:been )?(?:changed|moved|extended|lifted|raised|increased|lowered|reduced)|(?:deadline|due date|hand-in)\b[^.]{0,40} (?:moves|shifts) (?:from|to)|(?:deadline|due date|hand-in|submission) (?:is |was |has been |will be )?(?:moved|changed|postponed|brought forward|pushed back) to|now (?:due|moved|extended)|the (?:deadline|due date|closing date|hand-in(?: date)?) is now(?= (?:on |at |by )?(?:\w+day,? )?(?:the |noon |midnight )?\d| (?:on )?[a-z]{3,9} \d)|supersedes|replaces the|instead of|please ignore|the new (?:deadline|limit|date))\b|\b(?:limit|length|deadline|due date|hand-in|date|time|maximum|minimum|word count) is (?:now )?(?:on |at )?[^.;]{1,30}?,? \(?(?:and )?not (?:on |at |by )?(?:\w+day,? )?(?:the )?\d|^so:\s/i;
export const isCorrection = (clause: Clause): boolean => clause.answers === true || says(rewritten(clause.text, [/\b(?:last|was|were|regularly) (?:updated|revised|amended)\b/gi, '']), correction);
export const negation = /\b(?:not|no|never|don['’]?t|doesn['’]?t|isn['’]?t|won['’]?t|cannot|can['’]?t|without|neither|nor)\b/i;

/** A number as written: thousands marks in either style, decimal comma; a round number of pages in words. */
export function numberOf(text: string): number {
  const spoken = largeNumbers[text.toLowerCase()];
  if (spoken !== undefined) return spoken;
  const t = rewritten(text, [/[\s\u00a0\u202f]|(?<=\d)['’](?=\d{3})/g, '']);
  // A nought in front is the whole of a number below one: “0.023” groups no thousands.
  if (/^[1-9]\d{0,2}([.,])\d{3}(\1\d{3})*$/.test(t)) return Number(t.replace(/[.,]/g, ''));
  return Number(t.replace(',', '.'));
}
/** Numbers above ten as lengths are written in words. */
export const largeNumbers: Record<string, number> = { eleven: 11, twelve: 12, fifteen: 15, sixteen: 16, eighteen: 18, twenty: 20, 'twenty-five': 25, thirty: 30, forty: 40, fifty: 50, sixty: 60, eighty: 80 };
/** “Two thousand”, “fifteen hundred”, “two and a half thousand” in figures. */
export const spokenThousands = (words: string): number | null => { const both = firstIn(words.trim(), /^(.+ thousand),? (?:and )?(.+ hundred)$/i); if (both) { const [a, b] = [spokenThousands(both[1]!), spokenThousands(both[2]!)]; return a && b ? a + b : null; } const m = firstIn(words.trim(), /^(one|two|three|four|five|six|seven|eight|nine|ten|twelve|fifteen|twenty)( and a half)? (thousand|hundred)$/i); return m ? ((({ fifteen: 15, twenty: 20 } as Record<string, number>)[m[1]!.toLowerCase()] ?? numberWords[m[1]!.toLowerCase()]!) + (m[2] ? 0.5 : 0)) * (m[3]!.toLowerCase() === 'thousand' ? 1000 : 100) : null; };
/** Small numbers in words. */
export const numberWords: Record<string, number> = { a: 1, an: 1, one: 1, single: 1, once: 1, two: 2, twice: 2, three: 3, four: 4, five: 5, six: 6, seven: 7, eight: 8, nine: 9, ten: 10, twelve: 12, fourteen: 14 };
/** “First” to “thirty-first”, each one before the number of its place. */
export const ordinalWords: readonly string[] = ['first', 'second', 'third', 'fourth', 'fifth', 'sixth', 'seventh', 'eighth', 'ninth', 'tenth', 'eleventh', 'twelfth', 'thirteenth', 'fourteenth', 'fifteenth', 'sixteenth', 'seventeenth', 'eighteenth', 'nineteenth', 'twentieth', 'twenty-first', 'twenty-second', 'twenty-third', 'twenty-fourth', 'twenty-fifth', 'twenty-sixth', 'twenty-seventh', 'twenty-eighth', 'twenty-ninth', 'thirtieth', 'thirty-first'];

/** Clauses that hold a word worth looking closer for: most of a handbook page is about something else, and a cheap look spares the dear ones. */
export const clausesWith = (clauses: Clause[], sign: RegExp): Clause[] => clauses.filter((c) => says(c.text, sign));

/** A sign, and what is said behind it of something else. */
const ownSubject = (sign: string): RegExp => new RegExp(String.raw`\s?${sign}\s(?=(?:any |all |the )?(?!(?:they|these|those|it|this|that|which|both|such|none|all|files?|documents?|but|and|or|please)\b)\.?\p{L}[\p{L}-]*(?: (?:files?|documents?|formats?))? (?:is|are|will|can|cannot|can['’]t|may|must|do|does|don['’]t|doesn['’]t|gets?|won['’]t|isn['’]t|aren['’]t|comes?)\b).*$`, 'isu');

/** Whether a clause refuses what it names, by the words before it and after it. */
export function isRefused(before: string, after: string): boolean {
  // “Not .pages, not .pdf”: the mark of an ending ends no sentence.
  // “Save it as review_[candidate no].docx”.
  before = rewritten(before, [/\[[^\]]*\]|<[^>]*>/g, (s) => ' '.repeat(s.length)], [/(?<=\b(?:not|no|or|nor) )\.(?=\w{2,5}\b|$)/g, ' ']);
  // “Two pages, no more, as Word file”.
  before = rewritten(before, [/\b(?:and )?(?:no more|not more|not a (?:word|line|page) more|no longer|not a moment later|no later),\s/gi, (s) => ' '.repeat(s.length)]);
  // “No zipped folders please: upload the two PDFs.”
  before = rewritten(before, [/^\W*no [\w ]{3,30}:\s(?=(?:please )?(?:upload|submit|send|hand|use|save))/i, (s) => ' '.repeat(s.length)]);
  // “5–7 pages not counting Works Cited, 12 pt, .docx”.
  before = rewritten(before, [/\b(?:not (?:counting|including)|without counting) [^,;.()]{3,50}(?=,)/gi, (s) => ' '.repeat(s.length)]);
  // “… in shared online documents – no, I need an actual file (Word or PDF).”
  before = rewritten(before, [/^.*\bno, (?=(?:I|we) (?:need|want|accept|take)\b)/i, (s) => ' '.repeat(s.length)]);
  // “No: please merge everything into one PDF” answers a question.
  before = before.replace(/^\W*(?:A\s*[:.]\s*)?No\s*[:,–—-]\s/i, (s) => ' '.repeat(s.length));
  // “The PDF must not contain your name”: what is in it is refused, not the kind.
  if (/\b(?:the|your)\s+$/i.test(before) && says(after, /^s?\s+(?:(?:file|version|document|copy)\s+)?(?:must|should|may|shall|can) ?not (?:contain|include|show|exceed|have|be (?:any )?(?:larger|bigger|longer|more|password|encrypted|locked))\b/i)) return false;
  // “The report (PDF) must not exceed 2,000 words.”
  if (/\([^()]*$/.test(before) && says(after, /^[^()]{0,40}\)\s+(?:must|should|may|shall|can) ?not (?:contain|include|show|exceed|have|be (?:any )?(?:larger|bigger|longer|more|password|encrypted|locked))\b/i)) return false;
  // “The system accepts Word documents too, but please don't.”
  if (says(after, /^s?(?: (?:files?|documents?))?[^.;]{0,20},? but please (?:do not|don['’]t)(?=\s*(?:$|[.:;,!(–-]|use|do|send|upload|submit))/i)) return true;
  // “PDFs from scans are no good to me.”
  if (says(after, /^s?[^.;,]{0,40}\b(?:are|is) (?:no good|no use|useless|unusable|of no use)\b/i)) return true;
  // “PDFs make life difficult for us, so please do not send them.”
  if (/^\W*$/.test(before) && says(after, /^s?[^.;]{3,120},? (?:so )?(?:please )?(?:do not|don['’]t|never) (?:send|submit|upload|use|hand in) (?:them|those|these)\b/i)) return true;
  // “Files in other formats (e.g. .odt, .docx) will not be accepted.”
  if (before.split('(').length > before.split(')').length && says(after, /^[^()]*\)\s+(?:(?:will|can|may|must|should) ?not|cannot|won['’]t|are not|is not)\b/i)) return true;
  // “Use docx, or if you cannot, odt.”
  after = rewritten(after, [/^,? (?:or|and),? if (?:you (?:cannot|can['’]t|can not)|(?:that|this) is not possible)(?: do (?:so|that))?,/i, (s) => ','.padEnd(s.length)]);
  // What stands in brackets behind it is about something else: “PDF (links will not be graded)”.
  after = after.replace(/\([^()]*\)/g, (s) => ' '.repeat(Math.min(s.length, 2)));
  // “Photos or Pages documents are not accepted: PDF only.”
  if (/:\s$/.test(before) && /^s?,? (?:only|please|instead)\b/i.test(after)) return false;
  // “.doc or .docx – PDFs can't be annotated”, “Word or RTF, PDFs are returned”: what follows has a subject of its own.
  after = after.replace(ownSubject('[–-]'), '');
  if (/\bor (?:an? )?\.?$/i.test(before) || /^[^,]{0,24}\bor\b/i.test(after)) after = after.replace(ownSubject(','), '');
  after = rewritten(after, [/^([^.;]{0,40}?\b(?:is|are) (?:fine|ok(?:ay)?|good|accepted|welcome|possible|allowed|both fine|all fine)\b).*$/is, '$1']);
  // “Rejected: pages, odt, links to cloud documents.”
  if (says(before, /^\W*(?:rejected|refused|not accepted|unacceptable)\s*:[^.;]*$/i)) return true;
  // “We can’t annotate PDFs.”
  if (says(before, /\b(?:can['’]?t|can ?not|cannot|unable to)\b[^.;]{0,10}\b(?:annotate|open|read|mark|edit|accept|take|use|work with|handle)\s+(?:an? |the |your |any )?\.?$/i)) return true;
  const since = before.replace(/\([^()]*\)/g, (s) => ' '.repeat(s.length)).slice(Math.max(before.lastIndexOf(' but '), before.lastIndexOf(', please '), before.lastIndexOf(';'), before.lastIndexOf('. '), before.lastIndexOf('! '), before.search(/,\s+not\s+[^,]*$/)) + 1);
  if (says(since, /\b(?:not|no|never|don['’]t|nor|neither|other than|instead of|rather than|except|unlike)\b(?:(?!\bonly\b)[^.;])*$/i) && !says(since, /\b(?:not only|no (?:more|larger|longer|later|bigger|greater) than|not (?:be )?(?:more|larger|longer|later|bigger|greater) than|not exceed(?:ing)?|do not forget|no other)\b[^.;]*$/i)) return true;
  return !/^[^.;]{0,20}\bonly\b/i.test(after) && says(after, /^[^.;]{0,60}\b(?:(?:is|are|will be)\s+(?:not|no longer|rejected|refused|returned)|(?:will|can|may|must|should)\s?not|cannot|won['’]t be|can['’]t be|(?:isn|aren)['’]t(?=\W*$)|(?:isn|aren)['’]t (?:accepted|allowed|permitted|possible|wanted|suitable|acceptable|an option|options|needed|required|necessary|ok(?:ay)?|fine|good|supported))\b/i) && !says(after, /\b(?:isn|aren)['’]t (?:larger|bigger|longer|more|over|bound|password)\b|\b(?:must|may|should|can|will)\s?not (?:exceed|be (?:any )?(?:larger|bigger|longer|more|over|greater|smaller|shorter|fewer))\b|\bcannot (?:exceed|be (?:any )?(?:larger|bigger|longer|more))\b/i);
}
