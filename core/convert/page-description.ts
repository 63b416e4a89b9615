import { noLines, type RunningLines } from './running-lines.ts';

/** What the built-in engine lays out: HTML in a small dialect that it knows, and what goes around it. */
export interface PageDescription extends RunningLines {
  body: string;
  widthPt: number; heightPt: number;
  /** top, right, bottom, left */ marginsPt: [number, number, number, number];
  /** lines of later sections, by the number that their pages have for them, from 1 */ laterLines: RunningLines[];
  /** what the text itself gives as its title; empty where it gives none */ title: string;
  language: string | null;
  baseFont: FontFamily; baseSizePt: number;
  /** the running lines that pages have come to show, known when the pages are set: each as {@link lineKey} has it */ linesShown: Set<string>;
  /** words that the mapping itself adds: list labels, note marks */ generated: string[];
  /** pictures of heads and feet that later pages show again, known when the pages are set */ repeatedPictures: number;
  counts: { images: number; tables: number; equations: number; footnotes: number };
  /** fonts that were asked for and replaced by metric-compatible or similar ones */ substituted: { asked: string; used: FontFamily }[];
  losses: string[];
}
/** How large pages are, and what stays bare around their text, in points. */
export type PageSize = Pick<PageDescription, 'widthPt' | 'heightPt' | 'marginsPt'>;
/** What this engine says where it cannot set columns, or pages of several sizes. */
export const oneColumn = 'text that stands in columns is set in one', oneSize = 'pages of another size or turn are set on the size of the others';
export type FontFamily = 'serif' | 'sans-serif' | 'monospace';

/** A family that sets like the one asked for. Common practice: Times-like, Arial-like, Courier-like. */
export function familyOf(font: string): FontFamily {
  if (/courier|consol|mono|typewriter|menlo/i.test(font)) return 'monospace';
  return /arial|helvet|calibri|carlito|sans|verdana|tahoma|segoe|gothic|aptos|open|roboto|lato|trebuc|candara|corbel|ubuntu/i.test(font) ? 'sans-serif' : 'serif';
}

export const a4: PageSize = { widthPt: 595.28, heightPt: 841.89, marginsPt: [72, 72, 72, 72] };
export const emptyPage = (): PageDescription => ({
  body: '', ...a4, ...noLines(), laterLines: [], title: '', language: null, baseFont: 'serif', baseSizePt: 12, linesShown: new Set(), generated: [], repeatedPictures: 0,
  counts: { images: 0, tables: 0, equations: 0, footnotes: 0 }, substituted: [], losses: [],
});
