import { madeFacts, madePage } from '../../testing/made.ts';
import { testCheck } from '../../testing/test-check.ts';
import { read, unread } from '../../model/facts.ts';
import { pagesOrientation } from './orientation.ts';

const across = madePage({ width: 842, height: 595 });
const sections = (...sizes: [number, number][]) => ({ facts: madeFacts({ pages: unread('noFixedPages'), sheets: sizes.map(([width, height]) => ({ page: null, width, height })) }) });
testCheck(pagesOrientation, { met: [{ name: 'all sections across', given: sections([842, 595], [842, 595]) }, { name: 'slides all across', given: { facts: madeFacts({ pages: read([across, across]) }) } }], look: [{ name: 'one section of two', given: sections([595, 842], [842, 595]), says: ['acrossSection'] }, { name: 'one of three', given: { facts: madeFacts({ pages: read([madePage(), { ...across, number: 2 }, madePage({ number: 3 })]) }) }, says: ['across'] }] });
