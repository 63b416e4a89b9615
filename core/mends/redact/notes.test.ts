import { expect, test } from '@jest/globals';
import { noDetails } from '../../model/details.ts';
import { readDocument } from '../../readers/index.ts';
import { convertFiles } from '../../verbs/convert.ts';
import { redactFile } from '../../verbs/redact.ts';

const body = 'The creek fills from below while the tide is rising and it empties from above. '.repeat(8);
const made = async (note: string): Promise<Uint8Array> => (await convertFiles([{ name: 'p.md', path: 'p.md', bytes: new TextEncoder().encode(`# What settles\n\n${body.trim()}[^1] ${body}\n\n[^1]: ${note}\n`) }])).bytes;
const notes = async (bytes: Uint8Array): Promise<string> => { const facts = await readDocument(bytes, 'p.pdf'); return facts.passages.ok ? facts.passages.value.filter((p) => p.place === 'footnote').map((p) => p.text).join('\n') : ''; };
const nina = { ...noDetails(), givenNames: ['Nina'], surname: 'Okonjo' };

test('a name in a note at the foot of a page is taken out, and the rest of the note stays', async () => {
  const bytes = await made('With thanks to Nina Okonjo, who measured the levels.');
  expect(await notes(bytes)).toContain('Nina Okonjo');
  const done = await redactFile({ name: 'p.pdf', path: 'p.pdf', bytes }, nina), left = (await notes(done.bytes)).replace(/\s+/g, ' ');
  expect(left).not.toMatch(/Nina|Okonjo/);
  expect(left).toContain('who measured the levels');
});
