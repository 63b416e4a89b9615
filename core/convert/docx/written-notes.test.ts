import { describe, expect, test } from '@jest/globals';
import { Package } from '../../engines/zip.ts';
import { emptyPage } from '../page-description.ts';
import { writeDocx } from './write.ts';
import { writtenNotes } from './written-notes.ts';

const refs = (...shown: string[]): string => `<p>${shown.map((s, i) => `w${i}<sup data-note="${i + 1}">${s}</sup>`).join(' ')}</p>`;
const div = (n: number, shown: string, end = false): string => `<div class="note" data-note="${n}"${end ? ' data-end="1"' : ''}><p>${shown ? `<sup>${shown}</sup> ` : ''}note ${n}</p></div>`;

describe('what the notes of a page description are', () => {
  test.each<[string, string, (string | null)[], string]>([
    ['numbers', `${refs('1', '2')}<hr/>${div(1, '1')}${div(2, '2')}`, [null, null], ''],
    ['endnotes in small Roman figures are the usual', `${refs('i', '1', 'ii')}<hr/>${div(1, 'i', true)}${div(2, '1')}${div(3, 'ii', true)}`, [null, null, null], ''],
    ['endnotes in figures', `${refs('1')}<hr/>${div(1, '1', true)}`, [null], '<w:endnotePr><w:numFmt w:val="decimal"/><w:numStart w:val="1"/></w:endnotePr>'],
    ['letters from C', `${refs('C', 'D')}<hr/>${div(1, 'C')}${div(2, 'D')}`, [null, null], '<w:footnotePr><w:numFmt w:val="upperLetter"/><w:numStart w:val="3"/></w:footnotePr>'],
    ['one with a mark of its own', `${refs('1', '*', '2')}<hr/>${div(1, '1')}${div(2, '*')}${div(3, '2')}`, [null, '*', null], ''],
    ['one whose text says its mark', `${refs('1', '*', '2')}<hr/>${div(1, '1')}${div(2, '')}${div(3, '2')}`, [null, '*', null], ''],
    ['signs in their order', `${refs('*', '†')}<hr/>${div(1, '*')}${div(2, '†')}`, [null, null], '<w:footnotePr><w:numFmt w:val="chicago"/><w:numStart w:val="1"/></w:footnotePr>'],
  ])('%s', (_, body, own, settings) => {
    const written = writtenNotes(body);
    expect([[...written.notes.values()].map((n) => n.own), written.settings]).toEqual([own, settings]);
  });
});
test('footnotes and endnotes have a part each, and what stands for them is written once', () => {
  const pack = new Package(writeDocx({ ...emptyPage(), body: `${refs('i', 'A', '*')}<hr/>${div(1, 'i', true)}${div(2, 'A')}${div(3, '*')}` }));
  expect(pack.names().filter((n) => /notes\.xml$/.test(n)).sort()).toEqual(['word/endnotes.xml', 'word/footnotes.xml']);
  const [text, foot, end, settings, types] = ['word/document.xml', 'word/footnotes.xml', 'word/endnotes.xml', 'word/settings.xml', '[Content_Types].xml'].map((n) => pack.text(n)!) as [string, string, string, string, string];
  expect([...text.matchAll(/<w:(?:foot|end)noteReference[^>]*>(?:<w:t>[^<]*<\/w:t>)?/g)].map((m) => m[0])).toEqual(['<w:endnoteReference w:id="2"/>', '<w:footnoteReference w:id="3"/>', '<w:footnoteReference w:id="4" w:customMarkFollows="1"/><w:t>*</w:t>']);
  expect([/w:id="2"[^]*<w:endnoteRef\/>[^]*note 1/.test(end), /w:id="3"[^]*<w:footnoteRef\/>[^]*note 2/.test(foot), (foot.match(/<w:footnoteRef\/>/g) ?? []).length]).toEqual([true, true, 1]);
  for (const part of [settings, text]) expect(part).toContain('<w:footnotePr><w:numFmt w:val="upperLetter"/>');
  expect(types).toMatch(/endnotes\+xml/);
});
