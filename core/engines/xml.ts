import { SaxesParser } from 'saxes';

export type Attributes = Record<string, string>;
export interface XmlHandler {
  open?(name: string, attributes: Attributes, selfClosing: boolean): void;
  close?(name: string): void;
  text?(text: string): void;
}

/** Streams XML through a handler. Entities are never defined (no expansion bombs); damage is tolerated where reading can go on.
 * @returns the first error's message, or null */
export function readXml(source: string, handler: XmlHandler): string | null {
  let problem: string | null = null;
  const parser = new SaxesParser({ xmlns: false, position: false });
  parser.on('error', (error) => { problem ??= error.message; });
  parser.on('opentag', (tag) => handler.open?.(tag.name, tag.attributes as Attributes, tag.isSelfClosing));
  parser.on('closetag', (tag) => handler.close?.(tag.name));
  parser.on('text', (value) => handler.text?.(value));
  parser.on('cdata', (value) => handler.text?.(value));
  try { parser.write(source).close(); } catch (error) { problem ??= error instanceof Error ? error.message : String(error); }
  return problem;
}

/** Text as XML may hold it: markup characters escaped, characters that no XML document may contain left out (XML 1.0, 2.2). */
export const escapeXml = (value: string): string =>
  value.replace(/[^\t\n\r\u0020-\uD7FF\uE000-\uFFFD\u{10000}-\u{10FFFF}]/gu, '').replace(/[&<>"']/g, (c) => ({ '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;', "'": '&#39;' })[c] ?? c);
/** XML cut into tags, comments, CDATA sections and text, each as written: joined again they are the same bytes. */
export const xmlTokens = (xml: string): string[] => xml.match(/<!--[\s\S]*?-->|<!\[CDATA\[[\s\S]*?\]\]>|<[^>]*>|[^<]+/g) ?? [];

const predefined: Record<string, string> = { amp: '&', lt: '<', gt: '>', quot: '"', apos: "'" };
/** Text as it was before it was escaped: character references and the five predefined entities (XML 1.0, 4.1 and 4.6); others stay as they stand. */
export const unescapeXml = (text: string): string => text.replace(/&(?:#x([\da-f]+)|#(\d+)|(\w+));/gi, (whole, hex: string | undefined, dec: string | undefined, name: string | undefined) => {
  const code = hex ? parseInt(hex, 16) : dec ? Number(dec) : null;
  return code !== null ? (code > 0 && code <= 0x10ffff ? String.fromCodePoint(code) : whole) : predefined[name!] ?? whole;
});
export const localName = (name: string): string => name.slice(name.indexOf(':') + 1);

/** All attribute values and text of a part, a line each: enough to search, whatever the vocabulary. */
export function collectStrings(source: string): string {
  const found: string[] = [];
  readXml(source, {
    open: (name, attributes) => {
      for (const key of Object.keys(attributes)) {
        const value = attributes[key]!;
        if (!key.startsWith('xmlns') && value.length > 1 && value.length < 20_000) found.push(value);
      }
    },
    text: (value) => { const t = value.trim(); if (t.length > 1) found.push(t); },
  });
  return found.join('\n');
}
