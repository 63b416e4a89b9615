import type { DocumentFacts } from '../model/facts.ts';

/** What a file tells of its own making. Times in milliseconds since 1970; `null` where it says nothing. */
export interface Told { created: number | null; modified: number | null; saves: number | null; editingMinutes: number | null }

const first = (facts: DocumentFacts, keys: RegExp): string | null => (facts.metadata.ok ? facts.metadata.value.find((m) => keys.test(`${m.part}/${m.key}`))?.value ?? null : null);

/** Reads the stored times and counters. Neutral values (1980 or earlier, zero) say nothing. */
export function toldBy(facts: DocumentFacts): Told {
  return {
    created: stamp(first(facts, /^(Info\/CreationDate|docProps\/core\.xml\/created|meta\.xml\/(meta:)?creation-date|XMP\/xmp:CreateDate)/)),
    modified: stamp(first(facts, /^(Info\/ModDate|docProps\/core\.xml\/modified|meta\.xml\/(dc:)?date|XMP\/xmp:ModifyDate)/)) ?? stamp(first(facts, /^Info\/CreationDate/)),
    saves: count(first(facts, /^(docProps\/core\.xml\/revision|meta\.xml\/(meta:)?editing-cycles)/)),
    editingMinutes: minutes(first(facts, /^(docProps\/app\.xml\/TotalTime|meta\.xml\/(meta:)?editing-duration)/)),
  };
}

/** A date of a PDF (ISO 32000-1, 7.9.4: D:YYYYMMDDHHmmSSOHH'mm') or ISO 8601. */
export function stamp(value: string | null): number | null {
  if (!value) return null;
  const pdf = /^(?:D:)?(\d{4})(\d{2})?(\d{2})?(\d{2})?(\d{2})?(\d{2})?\s*(?:(Z)|([+-])(\d{2})'?(\d{2})?'?)?/.exec(value);
  const iso = pdf && !/^\d{4}-/.test(value) ? `${pdf[1]}-${pdf[2] ?? '01'}-${pdf[3] ?? '01'}T${pdf[4] ?? '00'}:${pdf[5] ?? '00'}:${pdf[6] ?? '00'}${pdf[8] ? `${pdf[8]}${pdf[9]}:${pdf[10] ?? '00'}` : 'Z'}` : value;
  const at = Date.parse(/[zZ]$|[+-]\d{2}:?\d{2}$/.test(iso) || /^\d{4}-\d{2}-\d{2}$/.test(iso) ? iso : `${iso}Z`);
  return Number.isFinite(at) && at > Date.UTC(1981, 0) ? at : null;
}
const count = (value: string | null): number | null => (value && Number(value) > 0 ? Number(value) : null);
/** Whole minutes (OOXML TotalTime) or an ISO 8601 duration (ODF editing-duration). */
function minutes(value: string | null): number | null {
  if (!value) return null;
  const iso = /^P(?:(\d+)D)?T?(?:(\d+)H)?(?:(\d+)M)?(?:([\d.]+)S)?$/.exec(value);
  const n = iso ? Number(iso[1] ?? 0) * 1440 + Number(iso[2] ?? 0) * 60 + Number(iso[3] ?? 0) + Number(iso[4] ?? 0) / 60 : Number(value);
  return Number.isFinite(n) && n > 0 ? n : null;
}
