import { openPdf, type Lend, type PdfDocument } from '../../engines/pdf.ts';
import { samePages } from './same-pages.ts';
import { surveyPdf, type Survey } from './survey.ts';
import type { ReadPages } from './text.ts';
import type { MetadataFact, Passage } from '../../model/facts.ts';

export interface PictureSays { passages: Passage[]; metadata: MetadataFact[] }

/** Two files of which one was made from the other, read one after the other: both stay open, and where the pages of the second are the same
 * by value, what was read of the first is given back. Where anything differs, or cannot be compared, the second is read like any file.
 * What is asked of both is words and metadata: text that is painted and not seen is not looked for. */
export class Twin {
  /** every page of the second file is the same by value as that of the first */ same = false;
  private first: { pdf: PdfDocument; survey: Survey; read: ReadPages } | null = null;
  private readonly pictures = new Map<number, PictureSays>();
  /** streams of the second file that are packed the same in the first, by their numbers */ private readonly alike = new Map<number, number>();
  private readonly opened = new Map<Uint8Array, Awaited<ReturnType<typeof openPdf>>>();
  private readonly surveys = new Map<Uint8Array, Survey>();
  /** @param bare - a JPEG without what it says beside its pixels; null where it cannot be taken apart */
  constructor(private readonly bare: (jpeg: Uint8Array) => Uint8Array | null) {}

  /** Lends a document, opened once; it stays open until {@link end}. */
  readonly lend: Lend = async (bytes, use) => {
    let opened = this.opened.get(bytes);
    if (!opened) this.opened.set(bytes, opened = await openPdf(bytes));
    return opened.use(use);
  };
  /** The objects of one of the two, looked at once. Their numbers hold for every document opened from the same bytes. */
  survey(bytes: Uint8Array, pdf: PdfDocument): Survey {
    let survey = this.surveys.get(bytes);
    if (!survey) this.surveys.set(bytes, survey = surveyPdf(pdf));
    return survey;
  }
  /** Whoever goes through the first file before it is read has found that a picture says nothing beside its pixels. */
  bareInFirst(num: number): void { this.pictures.set(num, { passages: [], metadata: [] }); }
  /** What a picture says beside its pixels: read once where the packed bytes are the same in both files. */
  async pictureSays(num: number, read: () => Promise<PictureSays>): Promise<PictureSays> {
    if (this.first) return this.pictures.get(this.alike.get(num) ?? -1) ?? read();
    const says = this.pictures.get(num) ?? await read();
    this.pictures.set(num, says);
    return says;
  }
  keep(pdf: PdfDocument, survey: Survey, read: ReadPages): void { this.first ??= { pdf, survey, read: copyOf(read) }; }
  recall(pdf: PdfDocument, survey: Survey): ReadPages | null {
    this.same = this.first !== null && samePages(this.first, { pdf, survey }, this.bare, this.alike);
    return this.same ? copyOf(this.first!.read) : null;
  }
  end(): void { for (const opened of this.opened.values()) opened.close(); this.opened.clear(); this.surveys.clear(); this.pictures.clear(); this.alike.clear(); this.first = null; }
}
/** Whoever reads on adds to what was read. */
const copyOf = (read: ReadPages): ReadPages => ({ ...read, pages: read.pages.map((p) => ({ ...p })), gaps: [...read.gaps], integrity: [...read.integrity] });
