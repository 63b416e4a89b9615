import { unescapeXml } from '../engines/xml.ts';
import type { MupdfModule } from '../engines/pdf.ts';
import { familyOf, type PageDescription } from './page-description.ts';

const labelled = /<(?:p|h[1-6])\b[^>]*?style="([^"]*text-indent:-[\d.]+pt[^"]*)"[^>]*>(?:<(?:a|span)\b[^>]*><\/(?:a|span)>)*<span class="label"[^>]*>([^<]*?)&#8194;<\/span>/g, wideSpace = '&#8194;</span>';
/** The faces that the engine sets a family in, plain and bold; their own metrics say how wide a label and a space are. */
const faces = { serif: ['Times-Roman', 'Times-Bold'], 'sans-serif': ['Helvetica', 'Helvetica-Bold'], monospace: ['Courier', 'Courier-Bold'] } as const;

/** Fills the room between a list label and its words, so that the words of the first line begin where those of the next lines do. A label that is wider than its
 * hanging indent keeps the space it has: so do word processors that have no stop to go to. */
export function hangLabels(mupdf: MupdfModule, body: string, page: Pick<PageDescription, 'baseFont' | 'baseSizePt'>): string {
  if (!body.includes('class="label"')) return body;
  const widths = new Map<string, number>(), fonts = new Map<string, InstanceType<MupdfModule['Font']>>();
  const width = (name: string, text: string): number => {
    const key = `${name} ${text}`, known = widths.get(key);
    if (known !== undefined) return known;
    const font = fonts.get(name) ?? new mupdf.Font(name);
    fonts.set(name, font);
    const sum = [...text].reduce((all, c) => all + font.advanceGlyph(font.encodeCharacter(c.codePointAt(0)!)), 0);
    widths.set(key, sum);
    return sum;
  };
  try {
    return body.replace(labelled, (whole, css: string, label: string) => {
      const size = Number(/font-size:([\d.]+)pt/.exec(css)?.[1] ?? page.baseSizePt), family = /font-family:([^;"]+)/.exec(css)?.[1];
      const name = faces[family && family in faces ? family as keyof typeof faces : family ? familyOf(family) : page.baseFont][/font-weight:bold/.test(css) ? 1 : 0];
      const gap = Number(/text-indent:-([\d.]+)pt/.exec(css)![1]) - width(name, unescapeXml(label)) * size, space = width(name, '\u00a0') * size;
      if (gap < space / 2) return whole;
      const times = Math.floor(gap / space + 0.001), rest = gap - times * space;
      return `${whole.slice(0, -wideSpace.length)}${'&#160;'.repeat(times)}${rest > 0.1 ? `<span style="font-size:${(rest / space * size).toFixed(2)}pt">&#160;</span>` : ''}</span>`;
    });
  } finally { for (const font of fonts.values()) font.destroy(); }
}
