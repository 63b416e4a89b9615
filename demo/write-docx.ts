import { escapeXml } from '../core/engines/xml.ts';
import { packZip } from '../core/engines/zip.ts';
import type { Block, DemoPaper } from './blocks.ts';
import { drawFigure } from './figures.ts';

/** What is planted into a demonstration paper beside its text. */
export interface Planted { author?: string; lastModifiedBy?: string; company?: string; template?: string; runningHead?: string; comment?: { author: string; initials: string; text: string }; font?: string; revisionIds?: boolean }

const W = 'xmlns:w="http://schemas.openxmlformats.org/wordprocessingml/2006/main" xmlns:r="http://schemas.openxmlformats.org/officeDocument/2006/relationships" xmlns:wp="http://schemas.openxmlformats.org/drawingml/2006/wordprocessingDrawing" xmlns:a="http://schemas.openxmlformats.org/drawingml/2006/main" xmlns:pic="http://schemas.openxmlformats.org/drawingml/2006/picture"';
const office = 'http://schemas.openxmlformats.org/officeDocument/2006/relationships';
const head = '<?xml version="1.0" encoding="UTF-8" standalone="yes"?>\n';

/** Writes a word-processor package (ECMA-376) with styles, notes, tables and pictures. Deterministic. */
export async function writeDocx(paper: DemoPaper, planted: Planted = {}): Promise<Uint8Array> {
  const media: { name: string; bytes: Uint8Array }[] = [];
  let shape = 0, session = 0;
  const rsid = (): string => (planted.revisionIds ? ` w:rsidR="00${(0x4a31c0 + (session++ % 5)).toString(16).toUpperCase()}"` : '');
  const run = (text: string): string => text.split(/(\[\^\d+\])/).map((piece) => {
    const note = /^\[\^(\d+)\]$/.exec(piece)?.[1];
    if (note) return `<w:r><w:rPr><w:vertAlign w:val="superscript"/></w:rPr><w:footnoteReference w:id="${Number(note) + 1}"/></w:r>`;
    return piece ? `<w:r><w:t xml:space="preserve">${escapeXml(piece)}</w:t></w:r>` : '';
  }).join('');
  const paragraph = (style: string, inner: string): string => `<w:p${rsid()}><w:pPr><w:pStyle w:val="${style}"/></w:pPr>${inner}</w:p>`;
  const styles: Record<string, string> = { title: 'Title', byline: 'Subtitle', abstract: 'Abstract', p: 'BodyText', quote: 'Quote', ref: 'Bibliography', caption: 'Caption', h1: 'Heading1', h2: 'Heading2' };
  const body: string[] = [];
  let commented = planted.comment === undefined;
  for (const b of paper.blocks) {
    if (b.kind === 'table') body.push(table(b.rows));
    else if (b.kind === 'list') for (const item of b.items) body.push(`<w:p><w:pPr><w:pStyle w:val="BodyText"/><w:numPr><w:ilvl w:val="0"/><w:numId w:val="1"/></w:numPr></w:pPr>${run(item)}</w:p>`);
    else if (b.kind === 'figure') {
      const bytes = await drawFigure(b.name), n = media.push({ name: `image${media.length + 1}.png`, bytes });
      body.push(paragraph('BodyText', picture(n, ++shape, b.alt)));
    } else {
      let inner = run(b.text);
      if (!commented && b.kind === 'p') { inner = `<w:commentRangeStart w:id="0"/>${inner}<w:commentRangeEnd w:id="0"/><w:r><w:commentReference w:id="0"/></w:r>`; commented = true; }
      body.push(paragraph(styles[(b as Exclude<Block, { kind: 'table' | 'list' | 'figure' }>).kind]!, inner));
    }
  }
  const section = `<w:sectPr><w:headerReference w:type="default" r:id="rIdHead"/><w:pgSz w:w="11906" w:h="16838"/><w:pgMar w:top="1440" w:right="1440" w:bottom="1440" w:left="1440" w:header="708" w:footer="708"/></w:sectPr>`;
  const parts: Record<string, string> = {
    '[Content_Types].xml': `${head}<Types xmlns="http://schemas.openxmlformats.org/package/2006/content-types"><Default Extension="rels" ContentType="application/vnd.openxmlformats-package.relationships+xml"/><Default Extension="xml" ContentType="application/xml"/><Default Extension="png" ContentType="image/png"/>${Object.entries({ 'word/document.xml': 'document.main', 'word/styles.xml': 'styles', 'word/settings.xml': 'settings', 'word/numbering.xml': 'numbering', 'word/footnotes.xml': 'footnotes', 'word/header1.xml': 'header', ...(planted.comment ? { 'word/comments.xml': 'comments' } : {}) }).map(([n, t]) => `<Override PartName="/${n}" ContentType="application/vnd.openxmlformats-officedocument.wordprocessingml.${t}+xml"/>`).join('')}<Override PartName="/docProps/core.xml" ContentType="application/vnd.openxmlformats-package.core-properties+xml"/><Override PartName="/docProps/app.xml" ContentType="application/vnd.openxmlformats-officedocument.extended-properties+xml"/></Types>`,
    '_rels/.rels': relations([['rId1', 'officeDocument', 'word/document.xml'], ['rId3', 'extended-properties', 'docProps/app.xml']], '<Relationship Id="rId2" Type="http://schemas.openxmlformats.org/package/2006/relationships/metadata/core-properties" Target="docProps/core.xml"/>'),
    'docProps/core.xml': `${head}<cp:coreProperties xmlns:cp="http://schemas.openxmlformats.org/package/2006/metadata/core-properties" xmlns:dc="http://purl.org/dc/elements/1.1/" xmlns:dcterms="http://purl.org/dc/terms/" xmlns:xsi="http://www.w3.org/2001/XMLSchema-instance">${planted.author ? `<dc:creator>${escapeXml(planted.author)}</dc:creator>` : ''}${planted.lastModifiedBy ? `<cp:lastModifiedBy>${escapeXml(planted.lastModifiedBy)}</cp:lastModifiedBy><cp:revision>27</cp:revision><dcterms:created xsi:type="dcterms:W3CDTF">2026-10-02T08:14:00Z</dcterms:created><dcterms:modified xsi:type="dcterms:W3CDTF">2026-11-24T22:41:00Z</dcterms:modified>` : ''}</cp:coreProperties>`,
    'docProps/app.xml': `${head}<Properties xmlns="http://schemas.openxmlformats.org/officeDocument/2006/extended-properties">${planted.template ? `<Template>${escapeXml(planted.template)}</Template>` : ''}${planted.company ? `<TotalTime>1843</TotalTime><Company>${escapeXml(planted.company)}</Company>` : ''}</Properties>`,
    'word/_rels/document.xml.rels': relations([['rIdStyles', 'styles', 'styles.xml'], ['rIdSettings', 'settings', 'settings.xml'], ['rIdNumbering', 'numbering', 'numbering.xml'], ['rIdNotes', 'footnotes', 'footnotes.xml'], ['rIdHead', 'header', 'header1.xml'], ...(planted.comment ? [['rIdComments', 'comments', 'comments.xml'] as [string, string, string]] : []), ...media.map((m, i): [string, string, string] => [`rIdImage${i + 1}`, 'image', `media/${m.name}`])]),
    'word/document.xml': `${head}<w:document ${W}><w:body>${body.join('')}${section}</w:body></w:document>`,
    'word/styles.xml': styleSheet(planted.font ?? 'Times New Roman'),
    'word/settings.xml': `${head}<w:settings ${W}><w:zoom w:percent="100"/>${planted.revisionIds ? '<w:rsids><w:rsidRoot w:val="004A31C0"/><w:rsid w:val="004A31C1"/><w:rsid w:val="004A31C2"/></w:rsids>' : ''}</w:settings>`,
    'word/numbering.xml': `${head}<w:numbering ${W}><w:abstractNum w:abstractNumId="0"><w:lvl w:ilvl="0"><w:start w:val="1"/><w:numFmt w:val="lowerLetter"/><w:lvlText w:val="%1)"/><w:pPr><w:ind w:left="567" w:hanging="425"/></w:pPr></w:lvl></w:abstractNum><w:num w:numId="1"><w:abstractNumId w:val="0"/></w:num></w:numbering>`,
    'word/footnotes.xml': `${head}<w:footnotes ${W}><w:footnote w:type="separator" w:id="0"><w:p><w:r><w:separator/></w:r></w:p></w:footnote><w:footnote w:type="continuationSeparator" w:id="1"><w:p><w:r><w:continuationSeparator/></w:r></w:p></w:footnote>${paper.notes.map((n, i) => `<w:footnote w:id="${i + 2}">${paragraph('FootnoteText', run(n))}</w:footnote>`).join('')}</w:footnotes>`,
    'word/header1.xml': `${head}<w:hdr ${W}><w:p><w:pPr><w:pStyle w:val="Header"/></w:pPr>${planted.runningHead ? `<w:r><w:t xml:space="preserve">${escapeXml(planted.runningHead)}   </w:t></w:r>` : ''}<w:r><w:fldChar w:fldCharType="begin"/></w:r><w:r><w:instrText xml:space="preserve"> PAGE </w:instrText></w:r><w:r><w:fldChar w:fldCharType="separate"/></w:r><w:r><w:t>1</w:t></w:r><w:r><w:fldChar w:fldCharType="end"/></w:r></w:p></w:hdr>`,
  };
  if (planted.comment) parts['word/comments.xml'] = `${head}<w:comments ${W}><w:comment w:id="0" w:author="${escapeXml(planted.comment.author)}" w:initials="${planted.comment.initials}" w:date="2026-11-20T21:05:00Z"><w:p><w:r><w:t>${escapeXml(planted.comment.text)}</w:t></w:r></w:p></w:comment></w:comments>`;
  return packZip([...Object.entries(parts).map(([name, text]) => ({ name, bytes: new TextEncoder().encode(text) })), ...media.map((m) => ({ name: `word/media/${m.name}`, bytes: m.bytes }))]);

  function table(rows: string[][]): string {
    const width = Math.floor(9026 / rows[0]!.length);
    return `<w:tbl><w:tblPr><w:tblW w:w="9026" w:type="dxa"/><w:tblBorders>${['top', 'left', 'bottom', 'right', 'insideH', 'insideV'].map((s) => `<w:${s} w:val="single" w:sz="4"/>`).join('')}</w:tblBorders></w:tblPr><w:tblGrid>${rows[0]!.map(() => `<w:gridCol w:w="${width}"/>`).join('')}</w:tblGrid>${rows.map((row) => `<w:tr>${row.map((c) => `<w:tc><w:tcPr><w:tcW w:w="${width}" w:type="dxa"/></w:tcPr>${paragraph('TableText', run(c))}</w:tc>`).join('')}</w:tr>`).join('')}</w:tbl>`;
  }
}

function picture(n: number, id: number, alt: string): string {
  const [cx, cy] = [5_400_000, 2_700_000];
  return `<w:r><w:drawing><wp:inline distT="0" distB="0" distL="0" distR="0"><wp:extent cx="${cx}" cy="${cy}"/><wp:docPr id="${id}" name="Picture ${id}" descr="${escapeXml(alt)}"/><a:graphic><a:graphicData uri="http://schemas.openxmlformats.org/drawingml/2006/picture"><pic:pic><pic:nvPicPr><pic:cNvPr id="${id}" name="Picture ${id}"/><pic:cNvPicPr/></pic:nvPicPr><pic:blipFill><a:blip r:embed="rIdImage${n}"/><a:stretch><a:fillRect/></a:stretch></pic:blipFill><pic:spPr><a:xfrm><a:off x="0" y="0"/><a:ext cx="${cx}" cy="${cy}"/></a:xfrm><a:prstGeom prst="rect"><a:avLst/></a:prstGeom></pic:spPr></pic:pic></a:graphicData></a:graphic></wp:inline></w:drawing></w:r>`;
}
const relations = (rows: [string, string, string][], extra = ''): string => `${head}<Relationships xmlns="http://schemas.openxmlformats.org/package/2006/relationships">${rows.map(([id, type, target]) => `<Relationship Id="${id}" Type="${office}/${type}" Target="${target}"/>`).join('')}${extra}</Relationships>`;

function styleSheet(font: string): string {
  const style = (id: string, name: string, paragraph: string, text = '', based = 'Normal'): string => `<w:style w:type="paragraph" w:styleId="${id}"><w:name w:val="${name}"/><w:basedOn w:val="${based}"/><w:pPr>${paragraph}</w:pPr><w:rPr>${text}</w:rPr></w:style>`;
  return `${head}<w:styles ${W}><w:docDefaults><w:rPrDefault><w:rPr><w:rFonts w:ascii="${font}" w:hAnsi="${font}"/><w:sz w:val="24"/><w:lang w:val="en-GB"/></w:rPr></w:rPrDefault></w:docDefaults><w:style w:type="paragraph" w:default="1" w:styleId="Normal"><w:name w:val="Normal"/></w:style>${[
    style('Title', 'Title', '<w:spacing w:after="240"/>', '<w:b/><w:sz w:val="36"/>'), style('Subtitle', 'Subtitle', '<w:spacing w:after="240"/>'), style('Abstract', 'Abstract', '<w:spacing w:after="240" w:line="300" w:lineRule="auto"/><w:ind w:left="567" w:right="567"/><w:jc w:val="both"/>', '<w:sz w:val="22"/>'),
    style('Heading1', 'heading 1', '<w:keepNext/><w:spacing w:before="320" w:after="120"/><w:outlineLvl w:val="0"/>', '<w:b/><w:sz w:val="28"/>'), style('Heading2', 'heading 2', '<w:keepNext/><w:spacing w:before="200" w:after="80"/><w:outlineLvl w:val="1"/>', '<w:b/>'),
    style('BodyText', 'Body Text', '<w:spacing w:after="120" w:line="360" w:lineRule="auto"/><w:jc w:val="both"/>'), style('Quote', 'Quote', '<w:spacing w:after="120" w:line="300" w:lineRule="auto"/><w:ind w:left="567" w:right="567"/>', '<w:i/>'), style('Caption', 'caption', '<w:spacing w:before="60" w:after="200"/>', '<w:sz w:val="20"/>'),
    style('Bibliography', 'Bibliography', '<w:spacing w:after="100"/><w:ind w:left="567" w:hanging="567"/>'), style('TableText', 'Table Text', '<w:spacing w:before="20" w:after="20"/>', '<w:sz w:val="20"/>'), style('FootnoteText', 'footnote text', '', '<w:sz w:val="20"/>'), style('Header', 'header', '', '<w:sz w:val="19"/>'),
  ].join('')}</w:styles>`;
}
