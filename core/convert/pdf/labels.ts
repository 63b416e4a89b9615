import type { PdfLine } from './map.ts';

/** A list label that stands alone: a bullet, also one of a symbol font (its private-use code) or the letter o that serves as one, or a number or letter with its stop. */
const alone = /^\s*(?:[•●○■□▪▫◦‣·–—*-]|[\uf0a0-\uf0ff]|o|\(?(?:\d{1,3}(?:\.\d{1,2}){0,3}|[a-z]|[ivx]{1,5})[.)]|\(\d{1,3}\))\s*$/i;
/** Letters of symbol fonts that show as bullets. */
export const isBullet = (label: string): boolean => !/[\p{L}\p{N}]/u.test(label) || label === 'o';

/** Bare numbers that stand before words, with the next or the one before in the same place further down or up, on the same page or the one beside it: “1”, “2”, as some set their lists. */
export function countedLabels(lines: PdfLine[]): Set<PdfLine> {
  const numbers = lines.filter((l) => /^\s*\d{1,2}\s*$/.test(l.text)), found = new Set<PdfLine>();
  for (const a of numbers) for (const b of numbers) {
    const below = b.page === a.page ? b.baseline > a.baseline : b.page === a.page + 1;
    if (below && Number(b.text) === Number(a.text) + 1 && Math.abs(a.box[0] - b.box[0]) < a.size) { found.add(a); found.add(b); }
  }
  return found;
}

/** Labels that stand apart from their words, at a hanging indent or a tab, become one line with them; those in the first column of a table of three columns and
 * more stay what they are. @param lines - of one page, in reading order @param counted - bare numbers that are labels, of all pages */
export function joinLabels(lines: PdfLine[], counted: ReadonlySet<PdfLine> = countedLabels(lines)): PdfLine[] {
  const labels = lines.filter((l) => alone.test(l.text) || counted.has(l));
  if (labels.length === 0) return lines;
  const taken = new Set<PdfLine>(), joined = new Map<PdfLine, PdfLine>();
  for (const label of labels) {
    if (taken.has(label)) continue;
    const beside = lines.filter((l) => l !== label && l.page === label.page && Math.abs(l.baseline - label.baseline) < Math.max(2, label.size * 0.3) && l.box[0] >= label.box[2] - 1).sort((a, b) => a.box[0] - b.box[0]), [words] = beside;
    if (!words || beside.length > 1 || words.box[0] - label.box[2] > 60 || taken.has(words) || alone.test(words.text) || (!alone.test(label.text) && !/\p{L}{2}/u.test(words.text))) continue;
    taken.add(label);
    const text = label.text.trim();
    joined.set(words, { ...words, box: [label.box[0], Math.min(label.box[1], words.box[1]), words.box[2], Math.max(label.box[3], words.box[3])], runs: [{ ...words.runs[0]!, text: `${text} `, bold: words.bold, italic: false, raised: false }, ...words.runs], text: `${text} ${words.text}`, label: text });
  }
  return lines.filter((l) => !taken.has(l)).map((l) => joined.get(l) ?? l);
}

/** “10.Words”: a number too wide for its indent touches its words. It is one where the number before it stands further up. Changes the lines that it is given. */
export function partTightLabels(lines: PdfLine[]): void {
  const seen = new Set<number>();
  for (const line of lines) {
    const [label, number] = /^\s*\(?(\d{1,3})[.)]/.exec(line.text) ?? [];
    if (label === undefined) continue;
    const first = line.runs[0]!;
    if (seen.has(Number(number) - 1) && /^\p{Lu}/u.test(line.text.slice(label.length)) && first.text.startsWith(label)) {
      first.text = `${label} ${first.text.slice(label.length)}`;
      line.text = `${label} ${line.text.slice(label.length)}`;
    }
    seen.add(Number(number));
  }
}
