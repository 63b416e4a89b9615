import { Package, packZip } from '../../engines/zip.ts';
import { escapeXml, unescapeXml, xmlTokens } from '../../engines/xml.ts';
import { shownXml } from '../neutral/package.ts';
import type { Matcher } from '../../identity/find.ts';
import { weighHit } from '../../identity/weigh.ts';
import type { DocumentFacts, Passage } from '../../model/facts.ts';
import { storyParts } from '../../tables/ooxml-parts.ts';

/** How each vocabulary names paragraphs, the text in them, and what stands for a space. Sources: ECMA-376-1, 17.3; ODF 1.2-1, 5.1 and 6.1. */
interface Vocabulary { paragraphs: ReadonlySet<string>; /** elements that hold text; null: all do */ text: string | null; spaces: ReadonlySet<string> }
const word: Vocabulary = { paragraphs: new Set(['w:p']), text: 'w:t', spaces: new Set(['w:tab', 'w:br', 'w:cr', 'w:ptab']) };
const open: Vocabulary = { paragraphs: new Set(['text:p', 'text:h']), text: null, spaces: new Set(['text:s', 'text:tab', 'text:line-break']) };

const textual = new Set(['text', 'runningHead', 'footnote', 'textbox', 'hidden']);

/** Replaces the student's details in the text of a word-processor file, across the runs that they are cut into; the formatting of every run stays.
 * Only what stops is replaced: a hit is weighed as the search weighs it, with the section its paragraph stands in.
 * @param wording - what stands there instead; may be empty */
export function replaceInPackage(bytes: Uint8Array, facts: DocumentFacts, matcher: Matcher, wording: string): { bytes: Uint8Array; taken: { part: string; text: string }[] } {
  const pack = new Package(bytes), taken: { part: string; text: string }[] = [], isOdf = facts.file.kind === 'odt';
  const passages = facts.passages.ok ? facts.passages.value : [];
  const parts = pack.names().map((name) => {
    const original = pack.part(name)!;
    const story = isOdf ? (/^(content|styles)\.xml$/.test(name) ? 'text' : null) : storyParts.find((s) => s.pattern.test(name) && textual.has(s.place))?.place ?? null;
    if (!story) return { name, bytes: original, stored: name === 'mimetype' };
    const own = passages.filter((p) => p.part === name || (story === 'text' && p.part === 'text')), xml = pack.text(name)!;
    const find = (text: string): { start: number; end: number }[] => {
      // The passage that a paragraph belongs to knows its section and whether it is a note or a running head.
      const known = own.find((p) => p.text === text) ?? own.find((p) => p.text.includes(text));
      const passage: Passage = known ? { ...known, text } : { part: name, place: story, page: null, text };
      if (!textual.has(passage.place)) return [];
      return matcher.find(text).filter((hit) => weighHit(hit, passage)?.standing === 'stops').map((hit) => { taken.push({ part: name, text: text.slice(hit.start, hit.end) }); return { start: hit.start, end: hit.end }; });
    };
    // A watermark's words, and what stands before a number, are values of attributes.
    const values = shownXml(xml, find, wording), changed = replaceInXml(values ?? xml, isOdf ? open : word, find, wording) ?? values;
    return { name, bytes: changed === null ? original : new TextEncoder().encode(changed), stored: name === 'mimetype' };
  });
  return { bytes: packZip(parts), taken };
}

interface Piece { at: number; text: string; /** a space that no text node holds */ fixed: boolean }

/** Goes through a part tag by tag; the text of each paragraph is put together, searched, and only the text nodes that are touched are written anew.
 * @returns null when nothing was to be replaced */
export function replaceInXml(xml: string, vocabulary: Vocabulary, find: (text: string) => { start: number; end: number }[], wording: string): string | null {
  const tokens = xmlTokens(xml), stack: Piece[][] = [];
  let inText = 0, changed = false;
  const finish = (pieces: Piece[]): void => {
    const text = pieces.map((p) => p.text).join(''), hits = text.trim() ? find(text) : [];
    if (hits.length === 0) return;
    changed = true;
    let offset = 0;
    for (const piece of pieces) {
      const from = offset, to = offset + piece.text.length;
      offset = to;
      if (piece.fixed) continue;
      let out = '', at = from, touched = false;
      for (const hit of hits) {
        if (hit.end <= from || hit.start >= to) continue;
        touched = true;
        out += text.slice(at, Math.max(at, hit.start));
        // The wording stands once, in the run where the detail begins.
        if (hit.start >= from) out += wording;
        at = Math.min(to, hit.end);
      }
      if (!touched) continue;
      out += text.slice(at, to);
      tokens[piece.at] = escapeXml(out);
      // A run that now begins or ends with a space keeps it (XML 1.0, 2.10).
      if (vocabulary.text && /^\s|\s$/.test(out) && piece.at > 0 && !tokens[piece.at - 1]!.includes('xml:space')) tokens[piece.at - 1] = tokens[piece.at - 1]!.replace(/>$/, ' xml:space="preserve">');
    }
  };
  tokens.forEach((token, at) => {
    if (!token.startsWith('<')) {
      if (stack.length > 0 && (vocabulary.text === null || inText > 0)) stack[stack.length - 1]!.push({ at, text: unescapeXml(token), fixed: false });
      return;
    }
    const name = /^<\/?([\w:.-]+)/.exec(token)?.[1] ?? '', closes = token.startsWith('</'), single = token.endsWith('/>');
    if (vocabulary.paragraphs.has(name)) { if (closes) { const pieces = stack.pop(); if (pieces) finish(pieces); } else if (!single) stack.push([]); } else if (name === vocabulary.text && !single) inText += closes ? -1 : 1;
    else if (!closes && vocabulary.spaces.has(name)) stack[stack.length - 1]?.push({ at, text: name === 'w:tab' || name === 'text:tab' ? '\t' : name === 'text:s' ? ' '.repeat(Number(/text:c="(\d{1,3})"/.exec(token)?.[1] ?? 1)) : '\n', fixed: true });
  });
  return changed ? tokens.join('') : null;
}
