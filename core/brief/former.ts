import type { Clause } from './statements.ts';
import { says } from '../text/patterns.ts';

const former = /^\W*(?:old|previous(?:ly)?|before|until now)\s*[:=]/i, present = /^\W*(?:new|now|from now on)\s*[:=]/i;
/** “OLD: field report, due 19 March. NEW: desk study, due 26 March”: what no longer holds is left out where what holds now stands beside it. */
export function withoutFormer(clauses: Clause[]): Clause[] {
  // “Until last year we asked you to put your surname in the file name. This no longer applies.”
  const lifted = (c: Clause | undefined): boolean => c !== undefined && says(c.text, /^\W*(?:this|that|it)(?: rule)? (?:no longer (?:applies|holds|is (?:the case|true|required|needed))|is no longer (?:the case|true|so|valid|required|needed|necessary)|has (?:been )?(?:changed|ended|abolished))\b/i);
  const held = clauses.filter((c, i) => !(lifted(clauses[i + 1]) && says(c.text, /\b(?:until|up to|before|last (?:year|term)|previously|formerly|in the past|used to|were|was|had to|asked)\b/i)));
  return held.some((c) => says(c.text, present)) ? held.filter((c) => !says(c.text, former)) : held;
}
