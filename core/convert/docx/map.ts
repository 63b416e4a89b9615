import { escapeXml, readXml, type Attributes } from '../../engines/xml.ts';
import { Package } from '../../engines/zip.ts';
import { emptyPage, familyOf, type PageDescription, type PageSize } from '../page-description.ts';
import { pictureSource } from '../picture.ts';
import { NoteNumbers, splitNotes, type NoteKind } from './notes.ts';
import { placesOf, type Places } from '../places.ts';
import { lineOf, withinLine } from '../flows.ts';
import { widthOf } from '../table-widths.ts';
import { gatherLines, type PageNumberFormat } from '../running-lines.ts';
import { joinSections, usualSize, type Section } from '../sections.ts';
import { readRelations, resolveTarget, type Relation } from './relations.ts';
import { runningLines, type SectionLines } from './running-lines.ts';
import { signOf } from '../../tables/symbol-fonts.ts';
import { applyProperty, lineHeight, propertyName, readNumbering, stylesOf, type Look, type Styles } from '../../styles/docx.ts';

/** Maps a word-processor package to a page description. Source: ECMA-376-1, 17 (WordprocessingML), 20.4 (pictures), 22.1 (equations).
 * Tracked changes count as accepted; comments and hidden text are left out, and that is told as a loss. */
export function mapDocx(bytes: Uint8Array): PageDescription {
  const pack = new Package(bytes);
  const main = pack.names().find((n) => /^word\/document\d*\.xml$/.test(n)) ?? 'word/document.xml';
  const page = emptyPage();
  const styles = stylesOf(pack), numbering = readNumbering(pack.text('word/numbering.xml'));
  page.language = styles.language;
  const normal = { ...styles.defaults, ...styles.resolve(styles.defaultParagraph) };
  page.baseFont = familyOf(normal.font ?? 'Times');
  page.baseSizePt = normal.size ?? 11;
  const relations = readRelations(pack.text(main.replace(/([^/]+)$/, '_rels/$1.rels')) ?? '');
  const notes = new Map<string, string>();
  const text = pack.text(main) ?? '', places = placesOf([...text.matchAll(/w:anchor="([^"]+)"|\bHYPERLINK\s+\\l\s+(?:"|&quot;)([^"&]+)(?:"|&quot;)|\bREF\s+(\S+)\s[^<]*\\h/g)].map((m) => (m[1] ?? m[2] ?? m[3])!), [...text.matchAll(/<w:bookmarkStart\b[^>]*\bw:name="([^"]+)"/g)].map((m) => m[1]!));
  const context: StoryContext = { page, styles, numbering, pack, relations, places, notes: [], noteNumbers: new NoteNumbers(pack.text('word/settings.xml'), text), noteMark: 0, normal };
  const sections = mapStory(text, context);
  for (const kind of ['footnotes', 'endnotes'] as const) {
    const xml = pack.text(`word/${kind}.xml`);
    if (!xml) continue;
    const rel = readRelations(pack.text(`word/_rels/${kind}.xml.rels`) ?? '');
    for (const note of splitNotes(xml, kind === 'footnotes' ? 'w:footnote' : 'w:endnote')) notes.set(`${kind}/${note.id}`, mapStory(note.xml, { ...context, relations: rel, notes: [] }).map((s) => s.html).join(''));
  }
  const noteList = context.notes.map((n) => `<div class="note" data-note="${n.mark}"${n.kind === 'endnotes' ? ' data-end="1"' : ''}><p>${n.shown ? `<sup>${n.shown}</sup> ` : ''}${(notes.get(`${n.kind}/${n.id}`) ?? '').replace(/^<p[^>]*>/, '').replace(/<\/p>$/, '')}</p></div>`);
  const lines = gatherLines(runningLines(sections.map((s) => s.section), page, pack, relations, styles)), parts = sized(sections, page).map((s, i): Section => ({ ...s, lines: lines.of[i]! }));
  Object.assign(page, lines.first, { laterLines: lines.later }, usualSize(parts));
  page.body = joinSections(parts, page) + (noteList.length > 0 ? `<hr/>${withinLine(noteList.join(''), lineOf(page))}` : '');
  return page;
}

/** Where a section does not say how large its pages are, they are as those of the first that does. */
function sized(sections: StorySection[], usual: PageSize): Omit<Section, 'lines'>[] {
  const known = sections.find((s) => s.section.sizePt)?.section;
  return sections.map(({ html, section: { sizePt = known?.sizePt, marginsPt = known?.marginsPt, ...rest } }) => ({ ...rest, html, size: { widthPt: sizePt?.[0] ?? usual.widthPt, heightPt: sizePt?.[1] ?? usual.heightPt, marginsPt: marginsPt ?? usual.marginsPt } }));
}

interface StoryContext {
  page: PageDescription; styles: Styles; numbering: ReturnType<typeof readNumbering>; pack: Package; relations: Map<string, Relation>; places: Places;
  notes: { kind: NoteKind; id: string; mark: number; /** what stands for it; empty where its own text says so */ shown: string }[]; noteNumbers: NoteNumbers; noteMark: number; normal: Look;
}

/** What a section's properties say (17.6). */
interface SectionProperties extends Omit<Section, 'html' | 'size' | 'lines'>, SectionLines { /** with the paragraph in which they stand */ ends: boolean; sizePt?: [number, number]; marginsPt?: PageSize['marginsPt'] }
interface StorySection { html: string; section: SectionProperties }
const plainSection = (): SectionProperties => ({ columns: 1, gapPt: 36, ruled: false, goesOn: false, ends: false, refs: [], firstPageDiffers: false, numberFrom: null, numberFormat: 'decimal' });
const numberFormats = /^(?:decimal|(?:lower|upper)(?:Roman|Letter))$/;

interface Paragraph { look: Look; /** what the style of the table around it says */ around: Look; base?: { style: string | null; look: Look }; html: string; style: string | null; boxes: string; label: string; /** a large first letter: the beginning of the next paragraph */ drop?: boolean; /** its end was deleted or is hidden: without words of its own it is not there */ gone?: 'deleted' | 'hidden' }

function mapStory(xml: string, context: StoryContext): StorySection[] {
  const { page, styles, relations } = context;
  let out = '', section = plainSection();
  const sections: StorySection[] = [];
  const outputs: string[] = [];
  const paragraphs: Paragraph[] = [];
  const stack: string[] = [];
  let extent: { width: number; height: number } | null = null, boxes = 0, headRow = false, described = '';
  /** the paragraph before, where nothing else stands between */
  let last: { html: string; style: string | null; close: boolean } | null = null;
  let dropped = '', waiting = '', run: Look = {}, inRunProperties = false, inParagraphProperties = false, deleted = 0, fallback = 0, inText = false, mathDepth = 0, /** of a note whose mark the text itself says next */ ownMark = 0;
  const links: boolean[] = [];
  /** complex fields: instruction until “separate”, shown result after */
  const fields: { instruction: string; result: boolean; link: boolean }[] = [];
  /** A link to a place in the text; links do not nest. */
  const openPlace = (name: string | undefined): boolean => { const opening = name !== undefined && !links.some(Boolean) && !fields.some((f) => f.link) ? context.places.open(name) : null; if (opening) add(opening); return opening !== null; };
  const openLink = (target: string | undefined): boolean => { const out = target !== undefined && /^(https?|mailto):/i.test(target); if (out) add(`<a href="${escapeXml(target)}">`); return out; };
  const tables: { rows: Cell[][]; widths: number[]; look: Look }[] = [];
  interface Cell { html: string; span: number; merge: 'start' | 'continue' | null; head: boolean }
  let cell: Cell | null = null;
  const cells: (Cell | null)[] = [];
  const mathMarks: Record<string, [string, string]> = { 'm:sup': ['<sup>', '</sup>'], 'm:sub': ['<sub>', '</sub>'], 'm:den': ['/', ''], 'm:rad': ['√(', ')'], 'm:d': ['(', ')'], 'm:mr': ['', '; '] };
  /** what stands over words: where in its paragraph it was written, and what it is */
  const annotations: { from: number; html: string }[] = [];
  const emit = (html: string): void => { if (cell) cell.html += html; else out += html; };
  const add = (html: string): void => { const p = paragraphs[paragraphs.length - 1]; if (p) p.html += html; };
  const shows = (): boolean => deleted === 0 && fallback === 0 && (fields.length === 0 || fields.every((f) => f.result));

  readXml(xml, {
    open(name, a) {
      stack.push(name);
      if (inRunProperties) { applyProperty(run, name, a, styles.theme); if (name === 'w:rStyle') Object.assign(run, { ...styles.resolve(a['w:val'] ?? null), ...run }); return; }
      if (inParagraphProperties) { paragraphProperty(name, a); return; }
      switch (name) {
        case 'w:p': paragraphs.push({ look: {}, around: tables.at(-1)?.look ?? {}, html: waiting + dropped, style: null, boxes: '', label: '' }); dropped = waiting = ''; break;
        case 'w:pPr': inParagraphProperties = true; break;
        case 'w:r': case 'm:r': run = {}; break;
        case 'w:rPr': if (/^[wm]:r$/.test(stack[stack.length - 2] ?? '')) inRunProperties = true; break;
        case 'w:t': case 'm:t': inText = true; break;
        case 'w:instrText': inText = true; break;
        case 'w:delText': lose('tracked deletions are left out'); break;
        case 'w:tab': if (shows()) add('&#8195;'); break;
        case 'w:br': case 'w:cr': if (shows()) { if (a['w:type'] === 'page' || a['w:type'] === 'column') breakPage(); else add('<br/>'); } break;
        case 'w:noBreakHyphen': if (shows()) add('\u2011'); break;
        case 'w:sym': if (shows()) add(symbol(a)); break;
        case 'w:moveFrom': lose('tracked deletions are left out'); deleted++; break;
        case 'w:del': deleted++; break;
        case 'mc:Fallback': fallback++; break;
        case 'w:hyperlink': links.push(shows() && (a['r:id'] ? openLink(relations.get(a['r:id'])?.target) : openPlace(a['w:anchor']))); break;
        case 'w:bookmarkStart': { const mark = shows() ? context.places.mark(a['w:name'] ?? '') : ''; if (paragraphs.length > 0) add(mark); else waiting += mark; break; }
        case 'w:fldSimple': links.push(shows() && openLink(addressIn(a['w:instr'] ?? ''))); break;
        case 'w:fldChar': {
          const field = fields[fields.length - 1], kind = a['w:fldCharType'];
          if (kind === 'begin') fields.push({ instruction: '', result: false, link: false });
          else if (kind === 'separate' && field) { field.result = true; if (shows()) field.link = openLink(addressIn(field.instruction)) || openPlace(placeIn(field.instruction)); }
          else if (kind === 'end' && field) { fields.pop(); if (field.link) add('</a>'); }
          break;
        }
        case 'w:footnoteReference': case 'w:endnoteReference': {
          if (!shows()) break;
          const mark = ++context.noteMark, kind = name === 'w:footnoteReference' ? 'footnotes' : 'endnotes', custom = /^(?:1|true|on)$/.test(a['w:customMarkFollows'] ?? ''), shown = custom ? '' : context.noteNumbers.next(kind);
          context.notes.push({ kind, id: a['w:id'] ?? '', mark, shown });
          page.counts.footnotes++;
          // A mark of the writer's own is text of the run, and the note's own text begins with it (17.11.14).
          if (custom) { ownMark = mark; break; }
          page.generated.push(shown, shown);
          add(`<sup data-note="${mark}">${shown}</sup>`);
          break;
        }
        case 'w:tbl': if (fallback === 0) { page.counts.tables++; tables.push({ rows: [], widths: [], look: {} }); cells.push(cell); outputs.push(''); cell = null; } break;
        case 'w:tblStyle': { const table = tables.at(-1); if (table) table.look = styles.resolve(a['w:val'] ?? null); break; }
        case 'w:gridCol': if (!stack.includes('w:tblGridChange')) tables[tables.length - 1]?.widths.push(Number(a['w:w']) / 20 || 0); break;
        case 'w:tr': headRow = false; tables[tables.length - 1]?.rows.push([]); break;
        case 'w:tblHeader': headRow = !/^(0|false|off)$/.test(a['w:val'] ?? 'true'); break;
        case 'w:tc': cell = { html: '', span: 1, merge: null, head: headRow }; tables[tables.length - 1]?.rows.at(-1)?.push(cell); break;
        case 'w:gridSpan': if (cell) cell.span = Number(a['w:val']) || 1; break;
        case 'w:vMerge': if (cell) cell.merge = a['w:val'] === 'restart' ? 'start' : 'continue'; break;
        case 'wp:extent': extent = { width: Number(a.cx) / 12_700, height: Number(a.cy) / 12_700 }; break;
        case 'wp:docPr': described = a.descr ?? ''; break;
        case 'a:blip': case 'v:imagedata': if (fallback === 0) picture(a['r:embed'] ?? a['r:id'] ?? '', a['r:link']); break;
        case 'w:txbxContent': boxes++; break;
        case 'w:rt': annotations.push({ from: paragraphs.at(-1)?.html.length ?? 0, html: '' }); break;
        case 'm:oMath': if (mathDepth++ === 0 && fallback === 0) { page.counts.equations++; add('<span class="math">'); } break;
        case 'm:nary': break;
        case 'm:chr': add(escapeXml(a['m:val'] ?? '')); break;
        case 'w:headerReference': case 'w:footerReference': case 'w:titlePg': case 'w:pgNumType': case 'w:pgSz': case 'w:pgMar': case 'w:cols': case 'w:type': sectionProperty(name, a); break;
        case 'w:commentReference': lose('comments are left out'); break;
        case 'w:object': lose('an embedded object is shown as its picture'); break;
      }
      const mark = mathDepth > 0 ? mathMarks[name] : undefined;
      if (mark) add(mark[0]);
    },
    text(text) {
      if (!inText) return;
      const top = stack[stack.length - 1];
      if (top === 'w:instrText') { if (fields.length) fields[fields.length - 1]!.instruction += text; return; }
      if (!shows() && mathDepth === 0) return;
      const p = paragraphs[paragraphs.length - 1];
      if (!p) return;
      if (run.hidden ?? baseOf(p).hidden) { lose('hidden text is left out'); return; }
      if (ownMark > 0) add(`<sup data-note="${ownMark}">${escapeXml(text)}</sup>`); else add(styled(escapeXml(text), run, p));
      ownMark = 0;
    },
    close(name) {
      stack.pop();
      const mark = mathDepth > 0 ? mathMarks[name] : undefined;
      if (mark) add(mark[1]);
      switch (name) {
        case 'w:rPr': inRunProperties = false; break;
        case 'w:pPr': inParagraphProperties = false; break;
        case 'w:t': case 'm:t': case 'w:instrText': inText = false; break;
        // In properties the same names say that a paragraph's end was deleted or moved: its words are not.
        case 'w:del': case 'w:moveFrom': if (!inParagraphProperties && !inRunProperties) deleted--; break;
        case 'mc:Fallback': fallback--; break;
        case 'm:oMath': if (--mathDepth === 0 && fallback === 0) add('</span>'); break;
        case 'w:hyperlink': case 'w:fldSimple': if (links.pop()) add('</a>'); break;
        case 'w:txbxContent': boxes--; break;
        // What stands over a word follows it in brackets (17.3.3.25).
        case 'w:rt': { const p = paragraphs.at(-1), from = annotations.pop()?.from ?? 0; if (p) { annotations.push({ from, html: p.html.slice(from) }); p.html = p.html.slice(0, from); } break; }
        case 'w:ruby': { const over = annotations.pop()?.html; if (over) add(` (${over})`); break; }
        case 'w:p': { const p = paragraphs.pop(); if (p?.drop && p.html.replace(/<[^>]*>/g, '').trim().length <= 3) { dropped = p.html.trim(); emit(p.boxes); break; } if (p && fallback === 0 && !(p.gone && isBare(p))) { if (boxes > 0 && paragraphs.length > 0) paragraphs[paragraphs.length - 1]!.boxes += paragraphHtml(p); else emitParagraph(p); } if (section.ends && paragraphs.length === 0 && cells.length === 0) endSection(); break; }
        case 'w:tbl': if (fallback === 0) { const table = tables.pop(); outputs.pop(); cell = cells.pop() ?? null; if (table) emit(tableHtml(table.rows, tables.length === 0 ? table.widths : [])); last = null; } break;
        case 'w:tc': cell = null; break;
      }
    },
  });
  if (dropped) emit(`<p>${dropped}</p>`);
  endSection();
  return sections;

  function paragraphProperty(name: string, a: Attributes): void {
    const p = paragraphs[paragraphs.length - 1];
    if (p && /^w:(?:del|moveFrom|vanish)$/.test(name) && stack.at(-2) === 'w:rPr' && !stack.includes('w:pPrChange') && !/^(?:0|false|off)$/.test(a['w:val'] ?? '')) p.gone = name === 'w:vanish' ? 'hidden' : 'deleted';
    if (name === 'w:pStyle' && p) p.style = a['w:val'] ?? null;
    else if (name === 'w:framePr' && p) p.drop = a['w:dropCap'] === 'drop' || a['w:dropCap'] === 'margin';
    else if (name === 'w:pgSz' || name === 'w:pgMar' || name === 'w:titlePg' || name === 'w:cols' || name === 'w:type' || name === 'w:pgNumType' || name === 'w:sectPr' || name === 'w:headerReference' || name === 'w:footerReference') { inParagraphProperties = false; sectionProperty(name, a); inParagraphProperties = true; }
    else if (p && !stack.includes('w:pPrChange') && !(stack.includes('w:rPr') && /^w:(b|i|u|sz|color|rFonts|vanish|caps|strike)$/.test(name))) applyProperty(p.look, propertyName(name, stack.includes('w:pBdr')), a, styles.theme);
  }
  function sectionProperty(name: string, a: Attributes): void {
    if (stack.includes('w:sectPrChange')) return;
    if (name === 'w:pgSz' && a['w:w']) section.sizePt = [Number(a['w:w']) / 20, Number(a['w:h']) / 20];
    if (name === 'w:pgMar') section.marginsPt = ['top', 'right', 'bottom', 'left'].map((k) => Math.max(18, Math.abs(Number(a[`w:${k}`] ?? 1440)) / 20)) as PageSize['marginsPt'];
    if (name === 'w:sectPr') section = { ...plainSection(), ends: true };
    if (name === 'w:titlePg') section.firstPageDiffers = !/^(0|false|off)$/.test(a['w:val'] ?? '');
    if (name === 'w:pgNumType') { if (a['w:start'] !== undefined) section.numberFrom = Number(a['w:start']) || 0; if (numberFormats.test(a['w:fmt'] ?? '')) section.numberFormat = a['w:fmt'] as PageNumberFormat; }
    if (name === 'w:type' && stack.includes('w:sectPr')) section.goesOn = a['w:val'] === 'continuous';
    if (name === 'w:cols') { section.columns = Number(a['w:num'] ?? 1) || 1; section.gapPt = Number(a['w:space'] ?? 720) / 20; section.ruled = /^(1|true|on)$/.test(a['w:sep'] ?? ''); if (/^(0|false|off)$/.test(a['w:equalWidth'] ?? '')) lose('columns of different widths are set equally wide'); }
    if (name === 'w:headerReference' || name === 'w:footerReference') section.refs.push({ kind: name === 'w:headerReference' ? 'header' : 'footer', type: a['w:type'] ?? 'default', id: a['r:id'] ?? '' });
  }
  /** A section's properties stand in its last paragraph, those of the last section at the end (17.6.17, 17.6.18). */
  function endSection(): void { context.noteNumbers.endSection(); sections.push({ html: out, section }); out = ''; section = plainSection(); }
  function lose(what: string): void { if (!page.losses.includes(what)) page.losses.push(what); }
  function breakPage(): void { const p = paragraphs[paragraphs.length - 1]; if (p) { emit(`${p.html.trim() ? paragraphHtml({ ...p, boxes: '' }) : ''}<div class="break"></div>`); p.html = ''; p.label = '\u0000'; } }

  /** What a paragraph's words look like before any of them says otherwise (17.7.2). */
  function baseOf(p: Paragraph): Look { return (p.base?.style === p.style ? p.base : (p.base = { style: p.style, look: { ...styles.defaults, ...p.around, ...styles.resolve(styles.defaultParagraph), ...styles.resolve(p.style) } })).look; }
  function effective(p: Paragraph): Look { return { ...baseOf(p), ...p.look }; }

  function styled(text: string, own: Look, p: Paragraph): string {
    const base = baseOf(p), look = { ...base, ...own };
    const css: string[] = [];
    if (look.size && look.size !== base.size) css.push(`font-size:${look.size}pt`);
    if (own.font) { const family = familyOf(own.font); if (family !== familyOf(base.font ?? 'Times')) css.push(`font-family:${family}`); noteFont(own.font); }
    if (look.colour && look.colour !== '000000' && look.colour !== base.colour) css.push(`color:#${look.colour}`);
    // A style's bold or italics, taken back for these words.
    if (base.bold && own.bold === false) css.push('font-weight:normal');
    if (base.italic && own.italic === false) css.push('font-style:normal');
    let html = look.caps ? text.toUpperCase().replace(/&(AMP|LT|GT|QUOT|#39);/g, (e) => e.toLowerCase()) : text;
    // Innermost: within a raised stretch the engine would set another face on a line of its own.
    if (look.raise) html = `<${look.raise}>${html}</${look.raise}>`;
    if (css.length) html = `<span style="${css.join(';')}">${html}</span>`;
    if (look.bold && !base.bold) html = `<b>${html}</b>`;
    if (look.italic && !base.italic) html = `<i>${html}</i>`;
    if (look.underline) html = `<u>${html}</u>`;
    if (look.strike) html = `<s>${html}</s>`;
    return html;
  }
  function noteFont(font: string): void { if (!page.substituted.some((s) => s.asked === font)) page.substituted.push({ asked: font, used: familyOf(font) }); }

  function paragraphHtml(p: Paragraph): string {
    const look = effective(p);
    if (look.font) noteFont(look.font);
    const css: string[] = [];
    let html = p.html;
    const numbered = look.numId !== undefined && look.numId !== '0' && p.label !== '\u0000' ? context.numbering.label(look.numId, look.level ?? 0) : null;
    let left = p.look.left ?? numbered?.left ?? look.left ?? 0, first = p.look.first ?? numbered?.first ?? look.first ?? 0;
    if (numbered?.text) { page.generated.push(numbered.text); html = `<span class="label" data-level="${look.level ?? 0}">${escapeXml(numbered.text)}&#8194;</span>${html}`; if (first >= 0 && left === 0) { left = 18; first = -18; } }
    // In text from right to left the indents and alignments of the file mean the beginning and the end of the line (17.3.1.12, 17.3.1.13).
    const [atRight, atLeft] = look.rtl ? [Math.max(0, left), look.right ?? 0] : [look.right ?? 0, Math.max(0, left)];
    css.push(`margin:${fixed(look.before ?? 0)}pt ${fixed(atRight)}pt ${fixed(look.after ?? 0)}pt ${fixed(atLeft)}pt`);
    if (look.ruleAbove) css.push(`border-top:${look.ruleAbove}`, 'padding-top:1pt');
    if (look.ruleBelow) css.push(`border-bottom:${look.ruleBelow}`, 'padding-bottom:1pt');
    if (first) css.push(`text-indent:${fixed(Math.max(first, -left))}pt`);
    if (look.align && look.align !== 'left') css.push(`text-align:${look.rtl && look.align === 'right' ? 'left' : look.align}`);
    // A line as high as a picture is not cut off here.
    if (look.exact && !/<img/.test(p.html)) css.push(`line-height:${fixed(lineHeight(look, look.size ?? page.baseSizePt))}pt`); else if (look.line && Math.abs(look.line - 1) > 0.01) css.push(`line-height:${fixed(look.line * 1.15)}`);
    if (look.size && look.size !== page.baseSizePt) css.push(`font-size:${look.size}pt`);
    if (look.bold) css.push('font-weight:bold');
    if (look.italic) css.push('font-style:italic');
    if (look.colour && look.colour !== '000000') css.push(`color:#${look.colour}`);
    const family = familyOf(look.font ?? 'Times');
    if (look.font && family !== page.baseFont) css.push(`font-family:${family}`);
    const heading = headingLevel(p, look);
    if (!page.title && /^title$/i.test(styles.nameOf(p.style))) page.title = p.html.replace(/<br\/>/g, ' ').replace(/<[^>]+>/g, '').trim();
    const tag = heading ? `h${heading}` : 'p';
    if (!heading && look.keepNext) css.push('page-break-after:avoid');
    const before = look.pageBreakBefore && p.label !== '\u0000' ? '<div class="break"></div>' : '';
    return `${before}<${tag} style="${css.join(';')}"${look.rtl ? ' dir="rtl"' : ''}>${html || '&#160;'}</${tag}>`;
  }
  /** Neighbours of one style that keep close have no space between them (17.3.1.9). */
  function emitParagraph(p: Paragraph): void {
    const look = effective(p), before = last, above = cell ? cell.html : out;
    // Only then is the text looked at: to see its end costs all of its length.
    const close = before !== null && before.style === p.style && (before.close || look.close === true) && above.endsWith(before.html);
    if (close && before.close) { const open = before.html.replace(closing, (_, head: string) => `${head}0pt `); if (cell) cell.html = above.slice(0, -before.html.length) + open; else out = above.slice(0, -before.html.length) + open; }
    const html = paragraphHtml(close && look.close ? { ...p, look: { ...p.look, before: 0 } } : p);
    emit(html + p.boxes);
    last = p.boxes ? null : { html, style: p.style, close: look.close === true };
  }
  /** Nothing of a paragraph is shown. One that is hidden counts among its list's items, one that was deleted does not. */
  function isBare(p: Paragraph): boolean {
    const { numId, level } = effective(p), bare = p.boxes === '' && !/<(?:img|sup data-note)|[^<>\s](?=[^<>]*(?:<|$))/.test(p.html);
    if (bare && p.gone === 'hidden' && numId !== undefined && numId !== '0') context.numbering.label(numId, level ?? 0);
    return bare;
  }
  function headingLevel(p: Paragraph, look: Look): number {
    const named = /^heading ([1-9])/i.exec(styles.nameOf(p.style))?.[1];
    if (named) return Math.min(6, Number(named));
    if (look.outline !== undefined && look.outline < 9) return Math.min(6, look.outline + 1);
    return 0;
  }

  /** @param widths - of the columns, in points; none in a table within a table */
  function tableHtml(rows: Cell[][], widths: number[]): string {
    // A vertical merge becomes a row span: each continuing cell is folded into the one that starts it.
    const starts: (Cell & { rows: number })[] = [];
    const lines = rows.map((row) => {
      let column = 0;
      return row.map((c) => {
        const at = column;
        column += c.span;
        if (c.merge === 'continue' && starts[at]) { starts[at]!.rows++; starts[at]!.html += c.html === '' || /^<p[^>]*>&#160;<\/p>$/.test(c.html) ? '' : c.html; return null; }
        const placed = Object.assign(c, { rows: 1, width: widthOf(widths, at, c.span) });
        if (c.merge === 'start') starts[at] = placed; else delete starts[at];
        return placed;
      });
    });
    return `<table>${lines.map((row) => `<tr>${row.filter((c) => c !== null).map((c) => `<td${c.width}${c.head ? ' data-head="1"' : ''}${c.span > 1 ? ` colspan="${c.span}"` : ''}${c.rows > 1 ? ` rowspan="${c.rows}"` : ''}>${c.html}</td>`).join('')}</tr>`).join('')}</table>`;
  }

  function picture(id: string, linked: string | undefined): void {
    const relation = relations.get(id);
    const part = relation && !relation.external ? context.pack.part(resolveTarget(relation.target)) : null;
    if (!part) { lose(linked || relation?.external ? 'a picture is outside the file and is missing' : 'a picture is missing'); return; }
    const source = pictureSource(part);
    if (!source) { lose('a drawing of a kind that cannot be shown here is left out'); return; }
    page.counts.images++;
    const size = extent ?? { width: 0, height: 0 };
    add(`<img src="${source}"${described ? ` alt="${escapeXml(described)}"` : ''}${size.width > 0 ? ` style="width:${fixed(size.width)}pt;height:${fixed(size.height)}pt"` : ''}/>`);
    extent = null; described = '';
  }
}
/** A paragraph's opening tag up to the space below it: the third length of its margin. */
const closing = /^((?:<div class="break"><\/div>)?<\w+ style="margin:\S+ \S+ )\S+ /;
/** The address in a HYPERLINK field's instruction (17.16.5.25). */
const addressIn = (instruction: string): string | undefined => /^\s*HYPERLINK\s+"([^"]+)"/i.exec(instruction)?.[1];
/** The bookmark in a HYPERLINK \\l or REF \\h field's instruction (17.16.5.25, 17.16.5.51). */
const placeIn = (instruction: string): string | undefined => { const m = /^\s*(?:HYPERLINK\s+\\l\s+"([^"]+)"|REF\s+(\S+)\s.*\\h)/i.exec(instruction); return m?.[1] ?? m?.[2]; };
const fixed = (n: number): string => String(Math.round(n * 100) / 100);
/** A sign by its font and code (17.3.3.30). */
const symbol = (a: Attributes): string => escapeXml(signOf(a['w:font'], parseInt(a['w:char'] ?? '', 16)));
