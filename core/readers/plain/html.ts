import { pageStyles } from './page-styles.ts';
import { Parser } from 'htmlparser2';
import { escapeXml } from '../../engines/xml.ts';
import { decodeText } from '../../text/bytes.ts';
import { countWords } from '../../text/words.ts';
import { read, type DocumentFacts, type FileFacts, type HeadingFact, type MetadataFact, type Passage, type PlaceKind } from '../../model/facts.ts';
import { frontMatterFacts, markdownToHtml, splitFrontMatter, struckThrough, unusedDefinitions } from './markdown.ts';
import { noteMark, noteName, takeNoteMarks } from '../note-marks.ts';
import { takeNotes } from './html-notes.ts';
import { linearMath } from '../mathml.ts';
import { cellSign, plainFacts, quoteSign, toParagraphs, withoutSigns } from './read.ts';

/** A web page: visible text, and what its head says about its author. Scripts are never run. */
export const readHtml = (bytes: Uint8Array, file: FileFacts): DocumentFacts => readHtmlSource(decodeText(bytes), file, []);
/** Markdown, read as what it is shown as; the fields at its head are metadata. */
export function readMarkdown(bytes: Uint8Array, file: FileFacts): DocumentFacts {
  const { body, fields } = splitFrontMatter(decodeText(bytes));
  const html = markdownToHtml(body), facts = readHtmlSource(struckThrough(html), file, frontMatterFacts(fields)), unused = unusedDefinitions(body, html);
  return unused && facts.passages.ok ? { ...facts, passages: { ...facts.passages, value: [...facts.passages.value, { part: 'markdown', place: 'hidden', page: null, text: unused }] } } : facts;
}
function readHtmlSource(source: string, file: FileFacts, more: MetadataFact[]): DocumentFacts {
  const taken = takeNotes(source), ids = [...taken.notes.keys()], page = htmlToText(taken.source, { marked: true, noteIndex: (id) => ids.indexOf(id) }), { text } = takeNoteMarks(withoutSigns(page.text)), count = (tag: RegExp): number => source.match(tag)?.length ?? 0;
  const apart = [...page.apart], notes = [...taken.notes.values()].map((html, i): Passage => { const own = htmlToText(html, { marked: true }); apart.push(...own.apart); return { part: 'html/note', place: 'footnote', page: null, text: own.text.replaceAll(quoteSign, ''), note: noteName(i) }; });
  return {
    ...plainFacts(file, [...toParagraphs(page.text), ...notes, ...apart], [...more, ...page.metadata], text, { images: count(/<img\b/gi), tables: count(/<table\b/gi), equations: count(/<math\b/gi), footnotes: ids.length }),
    headings: page.headings,
    remains: read({ comments: apart.filter((p) => p.place === 'comment').length, trackedChanges: page.changes, highlights: page.highlights, revisions: 0 }),
    integrity: apart.filter((p) => p.part === vanished).map((p) => ({ code: 'vanish', part: 'html', page: null, box: null, quote: p.text.trim().slice(0, 80), count: 1 })),
  };
}

const pointsOf = (m: RegExpExecArray | null): number => (m ? Number(m[1]) * { pt: 1, in: 72, cm: 28.35, mm: 2.835, px: 0.75 }[m[2]! as 'pt']! : 0);

/** Attributes that say how something looks or works, never who made it. Source: HTML Living Standard, index of attributes. */
const looks = /^(?:style|class|lang|dir|type|rel|charset|http-equiv|width|height|align|valign|colou?r|bgcolor|face|size|colspan|rowspan|media|role|tabindex|xmlns.*)$/;
/** Elements whose text is no text of the page. */
const unshown = new Set(['script', 'style', 'title', 'template', 'noscript']);
const startsLine = /^(p|div|br|li|tr|h[1-6]|section|article|table|ul|ol|blockquote|pre|hr|dt|dd|header|footer|main|nav|aside|address|figure|figcaption|caption|option)$/, endsLine = /^(p|div|li|tr|h[1-6]|table|blockquote|section)$/;
/** Comments that only tell one program how to show the page; nobody wrote them (common practice, no source). */
const conditional = /^\[if\b|^<!\[|^\s*\[?endif|^(?:Start|End)Fragment/i;
/** The part of text that its own style takes out of sight. Source: CSS 2.2, 9.2.4 (display), 11.2 (visibility); HTML Living Standard, 6.1 (hidden). */
export const vanished = 'html/vanished';
/** The whole of a page never is: a program shows it when it has made it ready. */
export const outOfSight = (name: string, a: Record<string, string>): boolean => !/^(?:html|body)$/.test(name) && ('hidden' in a || /\bdisplay:\s*none\b|\bvisibility:\s*hidden\b/i.test(a.style ?? ''));
/** A ground behind words that is neither white nor none. */
const marker = /\bbackground(?:-color)?:\s*(?!none|transparent|inherit|initial|white\b|#fff\b|#ffffff\b|rgb\(255,\s*255,\s*255\))(?:#|rgb|[a-z]+)/i;

export interface HtmlText {
  text: string; metadata: MetadataFact[];
  /** what stands apart from the text: comments, what is taken out or hidden, values of attributes */ apart: Passage[];
  /** insertions and deletions (HTML Living Standard, 4.7) */ changes: number; highlights: number;
  /** by their elements (HTML Living Standard, 4.3.6) */ headings: HeadingFact[];
}
/** @param marked - read as a paper: block quotations keep a sign at the beginning of each paragraph, and deletions and what is out of sight stand apart
 * @param noteIndex - which note a reference names; without it references give nothing */
export function htmlToText(source: string, { marked = false, noteIndex }: { marked?: boolean; noteIndex?: (id: string) => number } = {}): HtmlText {
  let text = '', skip = 0, quotes = 0, cells = 0, moved = false, math: string | null = null, changes = 0, highlights = 0;
  const metadata: MetadataFact[] = [], apart: Passage[] = [], heads: { level: number; from: number; to: number }[] = [];
  /** for each open element, where its text goes instead of into the page's, and whether it is lit up */ const open: { aside: Passage | null; lit: boolean }[] = [];
  const add = (value: string, place: PlaceKind = 'hidden', part = 'html'): Passage => { const passage: Passage = { part, place, page: null, text: value }; apart.push(passage); return passage; };
  const styled = marked ? pageStyles(source) : (_: string, own: Record<string, string>) => own;
  const parser = new Parser({
    onopentag(name, own) {
      const a = styled(name, own);
      if (name === 'math') math = '';
      if (math !== null) { math += `<${name}>`; return; }
      const around = open.at(-1), lit = marked && (name === 'mark' || (!/^(?:body|table|t[dhr]|tbody|div|html)$/.test(name) && marker.test(a.style ?? ''))), change = marked && (name === 'ins' || name === 'del');
      if (lit && !around?.lit) highlights++;
      if (change && !around?.aside) changes++;
      open.push({ aside: around?.aside ?? (!marked ? null : name === 'del' ? add('', 'deletedText', 'html/del') : outOfSight(name, a) ? add('', 'hidden', vanished) : null), lit: lit || around?.lit === true });
      if (unshown.has(name)) skip++;
      if (startsLine.test(name)) put('\n');
      if (/^h[1-6]$/.test(name)) heads.push({ level: Number(name[1]), from: text.length, to: -1 });
      if (name === 'blockquote') quotes++;
      // Word processors write a quotation set as a block as a paragraph with a wide margin.
      if (name === 'p') moved = pointsOf(/\bmargin-left:\s*([\d.]+)(pt|in|cm|mm|px)/.exec(a.style ?? '')) >= 18;
      if (name === 'note-ref' && noteIndex) { const index = noteIndex(a['data-note'] ?? ''); if (index >= 0) put(noteMark(index)); return; }
      if (name === 'td' || name === 'th') { put('\t'); cells++; }
      // Some vocabularies name a property in place of a name (RDFa 1.1; HTML, microdata).
      const called = a.name ?? a.property ?? a.itemprop ?? a['http-equiv'];
      if (name === 'meta' && called && a.content) {
        const sort = /author|creator|owner/i.test(called) ? 'author' : /generator/i.test(called) ? 'software' : /date|modified|created/i.test(called) ? 'dates' : 'custom';
        metadata.push({ part: `meta/${called}`, key: called, value: a.content, sort });
      }
      if (name !== 'meta') for (const [key, value] of Object.entries(own)) if (!looks.test(key) && value.length > 1 && value.length < 4000) add(value, change ? 'trackedChange' : 'hidden', change ? `html/${name}` : 'html');
    },
    ontext(value) {
      if (math !== null) math += escapeXml(value);
      else if (skip > 0) add(value);
      else put(`${marked && cells > 0 && /\S/.test(value) && (text === '' || /[\n\t]$/.test(text)) ? cellSign : marked && (quotes > 0 || moved) && /\S/.test(value) && /(?:^|\n)\s*$/.test(text) ? quoteSign : ''}${value.replace(/[ \t\r\n]+/g, ' ')}`);
    },
    oncomment(value) { if (conditional.test(value)) add(value); else add(value, 'comment', 'html/comment'); },
    onclosetag(name) {
      if (math !== null) { math += `</${name}>`; if (name === 'math') { put(linearMath(math)); math = null; } return; }
      if (unshown.has(name)) skip = Math.max(0, skip - 1);
      if (/^h[1-6]$/.test(name) && heads.at(-1)?.to === -1) heads.at(-1)!.to = text.length;
      if (name === 'blockquote') quotes = Math.max(0, quotes - 1);
      if (name === 'p') moved = false;
      if (name === 'td' || name === 'th') cells = Math.max(0, cells - 1);
      if (endsLine.test(name)) put('\n');
      open.pop();
    },
  }, { decodeEntities: true });
  parser.write(source);
  parser.end();
  const said = (from: number, to: number): string => takeNoteMarks(withoutSigns(text.slice(from, to))).text.replace(/\s+/g, ' ').trim();
  const headings = heads.flatMap(({ level, from, to }, i): HeadingFact[] => { const words = to < 0 ? '' : said(from, to); return words ? [{ text: words, level, words: countWords(said(to, heads[i + 1]?.from ?? text.length)) }] : []; });
  return { headings, text: text.replace(/[ \t]*\n[ \t]*/g, '\n').replace(/\n{3,}/g, '\n\n').trim(), metadata, apart: apart.filter((p) => p.text.trim()), changes, highlights };

  function put(value: string): void { const aside = open.at(-1)?.aside; if (aside) aside.text += withoutSigns(value); else text += value; }
}
