import type { DocumentFacts, Passage, Trouble } from '../model/facts.ts';

/** Instructions of fields that fetch what they show from another file, and those that start another program to get it.
 * Source: ECMA-376-1, 17.16.5.13–69 (DATABASE, INCLUDEPICTURE, INCLUDETEXT, LINK, RD …); DDE and DDEAUTO of older files: common practice, no source. */
const fetches = /^\s*(?:DATABASE|IMPORT|INCLUDE|INCLUDEPICTURE|INCLUDETEXT|LINK|RD)\s+\S/i, starts = /^\s*DDE(?:AUTO)?\s+\S/i;

function troubleOf({ part, page }: Passage, instruction: string): Trouble | null {
  const code = starts.test(instruction) ? 'launch' : fetches.test(instruction) ? 'externalReference' : null;
  return code && { code, part, page, text: instruction.trim().slice(0, 200) };
}
/** What a word-processor file's fields would fetch or start when it is opened. */
export function outsideFields(facts: DocumentFacts): Trouble[] {
  if (!facts.passages.ok) return [];
  return facts.passages.value.filter((p) => p.place === 'field').flatMap((p) => p.text.split('\n').flatMap((line) => troubleOf(p, line) ?? []));
}
