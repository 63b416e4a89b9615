import { CustomChart, type CustomSeriesOption } from 'echarts/charts';
import { AriaComponent, GridComponent } from 'echarts/components';
import { use as register } from 'echarts/core';
import { SVGRenderer } from 'echarts/renderers';
import { DateTime } from 'luxon';
import { useCallback } from 'react';
import { useChart } from './use-chart.ts';

register([CustomChart, GridComponent, AriaComponent, SVGRenderer]);

/** A stretch on the ruler (open window, waiting time) and a point (due, send by, …). */
export interface RulerSpan { from: number; to: number; kind: 'open' | 'wait' | 'office' }
export interface RulerPoint { at: number; label: string; kind: 'due' | 'plan' | 'soft' }
interface Drawn { value: [number, number, number]; what: RulerSpan['kind'] | RulerPoint['kind'] | 'now'; label: string; row: number }

/** Now, windows, waiting times and deadlines on one line of time. A picture of facts that stand as text beside it. */
export function TimeRuler({ spans, points, now, from, to, zone, label, height = 92 }: { spans: RulerSpan[]; points: RulerPoint[]; now: number; from: number; to: number; zone: string; label: string; height?: number }) {
  const box = useChart(useCallback((chart, colour, width) => {
    const data: Drawn[] = [
      ...spans.map((s): Drawn => ({ value: [s.from, s.to, 0], what: s.kind, label: '', row: 0 })),
      ...spread(points, from, to, width, height).map(({ point, row }): Drawn => ({ value: [point.at, point.at, 0], what: point.kind, label: point.label, row })),
      { value: [now, now, 0], what: 'now', label: 'now', row: 0 },
    ];
    // Beside “now” a date would stand in its way.
    const marks = ticks(from, to, zone).filter(([at]) => Math.abs(at - now) / (to - from) * width > 44);
    chart.setOption({
      animation: false, aria: { enabled: true, label: { description: label } },
      grid: { left: 0, right: 0, top: 0, bottom: 0 }, yAxis: { show: false, min: 0, max: 1 },
      xAxis: { type: 'value', min: from, max: to, show: false },
      series: [{
        type: 'custom', data: data as never, encode: { x: [0, 1] }, clip: true, silent: true,
        renderItem: ((_params: unknown, api: { value(i: number): number; coord(p: number[]): number[] }, ...rest: unknown[]) => {
          void rest;
          const index = (_params as { dataIndex: number }).dataIndex, d = data[index]!;
          const x0 = api.coord([Math.max(from, api.value(0)), 0])[0]!, x1 = api.coord([Math.min(to, api.value(1)), 0])[0]!, middle = height - 34;
          if (d.what === 'open' || d.what === 'wait' || d.what === 'office') return { type: 'rect', shape: { x: x0, y: d.what === 'office' ? middle + 5 : middle - 10, width: Math.max(1, x1 - x0), height: d.what === 'office' ? 5 : 20 }, style: { fill: d.what === 'wait' ? hatch(colour('ochre')) : colour(d.what === 'open' ? 'sea' : 'soft'), opacity: d.what === 'open' ? 0.14 : d.what === 'wait' ? 0.8 : 0.5 } };
          const strong = d.what === 'due' || d.what === 'now', tone = d.what === 'due' ? colour('thread') : d.what === 'now' ? colour('ink') : colour('soft');
          const right = leftOf(x0, width);
          return { type: 'group', children: [
            { type: 'line', shape: { x1: x0, x2: x0, y1: middle - (d.what === 'now' ? 16 : 12), y2: d.what === 'now' ? height - 14 : middle + 12 }, style: { stroke: tone, lineWidth: strong ? 2 : 1.2 } },
            { type: 'text', style: { text: d.label, x: x0 + (right ? -5 : 5), y: d.what === 'now' ? height - 20 : middle - 24 - d.row * 15, fill: tone, font: `${strong ? 600 : 400} 12px 'Source Sans 3 Variable', sans-serif`, align: right ? 'right' : 'left', verticalAlign: 'middle' } },
          ] };
        }) as unknown as CustomSeriesOption['renderItem'],
      }, {
        type: 'custom', data: marks as never, encode: { x: [0] }, silent: true,
        renderItem: ((params: { dataIndex: number }, api: { value(i: number): number; coord(p: number[]): number[] }) => {
          const x = api.coord([api.value(0), 0])[0]!, middle = height - 34;
          return { type: 'group', children: [
            { type: 'line', shape: { x1: x, x2: x, y1: middle - 3, y2: middle + 3 }, style: { stroke: colour('soft') } },
            { type: 'text', style: { text: marks[params.dataIndex]![1], x, y: middle + 18, fill: colour('soft'), font: "12px 'Source Sans 3 Variable', sans-serif", align: 'center', verticalAlign: 'middle' } },
          ] };
        }) as unknown as CustomSeriesOption['renderItem'],
      }],
    }, true);
  }, [spans, points, now, from, to, zone, label, height]));
  return <div ref={box} role="img" aria-label={label} style={{ height, border: '1px solid var(--rule)', background: 'var(--sheet)' }} />;
}

const hatch = (colour: string): object => ({ type: 'linear', x: 0, y: 0, x2: 6, y2: 6, global: true, colorStops: repeating(colour) });
/** A repeating stripe cannot be said as a gradient; a pale tone with the word beside it does. */
function repeating(colour: string): { offset: number; color: string }[] { return [{ offset: 0, color: `${colour}55` }, { offset: 1, color: `${colour}33` }]; }

/** Labels that would run into each other go to further lines; where all are taken a point is left without its label, which stands as text beside the ruler: what is due comes first.
 * @param width - of the ruler in pixels; @param height - as well */
function spread(points: RulerPoint[], from: number, to: number, width: number, height: number): { point: RulerPoint; row: number }[] {
  const rows = Array.from({ length: Math.max(1, Math.floor((height - 52) / 15)) }, (): [number, number][] => []), order = ['due', 'plan', 'soft'];
  return [...points].filter((p) => p.at >= from && p.at <= to).sort((a, b) => order.indexOf(a.kind) - order.indexOf(b.kind) || a.at - b.at).map((point) => {
    const x = ((point.at - from) / (to - from)) * width, long = 12 + point.label.length * letter, [left, right] = leftOf(x, width) ? [x - long, x + 5] : [x - 5, x + long];
    const row = rows.findIndex((taken) => taken.every(([a, b]) => right <= a || left >= b));
    rows[row]?.push([left, right]);
    return row < 0 ? { point: { ...point, label: '' }, row: 0 } : { point, row };
  });
}
/** A letter of a label is about so wide, in pixels; near the right end a label stands before its line. */
const letter = 6.6, leftOf = (x: number, width: number): boolean => x > width - 130;
/** Days, or hours where the stretch is short, in the zone that is shown. */
function ticks(from: number, to: number, zone: string): [number, string][] {
  const out: [number, string][] = [], hours = (to - from) / 3_600_000;
  const step = hours <= 14 ? { hours: 2 } : hours <= 40 ? { hours: 6 } : hours <= 24 * 12 ? { days: 1 } : hours <= 24 * 70 ? { days: 7 } : hours <= 24 * 800 ? { months: 1 } : { years: Math.ceil(hours / (24 * 365 * 12)) };
  let at = DateTime.fromMillis(from, { zone }).startOf('months' in step ? 'month' : 'years' in step ? 'year' : 'day');
  for (let i = 0; i < 400 && at.toMillis() < to; i++, at = at.plus(step)) if (at.toMillis() > from + (to - from) * 0.02 && at.toMillis() < to - (to - from) * 0.02) out.push([at.toMillis(), at.hour === 0 ? at.setLocale('en-GB').toFormat(hours > 24 * 800 ? 'yyyy' : hours > 24 * 70 ? 'LLL yy' : hours > 24 * 12 ? 'd LLL' : hours > 24 * 7 ? 'ccc d' : 'ccc') : at.toFormat('HH:mm')]);
  return out;
}
