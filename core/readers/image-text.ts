import { sha256 } from '../engines/hash.ts';
import { greymap, type Ocr, type OcrPage } from '../engines/ocr.ts';
import { withPage, withPdf } from '../engines/pdf.ts';
import { Package } from '../engines/zip.ts';
import { heed, type Job } from '../model/outcome.ts';
import type { Box, DocumentFacts, Passage } from '../model/facts.ts';
import { applyFilter } from '../scan/filters.ts';
import { flatten, mapOfUnitSquare, wholeOf } from '../scan/flatten.ts';
import { measurePhoto, flaggedTurn } from '../scan/measure.ts';
import { decodePhoto, greyOf, shrinkTo, turn, type Point, type Quad, type Raster } from '../scan/raster.ts';

/** At most so many pictures are read in one file: some seconds each. What is left out stays a gap. */
const mostPictures = 40;
/** And no longer than this, in milliseconds, so that a check does not become a wait. */
const mostTime = 25_000;
/** Words that the reader itself doubts are noise more often than names. */
const leastConfidence = 50;
const dpi = 150;
/** Pixels of the longer side; more only takes longer. */
const longestRead = 2200;

/** What was read from a picture, by its pixels: a mend changes the file around a figure and not the figure, and a crest stands on every page.
 * Null: it does not look like writing. `factor`: how much larger it was read. */
type WhatItSays = { page: OcrPage; factor: number } | null;
const kept = new Map<string, WhatItSays>();
const keyOf = async (raster: Raster): Promise<string> => `${raster.width} ${raster.channels} ${await sha256(raster.data)}`;
async function readPicture(raster: Raster, key: string, reader: () => Promise<Ocr>): Promise<WhatItSays> {
  const grey = applyFilter(greyOf(raster), 'grey');
  let says: WhatItSays = null;
  if (looksLikeWriting(grey)) {
    const { raster: large, factor } = enlarged(grey);
    says = { page: await (await reader()).read(greymap(large)), factor };
  }
  kept.set(key, says);
  if (kept.size > 200) kept.delete(kept.keys().next().value!);
  return says;
}

/** A picture as it is read, upright and no larger than reading needs, and where a point of it lies in the stored pixels. */
export interface PictureToRead { raster: Raster; toStored: (point: Point) => Point }
/** @param sheet - a photo of a sheet: the sheet alone is read, seen from above */
export async function pictureToRead(bytes: Uint8Array, name: string, sheet: boolean): Promise<PictureToRead> {
  const { page, quad, degrees, mirrored } = sheet ? await measuredSheet(bytes, name) : await wholePicture(bytes, name), map = mapOfUnitSquare(quad), { width: w, height: h } = page;
  return {
    raster: turn(page, degrees, mirrored),
    toStored: ([x, y]) => {
      // The way back of turn() and of flatten().
      const across = degrees === 0 ? x : degrees === 90 ? y : degrees === 180 ? w - x : w - y, sy = degrees === 0 ? y : degrees === 90 ? h - x : degrees === 180 ? h - y : x;
      const u = (mirrored ? w - across : across) / w, v = sy / h, z = map.g * u + map.h * v + 1;
      return [(map.a * u + map.b * v + map.c) / z, (map.d * u + map.e * v + map.f) / z];
    },
  };
}
interface Laid { page: Raster; quad: Quad; degrees: 0 | 90 | 180 | 270; mirrored: boolean }
async function measuredSheet(bytes: Uint8Array, name: string): Promise<Laid> { const m = await measurePhoto(bytes, name, { longest: longestRead }); return { page: m.page, quad: m.found.quad, degrees: m.rotation, mirrored: m.mirrored }; }
async function wholePicture(bytes: Uint8Array, name: string): Promise<Laid> { const raster = await decodePhoto(bytes, name); return { page: shrinkTo(raster, longestRead), quad: wholeOf(raster), ...flaggedTurn(bytes) }; }

/** Reads the text in a document's pictures: whole pictures, pictures on pages, and pictures inside word-processor files. Only pictures that look like
 * writing are read. Adds passages of place `imageText` and closes the gaps that were left for pictures. */
export async function readImageText(bytes: Uint8Array, facts: DocumentFacts, job: Job): Promise<void> {
  if (!job.ocr || !facts.passages.ok) return;
  const { kind } = facts.file, found: Passage[] = [], read = new Set<string>();
  let left = mostPictures;
  const begun = Date.now(), unreadGap = (part: string, page: number | null): void => { if (facts.passages.ok && !facts.passages.gaps.some((g) => g.part === part && g.page === page)) facts.passages.gaps.push({ part, page, why: 'picture' }); };
  const reader = async (): Promise<Ocr> => job.ocr!();
  /** @param origin - where the picture's corner lies on its page, in pixels @param degrees - the picture is read turned by so much @returns what was read, and whether it reads like words */
  const take = async (picture: Raster, part: string, page: number | null, scale: number, origin: Point = [0, 0], degrees: Turn = 0): Promise<{ passage: Passage | null; words: boolean }> => {
    heed(job, facts.file.name);
    const raster = turn(picture, degrees), key = await keyOf(raster);
    let says = kept.get(key);
    if (says === undefined) {
      if (left <= 0 || Date.now() - begun > mostTime) { unreadGap(part, page); return { passage: null, words: true }; }
      says = await readPicture(raster, key, reader);
      if (says) left--;
    }
    const passage = says && passageOf(says.page, part, page, scale / says.factor, [origin[0] * scale, origin[1] * scale]);
    if (passage && degrees !== 0) passage.turned = degrees;
    read.add(`${part}/${page}`);
    return { passage, words: says === null || readsLikeWords(says.page) };
  };
  const keep = ({ passage }: { passage: Passage | null }): void => { if (passage) found.push(passage); };
  if (kind === 'pdf' && facts.pages.ok) {
    const wanted = facts.pages.value.filter((p) => p.images > 0 && (p.words === 0 || p.imageShare > 0.01));
    if (wanted.length > 0) await withPdf(bytes, async (pdf, mupdf) => {
      if (pdf.needsPassword()) pdf.authenticatePassword('');
      for (const [i, { number }] of wanted.entries()) {
        if (Date.now() - begun > mostTime) { unreadGap('text', number); continue; }
        job.progress?.(i, wanted.length, 'pictures');
        const raster = withPage(pdf, number - 1, (page): Raster => {
          const pixmap = page.toPixmap(mupdf.Matrix.scale(dpi / 72, dpi / 72), mupdf.ColorSpace.DeviceGray, false, false);
          try { return { width: pixmap.getWidth(), height: pixmap.getHeight(), channels: 1, data: new Uint8Array(pixmap.getPixels()) }; } finally { pixmap.destroy(); }
        });
        // Text that is text is known already; only what pictures show is read.
        for (const p of facts.passages.ok ? facts.passages.value : []) if (p.page === number && p.place !== 'hidden') for (const line of p.lines ?? []) blank(raster, line.box);
        const { picture, origin } = inked(raster);
        if (picture) keep(await take(picture, 'text', number, 72 / dpi, origin)); else read.add(`text/${number}`);
      }
    });
  } else if (['jpeg', 'png', 'tiff'].includes(kind)) {
    try {
      const { raster } = await pictureToRead(bytes, facts.file.name, true);
      // The lines of a few words do not always tell which way up they are: what cannot be read is turned before it is given up.
      const readings: Awaited<ReturnType<typeof take>>[] = [];
      for (const degrees of [0, 180, 90, 270] as const) { readings.push(await take(raster, 'picture', null, 1, [0, 0], degrees)); if (readings.at(-1)!.words) break; }
      const clear = readings.filter((r) => r.words);
      (clear.length > 0 ? clear : readings).forEach(keep);
    } catch (error) { if (error instanceof Error && 'code' in error && error.code === 'stopped') throw error; /* a picture that cannot be decoded has its own finding */ }
  } else if (['docx', 'docm', 'odt'].includes(kind)) {
    const pack = new Package(bytes);
    for (const name of pack.names()) {
      if (!/^(word\/media|Pictures|media)\/.*\.(jpe?g|png|gif|bmp|tiff?)$/i.test(name)) continue;
      try {
        const { raster } = await pictureToRead(pack.part(name)!, name, false);
        if (raster.width >= 60 && raster.height >= 16) keep(await take(raster, name, null, 1));
      } catch (error) { if (error instanceof Error && 'code' in error && error.code === 'stopped') throw error; }
    }
  }
  facts.passages.value.push(...found);
  facts.passages.gaps = facts.passages.gaps.filter((g) => g.why !== 'picture' || !read.has(`${g.part}/${g.page}`));
}

/** Writing read the wrong way up gives scraps: few of them have three letters that the reader is sure of. */
const readsLikeWords = ({ words }: OcrPage): boolean => { const good = words.filter((w) => w.confidence > 70 && /^\p{L}{3,}/u.test(w.text)).length; return good >= 4 || (good > 0 && good >= words.length / 2); };
export type Turn = 0 | 90 | 180 | 270;
/** A point of a picture that was read turned clockwise, as it lies in the picture itself. */
export const turnedBack = ([x, y]: Point, degrees: Turn, { width: w, height: h }: Raster): Point => (degrees === 90 ? [y, h - x] : degrees === 180 ? [w - x, h - y] : degrees === 270 ? [w - y, x] : [x, y]);

/** Mostly even ground with some ink on it, as pages, screens and labels have, and photographs of things have not. */
export function looksLikeWriting(even: Raster): boolean {
  const small = shrinkTo(even, 900);
  let light = 0, ink = 0;
  for (const v of small.data) { if (v > 225) light++; else if (v < 140) ink++; }
  return light > small.data.length * 0.45 && ink > small.data.length * 0.0008 && ink < small.data.length * 0.4;
}

/** Small print is doubled in size: the reader wants letters some twenty pixels high. */
function enlarged(grey: Raster): { raster: Raster; factor: number } {
  if (Math.max(grey.width, grey.height) >= 1100) return { raster: grey, factor: 1 };
  return { raster: flatten(grey, wholeOf(grey), grey.width * 2, grey.height * 2), factor: 2 };
}

/** The part of a page that has anything on it, with the place of its corner; null where it is bare. */
function inked({ width, height, data }: Raster): { picture: Raster | null; origin: Point } {
  let left = width, right = -1, top = -1, bottom = -1;
  for (let y = 0; y < height; y++) {
    let from = y * width;
    const end = from + width;
    while (from < end && data[from]! >= paper) from++;
    if (from === end) continue;
    let to = end - 1;
    while (data[to]! >= paper) to--;
    if (top < 0) top = y;
    bottom = y; left = math.min(left, from - y * width); right = math.max(right, to - y * width);
  }
  if (right - left < fewestPixels || bottom - top < fewestPixels) return { picture: null, origin: [0, 0] };
  // A little of the sheet around it: the reader wants room beside letters.
  left = math.max(0, left - 12); right = math.min(width, right + 13); top = math.max(0, top - 12); bottom = math.min(height, bottom + 13);
  const part = new Uint8Array((right - left) * (bottom - top));
  for (let y = top; y < bottom; y++) part.set(data.subarray(y * width + left, y * width + right), (y - top) * (right - left));
  return { picture: { width: right - left, height: bottom - top, channels: 1, data: part }, origin: [left, top] };
}
/** From here on a pixel is bare paper; no letter is smaller than so many pixels. */
const paper = 250, fewestPixels = 6, math = Math;

function blank(raster: Raster, [x0, y0, x1, y1]: Box): void {
  const s = dpi / 72, left = Math.max(0, Math.floor(x0 * s) - 2), right = Math.min(raster.width, Math.ceil(x1 * s) + 2);
  for (let y = Math.max(0, Math.floor(y0 * s) - 2); y < Math.min(raster.height, Math.ceil(y1 * s) + 2); y++) if (right > left) raster.data.fill(255, y * raster.width + left, y * raster.width + right);
}

/** The words that were read, line by line, with their boxes: in points on a page, in pixels of the picture as it was read elsewhere. */
function passageOf(page: OcrPage, part: string, number: number | null, scale: number, [dx, dy]: Point): Passage | null {
  const lines = new Map<number, typeof page.words>();
  for (const w of page.words) if (w.confidence >= leastConfidence && /[\p{L}\p{N}]/u.test(w.text)) lines.set(w.line, [...(lines.get(w.line) ?? []), w]);
  let text = '';
  const boxes: { start: number; box: Box }[] = [];
  for (const words of lines.values()) {
    boxes.push({ start: text.length, box: [Math.min(...words.map((w) => w.box[0])), Math.min(...words.map((w) => w.box[1])), Math.max(...words.map((w) => w.box[2])), Math.max(...words.map((w) => w.box[3]))].map((v, i) => Math.round((v * scale + (i % 2 === 0 ? dx : dy)) * 10) / 10) as Box });
    text += `${words.map((w) => w.text).join(' ')}\n`;
  }
  return text.trim() ? { part, place: 'imageText', page: number, text, lines: boxes } : null;
}

/** A picture of writing as lines of text, upright; for receipts that come as screenshots or scans. */
export async function pictureText(bytes: Uint8Array, name: string, ocr: Ocr): Promise<string> {
  const { page, rotation, mirrored } = await measurePhoto(bytes, name, { longest: 2600 });
  return (await ocr.read(greymap(enlarged(applyFilter(greyOf(turn(page, rotation, mirrored)), 'grey')).raster))).text;
}
/** The text of a PDF whose pages are pictures. @param most - pages that are read */
export async function scannedText(bytes: Uint8Array, ocr: Ocr, most = 5): Promise<string> {
  return withPdf(bytes, async (pdf, mupdf) => {
    const texts: string[] = [];
    for (let i = 0; i < Math.min(most, pdf.countPages()); i++) {
      const raster = withPage(pdf, i, (page): Raster => {
        const pixmap = page.toPixmap(mupdf.Matrix.scale(200 / 72, 200 / 72), mupdf.ColorSpace.DeviceGray, false, true);
        try { return { width: pixmap.getWidth(), height: pixmap.getHeight(), channels: 1, data: new Uint8Array(pixmap.getPixels()) }; } finally { pixmap.destroy(); }
      });
      texts.push((await ocr.read(greymap(applyFilter(raster, 'grey')))).text);
    }
    return texts.join('\n');
  });
}
