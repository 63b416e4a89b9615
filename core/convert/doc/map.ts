import { escapeXml } from '../../engines/xml.ts';
import { CannotDo } from '../../model/outcome.ts';
import { openCompound, paragraphsOf, readStories } from '../../readers/doc/text.ts';
import { emptyPage, type PageDescription } from '../page-description.ts';

/** Maps an old word-processor file to a page description: its words, paragraph by paragraph, rows of tables as lines, notes at the end. What is not carried over is told.
 * @throws {CannotDo} `unreadable` where the text cannot be found */
export function mapDoc(bytes: Uint8Array): PageDescription {
  let stories: ReturnType<typeof readStories> = null;
  try { stories = readStories(openCompound(bytes)); } catch { /* told below */ }
  if (!stories) throw new CannotDo('unreadable', 'The text of this old word-processor file cannot be found.', 'Open it in a word processor and save it as DOCX.');
  const page = emptyPage();
  let mark = 0;
  const line = (text: string): string => escapeXml(text).replace(/\t/g, '&#8195;').replace(/\n/g, '<br/>');
  // A note's mark is a sign of its own in the text ([MS-DOC] 2.4.1): it becomes a number before the other signs go.
  const marked = stories.main.replace(/\u0002/g, () => { mark++; return `\ue000${mark}\ue001`; });
  page.body = paragraphsOf(marked).paragraphs.map((p) => `<p style="margin:0 0 6pt 0">${line(p).replace(/\ue000(\d+)\ue001/g, '<sup data-note="$1">$1</sup>') || '&#160;'}</p>`).join('');
  const notes = [...paragraphsOf(stories.notes).paragraphs, ...paragraphsOf(stories.endnotes).paragraphs].filter((n) => n.trim());
  if (notes.length > 0) page.body += `<hr/>${notes.map((n, i) => `<p class="note">${i < mark ? `<sup>${i + 1}</sup> ` : ''}${line(n.trim())}</p>`).join('')}`;
  for (let i = 1; i <= mark; i++) page.generated.push(String(i), String(i));
  page.head = paragraphsOf(stories.headers).paragraphs.find((p) => /[\p{L}\p{N}]/u.test(p))?.replace(/[\t\n]+/g, '  ') ?? '';
  page.counts = { images: 0, tables: 0, equations: 0, footnotes: mark };
  page.losses.push('the words of this old format are carried over, not its formatting, tables as such, or pictures: save it as DOCX in a word processor where they matter');
  return page;
}
