import { eachIn, says } from '../text/patterns.ts';

/** “One zip file containing”, “a zip archive with the following contents:” at the end of a line. */
const announces = /\b(?:zip(?:ped)?|archive)(?: (?:file|folder|archive|package))?(?:,? (?:which|that|it))?\s+(?:(?:must |should |has to |is to )?contain(?:s|ing)?|holding|comprising|(?:made up|consisting) of|with|including|of)\b[^\n.;]{0,40}:?[ \t]*$/gim;
const item = /^[ \t]*(?:[-*•–▪]|\(?(?:[a-h]|\d{1,2}|i{1,3}|iv|v)[.)])[ \t]+\S/i;
const indent = (line: string): number => /^[ \t]*/.exec(line)![0].length;

/** The lines of a list that stand under such an announcement: what goes into the one file, and is no document of its own. Offsets in the text; null where there is none. */
export function packedList(text: string): { start: number; end: number } | null {
  for (const m of eachIn(text, announces)) {
    const from = text.lastIndexOf('\n', m.index) + 1, own = text.slice(from, m.index), /** an item of a list itself: only what is set in under it goes into it */ within = says(`${own}${m[0]}`, item) ? indent(own) : -1;
    const start = m.index + m[0].length + 1;
    let end = start;
    while (end < text.length) {
      const at = text.indexOf('\n', end), line = text.slice(end, at < 0 ? text.length : at);
      if ((!says(line, item) || indent(line) <= within) && !(end === start && line.trim() === '')) break;
      end = at < 0 ? text.length : at + 1;
    }
    if (text.slice(start, end).trim() !== '') return { start, end };
  }
  return null;
}
