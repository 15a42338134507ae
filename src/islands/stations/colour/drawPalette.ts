import { LineChart, ScatterChart } from 'echarts/charts';
import { GridComponent, TooltipComponent } from 'echarts/components';
import { use as register } from 'echarts/core';
import { lchOf } from '../../../core/colour/lch';
import type { Palette } from '../../../core/inking/palette';
import { openChart } from '../../parts/openChart';

register([LineChart, ScatterChart, GridComponent, TooltipComponent]);

const muted = '#424c51';

/** Greys have no hue and stand at the left. */
const hueOf = (colour: string) => lchOf(colour).h ?? 0;

/** Draws the chart into an element, and gives what takes it away again. */
export function drawPalette(element: HTMLElement, { colours, lines }: Palette): () => void {
  const { chart, end } = openChart(element);
  const at = new Map(colours.map(({ key, colour }) => [key, [hueOf(colour), lchOf(colour).l]]));
  const font = { color: muted, fontFamily: 'Source Sans 3 Variable, sans-serif', fontSize: 13 };
  chart.setOption({
    animation: false,
    grid: { left: 34, right: 12, top: 8, bottom: 24 },
    tooltip: { trigger: 'item' },
    xAxis: {
      type: 'value',
      min: 0,
      max: 360,
      interval: 90,
      axisLabel: { ...font, formatter: (hue: number) => hueNames[hue] ?? '' },
      splitLine: { show: false },
    },
    yAxis: {
      type: 'value',
      min: 0,
      max: 100,
      interval: 50,
      axisLabel: font,
      splitLine: { lineStyle: { color: '#b9c0c0' } },
    },
    series: [
      ...lines.map(({ name, colours: keys }) => ({
        type: 'line' as const,
        name,
        silent: true,
        symbol: 'none',
        lineStyle: { color: muted, width: 1 },
        data: keys.flatMap((key) => {
          const point = at.get(key);
          return point ? [point] : [];
        }),
      })),
      {
        type: 'scatter' as const,
        symbolSize: 13,
        z: 5,
        tooltip: { formatter: ({ name }: { name: string }) => name },
        data: colours.map(({ key, item, colour }) => ({
          name: item?.name ?? 'a wish',
          value: at.get(key) ?? [0, 0],
          itemStyle: { color: colour, borderColor: '#ffffff', borderWidth: 1.5 },
        })),
      },
    ],
  });
  return end;
}

/** Where the hues of L*a*b* stand, in degrees. */
const hueNames: Readonly<Record<number, string>> = {
  0: 'red',
  90: 'yellow',
  180: 'green',
  270: 'blue',
  360: 'red',
};
