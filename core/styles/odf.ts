import { readXml } from '../engines/xml.ts';

export type OdfLook = Readonly<Record<string, string>>;
export interface OdfPage { widthPt: number; heightPt: number; /** top, right, bottom, left */ marginsPt: [number, number, number, number] }
export interface OdfColumns { count: number; gapPt: number; /** a line stands between them */ ruled: boolean }
export interface OdfStyles {
  /** what a style and its parents say themselves, without the defaults */ own(name: string): OdfLook;
  /** properties by their local names, as the chain of parents and the defaults give them; sizes in per cent are worked out */ resolve(name: string): OdfLook;
  /** the page style that a paragraph begins, by its own style; empty: none */ startsPage(name: string): string; /** the page style of the pages that follow one (16.9, style:next-style-name); itself where it names none */ pagesAfter(master: string): string; /** whether a style is another one or comes down from it */ comesFrom(name: string, ancestor: string): boolean; /** pages and columns of a page style by its name */ master(name: string): { size: OdfPage | null; columns: OdfColumns | null }; /** of a section by its style; null: one column */ columns(name: string): OdfColumns | null; /** the family behind a declared face */ familyOf(face: string): string;
}

/** Styles of an OpenDocument text. Source: ODF 1.2-1, 16 (styles), 16.5 (page layouts), 16.9 (master pages), 20.183 (font size in per cent of the parent). @param parts - XML, styles first, automatic ones after them */
export function readOdfStyles(parts: (string | null)[]): OdfStyles {
  const styles = new Map<string, { parent: string | null; master?: string; css: Record<string, string> }>(), layouts = new Map<string, OdfPage>(), masters = new Map<string, string>(), next = new Map<string, string>(), faces = new Map<string, string>(), columns = new Map<string, OdfColumns>();
  for (const xml of parts) {
    let current: { parent: string | null; master?: string; css: Record<string, string> } | null = null, layout = '', band: 0 | 2 | null = null, style = '', open: OdfColumns | null = null;
    readXml(xml ?? '<x/>', {
      open(name, a) {
        if (name === 'style:style') { style = a['style:name'] ?? ''; current = { parent: a['style:parent-style-name'] ?? null, css: {}, ...(a['style:master-page-name'] ? { master: a['style:master-page-name'] } : {}) }; styles.set(a['style:name'] ?? '', current); }
        else if (name === 'style:default-style') { current = { parent: null, css: {} }; if (a['style:family'] === 'paragraph') styles.set(defaults, current); }
        else if (current && /^style:(text|paragraph)-properties$/.test(name)) for (const [k, v] of Object.entries(a)) current.css[k === 'fo:background-color' && name === 'style:paragraph-properties' ? 'paragraph-background' : k.replace(/^(fo|style|text):/, '').replace('font-name', 'font-family')] ??= v;
        else if (current && name === 'style:table-column-properties' && a['style:column-width']) current.css['column-width'] = a['style:column-width'];
        else if (current && name === 'style:table-cell-properties' && a['fo:background-color']) current.css['cell-background'] = a['fo:background-color'];
        else if (name === 'style:font-face') faces.set(a['style:name'] ?? '', (a['svg:font-family'] ?? '').replace(/^['"]|['"]$/g, ''));
        else if (name === 'style:page-layout') layout = a['style:name'] ?? '';
        else if (name === 'style:page-layout-properties' && a['fo:page-width']) layouts.set(layout, { widthPt: points(a['fo:page-width']) || 595.28, heightPt: points(a['fo:page-height']) || 841.89, marginsPt: ['top', 'right', 'bottom', 'left'].map((s) => points(a[`fo:margin-${s}`] ?? a['fo:margin']) || 56) as OdfPage['marginsPt'] });
        // Of a section, or of a page layout (16.19, 17.13, 17.14): where each column has edges of its own, the gap is what two of them leave.
        else if (name === 'style:columns' && Number(a['fo:column-count']) > 1) { open = { count: Number(a['fo:column-count']), gapPt: points(a['fo:column-gap']), ruled: false }; columns.set(current ? style : `layout ${layout}`, open); }
        else if (name === 'style:column-sep' && open) open.ruled = (a['style:style'] ?? 'solid') !== 'none' && points(a['style:width']) > 0;
        else if (name === 'style:column' && open) open.gapPt = Math.max(open.gapPt, points(a['fo:start-indent']) + points(a['fo:end-indent']));
        else if (name === 'style:header-style') band = 0;
        else if (name === 'style:footer-style') band = 2;
        // A page's margin ends at its header; the text begins below the header's own height (17.21, 20.215).
        else if (name === 'style:header-footer-properties' && band !== null) { const page = layouts.get(layout); if (page) page.marginsPt[band] += points(a['svg:height'] ?? a['fo:min-height']); }
        else if (name === 'style:master-page') { masters.set(a['style:name'] ?? '', a['style:page-layout-name'] ?? ''); if (a['style:next-style-name']) next.set(a['style:name'] ?? '', a['style:next-style-name']); }
      },
      close(name) { if (name === 'style:columns') open = null; if (/^style:(default-)?style$/.test(name)) current = null; if (name === 'style:header-style' || name === 'style:footer-style') band = null; },
    });
  }
  const known = new Map<string, OdfLook>();
  const resolve = (name: string): OdfLook => {
    const kept = known.get(name);
    if (kept) return kept;
    const look: Record<string, string> = { ...styles.get(defaults)?.css }, chain: Record<string, string>[] = [];
    for (let at: string | null = name, hops = 0; at && hops < 20; hops++) { const s = styles.get(at); if (!s) break; chain.unshift(s.css); at = s.parent; }
    for (const css of chain) {
      const size = /^([\d.]+)%$/.exec(css['font-size'] ?? ''), before = points(look['font-size']) || 12;
      Object.assign(look, ownColour(css), size ? { 'font-size': `${Math.round(before * Number(size[1])) / 100}pt` } : {});
    }
    known.set(name, look);
    return look;
  };
  const own = (name: string): OdfLook => { const chain: Record<string, string>[] = []; for (let at: string | null = name, hops = 0; at && hops < 20; hops++) { const s = styles.get(at); if (!s) break; chain.unshift(s.css); at = s.parent; } return Object.assign({}, ...chain.map(ownColour)) as OdfLook; };
  const comesFrom = (name: string, ancestor: string): boolean => { for (let at: string | null = name, hops = 0; at && hops < 20; hops++) { if (at === ancestor) return true; at = styles.get(at)?.parent ?? null; } return false; };
  return { resolve, own, startsPage: (name) => styles.get(name)?.master ?? '', pagesAfter: (master) => next.get(master) ?? master, comesFrom, columns: (name) => columns.get(name) ?? null, master: (name) => { const layout = masters.get(name) ?? masters.get('Standard') ?? ''; return { size: layouts.get(layout) ?? layouts.values().next().value ?? null, columns: columns.get(`layout ${layout}`) ?? null }; }, familyOf: (face) => faces.get(face) || face };
}
const defaults = '\u0000default';
/** A colour of its own ends what an ancestor said of the window's (20.385). */
const ownColour = (css: Record<string, string>): Record<string, string> => (css['color'] !== undefined ? { 'use-window-font-color': 'false', ...css } : css);

/** A length in points; 0 for what is none. Source: ODF 1.2-1, 18.3.18. */
export function points(length: string | undefined): number {
  const m = /^(-?[\d.]+)(cm|mm|in|pt|pc|px)$/.exec(length ?? '');
  if (!m) return 0;
  const unit: Record<string, number> = { cm: 28.3465, mm: 2.83465, in: 72, pt: 1, pc: 12, px: 0.75 };
  return Math.round(Number(m[1]) * unit[m[2]!]! * 100) / 100;
}
