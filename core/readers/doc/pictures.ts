/** A picture that stands in the text like a letter. Size in points. */
export interface DocPicture { bytes: Uint8Array; width: number; height: number }

/** The PNG or JPEG behind a picture's place in the data stream; null for drawings of other kinds. Source: [MS-DOC] 2.9.190 (PICF, its sizes in twips and thousandths), [MS-ODRAW] 2.2.23 (blips); places from memory. */
export function pictureAt(data: Uint8Array | null, place: number): DocPicture | null {
  if (!data || place + 68 > data.length) return null;
  const view = new DataView(data.buffer, data.byteOffset, data.byteLength), end = Math.min(data.length, place + view.getUint32(place, true)), part = data.subarray(place, end);
  const size = (at: number): number => (view.getInt16(place + at, true) / 20) * ((view.getUint16(place + at + 4, true) || 1000) / 1000);
  const png = indexOf(part, [0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a]), jpeg = indexOf(part, [0xff, 0xd8, 0xff]);
  if (png >= 0) { const last = indexOf(part, [0x49, 0x45, 0x4e, 0x44], png); return last < 0 ? null : { bytes: part.slice(png, last + 8), width: size(0x1c), height: size(0x1e) }; }
  if (jpeg < 0) return null;
  let last = part.length - 2;
  while (last > jpeg && !(part[last] === 0xff && part[last + 1] === 0xd9)) last--;
  return last === jpeg ? null : { bytes: part.slice(jpeg, last + 2), width: size(0x1c), height: size(0x1e) };
}
function indexOf(bytes: Uint8Array, wanted: number[], from = 0): number {
  for (let at = bytes.indexOf(wanted[0]!, from); at >= 0; at = bytes.indexOf(wanted[0]!, at + 1)) if (wanted.every((b, i) => bytes[at + i] === b)) return at;
  return -1;
}
