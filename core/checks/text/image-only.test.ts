import { madeBrief, madeFacts, madePage } from '../../testing/made.ts';
import { testCheck } from '../../testing/test-check.ts';
import { read } from '../../model/facts.ts';
import { textImageOnly } from './image-only.ts';

const scan = madePage({ words: 0, images: 1, imageShare: 0.95 });
testCheck(textImageOnly, {
  met: [{ name: 'a figure among words', given: { facts: madeFacts({ pages: read([madePage({ images: 1, imageShare: 0.4 })]) }) } }, { name: 'a small ornament on an else blank page', given: { facts: madeFacts({ pages: read([madePage(), madePage({ number: 2, words: 0, images: 1, imageShare: 0.02 })]) }) } }],
  look: [{ name: 'a scanned page with a number set on it', given: { facts: madeFacts({ pages: read([madePage(), { ...scan, number: 2, words: 1, headOnly: true }]) }) }, says: ['picture'] }, { name: 'one scanned page', given: { facts: madeFacts({ pages: read([madePage(), { ...scan, number: 2 }]) }) }, says: ['picture'] }],
  notMet: [{ name: 'all scanned, similarity checked', given: { brief: madeBrief({ similarityChecked: true }), facts: madeFacts({ pages: read([scan]) }) }, says: ['picture'] }],
});
