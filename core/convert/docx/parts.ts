import { escapeXml } from '../../engines/xml.ts';
import type { PageDescription, PageSize } from '../page-description.ts';

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
/** Pages, columns and place of a section of the written document. `goesOn`: on the page on which the one before it ends. */
export interface WrittenSection { size: PageSize; columns: number; gapPt: number; ruled: boolean; goesOn: boolean; first: boolean }
/** Source: ECMA-376-1, 17.6.17; the order of its parts, 17.6.2 to 17.6.22. @param references - to headers and footers; a section without any has those of the one before it */
export function sectionOf({ firstPageDiffers }: PageDescription, { size: { widthPt, heightPt, marginsPt: [top, right, bottom, left] }, columns, gapPt, ruled, goesOn, first }: WrittenSection, references = ''): string {
  return `<w:sectPr>${references}${goesOn ? '<w:type w:val="continuous"/>' : ''}<w:pgSz w:w="${twips(widthPt)}" w:h="${twips(heightPt)}"${widthPt > heightPt ? ' w:orient="landscape"' : ''}/><w:pgMar w:top="${twips(top)}" w:right="${twips(right)}" w:bottom="${twips(bottom)}" w:left="${twips(left)}" w:header="${twips(top / 2)}" w:footer="${twips(bottom / 2)}" w:gutter="0"/>${columns > 1 ? `<w:cols w:num="${columns}"${ruled ? ' w:sep="1"' : ''} w:space="${twips(gapPt)}"/>` : ''}${firstPageDiffers && first ? '<w:titlePg/>' : ''}</w:sectPr>`;
}
/** Stands in the first section, until it is known which running lines there are. */
export const runningLinesHere = '\u0000';

interface Written { page: PageDescription; body: string; lastSection: WrittenSection; notes: Map<string, string>; media: { name: string; bytes: Uint8Array }[]; relations: string[]; styles: string; numbering: string; document: string }

/** All parts of the package, in the order in which they are written. Source: ECMA-376-2, 9 and 10. */
export function packageParts({ page, body, lastSection, notes, media, relations, styles, numbering, document }: Written): { name: string; bytes: Uint8Array }[] {
  const field = (name: string): string => `<w:r><w:fldChar w:fldCharType="begin"/></w:r><w:r><w:instrText xml:space="preserve"> ${name} </w:instrText></w:r><w:r><w:fldChar w:fldCharType="separate"/></w:r><w:r><w:t>1</w:t></w:r><w:r><w:fldChar w:fldCharType="end"/></w:r>`;
  const running = (tag: string, line: string): string => `${head}<w:${tag} ${document}><w:p>${line.split(/(\u0001|\u0002)/).map((p) => (p === '\u0001' ? field('PAGE') : p === '\u0002' ? field('NUMPAGES') : p ? `<w:r><w:t xml:space="preserve">${escapeXml(p)}</w:t></w:r>` : '')).join('')}</w:p></w:${tag}>`;
  const lines = ([['header', 'default', page.head], ['footer', 'default', page.foot], ['header', 'first', page.firstPageDiffers ? page.firstHead : ''], ['footer', 'first', page.firstPageDiffers ? page.firstFoot : '']] as const).filter(([, , line]) => line !== '').map(([kind, type, line], i) => ({ kind, type, line, id: `rId${i + 4}`, part: `${kind}${i + 1}` }));
  const references = lines.map((l) => `<w:${l.kind}Reference w:type="${l.type}" r:id="${l.id}"/>`).join(''), text = body.replace(runningLinesHere, references), section = sectionOf(page, lastSection, lastSection.first ? references : '');
  const noteList = `<w:footnote w:type="separator" w:id="0"><w:p><w:r><w:separator/></w:r></w:p></w:footnote><w:footnote w:type="continuationSeparator" w:id="1"><w:p><w:r><w:continuationSeparator/></w:r></w:p></w:footnote>${[...notes].map(([mark, xml]) => `<w:footnote w:id="${Number(mark) + 1}">${xml || '<w:p/>'}</w:footnote>`).join('')}`;
  const has = { notes: notes.size > 0 };
  const over = (part: string, kind: string): string => `<Override PartName="/word/${part}.xml" ContentType="${types}.${kind}+xml"/>`;
  const own: [string, string][] = [
    ['[Content_Types].xml', `${head}<Types xmlns="http://schemas.openxmlformats.org/package/2006/content-types"><Default Extension="rels" ContentType="application/vnd.openxmlformats-package.relationships+xml"/><Default Extension="xml" ContentType="application/xml"/>${['png', 'jpg', 'gif', 'bmp', 'tiff'].map((e) => `<Default Extension="${e}" ContentType="image/${e === 'jpg' ? 'jpeg' : e}"/>`).join('')}${over('document', 'document.main')}${over('styles', 'styles')}${over('numbering', 'numbering')}${has.notes ? over('footnotes', 'footnotes') : ''}${lines.map((l) => over(l.part, l.kind)).join('')}</Types>`],
    ['_rels/.rels', `${head}<Relationships xmlns="http://schemas.openxmlformats.org/package/2006/relationships"><Relationship Id="rId1" Type="${office}/officeDocument" Target="word/document.xml"/></Relationships>`],
    ['word/document.xml', `${head}<w:document ${document}><w:body>${text}${section}</w:body></w:document>`],
    ['word/_rels/document.xml.rels', `${head}<Relationships xmlns="http://schemas.openxmlformats.org/package/2006/relationships"><Relationship Id="rId1" Type="${office}/styles" Target="styles.xml"/><Relationship Id="rId2" Type="${office}/numbering" Target="numbering.xml"/>${has.notes ? `<Relationship Id="rId3" Type="${office}/footnotes" Target="footnotes.xml"/>` : ''}${lines.map((l) => `<Relationship Id="${l.id}" Type="${office}/${l.kind}" Target="${l.part}.xml"/>`).join('')}${relations.join('')}</Relationships>`],
    ['word/styles.xml', styles], ['word/numbering.xml', numbering],
    ...(has.notes ? [['word/footnotes.xml', `${head}<w:footnotes ${document}>${noteList}</w:footnotes>`], ['word/_rels/footnotes.xml.rels', `${head}<Relationships xmlns="http://schemas.openxmlformats.org/package/2006/relationships">${relations.join('')}</Relationships>`]] as [string, string][] : []),
    ...lines.map((l): [string, string] => [`word/${l.part}.xml`, running(l.kind === 'header' ? 'hdr' : 'ftr', l.line)]),
  ];
  return [...own.map(([name, text]) => ({ name, bytes: new TextEncoder().encode(text) })), ...media.map((m) => ({ name: `word/media/${m.name}`, bytes: m.bytes }))];
}
