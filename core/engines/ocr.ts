/** A word that was read from a picture, with its box in pixels and how sure the reader is, 0–100. */
export interface OcrWord { text: string; box: [number, number, number, number]; confidence: number; line: number }
export interface OcrPage { text: string; confidence: number; words: OcrWord[] }
/** Reads pictures of writing: each reader one at a time, what is asked meanwhile waits its turn. `close` ends them all. */
export interface Ocr { read(picture: Uint8Array): Promise<OcrPage>; close(): Promise<void> }

/** How many pictures callers have in hand at one time: more than there are readers, so that none waits while the next page is drawn. */
export const readAhead = 4;
/** At most so many readers: each takes 100 MB and more. */
const mostReaders = 3;

/** Where the reader's worker, core and language data lie; all ship with the application. */
export interface OcrPlaces { langPath: string; workerPath?: string; corePath?: string }

interface TesseractWorker { recognize(image: unknown, options: object, output: object): Promise<{ data: { text: string; confidence: number; blocks: Block[] | null } }>; terminate(): Promise<unknown>; setParameters(p: object): Promise<unknown> }
interface Block { paragraphs: { lines: { words: { text: string; confidence: number; bbox: { x0: number; y0: number; x1: number; y1: number } }[] }[] }[] }

/** Starts a reader for English print: some seconds, so callers keep it for several pages. Further ones are started while there is more to read than one can.
 * @param cores - of the machine @param atOnce - readers to start with */
export async function startOcr(places: OcrPlaces, cores = 1, atOnce = 1): Promise<Ocr> {
  const module = (await import('tesseract.js')) as unknown as Partial<Readers> & { default?: Readers };
  const { createWorker, createScheduler } = (module.createWorker ? module : module.default) as Readers, queue = createScheduler(), workers: Promise<TesseractWorker>[] = [], most = Math.max(1, Math.min(mostReaders, cores));
  let busy = 0;
  const start = async (): Promise<TesseractWorker> => {
    const worker = await createWorker('eng', 1, { ...places, cacheMethod: 'none', gzip: true, workerBlobURL: false, errorHandler: () => {} });
    // What the reader grumbles about specks is nobody's message.
    await worker.setParameters({ debug_file: '/dev/null' });
    queue.addWorker(worker);
    return worker;
  };
  /** One more; where it does not start, those that are there go on. */
  const another = (): void => { const one = start(); workers.push(one); one.catch(() => {}); };
  workers.push(start());
  while (workers.length < Math.min(atOnce, most)) another();
  await workers[0];
  return {
    read: async (picture) => {
      if (busy >= workers.length && workers.length < most) another();
      busy++;
      const { data } = await queue.addJob('recognize', picture, {}, { text: true, blocks: true }).finally(() => { busy--; });
      let line = 0;
      const words = (data.blocks ?? []).flatMap((b) => b.paragraphs.flatMap((p) => p.lines.flatMap((l) => { line++; return l.words.map((w): OcrWord => ({ text: w.text, confidence: w.confidence, box: [w.bbox.x0, w.bbox.y0, w.bbox.x1, w.bbox.y1], line })); })));
      return { text: data.text, confidence: data.confidence, words };
    },
    close: async () => { await Promise.all(workers.map((one) => one.then((worker) => worker.terminate(), () => {}))); },
  };
}
interface Readers { createWorker(langs: string, oem: number, options: object): Promise<TesseractWorker>; createScheduler(): { addWorker(worker: TesseractWorker): void; addJob(...job: ['recognize', ...Parameters<TesseractWorker['recognize']>]): ReturnType<TesseractWorker['recognize']> } }

/** Grey pixels as a portable graymap, which needs no compressing. Source: Netpbm, pgm(5). */
export function greymap(grey: { width: number; height: number; data: Uint8Array }): Uint8Array {
  const head = new TextEncoder().encode(`P5\n${grey.width} ${grey.height}\n255\n`), out = new Uint8Array(head.length + grey.data.length);
  out.set(head); out.set(grey.data, head.length);
  return out;
}
