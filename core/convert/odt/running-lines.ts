import { readXml } from '../../engines/xml.ts';
import type { PageDescription } from '../page-description.ts';

interface Master { name: string; next: string | null; head: string; foot: string; firstHead: string; firstFoot: string; firstDiffers: boolean }

/** Header and footer of an OpenDocument text, each as one line; page fields become marks. Source: ODF 1.2-1, 16.9 (master pages), 7.3.3 (page number), 7.5.18 (page count).
 * @param start - the page style that the first paragraph asks for; where another one follows it, the first page is one of its own */
export function runningLines(xml: string, start: string): Pick<PageDescription, 'head' | 'foot' | 'firstPageDiffers' | 'firstHead' | 'firstFoot'> {
  const masters: Master[] = [];
  let master: Master | null = null, part: 'head' | 'foot' | 'firstHead' | 'firstFoot' | null = null, line = '', inParagraph = 0;
  readXml(xml, {
    open(name, a) {
      if (name === 'style:master-page') { master = { name: a['style:name'] ?? '', next: a['style:next-style-name'] ?? null, head: '', foot: '', firstHead: '', firstFoot: '', firstDiffers: false }; masters.push(master); }
      else if (name === 'style:header' || name === 'style:footer') { if (a['style:display'] !== 'false') { part = name === 'style:header' ? 'head' : 'foot'; line = ''; } }
      // Some programs keep a first page's own header beside the ordinary one.
      else if (/^(?:loext|style):(?:header|footer)-first$/.test(name) && master && a['style:display'] !== 'false') { master.firstDiffers = true; part = /header/.test(name) ? 'firstHead' : 'firstFoot'; line = ''; }
      if (!part) return;
      if (name === 'text:p' || name === 'text:h') { if (line) line += '   '; inParagraph++; }
      else if (name === 'text:page-number') { line += '\u0001'; inParagraph = -inParagraph; }
      else if (name === 'text:page-count') { line += '\u0002'; inParagraph = -inParagraph; }
      else if (name === 'text:tab') line += '   ';
      else if (name === 'text:s') line += ' ';
    },
    // A field's stored number is that of one page only.
    text(text) { if (part && inParagraph > 0) line += text.replace(/[\r\n\t ]+/g, ' '); },
    close(name) {
      if (!part) return;
      if (name === 'text:p' || name === 'text:h') inParagraph--;
      else if (name === 'text:page-number' || name === 'text:page-count') inParagraph = -inParagraph;
      else if (/^(?:loext|style):(?:header|footer)(?:-first)?$/.test(name)) { if (master) master[part] = line.replace(/\s{4,}/g, '   ').trim(); part = null; }
    },
  });
  const first = masters.find((m) => m.name === (start || 'Standard')) ?? masters[0], after = first?.next ? masters.find((m) => m.name === first.next) : undefined;
  const rest = after && after !== first ? after : first;
  return { head: rest?.head ?? '', foot: rest?.foot ?? '', firstPageDiffers: rest !== first || !!rest?.firstDiffers, firstHead: (rest === first ? rest?.firstHead : first?.head) ?? '', firstFoot: (rest === first ? rest?.firstFoot : first?.foot) ?? '' };
}
