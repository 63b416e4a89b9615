import { emphasisMarks, isQuotedWhole, quotationMark, unseenLetters } from '../text/passed-on.ts';
import { withoutBreaks } from '../text/wrapped-lines.ts';
import { rewritten } from '../text/patterns.ts';

const months = '(?:Jan(?:uary)?|Feb(?:ruary)?|Mar(?:ch)?|Apr(?:il)?|May|June?|July?|Aug(?:ust)?|Sept?(?:ember)?|Oct(?:ober)?|Nov(?:ember)?|Dec(?:ember)?)';

/** A receipt's text without what programs put around and between its words: marks of quotation and emphasis, bullets, spaces that do not break, lines broken for want of room. Names of files stay as they are. */
export function plainReceipt(text: string): string {
  let plain = text.replace(/\r\n?/g, '\n').replace(unseenLetters, '').replace(/\u00a0|\u2007|\u202f/g, ' ').replace(/(?<![^\S\n])[^\S\n]+$/gm, '');
  plain = rewritten(unquoted(plain), [emphasisMarks, ''], [/^[ \t]*[•▪·‣◦●○■*\uf0b7\uf0a7][ \t]+/gm, ''], [/(?<=(?<!\d)\d{1,2}(?:st|nd|rd|th)? (?:Jan|Feb|Mar|Apr|May|Jun|Jul|Aug|Sep|Oct|Nov|Dec)\p{L}*,? )['’‘](?=\d\d(?!\d))/giu, '20'], [/(?<=\b(?:at|since|by) )([01]\d|2[0-3])([0-5]\d)(?= ?(?:h|hrs|hours|GMT|UTC|BST|CET|CEST)\b)/gi, '$1:$2'], [/^(?:printed|date printed|page printed)(?: on| at)?:? [^\n]{0,12}\d[^\n]{0,30}$/gim, ''], [new RegExp(`(?<![\\w.-])(\\d{1,2})-(${months})-(20\\d\\d)(?![\\w-]|\\.\\w)`, 'gi'), '$1 $2 $3'], [new RegExp(`(?<![\\d:.])([012]?\\d:[0-5]\\d(?::[0-5]\\d)?) on (\\d{1,2}(?:st|nd|rd|th)? ${months} 20\\d\\d)(?!\\d)(?! ?[AP]M)`, 'gi'), '$2, $1'], [new RegExp(`(?<=(?<!\\d)\\d{1,2} ${months},? (?:20)?\\d\\d,?[ \\t]{1,3}(?:at )?)([01]?\\d|2[0-3])\\.([0-5]\\d)(?![\\d.]|[ap]m| [ap]\\.?m| ?[KMG]i?B| kB)`, 'gi'), '$1:$2'], [new RegExp(`\\b(?:Mon|Tue|Wed|Thu|Fri|Sat|Sun)[a-z]*,? (?=\\d{1,2}(?:st|nd|rd|th)? ${months} 20\\d\\d)`, 'gi'), ''], [/(?<![\w.-])(\d{1,2})(?:[:.]([0-5]\d))?((?::[0-5]\d)?)[ \t]?(?:([ap])\.[ \t]?m\b|([ap])m\b|([AP])\.?[ \t]?M\b)(?:\.(?![ \t]+\p{Lu}\p{Ll}))?(?![\p{L}\d])/gu, (_, hour: string, minute: string | undefined, second: string, ...half: (string | undefined)[]) => `${hour}${minute ? `:${minute}${second}` : ''} ${(half[0] ?? half[1] ?? half[2]!).toLowerCase()}m`], [/^([ \t]*)([01]?\d|2[0-3])\.([0-5]\d)(?=[ \t]{2,}\S)/gm, '$1$2:$3']);
  return withoutBreaks(plain);
}

/** A message that was passed on as a whole, without the marks before its lines. */
export const unquoted = (text: string): string => (isQuotedWhole(text) ? text.replace(quotationMark, '') : text);
