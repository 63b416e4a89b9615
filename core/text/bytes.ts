/** Node has some of this written natively, and it is called where files of a hundred megabytes are gone through. Of the decoders that browsers have none takes each byte for itself. */
interface NativeBytes { indexOf(sought: number | string, from: number, encoding?: 'latin1'): number; toString(encoding: 'latin1'): string }
const native = (globalThis as { Buffer?: { from(buffer: ArrayBufferLike, offset: number, length: number): NativeBytes; compare(a: Uint8Array, b: Uint8Array): number } }).Buffer;
/** Bytes as one character each, for looking at structure that is ASCII. */
export function latin1(bytes: Uint8Array, from = 0, to = bytes.length): string {
  const start = Math.max(0, from), end = Math.min(to, bytes.length);
  if (native) return end > start ? native.from(bytes.buffer, bytes.byteOffset + start, end - start).toString('latin1') : '';
  let out = '';
  for (let at = start; at < end; at += 8192) {
    // `apply` reads the bytes directly; spreading them would go through an iterator and take twenty times as long.
    out += String.fromCharCode.apply(null, bytes.subarray(at, Math.min(at + 8192, end)) as unknown as number[]);
  }
  return out;
}
export const fromLatin1 = (text: string): Uint8Array => Uint8Array.from(text, (c) => c.charCodeAt(0) & 255);

/** Bytes of Base64 (RFC 4648, 4). @throws where it is none */
export function fromBase64(text: string): Uint8Array {
  const letters = atob(text), out = new Uint8Array(letters.length);
  // A call for each byte would take ten times as long, and pictures are large.
  for (let i = 0; i < letters.length; i++) out[i] = letters.charCodeAt(i);
  return out;
}

/** Bytes of hexadecimal digits; white space between them is passed over. */
export function bytesOfHex(text: string, most = 1 << 20): Uint8Array {
  const digits = text.slice(0, 3 * most).replace(/\s+/g, '');
  return Uint8Array.from({ length: Math.min(most, digits.length >> 1) }, (_, i) => parseInt(digits.slice(2 * i, 2 * i + 2), 16));
}

/** Pieces one behind the other. */
export function join(parts: Uint8Array[]): Uint8Array {
  const out = new Uint8Array(parts.reduce((n, p) => n + p.length, 0));
  let at = 0;
  for (const p of parts) { out.set(p, at); at += p.length; }
  return out;
}

export function startsWith(bytes: Uint8Array, signature: readonly number[], at = 0): boolean {
  return signature.every((b, i) => bytes[at + i] === b);
}

/** Looks for one byte again and again through a large file. @returns where the byte stands from some place on, or -1 */
export function finderOf(bytes: Uint8Array, byte: number): (from: number) => number {
  const searched = native?.from(bytes.buffer, bytes.byteOffset, bytes.length) ?? bytes;
  return (from) => searched.indexOf(byte, from);
}

/** Looks for a word of ASCII again and again through a large file. @returns where it begins from some place on, or -1 */
export function finderOfWord(bytes: Uint8Array, word: string): (from: number) => number {
  const searched = native?.from(bytes.buffer, bytes.byteOffset, bytes.length);
  if (searched) return (from) => searched.indexOf(word, from, 'latin1');
  const signs = Array.from(fromLatin1(word)), next = finderOf(bytes, signs[0]!);
  return (from) => { let at = next(from); while (at >= 0 && !startsWith(bytes, signs, at)) at = next(at + 1); return at; };
}

export function sameBytes(a: Uint8Array, b: Uint8Array): boolean {
  if (a.length !== b.length) return false;
  if (native) return native.compare(a, b) === 0;
  // Four at a time where their memory allows it: whole files are compared.
  const words = a.byteOffset % 4 === 0 && b.byteOffset % 4 === 0 ? a.length >> 2 : 0, x = new Int32Array(a.buffer, words ? a.byteOffset : 0, words), y = new Int32Array(b.buffer, words ? b.byteOffset : 0, words);
  for (let i = 0; i < words; i++) if (x[i] !== y[i]) return false;
  for (let i = words * 4; i < a.length; i++) if (a[i] !== b[i]) return false;
  return true;
}

/** Windows-1252 where it differs from Latin-1: 0x80 to 0x9f. Source: WHATWG Encoding Standard, index windows-1252. */
const western = '€\u0081‚ƒ„…†‡ˆ‰Š‹Œ\u008dŽ\u008f\u0090‘’“”•–—˜™š›œ\u009džŸ';
/** One-byte text by its code page. Node 20 decodes Windows-1252 as Latin-1, so that page is decoded here. */
export function decodeCodePage(bytes: Uint8Array, page: string): string {
  if (page !== 'windows-1252') return new TextDecoder(page).decode(bytes);
  return latin1(bytes).replace(/[\u0080-\u009f]/g, (c) => western[c.charCodeAt(0) - 0x80]!);
}

/** Text of unknown encoding: byte order mark, then UTF-8, then Windows-1252. */
export function decodeText(bytes: Uint8Array): string {
  if (bytes[0] === 0xff && bytes[1] === 0xfe) return new TextDecoder('utf-16le').decode(bytes);
  if (bytes[0] === 0xfe && bytes[1] === 0xff) return new TextDecoder('utf-16be').decode(bytes);
  try { return new TextDecoder('utf-8', { fatal: true }).decode(bytes).replace(/^\uFEFF/, ''); } catch { return decodeCodePage(bytes, 'windows-1252'); }
}

/** Runs of printable characters in binary data, 8-bit and UTF-16 of either order, as one searchable text. */
export function printableStrings(bytes: Uint8Array, limit = 4 << 20): string {
  const part = bytes.subarray(0, limit);
  const narrow = latin1(part).match(/[\x20-\x7e\xa0-\xff]{4,}/g) ?? [];
  const wide: string[] = [];
  for (const shift of [0, 1]) {
    // One byte on, the other order is this one: its last letter needs a zero behind it.
    const decoded = new TextDecoder('utf-16le').decode(shift === 0 ? part : padded(part.subarray(1)));
    wide.push(...(decoded.match(/[\x20-\x7e\u00a0-\u024f\u0370-\u04ff]{4,}/g) ?? []));
  }
  let utf8: string[] = [];
  try { utf8 = new TextDecoder().decode(part).match(/[^\u0000-\u001f\ufffd]{4,}/g)?.filter((s) => /[\u0080-\uffff]/.test(s)) ?? []; } catch { /* not text */ }
  return [...narrow, ...wide, ...utf8].join('\n');
}

function padded(bytes: Uint8Array): Uint8Array { const out = new Uint8Array(bytes.length + 1); out.set(bytes); return out; }
