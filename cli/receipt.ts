import { readReceipt } from '../core/verbs/receipt.ts';
import { CannotDo } from '../core/model/outcome.ts';
import { closeOcr, nodeOcr } from './ocr.ts';
import { clockOf, nowOf, option, parseCall, print, readFile, readJson } from './io.ts';
import { compilePatterns } from './patterns.ts';

/** handover receipt RECEIPT --files FILE… [--brief B.json] */
export async function receipt(words: string[]): Promise<number> {
  const call = parseCall(words, ['files', 'brief', 'now'], ['files']);
  const files = call.options.files ?? [];
  if (call.files.length !== 1 || files.length === 0) throw new CannotDo('badInput', 'receipt needs one receipt and --files', 'handover receipt RECEIPT --files FILE…');
  const brief = option(call, 'brief') ? (await import('../core/brief/schema.ts')).parseBrief(readJson(option(call, 'brief')!), option(call, 'brief')!) : null;
  const shown = readFile(call.files[0]!);
  compilePatterns(shown.bytes.length);
  const result = await readReceipt(shown, files.map(readFile), brief, nowOf(call), { ocr: nodeOcr }, clockOf(call)).finally(closeOcr);
  print(result);
  return result.standing === 'confirmed' ? 0 : 1;
}
