import { mkdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { buildPapers } from './papers.ts';

/** Writes the demonstration papers into a folder: `node dist/demo/build.js [FOLDER]`. */
const folder = process.argv[2] ?? 'dist/demo/papers';
mkdirSync(folder, { recursive: true });
const papers = await buildPapers();
for (const [name, bytes] of Object.entries(papers)) writeFileSync(join(folder, name), bytes);
process.stderr.write(`${Object.keys(papers).length} demonstration papers in ${folder}\n`);
