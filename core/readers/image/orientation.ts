import { startsWith } from '../../text/bytes.ts';
import { metadataSegments } from './segments.ts';

/** The orientation flag of a picture, 1 to 8; 1 where there is none. Source: Exif 2.3, 4.6.4. */
export function orientationIn(bytes: Uint8Array): number {
  if (startsWith(bytes, [0x49, 0x49, 0x2a, 0]) || startsWith(bytes, [0x4d, 0x4d, 0, 0x2a])) return orientationOf(bytes);
  const exif = metadataSegments(bytes).find((s) => s.sort === 'EXIF');
  if (!exif) return 1;
  const from = startsWith(bytes.subarray(exif.start), [0x45, 0x78, 0x69, 0x66, 0, 0]) ? exif.start + 6 : exif.start, value = orientationOf(bytes.subarray(from, exif.end));
  return value >= 1 && value <= 8 ? value : 1;
}

/** Tag 0x0112 of the first directory (Exif 2.3, 4.6.4); 1 when absent. @param tiff - from the byte order mark on */
export function orientationOf(tiff: Uint8Array): number {
  if (tiff.length < 14) return 1;
  const view = new DataView(tiff.buffer, tiff.byteOffset, tiff.byteLength), little = tiff[0] === 0x49;
  const ifd = view.getUint32(4, little);
  if (ifd + 2 > tiff.length) return 1;
  const count = view.getUint16(ifd, little);
  for (let i = 0; i < count && ifd + 2 + 12 * i + 12 <= tiff.length; i++) if (view.getUint16(ifd + 2 + 12 * i, little) === 0x0112) return view.getUint16(ifd + 2 + 12 * i + 8, little);
  return 1;
}
