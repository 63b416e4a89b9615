import { expect, test } from '@jest/globals';
import { saidBeside, toldInstead, withoutSaid } from './content-words.ts';

test.each([
  ['a comment', 'q\n% drawn for Nina\n1 0 0 1 0 0 cm Q', ['drawn for Nina']],
  ['a comment behind an operator', 'q % kept by nvi204\nQ', ['kept by nvi204']],
  ['a per cent sign in words', 'BT (rose by 4 % over ten years) Tj ET', []],
  ['a per cent sign among escaped brackets', 'BT (half \\(50 %of\\) all) Tj ET', []],
  ['a program’s note', '/Span <</MCID 3 /Owner (Nina)>> BDC q Q EMC', ['Nina']],
  ['a note in digits', '/P <</Editor <4E696E61>>> BDC EMC', ['Nina']],
  ['what a reader makes use of', '/Span <</MCID 3 /ActualText (fi) /Lang (en-GB)>> BDC (x) Tj EMC', []],
  ['a picture within the content', 'BI /W 1 /H 1 ID %abcdef EI q Q', []],
])('%s', (_, content, said) => expect(saidBeside(content).map((s) => s.text)).toEqual(said));

test('what draws nothing goes, what draws stays', () => {
  expect(withoutSaid('q % by Nina Imani\n(50 % more) Tj\n/Span <</MCID 1/Owner(Nina)>> BDC Q')).toBe('q \n(50 % more) Tj\n/Span <</MCID 1>> BDC Q');
  expect(withoutSaid('q (50 % more) Tj Q')).toBeNull();
});
test('told in place of a picture', () => { expect(toldInstead('/Figure <</Alt (Map by Nina) /MCID 2>> BDC EMC /Span <</Lang (en)>> BDC EMC')).toEqual(['Map by Nina']); });
