/** A word that was read from a picture, with its box in pixels and how sure the reader is, 0–100. */
export interface OcrWord { text: string; box: [number, number, number, number]; confidence: number; line: number }
export interface OcrPage { text: string; confidence: number; words: OcrWord[] }
/** Reads pictures of writing. One page at a time; `close` ends its worker. */
export interface Ocr { read(picture: Uint8Array): Promise<OcrPage>; close(): Promise<void> }

/** Where the reader's worker, core and language data lie; all ship with the application. */
export interface OcrPlaces { langPath: string; workerPath?: string; corePath?: string }

interface TesseractWorker { recognize(image: unknown, options: object, output: object): Promise<{ data: { text: string; confidence: number; blocks: Block[] | null } }>; terminate(): Promise<unknown>; setParameters(p: object): Promise<unknown> }
interface Block { paragraphs: { lines: { words: { text: string; confidence: number; bbox: { x0: number; y0: number; x1: number; y1: number } }[] }[] }[] }

/** Starts a reader for English print: some seconds, so callers keep it for several pages. */
export async function startOcr(places: OcrPlaces): Promise<Ocr> {
  const module = (await import('tesseract.js')) as unknown as { createWorker?: CreateWorker; default?: { createWorker: CreateWorker } };
  const create = module.createWorker ?? module.default!.createWorker;
  const worker = await create('eng', 1, { ...places, cacheMethod: 'none', gzip: true, workerBlobURL: false, errorHandler: () => {} });
  // What the reader grumbles about specks is nobody's message.
  await worker.setParameters({ debug_file: '/dev/null' });
  return {
    read: async (picture) => {
      const { data } = await worker.recognize(picture, {}, { text: true, blocks: true });
      let line = 0;
      const words = (data.blocks ?? []).flatMap((b) => b.paragraphs.flatMap((p) => p.lines.flatMap((l) => { line++; return l.words.map((w): OcrWord => ({ text: w.text, confidence: w.confidence, box: [w.bbox.x0, w.bbox.y0, w.bbox.x1, w.bbox.y1], line })); })));
      return { text: data.text, confidence: data.confidence, words };
    },
    close: async () => { await worker.terminate(); },
  };
}
type CreateWorker = (langs: string, oem: number, options: object) => Promise<TesseractWorker>;

/** Grey pixels as a portable graymap, which needs no compressing. Source: Netpbm, pgm(5). */
export function greymap(grey: { width: number; height: number; data: Uint8Array }): Uint8Array {
  const head = new TextEncoder().encode(`P5\n${grey.width} ${grey.height}\n255\n`), out = new Uint8Array(head.length + grey.data.length);
  out.set(head); out.set(grey.data, head.length);
  return out;
}
