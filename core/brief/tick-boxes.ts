const box = /\[( |_|x|X|✓|✔)\]|\(( |x|X)\)(?= )|[☐□]|[☑☒✅]/gu;
const isTicked = (mark: string): boolean => /[xX✓✔☑☒✅]/u.test(mark);

/** A form's lines without what is not ticked: “[x] PDF  [ ] Word” says PDF. Lines on which nothing is ticked are lists to tick off, and stay.
 * Lengths stay, since places are counted in the wording; what goes leaves blanks that part no columns. */
export function onlyTicked(wording: string): string {
  if (wording.search(box) < 0) return wording;
  return wording.split('\n').map((line) => {
    const boxes = [...line.matchAll(box)];
    if (!boxes.some((b) => isTicked(b[0])) || (boxes.length < 2 && !/[:|]/.test(line.slice(0, boxes[0]!.index)))) return line;
    return boxes.reduce((text, b, i) => {
      const next = boxes[i + 1]?.index ?? line.length, end = isTicked(b[0]) ? b.index + b[0].length : b.index + (/^.*?(?=\s*[|;]|\s{4,}\S[^:]*:|$)/.exec(line.slice(b.index, next))?.[0].length ?? 0);
      return text.slice(0, b.index) + '\u00a0'.repeat(end - b.index) + text.slice(end);
    }, line);
  }).join('\n');
}
