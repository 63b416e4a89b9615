import { expect, test } from '@jest/globals';
import { loadMupdf, withPdf } from '../engines/pdf.ts';
import { Package } from '../engines/zip.ts';
import { noDetails } from '../model/details.ts';
import { leaks as rows } from '../testing/leaks.ts';
import { plantedPdf } from '../testing/plant.ts';
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

test('places that a typesetter named by counting are nobody’s name; one that a person named is read', async () => {
  await loadMupdf();
  const page = { ...noDetails(), givenNames: ['Mark'], surname: 'Page', username: 'mpage2' };
  const bytes = await plantedPdf((p) => { const d = p.newDictionary(); for (const n of ['page.1', 'page.xii', 'section.2.1', 'Doc-Start', 'equation.A.4', 'section.MPage2', 'page-draft-mpage2']) d.put(n, p.newArray()); p.getTrailer().get('Root').put('Dests', d); });
  const found = (await checkFiles([{ name: 'p.pdf', path: 'p.pdf', bytes }], { details: page, now: 0 })).files[0]!.findings.filter((f) => f.place.part === 'names');
  expect([found.length > 1, found.every((f) => /mpage2/i.test(f.place.quote ?? '') && !/page\.1|page\.xii/.test(f.place.quote ?? ''))]).toEqual([true, true]);
});
