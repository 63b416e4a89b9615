import type { Rewrite } from './alike.ts';

const ones = ['zero', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine'], teens = ['ten', 'eleven', 'twelve', 'thirteen', 'fourteen', 'fifteen', 'sixteen', 'seventeen', 'eighteen', 'nineteen'], tens = ['', '', 'twenty', 'thirty', 'forty', 'fifty', 'sixty', 'seventy', 'eighty', 'ninety'];
const below100 = `(?:(?:${tens.slice(2).join('|')})(?:[ -](?:${ones.slice(1).join('|')}))?|${[...teens, ...ones.slice(1)].join('|')})`;
const hundreds = `(?:an?|${below100})[ -]hundred(?:(?: and|-and)?[ -]${below100})?`, thousands = `(?:an?|${below100})[ -]thousand(?:,? (?:and )?(?:${hundreds}|${below100}))?`;
const anyNumber = `(?:${thousands}|${hundreds}|${below100})`;
const counted = '(?=[ -](?:(?:A4|typed|printed|full|typewritten) )?(?:words?|pages?|sides?|characters?|keystrokes?)\\b)', weighed = '(?= (?:[KMG]i?B|(?:kilo|mega|giga)?bytes?)\\b)';

const valueOf: Readonly<Record<string, number>> = Object.fromEntries([['a', 1], ['an', 1], ...ones.map((word, n) => [word, n]), ...teens.map((word, n) => [word, 10 + n]), ...tens.map((word, n) => [word, 10 * n]).slice(2)]);

/** What a number in words comes to: “two thousand five hundred”, “fifteen hundred”, “two hundred and fifty”. */
function sumOf(words: string): number {
  let whole = 0, part = 0;
  for (const word of words.toLowerCase().split(/[ ,-]+/)) {
    if (word === 'thousand') { whole += (part || 1) * 1000; part = 0; } else if (word === 'hundred') part = (part || 1) * 100;
    else part += valueOf[word] ?? 0;
  }
  return whole + part;
}

/** Lengths and sizes in words, with what they are in figures. */
export const spokenNumbers: readonly Rewrite[] = [
  // “Four to five thousand words”: thousands both.
  [new RegExp(`(?<![\\p{L}\\d-]|(?:hundred|thousand) )(${below100})( (?:to|and|or) |(?: ?[-–] ?))(${below100})[ -](hundred|thousand)${counted}`, 'giu'), (words, [least, joint, most, by]) => { const times = by!.toLowerCase() === 'hundred' ? 100 : 1000; return sumOf(least!) < sumOf(most!) ? `${sumOf(least!) * times}${joint!}${sumOf(most!) * times}` : words; }],
  [new RegExp(`(?<=\\b(?:page|word) (?:limit|maximum|ceiling|cap)(?: is| of|:|,)? )${anyNumber}(?=\\s*(?:[.,;)]|$))`, 'gimu'), (words) => String(sumOf(words))],
  // “Between fifteen hundred and two thousand words”, “ten to twelve pages”.
  [new RegExp(`(?<![\\p{L}\\d-])(${anyNumber})( (?:to|and|or) |(?: ?[-–] ?))(${anyNumber})${counted}`, 'giu'), (words, [least, joint, most]) => (sumOf(least!) < sumOf(most!) ? `${sumOf(least!)}${joint!}${sumOf(most!)}` : words)],
  [new RegExp(`(?<![\\p{L}\\d-])(?:${thousands}|${hundreds})${counted}`, 'giu'), (words) => String(sumOf(words))],
  [new RegExp(`(?<![\\p{L}\\d-]|\\b(?:${tens.slice(2).join('|')})[ -]|\\band )(?:(?:${teens.slice(1).join('|')})|(?:${tens.slice(2).join('|')})(?:[ -](?:${ones.slice(1).join('|')}))?)${counted}`, 'giu'), (words) => String(sumOf(words))],
  [/(?<![\p{L}-])half a dozen(?= (?:pages|sides)\b)/giu, () => '6'], [/(?<![\p{L}-])(?:a|one) dozen(?= (?:pages|sides)\b)/giu, () => '12'], [/(?<![\p{L}-])two dozen(?= (?:pages|sides)\b)/giu, () => '24'],
  [/(?<![\p{L}-])half a (?=(?:mega|giga)byte\b|[MG]B\b)/giu, () => '0.5 '], [/(?<![\p{L}-])(?:one|a) and a half (?=(?:mega|giga)bytes?\b|[MG]B\b)/giu, () => '1.5 '],
  [new RegExp(`(?<![\\p{L}\\d-])${below100}${weighed}`, 'giu'), (words) => String(sumOf(words))], [new RegExp(`(?<![\\p{L}\\d-])(?:${hundreds})${weighed}`, 'giu'), (words) => String(sumOf(words))],
];
