import { escapeXml } from '../../engines/xml.ts';
import { CannotDo } from '../../model/outcome.ts';
import type { DocLooks, DocParagraphLook, DocRunLook, DocSection } from '../../readers/doc/looks.ts';
import type { DocNote } from '../../readers/doc/marks.ts';
import type { DocPicture } from '../../readers/doc/pictures.ts';
import { openCompound, paragraphsOf, readStories, type DocStories, type RunningStory } from '../../readers/doc/text.ts';
import { placesOf, type Places } from '../places.ts';
import { pictureSource } from '../picture.ts';
import { a4, emptyPage, familyOf, type PageDescription, type PageSize } from '../page-description.ts';
import { gatherLines, noLines, oneLine, placedLine, placeOf, shownLines, type LineLook, type LinePlace, type PageNumberFormat, type RunningLines } from '../running-lines.ts';
import { formatNumber } from '../../styles/number-formats.ts';
import { joinSections, usualSize, type Section } from '../sections.ts';

/** Maps an old word-processor file to a page description: paragraphs and characters as they look, headings, lists, tables, links, notes. What is not carried over is told. Source: [MS-DOC] 2.4.1 (the signs in the text), 2.8.25 (fields).
 * @throws {CannotDo} `unreadable` where the text cannot be found */
export function mapDoc(bytes: Uint8Array): PageDescription {
  let stories: ReturnType<typeof readStories> = null;
  try { stories = readStories(openCompound(bytes)); } catch { /* told below */ }
  if (!stories) throw new CannotDo('unreadable', 'The text of this old word-processor file cannot be found.', 'Open it in a word processor and save it as DOCX.');
  const page = emptyPage(), looks = stories.looks(), size = looks?.run(0).size;
  if (!looks) page.losses.push('the words of this old format are carried over, not its formatting: the tables that hold it are damaged');
  page.baseSizePt = mostCommon(stories.main, looks, (look) => look.size) ?? size ?? 12;
  page.baseFont = familyOf(mostCommon(stories.main, looks, (look) => look.font) ?? 'Times');
  const { bookmarks, boxes, notes: noted, numbering } = stories.marks(), whole = `${stories.main}${stories.notes}`;
  const places = placesOf([...whole.matchAll(localLink)].map((m) => m[1]!), bookmarks.map((b) => b.name)), setting: Setting = { looks, page, places, bookmarks: new Map(), boxes: new Map() };
  for (const b of bookmarks) setting.bookmarks.set(b.at, [...(setting.bookmarks.get(b.at) ?? []), b.name]);
  for (const b of boxes) setting.boxes.set(b.at, mapStory(stories.boxes.slice(b.from, b.to).replace(/\r$/, ''), stories.from.boxes + b.from, { ...setting, boxes: new Map() }, null).html);
  const counts = { footnotes: 0, endnotes: 0 }, known = new Map(noted.map((n) => [n.at, n])), shown: string[] = [], placed: (DocNote | null)[] = [];
  const next = (at: number, sign: string): string | null => {
    const note = known.get(at) ?? null;
    if (!note && (sign !== '\u0002' || known.size > 0)) return null;
    placed.push(note);
    // A mark of the writer's own is a sign of the text, and does not count.
    shown.push(note?.own ? '' : note ? formatNumber(numbering[note.kind].start + counts[note.kind]++, noteFormats[numbering[note.kind].format] ?? 'decimal') : String(shown.length + 1));
    return note?.own ? sign : shown.at(-1)!;
  };
  const main = mapStory(stories.main, stories.from.main, setting, next, stories.picture);
  const all = [...splitNotes(stories.notes, stories.from.notes, setting), ...splitNotes(stories.endnotes, stories.from.endnotes, setting)], notes = noted.length > 0 ? placed.map((n) => (n ? noteText(stories[n.kind === 'footnotes' ? 'notes' : 'endnotes'].slice(n.from, n.to), stories.from[n.kind === 'footnotes' ? 'notes' : 'endnotes'] + n.from, setting) : '')) : all;
  const lines = gatherLines(runningLines(looks, stories.running)), sections = main.sections.map((s, i): Section => ({ ...s, lines: lines.of[i] ?? lines.later.length }));
  Object.assign(page, lines.first, { laterLines: lines.later }, usualSize(sections));
  page.body = joinSections(sections, page) + (notes.length > 0 ? `<hr/>${notes.map((n, i) => (i < main.marks ? `<div class="note" data-note="${i + 1}"${placed[i]?.kind === 'endnotes' ? ' data-end="1"' : ''}><p>${shown[i] ? `<sup>${shown[i]}</sup> ` : ''}${n}</p></div>` : `<p class="note">${n}</p>`)).join('')}` : '');
  for (const mark of shown) if (mark) page.generated.push(mark, mark);
  page.counts = { images: page.counts.images, tables: main.tables, equations: 0, footnotes: main.marks };
  if (stories.boxes.trim() && boxes.length === 0) page.losses.push('text in boxes is left out');
  return page;
}

/** Each section's heads and feet; an empty one is that of the section before it. */
function runningLines(looks: DocLooks | null, running: DocStories['running']): RunningLines[] {
  let before = noLines();
  // Where the properties are damaged, the first section's lines are those of all.
  return (looks && looks.sections.length > 0 ? looks.sections : [null]).map((section, i) => {
    const lines: RunningLines = { ...before, firstPageDiffers: section?.firstPageDiffers ?? false, evenPagesDiffer: looks?.evenPagesDiffer ?? false, numberFrom: section?.numberFrom ?? null, numberFormat: numberFormats[section?.numberFormat ?? 0] ?? 'decimal' }, own = running(i);
    for (const slot of ['head', 'foot', 'firstHead', 'firstFoot', 'evenHead', 'evenFoot'] as const) { const { line, look } = runningLine(own[slot], looks), { [slot]: _, ...others } = lines.looks; if (line) { lines[slot] = line; lines.looks = look ? { ...others, [slot]: look } : others; } }
    if (section?.goesOn && i > 0) return shownLines({ ...before, firstPageDiffers: false, numberFrom: null });
    before = lines;
    return shownLines(lines);
  });
}
/** By their codes: [MS-OSHARED] 2.2.1.3. */
const noteFormats = ['decimal', 'upperRoman', 'lowerRoman', 'upperLetter', 'lowerLetter', 'ordinal', 'cardinalText', 'ordinalText', 'hex', 'chicago'];
const numberFormats: readonly PageNumberFormat[] = ['decimal', 'upperRoman', 'lowerRoman', 'upperLetter', 'lowerLetter'];

/** A header or footer as one line, its pieces where alignment and tab stops put them; page fields become marks. */
function runningLine({ text, from }: RunningStory, looks: DocLooks | null): { line: string; look: LineLook | null } {
  const [number, count] = ['\ue002', '\ue003'], fields = (story: string): string => story.replace(/\u0013([^\u0013-\u0015]*)(?:\u0014[^\u0013\u0015]*)?\u0015/g, (whole, code: string) => (/\b(?:NUMPAGES|SECTIONPAGES)\b/.test(code) ? count : /\bPAGE\b/.test(code) ? number : whole));
  const lines: string[] = [];
  let at = from, look: LineLook | null = null;
  for (const paragraph of text.split('\r')) {
    const own = looks?.paragraph(at + paragraph.length), shown = paragraphsOf(fields(paragraph)).paragraphs.filter((p) => p.trim());
    // Cells of a table stand beside each other; and where nothing is said, the usual style has a stop in the middle and one at the right: common practice, no published source.
    const stops: LinePlace[] = paragraph.includes('\u0007') || !own?.tabs ? ['centre', 'right'] : own.tabs.map((t) => placeOf(t.kind));
    const align = own?.align === 'center' ? 'centre' : own?.align === 'right' ? (own.rtl ? 'left' : 'right') : own?.rtl ? 'right' : 'left';
    if (shown.length > 0) {
      const first = looks?.run(at + Math.max(0, paragraph.search(/[^\s\u0000-\u001f]/)));
      look ??= first ? { sizePt: first.size ?? null, font: first.font ?? null, bold: first.bold ?? false, italic: first.italic ?? false, colour: first.colour ?? null } : null;
      lines.push(...shown.map((p) => placedLine(p.replace(/\n+/g, '   '), align, stops)));
    }
    at += paragraph.length + 1;
  }
  return { line: oneLine(lines).replaceAll(number, '\u0001').replaceAll(count, '\u0002'), look };
}

/** What most letters have. */
function mostCommon<T>(text: string, looks: DocLooks | null, of: (look: DocRunLook) => T | undefined): T | null {
  if (!looks) return null;
  const counts = new Map<T, number>();
  for (let i = 0; i < text.length; i += Math.max(1, Math.floor(text.length / 400))) { const value = of(looks.run(i)); if (value) counts.set(value, (counts.get(value) ?? 0) + 1); }
  return [...counts].sort((a, b) => b[1] - a[1])[0]?.[0] ?? null;
}

/** The notes of a story, each without the mark that begins it. */
function splitNotes(story: string, from: number, setting: Setting): string[] {
  const starts = [...story.matchAll(/\u0002/g)].map((m) => m.index);
  return (starts.length > 0 ? starts : [0]).map((start, i) => noteText(story.slice(start, starts[i + 1] ?? story.length), from + start, setting)).filter((n) => n.replace(/<[^>]+>|&#160;/g, '').trim());
}

/** A note's words, its paragraphs as lines of one. */
const noteText = (story: string, from: number, setting: Setting): string => mapStory(story, from, setting, null).html.replace(/^<p[^>]*>/, '').replace(/<\/p>$/, '').replace(/<\/p><p[^>]*>(?:&#160;)?/g, '<br/>').replace(/(?:<br\/>|&#160;)+$/, '').trim();

/** What a story is set with. */
interface Setting { looks: DocLooks | null; page: PageDescription; places: Places; /** names of bookmarks by the character at which they begin */ bookmarks: Map<number, string[]>; /** what stands in boxes, by the character that anchors them */ boxes: Map<number, string> }
const localLink = /HYPERLINK\s[^"\u0013-\u0015]*\\l\s+"([^"]+)"/gi;

/** @param numbered - what stands for a note that is referred to at a character; null inside notes */
function mapStory(story: string, from: number, { looks, page, places, bookmarks, boxes }: Setting, numbered: ((at: number, sign: string) => string | null) | null, picture: (place: number) => DocPicture | null = () => null): { html: string; sections: Omit<Section, 'lines'>[]; marks: number; tables: number } {
  const fields: { code: string; result: boolean; link: boolean }[] = [], rows: string[][] = [];
  const sections: Omit<Section, 'lines'>[] = [], own = numbered ? looks?.sections ?? [] : [], endSection = (section: DocSection | undefined): void => { closeTable(); sections.push({ ...plainSection, ...section, html: out, size: sizeOf(section) }); out = ''; };
  let marks = 0, out = '', line = '', row: string[] = [], cell = '', tables = 0, open = '', run = '', anchored = '';
  const shows = (): boolean => fields.every((f) => f.result);
  const flush = (): void => { if (run) { line += marked(escapeXml(run), JSON.parse(open) as DocRunLook, page); run = ''; } };
  const closeTable = (): void => { if (rows.length === 0) return; tables++; out += `<table>${rows.map((r) => `<tr>${r.map((c) => `<td>${c}</td>`).join('')}</tr>`).join('')}</table>`; rows.length = 0; };
  const endParagraph = (look: DocParagraphLook): void => {
    flush();
    const html = paragraphHtml(line, look, looks, page);
    line = '';
    if (look.inTable) cell += html; else { closeTable(); out += html; }
    // A box stands after the paragraph that it belongs to.
    if (anchored) { if (look.inTable) cell += anchored; else out += anchored; anchored = ''; }
  };
  for (let i = 0; i < story.length; i++) {
    const c = story[i]!, code = c.charCodeAt(0), here = bookmarks.get(from + i);
    if (here) { flush(); line += here.map(places.mark).join(''); }
    if (c === '\u0013') { fields.push({ code: '', result: false, link: false }); continue; }
    if (c === '\u0014') { const f = fields.at(-1); if (f) { f.result = true; const address = /^\s*HYPERLINK\s+"((?:https?|mailto):[^"]+)"/i.exec(f.code)?.[1], place = address ? null : places.open(new RegExp(localLink.source, 'i').exec(f.code)?.[1] ?? ''); if ((address || place) && shows()) { flush(); line += place ?? `<a href="${escapeXml(address!)}">`; f.link = true; } } continue; }
    if (c === '\u0015') { const f = fields.pop(); if (f?.link) { flush(); line += '</a>'; } continue; }
    if (!shows()) { const f = fields.find((x) => !x.result); if (f) f.code += c; continue; }
    if (c === '\r' || c === '\u0007' || c === '\u000c') {
      const look = looks?.paragraph(from + i) ?? { style: 0, inTable: c === '\u0007' };
      if (look.rowEnd && c === '\u0007') { flush(); line = ''; if (row.length > 0) rows.push(row); row = []; cell = ''; continue; }
      const ended = c === '\u000c' ? own.find((s) => s.end === from + i + 1) : undefined;
      if (c === '\u000c' && !line && !run) { if (ended) endSection(ended); else { closeTable(); out += '<div class="break"></div>'; } continue; }
      endParagraph(c === '\u0007' ? { ...look, inTable: true } : look);
      if (c === '\u0007') { if (looks) { row.push(cell); cell = ''; } else if (story[i + 1] === '\u0007') { row.push(cell); rows.push(row); row = []; cell = ''; i++; } else { row.push(cell); cell = ''; } }
      if (ended) endSection(ended); else if (c === '\u000c') out += '<div class="break"></div>';
      continue;
    }
    const mark = numbered?.(from + i, c) ?? null;
    if (mark !== null) { flush(); line += `<sup data-note="${++marks}">${escapeXml(mark)}</sup>`; continue; }
    if (c === '\u0002') continue;
    if (c === '\u000b') { flush(); line += '<br/>'; continue; }
    if (c === '\t') { flush(); line += '&#8195;'; continue; }
    const place = code === 1 ? looks?.run(from + i).picture : undefined, shown = place === undefined ? null : picture(place), source = shown && pictureSource(shown.bytes);
    if (source) {
      flush();
      page.counts.images++;
      line += `<img src="${source}"${shown.width > 0 && shown.height > 0 ? ` style="width:${Math.round(shown.width)}pt;height:${Math.round(shown.height)}pt"` : ''}/>`;
      continue;
    }
    const box = code === 8 ? boxes.get(from + i) : undefined;
    if (box !== undefined) { anchored += box; continue; }
    if (code === 1 || code === 8) lose(page, 'a picture or drawing of a kind that cannot be read here is left out: save it as DOCX in a word processor where it matters');
    const sign = c === '\u001e' ? '\u2011' : c === '\u001f' ? '' : code < 32 ? '' : c;
    if (!sign) continue;
    const look = looks?.run(from + i) ?? {}, key = JSON.stringify(look);
    if (look.hidden || look.deleted) { lose(page, look.hidden ? 'hidden text is left out' : 'tracked deletions are left out'); continue; }
    if (key !== open) { flush(); open = key; }
    run += sign;
  }
  if (line || run) endParagraph({ style: 0 });
  if (row.length > 0 || cell) { row.push(cell); rows.push(row.filter(Boolean)); }
  endSection(own.at(-1));
  return { html: sections.map((s) => s.html).join(''), sections, marks, tables };
}
const plainSection = { columns: 1, gapPt: 36, ruled: false, goesOn: false };
/** Sizes that no page has are noise. */
const sizeOf = (s: DocSection | undefined): PageSize => (s && s.widthPt > 100 && s.heightPt > 100 && s.widthPt < 3000 && s.heightPt < 3000 ? { widthPt: s.widthPt, heightPt: s.heightPt, marginsPt: s.marginsPt } : a4);
function lose(page: PageDescription, what: string): void { if (!page.losses.includes(what)) page.losses.push(what); }

function marked(html: string, look: DocRunLook, page: PageDescription): string {
  const { font } = look;
  if (font && !page.substituted.some((s) => s.asked === font)) page.substituted.push({ asked: font, used: familyOf(font) });
  if (look.caps) html = html.toUpperCase().replace(/&(AMP|LT|GT|QUOT|#39);/g, (e) => e.toLowerCase());
  if (look.raise) html = `<${look.raise}>${html}</${look.raise}>`;
  const css: string[] = [];
  if (look.size && look.size !== page.baseSizePt && look.size >= 4 && look.size <= 96) css.push(`font-size:${look.size}pt`);
  if (look.font && familyOf(look.font) !== page.baseFont) css.push(`font-family:${familyOf(look.font)}`);
  if (look.colour && look.colour !== '000000') css.push(`color:#${look.colour}`);
  if (css.length > 0) html = `<span style="${css.join(';')}">${html}</span>`;
  if (look.bold) html = `<b>${html}</b>`;
  if (look.italic) html = `<i>${html}</i>`;
  if (look.underline) html = `<u>${html}</u>`;
  if (look.strike) html = `<s>${html}</s>`;
  return html;
}

function paragraphHtml(line: string, look: DocParagraphLook, looks: DocLooks | null, page: PageDescription): string {
  const level = looks?.headingLevel(look) ?? 0, label = looks && line.trim() ? looks.label(look) : '', within = (n: number | undefined, most: number): number => Math.max(-most, Math.min(most, Math.round(n ?? 0)));
  const left = Math.max(0, within(look.left, 200)), css = [`margin:${Math.max(0, within(look.before, 60))}pt ${Math.max(0, within(look.right, 200))}pt ${Math.max(0, looks ? within(look.after, 60) : 6)}pt ${label && left === 0 ? 18 : left}pt`], first = within(look.first, 200);
  if (first || label) css.push(`text-indent:${Math.max(label && !first ? -18 : first, -(left || 18))}pt`);
  if (look.line && Math.abs(look.line - 1) > 0.01 && look.line < 5) css.push(`line-height:${Math.round(look.line * 115) / 100}`);
  if (look.align) css.push(`text-align:${look.rtl && look.align === 'right' ? 'left' : look.align}`);
  if (looks?.isTitle(look) && !page.title) page.title = line.replace(/<br\/>/g, ' ').replace(/<[^>]+>/g, '').trim();
  if (/[\p{L}\p{N}]/u.test(label)) page.generated.push(label);
  const tag = level > 0 ? `h${Math.min(6, level)}` : 'p';
  return `${look.breakBefore && !look.inTable ? '<div class="break"></div>' : ''}<${tag} style="${css.join(';')}"${look.rtl ? ' dir="rtl"' : ''}>${label ? `<span class="label" data-level="${look.level ?? 0}">${escapeXml(label)}&#8194;</span>` : ''}${line || '&#160;'}</${tag}>`;
}
