import { expect, test } from '@jest/globals';
import { readBrief } from './read.ts';

const layout = (text: string) => readBrief(text, '2027-01-20T10:00:00Z').brief.layout;

test.each([
  ['Margins: left 3.5 cm, right 2 cm, top and bottom 2.5 cm.', { left: 35, right: 20, top: 25, bottom: 25 }], ['Left margin 4 cm, right margin 2 cm.', { left: 40, right: 20 }], ['Margins 3 cm left and 2 cm right.', { left: 30, right: 20 }],
  ['Left margin 3.5 cm, other margins 2.5 cm.', { left: 35, right: 25, top: 25, bottom: 25 }], ['Leave a margin of 4 cm on the right.', { right: 40 }], ['Margins: top 2 cm; bottom 2 cm; left 3 cm; right 2 cm.', { left: 30, right: 20, top: 20, bottom: 20 }],
  ['Margins: 2.5 cm top/bottom, 3 cm left/right.', { left: 30, right: 30, top: 25, bottom: 25 }], ['Abgabe bis 1. März 2027. Rand rechts 4 cm, sonst 2,5 cm.', { left: 25, right: 40, top: 25, bottom: 25 }], ['Abgabe bis 1. März 2027. DIN A4, Ränder oben und unten 2 cm, links 4 cm, rechts 2 cm.', { left: 40, right: 20, top: 20, bottom: 20 }],
  ['À rendre le 3 mai 2027. Marges : gauche 3 cm, droite 2 cm.', { left: 30, right: 20 }], ['“Left margin 38 mm, others 25 mm”', { left: 38, right: 25, top: 25, bottom: 25 }],
])('sides of their own: %s', (text, margins) => { expect(layout(text).margins).toEqual(margins); expect(layout(text).marginMm).toBeNull(); });

test('a measure before the sides is that of the rest', () => { expect(layout('Arial 11, margins 2.5 cm (left 4 cm).')).toMatchObject({ marginMm: 25, margins: { left: 40, right: 25, top: 25, bottom: 25 } }); });

test.each([
  ['all sides alike', '2.5 cm margins on all sides.', 25], ['where the numbers stand', '2.5 cm margins, page numbers bottom right.', 25], ['where the name stands', '1" margins, last name and page number in the upper right corner.', 25.4],
  ['a picture', 'The picture on the left is 4 cm wide.', null], ['a margin of another kind', 'The profit margin on the left is 4 cm.', null], ['pages that are bound', 'Margins: inner 35 mm, outer 25 mm.', null],
])('none of their own: %s', (_, text, all) => { expect(layout(text).margins).toBeUndefined(); expect(layout(text).marginMm).toBe(all); });
