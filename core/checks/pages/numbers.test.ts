import { madeBrief, madeFacts, madePage, madePassage } from '../../testing/made.ts';
import { testCheck } from '../../testing/test-check.ts';
import { read, unread } from '../../model/facts.ts';
import { pagesNumbers } from './numbers.ts';

const brief = madeBrief({ layout: { ...madeBrief().layout, pageNumbers: true } });
const heads = (...texts: (string | null)[]) => ({ brief, facts: madeFacts({ pages: read(texts.map((_, i) => madePage({ number: i + 1 }))), passages: read(texts.flatMap((t, i) => (t === null ? [] : [madePassage(t, { place: 'runningHead', page: i + 1 })]))) }) });
const unfixed = (pageNumbers?: boolean) => ({ brief, facts: madeFacts({ pages: unread('noFixedPages'), ...(pageNumbers === undefined ? {} : { pageNumbers }) }) });
testCheck(pagesNumbers, { unread: [{ name: 'a text without pages', given: unfixed() }], met: [{ name: 'Roman numbers', given: heads('i', '– ii –', 'GEO 3107\niii', 'iv') }, { name: 'Roman numbers before the text, figures in it', given: heads('i', 'ii', '1', '2', '3', '4') }, { name: 'a field counts them', given: unfixed(true) }, { name: 'from the second page, beside a title with a number', given: heads(null, 'GEO 3107 · 2', 'GEO 3107 · 3') }], look: [{ name: 'one page without', given: heads('1', '2', null, '4'), says: ['missing'] }], notMet: [{ name: 'no field counts them', given: unfixed(false), says: ['noField'] }, { name: 'a head without numbers that run', given: heads('GEO 3107', 'GEO 3107', 'GEO 3107'), says: ['none'] }], notAsked: [{ name: 'nothing asked' }] });
