import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { fillPages, type Flow, type LaidPage, type Strip } from './paginate.ts';

/** Lines of ten points, one below the other; what is given replaces. */
const lines = (rows: Partial<Strip>[]): Strip[] => rows.map((row, i) => ({ sheet: 0, start: i * 10, end: i * 10 + 10, top: i * 10 + 1, bottom: i * 10 + 9, notes: [], keep: false, paragraph: i, forced: false, ...row }));
/** Pages of one column: their one range each, and their notes. */
const breakPages = (strips: Strip[], room: number, height: (n: number) => number, rule: number): { from: number; to: number; notes: number[] }[] => fillPages([{ strips, columns: 1, newPage: false, room }], height, rule).map((p) => ({ ...p.bands[0]!.columns[0]!, notes: p.notes }));
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

describe('columns', () => {
  const flow = (rows: Partial<Strip>[], columns: number, newPage = false): Omit<Flow, 'room'> => ({ strips: lines(rows), columns, newPage }), many = (n: number): Partial<Strip>[] => Array.from({ length: n }, () => ({}));
  const shown = (pages: LaidPage[]): string[] => pages.map((p) => p.bands.map((b) => `${b.flow}@${Math.round(b.top)}:${b.columns.map((c) => `${c.from}-${c.to}`).join('|')}`).join(' '));
  const fill = (flows: Omit<Flow, 'room'>[], room: number, noteHeight: (mark: number) => number, rule: number): LaidPage[] => fillPages(flows.map((f) => ({ ...f, room })), noteHeight, rule);
  test('full pages are filled one column after the other; the last ones are equally high', () => {
    expect(shown(fill([flow(many(13), 2)], 48, none, 0))).toEqual(['0@0:0-5|5-10', '0@0:10-12|12-13']);
    expect(shown(fill([flow(many(6), 3)], 100, none, 0))).toEqual(['0@0:0-2|2-4|4-6']);
  });
  test('what comes before and after stands over and under them; what does not fit goes to the next page', () => {
    expect(shown(fill([flow(many(2), 1), flow(many(4), 2), flow(many(2), 1)], 100, none, 0))).toEqual(['0@0:0-2 1@28:0-2|2-4 2@56:0-2']);
    expect(shown(fill([flow(many(2), 1), flow(many(4), 2), flow(many(4), 1)], 78, none, 0))).toEqual(['0@0:0-2 1@28:0-2|2-4 2@56:0-2', '2@0:2-4']);
    expect(shown(fill([flow(many(3), 1), flow(many(4), 2)], 40, none, 0))).toEqual(['0@0:0-3', '1@0:0-2|2-4']);
    expect(shown(fill([flow(many(1), 1), flow(many(1), 2, true)], 100, none, 0))).toEqual(['0@0:0-1', '1@0:0-1']);
  });
  test('pages of another size hold what their own height lets them', () => {
    expect(shown(fillPages([{ ...flow(many(5), 1), room: 28 }, { ...flow(many(5), 1, true), room: 48 }, { ...flow(many(4), 1, true), room: 28 }], none, 0))).toEqual(['0@0:0-3', '0@0:3-5', '1@0:0-5', '2@0:0-3', '2@0:3-4']);
  });
  test('a forced strip begins the next column, not the next page', () => {
    expect(shown(fill([flow([{}, { forced: true }, {}, {}], 2)], 100, none, 0))).toEqual(['0@0:0-1|1-4']);
  });
  test('notes below make the columns shorter', () => {
    const pages = fill([flow([{ notes: [1] }, ...many(11)], 2)], 58, () => 14, 6);
    expect(pages[0]!.notes).toEqual([1]);
    expect(shown(pages)[0]).toBe('0@0:0-3|3-6');
  });
  test('whatever the flows: each strip once and in order, no band over the page’s end that could be cut, bands below each other', () => {
    const rows = fc.array(fc.record({ keep: fc.boolean(), paragraph: fc.nat(4), forced: fc.boolean(), notes: fc.constantFrom<number[]>([], [], [], [1]) }), { minLength: 1, maxLength: 30 });
    fc.assert(fc.property(fc.array(fc.record({ rows, columns: fc.integer({ min: 1, max: 4 }), newPage: fc.boolean() }), { minLength: 1, maxLength: 5 }), fc.integer({ min: 30, max: 140 }), (made, room) => {
      const flows = made.map((m) => flow(m.rows, m.columns, m.newPage)), pages = fill(flows, room, () => 6, 4), all = pages.flatMap((p) => p.bands.flatMap((b) => b.columns.flatMap((c) => Array.from({ length: c.to - c.from }, (_, i) => `${b.flow}/${c.from + i}`))));
      expect(all).toEqual(flows.flatMap((f, n) => f.strips.map((_, i) => `${n}/${i}`)));
      expect(pages.flatMap((p) => p.notes)).toEqual(flows.flatMap((f) => f.strips.flatMap((s) => s.notes)));
      for (const p of pages) {
        expect(p.bands.length).toBeGreaterThan(0);
        let before = -1;
        for (const b of p.bands) {
          expect(b.top).toBeGreaterThan(before);
          expect(b.columns.length).toBeLessThanOrEqual(flows[b.flow]!.columns);
          for (const c of b.columns) { expect(c.to).toBeGreaterThan(c.from); if (c.to - c.from > 1 && p.notes.length === 0) expect(b.top + flows[b.flow]!.strips[c.to - 1]!.bottom - flows[b.flow]!.strips[c.from]!.top).toBeLessThanOrEqual(room + 0.001); }
          before = b.top;
        }
      }
    }));
  });
});
