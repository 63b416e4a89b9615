import { expect, test } from '@jest/globals';
import { emptyBrief } from '../model/brief.ts';
import { nina } from '../testing/made.ts';
import { dictOf, plainPicture, plantedDocx, plantedPdf } from '../testing/plant.ts';
import { readDocument } from '../readers/index.ts';
import { convertFiles } from './convert.ts';
import { checkFiles, picturesMatter } from './check.ts';

const file = (name: string, bytes: Uint8Array) => ({ name, path: name, bytes });
const anonymous = { ...emptyBrief(), anonymous: true };

test('a signed file is told, a form without a signature is not', async () => {
  const withField = (signed: boolean) => plantedPdf((pdf) => {
    const field = pdf.addObject(dictOf(pdf, { FT: '/Sig', T: 's1', Type: '/Annot', Subtype: '/Widget', Rect: [0, 0, 0, 0] })), list = pdf.newArray(), form = pdf.newDictionary();
    if (signed) field.put('V', pdf.addObject(dictOf(pdf, { Type: '/Sig', Filter: '/Adobe.PPKLite', M: 'D:20270301100000Z' })));
    list.push(field); form.put('Fields', list); pdf.getTrailer().get('Root').put('AcroForm', form);
  });
  for (const signed of [true, false]) expect((await checkFiles([file('a.pdf', await withField(signed))], { now: 0 })).files[0]!.signed).toBe(signed);
});
test('pictures are left for later where asked, and counted only where a name in them would matter', async () => {
  const scan = file('a.pdf', await plantedPdf((pdf, mupdf) => { const page = pdf.findPage(0), objects = pdf.newDictionary(), resources = pdf.newDictionary(); objects.put('I', pdf.addImage(new mupdf.Image(picture))); resources.put('XObject', objects); page.put('Resources', resources); page.put('Contents', pdf.addStream('q 500 0 0 700 40 60 cm /I Do Q', {})); }));
  expect((await checkFiles([scan], { brief: anonymous, details: nina, now: 0, quick: true })).leftForLater).toBe(1);
  expect((await checkFiles([scan], { brief: { ...anonymous, anonymous: false }, details: nina, now: 0, quick: true })).leftForLater).toBe(0);
  expect([picturesMatter({ brief: anonymous, details: null, now: 0 }), picturesMatter({ brief: emptyBrief(), details: nina, now: 0 }), picturesMatter({ brief: emptyBrief(), details: nina, insisted: ['identity'], now: 0 }), picturesMatter({ details: nina, now: 0 })]).toEqual([false, false, true, true]);
});
test('facts that are known already are not read again, and what is found is the same', async () => {
  const docx = file('a.docx', plantedDocx()), facts = await readDocument(docx.bytes, docx.name), asked: string[] = [];
  const [known, read] = [await checkFiles([docx], { brief: anonymous, details: nina, now: 0 }, {}, (f) => { asked.push(f.name); return Promise.resolve(structuredClone(facts)); }), await checkFiles([docx], { brief: anonymous, details: nina, now: 0 })];
  expect(asked).toEqual(['a.docx']);
  expect(known).toEqual(read);
});
test('a word-processor file has no pages of its own: how many it takes is laid out where a limit asks for it', async () => {
  const paragraph = `<w:p><w:r><w:t>${'The tide brings silt over the marsh and leaves it among the stems. '.repeat(20)}</w:t></w:r></w:p>`, docx = file('a.docx', plantedDocx(paragraph.repeat(20)));
  const line = async (limits: object) => { const { docket } = await checkFiles([docx], { brief: { ...emptyBrief(), limits: { ...emptyBrief().limits, ...limits } }, now: 0 }); const l = docket.find((d) => d.id === 'pages.limit')!; return [l.standing, l.found]; };
  const pdf = await convertFiles([docx]);
  expect(pdf.pages).toBeGreaterThan(3);
  expect(await line({ maxPages: 40 })).toEqual(['met', `about ${pdf.pages} pages as laid out here`]);
  expect((await line({ maxPages: 2 }))[0]).toBe('look');
  expect(await line({})).toEqual(['notAsked', null]);
  // A quick look lays nothing out and says that something is left; a file with pages of its own leaves nothing.
  const limited = { ...emptyBrief(), limits: { ...emptyBrief().limits, maxPages: 40 } }, quick = await checkFiles([docx], { brief: limited, now: 0, quick: true });
  expect([quick.leftForLater, quick.docket.find((d) => d.id === 'pages.limit')!.standing]).toEqual([1, 'look']);
  expect((await checkFiles([file('a.pdf', pdf.bytes)], { brief: limited, now: 0, quick: true })).leftForLater).toBe(0);
});
const picture = await plainPicture('jpeg', 400, 560);
