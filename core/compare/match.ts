import type { Word } from './words.ts';

/** A run that paper and source share, in word offsets (end exclusive). `words` counts the words that are the same; `pieces` are the stretches without a change. */
export interface Run { source: number; paperStart: number; paperEnd: number; sourceStart: number; sourceEnd: number; words: number; pieces: Piece[] }
interface Piece { paper: number; source: number; words: number }
/** A run with those of other sources that share the very same words. */
export interface SharedRun extends Run { others: Run[] }

/** Words that must agree in a row for a seed; a shorter one is chance. */
const seed = 5;
/** Changed words that a run may bridge: a synonym here and there does not make a passage one's own. */
const bridge = 2;

/** All runs of at least `least` shared words, longest first where they overlap; each stretch of the paper belongs to one source. */
export function matchWords(paper: Word[], sources: Word[][], least: number): SharedRun[] {
  const runs: Run[] = [];
  sources.forEach((words, source) => {
    const index = indexOf(words);
    const covered = new Map<number, number>();
    for (let p = 0; p + seed <= paper.length; p++) {
      for (const s of index.get(keyAt(paper, p)) ?? []) {
        // Seeds on a diagonal that a run already covers belong to it.
        if ((covered.get(s - p) ?? -1) > p) continue;
        const run = extend(paper, words, p, s, source);
        covered.set(s - p, run.paperEnd);
        covered.set(run.sourceEnd - run.paperEnd, run.paperEnd);
        if (run.words >= least) runs.push(run);
      }
    }
  });
  runs.sort((a, b) => b.words - a.words || a.paperStart - b.paperStart);
  const taken = new Int32Array(paper.length), kept: SharedRun[] = [];
  for (const run of runs) {
    let free = 0;
    for (let i = run.paperStart; i < run.paperEnd; i++) if (!taken[i]) free++;
    const same = free === 0 ? kept[taken[run.paperStart]! - 1] : undefined;
    if (same && same.source !== run.source && same.words === run.words && same.paperStart === run.paperStart && same.paperEnd === run.paperEnd) same.others.push(run);
    // What a longer run explains for the most part is not told again.
    if (free < least || free < (run.paperEnd - run.paperStart) * 0.5) continue;
    const own = free === run.paperEnd - run.paperStart ? run : cutTo(run, (i) => taken[i] === 0);
    if (own.words < least) continue;
    kept.push({ ...own, others: [] });
    taken.fill(kept.length, own.paperStart, own.paperEnd);
  }
  return kept.sort((a, b) => a.paperStart - b.paperStart);
}

/** A run in parts where it passes from words that are quoted to words that are not, or back: each part says truly whether it is quoted. A part of fewer than `least`
 * words stays with what stands before it. */
export function partAtQuotations(run: SharedRun, paper: Word[], least: number): SharedRun[] {
  const parts: { from: number; to: number; quoted: boolean }[] = [];
  for (let at = run.paperStart; at < run.paperEnd; at++) { const last = parts.at(-1), quoted = paper[at]!.quoted; if (last?.quoted === quoted) last.to = at + 1; else parts.push({ from: at, to: at + 1, quoted }); }
  const long = parts.filter((p) => wordsWithin(run, p.from, p.to) >= least), whole: typeof parts = [];
  for (const p of long) { const last = whole.at(-1); if (last?.quoted === p.quoted) last.to = p.to; else { if (last) last.to = p.from; whole.push({ ...p }); } }
  if (whole.length < 2) return [run];
  whole[0]!.from = run.paperStart;
  whole.at(-1)!.to = run.paperEnd;
  return whole.map(({ from, to }) => { const within = (word: number): boolean => word >= from && word < to; return { ...cutTo(run, within), others: run.others.map((o) => cutTo(o, within)) }; });
}
const wordsWithin = (run: Run, from: number, to: number): number => run.pieces.reduce((n, p) => n + Math.max(0, Math.min(to, p.paper + p.words) - Math.max(from, p.paper)), 0);

/** A run without the ends that others have taken: each word of the paper belongs to one run. */
function cutTo(run: Run, isFree: (word: number) => boolean): Run {
  const pieces = run.pieces.flatMap((piece): Piece[] => {
    let [from, to] = [0, piece.words];
    while (from < to && !isFree(piece.paper + from)) from++;
    while (to > from && !isFree(piece.paper + to - 1)) to--;
    return to > from ? [{ paper: piece.paper + from, source: piece.source + from, words: to - from }] : [];
  });
  const first = pieces[0] ?? run.pieces[0]!, last = pieces.at(-1) ?? first;
  return { source: run.source, paperStart: first.paper, paperEnd: last.paper + last.words, sourceStart: first.source, sourceEnd: last.source + last.words, words: pieces.reduce((n, p) => n + p.words, 0), pieces };
}

function extend(paper: Word[], words: Word[], p: number, s: number, source: number): Run {
  let [pe, se, same] = [p, s, 0];
  const pieces: Piece[] = [];
  const equal = (i: number, j: number): boolean => paper[i] !== undefined && words[j] !== undefined && paper[i]!.folded === words[j]!.folded;
  for (;;) {
    const from = pe;
    while (equal(pe, se)) { pe++; se++; same++; }
    if (pe > from) pieces.push({ paper: from, source: se - (pe - from), words: pe - from });
    const jump = findBridge(equal, pe, se) ?? (paper[pe]?.abridged ? pastGap(equal, pe, se) : null);
    if (!jump) break;
    [pe, se] = [pe + jump[0], se + jump[1]];
  }
  return { source, paperStart: p, paperEnd: pe, sourceStart: s, sourceEnd: se, words: same, pieces };
}
/** Words left out where dots say so: a quotation that is shortened is one passage. */
const mostLeftOut = 60;
function pastGap(equal: (i: number, j: number) => boolean, p: number, s: number): [number, number] | null {
  for (let left = 1; left <= mostLeftOut; left++) if ([0, 1, 2].every((k) => equal(p + k, s + left + k))) return [0, left];
  return null;
}
/** The smallest change after which at least four words agree again. */
function findBridge(equal: (i: number, j: number) => boolean, p: number, s: number): [number, number] | null {
  for (let sum = 1; sum <= bridge * 2; sum++) for (let dp = Math.max(0, sum - bridge); dp <= Math.min(bridge, sum); dp++) {
    const ds = sum - dp;
    if ([0, 1, 2, 3].every((k) => equal(p + dp + k, s + ds + k))) return [dp, ds];
  }
  return null;
}

const keyAt = (words: Word[], at: number): string => { let key = ''; for (let i = 0; i < seed; i++) key += `${words[at + i]!.folded} `; return key; };
function indexOf(words: Word[]): Map<string, number[]> {
  const index = new Map<string, number[]>();
  for (let at = 0; at + seed <= words.length; at++) { const key = keyAt(words, at); const list = index.get(key); if (!list) index.set(key, [at]); else if (list.length < 40) list.push(at); }
  return index;
}
