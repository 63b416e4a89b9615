import { readXml } from '../../engines/xml.ts';
import type { Package } from '../../engines/zip.ts';
import { applyProperty, tabsWith, type Look, type Styles } from '../../styles/docx.ts';
import type { PageDescription } from '../page-description.ts';
import { pictureSource } from '../picture.ts';
import { noLines, oneLine, placedLine, placeOf, shownLines, type LineLook, type LinePicture, type LinePlace, type PageNumberFormat, type RunningLines } from '../running-lines.ts';
import { readRelations, resolveTarget, type Relation } from './relations.ts';

/** What a section says of its heads and feet (17.10). `goesOn`: it begins on the page on which the one before it ends. */
export interface SectionLines { refs: { kind: 'header' | 'footer'; type: string; id: string }[]; firstPageDiffers: boolean; numberFrom: number | null; numberFormat: PageNumberFormat; goesOn: boolean }

/** Each section's heads and feet; a section without one of its own has that of the section before it (17.10). */
export function runningLines(sections: SectionLines[], { losses, counts }: PageDescription, pack: Package, relations: Map<string, Relation>, styles: Styles): RunningLines[] {
  const evenPagesDiffer = isOn(pack.text('word/settings.xml') ?? ''), known = new Map<string, FlatStory>();
  const lineAt = (id: string): FlatStory => {
    const kept = known.get(id), target = relations.get(id)?.target;
    if (kept !== undefined) return kept;
    const part = target ? resolveTarget(target) : null, xml = part ? pack.text(part) : null, own = part ? readRelations(pack.text(part.replace(/([^/]+)$/, '_rels/$1.rels')) ?? '') : new Map<string, Relation>();
    const line = xml ? flatStory(xml, styles, (rel) => { const image = own.get(rel), bytes = image && !image.external ? pack.part(resolveTarget(image.target)) : null; return bytes ? pictureSource(bytes) : null; }) : { line: '', look: null, pictures: [] };
    counts.images += line.pictures.length;
    known.set(id, line);
    return line;
  };
  let before = noLines();
  return sections.map(({ refs, firstPageDiffers, numberFrom, numberFormat, goesOn }, i) => {
    const lines: RunningLines = { ...before, firstPageDiffers, evenPagesDiffer, numberFrom, numberFormat };
    for (const { kind, type, id } of refs) { const at = slots[`${kind} ${type}`]; if (!at) continue; const { line, look, pictures } = lineAt(id), { [at]: _, ...others } = lines.looks; lines[at] = line; lines.looks = look ? { ...others, [at]: look } : others; lines.pictures = { ...lines.pictures, [at]: pictures }; }
    if (goesOn && i > 0) {
      // The page that such a section shares has lines already.
      if ((lines.head !== before.head || lines.foot !== before.foot || JSON.stringify(lines.pictures) !== JSON.stringify(before.pictures)) && !losses.includes(sharesPage)) losses.push(sharesPage);
      return shownLines({ ...before, firstPageDiffers: false, numberFrom: null });
    }
    before = lines;
    return shownLines(lines);
  });
}
const sharesPage = 'running lines of a section that begins within a page are left out';
const slots: Readonly<Record<string, 'head' | 'foot' | 'firstHead' | 'firstFoot' | 'evenHead' | 'evenFoot'>> = { 'header default': 'head', 'footer default': 'foot', 'header first': 'firstHead', 'footer first': 'firstFoot', 'header even': 'evenHead', 'footer even': 'evenFoot' };
/** Whether the settings say that even pages have lines of their own (17.10.1). */
function isOn(settings: string): boolean { const m = /<w:evenAndOddHeaders\b([^>]*)>/.exec(settings); return m !== null && !/w:val="(?:0|false|off)"/.test(m[1]!); }

interface FlatStory { line: string; /** of its first letters */ look: LineLook | null; pictures: LinePicture[] }
/** A header or footer as one line, its pieces where alignment and tab stops put them (17.18.44, 17.18.84); page fields become marks. */
function flatStory(xml: string, styles: Styles, sourceOf: (relation: string) => string | null): FlatStory {
  const lines: string[] = [], pictures: LinePicture[] = [];
  /** pictures of this paragraph, by how many tabs stand before them */
  let shown: { source: string; size: [number, number]; tabs: number; place: LinePlace | null }[] = [], extent: [number, number] = [0, 0], across = false, inAlign = false, aside: LinePlace | null = null, fallback = 0;
  let look: LineLook | null = null, run: Look = {}, inRun = false;
  let out = '', inText = false, result = true, instruction = '', pageField = false, inProperties = false, style = styles.defaultParagraph, own: Look = {}, /** tabs that say themselves where they lead, by their number */ led = new Map<number, LinePlace>(), tabs = 0;
  const field = (): void => { if (/\bNUMPAGES\b|\bSECTIONPAGES\b/.test(instruction)) out += '\u0002'; else if (/\bPAGE\b/.test(instruction)) out += '\u0001'; };
  const noteLook = (): void => { if (look || !/[^\s]/.test(out)) return; const shown = { ...styles.resolve(style), ...run }; look = { sizePt: shown.size ?? null, font: shown.font ?? null, bold: shown.bold ?? false, italic: shown.italic ?? false, colour: shown.colour ?? null }; };
  const endParagraph = (): void => {
    const look = { ...styles.resolve(style), ...own }, stops = tabsWith(styles.resolve(style).tabs ?? [], own.tabs).map((t) => placeOf(t.kind));
    const ways = Array.from({ length: tabs }, (_, i) => led.get(i) ?? stops.shift() ?? 'left');
    const usual = placeOf(look.align ?? (look.rtl ? 'right' : 'left'));
    if (out.trim()) lines.push(placedLine(out, usual, ways));
    for (const { source, size, tabs: before, place } of shown) if (size[0] > 0 && size[1] > 0) pictures.push({ source, widthPt: size[0], heightPt: size[1], place: place ?? (before > 0 && usual === 'left' ? ways[before - 1]! : usual) });
    shown = [];
    out = ''; own = {}; style = styles.defaultParagraph; led = new Map(); tabs = 0;
  };
  readXml(xml, {
    open(name, a) {
      if (name === 'w:pPr') inProperties = true;
      else if (inProperties) { if (name === 'w:pStyle') style = a['w:val'] ?? null; else if (name === 'w:framePr') own.align = a['w:xAlign'] === 'outside' ? 'right' : a['w:xAlign'] ?? own.align; else applyProperty(own, name, a, styles.theme); return; }
      if (name === 'w:r') { inRun = true; run = {}; } else if (inRun && /^w:(?:b|i|sz|rFonts|color)$/.test(name)) applyProperty(run, name, a, styles.theme);
      if (name === 'w:t' || name === 'w:instrText') inText = true;
      if (name === 'w:fldChar') {
        if (a['w:fldCharType'] === 'begin') { instruction = ''; result = false; pageField = false; }
        else if (a['w:fldCharType'] === 'separate') { pageField = /\b(NUMPAGES|SECTIONPAGES|PAGE)\b/.test(instruction); field(); result = !pageField; }
        else { if (!result && !pageField) field(); result = true; }
      }
      if (name === 'w:fldSimple') { instruction = a['w:instr'] ?? ''; pageField = /\b(NUMPAGES|PAGE)\b/.test(instruction); field(); if (pageField) result = false; }
      if (name === 'mc:Fallback') fallback++;
      if (name === 'wp:inline' || name === 'wp:anchor') { extent = [0, 0]; aside = null; }
      if (name === 'wp:extent') extent = [Number(a.cx) / 12_700, Number(a.cy) / 12_700];
      if (name === 'wp:positionH') across = true;
      if (name === 'wp:align' && across) inAlign = true;
      if (name === 'a:blip' && fallback === 0) { const source = sourceOf(a['r:embed'] ?? ''); if (source) shown.push({ source, size: extent, tabs, place: aside }); }
      if (name === 'w:ptab') led.set(tabs, placeOf(a['w:alignment'] ?? 'left'));
      if (name === 'w:tab' || name === 'w:ptab') { out += '\t'; tabs++; }
    },
    text(text) { if (inAlign) aside = placeOf(text.trim() === 'outside' ? 'right' : text.trim()); if (!inText) return; if (!result && !pageField) instruction += text; else if (result) out += text; },
    close(name) { if (name === 'mc:Fallback') fallback--; if (name === 'wp:positionH') across = false; if (name === 'wp:align') inAlign = false; if (name === 'w:r') { noteLook(); inRun = false; } if (name === 'w:t' || name === 'w:instrText') inText = false; if (name === 'w:fldSimple') result = true; if (name === 'w:pPr') inProperties = false; if (name === 'w:p') endParagraph(); },
  });
  return { line: oneLine(lines), look, pictures };
}
