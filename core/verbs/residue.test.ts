import { expect, test } from '@jest/globals';
import { nina } from '../testing/made.ts';
import { plantedPdf } from '../testing/plant.ts';
import { cleanFile } from './clean.ts';

/** Words among the bytes of a font's table of characters: nothing that a reader shows, and nothing that cleaning writes anew. */
const withBytes = (words: string): Promise<Uint8Array> => plantedPdf((pdf) => { pdf.findPage(0).getInheritable('Resources').get('Font').get('F').put('ToUnicode', pdf.addStream(`% ${words}\n/CIDInit /ProcSet findresource begin end`, {})); });

test.each([
  ['a username', 'made on the machine of nvi204', ['identity.orphan']],
  ['a whole name', 'made for Nína Vestergaard-Imani', ['identity.orphan']],
  ['half a surname, as whoever made the font may have it', 'Designed by Piet Vestergaard', []],
  ['nothing of the student', 'Copyright the makers of the font', []],
])('a copy is proved by every byte: %s', async (_, words, left) => {
  const bytes = await withBytes(words), done = await cleanFile({ name: 'paper.pdf', path: 'paper.pdf', bytes }, { details: nina });
  expect([...new Set(done.left.filter((f) => f.place.part.startsWith('bytes/')).map((f) => f.check))]).toEqual(left);
});
