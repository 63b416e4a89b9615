import type { Box, LayoutFacts, PageFacts } from '../../model/facts.ts';
import { singleSpacingOf } from '../../tables/faces.ts';
import { spacingOf } from '../layout-tally.ts';
import { passagesSetOtherwise, pagesSetWider } from './layout-outliers.ts';
import { plainFont } from './plain-font.ts';

export interface MeasuredLine { box: Box; size: number; font: string; text: string; head: boolean; newBlock: boolean; /** in a table or a note, which are smaller by custom */ small?: boolean }

/** Measures the layout from where the lines are: dominant size and face by characters, spacing from one line to the next, margins from the ink.
 * Running heads are not part of the text block. Null where there is too little text to measure. */
export function measureLayout(lines: MeasuredLine[][], pages: PageFacts[]): LayoutFacts | null {
  const body = lines.map((l) => l.filter((x) => !x.head && x.text.trim() !== '')), all = body.flat();
  const characters = all.reduce((n, l) => n + l.text.length, 0);
  if (characters < 200) return null;
  const inHalves = (own: MeasuredLine[]): [number, number][] => tally(own.map((l) => [Math.round(l.size * 2) / 2, l.text.length])), sizes = inHalves(all), fonts = tally(tally(all.map((l) => [l.font, l.text.length])).map(([font, n]) => [plainFont(font), n]));
  const sizePt = sizes[0]![0], main = (l: MeasuredLine): boolean => Math.abs(l.size - sizePt) < 0.3;
  const steps: [number, number][] = [];
  for (const page of body) for (let i = 1; i < page.length; i++) {
    const [a, b] = [page[i - 1]!, page[i]!];
    if (!main(a) || !main(b)) continue;
    const step = b.box[3] - a.box[3];
    if (step > sizePt * 0.8 && step < sizePt * 4) steps.push([Math.round(step * 10) / 10, 1]);
  }
  // Some programs set lines on whole points or pixels, so those that are 11.5 apart are 11 or 12: what they are is their mean.
  const usual = tally(steps)[0]?.[0], near = usual === undefined ? [] : steps.map(([s]) => s).filter((s) => Math.abs(s - usual) <= 1.05), step = near.length === 0 ? undefined : near.reduce((n, s) => n + s, 0) / near.length;
  const inches = (points: number): number => Math.round((points * 25.4) / 72 * 10) / 10;
  // The edge that a twentieth of the lines go beyond is an outlier's, not the block's.
  const wider = pagesSetWider(body, pages), isWide = new Set(wider.map((o) => o.page));
  const full = body.flatMap((page, i) => (isWide.has(i + 1) ? [] : page).filter(main).map((l) => ({ left: l.box[0], right: pages[i]!.width - l.box[2] })));
  const vertical = body.flatMap((page, i) => (page.length > 8 ? [{ top: Math.min(...page.map((l) => l.box[1])), bottom: pages[i]!.height - Math.max(...page.map((l) => l.box[3])) }] : []));
  const lineSpacing = step === undefined ? null : inTwentieths(spacingOf(step, sizePt, singleSpacingOf(fonts[0]?.[0] ?? ''))), marginsMm = full.length < 5 ? null : { left: inches(quantile(full.map((f) => f.left), 0.05)), right: inches(quantile(full.map((f) => f.right), 0.05)), top: vertical.length ? inches(Math.min(...vertical.map((v) => v.top))) : null, bottom: vertical.length ? inches(Math.min(...vertical.map((v) => v.bottom))) : null };
  return {
    source: 'measured', sizePt, fonts: fonts.slice(0, 6).map(([name, n]) => ({ name, share: Math.round((n / characters) * 1000) / 1000 })), otherSizes: inHalves(all.filter((l) => !l.small)).filter(([s, n]) => s !== sizePt && n > characters * 0.01).map(([s]) => s).slice(0, 6),
    lineSpacing, marginsMm,
    outliers: [...passagesSetOtherwise(body, { sizePt, face: fonts[0]?.[0] ?? '', lineSpacing, spacing: (step, size, face) => inTwentieths(spacingOf(step, size, singleSpacingOf(face))) }), ...wider],
  };
}

function tally<T>(rows: [T, number][]): [T, number][] {
  const counts = new Map<T, number>();
  for (const [key, n] of rows) counts.set(key, (counts.get(key) ?? 0) + n);
  return [...counts].sort((a, b) => b[1] - a[1]);
}
const quantile = (values: number[], q: number): number => [...values].sort((a, b) => a - b)[Math.floor(values.length * q)] ?? 0;
const inTwentieths = (n: number): number => Math.round(n * 20) / 20;
