import { number } from './limit-numbers.ts';
import { largeNumbers, numberOf, numberWords, type Clause } from './statements.ts';
import { firstIn } from '../text/patterns.ts';

const spelled = [...Object.keys(numberWords).filter((w) => w.length > 2 && !/^(?:once|twice|single)$/.test(w)), ...Object.keys(largeNumbers)].sort((a, b) => b.length - a.length).join('|');
const unit = '(?: (?:words|pages|sides))?', n = `(?:${number}|${spelled})`, more = '(?:more|longer|greater|above|over|beyond)', less = '(?:less|fewer|shorter|under|below)';
/** What stands before or behind the lower and the upper end. */
const lower = `(?:(?:at (?:the )?(?:very )?least|(?:an? |the )?min(?:imum|\\.)?(?: length)?(?: of| is| being|:)?|(?:no|not|never|nothing) (?:be )?(?:${less}(?: than)?)) (?<L>${n})${unit}|(?<L2>${n})${unit} (?:at (?:the )?(?:very )?least|or more|(?:is |as |being )?(?:the |a |your )?min(?:imum|\\.)?))`;
const upper = `(?:(?:at (?:the )?(?:very )?most|up to|(?:an? |the )?max(?:imum|\\.)?(?: length)?(?: of| is| being|:)?|(?:no|not|never|nothing|nor|or) (?:to |go |be |must it |may it |should it )*(?:exceed(?:ing)?|${more}(?: than)?)) (?<M>${n})${unit}|(?<M2>${n})${unit} (?:at (?:the )?(?:very )?most|(?:is |as |being )?(?:the |a |your )?max(?:imum|\\.)?))`;
const between = '[,;]? (?:and |but |while |though |or )?(?:certainly |definitely |preferably |in any case )?', /** “Max. 10 files” are no pages. */ behind = '(?![\\d%])(?=(?: (?:words?|pages?|sides?))?(?:\\s*(?:[.,;:)!–-]|$)|\\s+(?:in|including|excluding|not|plus|with|without|for|long|and|but|on|as|are|is|will|would|should|must|all|excl|incl|you|I|we)\\b))';
const shapes = [[lower, upper], [upper, lower]].map(([first, second]) => new RegExp(`(?<![\\d.,]|\\p{L})${first}${between}${second}${behind}`, 'iu'));
const range = new RegExp(`^\\W*(?:A(?:nswer)?\\s*[:.]\\s*)?(?:somewhere |anything |anywhere |roughly )?(?:between|from) (?<L>${n})${unit} (?:and|to) (?<M>${n})${behind}`, 'iu');

/** “At least ten and never more than fifteen pages”, “1,500 is the minimum and 2,000 the maximum”: both ends of a length, of what stands beside them, is asked about, or was said right before.
 * @returns what is counted, and how much of it at least and at most */
export function bothEnds(clause: Clause, previous: Clause | undefined): [unit: string, least: number, most: number] | null {
  const asked = clause.under && /\?\W*$/.test(clause.under) ? clause.under : '', m = [...shapes, ...(asked ? [range] : [])].map((shape) => firstIn(clause.text, shape)).find((one) => one !== null);
  if (!m) return null;
  const value = (word: string): number => { const w = word.toLowerCase(); return numberWords[w] ?? largeNumbers[w] ?? numberOf(word); }, { L, L2, M, M2 } = m.groups!, [least, most] = [value((L ?? L2)!), value((M ?? M2)!)];
  const told = [/^ (?:word|page|side)s?\b/i.exec(clause.text.slice(m.index + m[0].length))?.[0] ?? '', m[0], clause.text.slice(0, m.index), previous && previous.end >= clause.start - 2 ? previous.text : '', asked].map((text) => [...text.matchAll(/\b(word|page|side)s?\b/gi)].at(-1)?.[1]).find((u) => u !== undefined);
  return told !== undefined && least < most ? [/^w/i.test(told) ? 'word' : 'page', least, most] : null;
}
