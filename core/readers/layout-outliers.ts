import type { LayoutOutlier } from '../model/facts.ts';
import { sectionStarts } from './sections.ts';

/** So many characters set otherwise in one go are a passage; fewer are a heading, a caption, a word. */
export const fewestOfPassage = 150;
/** Code and the like is set in a face of its own by custom. */
export const isMonospaced = (face: string): boolean => /mono|\bmon\b|courier|consol|typewriter|cmtt|fixed|menlo|code/i.test(face);
/** How much of a single line spacing may be narrower than the rest and still be the same. */
export const sameSpacing = 0.22;
const longestQuote = 80;

interface Stretch { characters: number; quote: string }
/** Gathers the text that runs on with the same value of one kind, and keeps the longest stretch of each. */
class Stretches {
  private readonly longest = new Map<string | number, Stretch>();
  private open: (Stretch & { value: string | number }) | null = null;

  add(value: string | number, text: string): void {
    if (this.open?.value !== value) { this.end(); this.open = { value, characters: 0, quote: '' }; }
    this.open!.characters += text.length;
    if (this.open!.quote.length < longestQuote) this.open!.quote = `${this.open!.quote}${text}`.slice(0, longestQuote);
  }
  end(): void {
    if (this.open && this.open.characters > (this.longest.get(this.open.value)?.characters ?? 0)) this.longest.set(this.open.value, { characters: this.open.characters, quote: this.open.quote.trim() });
    this.open = null;
  }
  passages(): [string | number, Stretch][] { this.end(); return [...this.longest].filter(([, s]) => s.characters >= fewestOfPassage); }
}

/** How a stretch of text is set. `apart`: in a quotation or a list, which are set otherwise by custom; `inTable`: in a table or a box, which are even more so. */
export interface SetText { size: number; font: string | undefined; spacing: number; apart: boolean; inTable: boolean; text: string }

/** Passages of a file without fixed pages that are set otherwise than the most of it, one of each value. Reference lists are left out: they are often set closer. */
export class StyleOutliers {
  private readonly sizes = new Stretches();
  private readonly faces = new Stretches();
  private readonly spacings = new Stretches();
  private listed = false;

  add({ size, font, spacing, apart, inTable, text }: SetText): void {
    const starts = sectionStarts(text.trim());
    if (starts) this.listed = starts === 'references';
    if (apart || inTable || this.listed) { for (const s of [this.sizes, this.faces, this.spacings]) s.end(); return; }
    if (isMonospaced(font ?? '')) { this.sizes.end(); this.spacings.end(); return; }
    this.sizes.add(size, text);
    this.faces.add(font ?? '', text);
    this.spacings.add(Math.round(spacing * 100) / 100, text);
  }

  /** @param part - the story's name in its package */
  facts(part: string, most: { sizePt: number; face: string | undefined; lineSpacing: number }): LayoutOutlier[] {
    const told = (kind: LayoutOutlier['kind'], from: Stretches, other: (value: string | number) => boolean): LayoutOutlier[] => from.passages().filter(([value]) => other(value)).map(([found, { quote }]) => ({ kind, found, part, page: null, box: null, quote }));
    return [
      ...told('size', this.sizes, (v) => v !== most.sizePt),
      ...told('face', this.faces, (v) => v !== '' && v !== most.face),
      ...told('spacing', this.spacings, (v) => Number(v) < most.lineSpacing - sameSpacing),
    ];
  }
}
