import { expect, test } from '@jest/globals';
import { inParagraph, plantedDocx, plantedOdt } from '../testing/plant.ts';
import { readDocument } from './index.ts';

const told = async (bytes: Uint8Array, name: string): Promise<string[]> => (await readDocument(bytes, name)).file.troubles.map((t) => t.code);
const field = (instruction: string): string => `<w:p><w:fldSimple w:instr="${instruction}"><w:r><w:t>shown</w:t></w:r></w:fldSimple></w:p>`;

// ECMA-376-1, 17.16.5: instructions that fetch; DDE as older files hold it, from memory.
test.each<[string, string, string[]]>([
  ['a picture from an address', ' INCLUDEPICTURE &quot;https://pictures.example/a.png&quot; \\d ', ['externalReference']],
  ['text of another file', ' INCLUDETEXT chapter2.docx ', ['externalReference']],
  ['a sheet that is linked', ' LINK Excel.Sheet.12 budget.xlsx Sheet1!R1C1 \\a ', ['externalReference']],
  ['another program', ' DDEAUTO prog topic item ', ['launch']],
  ['hard negative: a link', ' HYPERLINK &quot;https://pictures.example/a.png&quot; ', []],
  ['hard negative: a page number', ' PAGE \\* MERGEFORMAT ', []],
  ['hard negative: a table of contents', ' TOC \\o &quot;1-3&quot; ', []],
  ['hard negative: an index entry of a word like it', ' XE &quot;Link, missing&quot; ', []],
])('fields of a DOCX: %s', async (_, instruction, codes) => expect(await told(plantedDocx(field(instruction)), 'a.docx')).toEqual(codes));

const relation = (type: string, target: string): Record<string, string> => ({ 'word/_rels/document.xml.rels': `<Relationships xmlns="http://schemas.openxmlformats.org/package/2006/relationships"><Relationship Id="rId9" Type="http://schemas.openxmlformats.org/officeDocument/2006/relationships/${type}" Target="${target}" TargetMode="External"/></Relationships>` });
test.each<[string, Record<string, string>, string[]]>([
  ['a template on another machine', relation('attachedTemplate', 'https://host.example/t.dotm'), ['externalReference']],
  ['a template on a server of the same net', relation('attachedTemplate', '\\\\host\\share\\t.dotm'), ['externalReference']],
  ['hard negative: the writer’s own template', relation('attachedTemplate', 'file:///C:/Templates/Normal.dotm'), []],
  ['hard negative: a link', relation('hyperlink', 'https://host.example/'), []],
])('relations of a DOCX (ECMA-376-2, 9.3): %s', async (_, parts, codes) => expect(await told(plantedDocx(inParagraph('A word.'), parts), 'a.docx')).toEqual(codes));

test.each<[string, string, string[]]>([
  ['a picture from an address', '<text:p><draw:frame><draw:image xlink:href="https://pictures.example/a.png"/></draw:frame></text:p>', ['externalReference']],
  ['a section of another file', '<text:section text:name="S"><text:section-source xlink:href="../chapter2.odt"/><text:p>x</text:p></text:section>', ['externalReference']],
  ['hard negative: a picture inside', '<text:p><draw:frame><draw:image xlink:href="Pictures/1.png"/></draw:frame></text:p>', []],
  ['hard negative: a link', '<text:p><text:a xlink:href="https://pictures.example/a.png">here</text:a></text:p>', []],
])('addresses of an ODT: %s', async (_, inner, codes) => expect((await told(plantedOdt(inner), 'a.odt')).filter((c) => c !== 'damaged')).toEqual(codes));
