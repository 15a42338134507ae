import { BarChart } from 'echarts/charts';
import { GridComponent, TooltipComponent } from 'echarts/components';
import { use as register } from 'echarts/core';
import type { WeightPart } from '../../../core/post/weighCard';
import { writeGrams } from '../../../core/prose/postWords';
import type { WeightShare } from './weightShares';
import { openChart } from '../../parts/openChart';

register([BarChart, GridComponent, TooltipComponent]);

/** What each part is drawn in, and what is written on it. */
const looks: Readonly<Record<WeightPart, { readonly fill: string; readonly ink: string }>> = {
  base: { fill: '#24344d', ink: '#ffffff' },
  papers: { fill: '#d9c39b', ink: '#1e2428' },
  adhesives: { fill: '#ffffff', ink: '#1e2428' },
  embellishments: { fill: '#a42c19', ink: '#ffffff' },
  envelope: { fill: '#f4f5f4', ink: '#1e2428' },
  enclosures: { fill: '#78a8ad', ink: '#1e2428' },
};

/** Draws the bar into an element, and gives what takes it away again. */
export function drawWeight(element: HTMLElement, shares: readonly WeightShare[]): () => void {
  const { chart, end } = openChart(element);
  const whole = shares.reduce((sum, { grams }) => sum + grams, 0);
  chart.setOption({
    animation: false,
    grid: { left: 0, right: 1, top: 4, bottom: 4 },
    tooltip: {
      trigger: 'item',
      formatter: ({ seriesName, value }: { seriesName: string; value: number }) =>
        `${seriesName} ${writeGrams(value)} g`,
    },
    xAxis: { type: 'value', max: whole, show: false },
    yAxis: { type: 'category', data: ['weight'], show: false },
    series: shares.map(({ part, name, grams }) => ({
      type: 'bar' as const,
      name,
      stack: 'all',
      barWidth: 26,
      data: [grams],
      itemStyle: { color: looks[part].fill, borderColor: '#70797d', borderWidth: 1 },
      label: {
        // What is too narrow for its words is told by hovering, and in the rows beneath.
        show: grams / whole > 0.16,
        position: 'insideLeft' as const,
        formatter: `${name} ${writeGrams(grams)}`,
        color: looks[part].ink,
        fontFamily: 'Source Sans 3 Variable, sans-serif',
        fontSize: 14,
      },
    })),
  });
  return end;
}
