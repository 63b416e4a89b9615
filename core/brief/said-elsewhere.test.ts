import { readFileSync } from 'node:fs';
import { describe, expect, test } from '@jest/globals';
import { readBrief } from './read.ts';

/** Sentences as departments say them, made up: each behind one that names the deadline or alone, with what it settles; with nothing, where it only sounds like it. */
const tongues = JSON.parse(readFileSync(new URL('../testing/said-elsewhere.json', import.meta.url), 'utf8')) as { tongue: string; before: string; said: [string, Record<string, unknown>][] }[];

function settled(value: unknown, path = '', out: Record<string, unknown> = {}): Record<string, unknown> {
  if (value === null || value === undefined || Array.isArray(value) && value.length === 0) return out;
  if (typeof value === 'object' && !Array.isArray(value)) for (const [key, inner] of Object.entries(value)) settled(inner, path ? `${path}.${key}` : key, out);
  else out[path] = value;
  return out;
}
const read = (text: string): Record<string, unknown> => {
  const { evidence, ...brief } = readBrief(text, '2026-11-30T09:00:00Z').brief;
  for (const e of evidence) expect(text.slice(e.start, e.end)).toBe(e.quote);
  return settled(brief);
};

describe.each(tongues)('in $tongue, behind “$before”', ({ before, said }) => {
  const already = before === '' ? {} : read(before);
  test.each(said)('%s', (sentence, want) => { expect(read(`${before} ${sentence}`.trimStart())).toEqual({ ...already, ...want }); });
});
