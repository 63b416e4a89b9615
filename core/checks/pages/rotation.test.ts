import { read } from '../../model/facts.ts';
import { madeFacts, madePage } from '../../testing/made.ts';
import { testCheck } from '../../testing/test-check.ts';
import { pagesRotation } from './rotation.ts';

const pages = (...list: Parameters<typeof madePage>[0][]) => ({ facts: madeFacts({ pages: read(list.map((p) => madePage(p))) }) });
testCheck(pagesRotation, {
  met: [{ name: 'upright', given: pages({}) }, { name: 'a page across, turned so that it reads upright', given: pages({}, { rotation: 90, width: 842, height: 595 }) }, { name: 'a label beside a figure runs up', given: pages({ sidewaysLines: 0.1 }) }],
  look: [{ name: 'on its head', given: pages({}, { rotation: 180, upsideDown: true }), says: ['upsideDown'] }, { name: 'lines run up the page', given: pages({ sidewaysLines: 0.9 }), says: ['sideways'] }],
});
