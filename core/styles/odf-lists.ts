import { readXml, type Attributes } from '../engines/xml.ts';
import { bulletOf } from './docx.ts';
import { formatNumber } from './number-formats.ts';
import { points } from './odf.ts';

/** One level of a list style. `format` is empty where it has no number, null for a bullet. `left` and `first` in points, where the style says them. */
interface ListLevel { format: string | null; prefix: string; suffix: string; bullet: string; start: number; /** how many levels up are shown before its own number */ shows: number; left?: number; first?: number }
export interface OdfLists {
  /** the label of the next item; empty where the level has none */ next(list: OpenList, item?: Attributes): { text: string; left?: number; first?: number };
  /** @param a - of `text:list` */ open(a: Attributes, within: OpenList | null): OpenList;
  /** the number of a heading, by the outline's own style; empty where headings have none */ heading(level: number, restart?: number): string;
}
/** A list that is being read; `counts` of it and of those it lies in. */
export interface OpenList { style: string; level: number; counts: number[]; ordered: boolean }

/** List labels of an OpenDocument text. Source: ODF 1.2-1, 5.3 (lists), 16.30 to 16.34 (list and outline styles), 19.880 (start value), 19.797 (display levels).
 * @param parts - XML, styles first, automatic ones after them */
export function readOdfLists(parts: (string | null)[]): OdfLists {
  const styles = new Map<string, ListLevel[]>(), outline: ListLevel[] = [], last = new Map<string, number[]>(), byId = new Map<string, OpenList>(), headings: number[] = [];
  for (const xml of parts) {
    let levels: ListLevel[] | null = null, level: ListLevel | null = null;
    readXml(xml ?? '<x/>', {
      open(name, a) {
        if (name === 'text:list-style') { levels = []; styles.set(a['style:name'] ?? '', levels); }
        else if (name === 'text:outline-style') levels = outline;
        else if (levels && /^text:(?:list-level-style-|outline-level-style)/.test(name)) { level = levelOf(name, a); levels[Number(a['text:level'] ?? 1) - 1] = level; }
        else if (level && name === 'style:list-level-properties' && a['text:space-before']) level.left = points(a['text:space-before']) + points(a['text:min-label-width']);
        else if (level && name === 'style:list-level-label-alignment') { level.left = points(a['fo:margin-left']); level.first = points(a['fo:text-indent']); }
      },
      close(name) { if (name === 'text:list-style' || name === 'text:outline-style') { levels = null; level = null; } },
    });
  }
  const labelOf = (levels: ListLevel[], at: number, counts: number[]): string => {
    const own = levels[at];
    if (!own) return '•';
    if (own.format === null) return bulletOf(own.bullet);
    if (own.format === '') return '';
    const from = Math.max(0, at - own.shows + 1), numbers: string[] = [];
    for (let i = from; i <= at; i++) { const l = levels[i]; if (l?.format) numbers.push(formatNumber(counts[i] ?? l.start, formatOf(l.format))); }
    return `${own.prefix}${numbers.join('.')}${own.suffix}`;
  };
  return {
    open(a, within) {
      const name = a['text:style-name'] || within?.style || '', level = within ? within.level + 1 : 0, goesOn = byId.get(a['text:continue-list'] ?? '');
      // A list that is named goes on whatever style this one has (19.779); without a name the last of the same style does (19.780).
      const before = within ? within.counts.slice(0, level) : goesOn ? goesOn.counts : a['text:continue-list'] !== undefined || a['text:continue-numbering'] === 'true' ? last.get(name) ?? [] : [], list: OpenList = { style: name, level, counts: [...before], ordered: !!styles.get(name)?.[level]?.format };
      for (const id of [a['xml:id'], goesOn && a['text:continue-list']]) if (id) byId.set(id, list);
      return list;
    },
    next(list, item = {}) {
      const levels = styles.get(item['text:style-override'] ?? '') ?? styles.get(list.style) ?? [], own = levels[list.level], restart = item['text:start-value'];
      list.counts[list.level] = restart !== undefined ? Number(restart) || 0 : (list.counts[list.level] ?? (own?.start ?? 1) - 1) + 1;
      if (list.level === 0) last.set(list.style, [...list.counts]);
      return { text: labelOf(levels, list.level, list.counts), ...(own?.left === undefined ? {} : { left: own.left }), ...(own?.first === undefined ? {} : { first: own.first }) };
    },
    heading(level, restart) {
      const at = level - 1, own = outline[at];
      if (!own?.format) return '';
      headings[at] = restart ?? (headings[at] ?? own.start - 1) + 1;
      headings.length = at + 1;
      return labelOf(outline, at, headings);
    },
  };
}

/** Number formats (19.500) by the names that OOXML has for them. */
const odfFormat: Record<string, string> = { 1: 'decimal', a: 'lowerLetter', A: 'upperLetter', i: 'lowerRoman', I: 'upperRoman', '01, 02, 03, ...': 'decimalZero', '1st': 'ordinal', First: 'ordinalText', One: 'cardinalText', '*, †, ‡, §, **, ††, ...': 'chicago', 'а, б, .., аа, аб, ... (ru)': 'russianLower', 'А, Б, .., Аа, Аб, ... (ru)': 'russianUpper' };
/** @returns plain figures where nothing is said */
export const formatOf = (said: string | undefined): string => odfFormat[said ?? '1'] ?? 'decimal';
function levelOf(name: string, a: Attributes): ListLevel {
  const numbered = /number$|outline-level-style$/.test(name);
  return { format: numbered ? a['style:num-format'] ?? '' : name.endsWith('bullet') ? null : '', prefix: a['style:num-prefix'] ?? '', suffix: a['style:num-suffix'] ?? '', bullet: a['text:bullet-char'] ?? '•', start: Number(a['text:start-value'] ?? 1) || 1, shows: Number(a['text:display-levels'] ?? 1) || 1 };
}
