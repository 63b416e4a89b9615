import { orientationOf } from '../../mends/clean/picture.ts';
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
