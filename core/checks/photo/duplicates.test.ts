import { takenPhoto as taken } from '../../testing/made.ts';
import { testSetCheck } from '../../testing/test-check.ts';
import { photoDuplicates } from './duplicates.ts';

const ramp = Array.from({ length: 40 }, (_, i) => i % 7), mixed = ramp.map((v, i) => (i % 3 ? v : 9 - v));
testSetCheck(photoDuplicates, { met: [{ name: 'two pages', given: { facts: [taken('a.jpg', null, ramp), taken('b.jpg', null, mixed)] } }, { name: 'the same bytes are another check’s matter', given: { facts: [taken('a.jpg', null, ramp, 'x'), taken('b.jpg', null, ramp, 'x')] } }], look: [{ name: 'one page twice, darker', given: { facts: [taken('a.jpg', null, ramp), taken('b.jpg', null, ramp.map((v) => v * 0.6 + 3))] }, says: ['same'] }], notAsked: [{ name: 'one photo', given: { facts: [taken('a.jpg', null)] } }] });
