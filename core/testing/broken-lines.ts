/** Breaks prose at a width, as editors and mail programs do; rows of tables stay. */
export const brokenLines = (text: string, width: number): string => text.split('\n').map((line) => {
  if (/[\t|]|\S {3,}\S/.test(line)) return line;
  const out: string[] = [];
  let piece = /^\s*/.exec(line)![0];
  for (const word of line.trim().split(' ')) {
    if (piece.trim() && piece.length + word.length > width) { out.push(piece.trimEnd()); piece = ''; }
    piece += `${word} `;
  }
  return [...out, piece.trimEnd()].join('\n');
}).join('\n');
