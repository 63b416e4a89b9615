import { isCorrection, type Clause, type Statement } from '../statements.ts';
import { eachIn, rewritten, says } from '../../text/patterns.ts';

/** A place by the words that send a file there, where no kind of place stands beside its name: “It belongs in “Essays 2””, “Pick “Final Paper” from the list of
 * hand-in points”, “Drop the file into Final Paper (left-hand menu)”. Compiled by hand; no source. */
const work = "(?:it|them|everything|(?:your|the|this|all|my|each|every)(?: \\p{L}+)? (?:files?|essays?|papers?|reports?|work|pdfs?|documents?|submissions?|coursework|assignments?|portfolios?|dissertation|thesis|hand-?in)|(?:files?|essays?|papers?|reports?|work|pdfs?|submissions?))";
const put = '(?:put|drop|place|leave|upload|file|send|submit|deposit|hand in|hand|post|lodge|add|move|drag)', choose = '(?:pick|choose|select|open|click(?: on)?|press|tap|look for|find|use|go to|head for|take|scroll (?:down )?to)';
const quoted = '[“"‘](?<name>[^“”"‘’\\n]{3,60})[”"’](?![\\p{L}\\d])';
const capital = '(?:\\p{Lu}[\\p{L}\\d&’\'/-]*|\\d{1,3})', capitals = `(?<name>${capital}(?: (?:of|and|for|the|in|&|[–—-])? ?${capital}){0,4})`;
const handing = '(?:hand(?:ing)?[ -]?in|submissions?|uploads?|drop-?offs?|deposits?|assignments?|coursework|assessments?)';
const shapes: readonly RegExp[] = [
  new RegExp(`(?<![\\p{L}])${put} ${work}(?: up| in)? (?:(?:in|into|under|to|through|via)|where (?:it|the \\p{L}+|you) (?:says?|sees?|reads?|finds?)) ${quoted}`, 'giu'),
  new RegExp(`^\\W*(?:(?:and|so|then|please|remember:?),? )?${work} (?:belongs?|goes|go|is to go|are to go|should go|must go|has to go|ends up|lives|has its place|should end up) (?:in|into|under|to) ${quoted}`, 'giu'),
  new RegExp(`(?<![\\p{L}])${choose} ${quoted}(?: (?:from|in|on|under) (?:the|our) (?:\\p{L}+ )?(?:list|menu|choices|options|page)\\b)?(?=[^.]{0,20}\\b(?:of |to |for )${handing})`, 'giu'),
  new RegExp(`\\b(?:the )?(?:right|correct|proper|only) (?:box|folder|place|slot|one|link|point|spot|area|tray)(?: for (?:it|${work}|this))? (?:is|reads|says)(?: the one)?(?: called| named| labelled| marked| headed)? (?:${quoted}|${capitals.replace('<name>', '<bare>')})`, 'giu'),
  // Without quotation marks a name has capital letters, and says where it is found or ends the sentence.
  new RegExp(`(?<![\\p{L}])(?:[Pp]ut|[Dd]rop|[Pp]lace|[Uu]pload|[Ll]eave|[Dd]eposit|[Mm]ove|[Dd]rag) ${work} (?:into|under) ${capitals}(?= ?(?:\\(|on the|in the|[.;,]|$))`, 'gu'),
];
/** Names of what a paper is written in or saved as, and of other things than places. */
const noPlace = /\.\w{2,4}$|\w_\w|^(?:Word|PDF|Excel|Arial|Times|Calibri|Courier|English|German|French|Spanish|Harvard|APA|MLA|Chicago|A4|ZIP|References|Bibliography|Appendix|Abstract|Methods?|Results|Conclusions?|Introduction|Discussion|Methodology|Literature|(?:Part|Section|Chapter|Table|Figure) .*)\b/;
/** What is said not of handing in, or of a place that is not to be used. */
const other = /\b(?:not|never|n['’]t|don['’]t|slides?|template|recordings?|readings?|handouts?|rubric|draft|questions?|discussion|save|keep a copy|download|heading|headed|cover|title page|appendix|appendices|bibliography|chapter|paragraph)\b/i;

/** @param clauses - that ask nothing and hold for everybody */
export function readPlaceByWords(clauses: readonly Clause[]): Statement<string>[] {
  return clauses.flatMap((clause): Statement<string>[] => {
    const plain = rewritten(clause.text, [/[,;(]? ?(?:and )?(?:not|never)(?: in| into| to| under)? [“"‘][^“”"‘’\n]{3,60}[”"’]\)?/giu, (s) => ' '.repeat(s.length)]);
    for (const shape of shapes) {
      const found = [...eachIn(plain, shape)], m = found[0], name = m?.groups?.['name'] ?? m?.groups?.['bare'];
      if (!m || !name || found.length > 1 || says(name, noPlace) || says(plain.replace(name, ''), other)) continue;
      const start = clause.start + m.index + m[0].lastIndexOf(name);
      return [{ value: name, start, end: start + name.length, override: isCorrection(clause) }];
    }
    return [];
  });
}
