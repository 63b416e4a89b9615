import { number } from './limit-numbers.ts';
import { matchesIn, numberOf, numberWords, type Clause, type Statement } from './statements.ts';
import { firstIn, says } from '../text/patterns.ts';

/** “About 2,000 words, and never above 2,500.” “Aim for eight pages, ten at the outside.”: a ceiling without its unit, which stands with the length before it. */
const amount = `(?:${number}|${Object.keys(numberWords).join('|')})`;
const beyond = '(?:more|longer|over|above|beyond|past|higher|in excess)(?: than| of)?';
const ceiling = new RegExp([
  `\\b(?:(?:must|may|should|can|shall|will) (?:not|never)|(?:must|should|ca|wo)n['’]t|cannot|never|(?:under|in) no circumstances)(?: be allowed to| ever)?(?: exceed| surpass| (?:go|run|be|get|stray|come|grow) ${beyond}) (?<above>${amount})(?![.,]?\\d)(?=\\s*(?:words|pages|[.,;:)!–-]|$|(?:in (?:all|total)|altogether|and|or|but|please)\\b))`,
  `\\b(?:over|more than|above|beyond|past|longer than) (?<toomuch>${amount}) (?:is|would be|are|will be) (?:too (?:much|long|many)|over the limit|not (?:ok(?:ay)?|allowed|accepted|acceptable))`,
  `\\b(?:never|not|no|nothing|(?:under|in) no (?:circumstances|case)|on no account|certainly not|by no means|don['’]t (?:ever )?(?:go|run|write)|do not (?:ever )?(?:go|run|write)) (?:ever )?${beyond} (?<below>${amount})(?![.,]?\\d)(?=\\s*(?:words|pages|[.,;:)!–-]|$|(?:in (?:all|total)|altogether|and|or|but|please)\\b))`,
  `(?<![\\d.,])(?<most>${amount}) (?:(?:is|being|as) )?(?:at (?:the )?(?:very |absolute )?(?:most|outside|outermost|max(?:imum)?)|max(?:imum)?\\b|tops\\b|(?:is |as )?(?:the|my|our|an?) (?:absolute |very |hard |strict |upper )?(?:limit|maximum|most|ceiling|cap|outer limit|upper limit))`,
].join('|'), 'gi');
const lengths = { maxWords: new RegExp(`${amount}[ -](?:or so )?words?\\b`, 'i'), maxPages: new RegExp(`${amount}[ -](?:or so )?pages?\\b`, 'i') };
/** What else is counted in such a sentence. */
const other = /\b(?:books?|novels?|corpus|sources|references|articles|figures|tables|quotations?|MB|GB|KB|files?|students?|people|members|minutes|slides|questions?|times|days|hours|late|marks|points|chapters?|each|per|every|apiece|entr(?:y|ies)|answers?)\b|%/i;

const each = /\b(?:each|per|every|apiece)\b/i;

/** @returns the most words or pages, where a length is said and a ceiling behind it, in its sentence or the next */
export function ceilingBehind(field: 'maxWords' | 'maxPages', clauses: readonly Clause[]): Statement<number>[] {
  const unit = lengths[field], otherUnit = lengths[field === 'maxWords' ? 'maxPages' : 'maxWords'];
  return clauses.flatMap((clause, i) => {
    const before = clauses[i - 1], own = firstIn(clause.text, unit), led = own ? clause.start + own.index + own[0].length : before && before.end + 4 > clause.start && says(before.text, unit) && !says(before.text, otherUnit) ? clause.start : null;
    if (led === null || says(clause.text, otherUnit) || says(clause.text.slice(led - clause.start), other) || says(own ? clause.text : before!.text, each)) return [];
    return [...matchesIn(clause, ceiling)].filter((m) => m.at >= led).map((m) => { const said = (m.groups!['below'] ?? m.groups!['above'] ?? m.groups!['toomuch'] ?? m.groups!['most'])!; return { value: numberWords[said.toLowerCase()] ?? numberOf(said), start: m.at, end: m.to }; });
  });
}
