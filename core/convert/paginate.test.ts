import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { breakPages, type Strip } from './paginate.ts';

/** Lines of ten points, one below the other; what is given replaces. */
const lines = (rows: Partial<Strip>[]): Strip[] => rows.map((row, i) => ({ sheet: 0, start: i * 10, end: i * 10 + 10, top: i * 10 + 1, bottom: i * 10 + 9, notes: [], keep: false, paragraph: i, forced: false, ...row }));
const none = (): number => 0;
const cuts = (strips: Strip[], room: number, height: (n: number) => number = none, rule = 0): number[] => breakPages(strips, room, height, rule).map((p) => p.to);

describe('pages of strips', () => {
  test('a page takes what fits; the space before its first line and after its last does not count', () => {
    expect(cuts(lines(Array.from({ length: 7 }, () => ({}))), 28)).toEqual([3, 6, 7]);
    expect(cuts(lines(Array.from({ length: 7 }, () => ({}))), 27.9)).toEqual([2, 4, 6, 7]);
  });
  test('a note takes its room on the page of its mark, with the rule; where it does not fit the line goes over with it', () => {
    const rows = lines([{}, {}, { notes: [1] }, {}, {}]);
    expect(breakPages(rows, 50, (n) => n * 12, 8)).toEqual([{ from: 0, to: 3, notes: [1] }, { from: 3, to: 5, notes: [] }]);
    expect(breakPages(rows, 40, (n) => n * 12, 8)).toEqual([{ from: 0, to: 2, notes: [] }, { from: 2, to: 4, notes: [1] }, { from: 4, to: 5, notes: [] }]);
  });
  test('a heading goes with what follows; a paragraph leaves no line alone', () => {
    expect(cuts(lines([{}, {}, { keep: true }, {}, {}]), 28)).toEqual([2, 5]);
    expect(cuts(lines([{}, {}, { paragraph: 9 }, { paragraph: 9 }, { paragraph: 9 }]), 28)).toEqual([2, 5]);
    expect(cuts(lines([{}, { paragraph: 9 }, { paragraph: 9 }, { paragraph: 9 }, {}]), 28)).toEqual([1, 4, 5]);
    expect(cuts(lines([{ paragraph: 9 }, { paragraph: 9 }, { paragraph: 9 }, { paragraph: 9 }, {}]), 28)).toEqual([2, 5]);
  });
  test('a forced page begins whatever fits; a strip that is larger than a page stands alone', () => {
    expect(cuts(lines([{}, { forced: true }, {}]), 100)).toEqual([1, 3]);
    expect(cuts([...lines([{}]), { ...lines([{}])[0]!, start: 10, top: 11, bottom: 300, end: 301 }, { ...lines([{}])[0]!, start: 301, top: 302, bottom: 310, end: 311 }], 50)).toEqual([1, 2, 3]);
  });
  test('whatever the strips: each on exactly one page, in order, each note once, and no page over its room that could be cut', () => {
    fc.assert(fc.property(fc.array(fc.record({ keep: fc.boolean(), paragraph: fc.nat(5), forced: fc.boolean(), notes: fc.constantFrom<number[]>([], [], [], [1], [2]) }), { maxLength: 60 }), fc.integer({ min: 20, max: 120 }), (rows, room) => {
      const strips = lines(rows), pages = breakPages(strips, room, () => 6, 4);
      expect(pages.flatMap((p) => Array.from({ length: p.to - p.from }, (_, i) => p.from + i))).toEqual(strips.map((_, i) => i));
      expect(pages.flatMap((p) => p.notes)).toEqual(strips.flatMap((s) => s.notes));
      for (const p of pages) expect(p.to - p.from === 1 || strips[p.to - 1]!.bottom - strips[p.from]!.top + p.notes.length * 6 + (p.notes.length > 0 ? 4 : 0) <= room).toBe(true);
      for (const [i, s] of strips.entries()) if (s.forced && i > 0) expect(pages.some((p) => p.from === i)).toBe(true);
    }));
  });
});
