/** Where a text quotes: between quotation marks of any language, and in blocks that plain text sets apart by signs. */
export interface Stretch { from: number; to: number; /** how far any stretch up to this one goes */ reach: number }

/** Pairs of marks. Straight ones open behind a space or a bracket only, since they also close, and stand for feet, inches and apostrophes. */
const pairs = [
  /[“„‟][^“”„]{3,2800}?[”“]/g, /(?<![\p{L}\d.!?,;…)])«[^«»]{3,2800}?»/gu, /(?<=^|[\s(*_[—–-])["＂][^"＂]{3,2800}?["＂]/g, /[“„][^“”„"]{3,2800}?"(?![\p{L}\d])/gu, /(?<=^|[\s(*_[—–-])"[^"“”„]{3,2800}?[“”]/g, /(?<=^|[\s(])”(?=\S)[^“”]{12,2800}?”(?![\p{L}\d])/gu, /(?<=^|[\s(])»(?=\S)[^«»]{3,2800}?(?<=\S)«(?!\p{L})/gu, /(?<=^|[\s(])›(?=\S)[^‹›]{12,2800}?(?<=\S)‹(?!\p{L})|‹[^‹›]{12,2800}?›/gu, /「[^「」]{3,2800}?」|『[^『』]{3,2800}?』/g,
  /(?<=^|[\s(*_[])‘(?:[^‘’]|’(?=\p{L})|(?<=s)’(?= \p{Ll}[^‘’]{0,400}(?:’\p{Ll}[^‘’]{0,400}){0,6}(?:(?<=[.,!?])’|’\s?[.,;:!?()[\]]))){12,2800}?’(?!\p{L})/gu, /(?<=^|[\s(*_[])'(?=\p{Lu}|\p{L}+ \p{L})(?:[^']|(?<=\p{L})'(?=\p{L})|(?<=s)'(?= \p{Ll}[^']{0,400}(?:(?<=\p{L})'\p{Ll}[^']{0,400}){0,6}(?:(?<=[.,!?])'|'\s?[.,;:!?()[\]]))){12,2800}?(?<=[\p{L}\p{N}.,;!?…)])'(?![\p{L}\p{N}'])/gu, /<<[^<>]{3,2800}?>>|``[^`]{3,2800}?''|''(?=\S)[^']{12,2800}?''|&(?:quot|ldquo|laquo);.{3,2800}?&(?:quot|rdquo|raquo);/g,
];
/** Blocks by the signs of HTML, TeX and mail, which may go over several paragraphs. */
const blocks = [/<(blockquote|q)\b[^>]{0,80}>[^]{3,6000}?<\/\1>/gi, /\\begin\{(quote|quotation|displayquote|verse)\}[^]{3,6000}?\\end\{\1\}/g, /(?:^|\n)[ \t]*>[^\n]*(?:\n[ \t]*>[^\n]*)*/g];
const opening = /^[\s*_]*([“„«])/, marks = /[“”„«»]/g;

/** Stretches that a text quotes, in the order of their starts, none between marks longer than 400 words. A quotation of several paragraphs opens each of them with a mark, or the first alone, and closes the last. */
export function quotedStretches(text: string): Stretch[] {
  const found: [number, number][] = blocks.flatMap((block) => Array.from(text.matchAll(block), (m): [number, number] => [m.index, m.index + m[0].length]));
  let at = 0, open: { from: number; to: number } | null = null;
  for (const paragraph of text.split(/\n\s*\n/)) {
    const from = text.indexOf(paragraph, at), inside = [...paragraph.matchAll(marks)];
    at = from + paragraph.length;
    for (const pair of pairs) for (const m of paragraph.matchAll(pair)) found.push([from + m.index, from + m.index + m[0].length]);
    if (open && from - open.from > 6000) open = null;
    const first = inside[0]?.[0], opens = opening.test(paragraph);
    if (open && (opens || first === '”' || first === '»')) {
      const ends = inside.find((m) => m[0] === '”' || m[0] === '»');
      found.push([open.from, open.to]);
      if (ends) { found.push([from, from + ends.index + 1]); open = null; } else open = { from, to: at };
    } else if (inside.length % 2 === 1 && /[“„«]/.test(inside.at(-1)![0])) open = { from: from + inside.at(-1)!.index, to: at };
    else if (inside.length > 0) open = null;
  }
  let reach = 0;
  return found.sort((a, b) => a[0] - b[0]).map(([from, to]) => ({ from, to, reach: reach = Math.max(reach, to) }));
}
