import { madeFacts, madeFont } from '../../testing/made.ts';
import { testCheck } from '../../testing/test-check.ts';
import { read } from '../../model/facts.ts';
import { fontsType3 } from './type3.ts';

testCheck(fontsType3, { met: [{ name: 'outlines', given: { facts: madeFacts({ fonts: read([madeFont('Lora')]) }) } }], look: [{ name: 'two of them, told once', given: { facts: madeFacts({ fonts: read([madeFont('A', { type: 'Type 3' }), madeFont('B', { type: 'Type 3' })]) }) }, says: ['type3'] }] });
