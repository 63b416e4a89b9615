import { expect, test } from '@jest/globals';
import { loadMupdf, withPdf } from '../engines/pdf.ts';
import { Package } from '../engines/zip.ts';
import { leaks as rows } from '../testing/leaks.ts';
import { nina } from '../testing/made.ts';
import { checkFiles } from '../verbs/check.ts';
import { cleanFile } from '../verbs/clean.ts';


/** Everything that is in a file, raw and unpacked. */
async function everyByte(name: string, bytes: Uint8Array): Promise<string> {
  const latin = (b: Uint8Array): string => new TextDecoder('latin1').decode(b);
  let all = latin(bytes);
  if (/docx|odt/.test(name)) { const pack = new Package(bytes); for (const n of pack.names()) all += n + latin(pack.part(n)!); }
  if (/pdf/.test(name)) all += await withPdf(bytes, (pdf) => { const b = pdf.saveToBuffer('decompress,ascii=no'); try { return latin(b.asUint8Array()); } finally { b.destroy(); } });
  return all;
}

test.each(rows)('%s: %s stops as %s', async (name, _, check, gone, make) => {
  await loadMupdf();
  const bytes = await make(), found = (await checkFiles([{ name, path: name, bytes }], { details: nina, now: 0 })).files[0]!.findings.filter((f) => f.detail !== null && f.standing === 'stops');
  expect(found.map((f) => f.check)).toContain(check);
  if (/rtf|html|md|txt/.test(name)) return;
  const done = await cleanFile({ name, path: name, bytes }, { details: nina });
  expect(done.proof.textSame).toBe(true);
  if (gone) expect(await everyByte(name, done.bytes)).not.toMatch(/Vestergaard|nvi204/);
  else expect(done.left.some((f) => f.standing === 'stops')).toBe(true);
});
test('there are enough of them', () => expect(rows.length).toBeGreaterThanOrEqual(75));
