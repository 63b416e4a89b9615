import { loadMupdf, withManagedColours } from '../../engines/pdf.ts';
import { Package, packZip } from '../../engines/zip.ts';
import { heed, type Job } from '../../model/outcome.ts';
import { startsWith } from '../../text/bytes.ts';
import type { Level } from './level.ts';
import { isGrey, pixelsFor, scaledPixmap } from './pictures.ts';

/** A picture at a level in its own format; the same bytes where that would not be smaller. Without a known size a page's width is assumed. */
export async function pressPictureFile(bytes: Uint8Array, level: Level, inches = 6.3): Promise<Uint8Array> {
  const mupdf = await loadMupdf(), jpeg = startsWith(bytes, [0xff, 0xd8]);
  if (!jpeg && !startsWith(bytes, [0x89, 0x50])) return bytes;
  const image = new mupdf.Image(bytes);
  try {
    const w = image.getWidth(), target = pixelsFor(w, inches, level.dpi), pixmap = withManagedColours(mupdf, () => scaledPixmap(mupdf, image, target, Math.max(1, Math.round((image.getHeight() * target) / w)), isGrey(image)));
    try { const out = (jpeg ? pixmap.asJPEG(level.quality, false) : pixmap.asPNG()).slice(); return out.length < bytes.length * 0.95 ? out : bytes; } finally { pixmap.destroy(); }
  } catch { return bytes; } finally { image.destroy(); }
}

/** A word-processor package with its pictures at a level; null leaves them alone and only packs anew. */
export async function pressPackage(bytes: Uint8Array, level: Level | null, job: Job): Promise<Uint8Array> {
  const pack = new Package(bytes), parts: { name: string; bytes: Uint8Array; stored?: boolean }[] = [];
  for (const name of pack.names()) {
    heed(job);
    const part = pack.part(name)!;
    parts.push({ name, bytes: level && /\.(jpe?g|png)$/i.test(name) ? await pressPictureFile(part, level) : part, stored: name === 'mimetype' });
  }
  return packZip(parts);
}
