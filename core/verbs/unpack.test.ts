import { expect, test } from '@jest/globals';
import { gzipSync } from 'fflate';
import { packZip } from '../engines/zip.ts';
import { plantedDocx } from '../testing/plant.ts';
import { unpackArchive } from './unpack.ts';

const utf8 = (text: string): Uint8Array => new TextEncoder().encode(text);
const archive = (...names: [string, Uint8Array][]) => ({ name: 'paper.zip', path: 'paper.zip', bytes: packZip(names.map(([name, bytes]) => ({ name, bytes }))) });

test('documents come out with their folders beside their names', () => {
  const out = unpackArchive(archive(['final/report.docx', plantedDocx()], ['notes.txt', utf8('Some notes on silt and clay.')]));
  expect(out.documents.map((d) => [d.folder, d.name, d.kind])).toEqual([['final', 'report.docx', 'docx'], ['', 'notes.txt', 'txt']]);
});
test('paths that climb out, and what systems put beside, stay inside', () => {
  const out = unpackArchive(archive(['../../etc/passwd', utf8('x')], ['/root/a.txt', utf8('x')], ['a/..\\..\\b.txt', utf8('x')], ['C:\\a.txt', utf8('x')], ['__MACOSX/._report.docx', utf8('x')], ['.DS_Store', utf8('x')], ['ok.txt', utf8('Fine words.')]));
  expect(out.documents.map((d) => d.name)).toEqual(['ok.txt']);
  expect(out.left.map((l) => l.why)).toEqual(['path', 'path', 'path', 'path', 'hidden', 'hidden']);
});
test('a bomb is refused before it is unpacked', () => {
  expect(() => unpackArchive(archive(['bomb.txt', new Uint8Array(300 << 20)]))).toThrow(/would take/);
  const liar = gzipSync(utf8('x'));
  new DataView(liar.buffer).setUint32(liar.length - 4, 0xfffffff0, true);
  expect(() => unpackArchive({ name: 'a.gz', path: 'a.gz', bytes: liar })).toThrow(/would take/);
});
test('a gzip gives its one document; a RAR says what to do', () => {
  expect(unpackArchive({ name: 'paper.txt.gz', path: '', bytes: gzipSync(utf8('Sediment budgets of a marsh.')) }).documents[0]).toMatchObject({ name: 'paper.txt', kind: 'txt' });
  expect(() => unpackArchive({ name: 'a.rar', path: '', bytes: Uint8Array.of(0x52, 0x61, 0x72, 0x21, 0x1a, 7, 0) })).toThrow(/cannot be unpacked here/);
});
test('one damaged entry does not spoil the others', () => {
  const file = archive(['a.txt', utf8('first text first text first text')], ['b.txt', utf8('second text second text second')]);
  file.bytes[35 + 5]! ^= 0xff;
  const out = unpackArchive(file);
  expect(out.documents.length + out.left.filter((l) => l.why === 'damaged').length).toBe(2);
  expect(out.documents.map((d) => d.name)).toContain('b.txt');
});
