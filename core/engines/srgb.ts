/** A colour profile that says what the numbers of sRGB mean, made from the published primaries and curve.
 * Sources: IEC 61966-2-1:1999 (primaries, white, curve); ICC.1:2001-04, 6.1 (header), 6.3 (tags), 6.5 (types); Bradford adaptation to D50 as in ICC.1:2010, annex E.
 * @returns the bytes of a display profile of version 2.1 */
export function srgbProfile(): Uint8Array {
  const bytes: number[] = [];
  const u32 = (n: number): number[] => [(n >>> 24) & 255, (n >>> 16) & 255, (n >>> 8) & 255, n & 255], u16 = (n: number): number[] => [(n >>> 8) & 255, n & 255];
  const ascii = (s: string): number[] => Array.from(s, (c) => c.charCodeAt(0)), fixed = (x: number): number[] => u32(Math.round(x * 65536));
  const xyz = (v: readonly number[]): number[] => [...ascii('XYZ '), ...u32(0), ...v.flatMap(fixed)];
  const words = (s: string): number[] => [...ascii('text'), ...u32(0), ...ascii(s), 0];
  const name = 'sRGB', description = [...ascii('desc'), ...u32(0), ...u32(name.length + 1), ...ascii(name), 0, ...u32(0), ...u32(0), ...u16(0), 0, ...Array<number>(67).fill(0)];
  const curve = [...ascii('curv'), ...u32(0), ...u32(1024), ...Array.from({ length: 1024 }, (_, i) => u16(Math.round(linear(i / 1023) * 65535))).flat()];
  const [red, green, blue] = adaptedPrimaries();
  const tags: [string, number[]][] = [['desc', description], ['cprt', words('No copyright, use freely')], ['wtpt', xyz(d50)], ['rXYZ', xyz(red!)], ['gXYZ', xyz(green!)], ['bXYZ', xyz(blue!)], ['rTRC', curve], ['gTRC', curve], ['bTRC', curve]];
  const table: number[] = [], data: number[] = [], placed = new Map<number[], [number, number]>(), start = 128 + 4 + tags.length * 12;
  for (const [tag, content] of tags) {
    let at = placed.get(content);
    if (!at) { at = [start + data.length, content.length]; placed.set(content, at); data.push(...content); while (data.length % 4 !== 0) data.push(0); }
    table.push(...ascii(tag), ...u32(at[0]), ...u32(at[1]));
  }
  const size = start + data.length;
  // A fixed date: the profile is the same in every file, and says nothing about when the file was made.
  bytes.push(...u32(size), ...u32(0), ...u32(0x02100000), ...ascii('mntr'), ...ascii('RGB '), ...ascii('XYZ '), ...[2000, 1, 1, 0, 0, 0].flatMap(u16), ...ascii('acsp'), ...u32(0), ...u32(0), ...u32(0), ...u32(0), ...u32(0), ...u32(0), ...u32(0), ...d50.flatMap(fixed), ...u32(0));
  while (bytes.length < 128) bytes.push(0);
  bytes.push(...u32(tags.length), ...table, ...data);
  return Uint8Array.from(bytes);
}

/** White of the profile connection space. */
const d50 = [0.9642, 1, 0.8249] as const;
/** From a stored value to light, both 0 to 1 (IEC 61966-2-1, 5.2). */
const linear = (v: number): number => (v <= 0.04045 ? v / 12.92 : ((v + 0.055) / 1.055) ** 2.4);

type Matrix = readonly (readonly number[])[];
const times = (m: Matrix, v: readonly number[]): number[] => m.map((row) => row.reduce((sum, x, i) => sum + x * v[i]!, 0));
function inverse(m: Matrix): number[][] {
  const [[a, b, c], [d, e, f], [g, h, i]] = m as [[number, number, number], [number, number, number], [number, number, number]], det = a * (e * i - f * h) - b * (d * i - f * g) + c * (d * h - e * g);
  return [[e * i - f * h, c * h - b * i, b * f - c * e], [f * g - d * i, a * i - c * g, c * d - a * f], [d * h - e * g, b * g - a * h, a * e - b * d]].map((row) => row.map((x) => x / det));
}
/** XYZ of red, green and blue at full light under D50. */
function adaptedPrimaries(): number[][] {
  const at = ([x, y]: readonly [number, number]): number[] => [x / y, 1, (1 - x - y) / y], primaries = ([[0.64, 0.33], [0.3, 0.6], [0.15, 0.06]] as const).map(at), white = at([0.3127, 0.329]);
  const columns = [0, 1, 2].map((row) => primaries.map((p) => p[row]!)), share = times(inverse(columns), white);
  const cone: Matrix = [[0.8951, 0.2664, -0.1614], [-0.7502, 1.7135, 0.0367], [0.0389, -0.0685, 1.0296]], from = times(cone, white), to = times(cone, d50);
  return primaries.map((p, i) => times(inverse(cone), times(cone, p.map((x) => x * share[i]!)).map((x, k) => (x * to[k]!) / from[k]!)));
}
