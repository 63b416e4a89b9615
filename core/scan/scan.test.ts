import { beforeAll, expect, test } from '@jest/globals';
import { withPdf } from '../engines/pdf.ts';
import { drawnPage, photograph, photoFile, type Shot } from '../testing/photo.ts';
import { plainPicture } from '../testing/plant.ts';
import { sniffKind } from '../readers/kind.ts';
import { metadataSegments } from '../readers/image/segments.ts';
import { scanPhotos, straightenPhoto } from '../verbs/scan.ts';
import { photoLevels } from '../checks/photo/photo.ts';
import { likeness } from '../checks/photo/duplicates.ts';
import { applyFilter } from './filters.ts';
import { flatten, mapOfUnitSquare, shapeOf } from './flatten.ts';
import { measurePhoto } from './measure.ts';
import { decodePhoto, quantile, greyOf, turn, type Quad, type Raster } from './raster.ts';
import { rulingOf } from './ruling.ts';
import { sharpnessOf } from './sharpness.ts';
import { uprightOf } from './upright.ts';

const prose = 'Sediment budgets of a realigned saltmarsh show how each flood tide carries silt and clay over its surface while ebb currents export only little. Plants slow the water, and what settles among the stems is held by roots. Measured by traps, pins and radar, the yearly gain is between four and nine millimetres, higher near the creeks. ';
const other = 'Bridges of cast iron were built from parts that two men could carry. Their makers tested every rib with weights and kept a book of the results. Later builders read the book and left out what had never been needed. ';
let page: Raster, otherPage: Raster;
beforeAll(async () => { page = await drawnPage(`${prose}${prose}\n${prose}\n${prose}${prose}`, { title: 'Results', dpi: 130, size: 13 }); otherPage = await drawnPage(`${other}\n${other}${other}\n${other}${other}${other}`, { dpi: 130, size: 13 }); }, 60_000);

const sheet: Quad = [[270, 100], [1000, 140], [1064, 1216], [192, 1178]], frame = { width: 1280, height: 1344 };
const named = (name: string, bytes: Uint8Array) => ({ path: name, name, bytes });
const off = (found: Quad, real: Quad): number => Math.max(...real.map((c) => Math.min(...found.map((f) => Math.hypot(f[0] - c[0], f[1] - c[1])))));
const shoot = async (shot: Partial<Shot>, from = page) => measurePhoto(await photoFile(photograph(from, { ...frame, quad: sheet, ...shot })), 'photo.jpg');

/** Light with the soft shadow of whoever takes the photo: its edge crosses the sheet, and the desk beside it is as light as the paper in the shadow. */
const underHand = (x: number, y: number): number => 0.95 - 0.42 / (1 + Math.exp(-(x + 0.4 * y - 0.75) / 0.03));

test.each<[string, Partial<Shot>]>([['a wooden desk', {}], ['a light desk', { desk: [205, 195, 180] }], ['a white desk, hardly darker than the sheet', { desk: [232, 232, 230] }], ['a white desk with the lamp at one side', { desk: [226, 226, 224], light: (x) => 1 - 0.28 * x }], ['and at the top', { desk: [226, 226, 224], light: (_, y) => 1 - 0.25 * y }], ['a blue cloth', { desk: [60, 90, 160] }], ['lamp light with a shadow over it', { light: (x, y) => 0.95 - 0.6 * x * y }], ['dusk', { light: () => 0.3 }], ['yellow paper', { paper: [1, 0.93, 0.75] }], ['pink paper on a white desk', { desk: [240, 240, 239], paper: [0.98, 0.8, 0.84] }], ['blue paper on a white desk, half of it in shadow', { desk: [240, 240, 239], paper: [0.75, 0.85, 0.96], light: (x, y) => (x + y < 1 ? 0.92 : 0.55) }], ['a light desk with the soft shadow of a hand over half of the sheet', { desk: [205, 195, 180], light: underHand }], ['a striped desk with such a shadow', { desk: [150, 165, 180], light: underHand }], ['grain', { grain: 18 }], ['a blurred photo', { blur: 3 }]])('the sheet’s corners are found on %s, within a two-hundredth of the photo', async (_, shot) => {
  const m = await shoot(shot);
  expect(m.found.whole).toBe(false);
  expect(off(m.found.quad, sheet)).toBeLessThan(6.5);
});
test('a page that fills the photo is taken whole, a box drawn on it is no sheet', async () => {
  const boxed = { ...page, data: page.data.slice() };
  for (let y = 200; y < 900; y++) for (let x = 150; x < 900; x++) if (y < 206 || y >= 894 || x < 156 || x >= 894) boxed.data.fill(0, (y * page.width + x) * 3, (y * page.width + x) * 3 + 3);
  const m = await measurePhoto(await photoFile(boxed), 'flat.jpg');
  expect([m.found.whole, m.found.quad[2]]).toEqual([true, [page.width, page.height]]);
});
test('a block of writing in blue ink is no tinted sheet', async () => {
  const inked = { ...page, data: page.data.slice() };
  for (let y = 150; y < 950; y++) for (let x = 120; x < 950; x++) if ((x >> 2) % 3 === 0 && (y % 14) < 9) inked.data.set([40, 60, 190], (y * page.width + x) * 3);
  expect((await measurePhoto(await photoFile(inked), 'blue.jpg')).found.whole).toBe(true);
});
/** A page on squared paper. */
const squared = (from: Raster, colour: [number, number, number]): Raster => { const data = from.data.slice(); for (let y = 0; y < from.height; y++) for (let x = 0; x < from.width; x++) if ((y % 30 < 2 || x % 30 < 2) && data[(y * from.width + x) * 3]! > 200) data.set(colour, (y * from.width + x) * 3); return { ...from, data }; };
test.each([[0], [90], [180], [270]] as const)('writing on squared paper turned by %i° is seen to be so', (degrees) => {
  expect(uprightOf(turn(greyOf(squared(page, [110, 140, 195])), degrees)).turn).toBe((360 - degrees) % 360);
});
test.each([[0], [90], [180], [270]] as const)('handwriting of stems one beside the other, turned by %i°, is seen to be so', (degrees) => {
  const data = new Uint8Array(800 * 1100).fill(245), sheet: Raster = { width: 800, height: 1100, channels: 1, data };
  // Words of stems 9 pixels apart, 3 thick and 16 high on lines 44 apart, joined above or below like m and u; every fifth rises, every eleventh hangs.
  for (let line = 0; line < 20; line++) for (let stem = 0; stem < 66; stem++) {
    if ((stem + 3 * line) % 8 === 0) continue;
    const x = 90 + stem * 9 + ((line * 5) % 9) + ((stem * (line + 2)) % 4), base = 120 + line * 44, top = base - (stem % 5 === 2 ? 34 : 16), foot = base + (stem % 11 === 5 ? 14 : 0);
    for (let y = top; y <= foot; y++) data.fill(40, y * 800 + x, y * 800 + x + 3);
    const joint = stem % 4 < 2 ? base - 16 : base - 3;
    for (let y = joint; y < joint + 3; y++) data.fill(40, y * 800 + x, y * 800 + x + 9);
  }
  const sign = uprightOf(turn(sheet, degrees));
  expect(sign.turn).toBe((360 - degrees) % 360);
  expect(sign.sure).toBeGreaterThan(0.75);
});
test.each([0, 90, 180, 270] as const)('which way the lines of a page turned by %i° run is plain: two ways have to be read, not four', (degrees) => { expect(uprightOf(turn(greyOf(page), degrees)).along).toBe(degrees % 180); });
test('where no lines gather one way, all four ways are left open', () => { expect(uprightOf({ width: 600, height: 800, channels: 1, data: new Uint8Array(480_000).map((_, i) => (i * 7919 % 31 === 0 ? 30 : 245)) }).along).toBeNull(); });
test('the lines of squared paper are wiped out and the writing is left; typed lines and underlines are no ruling', () => {
  const inkOf = (r: Raster): Raster => { const b = applyFilter(greyOf(r), 'ink'); return { ...b, data: b.data.map((v) => (v === 0 ? 1 : 0)) }; };
  const plain = inkOf(page), ruled = inkOf(squared(page, [110, 140, 195])), mask = rulingOf(ruled)!, count = (d: Uint8Array): number => d.reduce((n, v) => n + v, 0);
  expect(count(mask)).toBeGreaterThan(count(ruled.data) * 0.5);
  const left = ruled.data.map((v, i) => (mask[i] === 1 ? 0 : v)), kept = left.filter((v, i) => v === 1 && plain.data[i] === 1).length;
  expect(kept / count(plain.data)).toBeGreaterThan(0.6); // a fifth of the sheet are lines, and what lies on them goes with them
  expect(count(left) / count(plain.data)).toBeLessThan(1.3);
  expect(rulingOf(plain)).toBeNull();
});
test('a sheet that runs out of the photo is told', async () => {
  const m = await shoot({ width: 900 });
  expect([m.found.cut, m.facts.cut]).toEqual([1, 1]);
});
test.each([[0, [0, 1, 2, 3]], [90, [3, 0, 1, 2]], [180, [2, 3, 0, 1]], [270, [1, 2, 3, 0]]] as const)('writing that has to be turned by %i° is, without any flag', async (degrees, order) => {
  // The photo shows the upright sheet turned the other way, so that this turn brings it back.
  const wide: Quad = [[90, 120], [1180, 90], [1150, 930], [120, 900]], tall = sheet, corners = degrees % 180 ? wide : tall;
  const quad = order.map((k) => corners[k]!) as unknown as Quad, m = await shoot({ quad: [0, 1, 2, 3].map((i) => quad[[0, 1, 2, 3][i]!]!) as Quad, ...(degrees % 180 ? { width: 1280, height: 1020 } : {}) });
  expect(m.rotation).toBe((360 - [0, 270, 180, 90][[0, 90, 180, 270].indexOf(degrees)]!) % 360);
});
test.each([[34, 900, 300], [20, 1200, 260], [48, 1400, 420], [28, 700, 500]])('a few lines on a wide picture (letters of %i points, %i by %i pixels) stand as they are, and are seen to lie on their side where they do', async (size, width, height) => {
  const drawn = await drawnPage('Field notes of the north creek\nSilt and clay, by Nina', { dpi: 72, size }), data = new Uint8Array(width * height * 3).fill(255);
  // The page's own margins are cut away: a picture of some lines and hardly more.
  for (let y = 0; y < height; y++) for (let x = 0; x < Math.min(width, drawn.width - 40); x++) for (let k = 0; k < 3; k++) data[(y * width + x) * 3 + k] = drawn.data[((y + 40) * drawn.width + x + 40) * 3 + k] ?? 255;
  const wide: Raster = { width, height, channels: 3, data };
  expect((await measurePhoto(await photoFile(wide, 'png'), 'note.png')).rotation).toBe(0);
  expect([uprightOf(greyOf(wide)).turn % 180, uprightOf(turn(greyOf(wide), 90)).turn % 180]).toEqual([0, 90]);
});
test('the camera’s flag is heeded; writing that plainly says otherwise outweighs it', async () => {
  const upright = photograph(page, { ...frame, quad: sheet }), lying = turn(upright, 270);
  expect((await measurePhoto(await photoFile(lying, 'jpeg', 6), 'a.jpg')).rotation).toBe(90);
  expect((await measurePhoto(await photoFile(upright, 'jpeg', 6), 'b.jpg')).rotation).toBe(0);
});
test('sharpness falls with blur, is judged on the sheet and not on the desk, and grain is none', async () => {
  const at = async (shot: Partial<Shot>): Promise<number> => (await shoot(shot)).facts.sharpness!;
  const [sharp, grainy, soft, smeared, lost] = [await at({}), await at({ grain: 14 }), await at({ blur: 1.3 }), await at({ smear: 3 }), await at({ blur: 4 })];
  expect(sharp).toBeGreaterThan(0.42); expect(grainy).toBeGreaterThan(0.42);
  expect(soft).toBeLessThan(sharp * 0.75); expect(smeared).toBeLessThan(0.3); expect(lost).toBeLessThan(0.2); expect(lost).toBeLessThan(soft);
  // A desk with hard stripes all around does not make a blurred page sharp.
  const striped = photograph(page, { ...frame, quad: sheet, blur: 4 });
  for (let y = 0; y < striped.height; y++) for (let x = 0; x < 150; x++) striped.data.fill(x % 8 < 4 ? 20 : 120, (y * striped.width + x) * 3, (y * striped.width + x) * 3 + 3);
  expect((await measurePhoto(await photoFile(striped), 's.jpg')).facts.sharpness).toBeLessThan(0.2);
  expect(sharpnessOf({ width: 400, height: 600, channels: 1, data: new Uint8Array(240_000).fill(230) })).toBeNull();
});
test('a sheet’s shape comes back from its picture in perspective', () => {
  // A sheet of 210 × 297 before a camera of focal length 1000 pixels, turned about two axes (pinhole model).
  const project = (x: number, y: number): [number, number] => { const a = 0.5, b = 0.35, X = x * Math.cos(b) - y * Math.sin(b) * Math.sin(a), Y = y * Math.cos(a), Z = 900 + x * Math.sin(b) + y * Math.cos(b) * Math.sin(a); return [600 + (1000 * X) / Z, 800 + (1000 * Y) / Z]; };
  const quad: Quad = [project(-105, -148.5), project(105, -148.5), project(105, 148.5), project(-105, 148.5)];
  expect(shapeOf(quad, 1200, 1600)).toBeGreaterThan(210 / 297 - 0.03);
  expect(shapeOf(quad, 1200, 1600)).toBeLessThan(210 / 297 + 0.03);
  const m = mapOfUnitSquare(quad), at = (u: number, v: number) => [(m.a * u + m.b * v + m.c) / (m.g * u + m.h * v + 1), (m.d * u + m.e * v + m.f) / (m.g * u + m.h * v + 1)];
  [[0, 0], [1, 0], [1, 1], [0, 1]].forEach(([u, v], k) => quad[k]!.forEach((c, i) => expect(at(u!, v!)[i]).toBeCloseTo(c, 6)));
});
test('flattening gives the page back', () => {
  const photo = photograph(page, { ...frame, quad: sheet, grain: 0, light: () => 1 }), flat = flatten(photo, sheet, 500, 707), real = flatten(page, [[0, 0], [page.width, 0], [page.width, page.height], [0, page.height]], 500, 707);
  expect(likeness([...greyOf(flat).data], [...greyOf(real).data])).toBeGreaterThan(0.9);
});
test('filters: colour and grey make the paper white under a shadow, ink has two levels, photo changes nothing', async () => {
  const flat = (await shoot({ light: (x, y) => 0.95 - 0.55 * x * y })).page;
  expect(quantile(greyOf(flat), 0.1)).toBeLessThan(200);
  const colour = applyFilter(flat, 'colour'), grey = applyFilter(flat, 'grey'), ink = applyFilter(flat, 'ink');
  expect([colour.channels, grey.channels]).toEqual([3, 1]);
  expect(quantile(greyOf(colour), 0.15)).toBe(255);
  expect(new Set(ink.data).size).toBe(2);
  const black = ink.data.filter((v) => v === 0).length / ink.data.length;
  expect(black).toBeGreaterThan(0.02); expect(black).toBeLessThan(0.12);
  expect(applyFilter(flat, 'photo')).toBe(flat);
});
test('writing of the other side is a ghost, a clean page has none', async () => {
  const mirrored = turn(otherPage, 0, true), through = { ...page, data: page.data.map((v, i) => Math.min(v, 200 + 0.2 * mirrored.data[i]!)) };
  const ghost = (await shoot({}, through)).facts.ghost;
  expect(ghost).toBeGreaterThan(photoLevels.ghost); expect(ghost).toBeLessThan(photoLevels.pencil);
  expect((await shoot({})).facts.ghost).toBeLessThan(0.05);
  // Fainter than that, beside little writing of this side, it is told as well; the grain of a photo at dusk is not.
  const little = { ...page, data: page.data.map((v, i) => Math.min(i > page.data.length * 0.2 ? 255 : v, 214 + 0.16 * mirrored.data[i]!)) };
  expect((await shoot({}, little)).facts.ghost).toBeGreaterThan(photoLevels.ghost);
  for (const grain of [20, 34]) expect((await shoot({ light: () => 0.55, grain })).facts.ghost).toBeLessThan(0.02);
});
test('a reflection that burns out a part of the sheet is told; white paper in good light and an even photo that is too light are none', async () => {
  const spot = (x: number, y: number): number => 0.85 + 1.2 * Math.exp(-(((x - 0.55) / 0.11) ** 2 + ((y - 0.4) / 0.09) ** 2));
  expect((await shoot({ light: spot })).facts.glare).toBeGreaterThan(photoLevels.glare);
  for (const light of [() => 0.85, () => 1, () => 1.4, (x: number) => 0.7 + 0.4 * x]) expect((await shoot({ light })).facts.glare).toBeLessThan(photoLevels.glare);
});
test('the hard edge of a shadow is no ghost', async () => { expect((await shoot({ light: (x) => (x < 0.5 ? 0.55 : 1) })).facts.ghost).toBeLessThan(0.05); });
test.each([['ruled', false], ['squared', true]])('%s paper has no ghost', async (_, squared) => {
  const lines = { ...page, data: page.data.map((v, i) => { const at = Math.floor(i / page.channels), x = at % page.width, y = Math.floor(at / page.width), every = Math.round(page.width / 28); return y % every < 2 || squared && x % every < 2 ? Math.min(v, 205) : v; }) };
  expect((await shoot({}, lines)).facts.ghost).toBeLessThan(photoLevels.ghost);
});
test('two photos of one page are alike, photos of two pages are not', async () => {
  const first = await shoot({}), again = await shoot({ quad: [[300, 90], [1050, 180], [1010, 1250], [220, 1190]], blur: 0.7, light: (x) => 0.6 + 0.3 * x, grainSeed: 3 }), second = await shoot({}, otherPage);
  expect(likeness(first.facts.print, again.facts.print)).toBeGreaterThan(0.9);
  expect(likeness(first.facts.print, second.facts.print)).toBeLessThan(0.8);
});
test('scan: one PDF in the order given, pages upright on A4, no metadata, each photo judged', async () => {
  const good = await photoFile(photograph(page, { width: 1700, height: 2200, quad: [[150, 120], [1520, 130], [1530, 2070], [140, 2060]] })), bad = await photoFile(photograph(otherPage, { ...frame, quad: sheet, blur: 5 })), seen: string[] = [];
  for (const filter of ['colour', 'ink'] as const) {
    const { bytes, pages } = await scanPhotos([named('b.jpg', bad), named('a.jpg', good)], filter, { progress: (_, __, what) => seen.push(what) });
    expect(pages.map((p) => [p.photo, p.standing])).toEqual([['b.jpg', 'stops'], ['a.jpg', 'fine']]);
    expect(pages[0]!.findings.map((f) => f.check)).toContain('photo.sharpness');
    expect(pages[0]!.reason).toMatch(/blurred/);
    await withPdf(bytes, (pdf) => {
      expect(pdf.countPages()).toBe(2);
      const one = pdf.loadPage(1);
      try { expect(one.getBounds().map(Math.round)).toEqual([0, 0, 595, 842]); } finally { one.destroy(); }
      expect(pdf.getTrailer().get('Info').isNull()).toBe(true);
    });
  }
  expect(seen).toContain('a.jpg');
}, 60_000);
test('one photo becomes a picture of its sheet alone: upright, straight, white, and silent about the camera', async () => {
  const photo = named('note.jpg', await photoFile(photograph(page, { ...frame, quad: sheet }), 'jpeg', 1)), { bytes, pages } = await straightenPhoto(photo, 'grey');
  expect([sniffKind(bytes, 'a.jpg').kind, metadataSegments(bytes)]).toEqual(['jpeg', []]);
  const raster = await decodePhoto(bytes, 'a.jpg'), upright = await measurePhoto(bytes, 'a.jpg');
  expect([raster.width, raster.height]).toEqual([pages[0]!.widthPx, pages[0]!.heightPx]);
  expect(raster.height / raster.width).toBeGreaterThan(1.2);
  // What was cut out needs no cutting and no turning again, and the desk is gone.
  expect([upright.rotation, upright.found.whole]).toEqual([0, true]);
  expect(quantile(greyOf(raster), 0.6)).toBeGreaterThan(235);
  // Set by hand: corners and turn are taken as given.
  const byHand = await straightenPhoto(photo, 'photo', {}, { corners: [[0, 0], [640, 0], [640, 672], [0, 672]], turn: 90 });
  expect([byHand.pages[0]!.rotation, byHand.pages[0]!.corners[2]]).toEqual([90, [640, 672]]);
  await expect(straightenPhoto(named('a.txt', new TextEncoder().encode('words')))).rejects.toMatchObject({ code: 'unsupported', file: 'a.txt' });
});
test('what is no photo is refused by name', async () => {
  const png = await plainPicture('png');
  await expect(scanPhotos([named('notes.txt', new TextEncoder().encode('hello there'))])).rejects.toMatchObject({ code: 'unsupported', file: 'notes.txt' });
  await expect(scanPhotos([named('cut.png', png.subarray(0, 10))])).rejects.toMatchObject({ file: 'cut.png' });
  const whole = await photoFile(page), cut = await scanPhotos([named('cut.jpg', whole.subarray(0, whole.length >> 1))]);
  expect(cut.pages[0]!.findings.map((f) => `${f.check} ${f.standing}`)).toContain('file.truncated stops');
  await expect(scanPhotos([named('none.jpg', new Uint8Array())])).rejects.toMatchObject({ code: 'unsupported' });
});
