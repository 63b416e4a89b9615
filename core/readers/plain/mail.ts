import PostalMime from 'postal-mime';
import { decodeText } from '../../text/bytes.ts';
import type { DocumentFacts, FileFacts, Gap, MetadataFact, Passage } from '../../model/facts.ts';
import type { ReadContext } from '../context.ts';
import { readNested } from '../pdf/read.ts';
import { htmlToText } from './html.ts';
import { plainFacts, readPlain, toParagraphs } from './read.ts';

/** A message, or a page with all that belongs to it saved as one: its words unpacked, who wrote it, and what is attached. Sources: RFC 5322; RFC 2045, 6; RFC 2557. */
export async function readMail(bytes: Uint8Array, file: FileFacts, context: ReadContext): Promise<DocumentFacts> {
  const mail = await new PostalMime().parse(bytes).catch(() => null);
  if (!mail) return readPlain(bytes, file);
  const text = mail.text?.trim() ? mail.text : mail.html ? htmlToText(mail.html).text : '';
  const metadata: MetadataFact[] = mail.headers.filter((h) => /^(?:from|to|cc|sender|reply-to|return-path|subject|x-mailer|user-agent)$/.test(h.key)).map((h) => ({ part: `header/${h.key}`, key: h.key, value: h.value, sort: h.key === 'subject' ? 'title' : /mailer|agent/.test(h.key) ? 'software' : 'author' }));
  const passages: Passage[] = toParagraphs(text), gaps: Gap[] = [];
  // What the page says beside its words stands in its markup.
  if (mail.html) passages.push({ part: 'text', place: 'hidden', page: null, text: mail.html });
  for (const { content, filename } of mail.attachments) await readNested(typeof content === 'string' ? new TextEncoder().encode(content) : new Uint8Array(content), filename ?? 'attachment', `attachment/${filename ?? ''}`, 'attachment', context, passages, metadata, gaps);
  const facts = plainFacts(file, passages, metadata, text || decodeText(bytes));
  return { ...facts, passages: facts.passages.ok ? { ...facts.passages, gaps } : facts.passages };
}
