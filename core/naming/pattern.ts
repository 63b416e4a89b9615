import type { Brief, NameField } from '../model/brief.ts';
import type { Details, DetailName } from '../model/details.ts';
import { foldText, squash } from '../identity/fold.ts';
import { versionMark } from '../tables/version-marks.ts';
import { bracketedWords, fieldWords, openWords } from './field-words.ts';

export const fieldNames: Record<NameField, string> = {
  studentNumber: 'student number', candidateNumber: 'candidate number', surname: 'surname', givenNames: 'given name', initials: 'initials', username: 'username',
  courseCode: 'course code', title: 'title', part: 'part', date: 'date',
};

/** A field, or what a rule may mean by a word: any of the names, any of the numbers, how many words there are. */
type Meant = NameField | 'anyName' | 'anyNumber' | 'wordCount';
/** `shape`: how a date is written, where the pattern says so. `or`: other fields that are meant as well as may be. */
type Token = { field: NameField; shape?: string; or?: readonly NameField[]; letter?: string; /** words that stand for what only the reader knows: “XX”, “[group letter]” */ slot?: string } | { literal: string };

/** Dates as patterns spell them: letters for digits (RFC 3339, 5.6, names the parts). */
function dateShape(word: string): string | undefined {
  if (!/^(?=.*y)(?=.*m)(?=.*d)[ymd._-]+$/i.test(word)) return undefined;
  return word.replace(/y+|m+|d+|[._-]+/gi, (part) => (/^y/i.test(part) ? `\\d{${part.length}}` : /^m/i.test(part) ? '(?:0[1-9]|1[0-2])' : /^d/i.test(part) ? '(?:0[1-9]|[12]\\d|3[01])' : '[._-]?'));
}

const joint = '[\\s_-]*', spelled = (words: string): string => words.replace(/ /g, joint), own = `(?:(?:your|the|the student[’']s|student[’']s|my|own)${joint})?`;
const vocabulary = (words: typeof fieldWords | typeof bracketedWords): { field: Meant; pattern: string }[] => words.flatMap(([field, list]) => list.map((w) => ({ field, pattern: spelled(w) })));
/** A field stands between signs, or where a small letter meets a capital. */
const fieldAt = vocabulary(fieldWords).map(({ field, pattern }) => ({ field, pattern: new RegExp(`${own}(?:${pattern})`, 'iuy'), bare: new RegExp(`^${own}(?:${pattern})$`, 'iu') }));
const setApart = [...fieldAt, ...vocabulary(bracketedWords).map(({ field, pattern }) => ({ field, bare: new RegExp(`^${own}(?:${pattern})$`, 'iu') }))];
const openAt = openWords.map(([words, shape]) => ({ shape, pattern: new RegExp(`(?:${spelled(words)})(?![\\p{L}\\p{N}])`, 'iuy'), bare: new RegExp(`^${own}(?:${spelled(words)})$`, 'iu') }));
const wrapped = /\[\[?([^\]]{1,40})\]\]?|\{\{?([^}]{1,40})\}\}?|<<?([^>]{1,40})>>?|\(([^)]{1,40})\)|«([^»]{1,40})»|“([^”]{1,40})”|"([^"]{1,40})"|%([\p{L}\d#. _-]{1,40})%|\$\{?([\p{L}]{1,40})\}?|\*([\p{L}\d#. _-]{1,40})\*/uy;

const tokenOf = (field: Meant, words: string): Token => {
  if (field === 'anyName') return { field: 'surname', or: ['givenNames'] };
  // “S1234567”: the letter that a number begins with is the number's own.
  if (field === 'anyNumber') return { field: 'studentNumber', or: ['candidateNumber'], ...(/^[A-Za-wyz](?=\d)/.test(words) ? { letter: words[0]! } : {}) };
  if (field === 'wordCount') return { field: 'part', shape: '\\d[\\d.,]*' };
  const shape = field === 'date' ? dateShape(words) : undefined;
  return { field, ...(shape ? { shape } : {}) };
};
/** Splits a pattern into fields and literal stretches: `[StudentNumber]_GEO3107.pdf`, `{surname}-{courseCode}`, `Surname_Initials_Title`, “Student number and surname”. */
export function parsePattern(wording: string): Token[] {
  // “Last_First_HW1”: between them the two words can only mean names.
  const pattern = wording.trim().replace(/\s+(?:only|alone)$/i, '').replace(/^[“"‘']([^“”"‘’']+)[”"’']$/, '$1').replace(/\b(last|family)([_ -])(first|given)(?![A-Za-z])/i, '$1Name$2$3Name').replace(/\b(first|given)([_ -])(last|family)(?![A-Za-z])/i, '$1Name$2$3Name').replace(/(?<![A-Za-z])(Last|Family)(First|Given)(?![a-z])/, '$1Name$2Name').replace(/(?<![A-Za-z])(First|Given)(Last|Family)(?![a-z])/, '$1Name$2Name').replace(/(?<=[_-])Last(?=[_.-]|$)/, 'LastName');
  const tokens: Token[] = [];
  const slot = (words: string, shape: string): void => { tokens.push({ field: 'part', shape, slot: words }); };
  const literal = (text: string): void => { const last = tokens.at(-1); if (last && 'literal' in last) last.literal += text; else tokens.push({ literal: text }); };
  for (let at = 0; at < pattern.length;) {
    wrapped.lastIndex = at;
    const set = wrapped.exec(pattern), inside = set?.slice(1).find((g) => g !== undefined)?.trim(), known = inside === undefined ? undefined : setApart.find(({ bare }) => bare.test(inside));
    // “G<number>”, “TeamXX”, “group_N”: which group that is.
    if (set && inside !== undefined && /^(?:number|no\.?|nr\.?|[xn#]{1,3})$/i.test(inside) && unnamedGroup.test(pattern.slice(0, at))) { slot(inside, '\\d{1,9}'); at += set[0].length; continue; }
    // “YYYY-MM-DD”: a day, not a year and what is behind it.
    writtenDate.lastIndex = at;
    const day = startsField(pattern, at) ? writtenDate.exec(pattern)?.[0] : undefined;
    if (day) { tokens.push({ field: 'date', shape: dateShape(day)! }); at += day.length; continue; }
    const open = openFigures(pattern, at);
    if (open) { slot(open, '[\\p{L}\\p{N}]{1,4}'); at += open.length; continue; }
    const openWord = set && inside !== undefined ? openAt.find(({ bare }) => bare.test(inside)) : undefined;
    if (set && openWord) { slot(inside!, openWord.shape); at += set[0].length; continue; }
    if (set && known) { tokens.push(tokenOf(known.field, inside!)); at += set[0].length; continue; }
    if (startsField(pattern, at)) {
      // A word that stands by itself between joints; “Gruppe 7” is what it says.
      const alone = /^$|[^\p{L}\p{N}]$/u.test(pattern.slice(0, at)) ? openAt.flatMap(({ shape, pattern: p }) => { p.lastIndex = at; const words = p.exec(pattern)?.[0]; return words && /^[_.-]?$|^[_-]/.test(pattern.slice(at + words.length, at + words.length + 2)) ? [{ words, shape }] : []; })[0] : undefined;
      if (alone) { slot(alone.words, alone.shape); at += alone.words.length; continue; }
      const found = fieldAt.map(({ field, pattern: p }) => { p.lastIndex = at; const said = p.exec(pattern)?.[0] ?? '', /* “LastnameStudentID”: the s is the next word's */ words = /[sS]$/.test(said) && !endsField(pattern, at + said.length) ? said.slice(0, -1) : said; return { field, words: endsField(pattern, at + words.length) ? words : '' }; }).reduce((a, b) => (b.words.length > a.words.length ? b : a));
      if (found.words && !isFixed(found.field, pattern, at, found.words)) { tokens.push(tokenOf(found.field, found.words)); at += found.words.length; continue; }
    }
    // “[group letter]_[table number]”: words in brackets for which no field is known.
    if (set && inside !== undefined && /^[[{<]/.test(set[0]) && (/^\p{Ll}[\p{Ll} '’-]{2,}$/u.test(inside) || /^\d+[- ]?(?:digit|letter|character)s?\b/i.test(inside))) { slot(inside, "[\\p{L}\\p{N}][\\p{L}\\p{N} .'’-]{0,60}"); at += set[0].length; continue; }
    // Brackets about words that are no field set them apart, and go.
    if (set && inside !== undefined && !/[“”"(]/.test(set[0][0]!) && !/^[%$*]/.test(set[0])) { literal(inside); at += set[0].length; continue; }
    literal(pattern[at]!);
    at++;
  }
  return tokens;
}
const writtenDate = /(?:y{2,4}[._-]?m{1,2}[._-]?d{1,2}|d{1,2}[._-]?m{1,2}[._-]?y{2,4}|m{1,2}[._-]?d{1,2}[._-]?y{2,4})(?![\p{L}\p{N}])/iuy;
/** What a group or an item is called before its number. */
const unnamedGroup = /(?:^|[^\p{L}])(?:[a-z]|ap|gr|grp|group|gruppe|groupe|team|pair|section|lab|week|wk|exercise|ex|hw|table|bench|seat|class|set|task|part|essay|assignment|version)[_ -]?$/iu;
/** “XX”, “NN”, “##”: letters that stand for figures, beside a joint or behind a word in the other case; one alone only behind the word for a group. */
function openFigures(pattern: string, at: number): string | null {
  const run = /^(?:X{1,3}|N{1,3}|x{1,3}|n{1,3}|#{1,3})(?![\p{L}\p{N}#])/u.exec(pattern.slice(at))?.[0];
  if (!run) return null;
  const before = pattern.slice(0, at), group = unnamedGroup.test(before);
  if (run.length === 1 && run !== '#') return group && (/[_ -]$/.test(before) || /\p{Ll}$/u.test(before) === /[XN]/.test(run)) ? run : null;
  return group || !/[\p{L}\p{N}]$/u.test(before) || /\p{Ll}$/u.test(before) === /^[XN]/.test(run) || run.startsWith('#') ? run : null;
}
const startsField = (pattern: string, at: number): boolean => at === 0 || !/[\p{L}\p{N}]/u.test(pattern[at - 1]!) || /\p{Ll}/u.test(pattern[at - 1]!) && /\p{Lu}/u.test(pattern[at]!);
const endsField = (pattern: string, at: number): boolean => at === pattern.length || !/[\p{L}\p{N}#]/u.test(pattern[at]!) || startsField(pattern, at);
/** “Essay 1”, “Part B”, “class of 2027”: a word that goes with what is behind it is what it says, and so is a word beside a dot or an apostrophe. */
const isFixed = (field: string, pattern: string, at: number, words: string): boolean => field === 'title' && /^\p{L}+$/u.test(words) && (/\p{L}$/u.test(pattern.slice(0, at)) || /^\p{L}/u.test(pattern.slice(at + words.length)) && !fieldAt.some(({ pattern: p }) => { p.lastIndex = at + words.length; return p.test(pattern); })) || ['title', 'part', 'courseCode', 'anyName', 'candidateNumber'].includes(field) && /^\s*[_-]?\s*(?:\d|[A-Z](?![\p{L}\d]))/u.test(pattern.slice(at + words.length)) && !/name|title|code|number|no\b/i.test(words) || field === 'anyName' && /^\s*(?:of|and)\b/i.test(pattern.slice(at + words.length)) && /student$/i.test(words);

const stem = (name: string): string => name.replace(/\.[A-Za-z0-9]{1,5}$/, '');
const escape = (s: string): string => s.replace(/[.*+?^${}()|[\]\\]/g, '\\$&');

/** What a token looks like: one of its fields, or the whole name where any name is meant. */
function tokenSource(token: { field: NameField; or?: readonly NameField[]; letter?: string }, details: Details | null): string {
  if (token.letter !== undefined) return `${escape(token.letter)}?${tokenSource({ field: token.field, ...(token.or ? { or: token.or } : {}) }, details)}`;
  const [first, ...rest] = [token.field, ...(token.or ?? [])].filter((f) => !details || token.or === undefined || valueOf(f, details) !== '' ).map((f) => fieldSource(f, details));
  if (first === undefined) return fieldSource(token.field, details);
  if (!token.or?.includes('givenNames')) return `(?:${[first, ...rest].join('|')})`;
  const both = `(?:${first}[\\s,_.-]*${rest[0] ?? first}|${rest[0] ?? first}[\\s,_.-]*${first})`;
  return `(?:${[both, first, ...rest].join('|')})`;
}

/** What a field looks like when its value is known, and when it is not. */
function fieldSource(field: NameField, details: Details | null): string {
  const any: Record<NameField, string> = { studentNumber: '[A-Za-z]{0,3}\\d{4,12}[A-Za-z]?', candidateNumber: '[A-Za-z]{0,3}\\d{3,10}[A-Za-z]?', surname: "[\\p{L}\\p{M}'’ -]+", givenNames: "[\\p{L}\\p{M}'’ -]+", initials: '[\\p{Lu}.]{1,6}', username: '[A-Za-z0-9._-]{3,20}', courseCode: '[A-Za-z]{2,5}[\\s_-]?\\d{2,5}[A-Za-z]?', title: '.+?', part: '[\\p{L}\\d ]+', date: '[\\d._-]{6,10}' };
  if (field === 'initials' && details && details.givenNames.length > 0) {
    const letters = details.givenNames.map((g) => escape(g[0] ?? '')), all = letters.join('[\\s.]*'), last = escape(details.surname[0] ?? '');
    return `(?:${all}(?:[\\s.]*${last})?|${letters[0]}(?:[\\s.]*${last})?)\\.?`;
  }
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

/** Words that only join the fields of a rule in running words. */
const joining = /\s*(?:,|\+|&|;|\band\b|\bthen\b|\bplus\b|\bfollowed by\b)(?:\s+(?:the|your|then|and))*\s*/giu;
const literalSource = (text: string): string => (/\s|[+,&;]/.test(text) ? text.split(joining) : [text]).map((piece) => escape(piece).replace(/\s+/g, '[\\s_+-]*')).join('[\\s_+,.&-]*');

/** “StudentID_Report.pdf or StudentID_Data.csv”: the names of several files, all with an ending or none; else the pattern itself. */
export function eachName(pattern: string): string[] {
  const names = pattern.split(' or ');
  return names.length > 1 && (names.every((n) => /^[^\s.]+[_-][^\s.]+(?:\.\w{2,5})?$/.test(n.replace(/\[[^\]]{1,40}\]|<[^>]{1,40}>/g, 'x'))) || names.every((n) => /^(?:[^\s<[{]|[<[{][^<>[\]{}]{1,40}[>\]}])+\.\w{2,5}$/.test(n))) ? names : [pattern];
}
const wordsOf = (text: string): string[] => text.toLowerCase().match(/\p{L}{3,}/gu) ?? [];
/** Of several names the one that tells of the document: “ID_thesis.pdf or ID_summary.docx”, for the thesis. Where none or more than one does, all of them. */
export function nameFor(pattern: string, label: string | null): string {
  const names = eachName(pattern), own = wordsOf(label ?? '');
  if (names.length < 2 || own.length === 0) return pattern;
  // What stands for a detail says nothing of the document.
  const fixed = names.map((n) => wordsOf(parsePattern(stem(n)).map((t) => ('literal' in t ? t.literal : ' ')).join(' ').replace(/\[[^\]]*\]|<[^>]*>|\{[^}]*\}/g, ' ')));
  const telling = names.filter((_, i) => fixed[i]!.some((w) => own.some((o) => o.startsWith(w) || w.startsWith(o) || w.length > 3 && o.endsWith(w)) && !fixed.every((other) => other.includes(w))));
  return telling.length === 1 ? telling[0]! : pattern;
}

/** Whether a name follows a pattern, or one of several. `unknown` where the pattern is prose that cannot be turned into fields. */
export function checkPattern(name: string, pattern: string, details: Details | null): { fits: boolean | 'unknown'; why: string } {
  const verdicts = eachName(pattern).map((one) => checkOne(name, one, details, one !== pattern));
  return verdicts.find((v) => v.fits === true) ?? verdicts.find((v) => v.fits === 'unknown') ?? verdicts[0]!;
}
/** @param oneOfSeveral - “Figure1.jpg” beside “Report.docx” stands for every number */
function checkOne(name: string, pattern: string, details: Details | null, oneOfSeveral: boolean): { fits: boolean | 'unknown'; why: string } {
  const tokens = parsePattern(stem(pattern));
  if (tokens.length === 0) return { fits: true, why: '' };
  // A pattern of nothing but words is either a fixed name or a sentence.
  if (pattern.trim().split(/\s+/).length >= 8) return { fits: 'unknown', why: 'the rule is a sentence' };
  const source = tokens.map((t) => ('field' in t ? t.shape ?? tokenSource(t, details) : literalSource(t.literal))).join('').replace(oneOfSeveral ? /(?<=\p{L}{3}|[_-])0?1$/u : /$^/, '\\d{1,2}');
  if (new RegExp(`^${source}$`, 'iu').test(stem(name))) return { fits: true, why: '' };
  const lacking = tokens.filter((t): t is Extract<Token, { field: NameField }> => 'field' in t).find((t) => t.slot === undefined && [t.field, ...(t.or ?? [])].every((f) => hasField(name, f, details) === false));
  if (lacking) return { fits: false, why: `the ${fieldNames[lacking.field]} is missing or differs` };
  return { fits: false, why: 'the order or the signs between differ' };
}

/** Whether a name carries a field. The whole hyphenated surname counts, not half of it. */
export function hasField(name: string, field: NameField, details: Details | null): boolean | 'unknown' {
  const value = valueOf(field, details);
  // A letter or two are in every name: they count where a word begins with them.
  // “PryceLloydS”: behind the surname.
  if (field === 'initials' && value !== '' && new RegExp(`(?<=\\p{Ll})${fieldSource('initials', details)}(?!\\p{L})`, 'u').test(stem(name))) return true;
  if (field === 'initials') return value === '' || new RegExp(`(?<!\\p{L})${escape(value[0]!)}`, 'iu').test(stem(name)) ? (value !== '' && new RegExp(`(?<!\\p{L})${fieldSource('initials', details)}(?!\\p{Ll})`, 'u').test(stem(name)) ? true : 'unknown') : false;
  if (value) return foldText(name).squashed.includes(squash(value));
  const bare = stem(name);
  if (field === 'studentNumber' || field === 'candidateNumber') return /\d{4,}/.test(bare) ? 'unknown' : false;
  if (field === 'courseCode') return /[A-Za-z]{2,5}[\s_-]?\d{2,5}/.test(bare);
  if (field === 'date') return /\d{6,8}|\d{1,4}[-._]\d{1,2}[-._]\d{1,4}/.test(bare);
  return 'unknown';
}

const detailFields: Partial<Record<DetailName, NameField[]>> = { studentNumber: ['studentNumber'], candidateNumber: ['candidateNumber'], surname: ['surname'], fullName: ['surname', 'givenNames'], givenName: ['givenNames'], initials: ['initials', 'surname'], username: ['username'] };
export const fieldsOfDetail = (detail: DetailName): readonly NameField[] => detailFields[detail] ?? [];
/** A detail that the brief itself demands in the name is asked for, not forbidden. */
export function isAskedInName(brief: Brief, detail: DetailName): boolean {
  const fields = fieldsOfDetail(detail);
  const inPattern = brief.naming.pattern ? eachName(brief.naming.pattern).flatMap((one) => parsePattern(stem(one))).flatMap((t) => ('field' in t ? [t.field] : [])) : [];
  return fields.some((f) => brief.naming.mustContain.includes(f) || inPattern.includes(f));
}

/** A name by the brief's rule; falls back to the present name without what is refused. Unknown fields stay as words.
 * @returns the new name with its ending */
export function proposeName(input: { brief: Brief; details: Details | null; present: string; extension: string; title: string; courseCode: string; label: string | null; anonymous: boolean }): string {
  const { brief, details } = input;
  const clean = (s: string): string => s.replace(/[<>:"/\\|?*\p{Cc}]/gu, ' ').replace(/\s+/g, ' ').trim();
  const value = (f: NameField): string => valueOf(f, details) || (f === 'courseCode' ? input.courseCode.replace(/\s+/g, '') : f === 'title' ? input.title : f === 'part' ? (input.label ?? '') : '');
  const join = (tokens: Token[]): string => tokens.map((t) => ('field' in t ? t.slot?.replace(/\s+/g, '-') ?? (value(t.field).replace(/\s+/g, '-') || fieldNames[t.field].replace(/\s+/g, '-')) : t.literal)).join('');
  // A dash between two words of a title is no word.
  const titleWords = (most: number): string => input.title.split(/\s+/).filter((w) => /[\p{L}\p{N}]/u.test(w)).slice(0, most).join('-');
  let base: string;
  // Of several names, the one that tells of the document, or has the file's ending.
  const names = brief.naming.pattern ? eachName(nameFor(brief.naming.pattern, input.label)) : [], rule = names.find((n) => n.toLowerCase().endsWith(`.${input.extension}`)) ?? names[0];
  if (rule && parsePattern(stem(rule)).some((t) => 'field' in t)) base = join(parsePattern(stem(rule)));
  else if (brief.naming.mustContain.length > 0) base = [...brief.naming.mustContain.map(value).filter(Boolean), titleWords(4)].join('_');
  else {
    base = stem(input.present).replace(new RegExp(`${versionMark.source}|(?:^|[\\s_.-])(?:final|draft)(?=$|[\\s_.-])`, 'gi'), ' ');
    if (input.anonymous) base = [input.courseCode.replace(/\s+/g, ''), titleWords(5)].filter(Boolean).join('_') || 'paper';
  }
  const ascii = clean(base).normalize('NFKD').replace(/\p{M}/gu, '').replace(/[^\x20-\x7e]/g, '').replace(/\s+/g, '-').replace(/^[-_.]+|[-_.]+$/g, '').slice(0, 90);
  return `${ascii || 'paper'}.${input.extension}`;
}
