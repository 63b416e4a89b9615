import { madeBrief, madeFacts, madeLayout } from '../../testing/made.ts';
import { testCheck } from '../../testing/test-check.ts';
import { read, unread } from '../../model/facts.ts';
import { layoutFontSize } from './font-size.ts';

const least = madeBrief({ layout: { ...madeBrief().layout, fontSizePt: 11, atLeast: ['fontSizePt'] } });
const brief = madeBrief({ layout: { ...madeBrief().layout, fontSizePt: 12 } }), set = (sizePt: number, otherSizes: number[] = []) => ({ brief, facts: madeFacts({ layout: read(madeLayout({ sizePt, otherSizes })) }) });
testCheck(layoutFontSize, {
  met: [{ name: '12 pt with smaller notes and larger heads', given: set(12, [9, 16]) }, { name: '12 pt where at least 11 are asked', given: { ...set(12), brief: least } }, { name: 'headings that are a point larger', given: set(12, [13]) }],
  look: [{ name: 'a stretch in 11 pt', given: set(12, [11]), says: ['mixed'] }, { name: '11.5 pt', given: set(11.5), says: ['other'] }], notMet: [{ name: '10 pt', given: set(10), says: ['other'] }, { name: '10 pt where at least 11 are asked', given: { ...set(10), brief: least }, says: ['other'] }],
  unread: [{ name: 'a picture', given: { brief, facts: madeFacts({ layout: unread('notOfThisKind') }) } }], notAsked: [{ name: 'nothing asked' }],
});

const passage = (found: number | string) => ({ brief: madeBrief({ layout: { ...madeBrief().layout, fontSizePt: 12 } }), facts: madeFacts({ layout: read(madeLayout({ otherSizes: [], outliers: [{ kind: 'size', found, part: 'text', page: 3, box: [72, 100, 500, 180], quote: 'Each flood tide' }] })) }) });
testCheck(layoutFontSize, { met: [{ name: 'a passage that is what is asked', given: passage(12) }], look: [{ name: 'a passage set otherwise, with its place', given: passage(9), says: ['passage'] }], notMet: [], notAsked: [{ name: 'nothing asked' }] });

const several = (sizePt: number, between: boolean, otherSizes: number[] = []) => ({ ...set(sizePt, otherSizes), brief: madeBrief({ layout: { ...madeBrief().layout, choices: { fontSizePt: { values: [10, 12], between } } } }) });
testCheck(layoutFontSize, { met: [{ name: 'the smaller of two', given: several(10, false) }, { name: 'the larger of two', given: several(12, false, [10]) }, { name: 'between the two', given: several(11, true) }], look: [{ name: 'a stretch in between where one of two is asked', given: several(12, false, [11.5]), says: ['mixed'] }], notMet: [{ name: 'between two of which one is asked', given: several(11, false), says: ['other'] }, { name: 'smaller than all', given: several(9, true), says: ['other'] }], notAsked: [{ name: 'nothing asked' }] });
