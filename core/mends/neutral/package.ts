import { escapeXml, isMachinery, unescapeXml, xmlTokens } from '../../engines/xml.ts';
import { nowhere, placesOfAddress, type Neutral } from './neutral.ts';

/** Attributes whose words are for a reader or a listener. Source: ECMA-376-1, 20.1.2.2.8 (docPr), 17.16.22 (hyperlink); HTML 4.01. */
const spoken = /^(?:descr|title|alt|o:title|w:tooltip|content|displayText|w:displayText|xlink:title|text:description)$/;
/** Elements with one value that is for a reader (17.5.2, 17.4.40, 17.16). */
const spokenElements = new Set(['w:alias', 'w:tblCaption', 'w:tblDescription', 'w:default', 'w:listEntry']);
/** Values that pages show: a watermark's words, what stands before a number, a field of the text. They go with the text. */
const shownValues: Record<string, ReadonlySet<string>> = { 'v:textpath': new Set(['string']), 'w:lvlText': new Set(['w:val']), 'text:user-field-decl': new Set(['office:string-value']) };
const shownAttributes = /^style:num-(?:prefix|suffix)$/;
const addresses = /^(?:Target|href|src|xlink:href|o:href)$/;
/** Elements whose text no page shows: instructions of fields; titles and descriptions of pictures (ODF 1.2-1, 19.4). */
const unseenText = new Set(['w:instrText', 'w:delInstrText']), spokenText = new Set(['svg:title', 'svg:desc', 'title', 'desc', 'table:title', 'table:desc']);
/** Parts of which no page shows anything: building blocks, macros, settings of a program (ECMA-376-1, 11.3.8). */
const unseenParts = /^word\/glossary\/|^Basic\/|^Scripts\/|^Configurations2\/|^word\/webextensions\//;
/** Parts whose names somebody chose; the others' are the vocabulary's. */
const namedParts = /(?:^|\/)(?:media|embeddings|Pictures|afchunk)[^/]*\/[^/]+$|\.(?:x?html?|mht|rtf|bin)$/i;
const attribute = /(\s)([\w:.-]+)(\s*=\s*)(?:"([^"]*)"|'([^']*)')/g;

/** A part of a package with the student's details put out of what no page shows. The text and what else is shown stay.
 * @param part - its name in the package @returns null where there is nothing of the student */
export function neutralXml(xml: string, part: string, neutral: Neutral): string | null {
  const tokens = xmlTokens(xml), unseen = unseenParts.test(part);
  let changed = false, element = '', /** within a field that a program of its own keeps data in, as sources with their authors */ kept = false;
  const put = (at: number, token: string): void => { tokens[at] = token; changed = true; };
  tokens.forEach((token, at) => {
    if (!token.startsWith('<')) {
      const spokenHere = spokenText.has(element);
      if (!unseen && !spokenHere && !unseenText.has(element)) return;
      if (unseenText.has(element) && (kept ||= /^\s*ADDIN\b/.test(token))) return;
      const text = unescapeXml(token), other = spokenHere ? neutral.said(text, 'altText') : neutral.named(text, 'field');
      if (other !== null) put(at, escapeXml(other));
      return;
    }
    element = token.startsWith('</') || token.endsWith('/>') ? '' : /^<([\w:.-]+)/.exec(token)?.[1] ?? '';
    if (element === 'w:fldChar' || token.startsWith('<w:fldChar')) kept = false;
    if (token.startsWith('</') || token.startsWith('<!') || token.startsWith('<?')) return;
    const tag = /^<([\w:.-]+)/.exec(token)?.[1] ?? '', edited = token.replace(attribute, (whole, gap: string, key: string, equals: string, double: string | undefined, single: string | undefined) => {
      if (shownAttributes.test(key) || shownValues[tag]?.has(key)) return whole;
      const value = unescapeXml(double ?? single ?? ''), other = isMachinery(key, tag, value) ? null : neutralValue(tag, key, value, neutral);
      return other === null ? whole : `${gap}${key}${equals}"${escapeXml(other)}"`;
    });
    if (edited !== token) put(at, edited);
  });
  return changed ? tokens.join('') : null;
}

function neutralValue(tag: string, key: string, value: string, neutral: Neutral): string | null {
  if (spoken.test(key) || spokenElements.has(tag)) return neutral.said(value, 'altText');
  if (namedParts.test(value) && !elsewhere.test(value)) return differs(neutralName(value, neutral), value);
  if (!addresses.test(key) || value.startsWith('#')) return neutral.named(value, 'altText', ...(outside.test(value) ? ['path' as const] : []));
  const other = neutral.named(decoded(value), ...placesOfAddress(value));
  // An address elsewhere that tells who the student is leads nowhere.
  return other === null ? null : elsewhere.test(value) ? nowhere : other;
}
const elsewhere = /^[a-z][a-z\d+.-]*:|^\\\\/i, outside = /\\|^(?:file:|[A-Za-z]:|\/|~)/;
const differs = (a: string, b: string): string | null => (a === b ? null : a);

/** The name of a part, as it stands in the package and in addresses within it. */
export const neutralName = (name: string, neutral: Neutral): string => (namedParts.test(name) ? name.replace(/[^/]+$/, (last) => neutral.named(decoded(last), 'path') ?? last) : name);

/** Values of attributes that are shown on pages, with what `find` finds in them replaced; null where there is nothing. */
export function shownXml(xml: string, find: (text: string) => { start: number; end: number }[], wording: string): string | null {
  let changed = false;
  const tokens = xmlTokens(xml).map((token) => {
    const tag = /^<([\w:.-]+)/.exec(token)?.[1];
    if (!tag || !shownValues[tag] && !token.includes('style:num-')) return token;
    return token.replace(attribute, (whole, gap: string, key: string, equals: string, double: string | undefined, single: string | undefined) => {
      if (!shownAttributes.test(key) && !shownValues[tag]?.has(key)) return whole;
      const value = unescapeXml(double ?? single ?? ''), hits = find(value);
      if (hits.length === 0) return whole;
      changed = true;
      let out = '', at = 0;
      for (const { start, end } of hits) { out += value.slice(at, start) + wording; at = end; }
      return `${gap}${key}${equals}"${escapeXml(out + value.slice(at))}"`;
    });
  });
  return changed ? tokens.join('') : null;
}

interface Part { name: string; bytes: Uint8Array; stored?: boolean }
/** All parts of a package. */
export function neutralParts(parts: Part[], neutral: Neutral): Part[] {
  return parts.map((part) => {
    const name = neutralName(part.name, neutral), xml = /\.(?:xml|rels|vml|rdf|svg|x?html?)$/i.test(part.name) ? neutralXml(new TextDecoder().decode(part.bytes), part.name, neutral) : null;
    return { ...part, name, bytes: xml === null ? part.bytes : new TextEncoder().encode(xml) };
  });
}

function decoded(address: string): string { try { return decodeURIComponent(address); } catch { return address; } }
