import type { Finding, DocketLine } from '../../core/index.ts';
import type { CheckRow, FileRow } from '../store/db.ts';

interface Said { file: CheckRow['result']['files'][number] | undefined; lines: DocketLine[]; /** findings about several files that name this one */ among: Finding[] }
const nothing: Said = { file: undefined, lines: [], among: [] };
const told = new WeakMap<CheckRow, Map<string, Said>>();

/** What a check says of one file. Sorted by name once for every check: a list of hundreds of files asks for each. */
export function saidOf(row: CheckRow | null, file: FileRow): Said {
  if (!row) return nothing;
  let byName = told.get(row);
  if (!byName) {
    const map = (byName = new Map<string, Said>());
    const of = (name: string): Said => { let one = map.get(name); if (!one) { one = { file: undefined, lines: [], among: [] }; map.set(name, one); } return one; };
    for (const line of row.result.docket) if (line.document) of(line.document).lines.push(line);
    for (const f of row.result.files) {
      of(f.name).file ??= f;
      for (const finding of f.findings) if (finding.check.startsWith('set.') && typeof finding.data.name === 'string') of(finding.data.name).among.push(finding);
    }
    told.set(row, byName);
  }
  const said = byName.get(file.name) ?? nothing;
  // Two files of one name: each is judged by its own bytes.
  return said.file && said.file.sha256 !== file.sha256 ? { ...said, file: row.result.files.find((f) => f.name === file.name && f.sha256 === file.sha256) } : said;
}
