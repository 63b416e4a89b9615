import { cleanFile } from '../core/verbs/clean.ts';
import { CannotDo } from '../core/model/outcome.ts';
import { pageHelpers } from './page-pool.ts';
import { Draft, option, parseCall, print, readFile, readJson } from './io.ts';

/** handover clean FILE --out F [--details D.json] [--brief B.json] */
export async function clean(words: string[]): Promise<number> {
  const call = parseCall(words, ['out', 'details', 'brief']);
  const out = option(call, 'out');
  if (call.files.length !== 1 || !out) throw new CannotDo('badInput', 'clean needs one file and --out', 'handover clean FILE --out F');
  const { parseBrief, parseDetails } = option(call, 'brief') || option(call, 'details') ? await import('../core/brief/schema.ts') : ({} as never);
  const details = option(call, 'details') ? parseDetails(readJson(option(call, 'details')!), option(call, 'details')!) : null;
  const brief = option(call, 'brief') ? parseBrief(readJson(option(call, 'brief')!), option(call, 'brief')!) : null;
  const file = readFile(call.files[0]!), draft = new Draft(out, call.files);
  const { bytes, removed, left, proof } = await cleanFile(file, { details, brief }, { pageHelpers, unproved: (copy) => draft.begin(copy) }).catch(async (error: unknown) => { await draft.drop(); throw error; });
  await draft.keep(bytes);
  const { textSame, pagesSame, maxPixelDifference } = proof;
  print({ removed, left: left.map(({ check, standing, detail, place, message }) => ({ check, standing, detail, place, message })), proof: { textSame, pagesSame, maxPixelDifference } });
  return left.some((f) => f.standing === 'stops') ? 1 : 0;
}
