import { madeBrief, madeFacts, madePage } from '../../testing/made.ts';
import { testCheck } from '../../testing/test-check.ts';
import { noLimits } from '../../model/brief.ts';
import { read, unread } from '../../model/facts.ts';
import { pagesLimit } from './limit.ts';

const brief = madeBrief({ limits: { ...noLimits(), minPages: 2, maxPages: 3 } });
const pages = (n: number) => madeFacts({ pages: read(Array.from({ length: n }, (_, i) => madePage({ number: i + 1 }))) });
testCheck(pagesLimit, {
  met: [{ name: 'at the limit', given: { brief, facts: pages(3) } }],
  look: [{ name: 'a word-processor file has no fixed pages', given: { brief, facts: madeFacts({ pages: unread('noFixedPages') }) }, says: ['unfixed'] }, { name: 'it states more than is allowed', given: { brief, facts: madeFacts({ pages: unread('noFixedPages'), statedPages: 9 }) }, says: ['stated'] }],
  notMet: [{ name: 'one over', given: { brief, facts: pages(4) }, says: ['over'] }, { name: 'one under', given: { brief, facts: pages(1) }, says: ['under'] }, { name: '800 pages where similarity is checked', given: { brief: madeBrief({ similarityChecked: true }), facts: pages(800) }, says: ['overSimilarity'] }],
  notAsked: [{ name: 'no limit' }],
});
