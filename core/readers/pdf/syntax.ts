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

const delimiter = /[\s()<>[\]{}/%]/;
/** Nesting beyond this is hostile, not a document. */
const maxDepth = 200;

/** Parses one printed object. Tolerant: what cannot be parsed becomes null. */
export function parsePdf(source: string): PdfValue {
  let at = 0;
  const skip = (): void => { while (at < source.length && source.charCodeAt(at) <= 32) at++; };
  const value = (depth: number): PdfValue => {
    skip();
    const c = source[at];
    if (c === undefined || depth > maxDepth) { at = source.length; return null; }
    if (c === '<' && source[at + 1] === '<') {
      at += 2;
      const dict: PdfDict = new Map();
      for (;;) {
        skip();
        if (at >= source.length) return dict;
        if (source[at] === '>') { at += 2; return dict; }
        if (source[at] !== '/') { value(depth + 1); continue; }
        dict.set(name(), value(depth + 1));
      }
    }
    if (c === '[') {
      at++;
      const list: PdfValue[] = [];
      for (;;) {
        skip();
        if (at >= source.length) return list;
        if (source[at] === ']') { at++; return list; }
        list.push(value(depth + 1));
      }
    }
    if (c === '/') return new PdfName(name());
    if (c === '(') return new PdfString(literal());
    if (c === '<') {
      const end = source.indexOf('>', at);
      const hex = source.slice(at + 1, end < 0 ? undefined : end).replace(/\s/g, '');
      at = end < 0 ? source.length : end + 1;
      let raw = '';
      for (let i = 0; i < hex.length; i += 2) raw += String.fromCharCode(parseInt(hex.slice(i, i + 2).padEnd(2, '0'), 16) || 0);
      return new PdfString(raw);
    }
    const start = at;
    while (at < source.length && !delimiter.test(source[at]!)) at++;
    if (at === start) { at++; return null; }
    const word = source.slice(start, at);
    if (word === 'true') return true;
    if (word === 'false') return false;
    const number = Number(word);
    if (Number.isNaN(number)) return null;
    const ref = /^\s+(\d+)\s+R(?![A-Za-z])/.exec(source.slice(at, at + 24));
    if (ref && Number.isInteger(number)) { at += ref[0].length; return new PdfRef(number); }
    return number;
  };
  const name = (): string => {
    const start = ++at;
    while (at < source.length && !delimiter.test(source[at]!)) at++;
    return source.slice(start, at).replace(/#([0-9a-f]{2})/gi, (_, h: string) => String.fromCharCode(parseInt(h, 16)));
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
