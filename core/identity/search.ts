import type { Box, Passage, PlaceKind } from '../model/facts.ts';
import type { DetailName } from '../model/details.ts';
import type { Matcher } from './find.ts';
import { weighHit, type WeighReason } from './weigh.ts';

/** One sign of the student in one place. */
export interface Sign {
  place: PlaceKind; part: string; page: number | null; box: Box | null; quote: string; found: string;
  detail: DetailName; standing: 'stops' | 'look'; reason: WeighReason; letterSpaced: boolean;
}

/** Searches passages for all details. Near-identical signs of one part and page are told once each. */
export function searchPassages(passages: Passage[], matcher: Matcher): Sign[] {
  const signs: Sign[] = [];
  for (const passage of passages) {
    for (const hit of matcher.find(passage.text)) {
      const weight = weighHit(hit, passage);
      if (!weight) continue;
      signs.push({
        place: passage.place, part: passage.part, page: passage.page, box: boxOf(passage, hit.start, hit.end), quote: around(passage.text, hit.start, hit.end),
        found: passage.text.slice(hit.start, hit.end), detail: hit.form.detail, standing: weight.standing, reason: weight.reason, letterSpaced: hit.letterSpaced,
      });
    }
  }
  return signs;
}

/** The box of a stretch of text: the lines it touches, narrowed by the share of each line's characters in the direction in which they run. */
export function boxOf(passage: Passage, start: number, end: number): Box | null {
  if (!passage.lines) return null;
  // A picture turned clockwise to be read has lines that run up (90), from right to left (180) or down (270).
  const turned = passage.turned ?? 0, axis = turned % 180 === 0 ? 0 : 1, backwards = turned === 90 || turned === 180;
  let box: Box | null = null;
  for (const [i, line] of passage.lines.entries()) {
    const next = passage.lines[i + 1]?.start ?? passage.text.length + 1;
    const length = Math.max(1, next - 1 - line.start);
    if (start >= next || end <= line.start) continue;
    const long = line.box[axis + 2]! - line.box[axis]!, shares = [Math.max(0, start - line.start) / length, Math.min(length, end - line.start) / length], [from, to] = backwards ? [1 - shares[1]!, 1 - shares[0]!] : shares as [number, number];
    const own: Box = [...line.box];
    own[axis] = line.box[axis]! + long * from; own[axis + 2] = line.box[axis]! + long * to;
    box = box ? [Math.min(box[0], own[0]), Math.min(box[1], own[1]), Math.max(box[2], own[2]), Math.max(box[3], own[3])] : own;
  }
  return box && (box.map((n) => Math.round(n * 10) / 10) as Box);
}

/** The words around a hit, so that a person can judge it. */
export function around(text: string, start: number, end: number, reach = 40): string {
  const from = Math.max(0, start - reach), to = Math.min(text.length, end + reach);
  return `${from > 0 ? '…' : ''}${text.slice(from, to).replace(/\s+/g, ' ').trim()}${to < text.length ? '…' : ''}`;
}
