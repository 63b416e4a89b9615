import type { Box } from '../../model/facts.ts';

/** What is asked of a line to tell whether it is a cell: points from the page's top left. */
export interface PlacedLine { text: string; box: Box; size: number; baseline: number; /** where lines of several pages are given, in their order */ page?: number }
export interface TableBlock<T> { lines: T[]; rows: T[][][] }

/** Finds tables by their columns: three rows or more that stand close under each other, each cut into the same two columns or more by white space.
 * Two columns of running text are told apart by their long lines. A table goes on over the page where the row that comes next stands in its columns. */
export function findTables<T extends PlacedLine>(lines: T[]): TableBlock<T>[] {
  const rows: T[][] = [];
  for (const line of [...lines].sort((a, b) => (a.page ?? 0) - (b.page ?? 0) || a.baseline - b.baseline || a.box[0] - b.box[0])) {
    const row = rows.at(-1);
    if (row && row[0]!.page === line.page && Math.abs(row[0]!.baseline - line.baseline) < line.size * 0.35) row.push(line); else rows.push([line]);
  }
  for (const row of rows) row.sort((a, b) => a.box[0] - b.box[0]);
  const tables: TableBlock<T>[] = [];
  let run: T[][] = [];
  const settle = (): void => { const table = toTable(run); if (table) tables.push(table); run = []; };
  for (const row of rows) {
    const cut = row.length > 1 && row.every((l, i) => i === 0 || l.box[0] - row[i - 1]!.box[2] > l.size * 0.7);
    const above = run.at(-1), near = !above || (above[0]!.page === row[0]!.page ? row[0]!.baseline - above[0]!.baseline < row[0]!.size * 3.2 : above[0]!.page === (row[0]!.page ?? 0) - 1 && sameColumns(above, row));
    if (cut && near) run.push(row);
    else if (!cut && near && run.length > 0 && row.length === 1 && continuesCell(row[0]!, run.at(-1)!)) run.push(row);
    else { settle(); if (cut) run = [row]; }
  }
  settle();
  return tables;
}

/** A single line that goes on under a cell which is not the first. */
const continuesCell = (line: PlacedLine, above: PlacedLine[]): boolean => above.length > 1 && above.slice(1).some((c) => Math.abs(c.box[0] - line.box[0]) < 3) && line.baseline - above[0]!.baseline < line.size * 1.6;

/** Whether the cells of two rows begin at the same places. */
const sameColumns = (a: PlacedLine[], b: PlacedLine[]): boolean => a.length === b.length && a.every((cell, i) => Math.abs(cell.box[0] - b[i]!.box[0]) < 3);
/** Whether a row only goes on with cells of the one above: fewer cells, close under it, each in the middle of what its cell says. */
const goesOn = (row: PlacedLine[], above: PlacedLine[], columns: [number, number][]): boolean => row.length < columns.length && row[0]!.page === above[0]!.page && row[0]!.baseline - above[0]!.baseline < row[0]!.size * 1.45
  && row.every((cell) => /^\s*\p{Ll}/u.test(cell.text) && above.some((up) => Math.abs(up.box[0] - cell.box[0]) < 3 && !/[.;:]\s*$/.test(up.text)));

/** A label that only a list has. */
const bullet = /^\s*(?:[•▪◦‣·–—*\uf000-\uf0ff-]|\(?[\da-z]{1,2}[.)])\s*$/;

function toTable<T extends PlacedLine>(run: T[][]): TableBlock<T> | null {
  const full = run.filter((r) => r.length > 1);
  if (full.length < 2) return null;
  const most = Math.max(...full.map((r) => r.length));
  if (most === 2 && full.length < 3) return null;
  // Lists whose labels stand apart, and contents whose page numbers stand at the end of a line of dots.
  if (most === 2 && full.filter((r) => bullet.test(r[0]!.text) || /^\s*[[(]?[\w.]{1,6}[\]).:]?\s*$/.test(r[0]!.text) && r[1]!.text.trim().length > 20).length > full.length * 0.6) return null;
  if (run.flat().filter((l) => /(\s?\.){4,}/.test(l.text)).length > full.length * 0.4) return null;
  if (full.length === 2 && most < 3 && full.flat().some((l) => l.text.trim().length > 40)) return null;
  // Running text in two columns: long lines on both sides, row after row.
  if (full.length > 4 && most === 2 && full.filter((r) => r.every((l) => l.text.trim().length > 28)).length > full.length * 0.6) return null;
  const columns = columnsOf(full);
  if (columns.length < 2) return null;
  const rows: T[][][] = [];
  for (const [i, row] of run.entries()) {
    const cells: T[][] = columns.map(() => []);
    for (const line of row) cells[columnAt(columns, line.box)]!.push(line);
    if ((row.length === 1 || (i > 0 && goesOn(row, run[i - 1]!, columns))) && rows.length > 0) rows.at(-1)!.forEach((c, i) => c.push(...cells[i]!)); else rows.push(cells);
  }
  return { lines: run.flat(), rows };
}
/** Stretches of the width that some cell covers, apart from each other. */
function columnsOf(rows: PlacedLine[][]): [number, number][] {
  const spans = rows.flat().map((l): [number, number] => [l.box[0], l.box[2]]).sort((a, b) => a[0] - b[0]), out: [number, number][] = [];
  for (const s of spans) { const last = out.at(-1); if (last && s[0] < last[1] + 2) last[1] = Math.max(last[1], s[1]); else out.push([...s]); }
  return out;
}
const columnAt = (columns: [number, number][], box: Box): number => {
  let best = 0, covered = -Infinity;
  columns.forEach(([a, b], i) => { const c = Math.min(b, box[2]) - Math.max(a, box[0]); if (c > covered) { covered = c; best = i; } });
  return best;
};
