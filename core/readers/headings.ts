import { readXml } from '../engines/xml.ts';
import type { HeadingFact } from '../model/facts.ts';
import { countWords } from '../text/words.ts';

/** Levels of the styles that are headings: by outline level, or by name. Source: ECMA-376-1, 17.3.1.20 (outlineLvl), 17.7.4.9 (style names). */
function headingStyles(styleSheet: string | null): Map<string, number> {
  const levels = new Map<string, number>();
  let id: string | null = null;
  if (styleSheet) readXml(styleSheet, { open(name, a) {
    if (name === 'w:style') id = a['w:styleId'] ?? null;
    else if (id && name === 'w:name') { const m = /^heading (\d)$/i.exec(a['w:val'] ?? ''); if (m) levels.set(id, Number(m[1])); }
    else if (id && name === 'w:outlineLvl' && Number(a['w:val']) < 9 && !levels.has(id)) levels.set(id, Number(a['w:val']) + 1);
  } });
  return levels;
}

/** Headings of a word-processor body with the words that follow each. Tables, pictures and equations count as words: a section that holds one is not empty. */
export function headingsOfDocx(body: string, styleSheet: string | null): HeadingFact[] {
  const levels = headingStyles(styleSheet), headings: HeadingFact[] = [];
  let text = '', level: number | null = null, inText = false, inProperties = false;
  readXml(body, {
    open(name, a) {
      if (name === 'w:p') { text = ''; level = null; }
      else if (name === 'w:pPr') inProperties = true;
      else if (name === 'w:pStyle' && inProperties) level = levels.get(a['w:val'] ?? '') ?? (/^Heading([1-9])$/.exec(a['w:val'] ?? '')?.[1] ? Number(/([1-9])$/.exec(a['w:val']!)![1]) : level);
      else if (name === 'w:outlineLvl' && inProperties && Number(a['w:val']) < 9) level = Number(a['w:val']) + 1;
      else if (name === 'w:t') inText = true;
      else if (['w:drawing', 'w:pict', 'm:oMath', 'w:tbl', 'w:object'].includes(name) && headings.length > 0) headings[headings.length - 1]!.words++;
    },
    text(value) { if (inText) text += value; },
    close(name) {
      if (name === 'w:t') inText = false;
      if (name === 'w:pPr') inProperties = false;
      if (name !== 'w:p') return;
      if (level !== null && text.trim()) headings.push({ text: text.trim(), level, words: 0 });
      else if (headings.length > 0) headings[headings.length - 1]!.words += countWords(text);
      text = ''; level = null;
    },
  });
  return headings;
}

/** The same for OpenDocument text, whose headings say their level. Source: ODF 1.2-1, 5.1.2 (text:h). */
export function headingsOfOdt(content: string): HeadingFact[] {
  const headings: HeadingFact[] = [];
  let text = '', depth = 0, level: number | null = null;
  readXml(content, {
    open(name, a) {
      if (name === 'text:h') { level = Number(a['text:outline-level'] ?? 1); text = ''; depth = 1; }
      else if (name === 'text:p') { if (depth === 0) text = ''; depth++; }
      else if (['draw:frame', 'table:table', 'math:math'].includes(name) && headings.length > 0) headings[headings.length - 1]!.words++;
    },
    text(value) { if (depth > 0) text += value; },
    close(name) {
      if (name === 'text:h') { if (text.trim()) headings.push({ text: text.trim(), level: level ?? 1, words: 0 }); depth = 0; text = ''; }
      else if (name === 'text:p') { depth = Math.max(0, depth - 1); if (headings.length > 0) headings[headings.length - 1]!.words += countWords(text); text = ''; }
    },
  });
  return headings;
}
