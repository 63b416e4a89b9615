import { createRequire } from 'node:module';
import { availableParallelism } from 'node:os';
import { dirname, join } from 'node:path';
import type { Ocr } from '../core/engines/ocr.ts';

let running: Promise<Ocr> | null = null;
/** The reader of pictures on Node: one for the whole call, started when a verb first asks for it. Its language data lie in the installed package.
 * @param atOnce - readers to start with */
export const nodeOcr = (atOnce = 1): Promise<Ocr> => (running ??= import('../core/engines/ocr.ts').then(({ startOcr }) =>
  startOcr({ langPath: join(dirname(createRequire(import.meta.url).resolve('@tesseract.js-data/eng/package.json')), '4.0.0_best_int') }, availableParallelism(), atOnce)));

/** Starts the reader while the files are still looked at, where they hold pictures large enough for words: it takes as long to start as a short paper takes to read. */
export function startOcrFor(files: readonly { bytes: Uint8Array }[]): void {
  const pictures = files.reduce((n, { bytes }) => n + picturesIn(Buffer.from(bytes.buffer, bytes.byteOffset, bytes.byteLength)), 0);
  // Whoever asks for it later is told why it does not start.
  if (pictures > 0) nodeOcr(Math.min(pictures, 2)).catch(() => {});
}
/** So many at least, as far as a look at the bytes tells: picture streams of a PDF name their size in the open (ISO 32000-1 §8.9.5), parts of a package their names. */
function picturesIn(bytes: Buffer): number {
  if (bytes.subarray(0, 1024).includes('%PDF-')) return count(bytes, '/Image', (at) => {
    const around = bytes.toString('latin1', Math.max(0, at - 400), at + 400), [, width] = /\/Width\s+(\d+)/.exec(around) ?? [], [, height] = /\/Height\s+(\d+)/.exec(around) ?? [];
    return !/[A-Za-z]/.test(String.fromCharCode(bytes[at + 6] ?? 32)) && Number(width) * Number(height) > 40_000;
  });
  if (bytes.subarray(0, 2).toString('latin1') === 'PK') return count(bytes, 'word/media/', () => true) + count(bytes, 'Pictures/', () => true);
  return /^(?:\xff\xd8|\x89PNG|II\*\0|MM\0\*)/.test(bytes.toString('latin1', 0, 4)) ? 1 : 0;
}
function count(bytes: Buffer, mark: string, counts: (at: number) => boolean): number {
  let found = 0;
  for (let at = bytes.indexOf(mark), looked = 0; at >= 0 && found < 2 && looked < 200; at = bytes.indexOf(mark, at + 1), looked++) if (counts(at)) found++;
  return found;
}
export async function closeOcr(): Promise<void> { const open = running; running = null; await (await open)?.close(); }
