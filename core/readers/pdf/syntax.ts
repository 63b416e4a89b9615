/** PDF objects as plain values. Source: ISO 32000-1, 7.3. */
export class PdfName { constructor(readonly name: string) {} }
export class PdfRef { constructor(readonly num: number) {} }
export class PdfString {
  constructor(readonly raw: string) {}
  /** Text string (7.9.2.2): UTF-16BE or UTF-8 by its byte order mark, else PDFDocEncoding, taken as Windows-1252 above 0x7F. */
  get text(): string {
    const raw = this.raw;
    if (raw.startsWith('\xfe\xff')) return decodeUtf16(raw, 2, false);
    if (raw.startsWith('\xff\xfe')) return decodeUtf16(raw, 2, true);
    if (raw.startsWith('\xef\xbb\xbf')) return new TextDecoder().decode(Uint8Array.from(raw.slice(3), (c) => c.charCodeAt(0)));
    return raw;
  }
}
export type PdfDict = Map<string, PdfValue>;
export type PdfValue = null | boolean | number | PdfName | PdfRef | PdfString | PdfValue[] | PdfDict;

function decodeUtf16(raw: string, from: number, little: boolean): string {
  let out = '';
  for (let i = from; i + 1 < raw.length; i += 2) {
    const [a, b] = [raw.charCodeAt(i), raw.charCodeAt(i + 1)];
    out += String.fromCharCode(little ? (b << 8) | a : (a << 8) | b);
  }
  // 7.9.2.2: a language code stands between two escape characters.
  return out.replace(/\u001b[^\u001b]*\u001b/g, '');
}

/** By character code: what ends a word (7.2.2, white space and delimiters). Printed objects are ASCII but for the bytes of strings. */
const ends = new Uint8Array(256);
for (let code = 0; code <= 32; code++) ends[code] = 1;
for (const c of '()<>[]{}/%') ends[c.charCodeAt(0)] = 1;
const slash = 0x2f, less = 0x3c, greater = 0x3e, open = 0x5b, close = 0x5d, paren = 0x28, capitalR = 0x52;
const isDigit = (code: number): boolean => code >= 0x30 && code <= 0x39;
/** Nesting beyond this is hostile, not a document. */
const maxDepth = 200;

/** Names come again and again: one object for each. They are compared by their text and never changed. */
const names = new Map<string, PdfName>(), mostNames = 10_000;
function nameObject(text: string): PdfName {
  let known = names.get(text);
  if (!known) { known = new PdfName(text); if (names.size < mostNames) names.set(text, known); }
  return known;
}

/** Parses one printed object. Tolerant: what cannot be parsed becomes null. */
export function parsePdf(source: string): PdfValue {
  let at = 0;
  const size = source.length;
  const skip = (): void => { while (at < size && source.charCodeAt(at) <= 32) at++; };
  const word = (): string => { const start = at; while (at < size && ends[source.charCodeAt(at)] !== 1) at++; return source.slice(start, at); };
  const value = (depth: number): PdfValue => {
    skip();
    if (at >= size || depth > maxDepth) { at = size; return null; }
    const c = source.charCodeAt(at);
    if (c === less && source.charCodeAt(at + 1) === less) {
      at += 2;
      const dict: PdfDict = new Map();
      for (;;) {
        skip();
        if (at >= size) return dict;
        const next = source.charCodeAt(at);
        if (next === greater) { at += 2; return dict; }
        if (next !== slash) { value(depth + 1); continue; }
        const key = name();
        dict.set(key, value(depth + 1));
      }
    }
    if (c === open) {
      at++;
      const list: PdfValue[] = [];
      for (;;) {
        skip();
        if (at >= size) return list;
        if (source.charCodeAt(at) === close) { at++; return list; }
        list.push(value(depth + 1));
      }
    }
    if (c === slash) return nameObject(name());
    if (c === paren) return new PdfString(literal());
    if (c === less) {
      const end = source.indexOf('>', at);
      const hex = source.slice(at + 1, end < 0 ? undefined : end).replace(/\s/g, '');
      at = end < 0 ? size : end + 1;
      let raw = '';
      for (let i = 0; i < hex.length; i += 2) raw += String.fromCharCode(parseInt(hex.slice(i, i + 2).padEnd(2, '0'), 16) || 0);
      return new PdfString(raw);
    }
    const text = word();
    if (text === '') { at++; return null; }
    if (text === 'true') return true;
    if (text === 'false') return false;
    const number = Number(text);
    if (Number.isNaN(number)) return null;
    return Number.isInteger(number) && reference() ? new PdfRef(number) : number;
  };
  /** “0 R” behind a whole number (7.3.10). */
  const reference = (): boolean => {
    let to = at;
    while (to < size && source.charCodeAt(to) <= 32) to++;
    const generation = to;
    while (to < size && isDigit(source.charCodeAt(to))) to++;
    if (to === at || to === generation || source.charCodeAt(to) > 32) return false;
    while (to < size && source.charCodeAt(to) <= 32) to++;
    if (source.charCodeAt(to) !== capitalR || (to + 1 < size && ends[source.charCodeAt(to + 1)] !== 1)) return false;
    at = to + 1;
    return true;
  };
  const name = (): string => {
    at++;
    const text = word();
    return text.includes('#') ? text.replace(/#([0-9a-f]{2})/gi, (_, h: string) => String.fromCharCode(parseInt(h, 16))) : text;
  };
  const literal = (): string => {
    let out = '', depth = 1;
    at++;
    while (at < source.length) {
      const c = source[at++]!;
      if (c === '\\') {
        const e = source[at++] ?? '';
        const octal = /^[0-7]{1,3}/.exec(source.slice(at - 1, at + 2));
        if (octal) { out += String.fromCharCode(parseInt(octal[0], 8) & 255); at += octal[0].length - 1; }
        else out += ({ n: '\n', r: '\r', t: '\t', b: '\b', f: '\f', '\n': '' } as Record<string, string>)[e] ?? e;
      } else if (c === '(') { depth++; out += c; }
      else if (c === ')') { if (--depth === 0) return out; out += c; }
      else out += c;
    }
    return out;
  };
  return value(0);
}

export const isDict = (v: PdfValue | undefined): v is PdfDict => v instanceof Map;
export const nameOf = (v: PdfValue | undefined): string | null => (v instanceof PdfName ? v.name : null);
export const textOf = (v: PdfValue | undefined): string | null => (v instanceof PdfString ? v.text : null);

/** Every dictionary of an object, inner ones too; `own`: it is the object itself. */
export function walkDicts(value: PdfValue, use: (dict: PdfDict, own: boolean) => void, own = true, depth = 0): void {
  if (depth > 40) return;
  if (isDict(value)) { use(value, own); for (const v of value.values()) walkDicts(v, use, false, depth + 1); } else if (Array.isArray(value)) for (const v of value) walkDicts(v, use, false, depth + 1);
}
