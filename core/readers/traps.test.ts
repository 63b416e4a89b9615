import { expect, test } from '@jest/globals';
import { execFileSync } from 'node:child_process';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { madeBrief } from '../testing/made.ts';
import { traps } from '../testing/traps.ts';
import { checkFiles } from '../verbs/check.ts';

const all = await traps();
const brief = madeBrief({ documents: [{ label: 'paper', types: ['pdf', 'docx'] }] });

test('the planted set is large enough', () => { expect(all.length).toBeGreaterThanOrEqual(60); expect(new Set(all.map((t) => t.say)).size).toBe(all.length); });

test.each(all.map((t) => [t.say, t] as const))('%s', async (_, trap) => {
  const checked = await checkFiles([{ name: trap.name, path: trap.name, bytes: trap.bytes }], { brief, now: Date.UTC(2026, 10, 25) });
  const file = checked.files[0]!;
  expect(file.type).toBe(trap.kind);
  const spoken = [...new Set(file.findings.filter((f) => /^(file|name)\./.test(f.check)).map((f) => f.check))];
  for (const check of trap.checks) expect(spoken).toContain(check);
  if (trap.checks.length === 0) expect(spoken).toEqual([]);
  // The way out is told: every sentence says what to do.
  for (const f of file.findings.filter((x) => trap.checks.includes(x.check))) expect(f.message).toMatch(/Export|Download|download|Convert|Unpack|Rename|Save|Shorten|Bring|bring|Add |Copy|clean copy|without|safer|sure|searched|cut off|Take/);
});

test('libmagic agrees on the plain kinds', () => {
  const plain = all.filter((t) => t.magic), folder = mkdtempSync(join(tmpdir(), 'traps-'));
  const differ = plain.flatMap((t, i) => {
    const path = join(folder, `${i}`);
    writeFileSync(path, t.bytes);
    const mime = execFileSync('file', ['--brief', '--mime-type', path], { encoding: 'utf8' }).trim();
    return t.magic!.test(mime) ? [] : [`${t.say}: ${mime}`];
  });
  expect(plain.length).toBeGreaterThan(15);
  expect(differ).toEqual([]);
});
