import type * as Mupdf from 'mupdf';
import type { PdfDocument } from '../../engines/pdf.ts';

type PdfObject = Mupdf.PDFObject;
/** A file whose pages stand in another one now, from page `first` on. */
interface Joined { source: PdfDocument; copy: (object: PdfObject) => PdfObject; first: number; pages: number }
/** No sound structure is deeper or larger; what is, was made to hurt. */
const deepest = 200, mostElements = 500_000;
/** What an element keeps beside its place in the tree. Source: ISO 32000-1, Table 323; ISO 32000-2, Table 355 (NS). */
const kept = ['S', 'T', 'Lang', 'Alt', 'E', 'ActualText', 'C', 'R', 'NS'];

/** Gathers the structure of files that are joined: headings, lists and tables as those who listen to a page need them. Marks inside forms and on annotations are left out: what these show is drawn onto the pages.
 * Source: ISO 32000-1, 14.7.2 (structure tree), 14.7.4 (content), 14.7.4.4 (the way back from content to its element). */
export class JoinedTrees {
  private readonly root: PdfObject;
  private readonly document: PdfObject;
  private readonly kids: PdfObject;
  private readonly roles: PdfObject;
  private readonly classes: PdfObject;
  private readonly back = new Map<number, PdfObject[]>();
  private files = 0;
  private elements = 0;
  /** whether all that was added has a structure, and says that it is whole */
  private whole = true;
  constructor(private readonly target: PdfDocument) {
    this.root = target.addObject(target.newDictionary());
    this.document = target.addObject(target.newDictionary());
    this.kids = target.newArray();
    this.roles = target.newDictionary();
    this.classes = target.newDictionary();
  }

  /** @param file - its pages are in the target already */
  add(file: Joined): void {
    const catalogue = file.source.getTrailer().get('Root'), tree = catalogue.get('StructTreeRoot');
    if (!tree.isDictionary()) { this.whole = false; return; }
    const before = this.kids.length, pageOf = new Map<number, number>(), prefix = `${++this.files} `;
    for (let i = 0; i < file.pages; i++) pageOf.set(file.source.findPage(i).asIndirect(), file.first + i);
    for (const [key, into] of [['RoleMap', this.roles], ['ClassMap', this.classes]] as const) { const own = tree.get(key); if (own.isDictionary()) own.forEach((value, name) => { if (into.get(String(name)).isNull()) into.put(String(name), file.copy(value)); }); }
    this.addKids(tree.get('K'), this.document, this.kids, null, { ...file, pageOf, prefix, open: new Set() }, 0);
    const info = catalogue.get('MarkInfo');
    if (this.kids.length === before || !info.isDictionary() || info.get('Marked').toString() !== 'true') this.whole = false;
  }

  /** Writes the tree; nothing where no file had one. */
  write(): void {
    const { target } = this;
    if (this.kids.length === 0) return;
    const numbers = target.newArray(), parents = target.newDictionary();
    for (const [page, own] of [...this.back].sort(([a], [b]) => a - b)) {
      const list = target.newArray();
      for (let i = 0; i < own.length; i++) list.push(own[i] ?? target.newNull());
      numbers.push(target.newInteger(page)); numbers.push(target.addObject(list));
      target.findPage(page).put('StructParents', target.newInteger(page));
      target.findPage(page).put('Tabs', target.newName('S'));
    }
    parents.put('Nums', numbers);
    this.document.put('Type', target.newName('StructElem'));
    this.document.put('S', target.newName('Document'));
    this.document.put('P', this.root);
    this.document.put('K', this.kids);
    this.root.put('Type', target.newName('StructTreeRoot'));
    this.root.put('K', this.document);
    this.root.put('ParentTree', target.addObject(parents));
    this.root.put('ParentTreeNextKey', target.newInteger(target.countPages()));
    for (const [key, names] of [['RoleMap', this.roles], ['ClassMap', this.classes]] as const) { let any = false; names.forEach(() => { any = true; }); if (any) this.root.put(key, names); }
    const catalogue = target.getTrailer().get('Root');
    catalogue.put('StructTreeRoot', this.root);
    if (!this.whole) return;
    const info = target.newDictionary();
    info.put('Marked', target.newBoolean(true));
    catalogue.put('MarkInfo', info);
  }

  /** @param page - that of the element, where it says one */
  private addKids(kid: PdfObject, parent: PdfObject, into: PdfObject, page: number | null, from: Joined & { pageOf: Map<number, number>; prefix: string; open: Set<number> }, depth: number): void {
    if (depth > deepest || this.elements > mostElements) { this.whole = false; return; }
    if (kid.isArray()) { for (let i = 0; i < kid.length; i++) this.addKids(kid.get(i), parent, into, page, from, depth + 1); return; }
    if (kid.isNumber()) { this.mark(kid.asNumber(), page, page, parent, into); return; }
    if (!kid.isDictionary()) return;
    const type = kid.get('Type').isName() ? kid.get('Type').asName() : '', at = kid.asIndirect(), own = from.pageOf.get(kid.get('Pg').asIndirect()) ?? null;
    if (type === 'MCR') { if (kid.get('Stm').isNull()) this.mark(kid.get('MCID').asNumber(), own ?? page, page, parent, into); return; }
    if (type === 'OBJR' || (at > 0 && from.open.has(at))) return;
    from.open.add(at);
    const { target } = this, element = target.addObject(target.newDictionary()), kids = target.newArray();
    this.elements++;
    element.put('Type', target.newName('StructElem'));
    element.put('P', parent);
    for (const key of kept) { const value = kid.get(key); if (!value.isNull()) element.put(key, from.copy(value)); }
    if (own !== null) element.put('Pg', target.findPage(own));
    // Names of elements hold within one file; cells name their heads by them.
    if (kid.get('ID').isString()) element.put('ID', target.newString(from.prefix + kid.get('ID').asString()));
    if (!kid.get('A').isNull()) element.put('A', this.attributes(from.copy(kid.get('A')), from.prefix));
    this.addKids(kid.get('K'), element, kids, own ?? page, from, depth + 1);
    element.put('K', kids);
    into.push(element);
    from.open.delete(at);
  }
  private mark(id: number, page: number | null, assumed: number | null, parent: PdfObject, into: PdfObject): void {
    if (page === null || !Number.isInteger(id) || id < 0 || id > mostElements) return;
    const { target } = this, own = this.back.get(page) ?? [];
    this.back.set(page, own);
    own[id] = parent;
    if (page === assumed) { into.push(target.newInteger(id)); if (parent.get('Pg').isNull()) parent.put('Pg', target.findPage(page)); return; }
    const mark = target.newDictionary();
    mark.put('Type', target.newName('MCR')); mark.put('Pg', target.findPage(page)); mark.put('MCID', target.newInteger(id));
    into.push(mark);
  }
  private attributes(copied: PdfObject, prefix: string): PdfObject {
    const one = (object: PdfObject): void => {
      const heads = object.isDictionary() ? object.get('Headers') : null;
      if (!heads?.isArray()) return;
      const named = this.target.newArray();
      for (let i = 0; i < heads.length; i++) named.push(this.target.newString(prefix + heads.get(i).asString()));
      object.put('Headers', named);
    };
    if (copied.isArray()) for (let i = 0; i < copied.length; i++) one(copied.get(i)); else one(copied);
    return copied;
  }
}
