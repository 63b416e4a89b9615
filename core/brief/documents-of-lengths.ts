import type { Limits } from '../model/brief.ts';
import type { Kind } from '../model/kinds.ts';
import { closer, noun } from './document-names.ts';
import type { DocumentsRead } from './documents.ts';
import { number } from './limit-numbers.ts';
import { matchesIn, numberOf, numberWords, type Clause } from './statements.ts';
import { firstIn, says } from '../text/patterns.ts';

/** What is written, and not attached as it is. */
const written = `${noun}|${closer}(?:log|story|poem|blog ?post|post|article|letter|critique|memo|response|brief|account|guide|leaflet|speech|review|translation|interview)`;
const stop = 'including|excluding|without|the|your|an?|of|and|or|for|in|to|on|at|as|with|by|both|each|is|are|be|must|should|shall|may|can|will|no|not|than|more|less|submit|write|hand|upload|want|need|words?|pages?|every|one|two|plus|then|this|that';
const name = String.raw`(?<![\p{L}’'-])(?:(?:the|your|an?|one|our|this)\s+)?(?<name>(?:(?!(?:${stop})\s)\p{Ll}[\p{Ll}-]+\s+){0,2}?(?:${written}))(?![\p{L}’'-])`;
const bound = String.raw`(?:\s+(?:shall|should|must|may|can|is|has|will|needs?|to|be|have|not|exceed|limited|restricted|longer|more|fewer|less|than|up|at|most|least|contain|comprise|run|a|maximum|minimum|of|about|with|no|between|around|approximately|max\.?|min\.?|long)){0,7}`;
const figure = String.raw`(?:${number}|(?:one|two|three|four|five|six|eight|ten)(?=[ -](?:pages?|sides?)\b))`, amount = String.raw`${figure}(?:\s?(?:–|-|to|and)\s?${figure})?`;
/** “A report of at most 3,000 words”, “Report (max. 3,000 words)”, “report – 3,000 words”, “a 3,000-word report”. */
const sized = [new RegExp(String.raw`${name}(?:\s*\([^()\d]{1,24}\))?${bound}\s*[(:,–-]?\s*(?:max(?:imum)?\.?|up to|at most|no more than|about|around)?\s*(?<amount>${amount})(?:[\s-]?(?<unit>words?|pages?|sides?)(?!\p{L})|(?=\s*(?:[,;.]|$|and\b))(?!\s?%))`, 'giu'), new RegExp(String.raw`(?<amount>${amount})[\s-](?<unit>word|page)s?\s+${name}`, 'giu'), new RegExp(String.raw`(?<amount>${amount})\s(?<unit>words|pages) of (?<name>(?:(?!(?:${stop})\s)\p{Ll}[\p{Ll}-]+\s+){0,2}?(?:prose|fiction|non-fiction|poetry|verse|${written}))(?![\p{L}’'-])`, 'giu')];
/** “Read a paper of 20 pages”, “last year's report had 3,000 words”: no work that is asked for. */
const notAsked = /\b(?:read|reading|(?<!case )study|summari[sz]e|watch|discuss(?:es)?|about|last year|previous(?:ly)?|example|model|sample)\b(?:(?!\b(?:write|submit|hand in|upload|produce|prepare|then)\b)[^.;]){0,80}$/i;
/** “The portfolio contains an essay of 2,000 words and a reflection”. */
const heldTogether = /\b(?:contains?|comprises?|consists? of|(?:is |are )?made up of|includes?|including)\b[^.;]*$/i;
/** What is part of a paper where nothing says that it goes by itself. */
const partOfPaper = /^(?:(?:executive |brief |short )*(?:abstract|summary)|title|declaration|statement|append(?:ix|ices)|outline|proposal|plan|sketch|bibliography|transcript|figures?|captions?|notes|answers?|text|slides|pictures|photos|photographs|maps?)$/i;
/** Each of them is a file. */
const kind = String.raw`(?:pdfs?|word|docx?|rtf|odt|rich text|files?|documents?|formats?)`;
const apart = new RegExp(String.raw`\bboth\b(?! sides)[^.;]{0,30}\b${kind}\b|\b${kind}\b[^.;]{0,14}\bfor (?:both|all|each)\b|\beach (?:as|in|is|must|should|of (?:them|these|which)|file|document|one)\b|\b(?:separate|individual|different) (?:files?|documents?|PDFs?|Word|uploads?)\b|(?<!(?:not|n['’]t) (?:want|need|send|upload|submit|make) )\b(?:two|three|four) (?:separate |individual )?(?:documents?|files?|PDFs?|uploads?|Word)\b|\ball (?:as|in) (?:separate )?${kind}\b`, 'i');
const together = /\b(?:one|single|same|combined|joint) (?:PDF|Word|file|document|upload|docx|zip)\b|\b(?:all|everything)\b[^.;]{0,14}\bin one\b|\bin one (?:\S+ ){1,5}(?:file|document)\b|\b(?:combine|merge|join)d?\b[^.;]{0,30}\b(?:into|in|as|two|them|both)\b|\b(?:at|to|after) the end of (?:the|your) (?:\p{L}+ )?(?:file|document|text|paper|essay|story|report)\b/iu;
/** “Either a 3,000-word essay or a 2,000-word essay and a bibliography.” */
const choice = /\beither\b[^.;]*\bor\b|\b(?:two|three|following) options\b|\bchoose (?:one|between|either)\b/i;
/** “Assessment 1: 500-word reflection.”: one of several that have nothing to do with each other. */
const numbered = /^\W*(?:assessment|assignment|coursework|task|component|element|week|unit|module) (?:\d{1,2}|[A-E]|one|two|three)\b/i;

interface Work { name: string; start: number; end: number; clause: number; unit: 'words' | 'pages'; /** from its name to its length, whichever is first */ from: number; to: number; /** what its length is, lowest and highest */ range: { least: number | null; most: number | null } }

/** “A report of 3,000 words and a log of 800 words, both as PDF”: works that each have a length, where no more than one of them has been read as a document, are the documents: of the kind that is
 * said for all of them. In one file they are its parts. */
export function documentsOfLengths(read: DocumentsRead, clauses: readonly Clause[], parts: readonly { start: number }[] = []): DocumentsRead {
  if (read.documents.length > 1 && read.documents.every((d) => d.label !== null)) return { ...read, lengths: lengthsOfNamed(read, clauses) };
  if (clauses.some((c) => says(c.text, together))) return read;
  const all = worksWithLengths(clauses), areApart = all.length > 1 && says(clauses.slice(Math.max(0, all[0]!.clause - 1), all.at(-1)!.clause + 4).map((c) => c.text).join(' '), apart), besides = all.length > 1 && says(clauses.slice(all[0]!.clause, all.at(-1)!.clause + 2).map((c) => c.text).join(' '), apart);
  const works = besides ? all : all.filter((w) => !says(w.name, partOfPaper));
  // What is handed in on days of its own is no set.
  if (works.length < 2 || says(clauses[works[0]!.clause]!.text, numbered) && (parts.length > 1 || !areApart) || parts.length > 1 && works.some((w) => parts.some((p) => p.start >= clauses[w.clause]!.start && p.start < clauses[w.clause]!.end))) return read;
  const own = works.map((w) => read.documents.findIndex((d) => isOf(w, labelOf(d)))), unnamed = read.documents.flatMap((d, i) => (d.label === null ? [i] : [])), others = read.documents.flatMap((_, i) => (own.includes(i) || unnamed.includes(i) ? [] : [i]));
  if (own.every((i) => i >= 0) || unnamed.length > 1 || !areApart && (works.length < all.length || says(clauses[works[0]!.clause]!.text.slice(0, works[0]!.start - clauses[works[0]!.clause]!.start), heldTogether) || others.length > 0 || own.some((i) => i >= 0))) return read;
  const shared: Kind[] = unnamed.length === 1 ? read.documents[unnamed[0]!]!.types : areApart && own.filter((i) => i >= 0).length === 1 ? read.documents[own.find((i) => i >= 0)!]!.types : [];
  const documents = works.map((w, i) => { const mine = own[i]! >= 0 ? read.documents[own[i]!]! : null; return { ...mine, label: w.name[0]!.toUpperCase() + w.name.slice(1), types: [...(mine && mine.types.length > 0 ? mine.types : shared)] }; });
  const lengths = works.flatMap((w, document) => lengthsOf(w, document));
  return { lengths, documents: [...documents, ...others.map((i) => read.documents[i]!)], evidence: read.evidence, spans: [...works.map(({ start, end }) => ({ start, end })), ...others.map((i) => read.spans[i]!)] };
}

const labelOf = (d: { label: string | null }): string => (d.label ?? '').toLowerCase(), isOf = (w: Work, label: string): boolean => label === w.name || label.endsWith(` ${w.name}`) || w.name.endsWith(` ${label}`) && label !== '';
const lengthsOf = (w: Work, document: number): NonNullable<DocumentsRead['lengths']> => ([['min', w.range.least], ['max', w.range.most]] as const).flatMap(([end, value]) => (value === null ? [] : [{ document, field: `${end}${w.unit === 'words' ? 'Words' : 'Pages'}` as keyof Limits, value, start: w.start, end: Math.max(w.end, w.to) }]));
/** “(ii) a one-page abstract, also PDF”: what is said of documents that are known by name. */
const lengthsOfNamed = (read: DocumentsRead, clauses: readonly Clause[]): NonNullable<DocumentsRead['lengths']> => clauses.flatMap((clause, i) => (clause.asks ? [] : worksIn(clause, i))).flatMap((w) => { const own = read.documents.flatMap((d, k) => (isOf(w, labelOf(d)) ? [k] : [])); return own.length === 1 ? lengthsOf(w, own[0]!) : []; });

/** The first works that stand together, each with a length: in one sentence, in items of a list, or in sentences that follow each other. */
function worksWithLengths(clauses: readonly Clause[]): Work[] {
  let group: Work[] = [], last = -2;
  for (const [i, clause] of clauses.entries()) {
    const found = clause.asks || says(clause.text, choice) ? [] : worksIn(clause, i);
    // The number of an item is a clause of its own.
    if (/^\W*(?:\d{1,2}|[a-h])[.)]?\W*$/i.test(clause.text)) { if (last === i - 1) last = i; continue; }
    if (found.length === 0) { if (clause.text.length > 40 && group.length > 1) return group; continue; }
    if (last !== i - 1 || found[0]!.unit !== group[0]?.unit) { if (group.length > 1) return group; group = []; }
    for (const w of found) if (!group.some((o) => o.name === w.name)) group.push(w);
    last = i;
  }
  return group.length > 1 && group.length < 6 ? group : [];
}

/** “About 500 words” settles nothing; “at least 500 words” is the least. */
function rangeOf(said: string, amount: string): { least: number | null; most: number | null } {
  const [low, high] = [...amount.matchAll(new RegExp(`${number}|\\p{L}+`, 'giu'))].flatMap((m) => (/^(?:to|and)$/i.test(m[0]) ? [] : [numberWords[m[0].toLowerCase()] ?? numberOf(m[0])])), lead = said.slice(0, said.indexOf(amount));
  if (high !== undefined) return { least: low!, most: high };
  return says(lead, /\b(?:about|around|approximately|approx\.?|roughly)\b/i) ? { least: null, most: null } : says(lead, /\b(?:at least|no(?:t)? (?:less|fewer) than|min(?:imum)?)\b/i) ? { least: low ?? null, most: null } : { least: null, most: low ?? null };
}

function worksIn(clause: Clause, index: number): Work[] {
  if (!says(clause.text, /\d|\b(?:one|two|three|four|five|six|ten)[ -]pages?\b/i) || clause.text.length > 600) return [];
  const head = firstIn(clause.text, /\b(word|page)s? (?:limits?|counts?|lengths?)\b/i)?.[1]?.toLowerCase();
  // “The essay may have up to 2,000 words and the reflection up to 500.”
  let before = head;
  const found = sized.flatMap((pattern) => [...matchesIn(clause, pattern)].flatMap((m): Work[] => {
    const { name, unit = before } = m.groups as { name: string; unit?: string }, at = m.at + m[0].indexOf(name);
    before ??= unit;
    // A bare number is a length where it is a large one, or one that says that it is the most.
    if (m.groups!.unit === undefined && !(/\d{3}/.test(m.groups!.amount!.replace(/[.,\s]/g, '')) || /\b(?:up to|max|at most|no more than)/i.test(m[0]))) return [];
    return unit === undefined || says(clause.text.slice(0, at - clause.start), notAsked) || says(clause.text.slice(0, at - clause.start), /(?<!\b(?:hand|turn|send)(?:ing|ed)? )\b(?:of|in|from|for|than|per|the (?:first|last)) (?:the |your |an? )?$/i) ? [] : [{ name: name.toLowerCase(), start: at, end: at + name.length, clause: index, unit: /^w/i.test(unit) ? 'words' : 'pages', from: Math.min(at, m.at + m[0].indexOf(m.groups!.amount!)), to: m.to, range: rangeOf(m[0], m.groups!.amount!) }];
  }));
  found.sort((a, b) => a.start - b.start);
  // One length is that of one work, and of two that are joined by “or” one is written.
  const own = found.filter((w, i) => !found.some((o, k) => k < i && o.from < w.to && w.from < o.to));
  return own.some((w, i) => i > 0 && /\bor\b/i.test(clause.text.slice(own[i - 1]!.to - clause.start, w.from - clause.start))) ? [] : own;
}
