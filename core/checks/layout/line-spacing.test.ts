import { madeBrief, madeFacts, madeLayout } from '../../testing/made.ts';
import { testCheck } from '../../testing/test-check.ts';
import { read } from '../../model/facts.ts';
import { layoutLineSpacing } from './line-spacing.ts';

const brief = madeBrief({ layout: { ...madeBrief().layout, lineSpacing: 1.5 } }), set = (lineSpacing: number | null) => ({ brief, facts: madeFacts({ layout: read(madeLayout({ lineSpacing })) }) });
testCheck(layoutLineSpacing, { met: [{ name: 'a program’s own 1.5', given: set(1.55) }], look: [{ name: 'near', given: set(1.7), says: ['other'] }, { name: 'not measured', given: set(null), says: ['unmeasured'] }], notMet: [{ name: 'single', given: set(1), says: ['other'] }], notAsked: [{ name: 'nothing asked' }] });
