import { readFileSync } from 'node:fs';
import { describe, expect, test } from '@jest/globals';
import { readBrief } from '../read.ts';

interface Row { label: string; value: string; field: string; wanted: unknown }
const forms: Record<string, { around: [Row, Row]; rows: Row[] }> = {};
let tongue = '';
for (const line of readFileSync(new URL('../../testing/rows.txt', import.meta.url), 'utf8').split('\n').filter((l) => l !== '' && !l.startsWith('#'))) {
  const name = /^\[(\w+)\]$/.exec(line)?.[1];
  if (name) { forms[(tongue = name)] = { around: [] as unknown as [Row, Row], rows: [] }; continue; }
  const [label, value, field, wanted] = line.split(' || ') as [string, string, string?, string?];
  if (field === undefined) forms[tongue]!.around.push({ label, value, field: '', wanted: null }); else forms[tongue]!.rows.push({ label, value, field, wanted: JSON.parse(wanted!) });
}
/** How a row is set: behind a colon, between bars, behind a tab. */
const set: Record<string, (label: string, value: string) => string> = { colon: (label, value) => `${label}: ${value}`, bars: (label, value) => `| ${label} | ${value} |`, tab: (label, value) => `${label}\t${value}` };
const settled = (rows: readonly Row[], as: keyof typeof set, field: string): unknown => field.split('.').reduce<unknown>((of, key) => (of as Record<string, unknown> | null | undefined)?.[key], readBrief(rows.map((r) => set[as]!(r.label, r.value)).join('\n'), '2026-11-30T09:00:00Z').brief) ?? null;

describe.each(Object.entries(forms))('%s', (_, { around: [first, last], rows }) => {
  test.each(rows.map((row) => [`${row.label} | ${row.value}`, row] as const))('%s', (__, row) => { for (const as of Object.keys(set)) expect([as, settled([first, row, last], as, row.field)]).toEqual([as, row.wanted]); });
});

describe('hard negatives', () => {
  const row = (label: string, value: string): Row => ({ label, value, field: '', wanted: null });
  test.each<[string, string, string]>([
    ['Peso', 'un tercio de la nota', 'limits.maxBytes'], ['Correction', 'corrigé en ligne en janvier', 'anonymous'], ['Retard', 'prévenez l’enseignant', 'late.cutoffDays'], ['Bewertung', 'ein Drittel der Note', 'anonymous'], ['Versuche', 'drei Messungen im Labor', 'attempts.allowed'],
    ['Verspätung', 'bitte melden', 'late.cutoffDays'], ['Pogingen', 'meet elke waarde drie keer', 'attempts.allowed'], ['Anonimato', 'tema de la segunda sesión', 'anonymous'], ['Sted', 'auditorium 2', 'late.cutoffDays'], ['Referencias', 'al menos diez', 'referenceStyle'],
  ])('%s: %s', (label, value, field) => { for (const as of Object.keys(set)) expect(settled([row('Tipo de trabajo', 'ensayo individual'), row(label, value), row('Grupo', 'uno')], as, field)).toBeNull(); });
  test('a window behind the label of a deadline is read as one', () => { const { opens, due } = readBrief('Tipo de trabajo: ensayo individual\nPlazo: del 1 al 11 de junio de 2027', '2026-11-30T09:00:00Z').brief; expect([opens, due]).toEqual(['2027-06-01', '2027-06-11']); });
});
