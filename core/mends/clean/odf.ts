import { Package, packZip } from '../../engines/zip.ts';
import { heed, type Job } from '../../model/outcome.ts';
import { withoutAsides } from '../../engines/xml.ts';
import type { Neutral } from '../neutral/neutral.ts';
import { neutralParts } from '../neutral/package.ts';
import { cleanPicture, cleanSvg } from './picture.ts';
import { unshownPictures } from './reach.ts';

const emptyMeta = '<?xml version="1.0" encoding="UTF-8"?>\n<office:document-meta xmlns:office="urn:oasis:names:tc:opendocument:xmlns:office:1.0" xmlns:meta="urn:oasis:names:tc:opendocument:xmlns:meta:1.0" office:version="1.2"><office:meta/></office:document-meta>';
const dropParts = /^Thumbnails\/|^Versions\/|^VersionList\.xml$|^manifest\.rdf$|^layout-cache$|^Basic\/|^Scripts\/|^Dialogs\//;
/** Settings that name a printer, a data source or an editing session (ODF 1.2-1, 3.10; item names are the producers'). */
const dropSettings = /<config:config-item\s[^>]*config:name="(?:PrinterName|PrinterSetup|PrinterFaxName|PrintFaxName|CurrentDatabase\w*|Rsid\w*|LoadReadonlyPath|PrinterIndependentLayout_unused)"[^>]*(?:\/>|>[\s\S]*?<\/config:config-item>)/g;

/** An OpenDocument package without properties, authors, dates, session ids, thumbnails, macros and picture metadata. Text and layout stay. */
export async function cleanOdf(bytes: Uint8Array, job: Job, cleanInner: (bytes: Uint8Array) => Promise<Uint8Array | null>, neutral: Neutral | null = null): Promise<Uint8Array> {
  const pack = new Package(bytes);
  const parts: { name: string; bytes: Uint8Array; stored?: boolean }[] = [], unshown = unshownPictures(pack), dropped = (name: string): boolean => dropParts.test(name) || unshown.has(name);
  for (const name of ['mimetype', ...pack.names().filter((n) => n !== 'mimetype')]) {
    heed(job);
    const part = pack.part(name);
    if (!part || dropped(name)) continue;
    if (name === 'mimetype') parts.push({ name, bytes: part, stored: true });
    else if (/(^|\/)meta\.xml$/.test(name)) parts.push({ name, bytes: encode(emptyMeta) });
    else if (name === 'META-INF/manifest.xml') parts.push({ name, bytes: encode(withoutAsides(pack.text(name)!).replace(/<manifest:file-entry\s[^>]*?\/>/g, (t) => (dropped(/full-path="([^"]*)"/.exec(t)?.[1] ?? '') ? '' : t))) });
    else if (/settings\.xml$/.test(name)) parts.push({ name, bytes: encode(withoutAsides(pack.text(name)!).replace(dropSettings, '')) });
    else if (/\.xml$/.test(name)) parts.push({ name, bytes: encode(cleanXml(pack.text(name)!)) });
    else if (/\.svg$/i.test(name)) parts.push({ name, bytes: encode(cleanSvg(pack.text(name)!)) });
    else parts.push({ name, bytes: cleanPicture(part) ?? (/^Object|\.(docx|xlsx|odt|pdf)$/i.test(name) ? await cleanInner(part) : null) ?? part });
  }
  return packZip(neutral ? neutralParts(parts, neutral) : parts);
}

function cleanXml(xml: string): string {
  return withoutAsides(xml)
    .replace(/(<(dc:creator|meta:creator-initials|loext:sender-initials)(?:\s[^>]*)?>)[^<]*(<\/\2>)/g, (_, open: string, name: string, close: string) => `${open}${name === 'dc:creator' ? 'Author' : ''}${close}`)
    .replace(/(<dc:date(?:\s[^>]*)?>)[^<]*(<\/dc:date>)/g, '$11970-01-01T00:00:00$2')
    // Macros and what calls them (ODF 1.2-1, 3.12, 7.7.9, 10.3.19).
    .replace(/<(office:scripts|office:event-listeners|text:script)(?:\s[^>]*)?(?:\/>|>[\s\S]*?<\/\1>)/g, '')
    // What such a field shows is text and stays; as a field it would tell whoever opens the file next.
    .replace(/<(text:(?:initial-creator|creator|author-name|author-initials|printed-by))(?:\s[^>]*)?>([^<]*)<\/\1>/g, '$2')
    .replace(/<[A-Za-z][^>]*>/g, (tag) => tag.replace(/\s(?:officeooo:(?:rsid|paragraph-rsid)|loext:\w*[uU]ser\w*)="[^"]*"/g, '').replace(/(\sxlink:href=")(?:file:\/+)?(?:[A-Za-z]:[\\/]|\/?(?:home|Users)\/)[^"]*?([^"\\/]+)"/g, '$1$2"'));
}
const encode = (text: string): Uint8Array => new TextEncoder().encode(text);
