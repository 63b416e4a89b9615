import type { WordStream } from '../words.ts';

/** What stands about a passage in the paper and may hold its citation. */
export interface Around { /** its sentence up to the passage, or the sentence that announces a quotation set apart */ lead: string; inside: string; /** its sentence from the passage's end, with a bracket behind the stop */ follow: string; /** the sentences before the lead, in its paragraph */ earlier: string; /** a line below that says whose words they are: “— Kessler, Canals” */ below: string; /** the next sentence, where it says whose words these were: “This was shown by …” */ next: string }

/** Stops behind which no sentence ends. */
const abbreviated = String.raw`(?<!\b(?:al|pp?|cf|vgl|eds?|vols?|nos?|e\.g|i\.e|z\.B|ca|Dr|Prof|St|Mrs?|Ms|\p{Lu})\.)`;
const sentenceEnd = new RegExp(`(?<=[.!?][”"’)\\]]{0,2}(?:\\d{1,3}|[¹²³⁴⁵⁶⁷⁸⁹⁰]+)?)${abbreviated}\\s+(?=["“”‘’(\\[«„]?\\p{Lu}|["“‘«„]?$)`, 'u');

/** @param start, end - of the passage in the paper's text */
export function aroundOf(paper: WordStream, start: number, end: number): Around {
  const after = paper.text.slice(end, end + 200), from = startOfQuotation(paper, start), part = paper.pages.length > 0 ? /\n/ : /\n\s*\n/;
  const paragraphs = paper.text.slice(Math.max(0, from - 900), from).split(part), own = paragraphs.at(-1)!;
  let sentences = own.split(sentenceEnd);
  // A quotation in a paragraph of its own is led in by the end of the one before.
  if (/^[\s“”"‘’«„>]*$/.test(own)) { const before = paragraphs.slice(0, -1).reverse().find((p) => p.trim() !== '') ?? ''; if (/[:,–—\p{Ll}]\s*$/u.test(before)) sentences = before.split(sentenceEnd); }
  // A citation belongs to the passage up to the end of its sentence, or of the quotation; a note's number may stand behind the stop.
  const sentence = /^[^]*?(?:[.!?][”"’)]?(?:\d{1,3}|[¹²³⁴⁵⁶⁷⁸⁹⁰]+|\s?\[[\d\s,;–-]+\])?(?=\s+[A-Z“"‘]|\s*\n|$)(?![^(]*\))(?![^[]*\])|\n\n|$)/.exec(after)?.[0] ?? after, behind = after.slice(sentence.length);
  return {
    lead: whole(`${sentences.at(-1)!}${paper.text.slice(from, start)}`), inside: paper.text.slice(start, end), follow: whole(`${sentence}${/^(?:[^]{0,4}|\s{0,16})\([^)]*\)/.exec(behind)?.[0] ?? ''}`), earlier: whole(sentences.slice(-3, -1).join(' ')),
    next: saysWhose.exec(behind)?.[1] ?? '',
    below: /^\s*\n\s*[—–―]\s*([^\n]{3,160})/.exec(behind)?.[1] ?? '',
  };
}
/** “This is what Kessler (2014) found.”, “So writes Kessler (2014).”, “I owe this to …”, “Source: …”, “Kessler (2014) shows this.” */
const saysWhose = /^\s*\(?((?:(?:This|These|That|It|Such)\s+(?:[\p{Ll}’']+\s+){0,4}?(?:how|what|shown|found|written|said|noted|observed|argued|described|quoted|taken|comes?|put|words?|views?|findings?|claims?|arguments?|passages?|results?|conclusions?|figures|numbers|data|accounts?|observations?|estimates?|definitions?|sentences?|quotations?|reading|from|based|drawn|borrow(?:ed|s)|rests|relies|indebted)\b|(?:So|Thus)\s+(?:\p{Ll}+\s+)?(?=\p{Lu})|Source:|(?:Cf\.|See(?: also)?|Compare|Vgl\.)\s+(?=\p{Lu})|I (?:owe|take|have) (?:this|these|it)\b|\p{Lu}[^.!?\n]{2,60}\((?:19|20)\d{2}[^()]{0,20}\)\s+\p{Ll}+\s+(?:this|so|it)\s*[.;]|\p{Lu}[^.!?\n]{2,60}\((?:19|20)\d{2}[^()]{0,20}\)\s+was the first to)(?:[^.!?\n]|(?<=\bal)\.){0,160})/u;
/** A name that a line's end broke is whole again. */
const whole = (text: string): string => text.replace(/(\p{L})[-‐]\n(?=\p{Ll})/gu, '$1');

const marks = /[“”„«»"]/;
/** Where the quotation ends that a passage lies in, by the words behind it that are quoted without a mark between them; the passage's own end where it lies in none. */
export function endOfQuotation(paper: WordStream, end: number): number {
  let last = end;
  for (let i = firstFrom(paper, end); i < paper.words.length && paper.words[i]!.quoted && last - end < 3000 && !marks.test(paper.text.slice(last, paper.words[i]!.start)); i++) last = paper.words[i]!.end;
  return last;
}
function startOfQuotation(paper: WordStream, start: number): number {
  let first = start;
  for (let i = firstFrom(paper, start); paper.words[i]?.quoted && i > 0 && paper.words[i - 1]!.quoted && start - first < 3000 && !marks.test(paper.text.slice(paper.words[i - 1]!.end, first)); i--) first = paper.words[i - 1]!.start;
  return first;
}
/** The first word that begins at a place or behind it. */
function firstFrom(paper: WordStream, at: number): number {
  let low = 0, high = paper.words.length;
  while (low < high) { const middle = (low + high) >> 1; if (paper.words[middle]!.start < at) low = middle + 1; else high = middle; }
  return low;
}
