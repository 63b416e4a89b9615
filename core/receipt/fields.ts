import { fromBase64 } from '../text/bytes.ts';
import { namesBeside } from './beside.ts';
import { withoutGeneralRemarks } from './general-remarks.ts';
import { withoutFormerEntries } from './entries.ts';
import { numberOf } from '../brief/statements.ts';
import { plainReceipt } from './plain.ts';
import { readId } from './identifier.ts';
import { readReceived } from './received.ts';
import { cleanQuotes, extensions, labels, rowsOf, type Row } from './rows.ts';
import { statedLate } from './lateness.ts';
import { readStatus, type HandInStatus } from './status.ts';
import { readOtherSums, readShortSums, type OtherSum, type ShortSum } from './sums.ts';
import { eachIn, firstIn, rewritten, says } from '../text/patterns.ts';

export interface ReceiptFields { id: string | null; receivedAt: string | null; fileNames: string[]; bytes: number | number[] | null; title: string | null; extract: string | null; sha256: string[] }
export interface SizeShown { bytes: number; low: number; high: number; /** with decimal places, so that 0.00 is less than what they show */ rounded: boolean; /** of all documents together */ total: boolean; /** the file that it stands beside, where there are several */ of: string | null }
export interface ReceiptRead { fields: ReceiptFields; /** the day of receipt, where no time of day is told */ day: string | null; /** every piece of text that is quoted */ extracts: string[]; sizes: SizeShown[]; status: HandInStatus; /** where it went, most telling first; `loose`: only a module or a course */ places: { name: string; loose: boolean }[]; zoneOpen: boolean; /** short lines without a label, as headings are */ headings: string[]; /** how many documents the receipt says arrived */ stated: number | null; /** how many pages the receipt says the document has */ pages: number | null; /** how many words the receipt says it has */ words: number | null; /** all that the receipt says but for what it quotes */ prose: string; /** checksums other than SHA-256 */ sums: OtherSum[]; /** SHA-256 sums with the file that each stands beside, where there are several */ sumsBeside: { sum: string; of: string }[]; /** beginnings of SHA-256 sums */ shortSums: ShortSum[]; /** the receipt calls the hand-in late */ late: boolean }

const unit: Record<string, [number, number]> = { b: [1, 1], byte: [1, 1], bytes: [1, 1], kb: [1e3, 1024], kib: [1024, 1024], mb: [1e6, 1_048_576], mib: [1_048_576, 1_048_576], gb: [1e9, 1_073_741_824], gib: [1_073_741_824, 1_073_741_824], ko: [1e3, 1024], mo: [1e6, 1_048_576], kio: [1024, 1024], mio: [1_048_576, 1_048_576], kilobytes: [1e3, 1024], megabytes: [1e6, 1_048_576], kt: [1e3, 1024], mt: [1e6, 1_048_576] };

/** No word has a thousand letters, and a line without an end goes on in the next: what is looked for from every place to the end of its line stays within bounds. */
const withinBounds = (text: string): string => text.replace(/\S{1000,}/g, ' ').replace(/[^\n]{2000}\S*[^\S\n]/g, '$&\n');

/** Finds the fields of a receipt. Nothing is invented: what no words settle stays null.
 * @param expectedNames - names with spaces are recognised in running text only where they are expected
 * @param zone - the brief's zone, for abbreviations that mean several things and for times without one */
export function readFields(text: string, expectedNames: string[], zone: string | null, nowIso: string): ReceiptRead {
  text = withoutGeneralRemarks(withoutFormerEntries(withinBounds(text)));
  // Empty lines in a row part no more than one does, and many of them would be looked at over and over.
  text = rewritten(lastAttempt(rewritten(plainReceipt(text.replace(/\n(?:[^\S\n]{0,200}\n){2,}/g, '\n\n')), [/：/g, ': '], [/^[^\S\n]*[\p{Extended_Pictographic}\u200d\ufe0f]+[^\S\n]*/gmu, ''], [/(?<=^(?:[^\n.:]|(?<=\b(?:[Nn]o|[Nn]r|[Rr]ef|[Dd]oc))\.(?=\s)){2,40}?)[^\S\n]*(?:\.{4,}|[^\S\n]\.{3})[^\S\n]*:?[^\S\n]*(?=\S)/gm, ': '])), [/[\u2010\u2011]/g, '-'], [/(\d{4})\s?年\s?(\d{1,2})\s?月\s?(\d{1,2})\s?日|(\d{4})년\s?(\d{1,2})월\s?(\d{1,2})일/g, (_, ...d: (string | undefined)[]) => `${d[0] ?? d[3]!}-${(d[1] ?? d[4]!).padStart(2, '0')}-${(d[2] ?? d[5]!).padStart(2, '0')}`], [/^\[\d\d:\d\d(?::\d\d)?\]\s*/gm, (clock) => (/\b20\d\d,?\s+(?:at\s+)?\d{1,2}:\d\d/.test(text) ? '' : clock)], [/\b(\d[\d,.]*)\s+of\s+(\d[\d,.]*)(?=\s*(?:bytes|[KMG]i?B)\b)/g, (_, some: string, all: string) => (text.includes(` ${all} of ${all} `) ? all : some)], [/\b(?:Mon|Tue|Wed|Thu|Fri|Sat|Sun) (Jan|Feb|Mar|Apr|May|Jun|Jul|Aug|Sep|Oct|Nov|Dec) +(\d{1,2}) (\d\d:\d\d:\d\d) ([A-Z]{3,4}) (20\d\d)\b/g, '$2 $1 $5 $3 $4'], [/\b(20\d\d)(\d\d)(\d\d)T(\d\d)(\d\d)(\d\d)?(?=Z|[+-]\d\d|\b)/g, (_, y: string, mo: string, d: string, h: string, mi: string, s?: string) => `${y}-${mo}-${d}T${h}:${mi}:${s ?? '00'}`], [/(?:^(?:Date|Sent|From|To|Cc|Subject|Reply-To|Message-ID|Return-Path):[^\n]*(?:\n|$)){2,}/gim, (head) => head.replace(/^(?:Date|Sent):[^\n]*/gim, '')]);
  // “geo3107.pdf (renamed by the system from essay.pdf)”: the name that was sent is the one to compare.
  text = rewritten(text, [/(?<!\S)\S{1,255}\.\w{2,4} \((?:automatically )?renamed (?:by [a-z ]{2,20} )?from ([^()\n]{3,120}\.\w{2,4})\)/gi, '$1'], [/(\.\w{2,4}) \((?:automatically )?(?:re)?named (?:by [a-z ]{2,20} )?(?:to|as) [^()\n]{3,120}\)/gi, '$1'], [/(?<=\.\w{2,5}[”"’]?,? (?:and )?)(?:now )?(?:kept|stored|saved|filed|archived|renamed|held)(?: here| by us)? (?:under|as|to) (?:the name )?[“"‘]?[^\s,;”"’]{3,120}\.\w{2,5}[”"’]?/gi, '']);
  // “report.pdf (replaces report_v1.pdf)”: what it took the place of did not arrive now.
  text = rewritten(text, [/\((?:this )?(?:replac(?:es|ing)|instead of|supersed(?:es|ing)|previously|formerly|was)\b:?\s[^()\n]{3,160}\.\w{2,5}\s*\)/gi, '']);
  text = rewritten(text, [/(\breplac(?:es|ed|ing) (?:your |the )?(?:earlier |previous )?(?:attempt|submission|upload|version|hand-?in)(?: (?:no\.? ?)?\d{1,2})?) \([^()\n]{3,160}\)/gi, '$1']);
  const rows = rowsOf(text).filter((r) => !says(r.label, labels.ignored));
  const value = (pattern: RegExp): string | null => rows.find((r) => says(r.label, pattern))?.value ?? null;
  const received = readReceived(text, rows, expectedNames, zone, nowIso);
  const fileNames = readNames(text, rows, expectedNames), sizes = readSizes(text, rows, fileNames);
  const bytes = sizes.filter((s) => !s.total || sizes.every((o) => o.total)).map((s) => s.bytes), extracts = readExtracts(text, rows);
  return {
    fields: {
      id: readId(text, rows, expectedNames), receivedAt: received.at, fileNames,
      bytes: bytes.length === 0 ? null : bytes.length === 1 ? bytes[0]! : bytes,
      title: cleanQuotes(value(labels.title)) ?? titleInProse(text), extract: extracts[0] ?? null, sha256: readSums(text),
    },
    day: received.at === null ? received.day ?? null : null,
    headings: text.split('\n').map((l) => l.trim()).filter((l) => l.length > 3 && l.length <= 70 && !/[:=|\t]/.test(l)), sizes, extracts, status: readStatus(text, rows), places: readPlaces(text, rows), zoneOpen: received.zoneOpen, stated: statedCount(text, rows), pages: statedPages(text, rows), words: statedWords(rows, text), prose: extracts.reduce((rest, e) => rest.replace(e, ' '), text), sums: readOtherSums(text), sumsBeside: sumsBeside(text, fileNames), shortSums: readShortSums(text), late: statedLate(text, rows),
  };
}

/** In a log, what failed and was done again afterwards did not fail. */
function withoutRetried(lines: string[]): string[] {
  const timed = /^\W*(?:\d{4}-\d\d-\d\d|\d{1,2}[./ ]\w{2,9}[./ ]\d{2,4}|\d{1,2}:\d\d)\b.*\d/, again = lines.findLastIndex((l) => says(l, timed) && says(l, /\b(?:complete[d]?|submitted|received|accepted|stored|handed in|succeeded|successful)\b/i) && !/\b(?:not|failed|error)\b/i.test(l));
  return lines.filter((l, i) => i >= again || !(says(l, timed) && says(l, /\b(?:failed|aborted|timed out|connection lost|interrupted|error)\b/i)));
}

const standing = /\b(?:current|active|the one that counts)\b/i;
/** In a history of attempts, one to a line, the last is what was handed in, or the one that is said to stand. */
function lastAttempt(text: string): string {
  const lines = withoutRetried(text.split('\n')), attempts = lines.flatMap((line, i) => { const m = firstIn(line, /^\W*(?:attempt|submission|version|upload|try|hand-?in)\s+(?:no\.?\s*|#)?(\d{1,2})\b(?=.*\d[:.]\d\d)/i) ?? firstIn(line, /\d:\d\d\b.*\(version (\d{1,2})\b[^()]*\)/i); return m ? [{ i, n: Number(m[1]), stands: says(line, standing) }] : []; });
  // “Attempt 2 (current)” with its rows below it, and “Attempt 1” with its own.
  const heads = lines.flatMap((line, i) => { const m = firstIn(line, /^\s*(?:attempt|submission|version|upload|try|hand-?in)\s+(?:no\.?\s*|#)?(\d{1,2})\b[^\d\n]{0,30}$/i); return m ? [{ i, n: Number(m[1]) }] : []; });
  if (heads.length > 1 && new Set(heads.map((h) => h.n)).size === heads.length) {
    const newest = Math.max(...heads.map((h) => h.n));
    return lines.filter((_, i) => { const own = heads.filter((h) => h.i <= i).at(-1); return own === undefined || own.n === newest; }).join('\n');
  }
  const named = attempts.filter((a) => a.stands), last = named.length === 1 ? named[0]!.n : attempts.reduce((a, b) => (b.n > a ? b.n : a), 0);
  if (lines.length < text.split('\n').length) text = lines.join('\n');
  // “Old: essay.pdf (10 March, receipt 5511)” over “New: essay.pdf (12 March, receipt 5512)”.
  const fileNamed = new RegExp(`\\.(?:${extensions})\\b`, 'i'), older = (l: string): boolean => says(l, /^\W*(?:old|previous|earlier|before|former|replaced)(?: (?:one|file|version|upload|submission))?\s*[:=]/i) && says(l, fileNamed), newer = (l: string): boolean => says(l, /^\W*(?:new|current|now|latest|replacement)(?: (?:one|file|version|upload|submission))?\s*[:=]/i) && says(l, fileNamed);
  if (lines.some(older) && lines.some(newer)) return lines.filter((l) => !older(l)).join('\n');
  // “… old.pdf (replaced)”: a line that says of itself that it does not count.
  const counts = (line: string): boolean => !says(line, /(?:replaced|superseded|overwritten|ignored|not counted|withdrawn|deleted|cancell?ed)\)?\s*$/i) || !says(line, /\.\w{2,4}\b.*(?:\((?:replaced|superseded|overwritten|ignored|not counted|withdrawn|deleted|cancell?ed)\)|(?:[–—|-]\s+|\s{2,})(?:replaced|superseded|overwritten|withdrawn|deleted|cancell?ed))\s*$/i);
  // Where nothing else names a file, what was replaced is told on the line of what took its place.
  if (attempts.length < 2) return (lines.some((l) => counts(l) && new RegExp(`\\.(?:${extensions})\\b`, 'i').test(l)) ? lines.filter(counts) : lines).join('\n');
  return new Set(attempts.map((a) => a.n)).size < attempts.length ? text : lines.filter((_, i) => !attempts.some((a) => a.i === i && a.n !== last)).join('\n');
}

/** SHA-256 sums, also where they are shown in groups or over two lines. */
const sums = /(?<![0-9a-z])(?:[0-9a-f]{64}|(?:[0-9a-f]{8}[\s:-]+){7}[0-9a-f]{8}|(?:[0-9a-f]{4}[\s:-]+){15}[0-9a-f]{4}|(?:[0-9a-f]{2}[\s:-]){31}[0-9a-f]{2}|[0-9a-f]{32}\s+[0-9a-f]{32})(?![0-9a-z])/gi;
/** The file that each sum stands beside, where there are several. */
function sumsBeside(text: string, names: readonly string[]): { sum: string; of: string }[] {
  const shown = [...eachIn(text, sums)], beside = namesBeside(text, names, shown.map((m) => m.index));
  return shown.flatMap((m, i) => (beside[i] ? [{ sum: m[0].replace(/[\s:-]/g, '').toLowerCase(), of: beside[i] }] : []));
}
const readSums = (text: string): string[] => [...new Set([...(text.match(sums) ?? []).map((h) => h.replace(/[\s:-]/g, '').toLowerCase()), ...[...eachIn(text, base64Sum)].map((m) => Array.from(fromBase64(m[1]!), (b) => b.toString(16).padStart(2, '0')).join(''))])];
/** A SHA-256 in base64 behind its name: “sha-256=:…=:”. Source: RFC 9530 (digest fields), with RFC 8941's colons or without. */
const base64Sum = /\bsha-?256\s*[=:]\s*:?([A-Za-z0-9+/]{43}=)(?![A-Za-z0-9+/=])/gi;
/** Pages, as a row of their own or beside the file's name. */
function statedPages(text: string, rows: Row[]): number | null {
  const row = rows.find((r) => says(r.label, /^(?:number of |no\. of |total )?pages?(?: count(?:ed)?| received| total| found)?$|^sheets$/i) && /^\d{1,4}\b(?!\s*(?:of|\/))/.test(r.value));
  if (row) return Number.parseInt(row.value, 10);
  // “Length: 14 pages”.
  const long = rows.find((r) => says(r.label, /^(?:(?:document |file |paper )?length|extent|volume)$/i) && /^\d{1,4} pages?\b/i.test(r.value));
  if (long) return Number.parseInt(long.value, 10);
  const beside = text.split('\n').filter((l) => new RegExp(`\\.(?:${extensions})\\b`, 'i').test(l)).flatMap((l) => [.../\b(\d{1,4}) pages?\b/i.exec(l)?.slice(1) ?? firstIn(l, /\bpages?\s*[:=]\s*(\d{1,4})\b(?!\s*(?:of|\/))/i)?.slice(1) ?? []]);
  if (beside.length === 1) return Number(beside[0]);
  // “It comprises 14 pages.”
  const told = text.split('\n').filter((l) => !says(l, /\b(?:limit|maximum|max\.?|at most|up to|may|must|should|no more|allowed|feedback)\b/i)).flatMap((l) => [...eachIn(l, /\b(?:comprises|has|contains|consists of|runs to|with|counts?|counted|of|found|read|are)\s+(?:exactly |a total of )?(\d{1,4}) pages?\b|^\s*(?:[-*•]\s*)?(\d{1,4}) (?:pages?|pp\.)\s*$/gi)].map((m) => (m[1] ?? m[2])!));
  return new Set(told).size === 1 ? Number(told[0]) : null;
}

/** Words, as a row of their own. */
function statedWords(rows: Row[], text: string): number | null {
  const row = rows.find((r) => says(r.label, /^(?:number of |no\. of |total )?words?(?: count(?:ed)?| counted| total| found| extracted| received)?(?: \([a-z ]+\))?$/i) && /^\d[\d,. ]*(?:words)?$/i.test(r.value) || says(r.label, /^(?:(?:document |paper )?length|extent)$/i) && /^\d[\d,. ]* words$/i.test(r.value));
  if (row) return Number(row.value.replace(/\D/g, ''));
  // “Word count according to us: 9,200.”
  const said = firstIn(text, /\bword count\b[^:\n\d]{0,24}:\s*(\d[\d,. ]*\d|\d)(?!\d)/i);
  if (said) return Number(said[1]!.replace(/\D/g, ''));
  // “It contains 9,200 words.” “9,200 words” by itself.
  const told = text.split('\n').filter((l) => !says(l, /\b(?:limit|maximum|max\.?|at most|up to|may|must|should|no more|allowed|feedback|first|minimum|at least|extract)\b/i)).flatMap((l) => [...eachIn(l, /\b(?:comprises|has|contains|consists of|runs to|with|counted|of|found)\s+(?:exactly |a total of |about )?(\d[\d,.]*\d{2}) words\b|^\s*(?:[-*•]\s*)?(\d[\d,.]*\d{2}) words\s*$/gi)].map((m) => (m[1] ?? m[2])!.replace(/\D/g, '')));
  return new Set(told).size === 1 ? Number(told[0]) : null;
}

/** “Your paper “The mills of the upper Orre” has arrived.” The name of a task or a file is no title. */
function titleInProse(text: string): string | null {
  const name = firstIn(text, /\b(?:(?:your|the)\s+(?:paper|essay|dissertation|thesis|article|report)(?:,|\s+(?:entitled|titled|called|with the title))?|\breceived|\bgot)\s+[“"]([^”"\n]{6,150})[”"]/i)?.[1] ?? firstIn(text, /^[“"]([^”"\n]{6,150})[”"]\s+(?:was|has been)\s+(?:received|accepted|stored|handed in)/im)?.[1] ?? null;
  return name === null || new RegExp(`\\.(?:${extensions})$|^[A-Z]{2,5}[ -]?\\d{3,}|^(?:essay|report|paper|assignment|coursework|task|project|portfolio|part)\\s*\\d*$|^\\S+$`, 'i').test(name) ? null : name.replace(/[,.]$/, '');
}

/** Of a file, in most systems. */
const longestName = 260;
function readNames(text: string, rows: Row[], expected: string[]): string[] {
  const found: { name: string; at: number }[] = [];
  // “[x] report.pdf” over “[ ] appendix.pdf”: what is not ticked has not arrived.
  const ticked = says(text, /^[ \t]*(?:[-*•][ \t]+)?(?:\[[xX✓✔]\]|[☑☒✓✔✅])[ \t]*\S/m), isOpen = (at: number): boolean => ticked && says(text.slice(text.lastIndexOf('\n', at - 1) + 1, at), /^[ \t]*(?:[-*•][ \t]+)?(?:\[[ _]?\]|[☐□○])/);
  const add = (name: string, at: number): void => { if (isOpen(at)) return; const n = name.trim(); if (n && !found.some((f) => f.name === n)) found.push({ name: n, at }); };
  let rest = text;
  // Expected names first, longest first, so that one inside another is not told twice.
  for (const name of [...expected].sort((a, b) => b.length - a.length)) {
    for (let from = 0, at = rest.indexOf(name); at >= 0; at = rest.indexOf(name, from)) {
      // “essay.pdf.docx” is another name.
      if (new RegExp(`^\\.(?:${extensions}|exe|part|tmp|pages)\\b`, 'i').test(rest.slice(at + name.length, at + name.length + 10))) { from = at + 1; continue; }
      const inside = /[\w-]/.test(rest[at - 1] ?? ' ') || /[\w-]/.test(rest[at + name.length] ?? ' ');
      if (!inside) add(name, at);
      rest = rest.slice(0, at) + '\u0000'.repeat(name.length) + rest.slice(at + name.length);
    }
  }
  // A name with spaces that was cut short: the longest stretch before the dots that an expected name begins with.
  for (const m of [...rest.matchAll(/…|\.{3}/g)]) {
    const lineStart = Math.max(rest.lastIndexOf('\n', m.index) + 1, m.index - longestName), before = rest.slice(lineStart, m.index), tail = /^[^\s()[\]"“”|<>,;]*/.exec(rest.slice(m.index + m[0].length))![0];
    for (const w of before.matchAll(/(?<![\p{L}\p{N}_-])[\p{L}\p{N}_(]/gu)) {
      const head = before.slice(w.index).trimEnd();
      if (!/\s/.test(head) || head.length < 5 || !expected.some((e) => e.startsWith(head) && e.endsWith(tail) && head.length + tail.length <= e.length)) continue;
      const at = lineStart + w.index, to = m.index + m[0].length + tail.length;
      add(rest.slice(at, to), at);
      rest = rest.slice(0, at) + '\u0000'.repeat(to - at) + rest.slice(to);
      break;
    }
  }
  const ending = new RegExp(`\\.(?:${extensions})$`, 'i'), hasEnding = new RegExp(`\\.(?:${extensions})\\b`, 'i');
  for (const r of rowsOf(rest)) {
    if (says(r.label, labels.ignored) || !says(r.label, labels.fileName) || r.value.includes('\u0000')) continue;
    for (const piece of says(r.value, hasEnding) ? r.value.split(new RegExp(`(?<=\\.(?:${extensions}))(?:\\s*[,;]\\s*|\\s+and\\s+|\\s*\\([^)]*\\)\\s*[,;]?\\s*|\\s+(?=[\\d.,]+\\s?[KMG]?i?B\\b).*$)`, 'i')) : []) {
      const name = (cleanQuotes(rewritten(piece.trim(), [/^(?:[-*•]|\(?\d{1,2}[.)]|\[[xX✓✔]\])\s+(?=\S)/, ''])) ?? '').replace(/\s*\(.*\)$/, '').replace(/[,;]$/, '');
      if (says(name, ending) && name.length < 260) { const at = rest.indexOf(name); if (at >= 0) { add(name, at); rest = rest.slice(0, at) + '\u0000'.repeat(name.length) + rest.slice(at + name.length); } }
    }
    // A shortened name may have lost its ending.
    if (/…|\.\.\./.test(r.value) && !says(r.value, hasEnding) && /file|document/i.test(r.label) && !/\s\S+\s\S+\s/.test(r.value)) add(cleanQuotes(r.value)!, rest.indexOf(r.value));
  }
  for (const m of rest.matchAll(new RegExp(`[“"‘'«]([^“”"‘’'«»\\n\\u0000]{1,200}\\.(?:${extensions}))[”"’'»]|(?<![\\w@/.…-])((?:[\\p{L}\\p{N}(]|…|\\.\\.\\.)[^\\s"'“”‘’<>|:*?,;/\\\\\\u0000]{0,200}(?:\\s\\(\\d{1,3}\\))?\\.(?:${extensions}))(?![\\w@/-])`, 'giu'))) {
    const name = m[1] ?? (m[2]!.startsWith('(') && !m[2]!.includes(')') ? m[2]!.slice(1) : m[2]!);
    // A host name or a receipt's own file is not the paper.
    if (/^www\.|@/.test(name) || says(name, /^(?:receipt|confirmation|acknowledgement)(?:\b|_)/i)) continue;
    // “See rules.pdf for the rules.” “Your template.docx was not needed.”
    if (!expected.includes(name) && (says(name, /^(?:rules?|guidelines?|guidance|instructions?|handbook|manual|help|faq|terms|privacy|template|rubric|regulations)[\w-]*\.\w+$/i) || says(rest.slice(m.index + m[0].length), /^\W{0,3}(?:(?:was|is|were) not (?:needed|required|used|part of)|(?:has been|was) (?:removed|deleted|withdrawn|replaced|superseded|overwritten))\b/i))) continue;
    // “essay.pdf replaced essay_draft.pdf.”
    if (says(rest.slice(Math.max(0, m.index - 60), m.index + (m[1] ? 1 : 0)), /\b(?:replaced|replaces|replacing|instead of|supersed(?:es|ed|ing)|overwrote|overwrites|in place of)\s+(?:(?:the|your) )?(?:(?:earlier|previous|old|former) )?(?:(?:file|version|upload) )?[“"]?$/i)) continue;
    // “Your earlier submission (essay_v1.pdf, 10 April) has been replaced.”
    if (!expected.includes(name) && says(rest.slice(Math.max(0, m.index - 80), m.index), /\b(?:earlier|previous|former|old|first|last) (?:submission|upload|file|version|paper|attempt)\b[^.\n]{0,30}$/i) && says(rest.slice(m.index + name.length), /^[^\n]{0,120}\b(?:replaced|superseded|overwritten|deleted|withdrawn|removed|no longer counts?)\b/i)) continue;
    const longer = m[1] ? '' : wordsOfName(rest.slice(rest.lastIndexOf('\n', m.index - 1) + 1, m.index), /^[^\n]*/.exec(rest.slice(m.index + name.length))![0]);
    add(longer + name, m.index - longer.length);
  }
  // A name cut short in a table's cell has lost its ending too: it counts where it begins as one that is expected does.
  for (const m of eachIn(rest, /(?<![\p{L}\p{N}])([\p{L}\p{N}][^\s|"“”<>\u0000]{5,}?)(?:…|\.{3})(\w{0,12})(?!\S)/gu)) if (expected.some((e) => e.startsWith(m[1]!) && e.endsWith(m[2]!))) add(m[0], m.index);
  // “Your work “Y3921847_GEO3107” has been received”: where no name has its ending, one that is expected counts without.
  if (found.length === 0) for (const name of expected) {
    const stem = name.replace(/\.[A-Za-z0-9]{1,5}$/, ''), at = stem.length >= 8 && /[\d_-]/.test(stem) ? new RegExp(`(?<![\\p{L}\\p{N}_.-])${stem.replace(/[.*+?^${}()|[\]\\]/g, '\\$&')}(?![\\p{L}\\p{N}_-]|\\.\\w)`, 'u').exec(rest)?.index ?? -1 : -1;
    if (at >= 0) add(stem, at);
  }
  return found.sort((a, b) => a.at - b.at).map((f) => f.name);
}

/** What says before a name that one follows. */
const nameFollows = /^.*?\b(?:(?:received|uploaded|submitted|sent|stored|accepted|handed in|deposited|attached|got|delivered)(?:\s+(?:in|it as|as))?\s+(?:(?:your|the|a|one|this)\s+)?(?:(?:new\s+)?(?:file|document|paper|attachment|upload)s?\s+)?|(?:your|the|this)\s+(?:file|document|paper|attachment|upload)\s+)(?=\S|$)/i;
/** The words of a name with spaces that stand before its last one: a list's item, a cell, what stands behind a label or a verb. @returns them with the space behind, or nothing */
function wordsOfName(before: string, after: string): string {
  const cell = firstIn(rewritten(before, [/^(\s*)(?:[-*]|\[[xX✓✔]\]|\(?\d{1,2}[.)])\s+/, (all) => ' '.repeat(all.length - 1) + ':']), /(?:^|[|:\t•✓✔☑☒]|\s{3,}|\s[–—]\s|^\s*(?:[-*]|\[[xX✓✔]\]|\(?\d{1,2}[.)])\s)\s*([^|:\t•✓✔☑☒"“”\u0000]*)$/u)?.[1] ?? '', led = firstIn(cell, nameFollows)?.[0];
  const words = led ? cell.slice(led.length) : says(after, /^\s*(?:$|[|(\[,;✓✔–—-]|\d[\d.,]*\s?[KMG]?i?B\b|(?:was|has been|is|arrived)\b|\s{2,})/iu) ? cell : '';
  return /^\p{L}/u.test(words) && !says(words, /^(?:files?|documents?|papers?|attachments?|uploads?|file ?names?) $/i) && /^(?:[\p{L}\p{N}&()'’_-]+ ){1,8}$/u.test(words) && !says(words, /^(?:in|with|as|to|at|by|for|from|on|and|or)\b|\b(?:is|are|was|were|has|have|had|be|been|see|received|sent|uploaded|submitted|handed|please|your|we|you|it|called|named)\b/i) ? words : '';
}

/** “133 kt” are kilobytes in Finnish, and knots or tonnes elsewhere. */
const inFinnish = /(?<!\p{L})(?:koko|tiedosto\p{L}*|palaut\p{L}+|vastaanot\p{L}+)(?!\p{L})/iu;
function readSizes(text: string, rows: Row[], names: readonly string[]): SizeShown[] {
  const sizes: SizeShown[] = [];
  const add = (raw: string, unitName: string, total = false, of: string | null = null): void => {
    const name = unitName.toLowerCase(), [decimal, binary] = unit[name] ?? unit[name.replace(/s$/, '')] ?? [1, 1];
    const value = numberOf(raw);
    if (Number.isNaN(value)) return;
    // The rounding shown: half a unit of the last place, and a whole one for those who cut off.
    const places = /[.,](\d+)$/.exec(raw.replace(/[\s\u00a0]/g, ''))?.[1] ?? '', grouped = says(raw.trim(), /^[1-9]\d{0,2}(?:[,.'’\s\u00a0\u202f]\d{3})+$/);
    const step = decimal === 1 ? 0 : 10 ** -(grouped ? 0 : places.length);
    // Whole kilobytes are often rounded up, as file managers do.
    const up = decimal === 1e3 && places === '' ? 1 : 0.5;
    sizes.push({ bytes: Math.round(value * decimal), low: Math.floor((value - step * up) * decimal), high: Math.ceil((value + (decimal === 1 ? 0 : step)) * binary), rounded: places !== '' && !grouped, total, of });
  };
  const pattern = /(?<![\w.]|\w-)(\d{1,3}(?:[,.'’\s\u00a0\u202f]\d{3})+(?![\d])|\d+(?:[.,]\d+)?)\s?(bytes?|B|[KMG]i?B|[KM]i?o|octets?|octetos?|bajt(?:ów|y|ů)?|tavua|bayt|kilobytes|megabytes|[KM]t)(?![\p{L}\d]|[-_]\w|\/s(?:ec)?\b)/giu;
  // Groups of a sum end in a “b” now and then.
  const found: { raw: string; unit: string; total: boolean; at: number }[] = [];
  let start = 0;
  // A limit in one sentence says nothing of the size in the next.
  for (const line of text.replace(sums, (sum) => ' '.repeat(sum.length)).split(/\n|(?<=[.!?]) (?=\p{Lu}\p{Ll})/u)) {
    const from = start;
    start += line.length + 1;
    if (says(line, /\b(?:limit(?:e|ato)?|l[íi]mite|maximum|h[öo]chst\p{L}*|maximal\p{L}*|m[áa]xim[oa]|massim[oa]|maximaal|högst|maksim\p{L}*|max\.?|up to|at most|quota|allowed|remaining|free|on disk|of storage|storage used|space used|you have used)(?!\p{L})/iu)) continue;
    const hits = [...eachIn(line, pattern)];
    // “3.4 MB (3,412,345 bytes)” is one size: the exact one counts.
    const exact = hits.find((h) => says(h[2]!, /^(?:bytes?|octets?|octetos?|bajt(?:ów|y|ů)?|tavua|bayt)$/i));
    for (const h of hits.length === 2 && exact ? [exact] : hits) if (!/^[KM]t$/i.test(h[2]!) || says(text, inFinnish)) found.push({ raw: h[1]!, unit: h[2]!, total: says(line, /^\W*(?:total|all (?:files|documents)|together|sum)\b/i), at: from + h.index });
  }
  const single = found.filter((f) => !f.total), beside = namesBeside(text, names, single.map((f) => f.at)), seen = new Set<string>();
  for (const f of found) {
    const of = beside[single.indexOf(f)] ?? null, shown = `${f.raw}${f.unit}`;
    if (!(of === null ? seen.has(shown) : seen.has(`${shown} of ${of}`) || seen.has(`${shown} of none`))) add(f.raw, f.unit, f.total, of);
    seen.add(shown).add(`${shown} of ${of ?? 'none'}`);
  }
  if (sizes.length === 0) for (const r of rows) if (says(r.label, labels.size) && /^\d[\d,. ]*$/.test(r.value)) add(r.value, /kb/i.test(r.label) ? 'KB' : /mb/i.test(r.label) ? 'MB' : 'bytes'); else { const short = says(r.label, labels.size) ? /^(\d[\d.,]*)\s?([KMG])$/i.exec(r.value) : null; if (short) add(short[1]!, `${short[2]!}B`); }
  return sizes;
}

/** A piece goes on in the next line where that was broken for want of room: a word more would have been too long, or a quotation is still open. @param lead - what stands before it in its line @param width - of the longest line */
function asWrapped(piece: string, lead: string, width: number): string {
  const lines = piece.split('\n'), open = /^\s*[“"«„]/.test(piece), kept = [lines[0]!];
  for (let i = 1, length = lead.length + lines[0]!.length; i < lines.length; length = lines[i]!.length, i++) {
    const isOpen = open && !/[”"»]\s*$/.test(kept.join(' ').trim().slice(1));
    if (!isOpen && (length + 1 + /^\S*/.exec(lines[i]!.trim())![0].length <= width * 0.9 || /^\s/.test(lead) && !/^\s/.test(lines[i]!))) break;
    kept.push(lines[i]!);
  }
  return kept.join('\n');
}

/** Every piece of text that the receipt quotes, one a document where there are several. */
function readExtracts(text: string, rows: Row[]): string[] {
  const own = rows.filter((r) => says(r.label, labels.extract)), found: string[] = [];
  // A quoted piece may run over several lines; it ends where the next labelled line begins, or an empty one.
  const next = [...new Set(rows.map((r) => r.label))].map((l) => l.replace(/[.*+?^${}()|[\]\\]/g, '\\$&')).join('|');
  const end = new RegExp(`\\n\\s*\\n|\\n\\s*(?:The [A-Z]\\w+\\s*(?:$|\\n)|Yours\\b|Kind regards|Best (?:wishes|regards)|Regards\\b|Sincerely\\b|Thank)|\\n\\s*[A-Z][\\w -]{1,30}:${next ? `|\\n\\s*(?:${next})\\s*:` : ''}`);
  const width = Math.max(...text.split('\n').map((l) => l.length));
  let from = 0;
  for (const row of own) {
    const at = text.indexOf(row.value, from);
    if (at < 0) { found.push(row.value); continue; }
    const rest = text.slice(at), stop = firstIn(rest.slice(row.value.length), end);
    found.push(asWrapped(rest.slice(0, stop ? row.value.length + stop.index : rest.length), text.slice(text.lastIndexOf('\n', at) + 1, at), width).replace(/\s*\n\s*/g, ' ').replace(/\s*\|\s*$/, '').trim());
    from = at + row.value.length;
  }
  const clean = found.map(cleanQuotes).filter((v): v is string => v !== null);
  if (clean.length > 0) return clean;
  const other = unlabelledExtract(text);
  return other === null ? [] : [other];
}
function unlabelledExtract(text: string): string | null {
  const lead = firstIn(text, /\b(?:begins(?: with)?|starts with|opens with|we read|(?:first|last) (?:words|sentence|line)s?|quotation from (?:the|your) (?:text|paper|document|work|file)|extract|excerpt|(?:opening|start)(?: (?:words|lines))?(?: of (?:the|your) (?:text|paper|document|work|file))?|beginning(?: of (?:the|your) (?:text|paper|document|work|file))?)\b[^\n“"‘«:]{0,40}[:\s]*\n?\s*[“"‘«]([^”"»]{12,1500})[”"’»]/i);
  if (lead) return lead[1]!.replace(/\s+/g, ' ').trim();
  // A line of quoted words that is cut off.
  const cut = firstIn(text, /^\s*[“"«]([^”"»\n]{30,400}(?:…|\.{3}))[”"»]\s*$/m);
  if (cut) return cut[1]!.trim();
  const heading = firstIn(text, /^\s*(?:(?:text |short )?(?:extract|excerpt|preview|sample|snippet)(?: (?:of|from) (?:the |your )?(?:text|paper|document|work|essay|submission|file))?|(?:the )?(?:first|opening) (?:words|lines?|sentences?|paragraph|\d+ words|\d+ characters)(?: (?:of|from) (?:the |your )?(?:text|paper|document|work|essay|submission|file))?|(?:beginning|start|opening) of (?:the |your )?(?:text|paper|document|work|essay|submission|file)|(?:your |the )?(?:text|paper|document|essay|work) (?:begins|starts)(?: (?:with|like this))?)\s*:?\s*\n+\s*(\S[^]*?)(?=\n\s*\n|$)/im);
  return heading ? cleanQuotes(heading[1]!.replace(/\s+/g, ' ')) : null;
}

/** Every row that names a place, and what the words say where no row does. */
function readPlaces(text: string, rows: Row[]): ReceiptRead['places'] {
  const named = (pattern: RegExp, loose: boolean): ReceiptRead['places'] => rows.flatMap((r) => { const name = says(r.label, pattern) && !/\d[:.h]\d\d\b/.test(r.value) ? cleanQuotes(/^subject$/i.test(r.label) ? r.value.replace(/\s*[[(](?=[^\])]*\d)[^\])]*[\])]/g, '') : r.value) : null; return name ? [{ name, loose }] : []; });
  const strict = named(labels.place, false), inProse = strict.length > 0 ? null : placeInProse(text);
  return [...strict, ...(inProse ? [{ name: inProse, loose: false }] : []), ...named(labels.module, true), ...[moduleInProse(text)].flatMap((name) => (name ? [{ name, loose: true }] : []))];
}
const placeInProse = (text: string): string | null => cleanQuotes(firstIn(text, /\b(?:submission|hand-?in|paper|work|upload) (?:to|for|in) ([A-Z]{2,}\s?\d{2,}[\w&’' –-]{0,60}?)\s+(?:was|has been|is)\b/)?.[1] ?? firstIn(text, /\b(?:submitted|handed in|submission|uploaded|received|placed|went|put|filed|deposited|dropped|entered|delivered)\b[^.\n“"]{0,40}\b(?:to|at|in|into|for|by|box|folder|tray)\s+[“"]([^”"\n]{3,100})[”"]/i)?.[1] ?? null);
/** A place in running words that begins with a module's code: another code is another place. */
const moduleInProse = (text: string): string | null => firstIn(text, /\b(?:submission|hand-?in|paper|work|upload|submitted|handed in|uploaded|received|receipt|deposited|placed|filed)\b[^.\n“"]{0,40}?\b(?:to|for|in|into|at|as)\s+([A-Z]{2,}\s?\d{3,}[\w&’' –-]{0,60}?)(?=\s+(?:was|has|is|received|on|at|by)\b|[.,;(]|\s*$)/m)?.[1] ?? firstIn(text, /^([A-Z]{2,}\s?\d{3,}[^:\n]{0,50}):\s*(?:submission|hand-?in|paper|work)\s+(?:received|accepted|complete)/m)?.[1] ?? null;
function statedCount(text: string, rows: Row[]): number | null {
  const row = rows.find((r) => says(r.label, labels.stated) && /^\d{1,3}$/.test(r.value));
  if (row) return Number(row.value);
  // In a log the last count is the one that holds.
  const m = [...eachIn(text, /(?<![\d:.,/-])\b(\d{1,2}|one|two|three|four)[^\S\n]+(?:of\s+(?:your\s+|the\s+)?(?:\d+|two|three|four|five)\s+)?(?:files?|documents?)\s+(?:(?:was|were|has been|have been)\s+)?(?:received|submitted|stored|uploaded|accepted)\b/gi)].at(-1);
  const words: Record<string, number> = { one: 1, two: 2, three: 3, four: 4 };
  // “You handed in 1 of 2 documents.”
  const part = firstIn(text, /\b(?:handed in|submitted|uploaded|sent|received|got|have|hold)\b[:\s]+(\d{1,2}|one|two|three|four) (?:of|out of) (?:your |the )?(?:\d{1,2}|two|three|four|five) (?:files?|documents?)\b/i) ?? firstIn(text, /^\W*(?:documents?|files?)[^\S\n]*:[^\S\n]*(\d{1,2}|one|two|three|four) (?:of|out of) (?:\d{1,2}|two|three|four|five)\s*$/im);
  if (!m && part) return words[part[1]!.toLowerCase()] ?? Number(part[1]);
  return m ? words[m[1]!.toLowerCase()] ?? Number(m[1]) : null;
}
