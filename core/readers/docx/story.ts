import { signOf } from '../../tables/symbol-fonts.ts';
import { localName, readXml, type Attributes } from '../../engines/xml.ts';
import type { Passage, PlaceKind } from '../../model/facts.ts';
import { sectionStarts } from '../sections.ts';

/** What one story part (body, header, notes, comments…) holds. Source: ECMA-376-1, 17. */
export interface Story {
  passages: Passage[];
  /** words of the main flow, line breaks between paragraphs; deleted and hidden text apart */
  text: string;
  fonts: Set<string>; images: number; tables: number; equations: number; trackedChanges: number; comments: number; highlights: number;
  relations: string[]; paragraphs: number; footnotes: number;
  /** where the XML breaks off, if it does */
  problem: string | null;
}

interface Run { hidden: boolean; deleted: boolean }

/** What a story asks of its styles: whether one hides its words, moves them in as a block, begins a page. */
export interface StyleAnswers { hides(style: string): boolean; setsApart(style: string): boolean; startsPage(style: string): boolean }
const plainStyles: StyleAnswers = { hides: () => false, setsApart: () => false, startsPage: () => false };

/** Elements whose text is read by a rule. Sources: ECMA-376-1, 17.3.3.31, 17.16.23, 21.1.2.3.11, 22.1.2.116. */
export const wordsOfStories: ReadonlySet<string> = new Set(['w:t', 'w:delText', 'w:instrText', 'w:delInstrText', 'm:t', 'a:t']);

/** Reads one story. @param place - what its plain text counts as (running head, footnote, comment…) */
export function readStory(xml: string, part: string, place: PlaceKind, { hides, setsApart, startsPage }: StyleAnswers = plainStyles): Story {
  const story: Story = { passages: [], text: '', fonts: new Set(), images: 0, tables: 0, equations: 0, trackedChanges: 0, comments: 0, highlights: 0, relations: [], paragraphs: 0, footnotes: 0, problem: null };
  const stack: string[] = [];
  /** Paragraphs nest: a text box sits inside a run of another paragraph. */
  let dropped = '';
  const paragraphs: { newPage: boolean; /** what follows begins a page */ endsPage: boolean; drop: boolean; hides: boolean; text: string; deleted: string; hidden: string; box: boolean; indented: boolean; numbered: boolean; notes: { at: number; note: string }[] }[] = [];
  /** the note that is being read */
  let note: string | undefined;
  let run: Run = { hidden: false, deleted: false };
  let deletedDepth = 0, boxDepth = 0, tableDepth = 0, fallbackDepth = 0, section: Passage['section'];
  /** what text boxes say that are seen */
  const boxed = new Set<string>();
  /** what stands over words; the fields that are open: whether their result has begun */
  const annotations: string[] = [], fields: boolean[] = [];
  let drawn = '', instruction = '', mathDepth = 0, inText = false, /** the next words begin a page */ turned = false, inAnnotation = false;
  const push = (text: string, where: PlaceKind, authorLike = false): void => { if (/[\p{L}\p{N}]/u.test(text)) story.passages.push({ part, place: where, page: null, text, authorLike, section: where === place ? section : undefined, ...(tableDepth > 0 ? { inTable: true } : {}) }); };
  const value = (a: Attributes): string => a['w:val'] ?? '';
  const on = (a: Attributes): boolean => !/^(0|false|off)$/i.test(a['w:val'] ?? 'true');
  story.problem = readXml(xml, {
    open(name, a) {
      stack.push(name);
      switch (name) {
        // A large first letter is a paragraph of its own in the file and the beginning of the next one on the page (17.3.1.11).
        case 'w:framePr': { const p = paragraphs[paragraphs.length - 1]; if (p && (a['w:dropCap'] === 'drop' || a['w:dropCap'] === 'margin')) p.drop = true; break; }
        case 'w:p': paragraphs.push({ newPage: false, endsPage: false, drop: false, hides: false, text: '', deleted: '', hidden: '', box: boxDepth > 0, indented: false, numbered: false, notes: [] }); story.paragraphs++; break;
        case 'w:pStyle': { const p = paragraphs[paragraphs.length - 1]; if (p) p.hides = hides(value(a)); if (p && startsPage(value(a))) p.newPage = true; if (p && (/quot|block|zitat|citation(?!s)/i.test(value(a)) || setsApart(value(a)))) p.indented = true; break; }
        case 'w:ind': { const p = paragraphs[paragraphs.length - 1]; if (p && Number(a['w:left'] ?? a['w:start'] ?? 0) >= 360 && a['w:hanging'] === undefined) p.indented = true; break; }
        case 'w:numPr': { const p = paragraphs[paragraphs.length - 1]; if (p) p.numbered = true; break; }
        case 'w:rStyle': if (stack[stack.length - 3] === 'w:r' && hides(value(a))) run.hidden = true; break;
        case 'w:r': case 'm:r': run = { hidden: paragraphs[paragraphs.length - 1]?.hides ?? false, deleted: deletedDepth > 0 }; break;
        case 'w:vanish': case 'w:specVanish': if (/^[wm]:r$/.test(stack[stack.length - 3] ?? '')) run.hidden = on(a); break;
        case 'w:t': case 'w:delText': case 'w:instrText': case 'w:delInstrText': case 'm:t': case 'a:t': inText = true; if (name === 'w:delText') run.deleted = true; break;
        case 'w:tab': if (stack.includes('w:r')) append('\t'); break;
        case 'w:pageBreakBefore': { const p = paragraphs[paragraphs.length - 1]; if (p && stack[stack.length - 2] === 'w:pPr') p.newPage = on(a); break; }
        case 'w:sectPr': { const p = paragraphs[paragraphs.length - 1]; if (p && stack[stack.length - 2] === 'w:pPr') p.endsPage = true; break; }
        case 'w:type': { const p = paragraphs[paragraphs.length - 1]; if (p && stack[stack.length - 2] === 'w:sectPr' && /^(?:continuous|nextColumn)$/.test(value(a))) p.endsPage = false; break; }
        case 'w:lastRenderedPageBreak': turnPage(); break;
        case 'w:br': case 'w:cr': if (a['w:type'] === 'page') turnPage(); append('\n'); break;
        case 'w:noBreakHyphen': append('-'); break;
        case 'w:softHyphen': append('\u00ad'); break;
        case 'w:del': case 'w:moveFrom': deletedDepth++; noteChange(a); break;
        case 'w:ins': case 'w:moveTo': case 'w:rPrChange': case 'w:pPrChange': case 'w:tblPrChange': case 'w:sectPrChange': case 'w:trPrChange': case 'w:tcPrChange': case 'w:numberingChange': case 'w:cellIns': case 'w:cellDel': noteChange(a); break;
        case 'w:comment':
          story.comments++;
          push(a['w:author'] ?? '', 'comment', true);
          push(a['w:initials'] ?? '', 'comment', true);
          break;
        case 'w:txbxContent': boxDepth++; break;
        // A drawing's words that no paragraph of the text holds (21.1.2.2.6).
        case 'a:p': drawn = ''; break;
        case 'w:rt': annotations.push(''); inAnnotation = true; break;
        case 'w:fldChar': turnField(a['w:fldCharType'] ?? ''); break;
        case 'w:sym': append(signOf(a['w:font'], Number.parseInt(a['w:char'] ?? '', 16))); break;
        case 'mc:Fallback': fallbackDepth++; break;
        case 'w:highlight': if (a['w:val'] !== 'none') story.highlights++; break;
        case 'w:rFonts': for (const k of ['w:ascii', 'w:hAnsi', 'w:cs', 'w:eastAsia']) if (a[k]) story.fonts.add(a[k]!); break;
        case 'w:tbl': tableDepth++; if (fallbackDepth === 0) story.tables++; break;
        case 'pic:pic': if (fallbackDepth === 0) story.images++; break;
        case 'v:imagedata': if (fallbackDepth === 0) story.images++; push(a['o:title'] ?? '', /[\\/]/.test(a['o:title'] ?? '') ? 'path' : 'altText'); break;
        case 'm:oMath': if (mathDepth++ === 0 && fallbackDepth === 0) story.equations++; break;
        case 'w:footnote': case 'w:endnote': note = `${name.slice(2)}/${a['w:id'] ?? ''}`; break;
        case 'w:footnoteReference': case 'w:endnoteReference': { story.footnotes++; const p = paragraphs[paragraphs.length - 1]; if (p && !run.deleted && deletedDepth === 0) p.notes.push({ at: p.text.length, note: `${name.slice(2, -9)}/${a['w:id'] ?? ''}` }); break; }
        case 'wp:docPr': case 'pic:cNvPr': case 'v:shape': case 'wps:cNvPr':
          for (const k of ['descr', 'title', 'alt', 'name', 'o:title']) if (a[k] && !/^(Picture|Image|Grafik|Text Box|Shape|Group|Table|Chart)\s*\d*$/i.test(a[k]!)) push(a[k]!, /[\\/]/.test(a[k]!) ? 'path' : 'altText');
          break;
        case 'v:textpath': push(a.string ?? '', place === 'text' ? 'textbox' : place); break;
        case 'w:alias': case 'w:tag': case 'w:placeholder': push(value(a), 'field'); break;
        case 'w:fldSimple': push(a['w:instr'] ?? '', 'field'); break;
        case 'w:bookmarkStart': if (!/^_/.test(a['w:name'] ?? '')) push(a['w:name'] ?? '', 'outline'); break;
        case 'w:hyperlink': push([a['w:anchor'], a['w:tooltip'], a['w:docLocation']].filter(Boolean).join('\n'), 'link'); break;
        case 'w:tblCaption': case 'w:tblDescription': push(value(a), 'altText'); break;
      }
      for (const k of ['r:id', 'r:embed', 'r:link']) if (a[k]) story.relations.push(a[k]!);
    },
    text(text) {
      if (!inText) return;
      const top = stack[stack.length - 1];
      if (top === 'w:instrText' || top === 'w:delInstrText') { instruction += text; return; }
      if (top === 'a:t') { drawn += text; return; }
      append(text);
    },
    close(name) {
      stack.pop();
      switch (name) {
        case 'w:t': case 'w:delText': case 'w:instrText': case 'w:delInstrText': case 'm:t': case 'a:t': inText = false; break;
        case 'a:p': push(drawn, fallbackDepth > 0 ? 'hidden' : 'textbox'); drawn = ''; break;
        // What stands over a word is read behind it, in brackets (17.3.3.25).
        case 'w:ruby': { const over = annotations.pop(); if (over?.trim()) append(` (${over})`); break; }
        case 'w:rt': inAnnotation = false; break;
        case 'w:del': case 'w:moveFrom': deletedDepth--; break;
        case 'w:txbxContent': boxDepth--; break;
        case 'mc:Fallback': fallbackDepth--; break;
        case 'm:oMath': mathDepth--; break;
        case 'w:tbl': tableDepth--; break;
        case 'w:p': {
          const p = paragraphs.pop();
          if (!p) break;
          if (p.drop && p.text.trim().length <= 3) { dropped = p.text.trim(); p.text = ''; } else if (dropped) { p.text = dropped + p.text; for (const n of p.notes) n.at += dropped.length; dropped = ''; }
          const starts = !p.box && place === 'text' ? sectionStarts(p.text) : null;
          if (starts) section = starts === 'other' ? undefined : starts;
          // The second form of a drawing says the same for older programs; where it says something else, nobody sees it, and it is searched all the same.
          if (fallbackDepth === 0 && p.box) boxed.add(p.text);
          if (fallbackDepth === 0 || !boxed.has(p.text)) push(p.text, fallbackDepth > 0 ? 'hidden' : p.box ? 'textbox' : place);
          const pushed = story.passages.at(-1);
          // An empty paragraph that begins a page leaves that to the next one.
          if (!p.box && place === 'text') {
            const begins = p.newPage || turned, empty = p.text.trim() === '';
            if (begins && pushed?.text === p.text && pushed.place === 'text') pushed.newPage = true;
            turned = p.endsPage || (begins && empty);
          }
          if (pushed?.text === p.text) { if (p.notes.length > 0) pushed.notes = p.notes; if (note !== undefined && place === 'footnote') pushed.note = note; }
          if (p.indented && !p.numbered && story.passages.at(-1)?.text === p.text) story.passages.at(-1)!.indented = true;
          push(p.deleted, 'deletedText');
          push(p.hidden, 'hidden');
          // What a program keeps of the sources that are cited is a list of references: their authors are others (17.16.5.2, ADDIN).
          if (instruction) { push(instruction, 'field'); const told = story.passages.at(-1); if (told?.text === instruction && /^\s*ADDIN\b[^]*["<](?:family|author)/i.test(instruction)) told.section = 'references'; instruction = ''; }
          if (fallbackDepth === 0) story.text += `${p.text}\n`;
          break;
        }
      }
    },
  });
  // Nothing followed it.
  if (dropped) { push(dropped, place); story.text += `${dropped}\n`; }
  return story;

  function append(text: string): void {
    const p = paragraphs[paragraphs.length - 1];
    if (!p) return;
    // What a field within a field's instruction shows is a word of that instruction (17.16.2).
    if (fields.length > 1 && fields.at(-1) && fields.includes(false)) instruction += text;
    else if (inAnnotation && annotations.length > 0) annotations[annotations.length - 1] += text;
    else if (run.deleted || deletedDepth > 0) p.deleted += text;
    else if (run.hidden) p.hidden += text;
    else p.text += text;
  }
  function turnField(kind: string): void {
    // Two fields of a paragraph are two instructions, whether or not blanks stand around them.
    if (kind === 'begin') { fields.push(false); if (instruction) instruction += '\n'; }
    else if (kind === 'end') fields.pop(); else if (kind === 'separate' && fields.length > 0) fields[fields.length - 1] = true;
  }
  function turnPage(): void {
    const p = paragraphs[paragraphs.length - 1];
    if (p?.text.trim() === '') p.newPage = true; else if (p) p.endsPage = true;
  }
  function noteChange(a: Attributes): void {
    story.trackedChanges++;
    if (a['w:author']) push(a['w:author'], 'trackedChange', true);
  }
}

/** Style names and fonts that a part mentions. */
export function fontsOf(xml: string): { used: Set<string>; embedded: Set<string> } {
  const used = new Set<string>(), embedded = new Set<string>();
  let font = '';
  readXml(xml, {
    open(name, a) {
      if (name === 'w:rFonts') for (const k of ['w:ascii', 'w:hAnsi']) if (a[k]) used.add(a[k]!);
      if (name === 'w:font') font = a['w:name'] ?? '';
      if (localName(name).startsWith('embed') && font) embedded.add(font);
    },
  });
  return { used, embedded };
}
