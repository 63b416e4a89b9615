import { madeFacts, madePage } from '../../testing/made.ts';
import { testCheck } from '../../testing/test-check.ts';
import { read, unread, type DocumentFacts } from '../../model/facts.ts';
import { pagesBlank } from './blank.ts';

const docx = (emptyPages: number | undefined): { facts: DocumentFacts } => ({ facts: madeFacts({ file: { kind: 'docx' }, pages: unread('noFixedPages'), ...(emptyPages === undefined ? {} : { emptyPages }) }) });
testCheck(pagesBlank, { unread: [{ name: 'a word-processor file that was not looked through', given: docx(undefined) }], met: [{ name: 'no break behind another', given: docx(0) }, { name: 'letters that no machine can read', given: { facts: madeFacts({ pages: read([madePage({ words: 0, sizes: { 11: 1800 } })]) }) } }, { name: 'a page with a picture only', given: { facts: madeFacts({ pages: read([madePage({ words: 0, images: 1 })]) }) } }], look: [{ name: 'nothing on page 2', given: { facts: madeFacts({ pages: read([madePage(), madePage({ number: 2, words: 0, sizes: {} })]) }) }, says: ['blank'] }, { name: 'two breaks with nothing between', given: docx(1), says: ['between'] }] });
