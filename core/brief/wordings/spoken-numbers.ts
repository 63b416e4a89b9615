import type { Rewrite } from './alike.ts';

const ones = ['zero', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine'], teens = ['ten', 'eleven', 'twelve', 'thirteen', 'fourteen', 'fifteen', 'sixteen', 'seventeen', 'eighteen', 'nineteen'], tens = ['', '', 'twenty', 'thirty', 'forty', 'fifty', 'sixty', 'seventy', 'eighty', 'ninety'];
const below100 = `(?:(?:${tens.slice(2).join('|')})(?:[ -](?:${ones.slice(1).join('|')}))?|${[...teens, ...ones.slice(1)].join('|')})`;
const hundreds = `(?:an?|${below100})[ -]hundred(?:(?: and|-and)?[ -]${below100})?`, thousands = `(?:an?|${below100})[ -]thousand(?:,? (?:and )?(?:${hundreds}|${below100}))?`;
const anyNumber = `(?:${thousands}|${hundreds}|${below100})`;
const counted = '(?=[ -](?:(?:A4|typed|printed|full|typewritten|(?:double|single|one-and-a-half)[- ]spaced|numbered|standard|manuscript) )?(?:words?|pages?|sides?|characters?|keystrokes?)\\b)', weighed = '(?= (?:[KMG]i?B|(?:kilo|mega|giga)?bytes?)\\b)';

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

/** “Twenty-five hundred”. */
const isOneNumber = (least: string, joint: string, most: string): boolean => joint === '-' && tens.includes(least.toLowerCase().split(/[ -]/).at(-1)!) && ones.includes(most.toLowerCase().split(/[ -]/)[0]!);

/** Lengths and sizes in words, with what they are in figures. */
export const spokenNumbers: readonly Rewrite[] = [
  // “Four to five thousand words”: thousands both.
  [new RegExp(`(?<![\\w-]|(?:hundred|thousand) )(${below100})( (?:to|and|or) |(?: ?[-–] ?))(${below100})[ -](hundred|thousand)${counted}`, 'gi'), (words, [least, joint, most, by]) => { if (isOneNumber(least!, joint!, most!)) return words; const times = by!.toLowerCase() === 'hundred' ? 100 : 1000; return sumOf(least!) < sumOf(most!) ? `${sumOf(least!) * times}${joint!}${sumOf(most!) * times}` : words; }],
  [new RegExp(`(?<=\\b(?:page|word) (?:limit|maximum|ceiling|cap)(?: is| of|:|,)? )${anyNumber}(?=\\s*(?:[.,;)]|$))`, 'gim'), (words) => String(sumOf(words))],
  [new RegExp(`(?<=\\bbetween )(${below100}[ -](?:hundred|thousand))( and )(${thousands}|${hundreds})${counted}`, 'gi'), (_, [least, joint, most]) => `${sumOf(least!)}${joint!}${sumOf(most!)}`],
  // “Two and a half thousand words”.
  [new RegExp(`(?<![\\w-])(${below100}) and a half (hundred|thousand)${counted}`, 'gi'), (_, [whole, by]) => String((sumOf(whole!) + 0.5) * (by!.toLowerCase() === 'hundred' ? 100 : 1000))],
  // “Between fifteen hundred and two thousand words”, “ten to twelve pages”.
  [new RegExp(`(?<![\\w-])(${anyNumber})( (?:to|and|or) |(?: ?[-–] ?))(${anyNumber})${counted}`, 'gi'), (words, [least, joint, most]) => (!isOneNumber(least!, joint!, most!) && sumOf(least!) < sumOf(most!) ? `${sumOf(least!)}${joint!}${sumOf(most!)}` : words)],
  [new RegExp(`(?<![\\w-])(?:${thousands}|${hundreds})${counted}`, 'gi'), (words) => String(sumOf(words))],
  [new RegExp(`(?<![\\w-]|\\b(?:${tens.slice(2).join('|')})[ -]|\\band )(?:(?:${teens.slice(1).join('|')})|(?:${tens.slice(2).join('|')})(?:[ -](?:${ones.slice(1).join('|')}))?)${counted}`, 'gi'), (words) => String(sumOf(words))],
  // “Twelve-point type”.
  [/(?<![\w-])(?:nine|ten|eleven|twelve|thirteen|fourteen)(?=-point\b| point (?:type|fonts?|text|letters|size)\b)/gi, (words) => String(sumOf(words))],
  [/(?<![\w-])half a dozen(?= (?:pages|sides)\b)/gi, () => '6'], [/(?<![\w-])(?:a|one) dozen(?= (?:pages|sides)\b)/gi, () => '12'], [/(?<![\w-])two dozen(?= (?:pages|sides)\b)/gi, () => '24'],
  [/(?<![\w-])half a (?=(?:mega|giga)byte\b|[MG]B\b)/gi, () => '0.5 '], [/(?<![\w-])(?:one|a) and a half (?=(?:mega|giga)bytes?\b|[MG]B\b)/gi, () => '1.5 '],
  [new RegExp(`(?<![\\w-])${below100}${weighed}`, 'gi'), (words) => String(sumOf(words))], [new RegExp(`(?<![\\w-])(?:${hundreds})${weighed}`, 'gi'), (words) => String(sumOf(words))],
];
