import type { Around } from './around.ts';
import { entryKey } from './reference-list.ts';

/** How the entries of a numbered reference list are cited: in square or round brackets, or raised. */

const before = String.raw`(?:(?:[Ss]ee(?: also)?|[Cc]f\.?|e\.g\.,?|[Rr]efs?\.?|[Rr]eferences?|[Nn]os?\.)\s+)*`, list = String.raw`\d{1,3}(?:\s*[,;–-]\s*\d{1,3})*`, place = String.raw`(?:[,:]?\s*(?:(?:pp?|S|ch|sect?)\.?\s*)?\d[\d\s,–-]*)?`;
const square = new RegExp(String.raw`\[${before}(${list})(?:[,:\s][^\]]{0,40})?\]`, 'g');
/** Behind the passage, or behind the one who speaks: a number in brackets elsewhere counts something. */
const roundBehind = new RegExp(String.raw`^[.,”"’»]{0,2}\s*\(${before}(${list})${place}\)`), roundByName = new RegExp(String.raw`(?:\p{Lu}[\p{L}’'-]+|\bal\.?|colleagues|others)\s*\((${list})${place}\)`, 'gu');
const figures = '⁰¹²³⁴⁵⁶⁷⁸⁹';
/** Raised figures and the signs between them as plain ones. */
export const lowered = (text: string): string => text.replace(/[⁰¹²³⁴⁵⁶⁷⁸⁹]/g, (c) => String(figures.indexOf(c))).replaceAll('⁻', '-').replaceAll('˒', ',');
const raisedBehind = /(?<=[.,;:!?”"’)\]]|\p{Ll}{3})(\d{1,3}(?:[,–-]\d{1,3})*|[⁰¹²³⁴⁵⁶⁷⁸⁹]+(?:[,˒⁻–-][⁰¹²³⁴⁵⁶⁷⁸⁹]+)*)(?=[\s.,;:)]|$)/gu;

/** The numbers that stand with a passage. @param listed - whether the paper's reference list is numbered. @param noted - whether raised numbers lead to notes */
export function numbersWith({ lead, inside, follow }: Around, listed: boolean, noted: boolean): number[] {
  const [led, within, behind] = [lead, inside.slice(-120), follow].map(plain) as [string, string, string];
  const found = [...`${led} ${within} ${behind}`.replace(/\]\s*([,–-])\s*\[/g, '$1').matchAll(square)];
  if (listed) {
    const own = roundBehind.exec(behind);
    found.push(...(own ? [own] : []), ...[...led.matchAll(roundByName)].slice(-1));
    if (!noted) found.push(...`${within}${behind}`.matchAll(raisedBehind), ...[...led.matchAll(/(?<=\p{Lu}[\p{L}’'-]{2,30})([⁰¹²³⁴⁵⁶⁷⁸⁹]+)/gu)].slice(-1));
  }
  return found.flatMap((m) => spread(lowered(m[1]!)));
}
/** Marks of plain text: “\[3\]”, “<sup>3</sup>”, “^3”, “[^3]”. */
const plain = (text: string): string => text.replace(/\\([[\]])/g, '$1').replace(/<sup>\s*([\d,–-]{1,12})\s*<\/sup>|\^\{?([\d,–-]{1,12})\}?/g, (_, a?: string, b?: string) => ((a ?? b)!.replace(/\d/g, (d) => figures[Number(d)]!)));
const spread = (text: string): number[] => text.split(/[,;]/).flatMap((piece) => { const [from, to] = piece.split(/[–-]/).map(Number) as [number, number?]; return Array.from({ length: Math.min(60, Math.max(1, (to ?? from) - from + 1)) }, (_, i) => from + i); });

/** The keys in square brackets: “[BZ19]”, “[Hal04, p. 3; BZ19]”. */
export const keysIn = (text: string): string[] => [...text.matchAll(/\[([^\][\n]{3,80})\]/g)].flatMap((m) => m[1]!.match(new RegExp(`(?<![\\p{L}\\d])${entryKey}(?![\\p{L}\\d])`, 'gu')) ?? []);

/** The keys of plain text that is set by a program, a surname and a year: “\cite[4]{kessler2014canals, abel2001}”, “[see @kessler2014, p. 4]”. */
export const sourceKeysIn = (text: string): Array<{ surname: string; year: string }> => [...text.matchAll(/(?<![\p{L}\d.])@([\p{L}\d_:-]{5,60})|\\[a-zA-Z]{0,12}cite[a-z]{0,12}\*?(?:\[[^\]]{0,60}\]){0,2}\{([^}]{3,200})\}/gu)].flatMap((m) => (m[1] ?? m[2]!).split(',')).flatMap((key) => { const parts = /^\s*([\p{L}’'-]{2,40}?)[-_:]?((?:19|20)\d{2})/u.exec(key); return parts ? [{ surname: parts[1]!, year: parts[2]! }] : []; });
