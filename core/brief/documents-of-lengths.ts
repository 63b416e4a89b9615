import { noun } from './document-names.ts';
import type { DocumentsRead } from './documents.ts';
import { number } from './limit-numbers.ts';
import type { Clause } from './statements.ts';

const work = String.raw`(?:the|your|an?)\s+((?:(?!(?:the|your|an?|of|and|or|for|in|to)\b)[a-z][a-z-]+\s+){0,2}(?:${noun}))`, least = '(?:no|not) (?:less|fewer) than|at least';
const bound = String.raw`(?:\s+(?:shall|should|must|may|can|is|has|will|has to|needs to|to|be|have|not|exceed|limited|restricted|longer|more|than|up|at|most|contain|comprise|run|a|maximum|of|about)){0,6}\s+(?!(?:${least})\b)`, length = String.raw`(?:${number})`;
/** “The literature review shall not exceed 2,000 words, the research proposal 3,500 words”: two works, each with a length. */
const shape = new RegExp(String.raw`\b${work}${bound}(${length})\s+(words|pages)(?:\s+(?:long|in length))?\s*(?:,\s*(?:and|while|but)?|and|while|;)\s*${work}(?:${bound}|\s+)(${length})(?:\s+\3)?(?=\W|$)(?!\s?%)`, 'i');

/** Where a sentence gives two works a length each and no other names them, they are the documents: of the one kind that is asked for. In one file they are its parts. */
export function documentsOfLengths(read: DocumentsRead, clauses: readonly Clause[]): DocumentsRead {
  const unnamed = read.documents.flatMap((d, i) => (d.label === null ? [i] : []));
  if (clauses.some((c) => /\b(?:one|single|same|combined) (?:PDF|Word|file|document|upload)\b/i.test(c.text)) || unnamed.length > 1 || read.documents.length > 0 && unnamed.length === 0) return read;
  for (const clause of clauses) {
    const m = clause.asks ? null : shape.exec(clause.text), names = m ? [m[1]!, m[4]!].map((name) => name.toLowerCase()) : [];
    if (!m || names[0] === names[1] || names.some((name) => read.documents.some((d) => d.label?.toLowerCase().endsWith(name)) || /\b(?:abstract|summary|title|introduction|conclusion|section|paragraph|caption|quotation)s?$/.test(name))) continue;
    const at = unnamed[0] ?? 0, types = read.documents[at]?.types ?? [], placed = names.map((name) => { const from = clause.start + clause.text.toLowerCase().indexOf(name); return { start: from, end: from + name.length }; });
    const both = names.map((name) => ({ label: name[0]!.toUpperCase() + name.slice(1), types: [...types] })), put = <T>(list: readonly T[], pair: readonly T[]): T[] => [...list.slice(0, at), ...pair, ...list.slice(at + unnamed.length)];
    return { documents: put(read.documents, both), evidence: read.evidence, spans: put(read.spans, placed) };
  }
  return read;
}
