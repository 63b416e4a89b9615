import type { Brief, DocumentDemand } from '../model/brief.ts';
import type { DocumentFacts } from '../model/facts.ts';
import type { Kind } from '../model/kinds.ts';
import { foldText } from '../identity/fold.ts';

/** What is known of a file when it is matched: its name, its kind, and its first words. */
export interface Candidate { name: string; kind: Kind; head: string }

/** Proposes which demand each file answers: by kind, then by words of the label in the name and in the first words, then by order. */
export function matchDocuments(facts: DocumentFacts[], brief: Brief): (DocumentDemand | null)[] {
  return matchCandidates(facts.map((f) => ({ name: f.file.name, kind: f.file.kind, head: headOf(f) })), brief);
}
export const headOf = (facts: DocumentFacts): string => (facts.passages.ok ? facts.passages.value.filter((p) => p.place === 'text').slice(0, 12).map((p) => p.text).join(' ').slice(0, 600) : '');

export function matchCandidates(files: Candidate[], brief: Brief): (DocumentDemand | null)[] {
  const matching: (DocumentDemand | null)[] = files.map(() => null);
  const open = new Set(brief.documents);
  const pairs = files.flatMap((f, i) => brief.documents.map((d, j) => ({ i, d, score: scoreOf(f, d) - j * 0.01 - i * 0.001 })));
  for (const { i, d, score } of pairs.sort((a, b) => b.score - a.score)) {
    // A single asked document is answered by whatever is there, so that its wrong kind is told.
    if (!open.has(d) || matching[i] !== null || (score < 0.5 && brief.documents.length !== files.length && brief.documents.length !== 1)) continue;
    matching[i] = d;
    open.delete(d);
  }
  return matching;
}

function scoreOf(file: Candidate, demand: DocumentDemand): number {
  let score = demand.types.length === 0 ? 0.6 : demand.types.includes(file.kind) ? 1 : 0;
  const name = foldText(file.name).squashed, head = foldText(file.head).squashed;
  for (const word of (demand.label ?? '').toLowerCase().match(/[a-z]{4,}/g) ?? []) { if (name.includes(word)) score += 0.5; if (head.includes(word)) score += 0.2; }
  return score;
}
/** Which documents stop, in one sentence for the head of the docket. */
export interface Verdict { mayGo: boolean; open: number; looks: number; unread: number }
export function verdictOf(docket: { standing: string }[]): Verdict {
  const count = (s: string): number => docket.filter((l) => l.standing === s).length;
  return { mayGo: count('notMet') === 0 && count('unread') === 0, open: count('notMet'), looks: count('look'), unread: count('unread') };
}
