import type { Image } from 'mupdf';
import type { Bookmark } from '../../engines/outline.ts';
import { withPage, withPdf, type MupdfModule } from '../../engines/pdf.ts';
import { escapeXml } from '../../engines/xml.ts';
import { heed, type Job } from '../../model/outcome.ts';
import { emptyPage, familyOf, type PageDescription } from '../page-description.ts';
import { pictureSource } from '../picture.ts';
import { photographsOn } from './photographs.ts';
import { countedLabels, isBullet, joinLabels, partTightLabels } from './labels.ts';
import { commonest } from '../../text/commonest.ts';
import { findTables, type TableBlock } from '../../readers/pdf/tables.ts';

export interface PdfRun { text: string; bold: boolean; italic: boolean; size: number; raised: boolean; /** the address it leads to */ link?: string }
export interface PdfLine { page: number; box: [number, number, number, number]; runs: PdfRun[]; text: string; size: number; bold: boolean; font: string; baseline: number; /** the list label it begins with, where that stood apart */ label?: string }
interface PdfImage { page: number; box: [number, number, number, number]; src: string }

/** A picture of a page as a file: large ones without clear parts as photographs. */
function drawnAnew(mupdf: MupdfModule, image: Image): Uint8Array {
  const pixmap = image.toPixmap();
  try {
    const clear = pixmap.getAlpha() > 0, rgb = pixmap.convertToColorSpace(mupdf.ColorSpace.DeviceRGB, clear);
    try { return !clear && rgb.getWidth() * rgb.getHeight() > 250_000 ? rgb.asJPEG(88, false) : rgb.asPNG(); } finally { rgb.destroy(); }
  } finally { pixmap.destroy(); }
}

/** Maps a PDF to a page description: text with headings, lists, tables and pictures as far as they can be recognised. The layout is not carried over, and that is told. */
export async function mapPdf(bytes: Uint8Array, job: Job = {}): Promise<PageDescription> {
  const page = emptyPage(), /** levels of bookmarks by page and title */ marked = new Map<string, number>();
  const lines: PdfLine[] = [], images: PdfImage[] = [], heights: number[] = [];
  let vocabulary: Set<string> | null = null;
  await withPdf(bytes, (pdf, mupdf) => {
    if (pdf.needsPassword()) pdf.authenticatePassword('');
    const count = pdf.countPages(), mark = (entries: Bookmark[], level: number): void => { for (const b of entries) { const title = titleKey(b.title ?? ''); if (title && level < 12) marked.set(`${b.page ?? 0} ${title}`, level); if (b.down) mark(b.down, level + 1); } };
    mark((pdf.loadOutline() ?? []) as Bookmark[], 1);
    for (let i = 0; i < count; i++) {
      heed(job);
      job.progress?.(i + 1, count, 'pages');
      withPage(pdf, i, (one) => {
        const [x0, y0, x1, y1] = one.getBounds();
        if (i === 0) { page.widthPt = x1 - x0; page.heightPt = y1 - y0; }
        heights.push(y1 - y0);
        const links: { box: [number, number, number, number]; uri: string }[] = [];
        for (const l of one.getLinks()) { if (/^(?:https?|mailto):/i.test(l.getURI())) links.push({ box: l.getBounds() as [number, number, number, number], uri: l.getURI() }); l.destroy(); }
        const linkAt = (x: number, y: number): string | undefined => links.find((l) => x >= l.box[0] && x <= l.box[2] && y >= l.box[1] && y <= l.box[3])?.uri;
        const text = one.toStructuredText('preserve-images,preserve-whitespace,dehyphenate=no');
        try {
          const rightLines = (JSON.parse(text.asJSON()) as { blocks: { lines?: { text: string }[] }[] }).blocks.flatMap((b) => b.lines ?? []).map((l) => [...l.text]);
          let photographs: Map<string, Uint8Array> | null = null;
          let lineAt = -1, charAt = 0, edge = 0, gapFrom: number | null = null;
          let runs: PdfRun[] = [], box: [number, number, number, number] = [0, 0, 0, 0], fontName = '', baseline = 0;
          function endLine(): void {
            const joined = runs.map((r) => r.text).join('');
            if (!joined.trim()) return;
            const sizes = new Map<number, number>();
            for (const r of runs) sizes.set(Math.round(r.size * 2) / 2, (sizes.get(Math.round(r.size * 2) / 2) ?? 0) + r.text.length);
            lines.push({ page: i, box, runs, text: joined, size: [...sizes].sort((a, b) => b[1] - a[1])[0]![0], bold: runs.every((r) => r.bold || !r.text.trim()), font: fontName, baseline });
          }
          text.walk({
            onImageBlock(bbox, _matrix, image) {
              const w = bbox[2] - bbox[0], h = bbox[3] - bbox[1];
              if (w < 12 || h < 12) return;
              const photograph = (photographs ??= photographsOn(one)).get(`${image.getWidth()}x${image.getHeight()}`), src = pictureSource(photograph ?? drawnAnew(mupdf, image));
              image.destroy();
              if (src) images.push({ page: i, box: bbox as [number, number, number, number], src });
            },
            beginLine(bbox) { lineAt++; charAt = 0; edge = bbox[0]; gapFrom = null; runs = []; box = bbox as [number, number, number, number]; fontName = ''; },
            onChar(rune, origin, font, size, quad) {
              // The engine gives characters beyond the first plane cut to sixteen bits; the line's own text has them whole.
              const c = (rightLines[lineAt] ?? [])[charAt++] ?? rune;
              const name = font.getName(), bold = font.isBold() || /bold|black|heavy/i.test(name), italic = font.isItalic() || /italic|oblique/i.test(name); 
              // White space far wider than between words parts two cells that the engine took for one line.
              if (c.trim() === '') { gapFrom ??= edge; } else { if (gapFrom !== null && quad[0] - gapFrom > size * 0.62 && runs.length > 0) { const whole = box; box = [whole[0], whole[1], gapFrom, whole[3]]; endLine(); runs = []; box = [quad[0], whole[1], whole[2], whole[3]]; } gapFrom = null; edge = quad[2]; }
              if (runs.length === 0) { if (c.trim() === '') { font.destroy(); return; } baseline = origin[1]; }
              fontName ||= name;
              font.destroy();
              const raised = size < 0.85 * (runs[0]?.size ?? size) && origin[1] < baseline - size * 0.15;
              const last = runs.at(-1), link = links.length === 0 ? undefined : c.trim() === '' ? last?.link : linkAt((quad[0] + quad[2]) / 2, (quad[1] + quad[5]) / 2);
              if (last && last.bold === bold && last.italic === italic && Math.abs(last.size - size) < 0.2 && last.raised === raised && last.link === link) last.text += c; else runs.push({ text: c, bold, italic, size, raised, ...(link ? { link } : {}) });
            },
            endLine,
          });
        } finally { text.destroy(); }
      });
    }
  });
  const kept = withoutRunningLines(lines, heights), indents: number[] = [];
  const body = commonest(kept.map((l) => l.size), kept.map((l) => l.text.length)) || 12;
  page.baseSizePt = body;
  page.baseFont = familyOf(kept.find((l) => l.size === body)?.font ?? 'Times');
  const pitches = kept.flatMap((l, i) => { const last = kept[i - 1], pitch = last && last.page === l.page && last.size === body && l.size === body ? l.baseline - last.baseline : 0; return pitch > body * 0.9 && pitch < body * 4 ? [Math.round(pitch * 2) / 2] : []; });
  /** from line to line of the text, as most of them stand */
  const pitchOfText = commonest(pitches, pitches.map(() => 1)) || body * 1.2;
  const levels = [...new Set(kept.filter((l) => l.size > body * 1.1 && l.text.trim().length < 200).map((l) => l.size))].sort((a, b) => b - a).slice(0, 5);
  partTightLabels(kept);
  const counted = countedLabels(kept), perPage = heights.map((_, i) => joinLabels(kept.filter((l) => l.page === i), counted));
  // A table may go on over the page.
  const tables = findTables(perPage.flat()), inTable = new Set(tables.flatMap((t) => t.lines)), pending = [...tables];
  for (const [i, own] of perPage.entries()) page.body += pageBody(own, images.filter((m) => m.page === i));
  page.losses.push('the layout is not carried over: text, headings, lists, tables and pictures are, as far as they can be recognised');
  return page;

  function pageBody(own: PdfLine[], pictures: PdfImage[]): string {
    const waiting = [...pictures].sort((a, b) => a.box[1] - b.box[1]);
    const right = Math.max(0, ...own.map((l) => l.box[2]));
    let out = '', group: PdfLine[] = [];
    const flush = (): void => { if (group.length > 0) out += paragraph(group); group = []; };
    const picturesAbove = (y: number): void => { while (waiting[0] && waiting[0].box[1] <= y) { flush(); out += pictureHtml(waiting.shift()!); } };
    for (const line of own) {
      if (inTable.has(line)) {
        const at = pending.findIndex((t) => t.lines.includes(line));
        if (at >= 0) { flush(); picturesAbove(line.box[1]); out += tableHtml(pending.splice(at, 1)[0]!); page.counts.tables++; }
        continue;
      }
      picturesAbove(line.box[1]);
      if (group.length > 0 && breaksBefore(line, group, right)) flush();
      group.push(line);
    }
    flush();
    for (const p of waiting) out += pictureHtml(p);
    return out;
  }
  function pictureHtml(m: PdfImage): string { page.counts.images++; return `<p><img src="${m.src}" style="width:${Math.round(m.box[2] - m.box[0])}pt;height:${Math.round(m.box[3] - m.box[1])}pt"/></p>`; }
  function headingLevel(group: PdfLine[]): number {
    const text = group.map((l) => l.text).join(' ').trim(), size = group[0]!.size;
    if (text.length > 200 || group.length > 3 || !/\p{L}/u.test(text)) return 0;
    // Where a file has bookmarks, they say what is a heading; a number in front may be missing in them.
    if (marked.size > 0) return Math.min(6, levelOfTitle(group[0]!.page, text));
    const at = levels.findIndex((s) => Math.abs(s - size) < 0.3);
    if (at >= 0) return Math.min(6, at + 1);
    return group.every((l) => l.bold) && text.length < 120 && !/[.,;:]$/.test(text) && size >= body * 0.95 ? Math.min(6, levels.length + 1) : 0;
  }
  function breaksBefore(line: PdfLine, group: PdfLine[], right: number): boolean {
    const last = group.at(-1)!, pitch = line.baseline - last.baseline;
    if (line.label) return true;
    if (Math.abs(pitch) < 1) return false;
    if (Math.abs(line.size - last.size) > 0.6 || line.bold !== last.bold && (line.bold || last.bold) && headingLevel([line.bold ? line : last]) > 0) return true;
    // A title in the middle and a heading at the left, in the same letters.
    if (last.size > body * 1.1 && Math.abs(line.box[0] - last.box[0]) > line.size * 1.5 && Math.abs(line.box[0] + line.box[2] - last.box[0] - last.box[2]) > line.size * 3) return true;
    if (pitch < -2 || pitch > Math.max(line.size * 2.2, last.size * 2.2, last.size === body ? pitchOfText * 1.3 : 0)) return !endsOpen(last, line);
    if (isListItem(line.text) && line.box[0] <= group[0]!.box[0] + 4) return true;
    const usual = group.length > 1 ? group[1]!.baseline - group[0]!.baseline : last.size === body ? Math.max(last.size * 1.25, pitchOfText) : last.size * 1.25;
    if (pitch > usual * 1.3) return true;
    if (line.box[0] > last.box[0] + line.size * 0.8 && line.box[0] < last.box[0] + 60 && !isListItem(group[0]!.text) && /[.!?:"”’)]\s*$/.test(last.text)) return true;
    return last.box[2] < right - line.size * 6 && /[.!?:]["”’)]?\s*$/.test(last.text) && /^\s*["“‘(\p{Lu}\d]/u.test(line.text);
  }
  function levelOfTitle(at: number, text: string): number {
    const key = titleKey(text), bare = titleKey(text.replace(/^\s*(?:(?:chapter|section|part|appendix)\s+)?(?:[\divxlc]+|[a-z])(?:[.:]\d+)*[.:)]?\s+/i, ''));
    return key === '' ? 0 : marked.get(`${at} ${key}`) ?? marked.get(`${at} ${bare}`) ?? 0;
  }
  /** A column or a page ends in the middle of a sentence: the paragraph goes on. */
  function endsOpen(last: PdfLine, line: PdfLine): boolean { return !/[.!?:;]["”’)]?\s*$/.test(last.text) && /^\s*\p{Ll}/u.test(line.text) && Math.abs(last.size - line.size) < 0.6; }
  /** A hyphen at a line's end is the word's own where the same word stands with it, and never without it, inside some line. */
  function ownHyphen(line: string, next: string): boolean {
    const before = /[\p{L}\p{N}'’]+(?=[-‐]\s*$)/u.exec(line)?.[0].toLowerCase(), after = /^\s*([\p{L}\p{N}'’]+)/u.exec(next)?.[1]!.toLowerCase();
    vocabulary ??= new Set(lines.flatMap((l) => l.text.toLowerCase().replace(/‐/g, '-').match(/[\p{L}\p{N}'’]+(?:-[\p{L}\p{N}'’]+)*/gu) ?? []));
    return before !== undefined && after !== undefined && vocabulary.has(`${before}-${after}`) && !vocabulary.has(before + after);
  }
  function paragraph(group: PdfLine[]): string {
    const level = headingLevel(group);
    // Where bookmarks name the headings, what stands above them all in the largest letters is the title.
    if (level === 0 && page.title === '' && group[0]!.page === 0 && group[0]!.size === levels[0] && group.length < 4) page.title = group.map((l) => l.text.trim()).join(' ');
    const item = level > 0 ? null : group[0]!.label ? [`${group[0]!.label} `, group[0]!.label] : isListItem(group[0]!.text) ? /^\s*([•▪◦‣·–—*-]|\(?\d{1,2}[.)]|\(?[a-z][.)])\s+/.exec(group[0]!.text) : null;
    const depth = item ? depthAt(group[0]!.box[0]) : (indents.length = 0);
    let html = '', label = '';
    group.forEach((line, i) => {
      let runs = line.runs;
      if (i === 0 && item) { label = item[1]!; runs = cutRuns(runs, item[0]!.length); }
      const text = runs.map((r) => styled(r, line, level > 0)).join('');
      const next = group[i + 1];
      const broken = next && /\p{L}[-‐\u00ad](<\/\w+>)*\s*$/u.test(text) && /^\s*\p{Ll}/u.test(next.text);
      html += !next ? text : !broken ? `${text.replace(/\s+((?:<\/\w+>)*)$/, '$1')} ` : text.replace(/([-‐\u00ad])((?:<\/\w+>)*)\s*$/u, ownHyphen(line.text, next.text) ? '$1$2' : '$2');
    });
    const tag = level > 0 ? `h${level}` : 'p', larger = level === 0 && !item && group.every((l) => l.size > body * 1.2), css = level > 0 ? `margin:10pt 0 4pt 0;font-weight:bold;font-size:${group[0]!.size}pt` : larger ? `margin:0 0 6pt 0;font-size:${group[0]!.size}pt` : `margin:0 0 6pt ${item ? 18 * (depth + 1) : 0}pt${item ? ';text-indent:-14pt' : ''}`;
    if (label && !isBullet(label)) page.generated.push(label);
    return `<${tag} style="${css}">${label ? `<span class="label" data-level="${depth}">${isBullet(label) ? '•' : escapeXml(label)}&#8194;</span>` : ''}${html.trim() || '&#160;'}</${tag}>`;
  }
  /** How deep an item stands among those just before it, by where its label begins. */
  function depthAt(x: number): number {
    while (indents.length > 0 && indents.at(-1)! > x + 4) indents.pop();
    if (indents.length === 0 || indents.at(-1)! < x - 4) indents.push(x);
    return Math.min(8, indents.length - 1);
  }
  function styled(r: PdfRun, line: PdfLine, heading: boolean): string {
    let html = escapeXml(r.text.replace(/[\u0000-\u001f]/g, ''));
    if (html.trim() === '') return html;
    if (r.link) html = `<a href="${escapeXml(r.link)}">${html}</a>`;
    if (r.raised) return `<sup>${html}</sup>`;
    if (r.bold && !heading && !line.bold) html = `<b>${html}</b>`; else if (line.bold && !heading) html = `<b>${html}</b>`;
    return r.italic ? `<i>${html}</i>` : html;
  }
  function tableHtml(t: TableBlock<PdfLine>): string { return `<table>${t.rows.map((row) => `<tr>${row.map((c) => `<td><p>${c.map((l) => escapeXml(l.text.trim())).join(' ') || '&#160;'}</p></td>`).join('')}</tr>`).join('')}</table>`; }
}

/** Titles as they compare: letters and figures only, whatever the case. */
const titleKey = (text: string): string => text.normalize('NFKC').toLowerCase().replace(/[^\p{L}\p{N}]+/gu, '');
const isListItem = (text: string): boolean => /^\s*(?:[•▪◦‣·]|[–—*-](?=\s)|\(?\d{1,2}[.)](?=\s+\S)|\(?[a-z][.)](?=\s+\S))\s+\S/.test(text);
function cutRuns(runs: PdfRun[], n: number): PdfRun[] { const out: PdfRun[] = []; for (const r of runs) { if (n >= r.text.length) { n -= r.text.length; continue; } out.push({ ...r, text: r.text.slice(n) }); n = 0; } return out; }

/** Lines at the head or foot that most pages repeat but for their numbers, and bare page numbers, are no part of the text. */
function withoutRunningLines(lines: PdfLine[], heights: number[]): PdfLine[] {
  const key = (l: PdfLine): string => l.text.replace(/\d+|\b[ivxl]+\b/gi, '#').replace(/\s+/g, ' ').trim();
  const edge = (l: PdfLine): boolean => l.box[3] < heights[l.page]! * 0.1 || l.box[1] > heights[l.page]! * 0.9;
  const seen = new Map<string, Set<number>>();
  for (const l of lines) if (edge(l)) seen.set(key(l), (seen.get(key(l)) ?? new Set()).add(l.page));
  const enough = Math.max(2, Math.ceil(heights.length * 0.4));
  return lines.filter((l) => !(edge(l) && ((seen.get(key(l))?.size ?? 0) >= enough || /^\s*[-–]?\s*(?:page\s+)?\d{1,4}(?:\s*(?:of|\/)\s*\d{1,4})?\s*[-–]?\s*$/i.test(l.text))));
}
