import { useRef, useState } from 'react';
import { writeLength } from '../../../core/length/formatLength';
import { TICKS_PER_INCH, TICKS_PER_MILLIMETRE } from '../../../core/length/length';
import type { PostPlan } from '../../../core/post/postPlan';
import type { SectionLine } from '../../../core/post/sectionOf';
import { pathOf } from '../../parts/pathOf';
import { useCardSession } from '../../session/CardSession';
import { heightScale, isDark, toneOf } from './heightTones';
import { boxOfCard, type Section } from './useSection';

/** Beside the card, for the ends of the section line and the figure of the highest place. */
const margin = 24;
/** A figure needs so much room each way; where an area is narrower it goes without. */
const figureRoom = 9;

interface Props {
  readonly post: PostPlan;
  readonly section: Section;
  /** Pixels the card may take. */
  readonly room: { readonly width: number; readonly height: number };
}

/** How many pixels a tick is, so that the card fills its room. */
export function chartScale(post: PostPlan, room: Props['room']): number {
  const { x0, y0, x1, y1 } = boxOfCard(post);
  return Math.min((room.width - 2 * margin) / (x1 - x0), (room.height - 2 * margin) / (y1 - y0));
}

/** The closed card from above, as a sea chart: areas of one height with their figures, the highest places ringed. */
export function HeightChart({ post, section, room }: Props) {
  const { map, peaks } = post;
  const { areas } = useCardSession().post;
  const box = boxOfCard(post);
  const scale = chartScale(post, room);
  const steps = heightScale(map.highest);
  const svg = useRef<SVGSVGElement>(null);
  const [drawn, setDrawn] = useState<SectionLine>();
  const px = (ticks: number) => ticks * scale;
  const pointAt = (event: React.PointerEvent) => {
    const { left, top } = svg.current?.getBoundingClientRect() ?? { left: 0, top: 0 };
    return {
      x: Math.round((event.clientX - left - margin) / scale + box.x0),
      y: Math.round((event.clientY - top - margin) / scale + box.y0),
    };
  };
  const line = drawn ?? section.line;
  const [width, height] = [px(box.x1 - box.x0) + 2 * margin, px(box.y1 - box.y0) + 2 * margin];
  return (
    <svg
      ref={svg}
      width={width}
      height={height}
      role="img"
      aria-label="The closed card from above, by its heights"
      className="cursor-crosshair touch-none select-none"
      onPointerDown={(event) => {
        event.currentTarget.setPointerCapture(event.pointerId);
        const at = pointAt(event);
        setDrawn({ from: at, to: at });
      }}
      onPointerMove={(event) => {
        if (drawn) setDrawn({ ...drawn, to: pointAt(event) });
      }}
      onPointerUp={() => {
        if (!drawn) return;
        const length = Math.hypot(drawn.to.x - drawn.from.x, drawn.to.y - drawn.from.y);
        // A press by itself draws no line.
        if (length > 4 * TICKS_PER_MILLIMETRE) section.cut(drawn);
        setDrawn(undefined);
      }}
      onPointerCancel={() => setDrawn(undefined)}
    >
      <g transform={`translate(${margin - px(box.x0)} ${margin - px(box.y0)})`}>
        {areas.map((area) => (
          <path
            key={area.height}
            d={pathOf(area.outline, scale)}
            fillRule="evenodd"
            fill={toneOf(area.height, steps)}
            stroke="#07606a"
            strokeWidth={0.9}
          />
        ))}
        <LineMark line={line} px={px} />
        {areas.map((area) => {
          if (px(area.room) < figureRoom) return null;
          const tone = toneOf(area.height, steps);
          return (
            <text
              key={area.height}
              x={px(area.label.x)}
              y={px(area.label.y) + 5}
              textAnchor="middle"
              className="text-[14px] font-semibold tabular-nums"
              fill={isDark(tone) ? '#ffffff' : '#1e2428'}
              stroke={tone}
              strokeWidth={4}
              paintOrder="stroke"
            >
              {writeLength(area.height, 'mm')}
            </text>
          );
        })}
        {peaks.map(({ at, top }) => (
          <circle
            key={top ?? 'card'}
            cx={px(at.x)}
            cy={px(at.y)}
            r={15}
            fill="none"
            stroke="#a42c19"
            strokeWidth={2.4}
          />
        ))}
      </g>
    </svg>
  );
}

/** The line of the section, with a letter at each end. */
function LineMark({
  line,
  px,
}: {
  readonly line: SectionLine;
  readonly px: (ticks: number) => number;
}) {
  const { from, to } = line;
  const length = Math.hypot(to.x - from.x, to.y - from.y) || 1;
  const [dx, dy] = [(to.x - from.x) / length, (to.y - from.y) / length];
  const ends = [
    { x: px(from.x) - 14 * dx, y: px(from.y) - 14 * dy },
    { x: px(to.x) + 14 * dx, y: px(to.y) + 14 * dy },
  ];
  return (
    <g>
      <line
        x1={px(from.x) - 6 * dx}
        y1={px(from.y) - 6 * dy}
        x2={px(to.x) + 6 * dx}
        y2={px(to.y) + 6 * dy}
        stroke="#a42c19"
        strokeWidth={1.6}
        strokeDasharray="14 4 3 4"
      />
      {ends.map(({ x, y }, at) => (
        <text
          key={at}
          x={x}
          y={y + 5}
          textAnchor="middle"
          fill="#a42c19"
          className="text-[14px] font-semibold"
        >
          S
        </text>
      ))}
    </g>
  );
}

/** The tones with the heights they stand for, in both units. */
export function HeightLegend({ post }: { readonly post: PostPlan }) {
  const { highest } = post.map;
  const scale = heightScale(highest);
  const ends = Array.from({ length: scale.count + 1 }, (_, at) => at * scale.step);
  const width = 46;
  return (
    <svg
      width={scale.count * width + 60}
      height={50}
      role="img"
      aria-label={`Heights from 0 to ${writeLength(highest, 'mm')} mm, each tone ${scale.step / TICKS_PER_MILLIMETRE} mm`}
    >
      {ends.slice(1).map((end, at) => (
        <rect
          key={end}
          x={14 + at * width}
          y={1}
          width={width}
          height={12}
          fill={toneOf(end, scale)}
          stroke="#07606a"
        />
      ))}
      {ends.map((end, at) => (
        <text
          key={end}
          x={14 + at * width}
          textAnchor="middle"
          className="fill-sheet-muted text-[13px] tabular-nums"
        >
          <tspan x={14 + at * width} y={28}>
            {Math.round((end / TICKS_PER_MILLIMETRE) * 10) / 10}
          </tspan>
          <tspan x={14 + at * width} y={45}>
            {Math.round((end / TICKS_PER_INCH) * 640) / 10}
          </tspan>
        </text>
      ))}
      <text className="fill-sheet-muted text-[13px]">
        <tspan x={14 + scale.count * width + 18} y={28}>
          mm
        </tspan>
        <tspan x={14 + scale.count * width + 18} y={45}>
          ⁄64
        </tspan>
      </text>
    </svg>
  );
}
