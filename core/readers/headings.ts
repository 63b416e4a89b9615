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

/** How characters stand out from the text. */
interface Emphasis { bold: boolean; underlined: boolean; size: number }
/** A paragraph, and whether all of its letters stand out. */
export interface LineLook { text: string; stands: boolean }
const emphasised = (own: Emphasis, name: string, value: string | undefined): Emphasis => (name === 'w:sz' ? { ...own, size: Number(value) || own.size } : { ...own, [name === 'w:b' ? 'bold' : 'underlined']: !/^(?:0|false|off|none)$/.test(value ?? '') });
const stands = (own: Emphasis, base: Emphasis): boolean => own.bold && !base.bold || own.underlined && !base.underlined || own.size >= base.size + 3;
/** The look of plain text, and of each paragraph style: the defaults, and what styles add on the way from the one they are based on (ECMA-376-1, 17.7.2, 17.7.5). */
function looksOf(styleSheet: string | null): { base: Emphasis; of: (style: string) => Emphasis } {
  let defaults: Emphasis = { bold: false, underlined: false, size: 20 }, id: string | null = null, usual: string | null = null, inDefaults = false;
  const styles = new Map<string, { on: string | null; adds: [string, string | undefined][] }>();
  if (styleSheet) readXml(styleSheet, {
    open(name, a) {
      if (name === 'w:rPrDefault') inDefaults = true;
      else if (name === 'w:style') { id = a['w:type'] === 'paragraph' ? a['w:styleId'] ?? null : null; if (id) styles.set(id, { on: null, adds: [] }); if (id && /^(?:1|true|on)$/.test(a['w:default'] ?? '')) usual = id; }
      else if (name === 'w:basedOn' && id) styles.get(id)!.on = a['w:val'] ?? null;
      else if (/^w:(?:b|u|sz)$/.test(name)) { if (inDefaults) defaults = emphasised(defaults, name, a['w:val']); else if (id) styles.get(id)!.adds.push([name, a['w:val']]); }
    },
    close(name) { if (name === 'w:rPrDefault') inDefaults = false; if (name === 'w:style') id = null; },
  });
  const of = (style: string | null, depth = 0): Emphasis => { const own = style === null || depth > 20 ? undefined : styles.get(style); return own ? own.adds.reduce((look, [name, value]) => emphasised(look, name, value), of(own.on, depth + 1)) : defaults; };
  return { base: of(usual), of: (style) => of(styles.has(style) ? style : usual) };
}
const longestHeading = 14;
/** Where no style marks headings, short lines that stand out by themselves above words that do not are meant as such; a paper has several of them. Common practice, no published source. */
export function headingsByLook(lines: readonly LineLook[]): HeadingFact[] {
  const isShort = (text: string): boolean => /\p{L}{2}/u.test(text) && countWords(text) <= longestHeading && !/[.;,]$/.test(text), found: HeadingFact[] = [];
  lines.forEach(({ text, stands: apart }, i) => {
    if (apart && isShort(text) && lines[i + 1]?.stands === false && countWords(lines[i + 1]!.text) >= 8) found.push({ text, level: 1, words: 0, byLook: true });
    else if (found.length > 0) found.at(-1)!.words += countWords(text);
  });
  return found.length > 1 ? found : [];
}

/** Headings of a word-processor body with the words that follow each. Tables, pictures and equations count as words: a section that holds one is not empty. */
export function headingsOfDocx(body: string, styleSheet: string | null): HeadingFact[] {
  const levels = headingStyles(styleSheet), headings: HeadingFact[] = [], lines: LineLook[] = [], { base, of: styled } = looksOf(styleSheet);
  let text = '', level: number | null = null, inText = false, inProperties = false, inRunProperties = false, tables = 0, plain = 0, style: Emphasis = base, run: Emphasis = base;
  readXml(body, {
    open(name, a) {
      if (name === 'w:p') { text = ''; level = null; plain = 0; style = run = base; }
      else if (name === 'w:tbl') tables++;
      else if (name === 'w:r') run = style;
      else if (name === 'w:rPr') inRunProperties = !inProperties;
      else if (inRunProperties && /^w:(?:b|u|sz)$/.test(name)) run = emphasised(run, name, a['w:val']);
      else if (name === 'w:pPr') inProperties = true;
      else if (name === 'w:pStyle' && inProperties) { style = styled(a['w:val'] ?? ''); level = levels.get(a['w:val'] ?? '') ?? (/^Heading([1-9])$/.exec(a['w:val'] ?? '')?.[1] ? Number(/([1-9])$/.exec(a['w:val']!)![1]) : level); }
      else if (name === 'w:outlineLvl' && inProperties && Number(a['w:val']) < 9) level = Number(a['w:val']) + 1;
      else if (name === 'w:t') inText = true;
      if (['w:drawing', 'w:pict', 'm:oMath', 'w:tbl', 'w:object'].includes(name) && headings.length > 0) headings[headings.length - 1]!.words++;
    },
    text(value) { if (!inText) return; text += value; if (!stands(run, base)) plain += value.trim().length; },
    close(name) {
      if (name === 'w:t') inText = false;
      if (name === 'w:rPr') inRunProperties = false;
      if (name === 'w:tbl') tables--;
      if (name === 'w:pPr') inProperties = false;
      if (name !== 'w:p') return;
      if (level !== null && text.trim()) headings.push({ text: text.trim(), level, words: 0 });
      else if (headings.length > 0) headings[headings.length - 1]!.words += countWords(text);
      if (text.trim()) lines.push({ text: text.trim(), stands: plain === 0 && tables === 0 });
      text = ''; level = null;
    },
  });
  return headings.length > 0 ? headings : headingsByLook(lines);
}

/** The same for OpenDocument text, whose headings say their level. Source: ODF 1.2-1, 5.1.2 (text:h). */
export function headingsOfOdt(content: string): HeadingFact[] {
  const headings: HeadingFact[] = [], lines: LineLook[] = [], bold = new Map<string, boolean>(), open: boolean[] = [];
  let text = '', depth = 0, level: number | null = null, named: string | null = null, tables = 0, plain = 0;
  readXml(content, {
    open(name, a) {
      if (name === 'style:style') named = a['style:name'] ?? null;
      else if (name === 'style:text-properties' && named !== null && a['fo:font-weight']) bold.set(named, /^(?:bold|[6-9]00)$/.test(a['fo:font-weight']));
      else if (name === 'table:table') tables++;
      if (/^text:(?:p|h|span)$/.test(name)) { if (name !== 'text:span') plain = 0; open.push(bold.get(a['text:style-name'] ?? '') ?? open.at(-1) ?? false); }
      if (name === 'text:h') { level = Number(a['text:outline-level'] ?? 1); text = ''; depth = 1; }
      else if (name === 'text:p') { if (depth === 0) text = ''; depth++; }
      else if (['draw:frame', 'table:table', 'math:math'].includes(name) && headings.length > 0) headings[headings.length - 1]!.words++;
    },
    text(value) { if (depth === 0) return; text += value; if (!open.at(-1)) plain += value.trim().length; },
    close(name) {
      if (/^text:(?:p|h|span)$/.test(name)) open.pop();
      if (name === 'table:table') tables--;
      if (name === 'text:h') { if (text.trim()) headings.push({ text: text.trim(), level: level ?? 1, words: 0 }); depth = 0; text = ''; }
      else if (name === 'text:p') { depth = Math.max(0, depth - 1); if (headings.length > 0) headings[headings.length - 1]!.words += countWords(text); if (text.trim()) lines.push({ text: text.trim(), stands: plain === 0 && tables === 0 }); text = ''; }
    },
  });
  return headings.length > 0 ? headings : headingsByLook(lines);
}
