import { readBrief } from '../core/brief/read.ts';
import { wordingsOf } from '../core/brief/remark.ts';
import { CannotDo } from '../core/model/outcome.ts';
import { closeOcr, nodeOcr } from './ocr.ts';
import { nowOf, parseCall, print, readFile } from './io.ts';
import { compilePatterns } from './patterns.ts';

/** handover brief TEXTFILE [--now ISO] */
export async function brief(words: string[]): Promise<number> {
  const call = parseCall(words, ['now']);
  if (call.files.length !== 1) throw new CannotDo('badInput', 'brief needs one text file', 'handover brief TEXTFILE [--now ISO]');
  const file = readFile(call.files[0]!);
  const { decodeText } = await import('../core/text/bytes.ts');
  const { sniffKind } = await import('../core/readers/kind.ts');
  const { kind } = sniffKind(file.bytes, file.name);
  const text = ['txt', 'markdown', 'csv', 'json', 'xml', 'unknown', 'link', 'empty', 'tex'].includes(kind) ? decodeText(file.bytes) : await (await import('../core/receipt/to-text.ts')).receiptToText(file.bytes, file.name, 0, 'assignment', nodeOcr).finally(closeOcr);
  compilePatterns(text.length);
  const read = readBrief(text, nowOf(call));
  for (const r of read.remarks) process.stderr.write(`${r.field}: ${r.kind}: ${wordingsOf(r).map((q) => JSON.stringify(q)).join(' / ')}\n`);
  print(read.brief);
  return 0;
}
