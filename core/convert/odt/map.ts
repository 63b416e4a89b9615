import { escapeXml, readXml } from '../../engines/xml.ts';
import { Package } from '../../engines/zip.ts';
import { columnsClose, columnsOpen } from '../flows.ts';
import { a4, emptyPage, familyOf, type PageDescription } from '../page-description.ts';
import { linearMath } from '../../readers/mathml.ts';
import { pictureSource } from '../picture.ts';
import { NoteNumbers } from './notes.ts';
import { placesOf } from '../places.ts';
import { joinSections, usualSize, type Section } from '../sections.ts';
import { points, readOdfStyles, type OdfLook } from '../../styles/odf.ts';
import { readOdfLists, type OpenList } from '../../styles/odf-lists.ts';
import { widthOf } from '../table-widths.ts';
import { gatherLines } from '../running-lines.ts';
import { readRunningLines } from './running-lines.ts';

/** Elements of whose text no page shows anything. Source: ODF 1.2-1, 5.5 (changes), 7.7 (hidden text, scripts), 14.1 (annotations), 9.1.3 and 10.4.4 (titles), 13 (forms). */
const unshown: ReadonlySet<string> = new Set(['text:tracked-changes', 'text:hidden-text', 'text:hidden-paragraph', 'office:annotation', 'text:note-citation', 'office:forms', 'svg:title', 'svg:desc', 'table:title', 'table:desc', 'text:sequence-decls', 'text:variable-decls', 'text:user-field-decls', 'text:script', 'office:scripts', 'office:binary-data']);

/** Maps an OpenDocument text to a page description. Source: OASIS ODF 1.2-1, 5 (text), 9 (tables), 10 (frames), 16 (styles). */
export function mapOdt(bytes: Uint8Array): PageDescription {
  const pack = new Package(bytes), page = emptyPage();
  const parts = [pack.text('styles.xml'), pack.text('content.xml')], styles = readOdfStyles(parts), numbering = readOdfLists(parts);
  Object.assign(page, styles.master('Standard').size);
  const standard = styles.resolve('Standard');
  if (standard['font-size']) page.baseSizePt = parseFloat(standard['font-size']) || 12;
  if (standard.language && standard.language !== 'none') page.language = standard.country && standard.country !== 'none' ? `${standard.language}-${standard.country}` : standard.language;
  if (standard['font-family']) page.baseFont = familyOf(standard['font-family']);
  const xml = pack.text('content.xml') ?? '<x/>', places = placesOf([...xml.matchAll(/xlink:href="#([^"|]+)/g)].map((m) => m[1]!), [...xml.matchAll(/<text:bookmark(?:-start)?\b[^>]*\btext:name="([^"]+)"/g)].map((m) => m[1]!));
  const notes: string[] = [];
  let endnote = false, around: OdfLook = {};
  const noteNumbers = new NoteNumbers(pack.text('styles.xml'));
  let out = '', skip = 0, mark = 0, shown = '', ownLabel: string | undefined;
  /** where pages of another style begin */ const turns: { at: number; master: string; numberFrom: number | null }[] = [{ at: 0, master: 'Standard', numberFrom: null }];
  const sections: boolean[] = [], shutSections: boolean[] = [], targets: string[] = [];
  const stack: string[] = [];
  const lists: OpenList[] = [];
  const spanned: { name: string; closing: string; /** its words are not shown */ hidden?: boolean; capitals?: boolean; /** of a paragraph: where in what is written it begins */ from?: number }[] = [];
  /** ODF 1.2-1, 20.360 (text:display) and 20.216 (fo:text-transform) */
  const hide = (style: string): boolean => { const hidden = styles.own(style)['display'] === 'none'; if (hidden) { skip++; lose('hidden text is left out'); } return hidden; };
  const inCapitals = (css: OdfLook): boolean => (css['text-transform'] === undefined ? spanned.at(-1)?.capitals === true : css['text-transform'] === 'uppercase');
  /** columns of the open tables; where the next cell stands, covered ones counted */
  const grids: { widths: number[]; at: number }[] = [];
  const cellWidth = (span: number): string => { const grid = grids.at(-1); if (!grid) return ''; const at = grid.at++; return grids.length === 1 ? widthOf(grid.widths, at, span) : ''; };
  /** the paragraph before: where it begins and ends in what is written */
  let last: { style: string; start: number; end: number } | null = null;
  let label = '', labelAt: { left?: number; first?: number } = {}, itemAt: { left?: number } = {}, titled: '' | 'told' | null = null, frame = { width: 0, height: 0 };
  const emit = (html: string): void => { if (skip > 0) return; if (targets.length > 0) targets[targets.length - 1] += html; else out += html; };
  const cutBack = (to: number): void => { if (targets.length > 0) targets[targets.length - 1] = targets.at(-1)!.slice(0, to); else out = out.slice(0, to); };
  readXml(xml, {
    open(name, a) {
      stack.push(name);
      if (unshown.has(name)) skip++;
      switch (name) {
        // A field that hides its paragraph, with what stands before it (7.7.10).
        case 'text:hidden-paragraph': { const p = spanned.findLast((one) => /^text:[ph]$/.test(one.name)); if (a['text:is-hidden'] === 'true' && p && !p.hidden && skip === 1) { p.hidden = true; cutBack(p.from ?? 0); skip++; lose('hidden text is left out'); } break; }
        case 'draw:object': { const math = skip === 0 ? linearMath(pack.text(`${(a['xlink:href'] ?? '').replace(/^\.\//, '')}/content.xml`) ?? '') : ''; if (math) { page.counts.equations++; page.generated.push(math); emit(`<span class="math">${escapeXml(math)}</span>`); } skip++; break; }
        case 'text:deletion': lose('tracked deletions are left out'); break;
        case 'text:p': case 'text:h': {
          const css = around = styles.resolve(a['text:style-name'] ?? ''), hidden = hide(a['text:style-name'] ?? '');
          const tag = name === 'text:h' ? `h${Math.min(6, Number(a['text:outline-level'] ?? 1))}` : 'p';
          if (skip === 0) turn(a['text:style-name']);
          if (skip === 0 && titled === null && styles.comesFrom(a['text:style-name'] ?? '', 'Title')) titled = '';
          if (name === 'text:h' && skip === 0 && a['text:is-list-header'] !== 'true') { const number = numbering.heading(Number(a['text:outline-level'] ?? 1), a['text:restart-numbering'] === 'true' ? Number(a['text:start-value'] ?? 1) : undefined); if (number && !label) { page.generated.push(number); label = `${escapeXml(number)}&#8194;`; } }
          // What a list says of its indents holds inside it; paragraphs without a label of their own stand under the text of their item.
          const left = labelAt.left ?? itemAt.left ?? lists.length * 18, indent = lists.length > 0 ? `;margin-left:${left}pt${label && labelAt.first ? `;text-indent:${Math.max(labelAt.first, -left)}pt` : ''}` : '';
          if (css['break-before'] === 'page') emit('<div class="break"></div>');
          const from = written().length;
          const close = skip === 0 && closeUp(a['text:style-name'] ?? '', css);
          emit(`<${tag} style="${paragraphCss(close ? { ...css, 'margin-top': '0pt' } : css, page)}${indent}"${/^rl/.test(css['writing-mode'] ?? '') ? ' dir="rtl"' : ''}>${label}`);
          label = '';
          labelAt = {};
          spanned.push({ name, closing: `</${tag}>`, hidden, capitals: inCapitals(css), from });
          break;
        }
        case 'text:span': {
          const hidden = hide(a['text:style-name'] ?? ''), css = styles.resolve(a['text:style-name'] ?? ''), opening: string[] = [], closing: string[] = [];
          const wrap = (tag: string): void => { opening.push(`<${tag}>`); closing.unshift(`</${tag}>`); };
          if (css['font-weight'] === 'bold') wrap('b');
          if (css['font-style'] === 'italic') wrap('i');
          if (css['text-underline-style'] && css['text-underline-style'] !== 'none') wrap('u');
          if (/^super/.test(css['text-position'] ?? '')) wrap('sup');
          if (/^sub/.test(css['text-position'] ?? '')) wrap('sub');
          if (css['text-line-through-style'] && css['text-line-through-style'] !== 'none') wrap('s');
          const look = [spanCss(css, styles.own(a['text:style-name'] ?? ''), page), ...takenBack(styles.own(a['text:style-name'] ?? ''), around)].filter(Boolean).join(';');
          if (look) { opening.unshift(`<span style="${look}">`); closing.push('</span>'); }
          emit(opening.join(''));
          spanned.push({ name, closing: closing.join(''), hidden, capitals: inCapitals(styles.own(a['text:style-name'] ?? '')) });
          break;
        }
        case 'text:s': emit('&#160;'.repeat(Math.min(50, Number(a['text:c'] ?? 1) || 1))); break;
        case 'text:tab': emit('&#8195;'); break;
        case 'text:line-break': emit('<br/>'); break;
        case 'text:ruby-text': emit(' ('); break;
        case 'text:section': { const shut = a['text:display'] === 'none' || (a['text:display'] === 'condition' && a['text:is-hidden'] === 'true'); if (shut) { skip++; lose('hidden text is left out'); } shutSections.push(shut); const own = styles.columns(a['text:style-name'] ?? '-'), opens = own !== null && skip === 0 && targets.length === 0 && !styles.master(turns.at(-1)!.master).columns && !sections.some(Boolean) && !stack.some((s) => s === 'table:table-cell' || s === 'text:list-item'); sections.push(opens); if (opens) emit(columnsOpen(own.count, own.gapPt, own.ruled)); break; }
        case 'text:list': lists.push(numbering.open(a, lists[lists.length - 1] ?? null)); break;
        case 'text:list-item': {
          const list = lists[lists.length - 1];
          if (!list || skip > 0) break;
          const { text, ...place } = numbering.next(list, a);
          labelAt = itemAt = place;
          label = text ? `<span class="label" data-level="${list.level}">${escapeXml(text)}&#8194;</span>` : '';
          if (list.ordered && text) page.generated.push(text);
          break;
        }
        case 'text:note': mark++; endnote = a['text:note-class'] === 'endnote'; ownLabel = undefined; page.counts.footnotes++; break;
        case 'text:note-citation': ownLabel = a['text:label']; break;
        case 'text:note-body': shown = noteNumbers.next(endnote ? 'endnote' : 'footnote', ownLabel); emit(`<sup data-note="${mark}">${escapeXml(shown)}</sup>`); page.generated.push(shown, shown); targets.push(''); break;
        case 'table:table': page.counts.tables++; turn(a['table:style-name']); emit('<table>'); grids.push({ widths: [], at: 0 }); break;
        case 'table:table-column': { const width = points(styles.own(a['table:style-name'] ?? '')['column-width']); grids.at(-1)?.widths.push(...Array.from({ length: Math.min(100, Number(a['table:number-columns-repeated'] ?? 1) || 1) }, () => width)); break; }
        case 'table:covered-table-cell': { const grid = grids.at(-1); if (grid) grid.at += Number(a['table:number-columns-repeated'] ?? 1) || 1; break; }
        case 'table:table-row': emit('<tr>'); if (grids.length > 0) grids.at(-1)!.at = 0; break;
        case 'table:table-cell': emit(`<td${cellWidth(Number(a['table:number-columns-spanned'] ?? 1) || 1)}${stack.includes('table:table-header-rows') ? ' data-head="1"' : ''}${Number(a['table:number-columns-spanned']) > 1 ? ` colspan="${a['table:number-columns-spanned']}"` : ''}${Number(a['table:number-rows-spanned']) > 1 ? ` rowspan="${a['table:number-rows-spanned']}"` : ''}>`); break;
        case 'draw:frame': frame = { width: points(a['svg:width']), height: points(a['svg:height']) }; break;
        case 'draw:image': {
          const part = /^(Pictures|\.\/Pictures|media)/.test(a['xlink:href'] ?? '') ? pack.part(a['xlink:href']!.replace(/^\.\//, '')) : null;
          const source = part && pictureSource(part);
          if (source && skip === 0) { page.counts.images++; emit(`<img src="${source}"${frame.width ? ` style="width:${frame.width}pt;height:${frame.height}pt"` : ''}/>`); } else if (!source && !/ObjectReplacements/.test(a['xlink:href'] ?? '')) lose('a picture is missing or of a kind that cannot be shown here');
          break;
        }
        case 'text:bookmark': case 'text:bookmark-start': if (spanned.length > 0) emit(places.mark(a['text:name'] ?? '')); break;
        case 'text:a': { const to = a['xlink:href'] ?? '', opening = to.startsWith('#') ? places.open(to.slice(1).replace(/\|.*$/, '')) : /^(https?|mailto):/i.test(to) ? `<a href="${escapeXml(to)}">` : null; if (opening) emit(opening); spanned.push({ name, closing: opening ? '</a>' : '', capitals: spanned.at(-1)?.capitals === true }); break; }
      }
    },
    text(text) {
      const inside = spanned.length > 0 && skip === 0 && stack.some((s) => s === 'text:p' || s === 'text:h');
      if (inside && titled === '') page.title += text;
      if (inside) { const words = text.replace(/[\r\n\t ]+/g, ' '); emit(escapeXml(spanned.at(-1)!.capitals ? words.toUpperCase() : words)); }
    },
    close(name) {
      stack.pop();
      if (unshown.has(name)) skip--;
      switch (name) {
        case 'draw:object': skip--; break;
        case 'text:ruby-text': emit(')'); break;
        case 'text:p': case 'text:h': case 'text:span': case 'text:a': {
          if (/^text:[ph]$/.test(name) && titled === '') titled = page.title.trim() ? 'told' : null;
          const top = spanned.pop();
          if (top) emit(top.closing);
          if (top?.hidden) skip--;
          if (/^text:[ph]$/.test(name) && skip === 0 && last) last.end = written().length;
          break;
        }
        case 'text:section': if (sections.pop()) emit(columnsClose); if (shutSections.pop()) skip--; break;
        case 'text:list': lists.pop(); itemAt = {}; break;
        case 'text:note-body': notes.push(`<div class="note" data-note="${mark}"${endnote ? ' data-end="1"' : ''}><p><sup>${escapeXml(shown)}</sup> ${(targets.pop() ?? '').replace(/^<p[^>]*>/, '').replace(/<\/p>$/, '')}</p></div>`); break;
        case 'table:table': emit('</table>'); grids.pop(); break;
        case 'table:table-row': emit('</tr>'); break;
        case 'table:table-cell': emit('</td>'); break;
      }
    },
  });
  const sourceOf = (href: string): string | null => { const part = /^(Pictures|\.\/Pictures|media)/.test(href) ? pack.part(href.replace(/^\.\//, '')) : null; return part ? pictureSource(part) : null; };
  const linesFor = readRunningLines(pack.text('styles.xml') ?? '', sourceOf), lines = gatherLines(turns.map(({ master, numberFrom }) => ({ ...linesFor(master), numberFrom })));
  const sheets = turns.map(({ at, master }, i): Section => { const { size, columns } = styles.master(master); return { html: out.slice(at, turns[i + 1]?.at), size: size ?? a4, columns: columns?.count ?? 1, gapPt: columns?.gapPt ?? 0, ruled: columns?.ruled ?? false, goesOn: false, lines: lines.of[i]! }; });
  Object.assign(page, lines.first, { laterLines: lines.later }, usualSize(sheets));
  page.counts.images += new Set([lines.first, ...lines.later].flatMap((l) => Object.entries(l.pictures).flatMap(([slot, own]) => own!.map((p, k) => `${slot} ${k} ${p.source}`)))).size;
  page.body = joinSections(sheets, page) + (notes.length > 0 ? `<hr/>${notes.join('')}` : '');
  return page;
  /** A paragraph or table whose style names a page style begins a page of it (19.501), also within a list; not inside cells, notes and columns. */
  function turn(style: string | undefined): void {
    const master = styles.startsPage(style ?? '');
    if (!master || skip > 0 || targets.length > 0 || sections.some(Boolean) || stack.includes('table:table-cell')) return;
    if (out === '') turns.length = 0;
    const number = /^\d+$/.exec(styles.resolve(style ?? '')['page-number'] ?? '');
    turns.push({ at: out.length, master, numberFrom: number ? Number(number[0]) : null });
  }
  function written(): string { return targets.at(-1) ?? out; }
  /** Neighbours of one style that keep close have no space between them (style:contextual-spacing). @returns whether this one stands close to the one before */
  function closeUp(style: string, css: OdfLook): boolean {
    const text = written(), close = last !== null && last.style === style && last.end === text.length && css['contextual-spacing'] === 'true';
    if (last && close) { const open = text.slice(last.start).replace(/^(<\w+ style="margin:\S+ \S+ )\S+ /, (_, head: string) => `${head}0pt `), changed = text.slice(0, last.start) + open; if (targets.length > 0) targets[targets.length - 1] = changed; else out = changed; last.end = changed.length; }
    last = { style, start: written().length, end: -1 };
    return close;
  }
  function lose(what: string): void { if (!page.losses.includes(what)) page.losses.push(what); }
}

function paragraphCss(css: OdfLook, page: PageDescription): string {
  const out = [`margin:${points(css['margin-top'])}pt ${points(css['margin-right'])}pt ${points(css['margin-bottom'])}pt ${points(css['margin-left'])}pt`];
  const align = css['text-align'];
  if (align && align !== 'start') out.push(`text-align:${align === 'end' ? 'right' : align}`);
  if (points(css['text-indent'])) out.push(`text-indent:${points(css['text-indent'])}pt`);
  if (/^[\d.]+pt$/.test(css['font-size'] ?? '')) out.push(`font-size:${css['font-size']}`);
  if (/%$/.test(css['line-height'] ?? '')) out.push(`line-height:${(parseFloat(css['line-height']!) / 100) * 1.15}`);
  else if (points(css['line-height']) > 0) out.push(`line-height:${points(css['line-height'])}pt`);
  for (const side of ['top', 'bottom']) { const line = /^([\d.]+(?:pt|cm|mm|in)) \w+ (#[\da-f]{6})$/i.exec(css[`border-${side}`] ?? css['border'] ?? ''); if (line) out.push(`border-${side}:${Math.max(0.25, points(line[1]))}pt solid ${line[2]}`, `padding-${side}:1pt`); }
  if (css['font-weight'] === 'bold') out.push('font-weight:bold');
  if (css['font-style'] === 'italic') out.push('font-style:italic');
  out.push(...colourAndFace(css, page));
  return out.join(';');
}
function colourAndFace(css: OdfLook, page: PageDescription): string[] {
  const out: string[] = [], face = css['font-family'];
  if (/^#[0-9a-f]{6}$/i.test(css.color ?? '') && css.color !== '#000000') out.push(`color:${css.color}`);
  if (face && familyOf(face) !== page.baseFont) out.push(`font-family:${familyOf(face)}`);
  return out;
}
/** A paragraph's bold or italics that a text style takes back. */
const takenBack = (own: OdfLook, around: OdfLook): string[] => ([['font-weight', 'bold'], ['font-style', 'italic']] as const).flatMap(([key, value]) => (around[key] === value && own[key] === 'normal' ? [`${key}:normal`] : []));
/** What a text style says itself: the rest comes from its paragraph. A size in per cent is one of the paragraph's. */
function spanCss(css: OdfLook, own: OdfLook, page: PageDescription): string {
  const out = colourAndFace(Object.fromEntries(Object.entries(own).filter(([k]) => k === 'color' || k === 'font-family')), page);
  if (/^[\d.]+%$/.test(own['font-size'] ?? '')) out.push(`font-size:${parseFloat(own['font-size']!) / 100}em`);
  else if (own['font-size'] && /^[\d.]+pt$/.test(css['font-size'] ?? '')) out.push(`font-size:${css['font-size']}`);
  return out.join(';');
}
