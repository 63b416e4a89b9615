import { bulletOf } from '../../styles/docx.ts';

/** Properties of characters and paragraphs in an old word-processor file. Lengths in points. Source: [MS-DOC] 2.6.1 (character properties), 2.6.2 (paragraph properties); numbers from memory. */
export interface DocRunLook { bold?: boolean; italic?: boolean; underline?: boolean; strike?: boolean; caps?: boolean; hidden?: boolean; deleted?: boolean; /** by a tracked change */ inserted?: boolean; highlighted?: boolean; raise?: 'sup' | 'sub'; size?: number; font?: string; /** six hexadecimal digits */ colour?: string; /** on a ground of its own */ shaded?: boolean; /** where in the data stream a picture lies that stands here */ picture?: number }
export interface DocParagraphLook { style: number; align?: 'center' | 'right' | 'justify'; /** from right to left */ rtl?: boolean; left?: number; right?: number; first?: number; before?: number; after?: number; /** as a multiple of single spacing */ line?: number; /** of a line in points, or at least that */ height?: number; atLeast?: boolean; /** on a ground of its own */ shaded?: boolean; /** stops of its tabs in order, from the left edge of its text */ tabs?: DocTab[]; breakBefore?: boolean; inTable?: boolean; rowEnd?: boolean; outline?: number; list?: number; level?: number }
/** `kind`: what lines up there (TBD.jc; [MS-DOC] 2.9.306). */
export interface DocTab { at: number; kind: 'left' | 'center' | 'right' }
/** One piece of text: its first character's number, how many follow, and where they lie in the main stream. */
export interface DocPiece { from: number; characters: number; at: number; narrow: boolean }
/** `end`: the character behind its last one; `goesOn`: it begins on the page on which the one before it ends. */
export interface DocSection { end: number; widthPt: number; heightPt: number; /** top, right, bottom, left */ marginsPt: [number, number, number, number]; columns: number; gapPt: number; /** a line stands between the columns */ ruled: boolean; goesOn: boolean; /** its first page has running lines of its own, or none */ firstPageDiffers: boolean; /** the number of its first page; null: numbers go on */ numberFrom: number | null; /** 0 for figures; 1 and 2 for large and small Roman numbers; 3 and 4 for large and small letters */ numberFormat: number }
export interface DocLooks { sections: DocSection[]; /** pages with even numbers have running lines of their own */ evenPagesDiffer: boolean; run(character: number): DocRunLook; paragraph(character: number): DocParagraphLook; /** 1 to 9; 0 for what is no heading */ headingLevel(look: DocParagraphLook): number; isTitle(look: DocParagraphLook): boolean; /** the next list label of a paragraph, empty where it has none */ label(look: DocParagraphLook): string }

type Modify = (sprm: number, operand: DataView) => void;
/** Walks a list of property modifiers. Operand sizes follow from the number's top three bits, but for two ([MS-DOC] 2.6). */
function modifiers(bytes: Uint8Array, modify: Modify): void {
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
  for (let at = 0; at + 2 < bytes.length;) {
    const sprm = view.getUint16(at, true), from = at + 2, sizes = [1, 1, 2, 4, 2, 2, 0, 3];
    let start = from, size = sizes[sprm >> 13]!;
    if (sprm >> 13 === 6) { if (sprm === 0xd608) { size = Math.max(0, view.getUint16(from, true) - 1); start = from + 2; } else { size = bytes[from]!; start = from + 1; } }
    if (start + size > bytes.length) return;
    modify(sprm, new DataView(bytes.buffer, bytes.byteOffset + start, size));
    at = start + size;
  }
}
/** A switch: off, on, as the style says, or the other way round. */
const toggled = (value: number, style: boolean | undefined): boolean => (value === 0x80 ? !!style : value === 0x81 ? !style : value !== 0);
function changeRun(look: DocRunLook, style: DocRunLook, charStyle: (istd: number) => DocRunLook, fonts: readonly string[]): Modify {
  return (sprm, o) => {
    switch (sprm) {
      case 0x0835: look.bold = toggled(o.getUint8(0), style.bold); break;
      case 0x0836: look.italic = toggled(o.getUint8(0), style.italic); break;
      case 0x0837: look.strike = toggled(o.getUint8(0), style.strike); break;
      case 0x083b: look.caps = toggled(o.getUint8(0), style.caps); break;
      case 0x083c: look.hidden = toggled(o.getUint8(0), style.hidden); break;
      case 0x0800: look.deleted = o.getUint8(0) !== 0; break;
      case 0x0801: look.inserted = o.getUint8(0) !== 0; break;
      case 0x2a0c: look.highlighted = o.getUint8(0) !== 0; break;
      case 0x2a3e: look.underline = o.getUint8(0) !== 0; break;
      case 0x2a48: look.raise = o.getUint8(0) === 1 ? 'sup' : o.getUint8(0) === 2 ? 'sub' : undefined; break;
      case 0x4a43: look.size = o.getUint16(0, true) / 2; break;
      case 0x4a4f: look.font = fonts[o.getUint16(0, true)] ?? look.font; break;
      case 0x6870: look.colour = o.getUint8(3) === 0xff ? undefined : hex(o.getUint8(0), o.getUint8(1), o.getUint8(2)); break;
      case 0x4866: case 0xca71: look.shaded = true; break;
      case 0x6a03: look.picture = o.getUint32(0, true); break;
      case 0x4a30: Object.assign(look, charStyle(o.getUint16(0, true))); break;
    }
  };
}
const hex = (...parts: number[]): string => parts.map((p) => p.toString(16).padStart(2, '0')).join('');
const alignments = [undefined, 'center', 'right', 'justify'] as const, twips = (o: DataView): number => o.getInt16(0, true) / 20;
function changeParagraph(look: DocParagraphLook): Modify {
  return (sprm, o) => {
    switch (sprm) {
      case 0x2403: case 0x2461: look.align = alignments[o.getUint8(0)]; break;
      case 0x2441: look.rtl = o.getUint8(0) !== 0; break;
      case 0x840f: case 0x845e: look.left = twips(o); break;
      case 0x840e: case 0x845d: look.right = twips(o); break;
      case 0x8411: case 0x8460: look.first = twips(o); break;
      case 0xa413: look.before = o.getUint16(0, true) / 20; break;
      case 0xa414: look.after = o.getUint16(0, true) / 20; break;
      case 0x6412: {
        // LSPD ([MS-DOC] 2.9.151): a multiple; or points, exact where below zero.
        const value = o.getInt16(0, true), multiple = o.getInt16(2, true) === 1;
        look.line = multiple && value > 0 ? value / 240 : undefined;
        look.height = multiple || value === 0 ? undefined : Math.abs(value) / 20;
        look.atLeast = value > 0;
        break;
      }
      case 0x442d: case 0xc64d: look.shaded = true; break;
      case 0xc60d: case 0xc615: look.tabs = tabsAfter(look.tabs ?? [], o, sprm === 0xc615); break;
      case 0x2407: look.breakBefore = o.getUint8(0) !== 0; break;
      case 0x2416: look.inTable = o.getUint8(0) !== 0; break;
      case 0x2417: look.rowEnd = o.getUint8(0) !== 0; break;
      case 0x2640: look.outline = o.getUint8(0); break;
      case 0x260a: look.level = o.getUint8(0); break;
      case 0x460b: look.list = o.getUint16(0, true); break;
    }
  };
}

const tabKinds = ['left', 'center', 'right'] as const;
/** Stops after some are taken away and others set. Source: [MS-DOC] 2.9.182 (PChgTabsPapxOperand), 2.9.181 (PChgTabsOperand). @param closing - each stop that goes has a distance within which others go too */
function tabsAfter(before: DocTab[], o: DataView, closing: boolean): DocTab[] {
  const gone = o.byteLength > 0 ? o.getUint8(0) : 0, add = 1 + gone * (closing ? 4 : 2);
  if (add >= o.byteLength) return before;
  const away = Array.from({ length: gone }, (_, i) => ({ at: o.getInt16(1 + 2 * i, true) / 20, near: closing ? Math.abs(o.getInt16(1 + 2 * (gone + i), true)) / 20 : 0 })), count = Math.min(o.getUint8(add), Math.floor((o.byteLength - add - 1) / 3));
  const set = Array.from({ length: count }, (_, i): DocTab => ({ at: o.getInt16(add + 1 + 2 * i, true) / 20, kind: tabKinds[o.getUint8(add + 1 + 2 * count + i) & 7] ?? 'left' }));
  return [...before.filter((t) => !away.some((a) => Math.abs(a.at - t.at) <= Math.max(1, a.near)) && !set.some((s) => s.at === t.at)), ...set].sort((a, b) => a.at - b.at);
}

interface Style { sti: number; base: number; paragraph: Uint8Array; run: Uint8Array }
/** Source: [MS-DOC] 2.9.271 (STSH), 2.9.258 (STD). */
function readStyles(table: Uint8Array, from: number, length: number): (Style | null)[] {
  if (length < 4 || from + length > table.length) return [];
  const view = new DataView(table.buffer, table.byteOffset + from, length), head = view.getUint16(0, true), count = view.getUint16(2, true), base = view.getUint16(4, true), styles: (Style | null)[] = [];
  for (let i = 0, at = 2 + head; i < count && at + 2 <= length; i++) {
    const size = view.getUint16(at, true), start = at + 2;
    at = start + size + (size & 1);
    if (size < base || at > length + 1) { styles.push(null); continue; }
    const kind = view.getUint16(start + 2, true), none: Uint8Array = new Uint8Array();
    let next = start + base + 2 + view.getUint16(start + base, true) * 2 + 2;
    const take = (): Uint8Array => { if (next + 2 > start + size) return none; const n = view.getUint16(next, true), part = table.subarray(from + next + 2, from + Math.min(start + size, next + 2 + n)); next += 2 + n + (n & 1); return part; };
    const paragraph = (kind & 0xf) === 1 ? take().subarray(2) : none;
    styles.push({ sti: view.getUint16(start, true) & 0xfff, base: kind >> 4, paragraph, run: take() });
  }
  return styles;
}

/** Names of the fonts that runs ask for, by number. Source: [MS-DOC] 2.9.286 (SttbfFfn), 2.9.87 (FFN); numbers from memory. */
function readFonts(table: Uint8Array, [from, length]: [number, number]): string[] {
  if (length < 4 || from + length > table.length) return [];
  const view = new DataView(table.buffer, table.byteOffset + from, length), names: string[] = [], count = view.getUint16(0, true), before = 39;
  for (let i = 0, at = 4; i < count && at < length; i++) {
    const size = view.getUint8(at), name = size > before && at + 1 + size <= length ? new TextDecoder('utf-16le').decode(table.subarray(from + at + 1 + before, from + at + 1 + size - ((size - before) & 1))) : '';
    names.push(name.split('\0')[0]!);
    at += 1 + size;
  }
  return names;
}

interface ListLevel { start: number; format: number; text: string; /** all that it shows is counted in Arabic figures */ legal: boolean; /** its number goes on behind the levels above it */ goesOn: boolean }
/** A list as paragraphs name it. Those of one `id` are counted together; `starts`: levels that begin anew where the list is first named. */
interface DocList { id: number; levels: ListLevel[]; starts: ReadonlyMap<number, number> }
/** Levels of lists by the number that paragraphs have for them. Source: [MS-DOC] 2.9.150 (LSTF), 2.9.149 (LVL), 2.9.131 (LFO), 2.9.132 (LFOData), 2.9.133 (LFOLVL). */
function readLists(table: Uint8Array, lists: [number, number], overrides: [number, number]): DocList[] {
  const view = new DataView(table.buffer, table.byteOffset, table.byteLength), byId = new Map<number, ListLevel[]>();
  if (lists[1] < 2 || overrides[1] < 4 || lists[0] + lists[1] > table.length || overrides[0] + overrides[1] > table.length) return [];
  let at = lists[0] + 2 + view.getUint16(lists[0], true) * 28;
  const level = (): ListLevel => {
    const words = at + 28 + table[at + 24]! + table[at + 25]!, n = words + 2 <= table.length ? view.getUint16(words, true) : 0, bits = table[at + 5]!;
    const read = { start: view.getUint32(at, true), format: table[at + 4]!, text: new TextDecoder('utf-16le').decode(table.subarray(words + 2, words + 2 + n * 2)), legal: (bits & 4) !== 0, goesOn: (bits & 8) !== 0 };
    at = words + 2 + n * 2;
    return read;
  };
  for (let i = 0, count = view.getUint16(lists[0], true); i < count; i++) {
    const own = lists[0] + 2 + i * 28, levels: ListLevel[] = [];
    for (let l = 0; l < (table[own + 26]! & 1 ? 1 : 9) && at + 28 <= table.length; l++) levels.push(level());
    byId.set(view.getUint32(own, true), levels);
  }
  const named = Math.min(5000, view.getUint32(overrides[0], true), Math.floor((overrides[1] - 4) / 16)), end = overrides[0] + overrides[1];
  at = overrides[0] + 4 + named * 16;
  return Array.from({ length: named }, (_, i): DocList => {
    const own = overrides[0] + 4 + i * 16, id = view.getUint32(own, true), levels = [...(byId.get(id) ?? [])], starts = new Map<number, number>();
    at += 4;
    for (let l = 0, count = table[own + 12]!; l < count && at + 8 <= end; l++) {
      const start = view.getUint32(at, true), bits = table[at + 4]!, which = bits & 15;
      at += 8;
      if (bits & 32 && at + 28 <= table.length) { levels[which] = level(); if (bits & 16) starts.set(which, levels[which].start); } else if (bits & 16) starts.set(which, start);
    }
    return { id, levels, starts };
  });
}
const formats: Record<number, string> = { 0: 'decimal', 1: 'upperRoman', 2: 'lowerRoman', 3: 'upperLetter', 4: 'lowerLetter', 22: 'decimalZero' };

/** Stretches of the main stream with their properties, in order, from pages of 512 bytes. Source: [MS-DOC] 2.9.33 (ChpxFkp), 2.9.176 (PapxFkp). */
function stretches(word: Uint8Array, table: Uint8Array, [from, length]: [number, number], paragraphs: boolean): { start: number; end: number; style: number; bytes: Uint8Array }[] {
  const found: { start: number; end: number; style: number; bytes: Uint8Array }[] = [], count = Math.floor((length - 4) / 8);
  if (count < 1 || from + length > table.length) return found;
  const view = new DataView(table.buffer, table.byteOffset, table.byteLength), none: Uint8Array = new Uint8Array();
  for (let i = 0; i < count; i++) {
    const page = (view.getUint32(from + 4 * (count + 1) + 4 * i, true) & 0x3fffff) * 512;
    if (page + 512 > word.length) continue;
    const own = new DataView(word.buffer, word.byteOffset + page, 512), n = own.getUint8(511);
    if (4 * (n + 1) + n * (paragraphs ? 13 : 1) > 511) continue;
    for (let k = 0; k < n; k++) {
      const offset = own.getUint8(4 * (n + 1) + k * (paragraphs ? 13 : 1)) * 2, stretch = { start: own.getUint32(4 * k, true), end: own.getUint32(4 * k + 4, true), style: 0, bytes: none };
      if (offset > 0 && offset < 511) {
        const first = own.getUint8(offset), start = paragraphs && first === 0 ? offset + 2 : offset + 1, size = paragraphs ? (first === 0 ? own.getUint8(offset + 1) * 2 : first * 2 - 1) : first, bytes = word.subarray(page + start, page + Math.min(511, start + size));
        if (paragraphs && bytes.length >= 2) { stretch.style = bytes[0]! | (bytes[1]! << 8); stretch.bytes = bytes.subarray(2); } else if (!paragraphs) stretch.bytes = bytes;
      }
      found.push(stretch);
    }
  }
  return found.sort((a, b) => a.start - b.start);
}

/** Source: [MS-DOC] 2.8.26 (PlcfSed), 2.9.243 (Sepx), 2.6.4 (section properties; numbers and what stands where nothing is said from memory). */
function sectionsOf(word: Uint8Array, table: Uint8Array, [from, length]: [number, number]): DocSection[] {
  const count = Math.floor((length - 4) / 16), sections: DocSection[] = [];
  if (count < 1 || from + length > table.length) return sections;
  const view = new DataView(table.buffer, table.byteOffset, table.byteLength);
  for (let i = 0; i < count; i++) {
    const offset = view.getUint32(from + 4 * (count + 1) + 12 * i + 2, true), section: DocSection = { end: view.getUint32(from + 4 * (i + 1), true), widthPt: 612, heightPt: 792, marginsPt: [72, 90, 72, 90], columns: 1, gapPt: 36, ruled: false, goesOn: false, firstPageDiffers: false, numberFrom: null, numberFormat: 0 };
    let restarts = false, start = 1;
    if (offset !== 0xffffffff && offset + 2 <= word.length) modifiers(word.subarray(offset + 2, offset + 2 + (word[offset]! | (word[offset + 1]! << 8))), (sprm, o) => {
      const side = { 0x9023: 0, 0xb022: 1, 0x9024: 2, 0xb021: 3 }[sprm];
      if (side !== undefined) { section.marginsPt[side] = Math.max(18, Math.abs(o.getInt16(0, true)) / 20); return; }
      switch (sprm) {
        case 0xb01f: section.widthPt = o.getUint16(0, true) / 20; break;
        case 0xb020: section.heightPt = o.getUint16(0, true) / 20; break;
        case 0x500b: section.columns = o.getUint16(0, true) + 1; break;
        case 0x900c: section.gapPt = o.getUint16(0, true) / 20; break;
        case 0x3019: section.ruled = o.getUint8(0) !== 0; break;
        case 0x3009: section.goesOn = o.getUint8(0) === 0; break;
        case 0x300a: section.firstPageDiffers = o.getUint8(0) !== 0; break;
        case 0x300e: section.numberFormat = o.getUint8(0); break;
        case 0x3011: restarts = o.getUint8(0) !== 0; break;
        case 0x501c: start = o.getUint16(0, true); break;
      }
    });
    if (restarts) section.numberFrom = start;
    sections.push(section);
  }
  return sections;
}

/** @param at - offset and length of a part of the table stream, by its place in the file's head */
export function readLooks(word: Uint8Array, table: Uint8Array, pieces: DocPiece[], at: (place: number) => [number, number], formatNumber: (n: number, format: string) => string): DocLooks {
  const styles = readStyles(table, ...at(0xa2)), runs = stretches(word, table, at(0xfa), false), paragraphs = stretches(word, table, at(0x102), true), lists = readLists(table, at(0x2e2), at(0x2ea)), fonts = readFonts(table, at(0x112));
  const chain = (istd: number): Style[] => { const out: Style[] = []; for (let i = istd, hops = 0; hops < 20; hops++) { const s = styles[i]; if (!s) break; out.unshift(s); i = s.base; } return out; };
  const known = new Map<number, { run: DocRunLook; paragraph: DocParagraphLook }>();
  const styleOf = (istd: number): { run: DocRunLook; paragraph: DocParagraphLook } => {
    const kept = known.get(istd);
    if (kept) return kept;
    const run: DocRunLook = {}, paragraph: DocParagraphLook = { style: istd };
    known.set(istd, { run, paragraph });
    for (const s of chain(istd)) { modifiers(s.paragraph, changeParagraph(paragraph)); modifiers(s.run, changeRun(run, run, (i) => styleOf(i).run, fonts)); }
    return { run, paragraph };
  };
  let lately = 0;
  const holds = (p: DocPiece | undefined, character: number): boolean => p !== undefined && character >= p.from && character < p.from + p.characters;
  // Characters are asked for one after the other, so the piece is most often the one of the last time.
  const offsetOf = (character: number): number => { if (!holds(pieces[lately], character)) lately = pieceAt(pieces, character); const p = pieces[lately]; return p && holds(p, character) ? p.at + (character - p.from) * (p.narrow ? 1 : 2) : -1; };
  const within = <T extends { start: number; end: number }>(list: T[], offset: number): T | undefined => { let low = 0, high = list.length - 1; while (low <= high) { const middle = (low + high) >> 1, s = list[middle]!; if (offset < s.start) high = middle - 1; else if (offset >= s.end) low = middle + 1; else return s; } return undefined; };
  const sections = sectionsOf(word, table, at(0xca));
  /** numbers by the list's own name; levels that have begun anew */
  const counts = new Map<number, number[]>(), started = new Set<string>(), looksOfRuns = new Map<string, DocRunLook>();
  const paragraph = (character: number): DocParagraphLook => {
    const own = within(paragraphs, offsetOf(character)), look = { ...styleOf(own?.style ?? 0).paragraph, style: own?.style ?? 0 };
    if (own) modifiers(own.bytes, changeParagraph(look));
    return look;
  };
  return {
    // Dop, fFacingPages ([MS-DOC] 2.7.2).
    sections, evenPagesDiffer: ((table[at(0x192)[0]] ?? 0) & 1) === 1 && at(0x192)[1] > 0, paragraph,
    run(character) {
      const own = within(runs, offsetOf(character)), style = styleOf(within(paragraphs, offsetOf(character))?.style ?? 0).run;
      if (!own) return style;
      const key = `${own.start} ${within(paragraphs, offsetOf(character))?.style ?? 0}`, kept = looksOfRuns.get(key);
      if (kept) return kept;
      const look = { ...style };
      modifiers(own.bytes, changeRun(look, style, (i) => styleOf(i).run, fonts));
      looksOfRuns.set(key, look);
      return look;
    },
    headingLevel(look) { const sti = chain(look.style).at(-1)?.sti ?? 0; return sti >= 1 && sti <= 9 ? sti : look.outline !== undefined && look.outline < 9 ? look.outline + 1 : 0; },
    isTitle: (look) => chain(look.style).at(-1)?.sti === 62,
    label(look) {
      const list = look.list ? lists[look.list - 1] : undefined, at = look.level ?? 0, own = list?.levels[at];
      if (!list || !own || own.format === 255) return '';
      if (own.format === 23) return bulletOf(own.text);
      const numbers = counts.get(list.id) ?? [], begun = `${look.list!} ${at}`, anew = list.starts.get(at);
      counts.set(list.id, numbers);
      if (anew !== undefined && !started.has(begun)) { started.add(begun); numbers[at] = anew - 1; }
      numbers[at] = (numbers[at] ?? own.start - 1) + 1;
      for (let i = at + 1; i < numbers.length; i++) if (!list.levels[i]?.goesOn) delete numbers[i];
      for (let i = 0; i < at; i++) numbers[i] ??= list.levels[i]?.start ?? 1;
      return own.text.replace(/[\u0000-\u0008]/g, (c) => { const i = c.charCodeAt(0); return formatNumber(numbers[i] ?? 1, own.legal ? 'decimal' : formats[list.levels[i]?.format ?? 0] ?? 'decimal'); }).trim();
    },
  };
}

/** The number of the last piece that begins at a character or before it; a file may be saved in very many. */
function pieceAt(pieces: readonly DocPiece[], character: number): number {
  let low = 0, high = pieces.length;
  while (low < high) { const middle = (low + high) >> 1; if (pieces[middle]!.from <= character) low = middle + 1; else high = middle; }
  return low - 1;
}
