import { expect, test } from '@jest/globals';
import { fromLatin1, latin1 } from '../../text/bytes.ts';
import { plainParts } from './plain-parts.ts';
import { percentSigns } from './revisions.ts';

const packed = `\n%%EOF and 7 0 obj by chance ${'x'.repeat(2000)}`;
const stream = (head: string, data = packed, eol = '\n'): string => `5 0 obj\n<<${head}>>\nstream${eol}${data}\nendstream\nendobj\n`;
const outside = (text: string): string => plainParts(fromLatin1(text)).map(([from, to]) => text.slice(from, to)).join('|');

test('packed streams are passed over, whether their length stands there or elsewhere', () => {
  for (const head of [`/Filter/DCTDecode/Length ${packed.length}`, `/Length ${packed.length}/Filter[/FlateDecode]`, '/Length 9 0 R/Filter/FlateDecode']) {
    expect(outside(`%PDF-1.7\n${stream(head)}% a note\n`)).toBe(`%PDF-1.7\n5 0 obj\n<<${head}>>\nstream\n|${head.includes('9 0 R') ? '' : '\n'}endstream\nendobj\n% a note\n`);
  }
  expect(outside(stream(`/Filter/DCTDecode/Length ${packed.length}`, packed, '\r\n')).includes('by chance')).toBe(false);
});
test('what is not packed, is short, or has a length that leads nowhere is looked at', () => {
  for (const head of [`/Length ${packed.length}`, `/Filter/DCTDecode/Length ${packed.length - 50}`, `/Filter/DCTDecode/Length ${packed.length + 5000}`, `/Filter/DCTDecode/Length1 ${packed.length}/Length 3`]) expect(outside(stream(head)).includes('by chance')).toBe(true);
  expect(outside(stream('/Filter/FlateDecode/Length 20', '\n%%EOF and some more'))).toContain('some more');
});
test('marks of the end count outside packed streams only, comments too', () => {
  const bytes = fromLatin1(`%PDF-1.7\n${stream(`/Filter/DCTDecode/Length ${packed.length}`)}% by somebody\nstartxref\n0\n%%EOF\n`), { ends, comments } = percentSigns(bytes);
  expect(ends.map((at) => latin1(bytes, at - 2, at + 5))).toEqual(['0\n%%EOF']);
  expect(comments.map((at) => latin1(bytes, at, at + 6))).toEqual(['%PDF-1', '% by s', '%%EOF\n']);
});
