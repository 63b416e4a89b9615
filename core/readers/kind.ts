import { latin1, startsWith, decodeText } from '../text/bytes.ts';
import { topBoxes } from './image/boxes.ts';
import { listZip, unpackEntry } from '../engines/zip.ts';
import { endings, heifBrands, signatures, videoBrands } from '../tables/signatures.ts';
import type { Kind } from '../model/kinds.ts';
import type { Trouble } from '../model/facts.ts';
import { CannotDo } from '../model/outcome.ts';

export interface KindVerdict { kind: Kind; encrypted: boolean; troubles: Trouble[] }

/** The ending of a name, lower case, without the dot; empty when there is none. */
export const extensionOf = (name: string): string => /\.([^./\\\s]{1,12})\s*$/.exec(name)?.[1]?.toLowerCase() ?? '';
/** The kind an ending promises. */
export const kindOfExtension = (extension: string): Kind | null =>
  (Object.keys(endings) as Kind[]).find((k) => endings[k].includes(extension)) ?? null;

const trouble = (code: Trouble['code'], text: string, part = 'file'): Trouble => ({ code, part, page: null, text });

/** Decides the kind from the bytes; the name only tells plain texts apart. Never throws: damage is told as a trouble. */
export function sniffKind(bytes: Uint8Array, name: string): KindVerdict {
  const base = name.split(/[\\/]/).pop() ?? name;
  const verdict = (kind: Kind, ...troubles: Trouble[]): KindVerdict => ({ kind, encrypted: false, troubles });
  if (/^(~\$|\.~lock\.)/.test(base)) return verdict('lock', trouble('lock', ownerOfLock(bytes)));
  if (bytes.length === 0) return verdict('empty', trouble('empty', ''));
  const extension = extensionOf(base);
  if (endings.partial.includes(extension)) return verdict('partial', trouble('partial', extension));
  const pdfAt = latin1(bytes, 0, 1024).indexOf('%PDF-');
  if (pdfAt === 0) return verdict('pdf', ...pdfTroubles(bytes));
  if (latin1(bytes, 4, 8) === 'ftyp' && heifBrands.some((b) => latin1(bytes, 8, 40).includes(b))) return verdict('heic', ...cutShort(bytes));
  if (latin1(bytes, 4, 8) === 'ftyp' && videoBrands.some((b) => latin1(bytes, 8, 40).includes(b))) return verdict('mp4', ...cutShort(bytes));
  if (latin1(bytes, 0, 8) === 'bplist00' && bytes.length < 65_536) {
    const address = /https?:\/\/[\x21-\x7e]+/.exec(latin1(bytes))?.[0];
    if (address || extension === 'webloc') return verdict('link', trouble('link', address ?? 'a shortcut'));
  }
  for (const row of signatures) {
    if (!startsWith(bytes, row.bytes, row.at ?? 0)) continue;
    if (row.kind === 'zipPackage') return sniffPackage(bytes, extension);
    if (row.kind === 'cfb') return sniffCompound(bytes);
    if (row.kind === 'lnk') return verdict('link', trouble('link', 'a shortcut'));
    if (row.kind === 'bmp' && !(bytes.length > 26 && (bytes[14] === 40 || bytes[14] === 12 || bytes[14] === 108 || bytes[14] === 124))) continue;
    if (row.kind === 'jpeg') return verdict('jpeg', ...(endsWithEoi(bytes) ? [] : [trouble('truncated', 'no end-of-image marker')]));
    if (row.kind === 'png') return verdict('png', ...(latin1(bytes, bytes.length - 1024).includes('IEND') ? [] : [trouble('truncated', 'no IEND chunk')]));
    return verdict(row.kind);
  }
  // Some programs write a few lines of their own before the header (ISO 32000-1, annex H.3.4.1); a text may only name it.
  if (pdfAt > 0 && /(?:^|[\r\n])\s*\d+\s+\d+\s+obj\b/.test(latin1(bytes, pdfAt, pdfAt + 65_536))) return verdict('pdf', ...pdfTroubles(bytes));
  return sniffText(bytes, extension);
}

/** A picture or film made of boxes needs the one that describes it, and the one with its data unless all boxes are whole: some cameras put lines of their own behind the last one. */
function cutShort(bytes: Uint8Array): Trouble[] {
  const { boxes, whole } = topBoxes(bytes), has = (...kinds: string[]): boolean => boxes.some((b) => kinds.includes(b.kind));
  return has('meta', 'moov', 'moof') && (whole || has('mdat')) ? [] : [trouble('truncated', 'its boxes run past the end of the file')];
}

/** The user name an editor writes into its owner file. */
function ownerOfLock(bytes: Uint8Array): string {
  const text = latin1(bytes, 0, 400);
  return text.startsWith(',') ? (text.split(',')[1] ?? '') : text.slice(1, 1 + (bytes[0] ?? 0)).trim();
}

function endsWithEoi(bytes: Uint8Array): boolean {
  // Some cameras pad the file, so the marker is looked for near the end.
  for (let at = bytes.length - 2; at >= Math.max(0, bytes.length - 65_536); at--) if (bytes[at] === 0xff && bytes[at + 1] === 0xd9) return true;
  return false;
}

/** ISO 32000-1, 7.5.5: the trailer ends with startxref, an offset, and %%EOF. */
function pdfTroubles(bytes: Uint8Array): Trouble[] {
  const tail = latin1(bytes, bytes.length - 2048);
  return tail.includes('%%EOF') || tail.includes('startxref') || endsBefore(bytes) ? [] : [trouble('truncated', 'no end marker')];
}
/** Whether the last end marker stands further up and nothing of a document behind it: something was put after the end, nothing is missing. */
function endsBefore(bytes: Uint8Array): boolean {
  const whole = latin1(bytes, Math.max(0, bytes.length - farthestEnd)), at = whole.lastIndexOf('%%EOF');
  return at > 0 && /startxref\s+\d+\s*$/.test(whole.slice(Math.max(0, at - 60), at)) && !/\b(?:obj|stream|xref|trailer)\b/.test(whole.slice(at + 5));
}
/** So many bytes are looked through for it. */
const farthestEnd = 32 << 20;

function sniffPackage(bytes: Uint8Array, extension: string): KindVerdict {
  const troubles: Trouble[] = [];
  let entries;
  try { entries = listZip(bytes); } catch (error) {
    const promised = kindOfExtension(extension);
    const kind: Kind = promised && /docx|docm|odt|xlsx|pptx|epub|ods|odp|dotx/.test(promised) ? promised : latin1(bytes, 0, 4000).includes('word/') ? 'docx' : 'zip';
    const bomb = error instanceof CannotDo && error.code === 'tooLarge';
    return { kind, encrypted: false, troubles: [trouble(bomb ? 'bomb' : 'truncated', error instanceof Error ? error.message : '')] };
  }
  const names = new Set(entries.map((e) => e.name));
  const has = (pattern: RegExp): boolean => entries.some((e) => pattern.test(e.name));
  const encrypted = entries.some((e) => e.encrypted);
  if (entries.some((e) => /(^|[\\/])\.\.([\\/]|$)|^[\\/]|^[a-z]:/i.test(e.name))) troubles.push(trouble('unsafePath', entries.find((e) => e.name.includes('..'))?.name ?? ''));
  const done = (kind: Kind): KindVerdict => ({ kind, encrypted, troubles });
  /** A part as text; one that cannot be unpacked is damage, not the end of the reading. */
  const textOf = (entry: (typeof entries)[number]): string => { try { return latin1(unpackEntry(bytes, entry)); } catch (error) { troubles.push(trouble('damaged', error instanceof Error ? error.message : '')); return ''; } };
  if (names.has('mimetype')) {
    const entry = entries.find((e) => e.name === 'mimetype')!;
    const mime = entry.size < 200 ? textOf(entry).trim() : '';
    const kinds: Record<string, Kind> = {
      'application/vnd.oasis.opendocument.text': 'odt', 'application/vnd.oasis.opendocument.text-template': 'odt',
      'application/vnd.oasis.opendocument.spreadsheet': 'ods', 'application/vnd.oasis.opendocument.presentation': 'odp', 'application/epub+zip': 'epub',
    };
    if (kinds[mime]) {
      const manifest = entries.find((e) => e.name === 'META-INF/manifest.xml');
      // ODF 1.2-3, 3.4.1: an encrypted part carries manifest:encryption-data.
      const locked = manifest ? textOf(manifest).includes('encryption-data') : false;
      return { kind: kinds[mime], encrypted: encrypted || locked, troubles };
    }
  }
  // The part that names the kind is only asked for (ODF 1.2-3, 3.3): the manifest says it as well.
  if (!names.has('mimetype') && names.has('META-INF/manifest.xml') && names.has('content.xml')) {
    const said = textOf(entries.find((e) => e.name === 'META-INF/manifest.xml')!);
    if (/application\/vnd\.oasis\.opendocument\.text\b/.test(said)) return { kind: 'odt', encrypted: encrypted || said.includes('encryption-data'), troubles };
  }
  if (names.has('[Content_Types].xml')) {
    const types = textOf(entries.find((e) => e.name === '[Content_Types].xml')!);
    const macros = has(/vbaProject\.bin$/i);
    if (/wordprocessingml\.template|ms-word\.template/.test(types)) return done('dotx');
    if (/wordprocessingml\.document|ms-word\.document/.test(types) || has(/^word\/document\d*\.xml$/)) return done(macros || /macroEnabled/.test(types) ? 'docm' : 'docx');
    if (/spreadsheetml/.test(types)) return done('xlsx');
    if (/presentationml/.test(types)) return done('pptx');
  }
  if (has(/^word\/document\d*\.xml$/) && names.has('_rels/.rels')) return done('docx');
  // A package of one program: its index holds .iwa parts, or an XML index beside preview pictures.
  if (has(/(^|\/)Index\.zip$|\.iwa$|(^|\/)index\.(apxl|xml)(\.gz)?$/i)) { troubles.push(trouble('vendor', extension)); return done('vendor'); }
  const inside = entries.map((e) => e.name.split(/[\\/]/).pop()!).filter((n) => n !== '' && !n.startsWith('.'));
  troubles.push(trouble('archive', inside.slice(0, 4).join(', ') + (inside.length > 4 ? ` and ${inside.length - 4} more` : '')));
  return done('zip');
}

/** [MS-CFB]: the directory names the streams that tell what is inside. */
function sniffCompound(bytes: Uint8Array): KindVerdict {
  // The head says where the directory lies ([MS-CFB] 2.2): beyond the end of a file that was cut short.
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength), short = bytes.length < 512 || (view.getUint32(0x30, true) + 1) * 2 ** Math.min(16, view.getUint16(0x1e, true)) >= bytes.length;
  if (short) return { kind: 'doc', encrypted: false, troubles: [trouble('truncated', '')] };
  const wide = (name: string): boolean => latin1(bytes, 0, Math.min(bytes.length, 8 << 20)).includes([...name].map((c) => c + '\0').join(''));
  const macros = wide('VBA') || wide('Macros') ? [trouble('macros', 'VBA')] : [];
  // [MS-OFFCRYPTO] 2.3: an encrypted OOXML package lives in a compound file.
  if (wide('EncryptedPackage')) return { kind: 'docx', encrypted: true, troubles: [] };
  if (wide('WordDocument')) return { kind: 'doc', encrypted: false, troubles: macros };
  if (wide('Workbook')) return { kind: 'xls', encrypted: false, troubles: macros };
  if (wide('PowerPoint Document')) return { kind: 'ppt', encrypted: false, troubles: macros };
  return { kind: 'unknown', encrypted: false, troubles: [] };
}

function sniffText(bytes: Uint8Array, extension: string): KindVerdict {
  const sample = bytes.subarray(0, 65_536);
  const wideMark = (sample[0] === 0xff && sample[1] === 0xfe) || (sample[0] === 0xfe && sample[1] === 0xff);
  const control = sample.reduce((n, b) => n + (b < 9 || (b > 13 && b < 32 && b !== 27) ? 1 : 0), 0);
  const done = (kind: Kind, ...troubles: Trouble[]): KindVerdict => ({ kind, encrypted: false, troubles });
  if (!wideMark && control > sample.length * 0.01) return done('unknown');
  const text = decodeText(sample).trim();
  const address = addressOnly(text, extension);
  if (address) return done('link', trouble('link', address));
  if (/^(<\?xml[^>]*>\s*)?(<!--[\s\S]{0,2000}?-->\s*)*<!doctype html|^(<\?xml[^>]*>\s*)?<html[\s>]/i.test(text)) return done('html');
  if (/^<\?xml/.test(text)) return done('xml');
  if (/^(Received|Return-Path|From|To|Subject|Date|Message-ID|MIME-Version|Delivered-To|Content-Type):/im.test(text.slice(0, 200)) && /^(From|Date|Subject|Content-Transfer-Encoding|Content-Type: *multipart\/\w+):?/im.test(text) && (extension === 'eml' || /^(MIME-Version|Message-ID):/im.test(text))) return done('eml');
  // A notebook is JSON with its format's number and its cells (nbformat 4; from memory).
  if (/^[[{]/.test(text) && extension !== 'md') { try { const value: unknown = JSON.parse(decodeText(bytes)); return done(typeof value === 'object' && value !== null && 'nbformat' in value && 'cells' in value ? 'ipynb' : 'json'); } catch { /* not JSON after all */ } }
  if (/\\documentclass|\\begin\{document\}/.test(text)) return done('tex');
  if (endings.markdown.includes(extension)) return done('markdown');
  if (extension === 'csv') return done('csv');
  if (extension === 'html' || extension === 'htm') return done('html');
  return done('txt');
}

/** The address when the whole file is nothing but a pointer to one. */
function addressOnly(text: string, extension: string): string | null {
  const shortcut = /^\[InternetShortcut\][\s\S]*?^URL=(.+)$/im.exec(text) ?? /^\[Desktop Entry\][\s\S]*?^URL(?:\[\$e\])?=(.+)$/im.exec(text);
  if (shortcut) return shortcut[1]!.trim();
  const plist = /<key>URL<\/key>\s*<string>([^<]+)<\/string>/.exec(text);
  if (plist && (extension === 'webloc' || text.length < 1000)) return plist[1]!;
  // A page that only sends one on to another (HTML, 4.2.5.3: refresh).
  const onward = /<meta\b[^>]*http-equiv\s*=\s*["']?refresh\b[^>]*\burl\s*=\s*['"]?(https?:[^'">\s]+)/i.exec(text);
  if (onward && text.length < 4000 && text.replace(/<(head|script|style)\b[\s\S]*?<\/\1>|<[^>]*>/gi, ' ').trim().length < 120) return onward[1]!;
  if (/^\{/.test(text) && text.length < 4000) {
    try {
      const value = JSON.parse(text) as Record<string, unknown>;
      const url = ['url', 'doc_url', 'link', 'webUrl', 'href'].map((k) => value[k]).find((v) => typeof v === 'string' && /^https?:/.test(v));
      if (typeof url === 'string' && Object.keys(value).length <= 8) return url;
      if (typeof value.doc_id === 'string') return `document ${value.doc_id}`;
    } catch { /* not JSON */ }
  }
  const lines = text.split(/\s*\n\s*/).filter(Boolean);
  if (lines.length <= 3 && lines.some((l) => /(^|\s)https?:\/\/\S+$/i.test(l)) && text.replace(/https?:\/\/\S+/gi, '').trim().length < 60) return /https?:\/\/\S+/i.exec(text)![0];
  return endings.link.includes(extension) ? lines[0] ?? '' : null;
}
