import { startsWith } from '../text/bytes.ts';

/** A picture as a data address the engine can read; null for kinds it cannot (EMF, WMF, SVG). */
export function pictureSource(bytes: Uint8Array): string | null {
  const type = startsWith(bytes, [0x89, 0x50]) ? 'png' : startsWith(bytes, [0xff, 0xd8]) ? 'jpeg' : startsWith(bytes, [0x47, 0x49, 0x46]) ? 'gif' : startsWith(bytes, [0x42, 0x4d]) ? 'bmp' : startsWith(bytes, [0x49, 0x49, 0x2a]) || startsWith(bytes, [0x4d, 0x4d, 0]) ? 'tiff' : null;
  if (!type) return null;
  let binary = '';
  for (let at = 0; at < bytes.length; at += 8190) binary += String.fromCharCode.apply(null, bytes.subarray(at, at + 8190) as unknown as number[]);
  return `data:image/${type};base64,${btoa(binary)}`;
}
