import type { DateTime } from 'luxon';
import { readDocuments, type DocumentsRead } from './documents.ts';
import type { Clause } from './statements.ts';
import { datesIn, isUnsettledDate, readTimes, type Part } from './times.ts';

/** Lines under a heading that names one of several pieces of work: “Component A – Group memo (60 %)” and what is listed below it. */
export interface Block { label: string; /** what the piece is called beside its letter or number */ title: string | null; start: number; end: number }

const kinds = 'milestone|component|part|task|element|assessment|item|deliverable|assignment|coursework|paper|piece|section|product|output|submission|stage';
/** A line of its own: a kind of piece, its letter or number, what it is called, and how much it weighs. */
const heading = new RegExp(String.raw`^[ \t]*(?:#{1,4} |\*\*)?((${kinds}) (?:[A-F]|[1-9]|I{1,3}|IV|V))\b(?:\*\*)?[ \t]*(?:\(\d{1,3} ?%[^)\n]*\)[ \t]*)?(?:[.:–—-]+[ \t]*([^\n.;:(,]{2,60}?))?[ \t]*(?:[(\[][^)\]\n]{1,40}[)\]]|[,–—-] *\d{1,3} ?%[^\n]{0,24})?[ \t]*:?(?:\*\*)?[ \t]*$`, 'gim');
/** A numbered heading of a marked-up text: “### 2. Report”. */
const markedUp = /^(#{2,4}) (\d{1,2}[.)]) +([A-Z][^\n.;:(,]{2,40}?)[ \t]*$/gm;
/** An item of a list that says all on its own line: “Milestone 1: Project charter, 2 pages, PDF – 5 March”. */
const oneLine = new RegExp(String.raw`^[ \t]*(?:[•▪◦*–-] )?((${kinds}) (?:[A-F]|[1-9])):[ \t]+([A-Z][^\n.;:(,–—]{2,40}?)(?=,| \(| [–—-] )[^\n]+$`, 'gim');
const bullet = /^[ \t]*(?:[•▪◦‣*·–-]|[a-z]\)|o)[ \t]+\S/, blank = /^[ \t]*$/;

/** Longer wordings are handbooks; more pieces are a list of something else. */
const longest = 60_000, most = 20;
/** The blocks of a wording that lists its pieces under headings of one kind; none where there are fewer than two.
 * What is listed by bullets ends with the last of them; everything else with the next heading, the last with the first empty line behind it. */
export function readBlocks(text: string): Block[] {
  if (text.length > longest) return [];
  const heads = [...text.matchAll(heading)].filter((m, _, all) => all.filter((o) => o[2]!.toLowerCase() === m[2]!.toLowerCase()).length > 1), kind = heads[0]?.[2]!.toLowerCase();
  const own = heads.filter((m) => m[2]!.toLowerCase() === kind);
  const numbered = [...text.matchAll(markedUp)], siblings = numbered.filter((m) => m[1] === numbered[0]![1]);
  if (own.length === 0 && siblings.length > 1 && siblings.length <= most) return siblings.map((m, i) => ({ label: m[3]!, title: m[3]!, start: m.index, end: endOf(text, m.index + m[0].length, siblings[i + 1]?.index ?? null) }));
  const lines = [...text.matchAll(oneLine)].filter((m, _, all) => m[2]!.toLowerCase() === all[0]![2]!.toLowerCase());
  if (own.length === 0 && lines.length > 1 && lines.length <= most && new Set(lines.map((m) => m[1]!.toLowerCase())).size === lines.length) return lines.map((m) => ({ label: m[1]!, title: m[3]!, start: m.index, end: m.index + m[0].length }));
  if (own.length < 2 || new Set(own.map((m) => m[1]!.toLowerCase())).size < own.length) return [];
  return own.map((m, i) => ({ label: m[1]!, title: m[3]?.trim() || null, start: m.index, end: endOf(text, m.index + m[0].length, own[i + 1]?.index ?? null) }));
}

function endOf(text: string, from: number, next: number | null): number {
  let at = from, end = from, listed: boolean | null = null;
  for (const line of text.slice(from + 1, next ?? text.length).split('\n')) {
    at += line.length + 1;
    if (blank.test(line)) { if (listed === null || next !== null && !listed) continue; if (next === null) break; continue; }
    if (listed === null) listed = bullet.test(line);
    else if (listed && !bullet.test(line) && !/^[ \t]{2,}\S/.test(line)) break;
    end = at;
  }
  return end;
}

/** A document for each block that asks for a file of its own; null where fewer than two do, or where a block asks for several. */
export function documentsOfBlocks(blocks: Block[], clauses: Clause[], text: string): DocumentsRead | null {
  const within = (b: Block): Clause[] => clauses.filter((c) => c.start >= b.start && c.start < b.end), plainly = blocks.map((b) => readDocuments(within(b), text)), any = plainly.some((r) => r.documents.length > 0);
  const read = plainly.map((r, i) => (any && r.documents.length === 0 ? readDocuments(within(blocks[i]!), text, true) : r)), asked = read.filter((r) => r.documents.length > 0);
  if (asked.length < 2 || asked.some((r) => r.documents.length > 1)) return null;
  const pairs = blocks.flatMap((block, i) => (read[i]!.documents.length > 0 ? [{ block, one: read[i]! }] : []));
  return {
    documents: pairs.map(({ block, one }) => ({ label: block.title ?? one.documents[0]!.label ?? block.label, types: one.documents[0]!.types })),
    evidence: pairs.flatMap(({ one }) => one.evidence), spans: pairs.map(({ block }) => ({ start: block.start, end: block.end })),
  };
}

/** When each block is to be handed in, where at least two say it for themselves and not all at once. */
export function partsOfBlocks(blocks: Block[], clauses: Clause[], text: string, now: DateTime): Part[] {
  const isIn = (b: Block, c: { start: number }): boolean => c.start >= b.start && c.start < b.end;
  const parts = blocks.flatMap((block): Part[] => {
    if (/\bno (?:submissions?|uploads?|hand-?in|files?)\b/i.test(text.slice(block.start, block.end))) return [];
    // What is said outside of all blocks, as a time of day for all dates, holds in each.
    const own = clauses.filter((c) => isIn(block, c) || !blocks.some((b) => isIn(b, c))), times = readTimes(text, own, now), due = times.due.filter((d) => isIn(block, d)), opens = times.opens.filter((o) => isIn(block, o)), [first] = due;
    // A block's only date is when it is due, whatever its work is called.
    const lone = first ? [] : datesIn(text, own, now).filter((d) => isIn(block, d));
    if (lone.length === 1 && opens.length === 0) return [{ label: block.label, opens: null, due: lone[0]!.iso, start: lone[0]!.start, end: lone[0]!.end }];
    if (!first || isUnsettledDate(first.value) || due.some((d) => d.value !== first.value)) return [];
    return [{ label: block.label, opens: opens.length === 1 ? opens[0]!.value : null, due: first.value, start: first.start, end: first.end }];
  });
  return new Set(parts.map((p) => p.due)).size > 1 ? parts : [];
}
