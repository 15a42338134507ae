import { init, use as register } from 'echarts/core';
import type { EChartsType } from 'echarts/core';
import { SVGRenderer } from 'echarts/renderers';

register([SVGRenderer]);

/** A chart that fills an element, whatever its size, and what takes it away again. */
export function openChart(element: HTMLElement): {
  readonly chart: EChartsType;
  readonly end: () => void;
} {
  const chart = init(element, undefined, { renderer: 'svg' });
  const follow = new ResizeObserver(() => chart.resize());
  follow.observe(element);
  return {
    chart,
    end: () => {
      follow.disconnect();
      chart.dispose();
    },
  };
}
