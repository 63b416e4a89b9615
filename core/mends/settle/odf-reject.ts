import { child, type Element } from './tree.ts';

const attribute = (open: string, name: string): string => new RegExp(`\\s${name}="([^"]*)"`).exec(open)?.[1] ?? '';
const isParagraph = (e: Element): boolean => e.name === 'text:p' || e.name === 'text:h';
const marks = new Set(['text:change', 'text:change-start', 'text:change-end']);

/** Goes back to what an OpenDocument text was before its tracked changes: what was inserted goes, what was deleted comes back where its mark stands.
 * Formatting that was changed stays as it is: the format records no earlier state of it. Source: ODF 1.2-1, 5.5.2 to 5.5.10.
 * @param body - the element that holds tracked changes and text; changed in place */
export function rejectChanges(body: Element): void {
  const { inserted, deleted } = regionsOf(body);
  body.children = body.children.filter((e) => e.name !== 'text:tracked-changes');
  dropInserted(body, inserted, { inside: 0, opened: null });
  bringBack(body, deleted);
}

/** What each changed region says: the ids of insertions, and the text of deletions. */
function regionsOf(body: Element): { inserted: Set<string>; deleted: Map<string, Element[]> } {
  const inserted = new Set<string>(), deleted = new Map<string, Element[]>();
  for (const region of body.children.filter((e) => e.name === 'text:tracked-changes').flatMap((e) => e.children).filter((e) => e.name === 'text:changed-region')) {
    const id = attribute(region.open, 'text:id') || attribute(region.open, 'xml:id'), deletion = child(region, 'text:deletion');
    if (child(region, 'text:insertion')) inserted.add(id);
    if (deletion) deleted.set(id, deletion.children.filter((e) => !e.isText && e.name !== 'office:change-info'));
  }
  return { inserted, deleted };
}

/** `inside`: how many insertions are open; `opened`: the paragraph in which the outermost of them began. */
interface Walk { inside: number; opened: Element | null }

/** Drops what lies between the marks of insertions. A paragraph that was split by one is whole again: its rest joins the beginning. */
function dropInserted(parent: Element, ids: Set<string>, walk: Walk, paragraph: Element | null = null): void {
  const kept: Element[] = [];
  for (const e of parent.children) {
    const id = marks.has(e.name) ? attribute(e.open, 'text:change-id') : '';
    if (e.name === 'text:change-start' && ids.has(id)) { if (walk.inside++ === 0) walk.opened = paragraph; continue; }
    if (e.name === 'text:change-end' && ids.has(id)) { walk.inside = Math.max(0, walk.inside - 1); continue; }
    if (e.name === 'text:change-start' || e.name === 'text:change-end') continue;
    if (e.isText || e.children.length === 0) { if (walk.inside === 0 || e.name === 'text:change') kept.push(e); continue; }
    const before = walk.inside, whole = isParagraph(e);
    dropInserted(e, ids, walk, whole ? e : paragraph);
    if (before === 0) { kept.push(e); continue; }
    if (whole && walk.inside === 0 && walk.opened && walk.opened !== e) { walk.opened.children.push(...e.children); continue; }
    // An element that began inside is kept only for what is left in it.
    if (e.children.length > 0) kept.push(e);
  }
  parent.children = kept;
}

/** Puts deleted text back at its mark: within a line as it is, over paragraphs by splitting the one it was taken from. */
function bringBack(parent: Element, deleted: Map<string, Element[]>): void {
  parent.children = parent.children.flatMap((e): Element[] => {
    if (e.isText) return [e];
    if (e.name === 'text:change') { const text = deleted.get(attribute(e.open, 'text:change-id')); return text ? text.flatMap((t) => (isParagraph(t) ? t.children : [t])) : []; }
    if (!isParagraph(e)) { bringBack(e, deleted); return [e]; }
    return splitAtMarks(e, deleted);
  });
}
function splitAtMarks(paragraph: Element, deleted: Map<string, Element[]>): Element[] {
  const out: Element[] = [];
  let line: Element = { ...paragraph, children: [] };
  for (const e of paragraph.children) {
    const text = e.name === 'text:change' ? deleted.get(attribute(e.open, 'text:change-id')) : null;
    if (!text) { if (!e.isText && e.name !== 'text:change') bringBack(e, deleted); if (e.name !== 'text:change') line.children.push(e); continue; }
    if (text.length === 1 && isParagraph(text[0]!)) { line.children.push(...text[0]!.children); continue; }
    const [first, ...rest] = text, last = rest.pop();
    if (first && isParagraph(first)) line.children.push(...first.children); else if (first) { out.push(line, first); line = { ...paragraph, children: [] }; }
    if (!last) continue;
    out.push(line, ...rest);
    line = isParagraph(last) ? { ...last, children: [...last.children] } : { ...paragraph, children: [] };
    if (!isParagraph(last)) out.push(last);
  }
  return [...out, line];
}
