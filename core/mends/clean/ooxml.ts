import { Package, packZip } from '../../engines/zip.ts';
import { heed, type Job } from '../../model/outcome.ts';
import { withoutAsides } from '../../engines/xml.ts';
import type { Neutral } from '../neutral/neutral.ts';
import { neutralParts } from '../neutral/package.ts';
import { cleanPicture, cleanSvg } from './picture.ts';
import { isUnused, resolvePart, unreachableParts } from './reach.ts';

const quoted = `(?:"[^"]*"|'[^']*')`;
/** Attributes that number editing sessions or say who and when. Source: ECMA-376-1, 17.13 (annotations), 17.15.1.70 (rsid). */
const dropAttributes = new RegExp(`\\s(?:w:rsid\\w*|w:date|w:initials|w16du:dateUtc|w16cex:dateUtc|w15:userId|w15:providerId|\\w+:dateUtc)\\s*=\\s*${quoted}`, 'g');
const authorAttributes = new RegExp(`\\s(w:author|w15:author|w:userId)\\s*=\\s*${quoted}`, 'g');
const pathAttributes = /(\s(?:name|descr|title|alt|o:title|o:href|Target|r:pict)\s*=\s*)("|')(?:file:\/+)?(?:[A-Za-z]:[\\/]|\/(?:home|Users|tmp|mnt|media|var)\/|\\\\)[^"']*?([^"'\\/]+)\2/g;
/** Settings that hold identities, places or words of the writer's machine. Source: ECMA-376-1, 17.15. */
const dropElements = ['w:rsids', 'w:rsid', 'w:attachedTemplate', 'w:docVars', 'w:mailMerge', 'w15:docId', 'w14:docId', 'w:saveThroughXslt', 'w:dataBinding', 'w15:dataBinding', 'x15ac:absPath', 'w15:presenceInfo', 'w:documentType', 'w:helpText', 'w:statusText', 'w:smartTagPr', 'w:permStart', 'w:permEnd', 'w:fldData', 'wne:docEvents'];
const dropParts = /^docProps\/(custom\.xml|thumbnail\.\w+)$|^word\/people\.xml$|^word\/printerSettings\/|printerSettings\d*\.bin$|^customXml\/|^word\/recipientData\.xml$|^package\/|^docMetadata\/|^word\/customizations\.xml$|(?:^|\/)vba(?:Project(?:Signature\w*)?\.bin|Data\.xml)(?:\.rels)?$|^customUI\//;

const emptyCore = '<?xml version="1.0" encoding="UTF-8" standalone="yes"?>\n<cp:coreProperties xmlns:cp="http://schemas.openxmlformats.org/package/2006/metadata/core-properties" xmlns:dc="http://purl.org/dc/elements/1.1/" xmlns:dcterms="http://purl.org/dc/terms/" xmlns:dcmitype="http://purl.org/dc/dcmitype/" xmlns:xsi="http://www.w3.org/2001/XMLSchema-instance"/>';
const emptyApp = '<?xml version="1.0" encoding="UTF-8" standalone="yes"?>\n<Properties xmlns="http://schemas.openxmlformats.org/officeDocument/2006/extended-properties"/>';

/** An OOXML package without properties, authors, dates, revision ids, templates, printer data, macros and picture metadata. Text and layout stay.
 * A bibliography in customXml is kept: it is the paper's, not the writer's. */
export async function cleanOoxml(bytes: Uint8Array, job: Job, cleanInner: (bytes: Uint8Array) => Promise<Uint8Array | null>, neutral: Neutral | null = null): Promise<Uint8Array> {
  const pack = new Package(bytes);
  const kept = new Set<string>();
  for (const name of pack.names().filter((n) => /^customXml\/item\d*\.xml$/.test(n))) {
    if (/officeDocument\/2006\/bibliography/.test(pack.text(name) ?? '')) { const n = /\d+/.exec(name)?.[0] ?? ''; for (const k of [`customXml/item${n}.xml`, `customXml/itemProps${n}.xml`, `customXml/_rels/item${n}.xml.rels`]) kept.add(k); }
  }
  // What was deleted from the paper may still lie in its package.
  const dropped = new Set([...unreachableParts(pack), ...pack.names().filter((n) => dropParts.test(n) && !kept.has(n))]);
  const parts: { name: string; bytes: Uint8Array }[] = [];
  let done = 0;
  for (const name of pack.names()) {
    heed(job);
    job.progress?.(++done, pack.entries.length, 'parts');
    if (dropped.has(name)) continue;
    const part = pack.part(name)!;
    if (name === 'docProps/core.xml') parts.push({ name, bytes: encode(emptyCore) });
    else if (name === 'docProps/app.xml') parts.push({ name, bytes: encode(emptyApp) });
    else if (name === '[Content_Types].xml') parts.push({ name, bytes: encode(dropTags(withoutAsides(pack.text(name)!), 'Override', 'PartName', (v) => dropped.has(v.replace(/^\//, '')))) });
    else if (/\.rels$/.test(name)) parts.push({ name, bytes: encode(cleanRelations(withoutAsides(pack.text(name)!), name, dropped, pack.text(name.replace(/_rels\/([^/]*)\.rels$/, '$1')))) });
    else if (/\.(xml|vml)$/i.test(name)) parts.push({ name, bytes: encode(cleanXml(pack.text(name)!)) });
    else if (/\.svg$/i.test(name)) parts.push({ name, bytes: encode(cleanSvg(pack.text(name)!)) });
    else parts.push({ name, bytes: cleanPicture(part) ?? (/embeddings\//.test(name) ? await cleanInner(part) : null) ?? part });
  }
  return packZip(neutral ? neutralParts(parts, neutral) : parts);
}

/** Tags are edited one by one, so that words in the text are never touched. */
function cleanXml(xml: string): string {
  let out = withoutAsides(xml);
  for (const element of dropElements) if (out.includes(`<${element}`)) out = out.replace(new RegExp(`<${element}(?:\\s[^>]*)?(?:/>|>[\\s\\S]*?</${element}>)`, 'g'), '');
  return out.replace(/<[A-Za-z][^>]*>/g, (tag) => tag.replace(dropAttributes, '').replace(authorAttributes, ' $1="Author"').replace(pathAttributes, '$1$2$3$2'));
}

function cleanRelations(xml: string, name: string, dropped: Set<string>, part: string | null): string {
  const base = name.replace(/_rels\/[^/]*$/, '');
  return xml.replace(/<Relationship\s[^>]*?(?:\/>|>\s*<\/Relationship>)/g, (tag) => {
    const target = /\sTarget\s*=\s*["']([^"']*)/.exec(tag)?.[1] ?? '', type = /\sType\s*=\s*["'][^"']*\/([^"'/]+)["']/.exec(tag)?.[1] ?? '';
    const external = /TargetMode\s*=\s*["']External/.test(tag);
    if (['attachedTemplate', 'mailMergeSource', 'mailMergeHeaderSource', 'recipientData'].includes(type)) return '';
    if (!external && dropped.has(resolvePart(base, target)) || isUnused(tag, part)) return '';
    return external ? tag.replace(pathAttributes, '$1$2$3$2') : tag;
  });
}
const dropTags = (xml: string, tag: string, attribute: string, when: (value: string) => boolean): string =>
  xml.replace(new RegExp(`<${tag}\\s[^>]*?/>`, 'g'), (t) => (when(new RegExp(`\\s${attribute}\\s*=\\s*["']([^"']*)`).exec(t)?.[1] ?? '') ? '' : t));
const encode = (text: string): Uint8Array => new TextEncoder().encode(text);
