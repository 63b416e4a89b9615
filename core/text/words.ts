/** Words as a word processor counts them: runs between white space that hold a letter or a digit. A hyphenated compound is one.
 * Common practice, no published source; it is what markers see at the foot of the window. */
export function countWords(text: string): number {
  let count = 0;
  for (const token of text.match(/\S+/g) ?? []) if (/[\p{L}\p{N}]/u.test(token)) count++;
  return count;
}

let segmenter: Intl.Segmenter | null = null;
/** Words by the default rules of UAX #29 (Unicode text segmentation), in reading order. */
export function splitWords(text: string): string[] {
  segmenter ??= new Intl.Segmenter('en', { granularity: 'word' });
  const words: string[] = [];
  // Segmenting is quadratic in very long strings, so it goes paragraph by paragraph.
  for (const line of text.split(/\n+/).flatMap(inPieces)) for (const s of segmenter.segment(line)) if (s.isWordLike) words.push(s.segment);
  return words;
}

/** A long line in pieces of some thousand characters, cut at white space. */
const inPieces = (line: string): string[] => (line.length < 3000 ? [line] : line.match(/[\s\S]{1,2000}(?=\s|$)|[\s\S]{1,4000}/g) ?? [line]);
