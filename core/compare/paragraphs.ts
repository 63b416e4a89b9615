import type { Passage } from '../model/facts.ts';

/** How the lines of fixed pages usually stand; points. */
export interface UsualLines { pitch: number; right: number }

const median = (values: number[], at = 0.5): number => [...values].sort((a, b) => a - b)[Math.floor(values.length * at)] ?? 0;
export function usualLines(passages: Passage[]): UsualLines {
  const lines = passages.flatMap((p) => p.lines ?? []), steps = passages.flatMap((p) => (p.lines ?? []).slice(1).map((l, i) => l.box[3] - p.lines![i]!.box[3])).filter((s) => s > 4);
  return { pitch: median(steps), right: median(lines.map((l) => l.box[2]), 0.9) };
}

/** A passage's lines put together to paragraphs, each on a line of its own; a word broken at a line's end is whole again. Without fixed lines the text as it is. */
export function joinLines(p: Passage, usual: UsualLines): string {
  if (!p.lines) return p.text;
  let text = '';
  p.lines.forEach((line, i) => {
    const next = p.lines![i + 1], body = p.text.slice(line.start, next?.start ?? p.text.length).trimEnd();
    if (!next) { text += body; return; }
    if (p.inTable || endsParagraph(line.box, body, next.box, p.text.slice(next.start, next.start + 4), usual)) { text += `${body}\n`; return; }
    const broken = /\p{L}[-‐\u00ad]$/u.test(body), begins = p.text.slice(next.start, next.start + 2);
    // Before a capital letter the hyphen is the name's own.
    text += broken && /^\p{Ll}/u.test(begins) ? body.slice(0, -1) : broken && /^\p{Lu}/u.test(begins) || !body ? body : `${body} `;
  });
  return text;
}

type Edges = readonly [number, number, number, number];
/** A paragraph ends where more room follows than between lines, where its last line is short, or where the next is moved in or set in another size. */
function endsParagraph(line: Edges, text: string, next: Edges, begins: string, usual: UsualLines): boolean {
  const step = next[3] - line[3], ended = /[.!?:;”"’)\]\d]$/.test(text), opens = /^["“”‘’'«„([]?[\p{Lu}\p{N}]/u.test(begins);
  // On the same level, or at the head of the next column.
  if (step <= 2) return ended && opens && step < -2;
  if (step > Math.max(usual.pitch * 1.45, (line[3] - line[1]) * 1.6) && (ended || opens)) return true;
  if (Math.abs(line[3] - line[1] - (next[3] - next[1])) > (line[3] - line[1]) * 0.18 && opens) return true;
  return ended && opens && (line[2] < usual.right - 60 || next[0] > line[0] + 8 && next[0] < line[0] + 60);
}
