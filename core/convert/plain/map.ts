import { escapeXml } from '../../engines/xml.ts';
import { decodeText } from '../../text/bytes.ts';
import { htmlToText, rtfToText } from '../../readers/plain/read.ts';
import { emptyPage, type PageDescription } from '../page-description.ts';

/** Text as it stands, a paragraph a line. */
export function mapText(text: string): PageDescription {
  const page = emptyPage();
  page.body = text.split(/\r?\n/).map((line) => `<p style="margin:0">${escapeXml(line.replace(/[\u0000-\u0008\u000b-\u001f]/g, '')) || '&#160;'}</p>`).join('');
  return page;
}
export const mapTextFile = (bytes: Uint8Array): PageDescription => mapText(decodeText(bytes));
export function mapRtf(bytes: Uint8Array): PageDescription {
  const page = mapText(rtfToText(new TextDecoder('windows-1252').decode(bytes)).text);
  page.losses.push('only the text is carried over; layout, pictures and tables are not');
  return page;
}
export function mapHtml(bytes: Uint8Array): PageDescription {
  const page = mapText(htmlToText(decodeText(bytes)).text);
  page.losses.push('only the text is carried over; layout and pictures are not');
  return page;
}
