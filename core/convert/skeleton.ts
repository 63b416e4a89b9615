import { Parser } from 'htmlparser2';
import { withPage, withPdf } from '../engines/pdf.ts';
import { readXml } from '../engines/xml.ts';
import { Package } from '../engines/zip.ts';
import type { DocumentFacts, PlaceKind } from '../model/facts.ts';
import type { Kind } from '../model/kinds.ts';
import { markdownToHtml, splitFrontMatter } from '../readers/plain/markdown.ts';
import { openCompound, paragraphsOf, readStories } from '../readers/doc/text.ts';
import { rtfCodePage } from '../readers/plain/rtf.ts';
import { readNumbering, readStyles, type Look } from '../styles/docx.ts';
import { readOdfLists, type OpenList } from '../styles/odf-lists.ts';
import { decodeCodePage, decodeText, latin1 } from '../text/bytes.ts';

/** What leads through a text besides its words. It is read here from the file itself, not by the mappings whose work it is held against. */
export interface Skeleton { /** in order */ headings: string[]; /** addresses on the web or for mail, each once */ links: Set<string>; /** paragraphs with a number or letter of a list in front */ numbered: number; /** how paragraphs, in a PDF lines, begin as they are shown: there list numbers are words like others */ starts: string[] }
export const emptySkeleton = (): Skeleton => ({ headings: [], links: new Set(), numbered: 0, starts: [] });
/** How many of these list numbers are shown: each is looked for after the one before it, at the beginning of a line or alone in one. */
export function labelsShown(labels: string[], starts: string[]): number {
  let at = 0, shown = 0;
  for (const label of labels) {
    const found = starts.findIndex((line, i) => i >= at && (line === label || line.startsWith(`${label} `)));
    if (found >= 0) { shown++; at = found + 1; }
  }
  return shown;
}

/** Headings, links and list numbers of a file; null for kinds in which they are not told apart. @param facts - of a PDF, whose lines are read from it */
export async function skeletonOf(bytes: Uint8Array, kind: Kind, facts: DocumentFacts | null = null): Promise<Skeleton | null> {
  switch (kind) {
    case 'docx': case 'docm': case 'dotx': return docxSkeleton(new Package(bytes));
    case 'odt': return odtSkeleton(new Package(bytes));
    case 'doc': return docSkeleton(bytes);
    case 'rtf': return rtfSkeleton(latin1(bytes));
    case 'html': return htmlSkeleton(decodeText(bytes));
    case 'markdown': return htmlSkeleton(markdownToHtml(splitFrontMatter(decodeText(bytes)).body));
    case 'pdf': return { ...(await pdfSkeleton(bytes)), starts: facts ? linesShown(facts) : [] };
    default: return null;
  }
}

const outside = /^(?:https?|mailto):/i;
/** Addresses are the same whatever their case before the path, however their signs are escaped, with or without a slash at the end. */
export const sameAddress = (address: string): string => { try { return new URL(address.trim()).href.replace(/\/$/, ''); } catch { return address.trim(); } };
const squeezed = (text: string): string => text.replace(/\s+/g, ' ').trim();

/** Source: ECMA-376-1, 17.3.1.20 (outline level), 17.9 (numbering), 17.16.5.25 (HYPERLINK), 17.16.22 (hyperlink). What is deleted or hidden does not count. */
function docxSkeleton(pack: Package): Skeleton {
  const out = emptySkeleton(), styles = readStyles(pack.text('word/styles.xml')), numbering = readNumbering(pack.text('word/numbering.xml'));
  const main = pack.names().find((n) => /^word\/document\d*\.xml$/.test(n));
  for (const part of [main, 'word/footnotes.xml', 'word/endnotes.xml']) {
    const xml = part ? pack.text(part) : null;
    if (!part || !xml) continue;
    const targets = new Map<string, string>();
    readXml(pack.text(part.replace(/([^/]+)$/, '_rels/$1.rels')) ?? '<x/>', { open: (_, a) => { if (a.Id && a.TargetMode === 'External') targets.set(a.Id, a.Target ?? ''); } });
    interface Open { look: Look; style: string | null; text: string }
    const paragraphs: Open[] = [], links: { address: string; text: string }[] = [], fields: { instruction: string; shown: boolean; text: string }[] = [];
    let gone = 0, inText = false, inInstruction = false, properties = 0, hidden = false, runProperties = false;
    const keep = (address: string | undefined, text: string): void => { if (address && outside.test(address) && text.trim()) out.links.add(sameAddress(address)); };
    const addressIn = (instruction: string): string | undefined => /^\s*HYPERLINK\s+"([^"]+)"/i.exec(instruction)?.[1];
    readXml(xml, {
      open(name, a) {
        if (name === 'mc:Fallback' || ((name === 'w:del' || name === 'w:moveFrom') && properties === 0 && !runProperties)) gone++;
        if (name === 'w:p') paragraphs.push({ look: {}, style: null, text: '' });
        else if (name === 'w:pPr') properties++;
        else if (name === 'w:rPr' && properties === 0) { runProperties = true; hidden = false; }
        else if (name === 'w:vanish' && runProperties) hidden = !/^(?:0|false)$/.test(a['w:val'] ?? 'true');
        else if (name === 'w:r' || name === 'm:r') hidden = false;
        else if (name === 'w:t') inText = true;
        else if ((name === 'w:tab' || name === 'w:br') && properties === 0 && paragraphs.length > 0) paragraphs[paragraphs.length - 1]!.text += ' ';
        else if (name === 'w:instrText') inInstruction = true;
        else if (name === 'w:hyperlink') links.push({ address: targets.get(a['r:id'] ?? '') ?? '', text: '' });
        else if (name === 'w:fldSimple') links.push({ address: addressIn(a['w:instr'] ?? '') ?? '', text: '' });
        else if (name === 'w:fldChar') { const f = fields[fields.length - 1]; if (a['w:fldCharType'] === 'begin') fields.push({ instruction: '', shown: false, text: '' }); else if (a['w:fldCharType'] === 'separate') { if (f) f.shown = true; } else if (f) { fields.pop(); keep(addressIn(f.instruction), f.text); } }
        const p = paragraphs[paragraphs.length - 1];
        if (p && properties > 0) { if (name === 'w:pStyle') p.style = a['w:val'] ?? null; else if (name === 'w:numId') p.look.numId ??= a['w:val']; else if (name === 'w:ilvl') p.look.level ??= Number(a['w:val']) || 0; else if (name === 'w:outlineLvl') p.look.outline ??= Number(a['w:val']); }
      },
      text(text) {
        const f = fields[fields.length - 1];
        if (inInstruction) { if (f && !f.shown) f.instruction += text; return; }
        if (!inText || gone > 0 || hidden) return;
        for (const p of paragraphs.slice(-1)) p.text += text;
        for (const l of links) l.text += text;
        for (const one of fields) if (one.shown) one.text += text;
      },
      close(name) {
        if (name === 'mc:Fallback' || ((name === 'w:del' || name === 'w:moveFrom') && properties === 0 && !runProperties)) gone = Math.max(0, gone - 1);
        else if (name === 'w:pPr') properties--;
        else if (name === 'w:rPr') runProperties = false;
        else if (name === 'w:t') inText = false;
        else if (name === 'w:instrText') inInstruction = false;
        else if (name === 'w:hyperlink' || name === 'w:fldSimple') { const l = links.pop(); if (l) keep(l.address, l.text); }
        else if (name === 'w:p') {
          const p = paragraphs.pop();
          if (!p || gone > 0) return;
          const look = { ...styles.resolve(p.style ?? styles.defaultParagraph), ...p.look }, label = look.numId && look.numId !== '0' ? numbering.label(look.numId, look.level ?? 0)?.text : '';
          if (label && /[\p{L}\p{N}]/u.test(label)) out.numbered++;
          out.starts.push(squeezed(`${label ?? ''} ${p.text.slice(0, 200)}`));
          if (p.text.trim() && (/^heading [1-9]/i.test(styles.nameOf(p.style)) || (look.outline !== undefined && look.outline < 9))) out.headings.push(squeezed(p.text));
        }
      },
    });
  }
  return out;
}

/** Source: [MS-DOC] 2.8.25 (fields), 2.9.258 (built-in styles 1 to 9 are headings). */
function docSkeleton(bytes: Uint8Array): Skeleton | null {
  const out = emptySkeleton(), stories = readStories(openCompound(bytes)), looks = stories?.looks();
  if (!stories || !looks) return null;
  let from = 0;
  for (const m of stories.main.matchAll(/[\r\u0007\u000c]/g)) {
    const look = looks.paragraph(m.index), text = squeezed(paragraphsOf(stories.main.slice(from, m.index)).paragraphs.join(' ')), label = text ? looks.label(look) : '';
    from = m.index + 1;
    if (text && looks.headingLevel(look) > 0) out.headings.push(text);
    if (/[\p{L}\p{N}]/u.test(label)) out.numbered++;
  }
  for (const story of [stories.main, stories.notes, stories.endnotes]) for (const code of paragraphsOf(story).fields) { const address = /^\s*HYPERLINK\s+"((?:https?|mailto):[^"]+)"/i.exec(code)?.[1]; if (address) out.links.add(sameAddress(address)); }
  return out;
}

/** Source: ODF 1.2-1, 5.1.2 (headings), 5.3 (lists), 6.1.8 (text:a). */
function odtSkeleton(pack: Package): Skeleton {
  const out = emptySkeleton(), lists = readOdfLists([pack.text('styles.xml'), pack.text('content.xml')]), open: OpenList[] = [], links: { address: string; text: string }[] = [];
  const left = /^(?:text:tracked-changes|office:annotation|office:forms|text:note-citation|svg:title|svg:desc|draw:object|text:(?:sequence|variable|user-field)-decls)$/;
  let gone = 0, heading: string | null = null;
  readXml(pack.text('content.xml') ?? '<x/>', {
    open(name, a) {
      if (left.test(name)) gone++;
      if (gone > 0) return;
      if (name === 'text:h') heading = '';
      else if (name === 'text:a') links.push({ address: a['xlink:href'] ?? '', text: '' });
      else if (name === 'text:list') open.push(lists.open(a, open[open.length - 1] ?? null));
      else if (name === 'text:list-item') { const list = open[open.length - 1]; if (list?.ordered && lists.next(list).text) out.numbered++; }
    },
    text(text) { if (gone > 0) return; if (heading !== null) heading += text; for (const l of links) l.text += text; },
    close(name) {
      if (left.test(name)) { gone--; return; }
      if (gone > 0) return;
      if (name === 'text:h') { if (heading?.trim()) out.headings.push(squeezed(heading)); heading = null; }
      else if (name === 'text:a') { const l = links.pop(); if (l && outside.test(l.address) && l.text.trim()) out.links.add(sameAddress(l.address)); }
      else if (name === 'text:list') open.pop();
    },
  });
  return out;
}

/** Source: HTML Living Standard, 4.3.6 (headings), 4.4.5 (ol), 4.5.1 (a). */
function htmlSkeleton(source: string): Skeleton {
  const out = emptySkeleton(), lists: string[] = [];
  let heading: string | null = null, skip = 0, link: { address: string; text: string } | null = null;
  const dropped = /^(?:script|style|template|noscript|head|title|iframe|object|embed|canvas|audio|video|select|button|svg)$/;
  const parser = new Parser({
    onopentag(name, a) {
      if (dropped.test(name)) skip++;
      if (skip > 0) return;
      if (/^h[1-6]$/.test(name)) heading = '';
      else if (name === 'a') link = { address: a.href ?? '', text: '' };
      else if (name === 'ol' || name === 'ul') lists.push(name);
      else if (name === 'li' && lists.at(-1) === 'ol') out.numbered++;
      else if (name === 'img' && link) link.text += 'picture';
    },
    ontext(text) { if (skip > 0) return; if (heading !== null) heading += text; if (link) link.text += text; },
    onclosetag(name) {
      if (dropped.test(name)) skip = Math.max(0, skip - 1);
      if (/^h[1-6]$/.test(name)) { if (heading?.trim()) out.headings.push(squeezed(heading)); heading = null; }
      else if (name === 'a') { if (link && outside.test(link.address) && link.text.trim()) out.links.add(sameAddress(link.address)); link = null; }
      else if (name === 'ol' || name === 'ul') lists.pop();
    },
  }, { decodeEntities: true });
  parser.write(source);
  parser.end();
  return out;
}

/** Headings, links and list labels of rich text, found by cutting it into paragraphs. Source: RTF Specification 1.9.1 (control words from memory). */
function rtfSkeleton(source: string): Skeleton {
  const out = emptySkeleton(), levels = new Set<string>(), page = rtfCodePage(source), byte = (hex: string): string => decodeCodePage(Uint8Array.of(parseInt(hex, 16)), page);
  for (const m of source.matchAll(/\{\\s(\d+)\b[^{}]*(?:\\outlinelevel[0-8]\b|\b[Hh]eading [1-9]\s*;)/g)) levels.add(m[1]!);
  for (const m of source.matchAll(/HYPERLINK\s+"((?:https?|mailto):[^"]+)"/gi)) out.links.add(sameAddress(m[1]!.replace(/\\'([0-9a-f]{2})/gi, (_, h: string) => byte(h)).replace(/\\([\\{}])/g, '$1')));
  const plain = (rtf: string): string => rtf.replace(/\\'([0-9a-f]{2})/gi, (_, h: string) => byte(h)).replace(/\\u(-?\d+) ?/g, (_, n: string) => String.fromCharCode((Number(n) + 65_536) % 65_536)).replace(/\\[a-z]+-?\d* ?|\\[^a-z]|[{}\r\n]/gi, '');
  for (const m of source.matchAll(/\{(?:\\\*)?\\(?:listtext|pntext)\b((?:[^{}]|\{[^{}]*\})*)\}/g)) if (/[\p{L}\p{N}]/u.test(plain(m[1]!))) out.numbered++;
  // Destinations that hold no text of the page go first; properties hold on from paragraph to paragraph until they are set anew.
  const body = source.replace(/\{\\(?:stylesheet|fonttbl|colortbl|info)\b(?:[^{}]|\{(?:[^{}]|\{[^{}]*\})*\})*\}/g, ' ').replace(/\{\\\*(?:[^{}]|\{(?:[^{}]|\{[^{}]*\})*\})*\}/g, ' ').replace(/\{\\(?:listtext|pntext|pict|header[lrf]?|footer[lrf]?)\b(?:[^{}]|\{(?:[^{}]|\{[^{}]*\})*\})*\}/g, ' ');
  let heading = false;
  for (const paragraph of body.split(/\\(?:par|cell|sect)\b ?/)) {
    for (const m of paragraph.matchAll(/\\pard\b|\\s(\d+)(?!\d)|\\outlinelevel(\d)/g)) heading = m[0] === '\\pard' ? false : m[1] !== undefined ? levels.has(m[1]) : Number(m[2]) < 9 || heading;
    const words = plain(paragraph).trim();
    if (heading && words) out.headings.push(words);
  }
  return out;
}

const onPages: ReadonlySet<PlaceKind> = new Set(['text', 'footnote', 'textbox', 'runningHead']);
const linesShown = (facts: DocumentFacts): string[] => (facts.passages.ok ? facts.passages.value.filter((p) => onPages.has(p.place)).flatMap((p) => p.text.split('\n').map((line) => squeezed(line.slice(0, 200)))) : []);

/** Bookmarks are the headings of a PDF. Source: ISO 32000-1, 12.3.3 (outline), 12.5.6.5 (link annotations), 12.6.4.7 (URI actions). */
async function pdfSkeleton(bytes: Uint8Array): Promise<Skeleton> {
  const out = emptySkeleton();
  await withPdf(bytes, (pdf) => {
    if (pdf.needsPassword()) pdf.authenticatePassword('');
    interface Entry { title?: string; down?: Entry[] }
    const walk = (entries: Entry[], depth: number): void => { for (const e of entries) { if (e.title?.trim()) out.headings.push(squeezed(e.title)); if (e.down && depth < 50) walk(e.down, depth + 1); } };
    walk((pdf.loadOutline() ?? []) as Entry[], 0);
    for (let i = 0; i < pdf.countPages(); i++) withPage(pdf, i, (page) => {
      for (const link of page.getLinks()) { if (outside.test(link.getURI())) out.links.add(sameAddress(link.getURI())); link.destroy(); }
    });
  });
  return out;
}
