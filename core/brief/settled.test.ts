import { readFileSync } from 'node:fs';
import { expect, test } from '@jest/globals';
import { readBrief } from './read.ts';

/** Assignment texts as departments write them, made up, with all that they settle; what is not named stays open. Dates without a year are read on 10 February 2027. */
const settledTexts = JSON.parse(readFileSync(new URL('../testing/settled-briefs.json', import.meta.url), 'utf8')) as { text: string[]; says: Record<string, unknown> }[];

/** What a brief settles, by the path of each field. */
function settledBy(value: unknown, path = '', out: Record<string, unknown> = {}): Record<string, unknown> {
  if (value === null || value === undefined || (Array.isArray(value) && value.length === 0)) return out;
  if (typeof value === 'object' && !Array.isArray(value)) for (const [key, inner] of Object.entries(value)) settledBy(inner, path ? `${path}.${key}` : key, out);
  else out[path] = value;
  return out;
}
test.each(settledTexts.map(({ text, says }) => [text.join(' ').slice(0, 60).replace(/\s+/g, ' '), text.join('\n'), says] as const))('%s…', (_, text, says) => {
  const { evidence, ...brief } = readBrief(text, '2027-02-10T10:00:00Z').brief;
  expect(settledBy(brief)).toEqual(says);
  for (const e of evidence) expect(text.slice(e.start, e.end)).toBe(e.quote);
});
