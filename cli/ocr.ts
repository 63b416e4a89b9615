import { createRequire } from 'node:module';
import { availableParallelism } from 'node:os';
import { dirname, join } from 'node:path';
import type { Ocr } from '../core/engines/ocr.ts';

let running: Promise<Ocr> | null = null;
/** The reader of pictures on Node: one for the whole call, started when a verb first asks for it. Its language data lie in the installed package. */
export const nodeOcr = (): Promise<Ocr> => (running ??= import('../core/engines/ocr.ts').then(({ startOcr }) =>
  startOcr({ langPath: join(dirname(createRequire(import.meta.url).resolve('@tesseract.js-data/eng/package.json')), '4.0.0_best_int') }, availableParallelism())));
export async function closeOcr(): Promise<void> { const open = running; running = null; await (await open)?.close(); }
