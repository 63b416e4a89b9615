import { operationsOf } from '../../engines/content.ts';
import { isDict, parsePdf, PdfString } from './syntax.ts';

/** Words in what a page draws that draw nothing; characters `start` up to `end` can go without a change to the page. */
export interface SaidBeside { text: string; start: number; end: number }

/** What the standard lets a marked stretch say of itself and a reader makes use of; these stay. Source: ISO 32000-1, 14.6, 14.8.2.2.2, 14.9. */
const ofUse = new Set(['MCID', 'ActualText', 'Alt', 'E', 'Lang', 'Type', 'Subtype', 'BBox', 'Attached', 'O', 'Metadata']);
const property = /\/([^\s/<>[\](){}%]+)\s*(\((?:[^()\\]|\\[\s\S])*\)|<[\da-fA-F\s]*>)/g;
const longest = 4000;

/** Comments (7.2.3), and what programs of their own note about marked stretches (14.6.2). @param content - bytes as one character each */
export function saidBeside(content: string): SaidBeside[] {
  const said = notes(content);
  // Per cent signs stand in words and numbers as well: only a walk through the operations tells.
  if (/%[^\r\n()]*[A-Za-z\u0080-\u00ff\d]{3}/.test(content)) operationsOf(content, (start, end) => { const text = content.slice(start + 1, end).trim(); if (/[A-Za-z\u0080-\u00ff\d]{3}/.test(text)) said.push({ text, start, end }); });
  return said;
}
function notes(content: string): SaidBeside[] {
  const found: SaidBeside[] = [];
  for (const m of content.matchAll(/>>\s*(?:BDC|DP)\b/g)) {
    const open = content.lastIndexOf('<<', m.index);
    if (open < 0 || m.index - open > longest) continue;
    const dict = content.slice(open, m.index);
    if (!/[(<]/.test(dict.slice(2))) continue;
    for (const p of dict.matchAll(property)) if (!ofUse.has(p[1]!)) { const value = parsePdf(p[2]!); found.push({ text: value instanceof PdfString ? value.text : '', start: open + p.index, end: open + p.index + p[0].length }); }
  }
  return found;
}

/** What marked stretches tell in place of a picture or an abbreviation (14.9.3, 14.9.5): it is read aloud, and not among the words of the page; and in place of
 * nothing at all (14.9.4), which the page does not show either. */
export function toldInstead(content: string): string[] {
  return [...content.matchAll(/>>\s*(?:BDC|DP)\b/g)].flatMap((m) => {
    const open = content.lastIndexOf('<<', m.index), dict = open >= 0 && m.index - open <= longest && /\/(?:Alt|E|ActualText)\b/.test(content.slice(open, m.index)) ? parsePdf(content.slice(open, m.index + 2)) : null, empty = /^>>\s*(?:BDC\s*EMC|DP)\b/.test(content.slice(m.index, m.index + 40));
    return isDict(dict) ? [...(empty ? ['ActualText'] : []), 'Alt', 'E'].flatMap((key) => { const v = dict.get(key); return v instanceof PdfString ? [v.text] : []; }) : [];
  });
}

/** The same content without them; null where there are none. Line ends keep operators apart. */
export function withoutSaid(content: string): string | null {
  const said = saidBeside(content).sort((a, b) => a.start - b.start);
  if (said.length === 0) return null;
  let out = '', at = 0;
  for (const { start, end } of said) { if (start < at) continue; out += content.slice(at, start); at = end; }
  return out + content.slice(at);
}
