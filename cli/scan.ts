import { filters, type Filter } from '../core/scan/filters.ts';
import { scanPhotos } from '../core/verbs/scan.ts';
import { CannotDo } from '../core/model/outcome.ts';
import { option, parseCall, print, readFile, writeOut } from './io.ts';
import { closeOcr, nodeOcr } from './ocr.ts';

/** handover scan PHOTO… --out F.pdf [--filter colour|grey|ink|photo] */
export async function scan(words: string[]): Promise<number> {
  const call = parseCall(words, ['out', 'filter']), out = option(call, 'out'), filter = option(call, 'filter') ?? 'colour';
  if (call.files.length === 0 || !out) throw new CannotDo('badInput', 'scan needs photos and --out', 'handover scan PHOTO… --out F.pdf');
  if (!filters.includes(filter as Filter)) throw new CannotDo('badInput', `unknown filter ${filter}`, `use one of ${filters.join(', ')}`);
  try {
    const { bytes, pages } = await scanPhotos(call.files.map(readFile), filter as Filter, { ocr: nodeOcr });
    writeOut(out, bytes, call.files);
    print({ pages });
    return pages.some((p) => p.standing === 'stops') ? 1 : 0;
  } finally { await closeOcr(); }
}
