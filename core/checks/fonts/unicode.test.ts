import { madeFacts, madeFont } from '../../testing/made.ts';
import { testCheck } from '../../testing/test-check.ts';
import { read } from '../../model/facts.ts';
import { fontsUnicode } from './unicode.ts';

testCheck(fontsUnicode, { met: [{ name: 'no ToUnicode, but a known encoding', given: { facts: madeFacts({ fonts: read([madeFont('Lora', { toUnicode: false, readable: true })]) }) } }], look: [{ name: 'glyph numbers only', given: { facts: madeFacts({ fonts: read([madeFont('Lora', { toUnicode: false, readable: false })]) }) }, says: ['unmapped'] }] });
