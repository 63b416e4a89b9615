import { expect } from '@jest/globals';
import { readBrief } from '../brief/read.ts';

/** What a brief settles, by the path of each field. */
export function settledBy(value: unknown, path = '', out: Record<string, unknown> = {}): Record<string, unknown> {
  if (value === null || value === undefined || (Array.isArray(value) && value.length === 0)) return out;
  if (typeof value === 'object' && !Array.isArray(value)) for (const [key, inner] of Object.entries(value)) settledBy(inner, path ? `${path}.${key}` : key, out);
  else out[path] = value;
  return out;
}
/** A wording settles these fields and no others, and each has the words that it came from. Dates without a year are read on 10 February 2027. */
export function expectSettled(text: string, says: Record<string, unknown>): void {
  const { evidence, ...brief } = readBrief(text, '2027-02-10T10:00:00Z').brief;
  expect(settledBy(brief)).toEqual(says);
  for (const e of evidence) expect(text.slice(e.start, e.end)).toBe(e.quote);
}
