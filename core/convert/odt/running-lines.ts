import { readXml } from '../../engines/xml.ts';
import { noLines, oneLine, placedLine, placeOf, shownLines, type LineLook, type LinePicture, type LinePlace, type PageNumberFormat, type RunningLines } from '../running-lines.ts';

type Slot = 'head' | 'foot' | 'firstHead' | 'firstFoot' | 'evenHead' | 'evenFoot';
interface Master extends RunningLines { name: string; next: string | null; layout: string }
/** What a paragraph style says of where words stand (ODF 1.2-1, 20.216 fo:text-align, 17.8 style:tab-stop). */
interface LineStyle { parent: string | null; align: string | null; stops: { at: number; place: LinePlace }[] | null; /** 20.183 fo:font-size, 20.269 style:font-name, 20.187, 20.184, 20.180 */ size: number | null; font: string | null; bold: boolean | null; italic: boolean | null; colour: string | null }
const formats: Readonly<Record<string, PageNumberFormat>> = { 1: 'decimal', i: 'lowerRoman', I: 'upperRoman', a: 'lowerLetter', A: 'upperLetter' };

/** Header and footer of the page styles of an OpenDocument text, each as one line; page fields become marks. Source: ODF 1.2-1, 16.9 (master pages), 16.5 (page layouts: how numbers are written), 7.3.3 (page number), 7.5.18 (page count).
 * @param sourceOf - a picture of the package as a data address
 * @returns the lines of pages that begin with a page style by its name; where another style follows it, the first page is one of its own */
export function readRunningLines(xml: string, sourceOf: (href: string) => string | null = () => null): (name: string) => RunningLines {
  const masters: Master[] = [];
  let master: Master | null = null, part: Slot | null = null, line = '', inParagraph = 0, layout = '', lines: string[] = [], styleName: string | null = null, current: LineStyle | null = null, look: LineLook | null = null;
  const spans: string[] = [];
  let pictures: LinePicture[] = [], frame: [number, number] = [0, 0], before: LinePlace[] = [];
  const styles = new Map<string, LineStyle>();
  /** The first answer on the way up. */
  const told = <T>(name: string | null, of: (s: LineStyle) => T | null): T | null => { for (let at = name, hops = 0; at !== null && hops < 30; hops++) { const s: LineStyle | undefined = styles.get(at); if (!s) return null; const own = of(s); if (own !== null) return own; at = s.parent; } return null; };
  const endParagraph = (): void => { if (line.trim()) lines.push(placedLine(line, placeOf(told(styleName, (s) => s.align)), [...(told(styleName, (s) => s.stops) ?? [])].sort((a, b) => a.at - b.at).map((t) => t.place))); line = ''; };
  /** Of the first letters, by the stretch they stand in and then by their paragraph. */
  const noteLook = (): void => {
    if (look) return;
    const of = <T>(what: (s: LineStyle) => T | null): T | null => [...spans].reverse().map((s) => told(s, what)).find((v) => v !== null) ?? told(styleName, what);
    look = { sizePt: of((s) => s.size), font: of((s) => s.font), bold: of((s) => s.bold) ?? false, italic: of((s) => s.italic) ?? false, colour: of((s) => s.colour) };
  };
  const numbers = new Map<string, PageNumberFormat>();
  readXml(xml, {
    open(name, a) {
      if (name === 'style:style' && (a['style:family'] === 'paragraph' || a['style:family'] === 'text')) { current = { parent: a['style:parent-style-name'] ?? null, align: null, stops: null, size: null, font: null, bold: null, italic: null, colour: null }; styles.set(a['style:name'] ?? '', current); }
      else if (name === 'style:text-properties' && current) { current.size = /^[\d.]+pt$/.test(a['fo:font-size'] ?? '') ? Number.parseFloat(a['fo:font-size']!) : null; current.font = a['style:font-name'] ?? a['fo:font-family'] ?? null; current.bold = a['fo:font-weight'] ? /^(?:bold|[6-9]00)$/.test(a['fo:font-weight']) : null; current.italic = a['fo:font-style'] ? a['fo:font-style'] !== 'normal' : null; current.colour = /^#([\da-f]{6})$/i.exec(a['fo:color'] ?? '')?.[1] ?? null; }
      else if (name === 'style:paragraph-properties' && current) current.align = a['fo:text-align'] ?? null;
      else if (name === 'style:tab-stops' && current) current.stops = [];
      else if (name === 'style:tab-stop' && current) (current.stops ??= []).push({ at: lengthOf(a['style:position']), place: placeOf(a['style:type']) });
      if (name === 'style:master-page') { master = { ...noLines(), name: a['style:name'] ?? '', next: a['style:next-style-name'] ?? null, layout: a['style:page-layout-name'] ?? '' }; masters.push(master); }
      else if (name === 'style:page-layout') layout = a['style:name'] ?? '';
      else if (name === 'style:page-layout-properties') { const format = formats[a['style:num-format'] ?? '']; if (format) numbers.set(layout, format); }
      else if (name === 'style:header' || name === 'style:footer') { if (a['style:display'] !== 'false') { part = name === 'style:header' ? 'head' : 'foot'; line = ''; } }
      // Some programs keep a first page's own header beside the ordinary one.
      else if (/^(?:loext|style):(?:header|footer)-first$/.test(name) && master && a['style:display'] !== 'false') { master.firstPageDiffers = true; part = /header/.test(name) ? 'firstHead' : 'firstFoot'; line = ''; }
      // Left pages are those with even numbers; where nothing is said of them they are as the others.
      else if (/^style:(?:header|footer)-left$/.test(name) && master) { if (a['style:display'] === 'false') return; master.evenPagesDiffer = true; part = /header/.test(name) ? 'evenHead' : 'evenFoot'; line = ''; }
      if (!part) return;
      if (name === 'text:p' || name === 'text:h') { styleName = a['text:style-name'] ?? null; inParagraph++; }
      else if (name === 'text:span') spans.push(a['text:style-name'] ?? '');
      else if (name === 'text:page-number') { line += '\u0001'; inParagraph = -inParagraph; }
      else if (name === 'text:page-count') { line += '\u0002'; inParagraph = -inParagraph; }
      else if (name === 'draw:frame') frame = [points(a['svg:width']), points(a['svg:height'])];
      else if (name === 'draw:image') {
        const source = sourceOf(a['xlink:href'] ?? ''), tabs = line.split('\t').length - 1;
        before = [...(told(styleName, (s) => s.stops) ?? [])].sort((x, y) => x.at - y.at).map((t) => t.place);
        if (source && frame[0] > 0 && frame[1] > 0) pictures.push({ source, widthPt: frame[0], heightPt: frame[1], place: tabs > 0 ? before[tabs - 1] ?? 'left' : placeOf(told(styleName, (s) => s.align)) });
      }
      else if (name === 'text:tab') line += '\t';
      else if (name === 'text:s') line += ' ';
    },
    // A field's stored number is that of one page only.
    text(text) { if (part && inParagraph !== 0 && text.trim()) noteLook(); if (part && inParagraph > 0) line += text.replace(/[\r\n\t ]+/g, ' '); },
    close(name) {
      if (name === 'style:style') current = null;
      if (!part) return;
      if (name === 'text:span') spans.pop();
      if (name === 'text:p' || name === 'text:h') { inParagraph--; endParagraph(); }
      else if (name === 'text:page-number' || name === 'text:page-count') inParagraph = -inParagraph;
      else if (/^(?:loext|style):(?:header|footer)(?:-first|-left)?$/.test(name)) { if (master) { master[part] = oneLine(lines); if (look) master.looks = { ...master.looks, [part]: look }; if (pictures.length > 0) master.pictures = { ...master.pictures, [part]: pictures }; } lines = []; pictures = []; part = null; look = null; }
    },
  });
  return (start) => {
    const first = masters.find((m) => m.name === (start || 'Standard')) ?? masters[0], after = first?.next ? masters.find((m) => m.name === first.next) : undefined, rest = after && after !== first ? after : first;
    if (!first || !rest) return noLines();
    const { name: _name, next: _next, layout: own, ...lines } = rest, numberFormat = numbers.get(own) ?? 'decimal';
    return shownLines(rest === first ? { ...lines, numberFormat } : { ...lines, numberFormat, firstPageDiffers: true, firstHead: first.head, firstFoot: first.foot, looks: { ...lines.looks, firstHead: first.looks.head, firstFoot: first.looks.foot }, pictures: { ...lines.pictures, firstHead: first.pictures.head ?? [], firstFoot: first.pictures.foot ?? [] } });
  };
}

/** A length in centimetres; only their order matters. */
const lengthOf = (v: string | undefined): number => { const m = /^(-?[\d.]+)(cm|mm|in|pt)?$/.exec(v ?? ''); return m ? Number(m[1]) * ({ cm: 1, mm: 0.1, in: 2.54, pt: 2.54 / 72 }[m[2] ?? 'cm'] ?? 1) : 0; };
const points = (v: string | undefined): number => lengthOf(v) / 2.54 * 72;
