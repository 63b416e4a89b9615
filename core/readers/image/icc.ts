import { latin1, startsWith } from '../../text/bytes.ts';
import { inflate, jpegMarkers, pngChunks } from './segments.ts';

/** What a picture's colour profile calls itself and the device it was made for: on a screen that somebody measured, often after that person.
 * Sources: ICC.1:2010, 7.3 (tag table), 10.13 (multi-localized text) and 9.2.41; ICC.1:2001-04, 6.5.17 (text description). */
export function profileNames(bytes: Uint8Array): string {
  const profile = profileOf(bytes);
  if (!profile || profile.length < 132) return '';
  const view = new DataView(profile.buffer, profile.byteOffset, profile.byteLength), names: string[] = [];
  for (let i = 0, count = Math.min(view.getUint32(128), 100); i < count && 144 + 12 * i <= profile.length; i++) {
    const at = 132 + 12 * i, start = view.getUint32(at + 4), end = Math.min(profile.length, start + view.getUint32(at + 8));
    if (!/^(?:desc|dmdd|dscm)$/.test(latin1(profile, at, at + 4)) || start + 12 > end) continue;
    if (startsWith(profile, [0x64, 0x65, 0x73, 0x63], start)) names.push(latin1(profile, start + 12, Math.min(end, start + 12 + view.getUint32(start + 8))).replace(/\0.*$/s, ''));
    else if (startsWith(profile, [0x6d, 0x6c, 0x75, 0x63], start)) for (let k = 0, each = Math.min(view.getUint32(start + 8), 100); k < each && start + 28 + 12 * k <= end; k++) {
      const length = view.getUint32(start + 20 + 12 * k), from = start + view.getUint32(start + 24 + 12 * k);
      names.push(new TextDecoder('utf-16be').decode(profile.subarray(from, Math.min(profile.length, from + length))));
    }
  }
  return [...new Set(names)].join('\n');
}

/** The profile of a JPEG (in its first piece, where the names lie) or a PNG. Sources: ICC.1:2010, annex B.4; PNG (W3C), 11.3.3.3. */
function profileOf(bytes: Uint8Array): Uint8Array | null {
  if (startsWith(bytes, [0xff, 0xd8])) { const piece = jpegMarkers(bytes).find((m) => m.code === 0xe2 && latin1(bytes, m.start, m.start + 11) === 'ICC_PROFILE'); return piece ? bytes.slice(piece.start + 14, piece.end) : null; }
  if (!startsWith(bytes, [0x89, 0x50, 0x4e, 0x47])) return null;
  const chunk = pngChunks(bytes).find((c) => c.type === 'iCCP');
  return chunk ? inflate(bytes.subarray(bytes.indexOf(0, chunk.start) + 2, chunk.end)).slice() : null;
}
