import { readXml } from '../../engines/xml.ts';
import { applyProperty, shadeOf, type Look, type Styles } from '../../styles/docx.ts';
import type { PageSection } from '../page-sections.ts';

/** Where a stretch of text stands. `ground`: the colour under it, six hexadecimal digits; null where it cannot be told, as in a box, in a table
 * whose style colours its rows, or over a drawing. */
export interface Where { ground: string | null; part: 'body' | 'table' | 'box' }

const sheetColour = 'FFFFFF';
const letter = { widthPt: 612, heightPt: 792 }, usualMargin = 72;
const changes = /^w:\w*(?:PrChange|Change)$/;

/** Gives every stretch of text of a story with its effective look: defaults, style chains, direct formatting; deleted text and doubles of it are left out.
 * Sources: ECMA-376-1, 17.7.2 (style hierarchy), 17.3.2.32 and 17.3.1.31 (shading), 17.4.32 (of cells), 17.6.11 and 17.6.13 (sections), 17.2.1 (colour of the page).
 * @returns the sections in order; one with what is usual where the story has none */
export function eachStretch(xml: string, styles: Styles, visit: (text: string, look: Look, where: Where) => void): PageSection[] {
  const normal: Look = { ...styles.defaults, ...styles.resolve(styles.defaultParagraph) }, sections: PageSection[] = [];
  const stack: string[] = [], cells: (string | undefined)[] = [], tables: boolean[] = [];
  /** A box stands in a run of another paragraph, which goes on behind it. */
  const around: { paragraph: Look; own: Look; run: Look }[] = [];
  let paragraph: Look = normal, own: Look = {}, run: Look = {}, inText = false, skipped = 0, boxes = 0, afloat = 0, page = sheetColour, section = plainSection();
  const inside = (name: string): boolean => stack.includes(name);
  const ground = (look: Look): string | null => {
    const near = look.marker ?? run.shade ?? own.shade ?? paragraph.shade ?? cells.findLast((c) => c !== undefined);
    return near ?? (boxes > 0 || afloat > 0 || tables.includes(true) ? null : page);
  };
  readXml(xml, {
    open(name, a) {
      stack.push(name);
      if (changes.test(name) || name === 'mc:Fallback') skipped++;
      if (skipped > 0) return;
      switch (name) {
        case 'w:background': page = /^[0-9a-f]{6}$/i.test(a['w:color'] ?? '') ? a['w:color']! : page; return;
        case 'w:p': paragraph = normal; own = {}; run = {}; if (afloat > 0) afloat--; return;
        case 'w:pStyle': paragraph = { ...normal, ...styles.resolve(a['w:val'] ?? null) }; return;
        case 'w:r': run = {}; return;
        case 'w:rStyle': if (inside('w:r')) run = { ...styles.resolve(a['w:val'] ?? null), ...run }; return;
        case 'w:t': inText = true; return;
        case 'w:tbl': tables.push(false); return;
        // What a table's style does to its rows is not followed.
        case 'w:tblStyle': if (!/^TableNormal$|^TableGrid$/.test(a['w:val'] ?? '')) tables[tables.length - 1] = true; return;
        case 'w:tc': cells.push(undefined); return;
        case 'w:txbxContent': boxes++; around.push({ paragraph, own, run }); return;
        case 'wp:anchor': case 'v:shape': case 'v:rect': if (a.behindDoc === '1' || /z-index:\s*-/.test(a.style ?? '')) afloat = 30; return;
        case 'w:pgSz': { const w = Number(a['w:w']) / 20, h = Number(a['w:h']) / 20; if (w > 0 && h > 0) { section.widthPt = w; section.heightPt = h; } return; }
        case 'w:pgMar': { const side = (k: string): number => Math.abs(Number(a[`w:${k}`] ?? usualMargin * 20)) / 20, gutter = Number(a['w:gutter'] ?? 0) / 20 || 0; section.marginsPt = [side('top'), side('right'), side('bottom'), side('left') + gutter]; return; }
      }
      if (name === 'w:shd' && inside('w:tcPr')) { if (cells.length > 0) cells[cells.length - 1] = shadeOf(a, styles.theme); return; }
      if (inside('w:tblPr') || inside('w:trPr') || inside('w:tcPr') || inside('w:sectPr')) return;
      const last = stack.lastIndexOf('w:rPr'), owner = last > 0 ? stack[last - 1] : null;
      if (owner === 'w:r') applyProperty(run, name, a, styles.theme);
      // The mark at a paragraph's end has a look of its own, which its words have not.
      else if (owner === null && inside('w:pPr')) applyProperty(own, name, a, styles.theme);
    },
    text(value) {
      if (!inText || skipped > 0) return;
      const look = { ...paragraph, ...own, ...run };
      section.used += value.length;
      visit(value, look, { ground: ground(look), part: boxes > 0 ? 'box' : tables.length > 0 ? 'table' : 'body' });
    },
    close(name) {
      stack.pop();
      if (changes.test(name) || name === 'mc:Fallback') skipped--;
      else if (skipped > 0) return;
      else if (name === 'w:t') inText = false;
      else if (name === 'w:tbl') tables.pop();
      else if (name === 'w:tc') cells.pop();
      else if (name === 'w:txbxContent') { boxes--; ({ paragraph, own, run } = around.pop()!); }
      else if (name === 'w:sectPr') { sections.push(section); section = plainSection(); }
    },
  });
  return sections.length > 0 ? sections : [section];
}
const plainSection = (): PageSection => ({ ...letter, marginsPt: [usualMargin, usualMargin, usualMargin, usualMargin], used: 0 });
