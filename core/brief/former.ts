import type { Clause } from './statements.ts';

const former = /^\W*(?:old|previous(?:ly)?|before|until now)\s*[:=]/i, present = /^\W*(?:new|now|from now on)\s*[:=]/i;
/** “OLD: field report, due 19 March. NEW: desk study, due 26 March”: what no longer holds is left out where what holds now stands beside it. */
export function withoutFormer(clauses: Clause[]): Clause[] {
  // “Until last year we asked you to put your surname in the file name. This no longer applies.”
  const lifted = (c: Clause | undefined): boolean => c !== undefined && /^\W*(?:this|that|it)(?: rule)? (?:no longer (?:applies|holds|is (?:the case|true|required|needed))|is no longer (?:the case|true|so|valid|required|needed|necessary)|has (?:been )?(?:changed|ended|abolished))\b/i.test(c.text);
  const held = clauses.filter((c, i) => !(lifted(clauses[i + 1]) && /\b(?:until|up to|before|last (?:year|term)|previously|formerly|in the past|used to|were|was|had to|asked)\b/i.test(c.text)));
  return held.some((c) => present.test(c.text)) ? held.filter((c) => !former.test(c.text)) : held;
}
