import { shrinkFile } from '../core/verbs/shrink.ts';
import { CannotDo } from '../core/model/outcome.ts';
import { option, parseCall, print, readFile, writeOut } from './io.ts';

/** handover shrink FILE --out F --max-bytes N */
export async function shrink(words: string[]): Promise<number> {
  const call = parseCall(words, ['out', 'max-bytes']);
  const out = option(call, 'out'), limit = option(call, 'max-bytes');
  if (call.files.length !== 1 || !out || limit === undefined) throw new CannotDo('badInput', 'shrink needs one file, --out and --max-bytes', 'handover shrink FILE --out F --max-bytes N');
  const { bytes, ...told } = await shrinkFile(readFile(call.files[0]!), Number(limit));
  writeOut(out, bytes, call.files);
  print(told);
  return told.met ? 0 : 1;
}
