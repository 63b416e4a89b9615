import { Parser } from 'htmlparser2';

/** A web page without its notes: where each is referred to stands `<note-ref data-note="id">`, and the notes' own HTML by id. */
export interface HtmlNotes { source: string; notes: Map<string, string> }
interface Node { name: string; id: string; /** the page's offsets: its tags and all, and what is between them */ start: number; end: number; inner: number; innerEnd: number; up: Node | null; list: boolean; note: boolean; back: boolean }
interface Link { node: Node; /** its own name, and that of what it leads to */ own: string; to: string; /** where the raised number around it begins */ start: number }

/** Takes footnotes and endnotes out of a web page: what links in the text lead to, as an item of a list of notes or as a block that begins with a link back.
 * Source: DPUB-ARIA 1.0 (doc-footnote, doc-endnotes, doc-backlink); class and data names that Markdown programs write, and links that lead to each other as word processors write them: common practice, no source. */
export function takeNotes(source: string): HtmlNotes {
  const notes = new Map<string, string>();
  if (!/footnote|endnote|\bftn|\bnote/i.test(source)) return { source, notes };
  const nodes: Node[] = [], links: Link[] = [];
  let top: Node | null = null;
  const parser: Parser = new Parser({
    onopentag(name, a) {
      const role = a.role ?? '', classes = a.class ?? '', inList = within(top, (n) => n.list);
      const node: Node = {
        name, id: a.id ?? '', start: parser.startIndex, end: -1, inner: parser.endIndex + 1, innerEnd: -1, up: top,
        list: !inList && /^(section|div|aside|footer|ol)$/.test(name) && (/\bdoc-(?:endnotes|footnotes)\b/.test(role) || /\b(?:footnotes|endnotes)\b/.test(classes) || 'data-footnotes' in a),
        note: !!a.id && ((inList && name === 'li') || /\bdoc-(?:footnote|endnote)\b/.test(role)), back: name === 'a' && (/\bdoc-backlink\b/.test(role) || 'data-footnote-backref' in a || /\bfootnote-?back/i.test(classes)),
      };
      nodes.push(node);
      if (name === 'a' && a.href?.startsWith('#')) links.push({ node, own: a.id || a.name || '', to: a.href.slice(1), start: top?.name === 'sup' && !source.slice(top.inner, node.start).trim() ? top.start : node.start });
      top = node;
    },
    onclosetag(name) {
      let node = top;
      while (node && node.name !== name) node = node.up;
      if (!node) return;
      node.innerEnd = parser.startIndex;
      node.end = parser.endIndex + 1;
      top = node.up;
    },
  }, { decodeEntities: false });
  parser.write(source);
  parser.end();
  const cuts: Piece[] = nodes.filter((n) => n.list && n.end > 0).map((n) => [n.start, n.end, '']);
  const inner = (node: Node, backs: Node[]): string => without(source.slice(node.inner, node.innerEnd), backs.filter((b) => b.start >= node.inner && b.end <= node.innerEnd).map((b): Piece => [b.start - node.inner, b.end - node.inner, '']));
  for (const n of nodes) if (n.note && n.end > 0 && !notes.has(n.id)) { notes.set(n.id, inner(n, nodes.filter((b) => b.back))); if (!within(n.up, (u) => u.list)) cuts.push([n.start, n.end, '']); }
  // Two links that lead to each other: the later one begins its note.
  for (const back of links) {
    const reference = back.own && links.find((l) => l.to === back.own && l.own === back.to && l.node.start < back.node.start);
    if (!reference || notes.has(back.own)) continue;
    const block = blockBegunBy(back.node);
    if (!block) continue;
    notes.set(back.own, inner(block, [back.node]));
    cuts.push([block.start, block.end, '']);
  }
  const references = links.filter((l) => notes.has(l.to) && l.node.end > 0 && !cuts.some(([from, to]) => l.node.start >= from && l.node.start < to));
  if (references.length === 0) return { source, notes: new Map() };
  const placed = references.map((l): Piece => [l.start, l.start < l.node.start ? l.node.up!.end > 0 ? l.node.up!.end : l.node.end : l.node.end, `<note-ref data-note="${l.to.replace(/"/g, '&quot;')}"></note-ref>`]);
  return { source: without(source, [...placed, ...cuts]), notes };

  /** The nearest block in which nothing stands before the link. */
  function blockBegunBy(link: Node): Node | null {
    let found: Node | null = null;
    for (let n = link.up; n && /^(?:p|div|li|aside|sup|span|font|dd|td|small)$/.test(n.name) && n.end > 0 && !source.slice(n.inner, link.start).replace(/<[^>]*>|&nbsp;|\s/g, ''); n = n.up) if (/^(?:p|div|li|aside|dd)$/.test(n.name) && !links.some((l) => l.node !== link && l.node.start > n!.start && l.node.end <= n!.end && l.own && links.some((o) => o.own === l.to && o.to === l.own))) found = n;
    return found;
  }
}
type Piece = [from: number, to: number, put: string];
const within = (node: Node | null, test: (n: Node) => boolean): boolean => { for (let n = node; n; n = n.up) if (test(n)) return true; return false; };
/** A text with stretches of it replaced; one that begins inside another is left alone. */
function without(text: string, pieces: Piece[]): string {
  let out = '', at = 0;
  for (const [from, to, put] of [...pieces].sort((a, b) => a[0] - b[0])) { if (from < at) continue; out += text.slice(at, from) + put; at = to; }
  return (out + text.slice(at)).trim();
}
