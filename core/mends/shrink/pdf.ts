import type * as Mupdf from 'mupdf';
import { saveWhole, withPage, withPdf, type MupdfModule, type PdfDocument, withManagedColours } from '../../engines/pdf.ts';
import { surveyPdf } from '../../readers/pdf/survey.ts';
import { isDict, nameOf, type PdfDict } from '../../readers/pdf/syntax.ts';
import { heed, type Job } from '../../model/outcome.ts';
import { inksOf, pixelsFor, scaledPixmap, type Inks } from './pictures.ts';
import { packBilevel } from './bilevel.ts';
import { gentlestWithin, levelAt, type Level } from './level.ts';

const writeSmall = 'garbage=4,compress,compress-images=yes,compress-fonts=yes,objstms=yes';

/** A PDF written anew in the least room without touching what is seen: unused objects gone, equal ones once, fonts subset. */
export async function repackPdf(bytes: Uint8Array): Promise<Uint8Array> {
  return withPdf(bytes, async (pdf) => {
    if (pdf.needsPassword()) pdf.authenticatePassword('');
    try { pdf.subsetFonts(); } catch { /* a font that cannot be subset stays whole */ }
    return saveWhole(pdf, writeSmall);
  });
}

/** A picture that can be pressed: its object, its packed bytes, and the inches at which it is shown. `lines`: of two colours, as scans of print are. */
interface Pressable { num: number; packed: number; inches: [number, number]; lines: boolean }
/** A picture at a level, as it would stand in the file. */
interface Pressed { data: Uint8Array; lines: boolean; inks: Inks; width: number; height: number }

/** A PDF with its pictures brought down to the gentlest level that keeps within a limit, or to the hardest where none does. Pictures that would not get smaller, and masks, stay as they are.
 * @param bytes - as {@link repackPdf} gives them */
export async function pressPdf(bytes: Uint8Array, maxBytes: number, job: Job): Promise<{ bytes: Uint8Array; level: Level; pictures: number }> {
  return withPdf(bytes, async (pdf, mupdf) => {
    if (pdf.needsPassword()) pdf.authenticatePassword('');
    const pictures = pressables(pdf, mupdf, job), press = presser(pdf, mupdf), bare = bytes.length - pictures.reduce((sum, p) => sum + p.packed, 0);
    try {
      const sizeAt = (level: Level): number => bare + pictures.reduce((sum, p) => { heed(job); return sum + (press(p, level)?.data.length ?? p.packed); }, 0);
      let level = (await gentlestWithin(sizeAt, maxBytes, () => heed(job)))?.level ?? levelAt(1), written = await write(bytes, pictures, press, level, job);
      // What is written around the pictures may take a little more than was reckoned with: then once more, for as much less.
      for (let spare = 1; written.bytes.length > maxBytes && spare <= 3; spare++) {
        const tighter = (await gentlestWithin(sizeAt, maxBytes - spare * (written.bytes.length - maxBytes) - 512, () => heed(job)))?.level;
        if (!tighter) break;
        written = await write(bytes, pictures, press, level = tighter, job);
      }
      return { ...written, level };
    } finally { press.end(); }
  });
}

/** The document with its pictures at a level. */
async function write(bytes: Uint8Array, pictures: Pressable[], press: (p: Pressable, level: Level) => Pressed | null, level: Level, job: Job): Promise<{ bytes: Uint8Array; pictures: number }> {
  return withPdf(bytes, async (pdf) => {
    if (pdf.needsPassword()) pdf.authenticatePassword('');
    let changed = 0;
    for (const picture of pictures) {
      heed(job);
      const pressed = press(picture, level);
      if (!pressed) continue;
      const object = pdf.newIndirect(picture.num);
      object.writeRawStream(pressed.data);
      for (const key of ['DecodeParms', 'Decode', 'Intent', 'Metadata']) object.delete(key);
      object.put('Filter', pdf.newName(pressed.lines ? 'FlateDecode' : 'DCTDecode'));
      // Inks stay those of the profile that they were mixed for.
      if (pressed.inks !== 'DeviceCMYK') object.put('ColorSpace', pdf.newName(pressed.inks));
      object.put('BitsPerComponent', pressed.lines ? 1 : 8);
      object.put('Width', pressed.width);
      object.put('Height', pressed.height);
      object.destroy();
      changed++;
    }
    return { bytes: await saveWhole(pdf, writeSmall), pictures: changed };
  });
}

const plainSpace = (dict: PdfDict): boolean => nameOf(dict.get('ColorSpace')) === 'DeviceGray';
const pressable = (dict: PdfDict): boolean => dict.get('ImageMask') !== true && (dict.get('BitsPerComponent') !== 1 || plainSpace(dict)) && !Array.isArray(dict.get('Mask'));

function pressables(pdf: PdfDocument, mupdf: MupdfModule, job: Job): Pressable[] {
  const inches = shownSizes(pdf, mupdf, job), survey = surveyPdf(pdf), found: Pressable[] = [];
  for (const [num, { value, stream }] of survey.objects) {
    if (!stream || !isDict(value) || nameOf(value.get('Subtype')) !== 'Image' || !survey.reachable.has(num) || !pressable(value)) continue;
    const object = pdf.newIndirect(num), raw = object.readRawStream(), packed = raw.getLength();
    raw.destroy(); object.destroy();
    const [w, h] = [value.get('Width'), value.get('Height')];
    if (packed >= 8000 && typeof w === 'number' && typeof h === 'number') found.push({ num, packed, inches: inches.get(`${w}x${h}`) ?? [w / 200, h / 200], lines: value.get('BitsPerComponent') === 1 });
  }
  return found;
}

/** Bytes of drawn pictures that are kept. */
const mostKept = 192 << 20, /** share of its room from which on a picture is left as it is */ worthwhile = 0.95;
/** Presses pictures to levels; null for one that cannot be decoded, or would hardly get smaller. What was drawn last is kept, within bounds,
 * since levels that differ in quality alone need no new drawing; and what was pressed to the last level, since that may be the one that is written. */
function presser(pdf: PdfDocument, mupdf: MupdfModule): ((picture: Pressable, level: Level) => Pressed | null) & { end: () => void } {
  const drawn = new Map<number, { key: string; pixmap: Mupdf.Pixmap; inks: Inks }>(), made = new Map<number, Pressed | null>(), broken = new Set<number>();
  let kept = 0, last: Level | null = null;
  const forget = (num: number): void => { const known = drawn.get(num); if (!known) return; kept -= sizeOf(known.pixmap); known.pixmap.destroy(); drawn.delete(num); };
  const press = (picture: Pressable, level: Level): Pressed | null => {
    if (broken.has(picture.num)) return null;
    if (last?.dpi !== level.dpi || last.quality !== level.quality) { made.clear(); last = level; }
    const known = made.get(picture.num);
    if (known !== undefined) return known;
    try {
      const { pixmap, inks } = draw(picture, level), width = pixmap.getWidth(), height = pixmap.getHeight(), data = picture.lines ? packBilevel(pixmap.getPixels(), width, height, pixmap.getStride()) : pixmap.asJPEG(level.quality, false).slice();
      const result = data.length < picture.packed * worthwhile ? { lines: picture.lines, inks, width, height, data } : null;
      if (kept > mostKept) forget(picture.num);
      made.set(picture.num, result);
      return result;
    } catch { broken.add(picture.num); return null; }
  };
  const draw = (picture: Pressable, level: Level): { pixmap: Mupdf.Pixmap; inks: Inks } => {
    const object = pdf.newIndirect(picture.num), image = pdf.loadImage(object);
    object.destroy();
    try {
      // Print of two colours is read by its edges: it keeps twice the resolution, and no less than can be read (common practice, no published source).
      const dpi = picture.lines ? Math.max(150, level.dpi * 2) : level.dpi, width = pixelsFor(image.getWidth(), picture.inches[0], dpi), height = pixelsFor(image.getHeight(), picture.inches[1], dpi), key = `${width}x${height}`, known = drawn.get(picture.num);
      if (known?.key === key) return known;
      forget(picture.num);
      const inks = picture.lines ? 'DeviceGray' : inksOf(image), scaled = (): Mupdf.Pixmap => scaledPixmap(mupdf, image, width, height, inks), pixmap = inks === 'DeviceCMYK' ? scaled() : withManagedColours(mupdf, scaled), entry: { key: string; pixmap: Mupdf.Pixmap; inks: Inks } = { key, pixmap, inks };
      drawn.set(picture.num, entry);
      kept += sizeOf(pixmap);
      return entry;
    } finally { image.destroy(); }
  };
  return Object.assign(press, { end: () => { for (const num of [...drawn.keys()]) forget(num); made.clear(); } });
}
const sizeOf = (pixmap: Mupdf.Pixmap): number => pixmap.getStride() * pixmap.getHeight();

/** The largest size in inches at which a picture of given pixels is shown on any page. */
function shownSizes(pdf: PdfDocument, mupdf: MupdfModule, job: Job): Map<string, [number, number]> {
  const sizes = new Map<string, [number, number]>();
  const note = (image: Mupdf.Image, ctm: Mupdf.Matrix): void => {
    const key = `${image.getWidth()}x${image.getHeight()}`, w = Math.hypot(ctm[0], ctm[1]) / 72, h = Math.hypot(ctm[2], ctm[3]) / 72, known = sizes.get(key) ?? [0, 0];
    sizes.set(key, [Math.max(known[0], w), Math.max(known[1], h)]);
  };
  const device = new mupdf.Device({ fillImage: (image: Mupdf.Image, ctm: Mupdf.Matrix) => note(image, ctm), fillImageMask: () => {}, clipImageMask: () => {} } as never);
  for (let i = 0; i < pdf.countPages(); i++) { heed(job); withPage(pdf, i, (page) => page.run(device, mupdf.Matrix.identity)); }
  device.destroy();
  return sizes;
}
