import { expect, test } from '@jest/globals';
import { readdirSync, readFileSync, existsSync } from 'node:fs';
import { join } from 'node:path';
import { wordsFor } from '../messages/en.ts';
import { checks, setChecks } from './index.ts';
import { identityChecks } from './identity/places.ts';
import { photoChecks } from './photo/photo.ts';
import { metadataChecks } from './metadata/sorts.ts';

const folder = new URL('.', import.meta.url).pathname;
const files = readdirSync(folder, { withFileTypes: true }).filter((d) => d.isDirectory()).flatMap((d) => readdirSync(join(folder, d.name)).filter((f) => f.endsWith('.ts') && !f.endsWith('.test.ts')).map((f) => `${d.name}/${f.replace('.ts', '')}`));
/** One file may hold a family of checks that differ only in where they look; its table names them. */
const families: Record<string, string[]> = { 'identity/places': identityChecks.map((c) => c.id), 'metadata/sorts': metadataChecks.map((c) => c.id), 'photo/photo': photoChecks.map((c) => c.id) };
const all = [...checks, ...setChecks];

test.each(files)('%s: path is id, listed, tested, worded, with a reference', (path) => {
  expect(existsSync(join(folder, `${path}.test.ts`))).toBe(true);
  for (const id of families[path] ?? [path.replace('/', '.')]) {
    const check = all.find((c) => c.id === id);
    expect(check?.id).toBe(id);
    expect(check!.reference.length).toBeGreaterThan(5);
    expect(wordsFor(id).line).toBeTruthy();
  }
});
test('every listed check has a file, and ids are unique', () => {
  const fromFiles = files.flatMap((f) => families[f] ?? [f.replace('/', '.')]);
  expect(all.map((c) => c.id).filter((id) => !fromFiles.includes(id))).toEqual([]);
  expect(new Set(all.map((c) => c.id)).size).toBe(all.length);
});
test('every message key that a check uses has words', () => {
  for (const f of files) {
    const source = readFileSync(join(folder, `${f}.ts`), 'utf8');
    for (const m of source.matchAll(/\b(?:stops|look)\('(\w+)'|phraseDrafts\(\w+, \w+, '(\w+)'/g)) expect((families[f] ?? [f.replace('/', '.')]).flatMap((id) => Object.keys(wordsFor(id).says))).toContain(m[1] ?? m[2]);
  }
});
