import { narrowedTo } from './narrowed.ts';

/** Whether a pattern matches in a text, as `test` does, with nothing compiled that cannot match in it. */
export function says(text: string, pattern: RegExp): boolean {
  if (pattern.global || pattern.sticky) return pattern.test(text);
  const narrowed = narrowedTo(text, pattern);
  return narrowed !== undefined && narrowed.test(text);
}

/** The first match of a pattern in a text, as `exec` finds it. */
export function firstIn(text: string, pattern: RegExp): RegExpExecArray | null {
  if (pattern.global || pattern.sticky) return pattern.exec(text);
  const narrowed = narrowedTo(text, pattern);
  return narrowed === undefined ? null : narrowed.exec(text);
}

/** All matches of a pattern that looks for all of them. */
export function eachIn(text: string, pattern: RegExp): Iterable<RegExpExecArray> {
  const narrowed = narrowedTo(text, pattern);
  return narrowed === undefined ? [] : text.matchAll(narrowed);
}

/** What is put for a match: words, in which `$1` stands for the first group, or what a function makes of the match and its groups. */
export type Other = string | ((match: string, ...groups: never[]) => string);
/** A text with other words for each match, one pattern after the other. */
export function rewritten(text: string, ...rewrites: readonly (readonly [RegExp, Other])[]): string {
  for (const [pattern, by] of rewrites) {
    const narrowed = narrowedTo(text, pattern);
    if (narrowed !== undefined) text = text.replace(narrowed, by as string);
  }
  return text;
}
