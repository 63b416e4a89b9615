import { checkFiles, picturesMatter, templateText } from '../core/verbs/check.ts';
import { readDocument } from '../core/readers/index.ts';
import { CannotDo } from '../core/model/outcome.ts';
import { closeOcr, nodeOcr, startOcrFor } from './ocr.ts';
import { pageHelpers } from './page-pool.ts';
import { clockOf, nowOf, option, parseCall, print, readFile, readJson } from './io.ts';

/** handover check FILE… [--brief B.json] [--details D.json] [--now ISO] [--template FILE…] */
export async function check(words: string[]): Promise<number> {
  const call = parseCall(words, ['brief', 'details', 'now', 'template'], ['template']);
  if (call.files.length === 0) throw new CannotDo('badInput', 'check needs at least one file', 'handover check FILE… [--brief B.json] [--details D.json]');
  const { parseBrief, parseDetails } = option(call, 'brief') || option(call, 'details') ? await import('../core/brief/schema.ts') : ({} as never);
  const brief = option(call, 'brief') ? parseBrief(readJson(option(call, 'brief')!), option(call, 'brief')!) : null;
  const details = option(call, 'details') ? parseDetails(readJson(option(call, 'details')!), option(call, 'details')!) : null;
  const templates = await Promise.all((call.options.template ?? []).map(readFile).map(async ({ bytes, name }) => ({ name, text: templateText(await readDocument(bytes, name)) })));
  const sources = call.files.map(readFile), options = { brief, details, templates, now: Date.parse(nowOf(call)), /* only what is due has to do with a clock */ clock: brief ? clockOf(call) : 'UTC' };
  if (picturesMatter(options)) startOcrFor(sources);
  const { files, docket, stops } = await checkFiles(sources, options, { ocr: nodeOcr, pageHelpers }).finally(closeOcr);
  print({ files: files.map(({ bill: _bill, signed: _signed, ...f }) => ({ ...f, findings: f.findings.map(({ check: id, standing, detail, place, message }) => ({ check: id, standing, detail, place, message })) })), docket: docket.map(({ id, line, asked, found, standing, document }) => ({ id, line, asked, found, standing, document })) });
  return stops ? 1 : 0;
}
