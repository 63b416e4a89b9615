/** “format ...... PDF”: what stands before a row of dots names what stands behind it, as before a colon. A page number behind them is that of a table of contents;
 * several rows in a line part columns. @param least - dots of a row */
const leader = (least: number): RegExp => new RegExp(`^([ \\t]*\\p{L}[\\p{L}\\d ?'’/-]{0,28}?)(?:[ \\t]{0,3}(?:\\.{${least},}|\\.(?:[ \\t]\\.){3,}|…{2,}))(?=[ \\t]{0,8}(?!\\d{1,4}[ \\t]*$)[^\\s.])(?![^\\n]*\\.{4,})`, 'gmu');
const rows = leader(4), shortRows = leader(3);
/** The wording with its rows of dots as colons, and every letter of the rest in its place. It comes before lines are joined, as a row of small letters would be taken for the end of the
 * one above; rows of several columns are told apart with the other tables, in statements.ts. */
export function withoutLeaders(text: string): string {
  // Among others of a list, a row of three is one too.
  const listed = (text.match(rows)?.length ?? 0) >= 3;
  return text.replace(listed ? shortRows : rows, (whole, name: string) => `${name.replace(/\?\s*$/, (mark) => ' '.repeat(mark.length))}:`.padEnd(whole.length));
}
