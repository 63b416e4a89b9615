import { readXml } from '../../engines/xml.ts';

/** What stands on a page without being text. Sources: ECMA-376-1, 17.3.3.9, 17.3.3.19, 17.3.3.21, 22.1.2.77. */
const thing = new Set(['w:drawing', 'w:pict', 'w:object', 'm:oMath']);

/** Pages that stay empty because one page break follows another, or nothing follows the last one but an empty paragraph (ECMA-376-1, 17.3.3.1). Programs do not agree on a break before a
 * section or before a paragraph that begins a page itself (17.6.22, 17.3.1.23): these are not counted. @param xml - the main part of a word-processor file */
export function emptyPages(xml: string): number {
  let empty = 0, filled = true, behind = false, deleted = 0, fallback = 0, inText = false;
  const stack: string[] = [];
  readXml(xml, {
    open(name, a) {
      const parent = stack.at(-1);
      stack.push(name);
      if (fallback > 0 && name !== 'mc:Fallback') return;
      switch (name) {
        case 'mc:Fallback': fallback++; break;
        case 'w:del': case 'w:moveFrom': deleted++; break;
        case 'w:t': inText = deleted === 0; break;
        case 'w:p': behind = true; break;
        case 'w:sectPr': if (parent === 'w:pPr') filled = true; break;
        case 'w:br': if (a['w:type'] === 'page' && deleted === 0) { if (!filled) empty++; filled = behind = false; } break;
        default: if (thing.has(name)) filled = true;
      }
    },
    text(text) { if (inText && text.trim() !== '') filled = true; },
    close(name) {
      stack.pop();
      if (name === 'mc:Fallback') fallback--;
      else if (fallback === 0 && (name === 'w:del' || name === 'w:moveFrom')) deleted--;
      else if (name === 'w:t') inText = false;
    },
  });
  return !filled && behind ? empty + 1 : empty;
}
