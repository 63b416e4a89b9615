import { readXml } from '../../engines/xml.ts';
import type { IntegrityFact, LayoutFacts, SheetFacts } from '../../model/facts.ts';
import { points, readOdfStyles, type OdfLook } from '../../styles/odf.ts';
import { fromHex, lookAlike, white } from '../../text/colour.ts';
import { singleSpacingOf } from '../../tables/faces.ts';
import { LayoutTally, movedIn, spacingOf } from '../layout-tally.ts';
import { narrowestMargins, sheetsOfSections } from '../page-sections.ts';
import { UnseenLooks } from '../unseen-looks.ts';

/** How an OpenDocument text is set. `layout` is null where there is too little text; `highlights`: stretches with a marker's colour behind them. */
export interface OdtLooks { layout: LayoutFacts | null; sheets: SheetFacts[]; pageNumbers: boolean; fonts: Set<string>; highlights: number; unseen: IntegrityFact[] }

/** The layout that most characters have by their effective style: defaults, parents, automatic style, span; and what cannot be seen of the text.
 * Source: ODF 1.2-1, 16.2; line height in per cent of the face's own (20.197); colours behind words, paragraphs and cells (20.175). */
export function looksOfOdt(content: string, styleSheet: string | null): OdtLooks {
  const styles = readOdfStyles([styleSheet, content]), tally = new LayoutTally(), unseen = new UnseenLooks('content.xml'), fonts = new Set<string>(), used = new Map([['Standard', 0]]); /** of page styles, with the characters on their pages */
  let on = 'Standard';
  const stack: { name: string; look: OdfLook; marker?: string }[] = [], cells: (string | undefined)[] = [];
  let outside = 0, boxes = 0, highlights = 0, wasMarked = false;
  readXml(content, {
    open(name, a) {
      if (skipped.has(name)) outside++;
      if (name === 'draw:text-box') boxes++;
      if (name === 'table:table-cell') cells.push(colourIn(styles.own(a['table:style-name'] ?? '')['cell-background']));
      const style = a['text:style-name'] ?? '', above = stack[stack.length - 1];
      if (name === 'text:p' || name === 'text:h') { stack.push({ name, look: styles.resolve(style || 'Standard') }); const page = styles.startsPage(style); if (page) used.set(on = page, used.get(page) ?? 0); wasMarked = false; }
      else if (name === 'text:span') { const own = styles.own(style); stack.push({ name, look: { ...above?.look, ...own, ...sizeOf(own, above?.look) }, marker: colourIn(own['background-color']) ?? above?.marker }); }
    },
    text(value) {
      const top = stack[stack.length - 1], look = top?.look;
      if (!look || outside > 0 || !value.trim() || look['display'] === 'none') return;
      const height = look['line-height'] ?? '', size = points(look['font-size']) || 12, face = look['font-family'] === undefined ? undefined : styles.familyOf(look['font-family']);
      if (face !== undefined) fonts.add(face);
      for (const pages of new Set([on, styles.pagesAfter(on)])) used.set(pages, (used.get(pages) ?? 0) + value.length);
      tally.add({ text: value, apart: points(look['margin-left']) >= movedIn, inTable: cells.length > 0 || boxes > 0, size, font: face, spacing: /%$/.test(height) ? parseFloat(height) / 100 : points(height) > 0 ? spacingOf(points(height), size, singleSpacingOf(face ?? '')) : 1 });
      const marker = top.marker ?? colourIn(look['background-color']), ground = marker ?? colourIn(look['paragraph-background']) ?? cells.findLast((c) => c !== undefined) ?? (boxes > 0 ? null : 'FFFFFF');
      const marked = marker !== undefined && !lookAlike(fromHex(marker)!, white);
      if (marked && !wasMarked) highlights++;
      wasMarked = marked;
      unseen.add(value, { size, colour: look['use-window-font-color'] === 'true' ? null : colourIn(look['color']) ?? null, ground });
    },
    close(name) {
      if (skipped.has(name)) outside--;
      if (name === 'draw:text-box') boxes--;
      if (name === 'table:table-cell') cells.pop();
      if (stack[stack.length - 1]?.name === name && (name === 'text:p' || name === 'text:h' || name === 'text:span')) stack.pop();
    },
  });
  const sections = [...used].flatMap(([master, n]) => { const { size } = styles.master(master); return size ? [{ ...size, used: n }] : []; });
  return {
    layout: tally.facts('content.xml', narrowestMargins(sections)), sheets: sheetsOfSections(sections), pageNumbers: numbersPages(styleSheet, used), fonts, highlights, unseen: unseen.words,
  };
}
/** What is no running text. */
const skipped = new Set(['text:tracked-changes', 'office:annotation', 'text:note']);
/** Six hexadecimal digits; absent where there is no colour. */
const colourIn = (value: string | undefined): string | undefined => (value !== undefined && fromHex(value) ? value.replace('#', '') : undefined);
/** A span's size in per cent is of what is around it. */
function sizeOf(own: OdfLook, around: OdfLook | undefined): Record<string, string> {
  const share = /^([\d.]+)%$/.exec(own['font-size'] ?? '');
  return share ? { 'font-size': `${((points(around?.['font-size']) || 12) * Number(share[1])) / 100}pt` } : {};
}

/** Whether a field at the head or foot of a page style that is used counts its pages; those of first pages only do not (ODF 1.2-1, 16.9, 16.10, 7.3.3). */
function numbersPages(styleSheet: string | null, used: ReadonlyMap<string, number>): boolean {
  let master = '', lines = 0, counts = false;
  readXml(styleSheet ?? '<x/>', {
    open(name, a) { if (name === 'style:master-page') master = a['style:name'] ?? ''; else if (runningLines.test(name)) lines++; else if (name === 'text:page-number' && lines > 0 && used.has(master)) counts = true; },
    close(name) { if (runningLines.test(name)) lines--; },
  });
  return counts;
}
const runningLines = /^style:(?:header|footer)(?:-left)?$/;
