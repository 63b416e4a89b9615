import { describe, expect, test } from '@jest/globals';
import { madePage } from '../../testing/made.ts';
import { pagesSetWider, passagesSetOtherwise, type MostOfText } from './layout-outliers.ts';
import type { MeasuredLine } from './layout.ts';

const words = 'Each flood tide carries silt and clay over the surface of the marsh, and some of it settles.';
const line = (top: number, own: Partial<MeasuredLine> & { left?: number; right?: number } = {}): MeasuredLine => ({ size: 12, font: 'ABCDEF+Tinos', text: words, head: false, newBlock: false, ...own, box: [own.left ?? 72, top, own.right ?? 523, top + 12] });
const lines = (n: number, from: number, step: number, own: Parameters<typeof line>[1] = {}): MeasuredLine[] => Array.from({ length: n }, (_, i) => line(from + i * step, own));
const most: MostOfText = { sizePt: 12, face: 'Tinos', lineSpacing: 1.5, spacing: (step, size) => Math.round((step / size / 1.15) * 20) / 20 };
const body = lines(10, 72, 20.7), told = (...pages: MeasuredLine[][]): string[] => passagesSetOtherwise([body, ...pages], most).map((o) => `${o.kind} ${o.found} on ${o.page}`);

describe('passages set otherwise', () => {
  test('with their box and first words', () => expect(passagesSetOtherwise([[...body, ...lines(4, 400, 12, { size: 10, text: `On the flats. ${words}` }), ...lines(3, 500, 20.7)]], most)).toEqual([{ kind: 'size', found: 10, part: 'text', page: 1, quote: expect.stringMatching(/^On the flats\. Each flood tide/), box: [72, 400, 523, 448] }]));
  test.each<[string, MeasuredLine[], string[]]>([
    ['another face', [...body, ...lines(4, 400, 20.7, { font: 'Arimo' })], ['face Arimo on 2']], ['lines closer together', [...body, ...lines(6, 400, 13.8)], ['spacing 1 on 2']], ['a whole page in small type', lines(20, 72, 12, { size: 9 }), ['size 9 on 2']],
    ['hard negative: two lines only', [...body, ...lines(2, 400, 12, { size: 10 }), ...lines(2, 500, 20.7)], []], ['hard negative: a few words a line', [...body, ...lines(4, 400, 12, { size: 10, text: 'A short one' }), ...lines(2, 500, 20.7)], []],
    ['hard negative: moved in on both sides', [...body, ...lines(4, 400, 12, { size: 10, left: 108, right: 480 }), ...lines(2, 500, 20.7)], []], ['hard negative: notes at the foot', [...body, ...lines(4, 700, 11, { size: 9, text: `3 ${words}` })], []],
    ['hard negative: rows of a table', [...body, ...[0, 1, 2, 3].flatMap((r) => [0, 1, 2].map((c) => line(400 + r * 12, { size: 9, left: 72 + c * 150 }))), ...lines(2, 500, 20.7)], []], ['hard negative: code', [...body, ...lines(4, 400, 11, { size: 9, font: 'Cousine Mono' }), ...lines(2, 500, 20.7)], []],
    ['hard negative: a list behind bullets', [...body, ...lines(4, 400, 20.7, { font: 'Symbol', text: `• ${words}` })], []], ['hard negative: contents', [...body, ...lines(4, 400, 12, { size: 10, text: 'Tides and silt . . . . . . . . . . . . . . . . . . . . . . . 12' }), ...lines(2, 500, 20.7)], []],
    ['hard negative: a reference list', [...body, line(380, { text: 'References' }), ...lines(6, 400, 12, { size: 10 })], []], ['hard negative: lines further apart', [...body, ...lines(6, 400, 30)], []],
  ])('%s', (_, page, expected) => expect(told(page)).toEqual(expected));
  test('faces of one design have several names, and a number is none', () => expect(passagesSetOtherwise([lines(10, 72, 12, { font: 'CMR12' }).concat(lines(4, 300, 12, { font: 'CMBX12' }), lines(4, 400, 12, { font: 'F43' }))], { ...most, face: 'CMR12', lineSpacing: null })).toEqual([]));
});

describe('pages whose text goes further out', () => {
  const pages = [1, 2, 3, 4].map((number) => madePage({ number, width: 595, height: 842 })), wider = (page: MeasuredLine[]): string[] => pagesSetWider([body, body, body, page], pages).map((o) => `${o.side} ${o.found} on ${o.page}, ${JSON.stringify(o.box)}`);
  test('by their side, with a box around the lines', () => expect(wider([...body, ...lines(4, 400, 20, { left: 40 })])).toEqual(['left 14.1 on 4, [40,400,523,472]']));
  test.each<[string, MeasuredLine[]]>([['hard negative: one long line', [...body, line(400, { left: 40 })]], ['hard negative: short words of a figure', [...body, ...lines(4, 400, 20, { left: 20, right: 60, text: 'silt' })]], ['hard negative: the same as the others', body]])('%s', (_, page) => expect(wider(page)).toEqual([]));
  test('where many pages are wide, that is the margin', () => { const wide = lines(10, 72, 20, { left: 40 }); expect(pagesSetWider([body, wide, body, wide], pages)).toEqual([]); });
});
