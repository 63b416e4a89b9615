import { setFlagsFromString } from 'node:v8';

/** Letters beyond which patterns are worth optimising. */
const long = 60_000;

/** Reading a wording tries some thousand patterns on each of its sentences, and each process does so once. V8 interprets a pattern the first time and compiles it the second,
 * so that all are built twice; here each is compiled at once, and in a short wording without its optimiser. Measured on wordings of 60, 770, 990 and 150,000 letters: a sixth to two thirds less time.
 * @param letters - how long the wording is */
export function compilePatterns(letters: number): void {
  setFlagsFromString('--no-regexp-tier-up');
  if (letters <= long) setFlagsFromString('--no-regexp-optimization');
}
