import { madeFacts } from '../../testing/made.ts';
import { testCheck } from '../../testing/test-check.ts';
import { fileLink } from './link.ts';

testCheck(fileLink, { met: [{ name: 'a document' }], notMet: [{ name: 'only an address', given: { facts: madeFacts({ file: { kind: 'link', troubles: [{ code: 'link', part: 'file', page: null, text: 'https://docs.carrow.example/d/1' }] } }) }, says: ['link'] }] });
