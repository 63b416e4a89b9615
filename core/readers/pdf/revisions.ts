import { finderOf, latin1, startsWith } from '../../text/bytes.ts';
import { plainParts } from './plain-parts.ts';

const endMark = [0x25, 0x25, 0x45, 0x4f, 0x46];

/** What a per cent sign begins, by one look through the file outside its packed streams: %%EOF (ISO 32000-1, 7.5.5), and comments at the start of a line (7.2.3).
 * Streams that are not packed have such signs as well; whoever asks looks at what follows. */
export function percentSigns(bytes: Uint8Array): { ends: number[]; comments: number[] } {
  const known = looked.get(bytes);
  if (known) return known;
  const found: { ends: number[]; comments: number[] } = { ends: [], comments: [] };
  const next = finderOf(bytes, 0x25);
  for (const [from, to] of plainParts(bytes)) for (let at = next(from); at >= 0 && at < to; at = next(at + 1)) {
    if (at === 0 || bytes[at - 1] === 0x0a || bytes[at - 1] === 0x0d) found.comments.push(at);
    if (bytes[at + 1] === 0x25 && startsWith(bytes, endMark, at)) found.ends.push(at);
  }
  looked.set(bytes, found);
  return found;
}
/** Several rooms ask of the same file. */
const looked = new WeakMap<Uint8Array, { ends: number[]; comments: number[] }>();

/** Lengths of the earlier saved states inside a PDF that was saved incrementally, oldest first.
 * Each update ends with %%EOF (ISO 32000-1, 7.5.6); in a linearised file (annex F) the first such mark is not a state. */
export function earlierStates(bytes: Uint8Array): number[] {
  const ends = percentSigns(bytes).ends.flatMap((at) => {
    let end = at + 5;
    while (end < bytes.length && (bytes[end] === 0x0d || bytes[end] === 0x0a)) end++;
    return /startxref\s+\d+\s*$/.test(latin1(bytes, at - 64, at)) ? [end] : [];
  });
  if (/\/Linearized\s+\d/.test(latin1(bytes, 0, 1024))) ends.shift();
  // What follows the last mark is no further state; a state must be followed by more objects.
  return ends.filter((end) => /\d+\s+\d+\s+obj|\bxref\b/.test(latin1(bytes, end, Math.min(bytes.length, end + 1_000_000)))).slice(-8);
}

/** Where the earlier file itself may have ended: an update begins on a new line, so it cannot be seen which of the line ends were there before. */
export function possibleEnds(bytes: Uint8Array, end: number): number[] {
  const ends = [end];
  while (ends.length < 4 && (bytes[ends.at(-1)! - 1] === 0x0a || bytes[ends.at(-1)! - 1] === 0x0d)) ends.push(ends.at(-1)! - 1);
  return ends;
}
