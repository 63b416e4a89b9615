import type * as Mupdf from 'mupdf';
import { withManagedColours, type MupdfModule } from '../../engines/pdf.ts';
import { heed, type Job } from '../../model/outcome.ts';
import { packBilevel } from './bilevel.ts';
import { indexedAsItIs, indexedWith, packedRows, pngOf, withShades, type Indexed, type Pixels } from './indexed.ts';
import { gentle, gentlestByGuess, hardest, type Level } from './level.ts';
import { inksOf, lightOf, pixelsFor, scaledPixmap, type Inks } from './pictures.ts';

/** What a picture is written as: a photograph, a picture file without loss, one of two colours as scans of print are, or one with a list of its colours. */
export type As = 'jpeg' | 'png' | 'lines' | 'indexed';
/** A picture that can be pressed, wherever it stands. */
export interface Pressable {
  /** bytes that it takes now */ packed: number;
  /** the size at which it is shown */ inches: [number, number];
  /** `either`: a photograph, or as PNG what takes hardly less room as one; `drawn`: the same with a list of colours instead */ writes: 'jpeg' | 'png' | 'lines' | 'either' | 'drawn';
  /** whether it keeps the inks of print */ print: boolean;
  open: () => Mupdf.Image;
  /** what its file says beside the pixels, added to what was written */ dress?: (data: Uint8Array) => Uint8Array;
}
/** A picture at a level, as it would be written. */
export interface Pressed { data: Uint8Array; as: As; inks: Inks; width: number; height: number; /** its list of colours */ indexed?: Indexed }

/** Share of its room from which on a picture is left as it is, and from which on a photograph is worth the loss. */
const worthwhile = 0.95, photographic = 0.6;
/** Pixels of bands: of all pictures together, of one at least and as a share of it; and pictures that stand for all others. */
const mostSampled = 8e6, leastSampled = 3e5, shareSampled = 1 / 6, mostPictures = 24, bands = 5, /** pictures that set guesses right */ mostChecked = 3;

/** Presses pictures together to the gentlest level that keeps within a limit. Drawing a picture from millions of pixels and packing it takes about a second, so levels are
 * tried on bands of it, and the whole is pressed only where bands say that it would fit. */
export class Presser<P extends Pressable> {
  private readonly made = new Map<P, Pressed | null>();
  private readonly broken = new Set<P>();
  private readonly clear = new Map<P, boolean>();
  private readonly photograph = new Map<P, boolean>();
  private sample: Sampled<P>[] | null = null;
  private last: Level | null = null;
  constructor(private readonly mupdf: MupdfModule, private readonly pictures: readonly P[], /** bytes of all that is no picture */ private readonly bare: number, private readonly job: Job) {}

  /** The gentlest level that keeps within a limit; null when even the hardest does not. */
  async within(maxBytes: number): Promise<Level | null> {
    return (await gentlestByGuess((level) => this.guess(level), (level) => this.share(level), (level) => this.size(level), maxBytes, () => heed(this.job)))?.level ?? null;
  }
  /** A picture at a level; null for one that cannot be decoded, or would hardly get smaller. What was pressed to the last level is kept, since that may be the one that is written. */
  press(picture: P, level: Level): Pressed | null {
    heed(this.job);
    if (this.last?.dpi !== level.dpi || this.last.quality !== level.quality) { this.made.clear(); this.last = level; }
    const known = this.made.get(picture);
    if (known !== undefined) return known;
    const image = this.opened(picture);
    try {
      const pressed = image && this.pressed(picture, image, level, image.getHeight()), result = pressed && pressed.data.length < picture.packed * worthwhile ? pressed : null;
      this.made.set(picture, result);
      return result;
    } finally { image?.destroy(); }
  }
  end(): void { for (const { band } of this.sample ?? []) band?.destroy(); this.sample = null; this.made.clear(); }

  private size(level: Level): number { return this.bare + this.pictures.reduce((sum, picture) => sum + (this.press(picture, level)?.data.length ?? picture.packed), 0); }
  private guess(level: Level): number { return this.bare + this.samples().reduce((sum, sampled) => sum + sampled.weight * this.guessOf(sampled, level), 0); }
  private guessOf({ picture, band, whole }: Sampled<P>, level: Level): number {
    heed(this.job);
    const pressed = band && this.pressed(picture, band, level, whole), bytes = pressed ? pressed.data.length * (whole / band.getHeight()) : picture.packed;
    return bytes < picture.packed * worthwhile ? bytes : picture.packed;
  }
  /** Bands of pages of a kind are wrong in the same way: a few pictures say by how much. */
  private share(level: Level): number {
    const few = this.samples().slice(0, mostChecked);
    if (few.length * 2 > this.pictures.length) return 1;
    return few.reduce((sum, { picture }) => sum + (this.press(picture, level)?.data.length ?? picture.packed), 0) / Math.max(1, few.reduce((sum, sampled) => sum + this.guessOf(sampled, level), 0));
  }
  /** Bands of pictures that stand for all: those of others that take about as much room count with them. */
  private samples(): Sampled<P>[] {
    if (this.sample) return this.sample;
    const byRoom = [...this.pictures].sort((a, b) => b.packed - a.packed), step = Math.max(1, byRoom.length / mostPictures), pixels = mostSampled / Math.min(byRoom.length, mostPictures), sample: Sampled<P>[] = [];
    for (let from = 0; Math.round(from) < byRoom.length; from += step) {
      heed(this.job);
      const group = byRoom.slice(Math.round(from), Math.round(from + step)), picture = group[group.length >> 1]!, image = this.opened(picture), whole = image?.getHeight() ?? 1;
      const weight = group.reduce((sum, p) => sum + p.packed, 0) / Math.max(1, picture.packed);
      sample.push({ picture, whole, weight, band: image && bandsOf(this.mupdf, image, pixels) });
    }
    return this.sample = sample;
  }
  private opened(picture: P): Mupdf.Image | null {
    if (this.broken.has(picture)) return null;
    try { return picture.open(); } catch { this.broken.add(picture); return null; }
  }
  /** A picture, or bands of it, at a level. @param whole - rows of the picture that the bands are of */
  private pressed(picture: P, image: Mupdf.Image, level: Level, whole: number): Pressed | null {
    // Print of two colours is read by its edges: it keeps twice the resolution, and no less than can be read (common practice, no published source).
    const lines = picture.writes === 'lines', dpi = lines ? Math.max(150, level.dpi * 2) : level.dpi, inks = lines ? 'DeviceGray' : picture.print ? inksOf(image) : lightOf(image);
    const width = pixelsFor(image.getWidth(), picture.inches[0], dpi), height = Math.max(1, Math.round((pixelsFor(whole, picture.inches[1], dpi) * image.getHeight()) / whole));
    const draw = (): Mupdf.Pixmap => scaledPixmap(this.mupdf, image, width, height, inks);
    try {
      const pixmap = inks === 'DeviceCMYK' ? draw() : withManagedColours(this.mupdf, draw);
      try { return { ...this.encoded(picture, image, pixmap, level), inks, width, height }; } finally { pixmap.destroy(); }
    } catch { this.broken.add(picture); return null; }
  }
  private encoded(picture: P, image: Mupdf.Image, pixmap: Mupdf.Pixmap, level: Level): { data: Uint8Array; as: As; indexed?: Indexed } {
    const { dress = (data: Uint8Array) => data } = picture, jpeg = (): Uint8Array => dress(pixmap.asJPEG(level.quality, false).slice());
    if (picture.writes === 'lines') return { as: 'lines', data: packBilevel(pixmap.getPixels(), pixmap.getWidth(), pixmap.getHeight(), pixmap.getStride()) };
    if (picture.writes === 'jpeg') return { as: 'jpeg', data: jpeg() };
    if (picture.writes === 'drawn' && pixmap.getNumberOfComponents() > 3 || picture.writes !== 'png' && !this.isClear(picture, image) && this.isPhotograph(picture, pixmap)) return { as: 'jpeg', data: jpeg() };
    const pixels = pixelsOf(pixmap), listed = listedAt(pixels, level);
    if (picture.writes === 'drawn') {
      if (!listed) return { as: 'jpeg', data: jpeg() };
      const data = packedRows(listed.rows), photograph = level.quality < gentle.quality ? jpeg() : null;
      return photograph && photograph.length < data.length ? { as: 'jpeg', data: photograph } : { as: 'indexed', data, indexed: listed };
    }
    if (listed || level.quality >= gentle.quality) return { as: 'png', data: dress(listed ? pngOf(listed) : pixmap.asPNG().slice()) };
    const shaded = withShades(pixels, shadesAt(level)), few = indexedAsItIs(shaded);
    if (!few) pixmap.getPixels().set(shaded.samples);
    return { as: 'png', data: dress(few ? pngOf(few) : pixmap.asPNG().slice()) };
  }
  /** Whether a picture takes much less room as a photograph: judged once, so that it is the same at every level. */
  private isPhotograph(picture: P, pixmap: Mupdf.Pixmap): boolean {
    const known = this.photograph.get(picture);
    if (known !== undefined) return known;
    const few = indexedAsItIs(pixelsOf(pixmap)), without = few ? pngOf(few).length : pixmap.asPNG().length, is = pixmap.asJPEG(gentle.quality, false).length < without * photographic;
    this.photograph.set(picture, is);
    return is;
  }
  private isClear(picture: P, image: Mupdf.Image): boolean {
    const known = this.clear.get(picture) ?? seenThrough(image);
    this.clear.set(picture, known);
    return known;
  }
}

const pixelsOf = (pixmap: Mupdf.Pixmap): Pixels => ({ width: pixmap.getWidth(), height: pixmap.getHeight(), components: pixmap.getNumberOfComponents(), stride: pixmap.getStride(), samples: pixmap.getPixels() });
/** A drawing keeps its colours as long as there is room; then it loses shades: from as many colours as a list holds down to sixteen. Null for a picture of more colours. */
function listedAt(pixels: Pixels, level: Level): Indexed | null {
  const own = indexedAsItIs(pixels);
  if (level.quality >= gentle.quality) return own;
  const colours = Math.round(256 * (16 / 256) ** hardness(level));
  return !own || own.palette.length / 3 <= colours ? own : indexedWith(pixels, colours);
}
/** What has more colours than a list holds loses shades of each. */
const shadesAt = (level: Level): number => Math.round(256 * (8 / 256) ** hardness(level));
/** 0 at the gentle level, 1 at the hardest. */
const hardness = ({ quality }: Level): number => (gentle.quality - quality) / (gentle.quality - hardest.quality);

/** A picture that stands for a group by its bands. `band` is null where it cannot be decoded. */
interface Sampled<P> { picture: P; band: Mupdf.Image | null; /** its rows */ whole: number; /** room of its group by its own */ weight: number }

/** Bands across a picture, evenly spread, as one picture of the same width; the picture itself where it has few pixels. It takes the picture over. */
function bandsOf(mupdf: MupdfModule, image: Mupdf.Image, pixels: number): Mupdf.Image | null {
  const [width, height] = [image.getWidth(), image.getHeight()], rows = Math.ceil(Math.max(leastSampled, Math.min(pixels, width * height * shareSampled)) / width / bands);
  if (rows * bands * 2 > height) return image;
  try {
    const whole = image.toPixmap(), cut = new mupdf.Pixmap(whole.getColorSpace()!, [0, 0, width, rows * bands], whole.getAlpha() > 0);
    try {
      const [from, to, stride] = [whole.getPixels(), cut.getPixels(), whole.getStride()];
      for (let band = 0; band < bands; band++) { const top = Math.floor((height * (band + 0.5)) / bands - rows / 2); to.set(from.subarray(top * stride, (top + rows) * stride), band * rows * stride); }
      return new mupdf.Image(cut);
    } finally { whole.destroy(); cut.destroy(); }
  } catch { return null; } finally { image.destroy(); }
}

/** Whether one sees through a picture anywhere. */
function seenThrough(image: Mupdf.Image): boolean {
  const pixmap = image.toPixmap();
  try {
    if (!pixmap.getAlpha()) return false;
    const pixels = pixmap.getPixels(), step = pixmap.getNumberOfComponents();
    for (let i = step - 1; i < pixels.length; i += step) if (pixels[i]! < 255) return true;
    return false;
  } finally { pixmap.destroy(); }
}
