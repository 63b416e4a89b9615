import { fileStem } from '../../core/naming/stem.ts';
import { db, type PaperRow } from './db.ts';

/** Gathers what goes into a paper's evidence bag. The student's details are not among it; the papers themselves are as they were sent. */
export async function evidenceOf(paper: PaperRow): Promise<{ name: string; files: { path: string; blob: Blob }[]; info: Record<string, string>; at: string }> {
  const [files, submissions, receipts, events, check] = await Promise.all([db.files.where({ paperKey: paper.id }).toArray(), db.submissions.where({ paperKey: paper.id }).sortBy('at'), db.receipts.where({ paperKey: paper.id }).sortBy('at'), db.events.where({ paperKey: paper.id }).sortBy('at'), db.checks.get(paper.id)]);
  const json = (value: unknown): Blob => new Blob([JSON.stringify(value, null, 1)], { type: 'application/json' }), out: { path: string; blob: Blob }[] = [], taken = new Set<string>();
  const put = (folder: string, name: string, blob: Blob): string => {
    // Two files may have one name: the later gets a number.
    const clean = name.replace(/[\\/\u0000-\u001f:]/g, '_') || 'unnamed';
    let path = `${folder}/${clean}`;
    for (let n = 2; taken.has(path.toLowerCase()); n++) path = `${folder}/${n}-${clean}`;
    taken.add(path.toLowerCase());
    out.push({ path, blob });
    return path;
  };
  const stored = new Map<string, string>();
  const pathOf = (id: string): string | null => { const f = files.find((x) => x.id === id); if (!f) return null; const known = stored.get(f.sha256 + f.name); if (known) return known; const path = put('files', f.name, f.blob); stored.set(f.sha256 + f.name, path); return path; };
  const sent = submissions.map((s) => ({ at: s.at, place: s.place, answer: s.deskId || null, note: s.note, files: s.fileIds.map(pathOf) }));
  for (const f of files.filter((x) => x.state === 'current')) pathOf(f.id);
  const got = receipts.map((r) => ({ at: r.at, file: put('receipts', r.name, r.blob), fields: r.result.fields, agreement: r.result.agreement, standing: r.result.standing, returned: r.returned }));
  const { evidence, ...asked } = paper.brief;
  put('brief', 'wording.txt', new Blob([paper.wording]));
  put('brief', 'brief.json', json({ ...asked, evidence, readAt: paper.wordingAt }));
  put('record', 'submissions.json', json(sent));
  put('record', 'receipts.json', json(got));
  put('record', 'mends.json', json(files.filter((f) => f.made).map((f) => ({ at: f.addedAt, name: f.name, sha256: f.sha256, from: files.find((x) => x.id === f.parent)?.name ?? null, made: f.made, state: f.state }))));
  put('record', 'events.json', json(events.map(({ at, what }) => ({ at, what }))));
  if (check) put('record', 'docket.json', json({ at: check.at, docket: check.result.docket, reasons: paper.reasons }));
  if (paper.afterwards) put('record', 'afterwards.json', json(paper.afterwards));
  const at = new Date().toISOString();
  return { name: fileStem('evidence', paper.title), files: out, info: { 'Source-Organization': 'Hand Over', 'External-Description': paper.title, 'External-Identifier': paper.id, 'Bag-Software-Agent': 'Hand Over' }, at };
}
