import { xmlTokens } from '../../engines/xml.ts';

/** A part of a package as a tree of its own tags, so that elements can be dropped or unwrapped and everything else stays byte for byte. */
export interface Element { name: string; /** the opening tag as written; text for a text node */ open: string; close: string; children: Element[]; isText: boolean }

/** @param xml - well-formed; closing tags that fit nothing are kept as text so that nothing is lost */
export function parseTree(xml: string): Element {
  const root: Element = { name: '', open: '', close: '', children: [], isText: false }, stack = [root];
  for (const token of xmlTokens(xml)) {
    const top = stack[stack.length - 1]!, name = /^<\/?([A-Za-z_][\w:.-]*)/.exec(token)?.[1] ?? null;
    if (name === null) { top.children.push({ name: '', open: token, close: '', children: [], isText: true }); continue; }
    if (token.startsWith('</')) { if (top.name === name && stack.length > 1) { top.close = token; stack.pop(); } else top.children.push({ name: '', open: token, close: '', children: [], isText: true }); continue; }
    const element: Element = { name, open: token, close: '', children: [], isText: false };
    top.children.push(element);
    if (!token.endsWith('/>')) stack.push(element);
  }
  return root;
}
export function writeTree(root: Element): string {
  const out: string[] = [], walk = (e: Element): void => { out.push(e.open); for (const c of e.children) walk(c); out.push(e.close); };
  walk(root);
  return out.join('');
}
/** Rebuilds children from the leaves up: each element becomes what `change` makes of it. */
export function rewrite(element: Element, change: (e: Element) => Element[]): void {
  element.children = element.children.flatMap((c) => { if (c.isText) return [c]; rewrite(c, change); return change(c); });
}
export const holds = (element: Element, test: (e: Element) => boolean): boolean => element.children.some((c) => test(c) || holds(c, test));
export const child = (element: Element, name: string): Element | undefined => element.children.find((c) => c.name === name);
