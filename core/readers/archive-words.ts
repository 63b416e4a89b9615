import { zipComment } from '../engines/zip.ts';
import type { Passage } from '../model/facts.ts';

/** Folders that the formats name. Sources: ECMA-376-1, 11; ECMA-376-2, annex; ODF 1.2-3, 3; the producers'. */
const usualFolders = /^(?:_rels|docProps|word|media|theme|customXml|embeddings|charts|diagrams|glossary|activeX|fonts|printerSettings|web[eE]xtensions|package|services|metadata|core-properties|docMetadata|_xmlsignatures|Pictures|Thumbnails|META-INF|Basic|Standard|Scripts|Versions|Fonts|Configurations2|accelerator|floater|images|Bitmaps|\w+bar|popupmenu|toolpanel|Object \d+|ObjectReplacements)$/;

/** What a package says beside its parts: their names, folders too, and the comment at its end. A picture may be called after whoever took it. @param names - of its parts, folders with a stroke at their end */
export function aboutArchive(bytes: Uint8Array, names: string[]): Passage[] {
  const own = [...new Set(names.flatMap((n) => n.split('/').filter((step, at, all) => at === all.length - 1 || !usualFolders.test(step))))].filter(Boolean), comment = zipComment(bytes);
  return [...(own.length > 0 ? [{ part: 'part names', place: 'path' as const, page: null, text: own.join('\n') }] : []), ...(comment.trim() ? [{ part: 'archive comment', place: 'hidden' as const, page: null, text: comment }] : [])];
}
