import { readFile } from 'node:fs/promises';
import { createRequire } from 'node:module';
import { faceFiles } from '../core/engines/face-files.ts';
import { provideFaces } from '../core/engines/faces.ts';

/** Faces for other scripts lie in the installed packages. */
export const useFaces = (): void => provideFaces(async (file) => new Uint8Array(await readFile(createRequire(import.meta.url).resolve(faceFiles[file]!))));
