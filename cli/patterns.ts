import { setFlagsFromString } from 'node:v8';

/** Letters beyond which patterns are worth their machine code again. */
const long = 60_000;

/** Reading a wording tries some thousand patterns on a few sentences each, and each process does so once. V8 compiles a pattern to machine code when it is
 * used again, which takes longer than all the matching: here one is interpreted until it was used fifty times. A third of the time for a usual wording.
 * @param letters - how long the wording is */
export function interpretPatterns(letters: number): void {
  if (letters > long) return;
  setFlagsFromString('--regexp-tier-up-ticks=50');
  setFlagsFromString('--no-regexp-optimization');
}
