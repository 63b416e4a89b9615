import { madeBrief, madeFacts, madePage } from '../../testing/made.ts';
import { testCheck } from '../../testing/test-check.ts';
import { read, unread } from '../../model/facts.ts';
import { pagesOrientation } from './orientation.ts';

const across = madePage({ width: 842, height: 595 });
const sections = (...sizes: [number, number][]) => ({ facts: madeFacts({ pages: unread('noFixedPages'), sheets: sizes.map(([width, height]) => ({ page: null, width, height })) }) });
testCheck(pagesOrientation, { met: [{ name: 'all sections across', given: sections([842, 595], [842, 595]) }, { name: 'slides all across', given: { facts: madeFacts({ pages: read([across, across]) }) } }], look: [{ name: 'one section of two', given: sections([595, 842], [842, 595]), says: ['acrossSection'] }, { name: 'one of three', given: { facts: madeFacts({ pages: read([madePage(), { ...across, number: 2 }, madePage({ number: 3 })]) }) }, says: ['across'] }] });

const upright = madePage(), asked = (orientation: 'portrait' | 'landscape', ...pages: ReturnType<typeof madePage>[]) => ({ brief: madeBrief({ layout: { ...madeBrief().layout, orientation } }), facts: madeFacts({ pages: read(pages) }) });
testCheck(pagesOrientation, { met: [{ name: 'upright as asked', given: asked('portrait', upright, upright) }, { name: 'across as asked', given: asked('landscape', across, across) }], look: [{ name: 'a wide table between upright pages', given: asked('portrait', upright, across, upright), says: ['across'] }], notMet: [{ name: 'across where upright is asked', given: asked('portrait', across, across), says: ['other'] }, { name: 'upright where across is asked', given: asked('landscape', upright, upright, across), says: ['other'] }] });
