import type { DocumentFacts } from '../model/facts.ts';
import { splitWords } from '../text/words.ts';
import type { PageDescription } from './page-description.ts';
import { emptySkeleton, type Skeleton } from './skeleton.ts';

export interface ConversionProof {
  wordsBefore: number; wordsAfter: number; missing: string[]; added: string[];
  images: Pair; tables: Pair; equations: Pair; footnotes: Pair; links: Pair; headings: Pair; listNumbers: Pair;
  /** passages that stand in another order than in the source, by their first words */ moved: string[];
}
interface Pair { before: number; after: number }

const mainText = (facts: DocumentFacts, heads: boolean): string => (facts.passages.ok ? facts.passages.value.filter((p) => ['text', 'footnote', 'textbox', ...(heads ? ['runningHead'] : [])].includes(p.place)).map((p) => p.text).join('\n') : '');

/** Compares the words of the source with those of the result: each occurrence that is missing or added is listed. Words by UAX #29.
 * A word broken at a line's end counts as whole; labels and marks that the conversion itself writes are not additions.
 * Running lines count once, however many pages repeat them. @param lostAtEdge - words of running lines that the result lacks */
export function proveConversion(source: DocumentFacts[], result: DocumentFacts, page: Pick<PageDescription, 'generated' | 'counts'> & { labelsAreNumbering?: boolean }, skeletons: { before: Skeleton; after: Skeleton } = { before: emptySkeleton(), after: emptySkeleton() }, lostAtEdge: string[] = []): ConversionProof {
  const before = splitWords(source.map((s) => (s.file.kind === 'pdf' ? unbroken(mainText(s, false).normalize('NFKC')) : mainText(s, false).normalize('NFKC').replace(/[\u00ad\u200b]/g, ''))).join('\n'));
  const after = splitWords(unbroken(mainText(result, false).normalize('NFKC')));
  const counts = new Map<string, number>();
  for (const w of before) counts.set(w, (counts.get(w) ?? 0) + 1);
  const extra: string[] = [];
  for (const w of after) { const n = counts.get(w) ?? 0; if (n > 0) counts.set(w, n - 1); else extra.push(w); }
  let missing = [...counts].flatMap(([w, n]) => Array.from({ length: n }, () => w));
  // Text at a page's very top may be taken for a running line there. What the source has as running lines answers for no text.
  const heads = new Set(splitWords(headWords(source).join('\n').normalize('NFKC'))), atEdge = splitWords(linesAtEdge(result).filter((l) => splitWords(l).some((w) => !heads.has(w))).join('\n').normalize('NFKC'));
  missing = missing.filter((w) => { const at = atEdge.indexOf(w); if (at >= 0) atEdge.splice(at, 1); return at < 0; });
  const allowed = new Map<string, number>();
  for (const w of splitWords([...page.generated, ...headWords(source)].join('\n'))) allowed.set(w, (allowed.get(w) ?? 0) + 1);
  let added = extra.filter((w) => { const n = allowed.get(w) ?? 0; if (n > 0) { allowed.set(w, n - 1); return false; } return true; });
  // A long word that was broken between lines shows as one missing and two added: joined again it is neither.
  for (let i = 0; i + 1 < added.length; i++) {
    const joined = missing.findIndex((m) => m === added[i]! + added[i + 1]! || m.replace(/[-‐]/g, '') === added[i]! + added[i + 1]!);
    if (joined >= 0) { missing = missing.filter((_, k) => k !== joined); added = added.filter((_, k) => k !== i && k !== i + 1); i--; }
  }
  // Words that a format shows in capitals are stored as they were typed.
  for (const w of [...missing]) { const at = added.indexOf(w.toUpperCase()); if (at >= 0 && w !== w.toUpperCase()) { added.splice(at, 1); missing.splice(missing.indexOf(w), 1); } }
  // A hyphen that happens to stand at a line's end belongs to its compound: both halves are there.
  added = added.filter((w) => {
    for (let i = 2; i <= w.length - 2; i++) {
      const [a, b] = [missing.indexOf(w.slice(0, i)), missing.indexOf(w.slice(i))];
      if (a >= 0 && b >= 0 && a !== b) { missing = missing.filter((_, k) => k !== a && k !== b); return false; }
    }
    return true;
  });
  // A label that became real numbering is no longer typed text.
  if (page.labelsAreNumbering) for (const w of splitWords(page.generated.join('\n'))) { const at = missing.indexOf(w); if (at >= 0) missing.splice(at, 1); }
  // A note's mark clings to the word before it, or stands between two that the source runs together.
  const marks = new Set(page.generated);
  added = added.filter((w) => {
    // After a number the mark runs on with its figures: what is before it is a word of the text, or a mark that stands elsewhere.
    for (let i = 1; /^\d+$/.test(w) && i < w.length; i++) {
      const [number, mark] = [w.slice(0, i), w.slice(i)], at = missing.indexOf(number), free = allowed.get(number) ?? 0;
      if (!marks.has(mark) || (at < 0 && free === 0)) continue;
      if (at >= 0) missing.splice(at, 1); else allowed.set(number, free - 1);
      return false;
    }
    // “Alphaiv”: a mark in letters.
    for (let i = 1; i < w.length; i++) { const at = marks.has(w.slice(i)) && /^\p{L}+$/u.test(w.slice(i)) ? missing.indexOf(w.slice(0, i)) : -1; if (at >= 0) { missing.splice(at, 1); return false; } }
    const m = /^(\D*?)(\d{1,3})(\D*)$/.exec(w);
    if (!m || !marks.has(m[2]!)) return true;
    const wanted = m[1] && m[3] && missing.includes(m[1] + m[3]) ? [m[1] + m[3]] : [m[1]!, m[3]!].filter(Boolean);
    if (wanted.length === 0 || !wanted.every((x) => missing.includes(x))) return true;
    for (const x of wanted) missing.splice(missing.indexOf(x), 1);
    return false;
  });
  const sum = (k: keyof PageDescription['counts']): number => source.reduce((n, s) => n + (s.structure?.[k] ?? 0), 0);
  const pair = (k: keyof PageDescription['counts']): Pair => ({ before: sum(k), after: page.counts[k] });
  const of = (count: (s: Skeleton) => number): Pair => ({ before: count(skeletons.before), after: count(skeletons.after) });
  return {
    wordsBefore: before.length, wordsAfter: after.length, missing: [...missing, ...lostAtEdge], added, images: pair('images'), tables: pair('tables'), equations: pair('equations'), footnotes: pair('footnotes'),
    links: of((s) => s.links.size), headings: of((s) => s.headings.length), listNumbers: of((s) => s.numbered), moved: movedPassages(source.some(hasNotes) ? splitWords(source.map(bodyText).join('\n')) : before, after),
  };
}
const hasNotes = (facts: DocumentFacts): boolean => facts.passages.ok && facts.passages.value.some((p) => p.place === 'footnote' || p.place === 'textbox');
/** The text alone: notes and boxes have their place by the page. */
const bodyText = (facts: DocumentFacts): string => (facts.passages.ok ? unbroken(facts.passages.value.filter((p) => p.place === 'text').map((p) => p.text).join('\n').normalize('NFKC')) : '');

/** Where the order of words changed: sequences of four words that stand once in each text tell places; those outside the longest run that keeps their order were moved. Words beside each other make one passage; one of fewer than `leastWords` is a matter of how lines were read, and not told. */
export function movedPassages(before: string[], after: string[]): string[] {
  const width = 4, leastWords = 8, places = (words: string[]): Map<string, number> => {
    const at = new Map<string, number>();
    for (let i = 0; i + width <= words.length; i++) { const key = words.slice(i, i + width).join(' '); at.set(key, at.has(key) ? -1 : i); }
    return at;
  };
  const there = places(after), anchors: { from: number; to: number }[] = [];
  for (const [key, from] of places(before)) { const to = there.get(key) ?? -1; if (from >= 0 && to >= 0) anchors.push({ from, to }); }
  const kept = longestRising(anchors.map((a) => a.to)), moved: { from: number; end: number }[] = [];
  anchors.forEach(({ from }, i) => {
    if (kept.has(i)) return;
    const last = moved[moved.length - 1];
    if (last && from <= last.end) last.end = from + width; else moved.push({ from, end: from + width });
  });
  return moved.filter((m) => m.end - m.from >= leastWords).map((m) => before.slice(m.from, Math.min(m.end, m.from + 10)).join(' '));
}
/** Positions of a longest rising subsequence (patience sorting). */
function longestRising(values: number[]): Set<number> {
  const tails: number[] = [], previous: number[] = [];
  values.forEach((value, i) => {
    let low = 0, high = tails.length;
    while (low < high) { const middle = (low + high) >> 1; if (values[tails[middle]!]! < value) low = middle + 1; else high = middle; }
    previous[i] = low > 0 ? tails[low - 1]! : -1;
    tails[low] = i;
  });
  const kept = new Set<number>();
  for (let i = tails[tails.length - 1] ?? -1; i >= 0; i = previous[i]!) kept.add(i);
  return kept;
}
/** Words that lines break with a hyphen made whole: in laid-out text, of the source as of the result. */
const unbroken = (text: string): string => text.replace(/[\u00ad\u200b]/g, '').replace(/([\p{L}])[-‐]\n(?=\p{Ll})/gu, '$1').replace(/\n/g, ' ');
const linesAtEdge = (facts: DocumentFacts): string[] => (facts.passages.ok ? facts.passages.value.filter((p) => p.place === 'runningHead').flatMap((p) => p.text.split('\n')) : []);
const headWords = (source: DocumentFacts[]): string[] => source.flatMap((s) => (s.passages.ok ? s.passages.value.filter((p) => p.place === 'runningHead').map((p) => p.text) : []));
