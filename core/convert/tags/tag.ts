import type * as Mupdf from 'mupdf';
import { contentOf, operationsOf, wideGlyphs, type Operation } from '../../engines/content.ts';
import type { PdfDocument } from '../../engines/pdf.ts';
import { readUnicodeMap } from '../../engines/unicode-map.ts';
import { heed, type Job } from '../../model/outcome.ts';
import { latin1 } from '../../text/bytes.ts';
import { plainLetters, structureOf, type Element } from './blocks.ts';

/** A stretch of one page's content that belongs to one element; `null`: to none, it is decoration. */
interface Stretch { from: number; to: number; element: Element | null; /** spaces that are set behind operations, by where these end */ spaces: Map<number, string>; /** operations with the text that they stand for, where their glyphs do not tell it */ actual: { from: number; to: number; text: string }[] }
/** `space`: how a space is shown in its font; null where the page does not say. */
interface Shown { operation: Operation; letters: string; /** those before its first space */ head: string; /** a letter has no glyph: what is not seen is not told either */ unseen: boolean; /** where its line is */ line: string; beginsBare: boolean; endsBare: boolean; space: string | null }
/** To which element an operation belongs, and the space behind it that the line's end has swallowed: whoever reads the structure would join the words. */
interface Found { element: Element | null; space?: string; /** what its glyphs stand for, where these are set in another order or joined into shapes without letters of their own */ actual?: string }
/** The marked content of an element, in reading order (ISO 32000-1, 14.7.4.2). */
type Marks = Map<Element, { page: number; id: number }[]>;

/** Scripts of which a syllable's signs are joined and set in another order than they are written in: of India, Myanmar and Cambodia. Source: Unicode 15, chapters 12, 13 and 16. */
const reordered = /[\u0900-\u0dff\u1000-\u109f\u1780-\u17ff]/;
/** The glyph that stands for those that a font has not (OpenType, glyph 0). */
const notdef = '0000';
/** Brackets are drawn turned in a line from right to left. Source: Unicode Bidi_Mirroring_Glyph. */
const mirrors: Record<string, string> = { '(': ')', ')': '(', '[': ']', ']': '[', '{': '}', '}': '{', '<': '>', '>': '<', '«': '»', '»': '«' };
/** Letters of a leaf with the spaces between them. */
const spaced = (leaf: Element, from: number, to: number): string => Array.from({ length: to - from }, (_, i) => (i > 0 && leaf.gaps?.has(from + i) ? ' ' : '') + leaf.text[from + i]!).join('');
const shows = new Set(['Tj', 'TJ', "'", '"']), paints = new Set(['f', 'F', 'f*', 'B', 'B*', 'b', 'b*', 'S', 's', 'n', 'sh']), builds = new Set(['m', 're']);

/** Gives pages that were laid out from `body` the structure that the body has, and glyphs without letters of their own the text that they stand for: each stretch of text and each picture is tied to its heading, paragraph, list item, cell or note; all else is marked as decoration.
 * The letters of the pages are held against those of the body one by one. Where they do not agree, as with scripts that are set in another order, nothing is written: no structure is better than a wrong one.
 * Source: ISO 32000-1, 14.6 (marked content), 14.7 (logical structure), 14.8 (tagged PDF). @param notesOn - numbers of the notes at the foot of each page, in order @returns whether the document is tagged now */
export function tagPages(pdf: PdfDocument, body: string, notesOn: number[][], notes: Map<number, string>, job: Job = {}): boolean {
  const { root, leaves, pictures } = structureOf(body), noteParts = new Map([...notes].map(([mark, html]) => [mark, structureOf(html)] as const)), count = pdf.countPages();
  const flow = new Flow(leaves), pictureFlow = [...pictures], pages: { content: string; stretches: Stretch[] }[] = [], fonts = new Map<number, Font>();

  for (let i = 0; i < count; i++) {
    heed(job);
    const content = contentOf(pdf, i), operations = operationsOf(content), shown = lettersOf(pdf, i, content, operations, fonts);
    if (!shown) return false;
    const own = (notesOn[i] ?? []).map((mark) => noteParts.get(mark)).filter((n) => n !== undefined), split = splitAtNotes(shown, own.reduce((n, part) => n + part.leaves.reduce((m, l) => m + l.text.length, 0), 0));
    if (split === null) return false;
    const found = new Map<Operation, Found>();
    if (!flow.take(shown.slice(0, split), found) || !new Flow(own.flatMap((n) => n.leaves)).take(shown.slice(split), found, true)) return false;
    const noteStart = shown[split]?.operation.start ?? Infinity, notePictures = own.flatMap((n) => n.pictures);
    for (const o of operations) if (o.operator === 'Do') { const picture = (o.start > noteStart ? notePictures : pictureFlow).shift(); if (!picture) return false; found.set(o, { element: picture }); }
    pages.push({ content, stretches: stretchesOf(operations, found) });
  }
  if (!flow.done || pictureFlow.length > 0) return false;
  root.kids.push(...notesOn.flat().flatMap((mark) => noteParts.get(mark)?.root.kids ?? []));
  const marks: Marks = new Map();
  pages.forEach((page, i) => writeMarks(pdf, i, page, marks));
  writeTree(pdf, root, marks);
  return true;
}

/** The text of a body in reading order, taken piece by piece as pages show it. */
class Flow {
  private leaf = 0;
  private at = 0;
  constructor(private readonly leaves: Element[]) {}
  get done(): boolean { return this.next() === null; }
  private next(): Element | null { while (this.leaf < this.leaves.length && this.at >= this.leaves[this.leaf]!.text.length) { this.leaf++; this.at = 0; } return this.leaves[this.leaf] ?? null; }
  /** @returns false where the letters disagree @param whole - nothing may be left over */
  take(shown: Shown[], found: Map<Operation, Found>, whole = false): boolean {
    let last: Element | null = null, told = 0;
    for (const [n, { operation, letters, endsBare, space, unseen }] of shown.entries()) {
      if (n < told) continue;
      // Spaces alone belong to what they follow.
      if (letters === '') { found.set(operation, { element: last }); continue; }
      const own = this.next();
      if (!own) return false;
      const element = own.links?.find((l) => this.at >= l.from && this.at < l.to)?.element ?? own;
      if (reordered.test(own.text[this.at] ?? '')) {
        const word = this.wordAt(own, shown, n);
        if (!word) return false;
        // The spaces keep readers from matching single letters at its ends with glyphs and telling these twice, as MuPDF does.
        word.operations.forEach((o, i) => found.set(o, { element, ...(word.unseen ? {} : { actual: i === 0 ? ` ${word.text} ` : '' }) }));
        told = n + word.operations.length;
        last = element;
        continue;
      }
      const from = this.at, leafFrom = this.leaf;
      let untold = false;
      for (const [i, letter] of [...letters].entries()) {
        const leaf = this.next();
        // A hyphen where the engine has broken a word is none of the text's letters.
        if (i > 0 && /[-‐]/.test(letter) && i === [...letters].length - 1 && (!leaf || !leaf.text.startsWith(letter, this.at))) break;
        const fits = leaf?.text.startsWith(letter, this.at) ?? false, mirrored = !fits && leaf?.text[this.at] === mirrors[letter];
        if (!leaf || (!fits && !mirrored && letter !== '\ufffd')) return false;
        untold ||= letter === '\ufffd';
        this.at += letter === '\ufffd' ? (leaf.text.codePointAt(this.at)! > 0xffff ? 2 : 1) : letter.length;
      }
      const swallowed = space !== null && !endsBare && this.at < own.text.length && this.leaves[this.leaf] === own && own.gaps?.has(this.at) && !shown[n + 1]?.beginsBare;
      found.set(operation, { element, ...(swallowed ? { space } : {}), ...(untold && !unseen && this.leaf === leafFrom ? { actual: spaced(own, from, this.at) } : {}) });
      last = element;
    }
    return !whole || this.done;
  }
  /** A word of a script whose signs are reordered: the glyphs up to the next space or line's end stand for the letters up to the next space, less signs of another script at its end. Null where the glyphs hold letters that the word has not. */
  private wordAt(own: Element, shown: Shown[], n: number): { text: string; operations: Operation[]; unseen: boolean } | null {
    let end = n + 1, to = own.text.length;
    const goesOn = (last: Shown, next: Shown | undefined): boolean => next !== undefined && next.letters !== '' && next.line === last.line && !last.endsBare && !next.beginsBare && last.head === last.letters;
    while (goesOn(shown[end - 1]!, shown[end])) end++;
    for (const gap of own.gaps ?? []) if (gap > this.at && gap < to) to = gap;
    const word = own.text.slice(this.at, to);
    let tail = '';
    while (end > n + 1 && !reordered.test(shown[end - 1]!.letters) && !shown[end - 1]!.letters.includes('\ufffd') && word.endsWith(shown[end - 1]!.head + tail)) tail = shown[--end]!.head + tail;
    const text = word.slice(0, word.length - tail.length), told = shown.slice(n, end).map((s) => s.letters).join('');
    if (shown.slice(n, end).some((s) => s.head !== s.letters) || [...told].some((letter) => letter !== '\ufffd' && !text.includes(letter))) return null;
    this.at += text.length;
    return { text, operations: shown.slice(n, end).map((s) => s.operation), unseen: shown.slice(n, end).some((s) => s.unseen) };
  }
}

/** Where on a page the notes begin: their letters are as many as the last ones of the page. Null where no operation begins there. */
function splitAtNotes(shown: Shown[], letters: number): number | null {
  let at = shown.length, rest = letters;
  while (rest > 0 && at > 0) rest -= shown[--at]!.letters.length;
  return rest === 0 ? at : null;
}

/** The letters of each showing operation, by the fonts' own maps. Null where a font has none, or strings are written in another way. */
function lettersOf(pdf: PdfDocument, index: number, content: string, operations: Operation[], fonts: Map<number, Font>): Shown[] | null {
  const shown: Shown[] = [], kept: (Font | null)[] = [], used: Font[] = [];
  let font: Font | null = null, line = '';
  for (const operation of operations) {
    if (operation.operator === 'Tm' || operation.operator === 'Td') { const rise = /(\S+)\s+T[md]$/.exec(content.slice(operation.start, operation.end))?.[1] ?? ''; line = operation.operator === 'Tm' ? rise : Number(rise) === 0 ? line : `${line} ${rise}`; }
    if (operation.operator === 'q') kept.push(font);
    else if (operation.operator === 'Q') font = kept.pop() ?? null;
    else if (operation.operator === 'Tf') font = fontOf(pdf, index, /\/(\S+)/.exec(content.slice(operation.start, operation.end))?.[1] ?? '', fonts);
    if (!shows.has(operation.operator)) continue;
    const own = font, codes = wideGlyphs(content.slice(operation.start, operation.end));
    if (!own || codes === null) return null;
    const letters = codes.map((code) => own.letters.get(code) ?? '\ufffd');
    if (own.space === null) { const at = letters.indexOf(' '); if (at >= 0) own.space = codes[at]!; }
    const drawn = letters.join('').trimStart();
    shown.push({ operation, line, letters: plainLetters(drawn), head: plainLetters(drawn.split(/\s/)[0]!), unseen: codes.includes(notdef), beginsBare: bare(letters[0]), endsBare: bare(letters.at(-1)), space: null });
    used.push(own);
  }
  shown.forEach((s, i) => { s.space = used[i]!.space; });
  return shown;
}
interface Font { letters: Map<string, string>; /** how it writes a space; null until one is seen, since it may have none */ space: string | null }
function fontOf(pdf: PdfDocument, index: number, name: string, known: Map<number, Font>): Font | null {
  const object = pdf.findPage(index).get('Resources', 'Font', name), at = object.asIndirect(), kept = known.get(at);
  if (kept) return kept;
  const map = object.isDictionary() ? object.get('ToUnicode') : null;
  if (!map?.isStream()) return null;
  const stream = map.readStream(), font = { letters: readUnicodeMap(latin1(stream.asUint8Array())), space: null };
  stream.destroy();
  known.set(at, font);
  return font;
}
const bare = (letter: string | undefined): boolean => letter !== undefined && /^\s/.test(letter);

/** Neighbouring operations of one element inside one text object make one stretch; a path with what paints it is decoration. */
function stretchesOf(operations: Operation[], found: Map<Operation, Found>): Stretch[] {
  const stretches: Stretch[] = [];
  let path: number | null = null, open: Stretch | null = null;
  for (const o of operations) {
    if (o.operator === 'BT' || o.operator === 'ET') open = null;
    else if (found.has(o)) {
      const { element, space, actual } = found.get(o)!;
      if (open && open.element === element && o.operator !== 'Do') open.to = o.end; else stretches.push(open = { from: o.start, to: o.end, element, spaces: new Map(), actual: [] });
      if (actual !== undefined) open.actual.push({ from: o.start, to: o.end, text: actual });
      if (space) open.spaces.set(o.end, space);
      if (o.operator === 'Do') open = null;
    } else if (builds.has(o.operator)) path ??= o.start;
    else if (paints.has(o.operator)) { if (o.operator !== 'n' && (path !== null || o.operator === 'sh')) stretches.push({ from: path ?? o.start, to: o.end, element: null, spaces: new Map(), actual: [] }); path = null; }
  }
  return stretches;
}

/** A text string in UTF-16 with its mark, as hexadecimal figures (7.9.2.2). */
const utf16 = (text: string): string => `feff${Array.from({ length: text.length }, (_, i) => text.charCodeAt(i).toString(16).padStart(4, '0')).join('')}`;
function writeMarks(pdf: PdfDocument, index: number, { content, stretches }: { content: string; stretches: Stretch[] }, marks: Marks): void {
  const out: string[] = [];
  let at = 0, id = 0;
  for (const { from, to, element, spaces, actual } of stretches) {
    out.push(content.slice(at, from));
    if (element) { const own = marks.get(element) ?? []; marks.set(element, own); own.push({ page: index, id }); out.push(`/${element.type} <</MCID ${id++}>> BDC `); } else out.push('/Artifact BMC ');
    at = from;
    // What a glyph's code does not tell is told beside it (14.9.4).
    const told = [...actual.flatMap(({ from: begin, to: end, text }) => [{ at: begin, put: `/Span <</ActualText <${utf16(text)}>>> BDC ` }, { at: end, put: ' EMC' }]), ...[...spaces].map(([end, space]) => ({ at: end, put: ` <${space}> Tj` }))].sort((a, b) => a.at - b.at);
    for (const one of told) { out.push(content.slice(at, one.at), one.put); at = one.at; }
    out.push(content.slice(at, to), ' EMC');
    at = to;
  }
  out.push(content.slice(at));
  const text = out.join(''), bytes = new Uint8Array(text.length);
  for (let i = 0; i < text.length; i++) bytes[i] = text.charCodeAt(i);
  pdf.findPage(index).put('Contents', pdf.addStream(bytes, {}));
}

/** The tree, and the way back from each mark on a page to its element (14.7.4.4). Elements without anything on a page are left out. */
function writeTree(pdf: PdfDocument, root: Element, marks: Marks): void {
  const tree = pdf.addObject(pdf.newDictionary()), count = pdf.countPages(), parents = Array.from({ length: count }, () => [] as Mupdf.PDFObject[]), linked: Mupdf.PDFObject[] = [];
  const links = linksOn(pdf, root, marks);
  const holds = (e: Element): boolean => (marks.get(e)?.length ?? 0) > 0 || e.kids.some(holds);
  const write = (e: Element, parent: Mupdf.PDFObject): Mupdf.PDFObject => {
    const object = pdf.addObject(pdf.newDictionary()), kids = pdf.newArray(), own = marks.get(e) ?? [];
    object.put('Type', pdf.newName('StructElem'));
    object.put('S', pdf.newName(e.type));
    object.put('P', parent);
    if (own[0]) object.put('Pg', pdf.findPage(own[0].page));
    // A link stands between the words around it.
    const parts: ({ page: number; id: number } & { kid?: Element })[] = [...own, ...e.kids.filter(holds).map((kid) => ({ kid, ...(e.links ? marks.get(kid)![0]! : { page: Infinity, id: 0 }) }))].sort((a, b) => (a.page === b.page ? a.id - b.id : a.page - b.page));
    for (const part of parts) {
      if (part.kid) { kids.push(write(part.kid, object)); continue; }
      const { page, id } = part;
      parents[page]![id] = object;
      if (page === own[0]!.page) { kids.push(pdf.newInteger(id)); continue; }
      const mark = pdf.newDictionary();
      mark.put('Type', pdf.newName('MCR')); mark.put('Pg', pdf.findPage(page)); mark.put('MCID', pdf.newInteger(id));
      kids.push(mark);
    }
    for (const { page, annotation } of links.get(e) ?? []) {
      const reference = pdf.newDictionary();
      reference.put('Type', pdf.newName('OBJR')); reference.put('Pg', pdf.findPage(page)); reference.put('Obj', annotation);
      kids.push(reference);
      annotation.put('StructParent', pdf.newInteger(count + linked.length));
      linked.push(object);
    }
    object.put('K', kids);
    if (e.alt) object.put('Alt', pdf.newString(e.alt));
    if (e.note !== undefined) object.put('ID', pdf.newString(`note ${e.note}`));
    if (e.columns || e.rows || e.type === 'TH') { const cell = pdf.newDictionary(); cell.put('O', pdf.newName('Table')); if (e.type === 'TH') cell.put('Scope', pdf.newName('Column')); if (e.columns) cell.put('ColSpan', pdf.newInteger(e.columns)); if (e.rows) cell.put('RowSpan', pdf.newInteger(e.rows)); object.put('A', cell); }
    return object;
  };
  tree.put('Type', pdf.newName('StructTreeRoot'));
  tree.put('K', write(root, tree));
  const numbers = pdf.newArray(), back = pdf.newDictionary();
  parents.forEach((own, i) => {
    const list = pdf.newArray();
    for (const o of own) list.push(o);
    numbers.push(pdf.newInteger(i)); numbers.push(pdf.addObject(list));
    const page = pdf.findPage(i);
    page.put('StructParents', pdf.newInteger(i));
    page.put('Tabs', pdf.newName('S'));
  });
  linked.forEach((element, i) => { numbers.push(pdf.newInteger(count + i)); numbers.push(element); });
  back.put('Nums', numbers);
  tree.put('ParentTree', pdf.addObject(back));
  tree.put('ParentTreeNextKey', pdf.newInteger(count + linked.length));
  const catalogue = pdf.getTrailer().get('Root'), info = pdf.newDictionary();
  info.put('Marked', pdf.newBoolean(true));
  catalogue.put('MarkInfo', info);
  catalogue.put('StructTreeRoot', tree);
}

/** The annotations of each link: those of its address on the pages on which its words are, in order; the last link of an address has what is left of it there, as where it goes over a line's end (14.8.4.4.2). */
function linksOn(pdf: PdfDocument, root: Element, marks: Marks): Map<Element, { page: number; annotation: Mupdf.PDFObject }[]> {
  const found = new Map<Element, { page: number; annotation: Mupdf.PDFObject }[]>(), wanted = new Map<string, Element[]>();
  const gather = (e: Element): void => { if (e.uri !== undefined) for (const page of new Set(marks.get(e)?.map((m) => m.page))) wanted.set(`${page} ${e.uri}`, [...(wanted.get(`${page} ${e.uri}`) ?? []), e]); e.kids.forEach(gather); };
  gather(root);
  if (wanted.size === 0) return found;
  for (let page = 0; page < pdf.countPages(); page++) {
    const annotations = pdf.findPage(page).get('Annots'), seen = new Map<string, number>();
    if (!annotations.isArray()) continue;
    for (let i = 0; i < annotations.length; i++) {
      const annotation = annotations.get(i), action = annotation.get('A'), uri = action.isDictionary() ? action.get('URI') : null, key = `${page} ${uri?.isString() ? uri.asString() : ''}`, elements = wanted.get(key);
      if (!elements) continue;
      const n = seen.get(key) ?? 0, element = elements[Math.min(n, elements.length - 1)]!;
      seen.set(key, n + 1);
      found.set(element, [...(found.get(element) ?? []), { page, annotation }]);
    }
  }
  return found;
}
