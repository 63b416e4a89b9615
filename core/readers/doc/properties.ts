import { decodeCodePage } from '../../text/bytes.ts';
import type { MetadataFact, MetadataSort } from '../../model/facts.ts';

/** Stored values of the two property streams by number. Source: [MS-OSHARED] 2.3.3.2.1 and 2.3.3.2.2 (the numbers from memory). */
const streams: readonly { stream: string; values: Readonly<Record<number, [key: string, sort: MetadataSort]>> }[] = [
  { stream: '\u0005SummaryInformation', values: { 2: ['title', 'title'], 3: ['subject', 'subject'], 4: ['author', 'author'], 5: ['keywords', 'keywords'], 6: ['comments', 'comment'], 7: ['template', 'template'], 8: ['lastAuthor', 'author'], 9: ['revision', 'statistics'], 10: ['editingTime', 'editing-time'], 12: ['created', 'dates'], 13: ['saved', 'dates'], 18: ['application', 'software'] } },
  { stream: '\u0005DocumentSummaryInformation', values: { 2: ['category', 'keywords'], 14: ['manager', 'author'], 15: ['company', 'company'] } },
];

/** The document properties of a compound file. Source: [MS-OLEPS] 2.21 (property set streams), 2.15 (typed values). Values that cannot be read are left out. */
export function readProperties(stream: (name: string) => Uint8Array | null): MetadataFact[] {
  const found: MetadataFact[] = [];
  for (const { stream: name, values } of streams) {
    const bytes = stream(name);
    if (!bytes || bytes.length < 48) continue;
    const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength), set = view.getUint32(44, true);
    if (set + 8 > bytes.length) continue;
    for (let i = 0, count = Math.min(200, view.getUint32(set + 4, true)); i < count && set + 16 + 8 * i <= bytes.length; i++) {
      const known = values[view.getUint32(set + 8 + 8 * i, true)], at = set + view.getUint32(set + 12 + 8 * i, true), value = known && at + 8 <= bytes.length ? valueAt(bytes, view, at) : '';
      if (known && value) found.push({ part: name.slice(1), key: known[0], value, sort: known[1] });
    }
  }
  return found;
}

/** A string in one byte or two a character, a number, or a time (100 nanoseconds since 1601). */
function valueAt(bytes: Uint8Array, view: DataView, at: number): string {
  const type = view.getUint16(at, true), size = view.getUint32(at + 4, true);
  if (type === 0x1e) return utf8OrWestern(bytes.subarray(at + 8, at + 8 + Math.min(size, 100_000))).replace(/\0[\s\S]*$/, '').trim();
  if (type === 0x1f) return new TextDecoder('utf-16le').decode(bytes.subarray(at + 8, at + 8 + 2 * Math.min(size, 100_000))).replace(/\0[\s\S]*$/, '').trim();
  if (type === 3) return String(view.getInt32(at + 4, true));
  if (type !== 0x40 || at + 12 > bytes.length) return '';
  const ticks = view.getBigUint64(at + 4, true), ms = Number(ticks / 10_000n) - 11_644_473_600_000;
  return ticks === 0n || !Number.isFinite(ms) || Math.abs(ms) > 8e15 ? '' : ms < 0 ? '' : new Date(ms).toISOString();
}
function utf8OrWestern(bytes: Uint8Array): string { try { return new TextDecoder('utf-8', { fatal: true }).decode(bytes); } catch { return decodeCodePage(bytes, 'windows-1252'); } }
