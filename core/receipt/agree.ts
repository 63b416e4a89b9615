import { foldText, squash } from '../identity/fold.ts';
import type { Brief } from '../model/brief.ts';
import type { DocumentFacts } from '../model/facts.ts';
import { effectiveDue, instantOf, showInstant, zoneOfTimes } from '../time/instant.ts';
import { showBytes } from '../text/show.ts';
import type { ReceiptRead, SizeShown } from './fields.ts';
import { fitsShortSum, type OtherSum } from './sums.ts';
import { rewritten, says } from '../text/patterns.ts';

export interface Agreement { field: string; expected: string | null; found: string | null; standing: 'agrees' | 'differs' | 'missing' }
export type ReceiptStanding = 'confirmed' | 'doubtful' | 'refuted';

/** Compares what a receipt states with what was meant to be sent. Confirmed needs an identifier, a time and every document, and that nothing
 * stated differs; one stated contradiction refutes; what is missing leaves a doubt.
 * @param sumsOf - the sums of all files of the kind that a receipt shows
 * @param clock - the zone of the student's clock, for a due time whose zone the brief does not say */
export function compareReceipt(read: ReceiptRead, files: DocumentFacts[], brief: Brief | null, sumsOf: (sum: OtherSum) => string[] = () => [], clock: string | null = null): { agreement: Agreement[]; standing: ReceiptStanding } {
  const rows: Agreement[] = [];
  const { fields } = read;
  const add = (field: string, expected: string | null, found: string | null, agrees: boolean): void => { rows.push({ field, expected, found, standing: found === null ? 'missing' : agrees ? 'agrees' : 'differs' }); };

  add('id', null, fields.id, true);
  const due = brief ? effectiveDue(brief) : null, zone = brief ? zoneOfTimes(brief, clock) : null;
  const inTime = ((): boolean => {
    if (!due || !fields.receivedAt || read.zoneOpen && /[+-]\d{2}:\d{2}$/.test(due) && brief?.timeZone === null && !/[+-]\d{2}:\d{2}$/.test(fields.receivedAt)) return localInTime(fields.receivedAt, due, brief);
    const end = instantOf(due, zone, 'end'), at = instantOf(fields.receivedAt, zone, 'start');
    return end === null || at === null || at <= end;
  })();
  // A day without a time leaves a doubt; the day after the last one does not.
  const tooLate = read.day !== null && due !== null && read.day > due.slice(0, 10);
  add('receivedAt', due ? `by ${showInstant(due, zone)}` : null, fields.receivedAt ?? (tooLate ? read.day : null), inTime && !tooLate);

  // Every document must be there by name; a sum or an exact size can speak for it where names are not shown at all.
  const names = fields.fileNames;
  const taken = new Set<number>();
  // Some receivers write names in small letters; only a checksum makes up for that.
  const proven = (f: DocumentFacts): boolean => fields.sha256.includes(f.file.sha256) || read.sums.some((shown) => sumsOf(shown).includes(shown.sum));
  const matched = files.map((f) => { const i = names.findIndex((n, k) => !taken.has(k) && (fitsName(n, f.file.name) || n.toLowerCase() === f.file.name.toLowerCase() && proven(f))); if (i >= 0) taken.add(i); return i >= 0; });
  const surplus = names.filter((_, k) => !taken.has(k));
  for (const [i, f] of files.entries()) {
    const bySum = fields.sha256.includes(f.file.sha256);
    if (names.length === 0) add(label('fileName', files.length, i), f.file.name, bySum ? f.file.name : null, true);
    else add(label('fileName', files.length, i), f.file.name, matched[i] ? f.file.name : names.length < files.length && surplus.length === 0 ? '(not listed)' : surplus.join(', ') || '(not listed)', matched[i]!);
  }
  if (names.length > 0 && surplus.length > 0 && matched.every(Boolean)) rows.push({ field: 'fileNames', expected: files.map((f) => f.file.name).join(', '), found: surplus.join(', '), standing: 'differs' });

  if (read.sizes.length > 0) compareSizes(read.sizes, files, add);
  else rows.push({ field: 'bytes', expected: files.map((f) => showBytes(f.file.bytes)).join(', '), found: null, standing: 'missing' });

  if (fields.sha256.length > 0) for (const [i, f] of files.entries()) {
    const own = files.length > 1 ? read.sumsBeside.filter((s) => fitsName(s.of, f.file.name)) : [];
    const found = own.length > 0 && own.every((s) => s.sum !== f.file.sha256) ? own[0]!.sum : fields.sha256.includes(f.file.sha256) ? f.file.sha256 : fields.sha256.length >= files.length ? fields.sha256[Math.min(i, fields.sha256.length - 1)]! : null;
    add(label('sha256', files.length, i), f.file.sha256, found, found === f.file.sha256);
  }
  for (const short of read.shortSums) add('sha256', files.map((f) => f.file.sha256).join(', '), short.shown, files.some((f) => fitsShortSum(short, f.file.sha256)));
  for (const shown of read.sums) { const own = sumsOf(shown); if (own.length > 0) add(shown.algorithm, own.join(', '), shown.sum, own.includes(shown.sum)); }
  for (const [i, extract] of read.extracts.entries()) add(label('extract', read.extracts.length, i), 'words of the paper', extract, files.some((f) => holdsExtract(f, extract)));
  if (fields.title) add('title', files.map((f) => f.file.name).join(', '), fields.title, files.some((f) => fitsTitle(f, fields.title!, brief)));
  if (read.status) add('status', 'received', read.status, read.status === 'received');
  if (brief?.place) {
    const found = placeAmong(brief.place, read.places) ?? placeInHeadings(brief.place, read.headings) ?? placeOrNeighbour(brief.place, read.prose);
    if (found) add('place', brief.place, found, fitsPlace(brief.place, found));
  }
  const laidOut = files.length === 1 && files[0]!.file.kind === 'pdf' && files[0]!.pages.ok ? files[0]!.pages.value.length : null;
  if (read.pages !== null && laidOut !== null) add('pages', String(laidOut), String(read.pages), read.pages === laidOut);
  // Programs count words in different ways, with or without notes and lists; half as many again is another paper.
  const counted = files.every((f) => f.words.ok) ? files.reduce((n, f) => n + (f.words.ok ? f.words.value : 0), 0) : 0;
  if (read.words !== null && counted > 0) add('words', `about ${counted}`, String(read.words), read.words >= counted * 0.67 && read.words <= counted * 1.5);
  if (read.stated !== null) add('documents', String(files.length), String(read.stated), read.stated === files.length);

  // Whoever was granted more time is in time whatever the receiver calls it.
  // Where it shows no time of day that says otherwise, its word on the day of the deadline holds.
  const lateThatDay = fields.receivedAt === null && read.day !== null && due !== null && due.length > 10 && read.day === due.slice(0, 10);
  if (read.late && !brief?.extension && inTime) rows.push({ field: 'status', expected: 'in time', found: 'late', standing: lateThatDay ? 'differs' : 'missing' });
  const differs = rows.some((r) => r.standing === 'differs');
  const certain = !(read.late && !brief?.extension) && fields.id !== null && fields.receivedAt !== null && rows.filter((r) => r.field.startsWith('fileName')).every((r) => r.standing === 'agrees');
  return { agreement: rows, standing: differs ? 'refuted' : certain ? 'confirmed' : 'doubtful' };
}

const label = (field: string, count: number, index: number): string => (count === 1 ? (field === 'fileName' ? 'fileNames' : field) : `${field === 'fileName' ? 'fileNames' : field}[${index}]`);

/** Without a zone on either side the clocks are taken to be the same. */
function localInTime(receivedAt: string | null, due: string | null, brief: Brief | null): boolean {
  if (!receivedAt || !due) return true;
  const bare = (iso: string): string => iso.replace(/([+-]\d{2}:\d{2}|Z)$/, '');
  const end = instantOf(bare(due), null, 'end'), at = instantOf(bare(receivedAt), null, 'start');
  return end === null || at === null || at <= end || (brief?.timeZone === undefined);
}

/** A name shown whole, or shortened with “…” so that both ends fit. */
export function fitsName(shown: string, name: string): boolean {
  const norm = (s: string): string => s.normalize('NFC').trim();
  if (norm(shown) === norm(name) || norm(shown) === norm(name).replace(/\.[A-Za-z0-9]{1,5}$/, '')) return true;
  // As addresses write it: RFC 3986, 2.1.
  if (shown.includes('%')) { try { if (norm(decodeURIComponent(shown)) === norm(name)) return true; } catch { /* a per cent sign that is one */ } }
  const m = /^(.*?)(?:…|\.{3})(.*)$/s.exec(norm(shown));
  if (!m) return false;
  const [, head, tail] = m;
  return head!.length + tail!.length >= 2 && norm(name).startsWith(head!.trimEnd()) && norm(name).endsWith(tail!.trimStart()) && head!.length + tail!.length <= norm(name).length;
}

function compareSizes(sizes: SizeShown[], files: DocumentFacts[], add: (field: string, expected: string | null, found: string | null, agrees: boolean) => void): void {
  const open = [...sizes];
  const fits = (s: SizeShown, bytes: number): boolean => bytes > 0 && (s.bytes > 0 || s.rounded) && bytes >= s.low && bytes <= s.high;
  const total = files.reduce((n, f) => n + f.file.bytes, 0);
  // A total beside the single sizes belongs to no file.
  if (open.length > files.length) { const i = open.findIndex((s) => fits(s, total)); if (i >= 0) open.splice(i, 1); }
  else if (files.length > 1 && open.length === 1) { add('bytes', showBytes(total), showBytes(open[0]!.bytes), fits(open[0]!, total) || files.some((f) => fits(open[0]!, f.file.bytes) && (open[0]!.of === null || fitsName(open[0]!.of, f.file.name)))); return; }
  // Sizes that stand beside names are those files' own: two that have changed places are two that differ.
  files.forEach((f, i) => {
    const own = files.length > 1 ? open.filter((s) => s.of !== null && fitsName(s.of, f.file.name)) : [];
    const at = open.findIndex((s) => fits(s, f.file.bytes) && (own.length === 0 || own.includes(s)));
    if (at < 0 && own.length > 0) { add(`bytes[${i}]`, showBytes(f.file.bytes), showBytes(open.splice(open.indexOf(own[0]!), 1)[0]!.bytes), false); return; }
    const found = at >= 0 ? open.splice(at, 1)[0]! : open[0];
    add(files.length === 1 ? 'bytes' : `bytes[${i}]`, showBytes(f.file.bytes), found ? showBytes(found.bytes) : null, at >= 0);
  });
}

function holdsExtract(facts: DocumentFacts, extract: string): boolean {
  if (!facts.passages.ok) return false;
  const text = foldText(facts.passages.value.filter((p) => ['text', 'runningHead', 'footnote', 'textbox'].includes(p.place)).map((p) => p.text).join('\n')).squashed;
  const pieces = extract.split(/…|\.{3}|\[\s*\]/).map((p) => p.trim()).filter((p) => squash(p).length >= 8);
  if (pieces.length === 0) return text.includes(squash(extract));
  // A piece may end inside a word.
  return pieces.every((p) => text.includes(squash(p)));
}

function fitsTitle(facts: DocumentFacts, title: string, brief: Brief | null): boolean {
  const wanted = squash(title), name = squash(facts.file.name.replace(/\.[^.]+$/, ''));
  if (!wanted || name === wanted || squash(facts.file.name) === wanted || name.includes(wanted) || (wanted.includes(name) && name.length > 5)) return true;
  const text = facts.passages.ok ? foldText(facts.passages.value.filter((p) => p.place === 'text' || p.place === 'runningHead').slice(0, 40).map((p) => p.text).join('\n').slice(0, 8000)).squashed : '';
  if (text.includes(wanted) || facts.metadata.ok && facts.metadata.value.some((m) => m.sort === 'title' && squash(m.value) === wanted)) return true;
  return brief?.place ? squash(brief.place).includes(wanted) || wanted.includes(squash(brief.place)) : false;
}

/** The place that fits among those that a receipt names; else the first of them. A module says where only by its code: another one is another place. */
function placeAmong(expected: string, places: ReceiptRead['places']): string | null {
  const code = (s: string): string | null => { const m = /\b([A-Z]{2,})[\s-]?(\d{3,})\b/.exec(s); return m ? m[1]! + m[2]! : null; };
  // “Task: Essay 1”, where it should be “GEOG2040 Essay 2”: nothing but its words, with another number.
  const words = (s: string): string[] => s.toLowerCase().match(/\p{L}{3,}/gu) ?? [], numbers = (s: string): string[] => s.match(/(?<!\d)\d{1,2}(?!\d)/g) ?? [];
  const neighbour = (s: string): boolean => words(s).length > 0 && words(s).every((w) => words(expected).includes(w)) && numbers(s).length > 0 && numbers(expected).length > 0 && !numbers(s).some((n) => numbers(expected).includes(n));
  const other = (s: string): boolean => neighbour(s) || code(s) !== null && code(expected) !== null && code(s) !== code(expected);
  // “Course: GEO 3107”, “Assignment: Report 1”: the two together; a number of the assignment that is another outweighs the course.
  const whole = places.filter((p) => !p.loose).flatMap((p) => places.filter((m) => m.loose).map((m) => ({ name: `${m.name} ${p.name}`, loose: false }))), counted = places.filter((p) => !p.loose && /\d|(?<!\p{L})[A-H](?!\p{L})/u.test(p.name));
  const fitting = [...places.filter((p) => !p.loose), ...whole, ...(counted.length > 0 ? [] : places)].find((p) => fitsPlace(expected, p.name));
  return (fitting ?? places.find((p) => !p.loose || other(p.name)))?.name ?? null;
}

/** A heading that names a place of the same kind: all of its words, and as many numbers. One that names the very place outweighs all others.
 * Dates and times in a heading are no part of a place's name. */
function placeInHeadings(expected: string, headings: string[]): string | null {
  const numbers = (s: string): string[] => s.match(/\d+/g) ?? [], words = (s: string): string[] => s.toLowerCase().match(/\p{L}{3,}/gu) ?? [];
  if (numbers(expected).length === 0) return null;
  const bare = (s: string): string => rewritten(s, [/\b\d{1,2}(?:st|nd|rd|th)?\s+(?:jan|feb|mar|apr|may|jun|jul|aug|sep|oct|nov|dec)\w*\.?(?:\s+\d{2,4})?|\b\d{1,4}[-/.]\d{1,2}[-/.]\d{1,4}\b|\b\d{1,2}[:.]\d{2}(?::\d{2})?\b/gi, ' ']);
  const like = headings.filter((h) => { const own = words(bare(h)); return words(expected).every((w) => own.includes(w)) && own.length <= words(expected).length + 2 && numbers(bare(h)).length === numbers(expected).length; });
  return like.find((h) => fitsPlace(expected, bare(h))) ?? like[0] ?? null;
}

/** A number that begins no date and no time. */
const numberOfPlace = '\\d+(?![:./]\\d)(?!\\s+(?:jan|feb|mar|apr|may|jun|jul|aug|sep|oct|nov|dec))';
/** The place wherever the words say it, or its neighbour: the same words with other numbers, another letter, or another word that parts places.
 * What stands behind it in brackets or after a dash may part it too: “Essay 2 (practice area)”. */
function placeOrNeighbour(expected: string, prose: string): string | null {
  const words = expected.match(/\p{L}[\p{L}'’]*|\d+/gu) ?? [], parting = apart.source.replace(/^\^|\$$/g, '');
  if (!words.some((w) => w.length >= 4 && /\p{L}/u.test(w))) return null;
  const shape = words.map((w) => (/^\d+$/.test(w) ? numberOfPlace : /^[A-H]$/.test(w) ? '[A-H]' : says(w.toLowerCase(), apart) ? parting : w.replace(/[.*+?^${}()|[\]\\]/g, '\\$&'))).join('[^\\p{L}\\d\\n,;.]{0,4}');
  const found = [...prose.matchAll(new RegExp(`(?<![\\p{L}\\d])${shape}(?![\\p{L}\\d])(?:[^\\S\\n]?(?:\\([^)\\n]{1,30}\\)|[–-][^\\S\\n]?(?:${parting})(?!\\p{L})))?`, 'giu'))].map((m) => m[0]);
  return found.find((f) => fitsPlace(expected, f)) ?? found[0] ?? null;
}

/** Words that part places of nearly the same name. Compiled by hand. */
const apart = /^(?:drafts?|tests?|trials?|practice|late|re-?sits?|re-?submissions?|extensions?|main|final|outlines?|proposals?|formative|summative|peer|group|individual|part[- ]?time|evening|archive|old|previous)$/;
/** Words that say only that it is a place. */
const plain = /^(?:the|and|for|your|hand|submission|submit|upload|box|folder|page|area|link|point|place|module|course|unit|assignment|assessment|essay|paper|report|coursework|window|portal|inbox)$/;
/** The same place: codes, numbers and single letters must agree, and most words. A place that is shortened is the same; one that has a word which parts it from others,
 * or another word where the expected one has its own, is not. */
function fitsPlace(expected: string, found: string): boolean {
  const numbers = (s: string): string[] => (s.match(/\d+/g) ?? []).sort(), letters = (s: string): string[] => (s.match(/(?<![\p{L}\p{N}'’])[A-H](?![\p{L}\p{N}'’])/gu) ?? []).sort();
  const words = (s: string): string[] => s.toLowerCase().match(/\p{L}{3,}/gu) ?? [];
  const missing = words(expected).filter((w) => !words(found).includes(w) && !says(w, plain)), extra = words(found).filter((w) => !words(expected).includes(w) && !says(w, plain));
  if (extra.some((w) => says(w, apart) && w !== 'main' && w !== 'final') || missing.some((w) => says(w, apart)) && extra.some((w) => says(w, apart))) return false;
  if (letters(expected).length > 0 && letters(found).length > 0 && letters(expected).join() !== letters(found).join()) return false;
  const [a, b] = [squash(expected), squash(found)];
  if (a.includes(b) || b.includes(a)) return true;
  const shared = words(expected).filter((w) => words(found).includes(w)).length;
  return !(missing.length > 0 && extra.length > 0) && numbers(expected).join() === numbers(found).join() && shared >= Math.min(words(expected).length, words(found).length) * 0.6;
}
