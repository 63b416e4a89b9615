import { Parser } from 'htmlparser2';

/** One element of the structure that a PDF carries beside its pages. Source: ISO 32000-1, 14.8.4 (standard structure types). */
export interface Element { type: string; kids: Element[]; /** letters of a leaf as they compare, see `plainLetters` */ text: string; /** before which of its letters a leaf has space */ gaps?: Set<number>; /** stretches of a leaf that are links, `to` not included */ links?: { from: number; to: number; element: Element }[]; /** of a link */ uri?: string; alt?: string; /** for a note, the number of its mark */ note?: number; columns?: number; rows?: number }
const element = (type: string): Element => ({ type, kids: [], text: '' });

/** Letters and signs that are seen, in the form in which a page and its source compare. */
export const plainLetters = (text: string): string => text.normalize('NFKC').replace(/[\s\u00ad\u200b-\u200f\u2060\ufeff]/g, '');

/** The structure of a page description's body: headings, paragraphs, lists by level, tables, pictures, notes; and its leaves and pictures in the order in which they are drawn. */
export function structureOf(body: string): { root: Element; leaves: Element[]; pictures: Element[] } {
  const root = element('Document'), open: Element[] = [root], leaves: Element[] = [], pictures: Element[] = [], lists: { list: Element; level: number }[] = [];
  let leaf: Element | null = null, link: { from: number; to: number; element: Element } | null = null;
  const top = (): Element => open[open.length - 1]!;
  const put = (e: Element, into: Element): Element => { into.kids.push(e); return e; };
  const startLeaf = (type: string, into: Element): Element => { leaf = put({ ...element(type), gaps: new Set<number>() }, into); leaves.push(leaf); return leaf; };
  const endLists = (): void => { lists.length = 0; };
  /** A paragraph with a label is an item of the list of its level, inside the item before it where it is deeper. */
  const toItem = (level: number): void => {
    if (!leaf || leaf.type !== 'P') return;
    const own = leaf, siblings = top().kids;
    siblings.splice(siblings.indexOf(own), 1);
    while (lists.length > 0 && lists[lists.length - 1]!.level > level) lists.pop();
    let here = lists[lists.length - 1];
    if (!here || here.level < level) {
      const item = here?.list.kids.at(-1), list = put(element('L'), item ? item.kids.at(-1)! : top());
      here = { list, level };
      lists.push(here);
    }
    const item = put(element('LI'), here.list), content = put(element('LBody'), item);
    content.kids.push(own);
  };
  const parser = new Parser({
    onopentag(name, a) {
      if (name === 'div' && a.class === 'note') { open.push(put({ ...element('Note'), note: Number(a['data-note'] ?? 0) }, top())); endLists(); }
      else if (name === 'div') open.push(top());
      else if (/^h[1-6]$/.test(name)) { endLists(); startLeaf(name.toUpperCase(), top()); }
      else if (name === 'p') startLeaf('P', top());
      else if (name === 'table') { endLists(); open.push(put(element('Table'), top())); }
      else if (name === 'tr') open.push(put(element('TR'), top()));
      else if (name === 'td') open.push(put({ ...element(a['data-head'] ? 'TH' : 'TD'), ...(Number(a.colspan) > 1 ? { columns: Number(a.colspan) } : {}), ...(Number(a.rowspan) > 1 ? { rows: Number(a.rowspan) } : {}) }, top()));
      else if (name === 'img') pictures.push(put({ ...element('Figure'), ...(a.alt ? { alt: a.alt } : {}) }, top()));
      else if (name === 'br') leaf?.gaps?.add(leaf.text.length);
      else if (name === 'a' && leaf && /^(?:https?|mailto):/i.test(a.href ?? '')) link = { from: leaf.text.length, to: leaf.text.length, element: { ...element('Link'), uri: a.href! } };
      else if (name === 'span' && a.class === 'label') { toItem(Number(a['data-level'] ?? 0)); }
    },
    ontext(text) {
      if (!leaf && plainLetters(text) === '') return;
      const own = leaf ?? startLeaf('P', top());
      text.split(/\s+/).forEach((word, i) => { if (i > 0) own.gaps!.add(own.text.length); own.text += plainLetters(word); });
    },
    onclosetag(name) {
      if (name === 'a' && link && leaf) { if (leaf.text.length > link.from) { (leaf.links ??= []).push({ ...link, to: leaf.text.length }); put(link.element, leaf); } link = null; }
      else if (name === 'p' || /^h[1-6]$/.test(name)) {
        link = null;
        // A paragraph without a label ends the lists before it; an empty one does not.
        if (leaf?.type === 'P' && leaf.text !== '' && lists.length > 0 && top().kids.includes(leaf)) endLists();
        leaf = null;
      } else if (name === 'div' || name === 'table' || name === 'tr' || name === 'td') { leaf = null; if (name !== 'tr' && name !== 'div') endLists(); if (open.length > 1) open.pop(); }
    },
  }, { decodeEntities: true });
  parser.write(body);
  parser.end();
  return { root, leaves, pictures };
}
