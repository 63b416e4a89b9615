import { madeFacts, madePage } from '../../testing/made.ts';
import { testCheck } from '../../testing/test-check.ts';
import { read } from '../../model/facts.ts';
import { pagesOrientation } from './orientation.ts';

const across = madePage({ width: 842, height: 595 });
testCheck(pagesOrientation, { met: [{ name: 'slides all across', given: { facts: madeFacts({ pages: read([across, across]) }) } }], look: [{ name: 'one of three', given: { facts: madeFacts({ pages: read([madePage(), { ...across, number: 2 }, madePage({ number: 3 })]) }) }, says: ['across'] }] });
