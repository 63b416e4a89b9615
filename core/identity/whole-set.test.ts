import { afterAll, expect, test } from '@jest/globals';
import type { Details } from '../model/details.ts';
import { leaks } from '../testing/leaks.ts';
import { nina } from '../testing/made.ts';
import { negatives } from '../testing/negatives.ts';
import { docxLeaks, odtLeaks, pdfLeaks } from '../testing/planted-leaks.ts';
import { inParagraph, plantedDocx, plantedOdt, wordRun } from '../testing/plant.ts';
import { checkFiles } from '../verbs/check.ts';

/** All planted leaks and all hard negatives as whole files, counted together: what stops the hand-over for identity, and what does so rightly.
 * A leak counts as found where its own check stops in its file; whatever else stops there has to be the same name in the same file, or it is a false alarm. */
const planted: [file: string, check: string, make: () => Promise<Uint8Array> | Uint8Array][] = [...leaks.map(([file, , check, , make]): [string, string, typeof make] => [file, check, make]), ...[...pdfLeaks, ...docxLeaks, ...odtLeaks].map((l): [string, string, typeof l.make] => [l.file, l.check, l.make])];
const stopsIn = async (name: string, bytes: Uint8Array, details: Details) => (await checkFiles([{ name, path: name, bytes }], { details, now: 0 })).files[0]!.findings.filter((f) => f.detail !== null && f.standing === 'stops');
/** What is planted everywhere, in any spelling: its letters in order, whatever stands between them. */
const ours = /n[\W_]*v[\W_]*i[\W_]*2[\W_]*0[\W_]*4|v[\W_]*e[\W_]*s[\W_]*t[\W_]*e[\W_]*r|i[\W_]*m[\W_]*a[\W_]*n[\W_]*i|2[\W_]*0[\W_]*4[\W_]*1[\W_]*7|y[\W_]*3[\W_]*9[\W_]*2|n[ií][\W_]*n[\W_]*a/i;
const count = { leaks: 0, found: 0, right: 0, wrong: [] as string[] };

test('every leak is found, and nothing beside it stops', async () => {
  for (const [file, check, make] of planted) {
    const stops = await stopsIn(file, await make(), nina);
    count.leaks++;
    if (stops.some((f) => f.check === check)) count.found++;
    for (const f of stops) if (ours.test(`${f.place.quote ?? ''} ${String(f.data.found ?? f.data.value ?? '')}`)) count.right++; else count.wrong.push(`${file} ${f.check}: ${f.place.quote}`);
  }
  expect(count.leaks).toBeGreaterThanOrEqual(120);
  expect(count.found).toBe(count.leaks);
}, 120_000);
test('no hard negative stops, in word-processor files of both kinds', async () => {
  for (const [name, details, text, change] of negatives) {
    // What depends on where a sentence stands is tried as a passage; here it is a paragraph of its own.
    if (change && Object.keys(change).length > 0) continue;
    const safe = text.replace(/&/g, '&amp;').replace(/</g, '&lt;');
    for (const [file, bytes] of [['paper.docx', plantedDocx(inParagraph(wordRun(safe)))], ['paper.odt', plantedOdt(`<text:p>${safe}</text:p>`)]] as const) for (const f of await stopsIn(file, bytes, details)) count.wrong.push(`${name} in ${file}, ${f.check}: ${f.place.quote}`);
  }
}, 60_000);
afterAll(() => { process.stdout.write(`leaks found: ${count.found} of ${count.leaks}; findings that stop: ${count.right} rightly, ${count.wrong.length} not\n`); });
test('at least 98 of 100 findings that stop do so rightly', () => {
  expect(count.right).toBeGreaterThanOrEqual(count.leaks);
  expect(count.wrong.slice(0, 20)).toEqual([]);
  expect(count.right / (count.right + count.wrong.length)).toBeGreaterThanOrEqual(0.98);
});
