import type { PdfDocument } from '../../engines/pdf.ts';
import type { FontFacts } from '../../model/facts.ts';
import type { FoundFont } from './fonts.ts';

/** Whether a TrueType or OpenType program forbids embedding: bit 1 of OS/2 fsType, where no gentler bit is set beside it.
 * Sources: OpenType 1.9, OS/2 table, fsType (the least restrictive of several bits holds); OpenType 1.9, table directory. Null where there is no OS/2 table. */
export function forbidsEmbedding(program: Uint8Array): boolean | null {
  if (program.length < 12) return null;
  const view = new DataView(program.buffer, program.byteOffset, program.byteLength), tables = view.getUint16(4);
  for (let i = 0; i < tables && 12 + 16 * i + 16 <= program.length; i++) {
    const at = 12 + 16 * i;
    if (view.getUint32(at) !== 0x4f532f32) continue;
    const offset = view.getUint32(at + 8);
    if (offset + 10 > program.length) return null;
    const rights = view.getUint16(offset + 8) & 0x000e;
    return rights === 0x0002;
  }
  return null;
}

/** Marks the fonts whose program forbids embedding. Programs beyond eight megabytes are left alone. */
export function markRestricted(pdf: PdfDocument, fonts: FoundFont[]): FontFacts[] {
  return fonts.map(({ program, dict: _dict, ...font }) => {
    if (program === undefined) return font;
    const ref = pdf.newIndirect(program);
    try {
      const buffer = ref.readStream();
      try { return buffer.getLength() < 8 << 20 && forbidsEmbedding(buffer.asUint8Array()) ? { ...font, restricted: true } : font; } finally { buffer.destroy(); }
    } catch { return font; } finally { ref.destroy(); }
  });
}
