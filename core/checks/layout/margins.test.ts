import { expect, test } from '@jest/globals';
import { madeBrief, madeFacts, madeLayout } from '../../testing/made.ts';
import { testCheck } from '../../testing/test-check.ts';
import { read } from '../../model/facts.ts';
import { layoutMargins } from './margins.ts';

const brief = madeBrief({ layout: { ...madeBrief().layout, marginMm: 25 } }), set = (left: number, bottom = 40) => ({ brief, facts: madeFacts({ layout: read(madeLayout({ marginsMm: { left, right: 26, top: 25, bottom } })) }) });
const least = madeBrief({ layout: { ...madeBrief().layout, marginMm: 25, atLeast: ['marginMm'] } });
testCheck(layoutMargins, { met: [{ name: 'a last line higher up is no margin', given: set(25) }, { name: 'wider where it is the least', given: { ...set(31), brief: least } }], look: [{ name: 'wider', given: set(31), says: ['wide'] }, { name: 'a little narrow', given: set(22), says: ['narrow'] }], notMet: [{ name: '15 mm', given: set(15), says: ['narrow'] }, { name: '15 mm where 25 are the least', given: { ...set(15), brief: least }, says: ['narrow'] }], notAsked: [{ name: 'nothing asked' }] });

const beyond = (found: number, leftOf = 25) => ({ brief, facts: madeFacts({ layout: read(madeLayout({ marginsMm: { left: leftOf, right: 26, top: 25, bottom: 40 }, outliers: [{ kind: 'margin', side: 'left', found, part: 'text', page: 4, box: null, quote: null }] })) }) });
testCheck(layoutMargins, { met: [{ name: 'a page that goes further than the others and still far enough in', given: beyond(24) }], look: [{ name: 'one page a little narrow', given: beyond(22), says: ['page'] }], notMet: [{ name: 'one page at 12 mm', given: beyond(12), says: ['page'] }, { name: 'all pages are narrow: no page by itself', given: beyond(10, 15), says: ['narrow'] }], notAsked: [{ name: 'nothing asked' }] });
test('above and below are named where they are at fault', () => {
  const found = (bottom: number) => layoutMargins.found({ ...set(25, bottom), layout: madeLayout({ marginsMm: { left: 25, right: 26, top: 25, bottom } }) } as never);
  expect([found(40), found(12)]).toEqual(['left 25, right 26 mm', 'left 25, right 26, bottom 12 mm']);
});

const several = (mm: number) => ({ ...set(mm), brief: madeBrief({ layout: { ...madeBrief().layout, choices: { marginMm: { values: [20, 25], between: true } } } }) });
testCheck(layoutMargins, { met: [{ name: 'between the two', given: several(22) }], look: [{ name: 'a little wider', given: several(30), says: ['wide'] }], notMet: [{ name: 'narrower than both', given: several(14), says: ['narrow'] }], notAsked: [{ name: 'nothing asked' }] });

const bySide = (measured: { left: number; right: number; top?: number; bottom?: number }, margins = { left: 40, right: 25 } as object) => ({ brief: madeBrief({ layout: { ...madeBrief().layout, margins } }), facts: madeFacts({ layout: read(madeLayout({ marginsMm: { top: 25, bottom: 30, ...measured } })) }) });
testCheck(layoutMargins, {
  met: [{ name: 'each side as it is asked for', given: bySide({ left: 40, right: 25 }) }, { name: 'a side that nobody names', given: bySide({ left: 40, right: 26, top: 5 }) }],
  look: [{ name: 'a little narrow on the right', given: bySide({ left: 40, right: 22 }), says: ['narrow'] }, { name: 'wider than asked on the left', given: bySide({ left: 50, right: 25 }), says: ['wide'] }],
  notMet: [{ name: 'the wide side is narrow', given: bySide({ left: 25, right: 25 }), says: ['narrow'] }, { name: 'a page that goes too far to the right', given: { ...bySide({ left: 40, right: 40 }, { right: 40 }), facts: madeFacts({ layout: read(madeLayout({ marginsMm: { left: 25, right: 40, top: 25, bottom: 30 }, outliers: [{ kind: 'margin', side: 'right', found: 20, part: 'text', page: 3, box: null, quote: null }] })) }) }, says: ['page'] }],
  notAsked: [{ name: 'nothing asked' }],
});
test('what is asked and found is told side by side', () => {
  const { brief, facts } = bySide({ left: 40, right: 26 }, { left: 40, right: 25, top: 25, bottom: 25 });
  expect(layoutMargins.asked({ brief, facts } as never)).toBe('margins: left 40, right and top and bottom 25 mm');
  expect(layoutMargins.found({ brief, facts, layout: facts.layout.ok ? facts.layout.value : null } as never)).toBe('left 40, right 26 mm');
});
