import { SaxesParser } from 'saxes';
import { wrappedWords } from '../text/wrapped-words.ts';

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

/** XML without its comments and without what it says to other programs; CDATA stays as it is (XML 1.0, 2.5 to 2.7). */
export const withoutAsides = (xml: string): string => xml.replace(/<!\[CDATA\[[\s\S]*?\]\]>|<!--[\s\S]*?-->|<\?(?!xml\s|mso-application\s)[\s\S]*?\?>/g, (aside) => (aside.startsWith('<![') ? aside : ''));

/** What comments and instructions to programs say in XML: nobody sees it, and it may be anybody's. A line each. */
export const asidesOf = (xml: string): string => [...xml.matchAll(/<!\[CDATA\[[\s\S]*?\]\]>|<!--([\s\S]*?)-->|<\?(?!xml\s|mso-application\s)([\s\S]*?)\?>/g)].map((m) => (m[1] ?? m[2] ?? '').trim()).filter((t) => /[\p{L}\p{N}]{2}/u.test(t)).join('\n');

const predefined: Record<string, string> = { amp: '&', lt: '<', gt: '>', quot: '"', apos: "'" };
/** Text as it was before it was escaped: character references and the five predefined entities (XML 1.0, 4.1 and 4.6); others stay as they stand. */
export const unescapeXml = (text: string): string => text.replace(/&(?:#x([\da-f]+)|#(\d+)|(\w+));/gi, (whole, hex: string | undefined, dec: string | undefined, name: string | undefined) => {
  const code = hex ? parseInt(hex, 16) : dec ? Number(dec) : null;
  return code !== null ? (code > 0 && code <= 0x10ffff ? String.fromCodePoint(code) : whole) : predefined[name!] ?? whole;
});
export const localName = (name: string): string => name.slice(name.indexOf(':') + 1);

/** Values that are machinery: fonts, measures, numbers of things, words that a vocabulary lists. */
const machinery = /^(?:xmlns.*|.*:?(?:ascii|hAnsi|cs|eastAsia|font-name.*|font-family.*|typeface|rsid\w*|paraId|textId))$/, listed = /^[a-z]+(?:[A-Z][a-z]*)*$|^[#-]?[\dA-Fa-f.]+(?:cm|in|pt|mm|%)?$|^#|^https?:\/\/schemas\./;
/** Elements whose value somebody typed, digits and all. Source: ECMA-376-1, 17.5.1 (smart tags), 17.16 (form fields). */
const typed = new Set(['w:default', 'w:result', 'w:helpText', 'w:statusText', 'w:attr', 'w:listEntry', 'w:permStart']);
/** Whether an attribute's value is nobody's words. */
export const isMachinery = (key: string, element: string, value: string): boolean => value.length < 3 || value.length >= 20_000 || !typed.has(element) && (machinery.test(key) || listed.test(value) || !/\p{L}{2}|\d{5}/u.test(value));
/** What stands in a part beside the words of its text and may be somebody's: attribute values, comments, processing instructions, words in Base64; each once.
 * @param told - elements whose text is read by a rule; that of any other is given as well. Without it, no text of elements is */
export function stringsBeside(source: string, told?: ReadonlySet<string>): string[] {
  const found = new Set<string>(), parser = new SaxesParser({ xmlns: false, position: false }), open: string[] = [];
  parser.on('error', () => undefined);
  parser.on('opentag', (tag) => {
    open.push(tag.name);
    for (const [key, value] of Object.entries(tag.attributes as Attributes)) if (!isMachinery(key, tag.name, value)) found.add(value);
  });
  parser.on('closetag', () => { open.pop(); });
  if (told) for (const kind of ['text', 'cdata'] as const) parser.on(kind, (value) => { const own = value.trim(), name = open.at(-1) ?? ''; if (!told.has(name) && /[\p{L}\p{N}]{2}/u.test(own) && (own.length >= 20_000 || !isMachinery('', name, own))) found.add(own); });
  parser.on('comment', (value) => { found.add(value.trim()); });
  parser.on('processinginstruction', ({ target, body }) => { if (target !== 'xml' && target !== 'mso-application') found.add(body.trim()); });
  try { parser.write(source).close(); } catch { /* damage is told elsewhere */ }
  for (const value of [...found]) { const words = value.length < 16 ? '' : wrappedWords(value); if (words) found.add(words); }
  return [...found].filter((value) => /[\p{L}\p{N}]{2}/u.test(value));
}

/** All attribute values and text of a part, a line each, and what they hold in Base64: enough to search, whatever the vocabulary. */
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
  const all = found.join('\n'), wrapped = wrappedWords(all);
  return wrapped ? `${all}\n${wrapped}` : all;
}
