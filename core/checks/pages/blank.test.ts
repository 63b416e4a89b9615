import { madeFacts, madePage } from '../../testing/made.ts';
import { testCheck } from '../../testing/test-check.ts';
import { read } from '../../model/facts.ts';
import { pagesBlank } from './blank.ts';

testCheck(pagesBlank, { met: [{ name: 'letters that no machine can read', given: { facts: madeFacts({ pages: read([madePage({ words: 0, sizes: { 11: 1800 } })]) }) } }, { name: 'a page with a picture only', given: { facts: madeFacts({ pages: read([madePage({ words: 0, images: 1 })]) }) } }], look: [{ name: 'nothing on page 2', given: { facts: madeFacts({ pages: read([madePage(), madePage({ number: 2, words: 0, sizes: {} })]) }) }, says: ['blank'] }] });
