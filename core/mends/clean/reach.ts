import type { Package } from '../../engines/zip.ts';

/** Relationships that a part names in its own words, by an id; one that nothing names belongs to something that was taken out. Source: ECMA-376-1, 9.2 (explicit relationships). */
const named = /^(?:image|oleObject|package|chart|chartEx|aFChunk|video|audio|media|header|footer|control|diagram(?:Data|Layout|QuickStyle|Colors))$/;
const tagOf = /<Relationship\s[^>]*?(?:\/>|>\s*<\/Relationship>)/g;
const attribute = (tag: string, name: string): string => new RegExp(`\\s${name}\\s*=\\s*["']([^"']*)`).exec(tag)?.[1] ?? '';

/** Where a relationship leads, as a part's name (ECMA-376-2, 6.5.3.4). @param base - the folder of the part that it is of, with its stroke */
export function resolvePart(base: string, target: string): string {
  if (target.startsWith('/')) return target.slice(1);
  const out: string[] = [];
  for (const step of (base + target).split('/')) { if (step === '..') out.pop(); else if (step !== '.' && step !== '') out.push(step); }
  return out.join('/');
}

/** Whether a relationship is of a kind that its part names, and is named nowhere in it. @param part - the words of that part; null where it has none */
export function isUnused(tag: string, part: string | null): boolean {
  const id = attribute(tag, 'Id'), type = attribute(tag, 'Type').split('/').at(-1)!;
  return part !== null && id !== '' && named.test(type) && !part.includes(`"${id}"`) && !part.includes(`'${id}'`);
}

/** What may be left behind: pictures, objects and whatever is no XML. The documents' own parts stay, as those who read them by their names would miss them. */
const leftover = /(?:^|\/)(?:media|embeddings|activeX|charts|diagrams|ink)\/|\.(?!xml$|rels$)[^./]+$/i;

/** Parts of an OOXML package that nothing leads to any more: pictures and objects that were deleted, and what hangs on them. */
export function unreachableParts(pack: Package): Set<string> {
  // Names of parts are the same in capitals and small letters (ECMA-376-2, 6.2.2.3).
  const names = new Set(pack.names()), written = new Map(pack.names().map((name) => [name.toLowerCase(), name])), reached = new Set(['[Content_Types].xml']), open = [''];
  for (let part = open.pop(); part !== undefined; part = open.pop()) {
    const cut = part.lastIndexOf('/') + 1, base = part.slice(0, cut), relations = `${base}_rels/${part.slice(cut)}.rels`, xml = names.has(relations) ? pack.text(relations) : null;
    if (xml === null) continue;
    reached.add(relations);
    const own = /\.(?:xml|vml)$/i.test(part) ? pack.text(part) : null;
    for (const [tag] of xml.matchAll(tagOf)) {
      if (/TargetMode\s*=\s*["']External/.test(tag) || isUnused(tag, own)) continue;
      const to = written.get(resolvePart(base, decoded(attribute(tag, 'Target'))).toLowerCase());
      if (to !== undefined && !reached.has(to)) { reached.add(to); open.push(to); }
    }
  }
  // A package whose root leads nowhere is not read by its relationships: all of it stays.
  return reached.size < 3 ? new Set() : new Set([...names].filter((name) => !reached.has(name) && !name.endsWith('/') && leftover.test(name)));
}
const decoded = (target: string): string => { try { return decodeURIComponent(target.replace(/&amp;/g, '&')); } catch { return target; } };

/** Pictures of an OpenDocument package that none of its documents shows (ODF 1.2-3, 3.2: what belongs to it is named by a reference). */
export function unshownPictures(pack: Package): Set<string> {
  const pictures = pack.names().filter((name) => /(?:^|\/)(?:Pictures|media)\/[^/]+$/i.test(name));
  if (pictures.length === 0) return new Set();
  const words = pack.names().filter((name) => /\.xml$/.test(name) && !name.startsWith('META-INF/')).map((name) => pack.text(name) ?? '').join('\n');
  return new Set(pictures.filter((name) => { const own = name.slice(name.lastIndexOf('/') + 1); return !words.includes(own) && !words.includes(encodeURIComponent(own)) && !words.includes(own.replace(/&/g, '&amp;')); }));
}
