import type { PDFObject, PDFPage } from 'mupdf';
import { cleanPicture } from '../../mends/clean/picture.ts';
import { startsWith } from '../../text/bytes.ts';

/** Photographs of a page as they stand in the file, by their pixels (`WxH`), so that they can be carried over without being pressed again: those in light or greys, without a mask
 * or turned values, that are no more than JPEG. Of two with the same pixels it cannot be told which is which, so neither is given. What their own metadata say stays behind, since a page shows them without a turn.
 * Source: ISO 32000-1, 8.9.5 (image dictionaries), 7.4.8 (DCTDecode). */
export function photographsOn(page: PDFPage): Map<string, Uint8Array> {
  const found = new Map<string, Uint8Array | null>();
  const look = (resources: PDFObject, depth: number): void => {
    const objects = resources.get('XObject');
    if (!objects.isDictionary()) return;
    objects.forEach((object: PDFObject) => {
      const kind = object.get('Subtype');
      if (kind.isName() && kind.asName() === 'Form' && depth < 4) look(object.get('Resources'), depth + 1);
      if (!kind.isName() || kind.asName() !== 'Image') return;
      const [width, height] = [object.get('Width'), object.get('Height')].map((n) => (n.isNumber() ? n.asNumber() : 0)), key = `${width}x${height}`;
      found.set(key, found.has(key) ? null : asItStands(object));
    });
  };
  look(page.getObject().getInheritable('Resources'), 0);
  return new Map([...found].filter((entry): entry is [string, Uint8Array] => entry[1] !== null));
}

function asItStands(object: PDFObject): Uint8Array | null {
  const filter = object.get('Filter'), only = filter.isArray() && filter.length === 1 ? filter.get(0) : filter;
  if (!only.isName() || only.asName() !== 'DCTDecode' || ['SMask', 'Mask', 'Decode', 'ImageMask'].some((key) => !object.get(key).isNull()) || !isLight(object.get('ColorSpace'))) return null;
  const raw = object.readRawStream();
  try {
    const bytes = raw.asUint8Array().slice();
    return startsWith(bytes, [0xff, 0xd8]) ? cleanPicture(bytes, { keepOrientation: false }) : null;
  } finally { raw.destroy(); }
}
/** Light or greys, plain or by a profile; other spaces need the page to be read. */
function isLight(space: PDFObject): boolean {
  if (space.isName()) return ['DeviceRGB', 'DeviceGray'].includes(space.asName());
  return space.isArray() && space.length === 2 && space.get(0).isName() && space.get(0).asName() === 'ICCBased' && [1, 3].includes(space.get(1).get('N').asNumber());
}
