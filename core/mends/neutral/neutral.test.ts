import { expect, test } from '@jest/globals';
import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { withPdf } from '../../engines/pdf.ts';
import { Package } from '../../engines/zip.ts';
import { emptyBrief } from '../../model/brief.ts';
import { nina } from '../../testing/made.ts';
import { dictOf, inParagraph, plainPicture, plantedDocx, plantedOdt, plantedPdf, wordPart, wordRun } from '../../testing/plant.ts';
import { checkFiles } from '../../verbs/check.ts';
import { cleanFile } from '../../verbs/clean.ts';
import { redactFile } from '../../verbs/redact.ts';

const cleaned = async (name: string, bytes: Uint8Array, anonymous: boolean | null = true): Promise<Uint8Array> => (await cleanFile({ name, path: name, bytes }, { details: nina, brief: { ...emptyBrief(), anonymous } })).bytes;
const partOf = (bytes: Uint8Array, name: string): string => new Package(bytes).text(name)!;

/** Three targets, in the order a tree of names asks for, and links to them. */
const withTargets = (): Promise<Uint8Array> => plantedPdf((pdf) => {
  const page = pdf.findPage(0), leaf = pdf.newArray(), links = pdf.newArray();
  for (const name of ['NinaVestergaardImani_start', 'Zones', 'appendix']) {
    const target = pdf.newArray();
    target.push(page); target.push(pdf.newName('Fit'));
    leaf.push(pdf.newString(name)); leaf.push(target);
    links.push(pdf.addObject(dictOf(pdf, { Type: '/Annot', Subtype: '/Link', Rect: [10, 10, 50, 20], Dest: name })));
  }
  const tree = pdf.newDictionary(), names = pdf.newDictionary();
  tree.put('Names', leaf); tree.put('Limits', ['NinaVestergaardImani_start', 'appendix']); names.put('Dests', pdf.addObject(tree));
  pdf.getTrailer().get('Root').put('Names', names);
  page.put('Annots', links);
});

test('targets that are named after the student go by another name, in order, and every link still finds its own', async () => {
  const bytes = await cleaned('p.pdf', await withTargets());
  await withPdf(bytes, (pdf) => {
    const leaf = pdf.getTrailer().get('Root').get('Names').get('Dests').get('Names'), keys = [0, 2, 4].map((i) => leaf.get(i).asString());
    expect(keys).toEqual(['Zones', 'appendix', 'removed_start']);
    const page = pdf.loadPage(0);
    expect(page.getLinks().map((l) => pdf.resolveLink(l.getURI()))).toEqual([0, 0, 0]);
    page.destroy();
  });
  const path = join(mkdtempSync(join(tmpdir(), 'neutral-')), 'p.pdf');
  writeFileSync(path, bytes);
  expect(execFileSync('qpdf', ['--check', path]).toString()).toContain('No syntax or stream encoding errors');
});
test('bookmarks, page labels and what is read aloud say something else in place of the student, and keep the rest', async () => {
  const bytes = await cleaned('p.pdf', await plantedPdf((pdf) => {
    const item = pdf.addObject(dictOf(pdf, { Title: 'Essay of Nína Vestergaard-Imani: results' })), root = pdf.getTrailer().get('Root');
    root.put('Outlines', pdf.addObject(dictOf(pdf, { Type: '/Outlines', First: item as never, Last: item as never })));
    const contents = pdf.findPage(0).get('Contents'), drawn = contents.readStream().asString();
    contents.writeStream(`/Figure <</MCID 0 /Alt (Map by Nina Vestergaard-Imani, 2026)>> BDC\n${drawn}\nEMC`);
  }));
  await withPdf(bytes, (pdf) => {
    expect(pdf.getTrailer().get('Root').get('Outlines').get('First').get('Title').asString()).toBe('Essay of [removed]: results');
    const drawn = pdf.findPage(0).get('Contents').readStream().asString();
    const alt = /\/MCID 0 \/Alt <FEFF([\dA-F]+)>>> BDC/i.exec(drawn)![1]!;
    expect(alt.match(/.{4}/g)!.map((c) => String.fromCharCode(parseInt(c, 16))).join('')).toBe('Map by [removed], 2026');
  });
});
test('what is shown, and what is somebody else’s, stays: notes, values of fields, bookmarks of other people', async () => {
  const bytes = await cleaned('p.pdf', await plantedPdf((pdf) => {
    const item = pdf.addObject(dictOf(pdf, { Title: 'Brandsma (2019) on Vestergaardia imanica' })), list = pdf.newArray();
    pdf.getTrailer().get('Root').put('Outlines', pdf.addObject(dictOf(pdf, { Type: '/Outlines', First: item as never, Last: item as never })));
    list.push(pdf.addObject(dictOf(pdf, { Type: '/Annot', Subtype: '/Widget', FT: '/Tx', T: 'a', V: 'Nina Vestergaard-Imani', Rect: [0, 0, 9, 9] })));
    list.push(pdf.addObject(dictOf(pdf, { Type: '/Annot', Subtype: '/FreeText', Contents: 'by Nina Vestergaard-Imani', Rect: [0, 0, 9, 9] })));
    pdf.findPage(0).put('Annots', list);
  }));
  await withPdf(bytes, (pdf) => {
    const page = pdf.findPage(0);
    expect(pdf.getTrailer().get('Root').get('Outlines').get('First').get('Title').asString()).toBe('Brandsma (2019) on Vestergaardia imanica');
    expect([page.get('Annots').get(0).get('V').asString(), page.get('Annots').get(1).get('Contents').asString()]).toEqual(['Nina Vestergaard-Imani', 'by Nina Vestergaard-Imani']);
  });
});
test('a table of colours is bytes, whatever they spell', async () => {
  const bytes = await cleaned('p.pdf', await plantedPdf((pdf) => {
    const space = pdf.newArray(), dict = pdf.newDictionary(), objects = pdf.newDictionary(), contents = pdf.findPage(0).get('Contents'), drawn = contents.readStream().asString();
    space.push(pdf.newName('Indexed')); space.push(pdf.newName('DeviceRGB')); space.push(7); space.push(pdf.newString(' Nina Vestergaard-Imani '));
    for (const [key, value] of Object.entries({ Subtype: pdf.newName('Image'), ColorSpace: space, Width: 1, Height: 1, BitsPerComponent: 8 })) dict.put(key, value as never);
    objects.put('Im', pdf.addStream(new Uint8Array([0]), dict));
    pdf.findPage(0).getInheritable('Resources').put('XObject', objects);
    contents.writeStream(`${drawn} q 50 0 0 50 72 72 cm /Im Do Q`);
  }));
  await withPdf(bytes, (pdf) => { expect(pdf.findPage(0).getInheritable('Resources').get('XObject').get('Im').get('ColorSpace').get(3).asString()).toBe(' Nina Vestergaard-Imani '); });
});
test('where the paper is not marked anonymously nothing of this is touched', async () => {
  const docx = plantedDocx(inParagraph('<w:bookmarkStart w:id="0" w:name="NinaVestergaardImani"/><w:bookmarkEnd w:id="0"/>'));
  expect(partOf(await cleaned('p.docx', docx, false), 'word/document.xml')).toContain('w:name="NinaVestergaardImani"');
  expect(partOf(await cleaned('p.docx', docx, null), 'word/document.xml')).toContain('w:name="removed"');
});
test('a pattern or a form that is drawn stays, one that nothing calls goes', async () => {
  const bytes = await cleaned('p.pdf', await plantedPdf((pdf) => {
    const form = (): ReturnType<typeof pdf.addStream> => pdf.addStream('0 0 5 5 re f', dictOf(pdf, { Type: '/XObject', Subtype: '/Form', BBox: [0, 0, 9, 9] })), objects = pdf.newDictionary();
    for (const name of ['Drawn', 'Idle']) objects.put(name, form());
    pdf.findPage(0).getInheritable('Resources').put('XObject', objects);
    const contents = pdf.findPage(0).get('Contents'), drawn = contents.readStream().asString();
    contents.writeStream(`${drawn} /Drawn Do`);
  }));
  await withPdf(bytes, (pdf) => { const objects = pdf.findPage(0).getInheritable('Resources').get('XObject'); expect([objects.get('Drawn').isNull(), objects.get('Idle').isNull()]).toEqual([false, true]); });
});

test('a bookmark and what refers to it go by the same new name; a tooltip keeps its other words; an address leads nowhere', async () => {
  const docx = plantedDocx(inParagraph(`<w:bookmarkStart w:id="0" w:name="NinaVestergaardImani_map"/>${wordRun('map')}<w:bookmarkEnd w:id="0"/><w:r><w:fldChar w:fldCharType="begin"/></w:r><w:r><w:instrText xml:space="preserve"> REF NinaVestergaardImani_map \\h </w:instrText></w:r><w:r><w:fldChar w:fldCharType="end"/></w:r><w:hyperlink w:anchor="NinaVestergaardImani_map" w:tooltip="the page of Nina Vestergaard-Imani &amp; co">${wordRun('x')}</w:hyperlink>`),
    { 'word/_rels/document.xml.rels': '<Relationships xmlns="http://schemas.openxmlformats.org/package/2006/relationships"><Relationship Id="rId9" Type="http://schemas.openxmlformats.org/officeDocument/2006/relationships/hyperlink" Target="https://files.carrow.example/u/nvi204/d" TargetMode="External"/><Relationship Id="rId10" Type="http://schemas.openxmlformats.org/officeDocument/2006/relationships/hyperlink" Target="https://doi.example/10.1" TargetMode="External"/></Relationships>' });
  const xml = partOf(await cleaned('p.docx', docx), 'word/document.xml'), links = partOf(await cleaned('p.docx', docx), 'word/_rels/document.xml.rels');
  expect(xml.match(/removed_map/g)).toHaveLength(3);
  expect(xml).toContain('w:tooltip="the page of [removed] &amp; co"');
  expect([...links.matchAll(/ Target="([^"]*)"/g)].map((m) => m[1])).toEqual(['about:blank', 'https://doi.example/10.1']);
});
test('a picture named after the student goes by another name and is still found; other parts keep theirs', async () => {
  const picture = await plainPicture('png');
  const docx = await cleaned('p.docx', plantedDocx('<w:p><w:r><w:drawing><a:blip xmlns:a="urn:a" r:embed="rId7"/><a:blip xmlns:a="urn:a" r:embed="rId8"/></w:drawing></w:r></w:p>', { 'word/media/nvi204_map.png': picture, 'word/media/image2.png': picture, 'word/_rels/document.xml.rels': '<Relationships xmlns="http://schemas.openxmlformats.org/package/2006/relationships"><Relationship Id="rId7" Type="http://schemas.openxmlformats.org/officeDocument/2006/relationships/image" Target="media/nvi204_map.png"/><Relationship Id="rId8" Type="http://schemas.openxmlformats.org/officeDocument/2006/relationships/image" Target="media/image2.png"/></Relationships>' }));
  expect(new Package(docx).names().filter((n) => n.includes('media'))).toEqual(['word/media/removed_map.png', 'word/media/image2.png']);
  expect(partOf(docx, 'word/_rels/document.xml.rels')).toContain('Target="media/removed_map.png"');
});
test('two details stand for two words, so that two parts never get one name', async () => {
  const odt = await cleaned('p.odt', plantedOdt('<text:section text:name="nvi204"><text:p><text:bookmark text:name="of_20417733"/>x</text:p></text:section>'));
  expect([.../text:name="(\w+)"[^]*text:name="(\w+)"/.exec(partOf(odt, 'content.xml'))!].slice(1)).toEqual(['removed', 'of_removed2']);
});
test('words between tags are no attributes, and the text keeps every one of them', async () => {
  const text = 'The register says name="Nina Vestergaard-Imani" in full';
  const docx = await cleaned('p.docx', plantedDocx(inParagraph(wordRun(text.replace(/"/g, '&quot;')))));
  expect(partOf(docx, 'word/document.xml')).toContain('name=&quot;Nina Vestergaard-Imani&quot; in full');
});
test('the office engine opens what was cleaned and reads the same text', async () => {
  const dir = mkdtempSync(join(tmpdir(), 'neutral-')), odt = plantedOdt('<text:section text:name="Draft of Nina Vestergaard-Imani"><text:p>Inside <text:bookmark text:name="NinaVestergaardImani"/>the section.</text:p></text:section>');
  const read = (name: string, bytes: Uint8Array): string => { writeFileSync(join(dir, `${name}.odt`), bytes); execFileSync('soffice', [`-env:UserInstallation=file://${dir}/profile`, '--headless', '--convert-to', 'txt:Text', '--outdir', dir, join(dir, `${name}.odt`)], { stdio: 'ignore', timeout: 60_000 }); return readFileSync(join(dir, `${name}.txt`), 'utf8'); };
  let office = true;
  try { execFileSync('which', ['soffice']); } catch { office = false; }
  const copy = await cleaned('p.odt', odt);
  expect(partOf(copy, 'content.xml')).toContain('text:name="Draft of removed"');
  if (office) expect(read('after', copy)).toBe(read('before', odt));
}, 120_000);

test('a watermark’s words are shown: cleaning leaves them, taking details out takes them', async () => {
  const docx = plantedDocx('', { 'word/header1.xml': wordPart('hdr', inParagraph('<w:r><w:pict><v:shape><v:textpath string="Draft of Nina Vestergaard-Imani"/></v:shape></w:pict></w:r>')) });
  expect(partOf(await cleaned('p.docx', docx), 'word/header1.xml')).toContain('string="Draft of Nina Vestergaard-Imani"');
  const redacted = await redactFile({ name: 'p.docx', path: 'p.docx', bytes: docx }, nina);
  expect(partOf(redacted.bytes, 'word/header1.xml')).toContain('string="Draft of [removed]"');
});
test('words outside the page are taken out as those on it are', async () => {
  const bytes = await plantedPdf((pdf) => { const contents = pdf.findPage(0).get('Contents'), drawn = contents.readStream().asString(); contents.writeStream(`${drawn} BT /F 12 Tf 72 -400 Td (Nina Vestergaard-Imani) Tj ET`); });
  const done = await redactFile({ name: 'p.pdf', path: 'p.pdf', bytes }, nina);
  expect([done.taken.map((t) => t.text), done.proof.left]).toEqual([['Nina Vestergaard-Imani'], 0]);
});
test('on the web a name that is a word is none: the address of a source stays', async () => {
  const docx = plantedDocx('', { 'word/_rels/document.xml.rels': '<Relationships xmlns="http://schemas.openxmlformats.org/package/2006/relationships"><Relationship Id="rId9" Type="http://schemas.openxmlformats.org/officeDocument/2006/relationships/hyperlink" Target="https://press.example/works/green-2019.pdf" TargetMode="External"/></Relationships>' });
  const done = await cleanFile({ name: 'p.docx', path: 'p.docx', bytes: docx }, { details: { ...nina, givenNames: ['Ann'], surname: 'Green' }, brief: { ...emptyBrief(), anonymous: true } });
  expect(partOf(done.bytes, 'word/_rels/document.xml.rels')).toContain('https://press.example/works/green-2019.pdf');
});
test('what is kept of cited sources stays: their authors are others, and only a whole name is looked at', async () => {
  const field = (json: string): string => `<w:r><w:fldChar w:fldCharType="begin"/></w:r><w:r><w:instrText xml:space="preserve"> ADDIN sources {"author":[{"family":"</w:instrText></w:r><w:r><w:instrText>${json}</w:instrText></w:r><w:r><w:fldChar w:fldCharType="separate"/></w:r><w:r><w:t>(Vestergaard, 2019)</w:t></w:r><w:r><w:fldChar w:fldCharType="end"/></w:r>`, docx = plantedDocx(inParagraph(field('Vestergaard-Imani","given":"Piet"}]}')));
  const before = (await checkFiles([{ name: 'p.docx', path: 'p.docx', bytes: docx }], { details: nina, now: 0 })).files[0]!.findings.filter((f) => f.check === 'identity.field');
  expect(before.map((f) => f.standing).filter((s) => s === 'stops')).toEqual([]);
  expect(partOf(await cleaned('p.docx', docx), 'word/document.xml')).toContain('Vestergaard-Imani&quot;,'.replace(/&quot;/g, '"'));
});
