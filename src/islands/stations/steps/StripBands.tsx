import type { ProcessPlan } from '../../../core/process/processPlan';
import { clockAt, dayAt, minutesWords } from '../../../core/prose/timeWords';
import { headHeight, type StripFrame } from './stripFrame';

interface Props {
  readonly frame: StripFrame;
  readonly process: ProcessPlan;
  readonly height: number;
}

/** The evenings as bands, each with its day, its hours and what is left of it; nights between them. */
export function StripBands({ frame, process, height }: Props) {
  const { zone } = process.evenings;
  return frame.evenings.map(({ from, to, x, width, until, left }, at) => {
    const next = frame.evenings[at + 1];
    const nights = next ? Math.round((next.from - to) / 86_400_000 + 0.01) || 1 : 0;
    const hours = `${clockAt(from, zone)} to ${clockAt(to, zone)}`;
    return (
      <g key={from}>
        <rect x={x} y={0} width={width} height={height} fill="#fff" />
        <text x={x + 8} y={20} className="font-heading fill-ink text-[16px] font-semibold">
          {dayAt(from, zone)}
        </text>
        {width > 330 && (
          <text x={x + width - 8} y={20} textAnchor="end" className="fill-sheet-muted text-[15px]">
            {hours}
          </text>
        )}
        <path d={`M${x} ${headHeight - 4}h${width}`} stroke="var(--color-hairline)" />
        <path d={quarters(frame, from, until)} stroke="var(--color-control)" />
        {left >= 1 && x + width - frame.xOf(until) > 40 && (
          <text
            x={(frame.xOf(until) + x + width) / 2}
            y={headHeight + 22}
            textAnchor="middle"
            className="fill-sheet-muted text-[15px]"
          >
            {minutesWords(left)} left
          </text>
        )}
        {next && (
          <>
            <path
              d={`M${x + width + 3} 0V${height}M${next.x - 3} 0V${height}`}
              stroke="var(--color-control)"
              strokeDasharray="2 4"
            />
            <text
              x={x + width + (next.x - x - width) / 2}
              y={20}
              textAnchor="middle"
              className="fill-sheet-muted text-[15px]"
            >
              {nights === 1 ? 'night' : `${nights} nights`}
            </text>
          </>
        )}
      </g>
    );
  });
}

/** A mark for each five minutes of the work, higher at the quarters. */
function quarters({ xOf }: StripFrame, from: number, until: number): string {
  const marks: string[] = [];
  for (let minute = 0; from + minute * 60_000 < until; minute += 5)
    marks.push(`M${xOf(from + minute * 60_000)} ${headHeight - 4}v${minute % 15 === 0 ? -7 : -4}`);
  return marks.join('');
}
