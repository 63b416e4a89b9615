import { expect, test } from '@jest/globals';
import { checkFiles } from '../../verbs/check.ts';
import { cleanFile } from '../../verbs/clean.ts';
import { loadMupdf } from '../../engines/pdf.ts';
import { nina } from '../../testing/made.ts';
import { plantedPdf, secret } from '../../testing/plant.ts';
import { latin1 } from '../../text/bytes.ts';

const enc = (s: string): Uint8Array => new TextEncoder().encode(s);
/** A file with an object behind its others that its table does not list. */
async function withUnlisted(object: string): Promise<Uint8Array> {
  const bytes = await plantedPdf(() => {}, { save: '' }), text = latin1(bytes), table = text.lastIndexOf('\nxref') + 1;
  return new Uint8Array([...bytes.subarray(0, table), ...enc(object), ...enc(text.slice(table).replace(/startxref\s+\d+/, `startxref\n${table + object.length}`))]);
}
const stopped = async (bytes: Uint8Array): Promise<string[]> => (await checkFiles([{ name: 'p.pdf', path: 'p.pdf', bytes }], { details: nina, now: 0 })).files[0]!.findings.filter((f) => f.detail !== null && f.standing === 'stops').map((f) => `${f.check} ${f.place.part}`);

test('an object that no table lists is read, and a cleaned copy is without it', async () => {
  await loadMupdf();
  const bytes = await withUnlisted(`999 0 obj\n<</Kept [(by ${secret})]>>\nendobj\n`);
  expect(await stopped(bytes)).toEqual(['identity.orphan unlisted objects']);
  const clean = await cleanFile({ name: 'p.pdf', path: 'p.pdf', bytes }, { details: nina });
  expect([latin1(clean.bytes).includes(secret), clean.left]).toEqual([false, []]);
});
test('the word for an object in what a stream says is none', async () => {
  await loadMupdf();
  expect(await stopped(await withUnlisted('% 7 obj of 12 0 objects\n'))).toEqual([]);
});
