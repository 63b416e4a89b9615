import { compareFiles } from '../core/verbs/compare.ts';
import { CannotDo } from '../core/model/outcome.ts';
import { pageHelpers } from './page-pool.ts';
import { parseCall, print, readFile } from './io.ts';

/** handover compare PAPER --against FILE… [--template FILE…] */
export async function compare(words: string[]): Promise<number> {
  const call = parseCall(words, ['against', 'template'], ['against', 'template']);
  const against = call.options.against ?? [];
  if (call.files.length !== 1 || against.length === 0) throw new CannotDo('badInput', 'compare needs one paper and --against', 'handover compare PAPER --against FILE…');
  print(await compareFiles(readFile(call.files[0]!), against.map(readFile), (call.options.template ?? []).map(readFile), { pageHelpers }));
  return 0;
}
