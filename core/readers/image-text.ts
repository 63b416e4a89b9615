import pMap from 'p-map';
import { sha256 } from '../engines/hash.ts';
import { greymap, readAhead, type Ocr, type OcrPage, type OcrWord } from '../engines/ocr.ts';
import { withPage, withPdf, type Matrix, type MupdfModule, type PdfPage, type ShownText } from '../engines/pdf.ts';
import { Package } from '../engines/zip.ts';
import { heed, type Job } from '../model/outcome.ts';
import type { Box, DocumentFacts, Gap, Passage } from '../model/facts.ts';
import { readAnyWayUp, readsLikeWords, turnedBack, type Reading } from '../scan/any-way-up.ts';
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
/** Pages that are drawn while the reader is at work, some 4 MB each: many of them show what has been read already, such as a crest. */
const drawnAhead = 16;
/** Pixels of the longer side; more only takes longer. */
const longestRead = 2200;

/** What was read from a picture, by its pixels, with words where they lie in it: a mend changes the file around a figure and not the figure, and a crest stands on every page.
 * Null: it does not look like writing. */
const kept = new Map<string, Promise<OcrPage | null>>();
const keyOf = async (raster: Raster): Promise<string> => `${raster.width} ${raster.channels} ${await sha256(raster.data)}`;
async function readPicture(raster: Raster, reader: () => Promise<Ocr>): Promise<OcrPage | null> {
  const grey = applyFilter(greyOf(raster), 'grey');
  if (!looksLikeWriting(grey)) return null;
  const { raster: large, factor } = enlarged(grey), page = await (await reader()).read(greymap(large));
  return { ...page, words: page.words.map((w) => ({ ...w, box: w.box.map((v) => v / factor) as OcrWord['box'] })) };
}
function keep(key: string, reading: Promise<OcrPage | null>): void {
  kept.set(key, reading);
  reading.catch(() => kept.delete(key));
  if (kept.size > 200) kept.delete(kept.keys().next().value!);
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
  const { kind } = facts.file, looked = new Set<string>(), unread = new Map<string, Gap>();
  let left = mostPictures;
  const begun = Date.now(), late = (): boolean => Date.now() - begun > mostTime;
  const leave = (part: string, page: number | null): void => { unread.set(`${part}/${page}`, { part, page, why: 'picture' }); };
  /** What a picture says as it lies; null where it is no writing, or is left unread. */
  const says = async (raster: Raster, part: string, page: number | null): Promise<OcrPage | null> => {
    heed(job, facts.file.name);
    looked.add(`${part}/${page}`);
    const key = await keyOf(raster);
    const known = kept.get(key);
    if (known) return known;
    if (left <= 0 || late()) { leave(part, page); return null; }
    left--;
    const reading = readPicture(raster, async () => job.ocr!());
    keep(key, reading);
    const read = await reading;
    if (!read) left++;
    return read;
  };
  const told = (shown: Shown, reading: Reading): Passage[] => { const passage = passageOf(reading, shown); return passage ? [passage] : []; };
  /** A picture that stands alone: what gives no words as it lies waits until all others have had their turn. */
  const take = async (shown: Shown): Promise<Taken> => {
    const page = await says(shown.raster, shown.part, shown.page);
    return page ? { found: told(shown, { page, degrees: 0 }), wrongWayUp: readsLikeWords(page.words) ? [] : [shown] } : nothing;
  };
  let taken: Taken[] = [];
  if (kind === 'pdf' && facts.pages.ok) {
    const wanted = facts.pages.value.filter((p) => p.images > 0 && (p.words === 0 || p.imageShare > 0.01));
    if (wanted.length > 0) await withPdf(bytes, async (pdf, mupdf) => {
      if (pdf.needsPassword()) pdf.authenticatePassword('');
      // While some pages are read the next ones are drawn.
      taken = await pMap(wanted, async ({ number }, i) => {
        heed(job, facts.file.name);
        if (late()) { leave('text', number); return nothing; }
        job.progress?.(i, wanted.length, 'pictures');
        const { raster, pictures, later } = withPage(pdf, number - 1, (page) => ({ raster: pixelsOf(page, mupdf), ...picturesOn(page, mupdf) }));
        // Text that is text is known already; only what pictures show is read.
        for (const p of facts.passages.ok ? facts.passages.value : []) if (p.page === number && p.place !== 'hidden') for (const line of p.lines ?? []) {
          // What was written first and has a picture over it cannot be seen there: the picture says something else.
          const over = later.some((box) => meet(box, line.box)) ? undefined : pictures.find((box) => meet(box, line.box));
          for (const box of over ? [[line.box[0], line.box[1], Math.min(line.box[2], over[0]), line.box[3]], [Math.max(line.box[0], over[2]), line.box[1], line.box[2], line.box[3]]] as Box[] : [line.box]) blank(raster, box);
        }
        const whole = inked(raster);
        looked.add(`text/${number}`);
        if (!whole) return nothing;
        const shown = { raster: whole.picture, origin: whole.origin, scale: 72 / dpi, part: 'text', page: number }, page = await says(shown.raster, 'text', number);
        if (!page) return nothing;
        const wrongWayUp: Shown[] = [];
        // One picture of a page may lie on its side while the next one stands upright.
        for (const [x0, y0, x1, y1] of pictures) {
          const inside = page.words.filter((w) => { const x = ((w.box[0] + w.box[2]) / 2 + shown.origin[0]) * shown.scale, y = ((w.box[1] + w.box[3]) / 2 + shown.origin[1]) * shown.scale; return x > x0 && x < x1 && y > y0 && y < y1; });
          const own = readsLikeWords(inside) ? null : inked(raster, [x0, y0, x1, y1]);
          if (own) wrongWayUp.push({ ...shown, raster: own.picture, origin: own.origin });
        }
        return { found: told(shown, { page, degrees: 0 }), wrongWayUp };
      }, { concurrency: drawnAhead });
    });
  } else if (['jpeg', 'png', 'tiff'].includes(kind)) {
    try {
      const { raster } = await pictureToRead(bytes, facts.file.name, true);
      taken.push(await take({ raster, origin: [0, 0], scale: 1, part: 'picture', page: null }));
    } catch (error) { if (error instanceof Error && 'code' in error && error.code === 'stopped') throw error; /* a picture that cannot be decoded has its own finding */ }
  } else if (['docx', 'docm', 'odt'].includes(kind)) {
    const pack = new Package(bytes);
    taken = await pMap(pack.names().filter((name) => /^(word\/media|Pictures|media)\/.*\.(jpe?g|png|gif|bmp|tiff?)$/i.test(name)), async (name) => {
      try {
        const { raster } = await pictureToRead(pack.part(name)!, name, false);
        if (raster.width >= 60 && raster.height >= 16) return await take({ raster, origin: [0, 0], scale: 1, part: name, page: null });
      } catch (error) { if (error instanceof Error && 'code' in error && error.code === 'stopped') throw error; }
      return nothing;
    }, { concurrency: readAhead });
  }
  const wrongWayUp = taken.flatMap((t) => t.wrongWayUp).slice(0, mostPictures);
  const turned = await pMap(wrongWayUp, async (shown, i) => {
    job.progress?.(i, wrongWayUp.length, 'pictures');
    return (await readAnyWayUp(shown.raster, (picture) => says(picture, shown.part, shown.page), [180, 90, 270])).flatMap((reading) => told(shown, reading));
  }, { concurrency: readAhead });
  facts.passages.value.push(...taken.flatMap((t) => t.found), ...turned.flat());
  facts.passages.gaps = [...facts.passages.gaps.filter((g) => g.why !== 'picture' || !looked.has(`${g.part}/${g.page}`)), ...unread.values()];
}

/** What pictures said, and those that gave no words as they lie. */
interface Taken { found: Passage[]; wrongWayUp: Shown[] }
const nothing: Taken = { found: [], wrongWayUp: [] };
/** A picture as it is read: where it stands, where its corner lies there in pixels, and how large a pixel is there. */
interface Shown { raster: Raster; origin: Point; scale: number; part: string; page: number | null }

function pixelsOf(page: PdfPage, mupdf: MupdfModule, density = dpi): Raster {
  const pixmap = page.toPixmap(mupdf.Matrix.scale(density / 72, density / 72), mupdf.ColorSpace.DeviceGray, false, false);
  try { return { width: pixmap.getWidth(), height: pixmap.getHeight(), channels: 1, data: new Uint8Array(pixmap.getPixels()) }; } finally { pixmap.destroy(); }
}

/** Where pictures lie on a page, in points; the strips of one are one. `later`: where words were written, seen or not, once there was a picture. */
function picturesOn(page: PdfPage, mupdf: MupdfModule): { pictures: Box[]; later: Box[] } {
  const [left, top] = page.getBounds(), boxes: Box[] = [], later: Box[] = [];
  const write = (text: ShownText, ctm: Matrix): void => {
    if (boxes.length > 0) { const b = text.getBounds(null as never, ctm); later.push([b[0] - left, b[1] - top, b[2] - left, b[3] - top]); }
    text.destroy();
  };
  const note = (image: { destroy: () => void }, ...rest: unknown[]): void => {
    image.destroy();
    const [a, b, c, d, e, f] = rest.find((r) => Array.isArray(r) && r.length === 6) as [number, number, number, number, number, number], xs = [e, e + a, e + c, e + a + c], ys = [f, f + b, f + d, f + b + d];
    const box: Box = [Math.min(...xs) - left, Math.min(...ys) - top, Math.max(...xs) - left, Math.max(...ys) - top];
    let at: number;
    while ((at = boxes.findIndex((o) => o[0] <= box[2] + 1 && o[2] >= box[0] - 1 && o[1] <= box[3] + 1 && o[3] >= box[1] - 1)) >= 0) {
      const [other] = boxes.splice(at, 1);
      for (let k = 0; k < 4; k++) box[k] = (k < 2 ? Math.min : Math.max)(box[k]!, other![k]!);
    }
    boxes.push(box);
  };
  const device = new mupdf.Device({ fillImage: note, fillImageMask: note, fillText: write, ignoreText: write } as never);
  try { page.run(device, mupdf.Matrix.identity); } finally { device.destroy(); }
  return { pictures: boxes, later };
}
const meet = (a: Box, b: Box): boolean => a[0] < b[2] && a[2] > b[0] && a[1] < b[3] && a[3] > b[1];

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

/** The part of a page that has anything on it, with the place of its corner; null where it is bare. @param within - points; absent: the whole page */
function inked({ width, height, data }: Raster, within: Box | null = null): { picture: Raster; origin: Point } | null {
  const [fromX, fromY, toX, toY] = within ? within.map((v, i) => math.max(0, math.min(i % 2 === 0 ? width : height, math.round((v * dpi) / 72)))) as Box : [0, 0, width, height];
  let left = width, right = -1, top = -1, bottom = -1;
  // Most of a page is bare: white is passed over four pixels at a time.
  const fours = new Uint32Array(data.buffer, data.byteOffset, data.byteOffset % 4 === 0 ? data.length >> 2 : 0);
  for (let y = fromY; y < toY; y++) {
    let from = y * width + fromX;
    const end = y * width + toX;
    while (from < end && data[from]! >= paper) from += from % 4 === 0 && fours[from >> 2] === white ? 4 : 1;
    if (from >= end) continue;
    let to = end - 1;
    while (data[to]! >= paper) to -= to % 4 === 3 && fours[to >> 2] === white ? 4 : 1;
    if (top < 0) top = y;
    bottom = y; left = math.min(left, from - y * width); right = math.max(right, to - y * width);
  }
  if (right - left < fewestPixels || bottom - top < fewestPixels) return null;
  // A little of the sheet around it: the reader wants room beside letters.
  left = math.max(fromX, left - 12); right = math.min(toX, right + 13); top = math.max(fromY, top - 12); bottom = math.min(toY, bottom + 13);
  const part = new Uint8Array((right - left) * (bottom - top));
  for (let y = top; y < bottom; y++) part.set(data.subarray(y * width + left, y * width + right), (y - top) * (right - left));
  return { picture: { width: right - left, height: bottom - top, channels: 1, data: part }, origin: [left, top] };
}
/** From here on a pixel is bare paper; no letter is smaller than so many pixels. */
const paper = 250, white = 0xffffffff, fewestPixels = 6, math = Math;

function blank(raster: Raster, [x0, y0, x1, y1]: Box): void {
  const s = dpi / 72, left = Math.max(0, Math.floor(x0 * s) - 2), right = Math.min(raster.width, Math.ceil(x1 * s) + 2);
  for (let y = Math.max(0, Math.floor(y0 * s) - 2); y < Math.min(raster.height, Math.ceil(y1 * s) + 2); y++) if (right > left) raster.data.fill(255, y * raster.width + left, y * raster.width + right);
}

/** The words that were read, line by line, with their boxes as they lie: in points on a page, in pixels of the picture elsewhere. */
function passageOf({ page, degrees }: Reading, { raster, origin, scale, part, page: number }: Shown): Passage | null {
  const lines = new Map<number, OcrWord[]>();
  for (const w of page.words) if (w.confidence >= leastConfidence && /[\p{L}\p{N}]/u.test(w.text)) lines.set(w.line, [...(lines.get(w.line) ?? []), w]);
  const placed = ([x, y]: Point): Point => { const [px, py] = turnedBack([x, y], degrees, raster); return [(px + origin[0]) * scale, (py + origin[1]) * scale]; };
  let text = '';
  const boxes: { start: number; box: Box }[] = [];
  for (const words of lines.values()) {
    const a = placed([Math.min(...words.map((w) => w.box[0])), Math.min(...words.map((w) => w.box[1]))]), b = placed([Math.max(...words.map((w) => w.box[2])), Math.max(...words.map((w) => w.box[3]))]);
    boxes.push({ start: text.length, box: [Math.min(a[0], b[0]), Math.min(a[1], b[1]), Math.max(a[0], b[0]), Math.max(a[1], b[1])].map((v) => Math.round(v * 10) / 10) as Box });
    text += `${words.map((w) => w.text).join(' ')}\n`;
  }
  return text.trim() ? { part, place: 'imageText', page: number, text, lines: boxes, ...(degrees !== 0 ? { turned: degrees } : {}) } : null;
}

/** A picture of writing as lines of text, upright; for receipts that come as screenshots or scans. */
export async function pictureText(bytes: Uint8Array, name: string, ocr: Ocr): Promise<string> {
  const { page, rotation, mirrored } = await measurePhoto(bytes, name, { longest: 2600 });
  return textOf(applyFilter(greyOf(turn(page, rotation, mirrored)), 'grey'), ocr);
}
/** The text of a PDF whose pages are pictures. @param most - pages that are read */
export async function scannedText(bytes: Uint8Array, ocr: Ocr, most = 5): Promise<string> {
  return withPdf(bytes, async (pdf, mupdf) => {
    const pages = Array.from({ length: Math.min(most, pdf.countPages()) }, (_, i) => i);
    return (await pMap(pages, (i) => textOf(applyFilter(withPage(pdf, i, (page) => pixelsOf(page, mupdf, 200)), 'grey'), ocr), { concurrency: readAhead })).join('\n');
  });
}
const textOf = async (grey: Raster, ocr: Ocr): Promise<string> => (await readAnyWayUp(grey, (turned) => ocr.read(greymap(enlarged(turned).raster)))).map((r) => r.page.text).join('\n');
