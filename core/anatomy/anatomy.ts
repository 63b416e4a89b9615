import { withPdf } from '../engines/pdf.ts';
import { Package } from '../engines/zip.ts';
import { earlierStates } from '../readers/pdf/revisions.ts';
import { surveyPdf } from '../readers/pdf/survey.ts';
import { isDict, nameOf } from '../readers/pdf/syntax.ts';
import { sniffKind } from '../readers/kind.ts';
import { metadataSegments } from '../readers/image/segments.ts';
import { CannotDo } from '../model/outcome.ts';

export type AnatomyGroup = 'text' | 'pictures' | 'fonts' | 'metadata' | 'attachments' | 'forms' | 'structure' | 'earlier' | 'unreachable' | 'other';
/** One piece of a file and the bytes it takes as it is stored. */
export interface AnatomyPart { group: AnatomyGroup; label: string; bytes: number }
/** What a file is made of: the parts add up to its size. */
export interface Anatomy { total: number; parts: AnatomyPart[] }

export const anatomyGroups: readonly { group: AnatomyGroup; line: string }[] = [
  { group: 'pictures', line: 'Pictures' }, { group: 'fonts', line: 'Fonts' }, { group: 'text', line: 'Text and drawing' }, { group: 'attachments', line: 'Attachments' }, { group: 'earlier', line: 'Earlier saved states' },
  { group: 'unreachable', line: 'Left over, shown nowhere' }, { group: 'metadata', line: 'Metadata' }, { group: 'forms', line: 'Drawn forms' }, { group: 'structure', line: 'Structure and tables' }, { group: 'other', line: 'Everything else' },
];
/** Beyond so many parts the smallest of a group are told together. */
const mostParts = 60;

/** Takes a file apart by what its bytes are for. Sources: ISO 32000-1, 7.3.8 (streams), 7.5 (file structure); APPNOTE 6.3, 4.3.
 * @throws {CannotDo} `unsupported` for kinds without parts, `unreadable` */
export async function anatomyOf(bytes: Uint8Array, name: string): Promise<Anatomy> {
  const { kind } = sniffKind(bytes, name);
  const parts = kind === 'pdf' ? await pdfParts(bytes) : ['docx', 'docm', 'dotx', 'odt', 'zip', 'xlsx', 'pptx'].includes(kind) ? packageParts(bytes) : ['jpeg', 'png', 'tiff'].includes(kind) ? pictureParts(bytes) : null;
  if (!parts) throw new CannotDo('unsupported', 'A file of this kind has no parts to show.', 'Look at its size alone.', name);
  const told = parts.reduce((n, p) => n + p.bytes, 0);
  if (told < bytes.length) parts.push({ group: 'structure', label: 'what holds it together', bytes: bytes.length - told });
  return { total: bytes.length, parts: gathered(parts) };
}

/** The largest parts by name; what is smaller in each group as one. */
function gathered(parts: AnatomyPart[]): AnatomyPart[] {
  const sorted = [...parts].sort((a, b) => b.bytes - a.bytes), kept = sorted.slice(0, mostParts), rest = new Map<AnatomyGroup, { n: number; bytes: number }>();
  for (const p of sorted.slice(mostParts)) { const r = rest.get(p.group) ?? { n: 0, bytes: 0 }; rest.set(p.group, { n: r.n + 1, bytes: r.bytes + p.bytes }); }
  for (const [group, r] of rest) kept.push({ group, label: `${r.n} smaller ones`, bytes: r.bytes });
  return kept.filter((p) => p.bytes > 0).sort((a, b) => b.bytes - a.bytes);
}

async function pdfParts(bytes: Uint8Array): Promise<AnatomyPart[]> {
  return withPdf(bytes, (pdf) => {
    if (pdf.needsPassword() && !pdf.authenticatePassword('')) throw new CannotDo('encrypted', 'The file is locked with a password.', 'Save a copy without a password.');
    const survey = surveyPdf(pdf), parts: AnatomyPart[] = [], seen = new Set<number>();
    const fonts = new Map<number, string>();
    for (const { value } of survey.objects.values()) {
      if (!isDict(value)) continue;
      const fontName = nameOf(survey.follow(value.get('FontName'))) ?? '';
      for (const key of ['FontFile', 'FontFile2', 'FontFile3']) { const ref = value.get(key); if (ref && typeof ref === 'object' && 'num' in ref) fonts.set(ref.num, fontName.replace(/^[A-Z]{6}\+/, '')); }
    }
    for (const [num, { value, stream }] of survey.objects) {
      if (!stream || !isDict(value) || seen.has(num)) continue;
      seen.add(num);
      const length = survey.follow(value.get('Length')), size = typeof length === 'number' && length >= 0 && length <= bytes.length ? length : 0;
      const type = nameOf(value.get('Type')), subtype = nameOf(value.get('Subtype')), wide = survey.follow(value.get('Width')), high = survey.follow(value.get('Height'));
      const of = (group: AnatomyGroup, label: string): void => { parts.push({ group: survey.reachable.has(num) || type === 'ObjStm' || type === 'XRef' ? group : 'unreachable', label, bytes: size }); };
      if (subtype === 'Image') of('pictures', `${typeof wide === 'number' ? wide : '?'} × ${typeof high === 'number' ? high : '?'} pixels`);
      else if (fonts.has(num)) of('fonts', fonts.get(num) || 'a font');
      else if (type === 'Metadata' || subtype === 'XML') of('metadata', 'XMP packet');
      else if (type === 'EmbeddedFile') of('attachments', 'attached file');
      else if (subtype === 'Form') of('forms', 'drawn form');
      else if (type === 'ObjStm' || type === 'XRef') of('structure', type === 'XRef' ? 'cross-reference table' : 'packed objects');
      else if (value.has('N') && value.has('Alternate')) of('other', 'colour profile');
      else of('text', 'content');
    }
    const lengths = new Map([...survey.objects].flatMap(([num, { value, stream }]) => (stream && isDict(value) ? [[num, survey.follow(value.get('Length'))] as const] : [])));
    return { parts, lengths };
  }).then(async ({ parts, lengths }) => {
    // Streams of earlier saved states that the present one has replaced or dropped still lie in the file.
    for (const [i, end] of earlierStates(bytes).entries()) {
      try {
        const superseded = await withPdf(bytes.subarray(0, end), (before) => {
          const survey = surveyPdf(before);
          let sum = 0;
          for (const [num, { value, stream }] of survey.objects) { const length = stream && isDict(value) ? survey.follow(value.get('Length')) : null; if (typeof length === 'number' && lengths.get(num) !== length) { sum += length; lengths.set(num, length); } }
          return sum;
        });
        parts.push({ group: 'earlier', label: `state ${i + 1}`, bytes: superseded });
      } catch { /* a mark that no document ends at */ }
    }
    return parts;
  });
}

function packageParts(bytes: Uint8Array): AnatomyPart[] {
  return new Package(bytes).entries.filter((e) => !e.name.endsWith('/')).map((e): AnatomyPart => {
    const group: AnatomyGroup = /\.(jpe?g|png|gif|bmp|tiff?|emf|wmf|svg|heic)$/i.test(e.name) ? (/thumbnail/i.test(e.name) ? 'metadata' : 'pictures') : /\.(odttf|ttf|otf|fntdata)$/i.test(e.name) ? 'fonts'
      : /^docProps\/|^meta\.xml$|^custom|people\.xml$|settings\.xml$|printerSettings/i.test(e.name) ? 'metadata' : /embeddings\/|^Object|oleObject/i.test(e.name) ? 'attachments' : /^(word\/(document|footnotes|endnotes|header|footer|comments)|content\.xml)/.test(e.name) ? 'text' : /styles|theme|numbering|fontTable|rels$|Content_Types|manifest/i.test(e.name) ? 'structure' : 'other';
    return { group, label: e.name, bytes: e.packed };
  });
}

function pictureParts(bytes: Uint8Array): AnatomyPart[] {
  const stored = metadataSegments(bytes).map((s): AnatomyPart => ({ group: 'metadata', label: s.sort, bytes: s.whole[1] - s.whole[0] })), told = stored.reduce((n, p) => n + p.bytes, 0);
  return [...stored, { group: 'pictures', label: 'pixels', bytes: Math.max(0, bytes.length - told) }];
}
