import { strFromU8, strToU8 } from 'fflate';
import type * as Mupdf from 'mupdf';
import { loadMupdf } from '../../engines/pdf.ts';
import { Package, packZip } from '../../engines/zip.ts';
import { heed, type Job } from '../../model/outcome.ts';
import { startsWith } from '../../text/bytes.ts';
import { gifBlocks, isGif } from '../../readers/image/gif-webp.ts';
import { turnedAs } from '../clean/picture.ts';
import { levelAt, type Level } from './level.ts';
import { Presser, type As, type Pressable } from './press.ts';

/** What picture files and packages are pressed to. */
type Outcome = Promise<{ bytes: Uint8Array; level: Level }>;
/** A picture of a package: its part. */
interface Part extends Pressable { name: string }

/** Pictures are pressed in their own format. Without a known size a page's width is assumed. @returns null for what is no picture that can be pressed */
function pressable(mupdf: typeof Mupdf, bytes: Uint8Array, across: number, png: 'png' | 'either'): Pressable | null {
  const jpeg = startsWith(bytes, [0xff, 0xd8]), isPng = startsWith(bytes, [0x89, 0x50]);
  if (!jpeg && !isPng && !(png === 'either' && isPlainRaster(bytes))) return null;
  const open = (): Mupdf.Image => new mupdf.Image(bytes);
  try {
    const image = open(), inches: [number, number] = [across, (across * image.getHeight()) / image.getWidth()];
    image.destroy();
    return { packed: bytes.length, inches, writes: jpeg ? 'jpeg' : isPng && bytes.length < 8000 ? 'png' : png, print: false, open, dress: (data) => turnedAs(data, bytes) };
  } catch { return null; }
}

/** BMP, TIFF, and GIF that does not move: kinds that take much room, and that a program which shows PNG and JPEG does not need. */
const isPlainRaster = (bytes: Uint8Array): boolean => startsWith(bytes, [0x42, 0x4d]) || startsWith(bytes, [0x49, 0x49, 0x2a, 0]) || startsWith(bytes, [0x4d, 0x4d, 0, 0x2a]) || isGif(bytes) && gifBlocks(bytes).blocks.filter((b) => b.kind === 'image').length === 1;

/** A picture file at the gentlest level that keeps within a limit, or at the hardest. It is taken to be shown across a sheet of paper. */
export async function pressPictureFile(bytes: Uint8Array, maxBytes: number, job: Job): Outcome {
  const mupdf = await loadMupdf(), picture = pressable(mupdf, bytes, 11, 'png');
  if (!picture) return { bytes, level: levelAt(1) };
  const presser = new Presser(mupdf, [picture], 0, job);
  try { const level = (await presser.within(maxBytes)) ?? levelAt(1); return { bytes: presser.press(picture, level)?.data ?? bytes, level }; } finally { presser.end(); }
}

/** Folders of the pictures that a text shows: ECMA-376-2 leaves the name open, and this is what writers use; ODF 1.2-3, 2. */
const shownPictures = /^(?:word\/media|Pictures)\/[^/]+\.(?:png|bmp|dib|tiff?|gif)$/i;
/** A word-processor package packed anew; nothing in it changes. */
export function repackPackage(bytes: Uint8Array): Uint8Array {
  const pack = new Package(bytes);
  return packZip(pack.names().map((name) => ({ name, bytes: pack.part(name)!, stored: name === 'mimetype' })));
}
/** A word-processor package with its pictures at the gentlest level that keeps within a limit, or at the hardest. Photographs that are kept without loss become JPEG, other kinds of pictures JPEG or PNG, under a new name. */
export async function pressPackage(bytes: Uint8Array, maxBytes: number, job: Job): Outcome {
  const mupdf = await loadMupdf(), pack = new Package(bytes), pictures: Part[] = [];
  for (const name of pack.names()) {
    heed(job);
    const picture = /\.(?:jpe?g|png|bmp|dib|tiff?|gif)$/i.test(name) ? pressable(mupdf, pack.part(name)!, 6.3, shownPictures.test(name) ? 'either' : 'png') : null;
    if (picture) pictures.push({ ...picture, name });
  }
  const presser = new Presser(mupdf, pictures, bytes.length - pictures.reduce((sum, p) => sum + p.packed, 0), job), written = (level: Level): Uint8Array => withPictures(pack, pictures, presser, level);
  try {
    let level = (await presser.within(maxBytes)) ?? levelAt(1), out = written(level);
    // Packing takes or gives a little: then once more, for as much less.
    for (let spare = 1; out.length > maxBytes && spare <= 3; spare++) {
      const tighter = await presser.within(maxBytes - spare * (out.length - maxBytes) - 512);
      if (!tighter) break;
      out = written(level = tighter);
    }
    return { bytes: out, level };
  } finally { presser.end(); }
}
function withPictures(pack: Package, pictures: readonly Part[], presser: Presser<Part>, level: Level): Uint8Array {
  const own = new Map(pictures.map((picture) => [picture.name, presser.press(picture, level)])), renamed = new Map<string, string>();
  const parts = pack.names().map((name) => {
    const pressed = own.get(name), ending = pressed && endings[pressed.as], to = ending && !ending.test(name) ? freeName(pack, name, pressed.as === 'png' ? 'png' : 'jpg') : name;
    if (to !== name) renamed.set(name, to);
    return { name: to, bytes: pressed?.data ?? pack.part(name)!, stored: name === 'mimetype' };
  });
  return packZip(renamed.size === 0 ? parts : parts.map((part) => (/\.(?:xml|rels)$/i.test(part.name) ? { ...part, bytes: withNewNames(part.name, part.bytes, renamed) } : part)));
}
const endings: Partial<Record<As, RegExp>> = { jpeg: /\.jpe?g$/i, png: /\.png$/i };
function freeName(pack: Package, name: string, ending: 'jpg' | 'png'): string {
  const base = name.replace(/\.\w+$/, '');
  for (let n = 0; ; n++) { const own = `${base}${n || ''}.${ending}`; if (!pack.names().includes(own)) return own; }
}
/** A part with the new names of pictures, and what kind they are. Source: ECMA-376-2, 10.1.2.2 (content types); ODF 1.2-3, 4 (manifest). */
function withNewNames(part: string, bytes: Uint8Array, renamed: Map<string, string>): Uint8Array {
  let text = strFromU8(bytes);
  const before = text;
  for (const [from, to] of renamed) {
    const [old, own] = [from, to].map((n) => (n.startsWith('word/') ? n.slice('word/'.length) : n)) as [string, string];
    if (part === 'META-INF/manifest.xml') text = text.replace(new RegExp(`<manifest:file-entry\\b[^>]*"${escaped(old)}"[^>]*>`), (entry) => entry.replace(old, own).replace(/(?<=media-type=")[^"]*/, kindOf(own)));
    else if (part === '[Content_Types].xml') text = text.replace(new RegExp(`<Override\\b[^>]*"/${escaped(from)}"[^>]*>`), '');
    else text = text.replace(new RegExp(`(?<=["/])${escaped(old)}(?=")`, 'g'), own);
  }
  for (const ending of ['jpg', 'png']) if (part === '[Content_Types].xml' && [...renamed.values()].some((name) => name.endsWith(`.${ending}`)) && !new RegExp(`Extension="${ending}"`, 'i').test(text)) text = text.replace(/<Types\b[^>]*>/, (open) => `${open}<Default Extension="${ending}" ContentType="${kindOf(`.${ending}`)}"/>`);
  return text === before ? bytes : strToU8(text);
}
const kindOf = (name: string): string => (name.endsWith('.png') ? 'image/png' : 'image/jpeg');
const escaped = (name: string): string => name.replace(/[.*+?^${}()|[\]\\]/g, '\\$&');
