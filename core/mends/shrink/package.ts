import { strFromU8, strToU8 } from 'fflate';
import type * as Mupdf from 'mupdf';
import { loadMupdf, withManagedColours } from '../../engines/pdf.ts';
import { Package, packZip } from '../../engines/zip.ts';
import { heed, type Job } from '../../model/outcome.ts';
import { startsWith } from '../../text/bytes.ts';
import type { Level } from './level.ts';
import { lightOf, pixelsFor, scaledPixmap } from './pictures.ts';

/** A picture at a level in its own format; the same bytes where that would not be smaller. Without a known size a page's width is assumed. */
export async function pressPictureFile(bytes: Uint8Array, level: Level, inches = 6.3): Promise<Uint8Array> {
  const mupdf = await loadMupdf(), jpeg = startsWith(bytes, [0xff, 0xd8]);
  if (!jpeg && !startsWith(bytes, [0x89, 0x50])) return bytes;
  const image = new mupdf.Image(bytes);
  try {
    const w = image.getWidth(), target = pixelsFor(w, inches, level.dpi), pixmap = withManagedColours(mupdf, () => scaledPixmap(mupdf, image, target, Math.max(1, Math.round((image.getHeight() * target) / w)), lightOf(image)));
    try { const out = (jpeg ? pixmap.asJPEG(level.quality, false) : pixmap.asPNG()).slice(); return out.length < bytes.length * 0.95 ? out : bytes; } finally { pixmap.destroy(); }
  } catch { return bytes; } finally { image.destroy(); }
}

/** A photograph that is kept without loss, as JPEG at a level: null for anything else, for one with clear parts, and where that would not be much smaller than the PNG. */
async function asPhotograph(png: Uint8Array, least: number, level: Level, inches = 6.3): Promise<Uint8Array | null> {
  if (!startsWith(png, [0x89, 0x50]) || least < 8000) return null;
  const mupdf = await loadMupdf(), image = new mupdf.Image(png);
  try {
    if (isClear(image)) return null;
    const w = image.getWidth(), target = pixelsFor(w, inches, level.dpi), pixmap = withManagedColours(mupdf, () => scaledPixmap(mupdf, image, target, Math.max(1, Math.round((image.getHeight() * target) / w)), lightOf(image)));
    try { const out = pixmap.asJPEG(level.quality, false).slice(); return out.length < least * 0.6 ? out : null; } finally { pixmap.destroy(); }
  } catch { return null; } finally { image.destroy(); }
}
/** Whether one sees through a picture anywhere. */
function isClear(image: Mupdf.Image): boolean {
  const pixmap = image.toPixmap();
  try {
    if (!pixmap.getAlpha()) return false;
    const pixels = pixmap.getPixels(), step = pixmap.getNumberOfComponents();
    for (let i = step - 1; i < pixels.length; i += step) if (pixels[i]! < 255) return true;
    return false;
  } finally { pixmap.destroy(); }
}

/** Folders of the pictures that a text shows: ECMA-376-2 leaves the name open, and this is what writers use; ODF 1.2-3, 2. */
const shownPictures = /^(?:word\/media|Pictures)\/[^/]+\.png$/i;
/** A word-processor package with its pictures at a level; null leaves them alone and only packs anew. Photographs that are kept without loss become JPEG, under a new name. */
export async function pressPackage(bytes: Uint8Array, level: Level | null, job: Job): Promise<Uint8Array> {
  const pack = new Package(bytes), parts: { name: string; bytes: Uint8Array; stored?: boolean }[] = [], renamed = new Map<string, string>();
  for (const name of pack.names()) {
    heed(job);
    const part = pack.part(name)!, pressed = level && /\.(jpe?g|png)$/i.test(name) ? await pressPictureFile(part, level) : part, photograph = level && shownPictures.test(name) ? await asPhotograph(part, pressed.length, level) : null;
    const own = photograph ? freeName(pack, name) : name;
    if (photograph) renamed.set(name, own);
    parts.push({ name: own, bytes: photograph ?? pressed, stored: name === 'mimetype' });
  }
  if (renamed.size > 0) for (const part of parts) if (/\.(?:xml|rels)$/i.test(part.name)) part.bytes = withNewNames(part.name, part.bytes, renamed);
  return packZip(parts);
}
function freeName(pack: Package, name: string): string {
  const base = name.replace(/\.png$/i, '');
  for (let n = 0; ; n++) { const own = `${base}${n || ''}.jpg`; if (!pack.names().includes(own)) return own; }
}
/** A part with the new names of pictures, and what kind they are. Source: ECMA-376-2, 10.1.2.2 (content types); ODF 1.2-3, 4 (manifest). */
function withNewNames(part: string, bytes: Uint8Array, renamed: Map<string, string>): Uint8Array {
  let text = strFromU8(bytes);
  const before = text;
  for (const [from, to] of renamed) {
    const [old, own] = [from, to].map((n) => (n.startsWith('word/') ? n.slice('word/'.length) : n)) as [string, string];
    if (part === 'META-INF/manifest.xml') text = text.replace(new RegExp(`<manifest:file-entry\\b[^>]*"${escaped(old)}"[^>]*>`), (entry) => entry.replace(old, own).replace(/image\/png/g, 'image/jpeg'));
    else if (part === '[Content_Types].xml') text = text.replace(new RegExp(`<Override\\b[^>]*"/${escaped(from)}"[^>]*>`), '');
    else text = text.replace(new RegExp(`(?<=["/])${escaped(old)}(?=")`, 'g'), own);
  }
  if (part === '[Content_Types].xml' && !/Extension="jpg"/i.test(text)) text = text.replace(/<Types\b[^>]*>/, (open) => `${open}<Default Extension="jpg" ContentType="image/jpeg"/>`);
  return text === before ? bytes : strToU8(text);
}
const escaped = (name: string): string => name.replace(/[.*+?^${}()|[\]\\]/g, '\\$&');
