import { init, type ECharts } from 'echarts/core';
import { useEffect, useRef, type RefObject } from 'react';

/** A chart in a box: made once, as wide as its box, drawn anew when what it shows changes or the colours of the application do.
 * @param draw - sets the chart's options; `colour` gives the house's tones by name. Must keep its identity while nothing changes. */
export function useChart(draw: (chart: ECharts, colour: (name: string) => string, width: number) => void): RefObject<HTMLDivElement | null> {
  const box = useRef<HTMLDivElement>(null), chart = useRef<ECharts | null>(null);
  useEffect(() => {
    const node = box.current!, made = init(node, undefined, { renderer: 'svg' }), watch = new ResizeObserver(() => made.resize());
    chart.current = made;
    watch.observe(node);
    return () => { watch.disconnect(); made.dispose(); chart.current = null; };
  }, []);
  useEffect(() => {
    const again = (): void => {
      const css = getComputedStyle(document.documentElement);
      if (chart.current) draw(chart.current, (name) => css.getPropertyValue(`--${name}`).trim(), box.current!.clientWidth);
    };
    again();
    // The scheme may be the machine's or the student's own choice.
    const chosen = new MutationObserver(again), machine = matchMedia('(prefers-color-scheme: dark)');
    chosen.observe(document.documentElement, { attributes: true, attributeFilter: ['data-scheme'] });
    machine.addEventListener('change', again);
    return () => { chosen.disconnect(); machine.removeEventListener('change', again); };
  }, [draw]);
  return box;
}
