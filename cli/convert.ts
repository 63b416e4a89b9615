import { convertFiles } from '../core/verbs/convert.ts';
import { CannotDo } from '../core/model/outcome.ts';
import { officeEngine } from '../office/engine.ts';
import { useFaces } from './faces.ts';
import { option, parseCall, print, readFile, writeOut } from './io.ts';

/** handover convert FILE… --to pdf|docx|pdfa --out F [--engine builtin|office]; `pdfa` is a PDF for long keeping (ISO 19005-2, level B) */
export async function convert(words: string[]): Promise<number> {
  const call = parseCall(words, ['to', 'out', 'engine']);
  const out = option(call, 'out'), to = option(call, 'to'), engine = option(call, 'engine') ?? 'builtin';
  if (call.files.length === 0 || !out || !to) throw new CannotDo('badInput', 'convert needs files, --to and --out', 'handover convert FILE… --to pdf --out F');
  if (to !== 'pdf' && to !== 'docx' && to !== 'pdfa') throw new CannotDo('badInput', `cannot convert to ${to}`, 'use --to pdf, --to docx or --to pdfa');
  if (engine !== 'builtin' && engine !== 'office') throw new CannotDo('badInput', `unknown engine ${engine}`, 'use builtin or office');
  useFaces();
  const done = await convertFiles(call.files.map(readFile), {}, engine === 'office' ? await officeEngine() : undefined, to === 'docx' ? 'docx' : 'pdf');
  const kept = to === 'pdfa' ? await (await import('../core/verbs/archive.ts')).archiveFile({ name: 'result.pdf', path: out, bytes: done.bytes }, true) : null;
  writeOut(out, kept?.bytes ?? done.bytes, call.files);
  print({ engine: done.engine, pages: done.pages, fonts: done.fonts, proof: done.proof, ...(kept ? { archive: { claim: `PDF/A-${kept.claim}`, proof: kept.proof } } : {}) });
  return 0;
}
