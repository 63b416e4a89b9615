import { expect, test } from '@jest/globals';
import { read } from '../../model/facts.ts';
import { forbidsEmbedding } from '../../readers/pdf/font-program.ts';
import { madeFacts, madeFont } from '../../testing/made.ts';
import { testCheck } from '../../testing/test-check.ts';
import { fontsPermission } from './permission.ts';

const fonts = (...list: boolean[]) => ({ facts: madeFacts({ fonts: read(list.map((restricted, i) => madeFont(`ABCDEF+Face${i % 2}`, restricted ? { restricted } : {}))) }) });
testCheck(fontsPermission, { met: [{ name: 'installable fonts', given: fonts(false, false) }], look: [{ name: 'one on two pages is told once', given: fonts(true, false, true), says: ['restricted'] }] });

// OpenType 1.9, OS/2: 0 installable, 2 restricted, 4 preview & print, 8 editable; several bits: the least restrictive holds; 0x0100 (no subsetting) and 0x0200 are other matters.
test.each([[0x0000, false], [0x0002, true], [0x0004, false], [0x0008, false], [0x0006, false], [0x0102, true], [0x0200, false]])('fsType %i forbids embedding: %s', (fsType, forbidden) => {
  const program = new Uint8Array(12 + 16 + 78), view = new DataView(program.buffer);
  view.setUint32(0, 0x00010000); view.setUint16(4, 1); view.setUint32(12, 0x4f532f32); view.setUint32(20, 28); view.setUint32(24, 78); view.setUint16(36, fsType);
  expect(forbidsEmbedding(program)).toBe(forbidden);
  expect(forbidsEmbedding(program.subarray(0, 20))).toBeNull();
});
