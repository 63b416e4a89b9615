import type { Kind } from '../model/kinds.ts';
import { noun, type Mention } from './document-names.ts';
import { notDocument } from './list-items.ts';
import { firstIn, says } from '../text/patterns.ts';

/** A document that one line of a list asks for. */
export interface Listed { label: string; types: Kind[]; start: number; end: number; mentions: Mention[] }

/** What an item of a list begins with; items of one list begin with marks of one sort. */
const marks: readonly (readonly [string, RegExp])[] = [
  ['box', /^[ \t]*(?:\[[ xX_✓✔]?\]|\([ xX]?\)(?= )|[☐□☑☒✅✓✔])[ \t]+/u], ['bullet', /^[ \t]*[-*•▪◦‣–—+·][ \t]+/u], ['figure', /^[ \t]*(?:\(\d{1,2}\)|\d{1,2}[.):]|\d(?= +(?:\p{Lu}|an? |the |your |one )))[ \t]+/u],
  ['roman', /^[ \t]*(?:\((?:i{1,3}|iv|vi{0,3}|ix|x)\)|(?:i{1,3}|iv|vi{0,3}|ix|x)[.)])[ \t]+/], ['letter', /^[ \t]*(?:\([a-h]\)|[a-hA-H][.)])[ \t]+/],
];
const kindWord = '(?:\\.?(?:pdf|docx?|odt|rtf|pptx?|xlsx?|csv|zip|jpe?g|png|mp[34]|wav|txt|tex)|word|excel|powerpoint|latex)(?![\\p{L}])';
const stop = `(?:as|in|on|with|to|for|from|by|at|that|which|must|should|shall|is|are|has|have|will|may|can|and|or|plus|saved|exported|converted|submitted|uploaded|named|called|scanned|handed|combined|merged|not|no|up|max(?:imum)?|min(?:imum)?|about|approx\\w*|of(?= (?:no|up|at|max\\w*|about|\\d[\\d.,]*|your|the|my|our|not|an?|between|one|two|three)\\b)|containing|including|incl|covering|file|document|format|version)`;
const word = `(?!${stop}(?![\\p{L}])|${kindWord})[\\p{L}][\\p{L}’'/-]*`;
/** The name that an item begins with: its words up to a sign, a small word or a kind of file. What only counts its pages is none of it. */
const head = new RegExp(`^(?:(?:part|file|document|item|deliverable|component|element|upload) (?:[A-E]|\\d{1,2}|one|two|three)\\s*[:.–-]\\s*)?(?:(?:an?|the|your|our|one|1|single|completed)\\s+){0,2}(?:(?:(?:\\d[\\d,.]*|one|two|three|four|five|ten|single)[\\s-](?:page|word|slide|minute|sheet|side)d?)\\s+)?(${word}(?: ${word}){0,4})`, 'iu');
const notName = /^(?:my|i|the|it|this|that|these|one|two|both|all|each|any|a|an|we|you|call|produce|create|make|write|put|permitted|allowed|preferred|only|please|scan|check|remember|single)(?![\p{L}])|^.{1,3}$/iu;
const known = new RegExp(`(?:^|[ -])${noun}(?:s|$)`, 'i');
/** “Your field notebook. Scan every page and put them into one PDF.” */
const putInto = /^\. [^\n]{0,160}\b(?:in|into|to|as) (?:an?|one|1) (?:single |one )?(?:\w+ )?\(?\.?\w+$/i;
/** What such a list stands under. */
const announces = /\b(?:submi\w+|hand(?:ed|ing)?[- ]?in|upload\w*|deliver\w*|files?|documents?|check-?list|turn in|items?|required|consists?|include|following)\b/i;

/** “[ ] Final report as PDF, 8,000 words / [ ] Executive summary (Word, max. 2 pages)”: each line of a list that names a work and a kind of file asks for a document of its own.
 * Lines that name no kind, or no work, ask for none; nothing where fewer than two do.
 * @param asked - the kinds that are asked for, in their order @param all - every kind that is named: beside those that are asked for, a line of the same list asks too */
export function listedDocuments(asked: readonly Mention[], all: readonly Mention[], text: string): Listed[] {
  const lines: { start: number; end: number; sort: string | null; body: number }[] = [];
  for (let start = 0; start <= text.length;) {
    const at = text.indexOf('\n', start), end = at < 0 ? text.length : at, line = text.slice(start, Math.min(end, start + 500)), mark = marks.find(([, pattern]) => says(line, pattern));
    if (line.trim() !== '') lines.push({ start, end, sort: mark?.[0] ?? null, body: start + (mark ? firstIn(line, mark[1])![0].length : 0) });
    start = end + 1;
  }
  for (let i = 0; i < lines.length; i++) {
    const { sort } = lines[i]!;
    if (sort === null || lines[i - 1]?.sort === sort) continue;
    let last = i;
    while (lines[last + 1]?.sort === sort) last++;
    const items = lines.slice(i, last + 1).flatMap((line) => {
      const own = all.filter((m) => !m.refused && m.at >= line.body && m.to <= line.end), name = own.length > 0 ? firstIn(text.slice(line.body, line.end), head) : null, label = name?.[1]!.trim() ?? '';
      if (!name || says(label, notDocument) && !(/^(?:digital|electronic|printed) /i.test(label) && says(label, known)) || says(label, notName) || own[0]!.at < line.body + name[0].length) return [];
      // “Signed statement as page 2 of the PDF” is in another one; a sentence is no item.
      if (says(text.slice(line.body, own[0]!.at), /\b(?:of|in|into|inside|within|to|from) (?:the|your|this|that)(?: same| one| single)? \.?$/i) || !says(text.slice(line.body + name[0].length, line.end), /^\s*(?:[(,:;–—[-]|(?:as|in|of|saved|exported|on|with|for|no|up|max\w*|to)\b)/i) && !(says(label, known) && says(text.slice(line.body + name[0].length, own[0]!.to), putInto))) return [];
      const at = line.body + name[0].length - name[1]!.length;
      return [{ label, types: [...new Set(own.flatMap((m) => m.kinds))], start: at, end: line.end, mentions: own }];
    });
    const above = lines[i - 1] ? text.slice(lines[i - 1]!.start, lines[i - 1]!.end) : '';
    if (items.length < 2 || !items.some((d) => d.mentions.some((m) => asked.some((a) => a.at === m.at))) || new Set(items.map((d) => d.label.toLowerCase())).size < items.length || !items.some((d) => says(d.label, known)) && !says(above, announces)) continue;
    return items;
  }
  return [];
}
