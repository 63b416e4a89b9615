import { Parser } from 'htmlparser2';
import { escapeXml } from '../../engines/xml.ts';
import { emptyPage, type PageDescription } from '../page-description.ts';
import { linearMath } from '../../readers/mathml.ts';
import { formatNumber } from '../../styles/number-formats.ts';
import { outOfSight } from '../../readers/plain/html.ts';
import { pageStyles } from '../../readers/plain/page-styles.ts';
import { takeNotes } from '../../readers/plain/html-notes.ts';
import { fromBase64 } from '../../text/bytes.ts';
import { pictureSource } from '../picture.ts';
import { placesOf } from '../places.ts';

/** What a web page may keep: blocks, and marks within a line. Everything else gives only its text; scripts, styles and forms give nothing. */
const blocks = new Set(['p', 'div', 'section', 'article', 'header', 'footer', 'main', 'nav', 'aside', 'address', 'figure', 'figcaption', 'dl', 'dt', 'dd', 'details', 'summary', 'fieldset', 'caption', 'body', 'center']);
const inline: Readonly<Record<string, string>> = { b: 'b', strong: 'b', i: 'i', em: 'i', cite: 'i', dfn: 'i', var: 'i', u: 'u', ins: 'u', s: 's', strike: 's', sup: 'sup', sub: 'sub' };
/** What the style of an element says that a mark says as well. Source: CSS Fonts Level 4, 2.2 and 2.4; CSS Text Decoration Level 3, 2.1; CSS 2.2, 10.8. */
const stylesAsMarks: readonly (readonly [string, RegExp])[] = [['b', /\bfont-weight:\s*(?:bold|bolder|[6-9]00)\b/i], ['i', /\bfont-style:\s*(?:italic|oblique)\b/i], ['u', /\btext-decoration(?:-line)?:[^;]*\bunderline\b/i], ['s', /\btext-decoration(?:-line)?:[^;]*\bline-through\b/i], ['sup', /\bvertical-align:\s*super\b/i], ['sub', /\bvertical-align:\s*sub\b/i]];
/** Some programs put all of a page into `b` and say that it is not bold. */
const isPlain = /\bfont-weight:\s*(?:normal|[1-5]00)\b/i;
/** What the `type` of an ordered list counts with (HTML Living Standard, 4.4.5). */
const listFormats: Readonly<Record<string, string>> = { a: 'lowerLetter', A: 'upperLetter', i: 'lowerRoman', I: 'upperRoman' };
const dropped = new Set(['script', 'style', 'title', 'template', 'noscript', 'head', 'iframe', 'object', 'embed', 'canvas', 'audio', 'video', 'select', 'button', 'svg']);

/** Maps HTML to the dialect of the page description. Documents are never passed on as they are: only known elements with values made here come out. Source: HTML Living Standard, 4. */
export function mapHtmlSource(whole: string): PageDescription {
  const { source, notes } = takeNotes(whole), noteList: string[] = [], numbers = new Map<string, number>();
  const page = emptyPage();
  let out = '', line = '', skip = 0, pre = 0, quote = 0, math: string | null = null, inCell = 0;
  const open: string[] = [], lists: { ordered: boolean; count: number; step: 1 | -1; kind: string }[] = [], tag: { name: string; css: string }[] = [], /** direction and alignment as the elements around hand them down */ around: { rtl: boolean; align: string; /** nothing of it is shown */ unseen: boolean; /** opened for it */ marks: string[] }[] = [], styled = pageStyles(whole);
  const named = (attributes: string): string[] => [...source.matchAll(new RegExp(`\\b(?:${attributes})\\s*=\\s*["']([^"']+)["']`, 'gi'))].map((m) => m[1]!), places = placesOf(named('href').filter((h) => h.startsWith('#')).map((h) => h.slice(1)), named('id|name'));
  const lengths = /<ol\b[^>]*\breversed\b/i.test(source) ? lengthsOfLists(source) : [];
  let label = '', ordered = 0;
  const lose = (what: string): void => { if (!page.losses.includes(what)) page.losses.push(what); };
  /** Ends the paragraph that is being filled; marks that are still open go on in the next one. */
  const flush = (evenEmpty = false): void => {
    const closing = [...open].reverse().map((t) => `</${t.split(' ')[0]}>`).join(''), text = line;
    line = open.map((t) => `<${t}>`).join('');
    if (!/[^\s\u00a0]|<img|<span class="math"/.test(text.replace(/<(?!img|span class="math")[^>]*>/g, '')) && !(label && evenEmpty)) { line += (text.match(/<span id="place\d+"><\/span>/g) ?? []).join(''); return; }
    const here = tag.at(-1) ?? { name: 'p', css: '' }, indent = lists.length * 18 + quote * 28, space = inCell > 0 ? '' : 'margin-bottom:8pt;', { rtl, align } = around.at(-1) ?? { rtl: false, align: '' };
    out += `<${here.name} style="${space}${indent ? `margin-${rtl ? 'right' : 'left'}:${indent}pt;` : ''}${align ? `text-align:${align};` : ''}${label && !here.css.includes('text-indent') ? 'text-indent:-14pt;' : ''}${here.css}"${rtl ? ' dir="rtl"' : ''}>${label}${text.trim()}${closing}</${here.name}>`;
    label = '';
  };
  const unmark = (t: string): void => {
    const at = open.findLastIndex((o) => o.split(' ')[0] === t);
    if (at < 0) return;
    const after = open.splice(at).slice(1);
    line += [...after].reverse().map((o) => `</${o.split(' ')[0]}>`).join('') + `</${t}>`;
    for (const o of after) { open.push(o); line += `<${o}>`; }
  };
  const alignment = (a: Record<string, string>): string => /text-align:\s*(center|right|left|justify)/.exec(a.style ?? '')?.[1] ?? /^(?:center|right|left|justify)$/i.exec(a.align ?? '')?.[0].toLowerCase() ?? '';
  const parser = new Parser({
    onopentag(name, own) {
      const a = styled(name, own), outer = around.at(-1), unseen = outer?.unseen === true || name === 'del' || outOfSight(name, a);
      if (unseen) { if (!outer?.unseen) lose(name === 'del' ? 'tracked deletions are left out' : 'hidden text is left out'); }
      const marks = unseen ? [] : begin(name, a);
      const dir = a.dir?.toLowerCase() ?? /\bdirection:\s*(rtl|ltr)/.exec(a.style ?? '')?.[1];
      // A table does not hand down how the text around it is aligned.
      around.push({ unseen, marks, rtl: dir === 'rtl' || dir !== 'ltr' && outer?.rtl === true, align: name === 'table' ? '' : alignment(a) || (name === 'center' ? 'center' : outer?.align ?? '') });
    },
    ontext(text) {
      if (math !== null) { math += escapeXml(text); return; }
      if (skip > 0 || around.at(-1)?.unseen) return;
      line += pre > 0 ? escapeXml(text).replace(/ {2}/g, '&#160; ').replace(/\n/g, '<br/>') : escapeXml(text.replace(/[ \t\r\n]+/g, ' '));
    },
    onclosetag(name) {
      const here = around.at(-1);
      for (const t of [...here?.marks ?? []].reverse()) unmark(t.split(' ')[0]!);
      if (!here?.unseen) end(name);
      around.pop();
    },
  }, { decodeEntities: true });
  parser.write(source);
  parser.end();
  flush();
  page.body = out + (noteList.length > 0 ? `<hr/>${noteList.join('')}` : '');
  return page;

  /** @returns the marks that were opened, to be closed with the element */
  function begin(name: string, a: Record<string, string>): string[] {
    const marks: string[] = [], mark = (t: string): void => { open.push(t); line += `<${t}>`; marks.push(t); };
    if (name === 'note-ref') { refer(a['data-note'] ?? ''); return marks; }
    if (name === 'html' && a.lang) page.language = a.lang;
    if (name === 'math') { math = ''; }
    if (math !== null) { math += `<${name}>`; return marks; }
    if (dropped.has(name)) { skip++; if (/^(iframe|object|embed|canvas|audio|video|svg)$/.test(name)) lose('what is embedded from elsewhere is left out'); return marks; }
    if (skip > 0) return marks;
    if (/^h[1-6]$/.test(name)) { flush(); tag.push({ name, css: `font-weight:bold;font-size:${[18, 15, 13, 12, 12, 12][Number(name[1]) - 1]}pt;margin-top:10pt;` }); }
    else if (blocks.has(name)) { flush(); tag.push({ name: 'p', css: name === 'figcaption' || name === 'caption' ? 'font-style:italic;' : name === 'dt' ? 'font-weight:bold;' : '' }); }
    else if (name === 'blockquote') { flush(); quote++; tag.push({ name: 'p', css: '' }); }
    else if (name === 'pre') { flush(); pre++; tag.push({ name: 'p', css: 'font-family:monospace;font-size:10pt;' }); }
    else if (name === 'ul' || name === 'ol') { flush(true); const step = 'reversed' in a ? -1 : 1, length = name === 'ol' ? lengths[ordered++] ?? 0 : 0; lists.push({ ordered: name === 'ol', count: wholeNumber(a.start, step > 0 ? 1 : length) - step, step, kind: a.type ?? '1' }); }
    else if (name === 'li') {
      flush();
      const list = lists.at(-1);
      if (list) { list.count = wholeNumber(a.value, list.count + list.step); const text = list.ordered ? `${formatNumber(list.count, listFormats[list.kind] ?? 'decimal')}.` : '•'; label = `<span class="label" data-level="${lists.length - 1}">${text}&#8194;</span>`; if (list.ordered) page.generated.push(text); }
      tag.push({ name: 'p', css: list ? 'text-indent:-14pt;' : '' });
    } else if (name === 'br') line += '<br/>';
    else if (name === 'hr') { flush(); out += '<hr/>'; }
    else if (name === 'table') { flush(true); page.counts.tables++; out += '<table>'; }
    else if (name === 'tr') { flush(); out += '<tr>'; }
    else if (name === 'td' || name === 'th') {
      flush();
      const span = (k: string): number => Math.min(100, Math.max(1, Number(a[k]) || 1));
      out += `<td${name === 'th' ? ' data-head="1"' : ''}${span('colspan') > 1 ? ` colspan="${span('colspan')}"` : ''}${span('rowspan') > 1 ? ` rowspan="${span('rowspan')}"` : ''}>`;
      inCell++;
      tag.push({ name: 'p', css: name === 'th' ? 'font-weight:bold;' : '' });
    } else if (name === 'img') picture(a);
    else if (name === 'a' && /^(https?|mailto):/i.test(a.href ?? '')) mark(`a href="${escapeXml(a.href!)}"`);
    else if (name === 'a') { const inside = a.href?.startsWith('#') ? places.open(a.href.slice(1)) : null; mark(inside ? inside.slice(1, -1) : 'span'); }
    else if (name === 'code' || name === 'kbd' || name === 'samp' || name === 'tt') mark('span style="font-family:monospace"');
    else if (name === 'q') line += '“';
    else if (name === 'input' && a.type === 'checkbox') line += 'checked' in a ? '☑ ' : '☐ ';
    else if (inline[name] && !(inline[name] === 'b' && isPlain.test(a.style ?? ''))) mark(inline[name]);
    // A heading is bold already, and a link is shown as one.
    for (const [t, look] of stylesAsMarks) if (look.test(a.style ?? '') && !marks.includes(t) && !(t === 'b' && /^(?:h[1-6]|th|dt)$/.test(name)) && !(t === 'u' && name === 'a') && !/^(?:html|body|table|tr)$/.test(name)) mark(t);
    line += places.mark(a.id ?? (name === 'a' ? a.name ?? '' : ''));
    return marks;
  }
  function end(name: string): void {
    if (math !== null) {
      math += `</${name}>`;
      if (name !== 'math') return;
      const text = linearMath(math);
      math = null;
      if (text) { page.counts.equations++; line += `<span class="math">${escapeXml(text)}</span>`; }
      return;
    }
    if (dropped.has(name)) { skip = Math.max(0, skip - 1); return; }
    if (skip > 0) return;
    if (/^h[1-6]$/.test(name) || blocks.has(name) || name === 'li') { flush(name === 'li'); tag.pop(); }
    else if (name === 'blockquote') { flush(); tag.pop(); quote = Math.max(0, quote - 1); }
    else if (name === 'pre') { flush(); tag.pop(); pre = Math.max(0, pre - 1); }
    else if (name === 'ul' || name === 'ol') { flush(); lists.pop(); }
    else if (name === 'table') { flush(); out += '</table>'; }
    else if (name === 'tr') { flush(); out += '</tr>'; }
    else if (name === 'td' || name === 'th') { flush(); tag.pop(); inCell = Math.max(0, inCell - 1); out += '</td>'; }
    else if (name === 'q') line += '”';
  }

  /** A note is set where it is referred to first; a second reference repeats its number. */
  function refer(id: string): void {
    const html = notes.get(id), known = numbers.get(id);
    if (html === undefined || skip > 0) return;
    if (known !== undefined) { page.generated.push(String(known)); line += `<sup>${known}</sup>`; return; }
    const mark = ++page.counts.footnotes;
    numbers.set(id, mark);
    page.generated.push(String(mark), String(mark));
    line += `<sup data-note="${mark}">${mark}</sup>`;
    const note = mapHtmlSource(html);
    for (const kind of ['images', 'tables', 'equations'] as const) page.counts[kind] += note.counts[kind];
    page.generated.push(...note.generated);
    note.losses.forEach(lose);
    noteList.push(`<div class="note" data-note="${mark}"><p><sup>${mark}</sup> ${note.body.replace(/^<p[^>]*>/, '').replace(/<\/p>$/, '')}</p></div>`);
  }

  function picture(a: Record<string, string>): void {
    const data = /^data:image\/(?:png|jpe?g|gif|bmp);base64,([A-Za-z0-9+/=\s]+)$/.exec(a.src ?? '');
    const src = data && pictureSource(bytesOf(data[1]!));
    if (!src) { lose('a picture lies outside the file and does not come along'); return; }
    page.counts.images++;
    const width = Number(/^\d+/.exec(a.width ?? '')?.[0] ?? 0) * 0.75, height = Number(/^\d+/.exec(a.height ?? '')?.[0] ?? 0) * 0.75, most = page.widthPt - page.marginsPt[1] - page.marginsPt[3];
    line += `<img src="${src}"${a.alt ? ` alt="${escapeXml(a.alt)}"` : ''}${width > 0 && height > 0 ? ` style="width:${Math.min(width, most)}pt;height:${height * Math.min(1, most / width)}pt"` : ''}/>`;
  }
}

/** What cannot be decoded is nothing. */
function bytesOf(text: string): Uint8Array { try { return fromBase64(text.replace(/\s/g, '')); } catch { return new Uint8Array(); } }
/** An attribute's whole number, or else what stands where there is none. */
const wholeNumber = (value: string | undefined, otherwise: number): number => (/^\s*[+-]?\d{1,9}/.test(value ?? '') ? parseInt(value!, 10) : otherwise);
/** How many items each ordered list has, in the order in which they begin: one that counts down begins with that number. Source: HTML Living Standard, 4.4.5 (starting value). */
function lengthsOfLists(source: string): number[] {
  const lengths: number[] = [], open: (number | null)[] = [];
  const parser = new Parser({
    onopentag(name) { if (name === 'ol') open.push(lengths.push(0) - 1); else if (name === 'ul') open.push(null); else if (name === 'li') { const at = open.at(-1); if (at !== undefined && at !== null) lengths[at]!++; } },
    onclosetag(name) { if (name === 'ol' || name === 'ul') open.pop(); },
  });
  parser.write(source);
  parser.end();
  return lengths;
}
