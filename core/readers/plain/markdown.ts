import { Marked } from 'marked';
import footnotes from 'marked-footnote';
import type { MetadataFact } from '../../model/facts.ts';

/** Fields between `---` lines at the head of a Markdown file. Common practice, no published source. */
export function splitFrontMatter(source: string): { body: string; fields: [string, string][] } {
  const m = /^\uFEFF?---[ \t]*\r?\n([\s\S]{0,20000}?)\r?\n(?:---|\.\.\.)[ \t]*(?:\r?\n|$)/.exec(source);
  if (!m || !/^\s*[\w-]+\s*:/m.test(m[1]!)) return { body: source, fields: [] };
  const fields = [...m[1]!.matchAll(/^[ \t]*-?[ \t]*([\w-]+)[ \t]*:[ \t]*(.+)$/gm)].map((f): [string, string] => [f[1]!, f[2]!.replace(/^["']|["']$/g, '').trim()]);
  return { body: source.slice(m[0].length), fields };
}
export const frontMatterFacts = (fields: [string, string][]): MetadataFact[] => fields.map(([key, value]) => ({
  part: `front-matter/${key}`, key, value, sort: /author|name|creator|student/i.test(key) ? 'author' : /title/i.test(key) ? 'title' : /date/i.test(key) ? 'dates' : /keyword|tag/i.test(key) ? 'keywords' : 'custom',
}));
const marked = new Marked({ gfm: true }).use(footnotes());
/** CommonMark with tables and footnotes (`[^1]`), as a web page's body. */
export const markdownToHtml = (body: string): string => marked.parse(body, { async: false });

/** Definitions of links that nothing refers to: they show nothing, and many write their notes into them (CommonMark 0.31, 4.7). */
export const unusedDefinitions = (body: string, html: string): string =>
  [...body.matchAll(/^ {0,3}\[[^\]\n]{1,300}\]: *(\S+)(?:[ \t]+["'(](.{1,1000})["')])?[ \t]*$/gm)].flatMap(([, address, title]) => [address!, title ?? '']).filter((said) => /\p{L}{2}/u.test(said) && !html.includes(said.replace(/&/g, '&amp;'))).join('\n');

/** Markdown strikes words out (`~~so~~`) to be seen, as one does by hand; it is no change that somebody has to accept. */
export const struckThrough = (html: string): string => html.replace(/(<\/?)del\b/g, '$1s');
