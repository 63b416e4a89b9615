import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { plantedDocx, plantedOdt, plantedPdf, inParagraph, savedAgain, wordPart, wordRun } from '../testing/plant.ts';
import { compareVersions } from '../verbs/versions.ts';
import { changesBetween } from './changes.ts';
import { stamp } from './history.ts';
import { likeness, textOf } from './text.ts';

const prose = Array.from({ length: 12 }, (_, i) => `Paragraph ${i} tells how the silt of creek ${i * 3} settled between the tides of that year, and what was measured there.`);
const later = prose.map((p, i) => (i === 4 ? p.replace('what was measured there', 'nobody had measured it before') : p));
const core = (inner: string): string => `<cp:coreProperties xmlns:cp="c" xmlns:dcterms="t" xmlns:dc="d">${inner}</cp:coreProperties>`;
const times = (modified: string, created = '2026-10-01T08:00:00Z', revision = ''): string => core(`<dcterms:created>${created}</dcterms:created><dcterms:modified>${modified}</dcterms:modified>${revision ? `<cp:revision>${revision}</cp:revision>` : ''}`);
const paragraphs = (list: string[]): string => list.map((t) => inParagraph(wordRun(t))).join('');
const docx = (list: string[], parts: Record<string, string> = {}, extra = ''): Uint8Array => plantedDocx(paragraphs(list) + extra, parts);
const rsids = (...ids: string[]): Record<string, string> => ({ 'word/settings.xml': wordPart('settings', `<w:rsids>${ids.map((i) => `<w:rsid w:val="${i}"/>`).join('')}</w:rsids>`) });
const odt = (list: string[], meta: string): Uint8Array => plantedOdt(list.map((t) => `<text:p>${t}</text:p>`).join(''), { 'meta.xml': `<office:document-meta NS><office:meta>${meta}</office:meta></office:document-meta>` });
const pdf = (text: string, info: Record<string, string> = {}): Promise<Uint8Array> => plantedPdf((d) => { for (const [k, v] of Object.entries(info)) d.setMetaData(`info:${k}`, v); }, { text: text.slice(0, 900), save: '' });
const lineText = `${prose.slice(0, 4).join(' ')}`;

const onePdf = pdf(lineText);

type Maker = () => Promise<Uint8Array> | Uint8Array;
/** Pairs whose history is known: the second was made after the first. `rests` is the weightiest ground; null where nothing decides. */
const pairs: { say: string; names?: [string, string]; first: Maker; second: Maker; rests: string | null; times?: [number, number] }[] = [
  { say: 'DOCX, one editing session more', first: () => docx(prose, rsids('00AA0001', '00AA0002')), second: () => docx(later, rsids('00AA0001', '00AA0002', '00AA0003')), rests: 'revisionIds' },
  { say: 'DOCX, sessions speak against the time of a later save of the old one', first: () => docx(prose, { ...rsids('00AA0001', '00AA0002'), 'docProps/core.xml': times('2026-11-20T10:00:00Z') }), second: () => docx(later, { ...rsids('00AA0001', '00AA0002', '00AA0004'), 'docProps/core.xml': times('2026-11-10T10:00:00Z') }), rests: 'revisionIds' },
  { say: 'DOCX, changed later', first: () => docx(prose, { 'docProps/core.xml': times('2026-11-01T10:00:00Z') }), second: () => docx(later, { 'docProps/core.xml': times('2026-11-02T09:00:00Z') }), rests: 'modified' },
  { say: 'DOCX, changed later the same hour, in another zone', first: () => docx(prose, { 'docProps/core.xml': times('2026-11-01T12:30:00+02:00') }), second: () => docx(later, { 'docProps/core.xml': times('2026-11-01T10:45:00Z') }), rests: 'modified' },
  { say: 'DOCX, saved more often', first: () => docx(prose, { 'docProps/core.xml': core('<dcterms:created>2026-10-01T08:00:00Z</dcterms:created><cp:revision>4</cp:revision>') }), second: () => docx(later, { 'docProps/core.xml': core('<dcterms:created>2026-10-01T08:00:00Z</dcterms:created><cp:revision>9</cp:revision>') }), rests: 'saves' },
  { say: 'DOCX, tracked changes accepted', first: () => docx([...later.slice(0, -1)], {}, inParagraph(`<w:ins w:id="1" w:author="A">${wordRun(later.at(-1)!)}</w:ins>`)), second: () => docx(later), rests: 'changesAccepted' },
  { say: 'DOCX, a place filled in', first: () => docx([...prose, 'The reference is [insert citation] here and there.']), second: () => docx([...prose, 'The reference is Marlowe and others 2019 here and there.']), rests: 'leftovers' },
  { say: 'DOCX, a broken reference mended', first: () => docx([...prose, 'See Error! Reference source not found. for the map.']), second: () => docx([...prose, 'See figure four for the map.']), rests: 'leftovers' },
  { say: 'DOCX, a comment worked off', first: () => docx(prose, { 'word/comments.xml': wordPart('comments', `<w:comment w:id="0" w:author="A">${inParagraph(wordRun('check'))}</w:comment>`) }), second: () => docx(later), rests: 'comments' },
  { say: 'DOCX, a later date on the first page', first: () => docx(['As of 3 November 2026', ...prose]), second: () => docx(['As of 12 November 2026', ...later]), rests: 'textDate' },
  { say: 'DOCX, numbered names', names: ['report v2.docx', 'report v10.docx'], first: () => docx(prose), second: () => docx(later), rests: 'nameMark' },
  { say: 'DOCX, draft and final', names: ['report_draft.docx', 'report_final.docx'], first: () => docx(prose), second: () => docx(later), rests: 'nameMark' },
  { say: 'DOCX, dated names', names: ['2026-11-03 report.docx', '2026-11-21 report.docx'], first: () => docx(prose), second: () => docx(later), rests: 'nameMark' },
  { say: 'DOCX, older on disk', first: () => docx(prose), second: () => docx(later), times: [1_795_000_000_000, 1_795_100_000_000], rests: 'fileTime' },
  { say: 'ODT, more editing cycles', first: () => odt(prose, '<meta:creation-date>2026-10-01T08:00:00</meta:creation-date><meta:editing-cycles>3</meta:editing-cycles>'), second: () => odt(later, '<meta:creation-date>2026-10-01T08:00:00</meta:creation-date><meta:editing-cycles>7</meta:editing-cycles>'), rests: 'saves' },
  { say: 'ODT, edited for longer', first: () => odt(prose, '<meta:creation-date>2026-10-01T08:00:00</meta:creation-date><meta:editing-duration>PT45M</meta:editing-duration>'), second: () => odt(later, '<meta:creation-date>2026-10-01T08:00:00</meta:creation-date><meta:editing-duration>PT2H3M</meta:editing-duration>'), rests: 'editingTime' },
  { say: 'ODT, changed later', first: () => odt(prose, '<dc:date>2026-11-01T10:00:00</dc:date>'), second: () => odt(later, '<dc:date>2026-11-03T10:00:00</dc:date>'), rests: 'modified' },
  { say: 'PDF, the first saved inside the second', first: () => onePdf, second: async () => savedAgain(await onePdf, (d) => { d.findPage(0).put('Rotate', d.newInteger(0)); const contents = d.findPage(0).get('Contents'); contents.writeStream(`BT /F 12 Tf 72 500 Td (${lineText.slice(0, 880)} and more) Tj ET`); }), rests: 'savedInside' },
  { say: 'PDF, changed later', first: () => pdf(lineText, { ModDate: 'D:20261101100000Z' }), second: () => pdf(lineText.replace('settled', 'was laid down'), { ModDate: "D:20261101123000+01'00'" }), rests: 'modified' },
  { say: 'PDF, written later', first: () => pdf(lineText, { CreationDate: 'D:20261101100000Z' }), second: () => pdf(lineText.replace('settled', 'was laid down'), { CreationDate: 'D:20261102100000Z' }), rests: 'modified' },
  { say: 'nothing decides: no traces', first: () => docx(prose), second: () => docx(later), rests: null },
  { say: 'nothing decides: equal times', first: () => docx(prose, { 'docProps/core.xml': times('2026-11-01T10:00:00Z') }), second: () => docx(later, { 'docProps/core.xml': times('2026-11-01T10:00:00Z') }), rests: null },
  { say: 'nothing decides: neutral times', first: () => docx(prose, { 'docProps/core.xml': times('1980-01-01T00:00:00Z', '1980-01-01T00:00:00Z') }), second: () => docx(later, { 'docProps/core.xml': times('1970-01-01T00:00:00Z', '1980-01-01T00:00:00Z') }), rests: null },
  { say: 'nothing decides: hints contradict each other', names: ['report_final.docx', 'report_draft.docx'], first: () => docx([...prose, 'The reference is [insert citation] here and there.']), second: () => docx([...prose, 'The reference is Marlowe and others 2019 here and there.']), rests: null },
  { say: 'nothing decides: sessions of both went on apart', first: () => docx(prose, rsids('00AA0001', '00AA0002', '00BB0001')), second: () => docx(later, rsids('00AA0001', '00AA0002', '00CC0001')), rests: null },
];

describe('which of two versions is newer', () => {
  test.each(pairs.map((p) => [p.say, p] as const))('%s', async (_, pair) => {
    const ending = pair.say.startsWith('PDF') ? 'pdf' : pair.say.startsWith('ODT') ? 'odt' : 'docx';
    const [x, y] = pair.names ?? [`a.${ending}`, `b.${ending}`];
    const [first, second] = [{ name: x, path: x, bytes: await pair.first() }, { name: y, path: y, bytes: await pair.second() }];
    const order = (await compareVersions(first, second, pair.times)).order;
    expect(order.related).toBe(true);
    expect(order.newer).toBe(pair.rests === null ? null : 'second');
    if (pair.rests !== null) expect(order.grounds[0]!.why).toBe(pair.rests);
    // The other way round the answer is the same.
    const back = (await compareVersions(second, first, pair.times ? [pair.times[1], pair.times[0]] : undefined)).order;
    expect(back.newer).toBe(pair.rests === null ? null : 'first');
  });
  test('two different papers are no versions of each other', async () => {
    const other = prose.map((p) => p.split(' ').reverse().join(' '));
    expect((await compareVersions({ name: 'a.docx', path: 'a', bytes: docx(prose) }, { name: 'b.docx', path: 'b', bytes: docx(other) })).order).toMatchObject({ related: false, newer: null });
  });
});

describe('what changed', () => {
  const words = fc.array(fc.constantFrom('silt', 'clay', 'tide.', 'marsh', 'creek', 'and', 'the'), { maxLength: 120 });
  test('the stretches rebuild both versions, whatever they are', () => {
    fc.assert(fc.property(words, words, (a, b) => {
      const c = changesBetween(a, b), without = (kind: string): string[] => c.stretches.filter((s) => s.kind !== kind).flatMap((s) => s.words);
      expect(without('added')).toEqual(a);
      expect(without('removed')).toEqual(b);
      expect(c.same + c.added).toBe(b.length);
      expect(c.same + c.removed).toBe(a.length);
    }));
  });
  test('one word in a long text is one word', () => {
    const a = prose.join(' ').split(' '), b = [...a];
    b[40] = 'sand';
    expect(changesBetween(a, b)).toMatchObject({ added: 1, removed: 1, same: a.length - 1 });
  });
  test('likeness: one, none, and a form that shares a line', () => {
    const a = prose.join(' ').split(' ');
    expect(likeness(textOf(a), textOf(a))).toBe(1);
    expect(likeness(textOf(a), textOf([...a].reverse()))).toBe(0);
    expect(likeness(textOf(a), textOf(['Days', 'lost:', '3']))).toBe(0);
  });
});

// ISO 32000-1, 7.9.4 gives this very example of a date.
test('dates of PDFs', () => {
  expect(stamp("D:199812231952-08'00'")).toBe(Date.parse('1998-12-23T19:52:00-08:00'));
  expect(stamp('2026-11-01T10:00:00')).toBe(Date.parse('2026-11-01T10:00:00Z'));
  expect(stamp('D:1970')).toBeNull();
  expect(stamp('yesterday')).toBeNull();
});
