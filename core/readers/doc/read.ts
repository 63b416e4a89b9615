import { read, unread, type DocumentFacts, type FileFacts, type Passage, type PlaceKind } from '../../model/facts.ts';
import { printableStrings } from '../../text/bytes.ts';
import { countWords } from '../../text/words.ts';
import { noteMark, takeNoteMarks } from '../note-marks.ts';
import { namedFonts } from '../named-fonts.ts';
import { sectionStarts } from '../sections.ts';
import { markTitlePage } from '../title-page.ts';
import { settingOf } from './layout.ts';
import { readProperties } from './properties.ts';
import { openCompound, paragraphsOf, readStories, type DocStories } from './text.ts';
import { tracesOf } from './traces.ts';

const places: readonly ['main' | 'notes' | 'endnotes' | 'headers' | 'comments' | 'boxes', PlaceKind][] = [['main', 'text'], ['notes', 'footnote'], ['endnotes', 'footnote'], ['headers', 'runningHead'], ['comments', 'comment'], ['boxes', 'textbox']];

/** Reads an old word-processor file: its text story by story, its stored properties, and all readable strings besides, so that nothing that names anyone is missed.
 * How it is set is read from its styles. Source: [MS-DOC], [MS-CFB], [MS-OLEPS]. */
export function readDoc(bytes: Uint8Array, file: FileFacts): DocumentFacts {
  const rest: Passage = { part: 'file', place: 'hidden', page: null, text: printableStrings(bytes) }, bare = { fonts: unread('damaged'), layout: unread('damaged'), pages: unread('noFixedPages'), photo: unread('notOfThisKind'), statedPages: null, integrity: [] } as const;
  let stories: DocStories | null = null, stream: ((name: string) => Uint8Array | null) | null = null;
  try { stream = openCompound(bytes); stories = readStories(stream); } catch { /* told below: the text could not be read */ }
  const metadata = stream ? readProperties(stream) : [], head = stream?.('WordDocument');
  // Encrypted or obfuscated: the flag in the file's head ([MS-DOC] 2.5.2, fEncrypted).
  if (head && head.length > 12 && (head[0x0b]! & 1) === 1) {
    file.encrypted = 'needs password';
    return { file, ...bare, integrity: [], words: unread('encrypted'), passages: read([rest], [{ part: 'WordDocument', page: null, why: 'unreadable' }]), metadata: read(metadata), remains: unread('encrypted'), structure: null };
  }
  if (!stories) {
    file.troubles.push({ code: 'damaged', part: 'WordDocument', page: null, text: 'the tables that say where the text lies cannot be read' });
    return { file, ...bare, integrity: [], words: unread('damaged'), passages: read([rest], [{ part: 'WordDocument', page: null, why: 'unreadable' }]), metadata: read(metadata), remains: unread('damaged'), structure: null };
  }
  const passages: Passage[] = [], traces = tracesOf(stories), setting = settingOf(stories), texts = { ...stories, main: traces.shown };
  let section: Passage['section'];
  // Signs for notes of one kind go to the notes in their order.
  const oneKind = !stories.notes.trim() !== !stories.endnotes.trim();
  let reference = 0, note = -1;
  for (const [story, place] of places) {
    const signed = oneKind && (place === 'text' || place === 'footnote') ? texts[story].replace(/\u0002/g, () => noteMark(place === 'text' ? reference++ : ++note)) : texts[story];
    let current: string | undefined;
    const { paragraphs, fields, newPages } = paragraphsOf(signed);
    let turned = false;
    for (const [i, marked] of paragraphs.entries()) {
      const { text, notes: marks } = takeNoteMarks(marked);
      turned ||= newPages.has(i);
      if (place === 'footnote' && marks.length > 0) current = marks[0]!.note;
      if (!/[\p{L}\p{N}]/u.test(text)) continue;
      if (place === 'text') { const starts = sectionStarts(text); if (starts) section = starts === 'other' ? undefined : starts; }
      passages.push({ part: story === 'main' ? 'text' : story, place, page: null, text, ...(place === 'text' ? { section, ...(turned ? { newPage: true } : {}), ...(text.includes('\t') ? { inTable: true } : {}), ...(setting?.blocks.has(text.trim()) ? { indented: true } : {}), ...(marks.length > 0 ? { notes: marks } : {}) } : current ? { note: current } : {}) });
      turned = false;
    }
    if (place === 'text') markTitlePage(passages);
    for (const text of fields) passages.push({ part: story, place: 'field', page: null, text });
  }
  const kept = (place: PlaceKind, found: string[]): void => { for (const text of found) passages.push({ part: 'text', place, page: null, text }); };
  kept('deletedText', traces.deleted);
  kept('trackedChange', traces.inserted);
  kept('hidden', traces.hidden);
  const notes = stories.marks().notes.length || (stories.main.match(/\u0002/g) ?? []).length;
  return {
    file, ...bare, integrity: [...traces.hidden.map((text) => ({ code: 'vanish' as const, part: 'text', page: null, box: null, quote: text.slice(0, 80), count: 1 })), ...setting?.unseen ?? []],
    ...(setting ? { fonts: read(namedFonts(setting.fonts)), layout: setting.layout ? read(setting.layout) : unread('noFixedPages'), sheets: setting.sheets, headings: setting.headings } : {}), pageNumbers: /\u0013\s*PAGE\b/.test(stories.headers),
    words: read(countWords(passages.filter((p) => p.place === 'text').map((p) => p.text).join('\n'))), passages: read([...passages, rest]), metadata: read(metadata),
    remains: read({ comments: (stories.main.match(/\u0005/g) ?? []).length, trackedChanges: traces.deleted.length + traces.inserted.length, highlights: traces.highlights, revisions: 0 }), structure: { images: picturesIn(stories), tables: tablesIn(stories), equations: 0, footnotes: notes },
  };
}

/** Signs for a picture that have one behind them; those in field codes have none. */
function picturesIn(stories: DocStories): number {
  const looks = stories.looks();
  return looks ? [...stories.main.matchAll(/\u0001/g)].filter((m) => { const { picture } = looks.run(m.index); return picture !== undefined && stories.picture(picture) !== null; }).length : 0;
}
/** Rows that follow each other are one table. */
function tablesIn(stories: DocStories): number {
  const looks = stories.looks();
  let tables = 0, inside = false;
  for (const m of stories.main.matchAll(/[\r\u0007\u000c]/g)) { const now = looks?.paragraph(m.index).inTable ?? m[0] === '\u0007'; if (now && !inside) tables++; inside = now; }
  return tables;
}
