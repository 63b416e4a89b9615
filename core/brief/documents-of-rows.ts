import type { Mention } from './document-names.ts';
import { capital, mentions, type DocumentsRead } from './documents.ts';
import type { Clause } from './statements.ts';

interface Part { label: string; start: number; end: number }
/** The documents as they were read, or those of the rows that the parts stand in, where these say more. */
export function withRows(read: DocumentsRead, parts: readonly Part[], clauses: Clause[], text: string): DocumentsRead {
  const lines = read.documents.length < 2 ? documentsOfLines(parts, clauses, text) : null;
  if (lines) return lines;
  const rows = documentsOfRows(parts, clauses, text), alike = rows.documents.length === read.documents.length;
  return rows.documents.length > read.documents.length || (alike && rows.documents.length > 1 && rows.documents.some((d, i) => d.types.join() !== read.documents[i]!.types.join())) ? rows : read;
}

/** “Part A   Analysis essay   2,000 words   PDF   due 2 November”: rows of columns, each of a part with a day and a kind of its own, and no kind outside them. */
function documentsOfRows(parts: readonly Part[], clauses: Clause[], text: string): DocumentsRead {
  const none: DocumentsRead = { documents: [], evidence: [], spans: [] }, kinds = mentions(clauses);
  if (parts.length < 2) return none;
  const rows = parts.map((p) => { const start = text.lastIndexOf('\n', p.start - 1) + 1, end = text.indexOf('\n', p.start); return { label: p.label, start, end: end < 0 ? text.length : end }; });
  const inColumns = ({ start, end }: { start: number; end: number }): boolean => (text.slice(start, end).trim().match(/ {2,}|\t|\s\|\s/g)?.length ?? 0) >= 2, of = (row: { start: number; end: number }): Mention[] => kinds.filter((m) => m.at >= row.start && m.at < row.end);
  if (new Set(rows.map((r) => r.start)).size < rows.length || !rows.every((r) => inColumns(r) && of(r).length > 0) || kinds.some((m) => !rows.some((r) => m.at >= r.start && m.at < r.end))) return none;
  return { documents: rows.map((r) => ({ label: capital(r.label), types: [...new Set(of(r).flatMap((m) => m.kinds))] })), evidence: rows.map((r) => ({ value: 'documents', start: r.start, end: r.end })), spans: rows.map(({ start, end }) => ({ start, end })) };
}

/** “1a: … as .docx … closes 1 March. / 1b: … as .docx or .pdf … closes 15 March.”: lines that each have a day of their own, and kinds that are not those of the others. */
function documentsOfLines(parts: readonly Part[], clauses: Clause[], text: string): DocumentsRead | null {
  const kinds = mentions(clauses).filter((m) => !m.refused);
  if (parts.length < 2) return null;
  const lines = parts.map((p) => { const start = text.lastIndexOf('\n', p.start - 1) + 1, end = text.indexOf('\n', p.start), to = end < 0 ? text.length : end; return { label: p.label, start, end: to, types: [...new Set(kinds.filter((m) => m.at >= start && m.at < to).flatMap((m) => m.kinds))] }; });
  if (new Set(lines.map((l) => l.start)).size < lines.length || lines.some((l) => l.types.length === 0) || new Set(lines.map((l) => [...l.types].sort().join())).size < 2) return null;
  if (kinds.some((m) => !lines.some((l) => m.at >= l.start && m.at < l.end))) return null;
  return { documents: lines.map((l) => ({ label: capital(l.label), types: l.types })), evidence: lines.map(({ start, end }) => ({ value: 'documents', start, end })), spans: lines.map(({ start, end }) => ({ start, end })) };
}
