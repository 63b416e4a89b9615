import { namedFonts } from '../named-fonts.ts';
import { asides, besides } from '../besides.ts';
import { collectStrings, localName, readXml } from '../../engines/xml.ts';
import { brokenParts, damagedPart } from '../broken-parts.ts';
import { decodeXml, Package } from '../../engines/zip.ts';
import { aboutArchive } from '../archive-words.ts';
import { heed } from '../../model/outcome.ts';
import { read, unread, type DocumentFacts, type FileFacts, type Gap, type IntegrityFact, type MetadataFact, type Passage, type PlaceKind, type Trouble } from '../../model/facts.ts';
import { printableStrings } from '../../text/bytes.ts';
import { countWords } from '../../text/words.ts';
import { propertySorts, storyParts } from '../../tables/ooxml-parts.ts';
import type { ReadContext } from '../context.ts';
import { readPicture } from '../image/read.ts';
import { readNested } from '../pdf/read.ts';
import { sniffKind } from '../kind.ts';
import { movedIn } from '../layout-tally.ts';
import { headingsOfDocx } from '../headings.ts';
import { readStyles, stylesOf, type Styles } from '../../styles/docx.ts';
import { looksOfStory, type StoryLooks } from './layout.ts';
import { markTitlePage } from '../title-page.ts';
import { emptyPages } from './empty-pages.ts';
import { fontsOf, readStory, wordsOfStories } from './story.ts';

/** Reads a word-processor package: every part, known or not, since a name can hide in any. Also reads other OOXML packages, searched as strings. */
export async function readDocx(bytes: Uint8Array, file: FileFacts, context: ReadContext): Promise<DocumentFacts> {
  const pack = new Package(bytes);
  const passages: Passage[] = [], metadata: MetadataFact[] = [], gaps: Gap[] = [];
  const counts = { images: 0, tables: 0, equations: 0, footnotes: 0, comments: 0, trackedChanges: 0, highlights: 0 };
  const usedFonts = new Set<string>(), embeddedFonts = new Set<string>();
  const revisionIds = new Set<string>(), integrity: IntegrityFact[] = [], styles = stylesIn(pack);
  let body: StoryLooks | null = null;
  let text = '', statedPages: number | null = null, empty = 0, done = 0;
  if (['docx', 'docm', 'dotx'].includes(file.kind)) file.troubles.push(...brokenParts(pack, 'docx'));
  for (const name of pack.names()) {
    heed(context.job);
    context.job.progress?.(++done, pack.entries.length, 'parts');
    let part: Uint8Array;
    try { part = pack.part(name)!; } catch (error) {
      file.troubles.push({ code: 'damaged', part: name, page: null, text: error instanceof Error ? error.message : '' });
      gaps.push({ part: name, page: null, why: 'unreadable' });
      continue;
    }
    if (/\.(xml|rels|vml)$/i.test(name)) {
      const xml = decodeXml(part);
      for (const m of xml.matchAll(/\bw:rsid\w*(?:\s+w:val)?="([0-9A-F]{8})"/g)) revisionIds.add(m[1]!);
      const story = storyParts.find((s) => s.pattern.test(name));
      if (story) {
        const read = readStory(xml, name, story.place, { hides: (style) => styles.resolve(style).hidden === true, setsApart: (style) => setsApart(styles, style), startsPage: (style) => styles.resolve(style).pageBreakBefore === true });
        if (read.problem) file.troubles.push(damagedPart(name, read.problem));
        if (['text', 'runningHead', 'footnote'].includes(story.place)) {
          const looks = looksOfStory(xml, name, styles);
          integrity.push(...looks.unseen);
          for (const f of looks.fonts) usedFonts.add(f);
          if (story.place === 'text') body ??= looks;
        }
        if (story.place === 'text') markTitlePage(read.passages);
        passages.push(...read.passages, ...besides(xml, name, read.passages, wordsOfStories));
        if (story.place === 'text') { text += read.text; empty += emptyPages(xml); }
        for (const k of ['images', 'tables', 'equations', 'footnotes', 'trackedChanges', 'comments', 'highlights'] as const) counts[k] += read[k];
        for (const f of read.fonts) usedFonts.add(f);
      } else if (/^docProps\/(core|app|custom)\.xml$/.test(name) || /^package\/services\/metadata\/|\.psmdcp$/.test(name)) {
        statedPages = readProperties(xml, name, metadata) ?? statedPages;
      } else if (/^word\/people\.xml$/.test(name)) {
        readXml(xml, { open: (_, a) => { for (const v of Object.values(a)) passages.push({ part: name, place: 'comment', page: null, text: v, authorLike: true }); } });
      } else if (/\.rels$/.test(name)) readRelations(xml, name, passages, metadata, file.troubles);
      else if (/^word\/settings\.xml$/.test(name)) readSettings(xml, name, passages, metadata);
      else if (/^word\/(styles|fontTable|theme\/.*)\.xml$/.test(name) || /^word\/numbering\.xml$/.test(name)) {
        const fonts = fontsOf(xml);
        for (const f of fonts.embedded) embeddedFonts.add(f);
        passages.push({ part: name, place: 'hidden', page: null, text: collectStrings(xml) });
      } else if (name !== '[Content_Types].xml') passages.push({ part: name, place: /^customXml|^word\/(charts|diagrams)/.test(name) ? 'field' : 'hidden', page: null, text: collectStrings(xml) });
      if (!story) passages.push(...asides(xml, name));
      continue;
    }
    if (/vbaProject\.bin$/i.test(name)) file.troubles.push({ code: 'macros', part: name, page: null, text: '' });
    if (/(^|\/)thumbnail\./i.test(name)) metadata.push({ part: name, key: 'thumbnail', value: `${part.length} bytes`, sort: 'thumbnail' });
    const inner = sniffKind(part, name).kind;
    if (['jpeg', 'png', 'tiff', 'heic', 'gif', 'webp'].includes(inner)) {
      const picture = await readPicture(part, `${name}/image`);
      passages.push(...picture.passages);
      metadata.push(...picture.metadata);
    } else if (['docx', 'xlsx', 'pptx', 'docm', 'pdf', 'odt', 'doc', 'xls', 'zip'].includes(inner)) {
      if (/embeddings\//.test(name)) file.troubles.push({ code: 'oleObject', part: name, page: null, text: name.split('/').pop()! });
      await readNested(part, name.split('/').pop()!, name, 'attachment', context, passages, metadata, gaps);
    // What the program takes in when it opens the document (ECMA-376-1, 17.17.2).
    } else if (['html', 'rtf', 'eml'].includes(inner)) await readNested(part, name.split('/').pop()!, name, 'hidden', context, passages, metadata, gaps);
    else {
      if (/oleObject|\.bin$/i.test(name) && /embeddings\//.test(name)) file.troubles.push({ code: 'oleObject', part: name, page: null, text: name.split('/').pop()! });
      if (!/\.(odttf|fntdata|ttf|otf|emf|wmf|bmp)$/i.test(name) || /\.(emf|wmf)$/i.test(name)) passages.push({ part: name, place: /printerSettings/.test(name) ? 'path' : 'hidden', page: null, text: printableStrings(part, 1 << 20) });
    }
  }
  if (revisionIds.size > 0) metadata.push({ part: 'word/settings.xml', key: 'rsid', value: `${revisionIds.size} revision ids`, sort: 'revision-ids' });
  passages.push(...aboutArchive(bytes, [...pack.names(), ...pack.folders]));
  const fonts = namedFonts(usedFonts, (name) => embeddedFonts.has(name));
  return {
    file, emptyPages: empty, pages: unread('noFixedPages'), words: read(countWords(text)), fonts: read(fonts), passages: read(passages.filter((p) => p.text.trim() !== ''), gaps), metadata: read(metadata, gaps),
    remains: read({ comments: counts.comments, trackedChanges: counts.trackedChanges, highlights: counts.highlights, revisions: 0 }),
    layout: layoutOf(body), sheets: (body as StoryLooks | null)?.sheets, pageNumbers: numbersPages(pack, passages), headings: headingsIn(pack), photo: unread('notOfThisKind'), statedPages, structure: { images: counts.images, tables: counts.tables, equations: counts.equations, footnotes: counts.footnotes }, integrity,
    history: { revisionIds: [...revisionIds], earlierStates: [] },
  };
}

/** Damaged parts have their own finding. */
/** A style moves its paragraphs in as a block: from the left edge by what a quotation is, and neither as a list nor by the first line only. */
function setsApart(styles: Styles, style: string): boolean {
  const { left = 0, first = 0, numId, outline } = styles.resolve(style);
  return left >= movedIn && first >= 0 && (numId === undefined || numId === '0') && outline === undefined && !/list|contents|toc|heading|title|bibliograph|reference|caption/i.test(styles.nameOf(style));
}
function headingsIn(pack: Package): DocumentFacts['headings'] {
  try { const body = pack.text('word/document.xml'); return body ? headingsOfDocx(body, pack.text('word/styles.xml')) : undefined; } catch { return undefined; }
}

/** Styles that cannot be read say nothing. */
function stylesIn(pack: Package): Styles { try { return stylesOf(pack); } catch { return readStyles(null); } }
const layoutOf = (body: StoryLooks | null): DocumentFacts['layout'] => (body?.layout ? read(body.layout) : unread('noFixedPages'));

/** Whether a field in a head or foot that a section uses counts its pages; those of first pages only do not (ECMA-376-1, 17.10.2, 17.10.5, 17.16.5.44). */
function numbersPages(pack: Package, passages: Passage[]): boolean {
  const main = pack.names().find((n) => /^word\/document\d*\.xml$/.test(n));
  if (!main) return false;
  try {
    const used = new Set([...pack.text(main)!.matchAll(/<w:(?:header|footer)Reference\b[^>]*>/g)].filter(([tag]) => !/w:type="first"/.test(tag)).map(([tag]) => /\br:id="([^"]*)"/.exec(tag)?.[1]));
    const parts = new Set<string>();
    readXml(pack.text(main.replace(/([^/]+)$/, '_rels/$1.rels')) ?? '<x/>', { open(name, a) { if (localName(name) === 'Relationship' && used.has(a.Id)) parts.add(`word/${(a.Target ?? '').replace(/^\/?word\/|^\.\//, '')}`); } });
    return passages.some((p) => p.place === 'field' && parts.has(p.part) && /\bPAGE\b/i.test(p.text));
  } catch { return false; }
}

/** Core, extended and custom properties. @returns the number of pages that the program stated */
function readProperties(xml: string, part: string, metadata: MetadataFact[]): number | null {
  let text = '', pages: number | null = null, custom = '';
  const path: string[] = [];
  readXml(xml, {
    open(name, a) { path.push(localName(name)); text = ''; if (localName(name) === 'property') custom = a.name ?? 'property'; },
    text(value) { text += value; },
    close(name) {
      path.pop();
      const value = text.trim(), key = localName(name);
      text = '';
      if (!value) return;
      if (key === 'Pages') pages = Number(value) || null;
      if (part.endsWith('custom.xml')) metadata.push({ part, key: custom, value, sort: 'custom' });
      else metadata.push({ part, key, value, sort: propertySorts[key] ?? 'custom' });
    },
  });
  return pages;
}

const onOtherMachine = /^(?:https?:|ftp:|\\\\|\/\/|file:\/\/(?!\/|localhost))/i;
function readRelations(xml: string, part: string, passages: Passage[], metadata: MetadataFact[], troubles: Trouble[]): void {
  readXml(xml, {
    open(name, a) {
      if (localName(name) !== 'Relationship' || a.TargetMode !== 'External' || !a.Target) return;
      const target = safeDecode(a.Target), kind = a.Type?.split('/').pop() ?? '';
      if (kind === 'attachedTemplate') {
        metadata.push({ part, key: 'attachedTemplate', value: target, sort: 'template' });
        // One on the writer's own machine is not fetched by anybody else; one on another is.
        if (onOtherMachine.test(target)) troubles.push({ code: 'externalReference', part, page: null, text: target });
      }
      else if (kind === 'mailMergeSource' || kind === 'recipientData') metadata.push({ part, key: kind, value: target, sort: 'paths' });
      else {
        const place: PlaceKind = kind === 'hyperlink' ? (/^https?:/i.test(target) ? 'cloudAddress' : /^mailto:/i.test(target) ? 'link' : 'path') : 'path';
        passages.push({ part, place, page: null, text: target });
        if (kind !== 'hyperlink') troubles.push({ code: 'externalReference', part, page: null, text: target });
      }
    },
  });
}
const safeDecode = (value: string): string => { try { return decodeURIComponent(value); } catch { return value; } };

/** Document variables, mail-merge sources, write-protection owners: settings that hold words. Source: ECMA-376-1, 17.15. */
function readSettings(xml: string, part: string, passages: Passage[], metadata: MetadataFact[]): void {
  const strings: string[] = [];
  readXml(xml, {
    open(name, a) {
      const key = localName(name);
      if (key === 'docVar') passages.push({ part, place: 'field', page: null, text: `${a['w:name'] ?? ''}\n${a['w:val'] ?? ''}` });
      else if (/^(connectString|query|addressFieldName|dataSource|saveThroughXslt)$/.test(key)) metadata.push({ part, key, value: a['w:val'] ?? a['r:id'] ?? '', sort: 'paths' });
      else if (key === 'docId') metadata.push({ part, key, value: Object.values(a)[0] ?? '', sort: 'ids' });
      else if (!/^rsid/.test(key)) for (const v of Object.values(a)) if (/[\p{L}]{3}/u.test(v) && !/^https?:/.test(v)) strings.push(v);
    },
  });
  passages.push({ part, place: 'hidden', page: null, text: strings.join('\n') });
}
