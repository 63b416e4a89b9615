import type * as Mupdf from 'mupdf';
import { saveWhole, withPage, withPdf, type MupdfModule, type PdfDocument } from '../../engines/pdf.ts';
import { surveyPdf } from '../../readers/pdf/survey.ts';
import { isDict, nameOf, type PdfDict } from '../../readers/pdf/syntax.ts';
import { heed, type Job } from '../../model/outcome.ts';
import { levelAt, type Level } from './level.ts';
import { Presser, type Pressable } from './press.ts';

const writeSmall = 'garbage=4,compress,compress-images=yes,compress-fonts=yes,objstms=yes';

/** A PDF written anew in the least room without touching what is seen: unused objects gone, equal ones once, fonts subset. */
export async function repackPdf(bytes: Uint8Array): Promise<Uint8Array> {
  return withPdf(bytes, async (pdf) => {
    if (pdf.needsPassword()) pdf.authenticatePassword('');
    try { pdf.subsetFonts(); } catch { /* a font that cannot be subset stays whole */ }
    return saveWhole(pdf, writeSmall);
  });
}

/** A picture of a PDF: its object. */
interface Held extends Pressable { num: number }

/** A PDF with its pictures brought down to the gentlest level that keeps within a limit, or to the hardest where none does. Pictures that would not get smaller, and masks, stay as they are.
 * @param bytes - as {@link repackPdf} gives them */
export async function pressPdf(bytes: Uint8Array, maxBytes: number, job: Job): Promise<{ bytes: Uint8Array; level: Level; pictures: number }> {
  return withPdf(bytes, async (pdf, mupdf) => {
    if (pdf.needsPassword()) pdf.authenticatePassword('');
    const pictures = pressables(pdf, mupdf, job), presser = new Presser(mupdf, pictures, bytes.length - pictures.reduce((sum, p) => sum + p.packed, 0), job);
    try {
      let level = (await presser.within(maxBytes)) ?? levelAt(1), written = await write(bytes, pictures, presser, level);
      // What is written around the pictures may take a little more than was reckoned with: then once more, for as much less.
      for (let spare = 1; written.bytes.length > maxBytes && spare <= 3; spare++) {
        const tighter = await presser.within(maxBytes - spare * (written.bytes.length - maxBytes) - 512);
        if (!tighter) break;
        written = await write(bytes, pictures, presser, level = tighter);
      }
      return { ...written, level };
    } finally { presser.end(); }
  });
}

/** The document with its pictures at a level. */
async function write(bytes: Uint8Array, pictures: Held[], presser: Presser<Held>, level: Level): Promise<{ bytes: Uint8Array; pictures: number }> {
  return withPdf(bytes, async (pdf) => {
    if (pdf.needsPassword()) pdf.authenticatePassword('');
    let changed = 0;
    for (const picture of pictures) {
      const pressed = presser.press(picture, level);
      if (!pressed) continue;
      const object = pdf.newIndirect(picture.num);
      object.writeRawStream(pressed.data);
      for (const key of ['DecodeParms', 'Decode', 'Intent', 'Metadata']) object.delete(key);
      object.put('Filter', pdf.newName(pressed.as === 'jpeg' ? 'DCTDecode' : 'FlateDecode'));
      // Inks stay those of the profile that they were mixed for.
      if (pressed.indexed) object.put('ColorSpace', indexedSpace(pdf, pressed.indexed.palette));
      else if (pressed.inks !== 'DeviceCMYK') object.put('ColorSpace', pdf.newName(pressed.inks));
      object.put('BitsPerComponent', pressed.indexed?.bits ?? (pressed.as === 'lines' ? 1 : 8));
      object.put('Width', pressed.width);
      object.put('Height', pressed.height);
      object.destroy();
      changed++;
    }
    return { bytes: await saveWhole(pdf, writeSmall), pictures: changed };
  });
}

/** A list of colours as a colour space (ISO 32000-1, 8.6.6.3). */
function indexedSpace(pdf: PdfDocument, palette: Uint8Array): Mupdf.PDFObject {
  const space = pdf.newArray();
  for (const part of [pdf.newName('Indexed'), pdf.newName('DeviceRGB'), pdf.newInteger(palette.length / 3 - 1), pdf.newByteString(palette)]) space.push(part);
  return space;
}

/** Packed with a loss: drawing anew what was drawn anew already gains nothing as a list of colours. */
const isLossy = (dict: PdfDict): boolean => [dict.get('Filter')].flat().some((f) => /^(?:DCT|JPX)/.test(nameOf(f) ?? ''));
const plainSpace = (dict: PdfDict): boolean => nameOf(dict.get('ColorSpace')) === 'DeviceGray';
const pressable = (dict: PdfDict): boolean => dict.get('ImageMask') !== true && (dict.get('BitsPerComponent') !== 1 || plainSpace(dict)) && !Array.isArray(dict.get('Mask'));

function pressables(pdf: PdfDocument, mupdf: MupdfModule, job: Job): Held[] {
  const inches = shownSizes(pdf, mupdf, job), survey = surveyPdf(pdf), found: Held[] = [];
  for (const [num, { value, stream }] of survey.objects) {
    if (!stream || !isDict(value) || nameOf(value.get('Subtype')) !== 'Image' || !survey.reachable.has(num) || !pressable(value)) continue;
    const object = pdf.newIndirect(num), raw = object.readRawStream(), packed = raw.getLength();
    raw.destroy(); object.destroy();
    const [w, h] = [value.get('Width'), value.get('Height')];
    if (packed >= 8000 && typeof w === 'number' && typeof h === 'number') found.push({ num, packed, inches: inches.get(`${w}x${h}`) ?? [w / 200, h / 200], writes: value.get('BitsPerComponent') === 1 ? 'lines' : isLossy(value) ? 'jpeg' : 'drawn', print: true, open: () => loaded(pdf, num) });
  }
  return found;
}

function loaded(pdf: PdfDocument, num: number): Mupdf.Image {
  const object = pdf.newIndirect(num);
  try { return pdf.loadImage(object); } finally { object.destroy(); }
}

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
