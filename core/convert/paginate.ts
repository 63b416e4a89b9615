/** A stretch of a long sheet that no page break may cut: a line, a row of a table, a picture. Positions in points from the sheet's top. */
export interface Strip { /** of several long sheets; another sheet begins a new page where `forced` says so */ sheet: number; /** where it begins for cutting, half-way to its neighbour */ start: number; end: number; /** where its ink begins and ends */ top: number; bottom: number; /** marks of notes that stand in it */ notes: number[]; /** a heading: it goes with what follows */ keep: boolean; paragraph: number; forced: boolean }
/** Strips `from` up to but not including `to`, and the notes at the page's foot. */
export interface LaidPage { from: number; to: number; notes: number[] }

/** Fills pages with strips and with the notes whose marks stand on them. Headings go with the line after them, and no line of a paragraph stands alone at a page's head or foot where it can be helped (common practice in typography).
 * @param room - height of a page's text in points; @param noteHeight - of a note by its mark; @param ruleHeight - of what parts text and notes */
export function breakPages(strips: Strip[], room: number, noteHeight: (mark: number) => number, ruleHeight: number): LaidPage[] {
  const pages: LaidPage[] = [];
  for (let from = 0; from < strips.length;) {
    let to = from + 1, used = strips[from]!.bottom - strips[from]!.top, notes = heightOf(strips[from]!.notes);
    for (; to < strips.length && !strips[to]!.forced; to++) {
      const last = strips[to - 1]!, next = strips[to]!, more = last.sheet === next.sheet ? next.bottom - last.bottom : last.end - last.bottom + next.bottom - next.start, own = notes + heightOf(next.notes);
      if (used + more + own + (own > 0 ? ruleHeight : 0) > room) break;
      used += more;
      notes = own;
    }
    if (to < strips.length && !strips[to]!.forced) to = betterBreak(strips, from, to);
    pages.push({ from, to, notes: strips.slice(from, to).flatMap((s) => s.notes) });
    from = to;
  }
  return pages;
  function heightOf(marks: number[]): number { return marks.reduce((sum, mark) => sum + noteHeight(mark), 0); }
}

/** An earlier break that leaves no heading and no single line behind; the first one where there is no better. */
function betterBreak(strips: Strip[], from: number, to: number): number {
  for (let at = to; at > from; at--) {
    const before = strips[at - 1]!, after = strips[at]!;
    if (before.keep) continue;
    if (before.paragraph === after.paragraph) {
      const here = strips.slice(from, at).filter((s) => s.paragraph === before.paragraph).length, there = strips.slice(at).filter((s) => s.paragraph === before.paragraph).length;
      if (there === 1 || (here === 1 && strips[at - 2]?.paragraph !== before.paragraph)) continue;
    }
    // A page that would be left half empty is worse than a single line.
    return to - at > 8 ? to : at;
  }
  return to;
}
