/** Lines that a mail program, an editor or the page of a PDF broke for want of room. */

/** After such a word no sentence ends, in the languages that assignments are read in. */
const dangling = /(?:^|[\s("“‘'–-])(?:an?|the|of|at|by|on|in|to|and|or|for|with|from|than|as|is|are|be|your|our|their|its|this|that|which|who|not|will|must|may|should|shall|can|cannot|has|have|been|was|were|into|onto|under|over|about|between|until|before|after|within|without|via|per|each|every|any|if|when|while|but|nor|we|you|it|they|I|more|less|most|least|also|either|both|der|die|das|dem|den|des|und|oder|um|bis|zum|zur|zu|von|vom|mit|im|in|als|ein|eine|einen|einem|einer|ist|sind|wird|werden|nicht|auf|für|bei|über|unter|spätestens|le|la|les|un|une|du|de|et|ou|en|au|aux|est|pas|avec|pour|par|sur|dans|que|qui|el|los|las|y|o|del|con|para|una|il|lo|gli|di|della|e|da|per|che|os|um|uma|do|dos|com|não|em)$|(?<=\p{Ll} )am$|[:,(] (?:max|min|approx|ca)\.?$|[,&/–—]$/iu;
const month = '(?:Jan(?:uary)?|Feb(?:ruary)?|M(?:arch|är|ärz|ay|ai)|Apr(?:il)?|June?|July?|Aug(?:ust)?|Sept?(?:ember)?|O[ck]t(?:ober)?|Nov(?:ember)?|De[cz](?:ember)?|janvier|février|mars|avril|mai|juin|juillet|août|septembre|octobre|novembre|décembre|Juni|Juli)';
/** A line that begins something of its own: an item, a heading, a row, what is quoted. */
const begins = /^\s*(?:[-–—*+•▪·‣▸►➢✓→☐☑☒□◦●○■]\s|[-=]>\s|\d{1,2}(?:\.\d{1,2})*[.)]\s|\(\d{1,2}\)\s|\(?[a-z]\)\s|[a-h]\.\s|\(?[ivx]{1,4}[.)]\s|[A-Z]\.\s|#|\||\[[ xX]?\]\s|Q\d|§|[-=_*~]{3,}|\d{1,2}[.:]\d{2}\s?[-–|])/u;
/** “12. March” begins no item. */
const dayOfMonth = /^\s*\d{1,2}\.\s(?:Jan|Feb|M[aä]r|A[pv]r|Ma[iy]|Jun|Jul|Aug|Sep|O[kc]t|Nov|De[zc]|janv|févr|mars|avr|juin|juil|août|ene|gen|mag|giu|lug|ago|set|ott|dic)/i;
/** A row of a table, a line that keeps its gaps, or one with a checksum. */
const setApart = /\||\t|\.{4}|\S {3,}\S|^\s*[-=_*~.]{3,}\s*$|^```|(?<![0-9a-z])[0-9a-f]{32,}(?![0-9a-z])/;
const label = /^\s*["“'‘]?\p{Lu}(?:[^\n:.,;!?()]|\([^\n()]{0,40}\)){0,40}:(?:\s|$)/u;
/** Of those who write without capitals. */
const smallLabel = /^\s*\p{Ll}[\p{L} ]{1,25}(?::\s|\s[=>-]\s)/u;
/** What stands together: a day and its month, a figure and what it counts, a name of two words. */
const oneThing = new RegExp(`(?:\\b\\d{1,2}(?:st|nd|rd|th)?\\.?\\n(?:of )?${month}|${month}\\n\\d{1,4}\\b|\\b${month} \\d{1,2}(?:st|nd|rd|th)?,?\\n(?:19|20)\\d\\d|\\d\\n(?:pages|words|[MKG]i?B\\b|minutes|Uhr|[ap]\\.?m\\b|pt\\b|cm\\b|mm\\b|Seiten|Wörter|Prozent|%|percent|days|hours|marks|points)|\\b(?:noon|[ap]\\.?m\\.?|\\d)\\n(?:UTC|GMT|BST|IST|MEZ|MESZ|CES?T|EES?T|WES?T|[ECMPA][SD]T|A[EWC][SD]T|NZ[SD]T|SAST|AoE|HKT|SGT|JST|WAT|EAT)\\b|(?:Summer|Standard|Daylight|Saving)\\nTime|(?:spacing|size|abstand|größe|Umfang|Länge|length|limit)\\n\\d|\\b(?:Arial|Calibri|Roman|Garamond|Verdana)\\n\\d{1,2}\\b|\\bTimes New\\nRoman|\\bTimes\\nNew|\\bCourier\\nNew|[^:\\s]\\s(?:Mon|Tues|Wednes|Thurs|Fri|Satur|Sun)day,?\\n\\d)`, 'i');
/** A bracket or a quotation that the line leaves open. */
const bracketOpen = (line: string): boolean => /\([^()]*$/.test(line) || /(?:^|[\s(])"(?=\S)[^"]*$/.test(line) || /[“„«]/.test(line.replace(/„[^„“”]*[“”]|“[^“”]*”|«[^«»]*»/g, ''));
const quoteMarks = /^(?:>[ \t]?)*/;

/** A line that begins with the mark which its path goes on with. */
export const quotesNobody = (before: string | undefined, line: string): boolean => before !== undefined && /^>/.test(line) && !/^>/.test(before) && /\S > \S/.test(before);

/** Which lines run on into the next. Lines that were broken for want of room end where the next word would not have fitted; lines that somebody ended do not.
 * @param lines - the lines of a wording, without ends
 * @returns for each line whether what follows it belongs to it */
export function runningOn(lines: readonly string[]): boolean[] {
  // “Module page > Coursework” and, below it, “> Essay 2” quote nobody.
  const marks = lines.map((line, i) => (quotesNobody(lines[i - 1], line) ? '' : quoteMarks.exec(line)![0])), bare = lines.map((line, i) => line.slice(marks[i]!.length));
  const apart = bare.map((line) => !line.trim() || line.length > widestPage || setApart.test(line));
  /** the room that a line and the first word of the next would have taken */
  const needed = (i: number): number => lines[i]!.trimEnd().length + 1 + /^\s*(\S*)/.exec(bare[i + 1]!)![1]!.length;
  const pairs = lines.flatMap((_, i) => (i + 1 < lines.length && !apart[i] && !apart[i + 1] && marks[i]!.trim() === marks[i + 1]!.trim() ? [i] : []));
  const together = (i: number): boolean => oneThing.test(`${bare[i]!.slice(-40)}\n${bare[i + 1]!.trimStart().slice(0, 20)}`);
  const open = (i: number): boolean => dangling.test(bare[i]!) || bracketOpen(bare[i]!) || together(i) || quotesNobody(lines[i], lines[i + 1]!);
  const small = (i: number): boolean => /^\s*[\p{Ll}(„“«]/u.test(bare[i + 1]!) && !/[.!?:]$/.test(bare[i]!) && !/^\s*\S+\.(?:\w{2,4}$|(?:pdf|docx?|odt|rtf|txt|jpe?g|png|tiff?|zip|pptx?|xlsx?|html?|csv)(?![\w.]))/i.test(bare[i + 1]!);
  // Where several lines begin with a name and a colon, each of them does.
  const listed = bare.filter((line) => smallLabel.test(line)).length > 3;
  const own = (i: number): boolean => begins.test(bare[i + 1]!) && !dayOfMonth.test(bare[i + 1]!) || smallLabel.test(bare[i + 1]!) && (listed || !open(i));
  const widest = lines.reduce((most, line, i) => (apart[i] ? most : Math.max(most, line.trimEnd().length)), 0);
  if (widest < narrowestPage) return lines.map(() => false);
  // In proportional letters lines of one width differ by some letters.
  const going = pairs.filter((i) => (open(i) || small(i)) && !own(i)), sure = going.filter((i) => needed(i) > widest * 0.75);
  // Where lines begin small of themselves, that says nothing.
  const firsts = bare.filter((line, i) => line.trim() && !begins.test(line) && (i === 0 || !bare[i - 1]!.trim() || /[.!?:]$/.test(bare[i - 1]!) || smallLabel.test(line))), capital = firsts.filter((line) => !/^\W*\p{Ll}/u.test(line)).length >= firsts.length * 0.8;
  const enough = sure.some(open) || capital && widest >= narrowPage ? 1 : capital ? 3 : widest < commonPage ? 4 : 2;
  if (sure.length < enough || (going.length - sure.length) * 2 >= sure.length + (capital ? 2 : 0)) return lines.map(() => false);
  const room = sure.reduce((least, i) => Math.min(least, needed(i)), Infinity);
  const runs = new Set(pairs.filter((i) => {
    if (own(i) || needed(i) < room) return false;
    const ends = /[.!?]$/.test(bare[i]!) && /^\W*\p{Lu}/u.test(bare[i + 1]!);
    return (!ends || needed(i) > widest) && (!label.test(bare[i + 1]!) || !ends && open(i));
  }));
  return lines.map((_, i) => runs.has(i));
}
const narrowestPage = 36, narrowPage = 46, commonPage = 60, widestPage = 130;

/** Tells whether a word that a hyphen parts at a line's end is one: “anony-” and “mous” are, “double-” and “spaced” are not. The words of the text tell. */
export function brokenWords(text: string): (head: string, tail: string) => boolean {
  const known = new Set(text.toLowerCase().replace(/\p{L}+[-‐\u00ad]\r?\n(?:>[ \t]?)*[ \t]*\p{L}+/gu, ' ').match(/\p{L}+(?:-\p{L}+)*/gu));
  return (head, tail) => known.has(head + tail) || !known.has(`${head}-${tail}`) && !(known.has(head) && known.has(tail));
}

/** A text whose lines run on where they were broken for want of room; a word broken at a line's end is whole again. */
export function withoutBreaks(text: string): string {
  const lines = text.split(/\r?\n/), runs = runningOn(lines);
  if (!runs.includes(true)) return text;
  const broken = brokenWords(text);
  return lines.map((line, i) => {
    const own = i > 0 && runs[i - 1] ? (quotesNobody(lines[i - 1], line) ? line : line.slice(quoteMarks.exec(line)![0].length)).trimStart() : line;
    if (!runs[i]) return i + 1 < lines.length ? `${own}\n` : own;
    const next = lines[i + 1]!, head = /(\p{Ll}+)[-‐\u00ad]$/u.exec(own.slice(-40)), tail = head ? /^\p{Ll}+/u.exec(next.slice(quoteMarks.exec(next)![0].length).trimStart()) : null;
    if (!head || !tail) return `${own} `;
    return own.endsWith('\u00ad') || broken(head[1]!, tail[0]) ? own.slice(0, -1) : own;
  }).join('');
}
