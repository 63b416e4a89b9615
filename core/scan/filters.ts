import { blurBox, closing, greyOf, shrinkTo, type Raster } from './raster.ts';

/** Looked up once: in a sandbox each look at a global costs more than the pixel it is for. */
const math = Math;

/** How a page is printed from its photo: `photo` leaves the light as it was; `colour` and `grey` make the paper white and even; `ink` is black on white. */
export const filters = ['colour', 'grey', 'ink', 'photo'] as const;
export type Filter = (typeof filters)[number];

export function applyFilter(page: Raster, filter: Filter): Raster {
  if (filter === 'photo') return page;
  const even = whitePaper(filter === 'colour' ? page : greyOf(page));
  return filter === 'ink' ? inkOnly(even) : even;
}

/** What the bare sheet looks like everywhere: the page small, its writing wiped off, made smooth. One raster for each channel. */
export function paperOf(page: Raster): Raster[] {
  const small = shrinkTo(page, 200), radius = math.max(3, math.round(math.max(small.width, small.height) / 34));
  return Array.from({ length: small.channels }, (_, k) => {
    const one = new Uint8Array(small.width * small.height);
    for (let i = 0; i < one.length; i++) one[i] = small.data[i * small.channels + k]!;
    return blurBox(closing({ width: small.width, height: small.height, channels: 1, data: one }, radius), math.max(2, radius >> 1));
  });
}

/** Light that a sheet keeps after division by its paper: what is lighter than `white` is paper or the other side shining through, `black` is full ink. */
const white = 0.9, black = 0.16;

/** Divides by the paper's own light, so that shadows and yellow lamps go, then stretches from ink to paper.
 * A pale tint stays: where a channel lies far from the others the stretch is the same for all three. */
function whitePaper(page: Raster): Raster {
  const { width: w, height: h, channels: c } = page, papers = paperOf(page), data = new Uint8Array(page.data.length), pw = papers[0]!.width, ph = papers[0]!.height;
  const curve = new Uint8Array(1025);
  for (let i = 0; i <= 1024; i++) { const t = math.min(1, math.max(0, (i / 1024 - black) / (white - black))); curve[i] = math.round(255 * (t < 1 ? t ** 1.15 : 1)); }
  const left = new Uint16Array(w), part = new Float32Array(w);
  for (let x = 0; x < w; x++) { const px = math.min(pw - 1.001, math.max(0, ((x + 0.5) * pw) / w - 0.5)); left[x] = px | 0; part[x] = px - left[x]!; }
  for (let y = 0, i = 0; y < h; y++) {
    const py = math.min(ph - 1.001, math.max(0, ((y + 0.5) * ph) / h - 0.5)), iy = math.max(0, py | 0), fy = py - iy;
    for (let x = 0; x < w; x++) {
      const fx = part[x]!, at = iy * pw + left[x]!;
      for (let k = 0; k < c; k++, i++) {
        const p = papers[k]!.data, light = (p[at]! * (1 - fx) + p[at + 1]! * fx) * (1 - fy) + (p[at + pw]! * (1 - fx) + p[at + pw + 1]! * fx) * fy;
        data[i] = curve[math.min(1024, ((page.data[i]! / math.max(1, light)) * 1024) | 0)]!;
      }
    }
  }
  return { ...page, data };
}

/** Black where a pixel is clearly darker than its surroundings: the local level follows mean and deviation.
 * Source: J. Sauvola, M. Pietikäinen, Adaptive document image binarization (2000), with k = 0.2, R = 128 (from memory). */
function inkOnly(grey: Raster): Raster {
  const radius = math.max(6, math.round(math.max(grey.width, grey.height) / 110)), mean = blurBox(grey, radius), squares = new Uint8Array(grey.data.length), data = new Uint8Array(grey.data.length);
  for (let i = 0; i < squares.length; i++) squares[i] = math.min(255, math.abs(grey.data[i]! - mean.data[i]!) * 2);
  const deviation = blurBox({ ...grey, data: squares }, radius);
  for (let i = 0; i < data.length; i++) {
    const level = mean.data[i]! * (1 + 0.2 * (deviation.data[i]! / 2 / 100 - 1));
    data[i] = grey.data[i]! < math.min(level, 200) ? 0 : 255;
  }
  return { ...grey, data };
}
