import { BarChart, LineChart } from 'echarts/charts';
import { GridComponent, TooltipComponent } from 'echarts/components';
import { use as register } from 'echarts/core';
import { freeAfter, type CopiesPoint } from '../../../core/process/copiesPoint';
import { openChart } from '../../parts/openChart';
import { copiesHeading, moreCopiesWords } from '../../../core/prose/copiesWords';

register([BarChart, LineChart, GridComponent, TooltipComponent]);

const ink = '#24344d';
const room = '#78a8ad';
const muted = '#424c51';
const hairline = '#b9c0c0';
const violet = '#572a86';
const font = { color: muted, fontFamily: 'Source Sans 3 Variable, sans-serif', fontSize: 13 };

/** What is shown, and what stays empty until it is worked out. */
export interface CopiesShown {
  readonly points: readonly CopiesPoint[];
  /** From one copy to so many. */
  readonly most: number;
  /** As many as are made. */
  readonly copies: number;
}

/** A chart in an element, to be drawn anew as more is known. */
export interface DrawnCopies {
  readonly show: (shown: CopiesShown) => void;
  /** Who is told the copies one clicks at. */
  readonly onChoose: (choose: (copies: number) => void) => void;
  readonly end: () => void;
}

const cost = 'Cost of a card';

const rows = [
  { name: 'Sheets', of: ({ sheets }: CopiesPoint) => sheets },
  { name: 'Evenings', of: ({ evenings }: CopiesPoint) => evenings ?? null },
  { name: cost, of: ({ costOfOne }: CopiesPoint) => costOfOne / 100 },
] as const;

/** Sheets, evenings and cost against copies, one over the other. */
export function drawCopies(element: HTMLElement): DrawnCopies {
  const { chart, end } = openChart(element);
  return {
    onChoose: (choose) => {
      chart.off('click');
      chart.on('click', ({ name }) => choose(Number(name)));
    },
    show: (told) => chart.setOption(optionOf(told), true),
    end,
  };
}

function optionOf({ points, most, copies }: CopiesShown) {
  const counts = Array.from({ length: most }, (_, at) => String(at + 1));
  const known = rows.filter(({ of }) => points.some((point) => (of(point) ?? 0) > 0));
  const share = 100 / Math.max(1, known.length);
  return {
    animation: false,
    tooltip: {
      trigger: 'axis' as const,
      formatter: (all: readonly { readonly name: string }[]) => {
        const point = points.find(({ copies: own }) => String(own) === all[0]?.name);
        return point ? `${copiesHeading(point)}<br>${moreCopiesWords(points, point.copies)}` : '';
      },
    },
    axisPointer: { link: [{ xAxisIndex: 'all' as const }] },
    grid: known.map((_, at) => ({
      left: 44,
      right: 8,
      top: `${at * share + 10}%`,
      height: `${share - 17}%`,
    })),
    xAxis: known.map((_, at) => ({
      type: 'category' as const,
      gridIndex: at,
      data: counts,
      axisLabel: { ...font, show: at === known.length - 1 },
      axisTick: { show: false },
      axisLine: { lineStyle: { color: hairline } },
    })),
    yAxis: known.map(({ name }, at) => ({
      type: 'value' as const,
      gridIndex: at,
      name,
      nameLocation: 'end' as const,
      nameGap: 12,
      nameTextStyle: { ...font, align: 'left' as const, padding: [0, 0, 0, -38] },
      splitNumber: 2,
      scale: name === cost,
      minInterval: name === cost ? undefined : 1,
      axisLabel: font,
      splitLine: { lineStyle: { color: hairline } },
    })),
    series: known.map(({ name, of }, at) => {
      const common = { name, xAxisIndex: at, yAxisIndex: at };
      return name === cost
        ? {
            ...common,
            type: 'line' as const,
            lineStyle: { color: ink, width: 1.5 },
            data: points.map((point) => {
              const isMade = point.copies === copies;
              return {
                value: of(point),
                symbol: 'circle',
                symbolSize: isMade ? 11 : 6,
                itemStyle: { color: isMade ? violet : ink },
              };
            }),
          }
        : {
            ...common,
            type: 'bar' as const,
            barCategoryGap: '20%',
            data: points.map((point) => ({
              value: of(point),
              itemStyle: {
                color: freeAfter(points, point.copies) > 0 ? room : ink,
                ...(point.copies === copies && { borderColor: violet, borderWidth: 3 }),
              },
            })),
          };
    }),
  };
}
