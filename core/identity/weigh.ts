import type { Passage } from '../model/facts.ts';
import type { Hit } from './find.ts';
import { nameWords } from '../tables/name-words.ts';
import { formatWords, namedFaces } from '../tables/format-words.ts';

/** Why a hit weighs what it weighs; the words are in the messages table. */
export type WeighReason =
  | 'exact' | 'structured' | 'titlePage' | 'citation' | 'referenceEntry' | 'otherPerson' | 'half' | 'given' | 'commonWord' | 'lowerCase' | 'weak';
export interface Weight { standing: 'stops' | 'look'; reason: WeighReason }

/** Places where a string is there to name somebody or something, not to be prose. */
const structured = new Set<Passage['place']>(['comment', 'trackedChange', 'metadata', 'fileName', 'signature', 'path', 'imageMetadata', 'form', 'annotation']);

/** Weighs a hit by its context. @returns null where it is no sign of the student: an ordinary word, somebody else's reference */
export function weighHit(hit: Hit, passage: Passage): Weight | null {
  const { form } = hit;
  const { text } = passage;
  const found = text.slice(hit.start, hit.end);
  const inReferences = passage.section === 'references';
  if (form.kind === 'number' && !structured.has(passage.place)) {
    const number = weighNumber(form.key, found, text, hit, passage);
    if (number !== 'strong') return number;
  }
  if (form.kind === 'number' || form.kind === 'email' || form.kind === 'phrase') {
    return form.weight === 'strong' ? { standing: 'stops', reason: 'exact' } : { standing: 'look', reason: 'weak' };
  }
  if (form.kind === 'handle') {
    // A user name or a mailbox that is the student's first or last name, too: in prose it is that.
    if (form.alsoName && !structured.has(passage.place) && passage.place !== 'cloudAddress') return weighHit({ ...hit, form: { ...form, kind: 'name', ...form.alsoName } }, passage);
    // A user name that is a plain word or a short one needs a place that holds such things.
    const wordLike = /^[a-z]+$/i.test(form.key) && form.key.length < 5;
    return wordLike && !structured.has(passage.place) && passage.place !== 'cloudAddress' ? { standing: 'look', reason: 'weak' } : { standing: 'stops', reason: 'exact' };
  }
  if (passage.place === 'hidden' && !form.full && isVocabulary(hit, passage)) return null;
  if (form.unspaced) return form.key.length >= 2 ? { standing: 'stops', reason: 'exact' } : { standing: 'look', reason: 'weak' };
  if (passage.authorLike) return { standing: 'stops', reason: 'structured' };
  // Names of targets inside a file are often made of what is cited there.
  if (passage.part === 'names') return form.full ? { standing: 'stops', reason: 'exact' } : { standing: 'look', reason: 'citation' };
  const proper = /^\p{Lu}/u.test(found) || !/\p{Lu}|\p{Ll}/u.test(found);
  const allCaps = found === found.toUpperCase() && /\p{Lu}{2}/u.test(found);
  const before = text.slice(Math.max(0, hit.start - 40), hit.start), after = text.slice(hit.end, hit.end + 40);
  if (form.full) {
    // Behind the word for a name it is the student's own.
    if (form.shortened && !inReferences && /[:=]\s*$/.test(before) && namedAs.test(before) && /^\.?\s*(?:\n|$|[,;|)])/.test(after)) return { standing: 'stops', reason: 'titlePage' };
    if (form.shortened) return inReferences || !/^(?:\.(?!\s*\p{Lu})|\s*(?:\n|$|[,;)|]))/u.test(after) ? null : { standing: 'look', reason: 'half' };
    if (inReferences) return sameInitials(form, after, before) === false ? null : { standing: 'look', reason: 'referenceEntry' };
    if (form.detail === 'initials' && form.weight === 'weak') return { standing: 'look', reason: 'half' };
    // “Young, M. (1958) The Rise of …”: an entry is one wherever it stands.
    if (isEntry(text.slice(Math.max(0, hit.start - 200), hit.start), found, text.slice(hit.end, hit.end + 200))) return { standing: 'look', reason: 'referenceEntry' };
    // “Mark field boundaries”, “the young will”: ordinary words side by side, and not written as a name is; alone on a line they are one.
    if (!structured.has(passage.place) && isOrdinary(form, found) && !isByline(before, after)) return !proper || startsSentence(before) ? null : { standing: 'look', reason: 'commonWord' };
    return { standing: 'stops', reason: 'exact' };
  }
  if (structured.has(passage.place)) return form.common && !proper && passage.place !== 'fileName' && passage.place !== 'path' ? null : { standing: form.weight === 'strong' || form.detail === 'surname' || wholeValue(hit, text) ? 'stops' : 'look', reason: 'structured' };
  if (form.detail === 'givenName') {
    if (!proper) return null;
    if (!inReferences && /[:=]\s*$/.test(before) && namedAs.test(before) && /^\s*(?:\n|$|[,;|)])/.test(after)) return { standing: 'stops', reason: 'titlePage' };
    if (form.common && (allCaps || startsSentence(before))) return null;
    // Followed or preceded by another capitalised name it is somebody else.
    if (/^\s+(?:[A-Z]\.\s+)*\p{Lu}\p{Ll}+/u.test(after) && !/^\s*\n/.test(after)) return form.common || inReferences ? null : { standing: 'look', reason: 'otherPerson' };
    if (form.common) return passage.section === 'titlePage' || passage.place === 'runningHead' ? { standing: 'look', reason: 'commonWord' } : null;
    return inReferences ? null : { standing: 'look', reason: 'given' };
  }
  // Surnames and other names.
  if (isSymbol(form.key, before, after)) return null;
  const other = otherPerson(form, before, after);
  // A name behind the word for one says whose the paper is, be it an ordinary word or half of it; a work's author has initials or a year.
  if (proper && !inReferences && form.detail !== 'otherName' && namedAs.test(before) && !other && !isCited(before, after) && /^\s*(?:\n|$|[,;|])/.test(after)) return { standing: 'stops', reason: 'titlePage' };
  if (inReferences) {
    if (other) return null;
    return form.common || form.weight === 'weak' ? null : { standing: 'look', reason: 'referenceEntry' };
  }
  const cited = isCited(before, after);
  if (form.common) {
    // A title makes an ordinary word a name.
    if (proper && !cited && /(?:^|[\s(“"])(?:Mr|Mrs|Ms|Miss|Mx)\.?\s+$/.test(before)) return { standing: 'look', reason: 'otherPerson' };
    if (!proper || cited || other) return null;
    if (allCaps || startsSentence(before) || /^\s+\p{Lu}/u.test(after) || /\p{Lu}\p{Ll}*\s+$/u.test(before)) return passage.place === 'runningHead' && found.length === text.trim().replace(/[\d\s|·–-]/g, '').length ? { standing: 'look', reason: 'commonWord' } : null;
    return { standing: 'look', reason: 'commonWord' };
  }
  if (form.weight === 'weak') return !proper || cited || other ? null : { standing: 'look', reason: 'half' };
  if (cited) return { standing: 'look', reason: 'citation' };
  // “Kim Philby”: in running text a name before another is somebody's first.
  if (other || form.joints.size === 0 && proper && !allCaps && passage.section !== 'titlePage' && passage.place === 'text' && /^[ \u00a0](?:(?:al|bin|ibn|de|van|von)[ -])?\p{Lu}\p{Ll}+/u.test(after) && inSentence(before, after)) return { standing: 'look', reason: 'otherPerson' };
  return { standing: 'stops', reason: passage.section === 'titlePage' ? 'titlePage' : 'exact' };
}

/** A sign of chemistry or physics: “Li+”, “Li2O”, “lithium (Li)”. */
const isSymbol = (key: string, before: string, after: string): boolean => key.length <= 2 && (/^(?:[+⁺⁻₀-₉²³\d/=]|[-–](?:ion|air|S\b))/.test(after) || /\p{Ll}\s+\($/u.test(before) && after.startsWith(')'));

/** A name of ordinary words alone, or of one and an initial, of which one word has a small letter; a comma may part them. */
function isOrdinary(form: Hit['form'], found: string): boolean {
  const ends = [...form.joints, form.key.length].sort((a, b) => a - b), words = ends.map((end, i) => form.key.slice(ends[i - 1] ?? 0, end));
  // “The water rose, Mei fled.”
  if (/^\p{Ll}[\p{L}]*,\s/u.test(found) && nameWords.has(words[0]!)) return true;
  return words.every((w) => w.length === 1 || nameWords.has(w)) && words.some((w) => w.length > 1) && /^[\p{L}\s,]+$/u.test(found) && found.split(/\s+/).some((w) => /^\p{Ll}/u.test(w));
}

/** A name that is all of its line, “by” before it or not. */
const isByline = (before: string, after: string): boolean => /(?:^|\n)\s*(?:by\s+)?$/i.test(before) && /^\s*(?:\n|$)/.test(after);

/** “Young, M. F. D. (2008) Bringing …” on a line of its own, with the other authors of the work. Author–date styles; common practice. */
const authors = String.raw`(?:[ ,.&\p{Pd}]|and\b|\p{Lu}(?=[.,\s])|\p{Lu}[\p{L}'’\p{Pd}]+(?=, ?\p{Lu}\.)|et al\b)`;
const entryBefore = new RegExp(String.raw`(?:^|\n)\s*(?:[•*–-]\s+|\[?\d+[.\])]\s+)?${authors}{0,40}$`, 'u'), entryAfter = new RegExp(String.raw`^${authors}{0,60}\((?:1[5-9]|20)\d\d[a-z]?\)[.,:]?[ \u00a0]+\S{0,3}\p{L}`, 'u');
const isEntry = (before: string, found: string, after: string): boolean => /^\p{L}[\p{L}\p{Pd}'’ ]*, ?\p{Lu}/u.test(found) && entryBefore.test(before) && entryAfter.test(after);

/** Whether the line around a name runs on as prose does: ordinary words beside it, no “by” before. */
const inSentence = (before: string, after: string): boolean => !/\bby\s+$/i.test(before) && /(?:^|\s)\p{Ll}{3,}/u.test(`${before.slice(before.lastIndexOf('\n') + 1)} ${after.split('\n')[0]!}`);

/** Whether a hit is a word of the file format itself (“lowerRoman”), or part of a typeface's name (“Times New Roman”). What people write into custom parts and properties is
 * never the format's; a typeface of one word counts only where typefaces are listed: behind the code of a script in a theme, before its PANOSE number in a font table. */
function isVocabulary(hit: Hit, { text, part }: Passage): boolean {
  if (/customXml|docProps|meta\.xml/i.test(part)) return false;
  const found = text.slice(hit.start, hit.end), word = `${/[\p{L}\p{N}]*$/u.exec(text.slice(Math.max(0, hit.start - 60), hit.start))![0]}${found}${/^[\p{L}\p{N}]*/u.exec(text.slice(hit.end, hit.end + 60))![0]}`, bare = word.replace(/\d+$/, '');
  // “Style1”: what a program calls a style that it makes itself.
  if (formatWords.has(word) || bare !== word && formatWords.has(bare.toLowerCase())) return true;
  const first = hit.start - Math.max(0, word.indexOf(found));
  return namedFaces.some((face) => {
    const at = face.indexOf(bare), from = first - at, to = from + face.length;
    if (at < 0 || text.slice(Math.max(0, from), to) !== face) return false;
    return face.includes(' ') || /(?:^|\s)[A-Z][a-z]{3}\s$/.test(text.slice(Math.max(0, from - 6), from)) || /^\s[0-9A-F]{20}(?![0-9A-F])/.test(text.slice(to, to + 22));
  });
}

/** What counts something, and what a student's number is called. */
const countsOf = /(?:\b(?:tables?|fig(?:ure|s)?s?|sect(?:ion)?s?|chapters?|ch|pages?|pp?|lines?|eq(?:uation)?s?|vol(?:ume)?s?|issues?|items?|steps?|notes?|plates?|maps?|appendix|years?|about|around|some|nearly|grid|road|route|bus|flight|hotline|extension|ext)\.?|[§£$€¥~≈<>=±+×])\s*$/i;
const numberLabel = /\b(?:candidate|student|exam\w*|registration|matric\w*|roll|enrol\w*|ID|numbers?|no|nr|code)\b[\s:.#=–-]*$|#\s*$/i;
/** A short number is a quantity, a year or a table's as often as it is the student's: beside its own name, or by itself, it is the student's. */
function weighNumber(key: string, found: string, text: string, hit: Hit, passage: Passage): Weight | null | 'strong' {
  const before = text.slice(Math.max(0, hit.start - 40), hit.start), after = text.slice(hit.end, hit.end + 24), line = text.slice(text.lastIndexOf('\n', hit.start - 1) + 1, (text.indexOf('\n', hit.end) + 1 || text.length + 1) - 1);
  if (numberLabel.test(before) || passage.section === 'titlePage' || passage.place === 'runningHead' || line.replace(found, '').replace(/[\W_]/g, '') === '') return 'strong';
  if (!/^(?:\d{3,5}|[a-z]{1,2}\d{1,3})$/.test(key)) return 'strong';
  if (countsOf.test(before) || /^\s?(?:%|°|(?:km|cm|mm|m|kg|g|t|ha|l|ml|s|min|h|years?|days?|hours?|words?|people|tonnes?|metres?|m²|km²)\b)/i.test(after)) return null;
  // “77120 hits”, “zip 77120”: what is counted or where somebody lives, as likely as not.
  return key.length < 5 || /^\s\p{Ll}{2,}s\b/u.test(after) && !/^\s(?:is|was|has|does|submits|presents|argues|writes)\b/.test(after) || /\b(?:zip|post ?code|postal code|p\.? ?o\.? box|cost of|total of|number of)[\s:]*$/i.test(before) ? { standing: 'look', reason: 'weak' } : 'strong';
}

/** What stands before a name on forms and title pages. */
const namedAs = /(?:^|\n|[|•·]\s*)\s*(?:author|name|student|student name|full name|surname|family name|last name|candidate|(?:submitted|written|prepared|completed|handed in) by|signed|signature)\s*[:=–-]?\s*$/i;
const wholeValue = (hit: Hit, text: string): boolean => text.slice(hit.start, hit.end).length >= text.trim().length - 2;
const startsSentence = (before: string): boolean => /(?:^|[.!?:;•\n]\s*|^\s*[\d.]+\s*)["'“‘(]*$/.test(before);

/** “(Name, 2019)”, “Name (2019)”, “Name et al.”, “Name and Other (2019)”. Author–date styles; common practice. */
function isCited(before: string, after: string): boolean {
  return /^(?:['’]s)?\s*(?:,\s*|\()\s*(?:\d{4}[a-z]?|in press|n\.d\.)/.test(after) || /^\s+et\s+al/.test(after) || /^,?\s*(?:and|&)\s+\p{Lu}[\p{L}'’-]+,?\s*\(?\d{4}/u.test(after) || /\(\s*(?:see\s+|e\.g\.,?\s+|cf\.\s+)?$/.test(before) && /^[^)]{0,40}\d{4}/.test(after) || /(?:and|&|;)\s+$/.test(before) && /^,?\s*\(?\d{4}/.test(after);
}

/** Another given name, title or initial stands with the surname: “Prof. Name”, “J. Name”, “Karen Name”, “Name, J.”. */
function otherPerson(form: Hit['form'], before: string, after: string): boolean {
  const title = /(?:Prof(?:essor)?|Dr|Mr|Mrs|Ms|Mx|Sir|Dame|Lord|Lady)\.?\s+(?:[A-Z]\.\s*|\p{Lu}\p{Ll}+\s+)?$/u.test(before);
  if (title) return true;
  const initialAfter = /^,\s*(\p{Lu})\.?[\s,.&;)]/u.exec(after), initialBefore = /(?:^|[\s(,;&])(\p{Lu})\.\s*$/u.exec(before);
  if (initialAfter || initialBefore) return true;
  const word = /(?:^|[\s(“"])(\p{Lu}\p{Ll}{2,})\s+$/u.exec(before)?.[1];
  return word !== undefined && !/^(?:The|By|Author|Name|Student|Surname|Submitted|Written|From|Prepared|Copyright|With|And|For|Candidate|Signed|Contact|Report|Essay|Paper|Saltmarsh|See|In|Of)$/.test(word) && form.detail === 'surname';
}

/** In a reference entry: whether the initials are the student's. Undefined where there are none. */
function sameInitials(form: Hit['form'], after: string, before: string): boolean | undefined {
  const initial = /^,?\s*(\p{Lu})\./u.exec(after)?.[1] ?? /(\p{Lu})\.\s*$/u.exec(before)?.[1];
  return initial === undefined ? undefined : form.shown.toUpperCase().startsWith(initial);
}
