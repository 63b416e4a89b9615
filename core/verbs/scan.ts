import pMap from 'p-map';
import { judgePhoto } from '../checks/photo/photo.ts';
import { greymap, type Ocr } from '../engines/ocr.ts';
import { CannotDo, heed, type Job } from '../model/outcome.ts';
import type { PhotoFacts } from '../model/facts.ts';
import type { FindingStanding } from '../model/finding.ts';
import { say } from '../messages/en.ts';
import { sniffKind } from '../readers/kind.ts';
import { applyFilter, type Filter } from '../scan/filters.ts';
import { measurePhoto } from '../scan/measure.ts';
import { rulingOf } from '../scan/ruling.ts';
import type { UprightSign } from '../scan/upright.ts';
import { greyOf, shrinkTo, turn, type Quad, type Raster } from '../scan/raster.ts';
import { encodeJpeg, writePages } from '../scan/write-pages.ts';
import type { SourceFile } from './check.ts';

/** A page made from a photo. `corners`: of the sheet, in pixels of the stored photo, clockwise from its top left; `rotation`: clockwise, from the
 * stored pixels to the upright page; `widthPx`, `heightPx`: of the page that was made. */
export interface ScannedPage { photo: string; sharpness: number; standing: FindingStanding; reason: string | null; findings: { check: string; standing: FindingStanding; message: string }[]; corners: Quad; rotation: number; widthPx: number; heightPx: number }
export interface Scanned { bytes: Uint8Array; pages: ScannedPage[] }
/** What the student set by hand for one photo; anything absent is found. */
export interface PhotoWish { corners?: Quad; turn?: number; filter?: Filter }

/** 200 dots per inch on A4: what print needs, and a tenth of what a camera gives. */
const longestPx = 2339;

/** Photos of sheets to one PDF in the order given: cut to the sheet, straightened, upright, evenly lit, and each judged.
 * @throws {CannotDo} `unsupported` for what is no photo, `unreadable` for a damaged one, with its name */
export async function scanPhotos(photos: SourceFile[], filter: Filter = 'colour', job: Job = {}, wishes: PhotoWish[] = []): Promise<Scanned> {
  const { pages, rasters } = await flatPages(photos, filter, job, wishes);
  return { bytes: await writePages(rasters), pages };
}
/** The sheet of one photo as a JPEG of its own, for where a picture is asked for: without what the camera said about itself. @throws {CannotDo} as {@link scanPhotos} */
export async function straightenPhoto(photo: SourceFile, filter: Filter = 'colour', job: Job = {}, wish: PhotoWish = {}): Promise<Scanned> {
  const { pages, rasters } = await flatPages([photo], filter, job, [wish]);
  return { bytes: await encodeJpeg(rasters[0]!.raster, 88), pages };
}
async function flatPages(photos: SourceFile[], filter: Filter, job: Job, wishes: PhotoWish[]): Promise<{ pages: ScannedPage[]; rasters: { raster: Raster; bilevel: boolean }[] }> {
  let done = 0;
  // While the words of one page are read, to see which way up it is, the next is measured.
  const sheets = await pMap(photos, async (photo, i) => {
    heed(job, photo.name);
    job.progress?.(done, photos.length, photo.name);
    const { kind, troubles } = sniffKind(photo.bytes, photo.name), cut = troubles.find((t) => t.code === 'truncated');
    if (kind === 'heic') throw new CannotDo('unsupported', 'This photo is in a form (HEIC) that cannot be opened here.', 'Set the camera to JPEG, or export the photo as JPEG.', photo.name);
    if (!['jpeg', 'png', 'tiff'].includes(kind)) throw new CannotDo('unsupported', kind === 'empty' ? 'The file has 0 bytes.' : `This is no photo (${kind}).`, 'Bring photos as JPEG, PNG or TIFF.', photo.name);
    const wish = wishes[i] ?? {}, measured = await measurePhoto(photo.bytes, photo.name, { corners: wish.corners, longest: longestPx, readUp: job.ocr ? async (page, along) => whichWayUp(await job.ocr!(), page, along) : undefined });
    const used = wish.filter ?? filter, rotation = wish.turn ?? measured.rotation;
    const flat = turn(applyFilter(measured.page, used), rotation, measured.mirrored);
    const findings = findingsOf(measured.facts);
    if (cut) findings.unshift({ check: 'file.truncated', standing: 'stops', message: say('file.truncated', 'truncated', { why: cut.text }) });
    const worst = findings.find((f) => f.standing === 'stops') ?? findings.find((f) => f.standing === 'look') ?? null;
    const page: ScannedPage = { photo: photo.name, sharpness: measured.facts.sharpness ?? 0, standing: worst?.standing ?? 'fine', reason: worst?.message ?? null, findings, corners: measured.found.quad.map(([x, y]) => [Math.round(x * 10) / 10, Math.round(y * 10) / 10]) as Quad, rotation, widthPx: flat.width, heightPx: flat.height };
    done++;
    return { page, raster: { raster: flat, bilevel: used === 'ink' } };
  }, { concurrency: 2 });
  job.progress?.(photos.length, photos.length, '');
  return { pages: sheets.map((f) => f.page), rasters: sheets.map((f) => f.raster) };
}

/** Looks at one photo before pages are made: corners, turn and judgement, for a person to correct. */
export async function sheetOf(photo: SourceFile, job: Job = {}): Promise<{ corners: Quad; rotation: number; width: number; height: number; findings: ScannedPage['findings'] }> {
  const { found, rotation, width, height, facts } = await measurePhoto(photo.bytes, photo.name, { readUp: job.ocr ? async (page, along) => whichWayUp(await job.ocr!(), page, along) : undefined });
  return { corners: found.quad, rotation, width, height, findings: findingsOf(facts) };
}
const findingsOf = (facts: PhotoFacts): ScannedPage['findings'] => judgePhoto(facts).map(({ check, draft }) => ({ check, standing: draft.standing, message: say(check, draft.key, draft.data) }));

/** The page white and even, with the lines of ruled and squared paper wiped out. */
function withoutRuling(grey: Raster): Raster {
  const even = applyFilter(grey, 'grey'), black = applyFilter(grey, 'ink'), ruling = rulingOf({ ...black, data: black.data.map((v) => (v === 0 ? 1 : 0)) });
  return ruling ? { ...even, data: even.data.map((v, i) => (ruling[i] === 1 || ruling[i - 1] === 1 || ruling[i + 1] === 1 || ruling[i - even.width] === 1 || ruling[i + even.width] === 1 ? 255 : v)) } : even;
}

/** Reads a page all four ways, or the two in which its lines run, and takes the one that reads best; null when none reads like print. Asked only where the lines
 * themselves do not tell. Two ways are read at a time, as far as there are readers. */
async function whichWayUp(ocr: Ocr, page: Raster, along: UprightSign['along']): Promise<{ turn: 0 | 90 | 180 | 270; sure: number } | null> {
  const small = withoutRuling(shrinkTo(greyOf(page), 1400)), scores: { turn: 0 | 90 | 180 | 270; score: number }[] = [], pairs = ([[0, 180], [90, 270]] as const).filter(([first]) => along === null || first === along);
  for (const pair of pairs) {
    const read = await Promise.all(pair.map(async (degrees) => {
      const { words } = await ocr.read(greymap(turn(small, degrees))), good = words.filter((w) => w.confidence > 70 && /^[\p{L}]{3,}/u.test(w.text));
      scores.push({ turn: degrees, score: good.length });
      return good.length > 40 && good.length > words.length * 0.8;
    }));
    if (read.includes(true)) break;
  }
  const [best, next] = scores.sort((a, b) => b.score - a.score);
  if (!best || best.score < 4) return null;
  return { turn: best.turn, sure: Math.min(1, (best.score - (next?.score ?? 0)) / best.score) };
}
