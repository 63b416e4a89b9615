import type { Sayings } from './sayings.ts';

/** What may be counted or not, as wordings name it; common practice, no published source. */
const part = "(?:(?:the |your |any |all )?(?:list of |figure |table |main |full |in-text )?(?:references?(?: list)?|bibliograph(?:y|ies)|works cited|tables?|figures?|captions?|footnotes?|endnotes?|notes|append(?:ix|ices)|annex(?:es)?|abstract|summary|title(?: page)?|cover(?: page| sheet)?|table of contents|contents(?: page)?|quotations?|quotes|headings?|acknowledge?ments?|citations))";
const parts = `${part}(?:(?:, (?:and |or |nor )?| and | or | nor |/)${part}){0,5}`, words = '(\\d[\\d,.]*(?: ?[-–] ?\\d[\\d,.]*)? (?:words|pages|sides))(?: of (?:text|prose))?', end = '(?=\\s*[.;,)\\n]|\\s*$)';

/** Ways to say that parts of a paper count among its words, or do not, as the reader of counts knows them. */
export const counted: Sayings = [
  [`(${parts}) (?:is|are) not (?:a )?part of (?:it|this|that|the (?:word )?(?:count|limit|total))`, '$1 are not counted in the word count'],
  [`the (?:word )?limit of ${words} does not (?:apply to|cover|include|extend to) (${parts})`, 'the limit is $1, excluding $2'],
  ['exc\\.(?= )', 'excl.'],
  [`you (?:need not|do not (?:have|need) to|don['’]t (?:have|need) to|needn['’]t) count (${parts})`, '$1 are not counted in the word count'],
  [`${words}(?:,| –| -|;) (${parts}) (?:(?:come|go|are) )?(?:on top(?: of that)?|extra|besides|in addition)${end}`, '$1, excluding $2'],
  [`(?:we|I|markers) (?:ignore|disregard|skip|leave out) (${parts}) (?:when|in|while) (?:we |I )?(?:count|counting(?: (?:the )?words)?|the (?:word )?count)`, '$1 are not counted in the word count'],
  [`${words} (?:apart from|aside from|not taking into account|disregarding|net of|besides) (${parts})`, '$1, excluding $2'],
  [`(?:the |these |those )${words} (?:leave out|exclude|do not include|don['’]t include|omit) (${parts})`, '$1, excluding $2'],
  [`(?<=words?\\b[^\\n]{0,60}[.;,] )(${parts}) (?:is|are|come) (?:free|for free|off the count)${end}`, '$1 are not counted in the word count'],
  [`leave (${parts}) out of (?:the|your) (?:word )?count`, '$1 are not counted in the word count'],
  [`(?<=words?\\b[^\\n]{0,60}[.;,–] )(${parts}) counts? (?:as well|too|also)${end}`, '$1 are included in the word count'],
  [`(?<=words?\\b[^\\n]{0,60}[.;,–] )(${parts}) (?:is|are) (?:a )?part of (?:it|this|that|the (?:word )?(?:count|limit|total))`, '$1 are included in the word count'],
  [`${words} with (?!no )(${parts})${end}`, '$1, including $2'],
  [`${words}, (${parts}) and all${end}`, '$1, including $2'],
  [`${words},? (?:with )?everything included,? (?:even |also )?(${parts})`, '$1, including $2'],
  [`(?<=words?\\b[^\\n]{0,60}[.;,] )(${parts}) (?:must|have to|has to|should) fit in(?:to)?(?: (?:it|that|this|the (?:limit|count)))?${end}`, '$1 are included in the word count'],
];
