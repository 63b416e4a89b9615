import type { DateTime } from 'luxon';
import { dateLike } from './dates.ts';
import { readDocuments, type DocumentsRead } from './documents.ts';
import { isUnsettledDate, withBars, type Clause } from './statements.ts';
import { datesIn, readTimes, type Part } from './times.ts';
import { eachIn, firstIn, rewritten, says } from '../text/patterns.ts';

/** Lines under a heading that names one of several pieces of work: “Component A – Group memo (60 %)” and what is listed below it. */
export interface Block { label: string; /** what the piece is called beside its letter or number */ title: string | null; start: number; end: number; /** whatever kind it names is asked for */ asked?: true }

const kinds = 'document|file|upload|milestone|component|part|task|element|assessment|item|deliverable|assignment|coursework|paper|piece|section|product|output|submission|stage';
/** A line of its own: a kind of piece, its letter or number, what it is called, and how much it weighs. */
const heading = new RegExp(String.raw`^[ \t]*(?:#{1,4} |\*\*)?((${kinds}) (?:[A-F]|[1-9]|I{1,3}|IV|V))\b(?:\*\*)?[ \t]*(?:\(\d{1,3} ?%[^)\n]*\)[ \t]*)?(?:[.:–—-]+[ \t]*([^\n.;:(,]{2,60}?))?[ \t]*(?:[(\[][^)\]\n]{1,40}[)\]]|[,–—-] *\d{1,3} ?%[^\n]{0,24})?[ \t]*:?(?:\*\*)?[ \t]*$`, 'gim');
/** A numbered heading of a marked-up text: “### 2. Report”. */
const markedUp = /^(#{2,4}) (\d{1,2}[.)]) +([A-Z][^\n.;:(,]{2,40}?)[ \t]*$/gm;
/** An item of a list that says all on its own line: “Milestone 1: Project charter, 2 pages, PDF – 5 March”. */
const oneLine = new RegExp(String.raw`^[ \t]*(?:[•▪◦*–-] )?((${kinds}) (?:[A-F]|[1-9])):[ \t]+(?:\d[\d,.]*-(?:word|page|minute) )?([A-Z][^\n.;:(,–—]{2,40}?)(?=,| \(| [–—-] )[^\n]+$`, 'gim');
/** An item of a numbered list that says on its own line what is handed in, and when: “(1) The field notebook, scanned to one PDF. Due Fri 5 February.” */
const numbered = /^[ \t]*\(?([1-9]|[a-h])[.)][ \t]+(?:\*\*)?(?:(?:the|an?|your|one) )?(\p{L}[^\n.;:(,–—*]{2,40}?)(?=[,.;:*]| \(| [–—-] )[^\n]*$/gimu;
/** That a hand-in, and not a meeting, is on the day. */
const fallsDue = /\b(?:due|deadline|hand(?:ed)? in|submit(?:ted)?|upload(?:ed)?)\b/i;
const bullet = /^[ \t]*(?:[•▪◦‣*·–-]|[a-z]\)|o)[ \t]+\S/, blank = /^[ \t]*$/;

/** Longer wordings are handbooks; more pieces are a list of something else. */
const longest = 60_000, most = 20;
/** The blocks of a wording that lists its pieces under headings of one kind, under numbered headings of a marked-up text, or on a line each; none where there are fewer than two. */
export function readBlocks(text: string): Block[] {
  if (text.length > longest) return [];
  const isSet = (blocks: Block[]): boolean => blocks.length > 1 && blocks.length <= most && new Set(blocks.map((b) => b.label.toLowerCase())).size === blocks.length;
  return [underHeadings, underMarkup, onALine, onNumberedLines, inATable, underNames].map((read) => read(text)).find(isSet) ?? [];
}

/** Those of the kind that comes first among kinds with several. */
function ofOneKind(matches: RegExpMatchArray[]): RegExpMatchArray[] {
  const kindOf = (m: RegExpMatchArray): string => m[2]!.toLowerCase(), first = matches.find((m) => matches.filter((o) => kindOf(o) === kindOf(m)).length > 1);
  return first ? matches.filter((m) => kindOf(m) === kindOf(first)) : [];
}
const underHeadings = (text: string): Block[] => ofOneKind([...eachIn(text, heading)]).map((m, i, all) => ({ label: m[1]!, title: m[3]?.trim() || null, start: m.index!, end: endOf(text, m.index! + m[0].length, all[i + 1]?.index ?? null) }));
const underMarkup = (text: string): Block[] => [...eachIn(text, markedUp)].filter((m, _, all) => m[1] === all[0]![1]).map((m, i, all) => ({ label: m[3]!, title: m[3]!, start: m.index, end: endOf(text, m.index + m[0].length, all[i + 1]?.index ?? null) }));
const onALine = (text: string): Block[] => ofOneKind([...eachIn(text, oneLine)]).map((m) => ({ label: m[1]!, title: m[3]!, start: m.index!, end: m.index! + m[0].length }));
/** A line that is nothing but a name: “Data set”, “## Lab report (60 %)”, “2. Slides:”. */
const nameAlone = /^[ \t]*(?:#{1,4} |\*\*|[-•*] |\(?\d{1,2}[.)] |[a-h]\) )?(?:(?:the|your) )?(\p{Lu}[\p{L}’'-]*(?: [\p{L}’'-]+){0,3})(?: \([^()\n]{1,30}\))?(?:\*\*)?:?[ \t]*$/u;
/** The line that says as which kind it is handed in. */
const kindLine = /^[ \t]*(?:[-•*–] |\*\*)*(?:(?:file |accepted |required )?(?:formats?|types?|kinds?)|file ?types?|save(?:d)? as|as)(?:\*\*)? ?[:|–] ?(?:\*\*)? *\S/i;
/** Names on lines of their own, each over lines that say its kind. */
function underNames(text: string): Block[] {
  const lines = [...text.matchAll(/[^\n]*\n?/g)].filter((m) => m[0] !== ''), out: Block[] = [];
  for (let i = 0; i < lines.length; i++) {
    const name = firstIn(lines[i]![0].trimEnd(), nameAlone);
    if (!name) continue;
    let k = i + 1;
    for (; k < lines.length && k < i + 12 && !says(lines[k]![0].trimEnd(), blank) && !says(lines[k]![0].trimEnd(), nameAlone); k++);
    const own = lines.slice(i + 1, k).map((m) => m[0]);
    if (own.some((line) => says(line, kindLine) && says(line, namesKind))) { out.push({ label: name[1]!, title: name[1]!, start: lines[i]!.index, end: lines[k - 1]!.index + lines[k - 1]![0].length, asked: true }); i = k - 1; }
  }
  return out;
}
/** Those of one list, counted without a gap, each with a day on which it is due. */
function onNumberedLines(text: string): Block[] {
  const items = [...eachIn(text, numbered)], inOrder = items.every((m, i) => m[1]!.toLowerCase() === (/\d/.test(items[0]![1]!) ? String(i + 1) : 'abcdefgh'[i])), dueEach = items.every((m) => says(m[0], fallsDue) && says(m[0], dateLike));
  // “Upload your draft article (PDF)” is about the draft article.
  const names = items.map((m) => rewritten((/^(?:you|we|I|they|it|this|there)\b/i.test(m[2]!.trim()) ? `Part ${m[1]!}` : m[2]!.trim()), [/^(?:(?:revise|finish|write|prepare|complete|scan|sign) (?:it )?and )?(?:upload|submit|hand in|send(?: in)?|deliver) (?:your|the|an?|us (?:your|the)) /i, '']));
  return items.length > 1 && inOrder && dueEach ? items.map((m, i) => ({ label: names[i]!, title: names[i]!, start: m.index + m[0].indexOf(m[2]!), end: m.index + m[0].length })) : [];
}

/** What the columns of a table are called that say what each row is and as which kind it is handed in. */
const rowHead = /^(?:|items?|deliverables?|what|components?|documents?|parts?|elements?|tasks?|assessments?|assignments?|works?|pieces?|submissions?|products?|outputs?|milestones?|stages?|titles?|names?|files?)$/i, kindHead = /^(?:(?:file |required |accepted )?(?:formats?|types?)|file ?types?|kinds?|as|(?:submit|hand in|save|upload|send)(?:ted)? as|files?|document types?)$/i;
const namesKind = /\b(?:pdf|docx?|word|odt|rtf|txt|zip|xlsx?|excel|spreadsheet|pptx?|powerpoint|slides|csv|jpe?g|png|tiff?|mp[34]|markdown|html|latex)\b|^\.\w{2,5}$/i;
const cellsOf = (line: string): string[] => line.trim().replace(/^\||\|$/g, '').split('|').map((cell) => cell.replace(/\*\*|`/g, '').trim());
/** The rows of a table with a column for the kind: each is a piece of its own. */
function inATable(text: string): Block[] {
  const lines = [...withBars(text).matchAll(/[^\n]+/g)], isRow = (line: RegExpMatchArray | undefined): boolean => line !== undefined && line[0].includes('|');
  for (const [at, line] of lines.entries()) {
    if (!isRow(line)) continue;
    const head = cellsOf(line[0]), kind = head.findIndex((cell, i) => i > 0 && says(cell, kindHead)), name = head.findIndex((cell, i) => i !== kind && says(cell, rowHead));
    if (head.length < 3 || kind < 0 || name < 0 || name > kind) continue;
    const rows: Block[] = [];
    for (let i = at + 1; isRow(lines[i]); i++) {
      const row = lines[i]!, cells = cellsOf(row[0]), label = cells[name]?.replace(/\s*\([^()]*\d[^()]*\)$/, '') ?? '';
      if (/^[\s|:-]+$/.test(row[0])) continue;
      // A row that says more or less than the head, or that is handed in on paper, makes a list that has to be read line by line.
      if (cells.length !== head.length || !says(cells[kind]!, namesKind) || !/^[\p{L}\d][^|:;]{1,60}$/u.test(label) || !/\p{L}/u.test(label)) return [];
      rows.push({ label, title: label, start: row.index, end: row.index + row[0].length, asked: true });
    }
    if (rows.length > 1) return rows;
  }
  return [];
}

/** What is listed by bullets ends with the last of them; everything else with the next heading, and the last with the first empty line behind it. */
function endOf(text: string, from: number, next: number | null): number {
  let at = from, end = from, listed: boolean | null = null;
  for (const line of text.slice(from + 1, next ?? text.length).split('\n')) {
    at += line.length + 1;
    if (says(line, blank)) { if (listed === null || next !== null && !listed) continue; if (next === null) break; continue; }
    if (listed === null) listed = says(line, bullet);
    else if (listed && !says(line, bullet) && !/^[ \t]{2,}\S/.test(line)) break;
    end = at;
  }
  return end;
}

/** A document for each block that asks for a file of its own; null where fewer than two do, or where a block asks for several. */
export function documentsOfBlocks(blocks: Block[], clauses: Clause[], text: string): DocumentsRead | null {
  const within = (b: Block): Clause[] => clauses.filter((c) => c.start >= b.start && c.start < b.end), plainly = blocks.map((b) => readDocuments(within(b), text)), any = plainly.some((r) => r.documents.length > 0);
  const read = plainly.map((r, i) => ((any || blocks[i]!.asked) && r.documents.length === 0 ? readDocuments(within(blocks[i]!), text, true) : r)), asked = read.filter((r) => r.documents.length > 0);
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
    if (says(text.slice(block.start, block.end), /\bno (?:submissions?|uploads?|hand-?in|files?)\b/i)) return [];
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
