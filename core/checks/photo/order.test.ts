import { takenPhoto as taken } from '../../testing/made.ts';
import { testSetCheck } from '../../testing/test-check.ts';
import { photoOrder } from './order.ts';

testSetCheck(photoOrder, {
  met: [{ name: 'by time', given: { facts: [taken('IMG_9.jpg', '2027:03:10 10:00:00'), taken('IMG_2.jpg', '2027:03:10 10:01:00')] } }, { name: 'by number', given: { facts: [taken('page 9.jpg', null), taken('page 10.jpg', null)] } }, { name: 'nothing to tell by', given: { facts: [taken('b.jpg', null), taken('a.jpg', null)] } }],
  look: [{ name: 'a page taken earlier stands later', given: { facts: [taken('a.jpg', '2027:03:10 10:05:00'), taken('b.jpg', '2027:03:10 10:01:00')] }, says: ['time'] }, { name: 'numbers fall', given: { facts: [taken('p3.jpg', null), taken('p2.jpg', null)] }, says: ['number'] }],
  notAsked: [{ name: 'one photo', given: { facts: [taken('a.jpg', null)] } }],
});
