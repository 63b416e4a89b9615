/** What the table stream says of places in the text. Offsets are in characters, as the file counts them. */
export interface DocMarks {
  /** bookmarks by where they begin in the whole text */ bookmarks: { at: number; name: string }[];
  /** text boxes of the main text: where each is anchored in it, and where its words lie in the story of boxes */ boxes: { at: number; from: number; to: number }[];
  /** notes by where the main text refers to them, and where their words lie in the story of their kind; `own`: with a mark that is text */ notes: DocNote[];
  numbering: Record<DocNote['kind'], NoteNumbering>;
}
export interface DocNote { at: number; kind: 'footnotes' | 'endnotes'; own: boolean; from: number; to: number }
/** `format`: an MSONFC code ([MS-OSHARED] 2.2.1.3). */
export interface NoteNumbering { format: number; start: number }
export const usualNumbering = (): DocMarks['numbering'] => ({ footnotes: { format: 0, start: 1 }, endnotes: { format: 2, start: 1 } });

/** Source: [MS-DOC] 2.8.10 (PlcfBkf), 2.9.279 (SttbfBkmk), 2.8.37 (PlcSpa), 2.9.253 (Spa), 2.8.32 (PlcftxbxTxt), 2.9.100 (FTXBXS), 2.8.18 (PlcffndRef), 2.8.16 (PlcfendRef), 2.7.2 (DopBase).
 * @param at - an entry of the file's list of tables, as offset and length, by its place in the head of the file */
export function readMarks(table: Uint8Array, at: (place: number) => [number, number]): DocMarks {
  const view = new DataView(table.buffer, table.byteOffset, table.byteLength);
  /** A list of places, each but the last with so many bytes of its own. */
  const list = (place: number, size: number): { count: number; cp: (i: number) => number; own: (i: number) => number } => {
    const [from, length] = at(place), count = length >= 4 && from + length <= table.length ? Math.floor((length - 4) / (4 + size)) : 0;
    return { count, cp: (i) => view.getInt32(from + 4 * i, true), own: (i) => from + 4 * (count + 1) + size * i };
  };
  const names = namesIn(view, ...at(0x142)), starts = list(0x14a, 4), anchors = list(0x1da, 26), texts = list(0x25a, 22);
  const anchorOf = new Map<number, number>();
  for (let i = 0; i < anchors.count; i++) anchorOf.set(view.getInt32(anchors.own(i), true), anchors.cp(i));
  const notesOf = (kind: DocNote['kind'], refs: ReturnType<typeof list>, words: ReturnType<typeof list>): DocNote[] => Array.from({ length: Math.min(refs.count, words.count) }, (_, i) => ({ at: refs.cp(i), kind, own: view.getInt16(refs.own(i), true) === 0, from: words.cp(i), to: words.cp(i + 1) }));
  const [dop, size] = at(0x192), numbering = usualNumbering();
  if (size >= 56 && dop + size <= table.length) {
    const formats = view.getUint16(dop + 54, true);
    for (const [kind, start, shift] of [['footnotes', 2, 2], ['endnotes', 52, 6]] as const) numbering[kind] = { format: (formats >> shift) & 15, start: view.getUint16(dop + start, true) >> 2 || 1 };
  }
  return {
    numbering, notes: [...notesOf('footnotes', list(0xaa, 2), list(0xb2, 0)), ...notesOf('endnotes', list(0x20a, 2), list(0x212, 0))].filter((n) => n.from >= 0 && n.to >= n.from).sort((a, b) => a.at - b.at),
    bookmarks: names.slice(0, starts.count).map((name, i) => ({ at: starts.cp(i), name })),
    // The number of its shape says which anchor is a box's own.
    boxes: Array.from({ length: texts.count }, (_, i) => ({ at: anchorOf.get(view.getInt32(texts.own(i) + 14, true)) ?? -1, from: texts.cp(i), to: texts.cp(i + 1) })).filter((b) => b.at >= 0 && b.to > b.from),
  };
}

/** A table of strings of two bytes a character. Source: [MS-DOC] 2.2.4 (STTB). */
function namesIn(view: DataView, from: number, length: number): string[] {
  if (length < 6 || from + length > view.byteLength || view.getUint16(from, true) !== 0xffff) return [];
  const count = view.getUint16(from + 2, true), extra = view.getUint16(from + 4, true), names: string[] = [];
  for (let i = 0, p = from + 6; i < count && p + 2 <= from + length; i++) {
    const n = view.getUint16(p, true);
    if (p + 2 + 2 * n > from + length) break;
    names.push(String.fromCharCode(...Array.from({ length: n }, (_, k) => view.getUint16(p + 2 + 2 * k, true))));
    p += 2 + 2 * n + extra;
  }
  return names;
}
