import { readXml } from '../../engines/xml.ts';
import type { LayoutFacts } from '../../model/facts.ts';
import { LayoutTally } from '../layout-tally.ts';
import { applyProperty, readStyles, type Look } from '../../styles/docx.ts';

/** The layout that most characters of a body have by their effective style. Null where there is too little text. */
export function layoutOfBody(xml: string, styleSheet: string | null): LayoutFacts | null {
  const styles = readStyles(styleSheet), base: Look = { ...styles.defaults, ...styles.resolve(styles.defaultParagraph) };
  const tally = new LayoutTally();
  let paragraph: Look = base, own: Look = {}, run: Look = {}, inRun = false, inProperties = false, inText = false, margins: LayoutFacts['marginsMm'] = null;
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
      const look = { ...paragraph, ...own, ...run };
      tally.add(value.length, { size: look.size ?? 10, font: look.font, spacing: look.line ?? 1 });
    },
    close(name) { if (name === 'w:pPr') inProperties = false; if (name === 'w:r') inRun = false; if (name === 'w:t') inText = false; },
  });
  return tally.facts(margins);
}
