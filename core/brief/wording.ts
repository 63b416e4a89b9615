import { runningOn } from './wrapped-lines.ts';

/** A wording as it is read, with where each of its letters stands in the original. */
export interface Wording { text: string; /** where a letter stands in the original */ at: (offset: number) => number }

/** Brings a wording into the shape that it is read in: lines that a mail program or a page broke run on, marks of emphasis, spaces that do not break and letters that are not seen are gone.
 * @returns the wording, with the places of its letters in the original (in UTF-16 units) */
export function readable(original: string): Wording {
  let wording: Placed = { text: original, places: null };
  for (const [pattern, by] of [...plainer, ...smallNames]) wording = replaced(wording, pattern, by);
  wording = replaced(wording, /^(?: {2,}|\t+)(?=\S)/gm, indentOfAll(wording.text) > 1 ? (lead) => lead.slice(Math.min(lead.length, indentOfAll(wording.text))) : (lead) => lead);
  // A word processor's second mark before items is a round letter.
  if ((wording.text.match(/^[ \t]*o[ \t]+\S/gm)?.length ?? 0) >= 2) wording = replaced(wording, /(?<=^[ \t]*)o(?=[ \t]+\S)/gm, () => '-');
  wording = labelsBesideValues(wording);
  // Boxes of which none is ticked are marks before items.
  if (!/[☑☒✓✔]|\[[xX]\]/.test(wording.text)) wording = replaced(wording, /(?<=^[ \t]*)[☐□❏](?=[ \t]+\S)/gm, () => '-');
  // A message that is quoted as a whole is no earlier one.
  if (/^>/m.test(wording.text) && !/^[^>\n]/m.test(wording.text)) wording = replaced(wording, /^>[ \t]?/gm, () => '');
  wording = unwrapped(wording);
  const { text, places } = wording;
  return { text, at: (offset) => places?.[offset] ?? (offset < text.length ? offset : original.length) };
}

function inCapitals(name: string): string { return name.replace(/\b[a-z]/g, (letter) => letter.toUpperCase()); }

interface Placed { text: string; places: number[] | null }
type By = (found: string) => string;

/** Words that the settings of an assignment are called by; the second, those that such a name ends with. */
const settingWords = 'a(?:ccepted|ssessment|ssignment|llowed|ll)|and|anonymous(?:ly)?|at|by|citation|closing|deadline|due|essay|files?|final|for|full|hand(?:ing)?|how|in|is|it|late|line|marking|max(?:imum)?\\.?|min(?:imum)?\\.?|naming|number|of|opening|out|overall|page|paper|penalty|permitted|referencing|report|required|size|submission|submit|submitted|text|the|this|time|to|type|upload|word|work|your?';
const settingEnds = 'accepted|allowed|anonymity|anonymous|area|at|attempts?|available(?: from| until)?|box|by|check|citations?|close[sd]?|convention|counts?|cut-?off|date|dates|deadline|declaration|due|files?|filenames?|fonts?|formats?|from|in|late|length|limit|link|margins?|marking|method|name|names|naming|numbers?|opens?|out|pages|penalt(?:y|ies)|permitted|plagiarism|place|point|policy|portal|references|referencing|released?|required|resubmissions?|similarity|size|spacing|style|submission|submissions|submit|time|to|types?|until|upload|via|what|when|where|window|words|zone';
/** A line that begins with such a name and a dash: “Word count – 2,000”. */
const labelled = new RegExp(`^[ \\t]*(?:[-*][ \\t]+|\\d{1,2}[.)][ \\t]+)?(?:(?:${settingWords})[ -]){0,4}(?:${settingEnds})(?: \\([^()\\n]{1,30}\\))?[ \\t]+(?:[-–—]|->|→)[ \\t]+(?=\\S)`, 'gimu');

/** Names that some write small. What they are is told by the words beside them. */
const smallNames: readonly [RegExp, By][] = [
  [/\b(?:times new roman|arial|calibri|garamond|verdana|cambria|helvetica|book antiqua|palatino|courier new|tahoma)\b/g, inCapitals],
  [/\ba[0-5]\b(?=\s?(?:paper|size|pages?|sides?|sheets?|landscape|portrait|format|posters?|boards?)\b|\s*(?:[,;)]|\.(?!\w)|$))/gm, (name) => name.toUpperCase()],
  [/\b(?:harvard|chicago|vancouver|oxford)\b(?=[\s-](?:style|referenc|refs|notes|citation|format|system|guidelines|author)|[)]|\s*[,.;)]?\s*$)|(?<=\b(?:references?|referencing|citations?|style):? )(?:harvard|chicago|vancouver)\b/gm, inCapitals],
  [/\b(?:apa|mla|oscola|mhra|ieee)\b(?=\s(?:style|referenc|citation|format|\d|7th|guidelines)|\s*[,.;)]|\s*$)|(?<=\b(?:references?|referencing|citations?|style):? )(?:apa|mla|oscola|mhra|ieee)\b/gm, (name) => name.toUpperCase()],
  [/(?<=\d(?:[:.]\d\d)?\s?(?:[ap]m|h|hrs)?,?\s\(?|\b(?:noon|midnight),?\s\(?)(?:gmt|bst|utc|cest|cet|eest|eet|[ecmp][sd]t|ist|aoe|sast|aest|aedt|nzst|nzdt|uk)\b(?=\s*[,.;)\n]|\s*$|\s(?:on|time|via)\b)/g, (name) => (name === 'aoe' ? 'AoE' : name.toUpperCase())],
  [/(?<=\d\s?[ap]m,?\s\(?)(?:eastern|pacific|mountain|central|atlantic)\b(?=\s*[,.;)\n]|\s*$|\s(?:on|via)\b)/g, inCapitals],
  [/\b(?:ms|microsoft) word\b|(?<!\d[ -])\bword(?= (?:only|format|please)\b)/g, (name) => name.replace(/\bms\b/, 'MS').replace('microsoft', 'Microsoft').replace('word', 'Word')],
  [/(?<=\d(?:[:.]\d\d)?\s?(?:[ap]m|h|hrs)?,?\s\(?|\b(?:noon|midnight),?\s\(?)(?:us |new )?(?!local|same|any|this|that|each|every|standard|next|first|last|second|real|some|full|half|part|over|long|extra|more|of|the|class|course|week|your|our|own|normal)[a-z]{3,12}(?= time\b)/g, inCapitals],
];

const labelAlone = new RegExp(`^[ \\t]*(?:(?:${settingWords})[ -]){0,4}(?:${settingEnds})[ \\t]*$`, 'i');

const monthNames = ['January', 'February', 'March', 'April', 'May', 'June', 'July', 'August', 'September', 'October', 'November', 'December'];

const wholeMonth = (start: string): string => monthNames.find((name) => name.startsWith(start.slice(0, 3))) ?? start;

/** What reads as the same. */
const plainer: readonly [RegExp, By][] = [
  [/\r\n?/g, () => '\n'],
  // Spaces that keep figures together tell thousands; elsewhere they are spaces.
  [/(?<!\d)[\u00a0\u2007\u2009\u202f]|[\u00a0\u2007\u2009\u202f](?!\d{3}(?!\d))/g, () => ' '],
  [/[\u00ad\u200b-\u200d\u2060\ufeff]/g, () => ''],
  [/[\u2010\u2011]/g, () => '-'],
  // Letters in other code points (UAX #15): ligatures of a PDF, and accents apart from their letters.
  [/[\ufb00-\ufb06]/g, (letter) => letter.normalize('NFKC')],
  [/\p{L}\p{M}+/gu, (letter) => letter.normalize('NFC')],
  // “12 th March”, where the page set the letters higher.
  [/(?<=\d) (?=(?:st|nd|rd|th)\b)/g, () => ''],
  // Emphasis: two marks around words, never those of a file's name.
  [/(?<![\w*])\*\*(?=\S)|(?<=\S)\*\*(?![\w*])/g, () => ''],
  [/[ \t]+$/gm, () => ''],
  [/(?<=\d)(?:''|″|′′|’’)/g, () => '"'],
  // Quotation marks of other languages, and single ones around a name.
  [/[«‹]\s?|\s?[»›]/g, () => '"'],
  [/(?<=^|[\s(>\/])['‘](?=\S)[^'’‘"“”\n]{2,80}(?<=\S)['’](?=[\s.,;:)!?\/]|$)/gm, (name) => `"${name.slice(1, -1)}"`],
  // Items by numbers in brackets.
  [/(?<=^[ \t]*)(?:\(\d{1,2}\)|\d{1,2}\))(?=[ \t]+\S)/gm, (number) => number.replace('(', '').replace(')', '.')],
  // All marks before items.
  [/(?<=^[ \t]*)[•▪·‣◦●○■+*►▸➢➤\uf0b7\uf0a7–—](?=[ \t]+\S)/gm, () => '-'],
  // Halves of the day in any letters; the stop that ends a line or a sentence stays.
  [/(?<=\d[ \t]?)(?:[ap]\.[ \t]?m\.?|[AP]\.?[ \t]?M\.?)(?!\p{L})(?:(?=[ \t]*$)|(?!\.|[ \t]+\p{Lu}\p{Ll}))/gmu, (half) => half.replace(/[.\s]/g, '').toLowerCase()],
  [labelled, (line) => line.replace(/[ \t]+(?:[-–—]|->|→)[ \t]+$/, ': ')],
  // A mark alone on its line, as pages give it, stands before what follows.
  [/(?<=^[ \t]*(?:[-•▪·‣◦●○■*\uf0b7\uf0a7]|\d{1,2}\.))[ \t]*\n[ \t]*(?=\S)(?![-•▪·‣◦●○■*\uf0b7\uf0a7\n=])/gm, () => ' '],
  // A label and, on the line below, what it says.
  [/(?<=^[ \t]*(?:[-*] |\d{1,2}[.)] )?\p{Lu}[^\n:.,;!?|]{1,40}:)[ \t]*\n[ \t]*(?=(?![-*>#|([]|\d{1,2}[.)]\s)[^\n]+(?<!:)(?:$(?![^])|\n[ \t]*\n|\n[ \t]*(?:[-*] |\d{1,2}[.)] )?\p{Lu}[^\n:.,;!?|]{1,40}:))(?!\p{Lu}[^\n:.,;!?|]{1,40}:)/gmu, () => ' '],
  [/(?<=\d) ?(?:per ?cent|percent)\b(?!age)(?! points?)/gi, () => '%'],
  // Dates of ISO 8601, and those with dashes between, are told in words.
  [/(?<![\w/.+–-])20\d\d-(?:0[1-9]|1[0-2])-(?:0[1-9]|[12]\d|3[01])(?![\w/+–-]|\.\w)/g, (date) => `${Number(date.slice(8))} ${monthNames[Number(date.slice(5, 7)) - 1]!} ${date.slice(0, 4)}`],
  [new RegExp(`(?<![\\w/.+–-])\\d{1,2}[-/](?:${monthNames.map((name) => `${name.slice(0, 3)}(?:${name.slice(3)})?`).join('|')})[-/](?:20)?\\d\\d(?![\\w/+–-]|\\.\\w)`, 'gi'), (date) => date.replace(/[-/]/g, ' ').replace(/ (?=\d\d$)/, ' 20')],
  // “March 12, 2027”, “Mar. 12th, 2027”, “the 12th of March, 2027”, “12 March '27” as “12 March 2027”.
  [new RegExp(`(?<![\\w.])(?:${monthNames.map((name) => `${name.slice(0, 3)}(?:${name.slice(3)}|${name === 'September' ? 't?' : ''}\\.)?`).join('|')}) \\d{1,2}(?:st|nd|rd|th)?,? ?20\\d\\d(?!\\w)`, 'g'), (date) => date.replace(/^(\w+)\.? (\d{1,2}\w*),? ?(?=20\d\d$)/, (_, month: string, day: string) => `${day} ${wholeMonth(month)} `)],
  [new RegExp(`(?<!\\w)(?:the )?\\d{1,2}(?:st|nd|rd|th)? of (?=(?:${monthNames.join('|')})(?!\\w))`, 'gi'), (date) => date.replace(/^the /i, '').replace(/ of $/i, ' ')],
  [new RegExp(`(?<!\\w)\\d{1,2}(?:st|nd|rd|th)? (?:${monthNames.join('|')}), 20\\d\\d(?!\\w)`, 'g'), (date) => date.replace(',', '')],
  [new RegExp(`(?<=(?<!\\w)\\d{1,2}(?:st|nd|rd|th)? (?:${monthNames.map((name) => `${name.slice(0, 3)}(?:${name.slice(3)})?`).join('|')}),? )['’‘](?=\\d\\d(?!\\w))`, 'gi'), () => '20'],
  [new RegExp(`(?<!\\w)\\d{1,2}(?:st|nd|rd|th)? (?:${monthNames.join('|')})(?: 20\\d\\d)? \\((?:Mon|Tues|Wednes|Thurs|Fri|Satur|Sun)day\\)`, 'g'), (date) => date.replace(/^(.+) \((\w+)\)$/, '$2 $1')],
  // “16:00 hrs”, “16h00”.
  [/(?<=(?<!\d)[012]?\d:[0-5]\d) ?(?:hrs?\b\.?(?! ?(?:late|after|before|of|per|each))|hours\b(?! (?:late|after|before|of|per|each))|h\b)/gi, () => ''],
  [/(?<![\d\p{L}])[012]?\dh[0-5]\d(?![\d\p{L}])/gu, (time) => time.replace('h', ':')],
  // Two spaces part sentences, or fill a line; columns have more between them.
  [/(?<=[^\s|]) {2}(?=[^\s|])/g, () => ' '],
  // A date that a word processor joined with dashes (ISO 8601).
  [/(?<![\d–])(?:\d{4}–\d{2}–\d{2}|\d{2}–\d{2}–\d{4})(?![\d–])/g, (date) => date.replaceAll('–', '-')],
  [/(?<=[\p{L}\d)])—(?=[\p{L}\d(])/gu, () => ' — '],
];

/** Puts what reads as the same in the place of each match. */
function replaced({ text, places }: Placed, pattern: RegExp, by: By): Placed {
  const kept: string[] = [], from: number[] = [];
  let at = 0;
  const take = (to: number): void => { kept.push(text.slice(at, to)); for (; at < to; at++) from.push(places?.[at] ?? at); };
  for (const m of text.matchAll(pattern)) {
    const other = by(m[0]);
    if (other === m[0]) continue;
    take(m.index);
    kept.push(other);
    for (let i = 0; i < other.length; i++) { const of = m.index + Math.min(i, m[0].length - 1); from.push(places?.[of] ?? of); }
    at = m.index + m[0].length;
  }
  if (kept.length === 0) return { text, places };
  take(text.length);
  return { text: kept.join(''), places: from };
}

/** How far all lines are set in. */
function indentOfAll(text: string): number {
  let least = Infinity;
  for (const line of text.split('\n')) if (line.trim()) least = Math.min(least, line.length - line.trimStart().length);
  return Number.isFinite(least) ? least : 0;
}

/** A page of settings, copied: each name on a line, and what it says on the next. Three and more make one. */
function labelsBesideValues(wording: Placed): Placed {
  const lines = wording.text.split('\n'), isLabel = (line: string | undefined): boolean => line !== undefined && line.length < 45 && labelAlone.test(line), ends = (line: string | undefined): boolean => line === undefined || !line.trim() || isLabel(line);
  /** what is no setting, and yet a name: “Weighting”, “Learning outcomes: 1, 2” */
  const otherName = (line: string | undefined): boolean => /^[ \t]*\p{Lu}(?:[\p{L}\p{M} /&'’-]{1,38}$|[^:\n]{1,40}: )/u.test(line ?? '');
  const labels = new Set(lines.flatMap((line, i) => (isLabel(line) && !ends(lines[i + 1]) && (ends(lines[i + 2]) || otherName(lines[i + 2])) ? [i] : [])));
  let at = -1;
  return labels.size < 3 ? wording : replaced(wording, /\n/g, (end) => { at++; return labels.has(at) ? ': ' : end; });
}

/** Lines that were broken for want of room run on. */
function unwrapped(wording: Placed): Placed {
  const lines = wording.text.split('\n');
  if (lines.length < 2) return wording;
  const runs = runningOn(lines);
  if (!runs.includes(true)) return wording;
  let line = -1;
  return replaced(wording, /\n(?:>[ \t]?)*[ \t]*/g, (found) => {
    line++;
    return runs[line] ? ' ' : found;
  });
}
