import type { DocketLine, DocketStanding, Finding } from '../model/finding.ts';

/** How single lines are gathered for the eye: one row of the docket a subject. Order is the order of the docket. */
export const docketGroups: readonly { id: string; line: string; checks: RegExp; stop: 'bring' | 'check' | 'mend' | 'read' | 'send'; /** how the demand is told: by its own words, by the line, or by both */ tell: 'asked' | 'line' | 'both'; /** its demands stand side by side in the brief, so the row names every one that stands as the worst does */ beside?: true }[] = [
  { id: 'documents', line: 'Documents', checks: /^set\./, stop: 'bring', tell: 'asked' },
  { id: 'kind', line: 'Kind', checks: /^file\.(type|extension)$/, stop: 'mend', tell: 'asked' },
  { id: 'size', line: 'Size', checks: /^file\.size$/, stop: 'check', tell: 'asked' },
  { id: 'keeping', line: 'Form for long keeping', checks: /^file\.archive$/, stop: 'mend', tell: 'asked' },
  { id: 'sound', line: 'Opens soundly', checks: /^file\./, stop: 'check', tell: 'line' },
  { id: 'name', line: 'File name', checks: /^name\.|^identity\.filename$/, stop: 'mend', tell: 'both' },
  { id: 'pages', line: 'Pages', checks: /^pages\./, stop: 'check', tell: 'asked' },
  { id: 'layout', line: 'Layout', checks: /^layout\./, stop: 'check', tell: 'asked', beside: true },
  { id: 'shown', line: 'What the paper shows', checks: /^identity\.shown$|^words\.stated$/, stop: 'check', tell: 'asked', beside: true },
  { id: 'words', line: 'Words', checks: /^words\./, stop: 'check', tell: 'asked' },
  { id: 'fonts', line: 'Fonts', checks: /^fonts\./, stop: 'check', tell: 'line' },
  { id: 'text', line: 'Readable text', checks: /^text\./, stop: 'check', tell: 'line' },
  { id: 'photo', line: 'Readable photo', checks: /^photo\./, stop: 'mend', tell: 'line' },
  { id: 'identity', line: 'Nothing that identifies me', checks: /^identity\./, stop: 'check', tell: 'line' },
  { id: 'metadata', line: 'Nothing stored about me', checks: /^metadata\./, stop: 'mend', tell: 'line' },
  { id: 'remains', line: 'Nothing left over', checks: /^remains\./, stop: 'check', tell: 'line' },
  { id: 'time', line: 'In time', checks: /^time\./, stop: 'send', tell: 'asked' },
];
export const groupOf = (check: string): (typeof docketGroups)[number] => docketGroups.find((g) => g.checks.test(check)) ?? docketGroups.find((g) => g.id === 'sound')!;

/** The findings as a person is told them: a detail in a file's name breaks the rule about names and the anonymity alike, and is one thing to mend. */
export const toldOnce = (findings: Finding[]): Finding[] => findings.filter((f) => f.check !== 'identity.filename' || !findings.some((other) => other.check === 'name.identity' && other.place.quote === f.place.quote));

/** Remedies that Mend carries out; the others are told in Check. */
export const mendable: readonly string[] = ['convert', 'rename', 'clean', 'redact', 'shrink', 'join', 'scan', 'fonts.embed', 'ocr', 'archive', 'changes', 'fields'];

export interface GroupRow { id: string; line: string; asked: string | null; found: string | null; standing: DocketStanding; document: string | null; mend: string | null; stop: string; /** the demand in words */ demand: string; /** why it may go although the line is open, as the student wrote it */ reason: string | null; lines: DocketLine[] }
/** Under which a line's reason is kept: the open lines with what was found and how they stand, so that a reason lapses as soon as something else is found.
 * Of the time only how it stands: hours left run on, a place that has closed is another matter. */
export const answerKey = (row: Pick<GroupRow, 'id' | 'document' | 'lines'>): string =>
  `docket|${row.id}|${row.document ?? ''}|${row.lines.filter((l) => weight[l.standing] > 1).map((l) => `${l.id} ${l.standing}${row.id === 'time' ? '' : ` ${l.found ?? ''}`}`).join('; ')}`;

const weight: Record<DocketStanding, number> = { notMet: 4, unread: 3, look: 2, met: 1, notAsked: 0 };

/** Gathers lines to rows, one a subject and document. The worst line speaks for its row; the first asked line names the demand. @param reasons - by {@link answerKey} */
export function groupDocket(lines: DocketLine[], reasons: Record<string, string> = {}): GroupRow[] {
  const documents = [...new Set(lines.map((l) => l.document))].sort((a, b) => (a === null ? 1 : 0) - (b === null ? 1 : 0));
  const rows: GroupRow[] = [], byPlace = new Map<string, DocketLine[]>();
  for (const l of lines) { const group = docketGroups.find((g) => g.checks.test(l.id)), place = `${group?.id} ${l.document}`; const own = byPlace.get(place); if (own) own.push(l); else byPlace.set(place, [l]); }
  for (const group of docketGroups) for (const document of documents) {
    const own = byPlace.get(`${group.id} ${document}`);
    if (!own) continue;
    const asked = own.filter((l) => l.standing !== 'notAsked');
    const worst = [...asked].sort((a, b) => weight[b.standing] - weight[a.standing])[0];
    const alike = asked.filter((l) => l.standing === worst?.standing);
    const demand = group.beside ? listed(alike.map((l) => l.asked)) : worst && weight[worst.standing] > 1 ? worst.asked : asked[0]?.asked ?? null;
    const row: GroupRow = {
      reason: null, demand: demand === null || group.tell === 'line' ? group.line : group.tell === 'both' ? (own.find((l) => l.asked === demand)?.id === 'name.characters' ? group.line : `${group.line}: ${demand}`) : demand[0]!.toUpperCase() + demand.slice(1),
      id: group.id, line: group.line, document, stop: group.stop, lines: own, asked: demand,
      found: worst && weight[worst.standing] <= 1 && group.id === 'sound' ? 'nothing amiss' : placesTogether(alike) ?? (group.beside ? listed(alike.map((l) => l.found)) : worst?.found ?? null), standing: worst?.standing ?? 'notAsked', mend: asked.find((l) => l.mend !== null && l.standing === worst?.standing)?.mend ?? null,
    };
    rows.push({ ...row, reason: weight[row.standing] > 1 ? reasons[answerKey(row)] ?? null : null });
  }
  return rows;
}

/** What several lines say, each once. */
const listed = (said: (string | null)[]): string | null => [...new Set(said.filter((s) => s !== null))].join(', ') || null;

/** Where every line counts places, the row tells how many they are together. */
function placesTogether(lines: DocketLine[]): string | null {
  const counts = lines.map((l) => Number(/^(\d+) places?$/.exec(l.found ?? '')?.[1] ?? NaN)), sum = counts.reduce((a, b) => a + b, 0);
  return lines.length > 1 && sum > 0 ? `${sum} places` : null;
}

/** May it go, and what is next: the sentence at the head of the docket. */
export function verdictSentence(rows: GroupRow[]): { mayGo: boolean; sentence: string } {
  const left = rows.filter((r) => r.reason === null), answered = rows.length - left.length;
  const open = left.filter((r) => r.standing === 'notMet'), unread = left.filter((r) => r.standing === 'unread'), looks = left.filter((r) => r.standing === 'look');
  const next = open[0] ?? unread[0];
  const lines = (n: number): string => (n === 1 ? '1 line' : `${n} lines`);
  if (open.length > 0) return { mayGo: false, sentence: `May not go yet: ${lines(open.length)} not met. Next: ${nextStep(next!)}.` };
  if (unread.length > 0) return { mayGo: false, sentence: `Not known yet: ${lines(unread.length)} unread. Next: ${nextStep(next!)}.` };
  return { mayGo: true, sentence: looks.length > 0 ? `May go. ${looks.length === 1 ? '1 line wants' : `${looks.length} lines want`} your own look first.` : answered > 0 ? `May go: every line is met or answered (${answered}).` : 'May go: every line is met.' };
}
function nextStep(row: GroupRow): string {
  if (row.standing === 'unread') return row.found === null || row.found === 'no file yet' ? 'bring the paper' : `have a look at “${row.line.toLowerCase()}”`;
  const steps: Record<string, string> = { convert: 'convert it', rename: 'rename it', clean: 'clear what the file stores', redact: 'take your details out of the pages', changes: 'settle the tracked changes', fields: 'turn its form fields into text', 'fonts.embed': 'put its fonts inside', shrink: 'make it smaller', archive: 'write it for long keeping', join: 'put it into one file', ocr: 'have its pages read, or bring it with text', decrypt: 'save it without a password' };
  return steps[row.mend ?? ''] ?? (row.id === 'documents' ? 'bring what is missing' : row.id === 'time' ? 'mind the time' : `see to “${row.line.toLowerCase()}”`);
}
