import { zipComment } from '../engines/zip.ts';
import type { Passage } from '../model/facts.ts';

/** What a package says beside its parts: their names, and the comment at its end. A picture may be called after whoever took it. */
export function aboutArchive(bytes: Uint8Array, names: string[]): Passage[] {
  const own = names.map((n) => n.split('/').pop()!), comment = zipComment(bytes);
  return [...(own.length > 0 ? [{ part: 'part names', place: 'path' as const, page: null, text: own.join('\n') }] : []), ...(comment.trim() ? [{ part: 'archive comment', place: 'hidden' as const, page: null, text: comment }] : [])];
}
