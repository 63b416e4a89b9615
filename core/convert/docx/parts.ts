import type { WrittenNote } from './written-notes.ts';
import { escapeXml } from '../../engines/xml.ts';
import type { PageDescription, PageSize } from '../page-description.ts';
import type { LineLook, LineSlot, RunningLines } from '../running-lines.ts';

/** One list of a document: items with the same look whose numbers follow each other. */
export interface NumberedList { kind: 'bullet' | 'decimal' | 'lowerLetter' | 'upperLetter' | 'lowerRoman' | 'upperRoman'; /** what stands before and behind the number */ before: string; after: string; level: number; start: number; next: number }

export const documentNamespaces = 'xmlns:w="http://schemas.openxmlformats.org/wordprocessingml/2006/main" xmlns:r="http://schemas.openxmlformats.org/officeDocument/2006/relationships" xmlns:wp="http://schemas.openxmlformats.org/drawingml/2006/wordprocessingDrawing" xmlns:a="http://schemas.openxmlformats.org/drawingml/2006/main" xmlns:pic="http://schemas.openxmlformats.org/drawingml/2006/picture" xmlns:m="http://schemas.openxmlformats.org/officeDocument/2006/math"';
const head = '<?xml version="1.0" encoding="UTF-8" standalone="yes"?>\n';
const types = 'application/vnd.openxmlformats-officedocument.wordprocessingml', office = 'http://schemas.openxmlformats.org/officeDocument/2006/relationships';
const fonts = { serif: 'Times New Roman', 'sans-serif': 'Arial', monospace: 'Courier New' } as const;

/** Styles that the writer uses, set as the page description says. Source: ECMA-376-1, 17.7. */
export function docxStyles(page: PageDescription): string {
  const font = fonts[page.baseFont], style = (id: string, name: string, inner: string): string => `<w:style w:type="paragraph" w:styleId="${id}"><w:name w:val="${name}"/><w:basedOn w:val="Normal"/><w:qFormat/>${inner}</w:style>`;
  return `${head}<w:styles ${documentNamespaces}><w:docDefaults><w:rPrDefault><w:rPr><w:rFonts w:ascii="${font}" w:hAnsi="${font}" w:cs="${font}" w:eastAsia="${font}"/><w:sz w:val="${Math.round(page.baseSizePt * 2)}"/>${page.language ? `<w:lang w:val="${escapeXml(page.language)}"/>` : ''}</w:rPr></w:rPrDefault><w:pPrDefault/></w:docDefaults>`
    + '<w:style w:type="paragraph" w:default="1" w:styleId="Normal"><w:name w:val="Normal"/></w:style>'
    + Array.from({ length: 6 }, (_, i) => style(`Heading${i + 1}`, `heading ${i + 1}`, `<w:pPr><w:keepNext/><w:outlineLvl w:val="${i}"/></w:pPr>`)).join('')
    + style('FootnoteText', 'footnote text', `<w:rPr><w:sz w:val="${Math.round(page.baseSizePt * 1.7)}"/></w:rPr>`)
    + '<w:style w:type="character" w:styleId="FootnoteReference"><w:name w:val="footnote reference"/><w:rPr><w:vertAlign w:val="superscript"/></w:rPr></w:style>'
    + `<w:style w:type="table" w:styleId="TableGrid"><w:name w:val="Table Grid"/><w:tblPr><w:tblBorders>${['top', 'left', 'bottom', 'right', 'insideH', 'insideV'].map((s) => `<w:${s} w:val="single" w:sz="4" w:space="0" w:color="555555"/>`).join('')}</w:tblBorders><w:tblCellMar><w:left w:w="80" w:type="dxa"/><w:right w:w="80" w:type="dxa"/></w:tblCellMar></w:tblPr></w:style></w:styles>`;
}

/** Source: ECMA-376-1, 17.9. */
export function numberingPart(lists: NumberedList[]): string {
  const level = (l: NumberedList, i: number): string => `<w:lvl w:ilvl="${i}"><w:start w:val="${i === l.level ? l.start : 1}"/><w:numFmt w:val="${l.kind}"/><w:lvlText w:val="${l.kind === 'bullet' ? '•' : `${escapeXml(l.before)}%${i + 1}${escapeXml(l.after)}`}"/><w:lvlJc w:val="left"/><w:pPr><w:ind w:left="${(i + 1) * 360}" w:hanging="360"/></w:pPr></w:lvl>`;
  return `${head}<w:numbering ${documentNamespaces}>${lists.map((l, n) => `<w:abstractNum w:abstractNumId="${n}"><w:multiLevelType w:val="multilevel"/>${Array.from({ length: 9 }, (_, i) => level(l, i)).join('')}</w:abstractNum>`).join('')}${lists.map((_, n) => `<w:num w:numId="${n + 1}"><w:abstractNumId w:val="${n}"/></w:num>`).join('')}</w:numbering>`;
}

const twips = (n: number): number => Math.round(n * 20);
/** Pages, columns and place of a section of the written document. `goesOn`: on the page on which the one before it ends; `begins`: its running lines begin here, `again`: after others had their place. */
export interface WrittenSection { size: PageSize; columns: number; gapPt: number; ruled: boolean; goesOn: boolean; lines: RunningLines; begins: 'no' | 'anew' | 'again'; first: boolean }
/** Source: ECMA-376-1, 17.6.17; the order of its parts, 17.6.2 to 17.6.22. */
export function sectionOf({ size: { widthPt, heightPt, marginsPt: [top, right, bottom, left] }, columns, gapPt, ruled, goesOn, lines, begins, first }: WrittenSection, running: RunningParts): string {
  const from = begins === 'anew' ? lines.numberFrom : null, numbers = from !== null || lines.numberFormat !== 'decimal' ? `<w:pgNumType${lines.numberFormat !== 'decimal' ? ` w:fmt="${lines.numberFormat}"` : ''}${from !== null ? ` w:start="${from}"` : ''}/>` : '';
  return `<w:sectPr>${begins === 'no' ? '' : running.references(lines, first)}${running.noteProperties()}${goesOn ? '<w:type w:val="continuous"/>' : ''}<w:pgSz w:w="${twips(widthPt)}" w:h="${twips(heightPt)}"${widthPt > heightPt ? ' w:orient="landscape"' : ''}/><w:pgMar w:top="${twips(top)}" w:right="${twips(right)}" w:bottom="${twips(bottom)}" w:left="${twips(left)}" w:header="${twips(top / 2)}" w:footer="${twips(bottom / 2)}" w:gutter="0"/>${numbers}${columns > 1 ? `<w:cols w:num="${columns}"${ruled ? ' w:sep="1"' : ''} w:space="${twips(gapPt)}"/>` : ''}${begins === 'anew' && lines.firstPageDiffers ? '<w:titlePg/>' : ''}</w:sectPr>`;
}

/** Headers and footers of a document, each a part of its own. Source: ECMA-376-1, 17.10. */
export class RunningParts {
  /** how notes are counted, where that is not the usual way: every section says so, and the first where it begins (17.11.11) */
  notes = '';
  private counted = false;
  noteProperties(): string { const own = this.counted ? this.notes.replace(/<w:numStart[^>]*>/g, '') : this.notes; this.counted = true; return own; }
  readonly parts: { kind: 'header' | 'footer'; line: string; look: LineLook | null; id: string; part: string }[] = [];
  evenPagesDiffer = false;
  /** References of a section. In later sections a bare line has its part too: without one they would have that of the section before. */
  references(lines: RunningLines, first: boolean): string {
    this.evenPagesDiffer ||= lines.evenPagesDiffer;
    const wanted: [kind: 'header' | 'footer', type: string, slot: LineSlot][] = [['header', 'default', 'head'], ['footer', 'default', 'foot'], ...(lines.firstPageDiffers ? [['header', 'first', 'firstHead'], ['footer', 'first', 'firstFoot']] as [('header' | 'footer'), string, LineSlot][] : []), ...(lines.evenPagesDiffer ? [['header', 'even', 'evenHead'], ['footer', 'even', 'evenFoot']] as [('header' | 'footer'), string, LineSlot][] : [])];
    return wanted.filter(([, , slot]) => lines[slot] !== '' || !first).map(([kind, type, slot]) => `<w:${kind}Reference w:type="${type}" r:id="${this.idOf(kind, lines[slot], lines.looks[slot] ?? null)}"/>`).join('');
  }
  private idOf(kind: 'header' | 'footer', line: string, look: LineLook | null): string {
    const known = this.parts.find((p) => p.kind === kind && p.line === line && JSON.stringify(p.look) === JSON.stringify(look));
    if (known) return known.id;
    const n = this.parts.length + 1;
    this.parts.push({ kind, line, look, id: `rIdLine${n}`, part: `${kind}${n}` });
    return `rIdLine${n}`;
  }
}

interface Written { body: string; lastSection: WrittenSection; running: RunningParts; notes: { texts: Map<string, string>; notes: Map<string, WrittenNote>; settings: string }; media: { name: string; bytes: Uint8Array }[]; relations: string[]; styles: string; numbering: string; document: string }

/** All parts of the package, in the order in which they are written. Source: ECMA-376-2, 9 and 10. */
export function packageParts({ body, lastSection, running, notes, media, relations, styles, numbering, document }: Written): { name: string; bytes: Uint8Array }[] {
  const field = (name: string): string => `<w:r><w:fldChar w:fldCharType="begin"/></w:r><w:r><w:instrText xml:space="preserve"> ${name} </w:instrText></w:r><w:r><w:fldChar w:fldCharType="separate"/></w:r><w:r><w:t>1</w:t></w:r><w:r><w:fldChar w:fldCharType="end"/></w:r>`;
  const wide = lastSection.size.widthPt - lastSection.size.marginsPt[1] - lastSection.size.marginsPt[3], stop = (kind: string, at: number): string => `<w:tab w:val="${kind}" w:pos="${Math.round(at * 20)}"/>`;
  const linePart = (tag: string, line: string, look: LineLook | null): string => `${head}<w:${tag} ${document}><w:p>${line.includes('\t') ? `<w:pPr><w:tabs>${stop('center', wide / 2)}${stop('right', wide)}</w:tabs></w:pPr>` : ''}${line.split(/(\u0001|\u0002|\t)/).map((p) => (p === '\t' ? '<w:r><w:tab/></w:r>' : p === '\u0001' ? field('PAGE') : p === '\u0002' ? field('NUMPAGES') : p ? `<w:r><w:t xml:space="preserve">${escapeXml(p)}</w:t></w:r>` : '')).join('').replaceAll('<w:r>', `<w:r>${look ? runProperties(look) : ''}`)}</w:p></w:${tag}>`;
  const section = sectionOf(lastSection, running), lines = running.parts;
  const noteKinds = (['footnotes', 'endnotes'] as const).filter((kind) => [...notes.notes.values()].some((n) => n.kind === kind)), notePart = (kind: 'footnotes' | 'endnotes'): string => {
    const tag = kind.slice(0, -1), texts = [...notes.texts].filter(([mark]) => (notes.notes.get(mark)?.kind ?? 'footnotes') === kind);
    return `${head}<w:${kind} ${document}><w:${tag} w:type="separator" w:id="0"><w:p><w:r><w:separator/></w:r></w:p></w:${tag}><w:${tag} w:type="continuationSeparator" w:id="1"><w:p><w:r><w:continuationSeparator/></w:r></w:p></w:${tag}>${texts.map(([mark, xml]) => `<w:${tag} w:id="${Number(mark) + 1}">${xml || '<w:p/>'}</w:${tag}>`).join('')}</w:${kind}>`;
  };
  const has = { settings: running.evenPagesDiffer || notes.settings !== '' };
  const over = (part: string, kind: string): string => `<Override PartName="/word/${part}.xml" ContentType="${types}.${kind}+xml"/>`;
  const own: [string, string][] = [
    ['[Content_Types].xml', `${head}<Types xmlns="http://schemas.openxmlformats.org/package/2006/content-types"><Default Extension="rels" ContentType="application/vnd.openxmlformats-package.relationships+xml"/><Default Extension="xml" ContentType="application/xml"/>${['png', 'jpg', 'gif', 'bmp', 'tiff'].map((e) => `<Default Extension="${e}" ContentType="image/${e === 'jpg' ? 'jpeg' : e}"/>`).join('')}${over('document', 'document.main')}${over('styles', 'styles')}${over('numbering', 'numbering')}${noteKinds.map((kind) => over(kind, kind)).join('')}${has.settings ? over('settings', 'settings') : ''}${lines.map((l) => over(l.part, l.kind)).join('')}</Types>`],
    ['_rels/.rels', `${head}<Relationships xmlns="http://schemas.openxmlformats.org/package/2006/relationships"><Relationship Id="rId1" Type="${office}/officeDocument" Target="word/document.xml"/></Relationships>`],
    ['word/document.xml', `${head}<w:document ${document}><w:body>${body}${section}</w:body></w:document>`],
    ['word/_rels/document.xml.rels', `${head}<Relationships xmlns="http://schemas.openxmlformats.org/package/2006/relationships"><Relationship Id="rId1" Type="${office}/styles" Target="styles.xml"/><Relationship Id="rId2" Type="${office}/numbering" Target="numbering.xml"/>${noteKinds.map((kind, i) => `<Relationship Id="rId${[3, 5][i]!}" Type="${office}/${kind}" Target="${kind}.xml"/>`).join('')}${has.settings ? `<Relationship Id="rId4" Type="${office}/settings" Target="settings.xml"/>` : ''}${lines.map((l) => `<Relationship Id="${l.id}" Type="${office}/${l.kind}" Target="${l.part}.xml"/>`).join('')}${relations.join('')}</Relationships>`],
    ['word/styles.xml', styles], ['word/numbering.xml', numbering],
    ...noteKinds.flatMap((kind): [string, string][] => [[`word/${kind}.xml`, notePart(kind)], [`word/_rels/${kind}.xml.rels`, `${head}<Relationships xmlns="http://schemas.openxmlformats.org/package/2006/relationships">${relations.join('')}</Relationships>`]]),
    ...(has.settings ? [['word/settings.xml', `${head}<w:settings ${document}>${running.evenPagesDiffer ? '<w:evenAndOddHeaders/>' : ''}${notes.settings}</w:settings>`]] as [string, string][] : []),
    ...lines.map((l): [string, string] => [`word/${l.part}.xml`, linePart(l.kind === 'header' ? 'hdr' : 'ftr', l.line, l.look)]),
  ];
  return [...own.map(([name, text]) => ({ name, bytes: new TextEncoder().encode(text) })), ...media.map((m) => ({ name: `word/media/${m.name}`, bytes: m.bytes }))];
}
/** In the order that the schema asks for (17.3.2.28). */
const runProperties = ({ sizePt, font, bold, italic, colour }: LineLook): string => `<w:rPr>${font ? `<w:rFonts w:ascii="${escapeXml(font)}" w:hAnsi="${escapeXml(font)}"/>` : ''}${bold ? '<w:b/>' : ''}${italic ? '<w:i/>' : ''}${colour ? `<w:color w:val="${colour}"/>` : ''}${sizePt ? `<w:sz w:val="${Math.round(sizePt * 2)}"/>` : ''}</w:rPr>`;
