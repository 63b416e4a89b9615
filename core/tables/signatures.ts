import type { Kind } from '../model/kinds.ts';

/** First bytes of file kinds. Sources: ISO 32000-1 7.5.2 (PDF); JFIF 1.02; PNG (W3C) 5.2; TIFF 6.0 section 2; GIF89a; RFC 9649 (WebP);
 * [MS-CFB] 2.2; APPNOTE 4.3.7 (ZIP); RFC 1952 (gzip); the rest from memory. Add a row: kind, bytes, offset. */
export const signatures: readonly { kind: Kind | 'cfb' | 'zipPackage' | 'lnk'; bytes: readonly number[]; at?: number }[] = [
  { kind: 'jpeg', bytes: [0xff, 0xd8, 0xff] },
  { kind: 'png', bytes: [0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a] },
  { kind: 'tiff', bytes: [0x49, 0x49, 0x2a, 0x00] },
  { kind: 'tiff', bytes: [0x4d, 0x4d, 0x00, 0x2a] },
  { kind: 'gif', bytes: [0x47, 0x49, 0x46, 0x38] },
  { kind: 'webp', bytes: [0x57, 0x45, 0x42, 0x50], at: 8 },
  { kind: 'wav', bytes: [0x57, 0x41, 0x56, 0x45], at: 8 },
  { kind: 'bmp', bytes: [0x42, 0x4d] },
  { kind: 'cfb', bytes: [0xd0, 0xcf, 0x11, 0xe0, 0xa1, 0xb1, 0x1a, 0xe1] },
  { kind: 'zipPackage', bytes: [0x50, 0x4b, 0x03, 0x04] },
  { kind: 'zipPackage', bytes: [0x50, 0x4b, 0x05, 0x06] },
  { kind: 'rar', bytes: [0x52, 0x61, 0x72, 0x21, 0x1a, 0x07] },
  { kind: '7z', bytes: [0x37, 0x7a, 0xbc, 0xaf, 0x27, 0x1c] },
  { kind: 'gz', bytes: [0x1f, 0x8b] },
  { kind: 'tar', bytes: [0x75, 0x73, 0x74, 0x61, 0x72], at: 257 },
  { kind: 'mp3', bytes: [0x49, 0x44, 0x33] },
  { kind: 'rtf', bytes: [0x7b, 0x5c, 0x72, 0x74, 0x66] },
  { kind: 'lnk', bytes: [0x4c, 0x00, 0x00, 0x00, 0x01, 0x14, 0x02, 0x00] },
];

/** HEIF brands in the `ftyp` box. Source: ISO/IEC 23008-12, annex B. */
export const heifBrands = ['heic', 'heix', 'hevc', 'heim', 'heis', 'mif1', 'msf1', 'avif'] as const;

/** Video brands in the `ftyp` box. Source: ISO/IEC 14496-12, 4.3, and 14496-14; the others from memory. */
export const videoBrands = ['isom', 'iso2', 'iso4', 'iso5', 'iso6', 'mp41', 'mp42', 'avc1', 'M4V ', 'qt  ', 'dash', 'MSNV'] as const;

/** Endings that go with a kind; the first is the one a new file gets. */
export const endings: Record<Kind, readonly string[]> = {
  pdf: ['pdf'], docx: ['docx'], docm: ['docm'], dotx: ['dotx', 'dotm'], odt: ['odt', 'ott'], rtf: ['rtf'], doc: ['doc', 'dot'],
  txt: ['txt', 'text', 'log'], html: ['html', 'htm', 'xhtml'], markdown: ['md', 'markdown'], tex: ['tex'], jpeg: ['jpg', 'jpeg', 'jpe'],
  png: ['png'], tiff: ['tif', 'tiff'], heic: ['heic', 'heif', 'avif'], gif: ['gif'], webp: ['webp'], bmp: ['bmp'], xlsx: ['xlsx', 'xlsm'],
  pptx: ['pptx', 'pptm'], xls: ['xls'], ppt: ['ppt'], ods: ['ods'], odp: ['odp'], epub: ['epub'], zip: ['zip'], rar: ['rar'], '7z': ['7z'],
  gz: ['gz', 'tgz'], tar: ['tar'], vendor: ['pages', 'numbers', 'key'], link: ['url', 'webloc', 'desktop', 'lnk', 'website'], lock: [],
  partial: ['part', 'crdownload', 'download', 'partial'], empty: [], eml: ['eml'], json: ['json'], csv: ['csv'], xml: ['xml'], mp4: ['mp4', 'm4v', 'mov'], mp3: ['mp3'], wav: ['wav', 'wave'], ipynb: ['ipynb'], unknown: [],
};

/** A kind with its article, as the object of a sentence. */
export const aKind = (kind: Kind): string => (kindNames[kind].endsWith(' picture') ? `a ${kindNames[kind]}` : kindNames[kind]);
/** Kinds that the built-in engine lays out as pages. */
export const laidOut: readonly Kind[] = ['pdf', 'docx', 'docm', 'odt', 'doc', 'rtf', 'html', 'txt', 'markdown', 'jpeg', 'png', 'tiff'];

/** What a kind is called. */
export const kindNames: Record<Kind, string> = {
  pdf: 'PDF', docx: 'DOCX', docm: 'DOCX with macros', dotx: 'a word-processor template', odt: 'ODT', rtf: 'RTF', doc: 'an old DOC',
  txt: 'plain text', html: 'a web page', markdown: 'Markdown', tex: 'TeX source', jpeg: 'JPEG picture', png: 'PNG picture', tiff: 'TIFF picture',
  heic: 'HEIC picture', gif: 'GIF picture', webp: 'WebP picture', bmp: 'BMP picture', xlsx: 'a spreadsheet', pptx: 'slides', xls: 'an old spreadsheet',
  ppt: 'old slides', ods: 'a spreadsheet (ODS)', odp: 'slides (ODP)', epub: 'EPUB', zip: 'a ZIP archive', rar: 'a RAR archive', '7z': 'a 7z archive',
  gz: 'a gzip archive', tar: 'a tar archive', vendor: 'a package of one program', link: 'a link, not a document', lock: 'a lock file of an editor',
  partial: 'half a download', empty: 'an empty file', eml: 'a mail', json: 'JSON', csv: 'CSV', xml: 'XML', mp4: 'a video (MP4)', mp3: 'a sound recording (MP3)', wav: 'a sound recording (WAV)', ipynb: 'a notebook (IPYNB)', unknown: 'an unknown kind',
};
