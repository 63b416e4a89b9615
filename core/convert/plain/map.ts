import { escapeXml } from '../../engines/xml.ts';
import { decodeText } from '../../text/bytes.ts';
import { markdownToHtml, splitFrontMatter, struckThrough } from '../../readers/plain/markdown.ts';
import { mapHtmlSource } from '../html/map.ts';
import { emptyPage, type PageDescription } from '../page-description.ts';

/** Text as it stands, a paragraph a line. */
export function mapText(text: string): PageDescription {
  const page = emptyPage();
  page.body = text.split(/\r?\n/).map((line) => `<p style="margin:0">${escapeXml(line.replace(/[\u0000-\u0008\u000b-\u001f]/g, '')) || '&#160;'}</p>`).join('');
  return page;
}
export const mapTextFile = (bytes: Uint8Array): PageDescription => mapText(decodeText(bytes));
export const mapHtml = (bytes: Uint8Array): PageDescription => mapHtmlSource(decodeText(bytes));

/** Markdown (CommonMark with tables and footnotes), by way of HTML. What stands before it between lines of dashes is about the file and is left out, but for its title and language. */
export function mapMarkdown(bytes: Uint8Array): PageDescription {
  const { body, fields } = splitFrontMatter(decodeText(bytes)), field = (key: string): string | undefined => fields.find(([k]) => k.toLowerCase() === key)?.[1];
  const page = mapHtmlSource(struckThrough(markdownToHtml(body)));
  return { ...page, title: field('title') ?? page.title, language: field('lang') ?? field('language') ?? page.language };
}
