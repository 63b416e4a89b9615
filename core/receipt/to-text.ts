import { Parser } from 'htmlparser2';
import PostalMime from 'postal-mime';
import type { Ocr } from '../engines/ocr.ts';
import { pictureText, scannedText } from '../readers/image-text.ts';
import { readDocument } from '../readers/index.ts';
import { sniffKind } from '../readers/kind.ts';
import { htmlToText } from '../readers/plain/html.ts';
import { englishLabel } from '../tables/receipt-labels.ts';
import { decodeText } from '../text/bytes.ts';
import { CannotDo } from '../model/outcome.ts';
import { plainReceipt, unquoted } from './plain.ts';
import { eachIn, firstIn, rewritten, says } from '../text/patterns.ts';

/** A receipt (or an assignment) as lines of text, whatever it came as. Structured forms become “label: value” lines.
 * @throws {CannotDo} `unsupported` for pictures without text, `unreadable` for what holds none */
export async function receiptToText(bytes: Uint8Array, name: string, depth = 0, what: 'receipt' | 'assignment' = 'receipt', ocr?: () => Promise<Ocr>): Promise<string> {
  const { kind } = sniffKind(bytes, name);
  switch (kind) {
    case 'json': return jsonLines(JSON.parse(decodeText(bytes)) as unknown).join('\n');
    case 'csv': return csvLines(decodeText(bytes));
    case 'xml': return xmlLines(decodeText(bytes)).join('\n');
    case 'html': return htmlToText(tableLines(decodeText(bytes))).text;
    case 'eml': return mailText(bytes, depth, ocr);
    case 'pdf': case 'docx': case 'odt': case 'rtf': {
      const facts = await readDocument(bytes, name);
      if (!facts.passages.ok) throw new CannotDo('unreadable', `The ${what} cannot be read: it is locked or damaged.`, 'Save it again from where it came from.', name);
      const text = facts.passages.value.filter((p) => ['text', 'runningHead', 'textbox', 'footnote'].includes(p.place)).map((p) => p.text).join('\n');
      if (!text.trim() && kind === 'pdf' && ocr) return joinSplitLabels(await scannedText(bytes, await ocr()));
      if (!text.trim()) throw new CannotDo('unsupported', `The ${what} is a picture without text, and it cannot be read here.`, 'Copy its text, or save the page as text, and bring that.', name);
      return joinSplitLabels(text);
    }
    case 'jpeg': case 'png': case 'tiff': case 'heic': case 'gif': case 'webp':
      if (ocr && kind !== 'heic' && kind !== 'webp') return joinSplitLabels(await pictureText(bytes, name, await ocr()));
      throw new CannotDo('unsupported', `A picture of the ${what} cannot be read here.`, `Copy the text of the ${what} and bring that.`, name);
    case 'empty': throw new CannotDo('unreadable', `The ${what} is empty.`, 'Save it again from where it came from.', name);
    default: {
      const text = unquoted(decodeText(bytes));
      if (/^[^\n]*,[^\n]*\n/.test(text) && /\.csv$/i.test(name)) return csvLines(text);
      // A piece of a page, saved as text.
      if (says(text, /^\s*<(?:p|div|table|tr|section|article|h[1-6]|ul|ol|li|span|strong|b|dl|main|br)\b[^>]*>/i) && /<\/[a-z]+\d?>/i.test(text)) return htmlToText(tableLines(text)).text;
      // The text of a machine, pasted: its form is known by what it looks like.
      const trimmed = text.trim();
      if (/^[{[]/.test(trimmed)) { try { return jsonLines(JSON.parse(trimmed) as unknown).join('\n'); } catch { /* no JSON after all */ } }
      if (says(trimmed, /^<(?:\?xml\b|([a-zA-Z][\w.:-]*)(?:\s[^>]*)?>[^]*<\/\1>$)/)) return xmlLines(trimmed).join('\n');
      if (isTable(trimmed)) return csvLines(trimmed);
      return joinSplitLabels(withColumns(withPairs(withBars(withTables(plainReceipt(text))))));
    }
  }
}

/** What a column may be called, in any language. */
const columnName = /^\p{L}[\p{L}\w .#()/°º’'-]{0,30}$/u, englishOf = (name: string): string => englishLabel(name);
/** Lines of as many cells each under a line of short names without sentences. */
function isTable(text: string): boolean {
  const rows = text.split(/\r?\n/).filter((r) => r.trim()).map(csvRow), [head, ...body] = rows;
  return head !== undefined && head.length >= 3 && body.length > 0 && head.every((c) => says(c, columnName) && c.split(' ').length <= 4) && body.every((r) => r.length === head.length) && head.some((c) => /file|name/i.test(englishOf(c)));
}
/** “file;bytes;sha256” over “essay.pdf;31655;81f8…” somewhere below other lines: each cell by the name of its column. */
const mostRows = 100;
function withTables(text: string): string {
  const lines = text.split('\n'), out: string[] = [];
  for (let i = 0; i < lines.length; i++) {
    let end = i + 1;
    const head = csvRow(lines[i]!), width = head.length, names = width >= 3 && head.every((c) => /^\p{L}/u.test(c) && (c.split(' ').length <= 2 || englishOf(c) !== c));
    while (names && end < lines.length && lines[end]!.trim() !== '' && end - i < mostRows && csvRow(lines[end]!).length === width) end++;
    const block = lines.slice(i, end).join('\n');
    if (end > i + 1 && isTable(block) && lines.slice(i + 1, end).every((l) => csvRow(l).some((c) => /^\S.*\.[A-Za-z]\w{1,4}$/.test(c)))) { out.push(csvLines(block)); i = end - 1; } else out.push(lines[i]!);
  }
  return out.join('\n');
}
/** “ticket=TK9931 name="essay.pdf" size=20411”: what a log notes in pairs, also as lines; the line itself stays. */
const withPairs = (text: string): string => text.split('\n').map((line) => {
  const pairs = [...eachIn(line, /(?<=^|[\s,;|])([A-Za-z][\w.-]{1,24})=("[^"]*"|'[^']*'|[^\s,;|]+)/g)];
  return pairs.length < 3 ? line : [line, ...pairs.map(([, key, value]) => jsonLines(/^\d+$/.test(value!) && /size|bytes|length/i.test(key!) ? Number(value) : value!.replace(/^["']|["']$/g, ''), [spoken(key!)])[0] ?? '')].join('\n');
}).join('\n');
/** A table with bars under a head: each cell by the name of its column. Of several rows for one file the last version is the one that counts. */
const withBars = (text: string): string => {
  const lines = text.split('\n'), cells = (line: string): string[] => line.trim().replace(/^\||\|$/g, '').split('|').map((c) => c.trim()), out: string[] = [];
  for (let i = 0; i < lines.length; i++) {
    const head = lines[i]!.split('|').length > 3 ? cells(lines[i]!) : [], rows: string[][] = [];
    let next = i + 1;
    if (head.length >= 3 && head.every((c) => says(c, columnName) && !/\d/.test(c))) for (; next < lines.length && cells(lines[next]!).length === head.length; next++) if (!/^[\s|:=+-]*$/.test(lines[next]!)) rows.push(cells(lines[next]!));
    if (rows.length === 0) { out.push(lines[i]!); continue; }
    const file = head.findIndex((c) => /\b(?:file|document|name|paper)\b/i.test(englishOf(c))), version = head.findIndex((c) => /^(?:version|attempt|try|no\.?|#|v)$/i.test(c)), number = (row: string[]): number => Number(/\d+/.exec(row[version] ?? '')?.[0] ?? NaN);
    const kept = file < 0 || version < 0 ? rows : rows.filter((row) => rows.every((o) => o === row || o[file] !== row[file] || !(number(o) > number(row))));
    for (const row of kept) row.forEach((cell, k) => { if (cell && k !== version) out.push(`${head[k]!}: ${cell}`); });
    i = next - 1;
  }
  return out.join('\n');
};
/** A head of names far apart over a line of values far apart: each value by its name, below the line itself. */
const withColumns = (text: string): string => {
  const lines = text.split('\n'), cells = (line: string): string[] => line.trim().split(/ {2,}|\t+/);
  return lines.map((line, i) => {
    const own = cells(line);
    let top = i - 1;
    while (top >= 0 && (/^[\s=_-]*$/.test(lines[top]!) || cells(lines[top]!).length === own.length && cells(lines[top]!).some((c) => /\d/.test(c)))) top--;
    const head = top >= 0 ? cells(lines[top]!) : [];
    return own.length >= 3 && head.length === own.length && own.some((c) => /\d/.test(c)) && head.every((c) => says(c, columnName) && !/[\d()]/.test(c) && c.length > 1) ? [line, ...own.map((c, k) => `${head[k]!}: ${c}`)].join('\n') : line;
  }).join('\n');
};

/** camelCase and snake_case keys as words. */
const spoken = (key: string): string => key.replace(/([a-z\d])([A-Z])/g, '$1 $2').replace(/[_-]+/g, ' ').toLowerCase();

function jsonLines(value: unknown, path: string[] = []): string[] {
  if (Array.isArray(value)) return value.flatMap((v) => jsonLines(v, path));
  if (value !== null && typeof value === 'object') return Object.entries(value).flatMap(([k, v]) => jsonLines(v, [...path, spoken(k)]));
  if (value === null || value === undefined || value === '') return [];
  const key = path[path.length - 1] ?? 'value', parent = path[path.length - 2] ?? '';
  // “id” and “name” mean nothing without what they belong to.
  const label = says(key, /^(id|number|name|time|date|at|size|text|code|value)$/) && parent ? `${parent.replace(/s$/, '')} ${key}` : key;
  const unit = typeof value === 'number' && /\b(size|bytes|length)\b/.test(label) ? ' bytes' : '';
  return [`${label}: ${String(value)}${unit}`];
}

/** Elements and attributes of XML as “label: value”, by the same rule as those of JSON. Entities that the file declares itself are not expanded. */
function xmlLines(xml: string): string[] {
  const lines: string[] = [], path: string[] = [];
  let text = '';
  const flush = (): void => { if (text.trim()) lines.push(...jsonLines(text.trim().replace(/\s+/g, ' '), path.map(spoken))); text = ''; };
  const parser = new Parser({
    onopentag: (name, attributes) => { flush(); path.push(name.replace(/^.*:/, '')); for (const [key, value] of Object.entries(attributes)) if (!key.startsWith('xmlns')) lines.push(...jsonLines(/^\d+$/.test(value) && /size|bytes|length/i.test(key) ? Number(value) : value, [...path, key].map(spoken))); },
    ontext: (part) => { text += part; },
    onclosetag: () => { flush(); path.pop(); },
  }, { xmlMode: true, decodeEntities: true });
  parser.write(xml); parser.end();
  return lines;
}

function csvLines(text: string): string {
  const rows = text.split(/\r?\n/).filter((r) => r.trim()).map(csvRow);
  const [head, ...body] = rows;
  if (!head) return '';
  // Two columns without a telling header are label and value.
  if (head.length === 2 && (body.every((r) => r.length <= 2) && body.length > 1 && !/name|size|time|date/i.test(head[1]!))) return rows.map((r) => `${spoken(r[0] ?? '')}: ${r[1] ?? ''}`).join('\n');
  return body.flatMap((r) => r.map((v, i) => { const label = spoken(head[i] ?? `column ${i + 1}`); return v.trim() ? `${label}: ${v}${/\b(size|bytes)\b/.test(label) && /^\d+$/.test(v.trim()) ? ' bytes' : ''}` : ''; })).filter(Boolean).join('\n');
}
function csvRow(row: string): string[] {
  const cells: string[] = [];
  const separator = row.includes(';') && !row.includes(',') ? ';' : row.includes('\t') && !row.includes(',') ? '\t' : ',';
  let cell = '', quoted = false;
  for (let i = 0; i < row.length; i++) {
    const c = row[i]!;
    if (quoted) { if (c === '"' && row[i + 1] === '"') { cell += '"'; i++; } else if (c === '"') quoted = false; else cell += c; }
    else if (c === '"') quoted = true; else if (c === separator) { cells.push(cell.trim()); cell = ''; } else cell += c;
  }
  return [...cells, cell.trim()];
}

/** A table with a head over several columns: each cell gets the name of its column. */
const listTables = (html: string): string => html.replace(/<table\b[^]*?<\/table>/gi, (table) => {
  const rows = [...table.matchAll(/<tr\b[^>]*>([^]*?)<\/tr>/gi)].map((r) => [...r[1]!.matchAll(/<(t[hd])\b[^>]*>([^]*?)<\/\1>/gi)].map((c) => ({ head: c[1]!.toLowerCase() === 'th', text: htmlToText(c[2]!).text.trim() })));
  const [names, ...body] = rows;
  if (!names || names.length < 3 || !names.every((c) => c.head) || body.length === 0 || !body.every((r) => r.length === names.length)) return table;
  return body.map((r) => r.map((c, i) => (c.text ? `<p>${names[i]!.text}: ${c.text.replace(/&/g, '&amp;').replace(/</g, '&lt;')}</p>` : '')).join('')).join('');
});

/** Rows of a table of two columns become “label: value”, and a time is what the page says to machines (HTML, 4.5.14). */
const tableLines = (html: string): string => rewritten(listTables(html), [/<time\b[^>]*\bdatetime\s*=\s*["']?(\d{4}-\d\d-\d\d[T ]\d\d:\d\d[\d:.]*\s?(?:Z|[+-]\d\d:?\d\d))["']?[^>]*>[^<]*<\/time>/gi, '$1'], [/<\/(?:th|td|dt)>\s*<(?:td|dd)([^>]*)>/gi, ': ']);

async function mailText(bytes: Uint8Array, depth: number, ocr?: () => Promise<Ocr>): Promise<string> {
  const mail = await new PostalMime().parse(bytes);
  const body = mail.text?.trim() ? mail.text : mail.html ? htmlToText(tableLines(mail.html)).text : '';
  const parts = [mail.subject ? `subject: ${mail.subject}` : '', withDayOf(mail.headers.find((h) => h.key === 'date')?.value ?? '', joinSplitLabels(body))];
  for (const attachment of mail.attachments) {
    if (depth > 1 || !(attachment.content instanceof ArrayBuffer)) continue;
    try { parts.push(await receiptToText(new Uint8Array(attachment.content), attachment.filename ?? '', depth + 1, 'receipt', ocr)); } catch { /* an attachment that is no receipt */ }
  }
  return parts.filter(Boolean).join('\n');
}

/** “received today at 16:42”: the day on which the mail was sent, by the clock where it was (RFC 5322, 3.6.1); the time is the one that its words tell. */
function withDayOf(sent: string, body: string): string {
  const m = firstIn(sent, /(\d{1,2}) (Jan|Feb|Mar|Apr|May|Jun|Jul|Aug|Sep|Oct|Nov|Dec) (20\d\d) \d\d:\d\d(?::\d\d)? ([+-]\d{4}|GMT|UT)/);
  if (!m) return body;
  const zone = /^[+-]/.test(m[4]!) ? `UTC${m[4]!.slice(0, 3)}:${m[4]!.slice(3)}` : 'UTC';
  return rewritten(body, [/\btoday,?\s+(?:at\s+)?(\d{1,2}(?:[:.]\d\d)?(?:\s?[ap]\.?m\b\.?)?)(\s?(?:[A-Z]{3,4}\b)?)|(?<!\d)(\d{1,2}[:.]\d\d(?:\s?[ap]\.?m\b\.?)?)(\s?(?:[A-Z]{3,4}\b)?),?\s+today\b/g, (_, ...c: (string | undefined)[]) => `on ${m[1]!} ${m[2]!} ${m[3]!} at ${(c[0] ?? c[2])!}${(c[1] ?? c[3])?.trim() ? ` ${(c[1] ?? c[3])!.trim()}` : ` (${zone})`}`]);
}

/** “File name:” on one line and its value on the next belong together. */
function joinSplitLabels(text: string): string {
  return rewritten(text, [/\r\n?/g, '\n'], [/^([A-Z][A-Za-z -]{1,30}:)[ \t]*\n+[ \t]*(?=\S)(?!\p{L}[^\n:]{1,30}(?: {3,}|\t+|:[ \t]+)\S)/gmu, '$1 ']);
}
