import type { Brief, DocumentDemand } from '../model/brief.ts';
import type { DocumentFacts } from '../model/facts.ts';
import { foldText } from '../identity/fold.ts';

/** Proposes which demand each file answers: by kind, then by words of the label in the name, then by order. */
export function matchDocuments(facts: DocumentFacts[], brief: Brief): (DocumentDemand | null)[] {
  const matching: (DocumentDemand | null)[] = facts.map(() => null);
  const open = new Set(brief.documents);
  const pairs = facts.flatMap((f, i) => brief.documents.map((d, j) => ({ i, d, score: scoreOf(f, d) - j * 0.01 - i * 0.001 })));
  for (const { i, d, score } of pairs.sort((a, b) => b.score - a.score)) {
    // A single asked document is answered by whatever is there, so that its wrong kind is told.
    if (!open.has(d) || matching[i] !== null || (score < 0.5 && brief.documents.length !== facts.length && brief.documents.length !== 1)) continue;
    matching[i] = d;
    open.delete(d);
  }
  return matching;
}

function scoreOf(facts: DocumentFacts, demand: DocumentDemand): number {
  let score = demand.types.length === 0 ? 0.6 : demand.types.includes(facts.file.kind) ? 1 : 0;
  const name = foldText(facts.file.name).squashed;
  for (const word of (demand.label ?? '').toLowerCase().match(/[a-z]{4,}/g) ?? []) if (name.includes(word)) score += 0.5;
  return score;
}
/** Which documents stop, in one sentence for the head of the docket. */
export interface Verdict { mayGo: boolean; open: number; looks: number; unread: number }
export function verdictOf(docket: { standing: string }[]): Verdict {
  const count = (s: string): number => docket.filter((l) => l.standing === s).length;
  return { mayGo: count('notMet') === 0 && count('unread') === 0, open: count('notMet'), looks: count('look'), unread: count('unread') };
}
