/** Text that stands in columns, inside a page description's body: `<columns count="2" gap="36">…</columns>`, never nested. */
export const columnsOpen = (count: number, gapPt: number): string => `<columns count="${Math.min(mostColumns, count)}" gap="${Math.max(0, Math.round(gapPt * 10) / 10)}">`, columnsClose = '</columns>';
/** A column narrower than a word helps nobody. */
const mostColumns = 6, narrowest = 60;
/** For whoever sets all text in one column. */
export const inOneColumn = (body: string): string => body.replace(/<\/?columns\b[^>]*>/g, '');

export interface ColumnFlow { body: string; columns: number; /** of one column, in points */ width: number; /** between two */ gap: number; newPage: boolean }
const breaks = '<div class="break"></div>';

/** A body as flows that follow each other down the pages. @param line - width between the margins, in points */
export function splitColumns(body: string, line: number): ColumnFlow[] {
  const flows: ColumnFlow[] = [];
  let newPage = false;
  const add = (part: string, count: number, wanted: number): void => {
    let text = part;
    while (text.startsWith(breaks)) { text = text.slice(breaks.length); newPage = true; }
    const ended = text.endsWith(breaks);
    while (text.endsWith(breaks)) text = text.slice(0, -breaks.length);
    if (text !== '') {
      const columns = Math.max(1, Math.min(count, Math.floor(line / narrowest))), gap = columns > 1 ? Math.min(wanted, line / columns / 3) : 0;
      const width = (line - gap * (columns - 1)) / columns;
      flows.push({ body: columns > 1 ? withinColumn(text, width) : text, columns, width, gap, newPage: newPage && flows.length > 0 });
      newPage = false;
    }
    newPage ||= ended;
  };
  let at = 0;
  for (const m of body.matchAll(/<columns count="(\d+)" gap="([\d.]+)">([\s\S]*?)<\/columns>/g)) {
    add(body.slice(at, m.index), 1, 0);
    add(m[3]!, Number(m[1]), Number(m[2]));
    at = m.index + m[0].length;
  }
  add(body.slice(at), 1, 0);
  return flows;
}

/** Pictures were sized for the whole line; one that is wider than a column would lie over the next. */
const withinColumn = (body: string, width: number): string => body.replace(/(<img\b[^>]*?style="width:)([\d.]+)pt;height:([\d.]+)pt"/g, (whole, head: string, w: string, h: string) => {
  const scale = width / Number(w);
  return scale < 1 ? `${head}${Math.round(width * 100) / 100}pt;height:${Math.round(Number(h) * scale * 100) / 100}pt"` : whole;
});
