import type { Clause } from './statements.ts';

const former = /^\W*(?:old|previous(?:ly)?|before|until now)\s*[:=]/i, present = /^\W*(?:new|now|from now on)\s*[:=]/i;
/** “OLD: field report, due 19 March. NEW: desk study, due 26 March”: what no longer holds is left out where what holds now stands beside it. */
export function withoutFormer(clauses: Clause[]): Clause[] {
  if (!clauses.some((c) => present.test(c.text))) return clauses;
  return clauses.filter((c) => !former.test(c.text));
}
