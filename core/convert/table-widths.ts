/** What a cell has beside its words, in points: two paddings and a line. */
const beside = 9;
/** A letter as a share of its size, wide enough for most words. */
const letter = 0.56, usualSize = 12;
const table = /<table>(?:(?!<\/?table)[\s\S])*<\/table>/g, cell = /<td data-width="([\d.]+)\/([\d.]+)"(?: style="width:[\d.]+pt")?([^>]*)>([\s\S]*?)<\/td>/g;

/** A cell's attribute for its width, as the file says it: its own and that of the whole row, in points. Nothing where the file does not say. @param columns - widths of the row's columns */
export function widthOf(columns: readonly number[], from: number, span: number): string {
  const own = columns.slice(from, from + span).reduce((a, b) => a + b, 0), all = columns.reduce((a, b) => a + b, 0);
  return from + span <= columns.length && own > 0 && columns.every((w) => w > 0) ? ` data-width="${short(own)}/${short(all)}"` : '';
}
const short = (n: number): string => String(Math.round(n * 100) / 100);

/** Sets the columns of tables as wide as their file says, no wider together than the line. Where a word or a picture is wider than its column, or tables stand
 * in tables, the engine finds widths by itself: it does not break words. May be done again for a narrower line. */
export const tablesWithin = (html: string, line: number): string => (html.includes(' data-width="') ? html.replace(table, (whole) => {
  const fits = [...whole.matchAll(cell)].every(([, own, all, , content]) => Number(own) * Math.min(1, line / Number(all)) - beside >= widest(content!));
  return whole.replace(cell, (_, own: string, all: string, rest: string, content: string) => `<td data-width="${own}/${all}"${fits ? ` style="width:${short(Number(own) * Math.min(1, line / Number(all)) - beside)}pt"` : ''}${rest}>${content}</td>`);
}) : html);

/** The width of the longest word or picture in a cell, roughly. */
function widest(content: string): number {
  const size = Math.max(usualSize, ...[...content.matchAll(/font-size:([\d.]+)pt/g)].map((m) => Number(m[1]))), pictures = [...content.matchAll(/<img\b[^>]*?style="width:([\d.]+)pt/g)].map((m) => Number(m[1]));
  const words = content.replace(/<\/?(?:p|div|h\d|li|br)\b[^>]*>/g, ' ').replace(/<[^>]+>/g, '').replace(/&#?\w+;/g, 'x').split(/\s+/);
  return Math.max(0, ...pictures, ...words.map((w) => w.length * size * letter));
}
