import { formatNumber } from '../../styles/number-formats.ts';

export interface WrittenNote { kind: 'footnotes' | 'endnotes'; /** a mark of its own, where it is not counted */ own: string | null; /** the note's own text says its mark already */ marked: boolean }
/** How notes of a kind are counted (ECMA-376-1, 17.11.11 and 17.11.3). */
interface Counting { format: string; start: number }
const formats = ['decimal', 'lowerRoman', 'upperRoman', 'lowerLetter', 'upperLetter', 'chicago'], usual: Record<WrittenNote['kind'], string> = { footnotes: 'decimal', endnotes: 'lowerRoman' };

/** What a page description's notes are: their kind, and whether the mark shown is a number of their row or one of their own. @returns also what the settings say of the counting */
export function writtenNotes(body: string): { notes: Map<string, WrittenNote>; settings: string } {
  const shownOf = new Map([...body.matchAll(/<sup data-note="(\d+)">([^<]*)<\/sup>/g)].map((m) => [m[1]!, m[2]!.trim()])), notes = new Map<string, WrittenNote>(), rows: Record<WrittenNote['kind'], string[]> = { footnotes: [], endnotes: [] };
  for (const m of body.matchAll(/<div class="note" data-note="(\d+)"( data-end="1")?><p[^>]*>(<sup>)?/g)) {
    const kind = m[2] ? 'endnotes' : 'footnotes';
    notes.set(m[1]!, { kind, own: null, marked: !m[3] });
    if (m[3]) rows[kind].push(m[1]!);
  }
  const counting = Object.fromEntries((['footnotes', 'endnotes'] as const).map((kind) => [kind, countingOf(rows[kind].map((n) => shownOf.get(n) ?? ''), kind)])) as Record<WrittenNote['kind'], Counting>;
  const next = { footnotes: counting.footnotes.start, endnotes: counting.endnotes.start };
  for (const [n, note] of notes) {
    const shown = shownOf.get(n) ?? '';
    if (note.marked || shown !== formatNumber(next[note.kind], counting[note.kind].format)) note.own = shown; else next[note.kind]++;
  }
  const said = (kind: WrittenNote['kind'], tag: string): string => (rows[kind].length > 0 && (counting[kind].format !== usual[kind] || counting[kind].start !== 1) ? `<w:${tag}><w:numFmt w:val="${counting[kind].format}"/><w:numStart w:val="${counting[kind].start}"/></w:${tag}>` : '');
  return { notes, settings: said('footnotes', 'footnotePr') + said('endnotes', 'endnotePr') };
}
/** The counting that most marks of a row follow, by the usual way where several would do. */
function countingOf(shown: string[], kind: WrittenNote['kind']): Counting {
  let best: Counting = { format: usual[kind], start: 1 }, most = fitting(shown, best);
  for (const format of formats) for (const mark of shown.slice(0, 3)) for (let start = 1; start <= 200; start++) if (formatNumber(start, format) === mark) {
    const one = { format, start }, fits = fitting(shown, one);
    if (fits > most) [best, most] = [one, fits];
    break;
  }
  return best;
}
const fitting = (shown: string[], { format, start }: Counting): number => shown.reduce((n, mark) => (mark === formatNumber(start + n, format) ? n + 1 : n), 0);
