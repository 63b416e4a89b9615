import { expect, test } from '@jest/globals';
import { Package } from '../../engines/zip.ts';
import { inParagraph, plantedDocx, wordPart, wordRun } from '../../testing/plant.ts';
import { cleanFile } from '../../verbs/clean.ts';

test('revision ids go from every part: settings, styles, paragraphs, runs, rows (ECMA-376-1, 17.15.1.72, 17.7.4.16, 17.3.1)', async () => {
  const body = `<w:p w:rsidR="00A11111" w:rsidRDefault="00A22222"><w:r w:rsidRPr="00A33333"><w:t>word</w:t></w:r></w:p><w:tbl><w:tr w:rsidTr="00A44444"><w:tc>${inParagraph(wordRun('cell'))}</w:tc></w:tr></w:tbl>`;
  const bytes = plantedDocx(body, {
    'word/settings.xml': wordPart('settings', '<w:rsids><w:rsidRoot w:val="00A55555"/><w:rsid w:val="00A66666"/></w:rsids><w:zoom w:percent="90"/>'),
    'word/styles.xml': wordPart('styles', '<w:style w:type="paragraph" w:styleId="Quiet"><w:name w:val="Quiet"/><w:rsid w:val="00A77777"/><w:pPr/></w:style>'),
  });
  const cleaned = await cleanFile({ name: 'a.docx', path: 'a.docx', bytes }, {}), pack = new Package(cleaned.bytes), all = pack.names().map((n) => pack.text(n) ?? '').join('');
  expect(all).not.toMatch(/00A\d{5}|rsid/);
  // Its neighbours stay.
  expect(all).toContain('<w:zoom w:percent="90"/>');
  expect(all).toContain('<w:name w:val="Quiet"/>');
  expect(cleaned.left.filter((f) => f.check === 'metadata.revision-ids')).toEqual([]);
  expect(cleaned.removed.map((r) => r.check)).toContain('metadata.revision-ids');
});
