import type { Brief, NameField } from '../model/brief.ts';
import type { Details, DetailName } from '../model/details.ts';
import { foldText, squash } from '../identity/fold.ts';

export const fieldNames: Record<NameField, string> = {
  studentNumber: 'student number', candidateNumber: 'candidate number', surname: 'surname', givenNames: 'given name', initials: 'initials', username: 'username',
  courseCode: 'course code', title: 'title', part: 'part', date: 'date',
};

/** Words that stand for a field in a pattern, longest first. */
const placeholders: readonly [RegExp, NameField][] = [
  [/student\s*(?:id|number|no\.?|num)|registration\s*(?:number|no\.?)|matriculation\s*(?:number|no\.?)|roll\s*(?:number|no\.?)|\bid\s*number|\bsid\b|student_?id/i, 'studentNumber'],
  [/(?:candidate|exam(?:ination)?)\s*(?:number|no\.?|code|id)/i, 'candidateNumber'],
  [/(?:last|family)\s*name|surname|nachname/i, 'surname'], [/(?:first|given|fore)\s*names?|vorname/i, 'givenNames'], [/initials?/i, 'initials'], [/user\s*name|user\s*id|login/i, 'username'],
  [/(?:course|unit|module|class|subject|lesson)\s*(?:code|number|no\.?|name)?/i, 'courseCode'], [/(?:paper|essay|assignment|assessment|coursework|work)?\s*(?:title|name)|essay|assignment|titel/i, 'title'], [/part|section|task|week/i, 'part'], [/date|(?:y{2,4}|mm|dd)(?:[-._ ]?(?:y{2,4}|mm|dd)){2}/i, 'date'],
];

/** `shape`: how a date is written, where the pattern says so. */
type Token = { field: NameField; shape?: string } | { literal: string };

/** Dates as patterns spell them: letters for digits (RFC 3339, 5.6, names the parts). */
function dateShape(word: string): string | undefined {
  if (!/^(?=.*y)(?=.*m)(?=.*d)[ymd._-]+$/i.test(word)) return undefined;
  return word.replace(/y+|m+|d+|[._-]+/gi, (part) => (/^y/i.test(part) ? `\\d{${part.length}}` : /^m/i.test(part) ? '(?:0[1-9]|1[0-2])' : /^d/i.test(part) ? '(?:0[1-9]|[12]\\d|3[01])' : '[._-]?'));
}

/** Splits a pattern into fields and literal stretches: `[StudentNumber]_GEO3107.pdf`, `{surname}-{courseCode}`, `Surname_Initials_Title`. */
export function parsePattern(wording: string): Token[] {
  // “Last_First_HW1”: between them the two words can only mean names.
  const pattern = wording.replace(/\b(last)([_-])(first)(?![A-Za-z])/i, '$1Name$2$3Name').replace(/\b(first)([_-])(last)(?![A-Za-z])/i, '$1Name$2$3Name');
  // “Student number and surname” in running words.
  if (/\s/.test(pattern.trim()) && !/[[\]{}<>_]|(?:y{4}|dd|mm)[-._]?(?:mm|dd)/i.test(pattern)) return parsePhrase(pattern);
  const tokens: Token[] = [];
  const spaced = (word: string): string => word.replace(/([a-z])([A-Z])/g, '$1 $2').replace(/[_-]/g, ' ');
  for (const piece of pattern.match(/(?:y{2,4}|mm|dd)(?:[-._]?(?:y{2,4}|mm|dd)){2}|[[{<(][^\]}>)]{1,40}[\]}>)]|(?:candidate|student|exam(?:ination)?|registration|matriculation|roll|ID)\s(?:number|code|ID|no)|(?:first|given|last|family)\sname|(?:module|course|unit)\scode|[_\-.]+|\s+|[^[\]{}<>()_\-.\s]+/gi) ?? []) {
    const bare = spaced(piece.replace(/^[[{<(]|[\]}>)]$/g, '')).trim();
    const match = /^[_\-.\s]+$/.test(piece) || (/\d/.test(bare) && !/yyyy|ddmm/i.test(bare)) ? undefined : placeholders.find(([p]) => { const m = p.exec(bare); return m !== null && m[0].length >= bare.length - 2; });
    const shape = match?.[1] === 'date' ? dateShape(piece.replace(/^[[{<(]|[\]}>)]$/g, '')) : undefined;
    if (match) tokens.push({ field: match[1], ...(shape ? { shape } : {}) });
    else { const last = tokens[tokens.length - 1]; const text = piece.replace(/^[[{<(]|[\]}>)]$/g, ''); if (last && 'literal' in last) last.literal += text; else tokens.push({ literal: text }); }
  }
  return tokens;
}

function parsePhrase(pattern: string): Token[] {
  const out: Token[] = [];
  let rest = pattern;
  while (rest) {
    const next = placeholders.map(([p, field]) => ({ m: p.exec(rest), field })).filter((x) => x.m !== null && x.m[0].length > 0).sort((a, b) => a.m!.index - b.m!.index)[0];
    if (!next) { out.push({ literal: rest }); break; }
    if (next.m!.index > 0) out.push({ literal: rest.slice(0, next.m!.index) });
    out.push({ field: next.field });
    rest = rest.slice(next.m!.index + next.m![0].length);
  }
  return out;
}

const stem = (name: string): string => name.replace(/\.[A-Za-z0-9]{1,5}$/, '');
const escape = (s: string): string => s.replace(/[.*+?^${}()|[\]\\]/g, '\\$&');

/** What a field looks like when its value is known, and when it is not. */
function fieldSource(field: NameField, details: Details | null): string {
  const any: Record<NameField, string> = { studentNumber: '[A-Za-z]{0,3}\\d{4,12}[A-Za-z]?', candidateNumber: '[A-Za-z]{0,3}\\d{3,10}[A-Za-z]?', surname: "[\\p{L}\\p{M}'’ -]+", givenNames: "[\\p{L}\\p{M}'’ -]+", initials: '[\\p{Lu}.]{1,6}', username: '[A-Za-z0-9._-]{3,20}', courseCode: '[A-Za-z]{2,5}[\\s_-]?\\d{2,5}[A-Za-z]?', title: '.+?', part: '[\\p{L}\\d ]+', date: '[\\d._-]{6,10}' };
  const values = field === 'givenNames' && details ? [...details.givenNames, details.givenNames.join(' ')] : [valueOf(field, details)], known = values.filter(Boolean);
  if (known.length === 0) return any[field];
  // What parts a name in two may be another sign in a file name, or none.
  const spelled = (value: string): string => value.split(/[\s'’.\p{Pd}]+/u).map(escape).join("[\\s'’._-]*");
  return `(?:${[...new Set(known.flatMap((v) => [spelled(v), spelled(v.normalize('NFKD').replace(/\p{M}/gu, ''))]))].sort((a, b) => b.length - a.length).join('|')})`;
}

/** The student's value of a field; empty when it is not known or does not belong to the details. */
export function valueOf(field: NameField, details: Details | null): string {
  if (!details) return '';
  switch (field) {
    case 'studentNumber': return details.studentNumber;
    case 'candidateNumber': return details.candidateNumber;
    case 'surname': return details.surname;
    case 'givenNames': return details.givenNames[0] ?? '';
    case 'initials': return details.givenNames.map((g) => g[0]?.toUpperCase() ?? '').join('');
    case 'username': return details.username;
    default: return '';
  }
}

/** Whether a name follows a pattern. `unknown` where the pattern is prose that cannot be turned into fields. */
export function checkPattern(name: string, pattern: string, details: Details | null): { fits: boolean | 'unknown'; why: string } {
  const tokens = parsePattern(stem(pattern));
  if (tokens.length === 0) return { fits: true, why: '' };
  // A pattern of nothing but words is either a fixed name or a sentence.
  if (pattern.trim().split(/\s+/).length >= 8) return { fits: 'unknown', why: 'the rule is a sentence' };
  const source = tokens.map((t) => ('field' in t ? t.shape ?? fieldSource(t.field, details) : escape(t.literal).replace(/\s*\\\+\s*/g, ' ').replace(/\s+/g, '[\\s_+-]*'))).join('');
  if (new RegExp(`^${source}$`, 'iu').test(stem(name))) return { fits: true, why: '' };
  const lacking = tokens.filter((t): t is { field: NameField } => 'field' in t).find((t) => hasField(name, t.field, details) === false);
  if (lacking) return { fits: false, why: `the ${fieldNames[lacking.field]} is missing or differs` };
  return { fits: false, why: 'the order or the signs between differ' };
}

/** Whether a name carries a field. The whole hyphenated surname counts, not half of it. */
export function hasField(name: string, field: NameField, details: Details | null): boolean | 'unknown' {
  const value = valueOf(field, details);
  if (value) return foldText(name).squashed.includes(squash(value));
  const bare = stem(name);
  if (field === 'studentNumber' || field === 'candidateNumber') return /\d{4,}/.test(bare) ? 'unknown' : false;
  if (field === 'courseCode') return /[A-Za-z]{2,5}[\s_-]?\d{2,5}/.test(bare);
  if (field === 'date') return /\d{6,8}|\d{1,4}[-._]\d{1,2}[-._]\d{1,4}/.test(bare);
  return 'unknown';
}

const detailFields: Partial<Record<DetailName, NameField[]>> = { studentNumber: ['studentNumber'], candidateNumber: ['candidateNumber'], surname: ['surname'], fullName: ['surname', 'givenNames'], givenName: ['givenNames'], initials: ['initials', 'surname'], username: ['username'] };
/** A detail that the brief itself demands in the name is asked for, not forbidden. */
export function isAskedInName(brief: Brief, detail: DetailName): boolean {
  const fields = detailFields[detail] ?? [];
  const inPattern = brief.naming.pattern ? parsePattern(stem(brief.naming.pattern)).flatMap((t) => ('field' in t ? [t.field] : [])) : [];
  return fields.some((f) => brief.naming.mustContain.includes(f) || inPattern.includes(f));
}

/** A name by the brief's rule; falls back to the present name without what is refused. Unknown fields stay as words.
 * @returns the new name with its ending */
export function proposeName(input: { brief: Brief; details: Details | null; present: string; extension: string; title: string; courseCode: string; label: string | null; anonymous: boolean }): string {
  const { brief, details } = input;
  const clean = (s: string): string => s.replace(/[<>:"/\\|?*\p{Cc}]/gu, ' ').replace(/\s+/g, ' ').trim();
  const value = (f: NameField): string => valueOf(f, details) || (f === 'courseCode' ? input.courseCode.replace(/\s+/g, '') : f === 'title' ? input.title : f === 'part' ? (input.label ?? '') : '');
  const join = (tokens: Token[]): string => tokens.map((t) => ('field' in t ? value(t.field).replace(/\s+/g, '-') || fieldNames[t.field].replace(/\s+/g, '-') : t.literal)).join('');
  // A dash between two words of a title is no word.
  const titleWords = (most: number): string => input.title.split(/\s+/).filter((w) => /[\p{L}\p{N}]/u.test(w)).slice(0, most).join('-');
  let base: string;
  if (brief.naming.pattern && parsePattern(stem(brief.naming.pattern)).some((t) => 'field' in t)) base = join(parsePattern(stem(brief.naming.pattern)));
  else if (brief.naming.mustContain.length > 0) base = [...brief.naming.mustContain.map(value).filter(Boolean), titleWords(4)].join('_');
  else {
    base = stem(input.present).replace(/\(\d+\)|(^|[\s_.-])(copy(?: of)?|final[\s_-]*final\w*|final\d*|v(?:ersion)?[\s_.-]?\d+(?:\.\d+)*|draft\d*)(?=$|[\s_.-])/gi, ' ');
    if (input.anonymous) base = [input.courseCode.replace(/\s+/g, ''), titleWords(5)].filter(Boolean).join('_') || 'paper';
  }
  const ascii = clean(base).normalize('NFKD').replace(/\p{M}/gu, '').replace(/[^\x20-\x7e]/g, '').replace(/\s+/g, '-').replace(/^[-_.]+|[-_.]+$/g, '').slice(0, 90);
  return `${ascii || 'paper'}.${input.extension}`;
}
