import type { Passage } from '../../model/facts.ts';
import { finderOf, latin1 } from '../../text/bytes.ts';
import { parsePdf, PdfString, walkDicts, type PdfValue } from './syntax.ts';
import { plainParts } from './plain-parts.ts';
import type { Survey } from './survey.ts';

const bounds = { objects: 200, bytes: 1 << 16 };
const [O, B, J] = [0x6f, 0x62, 0x6a];

/** Words of objects that lie in the file and that its table does not list: no reader finds them there, and anybody with an editor of text does.
 * Earlier saved states have a table of their own and are read by it. Source: ISO 32000-1, 7.5.4. */
export function unlistedObjects(bytes: Uint8Array, survey: Survey): Passage[] {
  const words: string[] = [];
  let found = 0;
  const next = finderOf(bytes, J);
  for (const [from, to] of survey.complete ? plainParts(bytes) : []) for (let at = next(Math.max(8, from)); at >= 0 && at < to; at = next(at + 1)) {
    if (bytes[at - 1] !== B || bytes[at - 2] !== O || !/[\s]/.test(String.fromCharCode(bytes[at - 3] ?? 0))) continue;
    const num = /(?:^|[^\d.])(\d{1,9})\s+\d{1,5}\s+$/.exec(latin1(bytes, Math.max(0, at - 24), at - 2))?.[1];
    if (num === undefined || survey.objects.has(Number(num)) || Number(num) === 0) continue;
    if (++found > bounds.objects) break;
    const source = latin1(bytes, at + 1, at + bounds.bytes), said = stringsOf(parsePdf(source.slice(0, source.search(/\bendobj\b|\bstream\b|$/))));
    words.push(...said.filter((text) => /[\p{L}\p{N}]{2}/u.test(text)));
  }
  return words.length > 0 ? [{ part: 'unlisted objects', place: 'orphan', page: null, text: words.join('\n') }] : [];
}

function stringsOf(value: PdfValue): string[] {
  const found: string[] = value instanceof PdfString ? [value.text] : [], add = (v: PdfValue): void => { if (v instanceof PdfString) found.push(v.text); else if (Array.isArray(v)) v.forEach(add); };
  add(Array.isArray(value) ? value : null);
  walkDicts(value, (dict) => { for (const v of dict.values()) add(v); });
  return found;
}
