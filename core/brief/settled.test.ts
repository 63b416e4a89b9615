import { expect, test } from '@jest/globals';
import { settledTexts } from '../testing/briefs/settled.ts';
import { readBrief } from './read.ts';

/** What a brief settles, by the path of each field. */
function settledBy(value: unknown, path = '', out: Record<string, unknown> = {}): Record<string, unknown> {
  if (value === null || value === undefined || (Array.isArray(value) && value.length === 0)) return out;
  if (typeof value === 'object' && !Array.isArray(value)) for (const [key, inner] of Object.entries(value)) settledBy(inner, path ? `${path}.${key}` : key, out);
  else out[path] = value;
  return out;
}
test.each(settledTexts.map(({ text, says }) => [text.slice(0, 60).replace(/\s+/g, ' '), text, says] as const))('%s…', (_, text, says) => {
  const { evidence, ...brief } = readBrief(text, '2027-02-10T10:00:00Z').brief;
  expect(settledBy(brief)).toEqual(says);
  for (const e of evidence) expect(text.slice(e.start, e.end)).toBe(e.quote);
});
