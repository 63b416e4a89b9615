import { escapeXml } from '../../engines/xml.ts';
import { decodeCodePage, latin1 } from '../../text/bytes.ts';
import { rtfCodePage } from '../../readers/plain/rtf.ts';
import { languageTags } from '../../tables/language-ids.ts';
import { emptyPage, familyOf, type PageDescription } from '../page-description.ts';
import { NoteNumbers } from './notes.ts';
import { placesOf } from '../places.ts';
import { pictureSize } from '../../readers/image/read.ts';
import { pictureSource } from '../picture.ts';
import { gatherLines, noLines, placedLine, placeOf, shownLines, type LineLook, type LinePlace, type RunningLines } from '../running-lines.ts';
import { joinSections, usualSize, type Section } from '../sections.ts';

interface CharLook { bold: boolean; italic: boolean; underline: boolean; strike: boolean; raise: '' | 'sup' | 'sub'; size: number; hidden: boolean; /** a tracked deletion */ deleted: boolean; /** set in capitals */ caps: boolean; font: number }
interface State extends CharLook { into: Into; unicodeSkip: number; /** where the text around a drawing goes */ around: Into }
/** Where text goes: the page, nowhere, or one of the things that are gathered apart. */
type Into = 'bookmark' | 'text' | 'skip' | 'label' | 'instruction' | 'picture' | 'style' | 'font' | Slot | 'note';
const slots = ['head', 'foot', 'firstHead', 'firstFoot', 'evenHead', 'evenFoot'] as const;
type Slot = (typeof slots)[number];
interface ParaLook { align: string; /** from right to left */ rtl: boolean; left: number; first: number; before: number; after: number; line: number; style: number; outline: number; table: boolean; /** begins a page */ newPage: boolean; /** where tabs lead */ stops: LinePlace[]; /** how the next stop aligns */ stop: LinePlace }
interface CellShape { joinsLeft: boolean; joinsUp: boolean }
interface Cell { html: string; shape: CellShape }

const plainChar = (): CharLook => ({ bold: false, italic: false, underline: false, strike: false, raise: '', size: 12, hidden: false, deleted: false, caps: false, font: -1 });
const plainPara = (): ParaLook => ({ align: '', rtl: false, left: 0, first: 0, before: 0, after: 0, line: 0, style: -1, outline: 9, table: false, newPage: false, stops: [], stop: 'left' });
const skipped = /^(colortbl|listtable|listoverridetable|rsidtbl|generator|info|themedata|colorschememapping|latentstyles|datastore|xmlnstbl|mmathPr|objdata|annotation|atnid|atnauthor|atntime|atnref|revtbl|filetbl|template|bkmkstart|bkmkend|nonshppict|userprops|pgdsctbl|falt|panose|pnseclvl\d*|sp|sn|sv)$/;
const letters: Readonly<Record<string, string>> = { emdash: '—', endash: '–', lquote: '‘', rquote: '’', ldblquote: '“', rdblquote: '”', bullet: '•', emspace: '\u2003', enspace: '\u2002', tab: '\u2003' };

/** Maps rich text to a page description: marks, paragraphs, headings, lists, tables, notes, pictures, links, running lines. Source: RTF Specification 1.9.1 (control words from memory). */
export function mapRtf(bytes: Uint8Array): PageDescription {
  const source = latin1(bytes), page = emptyPage(), encoding = rtfCodePage(source);
  const headingOf = new Map<number, number>(), fontOf = new Map<number, string>(), notes: string[] = [], outer: { line: string; para: ParaLook }[] = [];
  let lastRun = { head: '', end: -1 };
  let state: State = { ...plainChar(), into: 'text', unicodeSkip: 1, around: 'skip' }, para = plainPara(), line = '', label = '', out = '', pending = 0, styleNumber = 0, fontAt = 0, instruction = '', link = '', bookmark = '';
  const noteNumbers = new NoteNumbers(source);
  let position = 0, /** a note's number was asked for, and the note has not come */ numberWritten = false;
  const places = placesOf([...source.matchAll(/HYPERLINK\s[^"{}]*\\\\l\s+"([^"]+)"/g)].map((m) => m[1]!), [...source.matchAll(/\\bkmkstart\s+([^{}]+)\}/g)].map((m) => m[1]!.trim()));
  const stack: { state: State; ends: (() => void) | null }[] = [];
  let ends: (() => void) | null = null, star = false;
  let row: Cell[] = [], cell = '', shapes: CellShape[] = [], shape: CellShape = { joinsLeft: false, joinsUp: false }, rows: Cell[][] = [];
  const headRows = new Set<number>();
  /** the open table begins a page */
  let tableBegins = false;
  /** text in drawings of the open paragraph */
  let boxes = '';
  let picture = noPicture(), half = '', section = plainSection(), own: OwnSize = {}, lines = noLines(), startsAt = 1, facing = false;
  const sections: (Omit<Section, 'size' | 'lines'> & { own: OwnSize; lines: RunningLines })[] = [];
  /** the paragraph that a running line stands in: where it stands and where its tabs lead */
  const lineLooks = new Map<Slot, ParaLook>(), /** how the first letters of each are set */ lineSets = new Map<Slot, LineLook>();
  const lose = (what: string): void => { if (!page.losses.includes(what)) page.losses.push(what); };

  for (const m of source.matchAll(/\\([a-z]+)(-?\d+)? ?|\\'([0-9a-f]{2})|\\([^a-z])|([{}])|([^\\{}]+)/gi)) {
    const [, word, argument, hex, symbol, brace, plain] = m;
    position = m.index;
    if (brace === '{') { stack.push({ state, ends }); state = { ...state }; ends = null; star = false; }
    else if (brace === '}') { const done = ends as (() => void) | null; done?.(); const back = stack.pop(); if (back) ({ state, ends } = back); }
    else if (plain !== undefined) put(plain.replace(/[\r\n]/g, ''), true);
    else if (hex !== undefined) put(decodeCodePage(Uint8Array.of(parseInt(hex, 16)), encoding));
    else if (symbol !== undefined) {
      if (symbol === '*') star = true;
      else if (symbol === '~') put('\u00a0'); else if (symbol === '_') put('\u2011'); else if (/[\\{}]/.test(symbol)) put(symbol);
      else if (symbol === '\n' || symbol === '\r') control('par', null);
    } else if (word) { control(word, argument === undefined ? null : Number(argument)); star = false; }
  }
  endParagraph(false);
  closeTable();
  endSection();
  const [top, right, bottom, left] = page.marginsPt, gathered = gatherLines(sections.map((s) => shownLines({ ...s.lines, evenPagesDiffer: facing }))), parts = sections.map(({ own: o, ...rest }, i): Section => ({ ...rest, lines: gathered.of[i]!, size: { widthPt: o.width ?? page.widthPt, heightPt: o.height ?? page.heightPt, marginsPt: [o.top ?? top, o.right ?? right, o.bottom ?? bottom, o.left ?? left] } }));
  Object.assign(page, gathered.first, { laterLines: gathered.later }, usualSize(parts));
  page.body = joinSections(parts, page) + (notes.length > 0 ? `<hr/>${notes.join('')}` : '');
  return page;

  function put(text: string, run = false): void {
    if (pending > 0) { const n = Math.min(pending, run ? text.length : 1); pending -= n; text = run ? text.slice(n) : ''; }
    if (text === '') return;
    switch (state.into) {
      case 'skip': return;
      case 'picture': picture.hex += text; return;
      case 'instruction': instruction += text; return;
      case 'label': label += text; return;
      case 'bookmark': bookmark += text; return;
      case 'head': case 'foot': case 'firstHead': case 'firstFoot': case 'evenHead': case 'evenFoot': if (text.trim()) { lineLooks.set(state.into, para); if (!lineSets.has(state.into)) lineSets.set(state.into, { sizePt: state.size, font: fontOf.get(state.font) ?? null, bold: state.bold, italic: state.italic, colour: null }); } lines[state.into] += text === letters.tab ? '\t' : text; return;
      case 'font': fontOf.set(fontAt, (fontOf.get(fontAt) ?? '') + text.replace(/;.*/s, '')); return;
      // A heading by its style’s name, where the style says no level of its own.
      case 'style': { const named = /^\s*heading ([1-9])\s*;/i.exec(text)?.[1]; if (named && !headingOf.has(styleNumber)) headingOf.set(styleNumber, Number(named)); return; }
      default: if (state.hidden || state.deleted) { if (text.trim()) lose(state.deleted ? 'tracked deletions are left out' : 'hidden text is left out'); return; } addRun(escapeXml(state.caps ? text.toUpperCase() : text));
    }
  }
  /** Letters that look alike stand in one stretch: characters written one by one, as those of other scripts are, join like any. */
  function addRun(html: string): void {
    const [head = '', tail = ''] = marked('\u0000').split('\u0000');
    line = lastRun.head === head && lastRun.end === line.length && tail ? line.slice(0, -tail.length) + html + tail : line + head + html + tail;
    lastRun = { head, end: line.length };
  }
  function marked(html: string): string {
    const css: string[] = [];
    if (state.size !== page.baseSizePt) css.push(`font-size:${state.size}pt`);
    const font = fontOf.get(state.font);
    if (font && familyOf(font) !== page.baseFont) css.push(`font-family:${familyOf(font)}`);
    if (state.raise) html = `<${state.raise}>${html}</${state.raise}>`;
    if (css.length > 0) html = `<span style="${css.join(';')}">${html}</span>`;
    if (state.bold) html = `<b>${html}</b>`;
    if (state.italic) html = `<i>${html}</i>`;
    if (state.underline) html = `<u>${html}</u>`;
    if (state.strike) html = `<s>${html}</s>`;
    return html;
  }
  /** The section's lines with their pieces where alignment and stops put them. */
  function placedLines(): RunningLines {
    const placed: RunningLines = { ...lines, looks: Object.fromEntries(lineSets) };
    for (const slot of slots) { const { align, rtl, stops } = lineLooks.get(slot) ?? plainPara(), side = align || (rtl ? 'right' : 'left'); placed[slot] = placedLine(lines[slot].replace(/\s*[\r\n]+\s*/g, ' '), placeOf(side), stops); }
    return placed;
  }
  function endSection(): void { sections.push({ ...section, html: out, own, lines: placedLines() }); out = ''; lines.numberFrom = null; }
  /** A section that has no line of a kind keeps that of the section before it. */
  function startLine(slot: Slot): void { const { [slot]: _, ...others } = lines.pictures; lines[slot] = ''; lines.pictures = others; state.into = slot; }
  function endParagraph(always: boolean): void {
    const inTable = para.table || cell !== '';
    if (!always && line === '' && label === '' && boxes === '') return;
    const level = headingOf.get(para.style) ?? (para.outline < 9 ? para.outline + 1 : 0), css = [`margin:${para.before}pt 0 ${para.after}pt ${Math.max(0, para.left)}pt`];
    if (para.first) css.push(`text-indent:${Math.max(para.first, -para.left)}pt`);
    if (para.align) css.push(`text-align:${para.align}`);
    if (para.line > 0) css.push(`line-height:${Math.round(para.line * 115) / 100}`);
    const words = label.replace(/[\s\u2003]+/g, ' ').trim();
    if (words && /[\p{L}\p{N}]/u.test(words)) page.generated.push(words);
    const mark = words ? `<span class="label" data-level="${Math.max(0, Math.round(para.left / 18) - 1)}">${/[\p{L}\p{N}]/u.test(words) ? escapeXml(words) : '•'}&#8194;</span>` : '';
    const html = `<${level ? `h${Math.min(6, level)}` : 'p'} style="${css.join(';')}"${para.rtl ? ' dir="rtl"' : ''}>${mark}${line || '&#160;'}</${level ? `h${Math.min(6, level)}` : 'p'}>`;
    line = ''; label = '';
    const whole = html + boxes;
    boxes = '';
    if (inTable && state.into !== 'note') { if (para.newPage && rows.length === 0 && row.length === 0 && cell === '') tableBegins = true; cell += whole; } else { if (state.into !== 'note') { closeTable(); if (para.newPage) out += '<div class="break"></div>'; } out += whole; }
  }
  function closeTable(): void {
    if (rows.length === 0) return;
    page.counts.tables++;
    const starts: { rows: number; cell: Cell }[] = [];
    const lines = rows.map((cells) => {
      const shown: { html: string; span: number; at: number }[] = [];
      cells.forEach((c, at) => {
        if (c.shape.joinsLeft && shown.length > 0) { shown.at(-1)!.span++; shown.at(-1)!.html += empty(c.html); return; }
        if (c.shape.joinsUp && starts[at]) { starts[at]!.rows++; starts[at]!.cell.html += empty(c.html); return; }
        starts[at] = { rows: 1, cell: c };
        shown.push({ html: '', span: 1, at });
      });
      return shown.map((s) => ({ ...s, start: starts[s.at]! }));
    });
    out += `${tableBegins ? '<div class="break"></div>' : ''}<table>${lines.map((cells, row) => `<tr>${cells.map((c) => `<td${headRows.has(row) ? ' data-head="1"' : ''}${c.span > 1 ? ` colspan="${c.span}"` : ''}${c.start.rows > 1 ? ` rowspan="${c.start.rows}"` : ''}>${c.start.cell.html}${c.html}</td>`).join('')}</tr>`).join('')}</table>`;
    rows = []; headRows.clear(); tableBegins = false;
  }
  function control(word: string, n: number | null): void {
    const on = n !== 0, pt = (n ?? 0) / 20;
    switch (word) {
      case 'u': {
        // Characters beyond 16 bits come as two halves, each with its stand-in.
        const unit = String.fromCharCode(n ?? 0);
        if (/[\ud800-\udbff]/.test(unit)) half = unit; else { put(half + unit); half = ''; }
        pending = state.unicodeSkip;
        return;
      }
      case 'uc': state.unicodeSkip = n ?? 1; return;
      case 'plain': Object.assign(state, plainChar()); return;
      case 'b': state.bold = on; return; case 'i': state.italic = on; return; case 'ul': case 'uld': case 'uldb': state.underline = on; return; case 'ulnone': state.underline = false; return;
      case 'strike': state.strike = on; return; case 'super': state.raise = on ? 'sup' : ''; return; case 'sub': state.raise = on ? 'sub' : ''; return; case 'nosupersub': state.raise = ''; return;
      case 'fs': state.size = Math.min(96, Math.max(4, (n ?? 24) / 2)); return; case 'v': state.hidden = on; return; case 'deleted': state.deleted = on; return; case 'caps': state.caps = on; return;
      case 'f': if (state.into === 'font') fontAt = n ?? 0; else state.font = n ?? -1; return;
      case 'pard': para = { ...plainPara(), table: false }; return;
      case 'tqc': para.stop = 'centre'; return; case 'tqr': para.stop = 'right'; return; case 'tx': para.stops.push(para.stop); para.stop = 'left'; return;
      case 'qc': para.align = 'center'; return; case 'qr': para.align = 'right'; return; case 'qj': para.align = 'justify'; return; case 'ql': para.align = ''; return; case 'rtlpar': para.rtl = true; return; case 'ltrpar': para.rtl = false; return;
      case 'li': para.left = pt; return; case 'fi': para.first = pt; return; case 'sb': para.before = pt; return; case 'sa': para.after = pt; return; case 'sl': para.line = (n ?? 0) > 0 ? (n ?? 0) / 240 : 0; return;
      case 's': if (state.into === 'style') styleNumber = n ?? 0; else para.style = n ?? -1; return;
      case 'outlinelevel': if (state.into === 'style') headingOf.set(styleNumber, (n ?? 0) + 1); else para.outline = n ?? 9; return;
      case 'intbl': para.table = true; return; case 'pagebb': para.newPage = on; return;
      case 'nestcell': endParagraph(false); return; case 'nonesttables': state.into = 'skip'; return;
      case 'par': if (state.into === 'text' || state.into === 'note') endParagraph(true); else put(' '); return;
      case 'line': if (state.into === 'text' || state.into === 'note') line += '<br/>'; return;
      case 'page': if (state.into === 'text') { endParagraph(false); closeTable(); out += '<div class="break"></div>'; } return;
      case 'sect': if (state.into === 'text') { endParagraph(false); closeTable(); endSection(); } return;
      case 'sectd': section = plainSection(); own = {}; startsAt = 1; if (sections.length > 0) lines = { ...lines, firstPageDiffers: false, numberFrom: null, numberFormat: 'decimal' }; return;
      case 'pgwsxn': own = { ...own, width: pt || undefined }; return; case 'pghsxn': own = { ...own, height: pt || undefined }; return;
      case 'margtsxn': own = { ...own, top: pt }; return; case 'margrsxn': own = { ...own, right: pt }; return; case 'margbsxn': own = { ...own, bottom: pt }; return; case 'marglsxn': own = { ...own, left: pt }; return;
      case 'linebetcol': section.ruled = true; return;
      case 'sbknone': section.goesOn = true; return;
      case 'colsx': section.gapPt = pt; return;
      case 'trhdr': headRows.add(rows.length); return;
      case 'trowd': shapes = []; shape = { joinsLeft: false, joinsUp: false }; return;
      case 'clmrg': shape.joinsLeft = true; return; case 'clvmrg': shape.joinsUp = true; return;
      case 'cellx': shapes.push(shape); shape = { joinsLeft: false, joinsUp: false }; return;
      case 'cell': endParagraph(false); if (state.into === 'note') return; row.push({ html: cell, shape: { joinsLeft: false, joinsUp: false } }); cell = ''; return;
      case 'row': if (state.into === 'note') return; if (row.length > 0) rows.push(row.map((c, i) => ({ html: c.html, shape: shapes[i] ?? c.shape }))); row = []; return;
      case 'footnote': note(); return; case 'chftn': if (state.into === 'text') numberWritten = true; return;
      case 'shp': state.around = state.into; return; case 'do': state.around = state.into; state.into = 'skip'; return; case 'shprslt': state.into = 'skip'; return;
      case 'shptxt': case 'dptxbxtext': if (state.around === 'text' || state.around === 'note') box(); return;
      case 'pict': state.into = state.into === 'skip' ? 'skip' : 'picture'; picture = noPicture(); ends = endPicture; return;
      case 'picwgoal': picture.width = pt; return; case 'pichgoal': picture.height = pt; return; case 'picscalex': picture.acrossPercent = n || 100; return; case 'picscaley': picture.downPercent = n || 100; return;
      case 'listtext': case 'pntext': state.into = 'label'; label = ''; return;
      case 'fldinst': if (state.into !== 'skip') { state.into = 'instruction'; instruction = ''; } return;
      case 'fldrslt': startLink(); return;
      case 'bkmkstart': if (state.into === 'text' || state.into === 'note') { state.into = 'bookmark'; bookmark = ''; ends = () => { line += places.mark(bookmark.trim()); }; } return;
      case 'chpgn': put('\u0001'); return;
      case 'stylesheet': state.into = 'style'; ends = () => {}; return;
      case 'fonttbl': state.into = 'font'; return;
      case 'header': case 'headerr': startLine('head'); return;
      case 'headerl': startLine('evenHead'); return; case 'footerl': startLine('evenFoot'); return;
      case 'footer': case 'footerr': startLine('foot'); return;
      case 'headerf': startLine('firstHead'); return;
      case 'footerf': startLine('firstFoot'); return;
      case 'cols': section.columns = n ?? 1; return;
      case 'deflang': page.language ??= languageTags[n ?? 0] ?? null; return;
      case 'titlepg': lines.firstPageDiffers = true; return; case 'facingp': facing = true; return;
      case 'pgnstart': lines.numberFrom = n; return; case 'pgnstarts': startsAt = n ?? 1; if (lines.numberFrom !== null) lines.numberFrom = startsAt; return; case 'pgnrestart': lines.numberFrom = startsAt; return;
      case 'pgndec': lines.numberFormat = 'decimal'; return; case 'pgnlcrm': lines.numberFormat = 'lowerRoman'; return; case 'pgnucrm': lines.numberFormat = 'upperRoman'; return; case 'pgnlcltr': lines.numberFormat = 'lowerLetter'; return; case 'pgnucltr': lines.numberFormat = 'upperLetter'; return;
      case 'paperw': page.widthPt = pt || page.widthPt; return; case 'paperh': page.heightPt = pt || page.heightPt; return;
      case 'margt': page.marginsPt[0] = pt; return; case 'margr': page.marginsPt[1] = pt; return; case 'margb': page.marginsPt[2] = pt; return; case 'margl': page.marginsPt[3] = pt; return;
      case 'shppict': case 'fname': return;
      default:
        if (word in letters) put(letters[word]!);
        else if (skipped.test(word)) { if (word === 'annotation') lose('comments are left out'); state.into = 'skip'; }
        else if (star && state.into === 'text') state.into = 'skip';
    }
  }
  /** Reads what follows for itself, up to the end of its group. @param done - is given its paragraphs, after the text around it is open again */
  function readApart(done: (html: string) => void): void {
    outer.push({ line, para });
    const kept = { out, cell, boxes };
    line = ''; out = ''; cell = ''; boxes = ''; para = plainPara();
    state.into = 'note'; state.raise = '';
    ends = () => {
      endParagraph(false);
      const html = out;
      ({ out, cell, boxes } = kept);
      ({ line, para } = outer.pop()!);
      done(html);
    };
  }
  /** Text in a drawing stands behind the paragraph that holds it. */
  function box(): void { readApart((html) => { boxes += html.replace(/<p[^>]*>&#160;<\/p>$/, ''); }); }
  function note(): void {
    const mark = ++page.counts.footnotes, head = source.slice(position, position + 400).split('}')[0]!, kind = /^\\footnote\s*\\ftnalt/.test(head) ? 'endnotes' : 'footnotes', raised = /<sup>([^<]{1,3})<\/sup>$/.exec(line);
    // A mark of the writer's own was written before it, and the note's text begins with it; \\chftn stands for a number.
    const own = raised !== null && !numberWritten && !head.includes('\\chftn'), shown = own ? '' : noteNumbers.next(kind);
    numberWritten = false;
    if (own) line = `${line.slice(0, raised.index)}<sup data-note="${mark}">${raised[1]!}</sup>`; else { page.generated.push(shown, shown); line += `<sup data-note="${mark}">${shown}</sup>`; }
    readApart((html) => { notes.push(`<div class="note" data-note="${mark}"${kind === 'endnotes' ? ' data-end="1"' : ''}><p>${shown ? `<sup>${shown}</sup> ` : ''}${html.replace(/^<p[^>]*>/, '').replace(/<\/p>$/, '')}</p></div>`); });
  }
  function endPicture(): void {
    const hex = picture.hex.replace(/[^0-9a-f]/gi, '');
    if (state.into !== 'picture' || hex.length < 8) return;
    const data = new Uint8Array(hex.length >> 1);
    for (let i = 0; i < data.length; i++) data[i] = parseInt(hex.slice(i * 2, i * 2 + 2), 16);
    const src = pictureSource(data);
    if (!src) { lose('a drawing of a kind that cannot be shown here is left out'); return; }
    page.counts.images++;
    const [across, down] = [picture.width * picture.acrossPercent / 100, picture.height * picture.downPercent / 100];
    // In a head or foot it stands on every page, at the place of its paragraph or of the last tab before it.
    const slot = slots.find((s) => stack.some((outside) => outside.state.into === s));
    if (slot) {
      const { width, height } = pictureSize(data) ?? { width: 96, height: 96 }, tabs = lines[slot].split('\t').length - 1, place = placeOf(tabs > 0 && (para.align === '' || para.align === 'left') ? para.stops[tabs - 1] : para.align);
      lines.pictures = { ...lines.pictures, [slot]: [...(lines.pictures[slot] ?? []), { source: src, widthPt: across || width * pointsPerPixel, heightPt: down || height * pointsPerPixel, place }] };
      return;
    }
    line += `<img src="${src}"${across > 0 ? ` style="width:${across}pt;height:${down}pt"` : ''}/>`;
  }
  function startLink(): void {
    if (state.into === 'skip') return;
    link = /HYPERLINK\s+"([^"]+)"/.exec(instruction)?.[1] ?? '';
    const place = link ? null : places.open(/HYPERLINK\s[^"]*\\l\s+"([^"]+)"/.exec(instruction)?.[1] ?? '');
    const running = (['note', ...slots] as const).find((into) => stack.some((s) => s.state.into === into));
    state.into = running ?? 'text';
    if (/^\s*PAGE\b/.test(instruction) && running && running !== 'note') { put('\u0001'); state.into = 'skip'; return; }
    if ((running && running !== 'note') || (place === null && !/^(https?|mailto):/i.test(link))) return;
    line += place ?? `<a href="${escapeXml(link)}">`;
    ends = () => { line += '</a>'; };
  }
}

/** Source: RTF Specification 1.9.1, “Section Formatting Properties”: \\sbkpage and a gap of half an inch are what stands where nothing is said. */
const noPicture = (): { hex: string; width: number; height: number; acrossPercent: number; downPercent: number } => ({ hex: '', width: 0, height: 0, acrossPercent: 100, downPercent: 100 });
/** A picture that says no size is shown with 96 pixels to the inch. Common practice, no source. */
const pointsPerPixel = 0.75;
const plainSection = (): Omit<Section, 'html' | 'size' | 'lines'> => ({ columns: 1, gapPt: 36, ruled: false, goesOn: false });
/** What a section says of its pages; the rest is as the document says. */
interface OwnSize { width?: number | undefined; height?: number | undefined; top?: number; right?: number; bottom?: number; left?: number }

/** What a folded cell adds: nothing where it is empty. */
const empty = (html: string): string => (/^(<p[^>]*>&#160;<\/p>)*$/.test(html) ? '' : html);
