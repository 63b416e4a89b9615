import { eachIn, firstIn, rewritten, says } from '../text/patterns.ts';

const box = /\[( |_|x|X|✓|✔)\]|\(( |x|X)\)(?= )|[☐□]|[☑☒✅]/gu;
const isTicked = (mark: string): boolean => /[xX✓✔☑☒✅]/u.test(mark);

const boxedLine = new RegExp(`^[ \\t]*(${box.source})[ \\t]*\\S.{0,60}$`, 'u');
/** What such a list stands under asks for all of it, whatever is ticked already. */
const toTickOff = /\bcheck-?\s?list\b|\bbefore (?:you|handing|submitting|uploading)\b|\bmake sure\b|\bremember\b|\bto-?do\b/i;

/** A question or a name, and below it each answer with a box on a line of its own: what is ticked goes on the line above, in as many letters. */
function inColumns(wording: string): string {
  const lines = wording.split('\n'), markOf = (line: string | undefined): string | null => firstIn(line ?? '', boxedLine)?.[1] ?? null;
  for (let head = 0; head < lines.length; head++) {
    if (!/[:?][ \t]*$/.test(lines[head]!) || says(lines[head]!, toTickOff) || markOf(lines[head]) !== null) continue;
    let end = head + 1;
    while (markOf(lines[end]) !== null) end++;
    const marks = lines.slice(head + 1, end).map((line) => markOf(line)!), ticked = marks.filter(isTicked).length;
    if (marks.length < 2 || ticked === 0 || ticked === marks.length) continue;
    let first = true;
    marks.forEach((mark, i) => {
      const line = lines[head + 1 + i]!, from = line.indexOf(mark);
      lines[head + 1 + i] = !isTicked(mark) ? '\u00a0'.repeat(line.length) : `${' '.repeat(from)}${(first ? ' ' : ',').padEnd(mark.length)}${line.slice(from + mark.length)}`;
      if (isTicked(mark)) first = false;
    });
    lines.splice(head, end - head, lines.slice(head, end).join(' '));
  }
  return lines.join('\n');
}

/** A form's lines without what is not ticked: “[x] PDF  [ ] Word” says PDF. Lines on which nothing is ticked are lists to tick off, and stay.
 * Lengths stay, since places are counted in the wording; what goes leaves blanks that part no columns. */
export function onlyTicked(wording: string): string {
  if (wording.search(box) < 0) return wording;
  // A box at the head of a line is a mark of a list.
  return inColumns(wording).split('\n').map((line) => rewritten(line, [/^([ \t]*(?:[-*•]\s*)?)\[[xX✓✔]\](?=[ \t]+\S[^[\]]*$)/, '$1 • '])).map((line) => {
    const boxes = [...eachIn(line, box)];
    if (!boxes.some((b) => isTicked(b[0])) || (boxes.length < 2 && !/[:|]/.test(line.slice(0, boxes[0]!.index)))) return line;
    return boxes.reduce((text, b, i) => {
      const next = boxes[i + 1]?.index ?? line.length, end = isTicked(b[0]) ? b.index + b[0].length : b.index + (/^.*?(?=\s*[|;]|\s{4,}\S[^:]*:|$)/.exec(line.slice(b.index, next))?.[0].length ?? 0);
      return text.slice(0, b.index) + '\u00a0'.repeat(end - b.index) + text.slice(end);
    }, line);
  }).join('\n');
}
