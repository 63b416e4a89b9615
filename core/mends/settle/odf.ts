import { Package, packZip } from '../../engines/zip.ts';
import { rejectChanges } from './odf-reject.ts';
import type { Settlement } from './settlement.ts';
import { child, parseTree, rewrite, writeTree, type Element } from './tree.ts';

/** Accepts or rejects tracked changes and takes annotations out of OpenDocument text. What was deleted lies apart from the text, so accepting drops it.
 * Source: ODF 1.2-1, 5.5 (change tracking), 14.1 (annotation). */
export function settleOdf(bytes: Uint8Array, wish: Settlement): Uint8Array {
  const pack = new Package(bytes);
  return packZip(['mimetype', ...pack.names().filter((n) => n !== 'mimetype')].flatMap((part): { name: string; bytes: Uint8Array; stored?: boolean }[] => {
    const content = pack.part(part);
    if (!content) return [];
    if (!/^(content|styles)\.xml$/.test(part)) return [{ name: part, bytes: content, stored: part === 'mimetype' }];
    const root = parseTree(pack.text(part)!);
    if (wish.changes === 'reject') for (const holder of holdersOf(root)) rejectChanges(holder);
    rewrite(root, (e) => (wish.comments === 'remove' && /^office:annotation(-end)?$/.test(e.name)) || (wish.changes === 'accept' && ['text:tracked-changes', 'text:change', 'text:change-start', 'text:change-end'].includes(e.name)) ? [] : [e]);
    return [{ name: part, bytes: new TextEncoder().encode(writeTree(root)) }];
  }));
}

/** Elements that hold tracked changes: the text itself, and headers and footers with their own. */
const holdersOf = (e: Element): Element[] => [...(child(e, 'text:tracked-changes') ? [e] : []), ...e.children.flatMap(holdersOf)];
