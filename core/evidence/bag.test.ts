import { expect, test } from '@jest/globals';
import { createHash } from 'node:crypto';
import { Package, packZip } from '../engines/zip.ts';
import { readBag, writeBag } from './bag.ts';

const b = (text: string): Uint8Array => new TextEncoder().encode(text), at = '2027-03-12T16:20:00Z';
const files = [{ path: 'sent/Y3921847_GEO3107.pdf', bytes: b('the paper') }, { path: 'receipts/receipt 100%.txt', bytes: b('CS-1') }, { path: 'events.json', bytes: b('[]') }];
const bag = (): Promise<Uint8Array> => writeBag('evidence', files, { 'External-Description': 'Sediment budgets' }, at);
/** The same bag with one entry's bytes changed, dropped or added. */
const tampered = async (change: (parts: Map<string, Uint8Array>) => void): Promise<Uint8Array> => { const pack = new Package(await bag()), parts = new Map(pack.names().map((n) => [n, pack.part(n)!])); change(parts); return packZip([...parts].map(([name, bytes]) => ({ name, bytes }))); };

test('a bag holds what RFC 8493 demands, and reads back whole', async () => {
  const pack = new Package(await bag()), text = (n: string): string => pack.text(`evidence/${n}`)!;
  // RFC 8493, 2.1.1: exactly these two lines.
  expect(text('bagit.txt')).toBe('BagIt-Version: 1.0\nTag-File-Character-Encoding: UTF-8\n');
  // 2.1.3: every payload file once, a checksum, space, the path from the bag's root; % is written %25.
  const lines = text('manifest-sha256.txt').trimEnd().split('\n');
  expect(lines).toHaveLength(3);
  expect(lines[0]).toBe(`${createHash('sha256').update('the paper').digest('hex')}  data/sent/Y3921847_GEO3107.pdf`);
  expect(lines[1]).toContain('data/receipts/receipt 100%25.txt');
  // 2.2.2: octets and number of files of the payload.
  expect(text('bag-info.txt')).toContain('Payload-Oxum: 15.3');
  expect(text('bag-info.txt')).toContain('Bagging-Date: 2027-03-12');
  const read = await readBag(await bag(), 'evidence.zip');
  expect([read.valid, read.problems, read.missing, read.info['External-Description']]).toEqual([true, [], [], 'Sediment budgets']);
  expect(read.payload.map((f) => f.path)).toEqual(files.map((f) => f.path));
});
test.each<[string, (p: Map<string, Uint8Array>) => void, (r: Awaited<ReturnType<typeof readBag>>) => unknown, unknown]>([
  ['one byte of the paper', (p) => p.set('evidence/data/sent/Y3921847_GEO3107.pdf', b('the Paper')), (r) => r.files.filter((f) => f.standing === 'altered').map((f) => f.path), ['data/sent/Y3921847_GEO3107.pdf']],
  ['a file taken out', (p) => p.delete('evidence/data/events.json'), (r) => r.missing, ['data/events.json']],
  ['a file slipped in', (p) => p.set('evidence/data/extra.txt', b('x')), (r) => r.files.filter((f) => f.standing === 'unlisted').map((f) => f.path), ['data/extra.txt']],
  ['the list itself', (p) => p.set('evidence/manifest-sha256.txt', b('')), (r) => r.problems.some((x) => /manifest-sha256\.txt” was altered/.test(x)), true],
  ['the description', (p) => p.set('evidence/bag-info.txt', b('Payload-Oxum: 15.3\n')), (r) => r.problems.length > 0, true],
])('says what was altered: %s', async (_, change, look, expected) => { const r = await readBag(await tampered(change), 'e.zip'); expect(r.valid).toBe(false); expect(look(r)).toEqual(expected); });
test('the example of the standard is read', async () => {
  // RFC 8493, 4.1, the basic bag (its names from memory), here with SHA-256 in place of the MD5 of the print.
  const image = b('image'), sum = createHash('sha256').update(image).digest('hex');
  const zip = packZip([['myfirstbag/data/27613-h/images/q172.png', image], ['myfirstbag/manifest-sha256.txt', b(`${sum} data/27613-h/images/q172.png\n`)], ['myfirstbag/bagit.txt', b('BagIt-Version: 1.0\nTag-File-Character-Encoding: UTF-8\n')]].map(([name, bytes]) => ({ name: name as string, bytes: bytes as Uint8Array })));
  expect(await readBag(zip, 'b.zip')).toMatchObject({ valid: true, files: [{ path: 'data/27613-h/images/q172.png', standing: 'same' }] });
});
test('what is no bag is refused; paths that climb out are neither written nor read', async () => {
  await expect(readBag(b('no zip at all'), 'x.zip')).rejects.toMatchObject({ code: expect.stringMatching(/unreadable|badInput/) });
  await expect(readBag(packZip([{ name: 'a.txt', bytes: b('x') }]), 'x.zip')).rejects.toMatchObject({ code: 'badInput', file: 'x.zip' });
  await expect(writeBag('e', [{ path: '../out.txt', bytes: b('x') }], {}, at)).rejects.toMatchObject({ code: 'badInput' });
  await expect(writeBag('e', [files[0]!, files[0]!], {}, at)).rejects.toMatchObject({ code: 'badInput' });
  const climbing = await tampered((p) => p.set('evidence/data/../../out.txt', b('x')));
  expect((await readBag(climbing, 'e.zip')).problems.join()).toMatch(/climbs out/);
});
