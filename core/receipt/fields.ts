import { numberOf } from '../brief/statements.ts';
import { plainReceipt } from './plain.ts';
import { readId } from './identifier.ts';
import { readReceived } from './received.ts';
import { cleanQuotes, extensions, labels, rowsOf, type Row } from './rows.ts';
import { readOtherSums, type OtherSum } from './sums.ts';

export interface ReceiptFields { id: string | null; receivedAt: string | null; fileNames: string[]; bytes: number | number[] | null; title: string | null; extract: string | null; sha256: string[] }
export interface SizeShown { bytes: number; low: number; high: number; /** with decimal places, so that 0.00 is less than what they show */ rounded: boolean; /** of all documents together */ total: boolean }
export interface ReceiptRead { fields: ReceiptFields; /** the day of receipt, where no time of day is told */ day: string | null; /** every piece of text that is quoted */ extracts: string[]; sizes: SizeShown[]; status: 'draft' | 'failed' | 'received' | null; /** where it went, most telling first; `loose`: only a module or a course */ places: { name: string; loose: boolean }[]; zoneOpen: boolean; /** short lines without a label, as headings are */ headings: string[]; /** how many documents the receipt says arrived */ stated: number | null; /** how many pages the receipt says the document has */ pages: number | null; /** how many words the receipt says it has */ words: number | null; /** all that the receipt says but for what it quotes */ prose: string; /** checksums other than SHA-256 */ sums: OtherSum[]; /** the receipt calls the hand-in late */ late: boolean }

const unit: Record<string, [number, number]> = { b: [1, 1], byte: [1, 1], bytes: [1, 1], kb: [1e3, 1024], kib: [1024, 1024], mb: [1e6, 1_048_576], mib: [1_048_576, 1_048_576], gb: [1e9, 1_073_741_824], gib: [1_073_741_824, 1_073_741_824], ko: [1e3, 1024], mo: [1e6, 1_048_576], kio: [1024, 1024], mio: [1_048_576, 1_048_576], kilobytes: [1e3, 1024], megabytes: [1e6, 1_048_576] };

/** Finds the fields of a receipt. Nothing is invented: what no words settle stays null.
 * @param expectedNames - names with spaces are recognised in running text only where they are expected
 * @param zone - the brief's zone, for abbreviations that mean several things and for times without one */
export function readFields(text: string, expectedNames: string[], zone: string | null, nowIso: string): ReceiptRead {
  text = lastAttempt(plainReceipt(text).replace(/：/g, ': ')
    // Signs for the eye before a line, and dots that lead from a label to its value.
    .replace(/^[^\S\n]*[\p{Extended_Pictographic}\u200d\ufe0f]+[^\S\n]*/gmu, '').replace(/(?<=^[^\n.:]{2,40}?)[^\S\n]*(?:\.{4,}|[^\S\n]\.{3})[^\S\n]*:?[^\S\n]*(?=\S)/gm, ': ')).replace(/[\u2010\u2011]/g, '-')
    .replace(/(\d{4})\s?年\s?(\d{1,2})\s?月\s?(\d{1,2})\s?日|(\d{4})년\s?(\d{1,2})월\s?(\d{1,2})일/g, (_, ...d: (string | undefined)[]) => `${d[0] ?? d[3]!}-${(d[1] ?? d[4]!).padStart(2, '0')}-${(d[2] ?? d[5]!).padStart(2, '0')}`)
    // “[08:20:15] desk: …” is when a line was written; where another line has the day with its time, that is the one.
    .replace(/^\[\d\d:\d\d(?::\d\d)?\]\s*/gm, (clock) => (/\b20\d\d,?\s+(?:at\s+)?\d{1,2}:\d\d/.test(text) ? '' : clock))
    // “10240 of 18429 bytes” arrived, and no more.
    .replace(/\b(\d[\d,.]*)\s+of\s+\d[\d,.]*(?=\s*(?:bytes|[KMG]i?B)\b)/g, '$1')
    // “Mon Mar 15 13:55:09 GMT 2027”, as `date` writes it (POSIX.1-2017).
    .replace(/\b(?:Mon|Tue|Wed|Thu|Fri|Sat|Sun) (Jan|Feb|Mar|Apr|May|Jun|Jul|Aug|Sep|Oct|Nov|Dec) +(\d{1,2}) (\d\d:\d\d:\d\d) ([A-Z]{3,4}) (20\d\d)\b/g, '$2 $1 $5 $3 $4')
    // ISO 8601, basic format: 20270312T162000Z.
    .replace(/\b(20\d\d)(\d\d)(\d\d)T(\d\d)(\d\d)(\d\d)?(?=Z|[+-]\d\d|\b)/g, (_, y: string, mo: string, d: string, h: string, mi: string, s?: string) => `${y}-${mo}-${d}T${h}:${mi}:${s ?? '00'}`)
    // The time at which a mail was sent, in the head of one that was pasted whole, is not the time of receipt.
    .replace(/(?:^(?:Date|Sent|From|To|Cc|Subject|Reply-To|Message-ID|Return-Path):[^\n]*(?:\n|$)){2,}/gim, (head) => head.replace(/^(?:Date|Sent):[^\n]*/gim, ''));
  // “geo3107.pdf (renamed by the system from essay.pdf)”: the name that was sent is the one to compare.
  text = text.replace(/\S+\.\w{2,4} \((?:automatically )?renamed (?:by [a-z ]{2,20} )?from ([^()\n]{3,120}\.\w{2,4})\)/gi, '$1')
    .replace(/(\.\w{2,4}) \((?:automatically )?(?:re)?named (?:by [a-z ]{2,20} )?(?:to|as) [^()\n]{3,120}\)/gi, '$1');
  // “report.pdf (replaces report_v1.pdf)”: what it took the place of did not arrive now.
  text = text.replace(/\((?:this )?(?:replac(?:es|ing)|instead of|supersed(?:es|ing)|previously|formerly|was)\b:?\s[^()\n]{3,160}\.\w{2,5}\s*\)/gi, '');
  text = text.replace(/(\breplac(?:es|ed|ing) (?:your |the )?(?:earlier |previous )?(?:attempt|submission|upload|version|hand-?in)(?: (?:no\.? ?)?\d{1,2})?) \([^()\n]{3,160}\)/gi, '$1');
  const rows = rowsOf(text).filter((r) => !labels.ignored.test(r.label));
  const value = (pattern: RegExp): string | null => rows.find((r) => pattern.test(r.label))?.value ?? null;
  const received = readReceived(text, rows, expectedNames, zone, nowIso);
  const sizes = readSizes(text, rows);
  const bytes = sizes.filter((s) => !s.total || sizes.every((o) => o.total)).map((s) => s.bytes), extracts = readExtracts(text, rows);
  return {
    fields: {
      id: readId(text, rows), receivedAt: received.at, fileNames: readNames(text, rows, expectedNames),
      bytes: bytes.length === 0 ? null : bytes.length === 1 ? bytes[0]! : bytes,
      title: cleanQuotes(value(labels.title)), extract: extracts[0] ?? null, sha256: readSums(text),
    },
    day: received.at === null ? received.day ?? null : null,
    headings: text.split('\n').map((l) => l.trim()).filter((l) => l.length > 3 && l.length <= 70 && !/[:=|\t]/.test(l)), sizes, extracts, status: readStatus(text, rows), places: readPlaces(text, rows), zoneOpen: received.zoneOpen, stated: statedCount(text, rows), pages: statedPages(text, rows), words: statedWords(rows, text), prose: extracts.reduce((rest, e) => rest.replace(e, ' '), text), sums: readOtherSums(text), late: /^\s*(?:late (?:submission|hand-?in|upload)|(?:submitted|handed in|received) late|marked (?:as )?late)\b(?!\s*(?::|is|are|\?)?\s*(?:no|not)\b)/im.test(text) || /\blate\b/i.test(rows.find((r) => labels.status.test(r.label))?.value.replace(/\bnot late\b/i, '') ?? '') || rows.some((r) => /^late$/i.test(r.label) && /^yes\b/i.test(r.value)),
  };
}

/** In a log, what failed and was done again afterwards did not fail. */
function withoutRetried(lines: string[]): string[] {
  const timed = /^\W*(?:\d{4}-\d\d-\d\d|\d{1,2}[./ ]\w{2,9}[./ ]\d{2,4}|\d{1,2}:\d\d)\b.*\d/, again = lines.findLastIndex((l) => timed.test(l) && /\b(?:complete[d]?|submitted|received|accepted|stored|handed in|succeeded|successful)\b/i.test(l) && !/\b(?:not|failed|error)\b/i.test(l));
  return lines.filter((l, i) => i >= again || !(timed.test(l) && /\b(?:failed|aborted|timed out|connection lost|interrupted|error)\b/i.test(l)));
}

/** In a history of attempts, one to a line, the last is what was handed in. */
function lastAttempt(text: string): string {
  const lines = withoutRetried(text.split('\n')), attempts = lines.flatMap((line, i) => { const m = /^\W*(?:attempt|submission|version|upload|try|hand-?in)\s+(?:no\.?\s*|#)?(\d{1,2})\b(?=.*\d[:.]\d\d)/i.exec(line); return m ? [{ i, n: Number(m[1]) }] : []; });
  // “Attempt 2 (current)” with its rows below it, and “Attempt 1” with its own.
  const heads = lines.flatMap((line, i) => { const m = /^\s*(?:attempt|submission|version|upload|try|hand-?in)\s+(?:no\.?\s*|#)?(\d{1,2})\b[^\d\n]{0,30}$/i.exec(line); return m ? [{ i, n: Number(m[1]) }] : []; });
  if (heads.length > 1 && new Set(heads.map((h) => h.n)).size === heads.length) {
    const newest = Math.max(...heads.map((h) => h.n));
    return lines.filter((_, i) => { const own = heads.filter((h) => h.i <= i).at(-1); return own === undefined || own.n === newest; }).join('\n');
  }
  const last = attempts.reduce((a, b) => (b.n > a ? b.n : a), 0);
  if (lines.length < text.split('\n').length) text = lines.join('\n');
  // “Old: essay.pdf (10 March, receipt 5511)” over “New: essay.pdf (12 March, receipt 5512)”.
  const fileNamed = new RegExp(`\\.(?:${extensions})\\b`, 'i'), older = (l: string): boolean => /^\W*(?:old|previous|earlier|before|former|replaced)(?: (?:one|file|version|upload|submission))?\s*[:=]/i.test(l) && fileNamed.test(l), newer = (l: string): boolean => /^\W*(?:new|current|now|latest|replacement)(?: (?:one|file|version|upload|submission))?\s*[:=]/i.test(l) && fileNamed.test(l);
  if (lines.some(older) && lines.some(newer)) return lines.filter((l) => !older(l)).join('\n');
  // “… old.pdf (replaced)”: a line that says of itself that it does not count.
  const counts = (line: string): boolean => !/\.\w{2,4}\b.*(?:\((?:replaced|superseded|overwritten|ignored|not counted|withdrawn|deleted|cancell?ed)\)|(?:[–—|-]\s+|\s{2,})(?:replaced|superseded|overwritten|withdrawn|deleted|cancell?ed))\s*$/i.test(line);
  // Where nothing else names a file, what was replaced is told on the line of what took its place.
  if (attempts.length < 2) return (lines.some((l) => counts(l) && new RegExp(`\\.(?:${extensions})\\b`, 'i').test(l)) ? lines.filter(counts) : lines).join('\n');
  return new Set(attempts.map((a) => a.n)).size < attempts.length ? text : lines.filter((_, i) => !attempts.some((a) => a.i === i && a.n !== last)).join('\n');
}

/** SHA-256 sums, also where they are shown in groups or over two lines. */
const sums = /(?<![0-9a-z])(?:[0-9a-f]{64}|(?:[0-9a-f]{8}[\s:-]+){7}[0-9a-f]{8}|(?:[0-9a-f]{4}[\s:-]+){15}[0-9a-f]{4}|(?:[0-9a-f]{2}[\s:-]){31}[0-9a-f]{2}|[0-9a-f]{32}\s+[0-9a-f]{32})(?![0-9a-z])/gi;
const readSums = (text: string): string[] => [...new Set((text.match(sums) ?? []).map((h) => h.replace(/[\s:-]/g, '').toLowerCase()))];
/** Pages, as a row of their own or beside the file's name. */
function statedPages(text: string, rows: Row[]): number | null {
  const row = rows.find((r) => /^(?:number of |total )?pages?(?: count)?$|^page count$/i.test(r.label) && /^\d{1,4}\b(?!\s*(?:of|\/))/.test(r.value));
  if (row) return Number.parseInt(row.value, 10);
  // “Length: 14 pages”.
  const long = rows.find((r) => /^(?:length|extent|volume)$/i.test(r.label) && /^\d{1,4} pages?\b/i.test(r.value));
  if (long) return Number.parseInt(long.value, 10);
  const beside = text.split('\n').filter((l) => new RegExp(`\\.(?:${extensions})\\b`, 'i').test(l)).flatMap((l) => [.../\b(\d{1,4}) pages?\b/i.exec(l)?.slice(1) ?? []]);
  if (beside.length === 1) return Number(beside[0]);
  // “It comprises 14 pages.”
  const told = text.split('\n').filter((l) => !/\b(?:limit|maximum|max\.?|at most|up to|may|must|should|no more|allowed|feedback)\b/i.test(l)).flatMap((l) => [...l.matchAll(/\b(?:comprises|has|contains|consists of|runs to|with|counts?|of|found|read|are)\s+(?:exactly |a total of )?(\d{1,4}) pages?\b/gi)].map((m) => m[1]!));
  return new Set(told).size === 1 ? Number(told[0]) : null;
}

/** Words, as a row of their own. */
function statedWords(rows: Row[], text: string): number | null {
  const row = rows.find((r) => /^(?:number of |total )?words?(?: count(?:ed)?)?$/i.test(r.label) && /^\d[\d,. ]*(?:words)?$/i.test(r.value));
  if (row) return Number(row.value.replace(/\D/g, ''));
  // “Word count according to us: 9,200.”
  const said = /\bword count\b[^:\n\d]{0,24}:\s*(\d[\d,. ]*\d|\d)(?!\d)/i.exec(text);
  return said ? Number(said[1]!.replace(/\D/g, '')) : null;
}

function readNames(text: string, rows: Row[], expected: string[]): string[] {
  const found: { name: string; at: number }[] = [];
  // “[x] report.pdf” over “[ ] appendix.pdf”: what is not ticked has not arrived.
  const ticked = /^[ \t]*(?:[-*•][ \t]+)?(?:\[[xX✓✔]\]|[☑☒✓✔✅])[ \t]*\S/m.test(text), isOpen = (at: number): boolean => ticked && /^[ \t]*(?:[-*•][ \t]+)?(?:\[[ _]?\]|[☐□○])/.test(text.slice(text.lastIndexOf('\n', at - 1) + 1, at));
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
    const lineStart = rest.lastIndexOf('\n', m.index) + 1, before = rest.slice(lineStart, m.index), tail = /^[^\s()[\]"“”|<>,;]*/.exec(rest.slice(m.index + m[0].length))![0];
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
    if (labels.ignored.test(r.label) || !labels.fileName.test(r.label) || r.value.includes('\u0000')) continue;
    for (const piece of hasEnding.test(r.value) ? r.value.split(new RegExp(`(?<=\\.(?:${extensions}))(?:\\s*[,;]\\s*|\\s+and\\s+|\\s*\\([^)]*\\)\\s*[,;]?\\s*|\\s+(?=[\\d.,]+\\s?[KMG]?i?B\\b).*$)`, 'i')) : []) {
      const name = (cleanQuotes(piece.trim()) ?? '').replace(/\s*\(.*\)$/, '').replace(/[,;]$/, '');
      if (ending.test(name) && name.length < 260) { const at = rest.indexOf(name); if (at >= 0) { add(name, at); rest = rest.slice(0, at) + '\u0000'.repeat(name.length) + rest.slice(at + name.length); } }
    }
    // A shortened name may have lost its ending.
    if (/…|\.\.\./.test(r.value) && !hasEnding.test(r.value) && /file|document/i.test(r.label) && !/\s\S+\s\S+\s/.test(r.value)) add(cleanQuotes(r.value)!, rest.indexOf(r.value));
  }
  for (const m of rest.matchAll(new RegExp(`[“"‘'«]([^“”"‘’'«»\\n\\u0000]{1,200}\\.(?:${extensions}))[”"’'»]|(?<![\\w@/.…-])((?:[\\p{L}\\p{N}(]|…|\\.\\.\\.)[^\\s"'“”‘’<>|:*?,;/\\\\\\u0000]{0,200}(?:\\s\\(\\d{1,3}\\))?\\.(?:${extensions}))(?![\\w@/-])`, 'giu'))) {
    const name = m[1] ?? m[2]!;
    // A host name or a receipt's own file is not the paper.
    if (/^www\.|@/.test(name) || /^(?:receipt|confirmation|acknowledgement)\b/i.test(name)) continue;
    add(name, m.index);
  }
  // A name cut short in a table's cell has lost its ending too: it counts where it begins as one that is expected does.
  for (const m of rest.matchAll(/(?<![\p{L}\p{N}])([\p{L}\p{N}][^\s|"“”<>\u0000]{5,}?)(?:…|\.{3})(\w{0,12})(?!\S)/gu)) if (expected.some((e) => e.startsWith(m[1]!) && e.endsWith(m[2]!))) add(m[0], m.index);
  // “Your work “Y3921847_GEO3107” has been received”: where no name has its ending, one that is expected counts without.
  if (found.length === 0) for (const name of expected) {
    const stem = name.replace(/\.[A-Za-z0-9]{1,5}$/, ''), at = stem.length >= 8 && /[\d_-]/.test(stem) ? new RegExp(`(?<![\\p{L}\\p{N}_.-])${stem.replace(/[.*+?^${}()|[\]\\]/g, '\\$&')}(?![\\p{L}\\p{N}_-]|\\.\\w)`, 'u').exec(rest)?.index ?? -1 : -1;
    if (at >= 0) add(stem, at);
  }
  return found.sort((a, b) => a.at - b.at).map((f) => f.name);
}

function readSizes(text: string, rows: Row[]): SizeShown[] {
  const sizes: SizeShown[] = [];
  const add = (raw: string, unitName: string, total = false): void => {
    const name = unitName.toLowerCase(), [decimal, binary] = unit[name] ?? unit[name.replace(/s$/, '')] ?? [1, 1];
    const value = numberOf(raw);
    if (Number.isNaN(value)) return;
    // The rounding shown: half a unit of the last place, and a whole one for those who cut off.
    const places = /[.,](\d+)$/.exec(raw.replace(/[\s\u00a0]/g, ''))?.[1] ?? '', grouped = /^[1-9]\d{0,2}(?:[,.\s\u00a0\u202f]\d{3})+$/.test(raw.trim());
    const step = decimal === 1 ? 0 : 10 ** -(grouped ? 0 : places.length);
    // Whole kilobytes are often rounded up, as file managers do.
    const up = decimal === 1e3 && places === '' ? 1 : 0.5;
    sizes.push({ bytes: Math.round(value * decimal), low: Math.floor((value - step * up) * decimal), high: Math.ceil((value + (decimal === 1 ? 0 : step)) * binary), rounded: places !== '' && !grouped, total });
  };
  const pattern = /(?<![\w.]|\w-)(\d{1,3}(?:[,.\s\u00a0\u202f]\d{3})+(?![\d])|\d+(?:[.,]\d+)?)\s?(bytes?|B|[KMG]i?B|[KM]i?o|octets?|kilobytes|megabytes)\b(?![-_]\w)/gi;
  const seen = new Set<string>();
  // Groups of a sum end in a “b” now and then.
  for (const line of text.replace(sums, ' ').split('\n')) {
    if (/\b(?:limit|maximum|max\.?|up to|at most|quota|allowed|remaining|free|on disk)\b/i.test(line)) continue;
    const hits = [...line.matchAll(pattern)];
    // “3.4 MB (3,412,345 bytes)” is one size: the exact one counts.
    const exact = hits.find((h) => /^bytes?$/i.test(h[2]!));
    for (const h of hits.length === 2 && exact ? [exact] : hits) { const key = `${h[1]}${h[2]}`; if (!seen.has(key) || hits.length === 1) { if (!seen.has(key)) add(h[1]!, h[2]!, /^\W*(?:total|all (?:files|documents)|together|sum)\b/i.test(line)); seen.add(key); } }
  }
  if (sizes.length === 0) for (const r of rows) if (labels.size.test(r.label) && /^\d[\d,. ]*$/.test(r.value)) add(r.value, /kb/i.test(r.label) ? 'KB' : /mb/i.test(r.label) ? 'MB' : 'bytes'); else { const short = labels.size.test(r.label) ? /^(\d[\d.,]*)\s?([KMG])$/i.exec(r.value) : null; if (short) add(short[1]!, `${short[2]!}B`); }
  return sizes;
}

/** Every piece of text that the receipt quotes, one a document where there are several. */
function readExtracts(text: string, rows: Row[]): string[] {
  const own = rows.filter((r) => labels.extract.test(r.label)), found: string[] = [];
  // A quoted piece may run over several lines; it ends where the next labelled line begins, or an empty one.
  const next = [...new Set(rows.map((r) => r.label))].map((l) => l.replace(/[.*+?^${}()|[\]\\]/g, '\\$&')).join('|');
  const end = new RegExp(`\\n\\s*\\n|\\n\\s*(?:The [A-Z]\\w+\\s*(?:$|\\n)|Yours\\b|Kind regards|Best (?:wishes|regards)|Regards\\b|Sincerely\\b|Thank)|\\n\\s*[A-Z][\\w -]{1,30}:${next ? `|\\n\\s*(?:${next})\\s*:` : ''}`);
  let from = 0;
  for (const row of own) {
    const at = text.indexOf(row.value, from);
    if (at < 0) { found.push(row.value); continue; }
    const rest = text.slice(at), stop = end.exec(rest.slice(row.value.length));
    found.push(rest.slice(0, stop ? row.value.length + stop.index : rest.length).replace(/\s*\n\s*/g, ' ').replace(/\s*\|\s*$/, '').trim());
    from = at + row.value.length;
  }
  const clean = found.map(cleanQuotes).filter((v): v is string => v !== null);
  if (clean.length > 0) return clean;
  const other = unlabelledExtract(text);
  return other === null ? [] : [other];
}
function unlabelledExtract(text: string): string | null {
  const lead = /\b(?:begins(?: with)?|starts with|first words|extract|excerpt|(?:opening|start)(?: (?:words|lines))?(?: of (?:the|your) (?:text|paper|document|work|file))?|beginning(?: of (?:the|your) (?:text|paper|document|work|file))?)\b[^\n“"‘«:]{0,40}[:\s]*\n?\s*[“"‘«]([^”"»]{12,1500})[”"’»]/i.exec(text);
  if (lead) return lead[1]!.replace(/\s+/g, ' ').trim();
  const heading = /^\s*(?:(?:text |short )?(?:extract|excerpt|preview|sample|snippet)(?: (?:of|from) (?:the |your )?(?:text|paper|document|work|essay|submission|file))?|(?:the )?(?:first|opening) (?:words|lines?|sentences?|paragraph|\d+ words|\d+ characters)(?: (?:of|from) (?:the |your )?(?:text|paper|document|work|essay|submission|file))?|(?:beginning|start|opening) of (?:the |your )?(?:text|paper|document|work|essay|submission|file)|(?:your |the )?(?:text|paper|document|essay|work) (?:begins|starts)(?: (?:with|like this))?)\s*:?\s*\n+\s*(\S[^]*?)(?=\n\s*\n|$)/im.exec(text);
  return heading ? cleanQuotes(heading[1]!.replace(/\s+/g, ' ')) : null;
}

function readStatus(text: string, rows: Row[]): ReceiptRead['status'] {
  const row = rows.find((r) => labels.status.test(r.label))?.value ?? '';
  const negative = /\b(?:draft|not (?:yet )?(?:been )?(?:submitted|handed in|received|complete[d]?)|in progress|unsubmitted|pending|waiting|incomplete|saved|not final)\b/i, failed = /\b(?:fail(?:ed|ure)?|rejected|refused|error|quarantined|cancell?ed|aborted|unsuccessful|withdrawn|deleted|voided|expired|corrupt(?:ed)?|empty)\b/i;
  // “Accepted: NO (file type not allowed)”.
  if (rows.some((r) => /^(?:accepted|received|stored|complete|successful|valid|submitted|handed in)$/i.test(r.label) && /^(?:no|false|rejected|refused|not)\b(?!\.? ?\d)/i.test(r.value))) return 'failed';
  // “Paper: (no file)”, “Words: 0”.
  if (rows.some((r) => labels.fileName.test(r.label) && /^\(?(?:no (?:files?|documents?|papers?|attachments?)|none|empty|missing|n\/a)\)?(?: (?:attached|submitted|uploaded|received))?\.?$/i.test(r.value) || /^(?:words?|word count|pages?)$/i.test(r.label) && r.value === '0')) return 'failed';
  if (/\b(?:received|hold|got|stored)\s+(?:0|no|zero)\s+(?:files?|documents?)\b/i.test(text)) return 'failed';
  // “*** TEST SYSTEM – submissions are not assessed ***”: nothing arrived where it counts.
  if (/\b(?:test|demo|training|sandbox|rehearsal) (?:system|server|environment|instance|mode|site)\b[^\n]{0,60}\b(?:not|no|never)\b|\b(?:submissions?|uploads?|files?|hand-?ins?) (?:here |made here |to this (?:system|site|server) )?(?:are|is|will) (?:not|never) (?:be )?(?:assessed|marked|graded|kept|stored|forwarded)\b/i.test(text)) return 'failed';
  // One of several was turned away: “cover.docx   36 KB   rejected: wrong type”.
  const turnedAway = new RegExp(`\\.(?:${extensions})\\b.*\\b(?:rejected|refused|failed|not (?:accepted|stored|received))\\b|\\.(?:${extensions})\\b[^\\w\\n]{1,6}(?:still )?(?:missing|outstanding|awaited|absent|nothing received)\\b|^\\W*(?:still |yet )?(?:missing|outstanding|not (?:yet )?received)\\b.*\\.(?:${extensions})\\b`, 'i');
  if (text.split('\n').some((l) => turnedAway.test(l))) return 'failed';
  if (rows.some((r) => /^(?:type|kind)(?: of (?:submission|hand-?in))?$/i.test(r.label) && /^draft\b/i.test(r.value))) return 'draft';
  // “Accepted, pending virus scan”: it is there.
  const arrived = /^\W*(?:accepted|received|submitted|handed in|delivered|stored)\s*(?:[,;–(-]|and\b)/i.test(row) && /\b(?:pending|waiting|awaiting)\b/i.test(row) && !/\b(?:draft|not|unsubmitted|incomplete|in progress)\b/i.test(row);
  if (row) return failed.test(row) ? 'failed' : negative.test(row) && !arrived ? 'draft' : 'received';
  // “If your submission failed you would have got an error.”: what would be.
  text = text.replace(/(?<=^|[.!?\n]\s{0,8})(?:if|should|unless|in case)\b[^.\n]*/gi, (s) => ' '.repeat(s.length));
  // “You still have to press Submit.” “Note: the file is empty.”
  if (/\byou (?:still |now )?(?:have to|need to|must) (?:still )?(?:press|click|tap|select|choose)\b[^.\n]{0,30}\b(?:submit|send|hand in|finish|complete|confirm)\b/i.test(text)) return 'draft';
  if (/\b(?:the|your|this) (?:uploaded |received )?(?:file|document|paper|upload) (?:is|was|seems to be|appears to be) (?:empty|blank|damaged|corrupt(?:ed)?|unreadable)\b/i.test(text)) return 'failed';
  // “Test submission, not counted”.
  if (/\b(?:test|trial|practice|dummy) (?:submission|upload|hand-?in)\b[^.\n]{0,30}\b(?:not counted|does not count|will not (?:be )?count|not (?:be )?marked|only)\b|\bnot counted as (?:a )?(?:submission|hand-?in)\b|\bthis (?:is|was) (?:only )?a (?:test|trial|practice) (?:submission|upload|hand-?in)\b/i.test(text)) return 'draft';
  // “Entwurf, noch nicht abgegeben”.
  if (/(?<!\p{L})(?:(?:noch )?nicht (?:abgegeben|eingereicht)|(?:nur )?als entwurf gespeichert|brouillon (?:enregistré|non déposé)|pas encore (?:déposé|remis)e?|borrador (?:guardado|no entregado)|(?:todavía|aún) no (?:se ha )?(?:entregado|enviado))(?!\p{L})/iu.test(text)) return 'draft';
  if (/\b(?:(?:saved|stored|kept|still|remains?|is|as)\s+(?:only\s+)?(?:as\s+)?(?:a\s+|in\s+)?draft|draft (?:saved|stored|status)|has not (?:yet )?been (?:submitted|handed in|received)|not yet (?:submitted|handed in|sent)|saved,? (?:but )?not (?:yet )?(?:sent|submitted|handed in)|(?:waiting|ready) to (?:be )?(?:sent|submitted|go))\b/i.test(text)) return 'draft';
  // “Press “Hand in” to complete.”: of the hand-in itself, not of a form that comes after it.
  if (/\b(?:press|click|choose|select) (?:on )?[“"‘'][^”"’'\n]{2,30}[”"’'] to (?:complete|finish|finali[sz]e|send|submit|hand in)(?: (?:it|(?:your|the) (?:submission|hand-?in|paper|work|file)))?(?: in)?\s*(?:[.!]|$)/im.test(text)) return 'draft';
  if (/\b(?:files?|documents?|papers?|uploads?|them|it|both|one)\b[^.\n]{0,12}\b(?:did not|didn['’]t) (?:make it|get here|get through|come through|reach us)\b|\bsend the missing (?:one|file|document|paper)s?\b/i.test(text)) return 'failed';
  if (/\b(?:transfer|upload|transmission|connection)\b[^.\n]{0,24}\b(?:was |has been |were )?(?:interrupted|cut off|broken off|aborted|lost)\b|\b(?:could not|couldn['’]t|cannot|can['’]t|unable to|not able to) confirm (?:your|the|this) (?:upload|submission|hand-?in|delivery|receipt)\b/i.test(text)) return 'failed';
  // “Submission not completed”, “You tried to hand in …”.
  if (/^\W*(?:your )?(?:submission|hand-?in|upload|delivery)(?: was| is| has)? (?:not (?:yet )?(?:been )?(?:complete[d]?|successful|finished)|incomplete|unsuccessful)\b|\byou (?:have )?tried to (?:hand in|submit|upload|send)\b/im.test(text)) return 'failed';
  if (/\b(?:could not be (?:opened|read|converted|received|stored|accepted|saved|uploaded|submitted|processed|delivered|handed in)|submission[. _](?:has )?(?:been )?(?:failed|rejected|refused|cancelled|canceled|withdrawn|deleted|aborted|was (?:rejected|refused|cancelled|canceled|withdrawn|deleted|aborted))|upload (?:has )?failed|(?:attempt|submission|upload|delivery)\b[^.\n]{0,60}\bfailed|did(?: not|n['’]t) (?:go through|arrive|reach us|complete)|(?:was|were|has|have) not (?:been )?(?:received|accepted|stored)|(?<!\b(?:if|in case|whenever)\b[^.\n]{0,80})(?:could not|couldn['’]t|cannot|did not|didn['’]t) (?:find|see|locate) (?:a|any|your) (?:file|paper|submission|document|hand-?in|upload)|(?<!\b(?:if|in case|whenever)\b[^.\n]{0,80})(?:no|there is no|there was no) (?:file|paper|submission|document|hand-?in) (?:from you |of yours )?(?:was|has been|is|could be) (?:received|found|there|recorded)|(?:submission|hand-?in|paper|file|work|it) (?:has been |was |is )?(?:replaced|superseded) by (?:submission|a (?:later|newer)|another|the (?:later|newer))|withdrawn (?:by|on|at|:)|you (?:have |then )?(?:withdrew|withdrawn|cancelled|deleted|removed) (?:this|your|the) (?:submission|hand-?in|paper|file|upload|work)|did not (?:receive|arrive)|(?:virus|malware|security) (?:scan|check) failed|(?<!\b(?:if|in case|should|whenever)\b[^.\n]{0,80})(?:something went wrong|an error (?:has )?occurred)|files? (?:was |were |has been |have been )?(?:removed|quarantined|blocked|discarded)|(?:was|were) (?:removed|quarantined|blocked|discarded))\b/i.test(text)) return 'failed';
  return /\b(?:received|submitted|successful(?:ly)?|accepted|stored|handed in|confirm)/i.test(text) ? 'received' : null;
}

/** Every row that names a place, and what the words say where no row does. */
function readPlaces(text: string, rows: Row[]): ReceiptRead['places'] {
  const named = (pattern: RegExp, loose: boolean): ReceiptRead['places'] => rows.flatMap((r) => { const name = pattern.test(r.label) && !/\d[:.h]\d\d\b/.test(r.value) ? cleanQuotes(/^subject$/i.test(r.label) ? r.value.replace(/\s*[[(](?=[^\])]*\d)[^\])]*[\])]/g, '') : r.value) : null; return name ? [{ name, loose }] : []; });
  const strict = named(labels.place, false), inProse = strict.length > 0 ? null : placeInProse(text);
  return [...strict, ...(inProse ? [{ name: inProse, loose: false }] : []), ...named(labels.module, true)];
}
const placeInProse = (text: string): string | null => cleanQuotes(/\b(?:submission|hand-?in|paper|work|upload) (?:to|for|in) ([A-Z]{2,}\s?\d{2,}[\w&’' –-]{0,60}?)\s+(?:was|has been|is)\b/.exec(text)?.[1] ?? /\b(?:submitted|handed in|submission|uploaded|received)\b[^.\n“"]{0,40}\b(?:to|at|in|for|by)\s+[“"]([^”"\n]{3,100})[”"]/i.exec(text)?.[1] ?? null);
function statedCount(text: string, rows: Row[]): number | null {
  const row = rows.find((r) => labels.stated.test(r.label) && /^\d{1,3}$/.test(r.value));
  if (row) return Number(row.value);
  const m = /\b(\d{1,2}|one|two|three|four)\s+(?:of\s+(?:your\s+|the\s+)?(?:\d+|two|three|four|five)\s+)?(?:files?|documents?)\s+(?:(?:was|were|has been|have been)\s+)?(?:received|submitted|stored|uploaded|accepted)\b/i.exec(text);
  const words: Record<string, number> = { one: 1, two: 2, three: 3, four: 4 };
  // “You handed in 1 of 2 documents.”
  const part = /\b(?:handed in|submitted|uploaded|sent|received|got|have|hold)\b[:\s]+(\d{1,2}|one|two|three|four) (?:of|out of) (?:your |the )?(?:\d{1,2}|two|three|four|five) (?:files?|documents?)\b/i.exec(text) ?? /^\W*(?:documents?|files?)[^\S\n]*:[^\S\n]*(\d{1,2}|one|two|three|four) (?:of|out of) (?:\d{1,2}|two|three|four|five)\s*$/im.exec(text);
  if (!m && part) return words[part[1]!.toLowerCase()] ?? Number(part[1]);
  return m ? words[m[1]!.toLowerCase()] ?? Number(m[1]) : null;
}
