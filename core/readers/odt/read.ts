import { asides, besides } from '../besides.ts';
import { collectStrings, localName, readXml, unescapeXml } from '../../engines/xml.ts';
import { headingsOfOdt } from '../headings.ts';
import { brokenParts, damagedPart } from '../broken-parts.ts';
import { decodeXml, Package } from '../../engines/zip.ts';
import { aboutArchive } from '../archive-words.ts';
import { heed } from '../../model/outcome.ts';
import { read, unread, type DocumentFacts, type FileFacts, type Gap, type MetadataFact, type Passage, type PlaceKind, type Trouble } from '../../model/facts.ts';
import { fromBase64, printableStrings } from '../../text/bytes.ts';
import { countWords } from '../../text/words.ts';
import { odfMetaSorts } from '../../tables/ooxml-parts.ts';
import { namedFonts } from '../named-fonts.ts';
import { sectionStarts } from '../sections.ts';
import { points, readOdfStyles } from '../../styles/odf.ts';
import { sniffKind } from '../kind.ts';
import { markTitlePage } from '../title-page.ts';
import { looksOfOdt, type OdtLooks } from './layout.ts';
import { readPicture } from '../image/read.ts';
import { readNested } from '../pdf/read.ts';
import type { ReadContext } from '../context.ts';

/** Elements whose address is fetched and shown in its place, or run (ODF 1.2-1, 5.4.2, 10.4). */
const shownInPlace: ReadonlySet<string> = new Set(['draw:image', 'draw:object', 'draw:object-ole', 'draw:plugin', 'draw:floating-frame', 'draw:applet', 'text:section-source', 'style:background-image', 'draw:fill-image']);

interface OdfStory { passages: Passage[]; text: string; images: number; tables: number; equations: number; footnotes: number; comments: number; trackedChanges: number; fonts: Set<string>; /** what is fetched from outside */ troubles: Trouble[]; /** where the XML breaks off, if it does */ problem: string | null }

/** Reads an OpenDocument text. Source: OASIS ODF 1.2-1 (elements), 1.2-3 (package). */
export async function readOdt(bytes: Uint8Array, file: FileFacts, context: ReadContext): Promise<DocumentFacts> {
  const pack = new Package(bytes);
  const passages: Passage[] = [], metadata: MetadataFact[] = [], gaps: Gap[] = [];
  const stories: OdfStory[] = [];
  let statedPages: number | null = null;
  if (file.kind === 'odt') file.troubles.push(...brokenParts(pack, 'odt'));
  for (const name of pack.names()) {
    heed(context.job);
    let part: Uint8Array;
    try { part = pack.part(name)!; } catch (error) { file.troubles.push({ code: 'damaged', part: name, page: null, text: error instanceof Error ? error.message : '' }); gaps.push({ part: name, page: null, why: 'unreadable' }); continue; }
    if (/\.(xml|rdf)$/.test(name) && !/(^|\/)(content|styles)\.xml$/.test(name)) passages.push(...asides(decodeXml(part), name));
    if (/(^|\/)(content|styles)\.xml$/.test(name)) {
      const xml = decodeXml(part), faces = [...xml.matchAll(/<style:font-face\s[^>]*?svg:font-family=(?:"([^"]*)"|'([^']*)')/g)].map((m) => m[1] ?? m[2]!).join('\n'), story = readOdfStory(xml, name, name === 'content.xml' ? styleReader(pack) : undefined), rest = besides(xml, name, story.passages);
      file.troubles.push(...story.troubles, ...(story.problem ? [damagedPart(name, story.problem)] : []));
      if (name === 'content.xml') markTitlePage(story.passages);
      if (faces) passages.push({ part: name, place: 'hidden', page: null, text: unescapeXml(faces) });
      if (name === 'content.xml' || name === 'styles.xml') { stories.push(story); passages.push(...story.passages, ...rest); }
      // An object within the text: a formula, a chart, a drawing, each with a vocabulary of its own.
      else passages.push({ part: name, place: 'attachment', page: null, text: collectStrings(xml) }, ...rest.map((p) => ({ ...p, place: 'attachment' as const })));
    } else if (name === 'meta.xml' || /^Object[^/]*\/meta\.xml$/.test(name)) statedPages = readMeta(decodeXml(part), name, metadata) ?? statedPages;
    else if (name === 'settings.xml') readSettings(decodeXml(part), passages, metadata);
    else if (/\.(xml|rdf)$/.test(name)) passages.push({ part: name, place: 'hidden', page: null, text: collectStrings(decodeXml(part)) });
    else {
      if (name.startsWith('Thumbnails/')) metadata.push({ part: name, key: 'thumbnail', value: `${part.length} bytes`, sort: 'thumbnail' });
      const kind = sniffKind(part, name).kind;
      if (name.startsWith('Basic/') || name.startsWith('Scripts/')) file.troubles.push({ code: 'macros', part: name, page: null, text: '' });
      if (['jpeg', 'png', 'tiff', 'heic', 'gif', 'webp'].includes(kind)) { const picture = await readPicture(part, `${name}/image`); passages.push(...picture.passages); metadata.push(...picture.metadata); }
      else if (['docx', 'xlsx', 'pdf', 'odt', 'doc', 'xls'].includes(kind)) await readNested(part, name, name, 'attachment', context, passages, metadata, gaps);
      else if (name !== 'mimetype') passages.push({ part: name, place: 'hidden', page: null, text: printableStrings(part, 1 << 20) });
    }
  }
  const sum = (k: 'images' | 'tables' | 'equations' | 'footnotes' | 'comments' | 'trackedChanges'): number => stories.reduce((n, s) => n + s[k], 0);
  passages.push(...aboutArchive(bytes, [...pack.names(), ...pack.folders]));
  const looks = looksIn(pack);
  const carried = pack.names().some((n) => n.startsWith('Fonts/')), fonts = namedFonts(looks?.fonts ?? stories.flatMap((s) => [...s.fonts]), () => carried);
  const body = stories.map((s) => s.text).join('');
  return {
    file, pages: unread('noFixedPages'), words: read(countWords(body)), fonts: read(fonts), passages: read(passages.filter((p) => p.text.trim()), gaps), metadata: read(metadata, gaps),
    remains: read({ comments: sum('comments'), trackedChanges: sum('trackedChanges'), highlights: looks?.highlights ?? 0, revisions: pack.names().some((n) => n.startsWith('Versions/')) ? 1 : 0 }),
    layout: looks === null ? unread('damaged') : looks.layout ? read(looks.layout) : unread('noFixedPages'), sheets: looks?.sheets, pageNumbers: looks?.pageNumbers, headings: headingsIn(pack), photo: unread('notOfThisKind'), statedPages, structure: { images: sum('images'), tables: sum('tables'), equations: sum('equations'), footnotes: sum('footnotes') }, integrity: looks?.unseen ?? [],
  };
}

/** What a story asks of its styles: whether one sets a quotation as a block, by its name or by a left margin of its own (ODF 1.2-1, 20.191); whether one hides its words (20.360);
 * whether one begins a page or ends it (20.184, 20.183, 19.501). */
interface StyleReader { isBlock(style: string): boolean; hides(style: string): boolean; startsPage(style: string): boolean; endsPage(style: string): boolean }
const noStyles: StyleReader = { isBlock: () => false, hides: () => false, startsPage: () => false, endsPage: () => false };
/** Damaged parts have their own finding. */
function styleReader(pack: Package): StyleReader {
  try {
    const styles = readOdfStyles([pack.text('styles.xml'), pack.text('content.xml')]);
    return { isBlock: (style) => styles.comesFrom(style, 'Quotations') || points(styles.own(style)['margin-left']) >= 18, hides: (style) => styles.own(style)['display'] === 'none', startsPage: (style) => styles.own(style)['break-before'] === 'page' || styles.startsPage(style) !== '', endsPage: (style) => styles.own(style)['break-after'] === 'page' };
  } catch { return noStyles; }
}

export function readOdfStory(xml: string, part: string, { isBlock, hides, startsPage, endsPage }: StyleReader = noStyles): OdfStory {
  const story: OdfStory = { passages: [], text: '', images: 0, tables: 0, equations: 0, footnotes: 0, comments: 0, trackedChanges: 0, fonts: new Set(), troubles: [], problem: null };
  const paragraphs: string[] = [], /** whether a field in it hides the whole paragraph (7.7.10) */ hidesAll: boolean[] = [], begins: boolean[] = [], ends: boolean[] = [], hidden: string[] = [], hiding: boolean[] = [], blocks: boolean[] = [], anchors: { at: number; note: string }[][] = [], notes: string[] = [];
  /** the enclosing thing that decides what a paragraph counts as */
  const places: PlaceKind[] = ['text'];
  const openers: Record<string, PlaceKind> = { 'text:note': 'footnote', 'office:annotation': 'comment', 'style:header': 'runningHead', 'style:footer': 'runningHead', 'style:header-left': 'runningHead', 'style:footer-left': 'runningHead', 'style:header-first': 'runningHead', 'style:footer-first': 'runningHead', 'draw:text-box': 'textbox', 'text:tracked-changes': 'deletedText', 'text:hidden-text': 'hidden', 'text:hidden-paragraph': 'hidden', 'loext:header-first': 'runningHead', 'loext:footer-first': 'runningHead', 'office:forms': 'form', 'table:title': 'altText', 'table:desc': 'altText', 'office:scripts': 'script', 'text:script': 'script' };
  const stack: string[] = [];
  /** whether the section that is open is shown (ODF 1.2-1, 19.841, 19.821) */
  const shut: boolean[] = [];
  let section: Passage['section'], single = '', /** what stands in no paragraph */ loose = '', /** the next words begin a page */ turned = false;
  const push = (text: string, place: PlaceKind, authorLike = false): void => { if (/[\p{L}\p{N}]/u.test(text)) story.passages.push({ part, place, page: null, text, authorLike, section: place === 'text' ? section : undefined, ...(place === 'text' && stack.includes('table:table') ? { inTable: true } : {}) }); };
  const add = (value: string): void => { if (paragraphs.length > 0) (hiding.includes(true) || shut.includes(true) ? hidden : paragraphs)[paragraphs.length - 1] += value; };
  story.problem = readXml(xml, {
    open(name, a) {
      stack.push(name);
      if (openers[name]) places.push(openers[name]!);
      switch (name) {
        case 'text:span': hiding.push(hides(a['text:style-name'] ?? '')); break;
        case 'text:soft-page-break': if (paragraphs.at(-1)?.trim()) ends[ends.length - 1] = true; else if (begins.length > 0) begins[begins.length - 1] = true; else turned = true; break;
        case 'text:p': case 'text:h': paragraphs.push(''); hidesAll.push(false); begins.push(startsPage(a['text:style-name'] ?? '')); ends.push(endsPage(a['text:style-name'] ?? '')); hidden.push(''); hiding.push(hides(a['text:style-name'] ?? '')); anchors.push([]); blocks.push(name === 'text:p' && !stack.includes('text:list') && isBlock(a['text:style-name'] ?? '')); break;
        case 'text:s': add(' '.repeat(Math.min(100, Number(a['text:c'] ?? 1) || 1))); break;
        case 'text:tab': add('\t'); break;
        case 'text:line-break': add('\n'); break;
        case 'text:ruby-text': add(' ('); break;
        case 'dc:creator': case 'dc:date': case 'meta:creator-initials': case 'svg:title': case 'svg:desc': case 'loext:sender-initials': single = ''; break;
        case 'text:section': shut.push(a['text:display'] === 'none' || (a['text:display'] === 'condition' && a['text:is-hidden'] === 'true')); break;
        case 'text:hidden-paragraph': if (a['text:is-hidden'] === 'true') hidesAll[hidesAll.length - 1] = true; break;
        case 'text:note': story.footnotes++; notes.push(`${part}/note/${story.footnotes}`); anchors.at(-1)?.push({ at: paragraphs.at(-1)!.length, note: notes.at(-1)! }); break;
        case 'office:annotation': story.comments++; break;
        case 'text:changed-region': story.trackedChanges++; break;
        case 'table:table': story.tables++; break;
        case 'draw:image': if (!/ObjectReplacements/.test(a['xlink:href'] ?? '')) story.images++; break;
        case 'math:math': case 'math': story.equations++; break;
        case 'draw:object': if (!stack.includes('math:math')) story.equations += /Object/.test(a['xlink:href'] ?? '') ? 1 : 0; break;
        case 'text:bookmark': case 'text:bookmark-start': push(a['text:name'] ?? '', 'outline'); break;
        case 'text:user-field-decl': case 'text:variable-set': push(`${a['text:name'] ?? ''}\n${a['office:string-value'] ?? ''}`, 'field'); break;
        case 'text:placeholder': case 'text:conditional-text': push(Object.values(a).join('\n'), 'field'); break;
        case 'text:hidden-text': push(a['text:string-value'] ?? '', 'hidden'); break;
        case 'style:font-face': if (a['svg:font-family']) story.fonts.add(a['svg:font-family']!.replace(/^'|'$/g, '')); break;
      }
      const href = a['xlink:href'];
      // ODF 1.2-1, 19.910: what is shown in place is fetched from outside the package; what `text:a` leads to is not.
      if (href && shownInPlace.has(name) && /^(?:[a-z][a-z\d+.-]+:|\.\.\/|\/)/i.test(href) && !/^data:/i.test(href)) story.troubles.push({ code: 'externalReference', part, page: null, text: decode(href) });
      if (href && !/^(Pictures|Object|#|\.\/Object)/.test(href)) push(decode(href), /^https?:/i.test(href) ? 'cloudAddress' : name === 'text:a' ? 'link' : 'path');
    },
    text(value) {
      const top = stack[stack.length - 1] ?? '';
      if (/^(dc:creator|dc:date|meta:creator-initials|svg:title|svg:desc|loext:sender-initials)$/.test(top)) single += value;
      else if (top === 'text:script' || top === 'office:binary-data' || (paragraphs.length === 0 && !/^text:(?:note-citation)$/.test(top))) loose += value;
      // A note's number is set by the program, not typed.
      else if (top !== 'text:note-citation') add(value.replace(/[\r\n\t ]+/g, ' '));
    },
    close(name) {
      stack.pop();
      const place = places[places.length - 1]!;
      if (name === 'text:ruby-text') add(')');
      if (loose.trim()) push(name === 'office:binary-data' ? unpacked(loose) : loose.trim(), place === 'text' ? 'hidden' : place);
      loose = '';
      if (name === 'text:p' || name === 'text:h') {
        if (hidesAll.pop()) { hidden[hidden.length - 1] = `${paragraphs.at(-1)}${hidden.at(-1)}`; paragraphs[paragraphs.length - 1] = ''; }
        const text = paragraphs.pop() ?? '', starts = begins.pop() === true || turned, ended = ends.pop() === true, unseen = hidden.pop() ?? '', block = blocks.pop() === true, here = anchors.pop() ?? [];
        if (place === 'text') { const named = sectionStarts(text); if (named) section = named === 'other' ? undefined : named; }
        push(text, place);
        const pushed = story.passages.at(-1);
        // An empty paragraph that begins a page leaves that to the next one.
        if (place === 'text') { if (starts && pushed?.text === text && pushed.place === 'text') pushed.newPage = true; turned = ended || (starts && text.trim() === ''); }
        if (pushed?.text === text) { if (here.length > 0) pushed.notes = here; if (place === 'footnote' && notes.length > 0) pushed.note = notes.at(-1)!; }
        if (block && place === 'text' && story.passages.at(-1)?.text === text) story.passages.at(-1)!.indented = true;
        push(unseen, 'hidden');
        if (place === 'text' || place === 'textbox') story.text += `${text}\n`;
      }
      if (name === 'text:p' || name === 'text:h' || name === 'text:span') hiding.pop();
      if (name === 'text:section') shut.pop();
      if (/^(?:dc:creator|meta:creator-initials|loext:sender-initials)$/.test(name)) push(single, place === 'deletedText' || stack.includes('text:changed-region') ? 'trackedChange' : 'comment', true);
      if (name === 'svg:title' || name === 'svg:desc') push(single, 'altText');
      if (openers[name]) places.pop();
      if (name === 'text:note') notes.pop();
    },
  });
  return story;
}
/** The words of what lies in a part as Base64, a picture mostly. */
function unpacked(base64: string): string { try { return printableStrings(fromBase64(base64.replace(/\s/g, '')), 1 << 20); } catch { return ''; } }
const decode = (value: string): string => { try { return decodeURIComponent(value); } catch { return value; } };

function readMeta(xml: string, part: string, metadata: MetadataFact[]): number | null {
  let text = '', pages: number | null = null, custom = '';
  readXml(xml, {
    open(name, a) {
      text = '';
      if (name === 'meta:document-statistic') pages = Number(a['meta:page-count']) || null;
      if (name === 'meta:user-defined') custom = a['meta:name'] ?? 'user-defined';
      if (name === 'meta:template') metadata.push({ part, key: 'template', value: ['xlink:href', 'xlink:title', 'meta:date'].flatMap((k) => a[k]?.trim() || []).join(' '), sort: 'template' });
      else if (!/^(?:office:|meta:document-statistic$|meta:user-defined$)/.test(name)) for (const [key, value] of Object.entries(a)) if (!/^xmlns|:type$/.test(key) && /\p{L}{2}/u.test(value)) metadata.push({ part, key: localName(name), value, sort: odfMetaSorts[localName(name)] ?? 'custom' });
    },
    text(value) { text += value; },
    close(name) {
      const value = text.trim(), key = localName(name);
      if (value) metadata.push({ part, key: key === 'user-defined' ? custom : key, value, sort: odfMetaSorts[key] ?? 'custom' });
      text = '';
    },
  });
  return pages;
}

/** Printer names and data sources. Source: ODF 1.2-1, 3.10 (the item names are the producers' own, from memory). */
function readSettings(xml: string, passages: Passage[], metadata: MetadataFact[]): void {
  let item = '', text = '';
  const rest: string[] = [];
  readXml(xml, {
    open(name, a) { if (name === 'config:config-item-map-entry' && /\p{L}{3}/u.test(a['config:name'] ?? '')) rest.push(a['config:name']!); if (name === 'config:config-item') { item = a['config:name'] ?? ''; text = ''; } },
    text(value) { text += value; },
    close(name) {
      if (name !== 'config:config-item' || !text.trim()) return;
      if (/^(PrinterName|CurrentDatabase(?!CommandType)\w*|PrintFaxName|LoadReadonlyPath)$/.test(item)) metadata.push({ part: 'settings.xml', key: item, value: text.trim(), sort: 'paths' });
      else if (/^Rsid/.test(item)) metadata.push({ part: 'settings.xml', key: item, value: text.trim(), sort: 'revision-ids' });
      else if (item === 'PrinterSetup') { try { rest.push(printableStrings(fromBase64(text.trim()))); } catch { rest.push(text); } }
      else if (/[\p{L}]{3}/u.test(text)) rest.push(text.trim());
      text = '';
    },
  });
  passages.push({ part: 'settings.xml', place: 'path', page: null, text: rest.join('\n') });
}

/** Damaged parts have their own finding. */
function headingsIn(pack: Package): DocumentFacts['headings'] {
  try { const content = pack.text('content.xml'); return content ? headingsOfOdt(content) : undefined; } catch { return undefined; }
}
function looksIn(pack: Package): OdtLooks | null {
  try { const content = pack.text('content.xml'); return content ? looksOfOdt(content, pack.text('styles.xml')) : null; } catch { return null; }
}
