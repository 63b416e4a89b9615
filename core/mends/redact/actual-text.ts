import { contentOf, operationsOf, type Operation } from '../../engines/content.ts';
import type { PdfDocument } from '../../engines/pdf.ts';
import { squash } from '../../identity/fold.ts';

/** The entry of a property list, with a string in hexadecimal figures or a literal one. */
const entry = /\/ActualText\s*(?:<([\da-fA-F\s]*)>|\(((?:[^()\\]|\\[^]|\([^()]*\))*)\))/;
interface Cut { from: number; to: number; put: string }
const shows = new Set(['Tj', 'TJ', "'", '"']), places = new Set(['Tm', 'Td', 'TD', 'T*', 'ET', 'BT']);

/** Takes stretches out of a page's content that say by /ActualText that they stand for one of the words (ISO 32000-1, 14.9.4), where glyphs and letters do not match one by one, as in scripts whose signs are joined: what they tell and what they show.
 * Where text goes on behind such a stretch from where it ends, its glyphs stay for the redaction by place, and only what it tells goes.
 * @param words - as they were found @returns whether anything was taken out */
export function takeActualText(pdf: PdfDocument, index: number, words: string[]): boolean {
  const content = contentOf(pdf, index), wanted = words.map(wordsOf).filter((w) => w.length > 0);
  if (wanted.length === 0 || !content.includes('/ActualText')) return false;
  const operations = operationsOf(content), open: { begin: Operation; at: number; told: string | null }[] = [], stretches: { words: string[]; cuts: Cut[] }[] = [];
  operations.forEach((o, i) => {
    if (o.operator === 'BDC' || o.operator === 'BMC') open.push({ begin: o, at: i, told: o.operator === 'BDC' ? toldBy(content.slice(o.start, o.end)) : null });
    if (o.operator !== 'EMC') return;
    const own = open.pop();
    if (!own || own.told === null) return;
    // What else the stretch is, as its place in the structure, stays.
    const cuts: Cut[] = [{ from: own.begin.start, to: own.begin.end, put: content.slice(own.begin.start, own.begin.end).replace(entry, '') }];
    stretches.push({ words: wordsOf(own.told), cuts });
    const next = operations.slice(i + 1).find((n) => shows.has(n.operator) || places.has(n.operator));
    if (!next || places.has(next.operator)) for (const shown of operations.slice(own.at + 1, i)) if (shows.has(shown.operator)) cuts.push({ from: shown.start, to: shown.end, put: '' });
  });
  // A name of several words may be told by as many stretches, one behind the other.
  const told = stretches.flatMap((s) => s.words.map((word) => ({ word, of: s }))), taken = new Set<(typeof stretches)[number]>();
  for (const name of wanted) told.forEach((_, at) => { if (name.every((word, i) => told[at + i]?.word === word)) for (let i = 0; i < name.length; i++) taken.add(told[at + i]!.of); });
  const cuts = [...taken].flatMap((s) => s.cuts);
  if (cuts.length === 0) return false;
  let text = '', at = 0;
  for (const cut of cuts.sort((a, b) => a.from - b.from)) { text += content.slice(at, cut.from) + cut.put; at = cut.to; }
  text += content.slice(at);
  pdf.findPage(index).put('Contents', pdf.addStream(Uint8Array.from(text, (c) => c.charCodeAt(0)), {}));
  return true;
}

/** Whole words, folded: a name inside another word is none, and signs over letters are told apart where scripts need them. */
const wordsOf = (text: string): string[] => text.normalize('NFKC').split(/[^\p{L}\p{M}\p{N}]+/u).filter((w) => w.length > 1).map((w) => (/[\u0900-\u0dff\u0e00-\u0eff\u1000-\u109f\u1780-\u17ff]/.test(w) ? w : squash(w)));

/** What a marked stretch says that it stands for, from its property list; null where it says nothing. Literal and hexadecimal strings, UTF-16 and bytes (7.9.2.2). */
function toldBy(operation: string): string | null {
  const found = entry.exec(operation);
  if (!found) return null;
  const hex = found[1]?.replace(/\s/g, ''), literal = found[2];
  const bytes = hex !== undefined ? (hex.match(/.{2}/g) ?? []).map((b) => parseInt(b, 16)) : [...literal!.replace(/\\(\d{1,3}|[^])/g, (_, c: string) => (/^\d/.test(c) ? String.fromCharCode(parseInt(c, 8)) : ({ n: '\n', r: '\r', t: '\t' } as Record<string, string>)[c] ?? c))].map((c) => c.charCodeAt(0));
  if (bytes[0] !== 0xfe || bytes[1] !== 0xff) return String.fromCharCode(...bytes);
  return bytes.slice(2).reduce((text, b, i, all) => (i % 2 === 0 ? text + String.fromCharCode((b << 8) | (all[i + 1] ?? 0)) : text), '');
}
