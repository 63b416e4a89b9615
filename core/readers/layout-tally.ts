import type { LayoutFacts } from '../model/facts.ts';
import { StyleOutliers, type SetText } from './layout-outliers.ts';

/** A paragraph that is moved in by so many points is a quotation or a list. Common practice, no published source. */
export const movedIn = 18;
/** Below this there is no telling how a text is set. */
const fewest = 200;

/** What is asked for, most often; and how near a height has to be to one of them to be meant by the size. */
const usual = [1, 1.5, 2], nearest = 0.03;
/** The spacing of lines that are so many points apart, by the face's own height, as word processors count it; by the size where that comes out even (24 points
 * for 12 is double), as typesetters do. @param single - the height of a single-spaced line for a size of 1 */
export function spacingOf(height: number, size: number, single: number): number {
  const bySize = height / size, byFace = height / (size * single);
  return usual.some((n) => Math.abs(n - bySize) <= nearest) && !usual.some((n) => Math.abs(n - byFace) <= nearest) ? bySize : byFace;
}

/** Adds up how many characters are set in which size, face and spacing, and says what most have. */
export class LayoutTally {
  private readonly sizes = new Map<number, number>();
  private readonly running = new Map<number, number>();
  private readonly fonts = new Map<string, number>();
  private readonly spacings = new Map<number, number>();
  private readonly outliers = new StyleOutliers();
  private characters = 0;

  add(set: SetText): void {
    const look = set, n = set.text.length;
    this.outliers.add(set);
    this.characters += n;
    this.sizes.set(look.size, (this.sizes.get(look.size) ?? 0) + n);
    if (!look.inTable) this.running.set(look.size, (this.running.get(look.size) ?? 0) + n);
    if (look.font !== undefined) this.fonts.set(look.font, (this.fonts.get(look.font) ?? 0) + n);
    this.spacings.set(look.spacing, (this.spacings.get(look.spacing) ?? 0) + n);
  }

  /** The faces that were counted. */
  get faces(): string[] { return [...this.fonts.keys()]; }

  /** The layout by style; null where there is too little text. @param part - the story's name in its package */
  facts(part: string, marginsMm: LayoutFacts['marginsMm']): LayoutFacts | null {
    if (this.characters < fewest) return null;
    const order = <T>(map: Map<T, number>): [T, number][] => [...map].sort((a, b) => b[1] - a[1]), bySize = order(this.sizes), byFace = order(this.fonts), sizePt = bySize[0]![0], lineSpacing = Math.round((order(this.spacings)[0]?.[0] ?? 1) * 100) / 100;
    return {
      source: 'style', sizePt, otherSizes: order(this.running).filter(([s, n]) => s !== sizePt && n > this.characters * 0.01).map(([s]) => s).slice(0, 6),
      fonts: byFace.slice(0, 6).map(([name, n]) => ({ name, share: Math.round((n / this.characters) * 1000) / 1000 })), lineSpacing, marginsMm,
      outliers: this.outliers.facts(part, { sizePt, face: byFace[0]?.[0], lineSpacing }),
    };
  }
}
