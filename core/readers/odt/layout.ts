import { readXml } from '../../engines/xml.ts';
import type { LayoutFacts } from '../../model/facts.ts';
import { points, readOdfStyles, type OdfLook } from '../../styles/odf.ts';
import { LayoutTally } from '../layout-tally.ts';

/** The layout that most characters of an OpenDocument text have by their effective style: defaults, parents, automatic style, span. Null where there is too little text.
 * Source: ODF 1.2-1, 16.2; line height in per cent of the face's own (20.197). */
export function layoutOfOdt(content: string, styleSheet: string | null): LayoutFacts | null {
  const styles = readOdfStyles([styleSheet, content]), tally = new LayoutTally(), stack: { name: string; look: OdfLook }[] = [];
  let outside = 0;
  readXml(content, {
    open(name, a) {
      if (skipped.has(name)) outside++;
      const above = stack[stack.length - 1]?.look ?? {};
      if (name === 'text:p' || name === 'text:h') stack.push({ name, look: styles.resolve(a['text:style-name'] ?? 'Standard') });
      else if (name === 'text:span') { const own = styles.resolve(a['text:style-name'] ?? ''), base = styles.resolve('\u0000'); stack.push({ name, look: { ...above, ...Object.fromEntries(Object.entries(own).filter(([k, v]) => v !== base[k])) } }); }
    },
    text(value) {
      const look = stack[stack.length - 1]?.look;
      if (!look || outside > 0 || !value.trim()) return;
      const height = look['line-height'] ?? '', size = points(look['font-size']) || 12;
      tally.add(value.length, { size, font: look['font-family'] === undefined ? undefined : styles.familyOf(look['font-family']), spacing: /%$/.test(height) ? parseFloat(height) / 100 : points(height) > 0 ? points(height) / (size * 1.15) : 1 });
    },
    close(name) {
      if (skipped.has(name)) outside--;
      if (stack[stack.length - 1]?.name === name && (name === 'text:p' || name === 'text:h' || name === 'text:span')) stack.pop();
    },
  });
  const mm = (pt: number): number => Math.round((pt / 72) * 254) / 10, page = styles.master('Standard').size;
  return tally.facts(page ? { left: mm(page.marginsPt[3]), right: mm(page.marginsPt[1]), top: mm(page.marginsPt[0]), bottom: mm(page.marginsPt[2]) } : null);
}
/** What is no running text. */
const skipped = new Set(['text:tracked-changes', 'office:annotation', 'text:note']);
