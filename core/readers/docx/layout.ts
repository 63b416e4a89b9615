import { readXml } from '../../engines/xml.ts';
import type { LayoutFacts } from '../../model/facts.ts';
import { applyProperty, readStyles, type Look } from '../../styles/docx.ts';

/** The layout that most characters of a body have by their effective style. Null where there is too little text. */
export function layoutOfBody(xml: string, styleSheet: string | null): LayoutFacts | null {
  const styles = readStyles(styleSheet), base: Look = { ...styles.defaults, ...styles.resolve(styles.defaultParagraph) };
  const sizes = new Map<number, number>(), fonts = new Map<string, number>(), spacings = new Map<number, number>();
  const count = <T>(map: Map<T, number>, key: T | undefined, n: number): void => { if (key !== undefined) map.set(key, (map.get(key) ?? 0) + n); };
  let paragraph: Look = base, own: Look = {}, run: Look = {}, inRun = false, inProperties = false, inText = false, margins: LayoutFacts['marginsMm'] = null, characters = 0;
  const mm = (twips: string | undefined): number => Math.round((Math.abs(Number(twips ?? 1440)) / 1440) * 254) / 10;
  readXml(xml, {
    open(name, a) {
      if (name === 'w:p') { paragraph = base; own = {}; }
      else if (name === 'w:pPr') inProperties = true;
      else if (name === 'w:pStyle' && inProperties) paragraph = { ...base, ...styles.resolve(a['w:val'] ?? null) };
      else if (name === 'w:r') { run = {}; inRun = true; }
      else if (name === 'w:t') inText = true;
      else if (name === 'w:pgMar') margins = { left: mm(a['w:left']), right: mm(a['w:right']), top: mm(a['w:top']), bottom: mm(a['w:bottom']) };
      else if (inProperties) applyProperty(own, name, a);
      else if (inRun && !inText) applyProperty(run, name, a);
    },
    text(value) {
      if (!inText) return;
      const look = { ...paragraph, ...own, ...run }, n = value.length;
      characters += n;
      count(sizes, look.size ?? 10, n);
      count(fonts, look.font, n);
      count(spacings, look.line ?? 1, n);
    },
    close(name) { if (name === 'w:pPr') inProperties = false; if (name === 'w:r') inRun = false; if (name === 'w:t') inText = false; },
  });
  if (characters < 200) return null;
  const order = <T>(map: Map<T, number>): [T, number][] => [...map].sort((a, b) => b[1] - a[1]), bySize = order(sizes);
  return {
    source: 'style', sizePt: bySize[0]![0], otherSizes: bySize.slice(1).filter(([, n]) => n > characters * 0.01).map(([s]) => s).slice(0, 6), fonts: order(fonts).slice(0, 6).map(([name, n]) => ({ name, share: Math.round((n / characters) * 1000) / 1000 })),
    lineSpacing: Math.round((order(spacings)[0]?.[0] ?? 1) * 100) / 100, marginsMm: margins,
  };
}
