import { askedForName, labelAlone, labelStopped, labelUnsigned, numberedItem, plainer, quotedQuestion, smallNames, type Rewrite } from './wordings/alike.ts';
import { labelNames } from './wordings/label-names.ts';
import { spokenNumbers } from './wordings/spoken-numbers.ts';
import { elsewhereIn } from './wordings/elsewhere/index.ts';
import { narrowedTo } from '../text/narrowed.ts';
import { isQuotedWhole, quotationMark } from '../text/passed-on.ts';
import { brokenWords, quotesNobody, runningOn } from '../text/wrapped-lines.ts';
import { eachIn, says } from '../text/patterns.ts';

/** A wording as it is read, with where each of its letters stands in the original. */
export interface Wording { text: string; /** where a letter stands in the original */ at: (offset: number) => number }

interface Placed { text: string; places: number[] | null }

/** Brings a wording into the shape that it is read in: lines that a mail program or a page broke run on, marks of emphasis, spaces that do not break and letters that are not seen are gone.
 * @returns the wording, with the places of its letters in the original (in UTF-16 units) */
export function readable(original: string): Wording {
  let wording: Placed = { text: original, places: null };
  // A mail that is passed on in whole: what begins a line begins it behind the mark.
  if (isQuotedWhole(wording.text)) wording = replaced(wording, quotationMark, () => '');
  for (const [pattern, by] of [...plainer, ...labelNames, ...smallNames, ...spokenNumbers]) wording = replaced(wording, pattern, by);
  // What reads as something else is longer or shorter: which lines were broken is told before.
  wording = unwrapped(wording);
  for (const [pattern, by] of elsewhereIn(wording.text)) wording = replaced(wording, pattern, by);
  const indent = indentOfAll(wording.text);
  if (indent > 1) wording = replaced(wording, /^[ \t]{2,}(?=\S)/gm, (lead) => lead.slice(indent));
  // A word processor's second mark before items is a round letter.
  if ((wording.text.match(/^[ \t]*o[ \t]+\S/gm)?.length ?? 0) >= 2) wording = replaced(wording, /(?<=^[ \t]*)o(?=[ \t]+\S)/gm, () => '-');
  // “Q. … A. …” are questions and answers.
  if (/^[ \t]*Q\.[ \t]/m.test(wording.text) && /^[ \t]*A\.[ \t]/m.test(wording.text)) wording = replaced(wording, /(?<=^[ \t]*[QA])\.(?=[ \t])/gm, () => ':');
  wording = replaced(wording, askedForName, () => 'File name: ');
  wording = labelsBesideValues(wording);
  // ““Is it due at noon?” Yes.”: questions in quotation marks, each with its answer.
  if ((wording.text.match(quotedQuestion)?.length ?? 0) >= 2) wording = replaced(wording, quotedQuestion, (question) => `${question.slice(1, -1)}`);
  // “1.1 PDF / 1.2 A4”: sections without titles are items.
  if (areSections(wording.text.match(numberedItem) ?? [])) wording = replaced(wording, numberedItem, () => '- ');
  if ((wording.text.match(labelUnsigned)?.length ?? 0) >= 4) wording = replaced(wording, labelUnsigned, () => ': ');
  if ((wording.text.match(labelStopped)?.length ?? 0) >= 3) wording = replaced(wording, labelStopped, () => ':');
  // Boxes of which none is ticked are marks before items.
  if (!/[☑☒✓✔]|\[[xX]\]/.test(wording.text)) wording = replaced(wording, /(?<=^[ \t]*)(?:[☐□❏]|\[[ _]\])(?=[ \t]+\S)/gm, () => '-');
  const { text, places } = wording;
  return { text, at: (offset) => places?.[offset] ?? (offset < text.length ? offset : original.length) };
}

/** Puts what reads as the same in the place of each match. */
function replaced({ text, places }: Placed, pattern: RegExp, by: Rewrite[1]): Placed {
  const narrowed = narrowedTo(text, pattern);
  if (!narrowed) return { text, places };
  const kept: string[] = [], from: number[] = [];
  let at = 0;
  const take = (to: number): void => { kept.push(text.slice(at, to)); for (; at < to; at++) from.push(places?.[at] ?? at); };
  for (const m of eachIn(text, narrowed)) {
    const other = by(m[0], m.slice(1));
    if (other === m[0]) continue;
    take(m.index);
    kept.push(other);
    // A figure that both have stands where it stood.
    const figure = /\d+/.exec(other), stood = figure ? new RegExp(`(?<!\\d)${figure[0]}(?!\\d)`).exec(m[0])?.index ?? null : null, last = m[0].length - 1;
    const placeOf = (i: number): number => (i === other.length - 1 ? last : figure && stood !== null ? (i < figure.index ? Math.min(i, Math.max(0, stood - 1)) : Math.min(stood + i - figure.index, last)) : Math.min(i, last));
    for (let i = 0; i < other.length; i++) { const of = m.index + placeOf(i); from.push(places?.[of] ?? of); }
    at = m.index + m[0].length;
  }
  if (kept.length === 0) return { text, places };
  take(text.length);
  return { text: kept.join(''), places: from };
}

/** “1.1, 1.2, 2.1”: each goes on from the one before. “12.03, 19.03, 26.03” are days, and “2.5” is a measure. */
const areSections = (marks: readonly string[]): boolean => marks.length >= 4 && marks.every((mark, i) => {
  const [section, item] = mark.trim().split('.').map(Number) as [number, number], [before, last] = (marks[i - 1] ?? `${section}.${item - 1}`).trim().split('.').map(Number) as [number, number];
  return section === before ? item > last : section > before && item === 1;
});

/** How far all lines are set in. */
function indentOfAll(text: string): number {
  let least = Infinity;
  for (const line of text.split('\n')) if (line.trim()) least = Math.min(least, line.length - line.trimStart().length);
  return Number.isFinite(least) ? least : 0;
}

/** A page of settings, copied: each name on a line, and what it says on the next. Three and more make one. */
function labelsBesideValues(wording: Placed): Placed {
  const lines = wording.text.split('\n'), isLabel = (line: string | undefined): boolean => line !== undefined && line.length < 45 && says(line, labelAlone), ends = (line: string | undefined): boolean => line === undefined || !line.trim() || isLabel(line);
  /** what is no setting, and yet a name: “Weighting”, “Learning outcomes: 1, 2” */
  const otherName = (line: string | undefined): boolean => says(line ?? '', /^[ \t]*\p{Lu}(?:[\p{L}\p{M} /&'’-]{1,38}$|[^:\n]{1,40}: )/u);
  /** “By when”, over “Comments: 12 April” and “Final version: 10 May”: a heading over a list */
  const named = (line: string | undefined): boolean => /^[ \t]*\p{Lu}[^:\n]{1,40}: \S/u.test(line ?? '');
  const labels = new Set(lines.flatMap((line, i) => (isLabel(line) && !ends(lines[i + 1]) && !(named(lines[i + 1]) && named(lines[i + 2])) && (ends(lines[i + 2]) || otherName(lines[i + 2])) ? [i] : [])));
  const headings = lines.filter((line, i) => isLabel(line) && named(lines[i + 1]) && named(lines[i + 2])).length;
  let at = -1;
  return labels.size === 0 || labels.size + headings < 3 ? wording : replaced(wording, /\n/g, (end) => { at++; return labels.has(at) ? ': ' : end; });
}

/** Lines that were broken for want of room run on. */
function unwrapped(wording: Placed): Placed {
  const lines = wording.text.split('\n');
  if (lines.length < 2) return wording;
  const runs = runningOn(lines);
  if (!runs.includes(true)) return wording;
  const broken = brokenWords(wording.text), ends = lines.map((line, i) => { const head = runs[i] ? /(\p{Ll}+)[-\u2010]$/u.exec(line.slice(-40)) : null, tail = head ? /^(?:>[ \t]?)*[ \t]*(\p{Ll}+)/u.exec(lines[i + 1]!) : null; return head && tail ? (broken(head[1]!, tail[1]!) ? '' : '-') : null; });
  let line = -1;
  return replaced(wording, /[-\u2010]?\n(?:>[ \t]?)*[ \t]*/g, (found) => {
    line++;
    return runs[line] ? ends[line] ?? (quotesNobody(lines[line], lines[line + 1]!) ? ' > ' : found.startsWith('\n') ? ' ' : `${found[0]!} `) : found;
  });
}
