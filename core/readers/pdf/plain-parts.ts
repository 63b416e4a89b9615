import { finderOfWord, latin1 } from '../../text/bytes.ts';

/** Streams shorter than this are not worth passing over. */
const worthwhile = 1024;
/** How far before a stream its dictionary is looked for. */
const dictionary = 2048;

/** What lies outside the packed streams of a PDF, as places in its bytes, in order. Comments, marks of the end and the heads of objects stand there only;
 * in a packed picture the same signs come up by chance, and most of a large file is pictures. Source: ISO 32000-1, 7.3.8 (streams), 7.2.3 (comments).
 * A stream whose length does not lead to its end, and one that is not packed, is not passed over. */
export function plainParts(bytes: Uint8Array): readonly (readonly [from: number, to: number])[] {
  const before = known.get(bytes);
  if (before) return before;
  const parts: (readonly [number, number])[] = [], nextStream = finderOfWord(bytes, 'stream'), nextEnd = finderOfWord(bytes, 'endstream');
  let from = 0;
  for (let at = nextStream(0); at >= 0; at = nextStream(at + 1)) {
    const data = dataAfter(bytes, at), head = data < 0 ? '' : latin1(bytes, Math.max(from, at - dictionary), at).replace(/^[^]*\bobj\b/, '');
    if (!/\/Filter\b/.test(head)) continue;
    const stated = /\/Length\s+(\d+)\s*(?=[/>])/.exec(head)?.[1], end = stated === undefined ? nextEnd(data) : data + Number(stated);
    if (end - data < worthwhile || !/^\s{0,2}endstream/.test(latin1(bytes, end, end + 12))) continue;
    parts.push([from, data]);
    at = from = end;
  }
  parts.push([from, bytes.length]);
  known.set(bytes, parts);
  return parts;
}
/** Several rooms ask of the same file. */
const known = new WeakMap<Uint8Array, readonly (readonly [number, number])[]>();

/** Where the data of a stream begin: behind the word and the end of its line; -1 where the word is none of a stream. */
function dataAfter(bytes: Uint8Array, at: number): number {
  const end = at + 'stream'.length;
  // The word ends in `endstream` as well.
  if (bytes[at - 1] === 0x64) return -1;
  return bytes[end] === 0x0a ? end + 1 : bytes[end] === 0x0d && bytes[end + 1] === 0x0a ? end + 2 : -1;
}
