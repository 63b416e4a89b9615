import type * as Mupdf from 'mupdf';
import { saveWhole, withPage, withPdf, type MupdfModule, type PdfDocument, withManagedColours } from '../../engines/pdf.ts';
import { surveyPdf } from '../../readers/pdf/survey.ts';
import { isDict, nameOf, type PdfDict } from '../../readers/pdf/syntax.ts';
import { heed, type Job } from '../../model/outcome.ts';
import { isGrey, pixelsFor, scaledPixmap } from './pictures.ts';
import type { Level } from './level.ts';

const writeSmall = 'garbage=4,compress,compress-images=yes,compress-fonts=yes,objstms=yes';

/** A PDF written anew in the least room without touching what is seen: unused objects gone, equal ones once, fonts subset. */
export async function repackPdf(bytes: Uint8Array): Promise<Uint8Array> {
  return withPdf(bytes, async (pdf) => {
    if (pdf.needsPassword()) pdf.authenticatePassword('');
    try { pdf.subsetFonts(); } catch { /* a font that cannot be subset stays whole */ }
    return saveWhole(pdf, writeSmall);
  });
}

/** A PDF with its pictures brought down to a level. Pictures that would not get smaller, masks and line art stay as they are. */
export async function pressPdf(bytes: Uint8Array, level: Level, job: Job): Promise<{ bytes: Uint8Array; pictures: number }> {
  return withPdf(bytes, async (pdf, mupdf) => {
    if (pdf.needsPassword()) pdf.authenticatePassword('');
    const inches = shownSizes(pdf, mupdf, job), survey = surveyPdf(pdf);
    let pictures = 0;
    for (const [num, { value, stream }] of survey.objects) {
      if (!stream || !isDict(value) || nameOf(value.get('Subtype')) !== 'Image' || !survey.reachable.has(num) || !pressable(value)) continue;
      heed(job);
      const object = pdf.newIndirect(num);
      try { if (pressPicture(pdf, mupdf, object, inches, level)) pictures++; } catch { /* a picture that cannot be decoded stays */ } finally { object.destroy(); }
    }
    return { bytes: await saveWhole(pdf, writeSmall), pictures };
  });
}

const pressable = (dict: PdfDict): boolean => dict.get('ImageMask') !== true && dict.get('BitsPerComponent') !== 1 && !Array.isArray(dict.get('Mask')) && !dict.has('Decode');

function pressPicture(pdf: PdfDocument, mupdf: MupdfModule, object: Mupdf.PDFObject, inches: Map<string, [number, number]>, level: Level): boolean {
  const raw = object.readRawStream(), before = raw.getLength();
  raw.destroy();
  if (before < 8000) return false;
  const image = pdf.loadImage(object);
  try {
    const [w, h] = [image.getWidth(), image.getHeight()], size = inches.get(`${w}x${h}`) ?? [w / 200, h / 200], grey = isGrey(image);
    const pixmap = withManagedColours(mupdf, () => scaledPixmap(mupdf, image, pixelsFor(w, size[0], level.dpi), pixelsFor(h, size[1], level.dpi), grey));
    try {
      const jpeg = pixmap.asJPEG(level.quality, false);
      if (jpeg.length >= before * 0.95) return false;
      object.writeRawStream(jpeg);
      for (const key of ['DecodeParms', 'Decode', 'Intent', 'Metadata']) object.delete(key);
      object.put('Filter', pdf.newName('DCTDecode'));
      object.put('ColorSpace', pdf.newName(grey ? 'DeviceGray' : 'DeviceRGB'));
      object.put('BitsPerComponent', 8);
      object.put('Width', pixmap.getWidth());
      object.put('Height', pixmap.getHeight());
      return true;
    } finally { pixmap.destroy(); }
  } finally { image.destroy(); }
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
