import { saveWhole, withPdf, type MupdfModule, type PdfDocument } from '../../engines/pdf.ts';
import { writeUnicodeMap } from '../../engines/unicode-map.ts';
import { keepGlyphs } from './cff.ts';
import { characterIn, characterOf, namedCharacters } from '../../tables/glyph-names.ts';
import { standardFace, type StandardFace } from '../../tables/standard-fonts.ts';

type PdfObject = ReturnType<PdfDocument['findPage']>;
type Font = InstanceType<MupdfModule['Font']>;
export interface Embedded { bytes: Uint8Array; /** fonts that got a program, with the face that it is */ done: { name: string; face: StandardFace }[]; /** fonts without a program that were left as they are */ left: { name: string; why: 'composite' | 'face' | 'widths' }[] }

/** Puts open faces of the same widths into a PDF that names standard fonts and does not carry them. The pages are not laid anew: codes, widths and positions stay, only the program is added.
 * Sources: ISO 32000-1, 9.6.2 (simple fonts), 9.8 (descriptors), 9.9 (embedding; Type1C). */
export async function embedStandardFonts(bytes: Uint8Array): Promise<Embedded> {
  return withPdf(bytes, async (pdf, mupdf) => {
    if (pdf.needsPassword()) pdf.authenticatePassword('');
    const done: Embedded['done'] = [], left: Embedded['left'] = [], programs = new Map<StandardFace, { font: Font; stream: PdfObject; box: PdfObject }>();
    const programOf = (face: StandardFace): { font: Font; stream: PdfObject; box: PdfObject } => {
      const kept = programs.get(face);
      if (kept) return kept;
      // The engine writes a face of its own as a composite font; its program, a name-keyed CFF, serves a simple font as it is.
      const font = new mupdf.Font(face), descriptor = pdf.addFont(font).get('DescendantFonts').get(0).get('FontDescriptor'), dict = pdf.newDictionary();
      dict.put('Subtype', pdf.newName('Type1C'));
      const whole = descriptor.get('FontFile3').readStream().asUint8Array().slice(), made = { font, stream: pdf.addStream(isPi(face) ? whole : keepGlyphs(whole, latinGlyphs(font)), dict), box: descriptor.get('FontBBox') };
      programs.set(face, made);
      return made;
    };
    for (let number = 1, count = pdf.countObjects(); number < count; number++) {
      const font = fontAt(pdf, number);
      if (!font) continue;
      const name = font.get('BaseFont').asName(), subtype = font.get('Subtype').asName();
      if (subtype === 'Type0') { if (!hasProgram(font.get('DescendantFonts').get(0))) left.push({ name, why: 'composite' }); continue; }
      if (!['Type1', 'TrueType', 'MMType1'].includes(subtype) || hasProgram(font)) continue;
      const face = standardFace(name);
      if (!face) { left.push({ name, why: 'face' }); continue; }
      const { font: program, stream, box } = programOf(face), chars = isPi(face) ? null : charactersOf(font), widths = chars ? widthsOf(chars, program) : null;
      if (widths && !agree(font, widths)) { left.push({ name, why: 'widths' }); continue; }
      let descriptor = font.get('FontDescriptor');
      if (!descriptor.isDictionary()) { descriptor = pdf.addObject(pdf.newDictionary()); font.put('FontDescriptor', descriptor); }
      const tagged = isPi(face) ? name : `${subsetTag}${name.replace(/^[A-Z]{6}\+/, '')}`;
      describe(pdf, descriptor, tagged, face, box);
      font.put('BaseFont', pdf.newName(tagged));
      descriptor.put('FontFile3', stream);
      font.put('Subtype', pdf.newName('Type1'));
      if (widths && !font.get('Widths').isArray()) {
        const list = pdf.newArray();
        for (let code = 0; code < 256; code++) list.push(widths[code] ?? 0);
        font.put('FirstChar', 0); font.put('LastChar', 255); font.put('Widths', list);
      }
      if (chars && font.get('ToUnicode').isNull()) font.put('ToUnicode', pdf.addStream(toUnicode(chars), {}));
      done.push({ name, face });
    }
    for (const { font } of programs.values()) font.destroy();
    if (done.length === 0) return { bytes, done, left };
    const whole = await saveWhole(pdf, 'garbage=2,compress,compress-fonts=yes,compress-images=no,encrypt=none');
    return { bytes: whole, done, left };
  });
}

const isPi = (face: StandardFace): boolean => face === 'Symbol' || face === 'ZapfDingbats';
/** A subset says so by six letters before its name (9.9.2). */
const subsetTag = 'LATINS+';
/** Glyphs of every character that a one-byte Latin encoding can name: no use on any page falls outside them. */
function latinGlyphs(font: Font): Set<number> {
  const keep = new Set<number>();
  for (const encoding of ['StandardEncoding', 'WinAnsiEncoding', 'MacRomanEncoding'] as const) for (let code = 0; code < 256; code++) { const c = characterIn(encoding, code); if (c !== null) keep.add(font.encodeCharacter(c)); }
  for (const c of namedCharacters) keep.add(font.encodeCharacter(c));
  return keep;
}

function fontAt(pdf: PdfDocument, number: number): PdfObject | null {
  let object: PdfObject;
  try { object = pdf.newIndirect(number).resolve() as PdfObject; } catch { return null; }
  if (!object.isDictionary() || object.get('Type').toString() !== '/Font' || !object.get('BaseFont').isName()) return null;
  // Descendants are described by their composite font.
  return /^\/(?:Type0|Type1|TrueType|MMType1)$/.test(object.get('Subtype').toString()) ? pdf.newIndirect(number) as PdfObject : null;
}
function hasProgram(font: PdfObject): boolean {
  const descriptor = font.get('FontDescriptor');
  return descriptor.isDictionary() && ['FontFile', 'FontFile2', 'FontFile3'].some((key) => !descriptor.get(key).isNull());
}

/** The character of each code: base encoding, then differences (9.6.6). Without an encoding a Latin face has the standard one. */
function charactersOf(font: PdfObject): (number | null)[] {
  const encoding = font.get('Encoding'), base = encoding.isName() ? encoding.asName() : encoding.isDictionary() && encoding.get('BaseEncoding').isName() ? encoding.get('BaseEncoding').asName() : 'StandardEncoding';
  const known = base === 'WinAnsiEncoding' || base === 'MacRomanEncoding' ? base : 'StandardEncoding', chars = Array.from({ length: 256 }, (_, code) => characterIn(known, code));
  const differences = encoding.isDictionary() ? encoding.get('Differences') : null;
  if (differences?.isArray()) {
    let code = 0;
    for (let i = 0; i < differences.length; i++) { const item = differences.get(i); if (item.isNumber()) code = item.asNumber(); else if (code < 256) chars[code++] = characterOf(item.asName()); }
  }
  return chars;
}
const widthsOf = (chars: (number | null)[], font: Font): (number | null)[] => chars.map((c) => { const glyph = c === null ? 0 : font.encodeCharacter(c); return c === null || glyph === 0 ? null : Math.round(font.advanceGlyph(glyph, 0) * 1000); });

/** Whether the widths that the file states are those of the face; a name alone does not make a font. */
function agree(font: PdfObject, widths: (number | null)[]): boolean {
  const stated = font.get('Widths');
  if (!stated.isArray()) return true;
  const first = font.get('FirstChar').asNumber();
  let compared = 0, off = 0;
  for (let i = 0; i < stated.length; i++) { const ours = widths[first + i], theirs = stated.get(i).asNumber(); if (ours === null || ours === undefined || theirs <= 0) continue; compared++; if (Math.abs(ours - theirs) > 2) off++; }
  return off <= compared * 0.02;
}

/** What a descriptor has to say (table 122); what it says already stays. Flags: 1 fixed pitch, 2 serif, 4 symbolic, 32 Latin, 64 slanted. */
function describe(pdf: PdfDocument, descriptor: PdfObject, name: string, face: StandardFace, box: PdfObject): void {
  const slanted = /Italic|Oblique/.test(face);
  const values: Record<string, number> = { Flags: (face.startsWith('Courier') ? 1 : 0) + (/^(?:Times|Courier)/.test(face) ? 2 : 0) + (isPi(face) ? 4 : 32) + (slanted ? 64 : 0), ItalicAngle: slanted ? -12 : 0, Ascent: 750, Descent: -250, CapHeight: 700, StemV: face.includes('Bold') ? 140 : 80 };
  descriptor.put('Type', pdf.newName('FontDescriptor'));
  descriptor.put('FontName', pdf.newName(name));
  if (descriptor.get('FontBBox').isNull()) { const copy = pdf.newArray(); for (let i = 0; i < 4; i++) copy.push(box.get(i).asNumber()); descriptor.put('FontBBox', copy); }
  for (const [key, value] of Object.entries(values)) if (descriptor.get(key).isNull()) descriptor.put(key, value);
}

/** A map from codes to characters. */
const toUnicode = (chars: (number | null)[]): string => writeUnicodeMap(new Map(chars.flatMap((c, code) => (c === null ? [] : [[code.toString(16).padStart(2, '0'), String.fromCodePoint(c)] as const]))));
