import { DateTime } from 'luxon';
import { dateOrder, readDates } from '../brief/dates.ts';
import { readZone } from '../brief/zones.ts';
import type { Clause } from '../brief/statements.ts';
import { monthNames } from '../tables/month-names.ts';
import { receiptLabels } from '../tables/receipt-labels.ts';
import { numberOf } from '../brief/statements.ts';
import { readOtherSums, type OtherSum } from './sums.ts';

export interface ReceiptFields { id: string | null; receivedAt: string | null; fileNames: string[]; bytes: number | number[] | null; title: string | null; extract: string | null; sha256: string[] }
export interface SizeShown { bytes: number; low: number; high: number; /** of all documents together */ total: boolean }
export interface ReceiptRead { fields: ReceiptFields; /** the day of receipt, where no time of day is told */ day: string | null; /** every piece of text that is quoted */ extracts: string[]; sizes: SizeShown[]; status: 'draft' | 'failed' | 'received' | null; /** where it went, most telling first; `loose`: only a module or a course */ places: { name: string; loose: boolean }[]; zoneOpen: boolean; /** short lines without a label, as headings are */ headings: string[]; /** how many documents the receipt says arrived */ stated: number | null; /** how many pages the receipt says the document has */ pages: number | null; /** how many words the receipt says it has */ words: number | null; /** all that the receipt says but for what it quotes */ prose: string; /** checksums other than SHA-256 */ sums: OtherSum[]; /** the receipt calls the hand-in late */ late: boolean }

interface Row { label: string; value: string }

const labels = {
  id: /^(?:ack(?:nowledge?ment)?[\s-]*(?:id|no\.?|number|code|ref\.?)|(?:submission|receipt|confirmation|reference|transaction|tracking|ticket|paper|record|deposit|hand-?in|acknowledge?ment|lodge?ment|filing|entry|case)[\s-]*(?:id|identifier|number|no\.?|nr\.?|code|ref(?:erence)?|#)?|id|identifier|ref(?:erence)?(?:\s*(?:number|no\.?|code|id))?|receipt|our reference|your reference|(?:\w+ )?(?:uuid|guid|uid)|unique (?:id|identifier|reference|number))$/i,
  receivedAt: /^(?:(?:time ?)?stamp(?:ed)?|(?:date (?:and|&|\/) time|date\/time|time|date|timestamp|when)(?: (?:of )?(?:receipt|submission|received|submitted|hand-?in|upload|acceptance|arrival))?|(?:received|submitted|handed[- ]in|uploaded|accepted|stored|arrived|deposited|lodged|recorded|completed|delivered)(?: (?:at|on|date|time|when|by us|date and time))*|(?:submission|hand-?in|delivery|deposit|arrival|upload) (?:date|time|timestamp|date and time|date\/time|time and date)|receipt (?:date|time|date and time)|(?:time|date) (?:stamp|received|submitted)|created at|finished at|upload (?:time|date)|on|at|in|end(?:ed)?|finish(?:ed)?|innlevert|eingegangen|ontvangen|déposé|ricevuto|recibido)$/i,
  fileName: /^(?:(?:the |original |uploaded |submitted |stored )?(?:file|document|paper|attachment|item|upload|object)s?\s*(?:\d+\s*)?(?:\(s\))?\s*(?:names?|submitted|received|uploaded|title)?s?|filenames?|names? of (?:the )?files?|contents?|part \d+|\d+)$/i,
  size: /^(?:(?:file|document|total|paper|upload)?\s*(?:size|length|bytes)(?:\s*(?:in|\()\s*(?:bytes|kb|mb)\)?)?|bytes|octets|volume)$/i,
  title: /^(?:(?:submission|paper|document|assignment|essay|work|file)?\s*title|title of (?:the )?(?:submission|paper|work)|name of (?:the )?(?:paper|submission|work)|subject of paper)$/i,
  extract: /^(?:(?:text )?(?:extract|excerpt|preview|snippet|sample)(?: (?:of|from) (?:the )?(?:text|paper|document|submission))?|first (?:words|lines|line|sentence|\d+ words|\d+ characters)|opening (?:words|lines)|(?:opening|start|beginning)(?: (?:words|lines))? of (?:the|your) (?:text|paper|document|work|file)|begin(?:s|ning)(?: (?:of (?:the )?(?:text|paper|document)|with))?|text(?: begins)?|(?:your|the) (?:document|paper|text|work|file) (?:begins|starts)(?: with)?|starts with|piece of (?:the )?text|submission text|paper text)$/i,
  status: /^(?:(?:submission|receipt|paper|hand-?in|upload)?\s*(?:status|state)|result)$/i,
  place: /^(?:place|(?:submitted|filed|uploaded|delivered|lodged|placed|stored|received|handed[- ]in)(?: (?:to|in|into|at|under|for))|where|assignment|assignment name|destination|point of submission|box|folder|inbox|abgabe|ordner)$/i,
  module: /^(?:module|course|unit|class|subject|for)$/i,
  stated: /^(?:(?:number of )?(?:files|documents|items|attachments)(?: (?:received|submitted|stored|count))?|file count|documents count)$/i,
  ignored: /^(?:printed|print(?:ed)? (?:on|at|date|time)|date printed|generated|page(?! count)|sent|from|to|cc|mail date|due|due (?:date|time)|deadline|closes|opens|feedback(?: due)?|marks? (?:due|returned)|reply-to|message-id|issued|downloaded|viewed|expires|valid until|last login)(?: .*)?$/i,
};

/** “Receipt code” on a line and “QX-77” on the one below it: a label alone, and its value up to an empty line. */
function stacked(text: string): string {
  const alone = [labels.id, labels.receivedAt, labels.fileName, labels.size, labels.title, labels.status, labels.place], isLabel = (line: string | undefined): boolean => line !== undefined && /^\p{L}[\p{L} ]{1,30}$/u.test(line.trim()) && alone.some((l) => l.test(line.trim())), out: string[] = [], lines = text.split('\n');
  for (let i = 0; i < lines.length; i++) {
    const value: string[] = [];
    if (isLabel(lines[i])) while (value.length < 3 && lines[i + 1 + value.length]?.trim() && !isLabel(lines[i + 1 + value.length]) && !/^[^\d]{0,40}:\s/.test(lines[i + 1 + value.length]!)) value.push(lines[i + 1 + value.length]!.trim());
    if (value.length > 0) out.push(`${lines[i]!.trim()}: ${value.join(' ')}`);
    else out.push(lines[i]!);
    i += value.length;
  }
  return out.join('\n');
}

/** Rows of “label: value”, also with tabs, bars, dashes or wide gaps between. */
function rowsOf(text: string): Row[] {
  // “Receipt R-5. Place: Report 1. File: …” says on one line what others say on three.
  return stacked(text).split(/\n|(?<=[.;])[^\S\n]+(?=[A-Z][a-z]+(?: [a-z]+)?:\s)/).flatMap((line): Row[] => {
    const m = /^\s*[-*•|]?\s*\**([\p{L}#][\p{L} _#.()/&'-]{0,40}?)\**\s*(?::|\||=|\t|\s{3,}|\s[–—-]\s)\s*(.+?)\s*\|?\s*$/u.exec(line) ?? /^\s*(Receipt|Submission|Reference|Ref\.?|Confirmation|Ticket|Tracking|Status|Size|Title|ID|No(?=\.?\s+\d{4,}\s*$)|Date|Time|(?:Stored|Received|Submitted|Uploaded)(?=\s+1\d{9}))\s+(?:no\.?\s*|number\s*|#\s*)?(.{2,80})$/i.exec(line);
    // “Zeit / Time: …” is labelled in two languages.
    return m ? m[1]!.trim().replace(/[\s_]+/g, ' ').replace(/(?<=^(?:our |your )?ref)\.$/i, '').split(' / ').map((label) => ({ label: receiptLabels.get(label.toLowerCase().replace(/'/g, '’')) ?? label, value: m[2]!.replace(/\*\*/g, '').trim() })) : [];
  });
}

const extensions = 'pdf|docx?|odt|rtf|txt|jpe?g|png|tiff?|zip|pptx?|xlsx?|html?|md|heic|tex|csv';
const unit: Record<string, [number, number]> = { b: [1, 1], byte: [1, 1], bytes: [1, 1], kb: [1e3, 1024], kib: [1024, 1024], mb: [1e6, 1_048_576], mib: [1_048_576, 1_048_576], gb: [1e9, 1_073_741_824], gib: [1_073_741_824, 1_073_741_824], ko: [1e3, 1024], mo: [1e6, 1_048_576], kio: [1024, 1024], mio: [1_048_576, 1_048_576], kilobytes: [1e3, 1024], megabytes: [1e6, 1_048_576] };

/** Finds the fields of a receipt. Nothing is invented: what no words settle stays null.
 * @param expectedNames - names with spaces are recognised in running text only where they are expected
 * @param zone - the brief's zone, for abbreviations that mean several things and for times without one */
export function readFields(text: string, expectedNames: string[], zone: string | null, nowIso: string): ReceiptRead {
  text = lastAttempt(text.replace(/：/g, ': ')
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
  text = text.replace(/\S+\.\w{2,4} \((?:automatically )?renamed (?:by [a-z ]{2,20} )?from ([^()\n]{3,120}\.\w{2,4})\)/gi, '$1');
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
    headings: text.split('\n').map((l) => l.trim()).filter((l) => l.length > 3 && l.length <= 70 && !/[:=|\t]/.test(l)), sizes, extracts, status: readStatus(text, rows), places: readPlaces(text, rows), zoneOpen: received.zoneOpen, stated: statedCount(text, rows), pages: statedPages(text, rows), words: statedWords(rows), prose: extracts.reduce((rest, e) => rest.replace(e, ' '), text), sums: readOtherSums(text), late: /^\s*(?:late (?:submission|hand-?in|upload)|(?:submitted|handed in|received) late|marked (?:as )?late)\b(?!\s*(?::|is|are|\?)?\s*(?:no|not)\b)/im.test(text) || /\blate\b/i.test(rows.find((r) => labels.status.test(r.label))?.value.replace(/\bnot late\b/i, '') ?? '') || rows.some((r) => /^late$/i.test(r.label) && /^yes\b/i.test(r.value)),
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
  // “… old.pdf (replaced)”: a line that says of itself that it does not count.
  if (attempts.length < 2) return lines.filter((line) => !/\.\w{2,4}\b.*\((?:replaced|superseded|overwritten|ignored|not counted|withdrawn|deleted|cancell?ed)\)\s*$/i.test(line)).join('\n');
  return new Set(attempts.map((a) => a.n)).size < attempts.length ? text : lines.filter((_, i) => !attempts.some((a) => a.i === i && a.n !== last)).join('\n');
}

/** SHA-256 sums, also where they are shown in groups or over two lines. */
const readSums = (text: string): string[] => [...new Set((text.match(/(?<![0-9a-z])(?:[0-9a-f]{64}|(?:[0-9a-f]{8}[\s:-]+){7}[0-9a-f]{8}|(?:[0-9a-f]{4}[\s:-]+){15}[0-9a-f]{4}|(?:[0-9a-f]{2}[\s:-]){31}[0-9a-f]{2}|[0-9a-f]{32}\s+[0-9a-f]{32})(?![0-9a-z])/gi) ?? []).map((h) => h.replace(/[\s:-]/g, '').toLowerCase()))];

const cleanQuotes = (v: string | null): string | null => v?.replace(/^[“"‘'«„]+|[”"’'»“]+[.]?$/g, '').trim() || null;

function readId(text: string, rows: Row[]): string | null {
  const token = (v: string, label = ''): string | null => {
    const bare = v.replace(/^(?:(?:(?:receipt|confirmation|submission) )?(?:no\.?|nr\.?|number|id|code|identifier|ref(?:erence)?\.?|receipt|confirmation)(?=[\s:#])|#|:)\s*:?\s*/i, '').replace(/^[#"“(]+|[)"”.,;]+$/g, '').trim();
    const m = /^[A-Za-z0-9][A-Za-z0-9._/:-]*(?:[ -][A-Z0-9][A-Z0-9-]+){0,3}/.exec(bare)?.[0].replace(/[.:]$/, '');
    // A short number is one where the label can mean nothing else.
    return m && /\d/.test(m) && (m.length >= 3 || (m === bare && /receipt|confirm|reference|\b(?:id|no|number)\b/i.test(label))) && !/^\d{1,2}[/:.]\d|^\d{4}-\d\d-\d\d(T|$)/.test(m) && !new RegExp(`\\.(?:${extensions})$`, 'i').test(m) ? m : null;
  };
  const exact = rows.filter((r) => labels.id.test(r.label)).sort((a, b) => score(b.label) - score(a.label));
  // “Submission: GEO 3107 Report 2” is a place; a number that is the whole of its row comes first.
  for (const r of exact) { const t = token(r.value, r.label); if (t && !/\p{L}{3}/u.test(r.value.slice(r.value.indexOf(t) + t.length))) return t; }
  for (const r of [...exact.filter((e) => !/^(?:submission|hand-?in|paper)$/i.test(e.label)), ...rows.filter((r) => /^(?:number|no\.?)$/i.test(r.label) || /^code$/i.test(r.label) && !/^[A-Z]{2,5}[ -]?\d{3,5}$/.test(r.value.trim()))]) { const t = token(r.value, r.label); if (t) return t; }
  // “Your set has arrived (set no. S-118).”
  const parcel = /\b(?:set|batch|parcel|bundle|lot) (?:no\.|nr\.?|number|ID|#)\s*#?((?=[A-Za-z0-9/_-]*\d)[A-Z0-9][A-Za-z0-9]*(?:[-/_][A-Za-z0-9]+)*)\b/i.exec(text);
  if (parcel && parcel[1]!.length >= 3) return parcel[1]!;
  const prose = /\b(?:receipt|submission|confirmation|reference|(?<=\b(?:quote|our|your|use)\s(?:the\s)?)ref\.?|transaction|tracking|acknowledge?ment)\s*(?:id|identifier|number|no\.?|nr\.?|code|ref(?:erence)?)?\s*(?:is|was|:|#|=|no\.?)?\s*[“"(]?\s*#?((?=[A-Za-z0-9/_-]*\d)[A-Z0-9][A-Za-z0-9]*(?:[-/_][A-Za-z0-9]+)*)\b(?!\s*(?:words?|pages?|bytes|files?|documents?|KB|MB|minutes|of))/gi;
  // “… your submission (ID: 5521-7)”.
  const bracketed = /\((?:(?:submission|receipt|confirmation|reference|transaction|tracking|your)\s*)?(?:id|identifier|number|no\.?|ref(?:erence)?\.?)\s*[:#]?\s*#?((?=[A-Za-z0-9/_-]*\d)[A-Za-z0-9]+(?:[-/_][A-Za-z0-9]+)*)\)/i.exec(text);
  if (bracketed && bracketed[1]!.length >= 3) return bracketed[1]!;
  // “Submission accepted (code A1B2C3)”; “SLIP 00931”.
  const coded = /^(?=[^\n]*\b(?:received|accepted|submitted|confirmed|handed in|complete)\b)(?![^\n]*\b(?:error|failed|refused)\b)[^\n]*\(code[: ]\s*#?((?=[A-Za-z0-9/_-]*\d)[A-Za-z0-9]+(?:[-/_][A-Za-z0-9]+)*)\)/im.exec(text) ?? /\b(?:slip|voucher)\s+#?(\d{3,})\b/i.exec(text);
  if (coded && coded[1]!.length >= 3) return coded[1]!;
  // “Receipt no. 17”; “lodged under the number L-2027-118”.
  const numbered = /\b(?:receipt|slip|voucher|confirmation|submission|transaction|acknowledge?ment)\s+(?:no\.|nr\.?|number|#)\s*#?((?=[A-Za-z0-9/_-]*\d)[A-Z0-9][A-Za-z0-9]*(?:[-/_][A-Za-z0-9]+)*)\b(?![^\S\n]*(?:of|words?|pages?|files?)\b)|\bunder (?:the |our )?(?:receipt |submission |reference )?(?:number|no\.|reference|id|code)\s+#?((?=[A-Za-z0-9/_-]*\d)[A-Z0-9][A-Za-z0-9]*(?:[-/_][A-Za-z0-9]+)*)/i.exec(text);
  if (numbered) return (numbered[1] ?? numbered[2])!;
  // As other languages call it: “Quittung Nr. 2027/19”, “Kvittering nr. 4471”.
  const abroad = /(?<![\p{L}])(?:quittung|beleg|vorgang|(?:abgabe|empfangs)?bestätigung|eingangsbestätigung|kvittering|kvitto|reçu|récépissé|recibo|ricevuta|ontvangstbewijs)(?:s?nummer)?(?: d[ei] \p{L}+)?\s*(?:nr\.?|no\.?|n\.?\s?[°º]|núm\.?|n\.)?\s*[:#]?\s*((?=[A-Za-z0-9/_-]*\d)[A-Z0-9][A-Za-z0-9]*(?:[-/_][A-Za-z0-9]+)*)(?!\.\d)/iu.exec(text);
  if (abroad && abroad[1]!.length >= 3) return abroad[1]!;
  // “conf. no. RP-0192”.
  const short = /\bconf(?:irm)?\.? (?:no\.?|number|#|code)\s*:?\s*#?((?=[A-Za-z0-9/_-]*\d)[A-Z0-9][A-Za-z0-9]*(?:[-/_][A-Za-z0-9]+)*)/i.exec(text);
  if (short && short[1]!.length >= 3) return short[1]!;
  // “Keep the number 7741-QX”.
  const kept = /\b(?:keep|note(?: down)?|quote|remember|write down)\s+(?:the|this|your)\s+(?:receipt |reference |confirmation )?(?:number|no\.|code|reference|id)\s*:?\s*#?((?=[A-Za-z0-9/_-]*\d)[A-Z0-9][A-Za-z0-9]*(?:[-/_][A-Za-z0-9]+)*)/i.exec(text);
  if (kept && kept[1]!.length >= 3) return kept[1]!;
  // The first cell of the line that has the file with its time: “PS4-0207   12 Mar 2027 08:20   essay.pdf”.
  const cell = new RegExp(`^\\W*(?:\\d{1,2}[.)]\\s+)?([A-Z]{1,6}\\d*-\\d{2,}[\\w-]*)(?:\\s{2,}|\\s*[|;\\t])(?=.*\\d:\\d\\d)(?=.*\\.(?:${extensions})\\b)`, 'im').exec(text);
  if (cell) return cell[1]!;
  // “It carries the number 4-1-7 in our list.”
  const carried = /\b(?:carries|has|got|given|bears|under) (?:the |our |your )?(?:number|no\.|code|reference)\s+#?((?=[A-Za-z0-9/_-]*\d)[A-Z0-9][A-Za-z0-9]*(?:[-/_][A-Za-z0-9]+)*)\b/i.exec(text);
  if (carried && carried[1]!.length >= 3 && /\b(?:receive|received|arrived|accepted|handed in|submitted)\b/i.test(text)) return carried[1]!;
  // “Confirmation of hand-in | ID 20270312-4471”; “Ticket T-9”.
  const barred = /(?:^|[|•·]|\s-)\s*(?:ID|Ref(?:erence)?\.?|No\.?|Nr\.?)\s+#?((?=[A-Za-z0-9/_-]*\d)[A-Z0-9][A-Za-z0-9]*(?:[-/_][A-Za-z0-9]+)*)\s*(?:$|[|•·])/m.exec(text) ?? /\bticket\s+#?([A-Z]{1,6}-?\d+(?:-\d+)*)\b/i.exec(text);
  if (barred && barred[1]!.length >= 3) return barred[1]!;
  // The last cell of the line that has the file with its time: “#2  12 Mar 2027 16:42  essay.pdf   K-101  (current)”.
  const behind = new RegExp(`\\d:\\d\\d\\b[^\\n]*\\.(?:${extensions})\\s+([A-Z]{1,6}\\d*-\\d{2,}[\\w-]*)\\s*(?:\\([a-z ]{3,20}\\))?\\s*$`, 'im').exec(text);
  if (behind) return behind[1]!;
  // A line that is a number and nothing else.
  const alone = /^\s*([A-Z]{1,6}[-/]\d{3,}[\w/-]*)\s*$/m.exec(text);
  if (alone) return alone[1]!;
  // “Subject: Hand-in received [KD-0912]”.
  const inSubject = /^subject:[^\n]*\[#?((?=[A-Za-z0-9/_-]*\d)[A-Z0-9][A-Za-z0-9]*(?:[-/_][A-Za-z0-9]+)*)\]/im.exec(text);
  if (inSubject && inSubject[1]!.length >= 4) return inSubject[1]!;
  for (const m of text.matchAll(prose)) if (m[1]!.length >= 4 && !/^(?:19|20)\d\d$/.test(m[1]!) && /\d/.test(m[1]!) && !/^\d{1,2}(?:st|nd|rd|th)$/i.test(m[1]!)) return m[1]!;
  return null;
}
/** A label that names the number itself comes before one that only mentions it. */
const score = (label: string): number => (/receipt|confirm|submission/i.test(label) ? 2 : 0) + (/\b(id|identifier|number|no|code|ref|reference)\b/i.test(label) ? 1 : 0);

function readReceived(text: string, rows: Row[], expected: string[], zone: string | null, nowIso: string): { at: string | null; zoneOpen: boolean; day?: string } {
  const today = DateTime.fromISO(nowIso, { setZone: true });
  const read = (written: string): { at: string; zoneOpen: boolean } | null => {
    // “Le 12/03/2027 à 17h12”.
    written = written.replace(/(?<=\d{4}[\s,]*)(?:à|a)\s+(?=\d)/gi, '  ').replace(/\b([01]?\d|2[0-3])\s?h\s?([0-5]\d)\b/gi, '$1:$2');
    // “12. mars 2027 kl. 17.42” in English.
    const foreign = monthNames.some(([name]) => written.search(name) >= 0) || /\d\s*Uhr\b|\bkl\.?\s*\d|\bum\s+\d|\bMES?Z\b/.test(written), value = foreign ? monthNames.reduce((v, [name, english]) => v.replace(name, english), written).replace(/(\d)\.(?=\s+[A-Z][a-z]+ \d{4})/g, '$1').replace(/\bkl\.?\s*(?=\d)|\bum\s+(?=\d)|\bklo\s+(?=\d)|\s*\b(?:Uhr|uur)\b|\bom\s+(?=\d)|\ba las\s+(?=\d)|\balle(?:\s+ore)?\s+(?=\d)|\bore\s+(?=\d)/gi, '').replace(/\b(?:hora (?:local )?de|ora (?:locale )?di|heure de|Ortszeit)\s+(?=[A-Z])/g, 'time in ').replace(/(?<=\d\s+)de\s+(?=[A-Z][a-z]+\b)|(?<=[A-Z][a-z]+)\s+de(?=\s+\d{4})/g, '').replace(/\b(\d{1,2})[.h](\d{2})\b(?!\.\d)/g, '$1:$2').replace(/\bMEZ\b/g, 'CET').replace(/\bMESZ\b/g, 'CEST') : written;
    // Seconds or milliseconds since 1970, as data files count them (POSIX.1-2017, 4.16).
    if (/^1\d{9}(?:\d{3})?$/.test(value.trim())) return { at: DateTime.fromMillis(Number(value.trim().padEnd(13, '0')), { zone: 'utc' }).toISO({ suppressMilliseconds: true })!.replace(/Z$/, '+00:00'), zoneOpen: false };
    const iso = /\b\d{4}-\d{2}-\d{2}[T ]\d{2}:\d{2}(?::\d{2}(?:\.\d+)?)?\s?(?:Z|[+-]\d{2}:?\d{2})?/.exec(value)?.[0];
    // What was received lies behind us: without a year it is the last such day, not the next.
    const now = /\b(?:19|20)\d\d\b|\b\d{1,2}[-/.]\d{1,2}[-/.]\d\d\b|'\d\d\b/.test(value) ? today : today.minus({ years: 1 }).plus({ days: 2 });
    const clause: Clause = { text: value.replace(/\bUTC\b(?!\s?[+-])/g, 'UTC'), start: 0, end: value.length };
    const stated = readZone([{ ...clause, text: value }])[0]?.value ?? null;
    const ambiguous = stated !== null && /^(BST|IST|CST)$/.test(stated);
    const used = stated === null || (ambiguous && zone) ? zone : stated;
    if (iso) {
      const shaped = iso.replace(' ', 'T').replace(/\s/g, '').replace(/([+-]\d{2})(\d{2})$/, '$1:$2');
      if (/(Z|[+-]\d{2}:\d{2})$/.test(shaped)) return { at: shaped.replace(/Z$/, '+00:00').replace(/\.\d+/, ''), zoneOpen: false };
      const inZone = readDates({ text: `${value}`, start: 0, end: value.length }, now, used, 'day-month')[0]?.iso;
      return { at: inZone && inZone.length > 19 ? inZone : shaped.replace(/\.\d+/, ''), zoneOpen: used === null };
    }
    const date = readDates(clause, now, used, dateOrder(text, used) ?? dateOrder(value, used) ?? dateOrder(text, zone)).find((d) => d.problem === 'none' || d.problem === 'weekday');
    // “3/12/2027” read as a day that has not come is the other way round.
    const figures = /\b(\d{1,2})[/.](\d{1,2})[/.]\d{2,4}\b/.exec(value), otherWay = date && figures && Number(figures[1]) <= 12 && Number(figures[2]) <= 12 && DateTime.fromISO(date.iso) > today.plus({ days: 1 }) ? (['month-day', 'day-month'] as const).map((order) => readDates(clause, now, used, order)[0]).find((d) => d?.problem === 'none' && d.iso.length > 10 && DateTime.fromISO(d.iso) <= today) : undefined;
    if (otherWay) return { at: otherWay.iso, zoneOpen: used === null };
    if (date && date.iso.length > 10) return { at: date.iso, zoneOpen: used === null };
    // “Friday 12 March 2027, one minute past four in the afternoon, 16:01”: the only figures of a clock are the time.
    const clocks = [...value.matchAll(/\b(?:[01]?\d|2[0-3]):[0-5]\d(?::[0-5]\d)?\b/g)];
    const joined = date && clocks.length === 1 ? readDates({ text: `${value.slice(date.start, date.end)} ${clocks[0]![0]}`, start: 0, end: 0 }, now, used, 'day-month')[0] : undefined;
    return joined && joined.iso.length > 10 ? { at: joined.iso, zoneOpen: used === null } : null;
  };
  const candidates = rows.filter((r) => labels.receivedAt.test(r.label)).sort((a, b) => (/receiv|submi|hand|accept|arriv|stor|upload/i.test(b.label) ? 1 : 0) - (/receiv|submi|hand|accept|arriv|stor|upload/i.test(a.label) ? 1 : 0));
  for (const r of candidates) {
    const at = read(r.value);
    if (!at) continue;
    // Each document with a time of its own: all are there when the last one is.
    const all = candidates.filter((o) => o.label === r.label).flatMap((o) => read(o.value) ?? []);
    return all.sort((a, b) => Date.parse(b.at) - Date.parse(a.at))[0] ?? at;
  }
  // Date and time in rows of their own.
  const date = rows.find((r) => /^(?:submission |received )?date(?: (?:received|submitted|of (?:submission|receipt)))?$/i.test(r.label)), time = rows.find((r) => /^(?:submission |received )?time(?: (?:received|submitted|of (?:submission|receipt)))?$/i.test(r.label));
  if (date && time) { const at = read(`${date.value} ${time.value}`); if (at) return at; }
  // “Handed in on: 12/03/2027” over “Handed in at: 16:42”.
  const clock = candidates.find((r) => /^\d{1,2}[:.]\d{2}(?:[:.]\d{2})?(?: ?[ap]\.?m\.?)?(?: \(?[A-Z]{2,5}\)?)?$/i.test(r.value.trim())), dayOf = clock && candidates.find((r) => r !== clock && read(`${r.value} ${clock.value}`) !== null);
  if (clock && dayOf) return read(`${dayOf.value} ${clock.value}`)!;
  const sentences = text.split(/\n|(?<=[a-z\d)]\.)\s+(?=[A-Z])/);
  // A log of steps, each with its time: the step that ends it is the one, not the one that began it.
  const steps = sentences.filter((l) => /^\W*(?:\d{4}-\d\d-\d\d|\d{1,2}[-./ ]\w{2,9}[-./ ]\d{2,4})[T ,]+\d{1,2}:\d\d/.test(l)), ending = steps.length > 1 ? steps.findLast((l) => /\b(?:receipt|reference|submitted|handed in|received|accepted|verified|complete[d]?|stored|confirmed)\b/i.test(l) && !/\b(?:not|failed|started|waiting)\b/i.test(l)) : undefined, ended = ending ? read(ending) : null;
  if (ended) return ended;
  // In a log the line that speaks of the receipt is the one, not those of the steps before it.
  for (const line of [...sentences.filter((l) => /^\W*\d{4}-\d\d-\d\d[T ][^\n]*(?:\breceived\b[^\n]*\breceipt\b|\breceipt\b[^\n]*\breceived\b)/i.test(l)), ...sentences]) {
    if (!/(?<!\p{L})(?:déposé|remis|reçu|eingereicht|eingegangen|abgegeben|hochgeladen|ontvangen|ingeleverd|innlevert|inlämnad|mottatt|afleveret|entregado|recibido|consegnato|ricevuto)(?!\p{L})/iu.test(line) && !/\b(?:received|submitted|handed in|uploaded|accepted|stored|arrived|reached us|did (?:get|receive)|came in|we (?:got|have)|successful|confirm|lodged|deposited|logged|recorded|acknowledged?|hold(?:ing)? (?:it|the following|your \w+|these files?)|ingest(?:ed)?)\b|^\s*(?:receipt|reference|ticket|confirmation)\b|\breceipt #?(?=[\w/-]*\d)[A-Z0-9][\w/-]*,/i.test(line) || /\b(?:printed|due|deadline|feedback|closes|opens|will be|page \d)\b/i.test(line.replace(/\b(?:before|ahead of) the (?:deadline|due)\b/gi, '').split(/\b(?:due|deadline)\b/i)[0]!.length < 8 ? line : '')) continue;
    // A line for each file, with the time of each: all are there when the last one is.
    const files = expected.length > 1 && expected.some((name) => line.includes(name)) ? sentences.filter((l) => expected.some((name) => l.includes(name))).flatMap((l) => read(l.replace(/\S+\.[A-Za-z]\w{1,3}\b/g, ' ')) ?? []) : [];
    if (files.length > 1) return files.sort((a, b) => Date.parse(b.at) - Date.parse(a.at))[0]!;
    const at = read(line.replace(/\b(?:due|deadline|closes)\b.*$/i, '').replace(/\b(?:printed|generated|issued|downloaded|viewed)\b[^.;]*/gi, ''));
    if (at) return at;
  }
  // “The submission was created at 15:10 and last updated at 16:42”: what is there is the last state.
  const updated = /\b(?:submission|hand-?in|upload|paper|file)\b[^.\n]*\b(?:last )?(?:updated|changed|replaced|resubmitted) (?:on|at) ([^\n]{8,60})/i.exec(text), changed = updated && read(updated[1]!);
  if (changed) return changed;
  // “Last modified” beside a status that says it was handed in.
  const modified = rows.find((r) => /^last (?:modified|changed|updated|edited)$/i.test(r.label)), settled = rows.find((r) => labels.status.test(r.label) && /\b(?:submitted|handed in|received|final)\b/i.test(r.value) && !/\b(?:not|draft|un\w+)\b/i.test(r.value)), lastState = modified && settled ? read(modified.value) : null;
  if (lastState) return lastState;
  // The line of the file itself.
  for (const line of text.split(/\n|(?<=[a-z\d)]\.)\s+(?=[A-Z])/)) if (expected.some((name) => line.includes(name)) && !/\b(?:modified|created|printed|due|deadline|saved|draft|queued?|processing|not a receipt)\b/i.test(line)) { const at = read(line.replace(/\S+\.(?:pdf|docx?|odt|rtf|txt|zip|csv|xlsx?|jpe?g|png)\b/gi, ' ').replace(/\b\d{1,3}(?:[ \u00a0\u202f,.]\d{3})+\s?(?:bytes?|B)\b|\b\d[\d.,]*\s?(?:[KMG]i?B|bytes?|B)\b/gi, ' ')); if (at) return at; }
  // “… submitted on 15 March 2027:” with “13:40  essay.pdf” below it: the only day of the text and the time beside the file.
  const days = [...new Set(readDates({ text: text.slice(0, 20_000), start: 0, end: text.length }, today, zone, dateOrder(text, zone)).filter((d) => d.problem === 'none').map((d) => d.iso.slice(0, 10)))], clocks = text.split('\n').filter((l) => expected.some((name) => l.includes(name))).flatMap((l) => /^\W*(\d{1,2}:\d{2}(?::\d{2})?(?:\s?[ap]m)?)\b/i.exec(l)?.[1] ?? []).sort();
  if (days.length === 1 && clocks.length > 0) { const at = read(`${days[0]!} ${clocks.at(-1)!}`); if (at) return at; }
  // A line that is a date with a time and nothing else; not the first one, nor a last one in figures: pages are printed with theirs.
  const lines = text.split('\n').map((l) => l.trim()).filter(Boolean), found = new Map<string, { at: string; zoneOpen: boolean }>();
  lines.forEach((line, i) => {
    const bare = /^(?:\w+day,?\s+)?(?:\d{1,2}(?:st|nd|rd|th)?\s+(?:of\s+)?[A-Z][a-z]{2,8}\.?,?\s+\d{4}|[A-Z][a-z]{2,8}\.?\s+\d{1,2}(?:st|nd|rd|th)?,?\s+\d{4}|\d{1,4}[-/.]\d{1,2}[-/.]\d{1,4})[,T]?\s*(?:at\s+)?\d{1,2}[:.]\d{2}(?:[:.]\d{2})?\s?(?:[ap]\.?m\.?)?(?:\s*\(?[A-Z][A-Za-z/+:\d ]{1,20}\)?)?\.?$/i.test(line);
    if (!bare || i === 0 || (/^\d/.test(line) && !/[A-Za-z]{3}/.test(line) && i === lines.length - 1)) return;
    const at = read(line);
    if (at) found.set(at.at, at);
  });
  if (found.size === 1) return [...found.values()][0]!;
  // It says that something was received, and of all its lines one has a date with a time: “REF 417 – Fri 12 Mar, 4:42pm”.
  const said = /\b(?:received|handed in|submitted|accepted)\b/i.test(text), dated = found.size === 0 && (said || /^\W*(?:submission |hand-?in )?receipt\b/im.test(text)) ? lines.filter((l, i) => (said || i > 0 && i < lines.length - 1) && /\d[:.]\d\d|\d ?[ap]m\b/i.test(l) && !/\b(?:printed|generated|issued|due|deadline|closes|until|opens|feedback|modified|created|saved|draft|viewed|downloaded)\b/i.test(l)).flatMap((l) => read(l.replace(/\S+\.[A-Za-z]\w{1,3}\b/g, ' ')) ?? []) : [];
  if (dated.length === 1) return dated[0]!;
  const day = candidates.flatMap((r) => readDates({ text: r.value, start: 0, end: r.value.length }, today, zone, dateOrder(text, zone)).filter((d) => d.problem === 'none' && d.iso.length === 10).map((d) => d.iso))[0];
  return { at: null, zoneOpen: false, ...(day ? { day } : {}) };
}

/** Pages, as a row of their own or beside the file's name. */
function statedPages(text: string, rows: Row[]): number | null {
  const row = rows.find((r) => /^(?:number of |total )?pages?(?: count)?$|^page count$/i.test(r.label) && /^\d{1,4}\b(?!\s*(?:of|\/))/.test(r.value));
  if (row) return Number.parseInt(row.value, 10);
  const beside = text.split('\n').filter((l) => new RegExp(`\\.(?:${extensions})\\b`, 'i').test(l)).flatMap((l) => [.../\b(\d{1,4}) pages?\b/i.exec(l)?.slice(1) ?? []]);
  return beside.length === 1 ? Number(beside[0]) : null;
}

/** Words, as a row of their own. */
function statedWords(rows: Row[]): number | null {
  const row = rows.find((r) => /^(?:number of |total )?words?(?: count(?:ed)?)?$/i.test(r.label) && /^\d[\d,. ]*(?:words)?$/i.test(r.value));
  return row ? Number(row.value.replace(/\D/g, '')) : null;
}

function readNames(text: string, rows: Row[], expected: string[]): string[] {
  const found: { name: string; at: number }[] = [];
  const add = (name: string, at: number): void => { const n = name.trim(); if (n && !found.some((f) => f.name === n)) found.push({ name: n, at }); };
  let rest = text;
  // Expected names first, longest first, so that one inside another is not told twice.
  for (const name of [...expected].sort((a, b) => b.length - a.length)) {
    for (let at = rest.indexOf(name); at >= 0; at = rest.indexOf(name)) {
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
  for (const m of rest.matchAll(/(?<![\p{L}\p{N}])([\p{L}\p{N}][^\s|"“”<>\u0000]{5,}?)(?:…|\.{3})(?!\S)/gu)) if (expected.some((e) => e.startsWith(m[1]!))) add(m[0], m.index);
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
    sizes.push({ bytes: Math.round(value * decimal), low: Math.floor((value - step * up) * decimal), high: Math.ceil((value + (decimal === 1 ? 0 : step)) * binary), total });
  };
  const pattern = /(?<![\w.])(\d{1,3}(?:[,.\s\u00a0\u202f]\d{3})+(?![\d])|\d+(?:[.,]\d+)?)\s?(bytes?|B|[KMG]i?B|[KM]i?o|octets?|kilobytes|megabytes)\b/gi;
  const seen = new Set<string>();
  for (const line of text.split('\n')) {
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
  const heading = /^\s*(?:(?:text )?(?:extract|excerpt|preview)(?: (?:of|from) (?:the )?(?:text|paper|document))?|first words|beginning of (?:the )?text)\s*:?\s*\n+\s*(\S[^]*?)(?=\n\s*\n|$)/im.exec(text);
  return heading ? cleanQuotes(heading[1]!.replace(/\s+/g, ' ')) : null;
}

function readStatus(text: string, rows: Row[]): ReceiptRead['status'] {
  const row = rows.find((r) => labels.status.test(r.label))?.value ?? '';
  const negative = /\b(?:draft|not (?:yet )?(?:been )?(?:submitted|handed in|received|complete[d]?)|in progress|unsubmitted|pending|waiting|incomplete|saved|not final)\b/i, failed = /\b(?:fail(?:ed|ure)?|rejected|refused|error|quarantined|cancelled|aborted|unsuccessful)\b/i;
  // “Paper: (no file)”, “Words: 0”.
  if (rows.some((r) => labels.fileName.test(r.label) && /^\(?(?:no (?:files?|documents?|papers?|attachments?)|none|empty|missing|n\/a)\)?(?: (?:attached|submitted|uploaded|received))?\.?$/i.test(r.value) || /^(?:words?|word count|pages?)$/i.test(r.label) && r.value === '0')) return 'failed';
  if (/\b(?:received|hold|got|stored)\s+(?:0|no|zero)\s+(?:files?|documents?)\b/i.test(text)) return 'failed';
  // One of several was turned away: “cover.docx   36 KB   rejected: wrong type”.
  const turnedAway = new RegExp(`\\.(?:${extensions})\\b.*\\b(?:rejected|refused|failed|not (?:accepted|stored|received))\\b|^\\W*(?:still |yet )?(?:missing|outstanding|not (?:yet )?received)\\b.*\\.(?:${extensions})\\b`, 'i');
  if (text.split('\n').some((l) => turnedAway.test(l))) return 'failed';
  if (rows.some((r) => /^(?:type|kind)(?: of (?:submission|hand-?in))?$/i.test(r.label) && /^draft\b/i.test(r.value))) return 'draft';
  if (row) return failed.test(row) ? 'failed' : negative.test(row) ? 'draft' : 'received';
  if (/\b(?:(?:saved|stored|kept|still|remains?|is|as)\s+(?:only\s+)?(?:as\s+)?(?:a\s+|in\s+)?draft|draft (?:saved|stored|status)|has not (?:yet )?been (?:submitted|handed in|received)|not yet (?:submitted|handed in|sent)|saved,? (?:but )?not (?:yet )?(?:sent|submitted|handed in)|(?:waiting|ready) to (?:be )?(?:sent|submitted|go))\b/i.test(text)) return 'draft';
  if (/\b(?:could not be (?:opened|read|converted|received|stored|accepted|saved|uploaded|submitted|processed|delivered|handed in)|submission[. _](?:has )?(?:been )?(?:failed|rejected|refused|cancelled|canceled|withdrawn|deleted|aborted|was (?:rejected|refused|cancelled|canceled|withdrawn|deleted|aborted))|upload (?:has )?failed|(?:attempt|submission|upload|delivery)\b[^.\n]{0,60}\bfailed|did(?: not|n['’]t) (?:go through|arrive|reach us|complete)|(?:was|were|has|have) not (?:been )?(?:received|accepted|stored)|(?:submission|hand-?in|paper|file|work|it) (?:has been |was |is )?(?:replaced|superseded) by (?:submission|a (?:later|newer)|another|the (?:later|newer))|withdrawn (?:by|on|at|:)|you (?:have |then )?(?:withdrew|withdrawn|cancelled|deleted|removed) (?:this|your|the) (?:submission|hand-?in|paper|file|upload|work)|did not (?:receive|arrive)|(?:virus|malware|security) (?:scan|check) failed|files? (?:was |were |has been |have been )?(?:removed|quarantined|blocked|discarded)|(?:was|were) (?:removed|quarantined|blocked|discarded))\b/i.test(text)) return 'failed';
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
  return m ? words[m[1]!.toLowerCase()] ?? Number(m[1]) : null;
}
