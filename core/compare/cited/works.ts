/** A work that a sentence names by its authors and year. */
export interface Work { surnames: string[]; years: string[]; from: number; to: number }

// Each name is taken whole: cut anywhere, a line of capitals could be read in more ways than there is time for.
const surname = String.raw`(?:[dDlL]['’])?\p{Lu}[\p{L}'’-]+`, year = String.raw`(?:(?:19|20)\d{2}[a-z]?|n\.\s?d\.|forthcoming|in press)`;
const work = new RegExp(String.raw`(${surname}(?:\s+\p{Lu}{1,3}(?=[,\s]))?(?:(?:\s*,\s*|\s*,?\s+(?:and|&|und|et|y|with)\s+|\s+et al\.?,?\s*)(?:\p{Lu}[\p{L}'’.-]*(?![\p{L}'’.-])\s*|colleagues|others|co-workers)*){0,4}),?\s*(?:[([]{0,2}|(?<=[([][^()[\]]{2,80})\.)\s*(${year}(?:\s*[,;]\s*${year}(?!\d))*)`, 'gu');

/** What stands before a year in a date names nobody. */
const dateStart = /^(?:January|February|March|April|May|June|July|August|September|October|November|December|Spring|Summer|Autumn|Winter)\s+(?:19|20)\d{2}/;

/** “(kessler, 2014)”: a surname in brackets may be written small. */
const smallName = new RegExp(String.raw`[([]\s*\p{Ll}[\p{L}'’-]+(?:(?:,|\s+(?:and|&))\s+\p{L}[\p{L}'’-]+|\s+et al\.?)?(?=,?\s+${year})`, 'gu');

/** “Kessler’s research (2014)”, “(Kessler’s figures, 2014)”, “Kessler’s study of 2014”. */
const owned = new RegExp(String.raw`(${surname}(?<=s)['’]|${surname}(?<=['’]s))(?:\s+\p{Ll}[\p{L}-]*){1,4}(?:,\s+|\s+\(\s*|\s+(?:of|from)\s+)(${year})`, 'gu');
/** “A book by Kessler from 2014”, “thus Kessler in 2014”. */
const placed = new RegExp(String.raw`(?<=\b(?:by|thus|so)\s+(?:\p{Lu}[\p{L}.]*\s+)?)(${surname})\s+(?:from|of|in|published in|writing in)\s+(${year})`, 'gu');

/** The works in a text, each with its authors' surnames and its years: “Kessler and Abel (2014)”, “(Kessler, 2010, 2014a)”, “Kessler’s 2014 study”. */
export const worksIn = (text: string): Work[] => [...text.replace(smallName, (start) => start.replace(/(?<![\p{L}'’-])(?!and\b|et\b|al\b)\p{Ll}/gu, (c) => c.toUpperCase())).matchAll(work), ...text.matchAll(owned), ...text.matchAll(placed)].filter((m) => !dateStart.test(m[0])).sort((a, b) => a.index - b.index).map((m) => ({
  surnames: (m[1]!.match(/(?:[dDlL]['’])?\p{Lu}[\p{L}'’-]+/gu) ?? []).map((s) => s.replace(/['’]s?$/, '')), years: m[2]!.match(new RegExp(year, 'gu')) ?? [], from: m.index, to: m.index + m[0].length,
}));

/** “Unlike Kessler (2014), Abel (2001) holds that”: the first is named to be set aside. */
const contrast = /\b(?:against|unlike|contrary to|in contrast (?:to|with)|as opposed to|in opposition to|pace|rather than|instead of|not)\s+$/i;

/** The works that a sentence ends with: of “Whereas Kessler (2014) speaks of roads, Abel (2001) and Zorn (2002) report that” the last two. */
export function lastWorks(text: string): Work[] {
  const works = worksIn(text), last: Work[] = [];
  for (const w of works.reverse()) { if (last[0] && (contrast.test(text.slice(0, w.from)) || !/^[)\]\s;,]*(?:(?:and|or|as well as|und|see|also|cf\.?|both|later|before (?:her|him|them))\b[\s,]*)*[([]?$/.test(text.slice(w.to, last[0].from)))) break; last.unshift(w); }
  return last;
}
