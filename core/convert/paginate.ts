/** A stretch of a long sheet that no page break may cut: a line, a row of a table, a picture. Positions in points from the sheet's top. */
export interface Strip { /** of several long sheets; another sheet begins a new page where `forced` says so */ sheet: number; /** where it begins for cutting, half-way to its neighbour */ start: number; end: number; /** where its ink begins and ends */ top: number; bottom: number; /** marks of notes that stand in it */ notes: number[]; /** a heading: it goes with what follows */ keep: boolean; paragraph: number; /** begins a page, or the next column where it stands in columns */ forced: boolean }
/** Text in so many columns beside each other, before the next one begins below. */
export interface Flow { strips: Strip[]; columns: number; newPage: boolean; /** height of a page's text in points; flows on one page have the same */ room: number }
/** Strips `from` up to but not including `to`. */
export interface Range { from: number; to: number }
/** What stands beside each other on a page: a range of one flow's strips for each column, `top` points below the page's first line. */
export interface Band { flow: number; top: number; columns: Range[] }
export interface LaidPage { bands: Band[]; /** at the page's foot */ notes: number[] }

/** Between what stands in other columns, in points; common practice. */
const bandGap = 10;

/** Fills pages with strips and with the notes whose marks stand on them. Headings go with the line after them, and no line of a paragraph stands alone at a page's head or foot where it can be helped (common practice in typography).
 * Columns are filled one after the other; the last ones of a flow are made equally high.
 * @param noteHeight - of a note by its mark; @param ruleHeight - of what parts text and notes */
export function fillPages(flows: Flow[], noteHeight: (mark: number) => number, ruleHeight: number): LaidPage[] {
  const pages: LaidPage[] = [], heightOf = (marks: number[]): number => marks.reduce((sum, mark) => sum + noteHeight(mark), 0);
  let page: LaidPage = { bands: [], notes: [] }, used = 0;
  const turn = (): void => { if (page.bands.length > 0) pages.push(page); page = { bands: [], notes: [] }; used = 0; };
  /** What text and notes of a page take together. */
  const taken = (text: number, marks: number[]): number => { const notes = heightOf(marks); return text + notes + (notes > 0 ? ruleHeight : 0); };
  flows.forEach(({ strips, columns, newPage, room }, flow) => {
    for (let from = 0; from < strips.length;) {
      if (from === 0 ? newPage : columns === 1 && strips[from]!.forced) turn();
      const bare = page.bands.length === 0, top = bare ? 0 : used + bandGap, fits = (height: number, marks: number[]): boolean => top + taken(height, [...page.notes, ...marks]) <= room;
      const ranges = columns === 1 ? [oneRange(strips, from, fits)] : severalRanges(strips, from, columns, room - top, fits);
      const to = ranges.at(-1)!.to, notes = strips.slice(from, to).flatMap((s) => s.notes), tall = Math.max(...ranges.map((r) => heightFrom(strips, r)));
      if (!bare && !fits(tall, notes)) { turn(); continue; }
      page.bands.push({ flow, top, columns: ranges });
      page.notes.push(...notes);
      used = top + tall;
      from = to;
      if (from < strips.length) turn();
    }
  });
  turn();
  return pages;
}

/** From the first strip's ink to the last one's. */
function heightFrom(strips: Strip[], { from, to }: Range): number {
  let height = strips[from]!.bottom - strips[from]!.top;
  for (let i = from + 1; i < to; i++) height += step(strips, i);
  return height;
}
function step(strips: Strip[], i: number): number {
  const last = strips[i - 1]!, next = strips[i]!;
  return last.sheet === next.sheet ? next.bottom - last.bottom : last.end - last.bottom + next.bottom - next.start;
}
/** As many strips as fit, one at least. */
function oneRange(strips: Strip[], from: number, fits: (height: number, notes: number[]) => boolean): Range {
  let to = from + 1, height = strips[from]!.bottom - strips[from]!.top;
  const notes = [...strips[from]!.notes];
  for (; to < strips.length && !strips[to]!.forced; to++) {
    height += step(strips, to);
    notes.push(...strips[to]!.notes);
    if (!fits(height, notes)) break;
  }
  return { from, to: to < strips.length && !strips[to]!.forced ? betterBreak(strips, from, to) : to };
}
/** Columns as high as the notes below them let them be, and no higher than they need where all of the flow fits. */
function severalRanges(strips: Strip[], from: number, columns: number, highest: number, fits: (height: number, notes: number[]) => boolean): Range[] {
  const split = (height: number): Range[] => {
    const ranges: Range[] = [];
    for (let at = from; at < strips.length && ranges.length < columns;) { const range = oneRange(strips, at, (h) => h <= height); ranges.push(range); at = range.to; }
    return ranges;
  };
  const ends = (ranges: Range[]): boolean => ranges.at(-1)!.to === strips.length, notesOf = (ranges: Range[]): number[] => strips.slice(from, ranges.at(-1)!.to).flatMap((s) => s.notes);
  let height = highest, ranges = split(height);
  // Shorter columns hold fewer marks, and so leave more room for the notes of those that stay.
  while (height > 24 && !fits(height, notesOf(ranges))) { height -= 6; ranges = split(height); }
  if (!ends(ranges)) return ranges;
  let low = 0, high = height;
  while (high - low > 1) { const middle = (low + high) / 2; if (ends(split(middle))) high = middle; else low = middle; }
  return split(high);
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
