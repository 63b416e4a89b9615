import { Parser } from 'htmlparser2';
import { escapeXml } from '../../engines/xml.ts';
import { packZip } from '../../engines/zip.ts';
import { fromBase64 } from '../../text/bytes.ts';
import { pictureSize } from '../../readers/image/read.ts';
import { formatNumber } from '../../styles/number-formats.ts';
import { lineOf } from '../flows.ts';
import type { PageDescription, PageSize } from '../page-description.ts';
import type { RunningLines } from '../running-lines.ts';
import { docxStyles, documentNamespaces, numberingPart, packageParts, RunningParts, sectionOf, type NumberedList, type WrittenSection } from './parts.ts';
import { writtenNotes } from './written-notes.ts';

interface Run { bold?: boolean; italic?: boolean; underline?: boolean; strike?: boolean; raise?: 'sup' | 'sub'; size?: number; colour?: string; font?: string }
const oneColumn = { columns: 1, gapPt: 0, ruled: false };
interface Grid { rows: { xml: string; column: number; head: boolean }[]; column: number; open: Map<number, { left: number; span: number }>; columns: number }

/** What a list number may count, the likeliest first. */
function waysToCount(text: string): { kind: NumberedList['kind']; at: number }[] {
  if (/^\d+$/.test(text)) return [{ kind: 'decimal', at: Number(text) }];
  const upper = text === text.toUpperCase(), small = text.toLowerCase(), roman = romanValue(small), ways: { kind: NumberedList['kind']; at: number }[] = [];
  if (small !== text && !upper) return [];
  if (small.length === 1) ways.push({ kind: upper ? 'upperLetter' : 'lowerLetter', at: small.charCodeAt(0) - 96 });
  if (roman > 0) ways.push({ kind: upper ? 'upperRoman' : 'lowerRoman', at: roman });
  return small === 'i' ? ways.reverse() : ways;
}
/** 0 for what is no Roman number written the usual way. */
function romanValue(text: string): number { for (let n = 1; n <= 200; n++) if (formatNumber(n, 'lowerRoman') === text) return n; return 0; }
const twips = (pt: number): number => Math.round(pt * 20), emu = (pt: number): number => Math.round(pt * 12_700);
const styleOf = (css: string | undefined): Record<string, string> => Object.fromEntries((css ?? '').split(';').map((d) => d.split(':').map((x) => x.trim())).filter((d) => d.length === 2 && d[0]) as [string, string][]);
const pt = (value: string | undefined): number => (value && /^-?[\d.]+pt$/.test(value) ? parseFloat(value) : 0);

/** Writes a page description as a word-processor package: real headings, lists, notes, tables, pictures and links, no metadata. Source: ECMA-376-1, 17; ECMA-376-2.
 * The dialect's values were made by our own mappings, so they are trusted to be escaped. */
export function writeDocx(page: PageDescription): Uint8Array {
  const body: string[] = [], media: { name: string; bytes: Uint8Array }[] = [], relations: string[] = [], lists: NumberedList[] = [], notes = new Map<string, string>(), written = writtenNotes(page.body);
  const running = Object.assign(new RunningParts(), { notes: written.settings }), runs: Run[] = [{}], links: boolean[] = [], grids: Grid[] = [], cells: string[][] = [];
  let paragraph: { properties: string; xml: string; list: string } | null = null, target = body, label: string | null = null, labelLevel = 0, note: string | null = null, noteMark = false, math: string | null = null, breakNext = false, shape = 0, bookmarks = 0, size: PageSize = page, section: WrittenSection = { size, ...oneColumn, goesOn: false, lines: page, begins: 'anew', first: true }, lines: RunningLines = page, sectionFrom = 0, sectionEnd: WrittenSection | null = null;
  const relation = (type: string, to: string, external = false): string => { relations.push(`<Relationship Id="rId${relations.length + 20}" Type="http://schemas.openxmlformats.org/officeDocument/2006/relationships/${type}" Target="${to}"${external ? ' TargetMode="External"' : ''}/>`); return `rId${relations.length + 19}`; };
  const add = (xml: string): void => { paragraph ??= startParagraph('p', ''); paragraph.xml += xml; };

  const parser = new Parser({
    onopentag(name, a) {
      const css = styleOf(a.style), top = runs.at(-1)!;
      if (/^(p|h[1-6])$/.test(name)) { endParagraph(); paragraph = startParagraph(name, a.style ?? '', a.dir); return; }
      switch (name) {
        case 'columns': startSection({ columns: Number(a.count), gapPt: Number(a.gap), ruled: a.rule === '1' }); break;
        case 'pages': { const [top = 0, right = 0, bottom = 0, left = 0] = (a.margins ?? '').split(' ').map(Number); size = { widthPt: Number(a.width), heightPt: Number(a.height), marginsPt: [top, right, bottom, left] }; lines = page.laterLines[Number(a.lines ?? 0) - 1] ?? page; startSection(oneColumn); break; }
        case 'div': if (a.class === 'break') breakNext = true; else if (a['data-note']) { endParagraph(); note = a['data-note']; target = []; noteMark = !written.notes.get(note)?.marked; } break;
        case 'span':
          if (a.id) add(`<w:bookmarkStart w:id="${++bookmarks}" w:name="${escapeXml(a.id)}"/><w:bookmarkEnd w:id="${bookmarks}"/>`);
          if (a.class === 'label') { label = ''; labelLevel = Number(a['data-level'] ?? 0); }
          if (a.class === 'math') math = '';
          runs.push({ ...top, ...(pt(css['font-size']) ? { size: pt(css['font-size']) } : {}), ...(css.color ? { colour: css.color.slice(1) } : {}), ...(css['font-family'] ? { font: css['font-family'] } : {}), ...(css['font-weight'] === 'normal' ? { bold: false } : {}), ...(css['font-style'] === 'normal' ? { italic: false } : {}) });
          break;
        case 'b': runs.push({ ...top, bold: true }); break; case 'i': runs.push({ ...top, italic: true }); break; case 'u': runs.push({ ...top, underline: true }); break; case 's': runs.push({ ...top, strike: true }); break;
        case 'sup': if (a['data-note']) { add(noteReference(a['data-note'])); runs.push({ ...top, size: -1 }); } else { runs.push(noteMark ? { ...top, size: -1 } : { ...top, raise: 'sup' }); noteMark = false; } break;
        case 'sub': runs.push({ ...top, raise: 'sub' }); break;
        case 'br': add('<w:r><w:br/></w:r>'); break;
        case 'a': links.push(/^(?:https?:|mailto:|#)/i.test(a.href ?? '')); if (a.href?.startsWith('#')) add(`<w:hyperlink w:anchor="${escapeXml(a.href.slice(1))}">`); else if (links.at(-1)) add(`<w:hyperlink r:id="${relation('hyperlink', escapeXml(a.href!), true)}">`); break;
        case 'img': picture(a.src ?? '', css, a.alt ?? ''); break;
        case 'table': endParagraph(); grids.push({ rows: [], column: 0, open: new Map(), columns: 0 }); break;
        case 'tr': { const g = grids.at(-1); if (g) { g.rows.push({ xml: '', column: 0, head: false }); g.column = 0; carryDown(g); } break; }
        case 'td': if (a['data-head'] && grids.length > 0) grids.at(-1)!.rows.at(-1)!.head = true; startCell(Number(a.colspan ?? 1), Number(a.rowspan ?? 1)); break;
      }
    },
    ontext(text) {
      if (text === '' || (runs.at(-1)!.size === -1)) return;
      if (label !== null) { label += text; return; }
      if (math !== null) { math += text; return; }
      if (!paragraph && text.trim() === '') return;
      add(`<w:r>${runProperties(runs.at(-1)!)}<w:t xml:space="preserve">${escapeXml(text)}</w:t></w:r>`);
    },
    onclosetag(name) {
      if (/^(p|h[1-6])$/.test(name)) { endParagraph(); return; }
      switch (name) {
        case 'columns': startSection(oneColumn); break;
        case 'pages': size = page; lines = page; startSection(oneColumn); break;
        case 'div': if (note !== null) { endParagraph(); notes.set(note, target.join('')); note = null; target = body; noteMark = false; } break;
        case 'span': if (label !== null) { listItem(label.replace(/[\s\u2002]+$/, '')); label = null; } if (math !== null) { add(`<m:oMath><m:r><m:t xml:space="preserve">${escapeXml(math)}</m:t></m:r></m:oMath>`); math = null; } runs.pop(); break;
        case 'b': case 'i': case 'u': case 's': case 'sup': case 'sub': runs.pop(); break;
        case 'a': if (links.pop()) add('</w:hyperlink>'); break;
        case 'td': endCell(); break;
        case 'tr': { const g = grids.at(-1); if (g) { carryDown(g); const r = g.rows.at(-1)!; r.column = g.column; g.columns = Math.max(g.columns, g.column); } break; }
        case 'table': endTable(); break;
      }
    },
  }, { decodeEntities: true });
  parser.write(page.body);
  parser.end();
  endParagraph();
  if (sectionEnd && body.length === sectionFrom) { body.pop(); section = sectionEnd; }
  return packZip(packageParts({ body: body.join(''), lastSection: section, running, notes: { texts: notes, ...written }, media, relations, styles: docxStyles(page), numbering: numberingPart(lists), document: documentNamespaces }));

  function startParagraph(tag: string, style: string, dir?: string): NonNullable<typeof paragraph> {
    const css = styleOf(style), [top = '0', right = '0', bottom = '0', left = '0'] = (css.margin ?? '').split(/\s+/), margin = (side: string, own: string): number => pt(css[`margin-${side}`]) || pt(own);
    const parts: string[] = [], level = /^h([1-6])$/.exec(tag)?.[1];
    if (level) parts.push(`<w:pStyle w:val="Heading${level}"/>`); else if (note !== null) parts.push('<w:pStyle w:val="FootnoteText"/>');
    if (css['page-break-after'] === 'avoid') parts.push('<w:keepNext/>');
    if (breakNext) { parts.push('<w:pageBreakBefore/>'); breakNext = false; }
    parts.push('\u0000');
    if (dir === 'rtl') parts.push('<w:bidi/>');
    const line = Number(css['line-height'] ?? 0) / 1.15;
    parts.push(`<w:spacing w:before="${twips(margin('top', top))}" w:after="${twips(margin('bottom', bottom))}"${line > 0 ? ` w:line="${Math.round(line * 240)}" w:lineRule="auto"` : ''}/>`);
    const [indent, end] = dir === 'rtl' ? [margin('right', right), margin('left', left)] : [margin('left', left), margin('right', right)], first = pt(css['text-indent']);
    if (indent || first || end) parts.push(`<w:ind w:left="${twips(indent)}"${end ? ` w:right="${twips(end)}"` : ''}${first < 0 ? ` w:hanging="${twips(-first)}"` : first > 0 ? ` w:firstLine="${twips(first)}"` : ''}/>`);
    // From right to left, left and right mean the line's beginning and end (17.3.1.13).
    const align = (dir === 'rtl' ? { center: 'center', left: 'right', justify: 'both' } : { center: 'center', right: 'right', justify: 'both' } as Record<string, string>)[css['text-align'] ?? ''];
    if (align) parts.push(`<w:jc w:val="${align}"/>`);
    runs.length = 1;
    runs[0] = { ...(css['font-weight'] === 'bold' ? { bold: true } : {}), ...(css['font-style'] === 'italic' ? { italic: true } : {}), ...(pt(css['font-size']) ? { size: pt(css['font-size']) } : {}), ...(css['font-family'] ? { font: css['font-family'] } : {}), ...(css.color ? { colour: css.color.slice(1) } : {}) };
    return { properties: parts.join(''), xml: note !== null && noteMark ? noteSign(note, '') : '', list: '' };
  }
  /** What stands for a note in the text, and at the beginning of its own. */
  function noteReference(n: string): string { return noteSign(n, `Reference w:id="${Number(n) + 1}"${written.notes.get(n)?.own ? ' w:customMarkFollows="1"' : ''}`); }
  function noteSign(n: string, reference: string): string {
    const { kind = 'footnotes', own = null } = written.notes.get(n) ?? {}, tag = kind === 'endnotes' ? 'endnote' : 'footnote';
    return `<w:r><w:rPr><w:rStyle w:val="FootnoteReference"/></w:rPr>${reference ? `<w:${tag}${reference}/>` : own ? '' : `<w:${tag}Ref/>`}${own ? `<w:t>${escapeXml(own)}</w:t>` : ''}</w:r>`;
  }
  /** What stands before becomes a section of its own, whose properties stand in a paragraph at its end (17.6.18). */
  function startSection(columns: Pick<WrittenSection, 'columns' | 'gapPt' | 'ruled'>): void {
    endParagraph();
    if (body.length > sectionFrom) {
      body.push(`<w:p><w:pPr><w:spacing w:before="0" w:after="0" w:line="20" w:lineRule="exact"/>${sectionOf(section, running)}</w:pPr></w:p>`);
      sectionFrom = body.length;
      sectionEnd = section;
    }
    section = { size, ...columns, goesOn: sectionEnd?.size === size, lines, begins: sectionEnd?.lines === lines ? 'no' : sectionEnd && lines === page ? 'again' : 'anew', first: !sectionEnd };
  }
  function lineHere(): number { return (lineOf(size) - section.gapPt * (section.columns - 1)) / section.columns; }
  function endParagraph(): void {
    if (!paragraph) return;
    const out = cells.at(-1) ?? target;
    // A lone blank that does not break holds an empty line of the description open.
    const inside = paragraph.xml.replace(/^(<w:r>(?:<w:rPr>(?:(?!<\/w:rPr>).)*<\/w:rPr>)?<w:t xml:space="preserve">)\u00a0(<\/w:t><\/w:r>)$/, '$1$2');
    out.push(`<w:p><w:pPr>${paragraph.properties.replace('\u0000', paragraph.list)}</w:pPr>${inside}</w:p>`);
    paragraph = null;
    runs.length = 1; runs[0] = {};
  }
  /** Plain labels become real numbering that starts where the label says; others stay as written. */
  function listItem(text: string): void {
    const level = Math.min(8, labelLevel), parts = /^(\(?)([\divxlc]+|[a-z])([.)]?)$/i.exec(text), bullet = !/[\p{L}\p{N}]/u.test(text);
    const ways = bullet ? [{ kind: 'bullet' as const, at: 1 }] : parts && (parts[1] || parts[3] || /^\d{1,2}$/.test(parts[2]!)) ? waysToCount(parts[2]!) : [];
    if (ways.length === 0) { add(`<w:r><w:t xml:space="preserve">${escapeXml(text)}</w:t></w:r><w:r><w:tab/></w:r>`); return; }
    const before = bullet ? '' : parts![1]!, after = bullet ? '' : parts![3]!;
    // “i.” is the ninth letter after “h.”, and else the first Roman number.
    const goesOn = ways.flatMap(({ kind, at }) => lists.filter((l) => l.kind === kind && l.before === before && l.after === after && l.level === level && (bullet || l.next === at))).at(-1);
    let list = goesOn;
    if (!list) { const { kind, at } = ways[0]!; list = { kind, before, after, level, start: at, next: at }; lists.push(list); }
    list.next++;
    paragraph!.list = `<w:numPr><w:ilvl w:val="${level}"/><w:numId w:val="${lists.indexOf(list) + 1}"/></w:numPr>`;
  }
  function runProperties(r: Run): string {
    const font = r.font ? { serif: 'Times New Roman', 'sans-serif': 'Arial', monospace: 'Courier New' }[r.font] : undefined;
    const xml = `${font ? `<w:rFonts w:ascii="${font}" w:hAnsi="${font}" w:cs="${font}"/>` : ''}${r.bold ? '<w:b/>' : ''}${r.italic ? '<w:i/>' : ''}${r.strike ? '<w:strike/>' : ''}${r.colour ? `<w:color w:val="${r.colour}"/>` : ''}${r.size ? `<w:sz w:val="${Math.round(r.size * 2)}"/>` : ''}${r.underline ? '<w:u w:val="single"/>' : ''}${r.raise ? `<w:vertAlign w:val="${r.raise === 'sup' ? 'superscript' : 'subscript'}"/>` : ''}`;
    return xml ? `<w:rPr>${xml}</w:rPr>` : '';
  }
  function picture(src: string, css: Record<string, string>, described: string): void {
    const m = /^data:image\/(\w+);base64,(.+)$/.exec(src);
    if (!m) return;
    const bytes = fromBase64(m[2]!), name = `image${media.length + 1}.${m[1] === 'jpeg' ? 'jpg' : m[1]}`;
    media.push({ name, bytes });
    const size = pictureSize(bytes), most = lineHere();
    let width = pt(css.width) || (size ? size.width * 0.75 : 200), height = pt(css.height) || (size ? size.height * 0.75 : 150);
    if (width > most) { height *= most / width; width = most; }
    const id = relation('image', `media/${name}`), n = ++shape;
    add(`<w:r><w:drawing><wp:inline><wp:extent cx="${emu(width)}" cy="${emu(height)}"/><wp:docPr id="${n}" name="Picture ${n}"${described ? ` descr="${escapeXml(described)}"` : ''}/><a:graphic><a:graphicData uri="http://schemas.openxmlformats.org/drawingml/2006/picture"><pic:pic><pic:nvPicPr><pic:cNvPr id="${n}" name="Picture ${n}"/><pic:cNvPicPr/></pic:nvPicPr><pic:blipFill><a:blip r:embed="${id}"/><a:stretch><a:fillRect/></a:stretch></pic:blipFill><pic:spPr><a:xfrm><a:off x="0" y="0"/><a:ext cx="${emu(width)}" cy="${emu(height)}"/></a:xfrm><a:prstGeom prst="rect"><a:avLst/></a:prstGeom></pic:spPr></pic:pic></a:graphicData></a:graphic></wp:inline></w:drawing></w:r>`);
  }
  /** Cells that reach down from a row above stand in this row as continued ones. */
  function carryDown(g: Grid): void {
    for (let reach = g.open.get(g.column); reach; reach = g.open.get(g.column)) {
      g.rows.at(-1)!.xml += `<w:tc><w:tcPr>${reach.span > 1 ? `<w:gridSpan w:val="${reach.span}"/>` : ''}<w:vMerge/></w:tcPr><w:p/></w:tc>`;
      if (--reach.left <= 0) g.open.delete(g.column);
      g.column += reach.span;
    }
  }
  function startCell(span: number, rows: number): void {
    endParagraph();
    const g = grids.at(-1);
    if (!g) return;
    carryDown(g);
    cells.push([`<w:tc><w:tcPr>${span > 1 ? `<w:gridSpan w:val="${span}"/>` : ''}${rows > 1 ? '<w:vMerge w:val="restart"/>' : ''}</w:tcPr>`]);
    if (rows > 1) g.open.set(g.column, { left: rows - 1, span });
    g.column += span;
  }
  function endCell(): void {
    endParagraph();
    const own = cells.pop(), g = grids.at(-1);
    if (!own || !g) return;
    g.rows.at(-1)!.xml += `${own.join('')}${own.length === 1 || own.at(-1)!.endsWith('</w:tbl>') ? '<w:p/>' : ''}</w:tc>`;
  }
  function endTable(): void {
    endParagraph();
    const g = grids.pop();
    if (!g) return;
    const columns = Math.max(1, g.columns), width = twips(lineHere() / columns);
    const fill = (r: Grid['rows'][number]): string => r.xml + '<w:tc><w:tcPr/><w:p/></w:tc>'.repeat(r.xml === '' ? columns : Math.max(0, columns - r.column));
    (cells.at(-1) ?? target).push(`<w:tbl><w:tblPr><w:tblStyle w:val="TableGrid"/><w:tblW w:w="0" w:type="auto"/></w:tblPr><w:tblGrid>${`<w:gridCol w:w="${width}"/>`.repeat(columns)}</w:tblGrid>${g.rows.map((r) => `<w:tr>${r.head ? '<w:trPr><w:tblHeader/></w:trPr>' : ''}${fill(r)}</w:tr>`).join('')}</w:tbl>`);
    // Two tables one after the other would flow together.
    if (cells.length === 0) target.push('<w:p/>');
  }
}
