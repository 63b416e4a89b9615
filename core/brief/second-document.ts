import { noun } from './document-names.ts';
import type { Clause } from './statements.ts';
import { firstIn } from '../text/patterns.ts';

/** A document and where it is named. */
export interface Named { label: string; start: number; end: number }

/** “The covering letter (one page) has to be handed in at the same time but as a second file.” */
const besides = new RegExp(String.raw`\b(?:the|your|an?)\s+((?:[a-z-]+ ){0,2}?${noun})(?:\s*\([^()]*\))?,?\s+(?:has to|have to|must|should|needs? to|is to|will|shall|can|may|is|goes|comes)\b[^.;]*?\b(?:as|in) (?:a|the|its own|another) (?:second|separate|different|further|additional|extra|own)?\s?(?:file|document|upload)\b`, 'i');
/** “Please submit your policy brief …”. */
const main = new RegExp(String.raw`\b(?:submit|upload|hand in|send(?: in)?|turn in|deliver|return)\s+(?:your|the|an?)\s+((?:[a-z-]+ ){0,2}?${noun})\b`, 'i');

/**
 * The paper and what goes beside it in a file of its own, where one kind is named for both.
 * @returns both in the order in which they are named, or nothing where either has no name
 */
export function mainAndSecond(clauses: readonly Clause[]): [Named, Named] | null {
  for (const [i, clause] of clauses.entries()) {
    const second = firstIn(clause.text, besides);
    if (!second || /\b(?:no|not|never|n['’]t)\b/i.test(second[0])) continue;
    for (const earlier of clauses.slice(0, i)) {
      const first = firstIn(earlier.text, main);
      if (!first || first[1]!.toLowerCase() === second[1]!.toLowerCase()) continue;
      const at = (c: Clause, m: RegExpExecArray): Named => { const start = c.start + m.index + m[0].indexOf(m[1]!); return { label: m[1]!, start, end: start + m[1]!.length }; };
      return [at(earlier, first), at(clause, second)];
    }
  }
  return null;
}
