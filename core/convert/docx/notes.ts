import { readXml } from '../../engines/xml.ts';
import { formatNumber } from '../../styles/number-formats.ts';

export type NoteKind = 'footnotes' | 'endnotes';
/** How notes of a kind are numbered: ECMA-376-1, 17.11.17 to 17.11.20. */
interface Numbering { format: string; start: number; /** anew in each section */ bySection: boolean }

/** The notes of a notes part, separators left out. */
export function splitNotes(xml: string, tag: string): { id: string; xml: string }[] {
  const found: { id: string; xml: string }[] = [];
  for (const m of xml.matchAll(new RegExp(`<${tag}\\s([^>]*)>([\\s\\S]*?)</${tag}>`, 'g'))) {
    if (/w:type="(separator|continuation\w+)"/.test(m[1]!)) continue;
    const id = /w:id="(-?\d+)"/.exec(m[1]!)?.[1];
    if (id) found.push({ id, xml: `<x>${m[2]!}</x>` });
  }
  return found;
}

/** What stands for each note: footnotes are counted in figures and endnotes in small Roman ones, unless the settings or a section say otherwise. Where sections differ, the first that says so holds for all. */
export class NoteNumbers {
  private readonly numbering: Record<NoteKind, Numbering> = { footnotes: { format: 'decimal', start: 1, bySection: false }, endnotes: { format: 'lowerRoman', start: 1, bySection: false } };
  private readonly counts: Record<NoteKind, number> = { footnotes: 0, endnotes: 0 };
  constructor(settings: string | null, document: string) {
    for (const [part, within] of [[settings, 'w:settings'], [document, 'w:sectPr']] as const) for (const kind of ['footnotes', 'endnotes'] as const) {
      const tag = kind === 'footnotes' ? 'w:footnotePr' : 'w:endnotePr', own = part === null ? null : new RegExp(`<${within}\\b(?:(?!</${within}>)[^])*?(<${tag}>[^]*?</${tag}>)`).exec(part)?.[1];
      if (own) this.read(own, this.numbering[kind]);
    }
  }
  private read(properties: string, numbering: Numbering): void {
    readXml(`<x>${properties}</x>`, { open(name, a) {
      if (name === 'w:numFmt' && a['w:val']) numbering.format = a['w:val'];
      else if (name === 'w:numStart' && Number(a['w:val']) > 0) numbering.start = Number(a['w:val']);
      else if (name === 'w:numRestart') numbering.bySection = a['w:val'] === 'eachSect';
    } });
  }
  next(kind: NoteKind): string { const { format, start } = this.numbering[kind]; return formatNumber(start + this.counts[kind]++, format); }
  endSection(): void { for (const kind of ['footnotes', 'endnotes'] as const) if (this.numbering[kind].bySection) this.counts[kind] = 0; }
}
