import { madeBrief, madeFacts, madeLayout } from '../../testing/made.ts';
import { testCheck } from '../../testing/test-check.ts';
import { read } from '../../model/facts.ts';
import { layoutLineSpacing } from './line-spacing.ts';

const brief = madeBrief({ layout: { ...madeBrief().layout, lineSpacing: 1.5 } }), set = (lineSpacing: number | null) => ({ brief, facts: madeFacts({ layout: read(madeLayout({ lineSpacing })) }) });
testCheck(layoutLineSpacing, { met: [{ name: 'a program’s own 1.5', given: set(1.55) }, { name: 'wider than the least that is asked', given: { ...set(2), brief: madeBrief({ layout: { ...madeBrief().layout, lineSpacing: 1.5, atLeast: ['lineSpacing'] } }) } }], look: [{ name: 'near', given: set(1.7), says: ['other'] }, { name: 'not measured', given: set(null), says: ['unmeasured'] }], notMet: [{ name: 'single', given: set(1), says: ['other'] }, { name: 'less than the least', given: { ...set(1), brief: madeBrief({ layout: { ...madeBrief().layout, lineSpacing: 1.5, atLeast: ['lineSpacing'] } }) }, says: ['other'] }], notAsked: [{ name: 'nothing asked' }] });

const passage = (found: number | string) => ({ brief: madeBrief({ layout: { ...madeBrief().layout, lineSpacing: 1.5 } }), facts: madeFacts({ layout: read(madeLayout({ otherSizes: [], outliers: [{ kind: 'spacing', found, part: 'text', page: 3, box: [72, 100, 500, 180], quote: 'Each flood tide' }] })) }) });
testCheck(layoutLineSpacing, { met: [{ name: 'a passage that is close enough', given: passage(1.4) }], look: [{ name: 'a passage set otherwise, with its place', given: passage(1), says: ['passage'] }], notMet: [], notAsked: [{ name: 'nothing asked' }] });

const several = (lineSpacing: number) => ({ ...set(lineSpacing), brief: madeBrief({ layout: { ...madeBrief().layout, choices: { lineSpacing: { values: [1.5, 2], between: false } } } }) });
testCheck(layoutLineSpacing, { met: [{ name: 'one and a half', given: several(1.5) }, { name: 'double', given: several(2) }], look: [{ name: 'a little less', given: several(1.32), says: ['other'] }], notMet: [{ name: 'single', given: several(1.05), says: ['other'] }], notAsked: [{ name: 'nothing asked' }] });
