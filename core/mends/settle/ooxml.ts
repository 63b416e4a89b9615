import { Package, packZip } from '../../engines/zip.ts';
import type { Settlement } from './settlement.ts';
import { child, holds, parseTree, rewrite, writeTree, type Element } from './tree.ts';

const gone = new Set(['w:moveFromRangeStart', 'w:moveFromRangeEnd', 'w:moveToRangeStart', 'w:moveToRangeEnd', 'w:numberingChange', 'w:cellIns', 'w:cellDel', 'w:cellMerge', 'w:customXmlInsRangeStart', 'w:customXmlInsRangeEnd', 'w:customXmlDelRangeStart', 'w:customXmlDelRangeEnd']);
const formatted = /^w:(rPr|pPr|tblPr|trPr|tcPr|sectPr|tblGrid|tblPrEx)Change$/;
const added = new Set(['w:ins', 'w:moveTo']), removed = new Set(['w:del', 'w:moveFrom']);
const commentMarks = new Set(['w:commentRangeStart', 'w:commentRangeEnd', 'w:commentReference']);
const commentParts = /^word\/comments\w*\.xml$/;

/** Accepts or rejects every tracked change, and takes comments out, in every part of a word-processor package.
 * Source: ECMA-376-1, 17.13.5 (revisions), 17.13.4 (comments). A paragraph whose mark was added or deleted and that holds nothing any more goes with it. */
export function settleOoxml(bytes: Uint8Array, wish: Settlement): Uint8Array {
  const pack = new Package(bytes), parts: { name: string; bytes: Uint8Array }[] = [];
  for (const name of pack.names()) {
    if (wish.comments === 'remove' && commentParts.test(name)) continue;
    const isText = /\.(xml|rels)$/i.test(name), xml = isText ? pack.text(name)! : '';
    if (wish.comments === 'remove' && name === '[Content_Types].xml') { parts.push(text(name, xml.replace(/<Override\s[^>]*PartName\s*=\s*["']\/word\/comments\w*\.xml["'][^>]*\/>/g, ''))); continue; }
    if (wish.comments === 'remove' && /word\/_rels\/[^/]*\.rels$/.test(name)) { parts.push(text(name, xml.replace(/<Relationship\s[^>]*Target\s*=\s*["'][^"']*comments\w*\.xml["'][^>]*\/>/g, ''))); continue; }
    if (/^word\/[\w-]+\.xml$/.test(name) && /<w:(?:ins|del|move|comment|\w+Change\b|cell(?:Ins|Del))/.test(xml)) { parts.push(text(name, settleXml(xml, wish))); continue; }
    parts.push({ name, bytes: pack.part(name)! });
  }
  return packZip(parts);
}
const text = (name: string, value: string): { name: string; bytes: Uint8Array } => ({ name, bytes: new TextEncoder().encode(value) });

export function settleXml(xml: string, wish: Settlement): string {
  const root = parseTree(xml), drops = wish.changes === 'accept' ? removed : added, keeps = wish.changes === 'accept' ? added : removed, settles = wish.changes !== 'keep';
  rewrite(root, (e) => {
    if (wish.comments === 'remove' && commentMarks.has(e.name)) return [];
    if (!settles) return [e];
    if (gone.has(e.name)) return [];
    if (wish.changes === 'reject') {
      const change = e.children.find((c) => formatted.test(c.name));
      // What was before stands inside the mark of the change: it takes the place of what is now.
      if (change && change.name === `${e.name}Change`) { const before = child(change, e.name); return before ? [before] : []; }
      if (e.name === 'w:delText' || e.name === 'w:delInstrText') return [renamed(e, e.name === 'w:delText' ? 'w:t' : 'w:instrText')];
    } else if (formatted.test(e.name)) return [];
    // A mark without content says that the row or the paragraph itself was added or deleted: its owner looks at it.
    if ((drops.has(e.name) || keeps.has(e.name)) && e.children.length === 0 && e.open.endsWith('/>')) return [e];
    if (drops.has(e.name)) return [];
    if (keeps.has(e.name)) return e.children;
    if (e.name === 'w:tr' && holdsMark(child(e, 'w:trPr'), drops)) return [];
    if (e.name === 'w:p') { const mark = child(child(e, 'w:pPr') ?? e, 'w:rPr'); if (holdsMark(mark, drops) && !holds(e, (x) => ['w:t', 'w:drawing', 'w:pict', 'w:object', 'm:oMath', 'w:sectPr'].includes(x.name))) return []; }
    return [e];
  });
  if (settles) rewrite(root, (e) => (e.children.length === 0 && (drops.has(e.name) || keeps.has(e.name)) ? [] : [e]));
  return writeTree(root);
}
const holdsMark = (properties: Element | undefined, names: ReadonlySet<string>): boolean => properties?.children.some((c) => names.has(c.name) && c.children.length === 0) ?? false;
const renamed = (e: Element, name: string): Element => ({ ...e, name, open: e.open.replace(e.name, name), close: e.close.replace(e.name, name) });
