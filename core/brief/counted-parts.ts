import type { WordPart } from '../model/brief.ts';
import type { Clause } from './statements.ts';
import { firstIn, says } from '../text/patterns.ts';

/** “Tables count but captions do not”, “(footnotes yes, bibliography no)”, “appendices don't count, everything else does”: parts set against each other, the second with half a verb. */

const outside = String.raw`(?:(?:does|do|will|is|are)(?: not|n['’]t)|(?:doesn|don|isn|aren|won)['’]t)(?: be)?(?: (?:count(?:ed)?|included|part of (?:it|the (?:count|total|limit))))?(?: (?:towards|in|as) (?:the |your )?(?:word )?(?:count|total|limit|length|words))?|(?:is |are )?(?:excluded|exempt|left out|not included|not counted)|not|no`;
const inside = String.raw`(?:do |does |will )?counts?(?: (?:towards|in) (?:the |your )?(?:word )?(?:count|total|limit|length))?|(?:is |are |will be )?(?:counted|included)(?: (?:in|towards) (?:the |your )?(?:word )?(?:count|total|limit|length))?|do|does|is|are|yes`;
const segment = new RegExp(String.raw`^\s*(?<parts>[^]*?)\s(?:(?<out>${outside})|(?<in>${inside}))(?:,? too)?\s*$`, 'i');
const joints = /[,()—–]|\b(?:but|while|whereas|though|and)\b(?=[^,;()]{3,60}\b(?:not|n['’]t|do|does|are|is|counts?|counted|included|excluded|out|no|yes)\b)|(?:\s|^)[—–-]\s/i;
/** “the list of references”, and nothing said of it */
const isName = /^\s*(?:(?:the|your|and|any|all) )?(?!(?:except|without|on|in|from|before|after|with|as|by)\b)\p{L}[\p{L}-]*(?: (?:of )?\p{L}[\p{L}-]*){0,2}\s*$/iu;
const aboutCounts = /\b(?:counts?|counted|included|excluded|words?|limit)\b/i;

/** Which parts a contrast counts and which it leaves out; none where a clause sets nothing against each other. @param namesOf - the parts that a stretch of words names */
export function countedInContrast(clauses: Clause[], namesOf: (words: string) => WordPart[]): { part: WordPart; counts: boolean; start: number; end: number }[] {
  return clauses.flatMap((clause, i) => {
    const next = clauses[i + 1], text = `${clause.text}${next && next.start - clause.end < 3 && next.text.length < 90 && !next.text.includes(':') ? ` ${next.text}` : ''}`;
    if (text.length > 260 || !says(text, aboutCounts) || !says(text, /\b(?:counts?|counted|included|excluded|yes|no)\b/i)) return [];
    // A list before its verb: “footnotes, captions and tables count”.
    let names: WordPart[] = [];
    const found = text.split(/[.;]/).flatMap((sentence) => [null, ...sentence.split(joints)]).flatMap((piece) => {
      if (piece === null) { names = []; return []; }
      const m = firstIn(piece, segment), here = namesOf(m ? m.groups!.parts! : piece);
      if (!m) { names = here.length === 1 && says(piece, isName) ? [...names, ...here] : []; return []; }
      const all = here.length > 0 ? [...names, ...here] : [];
      names = [];
      return all.map((part) => ({ part, counts: m.groups!.out === undefined, start: clause.start, end: clause.end }));
    });
    return found.some((f) => f.counts) && found.some((f) => !f.counts) && new Set(found.map((f) => f.part)).size === found.length ? found : [];
  });
}
