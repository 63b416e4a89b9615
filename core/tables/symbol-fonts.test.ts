import { expect, test } from '@jest/globals';
import { signOf } from './symbol-fonts.ts';

// ISO 32000-1, D.5: codes of the Symbol set in octal there; of Wingdings from memory.
test.each<[string | undefined, number, string]>([
  ['Symbol', 0o141, 'α'], ['Symbol', 0xf000 + 0o142, 'β'], ['Symbol', 0o123, 'Σ'], ['Symbol', 0o243, '≤'], ['Symbol', 0o261, '±'], ['Symbol', 0o267, '•'], ['Symbol', 0o306, '∅'], ['Symbol', 0o345, '∑'], ['Symbol', 0o362, '∫'], ['Symbol', 0o336, '⇒'],
  ['Wingdings', 0xf0e0, '→'], ['Wingdings', 0xfc, '✓'], ['Wingdings 2', 0xfc, ''], ['Symbol', 0o377, ''], [undefined, 0xf061, 'α'], ['Carrow Serif', 0x41, 'A'], ['Carrow Serif', 0xf041, ''], [undefined, Number.NaN, ''], ['Carrow Serif', 0x1f600, '😀'],
])('%s %#: %d is %s', (font, code, sign) => expect(signOf(font, code)).toBe(sign));
