import { Package, packZip } from '../../engines/zip.ts';
import { CannotDo } from '../../model/outcome.ts';
import type { Settlement } from './settlement.ts';
import { parseTree, rewrite, writeTree } from './tree.ts';

/** Accepts tracked changes and takes annotations out of OpenDocument text. What was deleted lies apart from the text, so accepting drops it.
 * Source: ODF 1.2-1, 5.5 (change tracking), 14.1 (annotation). @throws {CannotDo} `unsupported` for rejecting, which needs the place of every deleted piece */
export function settleOdf(bytes: Uint8Array, wish: Settlement, name: string): Uint8Array {
  if (wish.changes === 'reject') throw new CannotDo('unsupported', 'Tracked changes of an OpenDocument text can only be accepted here.', 'Reject them in the program it was written in.', name);
  const pack = new Package(bytes);
  return packZip(['mimetype', ...pack.names().filter((n) => n !== 'mimetype')].flatMap((part): { name: string; bytes: Uint8Array; stored?: boolean }[] => {
    const content = pack.part(part);
    if (!content) return [];
    if (!/^(content|styles)\.xml$/.test(part)) return [{ name: part, bytes: content, stored: part === 'mimetype' }];
    const root = parseTree(pack.text(part)!);
    rewrite(root, (e) => (wish.comments === 'remove' && /^office:annotation(-end)?$/.test(e.name)) || (wish.changes === 'accept' && ['text:tracked-changes', 'text:change', 'text:change-start', 'text:change-end'].includes(e.name)) ? [] : [e]);
    return [{ name: part, bytes: new TextEncoder().encode(writeTree(root)) }];
  }));
}
