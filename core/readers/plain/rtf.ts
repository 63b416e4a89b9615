import type { DocumentFacts, FileFacts, HeadingFact, LayoutFacts, MetadataFact, Passage, PlaceKind } from '../../model/facts.ts';
import { read, unread } from '../../model/facts.ts';
import { singleSpacingOf } from '../../tables/faces.ts';
import { decodeCodePage, bytesOfHex, latin1, printableStrings } from '../../text/bytes.ts';
import { countWords } from '../../text/words.ts';
import { fromHex, lookAlike, white } from '../../text/colour.ts';
import { headingsByLook, type LineLook } from '../headings.ts';
import { namedFonts } from '../named-fonts.ts';
import { LayoutTally, movedIn, spacingOf } from '../layout-tally.ts';
import { noteMark, noteName, takeNoteMarks } from '../note-marks.ts';
import { narrowestMargins, sheetsOfSections, type PageSection } from '../page-sections.ts';
import { UnseenLooks } from '../unseen-looks.ts';
import { markTitlePage } from '../title-page.ts';
import { cellSign, pageSign, plainFacts, quoteSign, toParagraphs, withoutSigns } from './read.ts';

const infoSorts: Record<string, MetadataFact['sort']> = { author: 'author', operator: 'author', manager: 'author', company: 'company', title: 'title', subject: 'subject', keywords: 'keywords', doccomm: 'comment', comment: 'comment', template: 'template', generator: 'software' };
/** Whole groups that hold something about the file. */
const fileGroups = new Set(['template', 'generator']);
/** What stands apart from the text, by the group that holds it. Whatever is not here is hidden. */
const places: Readonly<Record<string, PlaceKind>> = { annotation: 'comment', atnid: 'comment', atnauthor: 'comment', revtbl: 'trackedChange', fldinst: 'field', bkmkstart: 'outline', filetbl: 'path', deleted: 'deletedText', shptxt: 'textbox', dptxbxtext: 'textbox', header: 'runningHead', headerl: 'runningHead', headerr: 'runningHead', headerf: 'runningHead', footer: 'runningHead', footerl: 'runningHead', footerr: 'runningHead', footerf: 'runningHead' };

/** Rich text: words, what stands apart from them, and how they are set. Source: RTF Specification 1.9.1 (control words from memory). */
export function readRtf(bytes: Uint8Array, file: FileFacts): DocumentFacts {
  const source = latin1(bytes), rtf = rtfToText(source), { text } = takeNoteMarks(withoutSigns(rtf.text)), paragraphs = toParagraphs(rtf.text);
  markTitlePage(paragraphs);
  const metadata = Object.entries(rtf.info).map(([key, value]): MetadataFact => ({ part: fileGroups.has(key) ? `rtf/${key}` : `info/${key}`, key, value, sort: infoSorts[key] ?? 'custom' }));
  const notes = rtf.notes.flatMap((n, i): Passage[] => (n ? [{ part: 'rtf/footnote', place: 'footnote', page: null, text: n, note: noteName(i) }] : []));
  return {
    ...plainFacts(file, [...paragraphs, ...notes, ...rtf.apart], metadata, [text, ...rtf.apart.filter((p) => p.place === 'textbox').map((p) => p.text)].join('\n'), rtfStructure(source)),
    remains: read({ comments: rtf.counts.comments, trackedChanges: rtf.counts.trackedChanges, highlights: rtf.counts.highlights, revisions: 0 }),
    fonts: read(namedFonts(rtf.fonts)), layout: rtf.layout ? read(rtf.layout) : unread('noFixedPages'), sheets: sheetsOfSections(rtf.sections), pageNumbers: rtf.pageNumbers, integrity: rtf.unseen, headings: rtf.headings,
  };
}

/** Pictures (the fallback of one not counted twice), tables (rows with nothing but rows between them), notes. */
function rtfStructure(source: string): NonNullable<DocumentFacts['structure']> {
  let tables = 0, inside = false;
  for (const m of source.matchAll(/\\(trowd|row|pard|intbl|par)\b/g)) {
    if (m[1] === 'trowd') { if (!inside) tables++; inside = true; } else if (m[1] === 'par' && inside && !/\\intbl\b/.test(source.slice(Math.max(0, source.lastIndexOf('\\pard', m.index)), m.index))) inside = false;
  }
  const count = (word: RegExp): number => source.match(word)?.length ?? 0;
  return { images: count(/\\pict\b/g) - count(/\\nonshppict\b/g) - picturesSaidAgain(source), tables, equations: 0, footnotes: count(/\\footnote\b/g) };
}

/** Pictures of heads and feet that stand there a second time, word by word: some programs write these for the file and again for its first section. */
function picturesSaidAgain(source: string): number {
  const seen = new Set<string>();
  let again = 0, seenTo = 0;
  for (const m of source.matchAll(/\{\\(?:head|foot)er[lrf]?\b/g)) {
    // Each letter is looked at once, also where groups lie in each other and are never closed.
    if (m.index < seenTo) continue;
    let depth = 0, end = m.index;
    do { if (source[end] === '\\') end++; else if (source[end] === '{') depth++; else if (source[end] === '}') depth--; end++; } while (depth > 0 && end < source.length);
    const group = source.slice(m.index, seenTo = end);
    if (seen.has(group)) again += (group.match(/\\pict\b/g)?.length ?? 0) - (group.match(/\\nonshppict\b/g)?.length ?? 0);
    seen.add(group);
  }
  return again;
}

/** The code page that a file names, or the one of the machine that it names; the common western one where it names none or one that is not known here. */
export function rtfCodePage(source: string): string {
  const n = /\\ansicpg(\d+)/.exec(source)?.[1];
  if (!n && /^\{\\rtf\d*\s*\\mac\b/.test(source)) return 'macintosh';
  try { return new TextDecoder(`windows-${n ?? '1252'}`).encoding; } catch { return 'windows-1252'; }
}

/** How words are set: sizes in half-points, colours and faces by their numbers in the file's tables; null: none of its own. */
interface Look { size: number; colour: number; behind: number; face: number; hidden: boolean; deleted: boolean; bold: boolean; underlined: boolean }
const plainLook: Look = { size: 24, colour: 0, behind: 0, face: 0, hidden: false, deleted: false, bold: false, underlined: false };
/** How a paragraph is set: in twentieths of a point, or of a line where `multiple`. */
interface Setting { line: number; multiple: boolean; shade: number; inTable: boolean }
const plainSetting: Setting = { line: 0, multiple: false, shade: 0, inTable: false };
interface Group {
  /** the group that is read for itself, and not as text */ skip: string | null; unicodeSkip: number; /** the note that the group is or lies in, from 0 */ note: number | null;
  /** how far the paragraph is moved in, in twentieths of a point; none of a list's */ indent: number; look: Look;
}
interface RtfText {
  text: string; info: Record<string, string>; apart: Passage[]; notes: string[]; counts: { comments: number; trackedChanges: number; highlights: number };
  fonts: string[]; layout: LayoutFacts | null; sections: PageSection[]; pageNumbers: boolean; unseen: DocumentFacts['integrity']; headings: HeadingFact[];
}
/** What sections say of their sheets; what they do not say is the file's. */
const ofSections = new Set(['pgwsxn', 'pghsxn', 'marglsxn', 'margrsxn', 'margtsxn', 'margbsxn']);
const destinations = /^(fonttbl|colortbl|stylesheet|pict|listtable|listoverridetable|rsidtbl|generator|themedata|colorschememapping|latentstyles|datastore|xmlnstbl|fldinst|mmathPr|object|objdata|header[lrf]?|footer[lrf]?|annotation|atnid|atnauthor|atntime|revtbl|filetbl|template|bkmkstart|bkmkend|listtext|pntext|shprslt)$/;

/** The words of a rich-text file; notes, running lines and whatever else is no text apart, as they stand apart on the page. */
function rtfToText(source: string): RtfText {
  let text = '';
  const info: Record<string, string> = {}, apart: Passage[] = [], notes: string[] = [], counts = { comments: 0, trackedChanges: 0, highlights: 0 };
  const tally = new LayoutTally(), unseen = new UnseenLooks('rtf'), faces = new Map<number, string>(), colours: (string | null)[] = [], page: Record<string, number> = { paperw: 12_240, paperh: 15_840, margl: 1800, margr: 1800, margt: 1440, margb: 1440 };
  const sections: PageSection[] = []; /** what the open section says itself, and its characters */
  let own: Record<string, number> = {}, used = 0;
  /** The file's own words on pages may stand behind the first section's, so they are asked when it ends. */
  const endSection = (): void => {
    const pt = (key: string, ofSection: string): number => Math.abs(own[ofSection] ?? page[key]!) / 20;
    sections.push({ widthPt: pt('paperw', 'pgwsxn'), heightPt: pt('paperh', 'pghsxn'), marginsPt: [pt('margt', 'margtsxn'), pt('margr', 'margrsxn'), pt('margb', 'margbsxn'), pt('margl', 'marglsxn')], used });
    used = 0;
  };
  const stack: Group[] = [], codePage = rtfCodePage(source);
  let state: Group = { skip: null, unicodeSkip: 1, note: null, indent: 0, look: plainLook }, setting = plainSetting, pageNumbers = false;
  let pending = 0, buffer = '', star = false, /** the next words begin a page */ turned = false, face = 0, parts: (number | undefined)[] = [], wasMarked = false;
  const headings: HeadingFact[] = [], levels = new Map<number, number>(); /** of styles, by their numbers */
  const lines: LineLook[] = []; /** letters of the open paragraph that do not stand out */
  let style = 0, level = 0, began = 0, plain = 0;
  /** A paragraph ends: it was a heading, or words below one. */
  const endParagraph = (): void => {
    const words = takeNoteMarks(withoutSigns(text.slice(began))).text.trim();
    if (level > 0 && words) headings.push({ text: words, level, words: 0 });
    else if (headings.length > 0) headings[headings.length - 1]!.words += countWords(words);
    if (words) lines.push({ text: words, stands: plain === 0 && !setting.inTable });
    began = text.length; plain = 0;
  };
  const flush = (): void => { if (state.skip && buffer.trim()) keepApart(state.skip, buffer.trim()); buffer = ''; };
  const keepApart = (group: string, words: string): void => {
    if (group.startsWith('info:')) { const key = group.slice(5); if (key) info[key] = `${info[key] ?? ''}${words}`.trim(); return; }
    if (fileGroups.has(group)) { info[group] = words.replace(/;$/, ''); return; }
    // What a program has put in as bytes is searched for its words; pictures are read by themselves.
    if (/^[\da-f\s]{32,}$/i.test(words)) { const said = group === 'pict' ? '' : printableStrings(bytesOfHex(words)); if (said) apart.push({ part: `rtf/${group}`, place: places[group] ?? 'hidden', page: null, text: said }); return; }
    const place = places[group] ?? 'hidden', address = group === 'fldinst' ? /^\s*HYPERLINK\s+"([^"]+)"/i.exec(words)?.[1] : undefined;
    if (group === 'fldinst' && /\bPAGE\b/i.test(words) && stack.some((g) => /^(?:head|foot)er[lr]?$/.test(g.skip ?? ''))) pageNumbers = true;
    for (const one of group === 'revtbl' ? words.split(';').filter((w) => w.trim() && w.trim() !== 'Unknown') : [address ?? words]) {
      apart.push({ part: place === 'runningHead' ? 'rtf/header' : place === 'hidden' ? 'rtf' : `rtf/${group}`, place: address ? (/^https?:/i.test(address) ? 'cloudAddress' : /^mailto:/i.test(address) ? 'link' : 'path') : place, page: null, text: one.trim(), ...(/^(?:atnid|atnauthor|revtbl)$/.test(group) ? { authorLike: true } : {}) });
    }
  };
  const put = (value: string, run = false): void => {
    if (pending > 0) { const n = Math.min(pending, run ? value.length : 1); pending -= n; value = run ? value.slice(n) : ''; }
    if (state.skip === 'colortbl') { for (const sign of value) if (sign === ';') { colours.push(parts.some((c) => c !== undefined) ? [0, 1, 2].map((i) => (parts[i] ?? 0).toString(16).padStart(2, '0')).join('') : null); parts = []; } return; }
    if (state.skip === 'fonttbl') { faces.set(face, `${faces.get(face) ?? ''}${value.replaceAll(';', '')}`); return; }
    if (state.skip === 'stylesheet') { const named = /^\s*heading (\d)\s*;?\s*$/i.exec(value)?.[1]; if (named) levels.set(style, Number(named)); }
    if (state.skip) { buffer += value; return; }
    const { look } = state;
    if (look.hidden || look.deleted) { if (value.trim()) addApart(look.deleted ? 'deletedText' : 'hidden', value); return; }
    if (state.note !== null) { notes[state.note] += value; return; }
    const begins = /\S/.test(value) && (text === '' || /[\n\t]$/.test(text));
    if (turned && /\S/.test(value)) { text += pageSign; turned = false; }
    text += begins && setting.inTable ? cellSign + value : begins && state.indent >= 360 && !text.endsWith('\t') ? quoteSign + value : value;
    if (value.trim()) { used += value.length; measure(value, look); if (!look.bold && !look.underlined) plain += value.trim().length; }
  };
  /** What stands side by side is one passage. */
  const addApart = (place: PlaceKind, value: string): void => { const last = apart.at(-1); if (last?.place === place && last.part === 'rtf/text' && text.length === apartAt) last.text += value; else apart.push({ part: 'rtf/text', place, page: null, text: value }); apartAt = text.length; };
  let apartAt = -1;
  const measure = (value: string, look: Look): void => {
    const size = look.size / 2, font = faces.get(look.face), behind = look.behind || setting.shade, under = fromHex(colours[look.behind] ?? ''), marked = under !== null && !lookAlike(under, white);
    tally.add({ text: value, apart: state.indent >= movedIn * 20 || state.indent < 0, inTable: setting.inTable, size, font, spacing: setting.line === 0 ? 1 : setting.multiple ? setting.line / 240 : spacingOf(Math.abs(setting.line) / 20, size, singleSpacingOf(font ?? '')) });
    unseen.add(value, { size, colour: colours[look.colour] ?? null, ground: behind > 0 ? colours[behind] ?? null : setting.inTable ? null : 'FFFFFF' });
    if (marked && !wasMarked) counts.highlights++;
    wasMarked = marked;
  };
  for (const m of source.matchAll(/\\([a-z]+)(-?\d+)? ?|\\'([0-9a-f]{2})|\\([^a-z])|([{}])|([^\\{}]+)/gi)) {
    const [, word, argument, hex, symbol, brace, plain] = m;
    if (brace === '{') { stack.push(state); state = { ...state }; }
    else if (brace === '}') { const around = stack.pop() ?? state; if (around.skip !== state.skip) flush(); state = around; }
    else if (plain !== undefined) put(plain.replace(/[\r\n]/g, ''), true);
    else if (hex !== undefined) put(decodeCodePage(Uint8Array.of(parseInt(hex, 16)), codePage));
    else if (symbol !== undefined) {
      if (symbol === '*') star = true;
      else if (symbol === '~') put('\u00a0'); else if (symbol === '_') put('-'); else if (symbol === '-') put('\u00ad'); else if (/[\\{}]/.test(symbol)) put(symbol);
      else if (symbol === '\n' || symbol === '\r') put('\n');
    } else if (word) {
      const n = argument === undefined ? null : Number(argument), on = n !== 0;
      // A starred destination may be skipped unless it is known.
      if (star && !/^(footnote|shppict|annotation|atnauthor|atnid|template|generator|revtbl|fldinst|bkmkstart)$/.test(word)) { flush(); state.skip = 'ignorable'; }
      star = false;
      // The words of a drawing stand within what an older program skips.
      if ((word === 'shptxt' || word === 'dptxbxtext') && state.note === null && !stack.some((g) => /^(?:(?:head|foot)er[lrf]?|shprslt)$/.test(g.skip ?? ''))) { flush(); state.skip = word; continue; }
      if (word === 'u' && argument) { put(String.fromCharCode((Number(argument) + 65_536) % 65_536)); pending = state.unicodeSkip; continue; }
      if (state.skip === 'colortbl') { const at = ['red', 'green', 'blue'].indexOf(word); if (at >= 0) parts[at] = Math.min(255, Math.max(0, n ?? 0)); continue; }
      if (state.skip === 'fonttbl' && word === 'f') { face = n ?? 0; continue; }
      if (state.skip === 'stylesheet' && word === 's') style = n ?? 0;
      else if (word === 'outlinelevel') { const deep = (n ?? 9) < 9 ? n! + 1 : 0; if (state.skip === 'stylesheet') { if (deep > 0) levels.set(style, deep); } else if (!state.skip && deep > 0) level = deep; }
      else if (word === 's' && !state.skip) level = levels.get(n ?? 0) ?? 0;
      else if ((word === 'pict' || word === 'trowd') && state.skip === null && headings.length > 0) headings[headings.length - 1]!.words++;
      if ((word === 'page' || word === 'sect' || word === 'pagebb') && !state.skip && on) turned = true; else if (word === 'sbknone' && !state.skip) turned = false;
      if (word in page && n !== null && !state.skip) page[word] = n;
      else if (ofSections.has(word) && n !== null && !state.skip) own[word] = n;
      else if (word === 'sectd' && !state.skip) own = {};
      else if (word === 'sect' && !state.skip) endSection();
      if (word === 'footnote' && !state.skip) { if (state.note === null) text += noteMark(notes.length); state.note = notes.length; notes.push(''); } else if (word === 'uc') state.unicodeSkip = n ?? 1;
      else if (word === 'par' || word === 'line' || word === 'row' || word === 'sect' || word === 'page') { if (word !== 'line' && !state.skip && state.note === null) endParagraph(); put('\n'); }
      else if (word === 'tab' || word === 'cell' || word === 'nestcell') { if (word !== 'tab' && !state.skip && state.note === null) endParagraph(); put('\t'); }
      else if (word === 'pard') { if (!state.skip) level = 0; state.indent = 0; setting = plainSetting; }
      else if (word === 'li' || word === 'lin') state.indent = n ?? 0;
      else if (word === 'ls' || (word === 'fi' && n !== null && n < 0)) state.indent = -Infinity;
      else if (word === 'intbl') { state.indent = -Infinity; setting = { ...setting, inTable: true }; }
      else if (word === 'sl') setting = { ...setting, line: n ?? 0 };
      else if (word === 'slmult') setting = { ...setting, multiple: n === 1 };
      else if (word === 'cbpat') setting = { ...setting, shade: n ?? 0 };
      else if (word === 'info') state.skip = 'info:';
      else if (state.skip?.startsWith('info:')) { flush(); state.skip = `info:${word}`; }
      else if (word === 'chpgn') { if (/^(?:head|foot)er[lr]?$/.test(state.skip ?? '')) pageNumbers = true; }
      else if (destinations.test(word)) { if (word === 'annotation' && state.skip === null) counts.comments++; // Instructions and pictures stand for themselves wherever they are: a picture in a head is no word of it.
        const ofItsOwn = word === 'fldinst' || (word === 'pict' || word === 'objdata') && places[state.skip ?? ''] !== undefined;
        if (ofItsOwn) flush();
        state.skip = ofItsOwn ? word : state.skip ?? word; }
      else if (word in typographic) put(typographic[word]!);
      else changeLook(word, n, on);
    }
  }
  flush();
  endParagraph();
  if (used > 0 || sections.length === 0) endSection();
  if (faces.size > 0) apart.push({ part: 'rtf', place: 'hidden', page: null, text: [...faces.values()].join('\n') });
  return {
    text: text.replace(/\n{3,}/g, '\n\n'), info, apart, notes: notes.map((x) => x.trim()), counts, pageNumbers, unseen: unseen.words, headings: headings.length > 0 ? headings : headingsByLook(lines),
    fonts: tally.faces, layout: tally.facts('text', narrowestMargins(sections)), sections,
  };
  function changeLook(word: string, n: number | null, on: boolean): void {
    const { look } = state;
    switch (word) {
      case 'plain': state.look = plainLook; break;
      case 'v': state.look = { ...look, hidden: on }; break;
      case 'deleted': state.look = { ...look, deleted: on }; if (on && !state.skip) counts.trackedChanges++; break;
      case 'revised': if (on && !state.skip) counts.trackedChanges++; break;
      case 'b': state.look = { ...look, bold: on }; break;
      case 'ul': case 'ulnone': state.look = { ...look, underlined: on && word === 'ul' }; break;
      case 'fs': state.look = { ...look, size: n ?? 24 }; break;
      case 'cf': state.look = { ...look, colour: n ?? 0 }; break;
      case 'f': state.look = { ...look, face: n ?? 0 }; break;
      case 'highlight': case 'chcbpat': state.look = { ...look, behind: n ?? 0 }; break;
    }
  }
}
const typographic: Record<string, string> = { emdash: '—', endash: '–', lquote: '‘', rquote: '’', ldblquote: '“', rdblquote: '”', bullet: '•', emspace: ' ', enspace: ' ' };
